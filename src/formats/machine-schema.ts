import type { SchemaDescription } from 'yup'
import { FACTS } from '../core/machine'
import { machineFileShape } from './machine-file'

type Json = Record<string, unknown>

/**
 * The shape of a machine file as a JSON Schema (draft 2020-12), worked out from the schema that reads it, so that the two cannot
 * differ. What ids point to and whether jobs can be reached is beyond a schema: reading a file tells that.
 */
export function machineSchema(): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Nailsmith machine file',
    description: 'What is known of a model. Members that are not named here are kept as they are; own ones begin with x-.',
    ...translate(machineFileShape.describe() as SchemaDescription),
    $defs: { guard: GUARD, fact: { enum: FACTS } },
  }
}

const object = (properties: Json): Json => ({ type: 'object', required: Object.keys(properties), properties })
const guards = { type: 'array', items: { $ref: '#/$defs/guard' }, maxItems: 50_000 }
const word = { type: 'string', minLength: 1, maxLength: 400 }

/** The one grammar of guards; it names itself, so it is written by hand. The first member that is there decides. */
const GUARD: Json = {
  type: 'object',
  anyOf: [{ required: ['all'] }, { required: ['any'] }, { required: ['not'] }, { required: ['fact'] }, { required: ['variant'] }],
  if: { required: ['all'] },
  then: object({ all: guards }),
  else: {
    if: { required: ['any'] },
    then: object({ any: guards }),
    else: {
      if: { required: ['not'] },
      then: { type: 'object', properties: { not: { $ref: '#/$defs/guard' } } },
      else: {
        if: { required: ['fact'] },
        then: object({ fact: { $ref: '#/$defs/fact' }, of: word }),
        else: object({ variant: word, is: word }),
      },
    },
  },
}

interface Described {
  readonly type: string
  readonly optional: boolean
  readonly nullable: boolean
  readonly oneOf: readonly unknown[]
  readonly tests: readonly { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }[]
  readonly fields?: Readonly<Record<string, SchemaDescription>>
  readonly innerType?: SchemaDescription
}

function translate(description: SchemaDescription): Json {
  const d = description as unknown as Described
  if (d.type === 'lazy') return { $ref: '#/$defs/guard' }
  const test = (name: string): number | undefined => d.tests.find((t) => t.name === name)?.params?.[name] as number | undefined
  const out: Json = {}
  if (d.type === 'mixed') return { type: ['number', 'string'] }
  const kind = d.type === 'number' && d.tests.some((t) => t.name === 'integer') ? 'integer' : d.type
  out['type'] = d.nullable ? [kind, 'null'] : kind
  if (d.oneOf.length > 0) out['enum'] = d.oneOf
  const [least, most, length] = [test('min'), test('max'), test('length')]
  if (d.type === 'string') {
    // A required string is not empty.
    if (least !== undefined || (!d.optional && !d.nullable)) out['minLength'] = Math.max(1, least ?? 1)
    if (most !== undefined) out['maxLength'] = most
  }
  if (d.type === 'number') {
    if (least !== undefined) out['minimum'] = least
    if (most !== undefined) out['maximum'] = most
  }
  if (d.type === 'array') {
    out['items'] = d.innerType ? translate(d.innerType) : true
    if (least !== undefined) out['minItems'] = least
    if (most !== undefined) out['maxItems'] = most
    if (length !== undefined) Object.assign(out, { minItems: length, maxItems: length })
  }
  if (d.type === 'object') {
    const fields = Object.entries(d.fields ?? {})
    out['properties'] = Object.fromEntries(fields.map(([name, f]) => [name, translate(f)]))
    out['required'] = fields
      .filter(([, f]) => !(f as unknown as Described).optional && (f as unknown as Described).type !== 'lazy')
      .map(([name]) => name)
  }
  return out
}
