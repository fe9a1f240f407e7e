import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DRIVE_KINDS } from '../machine'
import { beliefs, catalogueOf, leaningsAfter, leaningsOf, NONE, speaks, type Catalogue, type Evidence } from './index'

const FULL = 48
const all = DRIVE_KINDS.map((kind) => [kind, catalogueOf(kind, FULL)] as const)
const geared = catalogueOf('hub geared', FULL)
const p = (catalogue: Catalogue, evidence: readonly Evidence[], fault: string, leanings = {}): number =>
  beliefs(catalogue, evidence, leanings).find((b) => b.fault === fault)!.p

describe('the shop’s own past', () => {
  it.each(all)('%s: nothing known leaves everything as usual', (_, catalogue) => {
    for (const x of Object.values(leaningsOf(catalogue, { called: {}, daysSince: null }))) expect(x).toBeCloseTo(1, 12)
  })

  it.each(all)(
    '%s: what was called before is likelier for it, the more the more often; what was touched last, the fresher',
    (_, catalogue) => {
      const [first, second] = catalogue.faults
      const of = (n: number): number =>
        p(catalogue, [], first!.id, leaningsOf(catalogue, { called: { [first!.id]: n, other: 99 }, daysSince: null }))
      expect([of(0), of(2), of(20)]).toEqual([...[of(0), of(2), of(20)]].sort((a, b) => a - b))
      // Twenty of it among twenty machines’ worth of estimate: about half, its own share besides.
      expect(of(20)).toBeGreaterThan(0.45)
      expect(of(20)).toBeLessThan(0.75)
      expect(p(catalogue, [], second!.id, leaningsOf(catalogue, { called: { [first!.id]: 20 }, daysSince: null }))).toBeLessThan(
        p(catalogue, [], second!.id),
      )
      const touched = catalogue.faults.find((f) => (f.afterWork ?? 1) > 1)!
      const after = (days: number | null): number => p(catalogue, [], touched.id, leaningsOf(catalogue, { called: {}, daysSince: days }))
      expect(after(3)).toBeGreaterThan(after(40))
      expect(after(40)).toBeGreaterThan(after(null))
      expect(after(2000)).toBeCloseTo(after(null), 6)
    },
  )
})

describe('age and batch', () => {
  it.each(all)('%s: what wears grows with the way, what was made wrong shows early, the rest does not care', (_, catalogue) => {
    const at = (value: number, unit: 'km' | 'h' = 'km'): Record<string, number> =>
      leaningsOf(catalogue, { called: {}, daysSince: null, used: { value, unit } })
    const [young, middle, old, hours] = [at(20), at(4000), at(12_000), at(800, 'h')]
    for (const { id, ages } of catalogue.faults) {
      if (ages === 'early') expect(young[id]!).toBeGreaterThan(2 * middle[id]!)
      else if (ages === 'wears') {
        expect(young[id]!).toBeLessThan(0.3)
        expect(middle[id]!).toBeCloseTo(1, 9)
        expect(old[id]!).toBeCloseTo(3, 9)
      } else for (const x of [young[id], middle[id], old[id]]) expect(x).toBeCloseTo(1, 9)
      // Eight hundred hours are as good as twelve thousand kilometres.
      expect(hours[id]).toBeCloseTo(old[id]!, 9)
    }
    expect(catalogue.faults.some((f) => f.ages === 'early') && catalogue.faults.some((f) => f.ages === 'wears')).toBe(true)
  })

  it('a call of the batch says three times as much as one of the model', () => {
    const [first] = geared.faults
    const of = (called: number, near: number): number =>
      leaningsOf(geared, { called: { [first!.id]: called }, near: { [first!.id]: near }, daysSince: null })[first!.id]!
    expect(of(1, 1)).toBeCloseTo(of(3, 0), 12)
    expect(of(1, 1)).toBeGreaterThan(of(1, 0))
  })
})

describe('still not right after a repair', () => {
  it.each(all)('%s: of every pair the other comes first of those that were not mended, and the shares are shares', (_, catalogue) => {
    for (const { faults } of catalogue.pairs)
      for (const [mended, other] of [faults, [...faults].reverse()] as const) {
        const leanings = leaningsAfter(catalogue, [], [mended!])
        const now = beliefs(catalogue, [], leanings)
        expect(now.reduce((s, b) => s + b.p, 0)).toBeCloseTo(1, 9)
        for (const x of Object.values(leanings)) expect(x).toBeGreaterThan(0)
        // The repair may have failed: about one in seven, whatever it was.
        const total = [...catalogue.faults, ...catalogue.pairs].reduce((s, f) => s + f.usual, catalogue.noneUsual)
        expect((leanings[mended!]! * catalogue.faults.find((f) => f.id === mended)!.usual) / total).toBeCloseTo(0.15, 9)
        const partners = new Set(catalogue.pairs.filter((x) => x.faults.includes(mended!)).flatMap((x) => x.faults))
        const first = now.filter((b) => b.fault !== NONE && b.fault !== mended).sort((a, b) => b.p - a.p)[0]!
        expect(partners, `${mended} then ${first.fault}`).toContain(first.fault)
        expect(p(catalogue, [], other!, leanings)).toBeGreaterThan(p(catalogue, [], other!))
      }
  })

  it('goes by what was read before: the partner that it spoke for comes before the one that it did not', () => {
    const partnersOf = (c: Catalogue, f: string): string[] =>
      c.pairs.filter((x) => x.faults.includes(f)).map((x) => x.faults.find((g) => g !== f)!)
    const several = all
      .flatMap(([, c]) => c.faults.map((f) => ({ c, mended: f.id, partners: partnersOf(c, f.id) })))
      .filter((x) => x.partners.length > 1)
    expect(several.length).toBeGreaterThan(0)
    for (const { c, mended, partners } of several) {
      // A symptom that one partner shows more than the other.
      const telling = c.symptoms
        .flatMap((s) =>
          partners.map((f) => ({
            s,
            f,
            by: (s.given[f] ?? s.otherwise) / Math.max(...partners.filter((g) => g !== f).map((g) => s.given[g] ?? s.otherwise)),
          })),
        )
        .sort((a, b) => b.by - a.by)[0]!
      const before: Evidence[] = [{ kind: 'symptom', symptom: telling.s.id, certainty: 'sure' }]
      const rise = (f: string): number => p(c, [], f, leaningsAfter(c, before, [mended])) / p(c, [], f, leaningsAfter(c, [], [mended]))
      expect(rise(telling.f)).toBeGreaterThan(1)
      for (const other of partners.filter((f) => f !== telling.f)) expect(rise(other)).toBeLessThan(rise(telling.f))
    }
  })
})

describe('what speaks for and against', () => {
  const evidence: readonly Evidence[] = [
    { kind: 'symptom', symptom: 'spins', certainty: 'sure' },
    { kind: 'word', test: 'held', outcome: 'slips' },
  ]
  const known = evidence.filter((e) => e.kind === 'symptom' || geared.tests.some((t) => t.id === e.test))

  it('is the odds with it over the odds as usual, against all others or one rival', () => {
    for (const fault of ['gear-stripped', 'hall-wire', NONE])
      for (const rival of [null, 'clutch-slips']) {
        const odds = (of: readonly Evidence[]): number =>
          p(geared, of, fault) / (rival === null ? 1 - p(geared, of, fault) : p(geared, of, rival))
        for (const { at, times } of speaks(geared, known, fault, rival)) expect(times).toBeCloseTo(odds([known[at]!]) / odds([]), 6)
      }
  })

  it('counts one test once, the strongest first, and tells two rivals the same the other way round', () => {
    const twice = [...known, ...known]
    expect(speaks(geared, twice, 'gear-stripped').map((s) => s.times)).toEqual(
      speaks(geared, known, 'gear-stripped').map((s) => expect.closeTo(s.times, 6)),
    )
    fc.assert(
      fc.property(fc.constantFrom(...geared.faults.map((f) => f.id)), fc.constantFrom(...geared.faults.map((f) => f.id)), (a, b) => {
        fc.pre(a !== b)
        const one = speaks(geared, known, a, b)
        const other = speaks(geared, known, b, a)
        for (const { at, times } of one) expect(times * other.find((o) => o.at === at)!.times).toBeCloseTo(1, 6)
        const strength = one.map((s) => Math.abs(Math.log(s.times)))
        expect(strength).toEqual([...strength].sort((x, y) => y - x))
      }),
      { numRuns: 30 },
    )
  })
})
