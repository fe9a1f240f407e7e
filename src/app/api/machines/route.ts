import { allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { MAX_FILE_BYTES, putIn } from '@/server/machines'

export const dynamic = 'force-dynamic'

/** Takes a machine file as JSON; answers with the revision it is kept under, or with every problem and its place. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'work')
  if (session instanceof Response) return session
  const bytes = await readLimited(request, MAX_FILE_BYTES)
  if (!bytes) return refuse(413, `A machine file may have at most ${MAX_FILE_BYTES / 1e6} MB.`)
  const result = await putIn(new TextDecoder().decode(bytes))
  return 'problems' in result ? refuse(422, 'This file cannot be put in.', { problems: result.problems }) : answer(result)
})
