import { describe, expect, it } from 'vitest'
import type { Case, Pattern } from '../../core/job'
import { caseHead, caseWords, patternWords } from './cases'

const mark = (at: number) => ({ entry: `e${at}`, by: 'ines', at })
const one: Case = {
  job: 'j',
  number: '0401',
  unit: 'no. 9',
  used: { value: 1240, unit: 'km' },
  at: 9,
  symptoms: [
    { ...mark(1), text: 'jerks', symptom: 'jerks' },
    { ...mark(2), text: 'smells of fish' },
  ],
  // An older form keeps the ids where words stood.
  observations: [{ ...mark(4), test: 'code', outcome: 'none', text: 'code: none', live: true }],
  readings: [{ ...mark(3), test: 'pack-rest', result: { is: 'value', value: 54.6 }, unit: 'V', live: true }],
  faults: [{ ...mark(9), text: 'hall-plug', id: 'hall-plug', way: 'swap' }],
}

describe('a case in words', () => {
  it('tells what was told, what was shown in its order, and what was done about it', () => {
    expect(caseHead(one)).toBe('no. 9, 1,240 km')
    expect(caseWords(one)).toEqual({
      told: 'jerks, won’t start off; smells of fish',
      showed: ['pack at rest 54.6 V', 'Read the error code: no code'],
      called: expect.stringMatching(/^Hall plug not home or wet: ./) as string,
    })
  })

  it('says how often only where there is more than one', () => {
    const pattern: Pattern = {
      fault: { id: 'hall-plug' },
      cases: [one],
      told: [{ symptom: 'jerks', text: 'jerks', times: 1 }],
      used: [{ unit: 'km', least: 1240, most: 1240 }],
    }
    expect(patternWords(pattern)).toBe('Told: jerks, won’t start off. On the counter: 1,240 km.')
    expect(
      patternWords({
        ...pattern,
        cases: [one, one],
        used: [
          { unit: 'km', least: 90, most: 2400 },
          { unit: 'h', least: 3, most: 3 },
        ],
      }),
    ).toBe('Told: jerks, won’t start off (1 of 2). On the counter: 90 to 2,400 km; 3 h.')
    expect(patternWords({ ...pattern, told: [], used: [] })).toBe('')
  })
})
