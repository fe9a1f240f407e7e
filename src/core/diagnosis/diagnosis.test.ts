import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DRIVE_KINDS } from '../machine'
import { demoMachines } from '../../demo/machines'
import { dunlin } from '../../demo/machines/dunlin'
import {
  accessOf,
  advise,
  type Belief,
  beliefs,
  beliefTrail,
  bestSearch,
  candidates,
  catalogueFor,
  computeValue,
  costOf,
  driveConnections,
  entropy,
  type Evidence,
  isKnown,
  catalogueOf,
  meanings,
  NONE,
  recognise,
  searchMinutes,
  sharedMinutes,
  suspectsLeft,
  unexplained,
  type Reach,
  type Test,
} from './index'
import { density, shareBeyond } from './likelihood'
import type { Catalogue } from './types'

const hub = catalogueOf('hub direct', 58.8)
const ids = candidates(hub)
const p = (list: readonly Belief[], fault: string): number => list.find((b) => b.fault === fault)!.p
const atHand = () => ({ access: 0, power: 0 })

/** Any piece of evidence of the catalogue. */
const anyEvidence: fc.Arbitrary<Evidence> = fc.oneof(
  fc.record({
    kind: fc.constant('symptom' as const),
    symptom: fc.constantFrom(...hub.symptoms.map((s) => s.id)),
    certainty: fc.constantFrom('sure' as const, 'maybe' as const),
  }),
  fc.constantFrom(...hub.tests).chain((t): fc.Arbitrary<Evidence> => {
    const answer = t.answer
    return answer.kind === 'words'
      ? fc.constantFrom(...answer.outcomes.map((o) => o.id)).map((outcome) => ({ kind: 'word', test: t.id, outcome }))
      : fc.double({ min: answer.range[0], max: answer.range[1], noNaN: true }).map((value) => ({ kind: 'value', test: t.id, value }))
  }),
)

const KINDS = DRIVE_KINDS.filter(isKnown)

describe.each(KINDS)('the catalogue of %s', (kind) => {
  const hub = catalogueOf(kind, 54.6)
  const ids = candidates(hub)
  it('has twelve faults or more, each with an action, told of by a symptom and moved by a test', () => {
    expect(hub.faults.length).toBeGreaterThanOrEqual(12)
    for (const fault of hub.faults) {
      expect(
        hub.actions.map((a) => a.id),
        fault.id,
      ).toContain(fault.action)
      expect(
        hub.symptoms.some((s) => (s.given[fault.id] ?? 0) >= 0.3),
        fault.id,
      ).toBe(true)
      expect(
        hub.tests.some((t) => Object.keys(t.answer.rows.given).some((key) => key.split('/')[0] === fault.id)),
        fault.id,
      ).toBe(true)
    }
  })
  it('names only what it has, in rows as long as the outcomes, with shares that sum to one', () => {
    for (const s of hub.symptoms) for (const f of Object.keys(s.given)) expect(ids, `${s.id} ${f}`).toContain(f)
    for (const t of hub.tests) {
      for (const f of Object.keys(t.answer.rows.given)) expect(ids, `${t.id} ${f}`).toContain(f.split('/')[0])
      if (t.answer.kind === 'words')
        for (const row of [t.answer.rows.healthy, ...Object.values(t.answer.rows.given)])
          expect(row, t.id).toHaveLength(t.answer.outcomes.length)
      else
        for (const bells of [t.answer.rows.healthy, ...Object.values(t.answer.rows.given)])
          expect(
            bells.reduce((s, b) => s + (b.share ?? 1), 0),
            t.id,
          ).toBeCloseTo(1, 9)
    }
  })
  it('spreads a density that sums to one over its range, blurred or not', () => {
    for (const t of hub.tests) {
      if (t.answer.kind !== 'number' || t.answer.rows.healthy.some((b) => b.log)) continue
      // As far as its bells reach: a grid over the whole range would be coarser than a narrow one.
      const { healthy } = t.answer.rows
      const [low, high] = [Math.min(...healthy.map((b) => b.mean - 9 * b.sd - 4)), Math.max(...healthy.map((b) => b.mean + 9 * b.sd + 4))]
      const n = 40_000
      const sum = Array.from({ length: n }, (_, i) => density(healthy, low + ((high - low) * (i + 0.5)) / n, 0.3)).reduce(
        (a, b) => a + b,
        0,
      )
      expect((sum * (high - low)) / n, t.id).toBeCloseTo(1, 3)
    }
  })
})

describe('beliefs', () => {
  it('are how usual things are before anything is known', () => {
    const usual = [...hub.faults.map((f) => f.usual), ...hub.pairs.map((x) => x.usual), hub.noneUsual]
    const all = usual.reduce((a, b) => a + b, 0)
    beliefs(hub, []).forEach((b, i) => expect(b.p).toBeCloseTo(usual[i]! / all, 12))
    expect(p(beliefs(hub, []), NONE)).toBeGreaterThan(0.02)
  })

  it('sum to one, whatever is known, and rule nothing out altogether', () => {
    fc.assert(
      fc.property(fc.array(anyEvidence, { maxLength: 12 }), (evidence) => {
        const all = beliefs(hub, evidence)
        expect(all.reduce((s, b) => s + b.p, 0)).toBeCloseTo(1, 9)
        for (const b of all) expect(b.p).toBeGreaterThan(0)
      }),
      { seed: 120, numRuns: 300 },
    )
  })

  it('do not depend on the order of the evidence', () => {
    fc.assert(
      fc.property(
        fc
          .array(anyEvidence, { minLength: 2, maxLength: 8 })
          .chain((e) => fc.tuple(fc.constant(e), fc.shuffledSubarray(e, { minLength: e.length, maxLength: e.length }))),
        ([a, b]) => {
          expect(beliefs(hub, b)).toEqual(beliefs(hub, a))
        },
      ),
      { seed: 121 },
    )
  })

  it('are not moved by entering one reading ten times', () => {
    fc.assert(
      fc.property(anyEvidence, fc.array(anyEvidence, { maxLength: 4 }), (one, others) => {
        const rest = others.filter((o) => JSON.stringify(Object.values(o).slice(0, 2)) !== JSON.stringify(Object.values(one).slice(0, 2)))
        const once = beliefs(hub, [...rest, one])
        const ten = beliefs(hub, [...rest, ...Array.from({ length: 10 }, () => one)])
        ten.forEach((b, i) => expect(b.p).toBeCloseTo(once[i]!.p, 9))
      }),
      { seed: 122 },
    )
  })

  it('do not grow certain from one reading, and two that contradict weigh less than either', () => {
    for (const test of hub.tests) {
      if (test.answer.kind !== 'words') continue
      for (const o of test.answer.outcomes)
        expect(
          Math.max(...beliefs(hub, [{ kind: 'word', test: test.id, outcome: o.id }]).map((b) => b.p)),
          `${test.id} ${o.id}`,
        ).toBeLessThan(0.97)
    }
    const free = beliefs(hub, [{ kind: 'word', test: 'turn', outcome: 'drags' }])
    const both = beliefs(hub, [
      { kind: 'word', test: 'turn', outcome: 'drags' },
      { kind: 'word', test: 'turn', outcome: 'free' },
    ])
    expect(p(both, 'bridge')).toBeLessThan(p(free, 'bridge'))
  })

  it('follow Bayes’ rule by hand on one answer, severities and what comes and goes added up', () => {
    const small: Catalogue = {
      id: 'small',
      actions: [],
      faults: [
        { id: 'a', name: 'a', usual: 3, action: 'x', comesAndGoes: 0.5 },
        { id: 'b', name: 'b', usual: 2, action: 'x' },
      ],
      pairs: [],
      noneUsual: 1,
      symptoms: [],
      together: {},
      tests: [
        {
          id: 't',
          title: 't',
          how: '',
          minutes: 1,
          reach: 'outside',
          power: 'either',
          answer: {
            kind: 'words',
            outcomes: [
              { id: 'yes', name: 'yes' },
              { id: 'no', name: 'no' },
            ],
            rows: { healthy: [0.1, 0.9], given: { 'a/1': [0.4, 0.6], 'a/2': [0.7, 0.3], 'a/3': [1, 0] } },
            estimated: false,
          },
        },
      ],
    }
    const slip = (x: number, by: number): number => (1 - by) * x + by / 2
    // Half of the a: a third each by severity; half come and go: the middle one four times in ten.
    const like = {
      a: 0.5 * ((slip(0.4, 0.02) + slip(0.7, 0.02) + slip(1, 0.02)) / 3) + 0.5 * slip(0.4 * 0.7 + 0.6 * 0.1, 0.02),
      b: slip(0.1, 0.02),
      none: slip(0.1, 0.15),
    }
    const sum = (3 * like.a + 2 * like.b + like.none) / 6
    const after = beliefs(small, [{ kind: 'word', test: 't', outcome: 'yes' }])
    expect(p(after, 'a')).toBeCloseTo((0.5 * like.a) / sum, 12)
    expect(p(after, 'b')).toBeCloseTo(((1 / 3) * like.b) / sum, 12)
    expect(p(after, NONE)).toBeCloseTo(((1 / 6) * like.none) / sum, 12)
    expect(p(beliefs(small, [], { b: 2 }), 'b')).toBeCloseTo(4 / 8, 12)
  })

  it('count an unsure symptom for less than a sure one', () => {
    const sure = beliefs(hub, [{ kind: 'symptom', symptom: 'grinds', certainty: 'sure' }])
    const maybe = beliefs(hub, [{ kind: 'symptom', symptom: 'grinds', certainty: 'maybe' }])
    expect(p(sure, 'bearing')).toBeGreaterThan(p(maybe, 'bearing'))
    expect(p(maybe, 'bearing')).toBeGreaterThan(p(beliefs(hub, []), 'bearing'))
  })

  it('weigh a worse instrument less', () => {
    const at = (u: number) => p(beliefs(hub, [{ kind: 'value', test: 'pack-sag', value: 10, u }]), 'pack-weak')
    expect(at(0.1)).toBeGreaterThan(at(3))
    expect(at(3)).toBeGreaterThan(at(30))
  })

  it('of a value that is only known to lie beyond a range take all that lies there', () => {
    const bells = [
      { mean: 0, sd: 1, share: 0.5 },
      { mean: 10, sd: 2, log: true, share: 0.5 },
    ]
    // Φ(1) = 0.841345, Φ(−1.96) = 0.024998 (Abramowitz and Stegun, table 26.1).
    expect(shareBeyond([{ mean: 3, sd: 2 }], 5, 'under')).toBeCloseTo(0.841345, 6)
    expect(shareBeyond([{ mean: 0, sd: 1 }], -1.96, 'under')).toBeCloseTo(0.024998, 6)
    expect(shareBeyond([{ mean: 10, sd: 2, log: true }], 20, 'over')).toBeCloseTo(1 - 0.841345, 6)
    for (const x of [-3, 0, 1, 10, 40]) expect(shareBeyond(bells, x, 'over') + shareBeyond(bells, x, 'under')).toBeCloseTo(1, 9)
    // Over and under speak for different faults.
    const told = hub.tests.find((t) => t.id === 'phases')!
    const at = (beyond?: 'over' | 'under') =>
      p(beliefs(hub, [{ kind: 'value', test: told.id, value: 0.5, ...(beyond ? { beyond } : {}) }]), 'phase-wire')
    expect(Number.isFinite(at('over')) && Number.isFinite(at('under'))).toBe(true)
    expect(at('over')).not.toBeCloseTo(at('under'), 3)
  })

  it('leave a trail: one set before anything, then one after each piece', () => {
    const evidence: Evidence[] = [
      { kind: 'symptom', symptom: 'jerks' },
      { kind: 'word', test: 'turn', outcome: 'free' },
    ]
    expect(beliefTrail(hub, evidence)).toEqual([beliefs(hub, []), beliefs(hub, evidence.slice(0, 1)), beliefs(hub, evidence)])
  })
})

describe('finding a fault', () => {
  it('comes to the Hall wiring from jerks and a few readings, and stops since both mean the motor comes out', () => {
    const evidence: Evidence[] = [
      { kind: 'symptom', symptom: 'jerks', certainty: 'sure' },
      { kind: 'word', test: 'code', outcome: 'hall' },
      { kind: 'word', test: 'tug', outcome: 'home' },
      { kind: 'value', test: 'rail', value: 4.98 },
      { kind: 'word', test: 'halls', outcome: 'one' },
      { kind: 'word', test: 'look-axle', outcome: 'fine' },
    ]
    const now = beliefs(hub, evidence)
    expect(p(now, 'hall-wire') + p(now, 'hall-sensor')).toBeGreaterThan(0.84)
    const advice = advise(hub, evidence, atHand)
    expect(advice).toMatchObject({ next: null, stop: 'same job', act: { id: 'motor', motorOut: true } })
    // The test that could still tell one from the other is not worth it: it changes nothing that is done.
    const diode = advice.ranked.find((r) => r.test.id === 'hall-diode')!
    expect(diode.bits).toBeGreaterThan(0.05)
    expect(diode.saves).toBeLessThanOrEqual(0)
  })

  it.each([
    [
      'a weak pack',
      [
        { kind: 'symptom', symptom: 'weak' },
        { kind: 'value', test: 'pack-sag', value: 11 },
      ],
      'pack-weak',
    ],
    [
      'a shorted bridge',
      [
        { kind: 'symptom', symptom: 'drags' },
        { kind: 'word', test: 'turn', outcome: 'drags' },
        { kind: 'word', test: 'turn-apart', outcome: 'free' },
      ],
      'bridge',
    ],
    [
      'a worn bearing',
      [
        { kind: 'symptom', symptom: 'grinds' },
        { kind: 'word', test: 'turn', outcome: 'rough' },
        { kind: 'word', test: 'play', outcome: 'play' },
      ],
      'bearing',
    ],
    [
      'an open phase',
      [
        { kind: 'symptom', symptom: 'hums' },
        { kind: 'value', test: 'phases', value: 149 },
        { kind: 'word', test: 'tug', outcome: 'home' },
      ],
      'phase-wire',
    ],
    [
      'a stuck cut-off',
      [
        { kind: 'symptom', symptom: 'dead' },
        { kind: 'word', test: 'cutoff-off', outcome: 'runs' },
      ],
      'cutoff',
    ],
    [
      'a lost 5 V feed',
      [
        { kind: 'symptom', symptom: 'dead' },
        { kind: 'value', test: 'pack-rest', value: 54.1 },
        { kind: 'value', test: 'rail', value: 0.05 },
      ],
      'rail',
    ],
    [
      'a broken throttle',
      [
        { kind: 'symptom', symptom: 'dead' },
        { kind: 'value', test: 'throttle', value: 0.02 },
        { kind: 'value', test: 'rail', value: 5 },
      ],
      'throttle',
    ],
    [
      'weak magnets',
      [
        { kind: 'symptom', symptom: 'weak' },
        { kind: 'value', test: 'back-emf-level', value: 79 },
      ],
      'magnets',
    ],
    [
      'a dragging brake',
      [
        { kind: 'symptom', symptom: 'drags' },
        { kind: 'word', test: 'brake-off', outcome: 'free' },
      ],
      'brake-drag',
    ],
    [
      'a burnt pack plug',
      [
        { kind: 'symptom', symptom: 'dead' },
        { kind: 'word', test: 'allowed', outcome: 'free' },
        { kind: 'value', test: 'pack-rest', value: 0.1 },
        { kind: 'word', test: 'tug', outcome: 'found' },
      ],
      'pack-contact',
    ],
  ] as const)('finds %s', (_, evidence, fault) => {
    const now = beliefs(hub, evidence as readonly Evidence[])
    expect(now.reduce((a, b) => (b.p > a.p ? b : a)).fault).toBe(fault)
    expect(p(now, fault)).toBeGreaterThan(0.5)
  })

  it('turns to “none of these” when nothing in the list explains what is seen', () => {
    const odd: Evidence[] = [
      { kind: 'word', test: 'twin', outcome: 'motor' },
      { kind: 'word', test: 'tug', outcome: 'home' },
      { kind: 'word', test: 'turn', outcome: 'free' },
      { kind: 'word', test: 'halls', outcome: 'six' },
      { kind: 'value', test: 'phases', value: 1.5 },
      { kind: 'value', test: 'back-emf-level', value: 122 },
      { kind: 'word', test: 'wiggle', outcome: 'steady' },
      { kind: 'word', test: 'hall-diode', outcome: 'equal' },
      { kind: 'word', test: 'play', outcome: 'none' },
      { kind: 'value', test: 'coast', value: 101 },
      { kind: 'value', test: 'back-emf', value: 1.2 },
      { kind: 'value', test: 'insulation', value: 300 },
    ]
    const now = beliefs(hub, odd)
    expect(p(now, NONE)).toBeGreaterThan(p(beliefs(hub, []), NONE) * 2)
    expect(now.reduce((a, b) => (b.p > a.p ? b : a)).fault).toBe(NONE)
  })
})

describe('a reading that nothing explains', () => {
  const sure: Evidence[] = [
    { kind: 'symptom', symptom: 'weak' },
    { kind: 'value', test: 'pack-sag', value: 9 },
    { kind: 'value', test: 'group-spread', value: 240 },
  ]
  it('is marked, and what fits is not', () => {
    expect(unexplained(hub, sure)).toEqual([])
    // A motor whose throttle does not move would not have sagged the pack.
    expect(unexplained(hub, [...sure, { kind: 'value', test: 'throttle', value: -4 }])).toEqual([3])
    expect(
      unexplained(hub, [...sure, { kind: 'value', test: 'insulation', value: 900 }, { kind: 'word', test: 'turn', outcome: 'free' }]),
    ).toEqual([])
  })
  it('alone says nothing yet, and a symptom is never marked', () => {
    expect(unexplained(hub, [{ kind: 'value', test: 'throttle', value: -4 }])).toEqual([])
    expect(unexplained(hub, [{ kind: 'symptom', symptom: 'grinds' }, ...sure])).toEqual([])
  })
  it('of what a fault does show is none', () => {
    for (const fault of ['bridge', 'winding', 'phase-wire', 'rail']) {
      const test = hub.tests.find((t) => t.answer.kind === 'number' && t.answer.rows.given[`${fault}/3`])!
      const bells = test.answer.kind === 'number' ? test.answer.rows.given[`${fault}/3`]! : []
      const most = bells.reduce((a, b) => ((b.share ?? 1) > (a.share ?? 1) ? b : a))
      expect(unexplained(hub, [sure[0]!, { kind: 'value', test: test.id, value: most.mean }]), fault).toEqual([])
    }
  })
})

describe('the next test', () => {
  const evidence: Evidence[] = [{ kind: 'symptom', symptom: 'jerks' }]
  it('is the one that tells most for each minute, of those that are worth it', () => {
    const { ranked, next } = advise(hub, evidence, atHand)
    for (let i = 1; i < ranked.length; i++) expect(ranked[i - 1]!.bitsPerMinute).toBeGreaterThanOrEqual(ranked[i]!.bitsPerMinute)
    expect(next).toEqual(ranked.find((r) => r.saves > 0))
  })
  it('gives way when it has to be reached through the deck, or wants the power changed', () => {
    const far = advise(hub, evidence, (t) => ({ access: t.reach === 'outside' ? 0 : 22, power: t.power === 'dead' ? 5 : 0 }))
    expect(far.next!.test.reach).toBe('outside')
    const halls = (a: typeof far) => a.ranked.find((r) => r.test.id === 'halls')!
    expect(halls(far).minutes).toBe(26)
    expect(halls(far).bits).toBeCloseTo(halls(advise(hub, evidence, atHand)).bits, 9)
  })
  it('passes over what was taken and what cannot be done', () => {
    const { ranked } = advise(hub, [...evidence, { kind: 'word', test: 'code', outcome: 'none' }], atHand, {}, new Set(['twin']))
    expect(ranked.map((r) => r.test.id)).not.toContain('code')
    expect(ranked.map((r) => r.test.id)).not.toContain('twin')
  })
  it('never expects to lose information, and foresees beliefs whose mean is the present ones', () => {
    const now = beliefs(hub, evidence).map((b) => b.p)
    for (const { test, outcomes } of advise(hub, evidence, atHand).ranked) {
      expect(
        outcomes.reduce((s, c) => s + c.p, 0),
        test.id,
      ).toBeCloseTo(1, 9)
      expect(
        outcomes.reduce((s, c) => s + c.p * entropy(c.after), 0),
        test.id,
      ).toBeLessThanOrEqual(entropy(now) + 1e-9)
      ids.forEach((_, i) =>
        expect(
          outcomes.reduce((s, c) => s + c.p * c.after[i]!, 0),
          test.id,
        ).toBeCloseTo(now[i]!, 9),
      )
    }
  })
  it('two deep saves no less than one deep, and passes by what is alike', () => {
    const one = advise(hub, evidence, atHand)
    const two = advise(hub, evidence, atHand, {}, new Set(), { depth: 2 })
    for (const r of two.ranked) expect(r.saves).toBeGreaterThanOrEqual(one.ranked.find((x) => x.test.id === r.test.id)!.saves - 1e-9)
    expect(two.next).not.toBeNull()
  })
  it('says what each answer would mean', () => {
    const advice = advise(hub, evidence, atHand)
    for (const ranked of advice.ranked) {
      const list = meanings(hub, ranked)
      expect(list.length, ranked.test.id).toBeGreaterThan(0)
      for (const m of list) expect(ids).toContain(m.fault)
      // Only the rarest answers in words are left out.
      if (ranked.test.answer.kind === 'words')
        expect(list.map((m) => m.word)).toEqual(ranked.outcomes.filter((o) => o.p >= 0.02).map((o) => o.word))
    }
    const sag = advise(hub, [{ kind: 'symptom', symptom: 'weak' }], atHand)
    const bands = meanings(
      hub,
      sag.ranked.find((r) => r.test.id === 'pack-sag')!,
    )
    expect(bands.some((b) => b.fault === 'pack-weak' && b.from! > 3)).toBe(true)
  })
  it('counts as left the fewest that hold 85 %', () => expect(suspectsLeft([0.1, 0.5, 0.36, 0.04])).toEqual([1, 2]))
})

describe('what to try first', () => {
  const every = <T>(list: readonly T[]): T[][] =>
    list.length < 2 ? [[...list]] : list.flatMap((x, i) => every(list.filter((_, k) => k !== i)).map((rest) => [x, ...rest]))
  it('is the order of the fewest minutes in the mean: no other order of five is shorter', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ weight: fc.integer({ min: 1, max: 50 }), minutes: fc.integer({ min: 1, max: 150 }) }), {
          minLength: 2,
          maxLength: 5,
        }),
        (list) => {
          const sum = list.reduce((s, x) => s + x.weight, 0)
          const tries = list.map((x, i) => ({ id: `${i}`, p: x.weight / sum, minutes: x.minutes }))
          const least = Math.min(...every(tries).map(searchMinutes))
          expect(bestSearch(tries).minutes).toBeCloseTo(least, 6)
        },
      ),
    )
  })
  it('costs its own minutes where it is certain', () =>
    expect(
      bestSearch([
        { id: 'a', p: 1, minutes: 38 },
        { id: 'b', p: 0, minutes: 10 },
      ]).minutes,
    ).toBeCloseTo(38, 9))
})

describe('with the deck shut and the Halls suspected', () => {
  const evidence: Evidence[] = [
    { kind: 'symptom', symptom: 'jerks' },
    { kind: 'symptom', symptom: 'push', certainty: 'maybe' },
    { kind: 'word', test: 'turn', outcome: 'free' },
    { kind: 'value', test: 'pack-rest', value: 55.1 },
    { kind: 'word', test: 'code', outcome: 'hall' },
    { kind: 'value', test: 'throttle', value: 2.71 },
    { kind: 'word', test: 'look-axle', outcome: 'fine' },
  ]
  const minutes = { motor: 123, plugs: 38, controller: 50 }
  const shut = (shared: Readonly<Record<string, number>>) =>
    advise(hub, evidence, (t) => (t.reach === 'outside' ? { access: 0, power: 0 } : { access: 16, power: 0, shared }), minutes)
  it('never acts on what is cheap and hardly likely', () => {
    // A third of it for 38 minutes before a motor for 123.
    expect(shut({}).act!.id).toBe('plugs')
    const far = advise(hub, evidence, () => ({ access: 400, power: 0 }), minutes)
    expect(far).toMatchObject({ next: null, stop: 'not worth it' })
    expect(far.act!.id).toBe('plugs')
  })
  it('opens the deck when every likely job opens it anyway', () => {
    const { next, ranked } = shut({ motor: 16, plugs: 16, controller: 16 })
    expect(next!.test.reach).not.toBe('outside')
    expect(next!.minutes).toBe(next!.test.minutes + 16)
    expect(next!.added).toBeLessThan(next!.test.minutes + 1)
    for (const r of ranked) expect(r.added).toBeGreaterThanOrEqual(r.test.minutes)
  })
  it('counts as shared the steps that the way in and the job have in common', () => {
    const way = { minutes: 16, steps: { mat: 2, screws: 9, lid: 3, turn: 2 } }
    expect(sharedMinutes(way, { minutes: 123, steps: { mat: 2, screws: 9, lid: 3, pack: 1 } })).toBe(14)
    expect(sharedMinutes({ ...way, minutes: 10 }, { minutes: 123, steps: { mat: 2, screws: 9, lid: 3 } })).toBe(10)
  })
  describe('what a test costs where the machine stands', () => {
    const dead = { minutes: 6, steps: { unplug: 1, wait: 2, prove: 3 } }
    const throughDead = { minutes: 20, steps: { unplug: 1, wait: 2, prove: 3, lid: 14 } }
    const lidOnly = { minutes: 14, steps: { lid: 14 } }
    const job = { minutes: 90, steps: { unplug: 1, wait: 2, prove: 3, lid: 14, motor: 70 } }
    const at = { reach: { phases: throughDead, plugs: lidOnly }, dead, jobs: { motor: job }, isDead: false, isLive: false }
    const cost = (reach: Reach, power: Test['power'], more: object = {}) => costOf({ reach, power }, { ...at, ...more }, () => 33)
    it('a proof that lies on the way in is paid once, and both are shared with the job to come', () => {
      expect(cost('phases', 'dead')).toEqual({ access: 20, power: 0, shared: { motor: 20 } })
      expect(cost('plugs', 'dead')).toEqual({ access: 14, power: 6, shared: { motor: 20 } })
      expect(cost('outside', 'dead')).toEqual({ access: 0, power: 6, shared: { motor: 6 } })
      expect(cost('outside', 'dead', { isDead: true }).power).toBe(0)
    })
    it('a live test behind a way that is made dead has to be made live again, even where it is live now', () => {
      expect(cost('phases', 'live', { isLive: true }).power).toBeGreaterThan(0)
      expect(cost('plugs', 'live', { isLive: true }).power).toBe(0)
      expect(cost('outside', 'live').power).toBeGreaterThan(0)
      expect(cost('outside', 'either')).toMatchObject({ access: 0, power: 0 })
    })
    it('without a plan: minutes as they were told, and a usual proof', () => {
      expect(cost('hall', 'dead', { dead: undefined, jobs: {} })).toEqual({ access: 33, power: 5, shared: {} })
    })
  })
})

describe('what is keyed in', () => {
  it.each([
    ['imbalance', [190, 192, 230], 19.608],
    ['imbalance', [0, 0, 0], null],
    ['first less second', [54.2, 49.1], 5.1],
    ['first over second', [8, 10], 80],
    ['first over second', [8, 0], null],
    ['single', [5], 5],
    ['single', [], null],
    ['single', [Number.NaN], null],
  ] as const)('%s of %j is %s', (compute, figures, value) => {
    const found = computeValue(compute, figures)
    if (value === null) expect(found).toBeNull()
    else expect(found).toBeCloseTo(value, 3)
  })
  it('is recognised in the owner’s words', () => {
    expect(recognise(hub, 'jerks and won’t start off')).toEqual(['jerks'])
    expect(recognise(hub, 'cuts out over the cobbles, comes back by itself')).toContain('bumps')
    expect(recognise(hub, 'squeaks')).toEqual([])
  })
})

describe('getting at a test', () => {
  it('finds the drive’s own connectors in the machine file', () => {
    const file = dunlin()
    expect(driveConnections(file, file.drives[0]!)).toEqual({ hall: 'front-hall', phases: 'front-phases' })
    expect(accessOf(file, file.drives[1]!, 'phases')).toEqual({ fact: 'exposed', of: 'rear-phases' })
    expect(accessOf(file, file.drives[0]!, 'outside')).toBeNull()
  })
})

describe('tests against a second, sound motor', () => {
  const files = new Map(demoMachines().map((f) => [f.id, f]))
  const offered = (id: string): string[] => {
    const file = files.get(id)!
    return catalogueFor(file.drives[0]!, file)!.tests.map((t) => t.id)
  }
  it('are offered only where the machine has one', () => {
    for (const test of ['twin', 'coast', 'back-emf-level']) {
      expect(offered('dunlin')).toContain(test)
      expect(offered('sanderling')).not.toContain(test)
    }
    // Beside those three the sensor in the winding, for which the other one’s plug has no pin.
    expect(
      offered('dunlin')
        .filter((t) => !offered('sanderling').includes(t))
        .sort(),
    ).toEqual(['back-emf-level', 'coast', 'temp-sensor', 'twin'])
  })
  it('that was taken all the same counts, though no other is offered', () => {
    const file = files.get('sanderling')!
    const has = catalogueFor(file.drives[0]!, file, new Set(['coast']))!.tests.map((t) => t.id)
    expect(has).toContain('coast')
    expect(has).not.toContain('twin')
  })
  it('no test holds a brake against the throttle', () => {
    for (const t of catalogueFor(files.get('dunlin')!.drives[0]!, files.get('dunlin')!)!.tests)
      expect(t.how, t.title).not.toMatch(/throttle with the brake/i)
  })
})
