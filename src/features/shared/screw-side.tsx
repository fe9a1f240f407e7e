import * as say from '../../words/en/screens/which'
import type { Kind } from '../../core/line'

type What = Kind['what']
/** Head sizes as shares of the diameter: how wide, how high (ISO 4762, 7380, 10642, 7045, 4017 and their like, roughly). */
const HEADS = {
  'socket cap': [1.5, 1],
  button: [1.75, 0.55],
  'raised countersunk': [2, 0.75],
  countersunk: [2, 0.5],
  pan: [2, 0.6],
  cheese: [1.6, 0.65],
  flange: [2, 0.9],
  mushroom: [2.3, 0.6],
  low: [1.6, 0.5],
  carriage: [2, 0.55],
  shoulder: [1.8, 0.8],
  headless: [0, 0],
  wing: [2.5, 1],
  hexagon: [1.7, 0.65],
} as const

/** A screw from the side, its length and diameter to scale; a nut from above. Nothing where its length is not known. */
export function ScrewSide({
  label,
  what,
  d,
  pxPerMm,
}: {
  readonly label: string
  readonly what: What
  /** Over its crests, mm. */
  readonly d: number
  readonly pxPerMm: number
}) {
  if (what.sort?.endsWith('nut')) return <Nut label={label} d={d} flats={what.recess?.size ?? 1.6 * d} pxPerMm={pxPerMm} />
  if (what.length === undefined) return null
  const length = what.length.unit === 'mm' ? what.length.value : what.length.value * 25.4
  const form = what.head ?? (what.recess?.form === 'hexagon' ? 'hexagon' : 'socket cap')
  const [wide, high] = HEADS[form]
  const [w, k] = [wide * d, high * d]
  const sunk = form === 'countersunk' || form === 'raised countersunk'
  const [body, height] = [sunk ? length - k : length, Math.max(w, d) + 1]
  const y = height / 2
  const all = k + body + 1
  return (
    <svg
      role="img"
      aria-label={say.drawn(label)}
      viewBox={`0 0 ${all} ${height}`}
      style={{ width: all * pxPerMm, height: height * pxPerMm }}
      className="max-w-full shrink-0"
    >
      {w === 0 ? null : sunk ? (
        <path
          d={`M.5 ${y - w / 2}V${y + w / 2}L${k + 0.5} ${y + d / 2}V${y - d / 2}z`}
          className="fill-[#b9c0c6] stroke-[#26313b]"
          strokeWidth="0.25"
        />
      ) : (
        <rect
          x="0.5"
          y={y - w / 2}
          width={k}
          height={w}
          rx={form === 'hexagon' || form === 'socket cap' ? 0.2 : k * 0.7}
          className="fill-[#b9c0c6] stroke-[#26313b]"
          strokeWidth="0.25"
        />
      )}
      <rect
        x={k + 0.5}
        y={y - d / 2}
        width={Math.max(0.5, body)}
        height={d}
        className="fill-[#d5d9dc] stroke-[#26313b]"
        strokeWidth="0.25"
      />
      {Array.from({ length: Math.min(60, Math.floor(body)) }, (_, i) => (
        <line key={i} x1={k + 1 + i} x2={k + 1.4 + i} y1={y - d / 2} y2={y + d / 2} className="stroke-[#26313b]" strokeWidth="0.12" />
      ))}
    </svg>
  )
}

/** A nut from above: its flats and its thread. */
function Nut({
  label,
  d,
  flats,
  pxPerMm,
}: {
  readonly label: string
  readonly d: number
  readonly flats: number
  readonly pxPerMm: number
}) {
  const r = flats / Math.sqrt(3)
  const corners = Array.from({ length: 6 }, (_, i) => `${r + r * Math.cos((Math.PI * i) / 3)},${r + r * Math.sin((Math.PI * i) / 3)}`)
  return (
    <svg
      role="img"
      aria-label={say.drawnNut(label)}
      viewBox={`0 0 ${2 * r} ${2 * r}`}
      style={{ width: 2 * r * pxPerMm, height: 2 * r * pxPerMm }}
      className="shrink-0"
    >
      <polygon points={corners.join(' ')} className="fill-[#b9c0c6] stroke-[#26313b]" strokeWidth="0.25" />
      <circle cx={r} cy={r} r={d / 2} className="fill-[#26313b]" />
    </svg>
  )
}
