import { readFileSync } from 'node:fs'
import path from 'node:path'
import vm from 'node:vm'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

/** The service worker as the browser runs it, with caches and a network of the test's own. */
function scope(kept: Readonly<Record<string, string>>, network: () => Promise<Response>, claim: () => void = () => undefined) {
  const handlers = new Map<string, (event: unknown) => void>()
  const cache = {
    match: async (key: string | Request) =>
      kept[typeof key === 'string' ? key : new URL(key.url).pathname] === undefined
        ? undefined
        : new Response(kept[typeof key === 'string' ? key : new URL(key.url).pathname]),
    put: async () => undefined,
    addAll: async () => undefined,
  }
  const self = {
    addEventListener: (name: string, handler: (event: unknown) => void) => void handlers.set(name, handler),
    location: { origin: 'http://shop.test' },
    skipWaiting: () => undefined,
    clients: { claim },
  }
  vm.runInNewContext(readFileSync(path.join(import.meta.dirname, 'service-worker.js'), 'utf8').replace('/* __PRECACHE__ */', ''), {
    self,
    caches: { open: async () => cache, match: cache.match, keys: async () => [], delete: async () => true },
    fetch: network,
    URL,
    Response,
    setTimeout,
    Promise,
  })
  return { handlers }
}

function worker(kept: Readonly<Record<string, string>>, network: () => Promise<Response>): (pathname: string) => Promise<Response> {
  const { handlers } = scope(kept, network)
  return (pathname) => {
    let answer: Promise<Response> | undefined
    const request = { method: 'GET', url: `http://shop.test${pathname}`, mode: 'navigate', destination: 'document' }
    handlers.get('fetch')!({ request, respondWith: (r: Promise<Response>) => (answer = r) })
    return answer!
  }
}

describe('a page that was still being opened when the worker took the others over', () => {
  it('is taken over when it asks', () => {
    let claims = 0
    const { handlers } = scope(
      {},
      () => Promise.reject(new TypeError('offline')),
      () => void (claims += 1),
    )
    handlers.get('message')!({ data: 'claim', waitUntil: () => undefined })
    handlers.get('message')!({ data: 'something else', waitUntil: () => undefined })
    expect(claims).toBe(1)
  })
})

describe('fault 22: a page that is kept', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())
  const never = () => new Promise<Response>(() => undefined)

  it('opens after three seconds where the server hangs, and not before', async () => {
    const open = worker({ '/jobs/1': 'kept' }, never)
    let text: string | undefined
    void open('/jobs/1').then(async (r) => (text = await r.text()))
    await vi.advanceTimersByTimeAsync(2_900)
    expect(text).toBeUndefined()
    await vi.advanceTimersByTimeAsync(200)
    expect(text).toBe('kept')
  })
  it('gives way to a server that answers in time', async () => {
    expect(await (await worker({ '/jobs/1': 'kept' }, async () => new Response('fresh'))('/jobs/1')).text()).toBe('fresh')
  })
  it.each([
    ['no network', () => Promise.reject(new TypeError('offline'))],
    ['a server in trouble', async () => new Response('', { status: 503 })],
  ])('opens at once with %s', async (_, network) => {
    expect(await (await worker({ '/': 'kept' }, network)('/')).text()).toBe('kept')
  })
  it('one that is not kept waits for a slow server, and says so without one', async () => {
    let text: string | undefined
    void worker(
      {},
      () => new Promise((resolve) => setTimeout(() => resolve(new Response('slow')), 9_000)),
    )('/x').then(async (r) => (text = await r.text()))
    await vi.advanceTimersByTimeAsync(9_100)
    expect(text).toBe('slow')
    const none = await worker({}, () => Promise.reject(new TypeError('offline')))('/x')
    expect([none.status, await none.text()]).toEqual([503, expect.stringMatching(/No connection/)])
  })
})
