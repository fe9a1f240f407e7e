import { type ConnectorRole, type DriveUnit, type Guard, type MachineFile, rolesOf } from '../machine'
import type { TestCost } from './next-test'
import type { Action, Reach, Test } from './types'

/** The connections of a drive: those at the end of its lead, told apart by their roles. */
export function driveConnections(file: MachineFile, drive: DriveUnit): { readonly hall: string | null; readonly phases: string | null } {
  const leads = new Set(file.cables.filter((c) => c.of === drive.part).map((c) => c.id))
  const mine = file.connections.filter((c) => c.mates.some((m) => leads.has(m)))
  const of = (role: ConnectorRole): string | null => mine.find((c) => rolesOf(c).includes(role))?.id ?? null
  return { hall: of('hall'), phases: of('phases') }
}

/** What has to hold before a test can be taken at its place; null when nothing has to be opened, or the file does not know the place. */
export function accessOf(file: MachineFile, drive: DriveUnit, reach: Reach): Guard | null {
  const { hall, phases } = driveConnections(file, drive)
  const of = reach === 'outside' ? null : reach === 'phases' ? phases : hall
  return of === null ? null : { fact: 'exposed', of }
}

/** The job to do in a machine file that an action means for this drive; null where the file has none. */
export function goalOf(file: MachineFile, drive: DriveUnit, goal: Action['goal']): string | null {
  if (goal === undefined) return null
  if (goal === 'motor') return file.goals.find((g) => g.swap?.some((s) => s.part === drive.part))?.id ?? null
  if (goal === 'gears') {
    const gears = new Set(file.parts.filter((p) => p.role === 'gearbox').map((p) => p.id))
    return file.goals.find((g) => g.swap?.some((s) => s.part !== undefined && gears.has(s.part)))?.id ?? null
  }
  if (goal === 'inspect') return file.goals.find((g) => (g.swap ?? []).length === 0)?.id ?? null
  const { hall } = driveConnections(file, drive)
  const mates: readonly string[] = file.connections.find((c) => c.id === hall)?.mates ?? []
  return file.goals.find((g) => g.swap?.some((s) => s.part !== undefined && mates.includes(s.part)))?.id ?? null
}

/** A way down: its minutes, and the steps of it, each with its own. */
export interface Way {
  readonly minutes: number
  readonly steps: Readonly<Record<string, number>>
}

/** Minutes of getting at a place that a whole job takes anyway: those of the steps that both have, at most the way itself. */
export function sharedMinutes(reach: Way, job: Way): number {
  const both = Object.entries(reach.steps).reduce((sum, [step, minutes]) => (step in job.steps ? sum + minutes : sum), 0)
  return Math.min(reach.minutes, both)
}

/** Minutes that a change of power takes where no plan says: isolating and proving dead; plugging back. Estimated. */
const TO_DEAD = 5
const TO_LIVE = 4

/** How the machine stands, and the planner’s ways from there. */
export interface Standing {
  readonly reach: { readonly [R in Reach]?: Way }
  /** To a proof of dead; absent where nobody planned it. */
  readonly dead?: Way
  /** Whole jobs, by action. */
  readonly jobs: Readonly<Record<string, Way>>
  readonly isDead: boolean
  readonly isLive: boolean
}

/**
 * What a test costs beside its own minutes where the machine stands: the way in, the change of power less what the way in takes of it
 * anyway, and of both what each job to come needs too. A way in that has to be made dead first is made live again for a live test.
 * @param unplanned minutes to a place that no plan knows the way to
 */
export function costOf({ reach, power }: Pick<Test, 'reach' | 'power'>, at: Standing, unplanned: (reach: Reach) => number): TestCost {
  const way = reach === 'outside' ? undefined : at.reach[reach]
  const dead = at.dead ?? { minutes: TO_DEAD, steps: {} }
  const onTheWay = way ? sharedMinutes(dead, way) : 0
  const toDead = power === 'dead' && !at.isDead ? Math.max(0, dead.minutes - onTheWay) : 0
  const toLive = power === 'live' && (!at.isLive || onTheWay > 0) ? TO_LIVE : 0
  return {
    access: reach === 'outside' ? 0 : (way?.minutes ?? unplanned(reach)),
    power: toDead + toLive,
    // Every job begins dead, so what a test makes dead is no loss.
    shared: Object.fromEntries(Object.entries(at.jobs).map(([action, job]) => [action, (way ? sharedMinutes(way, job) : 0) + toDead])),
  }
}
