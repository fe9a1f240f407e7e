import { describe, expect, it } from 'vitest'
import { instrumentFaultWords, readInstrument } from './instrument'

const METER = { name: 'meter 4', kind: 'multimeter', unit0: 'V', to0: '600', calibratedTo: '2027-03-31' }
const read = (fields: Readonly<Record<string, string>>) => readInstrument((name) => fields[name] ?? '', 'i-1')
const wrong = (fields: Readonly<Record<string, string>>): string => {
  const result = read({ ...METER, ...fields })
  if (result.ok) throw new Error('it was taken')
  return instrumentFaultWords(result.error)
}

describe('an instrument as it is keyed in', () => {
  it('has its ranges in order, those without an upper end left out, and what else it needs by its kind', () => {
    expect(
      read({ ...METER, from0: '−600', resolution0: '0,01', percent0: '0.5', unit1: 'ohm', to1: '4 kΩ', unit2: 'A', leads: '200 mΩ' }),
    ).toEqual({
      ok: true,
      value: {
        id: 'i-1',
        name: 'meter 4',
        kind: 'multimeter',
        ranges: [
          { unit: 'V', from: -600, to: 600, resolution: 0.01, percent: 0.5 },
          { unit: 'ohm', from: 0, to: 4000 },
        ],
        leads: 0.2,
        calibratedTo: '2027-03-31',
        struck: false,
      },
    })
  })
  it('has no calibration where the day is left empty', () =>
    expect(read({ ...METER, calibratedTo: '' })).toMatchObject({ value: { calibratedTo: null } }))

  it.each([
    [{ name: '' }, /A name is wanted/],
    [{ name: 'x'.repeat(81) }, /too long/],
    [{ name: 'a\0b' }, /cannot be kept/],
    [{ kind: 'divining rod' }, /What kind/],
    [{ to0: '' }, /One range at least/],
    [{ unit0: 'Nm' }, /One range at least/],
    [{ to0: 'lots' }, /upper end of a range: “lots”/],
    [{ to0: '3 A' }, /“3 A” is not a figure/],
    [{ from0: '700' }, /from 700 to 600 V/],
    [{ percent0: '-1' }, /error in per cent: “-1”/],
    [{ leads: '-2' }, /resistance of its leads/],
    [{ calibratedTo: '31.3.2027' }, /“31.3.2027” is not a day/],
    [{ calibratedTo: '2027-99-31' }, /is not a day/],
  ])('%j is refused in words', (fields, words) => expect(wrong(fields)).toMatch(words))
})
