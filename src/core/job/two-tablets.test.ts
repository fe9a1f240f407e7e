import { describe, expect, it } from 'vitest'
import { compareOne } from '../machine'
import {
  chargeOf,
  checkStatus,
  deadAt,
  fold,
  type JobState,
  type Kind,
  looseFixings,
  offParts,
  reduce,
  rideShut,
  waitingFor,
} from './index'
import { dunlinPlan, Logbook, MINUTE } from '../../../tests/logbook'

interface Fact {
  readonly name: string
  /** What was logged before, seen by both. */
  readonly before?: (book: Logbook) => void
  readonly safe: readonly [Kind, object]
  readonly unsafe: readonly [Kind, object]
  /** Does what rests on this fact stand open? */
  readonly open: (state: JobState, at: number) => boolean
}

const SCREW = 'front-caliper-bolt-upper'
const spec = dunlinPlan('front-motor-goal').swap.find((s) => s.compare)!
const rows = (flats: number) => spec.compare!.map((c) => compareOne(c, null, c.id === 'flats' ? flats : c.value))
const isolated = (book: Logbook): void => void book.log('power-changed', { to: 'isolated' })
const proof = (volts: number) => ({ instrument: { name: 'm' }, readings: [{ between: 'feed', volts }] })
const proved = (book: Logbook): void => (isolated(book), void book.log('proof-taken', proof(0)))
const out = (book: Logbook): void => void book.log('fixing-out', { members: [SCREW], to: 'cell', cell: 'A5' })
const off = (book: Logbook): void => void book.log('part-off', { parts: ['deck-lid'] })
const locked = { subject: 'rim', product: 'medium', handlingMinutes: 20, cureHours: 24 }
const LATE = 40 * 60 * MINUTE

/** Every fact that a check or a step rests on, said one way by one tablet and the other way by another. */
const FACTS: readonly Fact[] = [
  {
    name: 'power',
    before: proved,
    safe: ['power-changed', { to: 'out' }],
    unsafe: ['power-changed', { to: 'live' }],
    open: (s) => s.power.state !== 'live' && !s.power.disputed,
  },
  {
    name: 'proof',
    before: isolated,
    safe: ['proof-taken', proof(0.1)],
    unsafe: ['proof-taken', proof(41.2)],
    open: (s, at) => deadAt(s.power, at),
  },
  {
    name: 'pack',
    safe: ['pack-checked', { result: 'sound', signs: [] }],
    unsafe: ['pack-checked', { result: 'quarantine', signs: ['hot'] }],
    open: (s, at) => checkStatus(s, 'pack triage', at).open,
  },
  {
    name: 'fixing',
    before: out,
    safe: ['fixing-in', { members: [SCREW], pass: 'final' }],
    unsafe: ['fixing-lost', { members: [SCREW] }],
    open: (s) => !looseFixings(s).some((f) => f.id === SCREW),
  },
  {
    name: 'part',
    before: off,
    safe: ['part-on', { parts: ['deck-lid'] }],
    unsafe: ['part-off', { parts: ['deck-lid'] }],
    open: (s) => !offParts(s).some((p) => p.id === 'deck-lid'),
  },
  {
    name: 'check',
    safe: ['check-passed', { check: 'brakes', evidence: 'firm' }],
    unsafe: ['check-failed', { check: 'brakes', items: [{ name: 'lever firm', result: 'wrong' }] }],
    open: (s, at) => checkStatus(s, 'brakes', at).open,
  },
  {
    name: 'new part',
    safe: ['replacement-compared', { part: spec.part!.id, rows: rows(10) }],
    unsafe: ['replacement-compared', { part: spec.part!.id, rows: rows(12) }],
    open: (s, at) => checkStatus(s, 'replacement matches', at).open,
  },
  {
    name: 'cure',
    before: (b) => void b.log('lock-applied', locked),
    safe: ['lock-applied', { ...locked, product: 'fresh' }],
    unsafe: ['lock-disturbed', { subject: 'rim', reason: 'turned back' }],
    open: (s, at) => checkStatus(s, 'full cure', at + LATE).open,
  },
  {
    name: 'length of a cure',
    safe: ['lock-applied', locked],
    unsafe: ['lock-applied', { ...locked, cureHours: 72 }],
    open: (s, at) => checkStatus(s, 'full cure', at + LATE).open,
  },
  {
    name: 'ride',
    before: (b) =>
      (['walking pace', 'brake stops'] as const).forEach((stage) =>
        b.log('ride-added', { text: 'fine', rungs: [stage], outcome: 'passed' }),
      ),
    safe: ['ride-added', { text: 'fine', rungs: ['gentle'], outcome: 'passed' }],
    unsafe: ['ride-added', { text: 'noise', rungs: ['gentle'], outcome: 'stopped' }],
    open: (s, at) => checkStatus(s, 'ridden', at).open,
  },
]

const devices = ['left tablet', 'right tablet'] as const
/** Both entries, in one order of arrival, the second made with or without having seen the first. */
function arrive(fact: Fact, order: 'safe first' | 'less safe first', seen: boolean) {
  const book = new Logbook().open()
  book.adopt()
  fact.before?.(book)
  const base = book.entries.length
  const both = order === 'safe first' ? [fact.safe, fact.unsafe] : [fact.unsafe, fact.safe]
  both.forEach(([kind, body], i) => book.log(kind, body as never, { device: devices[i]!, base: i === 1 && seen ? base + 1 : base }))
  return book
}
const state = (book: Logbook): JobState => reduce('j1', book.entries)

describe.each(FACTS.map((f) => [f.name, f] as const))('%s: two tablets', (_, fact) => {
  it.each([
    ['safe first', false, false],
    ['less safe first', false, false],
    ['safe first', true, false],
    ['less safe first', true, true],
  ] as const)('%s, seen: %s → open: %s', (order, seen, open) => {
    const book = arrive(fact, order, seen)
    const s = state(book)
    expect(fact.open(s, s.lastAt)).toBe(open)
    // Folded entry by entry it is the same, as the server and the tablets do it.
    expect(book.entries.reduce((now, e) => fold(now, [e])!, reduce('j1', []))).toEqual(s)
  })

  it('is open again once somebody who has seen both has looked', () => {
    for (const order of ['safe first', 'less safe first'] as const) {
      const book = arrive(fact, order, false)
      book.log(fact.safe[0], fact.safe[1] as never, { device: devices[0] })
      if (fact.name === 'cure' || fact.name === 'length of a cure') book.wait(LATE / MINUTE)
      const s = state(book)
      expect(fact.open(s, s.lastAt), order).toBe(true)
    }
  })
})

describe('what two tablets disagree on', () => {
  it.each(FACTS.filter((f) => ['proof', 'pack', 'new part', 'ride'].includes(f.name)).map((f) => [f.name, f] as const))(
    '%s: what is shown is the less safe claim, and that they disagree',
    (_, fact) => {
      for (const order of ['safe first', 'less safe first'] as const) {
        const s = state(arrive(fact, order, false))
        const shown = {
          proof: s.power.proof?.dead,
          pack: s.packCheck?.result,
          'new part': s.comparisons[spec.part!.id]?.rows.every((r) => r.verdict === 'match'),
          ride: s.ridden['gentle']?.outcome,
        }[fact.name]
        expect(shown, order).toEqual({ proof: false, pack: 'quarantine', 'new part': false, ride: 'stopped' }[fact.name])
        expect([s.power.proof, s.packCheck, s.comparisons[spec.part!.id], s.ridden['gentle']].filter((x) => x?.disputed)).toHaveLength(1)
      }
    },
  )
})

describe('a device that is not sure of the time', () => {
  it('takes what ends by the latest and what has to wait by the earliest that it can be', () => {
    const book = new Logbook().open()
    book.adopt()
    proved(book)
    book.log('lock-applied', locked)
    const s = state(book)
    const hours = (earliest: number, latest: number) => ({
      earliest: s.lastAt + earliest * 60 * MINUTE,
      latest: s.lastAt + latest * 60 * MINUTE,
    })
    expect(checkStatus(s, 'dead', hours(0, 3)).open).toBe(true)
    expect(checkStatus(s, 'dead', hours(0, 5)).open).toBe(false)
    expect(checkStatus(s, 'full cure', hours(23, 30)).open).toBe(false)
    expect(checkStatus(s, 'full cure', hours(24, 30)).open).toBe(true)
    expect(checkStatus(s, 'handling strength', hours(0, 30)).open).toBe(false)
  })
})

describe('a proof and a change of power by tablets that had not seen each other', () => {
  it.each([
    ['isolated', 'out'],
    ['out', 'isolated'],
  ] as const)('from %s to %s: the proof has to be taken again, whichever arrives first', (from, to) => {
    for (const first of ['proof', 'power'] as const) {
      const book = new Logbook().open()
      book.log('power-changed', { to: from })
      const base = book.entries.length
      const write = {
        proof: () => book.log('proof-taken', proof(0), { device: 'a', base }),
        power: () => book.log('power-changed', { to }, { device: 'b', base }),
      }
      write[first]()
      write[first === 'proof' ? 'power' : 'proof']()
      const s = state(book)
      expect(deadAt(s.power, s.lastAt), first).toBe(false)
      book.log('proof-taken', proof(0), { device: 'a' })
      expect(deadAt(state(book).power, state(book).lastAt), first).toBe(true)
    }
  })
})

describe('entries given back from another past', () => {
  it('had seen no more than the two pasts share, whatever their base says', () => {
    const book = new Logbook().open()
    book.adopt()
    out(book)
    book.log('fixing-lost', { members: [SCREW] }, { device: 'a' })
    book.log('fixing-in', { members: [SCREW], pass: 'final' }, { device: 'b', base: 4 })
    expect(state(book).fixings[SCREW]?.disputed).toBeUndefined()
    const [last] = book.entries.splice(4, 1)
    book.entries.push({ ...last!, agrees: 3 } as never)
    expect(state(book).fixings[SCREW]).toMatchObject({ condition: 'lost', disputed: ['final', 'lost'] })
    expect(state(book).flags).toContainEqual({ entry: last!.id, kind: 'given back' })
  })
})

describe('the opening of a job', () => {
  const open = (fullVolts: number | undefined, over: object = {}) => {
    const book = new Logbook()
    book.log('job-opened', { number: '1', machine: { name: 'cart', ...(fullVolts ? { fullVolts } : {}) }, complaint: '' }, over as never)
    return book
  }
  it('stands as it was first: a second one changes nothing and is flagged', () => {
    const book = open(84)
    book.log('job-opened', { number: '2', machine: { name: 'toy', fullVolts: 24 }, complaint: '' })
    expect(state(book)).toMatchObject({ number: '1', machine: { name: 'cart' }, flags: [{ kind: 'already open' }] })
    expect(chargeOf(state(book))).toMatchObject({ cls: 'B', volts: 84 })
  })
  it('takes full charge from the machine’s file on the server, whatever the tablet wrote', () => {
    const book = new Logbook()
    const stamp = {
      settingsVersion: 1,
      settings: { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 },
      role: 'mechanic',
      fullVolts: 84,
    }
    book.log('job-opened', { number: '1', machine: { name: 'cart', file: 'cart', revision: '1', fullVolts: 24 }, complaint: '' }, {
      stamp,
    } as never)
    expect(chargeOf(state(book))).toMatchObject({ cls: 'B', volts: 84, from: 'file' })
  })
  it('by the front desk can raise the class of a machine without a file, not lower it', () => {
    const stamp = (role: string) => ({ stamp: { settingsVersion: 1, settings: { proofMinutes: 240, deadVolts: 5 }, role } })
    expect(chargeOf(state(open(42, stamp('front desk'))))).toMatchObject({ cls: 'B', from: 'nobody' })
    expect(chargeOf(state(open(84, stamp('front desk'))))).toMatchObject({ cls: 'B', volts: 84, from: 'door' })
    expect(chargeOf(state(open(42, stamp('mechanic'))))).toMatchObject({ cls: 'A', volts: 42 })
  })
})

describe('a voltage that nobody knows', () => {
  const book = (): Logbook => {
    const b = new Logbook()
    b.log('job-opened', { number: '1', machine: { name: 'cart' }, complaint: '' })
    isolated(b)
    return b
  }
  it('is the higher class: one reading of 0 V is no proof, and making it safe binds somebody qualified', () => {
    const b = book()
    b.log('proof-taken', proof(0))
    expect(deadAt(state(b).power, state(b).lastAt)).toBe(false)
    b.adopt()
    expect(
      waitingFor(
        state(b),
        state(b).down.find((s) => s.check === 'dead')!,
        0,
      ),
    ).toContainEqual({ is: 'check', check: 'qualified' })
  })
  it('is not made the lower class by what the front desk says of it, whatever it says it by', () => {
    const b = book()
    const desk = { stamp: { settingsVersion: 1, settings: { proofMinutes: 240, deadVolts: 5 }, role: 'front desk' } }
    b.log('voltage-told', { from: 'label', volts: 42 }, desk as never)
    expect(chargeOf(state(b))).toMatchObject({ cls: 'B', from: 'nobody' })
  })
  it('is known by the charger’s label, and then one checked reading is a proof', () => {
    const b = book()
    b.log('voltage-told', { from: 'label', volts: 54.6 })
    b.log('proof-taken', proof(0))
    expect(deadAt(state(b).power, state(b).lastAt)).toBe(true)
    // Sixteen cells after all: the one reading proves nothing any more.
    b.log('voltage-told', { from: 'cells', volts: 67.2, cells: 16, chemistry: 'Li-ion' })
    expect(state(b).power.proof?.ended).toBe('above 60 V after all')
  })
})

describe('limits', () => {
  const at = (settings: object, stamp?: object): JobState => {
    const book = new Logbook().open()
    book.log(
      'plan-adopted',
      { plan: dunlinPlan('inspect'), file: 'dunlin', revision: '1', settings: settings as never },
      (stamp ? { stamp: { settingsVersion: 1, role: 'lead', settings: stamp } } : {}) as never,
    )
    return state(book)
  }
  const SHOP = { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 }
  it.each([
    ['a plan cannot loosen them', { ...SHOP, deadVolts: 60, proofMinutes: 9999 }, undefined, SHOP],
    ['a plan can tighten them', { ...SHOP, deadVolts: 2 }, undefined, { ...SHOP, deadVolts: 2 }],
    [
      'the shop’s own stand on the envelope',
      { ...SHOP, deadVolts: 60 },
      { ...SHOP, deadVolts: 3, proofMinutes: 60 },
      { ...SHOP, deadVolts: 3, proofMinutes: 60 },
    ],
  ])('%s', (_, body, stamp, expected) => expect(at(body, stamp).settings).toEqual(expected))
})

describe('what is stored and odd', () => {
  it.each(['__proto__', 'constructor', 'toString', 'hasOwnProperty'])(
    'an id such as %s is one like any other, and breaks nothing',
    (id) => {
      const book = new Logbook().open()
      book.adopt()
      book.log('note-added', { text: 'x', step: id })
      book.log('step-done', { step: id })
      book.log('fixing-out', { members: [id], to: 'cell', cell: 'A1' })
      book.log('part-off', { parts: [id] })
      book.log('variant-answered', { variant: id, option: 'x' })
      const s = state(book)
      expect([s.steps[id]?.status, s.fixings[id]?.condition, s.parts[id]?.condition, s.variants[id]]).toEqual(['done', 'cell', 'off', 'x'])
      expect(reduce('j1', book.entries)).toEqual(
        book.entries.reduce((now, e) => fold(JSON.parse(JSON.stringify(now)) as JobState, [e])!, reduce('j1', [])),
      )
      expect(({} as Record<string, unknown>)['status']).toBeUndefined()
    },
  )
  it('an entry that cannot be read is flagged, and the rest of the job stands', () => {
    const book = new Logbook().open()
    book.log('plan-adopted', { plan: { goals: 4, down: { steps: [] }, up: { steps: [] }, swap: [] } } as never)
    book.log('note-added', { text: 'after it' })
    const s = state(book)
    expect(s.flags).toEqual([expect.objectContaining({ kind: 'unreadable', subject: 'plan-adopted' })])
    expect(s.notes.map((n) => n.text)).toEqual(['after it'])
  })
  it('a check that nobody knows stays on the job, binds its hand back, and only a lead passes it', () => {
    const book = new Logbook().open()
    const plan = structuredClone(dunlinPlan('inspect')) as unknown as { up: { steps: { check?: string; after?: string[] }[] } }
    plan.up.steps.push({ ...plan.up.steps.at(-1)!, check: 'bracks', after: [] } as never)
    book.log('plan-adopted', { plan: plan as never, file: 'dunlin', revision: '1', settings: { proofMinutes: 240, deadVolts: 5 } })
    expect(checkStatus(state(book), 'unknown: bracks', 0)).toMatchObject({ open: false })
    book.log('stage-moved', { to: 'hand back' })
    expect(state(book).moves.at(-1)?.missing).toContainEqual({ is: 'check', check: 'unknown: bracks' })
    book.log('check-overridden', { check: 'unknown: bracks', reason: 'looked at the brakes by hand' })
    expect(checkStatus(state(book), 'unknown: bracks', 0)).toMatchObject({ open: true, how: 'overridden' })
  })
  it('rides are shut while two devices disagree on the pack', () => {
    const book = arrive(
      FACTS.find((f) => f.name === 'pack')!,
      'less safe first',
      false,
    )
    expect(rideShut(state(book), 'walking pace', 0).map((c) => c.check)).toContain('pack triage')
  })
})
