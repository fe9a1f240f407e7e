import { cookies } from 'next/headers'
import { cache } from 'react'
import { db } from '../db/client'
import type { Person } from '../db/people'
import { findSession, touchSession } from '../db/sessions'
import { DEVICE_COOKIE, KEY_COOKIE, SESSION_COOKIE } from './cookies'
import { tokenHash } from './secrets'

export interface Session {
  readonly person: Person
  readonly device: string
  /** The device has proved itself by its secret. Without it nothing is overridden, proved, or crossed out of others' lines. */
  readonly keyed: boolean
  /** It may send at all: it is keyed, or comes from before secrets and its thirty days are not over. */
  readonly maySend: boolean
  /** Hash of its token, which names it among a person's sessions. */
  readonly token: Buffer
}

/** Who is signed in on this browser; null when nobody is, the session has ended, or its device cookie is another's. */
export const currentSession = cache(async (): Promise<Session | null> => {
  const jar = await cookies()
  return sessionFrom(jar.get(SESSION_COOKIE)?.value, jar.get(DEVICE_COOKIE)?.value, jar.get(KEY_COOKIE)?.value)
})

/** When each session was last noted as seen, by this copy. */
const touched = new Map<string, number>()
const TOUCH_MS = 60_000

function touch(hash: Buffer): void {
  const [key, at] = [hash.toString('hex'), Date.now()]
  if (at - (touched.get(key) ?? 0) < TOUCH_MS) return
  if (touched.size > 10_000) touched.clear()
  touched.set(key, at)
  void touchSession(db(), hash).catch(() => undefined)
}

export async function sessionFrom(token: string | undefined, device: string | undefined, key?: string): Promise<Session | null> {
  if (!token || !device) return null
  const hash = tokenHash(token)
  const row = await findSession(db(), hash)
  if (!row || row.deviceId !== device) return null
  const { deviceId, secretHash, grace, ...person } = row
  const keyed = secretHash !== null && key !== undefined && tokenHash(key).equals(secretHash)
  touch(hash)
  return { person, device: deviceId, keyed, maySend: keyed || (secretHash === null && grace), token: hash }
}
