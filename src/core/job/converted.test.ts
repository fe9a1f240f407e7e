import { describe, expect, it } from 'vitest'
import { proofOf } from '../../../tests/proof'
import { Logbook } from '../../../tests/logbook'
import { writeReport } from '../../formats/hand-back'
import { wellRead } from '../../demo/figures'
import { demoMachines } from '../../demo/machines'
import { NEWEST_FORM } from '../build'
import type { WidthSet } from '../conversion'
import { fileVolts, type MachineFile } from '../machine'
import { widthWay, wordingOf } from '../planning'
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
  relevantChecks,
  startOf,
  tally,
  trayRows,
  wantedNew,
} from './index'
import { isSettled } from './readiness'
import { notWhole } from './whole'
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
  book.ready(found.value)
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
    if (step.check === 'spin test') book.wait(60).log('note-added', { text: 'waited' })
    if (step.power === 'live' && relevantChecks(state).includes('first power'))
      book.log('check-passed', { check: 'first power', shown: 'fuse', amps: 5 })
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
const stay = (file: MachineFile) => file.widths!.find((w) => w.id === 'motor-stay')!

/** The way up of the other width, planned from where the job stands; undefined where the file brings nothing along. */
function wayIn(state: JobState, file: MachineFile, of: WidthSet, from: string, to: string) {
  const way = widthWay({ file, start: startOf(state, file), goals: state.goals, set: of, from, to }, { variants: state.variants })
  if (way && 'error' in way) throw new Error(JSON.stringify(way.error))
  return way ?? undefined
}

/** The machine goes into another width, as the sheet logs it. */
function convert({ file, book, now }: ReturnType<typeof atTheBottom>, of: WidthSet, from: string, to: string) {
  const body = conversionOf(file, of, from, to, wayIn(now(), file, of, from, to))
  expect(firstOff(now(), file, body)).toEqual([])
  return book.log('width-converted', body)
}
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
    // Nothing comes along: the way up stays as it is.
    expect(wayIn(now(), file, set(file), 'narrow', 'wide')).toBeUndefined()
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

  it('wide to narrow: the spacers go on by their own steps, and the width that they make is measured before the wheel goes in', () => {
    const job = atTheBottom('plover', 'width-goal', { 'hub-width': 'wide' })
    const { file, now } = job
    expect(now().parts['left-spacer']).toBeUndefined()
    convert(job, set(file), 'wide', 'narrow')
    expect(now().parts['left-spacer']).toMatchObject({ condition: 'off' })
    expect(wantedNew(inWords(now(), wordingOf(file, ['width-goal']))).map((p) => p.label)).toEqual(['spacer 9', 'spacer 5', 'M5×20'])
    expect(now().up.find((s) => s.id === 'up:off:right-spacer')!.cautions).toContain('H39')
    expect(trayRows(now()).find((r) => r.key === 'up:undo:left-spacer-fit')).toMatchObject({ instead: 'new', cells: [] })
    const again = startOf(now(), file)
    expect(again).toMatchObject({ done: expect.arrayContaining(['off:left-spacer', 'undo:right-spacer-fit']) as unknown })
    const was = tally(now())
    const done = up(job)
    const at = (id: string): number => done.indexOf(id)
    const spacers = ['left', 'right'].flatMap((side) => [at(`up:off:${side}-spacer`), at(`up:undo:${side}-spacer-fit`)])
    expect(Math.min(...spacers)).toBeGreaterThan(-1)
    expect(at('up:step:width-over-spacers')).toBeGreaterThan(Math.max(...spacers))
    expect(at('up:off:wheel')).toBeGreaterThan(at('up:step:width-over-spacers'))
    // The cable bolt is not of the file: a step by itself.
    expect(done.filter((id) => id.startsWith('up:on:'))).toEqual(['up:on:hub:2'])
    expect(looseCount(now())).toEqual({ fixings: 0, parts: 0 })
    expect(tally(now())).toMatchObject({ removed: was.removed, fresh: was.fresh, open: 0, balanced: true })
    expect(startOf(now(), file)).not.toMatchObject({ done: expect.arrayContaining(['off:left-spacer']) as unknown })
  })

  it('brings its way up along in the newest form only: in an older one each piece is a step by itself', () => {
    const { file, now, book } = atTheBottom('plover', 'width-goal', { 'hub-width': 'wide' })
    const way = wayIn(now(), file, set(file), 'wide', 'narrow')
    const old = new Logbook(20)
    old.entries.push(...book.entries)
    old.log('width-converted', conversionOf(file, set(file), 'wide', 'narrow', way))
    const state = reduce('j1', old.entries)
    expect(state.up.filter((s) => s.action.startsWith('on:')).map((s) => s.id)).toEqual(['up:on:hub:0', 'up:on:hub:1', 'up:on:hub:2'])
    expect(state.parts['on:hub:1']).toMatchObject({ name: 'spacer 5, slotted, right, lead in its slot', condition: 'off' })
  })

  it('is crossed out with the way that it brought', () => {
    const job = atTheBottom('plover', 'width-goal', { 'hub-width': 'wide' })
    const was = job.now()
    const { id } = convert(job, set(job.file), 'wide', 'narrow')
    job.book.log('struck', { target: id })
    const { parts, fixings, up: steps, variants, converted } = job.now()
    expect({ parts, fixings, up: steps, variants, converted }).toEqual({
      parts: was.parts,
      fixings: was.fixings,
      up: was.up,
      variants: was.variants,
      converted: {},
    })
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

  it('an assist where there was none: its parts, screws and plugs come with the file’s own steps and checks, what held the plate holds the motor', () => {
    const job = atTheBottom('curlew', 'fit-goal', { assist: 'blanked' })
    const { file, book, now } = job
    expect([now().parts['motor'], now().fixings['controller-bolts-1']]).toEqual([expect.anything(), undefined])
    const was = tally(now())
    expect(now().provedAs).toBe('ride-on')
    convert(job, set(file), 'blanked', 'fitted')
    expect(now().provedAs).toBe('steering')
    expect(now().variants).toMatchObject({ assist: 'fitted' })
    expect(['motor', 'star', 'controller'].map((id) => now().parts[id]?.condition)).toEqual(['off', 'off', 'off'])
    expect(now().parts['worm-plate']).toMatchObject({ condition: 'off', leftOver: true })
    // The flange screws were out, and go back; three bolts and a star have never been there.
    expect(now().fixings['motor-screws-1']).toMatchObject({ condition: 'cell', replaced: 0 })
    expect(wantedNew(inWords(now(), wordingOf(file, ['fit-goal']))).map((p) => p.label)).toEqual(['M5×14', 'M5×14', 'M5×14', 'star'])
    expect(now().fixings['controller-bolts-1']).toMatchObject({ added: true, replaced: 0 })
    expect(
      now()
        .down.filter((s) => now().steps[s.id]?.status !== 'done')
        .map((s) => s.id),
    ).toEqual([])
    const done = up(job)
    const at = (id: string): number => done.indexOf(id)
    const order = [
      'off:star',
      'off:motor',
      'undo:motor-screws',
      'unplug:motor-plug',
      'step:pinch-look',
      'unplug:pack-plug',
      'step:turn-test',
    ]
    expect(order.map((id) => at(`up:${id}`))).toEqual(order.map((id) => at(`up:${id}`)).toSorted((a, b) => a - b))
    for (const id of [...order, 'off:controller', 'undo:controller-bolts', 'unplug:torque-plug', 'unplug:feed', 'step:teach-centre'])
      expect(at(`up:${id}`), id).toBeGreaterThan(-1)
    for (const id of ['off:worm-plate', 'unplug:parked-plugs']) expect(at(`up:${id}`), id).toBe(-1)
    const passes = (step: string) =>
      book.entries.flatMap((e) => (e.kind === 'step-done' && e.body.step === step ? [(e.body as { pass?: string }).pass] : []))
    expect(passes('up:undo:motor-screws')).toEqual(['started', 'seated', 'final'])
    expect(looseCount(now())).toEqual({ fixings: 0, parts: 0 })
    expect(now().flags).toEqual([])
    expect(tally(now())).toMatchObject({ removed: was.removed, fresh: was.fresh + 4, open: 0, balanced: true })
    expect(page(now())).toEqual([
      'Assist kit: now assist fitted; before place blanked.',
      'Left over, and with the machine: blanking plate, over the worm.',
    ])
  })

  it('said on one tablet while the plate went back on another: what holds it is to be done once more, over the motor', () => {
    const job = atTheBottom('curlew', 'fit-goal', { assist: 'blanked' })
    const { file, book, now } = job
    const body = conversionOf(file, set(file), 'blanked', 'fitted', wayIn(now(), file, set(file), 'blanked', 'fitted'))
    const base = book.entries.length
    for (const id of ['up:off:worm-plate', 'up:undo:motor-screws', 'up:undo:motor-screws', 'up:undo:motor-screws'])
      book.log(
        'step-done',
        expectedDone(
          now(),
          now().up.find((s) => s.id === id)!,
        ),
      )
    expect(firstOff(now(), file, body)).toEqual(['blanking plate over the worm'])
    expect(now().steps['up:undo:motor-screws']).toMatchObject({ status: 'done', pass: 'final' })
    book.log('width-converted', body, { device: 'other', base })
    expect(now().flags.map((f) => [f.kind, f.subject])).toEqual([['not ready', 'up:undo:motor-screws']])
    const done = up(job)
    expect(done.indexOf('up:undo:motor-screws')).toBeGreaterThan(done.indexOf('up:off:motor'))
  })

  it('and taken out again: the plate goes on with the same screws, plugs are parked, no bolt of the kit is asked for', () => {
    const job = atTheBottom('curlew', 'remove-goal')
    const { file, now } = job
    convert(job, set(file), 'fitted', 'blanked')
    // Three bolts and a star stay out, and no new star is asked for.
    expect(tally(now())).toMatchObject({ fresh: 0, notGoingBack: 4 })
    const done = up(job)
    for (const id of ['off:worm-plate', 'unplug:parked-plugs', 'undo:motor-screws', 'unplug:feed']) expect(done, id).toContain(`up:${id}`)
    expect(done.filter((id) => /motor$|motor-plug|torque-plug|signal-plug|controller|star|turn-test|teach/.test(id))).toEqual([])
    expect(looseCount(now())).toEqual({ fixings: 0, parts: 0 })
    expect(now().flags).toEqual([])
    expect(tally(now())).toMatchObject({ open: 0, balanced: true })
    expect(notWhole(now())).toEqual([])
    // Planned once more from there, nothing of the kit comes back.
    const again = planOnce(file, startOf(now(), file), ['inspect'], { variants: now().variants })
    if (!again.ok) throw new Error(again.error.kind)
    job.book.log('plan-adopted', { plan: again.value, file: file.id, revision: file.revision, settings: now().settings })
    expect(now().up.filter((s) => /motor-plug|off:motor$|controller-bolts/.test(s.id))).toEqual([])
  })

  it('a stay: its parts and screws go on, a group of screws loose first and then final; what is used again stays, one screw is longer', () => {
    const job = atTheBottom('curlew', 'motor-goal')
    const { file, book, now } = job
    const kit = stay(file)
    const before = tally(now())
    book.log('width-converted', conversionOf(file, kit, 'without', 'stayed'))
    const bolts = now().up.find((s) => s.id === 'up:on:motor-stay:1')!
    expect(bolts).toMatchObject({ title: '2 × stay bolt, M6×20: on', passes: ['started', 'final'] })
    expect(now().fixings['motor-screws-3']).toMatchObject({ condition: 'new wanted', label: 'M8×30' })
    expect(now().fixings['motor-screws-1']).toMatchObject({ replaced: 0 })
    // Two screws came that had never been there, and one takes the place of another.
    expect(tally(now())).toMatchObject({ removed: before.removed, fresh: before.fresh + 3 })
    const order = now().up.map((s) => s.id)
    const at = order.indexOf('up:undo:motor-screws')
    expect(order.slice(at - 1, at + 2)).toEqual(['up:on:motor-stay:0', 'up:undo:motor-screws', 'up:on:motor-stay:1'])
    const was = tally(now())
    const done = up(job)
    const screws = done.indexOf('up:undo:motor-screws')
    // The third screw clamps the stay.
    expect(done.indexOf('up:on:motor-stay:0')).toBeLessThan(screws)
    expect(done[screws + 1]).toBe('up:on:motor-stay:1')
    expect(now().up.find((s) => s.check === 'spin test')!.after).toEqual(expect.arrayContaining(['up:on:motor-stay:1']))
    expect(
      book.entries.filter((e) => e.kind === 'step-done' && e.body.step === bolts.id).map((e) => (e.body as { pass?: string }).pass),
    ).toEqual(['started', 'final'])
    expect(now().fixings['on:motor-stay:2']).toMatchObject({ condition: 'final', place: 'stay bolt, dash tube, right' })
    expect(tally(now())).toMatchObject({ removed: was.removed, fresh: was.fresh, open: 0, balanced: true })
    expect(page(now())).toEqual([
      'Motor stay: now with its stay; before without its stay.',
      'Left over, and with the machine: M8×22, hole 3 of 3.',
    ])
  })

  it('what hangs on one joint keeps its order behind it', () => {
    const { file, book, now } = atTheBottom('curlew', 'motor-goal')
    const body = conversionOf(file, stay(file), 'without', 'stayed')
    const plates = ['first plate', 'second plate'].map((name) => ({ name, place: 'left', after: 'motor-screws' }))
    book.log('width-converted', { ...body, on: plates })
    const order = now().up.map((s) => s.id)
    const at = order.indexOf('up:undo:motor-screws')
    expect(order.slice(at + 1, at + 3)).toEqual(['up:on:motor-stay:0', 'up:on:motor-stay:1'])
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
