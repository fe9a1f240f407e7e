import { describe, expect, it } from 'vitest'
import { Logbook, NOON } from '../../../../tests/logbook'
import { NEWEST_FORM } from '../../build'
import { RIDE_STAGES, rungOf } from '../../ride'
import {
  CHECK_IDS,
  type CheckId,
  CHECKS,
  checkStatus,
  type JobState,
  POWERS,
  reduce,
  rideShut,
  shutBy,
  stageMissing,
  STAGES,
  waitingFor,
} from '../index'

/** Rows: what is bound, and the checks that bind it, in the order in which they are told. Every other pair binds nothing. */
const GATES: Readonly<Record<string, readonly CheckId[]>> = {
  'hand back': ['tray adds up', 'reaction path', 'brakes', 'bearings', 'windings cold', 'spin test', 'steering'],
  'handed back': [
    'salt water',
    'tray adds up',
    'screw lengths',
    'reaction path',
    'brakes',
    'bearings',
    'running clearance',
    'windings cold',
    'first power',
    'spin test',
    'tightness',
    'full cure',
    'whole',
    'settings made',
    'steering',
    'ridden',
    'steering again',
    'calibration',
  ],
}
const RUN: readonly CheckId[] = [
  'pack triage',
  'salt water',
  'screw lengths',
  'reaction path',
  'bearings',
  'windings cold',
  'first power',
  'handling strength',
  'under power',
  'whole',
]
const RIDDEN: readonly CheckId[] = [
  'pack triage',
  'salt water',
  'screw lengths',
  'reaction path',
  'brakes',
  'bearings',
  'running clearance',
  'windings cold',
  'first power',
  'tightness',
  'full cure',
  'under power',
  'whole',
  'settings made',
  'steering',
]
const POWER: Readonly<Record<string, readonly CheckId[]>> = {
  live: ['qualified', 'pack triage', 'salt water', 'reaction path', 'first power'],
  isolated: ['qualified'],
  out: ['qualified'],
}
const STEPS: Readonly<Record<string, readonly CheckId[]>> = {
  dead: ['qualified'],
  'behind a discharge': ['qualified'],
  'spin test': ['pack triage', 'reaction path', 'handling strength'],
  'first down': ['replacement matches', 'settings read'],
  deeper: ['price agreed'],
  'open plug': ['read again'],
  'ends a sealed unit': ['sealed unit'],
  'screwed in': ['screw lengths'],
}

/** A job that has every check, none of them passed: at full charge above 60 V, a plan that passes each, locker put on, a new part. */
function allOpen(): JobState {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '0001', machine: { name: 'Dunlin', fullVolts: 84 }, complaint: '', ceiling: 100 })
  book.adopt('front-motor-goal')
  book.log('pack-checked', { result: 'quarantine', signs: ['hot'] })
  book.log('fixing-lost', { members: ['deck-screw-1'] })
  book.log('lock-applied', { subject: 'rim', product: 'medium', handlingMinutes: 20, cureHours: 24 })
  book.log('fixing-out', { members: ['front-right-nut-1'], to: 'cell', cell: 'A3' })
  book.log('fixing-in', { members: ['front-right-nut-1'], pass: 'final', tightened: { is: 'not read' } })
  book.log('power-changed', { to: 'isolated' })
  book.log('ride-added', { rungs: ['gentle'], outcome: 'stopped', sign: 'motor too hot' })
  book.log('salt-water', { is: 'was in' })
  book.log('part-replaced', { part: 'front-controller' })
  book.log('fixing-replaced', { members: ['deck-screw-2'] })
  const { swap, ...state } = reduce('j1', book.entries)
  const controller = {
    ...swap[0]!,
    id: 'swap:controller',
    part: { id: 'front-controller', name: 'Controller' },
    opens: ['controller'] as const,
  }
  const nuts = state.up.find((s) => s.id === 'up:undo:front-right-nut')!
  const lid = state.up.find((s) => s.id === 'up:undo:deck-screws')!
  return {
    ...state,
    // Shown dead, and moved since.
    power: { state: 'isolated', proof: { dead: true, turned: NOON, from: NOON, at: NOON, lasts: 0, readings: [], of: {} } } as never,
    swap: [...swap, controller],
    down: [...state.down, { ...state.down[0]!, id: 'down:seal', ends: 'front-controller' }],
    up: [...CHECK_IDS.map((check) => ({ ...state.up[0]!, id: `up:${check}`, check, after: [] })), nuts, lid],
  }
}

describe('what a check binds', () => {
  const state = allOpen()
  const shut = (list: readonly { readonly check: string }[]): string[] => list.map((s) => s.check)
  it('all of them are open in this job', () => {
    for (const check of CHECK_IDS) expect(checkStatus(state, check, NOON).open, check).toBe(false)
  })
  it.each([...STAGES, 'handed back' as const])('going on to “%s”', (gate) => {
    expect(stageMissing(state, gate, NOON)).toEqual((GATES[gate] ?? []).map((check) => ({ is: 'check', check })))
  })
  it.each(RIDE_STAGES)('the ride’s rung “%s”', (rung) => {
    expect(shut(rideShut(state, rung, NOON))).toEqual({ pushed: [], run: RUN, ridden: RIDDEN }[rungOf(rung).kind])
  })
  it('a ride without a rung counts as one on the road', () => expect(shut(rideShut(state, undefined, NOON))).toEqual(RIDDEN))
  it.each(POWERS)('a step that makes it %s', (power) => {
    expect(shut(shutBy(state, NOON, ({ binds }) => binds.power?.includes(power)))).toEqual(POWER[power])
    const step = { ...state.up[0]!, limb: 'up' as const, after: [], power }
    delete (step as { check?: string }).check
    delete (step as { dead?: true }).dead
    expect(waitingFor(state, step, NOON)).toEqual(POWER[power]!.map((check) => ({ is: 'check', check })))
  })
  it.each(['dead', 'spin test'] as const)('the step that passes “%s”', (check) => {
    const { power: _, cover: __, ...up } = state.up[0]!
    expect(waitingFor(state, { ...up, limb: 'up', after: [], check, dead: false } as never, NOON)).toEqual(
      STEPS[check]!.map((c) => ({ is: 'check', check: c })),
    )
  })
  it('the first step down of a plan, and no later one', () => {
    const first = state.down.find((s) => s.number === 1)!
    expect(waitingFor(state, { ...first, needs: { all: [] } }, NOON)).toContainEqual({ is: 'check', check: 'replacement matches' })
    const begun: JobState = { ...state, steps: { [first.id]: { status: 'done', differs: [], photos: [], notes: [] } } }
    expect(waitingFor(begun, { ...first, needs: { all: [] } }, NOON)).not.toContainEqual({ is: 'check', check: 'replacement matches' })
  })
  it('each step down that opens something more, and none that makes it safe', () => {
    const asked = (id: string) => waitingFor(state, { ...state.down.find((s) => s.id === id)!, needs: { all: [] } }, NOON)
    expect(asked('down:undo:front-right-nut')).toContainEqual({ is: 'check', check: 'price agreed' })
    expect(asked('down:unplug:pack-plug')).not.toContainEqual({ is: 'check', check: 'price agreed' })
  })
  it('and nothing else is bound by anything', () => {
    for (const [id, { binds }] of Object.entries(CHECKS)) {
      for (const gate of binds.gates ?? []) expect(GATES[gate], id).toContain(id)
      for (const ride of binds.rides ?? []) expect(ride === 'run' ? RUN : RIDDEN, id).toContain(id)
      for (const power of binds.power ?? []) expect(POWER[power], id).toContain(id)
      for (const step of binds.steps ?? []) expect(STEPS[step], id).toContain(id)
    }
  })
})

describe('when a check matters', () => {
  it('a bare job has to add up and to be ridden, and nothing more', () => {
    const book = new Logbook()
    book.log('job-opened', { number: '0001', machine: { name: 'x', fullVolts: 36 }, complaint: '' })
    const state = reduce('j1', book.entries)
    expect(CHECK_IDS.filter((c) => (CHECKS[c] as { matters?: (s: JobState) => boolean }).matters?.(state))).toEqual([
      'tray adds up',
      'whole',
      'ridden',
    ])
  })
})
