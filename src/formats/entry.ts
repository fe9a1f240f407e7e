import { array, boolean, mixed, number, object, type ObjectSchema, type Schema, string, ValidationError } from 'yup'
import { ATTEMPTS } from '../core/fasteners'
import { CHANNELS, RIDE_STAGES } from '../core/ride'
import { CHARGE_SOURCES, PACK_SIGNS, PROOF_ROLES } from '../core/safety'
import { BODY_VERSION, CHECKS, isCheck, type EntryDraft, type Kind, KINDS, OUT_PLACES, STAGES } from '../core/job'
import { PASSES } from '../core/machine'
import type { Result } from '../core/result'
import { fail, ok } from '../core/result'
import { mended, tooDeep } from '../core/text'

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

/** A plan is taken whole from the planner; what the reducer leans on is checked, the rest is carried. */
const step = object({
  id: id(), action: id(), limb: oneOf(['down', 'up']).required(), title: need(200), pose: text(80).defined(), people: number().strict().oneOf([1, 2]).required(), minutes,
  number: figure(0, 10_000), pair: stepId(), gives: array().strict().of(text(160).required()).max(200).required(), after: array().strict().of(stepId().required()).max(500),
  passes: array().strict().of(oneOf(PASSES).required()).max(4), fixings: array().strict().of(fixingSpec).max(500).required(), parts: array().strict().of(partSpec).max(100).required(),
  cautions: array().strict().of(text(12).required()).max(60).required(),
}).strict()
const limb = object({ steps: array().strict().of(step).max(2000).required(), minutes: object().required(), proved: boolean().strict().required() }).strict()
const plan = object({
  planner: need(40), goals: array().strict().of(text(120).required()).min(1).max(20).required(), down: limb.required(), up: limb.required(),
  swap: array().strict().of(object({ id: id(), title: need(200), compare: array().strict().of(object({ id: id(), name: need(80) }).strict()).max(60) }).strict()).max(200).required(),
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
const rideLog = closed({
  name: need(200), rows: figure(0, 1e8).required(), kept: figure(0, 1e8).required(), seconds: figure(0, 1e12).required(), hz: figure(0, 1e5).required(),
  notes: array().strict().of(closed({ kind: need(20), count: figure(0).required(), row: figure(0).required(), channel: text(20), seconds: figure(0) })).max(60).required(),
  findings: array().strict().of(closed({ id: need(30), verdict: need(20), value: figure(), u: figure(0), unit: text(16), limit: figure(), heading: figure(), why: text(40) })).max(30).required(),
  strips: closed({ from: figure(-1e15, 1e15).required(), to: figure(-1e15, 1e15).required(), slices: figure(10, 2000).required(), channels: closed(Object.fromEntries(CHANNELS.map((c) => [c, closed({ low: slices, high: slices }).default(undefined).optional()]))).required() }).required(),
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
  const entryId = typeof given === 'string' ? mended(given).slice(0, 80) : ''
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
  const message = mended(error.message || 'not readable').replace(/^this /, 'the entry ').slice(0, 300)
  return message.charAt(0).toUpperCase() + message.slice(1)
}
