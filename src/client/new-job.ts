import { v7 } from 'uuid'
import { type Bodies, type EntryDraft, type Kind, written } from '../core/job'
import { mended } from '../core/text'
import { hear } from './channel'
import { now } from './clock'
import { kick, sendUnkept } from './send'
import { jot, numbered, putWaiting, rubOut, waiting } from './store'

/** What became of a machine that was taken in: at the server, kept on this device, or in this page only. */
export type TakenIn =
  | { readonly jobId: string; readonly is: 'there' }
  | { readonly jobId: string; readonly is: 'kept' | 'unkept'; readonly why?: string }

/** After this long without an answer it counts as kept, and goes up by itself. */
const PATIENCE_MS = 6_000

/** Opens a job with its first entries: kept on this device first, then sent, as everything else is. */
export async function takeIn(
  items: readonly { readonly kind: Kind; readonly body: Bodies[Kind] }[],
  who: { readonly person: string; readonly device: string; readonly form: number },
): Promise<TakenIn> {
  const jobId = v7()
  const at = now()
  const drafts = items.map(
    ({ kind, body }) =>
      ({ id: v7(), jobId, base: 0, at, by: who.person, device: who.device, ...mended(written(kind, body, who.form)) }) as EntryDraft,
  )
  const fresh = numbered(drafts)
  const jotted = jot(fresh)
  const answered = answer(jobId, PATIENCE_MS)
  let kept = jotted
  try {
    await putWaiting(fresh)
    rubOut(drafts.map((d) => d.id))
    kept = true
    kick()
  } catch {
    sendUnkept(fresh)
  }
  const told = await answered
  if (told.there) return { jobId, is: 'there' }
  return { jobId, is: kept ? 'kept' : 'unkept', ...(told.why !== undefined ? { why: told.why } : {}) }
}

/** Waits until the server has the job, says why it does not take it, or is out of reach. */
function answer(jobId: string, ms: number): Promise<{ readonly there: boolean; readonly why?: string }> {
  return new Promise((resolve) => {
    const done = (result: { readonly there: boolean; readonly why?: string }): void => {
      stop()
      clearTimeout(timer)
      resolve(result)
    }
    const timer = setTimeout(() => done({ there: false }), ms)
    const stop = hear((word) => {
      if (word.type === 'confirmed' && word.jobId === jobId) done({ there: true })
      else if (word.type === 'held') {
        const own = word.held.find((h) => h.jobId === jobId)
        if (own) done({ there: false, why: own.reason })
      } else if (word.type === 'shelved' && word.jobId === jobId)
        done({ there: false, why: 'The server would not take it; it lies on the shelf.' })
      else if (word.type === 'link' && word.link !== 'joined') done({ there: false })
    })
  })
}

/** Machines taken in on this device that the server does not have yet. */
export async function keptTakeIns(): Promise<
  readonly { readonly jobId: string; readonly machine: string; readonly complaint: string; readonly at: number }[]
> {
  return (await waiting().catch(() => [])).flatMap(({ jobId, draft }) => {
    if (draft.kind !== 'job-opened') return []
    const { machine, complaint } = draft.body as Bodies['job-opened']
    return [{ jobId, machine: [machine.name, machine.unit].filter(Boolean).join(' '), complaint, at: draft.at }]
  })
}
