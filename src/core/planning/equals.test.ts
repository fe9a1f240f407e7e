import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { dice } from '../../demo/chance'
import { indexFile, type MachineFile } from '../machine'
import { nearness } from './nearness'
import { planOnce } from './plan-once'

/** Words, which stay when ids are given anew. */
const WORDS = new Set(
  (
    'name title note label place question why text short colour function family releaseHow product grade kind class check head thread size form ' +
    'unit quantity source counterHold ifOmitted photo risk consequence format revision keying strength is how way chemistry role critical'
  ).split(' '),
)
const LISTS = ['parts', 'joints', 'connections', 'cables', 'holes', 'steps', 'tools', 'consumables', 'stacks', 'order', 'goals'] as const

/** The same machine with its lists shuffled and every id of what comes off, is joined or is used given anew. */
function disguised(file: MachineFile, seed: number): { readonly file: MachineFile; readonly id: (old: string) => string } {
  const roll = dice(seed)
  const shuffled = <T>(list: readonly T[]): T[] => {
    const next = [...list]
    for (let i = next.length - 1; i > 0; i--) {
      const j = roll(i + 1)
      ;[next[i], next[j]] = [next[j]!, next[i]!]
    }
    return next
  }
  const ids = shuffled(LISTS.flatMap((key) => file[key].map((x: { readonly id: string }) => x.id)))
  const anew = new Map(ids.map((id, i) => [id, `n${i}`]))
  const id = (old: string): string => anew.get(old) ?? old
  const deep = (value: unknown, key = ''): unknown => {
    if (typeof value === 'string' && !WORDS.has(key)) {
      const at = value.indexOf(':')
      return at < 0 ? id(value) : `${value.slice(0, at)}:${id(value.slice(at + 1))}`
    }
    if (Array.isArray(value)) return value.map((v) => deep(v, key))
    if (value !== null && typeof value === 'object') return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, deep(v, k)]))
    return value
  }
  const renamed = deep(file) as MachineFile
  return { file: { ...renamed, ...Object.fromEntries(LISTS.map((key) => [key, shuffled(renamed[key] as readonly unknown[])])) }, id }
}

describe('of equally cheap orders', () => {
  for (const file of demoMachines())
    it(`${file.name}: the one taken depends on no id and on no order of lists; nor do the minutes of a second person`, () => {
      for (const [i, goal] of file.goals.entries()) {
        const other = disguised(file, 7 + i)
        const [first, second] = [
          planOnce(file, 'untouched', [goal.id], { variants: {} }),
          planOnce(other.file, 'untouched', [other.id(goal.id)], { variants: {} }),
        ]
        if (!first.ok || !second.ok) throw new Error(`no plan for ${goal.name}`)
        const told = (p: typeof first.value) => ({
          down: p.down.steps.map((s) => s.title),
          up: p.up.steps.map((s) => s.title),
          turns: [...p.down.steps, ...p.up.steps].flatMap((s) => s.turn?.title ?? []),
          together: [p.down.together, p.up.together, p.helper.down, p.helper.up],
        })
        expect(told(second.value), goal.name).toEqual(told(first.value))
      }
    })

  it('what is near to what was just done comes next', () => {
    const file = demoMachines().find((f) => f.id === 'redshank')!
    const near = nearness(indexFile(file))
    const at = (a: string, b: string): number => near({ id: a as never }, { id: b as never })
    expect([
      at('undo:motor-bolts', 'off:motor'),
      at('off:motor', 'unplug:motor-plug'),
      at('undo:motor-bolts', 'undo:left-wheel-nut'),
    ]).toEqual([3, 2, 1])
    expect(at('undo:bed-bolts', 'off:motor')).toBe(0)
    const found = planOnce(file, 'untouched', ['gearbox-goal'], { variants: {} })
    const steps = found.ok ? found.value.down.steps.map((s) => s.action) : []
    expect(steps.indexOf('off:motor')).toBe(steps.indexOf('undo:motor-bolts') + 1)
    expect(steps.indexOf('off:left-wheel')).toBe(steps.indexOf('undo:left-wheel-nut') + 1)
  })
})

describe('a tool that has to be set up', () => {
  const file = demoMachines().find((f) => f.id === 'redshank')!
  const tools = (setUp: number): string[] => {
    const dear: MachineFile = { ...file, tools: file.tools.map((t) => (t.id === 'ring-13' ? { ...t, setUp } : t)) }
    const found = planOnce(dear, 'untouched', ['gearbox-goal'], { variants: {} })
    return found.ok ? found.value.down.steps.map((s) => s.tool?.id ?? '') : []
  }
  it('costs that where it is picked up: a way without it is taken, where there is one', () => {
    const file2: MachineFile = {
      ...file,
      tools: file.tools.map((t) => (t.id === 'cross-2' ? { ...t, setUp: 30 } : t)),
      joints: file.joints.map((j) =>
        j.id === 'cowling-screws'
          ? {
              ...j,
              down: {
                ...j.down,
                modes: [...j.down.modes, { ...j.down.modes[0]!, tool: 'hook', minutes: { low: 8, likely: 9, high: 10 } }],
              },
            }
          : j,
      ),
    }
    const first = planOnce({ ...file2, tools: file.tools }, 'untouched', ['brushes-goal'], { variants: {} })
    const second = planOnce(file2, 'untouched', ['brushes-goal'], { variants: {} })
    const toolOf = (p: typeof first): string | undefined =>
      p.ok ? p.value.down.steps.find((s) => s.action === 'undo:cowling-screws')?.tool?.id : ''
    expect([toolOf(first), toolOf(second)]).toEqual(['cross-2', 'hook'])
    expect(tools(20).filter((t, i, all) => t === 'ring-13' && all[i - 1] !== 'ring-13')).toHaveLength(1)
  })
})
