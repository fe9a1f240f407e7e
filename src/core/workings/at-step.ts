import { readBearing, SHAFTS } from '../bearings'
import { inside, type TypedPiece, typedText, type Toward, widthOf } from '../axle'
import { type HeadKind, readHead, readScale, readThread, standardHead } from '../fasteners'
import type { CheckId } from '../job'
import { type AxleFit, type MachineFile, subjectOf, type Stack, type StackItem, type Vec3 } from '../machine'
import type { PlannedStep } from '../planning'
import type { WorkingId } from './index'
import type { Keyed } from './work-out'

/** A sum that decides something at a step: what of, and what its file knows for it. */
export interface SumAt {
  readonly working: WorkingId
  /** Ids that it is of: fixings, a part, an axle. */
  readonly of: readonly string[]
  /** What the file gives, as it would be keyed in. */
  readonly from: Keyed
}

const REACTION: CheckId = 'reaction path'
const CLEARANCE: CheckId = 'running clearance'
const DEAD: CheckId = 'dead'

const text = (x: number | undefined): string => (x === undefined ? '' : String(Number(x.toFixed(3))))
const sure = (items: readonly StackItem[]) =>
  items.map(({ width, clamped, turns, purpose }) => ({ width: { value: width, u: 0 }, clamped, turns, ...(purpose ? { purpose } : {}) }))
const sumOf = (items: readonly StackItem[]): number => widthOf(sure(items)).value

/** Every sum that a step gives rise to, the one that can do most harm first. */
export function sumsAt(file: MachineFile, step: PlannedStep): readonly SumAt[] {
  const joints = new Set([...step.fixings.map((f) => f.joint), subjectOf(step.action)])
  const up = step.limb === 'up'
  const axles = (file.axles ?? []).filter((a) =>
    a.stacks.some((id) => file.stacks.find((s) => s.id === id)?.items.some((i) => i.joint !== undefined && joints.has(i.joint))),
  )
  const of = (step.check === REACTION ? axlesBefore(file, step) : []) as readonly AxleFit[]
  return [
    ...(up ? (step.lengths ?? []).map((l): SumAt => ({ working: 'length-in-hole', of: l.of, from: holeFrom(l) })) : []),
    ...of.map((a): SumAt => ({ working: 'reaction', of: [a.part], from: reactionFrom(file, a) })),
    ...(up ? axles.flatMap((a) => axleSums(file, a, joints)) : []),
    ...bearingSums(file, step),
    ...(step.check === DEAD ? bleedSums(file, step) : []),
    ...(up || of.length > 0 ? stackSums(file, joints, new Set(of.map((a) => a.part))) : []),
    ...(step.check === CLEARANCE ? clearanceSums(step) : []),
    ...(up && step.torque && step.joint?.critical ? [numberSum(step)] : []),
    ...(step.torque && step.tool?.adapter ? [adapterSum(step)] : []),
    ...(up && step.torque && countOf(step) >= LEAST_IN_TURN ? [patternSum(step)] : []),
    ...(up ? softSums(step) : []),
    ...(up && hasHead(step) && step.joint?.critical === undefined ? [tightSum(step)] : []),
    ...(up && step.lock
      ? [{ working: 'cure', of: [], from: { handling: text(step.lock.handlingMinutes), full: text(step.lock.cureHours) } } as const]
      : []),
  ]
}

/** Axles whose nuts a look at the reaction path comes after. */
function axlesBefore(file: MachineFile, step: PlannedStep): readonly AxleFit[] {
  const after = new Set((step.after ?? []).map((id) => id.slice(id.lastIndexOf(':') + 1)))
  return (file.axles ?? []).filter((a) =>
    a.stacks.some((id) => file.stacks.find((s) => s.id === id)?.items.some((i) => i.joint !== undefined && after.has(i.joint))),
  )
}

/** The length itself is measured: it is what the sum is made for. */
const holeFrom = ({ d, washers, stack, depth, behind, into }: NonNullable<PlannedStep['lengths']>[number]): Keyed => ({
  thread: `M${d}`,
  length: '',
  washers: text(washers ?? 0),
  stack: text(stack),
  depth: text(depth),
  behind,
  into,
})

function reactionFrom(file: MachineFile, axle: AxleFit): Keyed {
  const drive = file.drives.find((d) => d.part === axle.part)
  const nut = file.joints.find((j) => j.critical === 'axle' && j.holds.includes(axle.part) && j.torque)
  // Of the wheel it is the speed constant behind the gears already.
  const geared = drive?.kvOf !== 'wheel'
  return {
    kv: text(drive?.kv?.value),
    ratio: text(geared ? (drive?.ratio ?? 1) : 1),
    amps: text(axle.amps?.drive),
    regenAmps: text(axle.amps?.regen),
    thread: axle.thread,
    flats: text(axle.flats),
    thickness: text(axle.dropout.thickness),
    material: axle.dropout.material,
    nutTorque: text(nut?.torque?.value),
    face: text(axle.face),
    ends: axle.held ?? 'both',
    ...(axle.dropout.slot !== undefined && axle.flats !== undefined ? { play: text(axle.dropout.slot - axle.flats) } : {}),
  }
}

/** Of an axle whose pieces go on: into its frame, and thread past each nut. */
function axleSums(file: MachineFile, axle: AxleFit, joints: ReadonlySet<string>): readonly SumAt[] {
  const sides = axle.stacks.map((id) => file.stacks.find((s) => s.id === id)?.items ?? [])
  const inner = sides.map((items) => sumOf(inside(items)))
  const frame: SumAt = {
    working: 'over-opening',
    of: [axle.part],
    from: { hub: text(axle.hub), left: text(inner[0]), right: text(inner[1]), opening: text(axle.opening) },
  }
  const nuts = sides.flatMap((items, k): SumAt[] => {
    const nut = items.find((i) => i.purpose === 'nut' || i.purpose === 'cap')
    if (!nut || !nut.joint || !joints.has(nut.joint)) return []
    const under = sumOf(items.filter((i) => i !== nut))
    return [
      {
        working: 'thread-left',
        of: [nut.joint],
        from: { thread: axle.thread, standsOut: text(axle.standsOut[k]), under: text(under), nut: text(nut.width) },
      },
    ]
  })
  const rim: SumAt = { working: 'rim-shift', of: [axle.part], from: { leftPieces: text(inner[0]), rightPieces: text(inner[1]) } }
  return nuts.length > 0 ? nuts : [frame, rim]
}

/** Of a bearing that comes out, goes in, or that a shaft is pushed into: is it this one, its number, how it is pressed, what shims it. */
function bearingSums(file: MachineFile, step: PlannedStep): readonly SumAt[] {
  const id = subjectOf(step.action)
  return (file.bearings ?? []).flatMap(({ part, by, designation, fit, seat }): readonly SumAt[] => {
    if (by !== id) return []
    const of = [part ?? by]
    const read = readBearing(designation)
    if ('nearest' in read) return []
    const [bore, outside, width] = read.size
    const number: SumAt = { working: 'bearing-size', of, from: { bearing: designation } }
    const bySize: SumAt = {
      working: 'bearing-by-size',
      of,
      from: { bore: text(bore), outside: text(outside), width: text(width) },
    }
    const which: SumAt = { working: 'which-bearing', of, from: {} }
    if (step.limb === 'down') return [which, number, bySize]
    return [
      {
        working: 'bearing-fit',
        of,
        from:
          fit in SHAFTS
            ? { ring: 'inner on its shaft', size: text(bore), shaft: fit }
            : { ring: 'outer in its housing', size: text(outside), housing: fit },
      },
      ...(seat
        ? [
            {
              working: 'shim',
              of,
              from: {
                depth: text(seat.depth),
                bearing: text(width),
                collar: text(seat.collar),
                low: text(seat.low),
                high: text(seat.high),
              },
            } as const,
          ]
        : []),
      { working: 'play', of, from: {} },
      number,
      bySize,
      which,
    ]
  })
}

/** What a capacitor holds, by its energy at the most that its pack gives: how long a bleed takes. */
function bleedSums(file: MachineFile, step: PlannedStep): readonly SumAt[] {
  const volts = file.pack?.nominal.value
  const size = file.energy.find((e) => e.kind === 'capacitor' && e.size && e.releasedBy === subjectOf(step.action))?.size?.value
  if (volts === undefined || size === undefined) return []
  // E = C·V²/2, in microfarads.
  return [{ working: 'bleed', of: [], from: { farads: text((2e6 * size) / volts ** 2), from: text(volts) } }]
}

/** Every stack that pieces go on, or that is looked at, with what its file knows of its shaft; both ends where the shaft has two. */
function stackSums(file: MachineFile, joints: ReadonlySet<string>, looked: ReadonlySet<string>): readonly SumAt[] {
  const touched = file.stacks.filter((s) => looked.has(s.axle) || s.items.some((i) => i.joint !== undefined && joints.has(i.joint)))
  return [...new Set(touched.map((s) => s.axle))].map((part) => {
    const of = file.stacks.filter((s) => s.axle === part)
    const axle = file.axles?.find((a) => a.stacks.some((id) => of.some((s) => s.id === id)))
    const end = (side: Stack['side']): Stack | undefined => of.find((s) => s.side === side)
    const out = (side: Stack['side']): number | undefined => axle?.standsOut[axle.stacks.indexOf(end(side)?.id ?? '')]
    const joint = file.joints.find((j) => j.thread !== undefined && of.some((s) => s.items.some((i) => i.joint === j.id)))
    return {
      working: 'shaft-stack',
      of: [part],
      from: {
        left: typedText((end('left')?.items ?? []).map(typedItem)),
        right: typedText((end('right')?.items ?? []).map(typedItem)),
        hub: text(axle?.hub),
        opening: text(axle?.opening),
        leftOut: text(out('left')),
        rightOut: text(out('right')),
        ...(axle ? { thread: axle.thread } : joint ? { thread: joint.thread! } : {}),
      },
    }
  })
}

function typedItem({ name, purpose, width, facing, clamped, turns }: StackItem): TypedPiece {
  const to = facing && towardOf(facing)
  return {
    purpose: purpose ?? name,
    width: text(width),
    ...(to ? { to } : {}),
    ...(turns ? { turns: true } : {}),
    ...(clamped ? {} : { free: true }),
  }
}

/** The direction that most of it is along, across the shaft; nothing where it points along it. */
function towardOf([x, , z]: Vec3): Toward | undefined {
  if (x === 0 && z === 0) return undefined
  return Math.abs(z) >= Math.abs(x) ? (z > 0 ? 'up' : 'down') : x > 0 ? 'forward' : 'rearward'
}

function clearanceSums(step: PlannedStep): readonly SumAt[] {
  const tension = step.wants?.find((w) => w.quantity === 'force')
  if (tension) return [{ working: 'belt', of: [], from: { low: text(tension.low), high: text(tension.high) } }]
  const [gap] = step.wants ?? []
  return [
    { working: 'running-gap', of: [], from: { low: text(gap?.low ?? 0), high: text(gap?.high) } },
    { working: 'sheets', of: [], from: {} },
  ]
}

function adapterSum(step: PlannedStep): SumAt {
  const scale = readScale(step.tool?.size)
  return {
    working: 'adapter',
    of: [],
    from: {
      torque: text(step.torque?.value),
      reach: text(step.tool?.adapter?.reach),
      angle: text(step.tool?.adapter?.angle),
      ...(scale ? { from: text(scale.from), to: text(scale.to) } : {}),
    },
  }
}

/** From so many on they are tightened in turn. */
const LEAST_IN_TURN = 3
const countOf = (step: PlannedStep): number => step.fixings.length
const patternSum = (step: PlannedStep): SumAt => ({
  working: 'pattern',
  of: [],
  from: { count: String(countOf(step)), torque: text(step.torque?.value) },
})

/** Screws in what is softer than they are: does the thread hold as much as they do? */
function softSums(step: PlannedStep): readonly SumAt[] {
  const soft = step.lengths?.find((l) => l.into !== 'steel')
  if (!soft || !step.joint?.thread) return []
  const { thread, strength } = step.joint
  const engaged = Math.min(soft.length - (soft.washers ?? 0) - soft.stack, soft.depth ?? Infinity)
  return [
    {
      working: 'stripping',
      of: soft.of,
      from: { thread, ...(strength ? { strength } : {}), into: soft.into, engaged: text(Math.max(0, engaged)) },
    },
  ]
}

/** Of what is critical: the number of the file beside another one that somebody has. */
function numberSum(step: PlannedStep): SumAt {
  return { working: 'which-number', of: [], from: { a: text(step.torque?.value), aBy: 'in the file', b: '' } }
}

/** Is it a screw whose thread and head the tables have? */
function hasHead({ joint }: PlannedStep): boolean {
  const thread = joint?.thread === undefined ? null : readThread(joint.thread)
  return thread !== null && standardHead(thread.d, headOf(joint?.head)) !== null
}

const headOf = (head: string | undefined): HeadKind => readHead(head) ?? 'cap'

function tightSum(step: PlannedStep): SumAt {
  const { thread, strength, head } = step.joint!
  return {
    working: 'tightening',
    of: [],
    from: {
      thread: thread!,
      ...(strength ? { strength } : {}),
      head: headOf(head),
      ...(step.torque ? { torque: text(step.torque.value) } : {}),
      ...(step.lock ? { surface: 'threadlocker' } : {}),
      ...(step.lengths?.[0] ? { into: step.lengths[0].into } : {}),
    },
  }
}
