import { type Catalogue, type Evidence, recognise } from '../../core/diagnosis'
import type { JobState, Mark } from '../../core/job'

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
    if (mine(o.drive)) known.push({ evidence: { kind: 'word', test: o.test, outcome: o.outcome }, label: o.text, mark: o })
  for (const r of state.readings) {
    if (r.test === undefined || !mine(r.drive)) continue
    known.push({
      evidence: { kind: 'value', test: r.test, value: r.value, ...(r.u !== undefined ? { u: r.u } : {}) },
      label: `${r.quantity} ${Number(r.value.toPrecision(3))} ${r.unit}`,
      mark: r,
    })
  }
  return known.sort((a, b) => a.mark.at - b.mark.at)
}
