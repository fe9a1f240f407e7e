import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { WaitState } from '../core/job'

const BEGAN = 1_000_000
const wait = (receivedAt: number | null): WaitState => ({
  kind: 'discharge',
  minutes: 10,
  began: { entry: 'e1', by: 'ines', at: BEGAN, seq: 4, receivedAt, notBefore: 0 },
})
/** A page of its own: what was seen before it is gone. */
async function page() {
  vi.resetModules()
  const [{ ranSince }, { measure }] = [await import('./waits'), await import('./clock')]
  return { ranSince, measure }
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['performance', 'Date'] })
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined })
})
afterEach(() => (vi.useRealTimers(), vi.unstubAllGlobals()))

it('a wait runs by what this page has run since it saw it; no clock and no reload makes it longer', async () => {
  const { ranSince } = await page()
  vi.advanceTimersByTime(60_000)
  expect(ranSince(wait(null))).toBe(0)
  vi.advanceTimersByTime(90_500)
  expect(ranSince(wait(null))).toBe(90)
  vi.setSystemTime(Date.now() + 3_600_000)
  expect(ranSince(wait(null))).toBe(90)
  expect((await page()).ranSince(wait(null))).toBe(0)
})

it('the server’s time counts once it was seen on this page, from when it had the entry', async () => {
  const { ranSince, measure } = await page()
  expect(ranSince(wait(BEGAN))).toBe(0)
  measure(BEGAN + 300_000, Date.now(), Date.now())
  expect(ranSince(wait(BEGAN))).toBe(300)
  vi.advanceTimersByTime(20_000)
  expect(ranSince(wait(BEGAN))).toBe(320)
  expect(ranSince(wait(null))).toBe(20)
  // Power is on: it does not run.
  expect(ranSince({ kind: 'discharge', minutes: 10 })).toBeNull()
})
