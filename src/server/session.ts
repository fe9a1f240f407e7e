import { cookies } from 'next/headers'
import { cache } from 'react'
import { db } from '../db/client'
import type { Person } from '../db/people'
import { findSession } from '../db/sessions'
import { tokenHash } from './secrets'

export const SESSION_COOKIE = 'nailsmith-session'
export const DEVICE_COOKIE = 'nailsmith-device'
export const SESSION_DAYS = 14

export interface Session {
  readonly person: Person
  readonly device: string
}

/** Who is signed in on this browser; null when nobody is, the session has ended, or its device cookie is another's. */
export const currentSession = cache(async (): Promise<Session | null> => {
  const jar = await cookies()
  return sessionFrom(jar.get(SESSION_COOKIE)?.value, jar.get(DEVICE_COOKIE)?.value)
})

export async function sessionFrom(token: string | undefined, device: string | undefined): Promise<Session | null> {
  if (!token || !device) return null
  const row = await findSession(db(), tokenHash(token))
  if (!row || row.deviceId !== device) return null
  const { deviceId, ...person } = row
  return { person, device: deviceId }
}
