import type { Bodies, OwnerSaid } from '../../core/job'

const SAID: Readonly<Record<OwnerSaid, string>> = { yes: 'yes', no: 'no', 'up to': 'up to' }
export const OWNER_SAID_WORDS: Readonly<Record<OwnerSaid, string>> = { yes: 'Yes, go on', no: 'No', 'up to': 'Up to another sum' }
/** What the owner said: `yes to 240`, `up to 220`. */
export const askedWords = (a: Bodies['owner-asked']): string =>
  a.said === 'up to' ? `${SAID[a.said]} ${a.amount ?? ''}`.trim() : `${SAID[a.said]} to ${a.estimate}`
