import { wellFormed } from '../core/text'
import type { Db } from './client'

export interface MachineRow {
  readonly id: string
  readonly name: string
  readonly class: string
  readonly revision: string
}

/** Machines with their newest revision. */
export async function listMachines(sql: Db): Promise<MachineRow[]> {
  return sql<MachineRow[]>`
    select distinct on (m.id) m.id, m.name, m.class, r.revision
    from machines m join machine_revisions r on r.machine_id = m.id
    order by m.id, r.added_at desc`
}

/** Names of the jobs of a revision, which never changes: read once by each copy of the app. */
const named = new Map<string, readonly string[]>()

/** What can be done to each machine, as its newest file names it. */
export async function listJobsToDo(sql: Db): Promise<Readonly<Record<string, readonly string[]>>> {
  const result: Record<string, readonly string[]> = {}
  for (const { id, revision } of await listMachines(sql)) {
    const key = `${id}\n${revision}`
    if (!named.has(key)) named.set(key, goalNames((await loadMachineText(sql, id, revision)) ?? '{}'))
    result[id] = named.get(key)!
  }
  return result
}

/** Read here and not in SQL: one stored name that PostgreSQL cannot turn into text must not stop everybody's taking in. */
function goalNames(text: string): readonly string[] {
  const { goals } = JSON.parse(text) as { readonly goals?: unknown }
  return Array.isArray(goals)
    ? goals.flatMap((g: { readonly name?: unknown } | null) => (typeof g?.name === 'string' ? [wellFormed(g.name)] : []))
    : []
}

/** A file's text as it was put in, or null. */
export async function loadMachineText(sql: Db, id: string, revision: string): Promise<string | null> {
  const [row] = await sql<
    { file: string }[]
  >`select file::text as file from machine_revisions where machine_id = ${id} and revision = ${revision}`
  return row?.file ?? null
}

export interface Revision {
  readonly revision: string
  readonly addedAt: Date
  /** Jobs that began with it. */
  readonly jobs: number
}

/** Every revision of a machine's file, newest first. */
export async function listRevisions(sql: Db, id: string): Promise<Revision[]> {
  return sql<Revision[]>`
    select r.revision, r.added_at as "addedAt", (select count(*)::int from jobs j where j.machine_id = r.machine_id and j.revision = r.revision) as jobs
    from machine_revisions r where r.machine_id = ${id} order by r.added_at desc, r.revision desc`
}

/** Adds a revision; one that is there already is left alone, since jobs may have begun with it. */
export async function addMachine(
  sql: Db,
  machine: { readonly id: string; readonly name: string; readonly class: string; readonly revision: string },
  text: string,
): Promise<void> {
  await sql`insert into machines (id, name, class) values (${machine.id}, ${machine.name}, ${machine.class}) on conflict (id) do update set name = excluded.name`
  await sql`insert into machine_revisions (machine_id, revision, file) values (${machine.id}, ${machine.revision}, ${text}::text::json) on conflict do nothing`
}
