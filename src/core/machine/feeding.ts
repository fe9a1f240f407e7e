import type { Cable, Hole } from './types'

/**
 * Leads that are put through one hole in every order; more only in one, thickest plug first: a file with many must not hold up its
 * reader.
 */
const EVERY_ORDER = 6

type Box = readonly [width: number, height: number]

const goesIn = ([w, h]: Box, [width, height]: Box): boolean => (w <= width && h <= height) || (h <= width && w <= height)
const plugOf = ({ end }: Cable): Box | null => (end ? [end.width + end.tolerance, end.height + end.tolerance] : null)

/** What is left of a hole beside leads that lie along one of its walls, row upon row. Either of two boxes. */
function roomBeside(hole: Box, leads: readonly number[]): Box[] {
  if (leads.length === 0) return [hole]
  const sum = leads.reduce((a, b) => a + b, 0)
  const thickest = Math.max(...leads)
  return [hole, [hole[1], hole[0]] as const].map(([wall, deep]): Box => [wall, deep - thickest * Math.ceil(sum / wall)])
}

/**
 * In what order leads go through a hole: each plug beside the leads that are through already; or all plugs side by side, where the hole's
 * rule is `together`. Lengths in mm; a lead without a plug, or without a diameter, takes no room.
 * @returns the order, the first one found of the file's own; and the first lead that cannot pass in any, null where all do
 */
export function feedOrder(hole: Hole, leads: readonly Cable[]): { readonly order: readonly Cable[]; readonly stuck: Cable | null } {
  const box: Box = [hole.width, hole.height]
  if (hole.passing === 'together') {
    const plugs = leads.map(plugOf).filter((plug) => plug !== null)
    const beside = [plugs, plugs.map(([w, h]): Box => [h, w])].map((list): Box => [
      list.reduce((sum, [w]) => sum + w, 0),
      Math.max(0, ...list.map(([, h]) => h)),
    ])
    const widest = [...leads].sort((a, b) => (plugOf(b)?.[0] ?? 0) - (plugOf(a)?.[0] ?? 0))[0]
    return { order: leads, stuck: beside.some((b) => goesIn(b, box)) ? null : (widest ?? null) }
  }
  let best: readonly Cable[] = []
  const go = (through: readonly Cable[], left: readonly Cable[]): boolean => {
    if (through.length > best.length) best = through
    if (left.length === 0) return true
    const rooms = roomBeside(
      box,
      through.flatMap((c) => c.diameter ?? []),
    )
    return (leads.length <= EVERY_ORDER ? left : left.slice(0, 1)).some((next, i) => {
      const plug = plugOf(next)
      return (
        (!plug || rooms.some((room) => goesIn(plug, room))) &&
        go(
          [...through, next],
          left.filter((_, k) => k !== i),
        )
      )
    })
  }
  const size = (c: Cable): number => (plugOf(c)?.[0] ?? 0) * (plugOf(c)?.[1] ?? 0)
  go([], leads.length <= EVERY_ORDER ? leads : [...leads].sort((a, b) => size(b) - size(a)))
  return { order: best, stuck: leads.find((lead) => !best.includes(lead)) ?? null }
}
