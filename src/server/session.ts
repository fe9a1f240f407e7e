import { cookies } from 'next/headers'
import { cache } from 'react'
import { db } from '../db/client'
import type { Person } from '../db/people'
import { findSession } from '../db/sessions'
import { DEVICE_COOKIE, SESSION_COOKIE } from './cookies'
import { tokenHash } from './secrets'


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
