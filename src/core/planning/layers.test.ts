import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { holds, withWorstCase } from '../machine'
import { layersOf } from './index'
import { planOnce } from './plan-once'

describe.each(demoMachines().map((f) => [f.name, f] as const))('the %s from the outside in', (_, file) => {
  const { layers, stays } = layersOf(file, {})
  const at = (id: string): number => layers.findIndex((l) => [...l.parts, ...l.joints, ...l.connections].includes(id))

  it('names every part once, free or staying', () => {
    const named = [...layers.flatMap((l) => l.parts), ...stays]
    // A half of a split panel is not on a machine whose panel is one piece.
    const worst = withWorstCase(file, {})
    const fitted = file.parts.filter((p) => {
      const holding = file.joints.filter((j) => j.holds.includes(p.id))
      if (!holds(p.when, () => false, worst)) return false
      return holding.length === 0 || holding.some((j) => holds(j.when, () => false, worst))
    })
    expect(new Set(named)).toEqual(new Set(fitted.map((p) => p.id)))
    expect(named).toHaveLength(fitted.length)
  })
  it('leaves out what the answers say is not fitted', () => {
    for (const v of file.variants) {
      for (const o of v.options) {
        const { layers: some, stays: left } = layersOf(file, { [v.id]: o.id })
        const named_ = new Set([...some.flatMap((l) => l.joints), ...left])
        for (const p of file.parts)
          if (p.when && 'variant' in p.when && p.when.variant === v.id && p.when.is !== o.id)
            expect([...some.flatMap((l) => l.parts), ...left], `${p.id} with ${o.id}`).not.toContain(p.id)
        for (const j of file.joints)
          if (j.when && 'variant' in j.when && j.when.variant === v.id && j.when.is !== o.id)
            expect(named_, `${j.id} with ${o.id}`).not.toContain(j.id)
      }
    }
  })
  it('puts nothing further out than what a plan has to take off before it', () => {
    for (const goal of file.goals) {
      const found = planOnce(file, 'untouched', [goal.id], { variants: {} })
      if (!found.ok) throw new Error(found.error.kind)
      const seen: number[] = []
      for (const step of found.value.down.steps) {
        const layer = at(step.action.split(':')[1]!)
        if (layer < 0) continue
        // A step in layer n has something of layer n − 1 done before it.
        if (layer > 0) expect(seen, step.title).toContain(layer - 1)
        seen.push(layer)
      }
    }
  })
})
