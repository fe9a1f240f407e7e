import { NextResponse, type NextRequest } from 'next/server'
import { DEVICE_COOKIE, DEVICE_SECONDS } from './server/cookies'

/**
 * A strict Content Security Policy, with a nonce of its own for every page; and a number for every browser on its first visit. API
 * routes send no scripts and are left out.
 */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64')
  const dev = process.env.NODE_ENV === 'development'
  const policy = [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'${dev ? " 'unsafe-inline'" : ''}`,
    `style-src-attr 'unsafe-inline'`,
    `img-src 'self' blob: data:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `worker-src 'self'`,
    `manifest-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  response.headers.set('permissions-policy', 'camera=(self), microphone=(), geolocation=()')
  const secure = (request.headers.get('x-forwarded-proto') ?? request.nextUrl.protocol).startsWith('https')
  if (secure) response.headers.set('strict-transport-security', 'max-age=31536000')
  if (!request.cookies.has(DEVICE_COOKIE)) {
    response.cookies.set(DEVICE_COOKIE, crypto.randomUUID(), { httpOnly: true, sameSite: 'lax', path: '/', maxAge: DEVICE_SECONDS, secure })
  }
  return response
}

export const config = {
  matcher: [
    {
      source: '/((?!api/|_next/static|_next/image|sw.js|favicon|icon|manifest.webmanifest).*)',
      missing: [{ type: 'header', key: 'next-router-prefetch' }],
    },
  ],
}
