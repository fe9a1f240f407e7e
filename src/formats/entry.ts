import { mixed, number, object, ValidationError } from 'yup'
import { type EntryDraft, KIND_IDS, type Kind } from '../core/job'
import { figure, need, oneOf, uuid, type Versions } from '../core/job/kinds/fields.schema'
import type { Result } from '../core/result'
import { fail, ok } from '../core/result'
import { cut, mended, tooDeep } from '../core/text'

/** Schemas of each kind, by version: they stand beside the kinds, and only what reads entries from outside loads them. */
const SCHEMAS = Object.fromEntries(
  await Promise.all(
    KIND_IDS.map(
      async (kind) => [kind, ((await import(`../core/job/kinds/${kind}.schema.ts`)) as { readonly versions: Versions }).versions] as const,
    ),
  ),
) as Readonly<Record<Kind, Versions>>

const draft = object({
  id: uuid(),
  jobId: uuid(),
  base: figure(0, 1e9).integer().required(),
  at: figure(0, 1e14).required(),
  by: need(80),
  device: uuid(),
  kind: oneOf(KIND_IDS).required(),
  v: number().strict().required(),
  body: mixed().required(),
})
  .strict()
  .noUnknown('a field that is not known: ${unknown}')

/**
 * Why an entry cannot be read. `unknown` where something is not known here that a newer build may know: its kind, version, a field
 * or an id.
 */
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
  if (tooDeep(value))
    return fail({ kind: 'shape', id: entryId, reason: 'The entry is nested deeper than anything that is written here.', unknown: false })
  try {
    const entry = draft.validateSync(mended(value)) as unknown as EntryDraft
    const versions = SCHEMAS[entry.kind]
    const schema = Object.hasOwn(versions, entry.v) ? versions[entry.v] : undefined
    if (!schema)
      return fail({
        kind: 'shape',
        id: entryId,
        reason: `V: this server reads version ${Object.keys(versions).join(', ')} of it.`,
        unknown: true,
      })
    schema.validateSync(entry.body)
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
