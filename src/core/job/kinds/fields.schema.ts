import { array, boolean, type InferType, lazy, mixed, number, object, type Schema, string } from 'yup'
import { CHECK_ITEMS, ITEM_RESULTS } from '../checks/looks'
import type { Tightened } from '../tightened'
import { OUT_PLACES } from '../vocabulary'
import { PASSES } from '../../machine'
import { isUnit, MODES, QUANTITIES, type Result, UNIT_IDS, UNITS } from '../../units'

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- any schema, whatever it lets through
type AnySchema = Schema<any, any, any, any>

/** Plain text of at most `max` letters. */
export const text = (max = 2000) => string().strict().max(max)
/** Text that is wanted: not empty, nor only spaces. */
export const need = (max = 2000) =>
  text(max)
    .required()
    .test('filled', '${path} is empty', (x) => x === undefined || x.trim().length > 0)
export const id = () =>
  string()
    .strict()
    .matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,119}$/, '${path} is not an id')
    .required()
export const photoId = () =>
  string()
    .strict()
    .matches(/^[0-9a-f]{64}$/, '${path} is not a photo id')
export const uuid = () =>
  string()
    .strict()
    .matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, '${path} is not a UUID')
    .required()
/** An id of a step: the file's own ids behind a limb, so it is longer than other ids. */
export const stepId = () =>
  string()
    .strict()
    .matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,139}$/, '${path} is not the id of a step')
export const ids = () => array().strict().of(id()).max(500).required()
export const figure = (min = -1e9, max = 1e9) =>
  number()
    .strict()
    .min(min)
    .max(max)
    .test('finite', '${path} is not a number', (x) => x === undefined || Number.isFinite(x))
export const yes = () => boolean().strict()
export const oneOf = <const T extends string>(values: readonly T[]) =>
  string()
    .strict()
    .oneOf([...values], '${path} is not one that this server knows: “${value}”')
/** An object with these fields and no other. */
export const closed = <S extends Record<string, AnySchema>>(shape: S) =>
  object(shape).strict().noUnknown('${path} has a field that is not known: ${unknown}')
/** Where a whole object may be left out. */
export const some = <S extends Record<string, AnySchema>>(shape: S) => closed(shape).default(undefined).optional()
export const list = <S extends AnySchema>(of: S, most: number) => array().strict().of(of).max(most)
export const day = () =>
  string()
    .strict()
    .matches(/^\d{4}-\d{2}-\d{2}$/, '${path} is not a day')
export const figureOrWord = () =>
  mixed<number | string>().test(
    'value',
    '${path} is neither a number nor a word',
    (x) => x === null || x === undefined || (typeof x === 'number' && Number.isFinite(x)) || (typeof x === 'string' && x.length <= 80),
  )

export const pass = () => oneOf(PASSES)
export const power = () => oneOf(['live', 'isolated', 'out'])
export const move = { members: ids(), to: oneOf(OUT_PLACES).required(), cell: text(8) }
/** What an entry keeps of an instrument. */
export const instrumentUsed = { id: text(80), name: need(120), calibratedTo: day() }
/** How tight, as builds before 15 wrote it. */
export const tightenedBefore = { torque: figure(0, 5000), how: oneOf(['wrench', 'feel']), tool: text(120), reason: text() }
/** The same with the wrench that it was done with. */
export const tightenedBy = () => ({ ...tightenedBefore, wrench: some(instrumentUsed) })
const pairOf = (min: number, max: number) =>
  array().strict().of(figure(min, max).required()).length(2).default(undefined).optional() as unknown as Schema<
    readonly [number, number] | undefined
  >
const told = { tool: text(120), reason: text() }
const tight = {
  clicked: closed({
    is: oneOf(['clicked']).required(),
    torque: figure(0.01, 5000).required(),
    wrench: some(instrumentUsed),
    scale: pairOf(0, 5000),
    set: figure(0.01, 5000),
    adapter: some({ reach: figure(0, 2000).required(), angle: figure(-180, 180).required() }),
    ...told,
  }),
  felt: closed({ is: oneOf(['felt']).required(), band: pairOf(0, 5000), ...told }),
  'not read': closed({ is: oneOf(['not read']).required(), ...told }),
}
/** How tight: a number only where a wrench showed it, a band only where it was felt. */
export const tightened = () =>
  lazy((x: unknown) => {
    if (x === undefined) return mixed().optional()
    const is = (x as { readonly is?: unknown } | null)?.is
    return (is === 'clicked' || is === 'felt' ? tight[is] : tight['not read']).required()
  }) as unknown as Schema<Tightened | undefined>
export const lock = {
  product: need(120),
  handlingMinutes: figure(0, 10_000).required(),
  cureHours: figure(0, 1000).required(),
  temperature: figure(-50, 200),
}
const results = {
  value: closed({ is: oneOf(['value']).required(), value: figure().required(), u: figure(0) }),
  limit: closed({ is: oneOf(['over', 'under']).required(), limit: figure().required() }),
  unstable: closed({ is: oneOf(['unstable']).required(), low: figure().required(), high: figure().required() }),
}
const result = () =>
  lazy((x: unknown) => {
    const is = (x as { readonly is?: unknown } | null)?.is
    return (is === 'over' || is === 'under' ? results.limit : is === 'unstable' ? results.unstable : results.value).required()
  }) as unknown as Schema<Result>
/** A measurement; its unit is of the quantity's kind. */
export const measurement = {
  quantity: oneOf(QUANTITIES).required(),
  result: result(),
  unit: oneOf(UNIT_IDS)
    .required()
    .test(
      'kind of unit',
      '${path} is no unit of what was measured: “${value}”',
      (unit, context) =>
        unit === undefined || !isUnit(unit) || UNITS[unit].dimension === (context.parent as { quantity?: string }).quantity,
    ),
  mode: oneOf(MODES),
  live: yes().required(),
  instrument: some(instrumentUsed),
  raw: list(figure().required(), 12),
  condition: some({
    testVolts: figure(0, 20_000),
    seconds: figure(0, 100_000),
    temperature: figure(-100, 1000),
    rotor: oneOf(['still', 'turning']),
  }),
}
/** Figures that were read for what a step wants. */
export const took = () => list(closed({ want: id(), ...measurement }), 40)
/** As builds before 14 wrote them: in words. */
export const wordedItems = () => list(closed({ name: need(120), result: oneOf(ITEM_RESULTS).required() }), 40)
/** Ours by id, a machine file's own in its words: one of the two. */
export const testItems = () =>
  list(
    closed({ item: oneOf(CHECK_ITEMS), name: text(120), result: oneOf(ITEM_RESULTS).required() }).test(
      'one-of',
      'An item has either an id or words.',
      (i) => (i.item === undefined) !== (i.name === undefined),
    ),
    40,
  )
export const fixingSpec = () =>
  closed({
    id: id(),
    joint: id(),
    label: need(80),
    place: text(120).defined(),
    keep: oneOf(['cell', 'own hole', 'carrier', 'bin']).required(),
    cell: text(8),
    captive: yes(),
    stay: yes(),
    consumable: yes(),
    at: array().strict().of(figure().required()).length(2).default(undefined).optional() as unknown as Schema<
      readonly [number, number] | undefined
    >,
  })
export const partSpec = () => closed({ id: id(), name: need(120) })

/** A sample of them, with every field of a measurement. */
export const TOOK = [
  {
    want: 'insulation',
    quantity: 'resistance',
    result: { is: 'over', limit: 2000 },
    unit: 'Mohm',
    mode: 'insulation',
    live: false,
    instrument: { id: 'i-insulation', name: 'insulation tester', calibratedTo: '2027-02-24' },
    raw: [2000],
    condition: { testVolts: 500, seconds: 60, temperature: 19, rotor: 'still' },
  },
] as const

/** What a schema lets through, as it is stored: read only, and what may be left out is left out, never `undefined`. */
type Tidy<T> = T extends readonly unknown[]
  ? { readonly [K in keyof T]: Tidy<T[K]> }
  : T extends object
    ? { readonly [K in keyof T as undefined extends T[K] ? never : K]: Tidy<T[K]> } & {
        readonly [K in keyof T as undefined extends T[K] ? K : never]?: Tidy<Exclude<T[K], undefined>>
      }
    : T

/** The schemas of a kind of entry, by version. */
export type Versions = Readonly<Record<number, AnySchema>>
export type Stored<V extends Versions> = { readonly [N in keyof V & number]: Tidy<InferType<V[N]>> }
