import { array, boolean, lazy, mixed, number, object, type Schema } from 'yup'
import { BEHIND, TAPPED_IDS } from '../../fasteners'
import { OPENED, PASSES, PROVED_AS, WAIT_KINDS } from '../../machine'
import { QUANTITIES, UNIT_IDS } from '../../units'
import { ACTION_KINDS, type Plan, type PlanFacts } from '../../planning'
import { POWERS } from '../vocabulary'
import { closed, figure, figureOrWord, fixingSpec, id, list, need, oneOf, partSpec, some, stepId, type Stored, text } from './fields.schema'

// Over 300 lines: both versions of a plan and a sample of each are one file, as for every kind; a third of it is the samples.
type Any = Schema<unknown, object, unknown, '' | 'd'>
const minutes = closed({ low: figure(0).required(), likely: figure(0).required(), high: figure(0).required() })

/** What a step needs: `{ all | any | not | fact | variant }`, to the depth that any entry may have. */
const guard: Any = lazy((value: unknown) => {
  const one = (field: string): boolean => value !== null && typeof value === 'object' && field in value
  if (value === undefined) return mixed().optional()
  if (one('all'))
    return object({
      all: array()
        .strict()
        .of(guard as never)
        .max(2000)
        .required(),
    }).strict()
  if (one('any'))
    return object({
      any: array()
        .strict()
        .of(guard as never)
        .max(2000)
        .required(),
    }).strict()
  if (one('not')) return object({ not: guard as never }).strict()
  if (one('fact')) return object({ fact: need(60), of: need(140) }).strict()
  if (one('variant')) return object({ variant: need(140), is: need(140) }).strict()
  return mixed().test('guard', '${path} is no guard: all, any, not, fact or variant is wanted', () => false)
}) as unknown as Any
const carried = (shape: Record<string, Any>) =>
  object(shape as never)
    .strict()
    .default(undefined)
    .optional() as Any
const words = (most: number, max = 400) => array().strict().of(text(max).defined()).max(most)
const quantity = carried({ value: figure().required(), unit: need(16), source: need(20), u: figure(0) })
const lockSpec = carried({
  product: need(120),
  grade: text(20),
  handlingMinutes: figure(0, 10_000).required(),
  cureHours: figure(0, 1000).required(),
  source: text(20),
})
const uses = array()
  .strict()
  .of(object({ consumable: need(140), count: figure(0, 10_000).required() }).strict())
  .max(100)

/**
 * A plan is taken whole from the planner. All that the reducer and the pages lean on is looked at; fields that are not known are
 * carried.
 */
const step = object({
  id: id(),
  action: id(),
  kind: oneOf(ACTION_KINDS).required(),
  limb: oneOf(['down', 'up']).required(),
  title: need(400),
  note: text(),
  photo: text(400),
  counterHold: text(400),
  ifOmitted: text(400),
  pose: text(80).defined(),
  turn: carried({ to: need(80), title: need(400), note: text(), people: number().strict().oneOf([1, 2]).required(), minutes }),
  tool: carried({ id: need(140), name: need(400), short: text(400).defined(), why: text(400), size: text(400) }),
  substitute: carried({ for: need(400), risk: text(400).defined(), byFeel: boolean().strict() }),
  people: number().strict().oneOf([1, 2]).required(),
  minutes: minutes.required(),
  wait: figure(0, 1e6),
  waitFor: oneOf(WAIT_KINDS),
  number: figure(0, 10_000),
  pair: stepId(),
  why: array()
    .strict()
    .of(object({ wantedBy: need(200), title: need(400) }).strict())
    .max(200)
    .required(),
  gives: array().strict().of(text(160).required()).max(200).required(),
  needs: guard,
  after: array().strict().of(stepId().required()).max(500),
  dead: boolean().strict(),
  power: oneOf(['live', 'isolated', 'out']),
  mains: boolean().strict(),
  fixings: array().strict().of(fixingSpec()).max(500).required(),
  parts: array().strict().of(partSpec()).max(100).required(),
  passes: array().strict().of(oneOf(PASSES).required()).min(1).max(4),
  torque: quantity,
  joint: carried({
    role: text(20),
    critical: text(20),
    thread: text(400),
    head: text(400),
    strength: text(400),
    driver: carried({ start: need(20), clutch: figure(0, 100), finish: need(20) }),
  }),
  lock: lockSpec,
  pattern: text(40),
  looks: carried({ stand: words(60).required(), items: words(60).required() }),
  reopen: figure(0, 1e6),
  check: text(140),
  cover: boolean().strict(),
  cautions: array().strict().of(text(40).required()).max(60).required(),
  consumables: uses.required(),
}).strict()
const limb = object({
  steps: array().strict().of(step).max(2000).required(),
  minutes: object({ handsOn: figure(0).required(), elapsed: figure(0).required() })
    .strict()
    .required(),
  together: carried({ minutes: figure(0).required(), bound: figure(0).required() }),
  bound: figure(0),
  gap: figure(0),
  proved: boolean().strict().required(),
}).strict()
const lifts = array()
  .strict()
  .of(object({ from: figure(0).required(), minutes: figure(0).required(), titles: words(200).required() }).strict())
  .max(500)
  .required()
const plan = object({
  planner: need(40),
  goals: array().strict().of(text(120).required()).min(1).max(20).required(),
  down: limb.required(),
  up: limb.required(),
  upOrder: oneOf(['planned', 'reverse']),
  reverseMore: figure().nullable(),
  swap: array()
    .strict()
    .of(
      object({
        id: id(),
        title: need(400),
        job: text(200),
        note: text(),
        part: carried({ id: id(), name: need(120) }),
        minutes,
        compare: array()
          .strict()
          .of(
            object({
              id: id(),
              name: need(80),
              unit: text(400),
              value: mixed().test(
                'value',
                '${path} is neither a number nor a word',
                (x) => x === undefined || (typeof x === 'number' && Number.isFinite(x)) || typeof x === 'string',
              ),
              smaller: figure(0),
              larger: figure(0),
              options: words(60),
              why: text(400),
            }).strict(),
          )
          .max(60),
      }).strict(),
    )
    .max(200)
    .required(),
  rejected: array()
    .strict()
    .of(
      object({
        instead: words(200).required(),
        use: words(200).required(),
        avoid: words(200).required(),
        moreMinutes: figure().required(),
      }).strict(),
    )
    .max(200),
  tools: array()
    .strict()
    .of(
      object({
        id: need(140),
        name: need(400),
        firstStep: text(400).defined(),
        steps: figure(0).required(),
        special: boolean().strict().required(),
        form: text(400),
        why: text(400),
      }).strict(),
    )
    .max(500),
  consumables: array()
    .strict()
    .of(object({ id: need(140), name: need(400), count: figure(0).required() }).strict())
    .max(500),
  helper: carried({ down: lifts, up: lifts }),
  restore: words(200),
}).strict()

/** A plan as the planner wrote it, words and all. */
const version1 = closed({
  plan: plan.required() as unknown as Schema<Plan>,
  file: need(120),
  revision: need(60),
  reason: text(),
  settings: closed({
    proofMinutes: figure(1, 10_000).required(),
    proofMinutesHigh: figure(1, 10_000),
    deadVolts: figure(0, 60).required(),
  }).required(),
})

const pass = () => oneOf(PASSES).required()
const yes = () => boolean().strict()
const limbFacts = (shape: Record<string, Any>) =>
  closed({
    steps: array().strict().of(closed(shape)).max(2000).required(),
    minutes: closed({ handsOn: figure(0).required(), elapsed: figure(0).required() }).required(),
    proved: yes().required(),
  }).required()
const stepFacts: Record<string, Any> = {
  id: stepId().required(),
  action: id(),
  kind: oneOf(ACTION_KINDS).required(),
  limb: oneOf(['down', 'up']).required(),
  pose: text(80).defined(),
  turn: some({
    by: array()
      .strict()
      .of(array().strict().of(need(80)).length(2).required())
      .min(1)
      .max(20)
      .required(),
    people: number().strict().oneOf([1, 2]).required(),
    minutes: minutes.required(),
  }),
  tool: text(140),
  insteadOf: some({ tool: need(140), byFeel: yes() }),
  people: number().strict().oneOf([1, 2]).required(),
  minutes: minutes.required(),
  wait: some({
    kind: oneOf(WAIT_KINDS).required(),
    minutes: figure(0, 1e6).required(),
    from: oneOf(['done', 'begun']).required(),
  }),
  number: figure(0, 10_000),
  pair: stepId(),
  why: list(need(200), 200).required(),
  gives: list(need(160), 200).required(),
  needs: guard,
  after: list(stepId().required(), 500),
  dead: yes(),
  power: oneOf(POWERS),
  mains: yes(),
  fixings: list(
    closed({
      id: id(),
      joint: id(),
      keep: oneOf(['cell', 'own hole', 'carrier', 'bin']).required(),
      cell: text(8),
      captive: yes(),
      stay: yes(),
      consumable: yes(),
    }),
    500,
  ).required(),
  parts: list(id(), 100).required(),
  passes: array().strict().of(pass()).min(1).max(4),
  torque: some({ value: figure().required(), unit: need(16), source: need(20), u: figure(0) }),
  joint: some({ role: need(20), critical: text(20) }),
  lock: some({
    product: need(120),
    grade: need(20),
    handlingMinutes: figure(0, 10_000).required(),
    cureHours: figure(0, 1000).required(),
    source: need(20),
  }),
  reopen: figure(0, 1e6),
  check: text(140),
  cover: yes(),
  cautions: list(need(40), 60).required(),
  // There from the start; nothing writes them yet.
  want: some({
    quantity: need(120),
    unit: need(16),
    window: array().strict().of(figure().required()).length(2).default(undefined).optional(),
    instrument: text(120),
    testVolts: figure(),
    load: figure(),
    repeats: figure(1, 100),
  }),
  counterHold: yes(),
  looks: some({ judges: list(need(140), 200).required() }),
}

/** The same with the figures that a step wants read, and what they have to be to each other. */
const { want: _, ...stepFactsBefore } = stepFacts
const stepFactsNow: Record<string, Any> = {
  ...stepFactsBefore,
  wants: list(
    closed({
      id: id(),
      quantity: oneOf(QUANTITIES).required(),
      unit: oneOf(UNIT_IDS).required(),
      low: figure(),
      high: figure(),
      most: figure(),
      within: figure(0),
      testVolts: figure(0),
      seconds: figure(0),
      repeats: figure(1, 12),
      adjust: some({ way: need(80), by: figure().required() }),
    }),
    40,
  ),
  relations: list(
    closed({
      is: oneOf(['centred', 'sum']).required(),
      of: list(need(120), 3).min(2).required(),
      value: figure(),
      within: figure(0).required(),
    }),
    20,
  ),
}

/** The same with what a step opens. */
const opens = () => list(oneOf(OPENED).required(), 20)
const stepFactsOpening: Record<string, Any> = { ...stepFactsNow, opens: opens() }

/** The same with what is heavy, what ends a sealed unit, and what takes the motor's torque. */
const stepFactsGated: Record<string, Any> = { ...stepFactsOpening, heavy: yes(), ends: text(140), reaction: yes() }

/** The same with how long screws may be, and with clearances that are read again. */
const stepFactsFitting: Record<string, Any> = {
  ...stepFactsGated,
  lengths: list(
    closed({
      of: list(id(), 200).required(),
      length: figure(0, 1000).required(),
      d: figure(0, 200).required(),
      stack: figure(0, 1000).required(),
      washers: figure(0, 200),
      depth: figure(0, 1000),
      u: figure(0, 100),
      behind: oneOf(BEHIND).required(),
      into: oneOf(TAPPED_IDS).required(),
      others: list(figure(0, 1000).required(), 12),
      mixed: yes(),
      motor: id().optional(),
    }),
    60,
  ),
  again: yes(),
}

interface Proved {
  readonly plan: Record<string, Any>
  readonly swap: Record<string, Any>
}

/** A plan as facts: every one that a gate rests on, by id, and no words. */
const factsOnly = (shape: Record<string, Any>, proved: Proved) =>
  closed({
    planner: need(40),
    ...proved.plan,
    goals: array().strict().of(text(120).required()).min(1).max(20).required(),
    upOrder: oneOf(['planned', 'reverse']).required(),
    down: limbFacts(shape),
    up: limbFacts(shape),
    swap: list(
      closed({
        id: need(140),
        goal: text(120),
        part: text(120),
        minutes: minutes.required(),
        ...proved.swap,
        compare: list(
          closed({
            id: id(),
            unit: text(16),
            value: figureOrWord().required(),
            smaller: figure(0),
            larger: figure(0),
            options: words(60),
          }),
          60,
        ),
      }),
      200,
    ).required(),
  }).required() as unknown as Schema<PlanFacts>

const asFacts = (shape: Record<string, Any>, proved: Proved = { plan: {}, swap: {} }) =>
  closed({
    file: need(120),
    revision: need(60),
    reason: text(),
    settings: closed({
      proofMinutes: figure(1, 10_000).required(),
      proofMinutesHigh: figure(1, 10_000),
      deadVolts: figure(0, 60).required(),
    }).required(),
    plan: factsOnly(shape, proved),
  })
const PROVED: Proved = { plan: { provedAs: oneOf(PROVED_AS) }, swap: { opens: opens() } }

export const versions = {
  1: version1,
  2: asFacts(stepFacts),
  3: asFacts(stepFactsNow),
  4: asFacts(stepFactsOpening, PROVED),
  5: asFacts(stepFactsGated, PROVED),
  6: asFacts(stepFactsFitting, PROVED),
}

/** A plan as version 6 has it, for entries of other kinds that bring one along. */
export const planFacts = () => factsOnly(stepFactsFitting, PROVED)

const MINUTES = { low: 1, likely: 2, high: 4 }
const SPAN = { handsOn: 2, elapsed: 2 }
const ADOPTED = {
  file: 'dunlin',
  revision: '2026-03',
  settings: { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 },
  reason: 'first',
}
const SCREW = { id: 'lid-screw-1', joint: 'lid-screws', label: 'M5×12', place: 'front', keep: 'cell', cell: 'A1', at: [0, 1] } as const

const FACTS = {
  ...ADOPTED,
  plan: {
    planner: '1',
    goals: ['inspect'],
    upOrder: 'planned',
    down: {
      minutes: SPAN,
      proved: true,
      steps: [
        {
          id: 'down:undo:lid-screws',
          action: 'undo:lid-screws',
          kind: 'release',
          limb: 'down',
          pose: 'upright',
          turn: { by: [['flat', 'upright']], people: 2, minutes: MINUTES },
          tool: 'hex-4',
          insteadOf: { tool: 'torque-1-6', byFeel: true },
          people: 1,
          minutes: MINUTES,
          wait: { kind: 'rest', minutes: 5, from: 'done' },
          number: 1,
          pair: 'up:undo:lid-screws',
          why: ['goal'],
          gives: ['off lid-screws'],
          needs: { fact: 'off', of: 'mat-edge' },
          dead: true,
          fixings: [{ id: 'lid-screw-1', joint: 'lid-screws', keep: 'cell', cell: 'A1', captive: true, stay: true, consumable: true }],
          parts: ['lid'],
          cautions: ['H2'],
        },
      ],
    },
    up: {
      minutes: SPAN,
      proved: true,
      steps: [
        {
          id: 'up:undo:lid-screws',
          action: 'undo:lid-screws',
          kind: 'release',
          limb: 'up',
          pose: 'upright',
          people: 1,
          minutes: MINUTES,
          number: 1,
          pair: 'down:undo:lid-screws',
          why: [],
          gives: ['off lid-screws'],
          after: ['up:step:look'],
          power: 'live',
          mains: true,
          fixings: [],
          parts: [],
          passes: ['started', 'final'],
          torque: { value: 2.5, unit: 'Nm', source: 'estimated' },
          joint: { role: 'cover', critical: 'brake' },
          lock: { product: 'medium', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'maker' },
          reopen: 8,
          check: 'brakes',
          cover: true,
          cautions: [],
          want: { quantity: 'torque', unit: 'Nm', window: [2, 3], instrument: 'wrench', testVolts: 100, load: 1, repeats: 3 },
          counterHold: true,
          looks: { judges: ['lid-screws'] },
        },
      ],
    },
    swap: [
      {
        id: 'swap-lid',
        goal: 'inspect',
        part: 'lid',
        minutes: MINUTES,
        compare: [{ id: 'holes', unit: 'mm', value: 14, smaller: 0, larger: 1, options: ['a', 'b'] }],
      },
    ],
  },
} as const

const WANTS = {
  wants: [
    {
      id: 'left',
      quantity: 'angle',
      unit: 'deg',
      low: 30,
      high: 35,
      most: 40,
      within: 1,
      testVolts: 100,
      seconds: 60,
      repeats: 2,
      adjust: { way: 'clockwise', by: 0.5 },
    },
  ],
  relations: [
    { is: 'centred', of: ['left', 'left', 'left'], within: 1 },
    { is: 'sum', of: ['left', 'left'], value: 5, within: 0.2 },
  ],
} as const

const WITH_WANTS = {
  ...FACTS.plan,
  up: { ...FACTS.plan.up, steps: FACTS.plan.up.steps.map(({ want: _want, ...step }) => ({ ...step, ...WANTS })) },
}

const OPENING = {
  ...WITH_WANTS,
  provedAs: 'scooter',
  down: { ...WITH_WANTS.down, steps: WITH_WANTS.down.steps.map((s) => ({ ...s, opens: ['cover' as const] })) },
  swap: WITH_WANTS.swap.map((s) => ({ ...s, opens: ['cover' as const] })),
} as const

/** A plan as version 6 has it, and as it is written: of facts that nothing writes yet it has none. */
export const FACTS_OF_A_PLAN = {
  ...OPENING,
  up: {
    ...OPENING.up,
    steps: OPENING.up.steps.map(({ counterHold: _hold, looks: _looks, ...s }) => ({
      ...s,
      again: true as const,
      lengths: [
        {
          of: ['lid-screw-1'],
          length: 12,
          d: 5,
          stack: 2,
          washers: 1,
          depth: 14,
          u: 0.2,
          behind: 'lead',
          into: 'aluminium',
          others: [16],
          mixed: true,
          motor: 'front-motor',
        } as const,
      ],
    })),
  },
}

export const samples: Stored<typeof versions> = {
  1: {
    ...ADOPTED,
    plan: {
      planner: '1',
      goals: ['inspect'],
      upOrder: 'planned',
      reverseMore: 0,
      rejected: [],
      tools: [{ id: 'hex-4', name: 'hex 4', firstStep: 'Undo the lid screws', steps: 1, special: false }],
      consumables: [],
      helper: { down: [], up: [] },
      restore: [],
      down: {
        proved: true,
        bound: 2,
        gap: 0,
        together: { minutes: 2, bound: 2 },
        minutes: SPAN,
        steps: [
          {
            id: 'down:undo:lid-screws',
            action: 'undo:lid-screws',
            kind: 'release',
            limb: 'down',
            title: 'Undo the lid screws',
            pose: 'upright',
            tool: { id: 'hex-4', name: 'hex 4', short: 'hex 4' },
            people: 1,
            minutes: MINUTES,
            number: 1,
            pair: 'up:undo:lid-screws',
            why: [{ wantedBy: 'inspect', title: 'inspect' }],
            gives: ['off lid-screws'],
            needs: { fact: 'off', of: 'mat-edge' },
            dead: true,
            fixings: [SCREW],
            parts: [],
            cautions: ['H2'],
            consumables: [],
          },
        ],
      },
      up: {
        proved: true,
        bound: 2,
        gap: 0,
        together: { minutes: 2, bound: 2 },
        minutes: SPAN,
        steps: [
          {
            id: 'up:undo:lid-screws',
            action: 'undo:lid-screws',
            kind: 'release',
            limb: 'up',
            title: 'Lid screws back',
            pose: 'upright',
            people: 1,
            minutes: MINUTES,
            number: 1,
            pair: 'down:undo:lid-screws',
            why: [],
            gives: ['off lid-screws'],
            after: [],
            passes: ['started', 'final'],
            torque: { value: 2.5, unit: 'N·m', source: 'estimated' },
            fixings: [SCREW],
            parts: [],
            cautions: [],
            consumables: [],
          },
        ],
      },
      swap: [
        {
          id: 'swap-lid',
          title: 'New lid',
          part: { id: 'lid', name: 'lid' },
          minutes: MINUTES,
          compare: [{ id: 'holes', name: 'screw holes', value: 14, why: 'the frame has as many' }],
        },
      ],
    },
  },
  2: FACTS,
  3: { ...FACTS, plan: WITH_WANTS },
  4: { ...FACTS, plan: OPENING },
  5: {
    ...FACTS,
    plan: {
      ...OPENING,
      down: { ...OPENING.down, steps: OPENING.down.steps.map((s) => ({ ...s, heavy: true as const, ends: 'lid' })) },
      up: { ...OPENING.up, steps: OPENING.up.steps.map((s) => ({ ...s, reaction: true as const })) },
    },
  },
  6: { ...FACTS, plan: FACTS_OF_A_PLAN },
}
