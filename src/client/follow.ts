import { type Link, tell } from './channel'
import { hurry } from './send'

let started = false
let link: Link = 'joined'

/**
 * Keeps one event stream for the whole browser: the tab that holds the lock listens, the others hear it by channel. Where the
 * page's origin has no locks, every page polls instead.
 */
export function follow(): void {
  if (started || typeof window === 'undefined') return
  started = true
  window.addEventListener('online', hurry)
  if (!navigator.locks) return
  void navigator.locks.request('nailsmith-follow', () => new Promise<never>(() => listen()))
}

function listen(): void {
  const source = new EventSource('/api/events')
  source.onopen = () => {
    // What happened before the stream was open was not told: everyone who hears this reads on.
    link = 'joined'
    tell({ type: 'opened' })
    hurry()
  }
  source.onmessage = (event: MessageEvent<string>) => {
    const [jobId, seq] = event.data.split(':')
    if (jobId && seq) tell({ type: 'notice', jobId, seq: Number(seq) })
  }
  // The server's database was away: what was written meanwhile was not told.
  source.addEventListener('opened', () => tell({ type: 'opened' }))
  source.addEventListener('signed-out', () => {
    source.close()
    say('signed out')
    setTimeout(listen, 10_000)
  })
  source.onerror = () => {
    if (source.readyState === EventSource.CLOSED) {
      // The server answered with something that is no stream (signed out, or restarting): ask again later.
      setTimeout(listen, 3_000)
    }
    say('alone')
  }
}

function say(next: Link): void {
  if (next === link) return
  link = next
  tell({ type: 'link', link })
}
