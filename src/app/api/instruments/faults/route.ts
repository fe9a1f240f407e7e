import { faultNames } from '@/server/relays'
import { allowed, answer, route } from '@/server/http'

export const dynamic = 'force-dynamic'

/** What can be wrong with a simulated machine, by kind of drive: `{ faults }`. */
export const GET = route(async (): Promise<Response> => {
  const session = await allowed('read')
  return session instanceof Response ? session : answer({ faults: faultNames() })
})
