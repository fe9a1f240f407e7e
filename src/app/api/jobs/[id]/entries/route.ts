import { BUILD, VOCABULARY } from '@/core/build'
import { BATCH_BYTES, bringsPlan, PLAN_BYTES } from '@/core/job'
import { appendBatch } from '@/server/append'
import { allowed, allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { entriesAfter, noteOlder } from '@/server/jobs'
import type { Session } from '@/server/session'
import { may } from '@/server/permissions'

export const dynamic = 'force-dynamic'

type Params = { readonly params: Promise<{ readonly id: string }> }

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/
const NO_JOB = 'There is no such job on this server. What you logged is kept on this device.'
const TOO_MUCH = `That is more than ${BATCH_BYTES / 1000} kB at once, or ${PLAN_BYTES / 1e6} MB for a plan by itself. A photo goes by itself; a log line can be shorter.`
const whole = (text: string | null): number | undefined => (text !== null && /^\d{1,9}$/.test(text) ? Number(text) : undefined)

/** What asks says its build; one from before builds were said with every question says none. */
const older = async (session: Session, request: Request): Promise<void> =>
  noteOlder(session.device, whole(request.headers.get('x-nailsmith-build')))

/**
 * Entries after `?after=seq`, at most 500, with the journal's last seq, its running hash there, whose session it is, and the server's
 * time. With `?seen=seq&chain=hash` the past that the tablet holds is compared: 409 where it is another.
 */
export const GET = route(async (request: Request, { params }: Params): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  await older(session, request)
  const { id } = await params
  const query = new URL(request.url).searchParams
  const after = query.has('after') ? whole(query.get('after')) : 0
  if (!UUID.test(id)) return refuse(404, NO_JOB)
  if (after === undefined) return refuse(400, '“after” should be the number of an entry.')
  const [seen, chain] = [query.has('chain') ? whole(query.get('seen')) : undefined, query.get('chain')]
  if (query.has('chain') && (seen === undefined || !/^[0-9a-f]{64}$/.test(chain ?? '')))
    return refuse(400, '“seen” should be the number of an entry, and “chain” the hash of the journal there.')
  const read = await entriesAfter(id, after, seen !== undefined && chain ? { seq: seen, chain } : undefined)
  if (!read) return refuse(404, NO_JOB, { again: 'later' })
  if ('past' in read)
    return refuse(409, 'This server holds another past of this job than the tablet: it was put back from a backup.', {
      again: 'later',
      ...read,
      now: Date.now(),
    })
  return answer({ ...read, person: session.person.id, build: BUILD, vocabulary: VOCABULARY, now: Date.now() })
})

/** Takes a batch of entries; an answer for each. `{ agrees, entries }` gives entries back that this server has lost. */
export const POST = route(async (request: Request, { params }: Params): Promise<Response> => {
  const build = whole(request.headers.get('x-nailsmith-build'))
  const vocabulary = whole(request.headers.get('x-nailsmith-vocabulary'))
  const session = await allowedWrite(request, build === undefined ? 'take in' : 'read')
  if (session instanceof Response) return session
  await older(session, request)
  const { id } = await params
  if (!UUID.test(id)) return refuse(404, NO_JOB, { again: 'never' })
  const bytes = await readLimited(request, PLAN_BYTES)
  if (!bytes) return refuse(413, TOO_MUCH, { again: 'never' })
  let sent: unknown
  try {
    sent = JSON.parse(new TextDecoder().decode(bytes))
  } catch {
    return refuse(400, 'What was sent is not readable as entries.', { again: 'never' })
  }
  const back = sent !== null && typeof sent === 'object' && !Array.isArray(sent) ? (sent as { agrees?: unknown; entries?: unknown }) : null
  const agrees = back && Number.isInteger(back.agrees) && (back.agrees as number) >= 0 ? (back.agrees as number) : undefined
  if (back && (agrees === undefined || !may(session.person.role, 'take in')))
    return refuse(
      back && agrees === undefined ? 400 : 403,
      'What is given back says how far its past agrees with this one, and is given back by somebody who may write.',
      { again: agrees === undefined ? 'never' : 'other person' },
    )
  const batch = back ? back.entries : sent
  const plan = Array.isArray(batch) && batch.length === 1 && bringsPlan((batch[0] as { kind?: unknown } | null)?.kind)
  if (bytes.byteLength > BATCH_BYTES && !plan) return refuse(413, TOO_MUCH, { again: 'never' })
  const history = request.headers.get('x-nailsmith-history') ?? undefined
  const result = await appendBatch(session, id, batch, {
    ...(build !== undefined ? { build } : {}),
    ...(vocabulary !== undefined ? { vocabulary } : {}),
    ...(history && !back ? { history } : {}),
    ...(agrees !== undefined ? { agrees } : {}),
  })
  return 'status' in result ? refuse(result.status, result.message, { again: result.again }) : answer({ ...result, now: Date.now() })
})
