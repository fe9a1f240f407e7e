/** What of the cautions has been seen in a job on this device, until its tab is closed. Without storage, until it is loaded anew. */
const KEY = 'nailsmith-seen'

const seen = new Map<string, Set<string>>()
const shown = new Map<string, { readonly card: string; readonly ids: readonly string[]; readonly before: ReadonlySet<string> }>()

function seenIn(job: string): Set<string> {
  const known = seen.get(job)
  if (known) return known
  const kept = new Set<string>()
  try {
    const list: unknown = JSON.parse(sessionStorage.getItem(`${KEY}-${job}`) ?? '[]')
    if (Array.isArray(list)) for (const id of list) if (typeof id === 'string') kept.add(id)
  } catch {
    // A full or broken storage: it is told once more.
  }
  seen.set(job, kept)
  return kept
}

export const isSeen = (job: string, id: string): boolean => seenIn(job).has(id)

export function markSeen(job: string, id: string): void {
  const all = seenIn(job).add(id)
  try {
    sessionStorage.setItem(`${KEY}-${job}`, JSON.stringify([...all]))
  } catch {
    // Kept for as long as the page is open.
  }
}

/** A card comes up that tells these; what the card before it in this job told. */
export function cardShown(job: string, card: string, ids: readonly string[]): ReadonlySet<string> {
  const last = shown.get(job)
  if (last?.card === card) return last.before
  const before = new Set(last?.ids ?? [])
  shown.set(job, { card, ids, before })
  return before
}
