import type { ReactElement } from 'react'
import { type FacingPiece, readStack, type Toward } from '../../core/axle'
import { type Asked, orderOf, placesOf, threadOf, type Worked, type WorkingId } from '../../core/workings'
import { drawn as say } from '../../words/en/workings'
import { INK } from '../shared/board'
import { TALL } from '../shared/piece-tall'

/** What a drawing is drawn from: figures as they were read, and what came out. Sizes in mm. */
export interface Drawn {
  readonly n: (id: string) => number
  readonly has: (id: string) => boolean
  readonly word: (id: string) => string
  readonly worked: Worked
  readonly stands?: Stands
}
/** How the machine stands now: have its ends changed places, and where a direction of it points. */
export interface Stands {
  readonly mirrored: boolean
  readonly now: (toward: Toward) => string
}
type Drawing = (of: Drawn) => ReactElement

export const drawnFrom = (asked: readonly Asked[], worked: Worked, stands?: Stands): Drawn => {
  const by = new Map(asked.map((a) => [a.id, a]))
  return {
    n: (id) => by.get(id)?.value ?? 0,
    has: (id) => by.get(id)?.value !== undefined,
    word: (id) => by.get(id)?.word ?? '',
    worked,
    ...(stands ? { stands } : {}),
  }
}

const STEEL = 'fill-[#b9c0c6]'
const PLATE = 'fill-[#5d6871]'
const COPPER = 'fill-[#d8884f]'
const LINE = 'stroke-[#26313b]'
const THIN = 'stroke-[#aab3ba]'

function Text({
  x,
  y,
  anchor = 'middle',
  bold = false,
  children,
}: {
  readonly x: number
  readonly y: number
  readonly anchor?: 'start' | 'middle' | 'end'
  readonly bold?: boolean
  readonly children: string
}) {
  return (
    <text x={x} y={y} textAnchor={anchor} className={`${INK.text} text-[13.5px] ${bold ? 'font-bold' : ''}`}>
      {children}
    </text>
  )
}

/** A width between two marks, with its figure over it. */
function Span({
  from,
  to,
  y,
  text,
  bad = false,
}: {
  readonly from: number
  readonly to: number
  readonly y: number
  readonly text: string
  readonly bad?: boolean
}) {
  const [a, b] = [Math.min(from, to), Math.max(from, to)]
  // Over what is drawn in the same colour it is not read.
  const beside = bad && b - a < 60
  const ink = bad ? 'stroke-[#f0776b]' : THIN
  return (
    <g>
      <path d={`M${a} ${y - 5}V${y + 5}M${b} ${y - 5}V${y + 5}M${a} ${y}H${b}`} className={`fill-none ${ink}`} strokeWidth={bad ? 2 : 1} />
      <text
        x={beside ? a - 8 : (a + b) / 2}
        y={beside ? y + 5 : y - 6}
        textAnchor={beside ? 'end' : 'middle'}
        className={`text-[13.5px] font-bold ${bad ? 'fill-[#f6a49b]' : INK.text}`}
      >
        {text}
      </text>
    </g>
  )
}

const one = (x: number): string => String(Number(x.toFixed(2))).replace('-', '−')

/** How long a screw in its hole is drawn, mm, and in how many units a mm. */
function holeDrawn({ n, has, word }: Drawn): { readonly d: number; readonly depth: number; readonly px: number } {
  const d = threadOf(word('thread')).d
  const [length, over] = [n('length'), n('stack') + n('washers')]
  const depth = has('depth') ? n('depth') : Math.max(2, length - over + 2)
  return { d, depth, px: Math.min(360 / (Math.max(length, over + depth) + d + 5), 98 / (2 * d)) }
}

/** A screw in section, along its axis from left to right, to scale: head, washers, what is clamped, thread, what is behind. */
const hole: Drawing = (of) => {
  const { n, has, word, worked } = of
  const { d, depth, px } = holeDrawn(of)
  const [length, washers, stack] = [n('length'), n('washers'), n('stack')]
  const x0 = 30 + d * px
  const at = (mm: number): number => x0 + mm * px
  const mid = 88
  const half = (d * px) / 2
  const end = at(length)
  const wall = at(washers + stack + depth)
  const bad = worked.verdict === 'stop'
  const behind = word('behind')
  return (
    <>
      {/* What is clamped, and what the thread is cut in, above and below the screw. */}
      {[-1, 1].map((way) => (
        <g key={way}>
          {washers > 0 ? (
            <rect
              x={at(0)}
              width={washers * px}
              y={way < 0 ? mid - half * 2.1 : mid + half}
              height={half * 1.1}
              className={`fill-[#e3b341] ${LINE}`}
            />
          ) : null}
          <rect
            x={at(washers)}
            width={stack * px}
            y={way < 0 ? mid - half * 3 : mid + half}
            height={half * 2}
            className={`fill-[#8d979f] ${LINE}`}
          />
          <rect
            x={at(washers + stack)}
            width={depth * px}
            y={way < 0 ? mid - half * 3 : mid + half}
            height={half * 2}
            className={`${PLATE} ${LINE}`}
          />
        </g>
      ))}
      <rect x={at(washers + stack)} width={depth * px} y={mid - half} height={half * 2} className="fill-[#1b242c]" />
      {behind === 'nothing' ? null : (
        <rect
          x={wall}
          width={Math.max(8, 420 - wall)}
          y={14}
          height={156}
          className={has('depth') ? COPPER : 'fill-none stroke-[#d8884f]'}
          strokeDasharray={has('depth') ? undefined : '5 4'}
        />
      )}
      <rect x={x0 - d * px} width={d * px} y={mid - half * 1.6} height={half * 3.2} rx="3" className={`${STEEL} ${LINE}`} />
      <rect
        x={x0}
        width={length * px}
        y={mid - half * 0.94}
        height={half * 1.88}
        className={`${bad ? 'fill-[#f0776b]' : 'fill-[#dfe3e6]'} ${LINE}`}
      />
      {Array.from({ length: Math.min(60, Math.floor(length * 1.25)) }, (_, i) => (
        <line
          key={i}
          x1={x0 + (i / 1.25) * px + 3}
          x2={x0 + (i / 1.25) * px}
          y1={mid - half * 0.94}
          y2={mid + half * 0.94}
          className={LINE}
          strokeWidth="1"
        />
      ))}
      {has('depth') && behind !== 'nothing' ? (
        <Span from={end} to={wall} y={30} text={`${one(worked.result?.value ?? 0)} mm`} bad={bad} />
      ) : null}
      <Text x={at(length / 2)} y={180}>
        {say.screw(one(length), one(Math.max(0, length - washers - stack)))}
      </Text>
    </>
  )
}

const openingDrawn = ({ n }: Drawn): number => 330 / Math.max(n('hub') + n('left') + n('right'), n('opening'), 1)

/** Hub and pieces between the two faces of a frame, to scale; what is too wide stands over. */
const opening: Drawing = (of) => {
  const { n, worked } = of
  const [hub, left, right, open] = [n('hub'), n('left'), n('right'), n('opening')]
  const over = hub + left + right
  const px = openingDrawn(of)
  const mid = 210
  const start = mid - (over * px) / 2
  const bad = worked.verdict === 'spreads the frame'
  const face = (side: 1 | -1): number => mid + side * ((open * px) / 2)
  return (
    <>
      <rect x={start + left * px} width={hub * px} y={52} height={72} rx="10" className={PLATE} />
      <Text x={start + (left + hub / 2) * px} y={92} bold>{`${one(hub)}`}</Text>
      <rect x={start} width={left * px} y={62} height={52} className={`${COPPER} ${LINE}`} />
      <rect x={start + (left + hub) * px} width={right * px} y={62} height={52} className={`${COPPER} ${LINE}`} />
      {([-1, 1] as const).map((side) => (
        <rect
          key={side}
          x={side < 0 ? face(-1) - 16 : face(1)}
          width={16}
          y={28}
          height={120}
          className={bad ? 'fill-[#f0776b]/60' : STEEL}
        />
      ))}
      <Span from={face(-1)} to={face(1)} y={26} text={say.open(one(open))} />
      <Span from={start} to={start + over * px} y={158} text={say.overAll(one(over))} bad={bad} />
    </>
  )
}

/** Both ends of a shaft with their pieces by number, widths to scale, as the machine stands now, seen from behind it. */
const shaft: Drawing = ({ n, has, word, worked, stands }) => {
  const ends = (['left', 'right'] as const).map((side) => {
    const read = readStack(word(side))
    const pieces = 'fault' in read ? [] : read.pieces
    const out = has(`${side}Out`) ? n(`${side}Out`) : 0
    return {
      side,
      pieces,
      wide: Math.max(
        out,
        pieces.reduce((sum, p) => sum + p.width.value, 0),
      ),
      out,
    }
  })
  const px = Math.min(9, 128 / Math.max(...ends.map((e) => e.wide), 1))
  const bad = worked.verdict === 'spreads the frame'
  const shown = stands?.mirrored ? [ends[1]!, ends[0]!] : ends
  return (
    <>
      <rect x={150} width={120} y={50} height={84} rx="10" className={PLATE} />
      {has('hub') ? (
        <Text x={210} y={97} bold>
          {one(n('hub'))}
        </Text>
      ) : null}
      {shown.map(({ side, pieces, out }, k) => {
        const way = k === 0 ? -1 : 1
        const foot = k === 0 ? 150 : 270
        const wide = pieces.reduce((sum, p) => sum + p.width.value, 0)
        // From the hub outward: the last of the stack lies against it.
        let at = 0
        return (
          <g key={side}>
            <rect
              x={way < 0 ? foot - Math.max(out, wide) * px - 6 : foot}
              width={Math.max(out, wide) * px + 6}
              y={86}
              height={12}
              className="fill-[#dfe3e6]"
            />
            {[...pieces].reverse().map((p, i) => {
              const x = way < 0 ? foot - (at + p.width.value) * px : foot + at * px
              at += p.width.value
              const number = pieces.length - i
              return (
                <PieceDrawn key={number} piece={p} number={number} x={x} wide={p.width.value * px} way={way} bad={bad} stands={stands} />
              )
            })}
            <Text x={way < 0 ? 20 : 400} y={178} anchor={way < 0 ? 'start' : 'end'}>
              {say.end(side)}
            </Text>
          </g>
        )
      })}
      {stands ? (
        <Text x={210} y={178}>
          {say.asItStands}
        </Text>
      ) : null}
    </>
  )
}

function PieceDrawn({
  piece: { purpose, face, to, turns },
  number,
  x,
  wide,
  way,
  bad,
  stands,
}: {
  readonly piece: FacingPiece
  readonly number: number
  readonly x: number
  readonly wide: number
  /** −1 where outward is to the left. */
  readonly way: 1 | -1
  readonly bad: boolean
  readonly stands: Stands | undefined
}) {
  const h = TALL[purpose]
  const [top, bottom, mid] = [92 - h / 2, 92 + h / 2, x + wide / 2]
  const fill = purpose === 'frame' ? (bad ? 'fill-[#f0776b]' : PLATE) : purpose === 'nut' || purpose === 'cap' ? COPPER : STEEL
  const cut = face === 'bevel' ? Math.min(wide * 0.6, 8) : 0
  const [cutLeft, cutRight] = to === undefined || cut === 0 ? [0, 0] : (to === 'out') === way < 0 ? [cut, 0] : [0, cut]
  const points = to === undefined || to === 'in' || to === 'out' ? null : stands ? stands.now(to) : to
  return (
    <g>
      <path
        d={`M${x + cutLeft} ${top}H${x + wide - cutRight}L${x + wide} ${top + cutRight}V${bottom - cutRight}L${x + wide - cutRight} ${bottom}H${x + cutLeft}L${x} ${bottom - cutLeft}V${top + cutLeft}z`}
        className={`${fill} ${LINE}`}
        {...(turns ? { strokeDasharray: '4 3', fillOpacity: 0.45 } : {})}
      />
      {points === null ? null : <Mark x={mid} points={points} top={top} bottom={bottom} />}
      <Text x={mid} y={number % 2 === 0 ? 12 : 24}>{`${number}`}</Text>
    </g>
  )
}

/** Where a tab or key points, as one sees it from behind. */
function Mark({ x, points, top, bottom }: { readonly x: number; readonly points: string; readonly top: number; readonly bottom: number }) {
  const [first] = points.split(' ')
  const d =
    first === 'up'
      ? `M${x - 6} ${top}h12l-6 -10z`
      : first === 'down'
        ? `M${x - 6} ${bottom}h12l-6 10z`
        : first === 'left'
          ? `M${x - 3} ${top + 14}v12l-10 -6z`
          : first === 'right'
            ? `M${x + 3} ${top + 14}v12l10 -6z`
            : `M${x - 5} ${top + 14}a5 5 0 1 0 10 0a5 5 0 1 0 -10 0`
  return <path d={d} className="fill-[#e3b341] stroke-[#26313b]" data-points={points} />
}

/** The end of an axle with its nut, and what shows. */
const past: Drawing = ({ n, has, word, worked }) => {
  const d = threadOf(word('thread')).d
  const [out, under, nut] = [n('standsOut'), n('under'), n('nut')]
  const px = Math.min(300 / Math.max(out, under + nut + 2), 80 / d)
  const x0 = 70
  const mid = 92
  const half = (d * px) / 2
  const bad = worked.verdict === 'not a full nut' || worked.verdict === 'cap bottoms'
  const cap = has('capDepth') ? n('capDepth') : null
  return (
    <>
      <rect x={20} width={50} y={32} height={120} rx="10" className={PLATE} />
      <rect x={x0} width={under * px} y={mid - half * 2} height={half * 4} className={`${STEEL} ${LINE}`} />
      <rect x={x0 + under * px} width={nut * px} y={mid - half * 1.7} height={half * 3.4} rx="3" className={`${COPPER} ${LINE}`} />
      {cap === null ? null : (
        <rect x={x0 + under * px} width={cap * px} y={mid - half * 1.05} height={half * 2.1} className="fill-[#1b242c]" />
      )}
      <rect
        x={x0}
        width={out * px}
        y={mid - half * 0.95}
        height={half * 1.9}
        className={`${bad ? 'fill-[#f0776b]' : 'fill-[#dfe3e6]'} ${LINE}`}
        fillOpacity={0.85}
      />
      <Span from={x0 + (under + (cap ?? nut)) * px} to={x0 + out * px} y={28} text={`${one(worked.result?.value ?? 0)} mm`} bad={bad} />
    </>
  )
}

/** A bearing in its seat, in section: floor, shim, ring, collar. */
const seat: Drawing = ({ n, worked }) => {
  const [depth, width, collar] = [n('depth'), n('bearing'), n('collar')]
  const shim = worked.also?.find((f) => f.id === 'shim')?.value ?? 0
  const play = worked.result?.value ?? 0
  const px = 250 / Math.max(depth, width + collar, 1)
  const x0 = 60
  const bad = worked.verdict === 'rubs'
  const end = x0 + (Math.min(shim, Math.max(0, play)) + width) * px
  return (
    <>
      <path d={`M30 24H${x0 + depth * px}V46H${x0}V140H${x0 + depth * px}V162H30z`} className={PLATE} />
      <rect x={x0} width={Math.max(shim > 0 ? 3 : 0, shim * px)} y={46} height={26} className="fill-[#e3b341]" />
      <rect x={x0} width={Math.max(shim > 0 ? 3 : 0, shim * px)} y={114} height={26} className="fill-[#e3b341]" />
      {/* Outer rings, ball, inner rings. */}
      {[46, 114].map((y) => (
        <rect key={y} x={x0 + shim * px} width={width * px} y={y} height={26} className={`${STEEL} ${LINE}`} />
      ))}
      <rect x={x0 + shim * px} width={width * px} y={82} height={22} className={`fill-[#8d979f] ${LINE}`} />
      <rect x={end} width={collar * px} y={46} height={94} className={`${bad ? 'fill-[#f0776b]' : COPPER} ${LINE}`} />
      <Span from={x0 + depth * px} to={end + collar * px} y={20} text={say.play(one(play))} bad={bad} />
      <Text x={x0 + (width * px) / 2} y={97}>{`${one(width)}`}</Text>
    </>
  )
}

/** Screws from above, with the order in which they are tightened. */
const turns: Drawing = ({ n, word }) => {
  const count = Math.round(n('count'))
  const order = orderOf(count, word('laid'))
  const at = new Map(order.map((screw, i) => [screw, i + 1]))
  const ring = word('laid') === 'in a ring'
  const wide = ring ? 60 : 180
  return (
    <>
      <rect x={ring ? 122 : 210 - wide - 24} y={4} width={ring ? 176 : 2 * wide + 48} height={176} rx={ring ? 88 : 10} className={PLATE} />
      {placesOf(count, word('laid')).map((p, i) => (
        <g key={i}>
          <circle cx={210 + wide * p.x} cy={92 + (ring ? 60 : 66) * p.y} r={count > 16 ? 8 : 11} className={`${STEEL} ${LINE}`} />
          <text
            x={210 + wide * p.x}
            y={92 + (ring ? 60 : 66) * p.y + 5}
            textAnchor="middle"
            className="fill-[#15202b] text-[13.5px] font-bold"
          >{`${at.get(i)}`}</text>
          <text
            x={210 + wide * p.x + (ring ? 20 * p.x : 0)}
            y={92 + (ring ? 79 : 66) * p.y + (ring ? 4 : p.y > 0 ? 30 : -20)}
            textAnchor="middle"
            className="fill-[#dfe3e6] text-[12px]"
          >{`${i + 1}`}</text>
        </g>
      ))}
    </>
  )
}

/** A wrench and its adapter from above. */
const lever: Drawing = ({ n, worked }) => {
  const [length, reach, angle] = [n('length'), n('reach'), (n('angle') * Math.PI) / 180]
  const px = 300 / (length + Math.max(reach, 1))
  const x0 = 380 - length * px
  const [hx, hy] = [x0 - reach * px * Math.cos(angle), 100 - reach * px * Math.sin(angle)]
  return (
    <>
      <line x1={x0} y1={100} x2={380} y2={100} className="stroke-[#b9c0c6]" strokeWidth="12" strokeLinecap="round" />
      <line x1={x0} y1={100} x2={hx} y2={hy} className="stroke-[#d8884f]" strokeWidth="10" strokeLinecap="round" />
      <circle cx={hx} cy={hy} r="13" className={`${STEEL} ${LINE}`} />
      <circle cx={x0} cy={100} r="9" className="fill-[#5d6871]" />
      <Span from={x0} to={380} y={136} text={`${one(length)} mm`} />
      <Text x={210} y={40} bold>
        {say.lever(one(n('torque')), one(worked.result?.value ?? 0))}
      </Text>
    </>
  )
}

/** An axle’s flats in their slot, from the end: where they bear when the motor pulls. */
const flats: Drawing = ({ n, word, worked }) => {
  const d = threadOf(word('thread')).d
  const w = n('flats')
  const px = 110 / d
  const [cx, cy, r] = [120, 92, (d * px) / 2]
  const hw = (w * px) / 2
  const c = Math.sqrt(Math.max(0, r * r - hw * hw))
  const bad = worked.verdict === 'arm wanted'
  const pressure = worked.also?.find((f) => f.id === 'loose')?.value ?? 0
  return (
    <>
      <rect x={20} width={200} y={14} height={cy - hw - 14} className={PLATE} />
      <rect x={20} width={200} y={cy + hw} height={170 - cy - hw} className={PLATE} />
      <path
        d={`M${cx - c} ${cy - hw}H${cx + c}A${r} ${r} 0 0 1 ${cx + c} ${cy + hw}H${cx - c}A${r} ${r} 0 0 1 ${cx - c} ${cy - hw}z`}
        className={`${STEEL} ${LINE}`}
      />
      {/* Pressure grows evenly along the half that is pushed in. */}
      <path d={`M${cx} ${cy - hw}H${cx + c}V${cy - hw - 22}z`} className={bad ? 'fill-[#f0776b]' : COPPER} />
      <path d={`M${cx} ${cy + hw}H${cx - c}V${cy + hw + 22}z`} className={bad ? 'fill-[#f0776b]' : COPPER} />
      <Text x={245} y={60} anchor="start" bold>
        {say.toHold(one(worked.result?.value ?? 0))}
      </Text>
      <Text x={245} y={84} anchor="start">
        {say.loose(Math.round(pressure))}
      </Text>
      <Text x={245} y={108} anchor="start">
        {say.tight(Math.round(worked.also?.find((f) => f.id === 'tight')?.value ?? 0))}
      </Text>
    </>
  )
}

/** A belt over its span, giving under the pull. */
const span: Drawing = ({ n, worked }) => {
  const give = Math.min(60, 8 + n('gives') * 3)
  return (
    <>
      <circle cx={70} cy={84} r={36} className={STEEL} />
      <circle cx={350} cy={84} r={36} className={STEEL} />
      <path d={`M70 48L210 ${48 + give}L350 48`} className="fill-none stroke-[#d8884f]" strokeWidth="6" />
      <path d="M70 120H350" className="fill-none stroke-[#d8884f]" strokeWidth="6" />
      <Text x={210} y={26} bold>{`${Math.round(worked.result?.value ?? 0)} N`}</Text>
      <Text x={210} y={154}>
        {say.free(one(n('span')))}
      </Text>
    </>
  )
}

/** Drawings, by working; what has none is told in figures only. */
/** Of what is drawn to scale all over: units of the drawing for a mm. */
export const SCALES: Partial<Readonly<Record<WorkingId, (of: Drawn) => number>>> = {
  'length-in-hole': (of) => holeDrawn(of).px,
  'over-opening': openingDrawn,
}

export const DRAWINGS: Partial<Readonly<Record<WorkingId, Drawing>>> = {
  'length-in-hole': hole,
  'shaft-stack': shaft,
  pattern: turns,
  'over-opening': opening,
  'thread-left': past,
  shim: seat,
  adapter: lever,
  reaction: flats,
  belt: span,
}
