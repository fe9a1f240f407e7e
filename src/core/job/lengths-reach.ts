import { CALIPER } from '../doubt'
import { reaches } from '../fasteners'
import { depthOf, screwIn } from '../machine'
import type { LengthFact } from '../planning'
import type { Bodies } from './entries'
import type { LengthAsked } from './lengths'

/** How a screw of another length would stand in these holes. */
export const reachOf = (fact: LengthFact, length: number) => reaches(screwIn(fact, fact.d, { value: length, u: CALIPER.screw }))

/** What two lengths laid side by side may differ by and not be told apart by eye, standard uncertainty, mm; estimated. */
const BY_EYE = 0.5

/**
 * The entry that a set laid side by side makes: all alike, and shorter than the others of it. Seen, not measured: the length is that of the
 * file. Null where the eye does not settle it: a new one is measured, and so is one that has little room.
 */
export function sideBySide({ step, fact, members, why }: LengthAsked): Bodies['worked-out'] | null {
  if (why !== 'two lengths') return null
  const seen = { value: fact.length, u: BY_EYE }
  const r = reaches(screwIn(fact, fact.d, seen))
  const depth = depthOf(fact)
  if (!r.clearance || !depth || r.verdict !== 'clear') return null
  return {
    working: 'length-in-hole',
    edition: 1,
    asked: [
      { id: 'length', ...seen, from: 'seen' },
      { id: 'washers', value: fact.washers ?? 0, from: 'machine file' },
      { id: 'stack', value: fact.stack, from: 'machine file' },
      { id: 'depth', ...depth, from: 'machine file' },
      { id: 'behind', word: fact.behind, from: 'machine file' },
    ],
    result: { id: 'clearance', value: r.clearance.value, u: r.clearance.u, unit: 'mm' },
    verdict: r.verdict,
    step,
    of: members.map((m) => m.id),
  }
}
