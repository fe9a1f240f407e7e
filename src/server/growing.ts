import { bySlug, type Difference, type Doubt, fileFrom, grownOf, improved, merge } from '../core/growing'
import { inWords, type JobState, reduce } from '../core/job'
import type { MachineFile } from '../core/machine'
import { plan, wordingOf } from '../core/planning'
import { db } from '../db/client'
import { findJob } from '../db/jobs'
import { readEntries } from '../db/entries'
import { fileless, grownJobs, newestOf } from '../db/growing'
import { hasIt, NO, SAYS, YES } from '../words/en/growing'
import { putIn } from './machines'

/** What grew from a job, to be looked over before it is the shop’s. */
export interface GrownDraft {
  readonly jobId: string
  readonly number: string
  readonly file: MachineFile
  /** The file that it adds to, where there is one of this machine. */
  readonly known: { readonly id: string; readonly revision: string } | null
  /** What this unit had otherwise; empty where the file is new. */
  readonly differences: readonly Difference[]
  readonly doubts: readonly Doubt[]
  /** The way down of its first job, as the planner orders it; null where it cannot be planned, and then nobody accepts it. */
  readonly steps: readonly { readonly title: string; readonly minutes: number }[] | null
  /** It is in the shop’s files already. */
  readonly taken: boolean
}

const day = (at: number): string => new Date(at).toISOString().slice(0, 10)

/** A job that has gone home, and whose way down was logged. */
async function stateOf(jobId: string): Promise<{ readonly state: JobState; readonly known: MachineFile | null } | null> {
  if (!/^[0-9a-f-]{36}$/.test(jobId)) return null
  const sql = db()
  const job = await findJob(sql, jobId)
  if (!job) return null
  const state = reduce(jobId, await readEntries(sql, jobId, 0))
  if (!state.handedBack || state.offs.length === 0) return null
  const text = await newestOf(sql, job.machineId ?? bySlug(state.machine.name))
  return { state, known: text === null ? null : (JSON.parse(text) as MachineFile) }
}

/**
 * The machine file that a job grew, or what it adds to the one that there is.
 * @param asked ids of new things of which it is asked at every unit whether it has them
 * @returns null where there is no such job, where it has not gone home, or where nothing came off beyond its file
 */
export async function grownFrom(jobId: string, asked: readonly string[] = []): Promise<GrownDraft | null> {
  const found = await stateOf(jobId)
  if (!found) return null
  const { known } = found
  const revision = day(found.state.handedBack!.at)
  const state = known ? inWords(found.state, wordingOf(known, found.state.goals)) : found.state
  const ask = { revision, asked: new Set(asked), question: hasIt, yes: YES, no: NO }
  const fresh = fileFrom(state, { id: bySlug(state.machine.name), revision, says: SAYS })
  const { file, differences } = !known
    ? { file: fresh, differences: [] }
    : state.planned
      ? improved(known, state, SAYS, ask)
      : merge(known, fresh, ask)
  const planned = plan(file, 'untouched', [file.goals[0]!.id], { variants: {} })
  return {
    jobId,
    number: state.number,
    file,
    known: known && { id: known.id, revision: known.revision },
    differences,
    doubts: grownOf(file).doubts,
    steps: planned.ok ? planned.value.down.steps.map((s) => ({ title: s.title, minutes: s.minutes.likely })) : null,
    taken: known !== null && grownOf(known).jobs.includes(jobId),
  }
}

/** A lead looked it over and takes it. @returns the machine that it is kept as, or why it is not */
export async function acceptGrown(
  jobId: string,
  asked: readonly string[],
  by: string,
): Promise<{ readonly id: string } | { readonly message: 'gone' | 'not planned' | 'taken' | 'not read' }> {
  const draft = await grownFrom(jobId, asked)
  if (!draft) return { message: 'gone' }
  if (draft.taken) return { message: 'taken' }
  if (draft.steps === null) return { message: 'not planned' }
  const grown = { ...grownOf(draft.file), accepted: { by, at: new Date().toISOString() } }
  const jobs = [...new Set([...grown.jobs, jobId])]
  const kept = await putIn(JSON.stringify({ ...draft.file, 'x-grown': { ...grown, jobs } }))
  return 'problems' in kept ? { message: 'not read' } : { id: kept.id }
}

/** Jobs that have gone home without a file and whose file nobody has looked over yet, the newest first. */
export async function openDrafts(): Promise<readonly { readonly jobId: string; readonly name: string; readonly number: string }[]> {
  const sql = db()
  const taken = new Set(await grownJobs(sql))
  return (await fileless(sql)).filter((j) => !taken.has(j.jobId))
}
