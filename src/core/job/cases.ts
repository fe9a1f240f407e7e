import type { CalledFault, JobState } from './state'
import type { Used } from './vocabulary'

/** Kinds of entries that a case is read from. */
export const CASE_KINDS = ['job-opened', 'symptom-noted', 'test-observed', 'reading-taken', 'fault-called', 'struck'] as const

/** A job whose fault was called for sure: what was told of the machine, what its tests showed, and what it was. */
export interface Case extends Pick<JobState, 'symptoms' | 'observations' | 'readings'> {
  readonly job: string
  readonly number: string
  readonly unit?: string
  /** On its counter at the door. */
  readonly used?: Used
  /** When the last of its faults was called, epoch ms. */
  readonly at: number
  readonly faults: readonly CalledFault[]
}

/** What a job found; null where nothing was called, or nothing for sure. Readings of no test are left out. */
export function caseOf(job: string, state: JobState): Case | null {
  const faults = state.faults.filter((f) => f.certainty !== 'maybe')
  if (faults.length === 0) return null
  return {
    job,
    number: state.number,
    ...(state.machine.unit ? { unit: state.machine.unit } : {}),
    ...(state.usedAtDoor ? { used: state.usedAtDoor } : {}),
    at: Math.max(...faults.map((f) => f.at)),
    symptoms: state.symptoms,
    observations: state.observations,
    readings: state.readings.filter((r) => r.test !== undefined),
    faults,
  }
}

/** One fault over all cases of a model. */
export interface Pattern {
  /** Its id in the catalogue, or somebody’s own words. */
  readonly fault: { readonly id: string } | { readonly text: string }
  /** The newest first. */
  readonly cases: readonly Case[]
  /** What owners told, by its id or as it was written, and in how many of the cases; the most told first. */
  readonly told: readonly { readonly symptom?: string; readonly text: string; readonly times: number }[]
  /** The least and the most on the counter, by its unit, where it was told. */
  readonly used: readonly { readonly unit: Used['unit']; readonly least: number; readonly most: number }[]
}

/** What was found on a model, fault by fault, the one found most often first. A case with two faults stands under both. */
export function patternsOf(cases: readonly Case[]): readonly Pattern[] {
  const by = new Map<string, { readonly fault: Pattern['fault']; readonly cases: Case[] }>()
  for (const one of [...cases].sort((a, b) => b.at - a.at))
    for (const f of one.faults)
      for (const fault of f.id === undefined ? [{ text: (f.text ?? '').trim() }] : f.id.split('+').map((id) => ({ id }))) {
        const key = 'id' in fault ? `id ${fault.id}` : `text ${fault.text.toLowerCase()}`
        const known = by.get(key) ?? { fault, cases: [] }
        if (!known.cases.includes(one)) known.cases.push(one)
        by.set(key, known)
      }
  return [...by.values()]
    .map(({ fault, cases: own }) => ({ fault, cases: own, told: toldIn(own), used: usedIn(own) }))
    .sort((a, b) => b.cases.length - a.cases.length || b.cases[0]!.at - a.cases[0]!.at)
}

function toldIn(cases: readonly Case[]): Pattern['told'] {
  const told = new Map<string, { symptom?: string; text: string; times: number }>()
  for (const one of cases) {
    const here = new Map(one.symptoms.map((s) => [s.symptom ?? s.text.trim().toLowerCase(), s]))
    for (const [key, s] of here) {
      const known = told.get(key) ?? { ...(s.symptom === undefined ? {} : { symptom: s.symptom }), text: s.text, times: 0 }
      told.set(key, { ...known, times: known.times + 1 })
    }
  }
  return [...told.values()].sort((a, b) => b.times - a.times)
}

function usedIn(cases: readonly Case[]): Pattern['used'] {
  const units = new Map<Used['unit'], number[]>()
  for (const { used } of cases) if (used) units.set(used.unit, [...(units.get(used.unit) ?? []), used.value])
  return [...units].map(([unit, values]) => ({ unit, least: Math.min(...values), most: Math.max(...values) }))
}
