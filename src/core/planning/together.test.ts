import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { planOnce } from './plan-once'
import { together } from './together'
import type { PlannedStep } from './types'

const jobs = demoMachines().flatMap((file) => file.goals.map((g) => [file.name, g.name, file, g.id] as const))
const step = (id: string, more: Partial<PlannedStep> = {}): PlannedStep =>
  ({
    id,
    action: id,
    kind: 'release',
    limb: 'up',
    title: id,
    pose: 'p',
    people: 1,
    minutes: { low: 1, likely: 4, high: 8 },
    why: [],
    gives: [],
    fixings: [],
    parts: [],
    cautions: [],
    consumables: [],
    ...more,
  }) as PlannedStep

describe('two mechanics', () => {
  it('nobody works beside what makes it dead, or proves it', () => {
    expect(together([step('plug', { limb: 'down', power: 'isolated' }), step('lid', { limb: 'down' })]).minutes).toBe(8)
    expect(together([step('proof', { limb: 'down', check: 'dead' }), step('lid', { limb: 'down' })]).minutes).toBe(8)
    expect(together([step('mat', { limb: 'down' }), step('lid', { limb: 'down' })]).minutes).toBe(4)
  })

  it.each(jobs)('%s, %s: no faster than the bound, no slower than one alone', (_, __, file, goal) => {
    const found = planOnce(file, 'untouched', [goal], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    for (const limb of [found.value.down, found.value.up]) {
      const { minutes, bound } = together(limb.steps)
      expect(bound).toBeLessThanOrEqual(minutes + 1e-9)
      expect(minutes).toBeLessThanOrEqual(limb.minutes.elapsed + 1e-9)
    }
  })
  it('halve what hangs on nothing, and gain nothing on a chain, on one tool, or where two are wanted', () => {
    const four = ['a', 'b', 'c', 'd']
    expect(together(four.map((id) => step(id)))).toEqual({ minutes: 8, bound: 8 })
    expect(together(four.map((id, i) => step(id, i > 0 ? { after: [four[i - 1]!] } : {})))).toEqual({ minutes: 16, bound: 16 })
    expect(together(four.map((id) => step(id, { tool: { id: 't', name: 't', short: 't' } }))).minutes).toBe(16)
    expect(together(four.map((id) => step(id, { people: 2 })))).toEqual({ minutes: 16, bound: 16 })
  })
  it('nothing crosses a turn, and a wait holds up what follows but not the hands', () => {
    const turn = { to: 'q', title: 'turn', people: 2 as const, minutes: { low: 1, likely: 3, high: 5 } }
    expect(together([step('a'), step('b', { turn, pose: 'q' })]).minutes).toBe(11)
    expect(together([step('a', { wait: 10 }), step('b'), step('c', { after: ['a'] })]).minutes).toBe(18)
  })
})
