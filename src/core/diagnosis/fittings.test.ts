import { describe, expect, it } from 'vitest'
import { DRIVE_KINDS, FITTINGS } from '../machine'
import { demoMachines } from '../../demo/machines'
import { catalogueFor, catalogueOf, draftOf, fittingsOf, isKnown, usualFittings } from './index'

describe('what a drive has of what not every one of its kind has', () => {
  const knot = demoMachines().find((f) => f.id === 'knot')!
  const belt = knot.drives.find((d) => d.id === 'belt-drive')!
  it('a belt motor on the mains is asked for no contactor, park brake, oil or pack, and for its belt', () => {
    expect(fittingsOf(belt, knot)).toEqual(['belt', 'adaptor'])
    const { faults, tests, pairs } = catalogueFor(belt, knot)!
    const ids = [...faults.map((f) => f.id), ...tests.map((t) => t.id)]
    for (const gone of ['contactor-welded', 'park-coil', 'oil', 'oil-low', 'block-lowest', 'pack-weak', 'charger-volts', 'field-ohms'])
      expect(ids).not.toContain(gone)
    for (const there of ['belt-slack', 'belt-deflection', 'pulley-marked', 'adaptor']) expect(ids).toContain(there)
    expect(pairs.flatMap((p) => p.faults)).not.toContain('oil-low')
  })
  it.each(DRIVE_KINDS.filter(isKnown))('%s: whatever is left out, faults, rows and tests speak of what is there', (kind) => {
    for (const without of FITTINGS) {
      const has = FITTINGS.filter((f) => f !== without)
      const catalogue = catalogueOf(kind, 48, has)
      const ids = new Set(catalogue.faults.map((f) => f.id))
      expect(catalogue.faults.some((f) => f.of === without)).toBe(false)
      for (const { answer } of catalogue.tests)
        for (const key of Object.keys(answer.rows.given))
          for (const part of key.split(/[+/]/)) if (!/^[123~]$/.test(part)) expect(ids, key).toContain(part)
    }
    // A test that nobody could be asked for would be no test.
    const offered = new Set([...usualFittings(kind), ...FITTINGS])
    for (const t of draftOf(kind, 48).tests) if (t.needs && t.needs !== 'line resistance') expect(offered).toContain(t.needs)
  })
  it('what feeds it is a battery or an adaptor', () => {
    expect(usualFittings('actuator')).toEqual(['battery'])
    expect(usualFittings('actuator', false)).toEqual(['adaptor'])
    expect(usualFittings('gearbox brushed', false)).toContain('contactor')
  })
  it('a test of a fitting has a fault of it to tell', () => {
    for (const kind of DRIVE_KINDS.filter(isKnown)) {
      const { faults, tests } = draftOf(kind, 48)
      for (const { id, needs } of tests)
        if (needs && needs !== 'line resistance')
          expect(
            faults.some((f) => f.of === needs),
            `${kind} ${id}`,
          ).toBe(true)
    }
  })
})
