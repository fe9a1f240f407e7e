import { v4 } from 'uuid'
import { NEWEST_FORM } from '../core/build'
import { isWellFormed } from '../core/text'
import { db, type Sql } from '../db/client'
import { type Role, ROLES } from '../core/job'
import { olderDevices, writeNewest, writtenForm } from '../db/newest'
import { addPerson, changePerson, countPeople, demoNames, findByName, listPeople, type ShopPerson } from '../db/people'
import { endDevice, endSessions, listSessions, type OpenSession } from '../db/sessions'
import { hashPassphrase, newToken } from './secrets'

const MIN_PASSPHRASE = 10

/** What is wrong with a name for somebody new, in words; null when it is free. */
export async function nameFault(name: string): Promise<string | null> {
  const clean = name.trim()
  if (clean.length === 0 || clean.length > 60) return 'A name is wanted, of at most 60 letters.'
  if (!isWellFormed(clean)) return 'That name holds a character that cannot be kept. Type it anew.'
  return (await findByName(db(), clean)) ? `There is a ${clean} already. A letter after the name tells two apart.` : null
}

export function passphraseFault(passphrase: string): string | null {
  return passphrase.length < MIN_PASSPHRASE ? `The passphrase should have at least ${MIN_PASSPHRASE} characters: a few words do.` : null
}

const isRole = (role: string): role is Role => (ROLES as readonly string[]).includes(role)

export interface NewPerson {
  readonly name: string
  readonly role: string
  readonly passphrase: string
  readonly qualified: boolean
}

/**
 * Adds somebody to the shop.
 * @returns what is wrong, in words; null when they are in
 */
export async function addToShop(input: NewPerson): Promise<string | null> {
  const wrong = (await nameFault(input.name)) ?? (isRole(input.role) ? passphraseFault(input.passphrase) : 'Choose what they do here.')
  if (wrong) return wrong
  await addPerson(db(), {
    id: `p-${v4()}`,
    name: input.name.trim(),
    role: input.role as Role,
    qualified: input.qualified,
    passphraseHash: await hashPassphrase(input.passphrase),
  })
  return null
}

/** What a lead can do to somebody. */
export type PersonChange =
  | { readonly deed: 'role'; readonly role: string; readonly qualified: boolean }
  | { readonly deed: 'passphrase'; readonly passphrase: string }
  | { readonly deed: 'strike off' }
  | { readonly deed: 'take back' }

/**
 * Changes somebody. Their sessions end at once where they could do something that they may not do any more; a lead who changes
 * themselves keeps the session they do it by. The shop keeps one lead at least.
 * @param own hash of the session of whoever does it
 * @returns what is wrong, in words; null when it is done
 */
export async function changeSomebody(id: string, change: PersonChange, own?: Buffer): Promise<string | null> {
  const passphraseHash =
    change.deed === 'passphrase' && !passphraseFault(change.passphrase) ? await hashPassphrase(change.passphrase) : undefined
  return db().begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(72028)`
    const person = (await listPeople(tx)).find((p) => p.id === id)
    if (!person) return 'There is nobody of that name here any more.'
    const end = { person: id, ...(own ? { but: own } : {}) }
    const lastLead = person.role === 'lead' && !person.struck && (await countPeople(tx)).leads === 1
    switch (change.deed) {
      case 'role': {
        if (!isRole(change.role)) return 'Choose what they do here.'
        if (lastLead && change.role !== 'lead') return `${person.name} is the only lead. Make somebody else one first.`
        await changePerson(tx, id, { role: change.role, qualified: change.qualified })
        if (change.role !== person.role || (person.qualified && !change.qualified)) await endSessions(tx, end)
        return null
      }
      case 'passphrase': {
        if (passphraseHash === undefined) return passphraseFault(change.passphrase)
        await changePerson(tx, id, { passphraseHash })
        await endSessions(tx, end)
        return null
      }
      case 'strike off': {
        if (lastLead) return `${person.name} is the only lead. Make somebody else one first.`
        await changePerson(tx, id, { struck: true })
        await endSessions(tx, { person: id })
        return null
      }
      case 'take back':
        await changePerson(tx, id, { struck: false })
        return null
    }
  })
}

export interface Staff {
  readonly people: readonly ShopPerson[]
  readonly sessions: readonly OpenSession[]
  /** Devices on which an older build was seen in the last week; null where the newest form is written already. */
  readonly older: number | null
}

/** Everybody, and every session that is open. */
export async function staff(): Promise<Staff> {
  const sql = db()
  const newest = (await writtenForm(sql)) >= NEWEST_FORM
  return { people: await listPeople(sql), sessions: await listSessions(sql), older: newest ? null : await olderDevices(sql) }
}

/** From now on entries are written in their newest form, whatever older tablets are about. */
export async function startNewest(): Promise<void> {
  await writeNewest(db())
}

/** Ends one session, or everything that a device may do. */
export async function endOne(which: { readonly session: string } | { readonly device: string }): Promise<void> {
  if ('session' in which) await endSessions(db(), { id: which.session })
  else await db().begin((tx) => endDevice(tx, which.device))
}

/**
 * A real shop has no demo people: whoever came with the demo world is struck off, their sessions end, and no passphrase of theirs
 * opens anything again. Their lines stay, under their names marked as demo.
 * @returns how many were struck off now
 */
export async function retireDemoPeople(sql: Sql): Promise<number> {
  const demo = await demoNames(sql)
  for (const { id } of demo) {
    const passphraseHash = await hashPassphrase(newToken())
    await sql.begin(async (tx) => {
      await changePerson(tx, id, { struck: true, passphraseHash })
      await tx`update people set name = left(name, 50) || ' (demo)' where id = ${id}`
      await endSessions(tx, { person: id })
    })
  }
  return demo.length
}
