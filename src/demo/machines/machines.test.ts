import { said } from '../../../tests/said'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseMachineFile } from '../../formats/machine-file'
import { answersBeside, answersFor, checkIntegrity, compareOne, fileVolts, type MachineFile, widthsOf } from '../../core/machine'
import {
  conversionOf,
  expectedDone,
  fold,
  KNOWN_IDS,
  type JobState,
  looseCount,
  lengthsAsked,
  notedDown,
  sideBySide,
  openWaits,
  presentStep,
  LOOKED_OVER,
  reduce,
  relevantChecks,
  startOf,
  tally,
  waitingFor,
} from '../../core/job'
import { type Plan, widthWay } from '../../core/planning'
import { planOnce } from '../../core/planning/plan-once'
import { proofOf } from '../../../tests/proof'
import { Logbook } from '../../../tests/logbook'
import { machineTree, SHARES } from '../../../tests/order-problems'
import { NEWEST_FORM } from '../../core/build'
import { wellRead } from '../figures'
import { demoMachines } from './index'
import { FEATURES, machineTables } from './tables'

/** Every way of answering the questions of a machine, and not answering at all. */
function answers(file: MachineFile): Record<string, string>[] {
  return [
    {},
    ...file.variants.reduce<Record<string, string>[]>(
      (list, v) => list.flatMap((a) => v.options.map((o) => ({ ...a, [v.id]: o.id }))),
      [{}],
    ),
  ]
}

/** A part that came and was not there before is fitted: the machine is converted to what it is of. */
function fitWhatCame(file: MachineFile, { swap, up }: Plan, book: Logbook, now: () => JobState): void {
  for (const { part } of swap) {
    if (!part || up.steps.some((s) => s.parts.some((p) => p.id === part.id))) continue
    const set = widthsOf(file, now().variants).find((w) => w.options.some((o) => o.pieces.some((p) => p.of === part.id)))!
    const from = now().variants[set.variant!]!
    const to = set.options.find((o) => o.id !== from)!.id
    const { goals, variants } = now()
    const way = widthWay({ file, start: startOf(now(), file), goals, set, from, to }, { variants })
    if (!way || 'error' in way) throw new Error(JSON.stringify(way))
    book.log('width-converted', conversionOf(file, set, from, to, way))
  }
}

/** The job by one tap a step, down, swapped and up again; what waited when its turn came. */
function run(file: MachineFile, goals: readonly string[], variants: Record<string, string>) {
  const found = planOnce(file, 'untouched', goals, { variants })
  if (!found.ok) throw new Error(`${file.name}, ${goals.join()}: ${JSON.stringify(found.error)}`)
  const book = new Logbook(NEWEST_FORM)
  const full = fileVolts(file)
  const high = full === null || full > 60
  book.log('job-opened', {
    number: '1',
    machine: { name: file.name, file: file.id, revision: file.revision, ...(full !== null ? { fullVolts: full } : {}) },
    complaint: 'x',
  })
  for (const [variant, option] of Object.entries(variants)) book.log('variant-answered', { variant, option })
  book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: reduce('j1', book.entries).settings })
  if (high) book.log('check-passed', { check: 'qualified', evidence: 'answers for it' })
  if (file.pack) book.log('pack-checked', { result: 'sound', signs: [] })
  for (const { part, compare } of found.value.swap)
    if (part && compare)
      book.log('replacement-compared', { part: part.id, rows: compare.map((spec) => compareOne(spec, null, spec.value)) })
  book.settingsRead(found.value)
  let folded: JobState | null = null
  let seen = 0
  const now = (): JobState => {
    if (!folded) folded = reduce('j1', book.entries)
    else if (book.entries.length > seen) folded = fold(folded, book.entries.slice(seen)) ?? reduce('j1', book.entries)
    seen = book.entries.length
    return folded
  }
  const waits: string[] = []
  const does = (limb: 'down' | 'up'): void => {
    for (let n = 0; n < 150; n++) {
      const step = presentStep(now(), limb, now().lastAt)
      if (!step) return
      if (step.check === 'spin test') book.wait(60).log('note-added', { text: 'waited' })
      if (step.power === 'live' && relevantChecks(now()).includes('first power'))
        book.log('check-passed', { check: 'first power', shown: high ? 'pre-charge' : 'fuse', ...(high ? {} : { amps: 5 }) })
      if (waitingFor(now(), step, now().lastAt).some((w) => w.is === 'check' && w.check === 'read again'))
        book.log('reading-taken', { quantity: 'voltage', result: { is: 'value', value: 0.1 }, unit: 'V', live: false })
      if (waitingFor(now(), step, now().lastAt).some((w) => w.is === 'look'))
        book.log('look-made', {
          of: 'last look',
          step: step.id,
          items: LOOKED_OVER['last look'].map((item) => ({ item, result: 'right' })),
        })
      if (waitingFor(now(), step, now().lastAt).some((w) => w.is === 'check' && w.check === 'sealed unit'))
        book.log('check-overridden', { check: 'sealed unit', reason: 'x', owner: 'x' })
      for (const ask of lengthsAsked(now(), step)) book.log('worked-out', sideBySide(ask)!)
      const state = now()
      waits.push(...said(waitingFor(state, step, state.lastAt), state).map((w) => `${step.title}: ${w}`))
      if (step.check === 'dead') book.log('proof-taken', proofOf(full))
      if (step.check && limb === 'up')
        book.log('check-passed', { check: step.check as never, evidence: 'x', step: step.id, ...wellRead(step, notedDown(state)) })
      else book.log('step-done', { ...expectedDone(state, step), ...wellRead(step, notedDown(state)) })
      for (const [id, wait] of openWaits(now())) {
        if (wait.began) book.wait(wait.minutes).log('wait-ended', { step: id, of: wait.began.entry, seconds: wait.minutes * 60 })
      }
    }
  }
  does('down')
  for (const s of found.value.swap)
    if (s.part) book.log('part-replaced', { part: s.part.id, step: s.id })
    else book.log('step-done', { step: s.id })
  fitWhatCame(file, found.value, book, now)
  // Above 60 V a proof lasts half an hour: it is shown anew before the way up.
  if (high) book.log('proof-taken', proofOf(full))
  does('up')
  return { plan: found.value, top: now(), waits }
}

describe.each(demoMachines().map((file) => [file.name, file] as const))('the machine file of the %s', (_, file) => {
  it('has the right shape, hangs together, and names 15 to 60 fixings, a set of like screws being one and a plug too, and two jobs or more', () => {
    const parsed = parseMachineFile(JSON.stringify(file))
    expect(parsed.ok ? [] : parsed.error).toEqual([])
    expect(checkIntegrity(file, KNOWN_IDS)).toEqual([])
    const fixings = file.joints.length + file.connections.length
    expect(fixings).toBeGreaterThanOrEqual(15)
    expect(fixings).toBeLessThanOrEqual(60)
    expect(file.goals.length).toBeGreaterThanOrEqual(2)
    for (const d of file.drives) expect(d.kvOf !== undefined, d.name).toBe(d.kv !== undefined)
  })

  it('goes down and up by one tap a step for every job and every answer, proved the cheapest; nothing is loose at the end', () => {
    for (const goal of file.goals) {
      for (const variants of answers(file).filter((a) => Object.keys(answersBeside(file, goal, a) ?? { no: 1 }).length === 0)) {
        const { plan: p, top, waits } = run(file, [goal.id], variants)
        const what = `${goal.name} ${JSON.stringify(variants)}`
        expect(waits, what).toEqual([])
        expect(p.down.proved && p.up.proved, what).toBe(true)
        expect(looseCount(top), what).toEqual({ fixings: 0, parts: 0 })
        expect(tally(top), what).toMatchObject({ open: 0, balanced: true })
        expect(top.flags, what).toEqual([])
      }
    }
  })

  it('goes down and up for two jobs in one go, each thing once, in no more time than one after the other', () => {
    const jobs = file.goals.filter((g) => Object.keys(answersFor(file, g)).length === 0).slice(1)
    for (let i = 0; i < jobs.length; i += 2) {
      const goal = jobs[i]!
      const other = jobs[(i + 1) % jobs.length]!
      const what = `${goal.name} and ${other.name}`
      const { plan: both, top, waits } = run(file, [goal.id, other.id], {})
      expect(waits, what).toEqual([])
      expect(both.down.proved && both.up.proved, what).toBe(true)
      expect(looseCount(top), what).toEqual({ fixings: 0, parts: 0 })
      expect(tally(top), what).toMatchObject({ open: 0, balanced: true })
      expect(top.flags, what).toEqual([])
      for (const limb of [both.down, both.up]) expect(new Set(limb.steps.map((s) => s.id)).size, what).toBe(limb.steps.length)
      const apart = [goal, other]
        .map((g) => planOnce(file, 'untouched', [g.id], { variants: {} }))
        .flatMap((r) => (r.ok ? [r.value.down.minutes.handsOn + r.value.up.minutes.handsOn] : []))
      expect(both.down.minutes.handsOn + both.up.minutes.handsOn, what).toBeLessThanOrEqual(apart[0]! + apart[1]!)
    }
  })

  it('parts no wiring before dead is shown, and powers nothing before the axle is held', () => {
    for (const goal of file.goals) {
      const { plan: p } = run(file, [goal.id], answersFor(file, goal))
      const proof = p.down.steps.findIndex((s) => s.check === 'dead')
      p.down.steps.forEach((s, i) => s.dead && expect(i, s.title).toBeGreaterThan(proof))
      const live = p.up.steps.findIndex((s) => s.power === 'live')
      // What holds a mounted motor is looked at by a step of the plan.
      expect(
        p.up.steps.some((s) => s.reaction),
        goal.name,
      ).toBe(p.up.steps.some((s) => s.check === 'reaction path' && s.looks))
      p.up.steps.forEach((s, i) => (s.dead || s.check === 'reaction path') && live >= 0 && expect(i, s.title).toBeLessThan(live))
    }
  })
})

it('the Heron draws its phase leads out of their glands with the lugs off, and puts them in before', () => {
  const heron = demoMachines().find((f) => f.id === 'heron')!
  for (const goal of ['motor-goal', 'inverter-goal']) {
    const found = planOnce(heron, 'untouched', [goal], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const at = (limb: 'down' | 'up', action: string) => found.value[limb].steps.findIndex((s) => s.action === action)
    expect(at('down', 'undo:glands')).toBeGreaterThan(at('down', 'unplug:phase-lugs'))
    expect(at('up', 'unplug:phase-lugs')).toBeGreaterThan(at('up', 'undo:glands'))
    expect(at('up', 'undo:glands')).toBeGreaterThanOrEqual(0)
  }
})

describe('the generator of cover-trees', () => {
  it('has the shares that are counted in the files of the demo machines', () => {
    const files = demoMachines()
    const joints = files.flatMap((f) =>
      f.joints.filter((j) => j.along === undefined).map((j) => ({ modes: j.down.modes, poses: f.poses.length })),
    )
    const lifts = files.flatMap((f) => f.parts.flatMap((p) => (p.lift ? [{ modes: p.lift.modes, poses: f.poses.length }] : [])))
    const everyPose = (list: typeof joints): number =>
      list.filter((x) => new Set(x.modes.flatMap((m) => m.poses)).size === x.poses).length / list.length
    const held = files.flatMap((f) =>
      [...new Set(f.joints.flatMap((j) => (j.along ? [] : [j.holds[0]!])))].map((part) =>
        Math.min(4, f.joints.filter((j) => j.holds[0] === part && !j.along).length),
      ),
    )
    expect(joints.filter((j) => j.modes.every((m) => m.tool === null)).length / joints.length).toBeCloseTo(SHARES.bareHands, 1)
    expect(everyPose(joints)).toBeCloseTo(SHARES.anyPose, 1)
    expect(everyPose(lifts)).toBeCloseTo(SHARES.partAnyPose, 1)
    SHARES.heldBy.forEach((share, i) => expect(held.filter((n) => n === i + 1).length / held.length).toBeCloseTo(share, 1))

    const tree = Array.from({ length: 20 }, (_, seed) => machineTree(seed + 1, 120).tasks).flat()
    const fixings = tree.filter((t) => (typeof t.needs === 'object' ? !('all' in t.needs) : true))
    expect(fixings.filter((t) => t.choices[0]!.tool < 0).length / fixings.length).toBeCloseTo(SHARES.bareHands, 1)
    expect(fixings.filter((t) => t.choices[0]!.poses.length === 4).length / fixings.length).toBeCloseTo(SHARES.anyPose, 1)
    const parts = tree.filter((t) => typeof t.needs === 'object' && 'all' in t.needs)
    SHARES.heldBy.forEach((share, i) =>
      expect(parts.filter((t) => (t.needs as { all: readonly unknown[] }).all.length === i + 1).length / parts.length).toBeCloseTo(
        share,
        1,
      ),
    )
  })
})

describe('what the demo machines say', () => {
  it('leaves none of the listed features without a machine', () => {
    for (const feature of FEATURES)
      expect(
        demoMachines()
          .filter(feature.has)
          .map((f) => f.name),
        feature.name,
      ).not.toEqual([])
  })
  it('stands in the docs as it is', () => expect(readFileSync('docs/machines.md', 'utf8')).toBe(machineTables()))
})
