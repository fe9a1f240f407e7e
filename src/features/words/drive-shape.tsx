import * as say from '../../words/en/screens/words-page'
import type { DriveShape } from '../../words/en/glossary'

const corners = (n: number, r: (i: number) => number, turn = 0): string =>
  Array.from({ length: n }, (_, i) => {
    const a = turn + (2 * Math.PI * i) / n
    return `${(50 + r(i) * Math.sin(a)).toFixed(1)},${(50 - r(i) * Math.cos(a)).toFixed(1)}`
  }).join(' ')

/** A six-lobe recess: round lobes at the corners, hollow between them. */
const lobes = (): string => corners(72, (i) => 22 + 5.5 * Math.cos((6 * 2 * Math.PI * i) / 72))

/** The head of a screw from above, its drive dark. */
export function DriveHead({ shape }: { readonly shape: DriveShape }) {
  return (
    <svg role="img" aria-label={say.fromAbove(shape)} viewBox="0 0 100 100" className="size-24 shrink-0">
      {shape === 'outer hexagon' ? (
        <polygon points={corners(6, () => 42)} className="fill-[#8d979f] stroke-ink" strokeWidth="2" />
      ) : (
        <circle cx="50" cy="50" r="42" className="fill-[#b9c0c6] stroke-ink" strokeWidth="2" />
      )}
      {shape === 'outer hexagon' ? <circle cx="50" cy="50" r="30" className="fill-none stroke-ink" strokeWidth="1.5" /> : null}
      {shape === 'hexagon socket' ? <polygon points={corners(6, () => 25)} className="fill-[#26313b]" /> : null}
      {shape === 'six-lobe' ? <polygon points={lobes()} className="fill-[#26313b]" /> : null}
      {shape === 'cross PH' || shape === 'cross PZ' ? (
        <path d="M44 24h12v20h20v12H56v20H44V56H24V44h20z" className="fill-[#26313b]" />
      ) : null}
      {shape === 'cross PZ' ? <path d="M31 31l38 38M69 31L31 69" className="stroke-[#26313b]" strokeWidth="2.5" /> : null}
      {shape === 'slot' ? <rect x="14" y="45" width="72" height="10" className="fill-[#26313b]" /> : null}
    </svg>
  )
}
