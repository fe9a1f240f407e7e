/** Most entries of one batch. */
export const BATCH_ENTRIES = 100
/** Largest batch that the server takes, bytes; a device sends a fifth less, so that what stands around the entries has room. */
export const BATCH_BYTES = 256_000
export const SENT_BYTES = 200_000
/** A plan may be larger, in a batch of its own, bytes. */
export const PLAN_BYTES = 1_000_000
