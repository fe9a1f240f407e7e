import { BUILD, FREEZING_BUILD, FREEZING_REDUCER } from '../core/build'
import { type JobState, reduce, REDUCER_VERSION } from '../core/job'
import type { Sql } from '../db/client'
import { readEntries } from '../db/entries'
import { listPeople } from '../db/people'
import { addReport, hasEntries, mark, marked, unfrozen } from '../db/reports'
import { loadSettings } from '../db/settings'
import { writeReport } from '../formats/hand-back'
import type { Report } from '../formats/report'

const FROZEN = 'pages frozen'
const when = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** A shop that has to be started with an earlier build first; the message says which. */
export class OldShop extends Error {}

/** The page that goes home, from the job as it stands with its hand back: names and times written out, as it is printed. */
export function pageOf(state: JobState, names: ReadonlyMap<string, string>, shop: string): Report {
  return writeReport(state, {
    nameOf: (person) => names.get(person) ?? 'somebody',
    when: (at) => when.format(at),
    now: state.handedBack?.at ?? state.lastAt,
    shop,
  })
}

/**
 * Refuses a shop whose pages were never frozen: this build's reducer would print them differently.
 * @throws OldShop that says which build to start first
 */
export async function assertFrozen(sql: Sql): Promise<void> {
  if ((REDUCER_VERSION as number) === FREEZING_REDUCER || !(await hasEntries(sql)) || (await marked(sql, FROZEN)) !== null) return
  throw new OldShop(
    `This shop's journal comes from before build ${FREEZING_BUILD}, which freezes the pages that went home. Start build ${FREEZING_BUILD} once, then this one (${BUILD}): docs/builds.md says how.`,
  )
}

/** Freezes what had gone home before pages were kept, once. @returns how many pages were written now */
export async function freezePages(sql: Sql): Promise<number> {
  if ((await marked(sql, FROZEN)) !== null) return 0
  const names = new Map((await listPeople(sql)).map((p) => [p.id, p.name]))
  const missing = await unfrozen(sql)
  const { shop } = await loadSettings(sql)
  for (const { jobId, seq } of missing) {
    const state = reduce(
      jobId,
      (await readEntries(sql, jobId, 0)).filter((e) => e.seq <= seq),
    )
    if (state.handedBack) await addReport(sql, { jobId, seq, reducer: REDUCER_VERSION, body: pageOf(state, names, shop) })
  }
  await mark(sql, FROZEN, BUILD)
  return missing.length
}
