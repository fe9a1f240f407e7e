import type { Entry, EntryDraft, UnknownEntry } from '../core/job'

/** What tabs of one browser tell each other. */
export type Word =
  | { readonly type: 'notice'; readonly jobId: string; readonly seq: number }
  /** Entries that came with a notice. */
  | { readonly type: 'told'; readonly jobId: string; readonly entries: readonly (Entry | UnknownEntry)[] }
  /** Something happened to some machine. */
  | { readonly type: 'board' }
  /** Instruments came, went, or are at another tablet. */
  | { readonly type: 'instruments' }
  /** What a relay passed on to this browser. */
  | { readonly type: 'lines'; readonly relay: string; readonly key: string; readonly lines: readonly string[] }
  /** What a tab looks at; asked for by the one that listens for all of them. */
  | {
      readonly type: 'looking'
      readonly tab: string
      readonly jobs: readonly string[]
      readonly board: boolean
      readonly instruments: boolean
    }
  | { readonly type: 'who looks' }
  | { readonly type: 'pending'; readonly jobId: string; readonly drafts: readonly EntryDraft[] }
  | { readonly type: 'confirmed'; readonly jobId: string; readonly entries: readonly (Entry | UnknownEntry)[] }
  | { readonly type: 'shelved'; readonly jobId: string; readonly ids: readonly string[] }
  /** Entries that stay in the outbox until somebody else sends them, or the server is renewed; empty when none does any more. */
  | { readonly type: 'held'; readonly held: readonly Held[] }
  /** The server holds another past of this job. */
  | { readonly type: 'other past'; readonly jobId: string }
  /** Who is signed in on this browser now. */
  | { readonly type: 'person'; readonly person: string }
  | { readonly type: 'link'; readonly link: Link }
  /** The event stream has just opened: whatever came before was not told. */
  | { readonly type: 'opened' }

export interface Held {
  readonly id: string
  readonly jobId: string
  readonly reason: string
}

/** How the browser stands towards the server; `troubled`: it answers, but cannot write. */
export type Link = 'joined' | 'alone' | 'signed out' | 'troubled'

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
