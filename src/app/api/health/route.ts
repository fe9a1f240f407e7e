import { BUILD } from '@/core/build'
import { health, TROUBLE_WORDS } from '@/server/health'
import { answer, refuse } from '@/server/http'

export const dynamic = 'force-dynamic'

/** What is ready: the database answers, is at its newest shape, and takes what is written. 503 with why where it is not. */
export async function GET(): Promise<Response> {
  const found = await health()
  return found.trouble === null
    ? answer({ app: 'nailsmith', ready: true, build: BUILD, database: found.database, pid: process.pid })
    : refuse(503, TROUBLE_WORDS[found.trouble], { ready: false, trouble: found.trouble })
}
