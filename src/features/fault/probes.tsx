import { type Dial, dialOf, type Test } from '../../core/diagnosis'
import { faceOf, type OnFace, placedOn } from '../../core/harness'
import type { DriveUnit } from '../../core/machine'
import { dialSaid, dialSign, probesSaid, sideSaid, USUALLY } from '../../words/en/probing'
import { Board, INK } from '../shared/board'
import { useJob } from '../shared/context'
import { PlugFace } from '../shared/plug-face'

const RED = '#e2574a'
const BLACK = '#0b0d0f'

/** Where the probes go, on the face of the plug; what it is read with, and how that is set. Nothing where a test is at no plug. */
export default function Probes({
  test,
  drive,
  at = 0,
  beside = false,
}: {
  readonly test: Test
  readonly drive: Pick<DriveUnit, 'id' | 'kind'>
  /** Which figure of it is read now. */
  readonly at?: number
  /** Picture and words side by side, where what is keyed in has to be in sight too. */
  readonly beside?: boolean
}) {
  const { file } = useJob()
  const dial = dialOf(test)
  const where = test.probe ? placedOn(file ?? null, drive, test.probe) : null
  if (!where) return dial ? <DialLine dial={dial} /> : null
  const room = 420 / where.faces.length
  const laid = where.faces.map((on) => {
    const face = faceOf(on.plug, on.side)
    const most = face.body === 'circle' ? 130 : 112
    return { on, face, by: Math.min((room - 36) / face.width, most / face.height, 1.6) }
  })
  const tall = Math.max(...laid.map(({ face, by }) => face.height * by))
  return (
    <figure className={`grid items-start gap-x-3 gap-y-1 ${beside ? 'sm:grid-cols-2' : ''}`}>
      {dial ? (
        <div className={beside ? 'sm:col-span-2' : ''}>
          <DialLine dial={dial} />
        </div>
      ) : null}
      <Board label={probesSaid(where).join(' ')} viewBox={`0 0 420 ${tall + 100}`}>
        {laid.map(({ on, face, by }, i) => {
          const x = room * i + (room - face.width * by) / 2
          const y = 50 + (tall - face.height * by) / 2
          const touched = new Set([...on.red, ...on.black, ...on.clamp].map((p) => p.n))
          const seat = (n: number): readonly [number, number, number] => {
            const own = face.pins.find((p) => p.n === n)!
            return [x + own.x * by, y + own.y * by, own.r * by]
          }
          // Round a wire, and on a circle, words would lie over what is drawn: the lines below have them.
          const bare = on.clamp.length > 0 || face.body === 'circle'
          const words = (n: number): string | null =>
            !bare && touched.has(n) ? (on.plug.pins.find((p) => p.n === n)?.function ?? null) : null
          return (
            <g key={on.plug.id}>
              {where.faces.length > 1 ? (
                <text x={room * (i + 0.5)} y={tall + 88} textAnchor="middle" className={`narrow ${INK.text} text-[13px]`}>
                  {on.plug.name}
                </text>
              ) : null}
              <PlugFace plug={on.plug} face={face} side={on.side} x={x} y={y} by={by} words={words} />
              <Touches
                on={on}
                seat={seat}
                first={at}
                each={where.probing.kind === 'probes' && where.probing.each === true}
                bottom={tall + 66}
              />
            </g>
          )
        })}
        {where.frame ? <Frame x={388} y={tall + 44} /> : null}
      </Board>
      <figcaption className="grid gap-0.5">
        {probesSaid(where).map((line) => (
          <span key={line} className="text-[15.5px] leading-snug">
            {line}
          </span>
        ))}
        <span className="text-[14px] leading-snug text-steel">{sideSaid(where)}</span>
        {!file ? <span className="text-[14px] leading-snug text-look">{USUALLY}</span> : null}
      </figcaption>
    </figure>
  )
}

/** Probes as they stand: red from above, black from below; of several pins each is ringed, the one that is read now has the probe on it. */
function Touches({
  on,
  seat,
  first,
  each,
  bottom,
}: {
  readonly on: OnFace
  readonly seat: (n: number) => readonly [number, number, number]
  readonly first: number
  readonly each: boolean
  readonly bottom: number
}) {
  const ring = (n: number, ink: string, far: number): React.ReactNode => {
    const [x, y, r] = seat(n)
    return <circle key={`${ink}${n}`} cx={x} cy={y} r={r + far} fill="none" stroke={ink} strokeWidth={3} />
  }
  const red = on.red[first] ?? on.red[0]
  const black = on.black[first] ?? on.black[0]
  const [wire] = on.clamp
  // As many of each on one face go in pairs: the pair that is read now.
  const pairs = !each && on.red.length > 1 && on.red.length === on.black.length
  return (
    <g>
      {(pairs ? [red!] : on.red).map((p) => ring(p.n, RED, 4))}
      {(pairs ? [black!] : on.black).map((p) => ring(p.n, BLACK, 4))}
      {red ? <Probe from={[seat(red.n)[0] + 30, 6]} to={seat(red.n)} ink={RED} /> : null}
      {black ? <Probe from={[seat(black.n)[0] - 34, bottom + 24]} to={seat(black.n)} ink={BLACK} /> : null}
      {wire ? <Jaws at={seat(wire.n)} /> : null}
    </g>
  )
}

function Probe({
  from,
  to: [x, y, r],
  ink,
}: {
  readonly from: readonly [number, number]
  readonly to: readonly [number, number, number]
  readonly ink: string
}) {
  const [dx, dy] = [x - from[0], y - from[1]]
  const far = Math.hypot(dx, dy)
  const edge = [x - (dx / far) * r * 0.5, y - (dy / far) * r * 0.5] as const
  const grip = [from[0] + dx * 0.42, from[1] + dy * 0.42] as const
  return (
    <g>
      <line x1={grip[0]} y1={grip[1]} x2={edge[0]} y2={edge[1]} stroke="#e9e4d9" strokeWidth={3} strokeLinecap="round" />
      <line x1={from[0]} y1={from[1]} x2={grip[0]} y2={grip[1]} stroke="#e9e4d9" strokeWidth={13} strokeLinecap="round" />
      <line x1={from[0]} y1={from[1]} x2={grip[0]} y2={grip[1]} stroke={ink} strokeWidth={10} strokeLinecap="round" />
    </g>
  )
}

/** The jaws of a clamp round one wire. */
function Jaws({ at: [x, y, r] }: { readonly at: readonly [number, number, number] }) {
  return (
    <g fill="none" stroke="#e9e4d9" strokeWidth={6} strokeLinecap="round">
      <path d={`M ${x - 4} ${y + r + 12} A ${r + 12} ${r + 12} 0 1 1 ${x + 4} ${y + r + 12}`} />
      <path d={`M ${x} ${y - r - 12} V 8`} strokeWidth={12} />
    </g>
  )
}

/** Black on bare metal. */
function Frame({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g stroke="#e9e4d9" strokeWidth={3} strokeLinecap="round">
      {[0, 1, 2].map((i) => (
        <line key={i} x1={x - 16 + 5 * i} x2={x + 16 - 5 * i} y1={y + 7 * i} y2={y + 7 * i} />
      ))}
      <Probe from={[x - 44, y - 62]} to={[x, y, 0]} ink={BLACK} />
    </g>
  )
}

/** The instrument, and the place of its dial. */
function DialLine({ dial }: { readonly dial: Dial }) {
  const sign = dialSign(dial)
  return (
    <span className="flex items-center gap-2 text-[16px] font-semibold">
      {sign ? (
        <span aria-hidden className="inline-grid h-8 min-w-8 place-items-center rounded-full border-2 border-ink px-1.5 text-[14px]">
          {sign}
        </span>
      ) : null}
      {dialSaid(dial)}
    </span>
  )
}
