import { describe, expect, it } from 'vitest'
import { FULL_VOLTS, type Kind } from '../../../../scripts/likelihoods/bench'
import { madeFrom, planted, rowsOfNumbers, shown } from '../../../../scripts/likelihoods/table'
import { draftOf } from '../index'
import { CATALOGUES } from '../catalogues'

/** One hypothesis in a hundred, made again: which, so that each kind has one that many tests see. */
const AGAIN: Readonly<Record<Kind, string>> = {
  'hub direct': 'winding/2',
  'hub geared': 'clutch-slips/3',
  'mid-drive': 'spindle-bearing/2',
  'gearbox brushed': 'bearing/2',
  actuator: 'screw-dry/2',
  'steering assist': 'supply/3',
  traction: 'cable-wet/2',
}

describe.each(Object.keys(AGAIN) as Kind[])('the table of %s', (kind) => {
  const { table } = CATALOGUES[kind]
  const draft = draftOf(kind, FULL_VOLTS[kind])
  it('was made from the model, the simulated machines and the script as they are now: else `npm run likelihoods`', () =>
    expect(table.made).toBe(madeFrom(kind)))
  it('comes out the same for one hypothesis of it', () => {
    const list = planted(kind)
    const [healthy, again] = [list[0]!, list.find((p) => p.key === AGAIN[kind])!]
    const sets = [shown(kind, healthy), shown(kind, again)]
    let seen = 0
    for (const { id, answer } of draft.tests) {
      if (answer.kind !== 'number' || !table.numbers[id]) continue
      const values = sets.map((set) => set.map((s) => s.numbers[id]!))
      const log = table.numbers[id].healthy.some((b) => b.log)
      const rows = rowsOfNumbers(['healthy', again.key], values, answer.u, answer.scale ?? 1, log)
      expect(rows.healthy, id).toEqual(table.numbers[id].healthy)
      expect(rows.given[again.key], id).toEqual(table.numbers[id].given[again.key])
      if (rows.given[again.key]) seen++
    }
    expect(seen).toBeGreaterThan(0)
  })
  it('knows every test that a model gives, and every row is of something that the catalogue has', () => {
    const keys = new Set(planted(kind).map((p) => p.key))
    for (const { id, answer } of draft.tests) {
      const rows = answer.kind === 'number' ? table.numbers[id] : table.words[id]
      expect(rows !== undefined || answer.estimate !== undefined, id).toBe(true)
      for (const key of Object.keys(rows?.given ?? {})) expect(keys, id).toContain(key)
    }
    for (const [fault, pairs] of Object.entries(table.together)) {
      expect([...keys].some((key) => key.split('/')[0] === fault)).toBe(true)
      for (const [, , rho] of pairs) expect(Math.abs(rho)).toBeLessThan(1)
    }
  })
})
