import { db } from '../db/client'
import { databaseShape, tryWriting } from '../db/health'

/** What keeps the shop from working: null where all is well. */
export type Trouble = 'no answer' | 'read-only' | 'disk full' | 'not writing'

/** Why a database refused, by its code (PostgreSQL, appendix A). */
export function troubleOf(error: unknown): Trouble {
  const code = (error as { code?: unknown } | null)?.code
  if (code === '53100') return 'disk full'
  if (code === '25006') return 'read-only'
  return typeof code === 'string' && /^(53|58|XX)/.test(code) ? 'not writing' : 'no answer'
}

export const TROUBLE_WORDS: Readonly<Record<Trouble, string>> = {
  'no answer': 'The database does not answer yet.',
  'read-only': 'The database can be read, not written: nothing is taken until it can.',
  'disk full': 'The disk of the shop’s server is full: nothing is taken until there is room.',
  'not writing': 'The database cannot write: nothing is taken until it can.',
}

/** What is ready: the database answers, has its newest shape, and takes what is written. */
export async function health(): Promise<{ readonly database: string | null; readonly trouble: null } | { readonly trouble: Trouble }> {
  try {
    const sql = db()
    const database = await databaseShape(sql)
    await tryWriting(sql)
    return { database, trouble: null }
  } catch (error) {
    return { trouble: troubleOf(error) }
  }
}
