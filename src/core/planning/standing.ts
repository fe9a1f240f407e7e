import { factKey, type Guard, type MachineFile, type FactKey } from '../machine'
import { standingGuard } from './turns'
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

/** What has to hold whatever else does: a choice of several binds none of them. */
const partsOf = (guard: Guard | undefined): readonly Guard[] => (!guard ? [] : 'all' in guard ? guard.all.flatMap(partsOf) : [guard])

/** Returns and checks that can be done in one pose only. */
export const onlyThere = (ups: readonly UpAction[]): { readonly index: number; readonly pose: string }[] =>
  ups.flatMap((up, index) => {
    const [pose, ...more] = new Set(up.doing.modes.flatMap((m) => m.poses))
    return pose !== undefined && more.length === 0 ? [{ index, pose }] : []
  })
