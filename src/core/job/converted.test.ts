import { describe, expect, it } from 'vitest'
import { proofOf } from '../../../tests/proof'
import { Logbook } from '../../../tests/logbook'
import { writeReport } from '../../formats/hand-back'
import { wellRead } from '../../demo/figures'
import { demoMachines } from '../../demo/machines'
import { NEWEST_FORM } from '../build'
import { fileVolts, type MachineFile } from '../machine'
import { wordingOf } from '../planning'
import { planOnce } from '../planning/plan-once'
import {
  conversionOf,
  expectedDone,
  firstOff,
  type JobState,
  lengthsAsked,
  looseCount,
  notedDown,
  openWaits,
  presentStep,
  reduce,
  startOf,
  tally,
  trayRows,
  wantedNew,
} from './index'
import { isSettled } from './readiness'
import { inWords } from './with-titles'

/** A job of a demo machine, gone down to its bottom by one tap a step. */
function atTheBottom(machine: string, goal: string, variants: Record<string, string> = {}) {
  const file = demoMachines().find((f) => f.id === machine)!
  const found = planOnce(file, 'untouched', [goal], { variants })
  if (!found.ok) throw new Error(found.error.kind)
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', {
    number: '1',
    machine: { name: file.name, file: file.id, revision: file.revision, fullVolts: fileVolts(file)! },
    complaint: 'x',
  })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', []).settings })
  for (const s of found.value.down.steps) {
    if (s.check === 'dead') book.log('proof-taken', proofOf(fileVolts(file)))
    book.log('step-done', { ...expectedDone(reduce('j1', book.entries), s), ...wellRead(s, notedDown(reduce('j1', book.entries))) })
  }
  for (const s of found.value.swap) if (s.part) book.log('part-replaced', { part: s.part.id, step: s.id })
  return { file, book, now: (): JobState => reduce('j1', book.entries) }
}

/** Everything of the way up that is still to be done, done in its order. @returns its steps */
function up({ file, book, now }: ReturnType<typeof atTheBottom>): string[] {
  const done: string[] = []
  for (let i = 0; i < 200; i++) {
    const state = now()
    const step = presentStep(state, 'up', state.lastAt)
    if (!step) return done
    if (!done.includes(step.id)) done.push(step.id)
    if (step.kind === 'prove') {
      book.log('proof-taken', proofOf(fileVolts(file)))
      continue
    }
    for (const { fact, members } of lengthsAsked(state, step))
      book.log('worked-out', {
        working: 'length-in-hole',
        edition: 1,
        asked: [{ id: 'length', value: fact.length, u: 0.1 }],
        verdict: 'clear',
        of: members.map((m) => m.id),
      })
    if (step.check)
      book.log('check-passed', { check: step.check as never, shown: 'looked at', step: step.id, ...wellRead(step, notedDown(now())) })
    else book.log('step-done', { ...expectedDone(now(), step), ...wellRead(step, notedDown(now())) })
    for (const [id, wait] of openWaits(now()))
      if (wait.began) book.wait(wait.minutes).log('wait-ended', { step: id, of: wait.began.entry, seconds: wait.minutes * 60 })
  }
  throw new Error(`no end: ${done.at(-1)}`)
}
const set = (file: MachineFile) => file.widths![0]!
const page = (state: JobState) =>
  writeReport(state, { nameOf: (p) => p, when: String, now: 0, shop: 'x' }).sections.find((s) => s.id === 'converted')?.lines

describe('a machine goes into another width in the middle of a job', () => {
  it('narrow to wide: the spacers stay out and are nobody’s loose piece, and the page names what is left over', () => {
    const job = atTheBottom('plover', 'width-goal')
    const { file, book, now } = job
    expect(now().parts['left-spacer']?.condition).toBe('off')
    const loose = looseCount(now()).parts
    const body = conversionOf(file, set(file), 'narrow', 'wide')
    expect(body.off.map((p) => [p.name, p.of ?? []])).toEqual([
      ['spacer 9', ['left-spacer', 'left-spacer-fit-1']],
      ['spacer 5, slotted', ['right-spacer', 'right-spacer-fit-1']],
      ['brake cable bolt', []],
    ])
    expect(firstOff(now(), file, body)).toEqual([])
    book.log('width-converted', body)
    expect(now().variants['hub-width']).toBe('wide')
    expect(looseCount(now()).parts).toBe(loose - 2)
    const done = up(job)
    expect(done.filter((id) => /spacer/.test(id))).toEqual(['up:step:width-over-spacers'])
    expect(done.indexOf('up:on:hub:0')).toBe(done.indexOf('up:off:wheel') - 1)
    expect(now().up.find((s) => s.id === 'up:on:hub:0')).toMatchObject({
      title: 'Brake cable bolt, M5×16, at the brake arm: on',
      passes: ['final'],
    })
    expect(looseCount(now())).toEqual({ fixings: 0, parts: 0 })
    expect(tally(now())).toMatchObject({ open: 0, balanced: true })
    expect(page(now())).toEqual([
      'Front hub: now wide, 118 mm; before narrow, 104 mm.',
      expect.stringMatching(
        /^Left over, and with the machine: spacer 9, left.*; spacer 5, slotted, right.*; brake cable bolt, M5×20, at the brake arm\.$/,
      ),
    ])
  })

  it('wide to narrow: what was not there goes on before the wheel, each a step of its own', () => {
    const job = atTheBottom('plover', 'width-goal', { 'hub-width': 'wide' })
    const { file, book, now } = job
    book.log('width-converted', conversionOf(file, set(file), 'wide', 'narrow'))
    const done = up(job)
    const wheel = done.indexOf('up:off:wheel')
    expect(done.slice(wheel - 3, wheel)).toEqual(['up:on:hub:0', 'up:on:hub:1', 'up:on:hub:2'])
    expect(now().parts['on:hub:1']).toMatchObject({ name: 'spacer 5, slotted, right, lead in its slot', condition: 'on' })
    expect(looseCount(now())).toEqual({ fixings: 0, parts: 0 })
  })

  it('a shell: rings before the motor, bolts of another length in their own holes, asked before they go in', () => {
    const job = atTheBottom('godwit', 'motor-goal')
    const { file, book, now } = job
    const before = now().up.find((s) => s.id === 'up:undo:motor-bolts')!
    expect(before.lengths!.map((l) => [l.length, l.stack])).toEqual([
      [20, 6],
      [35, 21],
    ])
    book.log('width-converted', conversionOf(file, set(file), 'shell-100', 'shell-120'))
    // In the file's words too they are asked for as they are to be, not as they were.
    const worded = inWords(now(), wordingOf(file, ['motor-goal']))
    expect(wantedNew(worded).map((p) => [p.label, p.place])).toEqual([
      ['M8×30', 'upper left'],
      ['M8×30', 'upper right'],
      ['M8×45', 'rear'],
    ])
    expect(worded.up.find((s) => s.id === 'up:undo:motor-bolts')!.fixings.map((f) => f.label)).toEqual(['M8×30', 'M8×30', 'M8×45'])
    // A bag of two lengths says both.
    expect(trayRows(worded).find((r) => r.key === 'up:undo:motor-bolts')).toMatchObject({ pieces: 3, label: 'M8×30, M8×45' })
    const bolts = now().up.find((s) => s.id === 'up:undo:motor-bolts')!
    expect(bolts.lengths!.map((l) => [l.of.length, l.length, l.stack])).toEqual([
      [1, 30, 16],
      [1, 30, 16],
      [1, 45, 31],
    ])
    expect(now().fixings['motor-bolts-3']).toMatchObject({ condition: 'new wanted', label: 'M8×45', replaced: 1 })
    expect(bolts.fixings.map((f) => f.label)).toEqual(['M8×30', 'M8×30', 'M8×45'])
    expect(lengthsAsked(now(), bolts).map((a) => [a.why, a.fact.length])).toEqual([
      ['new', 30],
      ['new', 30],
      ['new', 45],
    ])
    const done = up(job)
    const motor = done.indexOf('up:off:motor')
    expect(done.slice(motor - 2, motor)).toEqual(['up:on:shell:0', 'up:on:shell:1'])
    expect(now().fixings['motor-bolts-3']).toMatchObject({ condition: 'final' })
    expect(tally(now()).balanced).toBe(true)
    expect(page(now())).toEqual([
      'Shell: now 120 mm; before 100 mm.',
      'Left over, and with the machine: M8×20, upper left; M8×20, upper right; M8×35, rear.',
      'Wanted after the first ride: chain line shim 1, behind the chainring.',
    ])
  })

  it('a kit: its parts and screws go on, a group of screws loose first and then final; what is used again stays, one screw is longer', () => {
    const job = atTheBottom('curlew', 'motor-goal')
    const { file, book, now } = job
    const kit = set(file)
    const before = tally(now())
    book.log('width-converted', conversionOf(file, kit, 'as-built', 'stayed'))
    const bolts = now().up.find((s) => s.id === 'up:on:assist-kit:1')!
    expect(bolts).toMatchObject({ title: '2 × stay bolt, M6×20: on', passes: ['started', 'final'] })
    expect(now().fixings['motor-screws-3']).toMatchObject({ condition: 'new wanted', label: 'M8×30' })
    expect(now().fixings['motor-screws-1']).toMatchObject({ replaced: 0 })
    // Two screws came that had never been there, and one takes the place of another.
    expect(tally(now())).toMatchObject({ removed: before.removed, fresh: before.fresh + 3 })
    const order = now().up.map((s) => s.id)
    const at = order.indexOf('up:undo:motor-screws')
    expect(order.slice(at - 1, at + 2)).toEqual(['up:on:assist-kit:0', 'up:undo:motor-screws', 'up:on:assist-kit:1'])
    const was = tally(now())
    const done = up(job)
    const screws = done.indexOf('up:undo:motor-screws')
    // The third screw clamps the stay.
    expect(done.indexOf('up:on:assist-kit:0')).toBeLessThan(screws)
    expect(done[screws + 1]).toBe('up:on:assist-kit:1')
    expect(now().up.find((s) => s.check === 'spin test')!.after).toEqual(expect.arrayContaining(['up:on:assist-kit:1']))
    expect(
      book.entries.filter((e) => e.kind === 'step-done' && e.body.step === bolts.id).map((e) => (e.body as { pass?: string }).pass),
    ).toEqual(['started', 'final'])
    expect(now().fixings['on:assist-kit:2']).toMatchObject({ condition: 'final', place: 'stay bolt, dash tube, right' })
    expect(tally(now())).toMatchObject({ removed: was.removed, fresh: was.fresh, open: 0, balanced: true })
    expect(page(now())).toEqual(['Assist kit: now with its stay; before as built.', 'Left over, and with the machine: M8×22, hole 3 of 3.'])
  })

  it('what hangs on one joint keeps its order behind it', () => {
    const { file, book, now } = atTheBottom('curlew', 'motor-goal')
    const body = conversionOf(file, set(file), 'as-built', 'stayed')
    const plates = ['first plate', 'second plate'].map((name) => ({ name, place: 'left', after: 'motor-screws' }))
    book.log('width-converted', { ...body, on: plates })
    const order = now().up.map((s) => s.id)
    const at = order.indexOf('up:undo:motor-screws')
    expect(order.slice(at + 1, at + 3)).toEqual(['up:on:assist-kit:0', 'up:on:assist-kit:1'])
  })

  it('a bolt that the other width does without stays out, and its step is still to be done for the rest', () => {
    const { file, book, now } = atTheBottom('godwit', 'motor-goal')
    const body = conversionOf(file, set(file), 'shell-100', 'shell-120')
    const without = (of: readonly string[]) => ({ ...body, on: [], bolts: [{ place: 'rear', from: 'M8×35', of: [...of] }] })
    book.log('width-converted', without(['motor-bolts-3']))
    const step = now().up.find((s) => s.id === 'up:undo:motor-bolts')!
    expect(now().fixings['motor-bolts-3']).toMatchObject({ condition: 'kept out', replaced: 0 })
    expect(isSettled(now(), step)).toBe(false)
    const all = atTheBottom('godwit', 'motor-goal')
    all.book.log('width-converted', without(['motor-bolts-1', 'motor-bolts-2', 'motor-bolts-3']))
    expect(isSettled(all.now(), step)).toBe(true)
  })

  it('outlives another plan, and is one conversion where two tablets say it', () => {
    const { file, book, now } = atTheBottom('godwit', 'motor-goal')
    const body = conversionOf(file, set(file), 'shell-100', 'shell-120')
    expect(firstOff(now(), file, body)).toEqual([])
    const tight = { ...now().fixings['motor-bolts-1']!, condition: 'final' as const }
    expect(firstOff({ ...now(), fixings: { ...now().fixings, 'motor-bolts-1': tight } }, file, body)).toEqual(['motor bolts'])
    book.log('width-converted', body)
    const once = now()
    book.log('width-converted', body)
    // The other way, too, while the first stands: it would leave over what the first put on.
    book.log('width-converted', conversionOf(file, set(file), 'shell-120', 'shell-100'))
    expect([now().up, now().fixings, now().parts, now().converted]).toEqual([once.up, once.fixings, once.parts, once.converted])
    const again = planOnce(file, startOf(now(), file), ['motor-goal'], { variants: {} })
    if (!again.ok) throw new Error(again.error.kind)
    book.log('plan-adopted', { plan: again.value, file: file.id, revision: file.revision, settings: now().settings })
    const ids = now().up.map((s) => s.id)
    for (const id of ['up:on:shell:0', 'up:on:shell:1']) expect(ids.indexOf(id)).toBeLessThan(ids.indexOf('up:off:motor'))
    expect(ids.filter((id) => id.startsWith('up:on:'))).toHaveLength(2)
    expect(now().fixings['motor-bolts-3']).toMatchObject({ label: 'M8×45', replaced: 1 })
  })

  it('is not begun while what it concerns is on, and is as if it never was where it is crossed out', () => {
    const { file, book, now } = atTheBottom('plover', 'width-goal')
    const body = conversionOf(file, set(file), 'narrow', 'wide')
    const on = { ...now(), parts: { ...now().parts, wheel: { ...now().parts['wheel']!, condition: 'on' as const } } }
    expect(firstOff(on, file, body)).toEqual(['front motor wheel'])
    expect(firstOff({ parts: {}, fixings: {} }, file, body)).toHaveLength(3)
    const was = now()
    const { id } = book.log('width-converted', body)
    book.log('struck', { target: id })
    const { parts, up: steps, variants, converted } = now()
    expect({ parts, up: steps, variants, converted }).toEqual({
      parts: was.parts,
      up: was.up,
      variants: was.variants,
      converted: {},
    })
  })
})
