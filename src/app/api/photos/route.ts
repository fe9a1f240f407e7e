import { allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { keepPhoto, MAX_PHOTO_BYTES } from '@/server/photos'

export const dynamic = 'force-dynamic'

/** Takes one photo as raw bytes; answers with its id. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'take in')
  if (session instanceof Response) return session
  const bytes = await readLimited(request, MAX_PHOTO_BYTES)
  if (!bytes) return refuse(413, `A photo may have at most ${MAX_PHOTO_BYTES / 1e6} MB. Photos from the app are made smaller first.`)
  const kept = await keepPhoto(bytes, session.person.id)
  return 'status' in kept ? refuse(kept.status, kept.message) : answer(kept)
})
