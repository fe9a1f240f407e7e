import { db } from '../db/client'

/** The newest migration that the database has; throws when it does not answer. */
export async function databaseShape(): Promise<string | null> {
  const [row] = await db()<{ name: string | null }[]>`select max(name) as name from migrations`
  return row?.name ?? null
}
