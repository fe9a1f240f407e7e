import { expect, it, vi } from 'vitest'
import { planAside } from './planner'
import { dunlin } from '../demo/machines/dunlin'

it('what was left before it was asked starts no planner', async () => {
  const started = vi.fn()
  vi.stubGlobal('Worker', started)
  const asking = new AbortController()
  asking.abort()
  await expect(planAside(dunlin(), 'untouched', ['inspect'], { variants: {} }, () => undefined, asking.signal)).rejects.toThrow(/abort/i)
  expect(started).not.toHaveBeenCalled()
  vi.unstubAllGlobals()
})
