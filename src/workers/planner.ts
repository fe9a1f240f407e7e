import { proxy, type Remote, wrap } from 'comlink'
import type { Way } from '../core/diagnosis'
import type { Guard, MachineFile, Variants } from '../core/machine'
import type { Converting, Differences, Plan, PlanOptions, PlanResult, PlanStart, ToolWorth, widthWay } from '../core/planning'
import { OneAsking } from './one-asking'
import { untilAnswered } from './until-answered'
import type { FileInspection, MachineLook, PlannerApi } from './planner.worker'

export type { FileInspection, MachineLook } from './planner.worker'

/** Plans in a worker of its own, ended when it has answered; so leaving the page or asking anew cancels. */
export function planAside(
  file: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  onProgress: (share: number) => void,
  signal?: AbortSignal,
): Promise<PlanResult> {
  return untilAnswered(onProgress, (told) =>
    ask((planner) => planner.plan(file, from, goals, options, proxy(told)) as Promise<PlanResult>, signal),
  )
}

/** The way up once the machine is in another width. Leaving cancels. */
export function convertAside(converting: Converting, options: PlanOptions, signal?: AbortSignal): Promise<ReturnType<typeof widthWay>> {
  return ask((planner) => planner.convert(converting, options) as Promise<ReturnType<typeof widthWay>>, signal)
}

/** What it takes to get at places, to prove it dead, and to do whole jobs; null where there is no way. */
export interface Distances {
  readonly reach: readonly (Way | null)[]
  readonly dead: Way | null
  readonly jobs: readonly (Way | null)[]
}

/** Panel, card and sheet of a job ask the same at the same moment. */
const distances = new OneAsking<Distances>()

export function distancesAside(
  file: MachineFile,
  from: PlanStart | 'untouched',
  guards: readonly Guard[],
  goals: readonly string[],
  options: PlanOptions,
  signal?: AbortSignal,
): Promise<Distances> {
  const key = JSON.stringify([file.id, file.revision, from, guards, goals, options])
  return distances.ask(
    key,
    (stop) => ask((planner) => planner.distances(file, from, guards, goals, options) as Promise<Distances>, stop),
    signal,
  )
}

export function lookAside(file: MachineFile, variants: Variants, signal?: AbortSignal): Promise<MachineLook> {
  return ask((planner) => planner.look(file, variants) as Promise<MachineLook>, signal)
}

/** A file to be put in: read and every job planned. Leaving cancels. */
export function inspectAside(text: string, onJob: (done: number, of: number) => void, signal?: AbortSignal): Promise<FileInspection> {
  return untilAnswered(onJob, (told) => ask((planner) => planner.inspect(text, proxy(told)) as Promise<FileInspection>, signal))
}

export function alikeAside(
  file: MachineFile,
  first: string,
  second: string,
  options: PlanOptions,
  signal?: AbortSignal,
): Promise<Differences | null> {
  return ask((planner) => planner.alike(file, first, second, options) as Promise<Differences | null>, signal)
}

/** What each tool of a plan is worth to it. Leaving cancels. */
export function worthsAside(
  file: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  found: Plan,
  signal?: AbortSignal,
): Promise<ToolWorth[]> {
  return ask((planner) => planner.worths(file, from, goals, options, found) as Promise<ToolWorth[]>, signal)
}

/** The way with the smallest kit. Leaving cancels. */
export function kitAside(
  file: MachineFile,
  goal: string,
  options: PlanOptions,
  onTool: (done: number, of: number) => void,
  signal?: AbortSignal,
): Promise<PlanResult> {
  return untilAnswered(onTool, (told) => ask((planner) => planner.kit(file, goal, options, proxy(told)) as Promise<PlanResult>, signal))
}

async function ask<T>(work: (planner: Remote<PlannerApi>) => Promise<T>, signal?: AbortSignal): Promise<T> {
  signal?.throwIfAborted()
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' })
  try {
    return await new Promise<T>((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('Planning was cancelled', 'AbortError')))
      worker.onerror = () => reject(new Error('The planner stopped'))
      work(wrap<PlannerApi>(worker)).then(resolve, reject)
    })
  } finally {
    worker.terminate()
  }
}
