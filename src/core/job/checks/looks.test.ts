import { describe, expect, it } from 'vitest'
import { ITEMS } from '../../../words/en/checks'
import { SHAPES } from '../../../../tests/samples'
import { CHECK_IDS, checkStatus, type JobState, LOOKED_OVER, looksIn, looksOf, reduce, written } from '../index'
import { CHECK_ITEMS, itemsAsWords, itemsFromWords } from './looks'

const entry = (kind: 'check-passed' | 'check-failed', v: number, body: object) =>
  ({ id: `e${v}`, kind, v, jobId: 'j', by: 'p', device: 'd', at: 1, base: 0, seq: 1, body }) as never

describe('what is looked at in a check', () => {
  it('is in exactly one list, so that nothing that has an id is asked for nowhere', () => {
    const mounted = { up: [{ id: 'u', reaction: true, pair: 'd' }], steps: { d: { status: 'done' } } } as unknown as JobState
    const asked = [
      ...CHECK_IDS.flatMap((c) => looksOf(c)?.items ?? []),
      ...(looksIn('reaction path', mounted)?.items ?? []),
      ...Object.values(LOOKED_OVER).flat(),
    ]
    expect([...asked].sort()).toEqual([...CHECK_ITEMS].sort())
  })
  it('comes back by its id from the words that older builds wrote; a machine file’s own words stay words', () => {
    const items = [...CHECK_ITEMS.map((item) => ({ item, result: 'right' as const })), { name: 'Chain stays on', result: 'wrong' as const }]
    expect(new Set(itemsAsWords(items).map((i) => i.name)).size).toBe(items.length)
    expect(itemsFromWords(itemsAsWords(items))).toEqual(items)
    expect(itemsFromWords([{ name: 'Turns forward', result: 'right' }])).toEqual([{ item: 'turns-forward', result: 'right' }])
    for (const [v, said] of [
      [1, { evidence: 'spun' }],
      [2, { shown: 'its list' }],
    ] as const) {
      const body = { check: 'spin test', ...said, items: [{ name: 'Turns forward', result: 'not tested' }] }
      const state = reduce('j', [entry('check-passed', v, body)])
      expect(state.checks['spin test']?.passed?.items).toEqual([{ item: 'turns-forward', result: 'not tested' }])
    }
  })
  it('are written as ids from build 14 on, and as the words of before where an older build still reads', () => {
    const body = {
      check: 'brakes' as const,
      shown: 'its list' as const,
      items: [{ item: 'lever-firm' as const, result: 'right' as const }],
    }
    expect(written('check-passed', body, 14)).toMatchObject({ v: 3, body: { items: [{ item: 'lever-firm' }] } })
    expect(written('check-passed', body, 13)).toMatchObject({ v: 2, body: { items: [{ name: ITEMS['lever-firm'] }] } })
    expect(JSON.stringify(written('check-passed', body, 14))).not.toContain(ITEMS['lever-firm'])
  })
  it('of a check that was not passed: what is wrong is missing, what was not tested is not; and what was said of it stays', () => {
    const body = {
      check: 'spin test' as const,
      text: 'backward',
      items: [
        { item: 'turns-forward' as const, result: 'wrong' as const },
        { item: 'lights-and-horn' as const, result: 'not tested' as const },
      ],
    }
    expect(written('check-failed', body, 14).body).toEqual(body)
    const state = reduce('j', [entry('check-failed', 2, body)])
    expect(checkStatus(state, 'spin test', 0).missing).toEqual([{ is: 'item', of: body.items[0] }])
  })
  it('has an id or words, not both and not neither', () => {
    const schema = SHAPES['check-failed'].versions[2]!
    const fits = (item: object): boolean => schema.isValidSync({ check: 'brakes', items: [{ result: 'right', ...item }] })
    expect([fits({ item: 'lever-firm' }), fits({ name: 'Chain stays on' })]).toEqual([true, true])
    expect([fits({}), fits({ item: 'lever-firm', name: 'x' }), fits({ item: 'lever-soft' })]).toEqual([false, false, false])
  })
})
