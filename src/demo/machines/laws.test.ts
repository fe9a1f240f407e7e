import { describe, expect, it } from 'vitest'
import { answersFor, type Doing, type Joint, type MachineFile } from '../../core/machine'
import { type PlannedStep } from '../../core/planning'
import { demoMachines } from './index'
import { planOnce } from '../../core/planning/plan-once'

const doings = (f: MachineFile): readonly Doing[] =>
  [
    ...f.joints.filter((j) => !j.along).flatMap((j) => [j.down, j.up]),
    ...f.parts.flatMap((p) => [p.lift, p.back]),
    ...f.connections.flatMap((c) => [c.down, c.up]),
    ...f.steps.flatMap((s) => [s.down, s.up]),
  ].flatMap((d) => d ?? [])
const measures = (f: MachineFile, tool: string | null): boolean => (f.tools.find((t) => t.id === tool)?.kind ?? '').startsWith('torque')

describe.each(demoMachines().map((f) => [f.name, f] as const))('the file of the %s', (_, f) => {
  it('counts every piece of an axle but the one that carries it', () => {
    for (const stack of f.stacks.filter((s) => s.items.some((i) => i.facing)))
      expect(
        stack.items.filter((i) => i.joint === undefined).map((i) => i.name),
        stack.name,
      ).toHaveLength(1)
  })
  it('measures every torque that it names, through an open adapter where the nut stays on a lead', () => {
    for (const j of f.joints.filter((x) => x.torque)) {
      const finals = f.joints.flatMap((x) =>
        x.up && (x.up.covers ?? [x.id]).includes(j.id) && (x.up.passes ?? ['final']).includes('final') ? [x.up] : [],
      )
      expect(finals.length, j.id).toBeGreaterThan(0)
      const tools = finals.flatMap((d) => d.modes.map((m) => m.tool))
      for (const tool of tools) expect(measures(f, tool), `${j.id} by ${tool}`).toBe(true)
      if (j.critical === 'axle' && j.keep === 'carrier')
        for (const tool of tools) expect(f.tools.find((t) => t.id === tool)?.adapter, `${j.id} by ${tool}`).toBeDefined()
    }
    for (const c of f.connections.filter((x) => x.torque))
      for (const m of (c.up ?? c.down).modes) expect(measures(f, m.tool), c.id).toBe(true)
  })
  it('names the pitch of what is critical, warms only what threadlocker holds, and weighs no less than its parts', () => {
    for (const j of f.joints) {
      if (j.critical) expect(j.thread ?? '', j.id).not.toMatch(/^M1[0-6]$/)
      if (j.release === 'warm then undo') expect(j.lock, j.id).toBeDefined()
    }
    const inside = new Set(f.parts.flatMap((p) => p.of ?? []))
    const parts = f.parts.filter((p) => !inside.has(p.id)).reduce((sum, p) => sum + (p.mass?.value ?? 0), 0)
    expect(parts).toBeLessThan(f.mass!.value)
  })
  it('lists no tool that nothing uses, and has no hands for a stand', () => {
    const used = new Set([
      ...doings(f).flatMap((d) => [...d.modes.flatMap((m) => [m.tool, ...(m.substitutes ?? []).map((s) => s.tool)]), ...(d.with ?? [])]),
      ...f.poseMoves.flatMap((m) => m.with ?? []),
    ])
    expect(f.tools.filter((t) => !used.has(t.id)).map((t) => t.id)).toEqual([])
    for (const d of doings(f))
      expect(`${d.title} ${d.note ?? ''} ${d.looks?.stand.join() ?? ''}`).not.toMatch(
        /one (person )?(lifts|holds) (it|the (nose|rear|wheel) up)/i,
      )
  })
  it('allows an axle as much shorter as its own stack leaves thread for a full nut', () => {
    for (const part of f.parts) {
      const [axle, width] = ['axle', 'width'].map((id) => part.compare?.find((c) => c.id === id))
      const stacks = f.stacks.filter((s) => s.axle === part.id)
      if (typeof axle?.value !== 'number' || typeof width?.value !== 'number' || stacks.length < 2) continue
      const outside = stacks.reduce((sum, s) => sum + s.items.slice(0, 4).reduce((a, i) => a + i.width, 0), 0)
      const spare = axle.value - width.value - outside
      expect(axle.smaller, part.name).toBeLessThanOrEqual(spare)
      expect(axle.smaller, part.name).toBeGreaterThanOrEqual(spare - 8)
    }
  })
})

const JOBS = demoMachines().flatMap((f) =>
  f.goals.map((g) => {
    const found = planOnce(f, 'untouched', [g.id], { variants: answersFor(f, g) })
    if (!found.ok) throw new Error(`${f.name}: no plan for ${g.name}`)
    return [f.name, g.name, f, found.value] as const
  }),
)

const finalOf = (up: readonly PlannedStep[], joint: Joint): number =>
  up.findIndex((s) => s.fixings.some((x) => x.joint === joint.id) && s.passes?.includes('final'))

describe.each(JOBS)('%s, %s', (_, __, f, p) => {
  const { steps: up } = p.up

  it('looks at what holds and what brakes after its last pass', () => {
    const look = (check: string): number => up.findIndex((s) => s.check === check)
    const [held, brakes] = [look('reaction path'), look('brakes')]
    for (const joint of f.joints) {
      const tight = finalOf(up, joint)
      if (tight < 0) continue
      if (joint.critical === 'axle' && held >= 0) expect(tight, joint.name).toBeLessThan(held)
      if ((joint.critical === 'axle' || joint.critical === 'brake') && brakes >= 0) expect(tight, joint.name).toBeLessThan(brakes)
    }
    up.forEach((s, i) => s.reaction && held >= 0 && expect(i, s.title).toBeLessThan(held))
  })
  it('puts back with its step whatever came away in the hand, each once', () => {
    const ids = (steps: readonly PlannedStep[]): string[] => steps.flatMap((s) => s.fixings.map((x) => x.id))
    expect(new Set(ids(p.down.steps)).size).toBe(ids(p.down.steps).length)
    for (const joint of f.joints.filter((j) => j.along)) {
      const at = p.down.steps.filter((s) => s.fixings.some((x) => x.joint === joint.id))
      expect(at.length, joint.name).toBeLessThanOrEqual(1)
      const back = up.filter((s) => s.fixings.some((x) => x.joint === joint.id))
      expect(
        back.map((s) => s.pair),
        joint.name,
      ).toEqual(at.map((s) => s.id))
      for (const s of back) expect(s.passes).toContain('final')
    }
  })
})

describe('the Knot', () => {
  it('nobody works under its top without the prop, and it is not driven onto it', () => {
    for (const [name, goal, f, p] of JOBS.filter(([n]) => n === 'Knot')) {
      const propped = p.down.steps.findIndex((s) => s.action === 'step:prop-top')
      const under = (s: PlannedStep): boolean => s.pose === 'top-up' && s.kind !== 'prove' && s.action !== 'step:prop-top'
      p.down.steps.forEach((s, i) => under(s) && expect(i, `${name}, ${goal}: ${s.title}`).toBeGreaterThan(propped))
      const out = p.up.steps.findIndex((s) => s.action === 'step:prop-top')
      if (out < 0) continue
      const live = p.up.steps.findIndex((s) => s.power === 'live')
      expect(out, goal).toBeLessThan(live)
      for (const s of p.up.steps.slice(out + 1))
        expect(f.steps.find((x) => `step:${x.id}` === s.action)?.check ?? '', s.title).not.toMatch(/pinch|reaction/)
    }
  })
})
