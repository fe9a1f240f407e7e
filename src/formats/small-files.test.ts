import { describe, expect, it } from 'vitest'
import { optimum, smallFile } from '../../tests/small-files'
import { factKey, holds } from '../core/machine'
import { plan } from '../core/planning'
import { parseMachineFile } from './machine-file'

const SEEDS = 500

describe(`${SEEDS} small files drawn by chance, with two ways in, modes that ask for facts, and push-asides`, () => {
  const files = Array.from({ length: SEEDS }, (_, seed) => {
    const read = parseMachineFile(JSON.stringify(smallFile(seed)))
    if (!read.ok) throw new Error(JSON.stringify(read.error))
    return read.value
  })

  it('are planned as the cheapest of every order and every way, down and up; only what has none is refused, by its circle or blocker', () => {
    const told = { planned: 0, refused: 0 }
    for (const file of files) {
      const best = optimum(file)
      const found = plan(file, 'untouched', ['inner-goal'], { variants: {} })
      if (!found.ok) {
        const { error } = found
        told.refused++
        expect(best.down === null || best.up(best.down.order, best.down.pose) === null, `${file.name}: ${JSON.stringify(error)}`).toBe(true)
        if (error.kind === 'cycle') {
          expect(error.loop.length, `${file.name}: a circle`).toBeGreaterThan(1)
          expect(error.loop[0], file.name).toBe(error.loop.at(-1))
        } else if (error.kind === 'unreachable') expect(error.chain.length, file.name).toBeGreaterThan(0)
        else expect(['never back', 'no way to turn'], file.name).toContain(error.kind)
        continue
      }
      told.planned++
      const { down, up } = found.value
      expect([down.proved, up.proved], file.name).toEqual([true, true])
      // Dearer only where the cheapest set has no way back: what the way up wants is made ready on the way down.
      const cost = Math.round(down.bound * 60)
      if (best.down && cost !== best.down.cost) {
        expect(cost, `${file.name}, down`).toBeGreaterThan(best.down.cost)
        expect(best.up(best.down.order, best.down.pose), `${file.name}, back`).toBeNull()
      } else expect(cost, `${file.name}, down`).toBe(best.down?.cost)
      const actions = down.steps.map((s) => s.action)
      // Where what a step down needs holds, it may really be done.
      const taken = new Set<string>()
      const facts = new Set<string>()
      for (const [i, here] of down.steps.entries()) {
        const next = down.steps[i + 1]
        if (next && !next.after?.includes(here.id) && holds(next.needs, (f) => facts.has(factKey(f)), {}))
          expect(
            best.mayTake(actions, next.action, taken, next.pose, next.tool?.id ?? null),
            `${file.name}: ${next.action} before ${here.action}`,
          ).toBe(true)
        taken.add(here.action)
        here.gives.forEach((f) => facts.add(f))
      }
      // What a step up does not wait for may really come after it: two that stand side by side can change places.
      const back = new Set<string>()
      for (const [i, here] of up.steps.entries()) {
        const next = up.steps[i + 1]
        if (next && !next.after?.includes(here.id)) {
          const may = (s: typeof here, done: ReadonlySet<string>): boolean =>
            best.mayReturn(actions, s.action, done, s.pose, s.tool?.id ?? null)
          expect(may(next, back), `${file.name}: ${next.action} before ${here.action}`).toBe(true)
          expect(may(here, new Set([...back, next.action])), `${file.name}: ${here.action} after ${next.action}`).toBe(true)
        }
        back.add(here.action)
      }
      expect(Math.round(up.bound * 60), `${file.name}, up`).toBe(best.up(actions, down.steps.at(-1)?.pose ?? file.poses[0]!.id))
    }
    // Neither is there by chance only.
    expect(told.planned).toBeGreaterThan(SEEDS / 5)
    expect(told.refused).toBeGreaterThan(SEEDS / 5)
  })
})
