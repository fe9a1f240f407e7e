import { describe, expect, it } from 'vitest'
import { ITEMS } from '../../../words/en/checks'
import { CHECK_IDS, looksOf, written } from '../index'
import { CHECK_ITEMS, itemsAsWords, itemsFromWords } from './looks'

describe('what is looked at in a check', () => {
  it('is in exactly one list, so that nothing that has an id is asked for nowhere', () => {
    const asked = CHECK_IDS.flatMap((c) => looksOf(c)?.items ?? [])
    expect([...asked].sort()).toEqual([...CHECK_ITEMS].sort())
  })
  it('comes back by its id from the words that older builds wrote; a machine file’s own words stay words', () => {
    const items = [...CHECK_ITEMS.map((item) => ({ item, result: 'right' as const })), { name: 'Chain stays on', result: 'wrong' as const }]
    expect(new Set(itemsAsWords(items).map((i) => i.name)).size).toBe(items.length)
    expect(itemsFromWords(itemsAsWords(items))).toEqual(items)
    expect(itemsFromWords([{ name: 'Turns forward', result: 'right' }])).toEqual([{ item: 'turns-forward', result: 'right' }])
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
})
