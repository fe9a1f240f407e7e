import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import type { Sql } from './client'

/**
 * Brings the database to the newest shape: each `NNNN_name.sql` once, in order, each in its own transaction.
 * Safe when several copies start at once (an advisory lock).
 * @returns the names applied now
 */
export async function migrate(sql: Sql, folder: string): Promise<string[]> {
  const files = readdirSync(folder).filter((f) => /^\d{4}_[a-z0-9_]+\.sql$/.test(f)).sort()
  const applied: string[] = []
  await sql`create table if not exists migrations (name text primary key, applied_at timestamptz not null default now())`
  for (const file of files) {
    await sql.begin(async (tx) => {
      await tx`select pg_advisory_xact_lock(72190)`
      const [done] = await tx`select 1 from migrations where name = ${file}`
      if (done) return
      await tx.unsafe(readFileSync(path.join(folder, file), 'utf8'))
      await tx`insert into migrations (name) values (${file})`
      applied.push(file)
    })
  }
  return applied
}

/** Throws unless the server promises that what it acknowledged is on disk. */
export async function assertDurable(sql: Sql): Promise<void> {
  for (const name of ['fsync', 'synchronous_commit', 'full_page_writes'] as const) {
    const [row] = await sql<{ value: string }[]>`select current_setting(${name}) as value`
    if (row?.value === 'off') throw new Error(`PostgreSQL runs with ${name} = off: a power cut could lose acknowledged entries. Switch it on.`)
  }
}
