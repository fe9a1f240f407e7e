import { array, boolean, lazy, mixed, number, object, type Schema } from 'yup'
import { PASSES } from '../../machine'
import type { Plan } from '../../planning'
import { closed, figure, fixingSpec, id, need, oneOf, partSpec, stepId, type Stored, text } from './fields.schema'

type Any = Schema<unknown, object, unknown, '' | 'd'>
const minutes = closed({ low: figure(0).required(), likely: figure(0).required(), high: figure(0).required() })

/** What a step needs: `{ all | any | not | fact | variant }`, to the depth that any entry may have. */
const guard: Any = lazy((value: unknown) => {
  const one = (field: string): boolean => value !== null && typeof value === 'object' && field in value
  if (value === undefined) return mixed().optional()
  if (one('all')) return object({ all: array().strict().of(guard as never).max(2000).required() }).strict()
  if (one('any')) return object({ any: array().strict().of(guard as never).max(2000).required() }).strict()
  if (one('not')) return object({ not: guard as never }).strict()
  if (one('fact')) return object({ fact: need(60), of: need(140) }).strict()
  if (one('variant')) return object({ variant: need(140), is: need(140) }).strict()
  return mixed().test('guard', '${path} is no guard: all, any, not, fact or variant is wanted', () => false)
}) as unknown as Any
const carried = (shape: Record<string, Any>) => object(shape as never).strict().default(undefined).optional() as Any
const words = (most: number, max = 400) => array().strict().of(text(max).defined()).max(most)
const quantity = carried({ value: figure().required(), unit: need(16), source: need(20), u: figure(0) })
const lockSpec = carried({ product: need(120), grade: text(20), handlingMinutes: figure(0, 10_000).required(), cureHours: figure(0, 1000).required(), source: text(20) })
const uses = array().strict().of(object({ consumable: need(140), count: figure(0, 10_000).required() }).strict()).max(100)

/** A plan is taken whole from the planner. All that the reducer and the pages lean on is looked at; fields that are not known are carried. */
const step = object({
  id: id(), action: id(), kind: oneOf(['release', 'take off', 'unplug', 'prepare', 'support', 'prove', 'gate', 'push aside']).required(), limb: oneOf(['down', 'up']).required(), title: need(400), note: text(), photo: text(400), counterHold: text(400), ifOmitted: text(400),
  pose: text(80).defined(), turn: carried({ to: need(80), title: need(400), note: text(), people: number().strict().oneOf([1, 2]).required(), minutes }),
  tool: carried({ id: need(140), name: need(400), short: text(400).defined(), why: text(400), size: text(400) }), substitute: carried({ for: need(400), risk: text(400).defined(), byFeel: boolean().strict() }),
  people: number().strict().oneOf([1, 2]).required(), minutes: minutes.required(), wait: figure(0, 1e6), number: figure(0, 10_000), pair: stepId(),
  why: array().strict().of(object({ wantedBy: need(200), title: need(400) }).strict()).max(200).required(), gives: array().strict().of(text(160).required()).max(200).required(), needs: guard, after: array().strict().of(stepId().required()).max(500),
  dead: boolean().strict(), power: oneOf(['live', 'isolated', 'out']), mains: boolean().strict(), fixings: array().strict().of(fixingSpec()).max(500).required(), parts: array().strict().of(partSpec()).max(100).required(),
  passes: array().strict().of(oneOf(PASSES).required()).min(1).max(4), torque: quantity,
  joint: carried({ role: text(20), critical: text(20), thread: text(400), head: text(400), strength: text(400), driver: carried({ start: need(20), clutch: figure(0, 100), finish: need(20) }) }),
  lock: lockSpec, pattern: text(40), looks: carried({ stand: words(60).required(), items: words(60).required() }), reopen: figure(0, 1e6), check: text(140), cover: boolean().strict(),
  cautions: array().strict().of(text(40).required()).max(60).required(), consumables: uses.required(),
}).strict()
const limb = object({
  steps: array().strict().of(step).max(2000).required(), minutes: object({ handsOn: figure(0).required(), elapsed: figure(0).required() }).strict().required(), together: carried({ minutes: figure(0).required(), bound: figure(0).required() }),
  bound: figure(0), gap: figure(0), proved: boolean().strict().required(),
}).strict()
const lifts = array().strict().of(object({ from: figure(0).required(), minutes: figure(0).required(), titles: words(200).required() }).strict()).max(500).required()
const plan = object({
  planner: need(40), goals: array().strict().of(text(120).required()).min(1).max(20).required(), down: limb.required(), up: limb.required(), upOrder: oneOf(['planned', 'reverse']), reverseMore: figure().nullable(),
  swap: array().strict().of(object({
    id: id(), title: need(400), job: text(200), note: text(), part: carried({ id: id(), name: need(120) }), minutes,
    compare: array().strict().of(object({ id: id(), name: need(80), unit: text(400), value: mixed().test('value', '${path} is neither a number nor a word', (x) => x === undefined || (typeof x === 'number' && Number.isFinite(x)) || typeof x === 'string'), smaller: figure(0), larger: figure(0), options: words(60), why: text(400) }).strict()).max(60),
  }).strict()).max(200).required(),
  rejected: array().strict().of(object({ instead: words(200).required(), use: words(200).required(), avoid: words(200).required(), moreMinutes: figure().required() }).strict()).max(200),
  tools: array().strict().of(object({ id: need(140), name: need(400), firstStep: text(400).defined(), steps: figure(0).required(), special: boolean().strict().required(), form: text(400), why: text(400) }).strict()).max(500),
  consumables: array().strict().of(object({ id: need(140), name: need(400), count: figure(0).required() }).strict()).max(500), helper: carried({ down: lifts, up: lifts }), restore: words(200),
}).strict()

/** A plan as the planner wrote it, words and all. */
const version1 = closed({
  plan: plan.required() as unknown as Schema<Plan>, file: need(120), revision: need(60), reason: text(),
  settings: closed({ proofMinutes: figure(1, 10_000).required(), proofMinutesHigh: figure(1, 10_000), deadVolts: figure(0, 60).required() }).required(),
})

export const versions = { 1: version1 }

const MINUTES = { low: 1, likely: 2, high: 4 }
const SPAN = { handsOn: 2, elapsed: 2 }
const SCREW = { id: 'lid-screw-1', joint: 'lid-screws', label: 'M5×12', place: 'front', keep: 'cell', cell: 'A1', at: [0, 1] } as const

export const samples: Stored<typeof versions> = {
  1: {
    file: 'dunlin', revision: '2026-03', settings: { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 }, reason: 'first',
    plan: {
      planner: '1', goals: ['inspect'], upOrder: 'planned', reverseMore: 0, rejected: [], tools: [{ id: 'hex-4', name: 'hex 4', firstStep: 'Undo the lid screws', steps: 1, special: false }], consumables: [], helper: { down: [], up: [] }, restore: [],
      down: {
        proved: true, bound: 2, gap: 0, together: { minutes: 2, bound: 2 }, minutes: SPAN,
        steps: [{
          id: 'down:undo:lid-screws', action: 'undo:lid-screws', kind: 'release', limb: 'down', title: 'Undo the lid screws', pose: 'upright', tool: { id: 'hex-4', name: 'hex 4', short: 'hex 4' }, people: 1, minutes: MINUTES, number: 1,
          pair: 'up:undo:lid-screws', why: [{ wantedBy: 'inspect', title: 'inspect' }], gives: ['off lid-screws'], needs: { fact: 'off', of: 'mat-edge' }, dead: true, fixings: [SCREW], parts: [], cautions: ['H2'], consumables: [],
        }],
      },
      up: {
        proved: true, bound: 2, gap: 0, together: { minutes: 2, bound: 2 }, minutes: SPAN,
        steps: [{
          id: 'up:undo:lid-screws', action: 'undo:lid-screws', kind: 'release', limb: 'up', title: 'Lid screws back', pose: 'upright', people: 1, minutes: MINUTES, number: 1, pair: 'down:undo:lid-screws', why: [], gives: ['off lid-screws'], after: [],
          passes: ['started', 'final'], torque: { value: 2.5, unit: 'N·m', source: 'estimated' }, fixings: [SCREW], parts: [], cautions: [], consumables: [],
        }],
      },
      swap: [{ id: 'swap-lid', title: 'New lid', part: { id: 'lid', name: 'lid' }, minutes: MINUTES, compare: [{ id: 'holes', name: 'screw holes', value: 14, why: 'the frame has as many' }] }],
    },
  },
}
