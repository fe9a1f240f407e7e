import { answer, readLimited, refuse, route } from '@/server/http'
import { cut } from '@/core/text'
import { pairRelay } from '@/server/relays'

export const dynamic = 'force-dynamic'

/** A relay joins by its code: `{ code, name }`. Answers with its token; the code is used up. No page calls this. */
export const POST = route(async (request: Request): Promise<Response> => {
  const bytes = await readLimited(request, 1_000)
  const body = bytes && parsed(new TextDecoder().decode(bytes))
  const token = body && (await pairRelay(body.code, body.name))
  return token ? answer({ token }) : refuse(401, 'This code is not good any more. Ask for a new one under Instruments.')
})

function parsed(text: string): { readonly code: string; readonly name: string } | null {
  try {
    const { code, name } = JSON.parse(text) as { readonly code?: unknown; readonly name?: unknown }
    return typeof code === 'string' && code.length <= 40 && typeof name === 'string' ? { code, name: cut(name, 60).trim() } : null
  } catch {
    return null
  }
}
