import { readPassed } from '@/formats/relay'
import { answer, readLimited, refuse, route } from '@/server/http'
import { passOn } from '@/server/relays'

export const dynamic = 'force-dynamic'

/** A relay passes on what its instruments show, under its token. Answers with the orders for it and what is claimed. */
export const POST = route(async (request: Request): Promise<Response> => {
  const token = /^Bearer ([\w-]{20,100})$/.exec(request.headers.get('authorization') ?? '')?.[1]
  if (!token) return refuse(401, 'This relay has not joined.')
  const bytes = await readLimited(request, 64_000)
  const passed = bytes && readPassed(new TextDecoder().decode(bytes))
  if (!passed) return refuse(400, 'This is nothing that a relay sends.')
  const heard = await passOn(token, passed)
  if (heard === 'unknown') return refuse(401, 'The session that this relay was bound to has ended. Join with a new code.')
  if (heard === 'stand-ins') return refuse(403, 'Simulated instruments are for the demo world. This is a real shop.')
  return answer(heard)
})
