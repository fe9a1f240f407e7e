/** A window in mm, ends included. */
export interface Window {
  readonly low: number
  readonly high: number
}

export interface SpacersAsked {
  /** Widths that are to hand, mm, each as often as it is there. */
  readonly have: readonly number[]
  /** By how much the left and the right are to grow: so that a cog or a disc there has its clearance. */
  readonly left: Window
  readonly right: Window
  /** By how much both together may grow: so that it still goes into the frame. */
  readonly both: Window
  /** Most of them on one side; 3 where it is left out. */
  readonly most?: number
}

export interface Spacers {
  readonly left: readonly number[]
  readonly right: readonly number[]
}

const EPS = 1e-6
const within = (x: number, { low, high }: Window): boolean => x >= low - EPS && x <= high + EPS
const sum = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0)

/**
 * Every way to lay spacers so that both rules of fit hold: clearance on each side, and the width over all. The fewest pieces first, then
 * the one nearest to the middle of its windows.
 * @returns none where there is no way; each way once, whatever order the pieces lie in
 * @throws RangeError for a width that is not above 0, or more than 24 pieces
 */
export function spacerWays({ have, left, right, both, most = 3 }: SpacersAsked): readonly Spacers[] {
  if (have.some((w) => !(w > 0)) || have.length > 24) throw new RangeError(`widths above 0 mm, at most 24, got ${have.join(', ')}`)
  const sorted = [...have].sort((a, b) => a - b)
  const sides = subsets(sorted, most)
  const seen = new Map<string, Spacers & { readonly off: number }>()
  const leftOnes = sides.filter((s) => within(sum(s.widths), left))
  for (const l of leftOnes)
    for (const r of sides) {
      const [a, b] = [sum(l.widths), sum(r.widths)]
      if ((l.mask & r.mask) !== 0 || !within(b, right) || !within(a + b, both)) continue
      const key = `${l.widths.join(' ')} | ${r.widths.join(' ')}`
      const off = Math.abs(a - middle(left)) + Math.abs(b - middle(right))
      if (!seen.has(key)) seen.set(key, { left: l.widths, right: r.widths, off })
    }
  return [...seen.values()]
    .sort((p, q) => p.left.length + p.right.length - q.left.length - q.right.length || p.off - q.off)
    .map(({ left: l, right: r }) => ({ left: l, right: r }))
}

const middle = ({ low, high }: Window): number => (low + high) / 2

interface Side {
  readonly mask: number
  readonly widths: readonly number[]
}

/** Every choice of at most `most` pieces, by which of them. */
function subsets(widths: readonly number[], most: number): readonly Side[] {
  const out: Side[] = [{ mask: 0, widths: [] }]
  const add = (from: number, mask: number, chosen: readonly number[]): void => {
    if (chosen.length === most) return
    for (let i = from; i < widths.length; i++) {
      const next = { mask: mask | (1 << i), widths: [...chosen, widths[i]!] }
      out.push(next)
      add(i + 1, next.mask, next.widths)
    }
  }
  add(0, 0, [])
  return out
}
