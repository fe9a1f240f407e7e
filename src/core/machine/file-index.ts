import { holds, type Variants } from './guards'
import type { Connection, Joint } from './joint'
import type { Cable, Consumable, FileStep, Goal, MachineFile, Part, Pose, Tool } from './types'

function gathered<T>(pairs: readonly (readonly [string, T])[]): ReadonlyMap<string, readonly T[]> {
  const lists = new Map<string, T[]>()
  for (const [key, value] of pairs) {
    const list = lists.get(key)
    if (list) list.push(value)
    else lists.set(key, [value])
  }
  return lists
}

/** Look-ups over a machine file, made once. */
export interface FileIndex {
  readonly file: MachineFile
  readonly parts: ReadonlyMap<string, Part>
  readonly joints: ReadonlyMap<string, Joint>
  readonly connections: ReadonlyMap<string, Connection>
  readonly cables: ReadonlyMap<string, Cable>
  readonly steps: ReadonlyMap<string, FileStep>
  readonly goals: ReadonlyMap<string, Goal>
  readonly tools: ReadonlyMap<string, Tool>
  readonly poses: ReadonlyMap<string, Pose>
  readonly consumables: ReadonlyMap<string, Consumable>
  /** Fixings by each part that they hold. */
  readonly jointsOf: ReadonlyMap<string, readonly Joint[]>
  /** Things that some step makes to be seen and reached, whatever else is in the way of them. */
  readonly exposedBySteps: ReadonlySet<string>
  /** Fixings that come away with an action, by its id. */
  readonly along: ReadonlyMap<string, readonly Joint[]>
  /** Parts that come off together with a part. */
  readonly ridersOf: ReadonlyMap<string, readonly string[]>
}

const byId = <T extends { readonly id: string }>(list: readonly T[]): ReadonlyMap<string, T> => new Map(list.map((item) => [item.id, item]))

export function indexFile(file: MachineFile): FileIndex {
  return {
    file,
    parts: byId(file.parts),
    joints: byId(file.joints),
    connections: byId(file.connections),
    cables: byId(file.cables),
    steps: byId(file.steps),
    goals: byId(file.goals),
    tools: byId(file.tools),
    poses: byId(file.poses),
    consumables: byId(file.consumables),
    exposedBySteps: new Set(file.steps.flatMap((s) => (s.gives ?? []).flatMap((g) => (g.fact === 'exposed' ? [g.of] : [])))),
    jointsOf: gathered(file.joints.flatMap((joint) => joint.holds.map((part) => [part, joint] as const))),
    along: gathered(file.joints.flatMap((joint) => (joint.along ?? []).map((action) => [action, joint] as const))),
    ridersOf: gathered(file.parts.flatMap((part) => (part.with === undefined ? [] : [[part.with, part.id] as const]))),
  }
}

/** The part and, if it is an assembly, all that it is made of. */
export function closureOf(index: FileIndex, partId: string): Set<string> {
  const seen = new Set<string>()
  const visit = (id: string): void => {
    if (seen.has(id)) return
    seen.add(id)
    for (const inner of index.parts.get(id)?.of ?? []) visit(inner)
  }
  visit(partId)
  return seen
}

/** Fixings between a part (with all it is made of) and the rest of the machine, of those that this variant has. */
export function jointsToRest(index: FileIndex, partId: string, variants: Variants): Joint[] {
  const inside = closureOf(index, partId)
  const near = new Set([...inside].flatMap((id) => index.jointsOf.get(id) ?? []))
  return [...near].filter(
    (joint) => joint.along === undefined && holds(joint.when, () => false, variants) && joint.holds.some((id) => !inside.has(id)),
  )
}

/** Answers with the worst case put in for every question nobody has answered. */
export function withWorstCase(file: MachineFile, answered: Variants): Variants {
  return Object.fromEntries(file.variants.map((v) => [v.id, answered[v.id] ?? v.worst]))
}

/**
 * What a machine is fed with at full charge by its file, V: its pack, else the supply between it and the mains; null where the file
 * names neither.
 */
export function fileVolts(file: {
  readonly pack?: Parameters<typeof fullChargeVolts>[0]
  readonly energy?: readonly { readonly kind: string; readonly size?: { readonly value: number; readonly unit: string } }[]
}): number | null {
  if (file.pack) return fullChargeVolts(file.pack)
  const fed = (file.energy ?? []).flatMap((e) => (e.kind === 'mains' && e.size?.unit === 'V' ? [e.size.value] : []))
  return fed.length > 0 ? Math.max(...fed) : null
}

const FULL_CHARGE_VOLTS = { 'Li-ion': 4.2, LFP: 3.65, lead: 2.45 } as const

/**
 * Pack voltage at full charge in V: cells in series × the chemistry's end-of-charge voltage (Li-ion 4.20, LFP 3.65, lead 2.45 V). This,
 * not the nominal, decides the voltage class (ISO 6469-3: class B above 60 V DC).
 * @example fullChargeVolts({ chemistry: 'Li-ion', cells: 16 }) // 67.2
 */
export function fullChargeVolts(pack: { readonly chemistry: keyof typeof FULL_CHARGE_VOLTS; readonly cells: number }): number {
  if (!Number.isInteger(pack.cells) || pack.cells < 1) throw new RangeError(`cells must be a whole number from 1, got ${pack.cells}`)
  return Math.round(pack.cells * FULL_CHARGE_VOLTS[pack.chemistry] * 100) / 100
}
