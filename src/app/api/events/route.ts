import { cookies } from 'next/headers'
import { allowed, route } from '@/server/http'
import { DEVICE_COOKIE, KEY_COOKIE, SESSION_COOKIE } from '@/server/cookies'
import { sessionFrom } from '@/server/session'
import { noticeStream } from '@/server/streams'

export const dynamic = 'force-dynamic'

const MOST_JOBS = 50
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/**
 * `jobId:seq` for what is appended to `?jobs=`, and `board` with `?board=1` for anything anywhere; with `?instruments=1` what relays pass
 * on to this session; one stream per browser. Without `?jobs=` everything is told.
 */
export const GET = route(async (request: Request): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  const query = new URL(request.url).searchParams
  const asked = query.get('jobs')
  const jobs =
    asked === null
      ? null
      : new Set(
          asked
            .split(',')
            .filter((id) => UUID.test(id))
            .slice(0, MOST_JOBS),
        )
  const jar = await cookies()
  const token = jar.get(SESSION_COOKIE)?.value
  const device = jar.get(DEVICE_COOKIE)?.value
  const key = jar.get(KEY_COOKIE)?.value
  return new Response(
    noticeStream(() => sessionFrom(token, device, key), request.signal, session.token.toString('hex'), {
      jobs,
      board: query.get('board') === '1',
      instruments: query.get('instruments') === '1',
    }),
    {
      headers: {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store, no-transform',
        'x-accel-buffering': 'no',
        'x-content-type-options': 'nosniff',
      },
    },
  )
})
