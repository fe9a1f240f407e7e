import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { stateOf } from '../../../tests/shut'
import { demoMachines } from '../../demo/machines'
import { NEWEST_FORM } from '../build'
import type { MachineFile } from '../machine'
import { planOnce } from '../planning/plan-once'
import { checkStatus, fixingsHeldBefore, type JobState, LOOKED_OVER, type LookOf, relevantChecks, rideShut, waitingFor } from './index'

const fileOf = (id: string): MachineFile => demoMachines().find((f) => f.id === id)!

/** A job of a demo machine with its plan adopted. */
function jobOf(machine: string, goal: string): Logbook {
  const file = fileOf(machine)
  const found = planOnce(file, 'untouched', [goal], { variants: {} })
  if (!found.ok) throw new Error(found.error.kind)
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: file.name, class: file.class, fullVolts: 48 }, complaint: '' })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: stateOf(book).settings })
  return book
}

const look = (book: Logbook, of: LookOf, wrong?: string, more: object = {}, by = 'ines') =>
  book.log(
    'look-made',
    { of, items: LOOKED_OVER[of].map((item) => ({ item, result: item === wrong ? ('wrong' as const) : ('right' as const) })), ...more },
    { by },
  )
const jonas = (book: Logbook) => look(book, 'steering', undefined, {}, 'jonas')

const steering = (state: JobState) => checkStatus(state, 'steering', state.lastAt)
const wants = (state: JobState): readonly string[] => steering(state).missing.map((m) => (m.is === 'look' ? m.wants : m.is))

/** The Curlew's column out and back, everything done. */
function column(): Logbook {
  const book = jobOf('curlew', 'column-goal')
  for (const s of [...stateOf(book).down, ...stateOf(book).up]) if (!s.check) book.log('step-done', { step: s.id })
  return book
}

describe('steering that was apart', () => {
  it('wants one look, then another person’s, before it is ridden or goes home; nobody goes on without', () => {
    const book = column()
    expect(relevantChecks(stateOf(book))).toContain('steering')
    expect(wants(stateOf(book))).toEqual(['first'])
    look(book, 'steering')
    expect(wants(stateOf(book))).toEqual(['second person'])
    look(book, 'steering')
    expect(wants(stateOf(book))).toEqual(['second person'])
    expect(rideShut(stateOf(book), 'walking pace', stateOf(book).lastAt).map((s) => s.check)).toContain('steering')
    book.log('check-overridden', { check: 'steering', reason: 'nobody here' })
    expect(steering(stateOf(book)).open).toBe(false)
    jonas(book)
    expect(steering(stateOf(book)).open).toBe(true)
  })
  it('falls open when it is touched again, by hand too, and when somebody finds it wrong', () => {
    const book = column()
    look(book, 'steering')
    jonas(book)
    expect(steering(stateOf(book)).open).toBe(true)
    look(book, 'steering', 'steering-pulled', { text: 'clamp gives' })
    expect(wants(stateOf(book))).toEqual(['first'])
    jonas(book)
    look(book, 'steering')
    expect(steering(stateOf(book)).open).toBe(true)
    const clamp = stateOf(book).up.find((s) => s.action === 'undo:shaft-clamp')!
    book.log('fixing-in', { members: clamp.fixings.map((f) => f.id), pass: 'final' })
    expect(wants(stateOf(book))).toEqual(['first'])
  })
  it('is nobody’s business where it was not apart', () => {
    const book = jobOf('curlew', 'controller-goal')
    for (const s of stateOf(book).down) if (!s.check) book.log('step-done', { step: s.id })
    expect(relevantChecks(stateOf(book))).not.toContain('steering')
  })
  it('of a stem: whoever did it looks before the ride and once more after it', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'x', class: 'scooter', fullVolts: 36 }, complaint: '' })
    book.log('opened-told', { opened: ['steering'] })
    expect(wants(stateOf(book))).toEqual(['first'])
    look(book, 'steering')
    expect(steering(stateOf(book)).open).toBe(true)
    const again = () => checkStatus(stateOf(book), 'steering again', stateOf(book).lastAt)
    expect(again()).toMatchObject({ open: false, missing: [{ is: 'no ride' }] })
    book.log('ride-added', { rungs: ['walking pace'], outcome: 'passed' })
    expect(again()).toMatchObject({ open: false, missing: [{ is: 'look', wants: 'after the ride' }] })
    look(book, 'steering')
    expect(again().open).toBe(true)
  })
  it('wants no second look after a ride where two people looked, and a second person where nobody said what it is', () => {
    const cart = column()
    expect(relevantChecks(stateOf(cart))).not.toContain('steering again')
    const unknown = new Logbook(NEWEST_FORM)
    unknown.log('job-opened', { number: '1', machine: { name: 'x', fullVolts: 36 }, complaint: '' })
    unknown.log('opened-told', { opened: ['steering'] })
    look(unknown, 'steering')
    expect(wants(stateOf(unknown))).toEqual(['second person'])
  })
})

/** A flange bolt of the Heron’s motor, by its place; without the file’s words, by its id. */
const TOP = 'motor-bolts-1'

describe('the last look before a heavy part moves', () => {
  /** The Heron's job down to its motor: all that comes before is done. */
  function heron(): { book: Logbook; step: string } {
    const book = jobOf('heron', 'motor-goal')
    const { down } = stateOf(book)
    const at = down.findIndex((s) => s.heavy)
    for (const s of down.slice(0, at)) book.log('step-done', { step: s.id, out: [] })
    return { book, step: down[at]!.id }
  }
  const waits = (book: Logbook, id: string) => {
    const state = stateOf(book)
    return waitingFor(
      state,
      state.down.find((s) => s.id === id)!,
      state.lastAt,
    ).filter((w) => w.is === 'look' || w.is === 'step')
  }
  it('stands in the way of the motor under its hoist, and of nothing that a hand lifts', () => {
    const { book, step } = heron()
    expect(step).toBe('down:off:motor')
    expect(waits(book, step)).toEqual([{ is: 'look', of: 'last look', wants: 'first', step }])
    look(book, 'last look', undefined, { step })
    expect(waits(book, step)).toEqual([])
    expect(stateOf(jobOf('dunlin', 'front-motor-goal')).down.filter((s) => s.heavy)).toEqual([])
  })
  it('is asked for above what one person may lift, hoist or not', () => {
    const file = fileOf('dunlin')
    const weighing = (kg: number): readonly string[] => {
      const parts = file.parts.map((p) =>
        p.id === 'pack' ? { ...p, mass: { value: kg, unit: 'kg' as const, source: 'maker' as const } } : p,
      )
      const found = planOnce({ ...file, parts }, 'untouched', ['front-motor-goal'], { variants: {} })
      if (!found.ok) throw new Error(found.error.kind)
      return found.value.down.steps.flatMap((s) => (s.heavy ? [s.action] : []))
    }
    expect(weighing(25)).toEqual([])
    expect(weighing(25.1)).toEqual(['off:pack'])
  })
  it('what it finds is a step of its own, to be done, and then it is looked over once more', () => {
    const { book, step } = heron()
    book.log('step-added', { step: 'n1', title: 'Drain hose on its spigot', fixings: [], parts: [{ id: 'n1-p', name: 'drain hose' }] })
    look(book, 'last look', 'hoses-clear', { step, text: 'Drain hose on its spigot', found: 'n1' })
    expect(waits(book, step)).toEqual([{ is: 'step', step: 'n1' }])
    book.log('step-done', { step: 'n1', partsOff: ['n1-p'] })
    expect(waits(book, step)).toEqual([{ is: 'look', of: 'last look', wants: 'first', step }])
    look(book, 'last look', undefined, { step })
    expect(waits(book, step)).toEqual([])
  })
  it('counts the fixings of it, and names what is still in by its place', () => {
    const { book, step } = heron()
    const held = fixingsHeldBefore(stateOf(book), step)
    expect(held.of).toBeGreaterThan(5)
    expect(held.still.map((f) => f.place)).toContain(TOP)
    expect(held.out).toBe(held.of - held.still.length)
    const top = held.still.find((f) => f.place === TOP)!
    book.log('fixing-out', { members: [top.id], to: 'cell', cell: 'A9' })
    expect(fixingsHeldBefore(stateOf(book), step)).toMatchObject({ out: held.out + 1, of: held.of })
  })
})

describe('a sealed unit', () => {
  const opened = () => {
    const book = jobOf('curlew', 'fuse-goal')
    const { down } = stateOf(book)
    const at = down.findIndex((s) => s.ends !== undefined)
    for (const s of down.slice(0, at)) book.log('step-done', { step: s.id })
    return { book, step: down[at]! }
  }
  const shut = (book: Logbook, id: string): boolean => {
    const state = stateOf(book)
    return waitingFor(
      state,
      state.down.find((s) => s.id === id)!,
      state.lastAt,
    ).some((w) => w.is === 'check' && w.check === 'sealed unit')
  }
  it('is not opened before its owner said yes; a reason alone does not do', () => {
    const { book, step } = opened()
    expect(step).toMatchObject({ action: 'undo:controller-glue', ends: 'controller' })
    expect(shut(book, step.id)).toBe(true)
    book.log('check-overridden', { check: 'sealed unit', reason: 'no new one to be had' })
    expect(shut(book, step.id)).toBe(true)
    expect(stateOf(book).flags.map((f) => f.kind)).toContain('no override here')
    book.log('check-overridden', { check: 'sealed unit', reason: 'no new one to be had', owner: 'harbour master, by telephone' })
    expect(shut(book, step.id)).toBe(false)
    expect(stateOf(book).checks['sealed unit']?.overridden).toMatchObject({ owner: 'harbour master, by telephone' })
  })
  it('that only comes off as a whole is nobody’s question', () => {
    const book = jobOf('curlew', 'controller-goal')
    expect(relevantChecks(stateOf(book))).not.toContain('sealed unit')
  })
})

describe('a motor in its mounting', () => {
  it('is held by these fixings of the demo machines, and by no others', () => {
    const held = demoMachines().flatMap((file) =>
      file.goals.flatMap((g) => {
        const found = planOnce(file, 'untouched', [g.id], { variants: {} })
        return found.ok ? found.value.up.steps.flatMap((s) => (s.reaction ? [`${file.id} ${s.action}`] : [])) : []
      }),
    )
    expect([...new Set(held)].sort()).toEqual([
      'godwit undo:motor-bolts',
      'heron undo:motor-bolts',
      'knot undo:foot-bolts',
      'redshank undo:gearbox-bolts',
      'redshank undo:motor-bolts',
    ])
  })
  it('is looked at where no step of the plan does it, and its look falls open when a bolt is touched', () => {
    const file = fileOf('godwit')
    const without: MachineFile = { ...file, steps: file.steps.filter((s) => s.id !== 'reaction-path') }
    const found = planOnce(without, 'untouched', ['motor-goal'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'x', class: 'e-bike', fullVolts: 54 }, complaint: '' })
    book.log('plan-adopted', { plan: found.value, file: 'godwit', revision: 'x', settings: stateOf(book).settings })
    expect(relevantChecks(stateOf(book))).not.toContain('reaction path')
    for (const s of [...stateOf(book).down, ...stateOf(book).up]) if (!s.check) book.log('step-done', { step: s.id })
    expect(relevantChecks(stateOf(book))).toContain('reaction path')
    const status = () => checkStatus(stateOf(book), 'reaction path', stateOf(book).lastAt)
    book.log('check-passed', { check: 'reaction path', shown: 'its list' })
    expect(status().open).toBe(true)
    const bolts = stateOf(book).up.find((s) => s.reaction)!
    book.log('fixing-out', { members: [bolts.fixings[0]!.id], to: 'loosened' })
    expect(status()).toMatchObject({ open: false, missing: [{ is: 'touched', step: bolts.id }] })
  })
  it('falls open too when its threadlocker is disturbed', () => {
    const book = jobOf('godwit', 'motor-goal')
    for (const s of [...stateOf(book).down, ...stateOf(book).up]) if (!s.check) book.log('step-done', { step: s.id })
    const bolts = stateOf(book).up.find((s) => s.reaction)!
    book.log('lock-applied', { subject: bolts.id, product: 'medium', handlingMinutes: 20, cureHours: 24 })
    const check = stateOf(book).up.find((s) => s.check === 'reaction path')!
    book.log('check-passed', { check: 'reaction path', step: check.id, shown: 'its list' })
    expect(checkStatus(stateOf(book), 'reaction path', stateOf(book).lastAt).open).toBe(true)
    book.log('lock-disturbed', { subject: bolts.id, reason: 'turned back a quarter' })
    expect(checkStatus(stateOf(book), 'reaction path', stateOf(book).lastAt).open).toBe(false)
  })
})
