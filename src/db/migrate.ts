import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import type { Sql } from './client'

/**
 * Brings the database to the newest shape: each `NNNN_name.sql` once, in order, each in its own transaction. One that begins with
 * `-- outside a transaction` is done statement by statement, and each of those may be done twice: indices are built beside a running shop.
 * Safe when several copies start at once (an advisory lock).
 * @returns the names applied now
 */
export async function migrate(sql: Sql, folder: string): Promise<string[]> {
  const files = readdirSync(folder)
    .filter((f) => /^\d{4}_[a-z0-9_]+\.sql$/.test(f))
    .sort()
  const applied: string[] = []
  await sql`create table if not exists migrations (name text primary key, applied_at timestamptz not null default now())`
  for (const file of files) {
    const text = readFileSync(path.join(folder, file), 'utf8')
    if (text.startsWith('-- outside a transaction')) {
      if (await outside(sql, file, text)) applied.push(file)
      continue
    }
    await sql.begin(async (tx) => {
      await tx`select pg_advisory_xact_lock(72190)`
      const [done] = await tx`select 1 from migrations where name = ${file}`
      if (done) return
      await tx.unsafe(text)
      await tx`insert into migrations (name) values (${file})`
      applied.push(file)
    })
  }
  return applied
}

async function outside(sql: Sql, file: string, text: string): Promise<boolean> {
  const own = await sql.reserve()
  try {
    await own`select pg_advisory_lock(72191)`
    const [done] = await own`select 1 from migrations where name = ${file}`
    if (done) return false
    // One that was broken off half way is there, and good for nothing.
    const broken = await own<
      { name: string }[]
    >`select c.relname as name from pg_index i join pg_class c on c.oid = i.indexrelid where not i.indisvalid and c.relnamespace = 'public'::regnamespace`
    for (const { name } of broken) await own`drop index if exists ${own(name)}`
    for (const statement of text.split(';').map((s) => s.replace(/^--.*$/gm, '').trim())) if (statement) await own.unsafe(statement)
    await own`insert into migrations (name) values (${file})`
    return true
  } finally {
    await own`select pg_advisory_unlock(72191)`
    own.release()
  }
}

/** Throws unless the server promises that what it acknowledged is on disk. */
export async function assertDurable(sql: Sql): Promise<void> {
  for (const name of ['fsync', 'synchronous_commit', 'full_page_writes'] as const) {
    const [row] = await sql<{ value: string }[]>`select current_setting(${name}) as value`
    if (row?.value === 'off')
      throw new Error(`PostgreSQL runs with ${name} = off: a power cut could lose acknowledged entries. Switch it on.`)
  }
}
