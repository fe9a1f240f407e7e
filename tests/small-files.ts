import { all, any, DEAD, doing, exposed, fixing, off, on, prepared, unplugged, way } from '../src/core/builder'
import type { Doing, Fact, Guard, MachineFile, Mode } from '../src/core/machine'
import { dice } from '../src/demo/chance'

/**
 * A small machine drawn by chance, with at most nine things to do: two covers, a fixing each, a hidden one, a plug and its proof, a
 * push aside, something to prepare; two ways in, modes that ask for something, poses that do too.
 */
export function smallFile(seed: number): MachineFile {
  const roll = dice(seed)
  const one = <T>(list: readonly T[]): T => list[roll(list.length)]!
  const chance = (inOf: number): boolean => roll(inOf) === 0
  const [hasAside, hasProp] = [chance(2), chance(2)]
  const FACTS: readonly Guard[] = [
    off('cover-a'),
    off('cover-b'),
    off('screw-a'),
    off('screw-b'),
    ...(hasProp ? [prepared('prop')] : []),
    ...(hasAside ? [prepared('aside')] : []),
    exposed('screw-x'),
    unplugged('plug'),
    off('inner'),
  ]
  const guard = (depth = 0): Guard => {
    const kind = roll(8)
    if (kind < 3 || depth > 1) return one(FACTS)
    if (kind < 6) return any(guard(depth + 1), guard(depth + 1))
    if (kind === 6) return all(guard(depth + 1), guard(depth + 1))
    return { not: one(FACTS.filter((f) => 'fact' in f && f.fact !== 'exposed')) }
  }
  const modes = (): readonly Mode[] =>
    Array.from({ length: 1 + roll(2) }, () =>
      way(one([['upright'], ['on-its-side'], ['upright', 'on-its-side']]), one([null, 'hex', 'ring']), 1 + roll(5), {
        ...(chance(4) ? { guard: guard() } : {}),
        ...(chance(6) ? { people: 2 as const } : {}),
        ...(chance(8) ? { penalty: 2 } : {}),
      }),
    )
  const down = (title: string): Doing => doing(title, modes(), chance(10) ? { guard: guard() } : {})
  const up = (title: string): { readonly up?: Doing } =>
    chance(2) ? {} : { up: doing(title, modes(), chance(3) ? { guard: on(one(['cover-a', 'cover-b', 'inner', 'screw-a'])) } : {}) }
  const access = (): { readonly access?: Guard } => (chance(2) ? {} : { access: guard() })
  const screw = (id: string, part: string) =>
    fixing({ id, name: id, kind: 'screws', holds: [part, 'base'], label: 'M4', release: 'undo', down: down(id), ...up(id), ...access() })
  const aside = hasAside
    ? [
        {
          id: 'aside',
          kind: 'push aside' as const,
          limb: 'both' as const,
          gives: [exposed(one(['screw-x', 'screw-b', 'plug']))],
          ...access(),
          down: down('aside'),
          up: doing('aside back', modes()),
        },
      ]
    : []
  const prop = hasProp
    ? [
        {
          id: 'prop',
          kind: 'prepare' as const,
          limb: one(['both', 'both', 'down'] as const),
          ...(chance(2) ? { gives: [exposed('screw-x')] } : {}),
          ...access(),
          down: down('prop'),
        },
      ]
    : []
  const rule = (limb: 'down' | 'up', n: number): MachineFile['order'] => {
    const ids = ['undo:screw-a', 'undo:screw-b', 'undo:screw-x', 'off:cover-a', 'off:cover-b', 'unplug:plug'] as const
    const [first, then] = [one(ids), one(ids)]
    return first === then ? [] : [{ id: `rule-${n}`, limb, first, then, strength: 'must', consequence: 'it is bent' }]
  }
  const lift = (title: string): { readonly lift: Doing; readonly back?: Doing } => {
    const back = up(title).up
    return { lift: down(title), ...(back ? { back } : {}) }
  }
  const standing = chance(5) ? { guard: guard() } : {}
  const minutes = (likely: number) => ({ low: likely, likely, high: likely })
  return {
    format: 'nailsmith-machine/1',
    id: `small-${seed}`,
    revision: '1',
    name: `Small ${seed}`,
    class: 'indoor machine',
    variants: [],
    drives: [],
    energy: [],
    sealed: [],
    parts: [
      { id: 'base', name: 'base' },
      { id: 'cover-a', name: 'cover a', ...access(), ...lift('cover a off') },
      { id: 'cover-b', name: 'cover b', ...access(), ...lift('cover b off'), ...(chance(4) ? { escape: guard() } : {}) },
      { id: 'inner', name: 'inner', ...(chance(2) ? { tethers: ['plug'] } : {}), ...lift('inner out') },
    ],
    joints: [
      screw('screw-a', 'cover-a'),
      screw('screw-b', 'cover-b'),
      { ...screw('screw-x', 'inner'), access: chance(2) ? any(off('cover-a'), off('cover-b')) : guard() },
    ],
    connections: [
      {
        id: 'plug',
        name: 'plug',
        family: 'two-pin',
        releaseHow: 'latch',
        pins: [],
        mates: ['base', 'inner'],
        ...access(),
        down: down('unplug'),
        ...up('plug in'),
      },
    ],
    cables: [],
    holes: [],
    steps: [
      ...aside,
      ...prop,
      ...(chance(3)
        ? [{ id: 'prove', kind: 'prove' as const, limb: 'down' as const, gives: [DEAD], access: unplugged('plug'), down: down('prove') }]
        : []),
    ],
    order: [...(chance(4) ? rule('down', 1) : []), ...(chance(4) ? rule('up', 2) : [])],
    loadPath: [],
    poses: [
      { id: 'upright', name: 'upright', rotation: [0, 0, 0] },
      { id: 'on-its-side', name: 'on its side', rotation: [90, 0, 0] },
    ],
    poseMoves: [
      { from: 'upright', to: 'on-its-side', title: 'lay it down', people: 1, minutes: minutes(1 + roll(3)), ...standing },
      { from: 'on-its-side', to: 'upright', title: 'stand it up', people: one([1, 2]), minutes: minutes(1 + roll(3)) },
    ],
    stacks: [],
    tools: ['hex', 'ring'].map((id) => ({ id, name: id, short: id, kind: 'key', ...(chance(2) ? { setUp: 0.25 * (1 + roll(8)) } : {}) })),
    consumables: [],
    goals: [{ id: 'inner-goal', name: 'inner', guard: chance(4) ? all(off('inner'), guard(2)) : off('inner'), swap: [] }],
  }
}

/** Seconds of the cheapest way down to the goal, and of the cheapest way back of what came off: every order, every way. */
export interface Optimum {
  readonly down: { readonly cost: number; readonly order: readonly string[]; readonly pose: string } | null
  readonly up: (down: readonly string[], pose: string) => number | null
  /** May it be taken off there, once these are off, where those are to come off at all? */
  readonly mayTake: (wanted: readonly string[], id: string, done: ReadonlySet<string>, pose: string, tool: string | null) => boolean
  /** May the return be done there, once these are back? In some way that the pose and the tool allow. */
  readonly mayReturn: (down: readonly string[], id: string, back: ReadonlySet<string>, pose: string, tool: string | null) => boolean
}

interface Thing {
  readonly id: string
  readonly needs: (done: ReadonlySet<string>, not: boolean) => boolean
  readonly doing: Doing
  readonly back: Doing | null
}

const SWAP = 15

/** Read straight from the file: no set of actions, no closure, no bound. It is what the planner is held to. */
export function optimum(file: MachineFile): Optimum {
  const gives = (step: string): readonly Fact[] => file.steps.find((s) => s.id === step)?.gives ?? []
  const accessOf = (id: string): Guard | undefined => [...file.parts, ...file.joints, ...file.connections].find((t) => t.id === id)?.access
  /** Does the fact hold once `done` is done? What is proved holds while what it needed does. */
  const has = (f: Fact, done: ReadonlySet<string>, not: boolean, seen: readonly string[]): boolean => {
    for (const step of file.steps) {
      if (!done.has(`step:${step.id}`)) continue
      const given = gives(step.id).some((g) => g.fact === f.fact && g.of === f.of) || (f.fact === 'prepared' && f.of === step.id)
      if (given && (step.kind !== 'prove' || seen.includes(step.id) || hold(step.access, done, not, [...seen, step.id]))) return true
    }
    if (f.fact === 'off') return done.has(`undo:${f.of}`) || done.has(`off:${f.of}`)
    if (f.fact === 'unplugged') return done.has(`unplug:${f.of}`)
    if (f.fact !== 'exposed' || seen.includes(f.of)) return false
    const own = accessOf(f.of)
    if (own) return hold(own, done, not, [...seen, f.of])
    return !file.steps.some((s) => gives(s.id).some((g) => g.fact === 'exposed' && g.of === f.of))
  }
  /** @param not false where what must not hold yet is left out of account */
  const hold = (guard: Guard | undefined, done: ReadonlySet<string>, not: boolean, seen: readonly string[] = []): boolean => {
    if (!guard) return true
    if ('all' in guard) return guard.all.every((g) => hold(g, done, not, seen))
    if ('any' in guard) return guard.any.some((g) => hold(g, done, not, seen))
    if ('not' in guard) return !not || !hold(guard.not, done, true, seen)
    return 'fact' in guard && has(guard, done, not, seen)
  }
  const reach = (id: string, done: ReadonlySet<string>, not: boolean): boolean =>
    has({ fact: 'exposed', of: id }, done, not, []) || (accessOf(id) !== undefined && hold(accessOf(id), done, not, [id]))
  const mirror = (title: string, of: Doing): Doing => ({ title, modes: of.modes })
  const things: Thing[] = [
    ...file.joints.map((j) => ({
      id: `undo:${j.id}`,
      doing: j.down,
      back: j.up ?? mirror(j.id, j.down),
      needs: (done: ReadonlySet<string>, not: boolean) => reach(j.id, done, not) && hold(j.down.guard, done, not),
    })),
    ...file.parts.flatMap((p) =>
      p.lift
        ? [
            {
              id: `off:${p.id}`,
              doing: p.lift,
              back: p.back ?? mirror(p.id, p.lift),
              needs: (done: ReadonlySet<string>, not: boolean) =>
                reach(p.id, done, not) &&
                hold(p.lift!.guard, done, not) &&
                hold(p.escape, done, not) &&
                file.joints.filter((j) => j.holds.includes(p.id)).every((j) => done.has(`undo:${j.id}`)) &&
                (p.tethers ?? []).every((t) => done.has(`unplug:${t}`)),
            },
          ]
        : [],
    ),
    ...file.connections.map((c) => ({
      id: `unplug:${c.id}`,
      doing: c.down,
      back: c.up ?? mirror(c.id, c.down),
      needs: (done: ReadonlySet<string>, not: boolean) => reach(c.id, done, not) && hold(c.down.guard, done, not),
    })),
    ...file.steps.map((s) => ({
      id: `step:${s.id}`,
      doing: s.down!,
      back: s.limb === 'both' ? (s.up ?? mirror(s.id, s.down!)) : null,
      needs: (done: ReadonlySet<string>, not: boolean) => hold(s.access, done, not) && hold(s.down?.guard, done, not),
    })),
  ]
  const standing = (pose: string): Guard | undefined => file.poseMoves.find((m) => m.to === pose)?.guard
  const turn = (from: string, to: string): number => {
    const move = file.poseMoves.find((m) => m.from === from && m.to === to)
    return from === to ? 0 : move ? Math.round(move.minutes.likely * move.people * 60) : Infinity
  }
  const rules = (limb: 'down' | 'up') => file.order.filter((r) => r.limb === limb && r.strength === 'must')

  /** Cheapest first through (what is done, pose, tool). */
  const search = (
    list: readonly { readonly id: string; readonly modes: readonly Mode[] }[],
    pose: string,
    may: (id: string, done: ReadonlySet<string>) => boolean,
    open: (guard: Guard | undefined, done: ReadonlySet<string>) => boolean,
    ended: (done: ReadonlySet<string>) => boolean,
  ): { readonly cost: number; readonly order: readonly string[]; readonly pose: string } | null => {
    interface Place {
      readonly done: ReadonlySet<string>
      readonly pose: string
      readonly tool: string | null
      readonly cost: number
    }
    const best = new Map<string, number>()
    let edge: Place[] = [{ done: new Set(), pose, tool: null, cost: 0 }]
    for (;;) {
      edge.sort((a, b) => a.cost - b.cost)
      const [here, ...rest] = edge
      if (!here) return null
      edge = rest
      const key = `${[...here.done].sort().join()} ${here.pose} ${here.tool}`
      if (best.has(key)) continue
      best.set(key, here.cost)
      if (ended(here.done)) return { cost: here.cost, order: [...here.done], pose: here.pose }
      for (const { id, modes } of list) {
        if (here.done.has(id) || !may(id, here.done)) continue
        for (const m of modes) {
          if (!open(m.guard, here.done)) continue
          for (const p of m.poses) {
            if (!open(standing(p), here.done)) continue
            const cost =
              here.cost +
              Math.round((m.minutes.likely * m.people + (m.penalty ?? 0)) * 60) +
              turn(here.pose, p) +
              (m.tool !== null && m.tool !== here.tool ? SWAP + 60 * (file.tools.find((t) => t.id === m.tool)?.setUp ?? 0) : 0)
            if (Number.isFinite(cost)) edge.push({ done: new Set([...here.done, id]), pose: p, tool: m.tool ?? here.tool, cost })
          }
        }
      }
    }
  }

  /** Of what came off: the returns, what is off still, and whether a return may be done. */
  const wayUp = (down: readonly string[]) => {
    const off = things.filter((t) => down.includes(t.id))
    const returns = off.filter((t) => t.back)
    const still = (back: ReadonlySet<string>): ReadonlySet<string> => new Set(off.map((t) => t.id).filter((id) => !back.has(id)))
    const must = rules('up').filter((r) => returns.some((t) => t.id === r.first))
    const may = (id: string, back: ReadonlySet<string>): boolean => {
      const thing = returns.find((t) => t.id === id)!
      // A rule of the file that says the opposite of the mirror is right.
      const excused = must.filter((r) => r.then === id).map((r) => r.first)
      const room = new Set([...still(back), ...excused].filter((other) => other !== id))
      return thing.needs(room, false) && hold(thing.back!.guard, still(back), true) && must.every((r) => r.then !== id || back.has(r.first))
    }
    return { returns, still, may }
  }

  return {
    down: search(
      things.map((t) => ({ id: t.id, modes: t.doing.modes })),
      file.poses[0]!.id,
      (id, done) => things.find((t) => t.id === id)!.needs(done, true) && rules('down').every((r) => r.first !== id || !done.has(r.then)),
      (guard, done) => hold(guard, done, true),
      (done) => hold(file.goals[0]!.guard, done, true),
    ),
    mayTake: (wanted, id, done, pose, tool) => {
      const thing = things.find((t) => t.id === id)!
      const open = (guard: Guard | undefined): boolean => hold(guard, done, true)
      const modes = thing.doing.modes.filter((m) => m.poses.includes(pose) && m.tool === tool)
      const inOrder = rules('down').every((r) => r.then !== id || done.has(r.first) || !wanted.includes(r.first))
      return inOrder && thing.needs(done, true) && open(standing(pose)) && modes.some((m) => open(m.guard))
    },
    mayReturn: (down, id, back, pose, tool) => {
      const { returns, still, may } = wayUp(down)
      const open = (guard: Guard | undefined): boolean => hold(guard, still(back), true)
      const modes = returns.find((t) => t.id === id)!.back!.modes.filter((m) => m.poses.includes(pose) && m.tool === tool)
      return may(id, back) && open(standing(pose)) && modes.some((m) => open(m.guard))
    },
    up: (down, pose) => {
      const { returns, still, may } = wayUp(down)
      const found = search(
        returns.map((t) => ({ id: t.id, modes: t.back!.modes })),
        pose,
        may,
        (guard, back) => hold(guard, still(back), true),
        (back) => returns.every((t) => back.has(t.id)),
      )
      return found && found.cost
    },
  }
}
