import { inWords, type JobState, readBag, reduce, stageIndex, stepOfBag, type TrayRow, trayRows } from '../core/job'
import { wordingOf } from '../core/planning'
import { db } from '../db/client'
import { jobNumbered } from '../db/jobs'
import { loadJob } from './jobs'

/** A job as it stands, with the words of its machine’s file. */
async function stateOf(
  id: string,
): Promise<{ readonly state: JobState; readonly tray: { readonly rows: number; readonly columns: number } } | null> {
  const pack = await loadJob(id)
  if (!pack) return null
  const state = reduce(id, pack.entries)
  return { state: inWords(state, wordingOf(pack.file, state.goals)), tray: pack.settings.tray }
}

export interface TrayPage {
  readonly jobId: string
  readonly number: string
  readonly machine: string
  readonly rows: readonly TrayRow[]
  readonly at: number
}

/** What is off a job’s machine, in the order in which it goes back; null where there is no such job. */
export async function loadTray(id: string): Promise<TrayPage | null> {
  const found = await stateOf(id)
  if (!found) return null
  const { state } = found
  const machine = [state.machine.name, state.machine.unit].filter(Boolean).join(', ')
  return { jobId: id, number: state.number, machine, rows: trayRows(state), at: Date.now() }
}

/** Where a bag’s code leads; null where there is no such job, or no such set in it. */
export async function bagAddress(code: string): Promise<string | null> {
  const read = readBag(code)
  const id = read && (await jobNumbered(db(), read.job))
  const found = id ? await stateOf(id) : null
  const step = found && stepOfBag(found.state, read!.set)
  if (!found || !step) return null
  const up = stageIndex(found.state.stage) >= stageIndex('build up')
  const shown = up ? found.state.up.find((s) => s.pair === step)?.id : step
  return `/jobs/${id!}?stage=${up ? 'build-up' : 'take-down'}&step=${encodeURIComponent(shown ?? step)}`
}
