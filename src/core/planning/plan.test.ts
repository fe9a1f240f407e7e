import { describe, expect, it } from 'vitest'
import { PLAN_LAWS } from '../../../tests/plan-laws'
import { poweredFile } from '../../../tests/powered-files'
import { demoMachines } from '../../demo/machines'
import { dunlin } from '../../demo/machines/dunlin'
import { factKey, type Guard, holds, type MachineFile } from '../machine'
import { factsOfPlan, type Plan, planOfFacts, wordingOf } from './index'
import { planOnce } from './plan-once'

const file = dunlin()
const options = { variants: { 'lid-edge': 'dry' } }

function planned(goal: string, of: MachineFile = file, variants: Record<string, string> = options.variants): Plan {
  const result = planOnce(of, 'untouched', [goal], { variants })
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  return result.value
}

// One of the long proof’s beside: there something unrelated could come between a wheel and its nuts.
const RANDOM = [...Array(120).keys(), 329]
  .map((seed) => poweredFile(seed))
  .flatMap((of) => {
    const found = planOnce(of, 'untouched', ['inner-goal'], { variants: {} })
    return found.ok ? [{ name: of.name, file: of, plan: found.value }] : []
  })

const upIndex = (p: Plan, action: string): number => p.up.steps.findIndex((s) => s.action === action)

describe.each(file.goals.map((g) => g.id))('the Dunlin, %s', (goal) => {
  const p = planned(goal)

  it('goes down in an order in which every step may be done', () => {
    const facts = new Set<string>()
    for (const step of p.down.steps) {
      expect(
        holds(step.needs, (f) => facts.has(factKey(f)), options.variants),
        step.title,
      ).toBe(true)
      step.gives.forEach((f) => facts.add(f))
    }
  })

  it('comes up after all that each return waits for, and puts everything back', () => {
    const done = new Set<string>()
    for (const step of p.up.steps) {
      for (const id of step.after ?? []) expect(done.has(id), `${step.title} waits for ${id}`).toBe(true)
      done.add(step.id)
    }
    const covered = new Set(p.up.steps.flatMap((s) => s.fixings.map((f) => f.id)))
    for (const f of p.down.steps.flatMap((s) => s.fixings)) expect(covered.has(f.id), f.id).toBe(true)
    for (const s of p.down.steps)
      if (s.number !== undefined && s.kind !== 'prepare')
        expect(
          p.up.steps.some((u) => u.pair === s.id),
          s.title,
        ).toBe(true)
  })

  it('parts no wiring before dead is shown, and makes nothing live before the wiring is back', () => {
    const proof = p.down.steps.findIndex((s) => s.check === 'dead')
    p.down.steps.forEach((s, i) => s.dead && expect(i, s.title).toBeGreaterThan(proof))
    const live = p.up.steps.findIndex((s) => s.power === 'live')
    p.up.steps.forEach((s, i) => s.dead && expect(i, s.title).toBeLessThan(live))
  })

  it('is proved on both limbs, and makes safe as soon as it may', () => {
    for (const limb of [p.down, p.up]) expect(limb).toMatchObject({ proved: true, gap: 0 })
    const proof = p.down.steps.findIndex((s) => s.check === 'dead')
    const needed = new Set<string>()
    const asked = (g: (typeof p.down.steps)[number]['needs']): string[] =>
      !g ? [] : 'all' in g ? g.all.flatMap(asked) : 'any' in g ? g.any.flatMap(asked) : 'fact' in g ? [factKey(g)] : []
    for (let i = proof; i >= 0; i--) {
      const step = p.down.steps[i]!
      if (i === proof || step.gives.some((f) => needed.has(f)) || step.power) asked(step.needs).forEach((f) => needed.add(f))
      else expect(step.tool?.id, `${step.title} before the proof saves a tool or a turn`).toBeDefined()
    }
  })

  it('gives one number to a removal and its return, and keeps the bound below the minutes', () => {
    for (const up of p.up.steps.filter((s) => s.pair)) expect(p.down.steps.find((d) => d.id === up.pair)?.number).toBe(up.number)
    for (const limb of [p.down, p.up]) expect(limb.bound).toBeLessThanOrEqual(limb.minutes.handsOn + 100)
  })
})

describe('what comes off', () => {
  it('leaves the front wheel alone when only the plugs are looked at', () => {
    const titles = planned('inspect').down.steps.map((s) => s.action)
    expect(titles).toContain('step:inspect-plugs')
    expect(titles.some((t) => t.includes('nut'))).toBe(false)
  })

  it('changes a tyre with the lead left in, since drawing it costs more', () => {
    const actions = planned('front-tyre-goal').down.steps.map((s) => s.action)
    expect(actions).toContain('step:front-hang-wheel')
    expect(actions).not.toContain('step:front-draw-lead')
  })

  it('cuts the sealant only where there is some; unanswered counts as sealed', () => {
    expect(planned('inspect', file, { 'lid-edge': 'sealed' }).down.steps.some((s) => s.action === 'undo:lid-bead')).toBe(true)
    expect(planned('inspect', file, {}).down.steps.some((s) => s.action === 'undo:lid-bead')).toBe(true)
    expect(planned('inspect').down.steps.some((s) => s.action === 'undo:lid-bead')).toBe(false)
  })

  it('has fourteen or more fixings on the way to the front motor, two lid lengths apart in the tray', () => {
    const p = planned('front-motor-goal')
    const fixings = p.down.steps.flatMap((s) => s.fixings)
    expect(fixings.length).toBeGreaterThanOrEqual(14)
    const lid = fixings.filter((f) => f.joint === 'deck-screws')
    expect(new Set(lid.map((f) => `${f.label} ${f.cell}`))).toEqual(new Set(['M4×10 A1', 'M4×14 A2']))
  })

  it('blocks the wheel before the last nut and warms no nut with the pack aboard', () => {
    const actions = planned('front-motor-goal').down.steps.map((s) => s.action)
    const lastNut = Math.max(actions.indexOf('undo:front-left-nut'), actions.indexOf('undo:front-right-nut'))
    expect(actions.indexOf('step:front-block-wheel')).toBeLessThan(lastNut)
    expect(actions.indexOf('off:pack')).toBeLessThan(actions.indexOf('undo:front-right-nut'))
  })
})

describe('the way up', () => {
  const p = planned('front-motor-goal')
  it('starts both nuts before either is tightened, marks them, and looks at the tabs again', () => {
    const start = p.up.steps[upIndex(p, 'undo:front-left-nut')]!
    const full = p.up.steps[upIndex(p, 'undo:front-right-nut')]!
    expect(start.passes).toEqual(['started'])
    expect(full.passes).toEqual(['seated', 'final', 'marked'])
    expect(full.fixings.map((f) => f.id).sort()).toEqual(['front-left-nut-1', 'front-right-nut-1'])
    expect(upIndex(p, 'undo:front-left-nut')).toBeLessThan(upIndex(p, 'undo:front-right-nut'))
    expect(upIndex(p, 'undo:front-right-nut')).toBeLessThan(upIndex(p, 'step:front-reaction-path'))
  })
  it('spins before the lid, looks for pinched leads, and lays the mat last', () => {
    const order = ['unplug:pack-plug', 'step:spin-test', 'step:pinch-look', 'off:deck-lid', 'undo:deck-screws', 'undo:mat-edge'].map((a) =>
      upIndex(p, a),
    )
    expect([...order].sort((a, b) => a - b)).toEqual(order)
    expect(order.every((i) => i >= 0)).toBe(true)
  })
  it('counts what is used up and every tool with the step that first needs it', () => {
    expect(p.consumables).toContainEqual({ id: 'tie', name: 'cable tie 200 × 4.8', count: 3 })
    expect(p.consumables).toContainEqual({ id: 'locker-medium', name: 'medium threadlocker, drop', count: 11 })
    expect(p.tools.find((t) => t.id === 'open-18')).toMatchObject({ special: true, firstStep: 'Left nut back along the lead' })
  })
  it('carries the caution of heat to the nut without the file having to say so', () => {
    const bare: MachineFile = {
      ...file,
      joints: file.joints.map((j) =>
        j.id === 'front-right-nut' ? { ...j, release: 'warm then undo', down: { ...j.down, cautions: [] } } : j,
      ),
    }
    const step = planned('front-motor-goal', bare).down.steps.find((s) => s.action === 'undo:front-right-nut')!
    expect(step.cautions).toEqual(expect.arrayContaining(['H10', 'H11']))
  })
})

describe('why there is no plan', () => {
  const without = (change: (f: MachineFile) => Partial<MachineFile>): MachineFile => ({ ...file, ...change(file) })
  it('names the goal that the file does not have', () => {
    expect(planOnce(file, 'untouched', ['polish'], options)).toEqual({ ok: false, error: { kind: 'unknown goal', goal: 'polish' } })
    expect(planOnce(file, 'untouched', [], options)).toMatchObject({ ok: false, error: { kind: 'unknown goal' } })
  })
  it('names the blocked chain when nothing undoes a fixing', () => {
    const broken = without((f) => ({
      joints: f.joints.map((j) => (j.id === 'front-rim-screws' ? { ...j, down: { ...j.down, modes: [] } } : j)),
    }))
    const result = planOnce(broken, 'untouched', ['front-motor-goal'], options)
    expect(result).toMatchObject({ ok: false, error: { kind: 'unreachable' } })
    if (!result.ok && result.error.kind === 'unreachable') expect(result.error.chain.at(-1)).toBe('off front-rim-screws')
  })
  it('names the loop when two things wait for each other', () => {
    const looped = without((f) => ({
      joints: f.joints.map((j) => (j.id === 'mat-edge' ? { ...j, access: { fact: 'off', of: 'deck-lid' } } : j)),
    }))
    const result = planOnce(looped, 'untouched', ['inspect'], options)
    expect(result).toMatchObject({ ok: false, error: { kind: 'cycle' } })
    if (!result.ok && result.error.kind === 'cycle') expect(result.error.loop).toContain('undo:mat-edge')
  })
  it('names two things that hide each other as a circle', () => {
    const hiding = without((f) => ({
      joints: f.joints.map((j) =>
        j.id === 'mat-edge'
          ? { ...j, access: { fact: 'exposed', of: 'deck-screws' } }
          : j.id === 'deck-screws'
            ? { ...j, access: { fact: 'exposed', of: 'mat-edge' } }
            : j,
      ),
    }))
    const result = planOnce(hiding, 'untouched', ['inspect'], options)
    expect(result).toEqual({
      ok: false,
      error: { kind: 'cycle', loop: expect.arrayContaining(['exposed mat-edge', 'exposed deck-screws']) as never },
    })
  })
  it('names orders that contradict each other by the shortest circle, not by all that is to be done', () => {
    const contrary = without((f) => ({
      order: [
        ...f.order,
        ...(['down', 'up'] as const).map((limb) => ({
          id: `contrary-${limb}`,
          limb,
          first: limb === 'down' ? ('off:deck-lid' as const) : ('undo:deck-screws' as const),
          then: limb === 'down' ? ('undo:deck-screws' as const) : ('off:deck-lid' as const),
          strength: 'must' as const,
          consequence: '',
        })),
      ].filter((r) => r.id !== 'contrary-up'),
    }))
    expect(planOnce(contrary, 'untouched', ['inspect'], options)).toMatchObject({
      ok: false,
      error: { kind: 'cycle', limb: 'down', loop: { length: 3 } },
    })
  })
  it('lets a push-aside expose what has a cover of its own, where that costs less; a way that asks for a fact waits for it', () => {
    const fold = (guard?: Guard): MachineFile =>
      without((f) => ({
        goals: [{ id: 'see-screws', name: 'lid screws', guard: { fact: 'exposed', of: 'deck-screws' } }],
        steps: [
          ...f.steps,
          {
            id: 'fold-mat',
            kind: 'push aside',
            limb: 'both',
            gives: [{ fact: 'exposed', of: 'deck-screws' }],
            down: {
              title: 'Fold the mat over',
              modes: [
                { poses: ['upright'], tool: null, people: 1, minutes: { low: 0.5, likely: 0.5, high: 1 }, ...(guard ? { guard } : {}) },
              ],
            },
          },
        ],
      }))
    const down = (of: MachineFile): string[] => planned('see-screws', of).down.steps.map((s) => s.action)
    expect(down(fold())).toEqual(['step:fold-mat'])
    expect(down(fold({ fact: 'off', of: 'mat-edge' }))).toEqual(['undo:mat-edge'])
    expect(down(fold({ fact: 'loosened', of: 'deck-screws' }))).toEqual(['undo:mat-edge'])
    expect(down(fold({ not: { fact: 'off', of: 'mat-edge' } }))).toEqual(['step:fold-mat'])
  })
  it('names the tool that the shop lacks and the step it stops', () => {
    const owned = file.tools.map((t) => t.id).filter((id) => id !== 'valve-tool')
    expect(planOnce(file, 'untouched', ['front-motor-goal'], { ...options, toolsOwned: owned })).toEqual({
      ok: false,
      error: { kind: 'missing-tool', tool: 'valve core tool', step: 'Valve core out, let all air go' },
    })
  })
})

describe('what comes away in the hand', () => {
  it('is off with the first step that takes it, and counted once where two could', () => {
    const both: MachineFile = {
      ...file,
      goals: [
        {
          id: 'both',
          name: 'wheel, laid aside and off',
          guard: {
            all: [
              { fact: 'prepared', of: 'front-hang-wheel' },
              { fact: 'off', of: 'front-wheel' },
              { fact: 'off', of: 'front-inner-washers' },
            ],
          },
        },
      ],
    }
    const p = planned('both', both)
    const taking = (steps: Plan['down']['steps']): string[] =>
      steps.filter((s) => s.fixings.some((f) => f.joint === 'front-inner-washers')).map((s) => s.action)
    expect(p.down.steps.map((s) => s.action)).toEqual(expect.arrayContaining(['step:front-hang-wheel', 'off:front-wheel']))
    expect(taking(p.down.steps)).toHaveLength(1)
    expect(taking(p.up.steps)).toEqual(taking(p.down.steps))
  })
})

describe('a preference of the file against the mirror', () => {
  it('is followed where nothing hinders: what made room for it need not wait', () => {
    const disc = (of: MachineFile): number[] => {
      const p = planned('front-motor-goal', of)
      return [upIndex(p, 'undo:front-disc-screws'), upIndex(p, 'off:front-wheel')]
    }
    const [first, wheel] = disc(file)
    expect(first).toBeLessThan(wheel!)
    const rather: MachineFile = {
      ...file,
      order: [
        ...file.order,
        {
          id: 'disc-late',
          limb: 'up',
          first: 'off:front-wheel',
          then: 'undo:front-disc-screws',
          strength: 'prefer',
          consequence: 'It is bent on the bench.',
        },
      ],
    }
    const [late, back] = disc(rather)
    expect(late).toBeGreaterThan(back!)
  })
})

describe('a job at both ends', () => {
  const both = planOnce(file, 'untouched', ['front-motor-goal', 'rear-motor-goal'], options)
  if (!both.ok) throw new Error(both.error.kind)
  const ended = (s: { readonly action: string }): string | undefined => /^\w+:(front|rear)-/.exec(s.action)?.[1]
  it('names the end in every title that has one, and no two cards of a limb read the same', () => {
    for (const { steps } of [both.value.down, both.value.up]) {
      for (const s of steps) if (ended(s)) expect(s.title.toLowerCase(), s.id).toContain(ended(s))
      expect(new Set(steps.map((s) => s.title)).size).toBe(steps.length)
    }
  })
  it('says so in the words that a stored plan gets from its file too', () => {
    const words = wordingOf(file, both.value.goals)
    const stored = planOfFacts(factsOfPlan(both.value))
    expect(stored.down.steps.map((s) => words.step(s).title)).toEqual(both.value.down.steps.map((s) => s.title))
    expect(stored.up.steps.map((s) => words.step(s).title)).toEqual(both.value.up.steps.map((s) => s.title))
  })
  it('a job at one end keeps its titles short', () => {
    expect(planned('front-motor-goal').down.steps.map((s) => s.title)).toContain('Undo 6 rim screws')
  })
})

describe('planning from the middle', () => {
  it('asks only for what is still on', () => {
    const whole = planned('front-motor-goal')
    const done = whole.down.steps.slice(0, 6).map((s) => s.action)
    const rest = planOnce(file, { done, pose: 'upright', tool: null }, ['front-motor-goal'], options)
    if (!rest.ok) throw new Error(rest.error.kind)
    expect(new Set(rest.value.down.steps.map((s) => s.action))).toEqual(new Set(whole.down.steps.slice(6).map((s) => s.action)))
    expect(upIndex(rest.value, 'undo:deck-screws')).toBeGreaterThan(0)
  })
})

describe.each(Object.entries(PLAN_LAWS))('%s', (_, tell) => {
  it('in every job of every machine', () => {
    for (const of of demoMachines())
      for (const goal of of.goals) expect(tell(of, planned(goal.id, of, {})), `${of.name}, ${goal.name}`).toEqual([])
  })
  it('in small machines under power, drawn by chance', () => {
    for (const { name, file: of, plan: p } of RANDOM) expect(tell(of, p), name).toEqual([])
  })
})

describe('a file that leaves no way but to work in a live machine', () => {
  it('is planned, and says for what', () => {
    const told = RANDOM.filter(({ plan: p }) => p.underPower)
    expect(told.length).toBeGreaterThan(0)
    for (const { name, plan: p } of told) {
      const live = p.up.steps.findIndex((s) => s.power === 'live')
      for (const title of p.underPower!)
        expect(
          p.up.steps.findIndex((s) => s.title === title),
          `${name}: ${title}`,
        ).toBeGreaterThan(live)
    }
    for (const of of demoMachines()) for (const goal of of.goals) expect(planned(goal.id, of, {}).underPower, goal.name).toBeUndefined()
  })
})
