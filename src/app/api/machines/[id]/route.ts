import { isWellFormed } from '@/core/text'
import { allowed, refuse, route } from '@/server/http'
import { fileText, revisions } from '@/server/machines'

export const dynamic = 'force-dynamic'

/** A machine file as it is kept, to be saved: the revision asked for, else the newest. */
export const GET = route(async (request: Request, { params }: { readonly params: Promise<{ readonly id: string }> }): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  const { id } = await params
  const revision = new URL(request.url).searchParams.get('revision') ?? (isWellFormed(id) ? (await revisions(id))[0]?.revision : undefined)
  const text = revision === undefined || !isWellFormed(id + revision) ? null : await fileText(id, revision)
  if (text === null) return refuse(404, 'There is no such file here.')
  const name = `${id}-${revision}.json`.replace(/[^\w.-]/g, '_')
  return new Response(text, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff',
    },
  })
})
