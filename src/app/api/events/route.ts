import { cookies } from 'next/headers'
import { allowed, route } from '@/server/http'
import { DEVICE_COOKIE, KEY_COOKIE, SESSION_COOKIE } from '@/server/cookies'
import { sessionFrom } from '@/server/session'
import { noticeStream } from '@/server/streams'

export const dynamic = 'force-dynamic'

/** `jobId:seq` for every append, one stream per browser. */
export const GET = route(async (request: Request): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  const jar = await cookies()
  const token = jar.get(SESSION_COOKIE)?.value
  const device = jar.get(DEVICE_COOKIE)?.value
  const key = jar.get(KEY_COOKIE)?.value
  return new Response(noticeStream(() => sessionFrom(token, device, key), request.signal, session.token.toString('hex')), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store, no-transform', 'x-accel-buffering': 'no', 'x-content-type-options': 'nosniff' },
  })
})
