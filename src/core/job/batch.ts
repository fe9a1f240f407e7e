import type { Kind } from './entries'

/** Most entries of one batch. */
export const BATCH_ENTRIES = 100
/** Largest batch that the server takes, bytes; a device sends a fifth less, so that what stands around the entries has room. */
export const BATCH_BYTES = 256_000
export const SENT_BYTES = 200_000
/** A plan may be larger, in a batch of its own, bytes. */
export const PLAN_BYTES = 1_000_000

/** Kinds that bring a plan along. They stand here, so that a page that only sends need not carry what kinds do. */
const WITH_PLAN: ReadonlySet<unknown> = new Set<Kind>(['plan-adopted', 'width-converted'])

/** Does an entry of this kind bring a plan along? A large one goes by itself. */
export const bringsPlan = (kind: unknown): boolean => WITH_PLAN.has(kind)
