import { MAX_BATCH_BYTES } from '@/formats/entry'
import { appendBatch } from '@/server/append'
import { allowed, allowedWrite, answer, readLimited, refuse } from '@/server/http'
import { entriesAfter } from '@/server/jobs'

export const dynamic = 'force-dynamic'

type Params = { readonly params: Promise<{ readonly id: string }> }

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/
const NO_JOB = 'There is no such job on this server. What you logged is kept on this device.'

/** Entries after `?after=seq`, at most 500, with the journal's last seq and the server's time. */
export async function GET(request: Request, { params }: Params): Promise<Response> {
  const session = await allowed('read')
  if (session instanceof Response) return session
  const { id } = await params
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0)
  if (!UUID.test(id)) return refuse(404, NO_JOB)
  if (!Number.isInteger(after) || after < 0 || after > 1e9) return refuse(400, '“after” should be the number of an entry.')
  const read = await entriesAfter(id, after)
  return read ? answer({ ...read, now: Date.now() }) : refuse(404, NO_JOB)
}

/** Takes a batch of entries; an answer for each. */
export async function POST(request: Request, { params }: Params): Promise<Response> {
  const session = await allowedWrite(request, 'take in')
  if (session instanceof Response) return session
  const { id } = await params
  if (!UUID.test(id)) return refuse(404, NO_JOB)
  const bytes = await readLimited(request, MAX_BATCH_BYTES)
  if (!bytes) return refuse(413, `That is more than ${MAX_BATCH_BYTES / 1000} kB at once. A photo goes by itself; a log line can be shorter.`)
  let batch: unknown
  try {
    batch = JSON.parse(new TextDecoder().decode(bytes))
  } catch {
    return refuse(400, 'What was sent is not readable as entries.')
  }
  const result = await appendBatch(session, id, batch)
  return 'status' in result ? refuse(result.status, result.message) : answer({ ...result, now: Date.now() })
}
