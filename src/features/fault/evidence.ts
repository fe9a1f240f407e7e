import { type Catalogue, type Evidence, recognise } from '../../core/diagnosis'
import type { JobState, Mark } from '../../core/job'
import type { Result } from '../../core/units'
import { observedWords, readingWords } from '../../words/en/diagnosis'

/** A piece of evidence with the line of the journal that it comes from. */
export interface Known {
  readonly evidence: Evidence
  readonly label: string
  readonly mark: Mark
}

/**
 * Everything the journal knows that bears on one drive, in the order it was logged: symptoms that were picked or that the owner's
 * words speak of (those count as unsure), what tests showed, what was measured. Readings of another drive are left out.
 */
export function evidenceOf(state: JobState, catalogue: Catalogue, drive: string): Known[] {
  const mine = (of: string | undefined): boolean => of === undefined || of === drive
  const known: Known[] = []
  const told = new Set<string>()
  for (const s of state.symptoms) {
    const read = s.symptom === undefined
    for (const symptom of s.symptom === undefined ? recognise(catalogue, s.text) : [s.symptom]) {
      if (told.has(symptom)) continue
      told.add(symptom)
      const certainty = s.certainty ?? (read ? 'maybe' : 'sure')
      known.push({
        evidence: { kind: 'symptom', symptom, certainty },
        label: catalogue.symptoms.find((x) => x.id === symptom)?.name ?? symptom,
        mark: s,
      })
    }
  }
  for (const o of state.observations)
    if (mine(o.drive)) known.push({ evidence: { kind: 'word', test: o.test, outcome: o.outcome }, label: observedWords(o), mark: o })
  for (const r of state.readings) {
    if (r.test === undefined || !mine(r.drive)) continue
    known.push({ evidence: { kind: 'value', test: r.test, ...asValue(r.result) }, label: readingWords(r, 3), mark: r })
  }
  return known.sort((a, b) => a.mark.at - b.mark.at)
}

/** A result as evidence: its figure, the end of a range that it lies beyond, or the middle of what it swings over. */
function asValue(result: Result): { readonly value: number; readonly u?: number; readonly beyond?: 'over' | 'under' } {
  switch (result.is) {
    case 'value':
      return { value: result.value, ...(result.u !== undefined ? { u: result.u } : {}) }
    case 'unstable':
      return { value: (result.low + result.high) / 2, u: Math.abs(result.high - result.low) / Math.sqrt(12) }
    default:
      return { value: result.limit, beyond: result.is }
  }
}
