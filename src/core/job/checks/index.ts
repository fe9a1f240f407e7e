import type { WorkingId } from '../../workings'
import type { JobState } from '../state'
import type { CheckRule } from './check'
import type { CheckLooks } from './looks'
import { bearings } from './bearings'
import { brakes } from './brakes'
import { calibration } from './calibration'
import { dead } from './dead'
import { firstPower } from './first-power'
import { fullCure } from './full-cure'
import { handlingStrength } from './handling-strength'
import { packTriage } from './pack-triage'
import { pinch } from './pinch'
import { priceAgreed } from './price-agreed'
import { qualified } from './qualified'
import { reactionPath } from './reaction-path'
import { replacementMatches } from './replacement-matches'
import { readAgain } from './read-again'
import { ridden } from './ridden'
import { runningClearance } from './running-clearance'
import { saltWater } from './salt-water'
import { screwLengths } from './screw-lengths'
import { settingsMade } from './settings-made'
import { settingsRead } from './settings-read'
import { spinTest } from './spin-test'
import { sealedUnit } from './sealed-unit'
import { steering } from './steering'
import { steeringAgain } from './steering-again'
import { support } from './support'
import { tightness } from './tightness'
import { trayAddsUp } from './tray-adds-up'
import { underPower } from './under-power'
import { whole } from './whole'
import { windingsCold } from './windings-cold'

export type { CheckRule } from './check'
export type { CheckItem, CheckStand, TestItem } from './looks'
export { toCompare } from './replacement-matches'

/** Every check, one line each: what is missing is told in this order. A closed list: an id that is none of these is refused. */
export const CHECKS = {
  qualified,
  'pack triage': packTriage,
  'price agreed': priceAgreed,
  'replacement matches': replacementMatches,
  'settings read': settingsRead,
  'salt water': saltWater,
  'sealed unit': sealedUnit,
  dead,
  'read again': readAgain,
  support,
  'tray adds up': trayAddsUp,
  'screw lengths': screwLengths,
  'reaction path': reactionPath,
  brakes,
  bearings,
  'running clearance': runningClearance,
  'windings cold': windingsCold,
  'first power': firstPower,
  'spin test': spinTest,
  pinch,
  tightness,
  'handling strength': handlingStrength,
  'full cure': fullCure,
  'under power': underPower,
  whole,
  'settings made': settingsMade,
  steering,
  ridden,
  'steering again': steeringAgain,
  calibration,
} as const satisfies Readonly<Record<string, CheckRule>>

export type CheckId = keyof typeof CHECKS
export const CHECK_IDS = Object.keys(CHECKS) as readonly CheckId[]

/** What is looked at in a check; none where it is worked out, or needs one look. */
export function looksOf(id: CheckId): CheckLooks | null {
  const rule: CheckRule = CHECKS[id]
  return rule.looks ?? null
}

/** The same as this job has it. */
export function looksIn(id: CheckId, state: JobState): CheckLooks | null {
  const rule: CheckRule = CHECKS[id]
  return rule.looksIn?.(state) ?? looksOf(id)
}

/** Sums of the bench that decide it; none of most. */
export function sumsOf(id: string): readonly WorkingId[] {
  const rule: CheckRule | undefined = isCheck(id) ? CHECKS[id] : undefined
  return rule?.sums ?? []
}

export function isCheck(id: string): id is CheckId {
  return Object.hasOwn(CHECKS, id)
}
