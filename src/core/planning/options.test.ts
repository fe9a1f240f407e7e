import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { dunlin } from '../../demo/machines/dunlin'
import { pipit } from '../../demo/machines/pipit'
import { whimbrel } from '../../demo/machines/whimbrel'
import { BY_FEEL } from './by-feel'
import { DEFAULT_PRICES } from './types'
import { otherJob, type MachineFile } from '../machine'
import {
  differences,
  everythingInFileOrder,
  referrals,
  smallestKit,
  toolWorths,
  type Plan,
  type PlanOptions,
  type PlannedStep,
} from './index'
import { planOnce } from './plan-once'

function planned(file: MachineFile, goal: string, options: Partial<PlanOptions> = {}): Plan {
  const result = planOnce(file, 'untouched', [goal], { variants: {}, ...options })
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  return result.value
}
const turnMinutes = (steps: readonly PlannedStep[]): number =>
  steps.reduce((sum, s) => sum + (s.turn ? s.turn.minutes.likely * s.turn.people : 0), 0)
const swaps = (steps: readonly PlannedStep[]): number => {
  let hand = ''
  return steps.reduce((n, s) => (s.tool && s.tool.id !== hand ? ((hand = s.tool.id), n + 1) : n), 0)
}
const turned = (id: string): string => `z${[...id].reverse().join('')}`
/** Members whose words are not ids. */
const WORDS = new Set([
  'name',
  'title',
  'note',
  'fact',
  'kind',
  'release',
  'role',
  'keep',
  'limb',
  'strength',
  'class',
  'is',
  'worst',
  'options',
  'question',
  'label',
  'pattern',
  'critical',
  'check',
  'format',
  'place',
  'side',
  'handed',
  'chemistry',
])

/** The file with every id turned back to front, alone or behind a word like `undo:`. */
function renamed(file: MachineFile): MachineFile {
  const ids = new Set<string>()
  JSON.stringify(file, (key, value: unknown) => (key === 'options' ? undefined : (key === 'id' && ids.add(value as string), value)))
  const text = JSON.stringify(file, (key, value: unknown) => {
    if (WORDS.has(key)) return typeof value === 'object' ? { as: JSON.stringify(value) } : value
    if (Array.isArray(value)) return value.map((v: unknown) => (typeof v === 'string' ? one(v) : v))
    return typeof value === 'string' ? one(value) : value
  })
  function one(value: string): string {
    const [kind, id] = /^(undo|off|unplug|step):(.+)$/.exec(value)?.slice(1) ?? []
    return id !== undefined && ids.has(id) ? `${kind}:${turned(id)}` : ids.has(value) ? turned(value) : value
  }
  return JSON.parse(text, (_, value: unknown) =>
    value !== null && typeof value === 'object' && 'as' in value ? (JSON.parse((value as { as: string }).as) as unknown) : value,
  ) as MachineFile
}

const jobs = demoMachines().flatMap((file) => file.goals.map((g) => [file.name, g.name, file, g.id] as const))

describe('what must not change a plan', () => {
  const everyThird = jobs.filter((_, i) => i % 3 === 0)
  it.each(everyThird)('%s, %s: other ids and another order of the file cost the same', (_, __, file, goal) => {
    const before = planned(file, goal)
    const backToFront = (f: MachineFile): MachineFile => ({
      ...f,
      parts: [...f.parts].reverse(),
      joints: [...f.joints].reverse(),
      connections: [...f.connections].reverse(),
      steps: [...f.steps].reverse(),
      tools: [...f.tools].reverse(),
      order: [...f.order].reverse(),
      poseMoves: [...f.poseMoves].reverse(),
    })
    const after = planned(backToFront(renamed(file)), turned(goal))
    for (const limb of ['down', 'up'] as const) {
      expect(after[limb].bound, limb).toBeCloseTo(before[limb].bound, 6)
      expect(after[limb].proved).toBe(true)
    }
  })
  it.each(everyThird)('%s, %s: dearer turns make no more turns, dearer tools no more changes of tool', (_, __, file, goal) => {
    const before = planned(file, goal).down.steps
    const dearTurns = { ...file, poseMoves: file.poseMoves.map((m) => ({ ...m, minutes: { ...m.minutes, likely: m.minutes.likely * 2 } })) }
    expect(turnMinutes(planned(dearTurns, goal).down.steps) / 2).toBeLessThanOrEqual(turnMinutes(before) + 1e-9)
    expect(swaps(planned(file, goal, { prices: { ...DEFAULT_PRICES, swap: DEFAULT_PRICES.swap * 2 } }).down.steps)).toBeLessThanOrEqual(
      swaps(before),
    )
  })
})

describe('what holds, lifts and catches', () => {
  const heron = demoMachines().find((f) => f.id === 'heron')!
  const without = (file: MachineFile, tool: string) =>
    planOnce(file, 'untouched', ['motor-goal'], { variants: {}, toolsOwned: file.tools.map((t) => t.id).filter((id) => id !== tool) })

  it('is among the tools of the job, with the step that first wants it', () => {
    const tools = planned(heron, 'motor-goal').tools
    expect(tools.map((t) => t.id)).toEqual(expect.arrayContaining(['chocks', 'jack', 'stands', 'hoist', 'can']))
    expect(tools.find((t) => t.id === 'jack')?.firstStep).toBe('Jack the rear, four stands under the frame')
    expect(planned(heron, 'inspect').tools.map((t) => t.id)).not.toContain('hoist')
  })
  it('is named where it is not here: no plan is made that lifts with nothing', () => {
    expect(without(heron, 'hoist')).toMatchObject({ ok: false, error: { kind: 'missing-tool', tool: 'hoist with sling, 250 kg' } })
    expect(without(heron, 'jack')).toMatchObject({
      ok: false,
      error: { kind: 'missing-tool', tool: 'trolley jack', step: 'Jack the rear, four stands under the frame' },
    })
  })
})

describe('the exact reverse', () => {
  it.each(jobs)('%s, %s: comes back in the opposite order wherever nothing forbids it, and never costs less', (_, __, file, goal) => {
    const best = planned(file, goal)
    expect(best.reverseMore, 'has a reverse').not.toBeNull()
    const back = planned(file, goal, { upOrder: 'reverse' })
    expect(back.upOrder).toBe('reverse')
    expect(new Set(back.up.steps.map((s) => s.id))).toEqual(new Set(best.up.steps.map((s) => s.id)))
    expect(back.reverseMore).toBe(best.reverseMore)
    const downAt = new Map(back.down.steps.map((s, i) => [s.id, i]))
    const at = new Map(back.up.steps.map((s, i) => [s.id, i]))
    // What came off later and goes back later all the same was still waiting for something then.
    back.up.steps.forEach((s, i) => {
      if (s.pair === undefined) return
      for (const later of back.up.steps.slice(i + 1)) {
        if (later.pair === undefined || downAt.get(later.pair)! < downAt.get(s.pair)!) continue
        expect(
          (later.after ?? []).some((id) => at.get(id)! >= i),
          `${later.title} could have come before ${s.title}`,
        ).toBe(true)
      }
    })
  })
})

describe('tools that are not to hand', () => {
  it('are stood in for, with the risk said', () => {
    const file = pipit()
    const { down, tools } = planned(file, 'inspect', { toolsOwned: file.tools.map((t) => t.id).filter((t) => t !== 'hex-2.5') })
    expect(down.steps.find((s) => s.action === 'undo:deck-screws')).toMatchObject({
      tool: { id: 'lobe-10' },
      substitute: { for: 'hex key 2.5 mm', risk: expect.stringMatching(/rounds/) },
    })
    expect(tools.map((t) => t.id)).toContain('lobe-10')
    expect(tools.map((t) => t.id)).not.toContain('hex-2.5')
  })
  it('stop the way back too, before anything is undone', () => {
    const file = dunlin()
    expect(
      planOnce(file, 'untouched', ['front-motor-goal'], {
        variants: {},
        toolsOwned: file.tools.map((t) => t.id).filter((t) => t !== 'torque-60'),
      }),
    ).toMatchObject({ ok: false, error: { kind: 'missing-tool', tool: expect.stringMatching(/torque wrench/) } })
  })
})

describe('another way that costs little more', () => {
  it('is named with what it costs, and taken when the first is not wanted', () => {
    const best = planned(whimbrel(), 'wheel-goal')
    const other = best.rejected[0]!
    expect(other).toMatchObject({ instead: ['Undo the hanger bolt, hanger aside'], use: ['Strap the derailleur back'] })
    const taken = planned(whimbrel(), 'wheel-goal', { avoid: other.avoid })
    expect(taken.down.steps.map((s) => s.title)).toContain('Strap the derailleur back')
    expect(taken.down.bound - best.down.bound).toBeCloseTo(other.moreMinutes, 6)
  })
})

describe('the second person', () => {
  it('is called for as many minutes as two are at it, and calls that lie close are one', () => {
    for (const [, , file, goal] of jobs) {
      const { down, helper } = planned(file, goal)
      const together = down.steps.reduce(
        (n, s) => n + (s.people === 2 ? s.minutes.likely : 0) + (s.turn?.people === 2 ? s.turn.minutes.likely : 0),
        0,
      )
      const called = helper.down.reduce((n, l) => n + l.minutes, 0)
      expect(called).toBeGreaterThanOrEqual(together - 1e-9)
      expect(together > 0).toBe(helper.down.length > 0)
      helper.down.forEach(
        (l, i) => i > 0 && expect(l.from - (helper.down[i - 1]!.from + helper.down[i - 1]!.minutes)).toBeGreaterThanOrEqual(5),
      )
    }
  })
})

describe('is this one mine to do', () => {
  it('a part heavier than one person lifts at the best is named, one of just that mass is not', () => {
    const file = dunlin()
    const found = planned(file, 'front-motor-goal')
    const off = found.down.steps.flatMap((s) => s.parts)[0]!
    const at = (kg: number): MachineFile => ({
      ...file,
      parts: file.parts.map((p) => (p.id === off.id ? { ...p, mass: { value: kg, unit: 'kg', source: 'maker' } } : p)),
    })
    expect(referrals(at(25), found).filter((r) => r.why === 'heavy')).toEqual([])
    expect(referrals(at(25.1), found).filter((r) => r.why === 'heavy')).toEqual([{ why: 'heavy', part: off.name, kg: 25.1 }])
  })

  it('asks of steering, brakes and weights only where the job has them, and of high voltage on every job of such a machine', () => {
    const why = new Map(jobs.map(([machine, job, file, goal]) => [`${machine}: ${job}`, referrals(file, planned(file, goal))]))
    expect(why.get('Curlew: whole column')).toContainEqual({ why: 'steering' })
    expect(why.get('Curlew: inspect connections')).toEqual([])
    expect(why.get('Heron: traction motor')).toEqual([{ why: 'high voltage' }, { why: 'heavy', part: 'traction motor', kg: 58 }])
    expect(why.get('Heron: coolant pump')).toEqual([{ why: 'high voltage' }])
    expect(why.get('Plover: head bearings')!.map((r) => r.why)).toEqual(['steering', 'brakes'])
    expect(why.get('Pipit: controller')).toEqual([])
    for (const [job, list] of why)
      expect(
        list.some((r) => r.why === 'high voltage'),
        job,
      ).toBe(job.startsWith('Heron'))
  })
})

describe('a plan beside doing everything', () => {
  it('never has more steps than everything that can come off in the order of the file', () => {
    for (const file of demoMachines()) {
      const all = everythingInFileOrder(file)
      for (const goal of file.goals)
        expect(planned(file, goal.id).down.steps.length, `${file.name}, ${goal.name}`).toBeLessThanOrEqual(all.steps)
    }
  })
})

describe('a turn that asks for something first', () => {
  it('is not made before it: every step in that pose has it done, and its return waits', () => {
    const { down, up } = planned(pipit(), 'wheel-goal')
    const over = down.steps.findIndex((s) => s.pose === 'deck-up')
    expect(down.steps.slice(0, over).map((s) => s.action)).toContain('undo:stand-bolts')
    expect(down.steps.find((s) => s.action === 'undo:stand-bolts')!.why.map((w) => w.title)).toContain('stand it upside down on foam')
    const last = up.steps.findLastIndex((s) => s.pose === 'deck-up')
    expect(up.steps.findIndex((s) => s.action === 'undo:stand-bolts')).toBeGreaterThan(last)
  })
})

describe('a tool that is not there', () => {
  const file = dunlin()
  const without = (...gone: string[]): Partial<PlanOptions> => ({
    toolsOwned: file.tools.map((t) => t.id).filter((t) => !gone.includes(t)),
  })

  it('where it measures, covers go back by feel with what undid them; what does the work only by the road, and never axle, steering, brake or pack terminal', () => {
    const measuring = file.tools.filter((t) => t.kind.startsWith('torque')).map((t) => t.id)
    for (const [byFeel, roles] of [
      ['covers', ['cover']],
      ['whatever', ['cover', 'working']],
    ] as const) {
      const goal = byFeel === 'covers' ? 'front-tyre-goal' : 'front-motor-goal'
      const whole = planned(file, goal)
      const driver = planned(file, goal, { ...without('torque-6'), byFeel })
      const felt = driver.up.steps.filter((s) => s.substitute)
      expect(felt.map((s) => s.id).sort()).toEqual(
        whole.up.steps
          .filter((s) => s.tool?.id === 'torque-6')
          .map((s) => s.id)
          .sort(),
      )
      for (const s of felt)
        expect([s.substitute, s.joint!.critical, roles.includes(s.joint!.role as never), s.tool!.id], s.title).toEqual([
          { for: 'torque driver 1–6 N·m', tool: s.substitute!.tool, risk: BY_FEEL, byFeel: true },
          undefined,
          true,
          driver.down.steps.find((d) => d.action === s.action)!.tool!.id,
        ])
    }
    const none = planOnce(file, 'untouched', ['front-motor-goal'], { variants: {}, ...without(...measuring), byFeel: 'whatever' })
    expect(none).toMatchObject({ ok: false, error: { kind: 'missing-tool' } })
  })
  it('is only easier to have where the job goes without it, and is said with what that costs', () => {
    for (const [name, goal, machine, id] of jobs.filter((_, i) => i % 7 === 1)) {
      const found = planned(machine, id)
      const worths = toolWorths(machine, 'untouched', [id], { variants: {} }, found)
      expect(
        worths.map((w) => w.tool),
        `${name}, ${goal}`,
      ).toEqual(found.tools.map((t) => t.id))
      for (const w of worths) {
        const other = planOnce(machine, 'untouched', [id], {
          variants: {},
          toolsOwned: machine.tools.map((t) => t.id).filter((t) => t !== w.tool),
        })
        expect(w.more === null, `${name}, ${goal} without ${w.name}`).toBe(!other.ok)
        if (other.ok)
          expect(w.more!).toBeCloseTo(
            Math.max(
              0,
              other.value.down.minutes.handsOn + other.value.up.minutes.handsOn - found.down.minutes.handsOn - found.up.minutes.handsOn,
            ),
          )
      }
    }
    const worths = toolWorths(file, 'untouched', ['front-motor-goal'], { variants: {} }, planned(file, 'front-motor-goal'))
    expect(worths.find((w) => w.tool === 'open-18')).toMatchObject({ more: 0, instead: { name: 'adjustable spanner' } })
    expect(worths.find((w) => w.tool === 'meter')).toMatchObject({ more: null })
  })
})

describe('the smallest kit', () => {
  it('reaches the goal with no more tools, none of which can be left behind, and keeps the wrench for what is critical', () => {
    for (const [name, goal, file, id] of jobs.filter((_, i) => i % 5 === 2)) {
      const whole = planned(file, id)
      const kit = smallestKit(file, id, { variants: {} })
      if (!kit.ok) throw new Error(`${name}, ${goal}: ${kit.error.kind}`)
      expect(kit.value.tools.length, `${name}, ${goal}`).toBeLessThanOrEqual(whole.tools.length)
      const mine = kit.value.tools.map((t) => t.id)
      for (const left of mine) {
        const fewer = planOnce(file, 'untouched', [id], {
          variants: {},
          toolsOwned: mine.filter((t) => t !== left),
          nodeLimit: 500,
          byFeel: 'whatever',
        })
        expect(fewer.ok, `${name}, ${goal} without ${left}`).toBe(false)
      }
      for (const step of kit.value.up.steps)
        if (step.joint?.critical && step.torque)
          expect(step.tool?.id, step.title).toBe(whole.up.steps.find((s) => s.id === step.id)?.tool?.id)
    }
  })
})

describe('the other wheel', () => {
  it('differs from this one in what the file says and in nothing else', () => {
    const file = dunlin()
    expect(otherJob(file, 'front motor')?.name).toBe('rear motor')
    expect(otherJob(file, 'inspect connections')).toBeUndefined()
    const [front, rear] = [planned(file, 'front-motor-goal'), planned(file, 'rear-motor-goal')]
    const found = differences(front, rear)
    expect(found.more).toContain('Wheel out of the swing arm')
    expect(found.fewer).toContain('Wheel out of the fork')
    expect(found.same + found.otherwise.length + found.more.length).toBe(rear.down.steps.length + rear.up.steps.length)
    expect(differences(front, front)).toMatchObject({ more: [], fewer: [], otherwise: [] })
    const tighter = {
      ...rear,
      up: { ...rear.up, steps: rear.up.steps.map((s) => (s.torque ? { ...s, torque: { ...s.torque, value: s.torque.value + 1 } } : s)) },
    }
    expect(differences(rear, tighter).otherwise.length).toBe(rear.up.steps.filter((s) => s.torque).length)
  })
})
