import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import type { Opened } from '../machine'
import { type Plan } from './index'
import { planOnce } from './plan-once'

const of = (machine: string, goal: string, variants: Readonly<Record<string, string>> = {}): Plan => {
  const found = planOnce(
    demoMachines().find((f) => f.id === machine)!,
    'untouched',
    [goal],
    { variants },
  )
  if (!found.ok) throw new Error(found.error.kind)
  return found.value
}
const opened = (p: Plan): Opened[] => [...new Set([...p.down.steps, ...p.swap].flatMap((s) => s.opens ?? []))].sort()

describe('what a plan opens', () => {
  it.each([
    ['sanderling', 'tyre-goal', ['cover', 'plug', 'tyre', 'wheel']],
    ['sanderling', 'motor-goal', ['cover', 'motor', 'plug', 'wheel']],
    ['dunlin', 'inspect', ['cover']],
    ['knot', 'actuator-goal', ['cover', 'motor', 'plug']],
    ['redshank', 'brushes-goal', ['motor']],
  ] as const)('%s, %s', (machine, goal, roles) => {
    expect(opened(of(machine, goal))).toEqual(expect.arrayContaining([...roles]))
  })
  it('a hub motor out with its wheel is not opened, and the plug and pack that make it safe are nothing', () => {
    const tyre = of('sanderling', 'tyre-goal')
    expect(opened(tyre)).not.toContain('motor')
    expect(opened(tyre)).not.toContain('pack')
    for (const step of tyre.down.steps) if (step.power) expect(step.opens, step.id).toBeUndefined()
  })
  it('is proved by its class; one whose only drive steers, as steering', () => {
    expect(of('curlew', 'inspect').provedAs).toBe('steering')
    // Without its assist there is nothing to read a centre by.
    expect(of('curlew', 'column-goal', { assist: 'blanked' }).provedAs).toBe('ride-on')
    expect(of('plover', 'inspect').provedAs).toBe('ride-on')
    expect(of('knot', 'inspect').provedAs).toBe('indoor machine')
  })
})
