import { array, boolean, lazy, number, object, type Schema, string } from 'yup'
import { INSTRUMENT_KIND_IDS } from '../core/instruments'
import { DRIVE_KINDS } from '../core/machine'
import { isWellFormed } from '../core/text'
import { UNIT_IDS } from '../core/units'
import type { Order, Passed } from '../instruments/relay'

/** Instruments that one relay passes on, and lines of one at a time, at most. */
const MOST_INSTRUMENTS = 40
const MOST_LINES = 12

const text = (max: number) =>
  string()
    .strict()
    .min(1)
    .max(max)
    .test('whole', '${path} holds a character that cannot be kept', (x) => x === undefined || x === null || isWellFormed(x))
const key = () =>
  string()
    .strict()
    .matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,59}$/)
    .required()
const machine = object({
  drive: string()
    .strict()
    .oneOf([...DRIVE_KINDS])
    .required(),
  fault: text(60).nullable().defined(),
  severity: number().strict().min(0).max(1).required(),
  seed: number().strict().integer().min(0).max(1e9).required(),
})
  .noUnknown()
  .strict()

const passed = object({
  instruments: array()
    .strict()
    .max(MOST_INSTRUMENTS)
    .required()
    .of(
      object({
        key: key(),
        name: text(80).required(),
        kind: string()
          .strict()
          .oneOf([...INSTRUMENT_KIND_IDS]),
        standIn: object({
          dials: array().strict().max(12).of(text(30).required()).required(),
          dial: text(30).required(),
          machine: machine.default(undefined).optional(),
        })
          .noUnknown()
          .strict()
          .default(undefined)
          .optional(),
      })
        .noUnknown()
        .strict(),
    ),
  lines: lazy((x: unknown) =>
    object(
      Object.fromEntries(
        Object.keys(x !== null && typeof x === 'object' ? x : {}).map((k) => [
          k,
          array().strict().max(MOST_LINES).of(string().strict().max(120).defined()).required(),
        ]),
      ),
    )
      .strict()
      .required(),
  ),
})
  .noUnknown()
  .strict()

/** What a relay sent; null where it is nothing of the kind. */
export function readPassed(body: string): Passed | null {
  return read<Passed>(passed, body)
}

const KINDS: Readonly<Record<Order['to'], Readonly<Record<string, Schema>>>> = {
  turn: { dial: text(30).required() },
  machine: { machine: machine.required() },
  test: { test: text(60).required(), input: number().strict().integer().min(0).max(11).required() },
  value: {
    value: number().strict().min(-1e9).max(1e9).required(),
    unit: string()
      .strict()
      .oneOf([...UNIT_IDS])
      .required(),
    alternating: boolean().strict(),
  },
  nothing: {},
}

/** What a tablet asks of one instrument of a relay: to have it, to let it go, or an order to a simulated one. */
export interface AskedOfRelay {
  readonly relay: string
  readonly key: string
  readonly ask: 'take' | 'let go' | 'end' | 'order'
  readonly order?: Order
}

const asked = object({
  relay: string()
    .strict()
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/)
    .required(),
  key: key(),
  ask: string().strict().oneOf(['take', 'let go', 'end', 'order']).required(),
  order: lazy((x: unknown) => {
    const to = (x as { readonly to?: unknown } | null | undefined)?.to
    if (x === undefined) return object({}).default(undefined).optional()
    return object({
      key: key(),
      to: string().strict().oneOf(Object.keys(KINDS)).required(),
      ...(Object.hasOwn(KINDS, String(to)) ? KINDS[to as Order['to']] : {}),
    })
      .noUnknown()
      .strict()
      .required()
  }),
})
  .noUnknown()
  .strict()

/** What a tablet asked; null where it is nothing of the kind. */
export function readAsked(body: string): AskedOfRelay | null {
  return read<AskedOfRelay>(asked, body)
}

function read<T>(schema: Schema, body: string): T | null {
  try {
    return schema.validateSync(JSON.parse(body)) as T
  } catch {
    return null
  }
}
