import { describe, expect, it } from 'vitest'
import { reduce } from '../../core/job'
import { plan } from '../../core/planning'
import { demoMachines } from '../../demo/machines'
import { Logbook } from '../../../tests/logbook'
import { doneLabel, factsOfStep } from './step-facts'

const file = demoMachines().find((f) => f.name === 'Dunlin')!
const found = plan(file, 'untouched', ['front-motor-goal'], { variants: {} })
if (!found.ok) throw new Error(found.error.kind)
const book = new Logbook()
book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision }, complaint: 'x' })
book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
const state = reduce('j1', book.entries)
const up = (action: string) => state.up.find((s) => s.action === action)!

describe('what the big action says', () => {
  it('counts the fixings and names the pass, once each', () => {
    const lid = up('undo:deck-screws')
    const label = (passes: typeof lid.passes, fixings: number): string => {
      const step = { ...lid, passes: passes!, fixings: lid.fixings.slice(0, fixings) }
      return doneLabel({ ...state, up: state.up.map((s) => (s.id === lid.id ? step : s)) }, step)
    }
    expect(label(['started', 'final'], 14)).toBe('All 14 started by hand')
    expect(label(['seated', 'final'], 14)).toBe('All 14 seated')
    expect(label(['seated', 'final'], 2)).toBe('Both seated')
    expect(label(['seated', 'final'], 1)).toBe('Seated')
  })
  it('tells what a driver may do beside the tool, on the way up only', () => {
    expect(factsOfStep(up('undo:deck-screws'))[0]).toMatchObject({
      label: 'Tool',
      note: 'start by hand, then driver at clutch 4, finish by torque wrench',
    })
    expect(factsOfStep(state.down.find((s) => s.action === 'undo:deck-screws')!)[0]).not.toHaveProperty('note')
  })
  it('counts those of one length by themselves, cell by cell', () => {
    const lid = state.down.find((s) => s.action === 'undo:deck-screws')!
    const fixings = ['M4×10', 'M4×10', 'M4×14'].map((label, i) => ({ ...lid.fixings[i]!, label, cell: 'A1' }))
    expect(factsOfStep({ ...lid, fixings }).find((f) => f.label === 'Goes to')?.value).toBe('A1: 2 × M4×10 and 1 × M4×14')
  })
  it('names what does not go back beside where the rest goes', () => {
    const redshank = demoMachines().find((f) => f.id === 'redshank')!
    const gearbox = plan(redshank, 'untouched', ['gearbox-goal'], { variants: {} })
    if (!gearbox.ok) throw new Error(gearbox.error.kind)
    const nut = gearbox.value.down.steps.find((s) => s.action === 'undo:left-wheel-nut')!
    expect(factsOfStep(nut)).toContainEqual({
      label: 'Goes to',
      value: expect.stringMatching(/^A\d: 1 × castle nut M12×1.25$/),
      note: 'split pin 3.2 × 32: not going back',
    })
  })
  it('counts what comes out, not what stays in', () => {
    const pipit = demoMachines().find((f) => f.id === 'pipit')!
    const pad = plan(pipit, 'untouched', ['pad-goal'], { variants: {} })
    if (!pad.ok) throw new Error(pad.error.kind)
    const out = pad.value.down.steps.find((s) => s.action === 'undo:pad-screws')!
    expect(out.fixings.map((f) => f.cell !== undefined)).toEqual([true, false, true])
    expect(factsOfStep(out)).toContainEqual({ label: 'Goes to', value: expect.stringMatching(/: 2 × M4×8$/) })
    const back = { ...pad.value.up.steps.find((s) => s.action === 'undo:pad-screws')!, passes: ['seated', 'final'] as const }
    expect(doneLabel({ ...state, up: [back] }, back)).toBe('Both seated')
  })
})
