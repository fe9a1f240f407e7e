import { allowed, refuse, route } from '@/server/http'
import { readPhoto } from '@/server/photos'

export const dynamic = 'force-dynamic'

/** A kept photo. It never changes, since its id is its content. */
export const GET = route(async (_: Request, { params }: { readonly params: Promise<{ readonly id: string }> }): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  const photo = await readPhoto((await params).id)
  if (!photo) return refuse(404, 'This photo has not arrived yet, or was never taken.')
  return new Response(new Uint8Array(photo.bytes), {
    headers: { 'content-type': photo.mime, 'cache-control': 'private, max-age=31536000, immutable', 'x-content-type-options': 'nosniff' },
  })
})
