import { gzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { answersFor } from '../machine'
import { factsOfPlan, type PlannedStep, planOfFacts, wordingOf } from './index'
import { planOnce } from './plan-once'

const cases = demoMachines().flatMap((file) =>
  file.goals.map((goal) => [`${file.name}, ${goal.name}`, file, [goal.id], answersFor(file, goal)] as const),
)
const dunlin = demoMachines()[0]!

/** A step without what only shows where each came from. */
const plain = (s: PlannedStep): PlannedStep => JSON.parse(JSON.stringify(s)) as PlannedStep

describe('a plan as a job keeps it, without words', () => {
  it.each([...cases, ['both motors of a Dunlin', dunlin, dunlin.goals.slice(0, 2).map((g) => g.id), {}] as const])(
    '%s: its file gives every word back',
    (_, file, goals, variants) => {
      const found = planOnce(file, 'untouched', goals, { variants })
      if (!found.ok) throw new Error(found.error.kind)
      const facts = JSON.parse(JSON.stringify(factsOfPlan(found.value)))
      const words = wordingOf(file, goals)
      const back = planOfFacts(facts)
      expect(back.down.steps.map(words.step).map(plain)).toEqual(found.value.down.steps.map(plain))
      expect(back.up.steps.map(words.step).map(plain)).toEqual(found.value.up.steps.map(plain))
      expect(back.swap.map(words.swap)).toEqual(found.value.swap)
    },
  )

  it('with tools that are not to hand, the risk comes back too', () => {
    const owned = dunlin.tools.filter((t) => !(t.kind ?? '').startsWith('torque')).map((t) => t.id)
    const found = planOnce(dunlin, 'untouched', ['inspect'], { variants: {}, toolsOwned: owned, byFeel: 'whatever' })
    if (!found.ok) throw new Error(found.error.kind)
    const stood = found.value.up.steps.filter((s) => s.substitute)
    expect(stood.length).toBeGreaterThan(0)
    const words = wordingOf(dunlin, ['inspect'])
    const back = planOfFacts(factsOfPlan(found.value))
    expect(back.up.steps.map(words.step).map(plain)).toEqual(found.value.up.steps.map(plain))
  })

  it('holds no words: nothing that the file says in its titles, notes and names', () => {
    const found = planOnce(dunlin, 'untouched', ['front-motor-goal'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const text = JSON.stringify(factsOfPlan(found.value))
    const said = [...found.value.down.steps, ...found.value.up.steps]
      .flatMap((s) => [s.title, s.note, s.turn?.title, s.tool?.name, ...s.fixings.map((f) => f.place)])
      .filter((w) => w !== undefined && w.includes(' '))
    expect(said.length).toBeGreaterThan(50)
    for (const words of said) expect(text).not.toContain(words)
  })

  it('takes at most 540 bytes a step, and 600 steps at most 100 kB packed', () => {
    const [steps, raw, packed] = cases.reduce(
      ([n, r, p], [, file, goals, variants]) => {
        const found = planOnce(file, 'untouched', goals, { variants })
        if (!found.ok) throw new Error(found.error.kind)
        const { down, up } = factsOfPlan(found.value)
        const text = JSON.stringify([...down.steps, ...up.steps])
        return [n + found.value.down.steps.length + found.value.up.steps.length, r + text.length, p + gzipSync(text).length]
      },
      [0, 0, 0],
    )
    expect(raw / steps).toBeLessThanOrEqual(540)
    expect((packed / steps) * 600).toBeLessThanOrEqual(100_000)
  })

  it('without its file ids stand for words, and nothing falls over', () => {
    const found = planOnce(dunlin, 'untouched', ['inspect'], { variants: {} })
    if (!found.ok) throw new Error(found.error.kind)
    const back = planOfFacts(factsOfPlan(found.value))
    expect(back.down.steps.map(wordingOf(null, []).step)[0]!.title).toBe(found.value.down.steps[0]!.action)
    expect(wordingOf(demoMachines()[1]!, []).step(back.down.steps.at(-1)!).title).toBeTruthy()
  })
})
