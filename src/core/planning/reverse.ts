import type { MachineFile } from '../machine'
import type { Item } from './order'
import { onlyThere, standingWaits } from './standing'
import type { UpAction } from './way-up'

/**
 * The way up as the exact reverse of the way down: of the returns that may come next always the one that came off last; a check where
 * nothing else may, or at once where it can be made in one pose only. The items come in that
 * order, each after the one before, so that only the poses and the tools are left to be chosen.
 * @param down action ids in the order they were done
 */
export function reversed(file: MachineFile, ups: readonly UpAction[], items: readonly Item[], down: readonly string[]): readonly Item[] {
  const rank = new Map(down.map((id, i) => [id, i]))
  const at = (up: UpAction): number => (up.answers ? (rank.get(up.answers.id) ?? -1) : there.has(up.id) ? Infinity : -2)
  const bound = onlyThere(ups)
  const there = new Set(bound.map((b) => ups[b.index]!.id))
  const standing = standingWaits(file, ups, bound)
  const order: number[] = []
  const placed = new Set<string>()
  while (order.length < ups.length) {
    let next = -1
    ups.forEach((up, i) => {
      if (placed.has(up.id) || ![...up.after, ...(standing.get(up.id) ?? [])].every((id) => placed.has(id))) return
      if (next < 0 || at(up) > at(ups[next]!)) next = i
    })
    if (next < 0) break
    order.push(next)
    placed.add(ups[next]!.id)
  }
  const before = new Map(order.map((i, n) => [i, order[n - 1]]))
  return items.map((item, i) =>
    before.get(i) === undefined ? item : { ...item, needs: { all: [item.needs, { done: [before.get(i)!] }] } },
  )
}
