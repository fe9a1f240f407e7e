import { createHash } from 'node:crypto'
import { cookies, headers } from 'next/headers'
import { v4 } from 'uuid'
import { db, type Db } from '../db/client'
import type { Role } from '../core/job'
import { addPerson, countPeople, demoNames, findByName, listPeople } from '../db/people'
import {
  addDevice,
  addSession,
  addStay,
  endSessions,
  findDevice,
  firstLeadTokenStands,
  setDeviceSecret,
  staysOn,
  useFirstLeadToken,
} from '../db/sessions'
import { countTry, forgetOldTries, forgive, type Limit } from '../db/tries'
import { hashPassphrase, newToken, tokenHash, verifyPassphrase } from './secrets'
import { DEVICE_COOKIE, DEVICE_SECONDS, KEY_COOKIE, SESSION_COOKIE, SESSION_DAYS } from './cookies'
import { nameFault, passphraseFault } from './people'
import { may } from './permissions'
import { currentSession } from './session'

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** A wait in words: `1 minute`, `45 seconds`. */
export function inWords(seconds: number): string {
  if (seconds < 60) return seconds === 1 ? '1 second' : `${seconds} seconds`
  const minutes = Math.ceil(seconds / 60)
  return minutes === 1 ? '1 minute' : `${minutes} minutes`
}

/** Where a try to sign in comes from. */
export interface Origin {
  /** Address of the tablet, or `here` on the machine itself. */
  readonly source: string
  /** The browser's device, where it has proved itself. */
  readonly device?: string
}

const bucket = (...parts: readonly string[]): Buffer => createHash('sha256').update(parts.join('\n')).digest()

/**
 * What a try counts against. On a device that has proved itself and on which this name has signed in before, only that device's own
 * tries count: nobody elsewhere can shut a lead out of a known tablet. Else by name and source, by source, and by name. A name that
 * does not exist is counted like any other.
 */
function limitsFor(name: string, origin: Origin, known: boolean): Limit[] {
  if (known) return [{ bucket: bucket('device', origin.device!, name), free: 5, longest: 3600 }]
  return [
    { bucket: bucket('name at source', name, origin.source), free: 5, longest: 3600 },
    { bucket: bucket('source', origin.source), free: 30, longest: 900 },
    { bucket: bucket('name', name), free: 60, longest: 900 },
  ]
}

// Compared against where no such name exists, so that the time taken does not tell names apart.
let decoy: Promise<string> | undefined

/**
 * Checks name and passphrase.
 * @returns the person's id; or a message that tells neither which of the two was wrong, nor less than how long to wait
 */
export async function checkSignIn(
  name: string,
  passphrase: string,
  origin: Origin = { source: 'here' },
  now: () => number = Date.now,
): Promise<{ readonly personId: string } | { readonly message: string }> {
  const sql = db()
  const asked = name.trim().toLowerCase()
  const found = await findByName(sql, asked)
  const person = found && !found.struck ? found : null
  const known = person !== null && origin.device !== undefined && (await staysOn(sql, origin.device)).some((s) => s.personId === person.id)
  const limits = limitsFor(asked, origin, known)
  const counted = await sql.begin((tx) => countTry(tx, limits, now()))
  if (counted.wait !== null) return { message: `Too many tries for this name. Try again in ${inWords(counted.wait)}.` }
  decoy ??= hashPassphrase(newToken())
  const right = await verifyPassphrase(person?.passphraseHash ?? (await decoy), passphrase)
  if (person && right) {
    await forgive(sql, limits)
    return { personId: person.id }
  }
  return {
    message:
      counted.next === null
        ? 'That name and passphrase do not go together.'
        : `That name and passphrase do not go together. Too many tries: wait ${inWords(counted.next)}.`,
  }
}

/** Where this request comes from: the TLS listener names the tablet's address last. */
export async function originOf(): Promise<Origin> {
  const jar = await cookies()
  const device = await provedDevice(db(), jar.get(DEVICE_COOKIE)?.value, jar.get(KEY_COOKIE)?.value)
  const source = (await headers()).get('x-forwarded-for')?.split(',').at(-1)?.trim() || 'here'
  return { source, ...(device ? { device } : {}) }
}

/** The device that these cookies prove; null where they prove none. */
async function provedDevice(sql: Db, device: string | undefined, key: string | undefined): Promise<string | null> {
  if (!device || !UUID.test(device) || !key) return null
  const known = await findDevice(sql, device)
  return known?.secretHash && tokenHash(key).equals(known.secretHash) ? device : null
}

/**
 * The device of a browser that signs in: its own where it proves itself, or where it comes from before secrets and has none yet. A
 * number that belongs to another browser's secret is not believed: then it gets a new one.
 */
export async function deviceFor(
  sql: Db,
  claimed: string | undefined,
  key: string | undefined,
): Promise<{ readonly device: string; readonly fresh: boolean }> {
  if (!claimed || !UUID.test(claimed)) return { device: v4(), fresh: true }
  const known = await findDevice(sql, claimed)
  if (!known) return { device: claimed, fresh: true }
  if (known.secretHash === null) return { device: claimed, fresh: true }
  return key && tokenHash(key).equals(known.secretHash) ? { device: claimed, fresh: false } : { device: v4(), fresh: true }
}

/** Opens a session on this browser and ends the one that was open on it; a device gets its secret on its first. */
export async function openSession(personId: string): Promise<void> {
  const jar = await cookies()
  const head = await headers()
  const sql = db()
  const { device, fresh } = await deviceFor(sql, jar.get(DEVICE_COOKIE)?.value, jar.get(KEY_COOKIE)?.value)
  const common = { httpOnly: true, sameSite: 'lax' as const, path: '/', secure: head.get('origin')?.startsWith('https:') ?? false }
  await addDevice(sql, device)
  if (fresh) {
    const key = newToken()
    await setDeviceSecret(sql, device, tokenHash(key), (head.get('user-agent') ?? '').slice(0, 200))
    jar.set(KEY_COOKIE, key, { ...common, sameSite: 'strict', maxAge: DEVICE_SECONDS })
  }
  await endSessions(sql, { stale: true })
  await forgetOldTries(sql)
  const before = jar.get(SESSION_COOKIE)?.value
  if (before) await endSessions(sql, { token: tokenHash(before) })
  const token = newToken()
  await addSession(sql, tokenHash(token), personId, device, SESSION_DAYS)
  jar.set(DEVICE_COOKIE, device, { ...common, maxAge: DEVICE_SECONDS })
  jar.set(SESSION_COOKIE, token, { ...common, maxAge: 60 * 60 * 24 * SESSION_DAYS })
}

/** Seconds that a sign-in for one entry lasts. */
const ONE_ENTRY_SECONDS = 120

/**
 * Signs somebody in on this device for one entry, beside whoever is signed in: an entry under their name is taken that was made now.
 * @returns their id; or why not, in words
 */
export async function signForOne(name: string, passphrase: string): Promise<{ readonly personId: string } | { readonly message: string }> {
  const session = await currentSession()
  if (!session?.keyed) return { message: 'This tablet has no key yet. Sign in on it once more, then hand it over.' }
  const result = await checkSignIn(name, passphrase, await originOf())
  if ('message' in result) return result
  if (result.personId === session.person.id) return { message: 'That is you. Somebody else looks, under their own name.' }
  const person = (await listPeople(db())).find((p) => p.id === result.personId)
  if (!person || !may(person.role, 'work')) return { message: 'A mechanic or a lead looks.' }
  await addStay(db(), session.device, result.personId, ONE_ENTRY_SECONDS)
  return result
}

export async function closeSession(): Promise<void> {
  const jar = await cookies()
  const token = jar.get(SESSION_COOKIE)?.value
  if (token) await endSessions(db(), { token: tokenHash(token) })
  jar.delete(SESSION_COOKIE)
}

/** Is this the demo world, with its people and its simulated instruments? */
export function demoMode(): boolean {
  return process.env['NAILSMITH_DEMO'] !== '0'
}

/** The demo world's people; empty outside demo mode. */
export async function demoSignIns(): Promise<readonly { readonly name: string; readonly role: Role }[]> {
  return demoMode() ? (await demoNames(db())).map(({ name, role }) => ({ name, role })) : []
}

/** One of them with their passphrase, by a tap on the name; null for anybody else, and outside demo mode. */
export async function demoSignIn(name: string): Promise<{ readonly name: string; readonly passphrase: string } | null> {
  const one = (await demoSignIns()).find((p) => p.name === name)
  return one ? { name: one.name, passphrase: demoPassphrase(one.name) } : null
}

export function demoPassphrase(name: string): string {
  return `${name.toLowerCase()} at the slip`
}

/** Is this the unused link to a shop that has no lead? */
export async function firstLeadOpen(token: string): Promise<boolean> {
  return (await countPeople(db())).leads === 0 && firstLeadTokenStands(db(), tokenHash(token))
}

/** Makes the first lead of a shop that has none, by the one-time link. */
export async function makeFirstLead(
  token: string,
  name: string,
  passphrase: string,
): Promise<{ readonly personId: string } | { readonly message: string }> {
  const wrong = (await nameFault(name)) ?? passphraseFault(passphrase)
  if (wrong) return { message: wrong }
  const sql = db()
  const passphraseHash = await hashPassphrase(passphrase)
  return sql.begin(async (tx) => {
    if ((await countPeople(tx)).leads > 0 || !(await useFirstLeadToken(tx, tokenHash(token))))
      return { message: 'This link has been used, or was never made.' }
    const id = `p-${v4()}`
    await addPerson(tx, { id, name: name.trim(), role: 'lead', qualified: false, passphraseHash })
    return { personId: id }
  })
}
