import { describe, expect, it } from 'vitest'
import { dice } from '../../demo/chance'
import { demoMachines } from '../../demo/machines'
import type { MachineFile } from '../machine'
import { inOrder } from './in-order'
import { movedUp } from './moved'
import { planOnce } from './plan-once'
import type { PlannedStep } from './types'

const wayUp = (file: MachineFile, goal: string): readonly PlannedStep[] => {
  const found = planOnce(file, 'untouched', [goal], { variants: {} })
  if (!found.ok) throw new Error(goal)
  return found.value.up.steps
}
const machine = (id: string): MachineFile => demoMachines().find((f) => f.id === id)!

describe('a step of the way up at another place', () => {
  it('is possible just where nothing that waits for another comes before it; where it was it costs nothing', () => {
    const roll = dice(5)
    const told = { possible: 0, hindered: 0 }
    for (const file of demoMachines())
      for (const goal of file.goals) {
        const up = wayUp(file, goal.id)
        const now = { pose: up[0]!.turn?.by?.[0]?.[0] ?? up[0]!.pose, tool: null }
        for (let n = 0; n < 12; n++) {
          const [step, before] = [up[roll(up.length)]!, up[roll(up.length + 1)]]
          if (step === before) continue
          const found = movedUp(file, up, now, step.id, before?.id)
          const next = inOrder(up, step.id, before?.id)
          const wrong = next.some((s, i) => next.slice(i + 1).some((later) => s.after?.includes(later.id)))
          told[found.is]++
          expect(found.is, `${file.name}: ${step.title} before ${before?.title}`).toBe(wrong ? 'hindered' : 'possible')
          if (found.is === 'hindered') for (const { first, then } of found.by) expect(then.after).toContain(first.id)
        }
        const same = movedUp(file, up, now, up[1]!.id, up[2]?.id)
        expect(same, goal.name).toEqual({ is: 'possible', pose: up[1]!.pose, turns: [], added: [], more: 0 })
      }
    expect(told.possible).toBeGreaterThan(50)
    expect(told.hindered).toBeGreaterThan(50)
  })

  it('costs the turns that it makes, unless it may be done as the machine stands there', () => {
    const sanderling = machine('sanderling')
    const up = wayUp(sanderling, 'motor-goal')
    const id = (list: readonly PlannedStep[], action: string): string => list.find((s) => s.action === action)!.id
    // A look at the tabs is taken upside down only: from upright it is turned over and back, one minute each.
    const [look, lead] = ['step:reaction-path', 'off:lead-run'].map((a) => id(up, a))
    const caps = up.filter((s) => s.title.includes('axle cap')).map((s) => s.id)
    const without = up.map((s) => (caps.includes(s.id) ? { ...s, after: [] } : s))
    expect(movedUp(sanderling, without, { pose: 'on-bars', tool: null }, look!, lead)).toEqual({
      is: 'possible',
      pose: 'on-bars',
      more: 2,
      added: ['Turn it over onto the bar blocks', 'Turn it back onto its stand'],
      turns: [
        { step: look, turn: expect.objectContaining({ title: 'Turn it over onto the bar blocks' }) as never },
        { step: lead, turn: expect.objectContaining({ title: 'Turn it back onto its stand' }) as never },
      ],
    })
    // A plug goes home either way round: upside down with what is done there, for nothing.
    const whimbrel = machine('whimbrel')
    const other = wayUp(whimbrel, 'tyre-goal')
    const moved = movedUp(
      whimbrel,
      other,
      { pose: 'upside-down', tool: null },
      id(other, 'unplug:motor-plug'),
      id(other, 'undo:chainstay-ties'),
    )
    expect(moved).toEqual({ is: 'possible', pose: 'upside-down', turns: [], added: [], more: 0 })
  })

  it('says what comes of it where the file says so', () => {
    const file = machine('sanderling')
    const up = wayUp(file, 'motor-goal')
    const [look, plug] = ['step:reaction-path', 'unplug:pack-plug'].map((a) => up.find((s) => s.action === a)!)
    const found = movedUp(file, up, { pose: 'on-bars', tool: null }, plug!.id, look!.id)
    expect(found.is === 'hindered' && found.by.map((h) => h.consequence)).toContain('A knocked throttle turns an axle that nothing holds.')
  })
})
