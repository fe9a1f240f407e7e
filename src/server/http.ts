import { logError } from './log'
import { originFault } from './origin'
import { may, type Deed } from './permissions'
import { currentSession, type Session } from './session'
import { TROUBLE_WORDS, troubleOf } from './health'

const HEADERS = { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' }

/** A refusal in the app's voice, as JSON. */
export function refuse(status: number, message: string, more: object = {}): Response {
  return Response.json({ message, ...more }, { status, headers: HEADERS })
}

export function answer(body: unknown): Response {
  return Response.json(body, { headers: HEADERS })
}

const SIGN_IN_AGAIN = 'Your sign-in has ended. Sign in again; what you logged is kept on this device.'

/** The session of a request that may do `deed`; or the refusal to send. */
export async function allowed(deed: Deed): Promise<Session | Response> {
  const session = await currentSession()
  if (!session) return refuse(401, SIGN_IN_AGAIN)
  if (!may(session.person.role, deed))
    return refuse(403, `A ${session.person.role} may not do this; ask a lead or a mechanic.`, { again: 'other person' })
  return session
}

/** As `allowed`, for a write: the origin is checked first. */
export async function allowedWrite(request: Request, deed: Deed): Promise<Session | Response> {
  const fault = originFault(request.headers)
  if (fault) return refuse(403, fault)
  const session = await allowed(deed)
  if (!(session instanceof Response) && !session.maySend)
    return refuse(403, 'This tablet has no key any more. Sign in on it once, and what it kept goes up.', { again: 'other person' })
  return session
}

/**
 * A route with its errors told: what the database refuses becomes 503 with why, anything else 500; both go to the log. An address that
 * cannot be decoded is nobody's page.
 */
export function route<T extends readonly unknown[]>(
  handler: (request: Request, ...rest: T) => Promise<Response>,
): (request: Request, ...rest: T) => Promise<Response> {
  return async (request, ...rest) => {
    try {
      return await handler(request, ...rest)
    } catch (error) {
      if (error instanceof URIError) return refuse(404, 'There is nothing at this address.')
      logError(error, `${request.method} ${new URL(request.url).pathname}`)
      const trouble = (error as { code?: unknown } | null)?.code !== undefined ? troubleOf(error) : null
      return trouble
        ? refuse(503, TROUBLE_WORDS[trouble], { again: 'later' })
        : refuse(500, 'The server made a mistake here. What you logged is kept on this device.', { again: 'later' })
    }
  }
}

/**
 * Reads a body of at most `limit` bytes.
 * @returns the bytes; null when it is larger, however long it claims to be
 */
export async function readLimited(request: Request, limit: number): Promise<Uint8Array | null> {
  const claimed = Number(request.headers.get('content-length') ?? 0)
  if (claimed > limit || !request.body) return claimed > limit ? null : new Uint8Array()
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    size += value.byteLength
    if (size > limit) {
      await reader.cancel()
      return null
    }
    chunks.push(value)
  }
  return new Uint8Array(Buffer.concat(chunks))
}
