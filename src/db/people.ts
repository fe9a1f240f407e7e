import type { Db } from './client'

export const ROLES = ['lead', 'mechanic', 'front desk', 'viewer'] as const
export type Role = (typeof ROLES)[number]

export interface Person {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly qualified: boolean
}

export interface PersonSecret extends Person {
  readonly passphraseHash: string
  readonly failures: number
  readonly lockedUntil: Date | null
}

export async function listPeople(sql: Db): Promise<Person[]> {
  return sql<Person[]>`select id, name, role, qualified from people order by created_at, name`
}

export async function countPeople(sql: Db): Promise<number> {
  const [row] = await sql<{ n: number }[]>`select count(*)::int as n from people`
  return row!.n
}

export async function findByName(sql: Db, name: string): Promise<PersonSecret | null> {
  const [row] = await sql<PersonSecret[]>`
    select id, name, role, qualified, passphrase_hash as "passphraseHash", failures, locked_until as "lockedUntil"
    from people where lower(name) = lower(${name})`
  return row ?? null
}

export async function addPerson(sql: Db, person: Person & { readonly passphraseHash: string; readonly demo?: boolean }): Promise<void> {
  await sql`
    insert into people (id, name, role, qualified, passphrase_hash, demo)
    values (${person.id}, ${person.name}, ${person.role}, ${person.qualified}, ${person.passphraseHash}, ${person.demo ?? false})`
}

/** Counts a failed sign-in; from the fifth on the name is locked for `lockSeconds`. */
export async function noteFailure(sql: Db, id: string, lockSeconds: number | null): Promise<void> {
  await sql`
    update people set failures = failures + 1,
      locked_until = case when ${lockSeconds}::int is null then locked_until else now() + make_interval(secs => ${lockSeconds}::int) end
    where id = ${id}`
}

export async function clearFailures(sql: Db, id: string): Promise<void> {
  await sql`update people set failures = 0, locked_until = null where id = ${id}`
}

export async function demoNames(sql: Db): Promise<{ readonly name: string; readonly role: Role }[]> {
  return sql<{ name: string; role: Role }[]>`select name, role from people where demo order by created_at`
}
