import { type Catalogue, NONE } from './types'

/** One way in which a machine may be: sound but for a fault of a severity, or for two, or for something that is in no list. */
export interface Hypothesis {
  /** `winding/2`, `hall-wire/~` where it comes and goes, `bridge+winding`, `none`. */
  readonly key: string
  readonly faults: readonly string[]
  /** 1 slight … 3 gross; 0 where it comes and goes, or where two are wrong. */
  readonly grade: 0 | 1 | 2 | 3
  /** Its place among the candidates that are told: its fault’s, its pair’s, or the last for `none`. */
  readonly candidate: number
  /** What is believed of it before anything is known; all sum to 1. */
  readonly prior: number
}

const GRADES = [1, 2, 3] as const

/** A pair as one candidate, and back. */
const pairId = (faults: readonly [string, string]): string => faults.join('+')
export const faultsOf = (candidate: string): readonly string[] => (candidate === NONE ? [] : candidate.split('+'))

/** All that is told as one suspect: the faults, the pairs, and `none` last. */
export function candidates(catalogue: Pick<Catalogue, 'faults' | 'pairs'>): readonly string[] {
  return [...catalogue.faults.map((f) => f.id), ...catalogue.pairs.map((p) => pairId(p.faults)), NONE]
}

/** What moves how usual a fault is: by its id, how many times as usual. */
export type Leanings = Readonly<Record<string, number>>

/** Every hypothesis of a catalogue, each fault by three severities alike, and by what comes and goes. */
export function hypotheses(catalogue: Pick<Catalogue, 'faults' | 'pairs' | 'noneUsual'>, leanings: Leanings = {}): readonly Hypothesis[] {
  const leant = (id: string, usual: number): number => usual * (leanings[id] ?? 1)
  const all: Omit<Hypothesis, 'prior'>[] = []
  const weights: number[] = []
  const add = (h: Omit<Hypothesis, 'prior'>, weight: number): void => {
    all.push(h)
    weights.push(weight)
  }
  catalogue.faults.forEach((fault, candidate) => {
    const goes = fault.comesAndGoes ?? 0
    const usual = leant(fault.id, fault.usual)
    for (const grade of GRADES)
      add({ key: `${fault.id}/${grade}`, faults: [fault.id], grade, candidate }, (usual * (1 - goes)) / GRADES.length)
    if (goes > 0) add({ key: `${fault.id}/~`, faults: [fault.id], grade: 0, candidate }, usual * goes)
  })
  catalogue.pairs.forEach(({ faults, usual }, i) => {
    const key = pairId(faults)
    add({ key, faults, grade: 0, candidate: catalogue.faults.length + i }, leant(key, usual))
  })
  add({ key: NONE, faults: [], grade: 0, candidate: catalogue.faults.length + catalogue.pairs.length }, catalogue.noneUsual)
  const sum = weights.reduce((a, b) => a + b, 0)
  return all.map((h, i) => ({ ...h, prior: weights[i]! / sum }))
}
