import { faultNamed, faultsOf, testNamed } from '../../core/diagnosis'
import type { JobState } from '../../core/job'
import { inside } from './inside'
import { QUANTITY_WORDS, resultWords } from './readings'

type One<K extends 'observations' | 'faults' | 'readings'> = JobState[K][number]

/** A test by its name in the catalogue; as it was written where no catalogue has it. */
export function testWords(test: string, written?: string): string {
  return written ?? testNamed(test)?.title ?? test
}

/** A test and what it showed: `Read the error code: no code`. */
export function observedWords(o: Pick<One<'observations'>, 'test' | 'outcome' | 'text'>): string {
  // Older forms have its ids where words stood.
  if (o.text !== undefined && o.text !== `${o.test}: ${o.outcome}`) return o.text
  const test = testNamed(o.test)
  const name = test?.answer.kind === 'words' ? test.answer.outcomes.find((x) => x.id === o.outcome)?.name : undefined
  const shown = name ?? o.outcome
  return `${test?.title ?? o.test}: ${inside(shown)}`
}

/** One fault, or two at once: `Hall wire broken at the axle and Hall plug not home or wet`. */
export function bothNamed(names: readonly string[]): string {
  return names.map((name, i) => (i === 0 ? name : inside(name))).join(' and ')
}

/** What is wrong: in somebody's words, else by its name in the catalogue; an id in their place, as older forms have it, is no word. */
export function faultWords(f: { readonly text?: string; readonly id?: string }): string {
  if (f.text !== undefined && f.text !== f.id) return f.text
  return f.id === undefined ? '' : bothNamed(faultsOf(f.id).map((one) => faultNamed(one)?.name ?? one))
}

/** What is done about it; empty where that is not said. */
export function faultAction(f: Pick<One<'faults'>, 'action' | 'way' | 'id'>): string {
  if (f.action !== undefined) return f.action
  const action = f.id === undefined ? null : (faultNamed(faultsOf(f.id)[0] ?? f.id)?.action ?? null)
  if (f.way === undefined || !action) return f.way ?? ''
  return f.way === 'swap' ? action.name : (action.instead?.find((w) => w.kind === f.way)?.name ?? f.way)
}

/** What a check measures, by the test that its readings name. */
const CHECK_NAMES: Readonly<Record<string, string>> = {
  'check-lining': 'brake lining',
  'check-disc': 'brake disc',
  'check-runout': 'disc runout',
  'check-lever': 'lever travel',
  'check-play': 'bearing play',
}

/** What was measured: as it was written, by its test, or by its quantity. */
export function readingName(r: Pick<One<'readings'>, 'named' | 'test' | 'quantity'>): string {
  if (r.named !== undefined) return r.named
  if (r.test !== undefined && Object.hasOwn(CHECK_NAMES, r.test)) return CHECK_NAMES[r.test]!
  const answer = r.test === undefined ? undefined : testNamed(r.test)?.answer
  if (answer?.kind === 'number') return answer.quantity
  return r.quantity === undefined ? 'reading' : QUANTITY_WORDS[r.quantity]
}

/** What was measured and what it showed, in a line: `pack at rest 54.6 V`. */
export function readingWords(r: Pick<One<'readings'>, 'named' | 'test' | 'quantity' | 'result' | 'unit'>, digits = 5): string {
  return `${readingName(r)} ${resultWords(r.result, r.unit, digits)}`
}
