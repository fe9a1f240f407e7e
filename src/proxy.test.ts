import { NextRequest } from 'next/server'
import { describe, expect, it } from 'vitest'
import { proxy } from './proxy'

const visit = (url: string, headers: Record<string, string> = {}) => proxy(new NextRequest(url, { headers }))

describe('fault 23: what every page sends along', () => {
  it('over https the device’s number is Secure, and the browser is told to stay with https', () => {
    for (const response of [visit('https://shop.test/'), visit('http://127.0.0.1:4310/', { 'x-forwarded-proto': 'https' })]) {
      expect(response.headers.get('set-cookie')).toMatch(/nailsmith-device=.*Secure/)
      expect(response.headers.get('strict-transport-security')).toMatch(/max-age=\d{7,}/)
    }
  })
  it('on loopback by http neither, since it would shut itself out', () => {
    const response = visit('http://127.0.0.1:4310/')
    expect(response.headers.get('set-cookie')).toMatch(/HttpOnly/)
    expect(response.headers.get('set-cookie')).not.toMatch(/Secure/)
    expect(response.headers.get('strict-transport-security')).toBeNull()
  })
  it('a nonce of its own each time, nosniff, and no framing', () => {
    const [a, b] = [visit('http://127.0.0.1/'), visit('http://127.0.0.1/')]
    expect(a.headers.get('content-security-policy')).toMatch(/'nonce-[^']+' 'strict-dynamic'.*frame-ancestors 'none'/)
    expect(a.headers.get('content-security-policy')).not.toBe(b.headers.get('content-security-policy'))
    expect(a.headers.get('x-content-type-options')).toBe('nosniff')
  })
})
