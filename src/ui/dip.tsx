/** The outline of a dip: down from 0.40 to 0.54, along the bottom, up from 0.64 to 0.78. Fractions of width and depth. */
const OUTLINE: readonly (readonly [number, number])[] = [
  [0, 0],
  [0.4, 0],
  [0.54, 1],
  [0.64, 1],
  [0.78, 0],
  [1, 0],
]

/** Where each of the eight stages lies along the width; the third and fifth are slopes and take a fraction of progress. */
const SPANS: readonly (readonly [number, number])[] = [
  [0.055, 0.055],
  [0.19, 0.19],
  [0.33, 0.33],
  [0.4, 0.54],
  [0.59, 0.59],
  [0.64, 0.78],
  [0.85, 0.85],
  [0.955, 0.955],
]

/** Centre of a stage's column, 0 … 1 of the width. */
export function columnOf(stage: number): number {
  const [from, to] = SPANS[stage] ?? SPANS[0]!
  return (from + to) / 2
}

/** How far along the width a job at `stage` with `progress` 0 … 1 of that stage stands. */
export function placeOf(stage: number, progress: number): number {
  const [from, to] = SPANS[stage] ?? SPANS[0]!
  return from + (to - from) * Math.min(1, Math.max(0, progress))
}

/** Depth 0 … 1 of the outline at `x` 0 … 1. */
export function depthAt(x: number): number {
  for (let i = 1; i < OUTLINE.length; i++) {
    const [x1, y1] = OUTLINE[i - 1]!
    const [x2, y2] = OUTLINE[i]!
    if (x <= x2) return y1 + ((y2 - y1) * (x - x1)) / (x2 - x1)
  }
  return 0
}

const W = 1000

/** Corners of the outline as far as `until`, for a polyline. */
function points(until: number, depth: number): string {
  const corners = OUTLINE.filter(([x]) => x < until).map(([x, y]) => [x * W, y * depth])
  return [...corners, [until * W, depthAt(until) * depth]].map((c) => c.join(',')).join(' ')
}

export type DipColour = 'copper' | 'look' | 'pose' | 'ok' | 'steel'

const STROKE: Record<DipColour, string> = {
  copper: 'stroke-copper',
  look: 'stroke-look',
  pose: 'stroke-pose',
  ok: 'stroke-ok',
  steel: 'stroke-steel',
}
const BORDER: Record<DipColour, string> = {
  copper: 'border-copper',
  look: 'border-look',
  pose: 'border-pose',
  ok: 'border-ok',
  steel: 'border-steel',
}

/**
 * A job as a dip: the done part coloured, the present place a ring.
 * @param at 0 … 1 along the width
 * @param depth how deep it goes, in px
 */
export function Dip({
  at,
  depth,
  height,
  colour,
  ring = 26,
}: {
  readonly at: number
  readonly depth: number
  readonly height: number
  readonly colour: DipColour
  readonly ring?: number
}) {
  const top = ring / 2 + 2
  return (
    <div aria-hidden className="relative w-full" style={{ height }}>
      <svg viewBox={`0 0 ${W} ${height}`} preserveAspectRatio="none" className="absolute inset-0 size-full overflow-visible">
        <g transform={`translate(0 ${top})`} fill="none" strokeWidth="4" strokeLinejoin="round" strokeLinecap="round">
          <polyline points={points(1, depth)} className="stroke-rule" vectorEffect="non-scaling-stroke" />
          <polyline points={points(at, depth)} className={STROKE[colour]} vectorEffect="non-scaling-stroke" />
        </g>
      </svg>
      <span
        className={`absolute rounded-full border-[6px] bg-paper ${BORDER[colour]}`}
        style={{ width: ring, height: ring, left: `calc(${at * 100}% - ${ring / 2}px)`, top: top + depthAt(at) * depth - ring / 2 }}
      />
    </div>
  )
}

/** The mark: a dip in copper. */
export function Mark({ className }: { readonly className?: string }) {
  return (
    <svg aria-hidden viewBox="0 0 34 22" className={className} fill="none" stroke="#e08a52" strokeWidth="4" strokeLinejoin="round">
      <path d="M1 3h6l6 15h8l6-15h6" />
    </svg>
  )
}
