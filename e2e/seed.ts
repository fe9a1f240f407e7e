import { randomUUID } from 'node:crypto'
import { expect, type Page } from '@playwright/test'
import { NEWEST_FORM, SAID } from '../src/core/build'
import { expectedDone, type JobState, lengthsAsked, notedDown, reduce, sideBySide } from '../src/core/job'
import { answersFor, fileVolts } from '../src/core/machine'
import { plan, type PlannedStep } from '../src/core/planning'
import { wellRead } from '../src/demo/figures'
import { demoMachines } from '../src/demo/machines'
import { Logbook, MINUTE } from '../tests/logbook'
import { proofOf } from '../tests/proof'
import { BENCH } from './bench'

const ME = 'p-ines'

/**
 * A job of a demo machine, opened and gone through by what its tablet would have sent, as far as `until` says, so that a test begins where
 * it has something to show. Whoever is signed in has to be Ines.
 * @param more what else was logged, at the end
 * @param variants answers to the questions of the machine; those that the job needs where left out
 * @returns the id of the job
 */
export async function seeded(
  page: Page,
  machine: string,
  goal: string,
  until: (step: PlannedStep) => boolean,
  more: (book: Logbook) => void = () => undefined,
  variants?: Readonly<Record<string, string>>,
): Promise<string> {
  const file = demoMachines().find((f) => f.id === machine)!
  const answers =
    variants ??
    answersFor(
      file,
      file.goals.find((g) => g.id === goal)!,
    )
  const found = plan(file, 'untouched', [goal], { variants: answers })
  if (!found.ok) throw new Error(`${machine} has no plan for ${goal}`)
  const { down, up, swap } = found.value
  const all = [...down.steps, ...up.steps]
  const end = all.findIndex(until)
  expect(end).toBeGreaterThan(0)
  const full = fileVolts(file)
  const book = new Logbook(NEWEST_FORM)
  const now = (): JobState => reduce('j1', book.entries)
  book.log('job-opened', {
    number: '',
    machine: { name: file.name, unit: 'seeded', file: file.id, revision: file.revision },
    complaint: 'x',
  })
  for (const [variant, option] of Object.entries(answers)) book.log('variant-answered', { variant, option })
  book.log('goal-set', { goals: [goal], text: file.goals.find((g) => g.id === goal)!.name })
  book.log('check-passed', { check: 'qualified', shown: 'answers for it' })
  book.log('pack-checked', { result: 'sound', signs: [] })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: now().settings })
  book.log('stage-moved', { to: 'make safe' })
  book.log('stage-moved', { to: 'take down' })
  for (const [i, s] of all.slice(0, end).entries()) {
    if (s.limb === 'up' && all[i - 1]?.limb === 'down') {
      book.log('stage-moved', { to: 'swap' })
      for (const { id, part } of swap) if (part) book.log('part-replaced', { part: part.id, step: id })
      book.log('stage-moved', { to: 'build up' })
    }
    if (s.turn) book.log('pose-changed', { to: s.turn.to, name: s.turn.title, people: s.turn.people })
    if (s.check === 'dead') book.log('proof-taken', proofOf(full))
    for (const ask of lengthsAsked(now(), s)) book.log('worked-out', sideBySide(ask)!)
    if (s.check && s.limb === 'up')
      book.log('check-passed', { check: s.check as never, shown: 'looked at', step: s.id, ...wellRead(s, notedDown(now())) })
    else for (const _ of s.passes ?? ['done']) book.log('step-done', { ...expectedDone(now(), s), ...wellRead(s, notedDown(now())) })
  }
  more(book)
  return sent(page, book)
}

/** Sends a journal as the tablet of whoever is signed in would have. @returns the id of its job */
export async function sent(page: Page, book: Logbook): Promise<string> {
  const jobId = randomUUID()
  const device = (await page.context().cookies()).find((c) => c.name === 'nailsmith-device')!.value
  const first = Date.now() - (book.entries.length + 5) * MINUTE
  for (const [i, { kind, v, body }] of book.entries.entries()) {
    const draft = { id: randomUUID(), jobId, base: i, at: first + i * MINUTE, by: ME, device, kind, v, body }
    const answer = await page.request.post(`/api/jobs/${jobId}/entries`, { data: [draft], headers: { ...SAID, origin: BENCH.url } })
    const { answers } = (await answer.json()) as { answers: { status: string; reason?: string }[] }
    expect(answers[0]?.status, `${kind}: ${answers[0]?.reason ?? ''}`).toBe('stored')
  }
  return jobId
}
