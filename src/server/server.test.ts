import { describe, expect, it } from 'vitest'
import { KIND_IDS } from '../core/job'
import { originFault } from './origin'
import { decoded, pageMark, standsAsked, standsFilter, standsLink } from './paging'
import { may, refusal } from './permissions'

describe('originFault', () => {
  it.each([
    ['our own page', { origin: 'http://127.0.0.1:4310', host: '127.0.0.1:4310' }, null],
    ['behind a forwarder', { origin: 'https://shop.test', host: '127.0.0.1:4310', 'x-forwarded-host': 'shop.test' }, null],
    ['another site', { origin: 'http://elsewhere.test', host: '127.0.0.1:4310' }, /another site/],
    ['another port', { origin: 'http://127.0.0.1:9', host: '127.0.0.1:4310' }, /another site/],
    ['an origin that is no URL', { origin: 'null', host: '127.0.0.1:4310' }, /another site/],
    ['none', { host: '127.0.0.1:4310' }, /no page/],
  ])('%s', (_, headers, expected) => {
    const fault = originFault(new Headers(headers as Record<string, string>))
    if (expected === null) expect(fault).toBeNull()
    else expect(fault).toMatch(expected)
  })
})

describe('roles', () => {
  it('a viewer writes nothing, a mechanic everything', () => {
    for (const kind of KIND_IDS) {
      expect(refusal('viewer', kind)).toMatch(/viewer/)
      expect(refusal('mechanic', kind)).toBeNull()
    }
  })
  it('the front desk notes, and does not work', () => {
    expect(KIND_IDS.filter((k) => refusal('front desk', k) === null)).toEqual([
      'job-opened',
      'goal-set',
      'variant-answered',
      'symptom-noted',
      'damage-noted',
      'delivery-counted',
      'salt-water',
      'cost-told',
      'owner-asked',
      'note-added',
      'photo-added',
      'photo-pinned',
      'recheck-set',
    ])
    expect([may('front desk', 'take in'), may('front desk', 'work'), may('viewer', 'read'), may('viewer', 'take in')]).toEqual([
      true,
      false,
      true,
      false,
    ])
  })
})

describe('addresses', () => {
  it.each([
    ['dunlin', 'dunlin'],
    ['a%2Fb%3Fc', 'a/b?c'],
    ['%', null],
    ['%ED%A0%BD', null],
    ['a%00b', 'ab'],
  ])('“%s” means %s', (part, meant) => expect(decoded(part)).toBe(meant))
})

describe('paging', () => {
  it('comes back from the link as it went in', () => {
    const mark = { open: true, sortAt: 1_795_573_793_530, jobId: '01a21089-bf1a-74a8-bbbc-5dec15edfef9' }
    const asked = { find: 'Kestrel & Söhne', stage: 'build up', only: 'loose' } as const
    const params = Object.fromEntries(new URLSearchParams(standsLink(asked, mark).slice(2)))
    expect(pageMark(params['after'])).toEqual(mark)
    expect(standsAsked(params)).toEqual(asked)
    expect(standsLink({ find: '', stage: '', only: '' })).toBe('/')
  })
  it('asks for nothing by what it does not know, and finds nothing by what has no letter', () => {
    expect(standsAsked({ find: ['a', 'b'], stage: 'toString', only: 'constructor' })).toEqual({ find: '', stage: '', only: '' })
    expect(standsFilter(standsAsked({ find: '!?' }))).toEqual({ words: [] })
  })
  it.each([undefined, '', '1', '1.2.x', "1.2.'; drop table jobs", '2.1.01a21089-bf1a-74a8-bbbc-5dec15edfef9'])(
    'takes “%s” for the first page',
    (text) => expect(pageMark(text)).toBeUndefined(),
  )
})
