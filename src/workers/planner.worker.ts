import { expose } from 'comlink'
import type { Way } from '../core/diagnosis'
import { KNOWN_IDS } from '../core/job'
import { checkIntegrity, type FileFault, type Guard, type MachineFile, type Variants } from '../core/machine'
import {
  type Differences,
  differences,
  layersOf,
  type LimbPlan,
  type JobReport,
  plan,
  type PlanOptions,
  type PlanResult,
  type PlanStart,
  reportJobs,
  smallestKit,
  toolWorths,
  widthWay,
} from '../core/planning'

export interface FileInspection {
  readonly problems: readonly { readonly at: string; readonly text: string }[]
  readonly file?: MachineFile
  readonly jobs?: readonly JobReport[]
}

export type MachineLook = ReturnType<typeof layersOf> & { readonly faults: readonly FileFault[] }

const stepsOf = (down: LimbPlan): Record<string, number> => Object.fromEntries(down.steps.map((s) => [s.id, s.minutes.likely]))

/** The way to where each guard holds, from where the machine stands; null where it cannot be reached. */
function reach(file: MachineFile, from: PlanStart | 'untouched', guards: readonly Guard[], options: PlanOptions): (Way | null)[] {
  return guards.map((guard, i) => {
    const id = `reach-${i}`
    const result = plan({ ...file, goals: [...file.goals, { id, name: id, guard }] }, from, [id], options)
    return result.ok ? { minutes: result.value.down.minutes.elapsed, steps: stepsOf(result.value.down) } : null
  })
}

/** Whole jobs: hands-on minutes down, swap and up, and the steps down; null where there is no plan. */
function jobs(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions): (Way | null)[] {
  return goals.map((goal) => {
    const result = plan(file, from, [goal], options)
    if (!result.ok) return null
    const { down, swap, up } = result.value
    return {
      minutes: Math.round(down.minutes.handsOn + swap.reduce((n, s) => n + s.minutes.likely, 0) + up.minutes.handsOn),
      steps: stepsOf(down),
    }
  })
}

/** The ways to places, to a proof of dead, and of whole jobs: one question. */
function distances(
  file: MachineFile,
  from: PlanStart | 'untouched',
  guards: readonly Guard[],
  goals: readonly string[],
  options: PlanOptions,
): { readonly reach: (Way | null)[]; readonly dead: Way | null; readonly jobs: (Way | null)[] } {
  const proves = file.steps.some((s) => s.gives?.some((g) => g.fact === 'proved' && g.of === 'dead'))
  const [dead = null] = proves ? reach(file, from, [{ fact: 'proved', of: 'dead' }], options) : []
  return { reach: reach(file, from, guards, options), dead, jobs: jobs(file, from, goals, options) }
}

/** A machine from the outside in, and what is wrong inside its file. */
function look(file: MachineFile, variants: Variants): MachineLook {
  return { ...layersOf(file, variants), faults: checkIntegrity(file, KNOWN_IDS) }
}

/** A file read, looked through and every job of it planned; `onJob` is told as each is begun. */
async function inspect(text: string, onJob: (done: number, of: number) => void): Promise<FileInspection> {
  // A worker that is asked for nothing else need not carry the reader of files.
  const { parseMachineFile } = await import('../formats/machine-file')
  const parsed = parseMachineFile(text)
  if (!parsed.ok) return { problems: parsed.error.problems }
  return { problems: [], file: parsed.value, jobs: reportJobs(parsed.value, onJob) }
}

/** How the second job's run differs from the first's; null where either has none. */
function alike(file: MachineFile, first: string, second: string, options: PlanOptions): Differences | null {
  const [a, b] = [plan(file, 'untouched', [first], options), plan(file, 'untouched', [second], options)]
  return a.ok && b.ok ? differences(a.value, b.value) : null
}

/** A plan; `onProgress` is told how far along it is. */
function planned(
  file: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  onProgress: (share: number) => void,
): PlanResult {
  return plan(file, from, goals, options, { onProgress })
}

/** The planner, off the main thread. */
const api = { plan: planned, distances, look, inspect, alike, kit: smallestKit, worths: toolWorths, convert: widthWay }
export type PlannerApi = typeof api

expose(api)
