import { said } from '../../../tests/said'
import { describe, expect, it } from 'vitest'
import {
  checkStatus,
  expectedDone,
  fold,
  type JobState,
  looseCount,
  presentStep,
  progress,
  reduce,
  relevantChecks,
  rungs,
  stageMissing,
  summarize,
  tally,
  waitingFor,
} from './index'
import { Logbook, MINUTE, NOON } from '../../../tests/logbook'

/** Takes the front motor of a Dunlin out and puts a new one in, by one tap a step, as the screen would. */
function wholeRun() {
  const book = new Logbook().open()
  const plan = book.adopt()
  book.ready(plan)
  const now = (): JobState => reduce('j1', book.entries)
  const trail: { title: string; ready: string[] }[] = []
  for (let step = presentStep(now(), 'down', book.entries.at(-1)!.at); step; step = presentStep(now(), 'down', book.entries.at(-1)!.at)) {
    const state = now()
    trail.push({ title: step.title, ready: said(waitingFor(state, step, state.lastAt), state) })
    if (step.turn) book.log('pose-changed', { to: step.turn.to, name: 'on its side', people: 2 })
    if (step.check === 'dead')
      book.log('proof-taken', {
        instrument: { name: 'meter 3' },
        readings: [
          { between: 'front feed', volts: 0.2 },
          { between: 'rear feed', volts: 0.1 },
        ],
      })
    book.log('step-done', expectedDone(state, step))
  }
  const bottom = now()
  for (const s of plan.swap)
    book.log(
      s.part ? 'part-replaced' : 'step-done',
      s.part ? ({ part: s.part.id, oldSerial: 'FM-118', newSerial: 'FM-402', step: s.id } as never) : { step: s.id },
    )
  for (let step = presentStep(now(), 'up', book.entries.at(-1)!.at); step; step = presentStep(now(), 'up', book.entries.at(-1)!.at)) {
    if (step.check === 'spin test') book.wait(20).log('note-added', { text: 'waited for the locker' })
    const state = now()
    trail.push({ title: step.title, ready: said(waitingFor(state, step, state.lastAt), state) })
    if (step.check) book.log('check-passed', { check: step.check as never, evidence: 'looked', step: step.id })
    else book.log('step-done', expectedDone(state, step))
  }
  return { book, plan, trail, bottom, top: now() }
}

const run = wholeRun()

describe('a whole run by one tap a step', () => {
  it('never meets a step that still waits for something', () => {
    for (const { title, ready } of run.trail) expect(ready, title).toEqual([])
    expect(run.top.flags).toEqual([])
  })
  it('has everything loose at the bottom and nothing at the top', () => {
    expect(looseCount(run.bottom).fixings).toBeGreaterThanOrEqual(30)
    expect(looseCount(run.bottom).parts).toBeGreaterThanOrEqual(8)
    expect(looseCount(run.top)).toEqual({ fixings: 0, parts: 0 })
    expect(run.bottom.power.state).toBe('out')
    expect(run.top.power.state).toBe('live')
  })
  it('adds up both ways: removed + new = refitted + not going back', () => {
    const t = tally(run.top)
    expect(t.removed + t.fresh).toBe(t.refitted + t.notGoingBack)
    expect(t).toMatchObject({ open: 0, fresh: 3, notGoingBack: 3, balanced: true })
    expect(tally(run.bottom)).toMatchObject({ balanced: false, refitted: 0 })
  })
  it('keeps both serial numbers of the motor', () => {
    expect(run.top.parts['front-motor']?.replaced).toEqual({ oldSerial: 'FM-118', newSerial: 'FM-402' })
  })
  it('cannot be handed back before the cure and the ride, and says which', () => {
    expect(stageMissing(run.top, 'handed back', run.top.lastAt)).toEqual([
      { is: 'check', check: 'full cure' },
      { is: 'check', check: 'ridden' },
    ])
    expect(stageMissing(run.top, 'hand back', run.top.lastAt)).toEqual([])
    const cured = run.top.lastAt + 24 * 60 * MINUTE
    expect(checkStatus(run.top, 'full cure', cured).open).toBe(true)
    expect(relevantChecks(run.top)).toEqual(expect.arrayContaining(['reaction path', 'brakes', 'spin test', 'pinch']))
  })
  it('comes out the same folded entry by entry, in any chunks, as reduced at once', () => {
    for (const size of [1, 7, 25]) {
      let state = reduce('j1', [])
      for (let i = 0; i < run.book.entries.length; i += size) state = fold(state, run.book.entries.slice(i, i + size))!
      expect(state).toEqual(run.top)
    }
  })
  it('survives being stored as JSON', () => expect(JSON.parse(JSON.stringify(run.top))).toEqual(run.top))
  it('is told in one row for the list of stands', () => {
    const row = summarize(run.bottom)
    expect(row).toMatchObject({
      number: '0412',
      machine: 'Dunlin',
      unit: 'no. 7',
      stand: '2',
      power: 'out',
      proved: true,
      disputed: 0,
      fileless: false,
    })
    expect(row.done.down).toBe(row.depth)
    expect(summarize(run.top).done).toMatchObject({ up: summarize(run.top).done.upOf })
  })
  it('numbers rows alike on both limbs and marks the returns that moved', () => {
    const rows = rungs(run.bottom, 'down')
    for (const row of rows) if (row.down && row.up) expect(row.down.number).toBe(row.up.number)
    expect(rows.some((r) => r.goesAt !== undefined)).toBe(true)
    const up = rungs(run.bottom, 'up')
    expect(
      up
        .filter((r) => r.up)
        .map((r) => r.up!.id)
        .reverse(),
    ).toEqual(run.bottom.up.map((s) => s.id))
    expect(new Set(up.flatMap((r) => (r.down ? [r.down.id] : []))).size).toBe(run.bottom.down.length)
    expect(progress(run.bottom, 'down', true).minutesLeft).toBe(0)
  })
})

describe('a proof that has ended', () => {
  const at = run.book.entries.findIndex((e) => e.kind === 'step-done' && e.body.step === 'down:undo:front-ties')
  const before = (): Logbook => {
    const book = new Logbook()
    run.book.entries
      .slice(0, at)
      .filter((e) => e.kind !== 'step-done' || e.body.step !== 'down:off:pack')
      .forEach((e) => book.log(e.kind, e.body as never))
    return book
  }
  it('comes back as the present step while wiring is still to be done, and goes when it is taken again', () => {
    const book = before()
    const now = book.entries.at(-1)!.at
    expect(presentStep(reduce('j1', book.entries), 'down', now)?.check).not.toBe('dead')
    const late = now + 5 * 60 * MINUTE
    expect(presentStep(reduce('j1', book.entries), 'down', late)?.check).toBe('dead')
    book.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0 }] }, { at: late, receivedAt: late })
    expect(presentStep(reduce('j1', book.entries), 'down', late + MINUTE)?.check).not.toBe('dead')
  })
  it('does not come back once nothing needs it', () => {
    expect(presentStep(run.bottom, 'down', run.bottom.lastAt + 9e9)).toBeNull()
    expect(presentStep(run.top, 'up', run.top.lastAt)).toBeNull()
  })
})

describe('one tap on a set', () => {
  it('does not put back a screw that is lost, stays out or is disputed', () => {
    const book = new Logbook()
    run.book.entries.filter((e) => e.seq <= run.bottom.seq).forEach((e) => book.log(e.kind, e.body as never))
    book.log('fixing-lost', { members: ['deck-screw-1'] })
    book.log('fixing-kept-out', { members: ['deck-screw-2'], reason: 'stripped' })
    const seen = book.entries.length
    book.log('fixing-out', { members: ['deck-screw-3'], to: 'own hole' }, { device: 'a', base: seen })
    book.log('fixing-in', { members: ['deck-screw-3'], pass: 'final' }, { device: 'b', base: seen })
    const state = reduce('j1', book.entries)
    const fit = state.up.find((s) => s.id === 'up:undo:deck-screws')!
    const members = expectedDone(state, fit).in!.members
    expect(members).toHaveLength(11)
    for (const n of [1, 2, 3]) expect(members).not.toContain(`deck-screw-${n}`)
  })
  it('writes no number by itself: what nobody read says so', () => {
    const { bottom } = run
    const screws = bottom.up.find((s) => s.id === 'up:undo:deck-screws')!
    expect(screws.torque?.value).toBe(2.5)
    const fit = { ...screws, passes: ['final'] as const }
    const state = { ...bottom, up: bottom.up.map((s) => (s.id === fit.id ? fit : s)) }
    expect(expectedDone(state, fit).in).toEqual({ members: expect.any(Array), pass: 'final', tightened: { is: 'not read' } })
    expect(JSON.stringify(expectedDone(state, fit))).not.toContain('2.5')
    expect(expectedDone(bottom, screws).in).not.toHaveProperty('tightened')
  })
})

describe('the lid does not close over a loose piece', () => {
  it('names the piece, and opens when it is found to be home', () => {
    const book = new Logbook()
    const at = run.book.entries.findIndex((e) => e.kind === 'step-done' && e.body.step === 'up:off:deck-lid')
    run.book.entries.slice(0, at).forEach((e) => book.log(e.kind, e.body as never))
    const lid = run.top.up.find((s) => s.id === 'up:off:deck-lid')!
    expect(waitingFor(reduce('j1', book.entries), lid, NOON)).toEqual([])
    book.log('fixing-lost', { members: ['front-caliper-bolt-upper'] })
    expect(said(waitingFor(reduce('j1', book.entries), lid, NOON), reduce('j1', book.entries))).toEqual(['M6×18, upper (lost)'])
    book.log('check-overridden', { check: 'tray adds up', reason: 'bolt found in the drip tray, fitted' })
    expect(waitingFor(reduce('j1', book.entries), lid, NOON)).toEqual([])
  })
})
