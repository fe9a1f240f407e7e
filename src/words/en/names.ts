import type { BeliefWord } from '../../core/diagnosis'
import type { InstrumentKind } from '../../core/instruments'
import { type Role, ROLES } from '../../core/job'
import type { PackSign } from '../../core/safety'

const ROLE_NAMES: Readonly<Record<Role, string>> = {
  mechanic: 'mechanic',
  'front desk': 'front desk',
  viewer: 'viewer',
  lead: 'lead',
}

/** A role by its name; one that nobody knows as it stands in the table. */
export function roleName(role: string): string {
  const known = ROLES.find((r) => r === role)
  return known ? ROLE_NAMES[known] : role
}

export const PACK_SIGN_NAMES: Readonly<Record<PackSign, string>> = {
  swollen: 'swollen',
  wet: 'wet',
  hit: 'hit',
  hot: 'hot',
  smelling: 'smelling',
  'low cell group': 'low cell group',
}

/** What was seen at a pack, as a list. */
export const signNames = (signs: readonly PackSign[]): string => signs.map((s) => PACK_SIGN_NAMES[s]).join(', ')

export const INSTRUMENT_NAMES: Readonly<Record<InstrumentKind, string>> = {
  multimeter: 'multimeter',
  'clamp meter': 'clamp meter',
  'insulation tester': 'insulation tester',
  'milliohm meter': 'milliohm meter',
  'voltage tester': 'voltage tester',
  'watt meter': 'watt meter',
  'torque wrench': 'torque wrench',
  'caliper or gauge': 'caliper or gauge',
  'pressure gauge': 'pressure gauge',
  thermometer: 'thermometer',
  scale: 'scale',
  'force gauge': 'force gauge',
  tachometer: 'tachometer',
  'angle gauge': 'angle gauge',
  'hall lamp': 'Hall lamp',
  logger: 'logger',
  stopwatch: 'stopwatch',
}

/** How likely a fault is, in a word. */
export const BELIEF_NAMES: Readonly<Record<BeliefWord, string>> = { likely: 'likely', possible: 'possible', unlikely: 'unlikely' }
