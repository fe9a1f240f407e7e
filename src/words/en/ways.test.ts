import { describe, expect, it } from 'vitest'
import { type PlannedStep } from '../../core/planning'
import { demoMachines } from '../../demo/machines'
import { waysOf } from './ways'
import { planOnce } from '../../core/planning/plan-once'

const file = (name: string) => demoMachines().find((f) => f.name === name)!
function steps(name: string, goal: string): { readonly file: ReturnType<typeof file>; readonly list: readonly PlannedStep[] } {
  const found = planOnce(file(name), 'untouched', [goal], { variants: {} })
  if (!found.ok) throw new Error(found.error.kind)
  return { file: file(name), list: [...found.value.down.steps, ...found.value.up.steps] }
}

describe('which way', () => {
  it('says where air goes, on the machine and as it stands', () => {
    const { file: dunlin, list } = steps('Dunlin', 'front-tyre-goal')
    const valve = list.find((s) => s.action === 'undo:front-valve-core')!
    expect(waysOf(dunlin, { ...valve, pose: 'upright' }, false)[0]).toBe('Air leaves to the left.')
    expect(waysOf(dunlin, { ...valve, pose: 'on-right' }, false)[0]).toBe('Air leaves to the left on the machine, now up.')
    expect(waysOf(dunlin, { ...valve, limb: 'up' }, false)).not.toContain('Air leaves to the left.')
  })
  it('says where a tab points for whoever works on it upside down', () => {
    const { file: whimbrel, list } = steps('Whimbrel', 'wheel-goal')
    const washers = list.filter((s) => s.action === 'undo:left-washers')
    expect(washers).toHaveLength(2)
    for (const s of washers) expect(waysOf(whimbrel, s, false)).toContain('Tab points rearward.')
    const sanderling = steps('Sanderling', 'motor-goal')
    const tab = sanderling.list.find((s) => s.action === 'undo:left-washers')!
    expect(waysOf(sanderling.file, { ...tab, pose: 'on-bars' }, false)).toEqual([
      'Tab points down on the machine, now up.',
      'Its left is now on the right, its right on the left (seen from behind).',
    ])
  })
  it('says before a turn what will become of left and right, and nothing where they stay', () => {
    const { file: dunlin, list } = steps('Dunlin', 'front-motor-goal')
    const turn = list.find((s) => s.turn?.to === 'on-right')!
    expect(waysOf(dunlin, turn, true)).toEqual(['Its left will be up, its right down.'])
    const plover = steps('Plover', 'wheel-goal')
    for (const s of plover.list.filter((x) => x.turn)) expect(waysOf(plover.file, s, true)).toEqual([])
  })
})
