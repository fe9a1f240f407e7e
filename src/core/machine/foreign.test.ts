import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { compareOne, foreignSpecs, freeSpeed } from './index'

const file = (name: string) => demoMachines().find((f) => f.name === name)!

describe('a new part of another make', () => {
  it('works out how fast it turns the wheel on a full pack', () => {
    // 14.5 rpm/V on 42 V is 609 rpm; a tyre of 670 mm round goes 408 m in a minute.
    expect(freeSpeed(14.5, 42, 670)).toBeCloseTo(24.48, 2)
    expect(freeSpeed(10, 100, 1000)).toBe(60)
  })

  it('asks of a motor its speed against the class, Hall spacing, pole pairs and the amps of its plug', () => {
    const rows = foreignSpecs(file('Sanderling'), 'motor-wheel', 20)
    expect(rows.map((r) => r.id)).toEqual(['top-speed', 'hall-spacing', 'pole-pairs', 'plug-amps'])
    expect(rows[0]).toMatchObject({ value: 20, larger: 0, smaller: 20 })
    expect(foreignSpecs(file('Sanderling'), 'motor-wheel', undefined).map((r) => r.id)).not.toContain('top-speed')
  })

  it('asks of a controller its amps, what volts it takes and where it cuts off, by the cells of the pack', () => {
    for (const f of demoMachines()) {
      const controller = f.parts.find((p) => p.role === 'controller')
      if (!controller) continue
      const rows = foreignSpecs(f, controller.id, 25)
      expect(rows.map((r) => r.id)).toContain('amps')
      const cut = rows.find((r) => r.id === 'cut-off-volts')
      expect(cut !== undefined).toBe(f.pack !== undefined)
      if (!f.pack) continue
      // Above empty and below full of what it has.
      expect(cut!.value as number).toBeGreaterThan(0.5 * f.pack.nominal.value)
      expect((cut!.value as number) + cut!.larger!).toBeLessThan(f.pack.nominal.value)
      expect(rows.find((r) => r.id === 'full-volts')!.value as number).toBeGreaterThan(f.pack.nominal.value)
    }
  })

  it('takes a controller of fewer amps, none of more; one that stands more volts, none that stands less', () => {
    const sanderling = file('Sanderling')
    const controller = sanderling.parts.find((p) => p.role === 'controller')!.id
    const rows = foreignSpecs(sanderling, controller, 20)
    const verdict = (id: string, old: number | null, fresh: number) => {
      const spec = rows.find((r) => r.id === id)!
      return compareOne({ ...spec, name: id, why: '' }, old, fresh).verdict
    }
    expect([14, 15, 15.5].map((amps) => verdict('amps', 15, amps))).toEqual(['match', 'match', 'mismatch'])
    const full = rows.find((r) => r.id === 'full-volts')!.value as number
    expect([full - 0.1, full, full + 20].map((volts) => verdict('full-volts', null, volts))).toEqual(['mismatch', 'match', 'match'])
  })

  it('asks nothing of a tyre', () => expect(foreignSpecs(file('Sanderling'), 'tyre', 20)).toEqual([]))
})
