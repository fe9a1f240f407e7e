import { cookies, headers } from 'next/headers'
import { v4 } from 'uuid'
import { db } from '../db/client'
import { addPerson, clearFailures, countPeople, demoNames, findByName, noteFailure, type Role } from '../db/people'
import { addDevice, addSession, endSession, firstLeadTokenStands, forgetStaleSessions, useFirstLeadToken } from '../db/sessions'
import { hashPassphrase, newToken, tokenHash, verifyPassphrase } from './secrets'
import { DEVICE_COOKIE, DEVICE_SECONDS, SESSION_COOKIE, SESSION_DAYS } from './cookies'

const FREE_TRIES = 5
export const MIN_PASSPHRASE = 10
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** Seconds that a name is locked after `failures` failed tries: none up to the fifth, then a minute, doubling to an hour. */
export function lockSeconds(failures: number): number | null {
  if (failures < FREE_TRIES) return null
  return Math.min(60 * 2 ** (failures - FREE_TRIES), 3600)
}

/** A wait in words: `1 minute`, `45 seconds`. */
export function inWords(seconds: number): string {
  if (seconds < 60) return seconds === 1 ? '1 second' : `${seconds} seconds`
  const minutes = Math.ceil(seconds / 60)
  return minutes === 1 ? '1 minute' : `${minutes} minutes`
}

// Compared against where no such name exists, so that the time taken does not tell names apart.
let decoy: Promise<string> | undefined

/**
 * Checks name and passphrase.
 * @returns the person's id; or a message that tells neither which of the two was wrong, nor less than how long to wait
 */
export async function checkSignIn(name: string, passphrase: string, now: () => number = Date.now): Promise<{ readonly personId: string } | { readonly message: string }> {
  const sql = db()
  const person = await findByName(sql, name.trim())
  if (!person) {
    decoy ??= hashPassphrase(newToken())
    await verifyPassphrase(await decoy, passphrase)
    return { message: 'That name and passphrase do not go together.' }
  }
  const locked = person.lockedUntil ? Math.ceil((person.lockedUntil.getTime() - now()) / 1000) : 0
  if (locked > 0) return { message: `Too many tries for this name. Try again in ${inWords(locked)}.` }
  if (await verifyPassphrase(person.passphraseHash, passphrase)) {
    await clearFailures(sql, person.id)
    return { personId: person.id }
  }
  const seconds = lockSeconds(person.failures + 1)
  await noteFailure(sql, person.id, seconds)
  return {
    message: seconds === null ? 'That name and passphrase do not go together.' : `That name and passphrase do not go together. Too many tries: wait ${inWords(seconds)}.`,
  }
}

/** Opens a session on this browser; a device gets its number on its first. */
export async function openSession(personId: string): Promise<void> {
  const jar = await cookies()
  const sql = db()
  const known = jar.get(DEVICE_COOKIE)?.value
  const device = known && UUID.test(known) ? known : v4()
  await addDevice(sql, device)
  const token = newToken()
  await forgetStaleSessions(sql)
  await addSession(sql, tokenHash(token), personId, device, SESSION_DAYS)
  const common = { httpOnly: true, sameSite: 'lax' as const, path: '/', secure: (await headers()).get('origin')?.startsWith('https:') ?? false }
  jar.set(DEVICE_COOKIE, device, { ...common, maxAge: DEVICE_SECONDS })
  jar.set(SESSION_COOKIE, token, { ...common, maxAge: 60 * 60 * 24 * SESSION_DAYS })
}

export async function closeSession(): Promise<void> {
  const jar = await cookies()
  const token = jar.get(SESSION_COOKIE)?.value
  if (token) await endSession(db(), tokenHash(token))
  jar.delete(SESSION_COOKIE)
}

export function demoMode(): boolean {
  return process.env['NAILSMITH_DEMO'] !== '0'
}

/** The demo world's people with their passphrases; empty outside demo mode. */
export async function demoSignIns(): Promise<readonly { readonly name: string; readonly role: Role; readonly passphrase: string }[]> {
  if (!demoMode()) return []
  return (await demoNames(db())).map((p) => ({ ...p, passphrase: demoPassphrase(p.name) }))
}

export function demoPassphrase(name: string): string {
  return `${name.toLowerCase()} at the slip`
}

/** Is this the unused link to an empty shop? */
export async function firstLeadOpen(token: string): Promise<boolean> {
  return (await countPeople(db())) === 0 && firstLeadTokenStands(db(), tokenHash(token))
}

/** Makes the first lead of an empty shop by the one-time link. */
export async function makeFirstLead(token: string, name: string, passphrase: string): Promise<{ readonly personId: string } | { readonly message: string }> {
  const clean = name.trim()
  if (clean.length === 0 || clean.length > 60) return { message: 'A name is wanted, of at most 60 letters.' }
  if (passphrase.length < MIN_PASSPHRASE) return { message: `The passphrase should have at least ${MIN_PASSPHRASE} characters: a few words do.` }
  const sql = db()
  const passphraseHash = await hashPassphrase(passphrase)
  return sql.begin(async (tx) => {
    if ((await countPeople(tx)) > 0 || !(await useFirstLeadToken(tx, tokenHash(token)))) return { message: 'This link has been used, or was never made.' }
    const id = `p-${v4()}`
    await addPerson(tx, { id, name: clean, role: 'lead', qualified: false, passphraseHash })
    return { personId: id }
  })
}
