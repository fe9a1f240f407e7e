import { allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { setLacking } from '@/server/tools'

export const dynamic = 'force-dynamic'

/** Says that a tool is not in the shop, or is again: `{ name, gone }`. Answers with all that are not. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'work')
  if (session instanceof Response) return session
  const bytes = await readLimited(request, 2_000)
  const lacking = bytes && (await setLacking(new TextDecoder().decode(bytes)))
  return lacking ? answer({ lacking }) : refuse(400, 'A tool’s name is wanted, and whether it is gone.')
})
