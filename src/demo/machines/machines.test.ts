import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseMachineFile } from '../../formats/machine-file'
import { checkIntegrity, compareOne, fullChargeVolts, type MachineFile } from '../../core/machine'
import { expectedDone, type JobState, looseCount, presentStep, reduce, tally, waitingFor } from '../../core/job'
import { plan } from '../../core/planning'
import { Logbook } from '../../../tests/logbook'
import { demoMachines } from './index'
import { FEATURES, machineTables } from './tables'

/** Every way of answering the questions of a machine, and not answering at all. */
function answers(file: MachineFile): Record<string, string>[] {
  return [{}, ...file.variants.reduce<Record<string, string>[]>((list, v) => list.flatMap((a) => v.options.map((o) => ({ ...a, [v.id]: o.id }))), [{}])]
}

/** Tester tried before and after, pole to pole, each pole to frame. */
const PROOF_HIGH = (['tester before', 'poles', 'plus to frame', 'minus to frame', 'tester after'] as const).map((role) => ({ between: role, volts: role.startsWith('tester') ? 12 : 0, role }))

/** The job by one tap a step, down, swapped and up again; what waited when its turn came. */
function run(file: MachineFile, goal: string, variants: Record<string, string>) {
  const found = plan(file, 'untouched', [goal], { variants })
  if (!found.ok) throw new Error(`${file.name}, ${goal}: ${JSON.stringify(found.error)}`)
  const book = new Logbook()
  const full = file.pack && fullChargeVolts(file.pack)
  const high = full !== undefined && full > 60
  book.log('job-opened', { number: '1', machine: { name: file.name, file: file.id, revision: file.revision, ...(full ? { fullVolts: full } : {}) }, complaint: 'x' })
  for (const [variant, option] of Object.entries(variants)) book.log('variant-answered', { variant, option })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
  if (high) book.log('check-passed', { check: 'qualified', evidence: 'answers for it' })
  if (file.pack) book.log('pack-checked', { result: 'sound', signs: [] })
  for (const { part, compare } of found.value.swap) if (part && compare) book.log('replacement-compared', { part: part.id, rows: compare.map((spec) => compareOne(spec, null, spec.value)) })
  const now = (): JobState => reduce('j1', book.entries)
  const waits: string[] = []
  const does = (limb: 'down' | 'up'): void => {
    for (let n = 0; n < 150; n++) {
      const step = presentStep(now(), limb, now().lastAt)
      if (!step) return
      if (step.check === 'spin test') book.wait(60).log('note-added', { text: 'waited' })
      const state = now()
      waits.push(...waitingFor(state, step, state.lastAt).map((w) => `${step.title}: ${w}`))
      if (step.check === 'dead') book.log('proof-taken', { instrument: 'm', readings: high ? PROOF_HIGH : [{ between: 'feed', volts: 0 }] })
      if (step.check && limb === 'up') book.log('check-passed', { check: step.check as never, evidence: 'x', step: step.id })
      else book.log('step-done', expectedDone(state, step))
    }
  }
  does('down')
  for (const s of found.value.swap) if (s.part) book.log('part-replaced', { part: s.part.id, step: s.id })
    else book.log('step-done', { step: s.id })
  does('up')
  return { plan: found.value, top: now(), waits }
}

describe.each(demoMachines().map((file) => [file.name, file] as const))('the machine file of the %s', (_, file) => {
  it('has the right shape, hangs together, and names 15 to 80 fixings and two jobs or more', () => {
    const parsed = parseMachineFile(JSON.stringify(file))
    expect(parsed.ok ? [] : parsed.error).toEqual([])
    expect(checkIntegrity(file)).toEqual([])
    const fixings = file.joints.reduce((n, j) => n + j.members.length, 0)
    expect(fixings).toBeGreaterThanOrEqual(15)
    expect(file.goals.length).toBeGreaterThanOrEqual(2)
  })

  it('goes down and up by one tap a step for every job and every answer, proved the cheapest; nothing is loose at the end', () => {
    for (const goal of file.goals) {
      for (const variants of answers(file)) {
        const { plan: p, top, waits } = run(file, goal.id, variants)
        const what = `${goal.name} ${JSON.stringify(variants)}`
        expect(waits, what).toEqual([])
        expect(p.down.proved && p.up.proved, what).toBe(true)
        expect(looseCount(top), what).toEqual({ fixings: 0, parts: 0 })
        expect(tally(top), what).toMatchObject({ open: 0, balanced: true })
        expect(top.flags, what).toEqual([])
      }
    }
  })

  it('parts no wiring before dead is shown, and powers nothing before the axle is held', () => {
    for (const goal of file.goals) {
      const { plan: p } = run(file, goal.id, {})
      const proof = p.down.steps.findIndex((s) => s.check === 'dead')
      p.down.steps.forEach((s, i) => s.dead && expect(i, s.title).toBeGreaterThan(proof))
      const live = p.up.steps.findIndex((s) => s.power === 'live')
      p.up.steps.forEach((s, i) => (s.dead || s.check === 'reaction path') && live >= 0 && expect(i, s.title).toBeLessThan(live))
    }
  })
})

describe('what the demo machines say', () => {
  it('leaves none of the listed features without a machine', () => {
    for (const feature of FEATURES) expect(demoMachines().filter(feature.has).map((f) => f.name), feature.name).not.toEqual([])
  })
  it('stands in the docs as it is', () => expect(readFileSync('docs/machines.md', 'utf8')).toBe(machineTables()))
})
