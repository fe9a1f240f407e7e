import { allowedWrite, answer, readLimited, refuse, route } from '@/server/http'
import { setTray } from '@/server/tools'

export const dynamic = 'force-dynamic'

/** Says how large the shop’s tray is: `{ rows, columns }`. */
export const POST = route(async (request: Request): Promise<Response> => {
  const session = await allowedWrite(request, 'work')
  if (session instanceof Response) return session
  const bytes = await readLimited(request, 500)
  const tray = bytes && (await setTray(new TextDecoder().decode(bytes)))
  return tray ? answer({ tray }) : refuse(400, 'Rows and columns are wanted: 1 to 26, and 1 to 12.')
})
