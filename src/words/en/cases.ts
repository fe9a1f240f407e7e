import { symptomNamed } from '../../core/diagnosis'
import { type Case, type Pattern, patternsOf } from '../../core/job'
import { bothNamed, faultAction, faultWords, observedWords, readingWords } from './diagnosis'
import { inside } from './inside'

const jobNumber = (number: string): string => (number === '' ? 'Job' : `Job ${number}`)

/** A fault over all cases, by its name. */
const patternName = ({ fault }: Pattern): string => faultWords(fault)

const toldName = (t: { readonly symptom?: string; readonly text: string }): string =>
  (t.symptom === undefined ? null : symptomNamed(t.symptom)) ?? t.text

/** What owners told, with how often, and what was on the counter: `Told: jerks (3 of 4). On the counter: 800 to 2,400 km.` */
export function patternWords({ cases, told, used }: Pattern): string {
  const figure = new Intl.NumberFormat('en-GB')
  const said = told.slice(0, 4).map((t) => (cases.length > 1 ? `${toldName(t)} (${t.times} of ${cases.length})` : toldName(t)))
  const counter = used.map(({ unit, least, most }) =>
    least === most ? `${figure.format(least)} ${unit}` : `${figure.format(least)} to ${figure.format(most)} ${unit}`,
  )
  return [
    ...(said.length > 0 ? [`Told: ${said.join(', ')}.`] : []),
    ...(counter.length > 0 ? [`On the counter: ${counter.join('; ')}.`] : []),
  ].join(' ')
}

/** Which one it was, and what was on its counter. */
export function caseHead({ unit, used }: Case): string {
  return [...(unit ? [unit] : []), ...(used ? [`${new Intl.NumberFormat('en-GB').format(used.value)} ${used.unit}`] : [])].join(', ')
}

/** What one job showed, as it was logged, and what was done about it. */
export function caseWords({ symptoms, observations, readings, faults }: Case): {
  readonly told: string
  readonly showed: readonly string[]
  readonly called: string
} {
  const showed = [
    ...observations.map((o) => ({ at: o.at, text: observedWords(o) })),
    ...readings.map((r) => ({ at: r.at, text: readingWords(r, 3) })),
  ]
  const action = faultAction(faults.at(-1)!)
  const called = bothNamed([...new Set(faults.map(faultWords))])
  return {
    told: symptoms.map(toldName).join('; '),
    showed: showed.sort((a, b) => a.at - b.at).map((x) => x.text),
    called: action === '' ? called : `${called}: ${inside(action)}`,
  }
}

/** One job in which a fault was found, in words. */
export interface FoundCase extends ReturnType<typeof caseWords> {
  readonly job: string
  readonly number: string
  /** Which one it was, and its counter. */
  readonly head: string
  /** Epoch ms. */
  readonly at: number
}

/** What was found on a model, in words: fault by fault, with every job in which it was. */
export interface FoundOn {
  readonly jobs: number
  readonly faults: readonly { readonly name: string; readonly summary: string; readonly cases: readonly FoundCase[] }[]
}

export function foundWords(cases: readonly Case[]): FoundOn {
  const faults = patternsOf(cases).map((p) => ({
    name: patternName(p),
    summary: patternWords(p),
    cases: p.cases.map((c) => ({ job: c.job, number: jobNumber(c.number), head: caseHead(c), at: c.at, ...caseWords(c) })),
  }))
  return { jobs: cases.length, faults }
}
