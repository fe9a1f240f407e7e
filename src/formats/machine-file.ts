import { array, boolean, lazy, mixed, number, object, type Schema, string, ValidationError } from 'yup'
import { DROPOUTS, PURPOSES } from '../core/axle'
import { HOUSING_IDS, SHAFT_IDS } from '../core/bearings'
import { BEHIND, TAPPED_IDS } from '../core/fasteners'
import { KNOWN_IDS } from '../core/job'
import {
  checkIntegrity,
  CONNECTOR_ROLES,
  CRITICAL,
  DRIVE_KINDS,
  FITTINGS,
  FACTS,
  type FileFault,
  JOINT_KINDS,
  KV_OF,
  MACHINE_CLASSES,
  PART_ROLES,
  type MachineFile,
  PASSES,
  WAIT_KINDS,
} from '../core/machine'
import { fail, ok, type Result } from '../core/result'
import { isUnit, QUANTITIES, UNIT_IDS, UNITS } from '../core/units'
import { cut, tooDeep } from '../core/text'

// Over 300 lines: the shape of a file is one table, with the words for what is wrong beside it.
const FORMAT = 'nailsmith-machine/1'
const MAJOR = 1

/** What is wrong with a machine file, each with a JSON pointer and a sentence. */
export interface FileProblem {
  readonly at: string
  readonly text: string
}

/** Entries of one list. */
const MOST = 50_000
const str = (max = 400) => string().strict().max(max)
const name = () => str().min(1).required()
const finite = () =>
  number()
    .strict()
    .test('finite', 'a finite number is wanted', (x) => x === undefined || Number.isFinite(x))
const flag = () => boolean().strict()
type Any = Schema<unknown, object, unknown, '' | 'd'>
const list = (of: Any) =>
  array()
    .strict()
    .of(of as never)
    .max(MOST)
    .required()
const maybe = (of: Any) =>
  array()
    .strict()
    .of(of as never)
    .max(MOST)
const oneOf = <T extends string>(values: readonly T[]) =>
  string()
    .strict()
    .oneOf([...values], `one of ${values.join(', ')} is wanted`)
// Fields that are not known are kept: an open object lets them through.
const shape = (fields: Record<string, Any>) => object(fields as never).strict()

const SOURCES = ['maker', 'machine file', 'standard', 'measured', 'estimated'] as const
const quantity = shape({ value: finite().required(), unit: name(), source: oneOf(SOURCES).required(), u: finite() }).default(undefined)
const minutes = shape({ low: finite().min(0).required(), likely: finite().min(0).required(), high: finite().min(0).required() }).required()

/** `{ all | any | not | fact | variant }`, to any depth. */
const guard: Any = lazy((value: unknown) => {
  if (value === undefined) return mixed().optional()
  if (value === null || typeof value !== 'object')
    return mixed().test('guard', 'a guard is wanted: all, any, not, fact or variant', () => false)
  if ('all' in value) return shape({ all: list(guard) })
  if ('any' in value) return shape({ any: list(guard) })
  if ('not' in value) return shape({ not: guard })
  if ('fact' in value) return shape({ fact: oneOf(FACTS).required(), of: name() })
  if ('variant' in value) return shape({ variant: name(), is: name() })
  return mixed().test('guard', 'a guard is wanted: all, any, not, fact or variant', () => false)
}) as unknown as Any

const mode = shape({
  poses: list(name()),
  tool: str().nullable().defined(),
  substitutes: maybe(shape({ tool: name(), risk: name() })),
  people: number().strict().oneOf([1, 2]).required(),
  minutes,
  penalty: finite().min(0),
  guard,
})
const unit = () =>
  oneOf(UNIT_IDS)
    .required()
    .test(
      'kind of unit',
      'it is no unit of that quantity',
      (x, context) => x === undefined || !isUnit(x) || UNITS[x].dimension === (context.parent as { quantity?: string }).quantity,
    )
const want = shape({
  id: name(),
  name: name(),
  quantity: oneOf(QUANTITIES).required(),
  unit: unit(),
  low: finite(),
  high: finite(),
  most: finite(),
  within: finite().min(0),
  testVolts: finite().min(0),
  seconds: finite().min(0),
  repeats: finite().integer().min(1).max(12),
  adjust: shape({ way: name(), by: finite().required() }).default(undefined),
})
const relation = shape({
  is: oneOf(['centred', 'sum']).required(),
  of: list(name()).min(2).max(3),
  value: finite(),
  within: finite().min(0).required(),
})
const doing = shape({
  title: name(),
  modes: list(mode),
  guard,
  note: str(),
  counterHold: str(),
  with: maybe(str()),
  ifOmitted: str(),
  cautions: maybe(str()),
  photo: str(),
  looks: shape({ stand: list(name()), items: list(name()) }).default(undefined),
  wait: finite().min(0),
  waitFor: oneOf(WAIT_KINDS),
  wants: maybe(want),
  relations: maybe(relation),
  consumables: maybe(shape({ consumable: name(), count: finite().min(0).required() })),
  passes: maybe(oneOf(PASSES)),
  covers: maybe(str()),
}).default(undefined)
const needed = (s: typeof doing) => s.required()
const vec = maybe(finite()).length(3)

const length = () => finite().min(0).max(10_000)
const holeFields = {
  washers: length(),
  depth: length(),
  u: length(),
  behind: oneOf(BEHIND),
  into: oneOf(TAPPED_IDS),
}
const pairOf = (of: Any) =>
  array()
    .strict()
    .of(of as never)
    .length(2)
    .required()

const figureOrWord = () =>
  mixed()
    .required()
    .test('value', 'a number or a word is wanted', (x) => (typeof x === 'number' && Number.isFinite(x)) || typeof x === 'string')
const compare = maybe(
  shape({
    id: name(),
    name: name(),
    unit: str(),
    value: figureOrWord(),
    smaller: finite().min(0),
    larger: finite().min(0),
    options: maybe(str()),
    why: name(),
  }),
)

/** The shape of a machine file; how it hangs together is told by `checkIntegrity`. */
export const machineFileShape = shape({
  format: name(),
  id: name(),
  revision: name(),
  name: name(),
  class: oneOf(MACHINE_CLASSES).required(),
  variants: list(shape({ id: name(), question: name(), options: list(shape({ id: name(), label: name() })), worst: name() })),
  drives: list(
    shape({
      id: name(),
      name: name(),
      kind: oneOf(DRIVE_KINDS).required(),
      part: name(),
      carriedBy: name(),
      kv: quantity,
      kvOf: oneOf(KV_OF),
      polePairs: finite().integer().min(1),
      ratio: finite().min(0),
      hallSpacing: number().strict().oneOf([60, 120]),
      lineResistance: quantity,
      fitted: list(oneOf(FITTINGS)).optional(),
    }),
  ),
  pack: shape({
    part: name(),
    plug: name(),
    chemistry: oneOf(['Li-ion', 'LFP', 'lead']).required(),
    cells: finite().integer().min(1).required(),
    nominal: quantity.required(),
  }).default(undefined),
  mass: quantity,
  energy: list(
    shape({
      id: name(),
      kind: oneOf(['pack', 'capacitor', 'spring', 'gas', 'tyre', 'weight', 'mains']).required(),
      of: name(),
      size: quantity,
      escape: vec,
      releasedBy: str(),
    }),
  ),
  sealed: list(shape({ part: name(), replacedBy: name(), why: name(), openedBy: maybe(str()) })),
  parts: list(
    shape({
      id: name(),
      when: guard,
      name: name(),
      end: str(40),
      mass: quantity,
      role: oneOf(PART_ROLES),
      of: maybe(str()),
      with: str(),
      handed: oneOf(['left', 'right']),
      compare,
      tethers: maybe(str()),
      serviceable: flag(),
      plastic: flag(),
      transfer: flag(),
      escape: guard,
      access: guard,
      lift: doing,
      back: doing,
    }),
  ),
  joints: list(
    shape({
      id: name(),
      when: guard,
      end: str(40),
      name: name(),
      kind: oneOf(JOINT_KINDS).required(),
      holds: list(name()),
      frees: maybe(str()),
      members: list(
        shape({
          id: name(),
          place: name(),
          length: finite().min(0),
          at: maybe(finite()).length(2),
          stay: flag(),
          hole: shape({ stack: length(), ...holeFields }).default(undefined),
        }),
      ),
      label: name(),
      thread: str(),
      head: str(),
      torque: quantity,
      hole: shape({
        stack: length().required(),
        ...holeFields,
        behind: oneOf(BEHIND).required(),
        into: oneOf(TAPPED_IDS).required(),
      }).default(undefined),
      strength: str(),
      driver: shape({
        start: oneOf(['hand', 'driver']).required(),
        clutch: finite().integer().min(1),
        finish: oneOf(['hand', 'driver', 'wrench']).required(),
      }).default(undefined),
      pattern: oneOf(['criss-cross', 'star', 'in turn']),
      critical: oneOf(CRITICAL),
      captive: flag(),
      along: maybe(str()),
      groove: flag(),
      consumable: str(),
      lock: shape({
        product: name(),
        grade: oneOf(['low', 'medium', 'high']).required(),
        handlingMinutes: finite().min(0).required(),
        cureHours: finite().min(0).required(),
        source: oneOf(SOURCES),
      }).default(undefined),
      role: oneOf(['working', 'dust', 'cover']).required(),
      keep: oneOf(['cell', 'own hole', 'carrier', 'bin']).required(),
      release: oneOf(['undo', 'loosen', 'cut', 'peel', 'pry', 'warm then undo', 'pull']).required(),
      access: guard,
      down: needed(doing),
      up: doing,
    }),
  ),
  connections: list(
    shape({
      id: name(),
      roles: maybe(oneOf(CONNECTOR_ROLES)),
      when: guard,
      end: str(40),
      name: name(),
      family: name(),
      releaseHow: name(),
      keying: str(),
      pins: list(shape({ n: finite().integer().min(1).required(), colour: name(), function: name() })),
      mates: list(name()).length(2),
      thread: str(),
      torque: quantity,
      critical: oneOf(CRITICAL),
      access: guard,
      down: needed(doing),
      up: doing,
    }),
  ),
  cables: list(
    shape({
      id: name(),
      name: name(),
      of: name(),
      route: list(name()),
      diameter: finite().min(0),
      end: shape({
        width: finite().min(0).required(),
        height: finite().min(0).required(),
        tolerance: finite().min(0).required(),
        round: flag(),
      }).default(undefined),
      slack: shape({ leftLock: quantity.required(), rightLock: quantity.required() }).default(undefined),
      ties: maybe(shape({ joint: name(), shares: list(name()) })),
    }),
  ),
  holes: list(
    shape({
      id: name(),
      name: str(),
      passing: oneOf(['one by one', 'together']),
      part: name(),
      width: finite().min(0).required(),
      height: finite().min(0).required(),
      round: flag(),
    }),
  ),
  steps: list(
    shape({
      id: name(),
      when: guard,
      end: str(40),
      kind: oneOf(['prepare', 'support', 'prove', 'push aside', 'gate']).required(),
      limb: oneOf(['down', 'up', 'both']).required(),
      check: str(),
      again: flag(),
      access: guard,
      down: doing,
      up: doing,
      gives: maybe(shape({ fact: oneOf(FACTS).required(), of: name() })),
      after: maybe(str()),
      before: maybe(str()),
    }),
  ),
  order: list(
    shape({
      id: name(),
      limb: oneOf(['down', 'up']).required(),
      first: name(),
      then: name(),
      strength: oneOf(['must', 'prefer']).required(),
      consequence: name(),
    }),
  ),
  loadPath: list(shape({ part: name(), joints: list(name()), support: name() })),
  poses: list(shape({ id: name(), name: name(), rotation: vec.required() })),
  poseMoves: list(
    shape({
      from: name(),
      to: name(),
      title: name(),
      note: str(),
      people: number().strict().oneOf([1, 2]).required(),
      minutes,
      guard,
      with: maybe(str()),
    }),
  ),
  stacks: list(
    shape({
      id: name(),
      name: name(),
      side: oneOf(['left', 'right']).required(),
      axle: name(),
      items: list(
        shape({
          id: name(),
          name: name(),
          width: finite().min(0).required(),
          facing: vec,
          clamped: flag().required(),
          turns: flag().required(),
          purpose: oneOf(PURPOSES),
          joint: str(),
        }),
      ),
    }),
  ),
  axles: maybe(
    shape({
      id: name(),
      part: name(),
      stacks: pairOf(name()),
      hub: length().required(),
      opening: length().required(),
      standsOut: pairOf(length().required()),
      thread: name(),
      flats: length(),
      dropout: shape({ material: oneOf(DROPOUTS).required(), thickness: length().required(), slot: length() }).required(),
      held: oneOf(['both', 'one']),
      face: length().required(),
      amps: shape({ drive: finite().min(0).max(10_000).required(), regen: finite().min(0).max(10_000).required() }).default(undefined),
    }),
  ),
  bearings: maybe(
    shape({
      part: str(),
      designation: name(),
      by: name(),
      fit: oneOf([...SHAFT_IDS, ...HOUSING_IDS]).required(),
      seat: shape({
        depth: length().required(),
        collar: finite().min(0).max(100).required(),
        low: finite().min(-5).max(5).required(),
        high: finite().min(-5).max(5).required(),
      }).default(undefined),
    }),
  ),
  widths: maybe(
    shape({
      id: name(),
      name: name(),
      variant: str(),
      when: guard,
      options: list(
        shape({
          id: name(),
          label: name(),
          width: length(),
          makes: shape({ width: length().required(), within: length().required() }).default(undefined),
          pieces: list(
            shape({
              name: name(),
              place: name(),
              width: length(),
              bolt: str(),
              stack: length(),
              later: flag(),
              of: str(),
              under: str(),
              after: str(),
            }),
          ),
        }),
      ).min(2),
      outOfScope: list(shape({ what: name(), why: name() })),
    }),
  ),
  tools: list(
    shape({
      id: name(),
      name: name(),
      short: name(),
      kind: name(),
      size: str(),
      form: str(),
      why: str(),
      adapter: shape({ reach: finite().min(0).max(2000).required(), angle: finite().min(-180).max(180).required() }).default(undefined),
      special: flag(),
      setUp: finite().min(0),
    }),
  ),
  consumables: list(shape({ id: name(), name: name() })),
  photos: maybe(
    shape({
      id: string()
        .strict()
        .matches(/^[0-9a-f]{64}$/, 'a SHA-256 is wanted')
        .required(),
      side: str(),
      pose: str(),
      pins: list(shape({ of: name(), x: finite().min(0).max(1).required(), y: finite().min(0).max(1).required() })),
    }),
  ),
  goals: list(
    shape({
      id: name(),
      name: name(),
      when: guard,
      guard,
      swap: maybe(shape({ id: name(), title: name(), part: str(), converts: str(), note: str(), minutes })),
    }),
  ).min(1),
})

/**
 * Reads a machine file: JSON, then its format, then its shape, then how it hangs together.
 * Unknown fields are kept as they are. A higher major version is refused.
 * @returns the file; or every problem found, each with its JSON pointer
 */
export function parseMachineFile(
  text: string,
): Result<MachineFile, { readonly kind: 'machine file'; readonly problems: readonly FileProblem[] }> {
  const wrong = (problems: FileProblem[]) =>
    fail({ kind: 'machine file' as const, problems: problems.map(({ at, text: told }) => ({ at: cut(at, 300), text: cut(told, 600) })) })
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    return wrong([{ at: '', text: `This is not JSON: ${error instanceof Error ? error.message : 'unreadable'}` }])
  }
  const format = value !== null && typeof value === 'object' ? (value as { format?: unknown }).format : undefined
  const major = typeof format === 'string' ? /^nailsmith-machine\/(\d+)/.exec(format)?.[1] : undefined
  if (major === undefined) return wrong([{ at: '/format', text: `This is not a machine file: its format should be "${FORMAT}".` }])
  if (Number(major) > MAJOR)
    return wrong([
      { at: '/format', text: `This file is of format ${String(format)}, newer than this Nailsmith reads. Renew Nailsmith first.` },
    ])
  if (tooDeep(value)) return wrong([{ at: '', text: 'It is nested deeper than any machine file.' }])
  try {
    machineFileShape.validateSync(value, { abortEarly: false })
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const inner = error.inner.length > 0 ? error.inner : [error]
    return wrong(inner.slice(0, 50).map((e) => ({ at: pointer(e.path ?? ''), text: e.message.replace(e.path ?? '\0', 'this') })))
  }
  const machine = value as MachineFile
  const faults = checkIntegrity(machine, KNOWN_IDS)
  return faults.length > 0 ? wrong(faults.map((f) => ({ at: f.at, text: sentence(f) }))) : ok(machine)
}

/** `parts[2].lift.modes[0]` → `/parts/2/lift/modes/0`, as RFC 6901 writes it. */
function pointer(path: string): string {
  return path === ''
    ? ''
    : `/${path
        .replace(/\[(\d+)\]/g, '.$1')
        .replace(/["[\]]/g, '')
        .split('.')
        .filter(Boolean)
        .join('/')}`
}

function sentence(fault: FileFault): string {
  const quoted = `“${fault.value}”`
  switch (fault.kind) {
    case 'does not pass':
      return `The plug does not pass ${quoted}: ${fault.expected}.`
    case 'turns differ':
      return `Turns to ${quoted} want ${fault.expected}.`
    case 'dangling':
      return `${quoted} is named here but is not in the file${fault.expected ? ` (known: ${fault.expected})` : ''}.`
    case 'duplicate id':
      return `The id ${quoted} must be ${fault.expected}.`
    case 'bad id':
      return `The id ${quoted} should be ${fault.expected}.`
    case 'too few':
      return `${quoted} wants ${fault.expected}.`
    case 'not freed':
      return `Nothing frees ${quoted}: it wants ${fault.expected}.`
    case 'never true':
      return `${quoted} wants ${fault.expected ?? 'at least one choice'}.`
    case 'unknown check':
      return `No check is called ${quoted}${fault.expected ? `; “${fault.expected}” is` : ''}.`
    case 'unknown caution':
      return `No caution is called ${quoted}${fault.expected ? `; “${fault.expected}” is` : ''}.`
    case 'bad text':
      return 'This text holds a character that cannot be kept: half of a pair, or a NUL.'
    case 'too long':
      return `A screw of ${fault.value} mm is too long here: ${fault.expected}.`
    case 'does not fit':
      return `${fault.value} mm does not fit: ${fault.expected}.`
    case 'no full nut':
      return `${fault.value} mm leaves no full nut: it wants ${fault.expected}.`
    case 'no thread':
      return `${quoted} is no thread: it wants ${fault.expected}.`
    case 'no bearing':
      return `${quoted} is no bearing that is made. Nearest: ${fault.expected}.`
    case 'bad not':
      return `“not” may hold ${fault.expected}, not ${quoted}.`
  }
}
