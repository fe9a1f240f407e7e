import { describe, expect, it } from 'vitest'
import { compareOne, type CompareSpec } from './index'

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
})
