import { describe, expect, it } from 'vitest'
import { type Case, caseOf, patternsOf } from './cases'
import { emptyState, type JobState } from './state'

const mark = (at: number) => ({ entry: `e${at}`, seq: at, at, by: 'ines', device: 'd' })
type Told = { readonly text: string; readonly symptom?: string }
function job(
  name: string,
  at: number,
  faults: readonly Partial<JobState['faults'][number]>[],
  told: readonly Told[] = [],
  used?: JobState['usedAtDoor'],
): JobState {
  return {
    ...emptyState(name),
    number: name,
    ...(used ? { usedAtDoor: used } : {}),
    symptoms: told.map((t, i) => ({ ...mark(i), ...t })),
    faults: faults.map((f, i) => ({ ...mark(at + i), ...f })),
  }
}
const cases = (...states: readonly JobState[]): Case[] => states.flatMap((s) => caseOf(s.number, s) ?? [])

describe('what was found on a model', () => {
  it('counts what was called for sure, and nothing that somebody was unsure of', () => {
    expect(caseOf('1', job('1', 5, []))).toBeNull()
    expect(caseOf('1', job('1', 5, [{ id: 'rail', certainty: 'maybe' }]))).toBeNull()
    expect(
      caseOf(
        '1',
        job('1', 5, [
          { id: 'rail', certainty: 'maybe' },
          { id: 'gate', certainty: 'sure' },
        ]),
      ),
    ).toMatchObject({
      at: 6,
      faults: [{ id: 'gate' }],
    })
  })

  it('keeps the readings of tests, and none of the work', () => {
    const state = job('1', 5, [{ id: 'gate' }])
    const reading = { ...mark(1), result: { is: 'value', value: 2 }, unit: 'V', live: true } as const
    const found = caseOf('1', { ...state, readings: [{ ...reading, test: 'halls' }, reading] as unknown as JobState['readings'] })!
    expect(found.readings).toMatchObject([{ test: 'halls' }])
  })

  it('puts a pair under both of its faults, the one found most first; own words are one fault whatever their case', () => {
    const found = patternsOf(
      cases(
        job('1', 1, [{ id: 'gate+winding' }]),
        job('2', 2, [{ id: 'gate' }, { id: 'gate' }]),
        job('3', 3, [{ text: 'Mouse nest ' }]),
        job('4', 4, [{ text: 'mouse nest' }]),
        job('5', 5, [{ text: 'gate' }]),
      ),
    )
    expect(found.map((p) => [p.fault, p.cases.map((c) => c.number)])).toEqual([
      [{ text: 'mouse nest' }, ['4', '3']],
      [{ id: 'gate' }, ['2', '1']],
      [{ text: 'gate' }, ['5']],
      [{ id: 'winding' }, ['1']],
    ])
  })

  it('tells what owners told, once a case, and the least and the most on the counter by its unit', () => {
    const jerks = { text: 'jerks', symptom: 'jerks' }
    const [one] = patternsOf(
      cases(
        job('1', 1, [{ id: 'gate' }], [jerks, { ...jerks, text: 'jerks again' }, { text: 'Smells' }], { value: 900, unit: 'km' }),
        job('2', 2, [{ id: 'gate' }], [jerks, { text: 'smells ' }, { text: 'dead', symptom: 'dead' }], { value: 40, unit: 'h' }),
        job('3', 3, [{ id: 'gate' }], [jerks], { value: 120, unit: 'km' }),
      ),
    )
    expect(one!.told.map((t) => [t.symptom ?? t.text.trim().toLowerCase(), t.times])).toEqual([
      ['jerks', 3],
      ['smells', 2],
      ['dead', 1],
    ])
    expect(one!.used).toEqual([
      { unit: 'km', least: 120, most: 900 },
      { unit: 'h', least: 40, most: 40 },
    ])
  })
})
