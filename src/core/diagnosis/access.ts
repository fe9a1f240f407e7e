import { type ConnectorRole, type DriveUnit, type Guard, type MachineFile, rolesOf } from '../machine'
import type { Action, Reach } from './types'

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
