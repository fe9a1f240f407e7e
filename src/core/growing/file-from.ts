import { answersIn, kindOf } from '../diagnosis'
import { chargeOf, type JobState, type Off, offName, offRule, type OffSort, upWaits } from '../job'
import {
  type Connection,
  type Consumable,
  type Doing,
  type DriveUnit,
  type Fact,
  type FilePhoto,
  type FileStep,
  type Goal,
  type Guard,
  type Joint,
  type MachineFile,
  type Minutes,
  type Mode,
  type Part,
  type Pose,
  type PoseMove,
  STANDS,
  type StandId,
  type Tool,
} from '../machine'
import type { Doubt, Grown } from './doubts'
import type { Says } from './says'
import { slugs } from './slugs'

const KIND: Readonly<Record<Exclude<OffSort, 'plug' | 'part'>, readonly [Joint['kind'], Joint['release']]>> = {
  screw: ['screws', 'undo'],
  nut: ['nut', 'undo'],
  washer: ['washers', 'pull'],
  ring: ['ring', 'pull'],
  clip: ['clip', 'pull'],
  tie: ['tie', 'cut'],
  tape: ['tape', 'peel'],
}

/** Volts of a lithium cell when it is full: a charger's label says how many there are (usual, estimated). */
const FULL_CELL = 4.2
const NOMINAL_CELL = 3.6

/** Likely minutes of a step where its entries do not tell, and what they may tell at the most. */
const GUESS = 1
const LONGEST = 15

/** One thing that came off, and what it is in the file. */
interface Item {
  readonly off: Off
  readonly id: string
  /** What holds once it is off. */
  readonly facts: readonly Fact[]
}

/**
 * The machine file that a job grew: what came off, in an order that a plan may change, with what had to be off before it as the job
 * worked it out. It says what it does not know (`x-grown`). Its id and the titles are `says`'; it is read and planned like any other.
 * @param id of the file; letters, digits, dots and dashes
 * @param revision of the file
 */
export function fileFrom(
  state: JobState,
  { id, revision, says }: { readonly id: string; readonly revision: string; readonly says: Says },
): MachineFile {
  const slug = slugs(['frame', 'inside', 'motor', 'pack'])
  const items = state.offs.map((off): Item => {
    const own = slug(off.text?.split(', ')[0] ?? offRule(off.sort).one, off.sort)
    const { is } = offRule(off.sort)
    const ids = is === 'parts' && off.count > 1 ? Array.from({ length: off.count }, (_, i) => slug(`${own}-${i + 1}`, off.sort)) : [own]
    return { off, id: ids[0]!, facts: ids.map((of): Fact => ({ fact: is === 'joined' ? 'unplugged' : 'off', of })) }
  })
  const waits = upWaits(state)
  const doubts: Doubt[] = []
  const needs = (j: number): Guard | undefined => {
    const before = items.flatMap((item, i) => (waits[i]!.includes(j) ? item.facts : []))
    return before.length === 0 ? undefined : before.length === 1 ? before[0]! : { all: before }
  }
  const poses = posesOf(state, says)
  const tools: Tool[] = []
  const consumables: Consumable[] = []
  const parts: Part[] = [
    { id: 'frame', name: says.frame },
    { id: 'inside', name: says.inside },
  ]
  const joints: Joint[] = []
  const connections: Connection[] = []
  const steps: FileStep[] = []
  const loadPath: { part: string; joints: string[]; support: string }[] = []
  const minutes = minutesOf(state)
  items.forEach((item, j) => {
    const { off } = item
    const time = minutes.get(off.step)
    if (time === undefined) doubts.push({ of: item.id, is: 'minutes' })
    const mode: Mode = {
      poses: [off.pose || 'on-its-wheels'],
      tool: off.tool === undefined ? null : toolOf(tools, off.tool, slug),
      people: 1,
      minutes: time ?? { low: 0.5, likely: GUESS, high: 3 },
    }
    const down: Doing = { title: says.down(off), modes: [mode] }
    const access = needs(j)
    const { is } = offRule(off.sort)
    if (is === 'joined') {
      connections.push({
        id: item.id,
        name: offName(off),
        family: offName(off),
        releaseHow: says.release,
        pins: [],
        mates: ['frame', 'inside'],
        ...(access ? { access } : {}),
        down,
        up: { title: says.up(off), modes: [mode] },
      })
      return
    }
    if (is === 'parts') {
      for (const [n, fact] of item.facts.entries())
        parts.push({
          id: fact.of,
          name: off.count === 1 ? offName(off) : `${off.text ?? offRule(off.sort).one} ${n + 1}`,
          ...(access ? { access } : {}),
          lift: off.count === 1 ? down : { ...down, title: `${down.title} ${n + 1}` },
          back: { title: off.count === 1 ? says.up(off) : `${says.up(off)} ${n + 1}`, modes: [mode] },
        })
      return
    }
    const held = items.flatMap((other, i) =>
      i > j && offRule(other.off.sort).is === 'parts' && waits[j]!.includes(i) ? [other.facts[0]!.of] : [],
    )[0]
    if (held === undefined) doubts.push({ of: item.id, is: 'holds' })
    const joint = jointOf(item, off, { down, mode, held: held ?? 'inside', says, access })
    if (off.sort === 'screw' || off.sort === 'nut') {
      if (off.tool === undefined) doubts.push({ of: item.id, is: 'tool' })
      if (off.thread === undefined) doubts.push({ of: item.id, is: 'thread' })
      if (joint.critical) doubts.push({ of: item.id, is: 'torque' })
    }
    if (offRule(off.sort).renewed) {
      const consumable = slug(`new ${off.text ?? offRule(off.sort).one}`, off.sort)
      consumables.push({ id: consumable, name: off.text ?? offRule(off.sort).one })
      joints.push({ ...joint, consumable, keep: 'bin' })
    } else joints.push(joint)
    if (off.hangs === 'propped' && held !== undefined) {
      const support = slug(`prop ${held}`, 'part')
      const name = offName(items.find((i) => i.facts[0]!.of === held)!.off)
      steps.push({
        id: support,
        kind: 'support',
        limb: 'down',
        gives: [{ fact: 'supported', of: held }],
        down: { title: says.prop(name), modes: [{ ...mode, tool: null }] },
      })
      loadPath.push({ part: held, joints: [joint.id], support })
    }
  })
  const drive = driveOf(state, items, parts, says)
  if (!drive) doubts.push({ of: 'motor', is: 'no drive' })
  const pack = packOf(state, items, parts, says)
  if (!pack) doubts.push({ of: 'pack', is: 'no pack' })
  const grown: Grown = { jobs: [state.jobId], doubts }
  return {
    format: 'nailsmith-machine/1',
    id,
    revision,
    name: state.machine.name,
    class: state.machine.class ?? 'scooter',
    variants: [],
    drives: drive ? [drive] : [],
    ...(pack ? { pack } : {}),
    energy: [],
    sealed: [],
    parts,
    joints,
    connections,
    cables: [],
    holes: [],
    steps,
    order: [],
    loadPath,
    poses: poses.poses,
    poseMoves: poses.moves,
    stacks: [],
    tools,
    consumables,
    goals: goalsOf(state, items, slug, says),
    ...photosOfFile(state, items),
    'x-grown': grown,
  }
}

function jointOf(
  item: Item,
  off: Off,
  {
    down,
    mode,
    held,
    says,
    access,
  }: { readonly down: Doing; readonly mode: Mode; readonly held: string; readonly says: Says; readonly access: Guard | undefined },
): Joint {
  const [kind, release] = KIND[off.sort as keyof typeof KIND]
  const rule = offRule(off.sort)
  const critical = criticalOf(off)
  return {
    id: item.id,
    name: offName(off),
    kind,
    holds: [held, 'frame'],
    members: Array.from({ length: off.count }, (_, i) => ({
      id: `${item.id}.${i + 1}`,
      place: off.count === 1 ? 'the one' : `${i + 1} of ${off.count}`,
    })),
    label: off.text?.split(', ')[0] ?? rule.one,
    ...(off.thread === undefined ? {} : { thread: off.thread }),
    role: off.of === 'cover' ? 'cover' : 'working',
    ...(critical ? { critical } : {}),
    keep: off.keep ?? 'cell',
    release,
    ...(access ? { access } : {}),
    down,
    up: { title: says.up(off), modes: [mode], ...(rule.passes && off.count > 1 ? { passes: rule.passes } : {}) },
  }
}

const CRITICAL_OF = { 'motor axle': 'axle', 'wheel axle': 'axle', steering: 'steering', brake: 'brake', pack: 'pack terminal' } as const
const criticalOf = ({ of }: Off): Joint['critical'] =>
  of !== undefined && of in CRITICAL_OF ? CRITICAL_OF[of as keyof typeof CRITICAL_OF] : undefined

function toolOf(tools: Tool[], name: string, slug: (text: string, sort: string) => string): string {
  const known = tools.find((t) => t.name === name)
  if (known) return known.id
  const id = slug(`tool ${name}`, 'tool')
  tools.push({ id, name, short: name, kind: 'key' })
  return id
}

/** The job's own goal first, then each part that came off by itself; a new part goes in where one did. */
function goalsOf(state: JobState, items: readonly Item[], slug: (text: string, sort: string) => string, says: Says): Goal[] {
  const facts = items.flatMap((i) => i.facts)
  const swapOf = (part: string, name: string) => [
    { id: slug(`swap ${part}`, 'swap'), title: says.swap(name), part, minutes: { low: 5, likely: 10, high: 30 } },
  ]
  const fresh = items.flatMap(({ off, facts: own }) =>
    own.some((f, n) => state.parts[`${off.step}:p${n + 1}`]?.replaced && f) ? [{ off, own }] : [],
  )
  const whole: Goal = {
    id: slug('this job', 'goal'),
    name: state.job || says.whole,
    guard: facts.length === 1 ? facts[0]! : { all: facts },
    ...(fresh.length > 0 ? { swap: fresh.flatMap(({ off, own }) => swapOf(own[0]!.of, offName(off))) } : {}),
  }
  const each = items.flatMap(({ off, facts: own }): Goal[] =>
    offRule(off.sort).is === 'parts' && own.length === 1
      ? [{ id: slug(`${own[0]!.of} out`, 'goal'), name: says.out(offName(off)), guard: own[0]!, swap: swapOf(own[0]!.of, offName(off)) }]
      : [],
  )
  return [whole, ...each]
}

/** The poses that the job had it in, and every turn between two of them. */
function posesOf(state: JobState, says: Says): { readonly poses: Pose[]; readonly moves: PoseMove[] } {
  const ids = [...new Set<string>(['on-its-wheels', ...state.offs.map((o) => o.pose || 'on-its-wheels')])]
  const known = (pose: string): pose is StandId => Object.hasOwn(STANDS, pose)
  const poses = ids.map((id): Pose => ({ id, name: says.pose(id), rotation: known(id) ? STANDS[id] : [0, 0, 0] }))
  const moves = ids.flatMap((from) =>
    ids.flatMap((to): PoseMove[] =>
      from === to ? [] : [{ from, to, title: says.turn(to), people: 1, minutes: { low: 0.5, likely: 1, high: 3 } }],
    ),
  )
  return { poses, moves }
}

/** How long each took, by when it was logged; not where two were logged at once, or after a break. */
function minutesOf({ offs }: JobState): ReadonlyMap<string, Minutes> {
  const byTime = [...offs].sort((a, b) => a.seq - b.seq)
  return new Map(
    byTime.flatMap((off, i): [string, Minutes][] => {
      const before = byTime[i - 1]
      const likely = before ? (off.at - before.at) / 60_000 : NaN
      if (!(likely >= 0.1 && likely <= LONGEST)) return []
      const round = (x: number): number => Math.round(x * 4) / 4
      return [[off.step, { low: round(likely * 0.6), likely: Math.max(0.25, round(likely)), high: Math.max(0.5, round(likely * 2)) }]]
    }),
  )
}

function driveOf(state: JobState, items: readonly Item[], parts: Part[], says: Says): DriveUnit | null {
  const kind = kindOf(answersIn(state.variants))
  if (kind === null) return null
  const motor = items.find(({ off }) => off.sort === 'part' && /\bmotor\b/i.test(off.text ?? ''))
  if (!motor) parts.push({ id: 'motor', name: says.motor })
  return { id: 'drive', name: says.drive, kind, part: motor?.id ?? 'motor', carriedBy: 'frame' }
}

function packOf(state: JobState, items: readonly Item[], parts: Part[], says: Says): MachineFile['pack'] | null {
  const plug = items.find(({ off }) => off.sort === 'plug' && /\b(?:pack|battery)\b/i.test(off.text ?? ''))
  const { volts } = chargeOf(state)
  if (!plug || volts === null) return null
  const own = items.find(({ off }) => off.sort === 'part' && /\b(?:pack|battery)\b/i.test(off.text ?? ''))
  if (!own) parts.push({ id: 'pack', name: says.pack })
  const cells = Math.round(volts / FULL_CELL)
  return {
    part: own?.id ?? 'pack',
    plug: plug.id,
    chemistry: 'Li-ion',
    cells,
    nominal: { value: Math.round(cells * NOMINAL_CELL * 10) / 10, unit: 'V', source: 'estimated' },
  }
}

/** The job's photos that show where something was, with pins on what is in the file. */
function photosOfFile(state: JobState, items: readonly Item[]): { readonly photos?: readonly FilePhoto[] } {
  const idOf = new Map(items.map((i) => [i.off.step, i.id]))
  const photos = state.photos.flatMap((p): FilePhoto[] => {
    const pins = [
      ...items.flatMap(({ off, id }) => (off.pin?.photo === p.photo ? [{ of: id, x: off.pin.x, y: off.pin.y }] : [])),
      ...state.pins.flatMap((pin) => {
        const of = pin.photo === p.photo && pin.of?.is === 'step' ? idOf.get(pin.of.id) : undefined
        return of === undefined ? [] : [{ of, x: pin.x, y: pin.y }]
      }),
    ]
    return pins.length === 0 ? [] : [{ id: p.photo, ...(p.side ? { side: p.side } : {}), pose: p.pose || 'on-its-wheels', pins }]
  })
  return photos.length > 0 ? { photos } : {}
}
