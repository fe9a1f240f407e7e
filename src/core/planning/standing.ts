import { factKey, type FactKey, type Guard, holds, type MachineFile, type Mode, type Variants } from '../machine'
import { standingGuard } from './turns'
import { openWay } from './keeps'
import type { UpAction } from './way-up'

/**
 * Returns that wait for whatever is done in a pose that the machine stands in only without them; and what waits for returns to
 * stand so.
 */
export function standingWaits(
  file: MachineFile,
  ups: readonly UpAction[],
  placed: readonly { readonly index: number; readonly pose: string }[],
): ReadonlyMap<string, string[]> {
  const waits = new Map<string, string[]>()
  const wait = (id: string, on: string): void => void (id !== on && waits.set(id, [...(waits.get(id) ?? []), on]))
  for (const { index, pose } of placed) {
    const guard = standingGuard(file, pose)
    const giving = (key: FactKey): UpAction[] => ups.filter((up) => up.answers?.gives.includes(key))
    for (const part of partsOf(guard)) {
      if ('fact' in part) for (const up of giving(factKey(part))) wait(up.id, ups[index]!.id)
      if ('not' in part && 'fact' in part.not) for (const up of giving(factKey(part.not))) wait(ups[index]!.id, up.id)
    }
  }
  return waits
}

/**
 * What an order that was chosen rests on, beside what every order has to keep: of what each return needed off, the way that is open where
 * it stands, what its mode and its pose ask for. Returns wait for those that need them off, and for what has to be back.
 * @param placed the whole order
 * @param facts what is so at the bottom
 */
export function waitsInOrder(
  file: MachineFile,
  ups: readonly UpAction[],
  placed: readonly { readonly index: number; readonly pose: string; readonly mode: Mode }[],
  variants: Variants,
  facts: ReadonlySet<string>,
): ReadonlyMap<string, readonly string[]> {
  const place = new Map(placed.map((p, i) => [ups[p.index]!.id, i]))
  const waits = new Map<string, string[]>()
  const wait = (id: string, on: string): void => void (id !== on && waits.set(id, [...(waits.get(id) ?? []), on]))
  placed.forEach(({ index, pose, mode }, here) => {
    const up = ups[index]!
    const comesLater = (id: string): boolean => (place.get(id) ?? -1) > here
    const backOf = (fact: FactKey): readonly string[] => ups.flatMap((u) => (u.answers?.gives.includes(fact) ? [u.id] : []))
    /** What binds of a guard: of a choice the first that holds here. */
    const bind = (guard: Guard): readonly (readonly [id: string, on: string])[] | null => {
      if ('any' in guard) {
        for (const g of guard.any) {
          const bound = bind(g)
          if (bound) return bound
        }
        return null
      }
      if ('all' in guard) {
        const all = guard.all.map(bind)
        return all.some((b) => b === null) ? null : all.flatMap((b) => b!)
      }
      if ('fact' in guard) {
        const givers = backOf(factKey(guard))
        const off = givers.find(comesLater)
        return off !== undefined ? [[off, up.id]] : givers.length === 0 && facts.has(factKey(guard)) ? [] : null
      }
      if ('not' in guard && 'fact' in guard.not) {
        const givers = backOf(factKey(guard.not))
        if (givers.length === 0 && facts.has(factKey(guard.not))) return null
        return givers.some(comesLater) ? null : givers.map((id) => [up.id, id] as const)
      }
      return holds(guard, () => false, variants) ? [] : null
    }
    for (const guard of [standingGuard(file, pose), mode.guard, up.doing.guard])
      for (const [id, on] of (guard && bind(guard)) ?? []) wait(id, on)
    const open = up.keeps && openWay(up.keeps, comesLater)
    for (const id of open?.later ?? []) wait(id, up.id)
    for (const id of open?.first ?? []) wait(up.id, id)
  })
  return waits
}

/** What has to hold whatever else does: a choice of several binds none of them. */
const partsOf = (guard: Guard | undefined): readonly Guard[] => (!guard ? [] : 'all' in guard ? guard.all.flatMap(partsOf) : [guard])

/** Returns and checks that can be done in one pose only. */
export const onlyThere = (ups: readonly UpAction[]): { readonly index: number; readonly pose: string }[] =>
  ups.flatMap((up, index) => {
    const [pose, ...more] = new Set(up.doing.modes.flatMap((m) => m.poses))
    return pose !== undefined && more.length === 0 ? [{ index, pose }] : []
  })
