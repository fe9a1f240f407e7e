import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { wellRead } from '../../demo/figures'
import { curlew } from '../../demo/machines/curlew'
import { heron } from '../../demo/machines/heron'
import { knot } from '../../demo/machines/knot'
import { NEWEST_FORM } from '../build'
import type { MachineFile, Want } from '../machine'
import { planOnce } from '../planning/plan-once'
import type { Result, UnitId } from '../units'
import { checkStatus, judge, reduce, type Took } from './index'

const PRESSURE: Want = { id: 'p', name: 'tyre', quantity: 'pressure', unit: 'bar', low: 2.6, high: 3, most: 3.5 }
const MEGOHM: Want = { id: 'i', name: '+ to case', quantity: 'resistance', unit: 'Mohm', low: 5 }
const read = (want: Want, result: Result, unit: UnitId = want.unit): Took => ({
  want: want.id,
  quantity: want.quantity,
  result,
  unit,
  live: false,
})
const value = (want: Want, x: number, unit?: UnitId, u?: number): Took =>
  read(want, { is: 'value', value: x, ...(u === undefined ? {} : { u }) }, unit)
const is = (want: Want, took: Took) => judge([want], [], [took]).verdicts[0]!.is

describe('a figure beside its window', () => {
  it('is inside with its ends, outside, or at the edge where the instrument cannot tell; each in any unit of its kind', () => {
    expect([2.6, 2.8, 3].map((x) => is(PRESSURE, value(PRESSURE, x)))).toEqual(['inside', 'inside', 'inside'])
    expect(is(PRESSURE, value(PRESSURE, 2.5))).toBe('outside')
    expect(is(PRESSURE, value(PRESSURE, 40, 'psi'))).toBe('inside')
    expect(is(PRESSURE, value(PRESSURE, 300, 'kPa'))).toBe('inside')
    expect(is(PRESSURE, value(PRESSURE, 2.95, 'bar', 0.1))).toBe('edge')
    expect(is(PRESSURE, value(PRESSURE, 3.05, 'bar', 0.1))).toBe('edge')
    expect(is(PRESSURE, value(PRESSURE, 3.2, 'bar', 0.1))).toBe('outside')
  })
  it('above what it may ever be stops', () => {
    expect(is(PRESSURE, value(PRESSURE, 3.6))).toBe('stop')
    expect(is(PRESSURE, value(PRESSURE, 52, 'psi'))).toBe('stop')
    expect(judge([PRESSURE], [], [value(PRESSURE, 3.6)]).holds).toBe(false)
  })
  it('over its range is more than a low end, and says nothing of a high one', () => {
    expect(is(MEGOHM, read(MEGOHM, { is: 'over', limit: 2000 }))).toBe('inside')
    expect(is(MEGOHM, read(MEGOHM, { is: 'over', limit: 4 }))).toBe('no figure')
    expect(is(PRESSURE, read(PRESSURE, { is: 'over', limit: 2.7 }))).toBe('no figure')
    expect(is(MEGOHM, read(MEGOHM, { is: 'unstable', low: 3, high: 9 }))).toBe('no figure')
  })
  it('is read as often as wanted, and the worst of them counts', () => {
    const twice = { ...PRESSURE, repeats: 2 }
    expect(judge([twice], [], [value(twice, 2.8)]).verdicts[0]).toEqual({ want: 'p', is: 'missing', of: 1 })
    expect(judge([twice], [], [value(twice, 2.8), value(twice, 2.4)]).verdicts[0]!.is).toBe('outside')
    expect(judge([twice], [], [value(twice, 2.8), value(twice, 2.9)]).holds).toBe(true)
  })
  it('says how much to turn, to the middle of its window, and which way', () => {
    const toe: Want = {
      id: 'c',
      name: 'straight ahead',
      quantity: 'angle',
      unit: 'deg',
      low: -4,
      high: 4,
      adjust: { way: 'the rod inward', by: 6 },
    }
    expect(judge([toe], [], [value(toe, -15)]).verdicts[0]).toMatchObject({ is: 'outside', by: 11, turns: 2.5 })
    expect(judge([toe], [], [value(toe, 12)]).verdicts[0]).toMatchObject({ is: 'outside', by: 8, turns: -2 })
    // Turned as told it is inside, whichever side it was on.
    for (const x of [-60, -4.1, 4.1, 33]) {
      const v = judge([toe], [], [value(toe, x)]).verdicts[0] as { turns: number }
      expect(is(toe, value(toe, x + v.turns * toe.adjust!.by)), String(x)).toBe('inside')
    }
  })
  it('may have to be as it was noted, or to suit another', () => {
    const rod: Want = { id: 'rod', name: 'rod', quantity: 'length', unit: 'mm', within: 1 }
    expect(judge([rod], [], [value(rod, 402.4)], [value(rod, 402)]).holds).toBe(true)
    expect(judge([rod], [], [value(rod, 404)], [value(rod, 402)]).verdicts[0]).toMatchObject({ is: 'outside', by: 1 })
    const [a, b, c] = ['a', 'b', 'c'].map((id): Want => ({ id, name: id, quantity: 'voltage', unit: 'V' })) as [Want, Want, Want]
    const sum = { is: 'sum', of: ['a', 'b'], value: 5, within: 0.2 } as const
    expect(judge([a, b], [sum], [value(a, 2.4), value(b, 2.5)]).holds).toBe(true)
    expect(judge([a, b], [sum], [value(a, 2.4), value(b, 2.3)])).toMatchObject({
      holds: false,
      relations: [{ holds: false, value: 4.699999999999999 }],
    })
    const middle = { is: 'centred', of: ['c', 'a', 'b'], within: 0.1 } as const
    expect(judge([a, b, c], [middle], [value(a, 1), value(b, 4), value(c, 2.45)]).holds).toBe(true)
    expect(judge([a, b, c], [middle], [value(a, 1), value(b, 4), value(c, 2.3)]).holds).toBe(false)
    expect(judge([a, b, c], [middle], [value(a, 1), value(b, 4)]).holds).toBe(false)
  })
})

/** A job of a machine with its plan, as its people would have it before the way up. */
function planned(file: MachineFile, goal: string): Logbook {
  const found = planOnce(file, 'untouched', [goal], { variants: {} })
  if (!found.ok) throw new Error(found.error.kind)
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision }, complaint: 'x' })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', []).settings })
  return book
}
const stateOf = (book: Logbook) => reduce('j1', book.entries)

describe('a step that measures', () => {
  const INSULATION = 'up:step:insulation'
  it('is not done without its figures, nor with figures outside; those stay, and the next set counts', () => {
    const book = planned(heron(), 'motor-goal')
    const step = stateOf(book).up.find((s) => s.id === INSULATION)!
    const took = (plus: Result): readonly Took[] => [read(step.wants![0]!, plus), read(step.wants![1]!, { is: 'over', limit: 2000 })]
    book.log('step-done', { step: INSULATION })
    expect(stateOf(book).steps[INSULATION]?.status).not.toBe('done')
    expect(stateOf(book).flags.at(-1)).toMatchObject({ kind: 'not measured', subject: INSULATION })
    book.log('step-done', { step: INSULATION, took: took({ is: 'value', value: 0.3 }) })
    expect(stateOf(book).steps[INSULATION]).toMatchObject({ status: 'waiting', took: [{ figures: [{ want: 'plus' }, { want: 'minus' }] }] })
    book.log('step-done', { step: INSULATION, took: took({ is: 'value', value: 120 }) })
    expect(stateOf(book).steps[INSULATION]).toMatchObject({ status: 'done', took: [{}, {}] })
  })
  it('may be left, with why', () => {
    const book = planned(heron(), 'motor-goal')
    book.log('step-left', { step: INSULATION, why: 'somebody else’s job', reason: 'the maker’s people measure it' })
    expect(stateOf(book).steps[INSULATION]).toMatchObject({ status: 'left' })
  })
  it('keeps what was tightened with it, though its figure is outside', () => {
    const book = planned(heron(), 'motor-goal')
    const step = stateOf(book).up.find((s) => (s.wants?.length ?? 0) > 0 && s.fixings.length > 0)!
    const [fixing] = step.fixings
    book.log('fixing-out', { members: [fixing!.id], to: 'bin' })
    const outside = step.wants!.map((w) => value(w, (w.high ?? w.most ?? 1) * 100))
    book.log('step-done', {
      step: step.id,
      took: outside,
      in: { members: [fixing!.id], pass: 'final', tightened: { is: 'clicked', torque: 9 } },
    })
    const now = stateOf(book)
    expect(now.flags.at(-1)).toMatchObject({ kind: 'not measured', subject: step.id })
    expect(now.steps[step.id]?.status).not.toBe('done')
    expect(now.fixings[fixing!.id]).toMatchObject({ condition: 'final', tightened: { is: 'clicked', torque: 9 } })
  })
  it('puts back as it was noted on the way down', () => {
    const book = planned(knot(), 'actuator-goal')
    const [down, up] = ['down:step:note-extension', 'up:off:actuator'].map((id) =>
      [...stateOf(book).down, ...stateOf(book).up].find((s) => s.id === id)!,
    )
    const rod = (mm: number): readonly Took[] => [value(down!.wants![0]!, mm)]
    book.log('step-done', { step: down!.id, took: rod(402) })
    book.log('step-done', { step: up!.id, took: rod(409) })
    expect(stateOf(book).steps[up!.id]?.status).toBe('waiting')
    book.log('step-done', { step: up!.id, took: rod(402.6) })
    expect(stateOf(book).steps[up!.id]?.status).toBe('done')
  })
})

describe('a calibration', () => {
  it('holds by its readings, not by a tap; attempts stay', () => {
    const book = planned(curlew(), 'column-goal')
    const step = stateOf(book).up.find((s) => s.check === 'calibration')!
    const log = (took?: readonly Took[]) =>
      book.log('check-passed', { check: 'calibration', shown: 'the step', step: step.id, ...(took ? { took } : {}) })
    const open = () => checkStatus(stateOf(book), 'calibration', 0).how
    log()
    expect(open()).toBeUndefined()
    const well = wellRead(step).took!
    log(well.map((t) => (t.want === 'centre' ? { ...t, result: { is: 'value' as const, value: -14 } } : t)))
    expect(open()).toBeUndefined()
    log(
      well.map((t) =>
        t.want === 'two'
          ? { ...t, result: { is: 'value' as const, value: 2.59 } }
          : t.want === 'one'
            ? { ...t, result: { is: 'value' as const, value: 2.65 } }
            : t,
      ),
    )
    expect(open()).toBeUndefined()
    log(well)
    expect(open()).toBe('passed')
    expect(stateOf(book).steps[step.id]?.took).toHaveLength(3)
  })
})
