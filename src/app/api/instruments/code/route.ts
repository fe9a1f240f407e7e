import { allowedWrite, answer, route } from '@/server/http'
import { CODE_MINUTES, newRelayCode } from '@/server/relays'

export const dynamic = 'force-dynamic'

/** A code for the shop’s computer, good once: `{ code, minutes }`. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'work')
  return session instanceof Response ? session : answer({ code: await newRelayCode(session), minutes: CODE_MINUTES })
})
