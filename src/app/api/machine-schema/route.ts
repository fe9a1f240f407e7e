import { machineSchema } from '@/formats/machine-schema'
import { allowed, route } from '@/server/http'

export const dynamic = 'force-dynamic'

/** The shape of a machine file as a JSON Schema. */
export const GET = route(async (): Promise<Response> => {
  const session = await allowed('read')
  if (session instanceof Response) return session
  return new Response(JSON.stringify(machineSchema(), null, 1), {
    headers: { 'content-type': 'application/schema+json; charset=utf-8', 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' },
  })
})
