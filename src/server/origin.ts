import { headers } from 'next/headers'

/**
 * A write has to come from a page of ours: its Origin names the host that it is sent to.
 * @returns null when it does, else what to answer
 */
export function originFault(headers: Headers): string | null {
  const origin = headers.get('origin')
  const host = headers.get('x-forwarded-host') ?? headers.get('host')
  if (!origin || !host) return 'This request names no page of Nailsmith as its origin.'
  try {
    if (new URL(origin).host === host) return null
  } catch {
    // Falls through: an origin that is no URL is nobody's page.
  }
  return 'This request comes from another site.'
}

/** The address that this page was asked under, without its path. */
export async function ownOrigin(): Promise<string> {
  const asked = await headers()
  const host = asked.get('x-forwarded-host') ?? asked.get('host') ?? 'localhost'
  return `${asked.get('x-forwarded-proto')?.split(',')[0] ?? 'http'}://${host}`
}
