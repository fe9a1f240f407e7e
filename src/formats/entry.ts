import { array, boolean, lazy, mixed, number, object, type ObjectSchema, type Schema, string, ValidationError } from 'yup'
import { ATTEMPTS } from '../core/fasteners'
import { CHANNELS, RIDE_STAGES } from '../core/ride'
import { CHARGE_SOURCES, PACK_SIGNS, PROOF_ROLES } from '../core/safety'
import { BODY_VERSION, CHECKS, isCheck, type EntryDraft, type Kind, KINDS, OUT_PLACES, STAGES } from '../core/job'
import { PASSES } from '../core/machine'
import type { Result } from '../core/result'
import { fail, ok } from '../core/result'
import { cut, mended, tooDeep } from '../core/text'

/** Largest batch that the server takes. */
export const MAX_BATCH_BYTES = 256_000
/** A plan may be larger, in a batch of its own. */
export const MAX_PLAN_BYTES = 1_000_000
export const MAX_BATCH = 100

const text = (max = 2000) => string().strict().max(max)
const need = (max = 2000) => text(max).required().test('filled', '${path} is empty', (x) => x === undefined || x.trim().length > 0)
const id = () => string().strict().matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,119}$/, '${path} is not an id').required()
const photoId = () => string().strict().matches(/^[0-9a-f]{64}$/, '${path} is not a photo id')
const figure = (min = -1e9, max = 1e9) => number().strict().min(min).max(max).test('finite', '${path} is not a number', (x) => x === undefined || Number.isFinite(x))
const uuid = () => string().strict().matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, '${path} is not a UUID').required()
/** An id of a step: the file's own ids behind a limb, so it is longer than other ids. */
const stepId = () => string().strict().matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,139}$/, '${path} is not the id of a step')
const ids = () => array().strict().of(id()).max(500).required()
const oneOf = <T extends string>(values: readonly T[]) => string().strict().oneOf([...values], '${path} is not one that this server knows: “${value}”')
type Any = Schema<unknown, object, unknown, '' | 'd'>
const closed = (shape: Record<string, Any>) => object(shape as never).strict().noUnknown('${path} has a field that is not known: ${unknown}') as unknown as ObjectSchema<object>

const minutes = closed({ low: figure(0).required(), likely: figure(0).required(), high: figure(0).required() })
const move = { members: ids(), to: oneOf(OUT_PLACES).required(), cell: text(8) }
const fixingSpec = closed({
  id: id(), joint: id(), label: need(80), place: text(120).defined(), keep: oneOf(['cell', 'own hole', 'carrier', 'bin']).required(), cell: text(8),
  captive: boolean().strict(), stay: boolean().strict(), consumable: boolean().strict(), at: array().strict().of(figure().required()).length(2).default(undefined).optional(),
})
const partSpec = closed({ id: id(), name: need(120) })

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
const some = (shape: Record<string, Any>) => object(shape as never).strict().default(undefined).optional()
const words = (most: number, max = 400) => array().strict().of(text(max).defined()).max(most)
const quantity = some({ value: figure().required(), unit: need(16), source: need(20), u: figure(0) })
const lockSpec = some({ product: need(120), grade: text(20), handlingMinutes: figure(0, 10_000).required(), cureHours: figure(0, 1000).required(), source: text(20) })
const uses = array().strict().of(object({ consumable: need(140), count: figure(0, 10_000).required() }).strict()).max(100)

/** A plan is taken whole from the planner. All that the reducer and the pages lean on is looked at; fields that are not known are carried. */
const step = object({
  id: id(), action: id(), kind: oneOf(['release', 'take off', 'unplug', 'prepare', 'support', 'prove', 'gate', 'push aside']).required(), limb: oneOf(['down', 'up']).required(), title: need(400), note: text(), photo: text(400), counterHold: text(400), ifOmitted: text(400),
  pose: text(80).defined(), turn: some({ to: need(80), title: need(400), note: text(), people: number().strict().oneOf([1, 2]).required(), minutes }),
  tool: some({ id: need(140), name: need(400), short: text(400).defined(), why: text(400), size: text(400) }), substitute: some({ for: need(400), risk: text(400).defined(), byFeel: boolean().strict() }),
  people: number().strict().oneOf([1, 2]).required(), minutes: minutes.required(), wait: figure(0, 1e6), number: figure(0, 10_000), pair: stepId(),
  why: array().strict().of(object({ wantedBy: need(200), title: need(400) }).strict()).max(200).required(), gives: array().strict().of(text(160).required()).max(200).required(), needs: guard, after: array().strict().of(stepId().required()).max(500),
  dead: boolean().strict(), power: oneOf(['live', 'isolated', 'out']), mains: boolean().strict(), fixings: array().strict().of(fixingSpec).max(500).required(), parts: array().strict().of(partSpec).max(100).required(),
  passes: array().strict().of(oneOf(PASSES).required()).min(1).max(4), torque: quantity,
  joint: some({ role: text(20), critical: text(20), thread: text(400), head: text(400), strength: text(400), driver: some({ start: need(20), clutch: figure(0, 100), finish: need(20) }) }),
  lock: lockSpec, pattern: text(40), looks: some({ stand: words(60).required(), items: words(60).required() }), reopen: figure(0, 1e6), check: text(140), cover: boolean().strict(),
  cautions: array().strict().of(text(40).required()).max(60).required(), consumables: uses.required(),
}).strict()
const limb = object({
  steps: array().strict().of(step).max(2000).required(), minutes: object({ handsOn: figure(0).required(), elapsed: figure(0).required() }).strict().required(), together: some({ minutes: figure(0).required(), bound: figure(0).required() }),
  bound: figure(0), gap: figure(0), proved: boolean().strict().required(),
}).strict()
const lifts = array().strict().of(object({ from: figure(0).required(), minutes: figure(0).required(), titles: words(200).required() }).strict()).max(500).required()
const plan = object({
  planner: need(40), goals: array().strict().of(text(120).required()).min(1).max(20).required(), down: limb.required(), up: limb.required(), upOrder: oneOf(['planned', 'reverse']), reverseMore: figure().nullable(),
  swap: array().strict().of(object({
    id: id(), title: need(400), job: text(200), note: text(), part: some({ id: id(), name: need(120) }), minutes,
    compare: array().strict().of(object({ id: id(), name: need(80), unit: text(400), value: mixed().test('value', '${path} is neither a number nor a word', (x) => x === undefined || (typeof x === 'number' && Number.isFinite(x)) || typeof x === 'string'), smaller: figure(0), larger: figure(0), options: words(60), why: text(400) }).strict()).max(60),
  }).strict()).max(200).required(),
  rejected: array().strict().of(object({ instead: words(200).required(), use: words(200).required(), avoid: words(200).required(), moreMinutes: figure().required() }).strict()).max(200),
  tools: array().strict().of(object({ id: need(140), name: need(400), firstStep: text(400).defined(), steps: figure(0).required(), special: boolean().strict().required(), form: text(400), why: text(400) }).strict()).max(500),
  consumables: array().strict().of(object({ id: need(140), name: need(400), count: figure(0).required() }).strict()).max(500), helper: some({ down: lifts, up: lifts }), restore: words(200),
}).strict()

const onTest = { test: text(60), drive: text(80) }
const tightened = { torque: figure(0, 5000), how: oneOf(['wrench', 'feel']), tool: text(120), reason: text() }
const testItems = array().strict().of(closed({ name: need(120), result: oneOf(['right', 'wrong', 'not tested']).required() })).max(40)
const figureOrWord = () => mixed().test('value', '${path} is neither a number nor a word', (x) => x === null || x === undefined || (typeof x === 'number' && Number.isFinite(x)) || (typeof x === 'string' && x.length <= 80))
const compared = closed({
  id: id(), name: need(80), unit: text(16), old: figureOrWord().required(), oldFrom: oneOf(['machine file', 'measured']).required(), fresh: figureOrWord().nullable().defined(),
  verdict: oneOf(['match', 'mismatch', 'not measured']).required(),
})
const slices = array().strict().of(number().strict().nullable().defined()).max(2000).required()
/** Any finite figure: what a logger wrote as time or value may be of any size, and is judged before it comes here. */
const wide = (min = -Number.MAX_VALUE) => figure(min, Number.MAX_VALUE)
const rideLog = closed({
  name: need(200), rows: wide(0).required(), kept: wide(0).required(), seconds: wide(0).required(), hz: wide(0).required(),
  notes: array().strict().of(closed({ kind: need(20), count: wide(0).required(), row: wide(0).required(), channel: text(20), seconds: wide(0) })).max(60).required(),
  findings: array().strict().of(closed({ id: need(30), verdict: need(20), value: wide(), u: wide(0), unit: text(16), limit: wide(), heading: wide(), why: text(40) })).max(30).required(),
  strips: closed({ from: wide().required(), to: wide().required(), slices: figure(10, 2000).required(), channels: closed(Object.fromEntries(CHANNELS.map((c) => [c, closed({ low: slices, high: slices }).default(undefined).optional()]))).required() }).required(),
}).default(undefined).optional()

const BODIES: Record<Kind, ObjectSchema<object>> = {
  'job-opened': closed({
    number: text(20).defined(), machine: closed({ name: need(120), unit: text(120), file: text(120), revision: text(60), owner: text(200), fullVolts: figure(0, 2000) }).required(),
    stand: text(40), complaint: text().defined(), job: text(200),
  }),
  'goal-set': closed({ goals: array().strict().of(text(120).required()).max(20).required(), text: text(200).defined() }),
  'variant-answered': closed({ variant: id(), option: id() }),
  'symptom-noted': closed({ text: need(), certainty: oneOf(['sure', 'maybe']), symptom: text(60) }),
  'damage-noted': closed({ text: need(), side: text(40), photo: photoId() }),
  'pack-checked': closed({ result: oneOf(['sound', 'quarantine']).required(), signs: array().strict().of(oneOf(PACK_SIGNS).required()).max(40).required(), lowestGroup: figure(0, 10), temperature: figure(-50, 200) }),
  'replacement-compared': closed({ part: id(), rows: array().strict().of(compared).min(1).max(60).required() }),
  'delivery-counted': closed({ items: array().strict().of(closed({ name: need(200), expected: figure(0, 10_000).required(), found: figure(0, 10_000).required() })).min(1).max(200).required(), also: text(1000) }),
  'note-added': closed({ text: need(), step: stepId(), tried: closed({ way: oneOf(ATTEMPTS).required(), minutes: figure(0), distance: figure(0), near: text(120) }).default(undefined).optional() }),
  'photo-added': closed({ photo: photoId().required(), step: stepId(), side: text(40), pose: text(80), caption: text(300) }),
  'reading-taken': closed({ quantity: need(120), value: figure().required(), unit: need(16), u: figure(0), instrument: text(120), place: text(120), live: boolean().strict().required(), ...onTest, raw: array().strict().of(figure().required()).max(12), step: stepId() }),
  'test-observed': closed({ ...onTest, test: need(60), outcome: need(60), text: need(300), live: boolean().strict().required() }),
  'test-skipped': closed({ test: need(200), reason: need(), text: text(300), drive: text(80) }),
  'fault-called': closed({ fault: need(300), certainty: oneOf(['sure', 'maybe']), id: text(60), drive: text(80), action: text(200) }),
  'voltage-told': closed({ from: oneOf(CHARGE_SOURCES).required(), volts: figure(1, 2000).required(), cells: number().strict().integer().min(1).max(500), chemistry: oneOf(['Li-ion', 'LFP', 'lead']) }),
  'power-changed': closed({ to: oneOf(['live', 'isolated', 'out']).required(), how: text(200) }),
  'proof-taken': closed({
    readings: array().strict().of(closed({ between: need(120), volts: figure(-2000, 2000).required(), role: oneOf(PROOF_ROLES) })).min(1).max(20).required(), instrument: need(120),
  }),
  'plan-adopted': closed({
    plan: plan.required(), file: need(120), revision: need(60), reason: text(),
    settings: closed({ proofMinutes: figure(1, 10_000).required(), proofMinutesHigh: figure(1, 10_000), deadVolts: figure(0, 60).required() }).required(),
  }),
  'step-done': closed({
    step: stepId().required(), pass: oneOf(PASSES), minutes: figure(0, 10_000), out: array().strict().of(closed(move)).max(100),
    in: closed({ members: ids(), pass: oneOf(PASSES).required(), ...tightened }).default(undefined).optional(),
    partsOff: array().strict().of(id()).max(100), partsOn: array().strict().of(id()).max(100), power: oneOf(['live', 'isolated', 'out']), breakaway: figure(0, 5000),
    lock: closed({ product: need(120), handlingMinutes: figure(0, 10_000).required(), cureHours: figure(0, 1000).required(), temperature: figure(-50, 200) }).default(undefined).optional(),
  }),
  'step-left': closed({ step: stepId().required(), reason: need(), members: array().strict().of(id()).max(500) }),
  'step-added': closed({
    step: id(), title: need(200), after: stepId(), tool: text(60), fixings: array().strict().of(fixingSpec).max(200).required(), parts: array().strict().of(partSpec).max(50).required(),
  }),
  'step-differs': closed({ step: stepId().required(), text: need() }),
  'fixing-out': closed({ ...move, condition: text(120) }),
  'fixing-in': closed({ members: ids(), pass: oneOf(PASSES).required(), ...tightened }),
  'fixing-lost': closed({ members: ids(), text: text() }),
  'fixing-found': closed({ members: ids(), cell: text(8) }),
  'fixing-replaced': closed({ members: ids(), label: need(80), reason: need() }),
  'fixing-kept-out': closed({ members: ids(), reason: need() }),
  'part-off': closed({ parts: ids() }),
  'part-on': closed({ parts: ids() }),
  'part-replaced': closed({ part: id(), oldSerial: text(80), newSerial: text(80), step: stepId() }),
  'pose-changed': closed({ to: text(80).required(), name: text(120).defined(), people: number().strict().oneOf([1, 2, 3, 4]).required() }),
  'lock-applied': closed({ subject: need(200), product: need(120), handlingMinutes: figure(0, 10_000).required(), cureHours: figure(0, 1000).required(), temperature: figure(-50, 200) }),
  'lock-disturbed': closed({ subject: need(200), reason: need() }),
  'check-passed': closed({ check: oneOf(CHECKS).required(), evidence: need(), step: stepId(), items: testItems }),
  'check-failed': closed({ check: oneOf(CHECKS).required(), items: testItems.required(), text: text() }),
  'check-overridden': closed({ check: string().strict().test('check', '${path} is not one that this server knows: “${value}”', (x) => x !== undefined && (isCheck(x) || /^unknown: .{1,120}$/.test(x))).required(), reason: need() }),
  'stage-moved': closed({ to: oneOf(STAGES).required(), reason: text() }),
  parked: closed({ why: need(), where: text(300).defined(), safe: need() }),
  resumed: closed({ text: text() }),
  'handed-over': closed({ to: need(120), text: text().defined() }),
  'ride-added': closed({ text: need(), kilometres: figure(0, 10_000), stage: oneOf(RIDE_STAGES), outcome: oneOf(['passed', 'stopped']), log: rideLog }),
  'recheck-set': closed({ what: need(300), due: need(60), on: string().strict().matches(/^\d{4}-\d{2}-\d{2}$/, '${path} is not a day'), kilometres: figure(0, 100_000) }),
  'handed-back': closed({ to: need(200), text: text() }),
  struck: closed({ target: uuid(), reason: text() }),
}



const draft = object({
  id: uuid(), jobId: uuid(), base: figure(0, 1e9).integer().required(), at: figure(0, 1e14).required(), by: need(80), device: uuid(),
  kind: oneOf(KINDS).required(), v: number().strict().oneOf([BODY_VERSION], 'this server reads version ${values} of it').required(), body: mixed().required(),
}).strict().noUnknown('a field that is not known: ${unknown}')

/** Why an entry cannot be read. `unknown` where something is not known here that a newer build may know: its kind, version, a field or an id. */
export interface EntryFault {
  readonly kind: 'shape'
  readonly id: string
  readonly reason: string
  readonly unknown: boolean
}

/** Faults that a newer build would not find. */
const NEWER: ReadonlySet<string> = new Set(['oneOf', 'noUnknown', 'check'])

/**
 * Reads one entry as a device sent it. Texts are made well-formed first, so that what is stored can always be shown.
 * @returns the entry, or its id (where it has one) and what is wrong with it, in words with the path
 */
export function parseEntry(value: unknown): Result<EntryDraft, EntryFault> {
  const given = value !== null && typeof value === 'object' ? (value as { id?: unknown }).id : undefined
  const entryId = typeof given === 'string' ? cut(given, 80) : ''
  if (tooDeep(value)) return fail({ kind: 'shape', id: entryId, reason: 'The entry is nested deeper than anything that is written here.', unknown: false })
  try {
    const entry = draft.validateSync(mended(value)) as unknown as EntryDraft
    BODIES[entry.kind].validateSync(entry.body)
    return ok(entry)
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const first = error.inner[0] ?? error
    return fail({ kind: 'shape', id: entryId, reason: plain(first), unknown: NEWER.has(first.type ?? '') })
  }
}

function plain(error: ValidationError): string {
  const message = cut((error.message || 'not readable').replace(/^this /, 'the entry '), 300)
  return message.charAt(0).toUpperCase() + message.slice(1)
}
