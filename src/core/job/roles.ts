import { type Kind } from './entries'
import { KINDS } from './kinds'

/** What somebody is in a shop. */
export const ROLES = ['lead', 'mechanic', 'front desk', 'viewer'] as const
export type Role = (typeof ROLES)[number]

const WRITERS: Readonly<Record<'door' | 'work' | 'nobody', readonly Role[]>> = {
  door: ['lead', 'mechanic', 'front desk'],
  work: ['lead', 'mechanic'],
  nobody: [],
}

/** May this role write an entry of this kind? */
export function mayWrite(role: Role, kind: Kind): boolean {
  return WRITERS[KINDS[kind].writers].includes(role)
}
