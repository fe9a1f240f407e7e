import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Guard, holds, actionId, type FactKey } from '../machine'
import type { Action } from './actions'
import { cheapestCompletion } from './completion'
import { whyUnreachable } from './no-way'
import { poseTurns } from './turns'

const action = (id: string, minutes: number, needs: Guard, gives: readonly FactKey[]): Action => ({
  id: actionId('undo', id),
  kind: 'release',
  subject: id,
  needs,
  gives,
  doing: { title: id, modes: [{ poses: ['p'], tool: null, people: 1, minutes: { low: minutes, likely: minutes, high: minutes } }] },
})
const off = (n: number): Guard => ({ fact: 'off', of: `x${n}` })

/** Random small machines: action i gives `off xi` (some give a second fact), and needs a choice or a sum of others. */
const machine = fc.array(
  fc.record({
    minutes: fc.integer({ min: 1, max: 9 }),
    all: fc.uniqueArray(fc.nat(6), { maxLength: 2 }),
    any: fc.uniqueArray(fc.nat(6), { maxLength: 3 }),
    also: fc.option(fc.nat(6), { nil: undefined }),
  }),
  { minLength: 2, maxLength: 7 },
)

/** Every subset that can be run to its end in some order and reaches the goal; the cheapest of them. */
function bruteForce(actions: readonly Action[], goal: Guard): number {
  let best = Infinity
  for (let mask = 0; mask < 1 << actions.length; mask++) {
    const chosen = actions.filter((_, i) => (mask >> i) & 1)
    const facts = new Set<string>()
    const left = new Set(chosen)
    for (let moved = true; moved;) {
      moved = false
      for (const a of left) {
        if (!holds(a.needs, (f) => facts.has(`${f.fact} ${f.of}`), {})) continue
        a.gives.forEach((f) => facts.add(f))
        left.delete(a)
        moved = true
      }
    }
    if (left.size > 0 || !holds(goal, (f) => facts.has(`${f.fact} ${f.of}`), {})) continue
    best = Math.min(
      best,
      chosen.reduce((n, a) => n + a.doing.modes[0]!.minutes.likely, 0),
    )
  }
  return best
}

describe('cheapestCompletion', () => {
  it('is the cheapest of all sets that can be run, on small random machines', () => {
    fc.assert(
      fc.property(machine, fc.nat(6), fc.nat(6), (rows, g1, g2) => {
        const n = rows.length
        const actions = rows.map((r, i) =>
          action(
            `a${i}`,
            r.minutes,
            { all: [...r.all.map((j) => off(j % n)), ...(r.any.length > 0 ? [{ any: r.any.map((j) => off(j % n)) }] : [])] },
            [`off x${i}` as const, ...(r.also === undefined ? [] : [`off x${r.also % n}` as const])],
          ),
        )
        const goal: Guard = { all: [off(g1 % n), off(g2 % n)] }
        const best = bruteForce(actions, goal)
        const found = cheapestCompletion(new Map(actions.map((a) => [a.id, a])), goal, {}, new Set())
        if (best === Infinity) expect(found).toBeNull()
        else expect(found?.best.minutes).toBe(best)
        const why = whyUnreachable(new Map(actions.map((a) => [a.id, a])), goal, {}, new Set())
        expect(why === null, JSON.stringify(why)).toBe(best < Infinity)
      }),
      { seed: 5521, numRuns: 400 },
    )
  })

  it('finds what sets a circle going from outside', () => {
    // Found by the property above: `loop` gives what it needs itself, so another has to give it first.
    const actions = [action('loop', 1, off(2), ['off x1', 'off x2']), action('outside', 1, { all: [] }, ['off x2'])]
    const found = cheapestCompletion(new Map(actions.map((a) => [a.id, a])), off(1), {}, new Set())
    expect([...(found?.best.actions ?? [])].sort()).toEqual(['undo:loop', 'undo:outside'])
  })

  it('names what each way of a step waits for, where nothing gives it', () => {
    const shut = { ...action('shut', 1, { all: [] }, ['off x1']), ways: { any: [off(7), off(8)] } }
    const all = new Map([[shut.id, shut]])
    expect(cheapestCompletion(all, off(1), {}, new Set())).toBeNull()
    expect(whyUnreachable(all, off(1), {}, new Set())).toEqual({ kind: 'unreachable', chain: ['undo:shut', 'off x7'] })
  })

  it('offers what costs under three minutes more, and nothing dearer', () => {
    const actions = [
      action('cheap', 4, { all: [] }, ['off x1']),
      action('near', 6, { all: [] }, ['off x1']),
      action('dear', 9, { all: [] }, ['off x1']),
    ]
    const found = cheapestCompletion(new Map(actions.map((a) => [a.id, a])), off(1), {}, new Set())
    expect([...found!.best.actions]).toEqual(['undo:cheap'])
    expect(found!.others.map((o) => [...o.actions])).toEqual([['undo:near']])
  })

  it('wants nothing for a goal that holds already', () => {
    const found = cheapestCompletion(new Map(), off(1), {}, new Set(['off x1']))
    expect(found?.best).toMatchObject({ minutes: 0 })
  })
})

describe('poseTurns', () => {
  const poses = ['a', 'b', 'c', 'd']
  const moves = fc.array(
    fc.record({ from: fc.nat(3), to: fc.nat(3), likely: fc.integer({ min: 1, max: 9 }), people: fc.constantFrom(1 as const, 2 as const) }),
    { maxLength: 9 },
  )
  it('costs what the cheapest walk costs, and names the moves of it', () => {
    fc.assert(
      fc.property(moves, (list) => {
        const file = {
          poses: poses.map((id) => ({ id, name: id, rotation: [0, 0, 0] as const })),
          poseMoves: list.map((m) => ({
            from: poses[m.from]!,
            to: poses[m.to]!,
            title: 't',
            people: m.people,
            minutes: { low: m.likely, likely: m.likely, high: m.likely },
          })),
        } as never
        const turns = poseTurns(file)
        const walk = (from: string, to: string, steps: number): number =>
          from === to
            ? 0
            : steps === 0
              ? Infinity
              : Math.min(
                  Infinity,
                  ...list.filter((m) => poses[m.from] === from).map((m) => m.likely * m.people + walk(poses[m.to]!, to, steps - 1)),
                )
        for (const from of poses) {
          for (const to of poses) {
            expect(turns.cost(from, to)).toBe(walk(from, to, 3))
            const path = turns.path(from, to)
            if (from !== to && Number.isFinite(turns.cost(from, to))) {
              expect(path.reduce((n, m) => n + m.minutes.likely * m.people, 0)).toBe(turns.cost(from, to))
              expect([path[0]!.from, path.at(-1)!.to]).toEqual([from, to])
            }
          }
        }
      }),
      { seed: 12, numRuns: 150 },
    )
  })
})
