import { v7 } from 'uuid'
import { type Entry, readNotice, type UnknownEntry } from '../core/job'
import { hear, type Link, tell } from './channel'
import { hurry } from './send'
import { holdEntries } from './store'

/** What a tab looks at: jobs, and the list of stands. */
interface Looking {
  readonly jobs: readonly string[]
  readonly board: boolean
  readonly instruments: boolean
}

/** Tabs say what they look at within so long of being asked, and changes gather for as long. */
const GATHER_MS = 200

const tab = v7()
const mine = new Map<string, number>()
const BOARD = 'board'
/** What to follow for what relays pass on to this browser. */
export const INSTRUMENTS = 'instruments'
let started = false
let link: Link = 'joined'
/** In the tab that listens: what every tab looks at. */
const tabs = new Map<string, Looking>()
let source: EventSource | null = null
let followed = ''
let timer: ReturnType<typeof setTimeout> | undefined

/**
 * Follows a job, the list of stands (`board`) or what relays pass on (`instruments`), as long as this tab looks at it. One event stream
 * serves the whole browser: the tab that holds the lock listens, the others hear it by channel. Where the page's origin has no locks,
 * every page polls instead.
 * @returns how to look away
 */
export function follow(at: string): () => void {
  start()
  const change = (by: 1 | -1): void => {
    const times = (mine.get(at) ?? 0) + by
    if (times > 0) mine.set(at, times)
    else mine.delete(at)
    sayLooking()
  }
  change(1)
  let left = false
  return () => {
    if (!left) change(-1)
    left = true
  }
}

function start(): void {
  if (started || typeof window === 'undefined') return
  started = true
  window.addEventListener('online', hurry)
  window.addEventListener('pagehide', () => tell({ type: 'looking', tab, jobs: [], board: false, instruments: false }))
  window.addEventListener('pageshow', sayLooking)
  hear((word) => {
    if (word.type === 'who looks') sayLooking()
    else if (word.type === 'looking') {
      tabs.set(word.tab, word)
      if (source) gather()
    }
  })
  if (!navigator.locks) return
  void navigator.locks.request(
    'nailsmith-follow',
    () =>
      new Promise<never>(() => {
        tell({ type: 'who looks' })
        gather()
      }),
  )
}

function sayLooking(): void {
  const jobs = [...mine.keys()].filter((at) => at !== BOARD && at !== INSTRUMENTS)
  tell({ type: 'looking', tab, jobs, board: mine.has(BOARD), instruments: mine.has(INSTRUMENTS) })
}

function gather(): void {
  timer ??= setTimeout(() => {
    timer = undefined
    listen()
  }, GATHER_MS)
}

/** Listens to what all tabs look at; anew where one looks at something that is not followed yet. */
function listen(): void {
  const all = [...tabs.values()]
  const jobs = [...new Set(all.flatMap((l) => l.jobs))].sort()
  const more = `${all.some((l) => l.board) ? '&board=1' : ''}${all.some((l) => l.instruments) ? '&instruments=1' : ''}`
  const wanted = `/api/events?jobs=${jobs.join(',')}${more}`
  if (source && source.readyState !== EventSource.CLOSED && wanted === followed) return
  source?.close()
  followed = wanted
  const own = new EventSource(wanted)
  source = own
  own.onopen = () => {
    // What happened before the stream was open was not told: everyone who hears this reads on.
    link = 'joined'
    tell({ type: 'opened' })
    hurry()
  }
  own.onmessage = (event: MessageEvent<string>) => {
    const read = readNotice(event.data)
    if (read) tell({ type: 'notice', ...read })
  }
  own.addEventListener('entries', (event: MessageEvent<string>) => {
    const { jobId, entries } = JSON.parse(event.data) as { jobId: string; entries: (Entry | UnknownEntry)[] }
    // Where the storage fails the pages go on all the same.
    void holdEntries(entries).catch(() => undefined)
    tell({ type: 'told', jobId, entries })
  })
  own.addEventListener(BOARD, () => tell({ type: 'board' }))
  own.addEventListener(INSTRUMENTS, () => tell({ type: 'instruments' }))
  own.addEventListener('lines', (event: MessageEvent<string>) => {
    tell({ type: 'lines', ...(JSON.parse(event.data) as { relay: string; key: string; lines: string[] }) })
  })
  // The server's database was away: what was written meanwhile was not told.
  own.addEventListener('opened', () => tell({ type: 'opened' }))
  own.addEventListener('signed-out', () => {
    own.close()
    say('signed out')
    setTimeout(gather, 10_000)
  })
  own.onerror = () => {
    // The server answered with something that is no stream (signed out, or restarting): ask again later.
    if (own.readyState === EventSource.CLOSED && own === source) setTimeout(gather, 3_000)
    say('alone')
  }
}

function say(next: Link): void {
  if (next === link) return
  link = next
  tell({ type: 'link', link })
}
