import type { Role } from '../core/job'
import type { Db } from './client'

export interface Person {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly qualified: boolean
}

export interface ShopPerson extends Person {
  /** Struck off: signs in no more. */
  readonly struck: boolean
  readonly demo: boolean
}

/** Everyone who ever worked here, those struck off too: they stay the authors of what they wrote. */
export async function listPeople(sql: Db): Promise<ShopPerson[]> {
  return sql<ShopPerson[]>`select id, name, role, qualified, struck_at is not null as struck, demo from people order by created_at, name`
}

/** Of those who are not struck off: how many, and how many are leads who have a passphrase. */
export async function countPeople(sql: Db): Promise<{ readonly all: number; readonly leads: number }> {
  const [row] = await sql<{ all: number; leads: number }[]>`
    select count(*)::int as all, count(*) filter (where role = 'lead' and passphrase_hash <> 'none')::int as leads from people where struck_at is null`
  return row!
}

export async function findByName(sql: Db, name: string): Promise<(ShopPerson & { readonly passphraseHash: string }) | null> {
  const [row] = await sql<(ShopPerson & { passphraseHash: string })[]>`
    select id, name, role, qualified, struck_at is not null as struck, demo, passphrase_hash as "passphraseHash" from people where lower(name) = lower(${name})`
  return row ?? null
}

export async function addPerson(sql: Db, person: Person & { readonly passphraseHash: string; readonly demo?: boolean }): Promise<void> {
  await sql`
    insert into people (id, name, role, qualified, passphrase_hash, demo)
    values (${person.id}, ${person.name}, ${person.role}, ${person.qualified}, ${person.passphraseHash}, ${person.demo ?? false})`
}

/** Changes somebody; what is left out stays. Somebody struck off is taken back by `struck: false`. */
export async function changePerson(
  sql: Db,
  id: string,
  to: { readonly role?: Role; readonly qualified?: boolean; readonly passphraseHash?: string; readonly struck?: boolean },
): Promise<void> {
  await sql`
    update people set
      role = coalesce(${to.role ?? null}, role), qualified = coalesce(${to.qualified ?? null}, qualified),
      passphrase_hash = coalesce(${to.passphraseHash ?? null}, passphrase_hash),
      struck_at = case ${to.struck ?? null}::boolean when true then coalesce(struck_at, now()) when false then null else struck_at end
    where id = ${id}`
}

/** The demo world's people who can still sign in. */
export async function demoNames(sql: Db): Promise<{ readonly id: string; readonly name: string; readonly role: Role }[]> {
  return sql<
    { id: string; name: string; role: Role }[]
  >`select id, name, role from people where demo and struck_at is null order by created_at`
}
