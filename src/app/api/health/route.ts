import { databaseShape } from '@/server/health'
import { answer, refuse } from '@/server/http'

export const dynamic = 'force-dynamic'

/** What is ready: the database answers and is at its newest shape. */
export async function GET(): Promise<Response> {
  try {
    return answer({ app: 'nailsmith', ready: true, database: await databaseShape(), pid: process.pid })
  } catch {
    return refuse(503, 'The database does not answer yet.', { ready: false })
  }
}
