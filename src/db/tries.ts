import type { Db } from './client'

/** How tries are counted in one bucket. */
export interface Limit {
  readonly bucket: Buffer
  /** Tries that cost nothing. */
  readonly free: number
  /** Longest wait, s. */
  readonly longest: number
}

/** Seconds to wait after `tries` failed tries: none below `free`, then a minute, doubling up to `longest`. */
export function lockSeconds(tries: number, { free, longest }: Pick<Limit, 'free' | 'longest'>): number | null {
  if (tries < free) return null
  return Math.min(60 * 2 ** Math.min(tries - free, 20), longest)
}

/**
 * Counts a try before it is judged, so that any number at once are judged no more often than one after the other. To be run in a
 * transaction; buckets are taken in their own order, so that two never wait for each other.
 * @returns seconds to wait where any bucket is shut; then nothing was counted. Else null, and what each bucket would make of a failure
 */
export async function countTry(
  tx: Db,
  limits: readonly Limit[],
  now: number,
): Promise<{ readonly wait: number } | { readonly wait: null; readonly next: number | null }> {
  const ordered = [...limits].sort((a, b) => Buffer.compare(a.bucket, b.bucket))
  const held: { readonly limit: Limit; readonly tries: number; readonly until: number }[] = []
  for (const limit of ordered) {
    const [row] = await tx<{ tries: number; until: Date | null }[]>`
      insert into sign_in_tries (bucket, tries) values (${limit.bucket}, 0) on conflict (bucket) do update set touched = now() returning tries, until`
    held.push({ limit, tries: row!.tries, until: row!.until?.getTime() ?? 0 })
  }
  const wait = Math.max(...held.map((h) => Math.ceil((h.until - now) / 1000)))
  if (wait > 0) return { wait }
  let next: number | null = null
  for (const { limit, tries } of held) {
    const seconds = lockSeconds(tries + 1, limit)
    if (seconds !== null) next = Math.max(next ?? 0, seconds)
    await tx`update sign_in_tries set tries = ${tries + 1}, until = ${seconds === null ? null : new Date(now + seconds * 1000)}, touched = now() where bucket = ${limit.bucket}`
  }
  return { wait: null, next }
}

/** A right passphrase: what was counted in the first bucket is forgotten; in the others, which count for others too, only this try. */
export async function forgive(sql: Db, [own, ...others]: readonly Limit[]): Promise<void> {
  await sql`delete from sign_in_tries where bucket = ${own!.bucket}`
  for (const { bucket, free } of others)
    await sql`update sign_in_tries set tries = greatest(tries - 1, 0), until = case when tries - 1 < ${free} then null else until end where bucket = ${bucket}`
}

export async function forgetOldTries(sql: Db): Promise<void> {
  await sql`delete from sign_in_tries where touched < now() - interval '1 day'`
}
