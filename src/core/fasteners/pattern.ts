/** A hole seen from above the cover, mm. */
export interface HolePlace {
  readonly x: number
  readonly y: number
}

/**
 * The order in a star for `n` holes on a circle, as indices from 0: each as far from the last as the free ones allow, the one that
 * lies between the most finished ones last. For even n that is opposite, a quarter on, opposite …
 * @throws RangeError unless n is a whole number from 1 to 200
 * @example starOrder(5) // [0, 2, 4, 1, 3]
 */
export function starOrder(n: number): number[] {
  if (!Number.isInteger(n) || n < 1 || n > 200) throw new RangeError(`holes must be a whole number from 1 to 200, got ${n}`)
  const holes = Array.from({ length: n }, (_, i) => ({ x: Math.cos((2 * Math.PI * i) / n), y: Math.sin((2 * Math.PI * i) / n) }))
  if (n % 2 === 1) {
    // An odd ring: going round by just under half of it visits every hole once.
    return Array.from({ length: n }, (_, i) => (i * ((n - 1) / 2)) % n)
  }
  const order = [0]
  while (order.length < n) {
    const last = order.at(-1)!
    const opposite = (last + n / 2) % n
    order.push(order.includes(opposite) ? farthest(holes, order) : opposite)
  }
  return order
}

/**
 * The order for a lid: from the middle out, each hole followed by the one nearest to its opposite through the middle.
 * @param holes places on the lid in mm, one or more
 * @returns indices into `holes`, each once
 */
export function crissCrossOrder(holes: readonly HolePlace[]): number[] {
  const xs = holes.map((h) => h.x)
  const ys = holes.map((h) => h.y)
  const middle = { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
  const free = new Set(holes.keys())
  const nearest = (to: HolePlace): number => [...free].reduce((a, b) => (distance(holes[b]!, to) < distance(holes[a]!, to) - 1e-9 ? b : a))
  const order: number[] = []
  while (free.size > 0) {
    const next = nearest(middle)
    free.delete(next)
    order.push(next)
    if (free.size === 0) break
    const across = nearest({ x: 2 * middle.x - holes[next]!.x, y: 2 * middle.y - holes[next]!.y })
    free.delete(across)
    order.push(across)
  }
  return order
}

/** The order for a line of `n` holes: from its middle outward, so that nothing is pinched between two ends; indices from 0. */
export const lineOrder = (n: number): number[] => {
  const off = (i: number): number => Math.abs(i - (n - 1) / 2)
  return Array.from({ length: n }, (_, i) => i).sort((a, b) => off(a) - off(b) || a - b)
}

/** The order for a set of fixings: by its pattern, and by where its holes lie where the file says. */
export function tighteningOrder(pattern: string | undefined, holes: readonly (HolePlace | undefined)[]): number[] {
  const placed = holes.filter((h) => h !== undefined)
  if (pattern === 'criss-cross' && placed.length === holes.length) return crissCrossOrder(placed)
  if ((pattern === 'star' || pattern === 'criss-cross') && holes.length > 0) return starOrder(holes.length)
  return holes.map((_, i) => i)
}

/** The free hole whose nearest finished neighbour is farthest away. */
function farthest(holes: readonly HolePlace[], order: readonly number[]): number {
  const gap = (i: number): number => Math.min(...order.map((o) => distance(holes[i]!, holes[o]!)))
  return [...holes.keys()].filter((i) => !order.includes(i)).reduce((a, b) => (gap(b) > gap(a) + 1e-9 ? b : a))
}

const distance = (a: HolePlace, b: HolePlace): number => Math.hypot(a.x - b.x, a.y - b.y)
