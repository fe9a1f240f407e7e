import type { Cable, Hole } from './types'

/**
 * Leads that are put through one hole in every order; more only in one, thickest plug first: a file with many must not hold up its
 * reader.
 */
const EVERY_ORDER = 6

type Box = readonly [width: number, height: number]

/** By how much a box is too large for another, either way round; 0 or less where it goes in. mm. */
const over = ([w, h]: Box, [width, height]: Box): number => Math.min(Math.max(w - width, h - height), Math.max(h - width, w - height))

interface Plug {
  readonly box: Box
  readonly round: boolean
}
const plugOf = ({ end }: Cable): Plug | null =>
  end ? { box: [end.width + end.tolerance, (end.round ? end.width : end.height) + end.tolerance], round: end.round === true } : null

/** What is left of a rectangular hole beside leads that lie along one of its walls. Either of two boxes. */
function roomBeside(hole: Box, leads: readonly number[]): Box[] {
  if (leads.length === 0) return [hole]
  const sum = leads.reduce((a, b) => a + b, 0)
  const thickest = Math.max(...leads)
  return [hole, [hole[1], hole[0]] as const].map(([wall, deep]): Box => [wall, deep - thickest * Math.ceil(sum / wall)])
}

/**
 * By how much a plug is too large for a hole beside the leads that are through it already, tolerance counted; 0 or less where it
 * passes. mm.
 * Through a round hole an angular plug goes by its diagonal. Leads beside it lie in the ring round the plug, as many as go round; one alone
 * beside a plug that lies at the wall.
 */
function tooLarge({ box, round }: Plug, hole: Hole, leads: readonly number[]): number {
  if (!hole.round) return Math.min(...roomBeside([hole.width, hole.height], leads).map((room) => over(box, room)))
  const across = round ? box[0] : Math.hypot(...box)
  if (leads.length === 0) return across - hole.width
  const thickest = Math.max(...leads)
  if (leads.length === 1) return across + thickest - hole.width
  const ring = across + 2 * thickest - hole.width
  const goRound = ring > 0 ? 0 : Math.floor(Math.PI / Math.asin(thickest / (hole.width - thickest)))
  return leads.length <= goRound ? ring : Math.max(ring, thickest)
}

/**
 * In what order leads go through a hole: each plug beside the leads that are through already; or all plugs side by side, where the hole's
 * rule is `together`. Lengths in mm; a lead without a plug, or without a diameter, takes no room.
 * @returns the order, the first one found of the file's own; and the first lead that cannot pass in any, null where all do, with the mm by
 * which it is too large beside those that are through
 */
export function feedOrder(
  hole: Hole,
  leads: readonly Cable[],
): { readonly order: readonly Cable[]; readonly stuck: Cable | null; readonly by: number } {
  if (hole.passing === 'together') {
    const plugs = leads.flatMap((lead) => plugOf(lead) ?? [])
    const beside = [plugs.map((p) => p.box), plugs.map(({ box: [w, h] }): Box => [h, w])].map((list): Plug => ({
      box: [list.reduce((sum, [w]) => sum + w, 0), Math.max(0, ...list.map(([, h]) => h))],
      round: plugs.length === 1 && plugs[0]!.round,
    }))
    const widest = [...leads].sort((a, b) => (plugOf(b)?.box[0] ?? 0) - (plugOf(a)?.box[0] ?? 0))[0]
    const by = Math.min(...beside.map((all) => tooLarge(all, hole, [])))
    return { order: leads, stuck: by <= 0 ? null : (widest ?? null), by: Math.max(0, by) }
  }
  let best: readonly Cable[] = []
  const go = (through: readonly Cable[], left: readonly Cable[]): boolean => {
    if (through.length > best.length) best = through
    if (left.length === 0) return true
    const beside = through.flatMap((c) => c.diameter ?? [])
    return (leads.length <= EVERY_ORDER ? left : left.slice(0, 1)).some((next, i) => {
      const plug = plugOf(next)
      return (
        (!plug || tooLarge(plug, hole, beside) <= 0) &&
        go(
          [...through, next],
          left.filter((_, k) => k !== i),
        )
      )
    })
  }
  const size = (c: Cable): number => plugOf(c)?.box.reduce((w, h) => w * h) ?? 0
  go([], leads.length <= EVERY_ORDER ? leads : [...leads].sort((a, b) => size(b) - size(a)))
  const stuck = leads.find((lead) => !best.includes(lead)) ?? null
  const plug = stuck && plugOf(stuck)
  const beside = best.flatMap((c) => c.diameter ?? [])
  return { order: best, stuck, by: plug ? Math.max(0, tooLarge(plug, hole, beside)) : 0 }
}
