'use client'
import { useEffect, useSyncExternalStore } from 'react'
import { hear, type Link } from '../../client/channel'
import { follow, INSTRUMENTS } from '../../client/follow'
import { Live } from '../../instruments/live'
import { GONE_MS, type Offered, type Order, type RelaySeen } from '../../instruments/relay'
import { openSerial } from '../../instruments/serial'

/** An instrument that is at this tablet, by its own port or through a relay. */
export interface AtBench {
  readonly id: string
  readonly live: Live
  /** Through which relay; null for one on a port of this tablet. */
  readonly relay: { readonly id: string; readonly key: string } | null
  readonly standIn?: Offered['standIn']
  /** It was pulled out, its relay has gone, or there is no network to it. */
  readonly gone: boolean
}

interface Bench {
  readonly at: readonly AtBench[]
  /** Epoch ms of this picture. */
  readonly now: number
  /** Null until the list was read once. */
  readonly relays: readonly RelaySeen[] | null
  /** What went wrong last, in the server’s words. */
  readonly trouble: string | null
}

const WAIT_MS = 1_000
let bench: Bench = { at: [], now: 0, relays: null, trouble: null }
const lives = new Map<string, { live: Live; heard: number; gone: boolean; end?: () => Promise<void> }>()
const listeners = new Set<() => void>()
let link: Link = 'joined'
let users = 0
let stop: (() => void) | null = null

/** How the bench of instruments stands on this tablet; it is followed for as long as something on the screen asks. */
export function useBench(): Bench {
  useEffect(attend, [])
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    },
    () => bench,
    () => bench,
  )
}

function attend(): () => void {
  users++
  if (users === 1) stop = begin()
  return () => {
    users--
    if (users === 0) {
      stop?.()
      stop = null
    }
  }
}

function begin(): () => void {
  link = 'joined'
  const away = follow(INSTRUMENTS)
  const deaf = hear((word) => {
    if (word.type === 'opened') link = 'joined'
    if (word.type === 'instruments' || word.type === 'opened') void read()
    else if (word.type === 'link') link = word.link
    else if (word.type === 'lines') {
      const one = lives.get(`${word.relay}/${word.key}`)
      if (!one) return
      one.heard = Date.now()
      one.gone = false
      word.lines.forEach((line) => one.live.put(line, Date.now()))
      draw()
    }
  })
  const timer = setInterval(draw, WAIT_MS)
  void read()
  return () => {
    away()
    deaf()
    clearInterval(timer)
  }
}

/** Takes what is there into the picture that the screen draws from. */
function draw(relays = bench.relays, trouble = bench.trouble): void {
  const now = Date.now()
  const here = (relays ?? []).flatMap((r) => r.instruments.filter((i) => i.at?.here).map((i) => ({ relay: r.id, ...i })))
  for (const { relay, key, name, kind, standIn } of here) {
    const id = `${relay}/${key}`
    if (!lives.has(id))
      lives.set(id, { live: new Live({ name, standIn: standIn !== undefined, ...(kind ? { kind } : {}) }), heard: now, gone: false })
  }
  for (const id of lives.keys()) if (id.includes('/') && !here.some((h) => `${h.relay}/${h.key}` === id)) lives.delete(id)
  const cut = link === 'alone' || link === 'signed out' || !navigator.onLine
  const at = [...lives].map(([id, one]): AtBench => {
    const through = here.find((h) => `${h.relay}/${h.key}` === id)
    return {
      id,
      live: one.live,
      relay: through ? { id: through.relay, key: through.key } : null,
      gone: one.gone || (through !== undefined && (cut || now - one.heard > GONE_MS)),
      ...(through?.standIn ? { standIn: through.standIn } : {}),
    }
  })
  bench = { at, now, relays, trouble }
  listeners.forEach((l) => l())
}

async function read(): Promise<void> {
  try {
    const response = await fetch('/api/instruments', { cache: 'no-store' })
    if (response.ok) draw(((await response.json()) as { readonly relays: readonly RelaySeen[] }).relays, null)
  } catch {
    // Without a network the list stays as it was; what was at this tablet shows that it has gone.
  }
}

/** Asks a relay for something; what goes wrong stands in `trouble`. */
export async function askRelay(
  ask: { readonly relay: string; readonly key: string } & (
    | { readonly ask: 'take' | 'let go' | 'end' }
    | { readonly ask: 'order'; readonly order: Order }
  ),
): Promise<void> {
  const answer = await post('/api/instruments', ask)
  if (answer && 'relays' in answer) draw(answer.relays as readonly RelaySeen[], null)
}

/** A code for the shop’s computer; null where there is none to be had, with why in `trouble`. */
export async function relayCode(): Promise<{ readonly code: string; readonly minutes: number } | null> {
  const answer = await post('/api/instruments/code', {})
  return answer && 'code' in answer ? (answer as { code: string; minutes: number }) : null
}

async function post(path: string, body: object): Promise<object | null> {
  try {
    const response = await fetch(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    const answer = (await response.json()) as { readonly message?: string }
    if (response.ok) return answer
    draw(bench.relays, answer.message ?? String(response.status))
  } catch {
    draw(bench.relays, '')
  }
  return null
}

let ports = 0

/** Connects an instrument on a port of this tablet, chosen in the browser’s own list. */
export async function connectSerial(speed: number, name: string): Promise<void> {
  const id = `port ${++ports}`
  const live = new Live({ name, standIn: false })
  try {
    const end = await openSerial(speed, {
      lines: (lines) => {
        lines.forEach((line) => live.put(line, Date.now()))
        draw()
      },
      gone: () => {
        const one = lives.get(id)
        if (one) one.gone = true
        draw()
      },
    })
    if (end) lives.set(id, { live, heard: Date.now(), gone: false, end })
    draw(bench.relays, null)
  } catch (error) {
    draw(bench.relays, (error as Error).message)
  }
}

/** Lets an instrument on a port of this tablet go. */
export function letGo(id: string): void {
  void lives.get(id)?.end?.()
  lives.delete(id)
  draw()
}
