import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../build'
import { kindOfRide, RIDE_STAGES, STOP_SIGNS, type StopSign } from '../ride'
import {
  type CheckId,
  checkStatus,
  type Entry,
  expectedDone,
  type JobState,
  openedIn,
  reduce,
  rideEntries,
  rideShut,
  stageMissing,
  wantedIn,
} from './index'

const state = (book: Logbook, entries: readonly Entry[] = book.entries): JobState => reduce('j1', entries)
const names = (missing: readonly { readonly is?: string; readonly check?: string }[]): readonly string[] =>
  missing.map((m) => m.check ?? m.is ?? '')

/** A job without a file, of a kind, with `count` things off by hand. */
function bare(kind: 'scooter' | 'indoor machine', count = 2): Logbook {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: 'x', fullVolts: 42, class: kind }, complaint: 'drags' })
  for (let i = 0; i < count; i++) {
    const step = `m${i}`
    book.log('step-added', {
      step,
      title: `Guard ${i}`,
      fixings: [{ id: `f${i}`, joint: `j${i}`, label: 'M5×12', place: 'left', keep: 'cell', cell: `A${i + 1}` }],
      parts: [],
    })
    book.log('step-done', { step, out: [{ members: [`f${i}`], to: 'cell', cell: `A${i + 1}` }] })
  }
  return book
}
const close = (book: Logbook): void => {
  for (const step of state(book).up) book.log('step-done', expectedDone(state(book), step))
  for (const step of state(book).up)
    if (state(book).steps[step.id]?.status !== 'done') book.log('step-done', expectedDone(state(book), step))
}

describe('what has to be proved', () => {
  it('follows from what was opened, step by step', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.adopt('front-motor-goal')
    expect(wantedIn(state(book))).toEqual(['short ride'])
    const done = (action: string): void => void book.log('step-done', { step: `down:${action}` })
    done('undo:deck-screws')
    expect(wantedIn(state(book))).toEqual(['short ride'])
    done('unplug:pack-plug')
    expect(openedIn(state(book))).toEqual(['cover'])
    done('unplug:front-hall')
    expect(wantedIn(state(book))).toEqual(['both ways', 'gentle'])
    done('undo:front-right-nut')
    expect(wantedIn(state(book))).toContain('brake stops')
    expect(wantedIn(state(book))).not.toContain('full')
    book.log('part-replaced', { part: 'front-motor', newSerial: 'x' })
    expect(wantedIn(state(book))).toEqual(expect.arrayContaining(['full', 'hill', 'heat soak']))
  })
  it('is asked where no plan knows it, and everything is wanted until it is said', () => {
    const book = bare('scooter')
    expect(openedIn(state(book))).toBeNull()
    expect(checkStatus(state(book), 'ridden', 0).missing).toEqual([{ is: 'opened not said' }])
    book.log('opened-told', { opened: ['tyre'] })
    expect(wantedIn(state(book))).toEqual(['brake stops', 'gentle'])
    book.log('opened-told', { opened: ['plug'] })
    expect(wantedIn(state(book))).toEqual(['brake stops', 'both ways', 'gentle'])
  })
  it('the indoor bench is never ridden, and goes home unplugged', () => {
    const book = bare('indoor machine')
    book.log('opened-told', { opened: ['motor'] })
    close(book)
    book.log('check-passed', { check: 'first power', shown: 'fuse', amps: 2 })
    expect(wantedIn(state(book)).every((r) => kindOfRide(r) === 'run')).toBe(true)
    for (const rung of wantedIn(state(book))) book.log('ride-added', { rungs: [rung], outcome: 'passed', minutes: 12 })
    expect(checkStatus(state(book), 'ridden', 0).open).toBe(true)
    expect(names(stageMissing(state(book), 'handed back', state(book).lastAt))).not.toContain('whole')
    book.log('power-changed', { to: 'isolated' })
    expect(names(stageMissing(state(book), 'handed back', state(book).lastAt))).not.toContain('whole')
    // Proved before it was unplugged: what is proved afterwards is not.
    book.log('ride-added', { rungs: ['stop'], outcome: 'passed', minutes: 1 })
    expect(state(book).flags.at(-1)).toMatchObject({ kind: 'check shut', subject: 'ride' })
    expect(names(rideShut(state(book), 'stop', 0))).toEqual(['under power'])
  })
  it('a scooter does not go home with its pack unplugged', () => {
    const book = bare('scooter', 0)
    book.log('ride-added', { rungs: ['short ride'], outcome: 'passed', metres: 300, minutes: 1 })
    expect(stageMissing(state(book), 'handed back', 0)).toEqual([])
    book.log('power-changed', { to: 'isolated' })
    expect(names(stageMissing(state(book), 'handed back', 0))).toEqual(['whole'])
  })
  it('a ride too short shows nothing, one with more minutes than have passed is flagged and stays', () => {
    const book = bare('scooter', 0)
    book.log('ride-added', { rungs: ['short ride'], outcome: 'passed', metres: 199, minutes: 1 })
    expect(checkStatus(state(book), 'ridden', 0).missing).toEqual([{ is: 'rung', rung: 'short ride', disputed: false, short: true }])
    book.log('note-added', { text: 'x' })
    book.log('check-passed', { check: 'pinch', shown: 'looked at' })
    book.log('ride-added', { rungs: ['short ride'], outcome: 'passed', metres: 240, minutes: 3 })
    expect(state(book).flags).toEqual([expect.objectContaining({ kind: 'longer than could be' })])
    expect(checkStatus(state(book), 'ridden', 0).open).toBe(true)
    book.wait(5).log('ride-added', { rungs: ['short ride'], outcome: 'passed', metres: 240, minutes: 6 })
    expect(state(book).flags).toHaveLength(1)
  })
  it('a lost screw is told by the tray, and does not keep the machine open', () => {
    const book = bare('scooter', 1)
    book.log('fixing-lost', { members: ['f0'] })
    book.log('step-done', { step: 'up:m0' })
    expect(checkStatus(state(book), 'whole', 0).open).toBe(true)
    expect(checkStatus(state(book), 'tray adds up', 0).open).toBe(false)
  })
  it('what is opened again is proved again', () => {
    const book = bare('scooter', 1)
    book.log('opened-told', { opened: ['tyre'] })
    close(book)
    book.log('ride-added', { rungs: ['brake stops', 'gentle'], outcome: 'passed', metres: 800, minutes: 1 })
    expect(checkStatus(state(book), 'ridden', 0).open).toBe(true)
    book.log('step-added', { step: 'again', title: 'Guard', fixings: [], parts: [] })
    book.log('step-done', { step: 'again' })
    expect(checkStatus(state(book), 'ridden', 0).open).toBe(false)
  })
  it('in a shop that writes older forms a ride is one entry a rung', () => {
    const ride = { rungs: ['push', 'gentle'], outcome: 'passed', metres: 600, minutes: 4 } as const
    expect(rideEntries(ride, NEWEST_FORM)).toEqual([ride])
    expect(rideEntries(ride, 15)).toEqual([
      { rungs: ['push'], outcome: 'passed' },
      { ...ride, rungs: ['gentle'] },
    ])
    const book = new Logbook(0).open()
    for (const r of rideEntries(ride, 0)) book.log('ride-added', r)
    expect(Object.keys(state(book).ridden)).toEqual(['push', 'gentle'])
    expect(state(book).rides.at(-1)).toMatchObject({ rungs: ['gentle'], metres: 600 })
  })
})

describe('first power', () => {
  it('is asked after motor, controller or loom, and binds what makes it live', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.adopt('front-tyre-goal')
    book.log('step-done', { step: 'down:undo:front-right-nut' })
    expect(rideShut(state(book), 'wheel off the ground', 0).map((c) => c.check)).not.toContain('first power')
    book.log('part-replaced', { part: 'front-motor' })
    book.log('opened-told', { opened: ['controller'] })
    expect(rideShut(state(book), 'wheel off the ground', 0).map((c) => c.check)).toContain('first power')
    expect(rideShut(state(book), 'push', 0)).toEqual([])
    book.log('check-passed', { check: 'first power', shown: 'fuse', amps: 5 })
    expect(checkStatus(state(book), 'first power', 0)).toMatchObject({ open: true, how: 'passed' })
    expect(state(book).checks['first power']?.passed).toMatchObject({ shown: 'fuse', amps: 5 })
    // Opened once more: asked once more.
    book.adopt('front-motor-goal')
    book.log('part-replaced', { part: 'front-motor', step: state(book).swap.find((s) => s.part)!.id })
    expect(checkStatus(state(book), 'first power', 0).open).toBe(false)
    book.log('check-passed', { check: 'first power', shown: 'limited supply', amps: 2 })
    expect(checkStatus(state(book), 'first power', 0).open).toBe(true)
  })
})

describe('a stop sign', () => {
  const CHECK: Readonly<Record<StopSign, CheckId>> = {
    noise: 'bearings',
    smell: 'windings cold',
    code: 'spin test',
    'motor too hot': 'windings cold',
    'mark moved': 'reaction path',
    'brake soft': 'brakes',
    'pulls to a side': 'brakes',
  }
  const passes = (book: Logbook, check: CheckId, over = {}): void => {
    if (check === 'windings cold')
      book.log('reading-taken', { quantity: 'resistance', result: { is: 'value', value: 0.1 }, unit: 'ohm', live: false }, over)
    else book.log('check-passed', { check, shown: 'its list' }, over)
  }
  it.each(STOP_SIGNS)('“%s” reopens its check until that is passed again', (sign) => {
    const check = CHECK[sign]
    const book = new Logbook(NEWEST_FORM).open()
    passes(book, check)
    expect(rideShut(state(book), 'gentle', 0)).toEqual([])
    book.log('ride-added', { rungs: ['gentle'], outcome: 'stopped', sign })
    expect(checkStatus(state(book), check, 0)).toMatchObject({ open: false, missing: [{ is: 'stopped', sign }] })
    expect(names(stageMissing(state(book), 'handed back', 0))).toContain(check)
    passes(book, check)
    expect(checkStatus(state(book), check, 0).open).toBe(true)
  })
  it.each(STOP_SIGNS)('“%s” is not passed by a tablet that had not seen it', (sign) => {
    const book = new Logbook(NEWEST_FORM).open()
    const seen = book.entries.length
    book.log('ride-added', { rungs: ['gentle'], outcome: 'stopped', sign }, { device: 'a' })
    if (CHECK[sign] === 'windings cold') return
    passes(book, CHECK[sign], { device: 'b', base: seen })
    expect(checkStatus(state(book), CHECK[sign], 0).open).toBe(false)
  })
})

describe('random journals, legal and not', () => {
  it('nothing under power and no hand back as repaired goes unflagged while it is isolated, out or open; not repaired always goes', () => {
    let [shut, free, back] = [0, 0, 0]
    const draws = fc.infiniteStream(fc.integer({ min: 0, max: 9_999 }))
    fc.assert(
      fc.property(draws, fc.nat(9_999), (stream, run) => {
        const random = (): number => stream.next().value / 10_000
        const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
        const book = run % 2 ? bare(pick(['scooter', 'indoor machine']), 0) : new Logbook(NEWEST_FORM).open()
        if (!(run % 2)) book.adopt(pick(['inspect', 'front-tyre-goal']))
        // What the journal says, counted apart from the reducer.
        let power = 'live'
        const apart = new Set<string>()
        let added = 0
        for (let n = 0; n < 30; n++) {
          const before = book.entries.length
          const what = random()
          const s = state(book)
          if (what < 0.2) {
            power = pick(['live', 'live', 'isolated', 'out'])
            book.log('power-changed', { to: power as 'live' })
          } else if (what < 0.4) {
            const down = s.down.filter((d) => d.pair !== undefined && d.power === undefined && d.check === undefined)
            if (run % 2 || down.length === 0) {
              const step = `x${run}-${added++}`
              book.log('step-added', { step, title: 'A guard', fixings: [], parts: [] })
              book.log('step-done', { step })
              apart.add(`up:${step}`)
            } else {
              const step = pick(down)
              book.log('step-done', { step: step.id })
              if (!['done', 'left'].includes(s.steps[step.pair!]?.status ?? '')) apart.add(step.pair!)
            }
          } else if (what < 0.6 && apart.size > 0) {
            const up = pick([...apart])
            book.log('step-done', { step: up })
            apart.delete(up)
          } else if (what < 0.85) {
            const rung = pick(RIDE_STAGES)
            book.log('ride-added', { rungs: [rung], outcome: 'passed', minutes: 0 })
            const flagged = state(book).flags.some((f) => f.entry === `e${before + 1}` && f.kind === 'check shut')
            if (kindOfRide(rung) !== 'pushed' && (power !== 'live' || apart.size > 0)) {
              expect(flagged, `run ${run}, ${rung} while ${power}, ${apart.size} apart`).toBe(true)
              shut++
            } else if (!flagged) free++
          } else {
            const repaired = random() < 0.6
            book.log('handed-back', repaired ? { to: 'x' } : { to: 'x', as: 'not repaired', why: 'no part' })
            const flagged = state(book).flags.some((f) => f.entry === `e${before + 1}`)
            if (!repaired) expect(flagged).toBe(false)
            // A machine at the bench may go home unplugged after its proof: only what is apart counts there.
            else if (apart.size > 0 || (power !== 'live' && state(book).machine.class !== 'indoor machine')) {
              expect(flagged, `run ${run}, back while ${power}, ${apart.size} apart`).toBe(true)
              back++
            }
          }
        }
      }),
      { numRuns: 60 },
    )
    expect(Math.min(shut, free, back)).toBeGreaterThan(20)
  })
})
