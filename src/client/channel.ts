import type { Entry, EntryDraft, UnknownEntry } from '../core/job'

/** What tabs of one browser tell each other. */
export type Word =
  | { readonly type: 'notice'; readonly jobId: string; readonly seq: number }
  | { readonly type: 'pending'; readonly jobId: string; readonly drafts: readonly EntryDraft[] }
  | { readonly type: 'confirmed'; readonly jobId: string; readonly entries: readonly (Entry | UnknownEntry)[] }
  | { readonly type: 'shelved'; readonly jobId: string; readonly ids: readonly string[] }
  | { readonly type: 'link'; readonly link: Link }
  /** The event stream has just opened: whatever came before was not told. */
  | { readonly type: 'opened' }

/** How the browser stands towards the server. */
export type Link = 'joined' | 'alone' | 'signed out'

type Hearer = (word: Word) => void

const hearers = new Set<Hearer>()
let channel: BroadcastChannel | null = null

function open(): BroadcastChannel | null {
  if (!channel && typeof BroadcastChannel !== 'undefined') {
    channel = new BroadcastChannel('nailsmith')
    channel.onmessage = (event: MessageEvent<Word>) => hearers.forEach((hear) => hear(event.data))
  }
  return channel
}

/** Tells this tab and every other. */
export function tell(word: Word): void {
  open()?.postMessage(word)
  hearers.forEach((hear) => hear(word))
}

export function hear(hearer: Hearer): () => void {
  open()
  hearers.add(hearer)
  return () => hearers.delete(hearer)
}
