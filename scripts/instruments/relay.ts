import { BEAT_MS, type Heard } from '../../src/instruments/relay'
import { PASS_ON_MS } from '../../src/instruments/stream'
import type { Sources } from './source'

/** How often it asks for orders while somebody has claimed an instrument, ms. */
const ORDERS_MS = 400

interface Joined {
  readonly shop: string
  readonly token: string
}

/** Joins a shop by a code. @throws Error with the shop’s own words where it is refused */
export async function join(shop: string, code: string, name: string): Promise<Joined> {
  const answer = await fetch(`${shop}/api/instruments/pair`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, name }),
  })
  const { token, message } = (await answer.json()) as { readonly token?: string; readonly message?: string }
  if (!token) throw new Error(message ?? `the shop answered ${answer.status}`)
  return { shop, token }
}

/**
 * Passes on what the sources send until the shop does not know this relay any more. Without the shop it waits and goes on; what was shown
 * meanwhile is forgotten, since nobody was there to take it.
 * @returns the shop’s words for why it ended
 */
export async function passOn({ shop, token }: Joined, sources: Sources, say: (text: string) => void, stop: AbortSignal): Promise<string> {
  let claimed: ReadonlySet<string> = new Set()
  let [last, offered, away] = [0, '', false]
  while (!stop.aborted) {
    await new Promise((resolve) => setTimeout(resolve, PASS_ON_MS))
    const lines = sources.take(claimed)
    const instruments = sources.offered
    const now = Date.now()
    const due =
      Object.keys(lines).length > 0 || JSON.stringify(instruments) !== offered || now - last >= (claimed.size > 0 ? ORDERS_MS : BEAT_MS)
    if (!due) continue
    last = now
    try {
      const answer = await fetch(`${shop}/api/instruments/pass`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', authorization: `Bearer ${token}` },
        body: JSON.stringify({ instruments, lines }),
        signal: AbortSignal.timeout(5_000),
      })
      const body = (await answer.json()) as Heard & { readonly message?: string }
      if (answer.status === 401 || answer.status === 403) return body.message ?? 'the shop does not know this relay'
      if (!answer.ok) throw new Error(body.message ?? String(answer.status))
      if (away) say('The shop is back.')
      away = false
      offered = JSON.stringify(instruments)
      claimed = new Set(body.claimed)
      body.orders.forEach((o) => sources.order(o))
    } catch (error) {
      if (!away) say(`The shop does not answer (${(error as Error).message}); trying on.`)
      away = true
      await new Promise((resolve) => setTimeout(resolve, BEAT_MS))
    }
  }
  return 'stopped'
}
