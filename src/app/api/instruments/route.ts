import { readAsked } from '@/formats/relay'
import { allowed, allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { askRelay, relaysFor } from '@/server/relays'

export const dynamic = 'force-dynamic'

/** The instruments that are connected by a relay, and whose tablet has each: `{ relays }`. */
export const GET = route(async (): Promise<Response> => {
  const session = await allowed('read')
  return session instanceof Response ? session : answer({ relays: await relaysFor(session) })
})

/** Takes one to this tablet, lets it go, ends its relay, or gives a simulated one an order: `{ relay, key, ask, order }`. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'work')
  if (session instanceof Response) return session
  const bytes = await readLimited(request, 4_000)
  const asked = bytes && readAsked(new TextDecoder().decode(bytes))
  if (!asked) return refuse(400, 'Which instrument, and what about it?')
  if (!(await askRelay(session, asked))) return refuse(404, 'That instrument is not at this tablet any more.')
  return answer({ relays: await relaysFor(session) })
})
