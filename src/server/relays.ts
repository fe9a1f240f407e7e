import { randomInt } from 'node:crypto'
import { draftOf } from '../core/diagnosis'
import { DRIVE_KINDS } from '../core/machine'
import { db } from '../db/client'
import { addRelayCode, claim, claimsOf, endRelay, hearRelay, joinRelay, listRelays, order, unclaim } from '../db/relays'
import type { AskedOfRelay } from '../formats/relay'
import type { Heard, Offered, Order, Passed, RelaySeen, Told } from '../instruments/relay'
import { joinIn, type Listening } from './listening'
import { demoMode } from './sign-in'
import { newToken, tokenHash } from './secrets'
import type { Session } from './session'

/** Without letters that are taken for figures. */
const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'
const CODE_LETTERS = 8
export const CODE_MINUTES = 10

/** A code that is typed once on the shop’s computer; the relay that joins with it is bound to this session. */
export async function newRelayCode(session: Session): Promise<string> {
  const code = Array.from({ length: CODE_LETTERS }, () => LETTERS[randomInt(LETTERS.length)]!).join('')
  await addRelayCode(db(), session.token, tokenHash(`relay ${code}`), CODE_MINUTES)
  return code
}

/** Lets a relay in. @returns its token; null when the code is not, or no longer, one */
export async function pairRelay(code: string, name: string): Promise<string | null> {
  const token = newToken()
  const plain = code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '')
  return (await joinRelay(db(), tokenHash(`relay ${plain}`), tokenHash(token), name)) ? token : null
}

export type PassFault = 'unknown' | 'stand-ins'

/**
 * What a relay passes on goes to the tablets that have claimed it, whichever copy of the server they hang on.
 * @returns what it hears back; `unknown` when nobody knows it any more, `stand-ins` where simulated instruments are not let in
 */
export async function passOn(token: string, { instruments, lines }: Passed): Promise<Heard | PassFault> {
  if (instruments.some((i) => i.standIn) && !demoMode()) return 'stand-ins'
  const sql = db()
  const heard = await hearRelay(sql, tokenHash(token), instruments)
  if (!heard) return 'unknown'
  const claims = await claimsOf(sql, heard.id)
  const tell = instruments.flatMap(({ key }): (Told & { readonly session: string })[] => {
    const session = claims.get(key)
    return session ? [{ session: session.toString('hex'), relay: heard.id, key, lines: lines[key] ?? [] }] : []
  })
  // A notice holds 8,000 bytes: one an instrument is well below that.
  for (const told of tell) await sql.notify('instruments', JSON.stringify(told))
  if (heard.changed) await sql.notify('instruments', '{"list":true}')
  return { orders: heard.orders as readonly Order[], claimed: [...claims.keys()] }
}

/** Every relay of the shop, as one session sees it. */
export async function relaysFor(session: Session): Promise<readonly RelaySeen[]> {
  return (await listRelays(db())).map(({ id, name, session: bound, instruments, claims }) => ({
    id,
    name,
    own: bound.equals(session.token),
    instruments: (instruments as readonly Offered[]).map((i) => {
      const at = claims.find((c) => c.instrument === i.key)
      return { ...i, at: at ? { person: at.person, here: at.session.equals(session.token) } : null }
    }),
  }))
}

/** Does what a tablet asks of a relay. @returns whether there is such a thing */
export async function askRelay(session: Session, { relay, key, ask, order: what }: AskedOfRelay): Promise<boolean> {
  const sql = db()
  const done = async (): Promise<boolean> => {
    switch (ask) {
      case 'take':
        return claim(sql, relay, key, session.token)
      case 'let go':
        await unclaim(sql, relay, key, session.token)
        return true
      case 'end':
        await endRelay(sql, relay, session.token)
        return true
      case 'order':
        return what !== undefined && order(sql, relay, key, session.token, what)
    }
  }
  const was = await done()
  if (was && ask !== 'order') await sql.notify('instruments', '{"list":true}')
  return was
}

/** Which faults a kind has hangs on no voltage. */
const ANY_VOLTS = 42

/** What can be wrong with a simulated machine, by kind of drive. */
export function faultNames(): Readonly<Record<string, readonly { readonly id: string; readonly name: string }[]>> {
  return Object.fromEntries(DRIVE_KINDS.map((k) => [k, draftOf(k, ANY_VOLTS).faults.map(({ id, name }) => ({ id, name }))]))
}

/** A word about instruments: lines for one session, or that the list has changed. */
export type InstrumentWord = { readonly list: true } | (Told & { readonly session: string })

type Listener = (word: InstrumentWord) => void
const KEY = Symbol.for('nailsmith.instruments')
const hub = (): Listening<Listener> => ((globalThis as { [KEY]?: Listening<Listener> })[KEY] ??= { listeners: new Set(), listening: null })

/** Calls `listener` for what relays pass on, through this copy or another. Returns how to stop. */
export async function onInstruments(listener: Listener): Promise<() => void> {
  const h = hub()
  return joinIn(h, listener, () =>
    db().listen('instruments', (text) => {
      const word = JSON.parse(text) as InstrumentWord
      h.listeners.forEach((l) => l(word))
    }),
  )
}
