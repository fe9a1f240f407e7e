import { BUILD, NEWEST_FORM } from '../core/build'
import type { Sql } from './client'
import { mark, marked } from './reports'

/** The first shops to go over did so at build 12, under a name without a number. */
const FIRST = 'newest written'
const NEWEST = `newest written ${NEWEST_FORM}`
const QUIET_DAYS = 7

/** Notes that this build serves this database, from when on. A shop without a single entry writes the newest form at once. */
export async function beginBuild(sql: Sql, empty: boolean): Promise<void> {
  await mark(sql, `build ${BUILD}`, BUILD)
  if (empty) await mark(sql, NEWEST, NEWEST_FORM)
}

/** Something of an older build asked from this device. */
export async function sawOlder(sql: Sql, device: string): Promise<void> {
  await sql`update devices set older_at = now() where id = ${device} and (older_at is null or older_at < now() - interval '1 hour')`
}

/** From now on the newest form is written: a lead says so. */
export async function writeNewest(sql: Sql): Promise<void> {
  await mark(sql, NEWEST, NEWEST_FORM)
}

/**
 * The build up to whose forms entries are written here; 0 where an older build has to be able to read everything. It only ever rises:
 * by itself when no older build asked for seven days, or when a lead says so.
 */
export async function writtenForm(sql: Sql): Promise<number> {
  if ((await marked(sql, NEWEST)) !== null) return NEWEST_FORM
  const [row] = await sql<{ quiet: boolean | null }[]>`
    select (select at from marks where name = ${`build ${BUILD}`}) < now() - make_interval(days => ${QUIET_DAYS}) and not exists (select 1 from devices where older_at > now() - make_interval(days => ${QUIET_DAYS})) as quiet`
  if (!row?.quiet) {
    const [last] = await sql<{ form: number | null }[]>`select max(build) as form from marks where name like ${`${FIRST}%`}`
    return Math.min(last?.form ?? 0, NEWEST_FORM)
  }
  await writeNewest(sql)
  return NEWEST_FORM
}

/** Devices on which something of an older build asked in the last seven days. */
export async function olderDevices(sql: Sql): Promise<number> {
  const [row] = await sql<
    { n: number }[]
  >`select count(*)::int as n from devices where older_at > now() - make_interval(days => ${QUIET_DAYS})`
  return row!.n
}
