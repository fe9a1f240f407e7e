import { SAID } from '../core/build'
import type { Entry, EntryDraft, UnknownEntry } from '../core/job'
import { dropLost, heldEntries, keepLost, keepPast, type Lost, markAgrees, type Past, replaceHeld } from './store'

type Any = Entry | UnknownEntry

/** Everything that the server has of a job; null where it cannot be asked, an empty journal where it does not know the job. */
async function serverJournal(jobId: string): Promise<{ readonly entries: Any[]; readonly past: Past | null } | null> {
  const entries: Any[] = []
  for (let last = 1; entries.length < last;) {
    const response = await fetch(`/api/jobs/${jobId}/entries?after=${entries.length}`, {
      cache: 'no-store',
      headers: SAID,
    })
    if (response.status === 404) return { entries: [], past: null }
    if (!response.ok) return null
    const read = (await response.json()) as { entries: Any[]; lastSeq: number; chain?: string; history?: string }
    entries.push(...read.entries)
    last = read.lastSeq
    if (entries.length >= last)
      return { entries, past: read.chain && read.history ? { jobId, history: read.history, seq: last, chain: read.chain } : null }
    if (read.entries.length === 0) return null
  }
  return null
}

/** How far two journals agree: the highest seq up to which they hold the same entries. */
function agreement(
  a: readonly { readonly seq: number; readonly id: string }[],
  b: readonly { readonly seq: number; readonly id: string }[],
): number {
  const ids = new Map(b.map((e) => [e.seq, e.id]))
  let seq = 0
  for (const entry of [...a].sort((x, y) => x.seq - y.seq)) {
    if (entry.seq !== seq + 1 || ids.get(entry.seq) !== entry.id) break
    seq = entry.seq
  }
  return seq
}

/**
 * The server holds another past of this job than this browser, as after a backup was put back. What the browser holds is put aside for
 * what the server has; what the server has not is kept, to be given back. The two are never mixed.
 * @returns the server's journal; null where it could not be asked, and then nothing has changed
 */
export async function takeOtherPast(jobId: string, shown: readonly Any[]): Promise<readonly Any[] | null> {
  // What is held before it is asked: a line that is taken by the server meanwhile is not lost. What is kept counts before what the page
  // shows, which may have come from the other past already.
  const held = new Map([...shown, ...(await heldEntries(jobId))].map((e) => [e.seq, e]))
  const server = await serverJournal(jobId)
  if (!server) return null
  const agrees = agreement([...held.values()], server.entries)
  const there = new Set(server.entries.map((e) => e.id))
  const lost = [...held.values()]
    .filter((e) => !there.has(e.id))
    .map((entry): Lost => ({ id: entry.id, jobId, entry: entry as Entry, agrees }))
  // First what would be lost is kept, then the rest changes.
  await keepLost(lost)
  await markAgrees(jobId, agrees)
  await replaceHeld(jobId, server.entries)
  if (server.past) await keepPast(server.past)
  return server.entries
}

const BATCH = 100

/**
 * Gives entries back that the server has lost, as their devices wrote them. What is taken is forgotten here; what is not stays, with why.
 * @returns false where the server could not be asked
 */
export async function giveBack(lost: readonly Lost[]): Promise<boolean> {
  for (let i = 0; i < lost.length; i += BATCH) {
    const part = lost.slice(i, i + BATCH)
    const drafts = part.map(
      ({ entry: { id, jobId, base, at, by, device, kind, v, body } }): EntryDraft =>
        ({ id, jobId, base, at, by, device, kind, v, body }) as EntryDraft,
    )
    const response = await fetch(`/api/jobs/${part[0]!.jobId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...SAID },
      body: JSON.stringify({ agrees: part[0]!.agrees, entries: drafts }),
    }).catch(() => null)
    if (!response) return false
    if (!response.ok) {
      const { message } = (await response.json().catch(() => ({}))) as { message?: string }
      await keepLost(part.map((l) => ({ ...l, reason: message ?? 'The server would not take it.' })))
      return response.status < 500
    }
    const { answers } = (await response.json()) as {
      answers: readonly { readonly id: string; readonly status: string; readonly reason?: string }[]
    }
    const reasons = new Map(answers.flatMap((a) => (a.status === 'refused' ? [[a.id, a.reason ?? ''] as const] : [])))
    await dropLost(part.filter((l) => !reasons.has(l.id)).map((l) => l.id))
    await keepLost(part.flatMap((l) => (reasons.has(l.id) ? [{ ...l, reason: reasons.get(l.id)! }] : [])))
  }
  return true
}
