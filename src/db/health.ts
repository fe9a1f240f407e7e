import type { Sql } from './client'

/** The newest migration that the database has; throws when it does not answer. */
export async function databaseShape(sql: Sql): Promise<string | null> {
  const [row] = await sql<{ name: string | null }[]>`select max(name) as name from migrations`
  return row?.name ?? null
}

/** Writes one row and waits until it is on disk; throws as a journal entry would be refused. */
export async function tryWriting(sql: Sql): Promise<void> {
  await sql`insert into pulse (beat) values (now()) on conflict (only_row) do update set beat = excluded.beat where pulse.beat < now() - interval '2 seconds'`
}
