import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asInFile, compareOne, type CompareSpec } from './index'

const FLATS: CompareSpec = {
  id: 'flats',
  name: 'across the flats',
  unit: 'mm',
  value: 10,
  smaller: 0.1,
  larger: 0.1,
  why: 'It turns in its slot.',
}
const LEAD: CompareSpec = { id: 'lead', name: 'lead length', unit: 'mm', value: 720, larger: 200, why: 'It does not reach.' }
const PLUG: CompareSpec = { id: 'plug', name: 'Hall plug', value: '6-pin', options: ['6-pin', '5-pin'], why: 'It does not mate.' }

describe('the new part beside the old', () => {
  it.each([
    [FLATS, null, 10, 'match'],
    [FLATS, null, 9.9, 'match'],
    [FLATS, null, 10.11, 'mismatch'],
    [FLATS, null, null, 'not measured'],
    [FLATS, 9.95, 10.05, 'match'],
    [FLATS, 9.8, 10, 'mismatch'],
    [LEAD, null, 719, 'mismatch'],
    [LEAD, null, 920, 'match'],
    [LEAD, null, 921, 'mismatch'],
    [PLUG, null, '6-pin', 'match'],
    [PLUG, null, '5-pin', 'mismatch'],
    [PLUG, null, null, 'not measured'],
  ] as const)('%o, old %s, new %s: %s', (spec, old, fresh, verdict) => expect(compareOne(spec, old, fresh).verdict).toBe(verdict))

  it('says whether the old value was read or taken from the file', () => {
    expect(compareOne(FLATS, null, 10)).toMatchObject({ old: 10, oldFrom: 'machine file' })
    expect(compareOne(FLATS, 9.97, 10)).toMatchObject({ old: 9.97, oldFrom: 'measured' })
  })

  it('does not let a wrong old value overrule the file: the new one has to match both', () => {
    // Keyed in wrong, and the new one is right: it does not match what was read.
    expect(compareOne(FLATS, 12, 10)).toMatchObject({ verdict: 'mismatch', old: 12, oldFrom: 'measured' })
    // Keyed in wrong for both: it does not match the file, and that is what the row names.
    expect(compareOne(FLATS, 12, 12)).toMatchObject({ verdict: 'mismatch', old: 10, oldFrom: 'machine file' })
    expect(asInFile(FLATS, 12)).toBe(false)
    expect(asInFile(FLATS, 10.05)).toBe(true)
    expect(asInFile(FLATS, null)).toBe(true)
    expect(compareOne(FLATS, 12, null)).toMatchObject({ verdict: 'not measured', old: 12 })
  })

  it('never says match where the new one is off the file by more than its window, whatever was read on the old one', () => {
    const mm = fc.double({ min: 0, max: 30, noNaN: true })
    fc.assert(
      fc.property(fc.option(mm), mm, (old, fresh) => {
        const { verdict } = compareOne(FLATS, old, fresh)
        if (fresh > 10.2001 || fresh < 9.7999) expect(verdict).toBe('mismatch')
        if (old === null) expect(verdict).toBe(Math.abs(fresh - 10) <= 0.1 + 1e-8 ? 'match' : 'mismatch')
      }),
    )
  })

  it('cannot compare what nobody knows of the old one', () => {
    const own = { id: 'amps', name: 'amps', unit: 'A', smaller: 1000, larger: 0, why: '' }
    expect(compareOne(own, null, 15)).toMatchObject({ verdict: 'not measured', old: 'not known' })
    expect(compareOne(own, 15, 15).verdict).toBe('match')
    expect(compareOne(own, 15, 18).verdict).toBe('mismatch')
  })
})
