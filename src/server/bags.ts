import { bagOf, inWords, type JobState, readBag, reduce, stageIndex, stepOfBag } from '../core/job'
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

/** One row of the printed tray, in the order of refitting. */
export interface TrayRow {
  readonly key: string
  readonly number?: number
  readonly what: string
  readonly pieces: number
  readonly label: string
  readonly cells: readonly string[]
  /** Lying in no cell: it stays at its place, or a new one goes on. */
  readonly instead?: 'stays' | 'new'
  readonly back: boolean
  readonly bag: string
  readonly machine: string
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
  const rows = state.up.flatMap((step): TrayRow[] => {
    if (step.pair === undefined || state.steps[step.pair]?.status !== 'done') return []
    const fixings = step.fixings.flatMap((f) => state.fixings[f.id] ?? []).filter((f) => !f.stay)
    const back = state.steps[step.id]?.status === 'done'
    const cells = [...new Set(fixings.flatMap((f) => (f.condition === 'cell' && f.where ? [f.where] : [])))]
    return [
      {
        key: step.id,
        ...(step.number === undefined ? {} : { number: step.number }),
        what: step.title,
        pieces: fixings.length,
        label: fixings[0]?.label ?? step.parts.map((p) => p.name).join(', '),
        cells,
        ...(fixings.length > 0 && cells.length === 0 && !back
          ? { instead: fixings.every((f) => f.consumable) ? ('new' as const) : ('stays' as const) }
          : {}),
        back,
        bag: bagOf(state.number, step.pair),
        machine,
      },
    ]
  })
  return { jobId: id, number: state.number, machine, rows, at: Date.now() }
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
