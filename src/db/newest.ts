import { BUILD } from '../core/build'
import type { Sql } from './client'
import { mark, marked } from './reports'

const NEWEST = 'newest written'
const QUIET_DAYS = 7

/** Notes that this build serves this database, from when on. A shop without a single entry writes the newest form at once. */
export async function beginBuild(sql: Sql, empty: boolean): Promise<void> {
  await mark(sql, `build ${BUILD}`, BUILD)
  if (empty) await mark(sql, NEWEST, BUILD)
}

/** Something of an older build asked from this device. */
export async function sawOlder(sql: Sql, device: string): Promise<void> {
  await sql`update devices set older_at = now() where id = ${device} and (older_at is null or older_at < now() - interval '1 hour')`
}

/** From now on the newest form is written: a lead says so. */
export async function writeNewest(sql: Sql): Promise<void> {
  await mark(sql, NEWEST, BUILD)
}

/** May entries be written in a form that an older build cannot read? Once it is so, it stays so. */
export async function writesNewest(sql: Sql): Promise<boolean> {
  if ((await marked(sql, NEWEST)) !== null) return true
  const [row] = await sql<{ quiet: boolean | null }[]>`
    select (select at from marks where name = ${`build ${BUILD}`}) < now() - make_interval(days => ${QUIET_DAYS}) and not exists (select 1 from devices where older_at > now() - make_interval(days => ${QUIET_DAYS})) as quiet`
  if (!row?.quiet) return false
  await writeNewest(sql)
  return true
}

/** Devices on which something of an older build asked in the last seven days. */
export async function olderDevices(sql: Sql): Promise<number> {
  const [row] = await sql<
    { n: number }[]
  >`select count(*)::int as n from devices where older_at > now() - make_interval(days => ${QUIET_DAYS})`
  return row!.n
}
