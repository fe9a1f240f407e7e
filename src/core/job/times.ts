/** When an entry can have been made, in epoch milliseconds. */
export interface Plausible {
  readonly at: number
  readonly earliest: number
  readonly latest: number
  readonly odd?: 'clock ahead' | 'clock behind'
}

const TOLERANCE_MS = 2_000

/**
 * An entry was made after its device had seen `base` and before the server received it. A device time inside those bounds is
 * believed; outside them the entry is clamped, a proof counts from the earliest and a cure from the latest time it can have been.
 * @param receipts server times by seq, index 0 unused
 */
export function plausible(
  entry: { readonly at: number; readonly base: number; readonly receivedAt: number | null },
  receipts: readonly number[],
): Plausible {
  const lower = receipts[Math.min(entry.base, receipts.length - 1)] ?? 0
  const upper = entry.receivedAt ?? Infinity
  if (entry.at > upper + TOLERANCE_MS) return { at: upper, earliest: lower, latest: upper, odd: 'clock ahead' }
  if (entry.at < lower - TOLERANCE_MS)
    return { at: lower, earliest: lower, latest: upper === Infinity ? lower : upper, odd: 'clock behind' }
  const at = Math.min(entry.at, upper)
  return { at, earliest: at, latest: at }
}

/**
 * What time it is, epoch ms. Where a device cannot be sure, it is at least `earliest` and at most `latest`: what ends, such as a proof, is
 * judged by the latest, and what has to wait, such as a cure, by the earliest.
 */
export type When = number | { readonly earliest: number; readonly latest: number }
export const latestOf = (when: When): number => (typeof when === 'number' ? when : when.latest)
export const earliestOf = (when: When): number => (typeof when === 'number' ? when : when.earliest)
