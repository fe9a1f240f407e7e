/** Who says a number, the one that is believed first, first; the order is a bench rule (estimated). */
export const SAID_BY = ['in the manual', 'stamped on it', 'in the file', 'by the standard', 'by bench rule', 'somebody said'] as const
export type SaidBy = (typeof SAID_BY)[number]

/** How far a number of that source may be off and still be right, as a share of it: a standard uncertainty, estimated. */
const DOUBT: Readonly<Record<SaidBy, number>> = {
  'in the manual': 0.05,
  'stamped on it': 0.05,
  'in the file': 0.07,
  'by the standard': 0.15,
  'by bench rule': 0.25,
  'somebody said': 0.4,
}

export interface Said {
  readonly value: number
  readonly by: SaidBy
}

export interface Advice {
  readonly value: number
  readonly by: SaidBy
  /** Standard uncertainty of the one that is advised. */
  readonly u: number
  /** Numbers that the advised one does not explain, by their place in what was said. */
  readonly against: readonly number[]
}

/**
 * One number where people disagree: what the most trusted source says; of two that are trusted alike the lower, since what is too loose is
 * found by a second look and what is torn is not. Another is against it where both doubts together do not bridge them.
 * @param said at least one, each above 0
 * @throws RangeError for none, or one that is not above 0
 */
export function adviceOf(said: readonly Said[]): Advice {
  if (said.length === 0 || said.some((s) => !(s.value > 0))) throw new RangeError('numbers above 0 are wanted, one at least')
  const rank = (s: Said): number => SAID_BY.indexOf(s.by)
  const best = [...said].sort((a, b) => rank(a) - rank(b) || a.value - b.value)[0]!
  const doubt = (s: Said): number => DOUBT[s.by] * s.value
  const against = said.flatMap((s, i) => (Math.abs(s.value - best.value) > 2 * Math.hypot(doubt(s), doubt(best)) ? [i] : []))
  return { value: best.value, by: best.by, u: doubt(best), against }
}
