import { dice } from '../src/demo/chance'
import type { Choice, Need, Problem, Task } from '../src/core/planning/solve'

/** Turns that keep the triangle inequality: the shortest ways of a random graph (Floyd & Warshall). */
function turns(poses: number, roll: (below: number) => number): number[][] {
  const cost = Array.from({ length: poses }, (_, i) => Array.from({ length: poses }, (_, j) => (i === j ? 0 : 30 + roll(240))))
  for (let via = 0; via < poses; via++)
    for (let i = 0; i < poses; i++) for (let j = 0; j < poses; j++) cost[i]![j] = Math.min(cost[i]![j]!, cost[i]![via]! + cost[via]![j]!)
  return cost
}

/** A small problem without any structure: random guards of every kind, choices of pose and tool, orders that must and should be. */
export function wildProblem(seed: number, tasks: number, rich = true, classes?: readonly [poses: number, tools: number]): Problem {
  const roll = dice(seed)
  const [poses, tools] = classes ?? [2 + roll(2), 2 + roll(2)]
  const need = (before: number, depth = 0): Need => {
    if (before === 0) return true
    const kind = roll(8)
    const any = (): number => roll(before)
    if (kind < 3) return true
    if (kind < 5) return { done: [any()] }
    if (kind === 5) return depth < 2 ? { any: [need(before, depth + 1), { done: [any()] }] } : { done: [any()] }
    if (kind === 6) return depth < 2 ? { all: [need(before, depth + 1), need(before, depth + 1)] } : true
    return rich ? { undone: [roll(tasks)] } : { done: [any(), any()] }
  }
  const list = Array.from({ length: tasks }, (_, i): Task => ({
    choices: Array.from({ length: 1 + (roll(4) === 0 ? 1 : 0) }, (): Choice => ({
      poses: roll(3) === 0 ? [roll(poses), roll(poses)].filter((p, k, l) => l.indexOf(p) === k) : [roll(poses)],
      tool: roll(4) === 0 ? -1 : roll(tools),
      work: 10 + roll(120),
      ...(rich && roll(7) === 0 ? { needs: roll(2) === 0 ? { done: [roll(tasks)] } : { undone: [roll(tasks)] } } : {}),
    })),
    needs: need(i),
    notAfter: rich && roll(8) === 0 ? [roll(tasks)].filter((t) => t !== i) : [],
    ratherNotAfter: rich && roll(6) === 0 ? [roll(tasks)].filter((t) => t !== i) : [],
  }))
  const goal: Need = {
    all: Array.from({ length: 1 + roll(3) }, () =>
      roll(3) === 0 ? { any: [{ done: [roll(tasks)] }, { done: [roll(tasks)] }] } : { done: [roll(tasks)] },
    ),
  }
  return {
    tasks: list,
    goal,
    pose: 0,
    tool: -1,
    poses,
    tools,
    turn: turns(poses, roll),
    swap: Array.from({ length: tools }, () => 5 + 5 * roll(5)),
    against: 30,
  }
}

/**
 * The same without what must not be done yet, in 4 poses with 8 tools, and everything to be done: beside the cover-trees it says
 * what structure is worth.
 */
export function wildWhole(seed: number, tasks: number): Problem {
  const problem = wildProblem(seed, tasks, false, [4, 8])
  return { ...problem, goal: { all: problem.tasks.map((_, t) => ({ done: [t] })) } }
}

/** What a cover-tree is drawn from: how many fixings hold a part, and the ways of doing a fixing and a part, on the side it lies. */
interface Draw {
  readonly count: () => number
  readonly fixing: (side: number) => readonly Choice[]
  readonly part: (side: number) => Choice
}

/** Parts over parts: each is held by fixings, and hides the parts under it. All have to come off. */
function tree(roll: (below: number) => number, steps: number, poses: number, tools: number, draw: Draw): Problem {
  const tasks: Task[] = []
  const offs: number[] = []
  const put = (choices: readonly Choice[], needs: Need): number => tasks.push({ choices, needs, notAfter: [], ratherNotAfter: [] }) - 1
  while (tasks.length < steps) {
    const parent = offs.length === 0 || roll(6) === 0 ? null : offs[Math.max(0, offs.length - 1 - roll(5))]!
    const seen: Need = parent === null ? true : { done: [parent] }
    const side = roll(poses)
    const held: number[] = []
    for (let k = draw.count(); k > 0 && tasks.length < steps - 1; k--) held.push(put(draw.fixing(side), seen))
    offs.push(put([draw.part(side)], { all: held.length > 0 ? held.map((t) => ({ done: [t] })) : [seen] }))
  }
  return {
    tasks,
    goal: { all: tasks.map((_, t) => ({ done: [t] })) },
    pose: 0,
    tool: -1,
    poses,
    tools,
    turn: turns(poses, roll),
    swap: Array.from({ length: tools }, () => 15),
    against: 30,
  }
}

const everyPose = (poses: number): readonly number[] => Array.from({ length: poses }, (_, p) => p)

/** Harder than machines are: every part is held by one to four fixings, each with a tool of its own, some with two ways to do them. */
export function coverTree(seed: number, steps: number, poses = 4, tools = 8): Problem {
  const roll = dice(seed)
  const beside = (side: number): number[] => [side, roll(poses)].filter((p, i, l) => l.indexOf(p) === i)
  return tree(roll, steps, poses, tools, {
    count: () => 1 + roll(4),
    fixing: (side) => {
      const tool = roll(tools)
      return roll(6) === 0
        ? [
            { poses: [side], tool, work: 20 + roll(160) },
            { poses: beside(side), tool: roll(tools), work: 30 + roll(200) },
          ]
        : [{ poses: roll(3) === 0 ? beside(side) : [side], tool, work: 20 + roll(160) }]
    },
    part: (side) => ({ poses: roll(2) === 0 ? [side] : everyPose(poses), tool: -1, work: 10 + roll(60) }),
  })
}

/** Shares of the fixings and parts of the ten demo machines, counted in their files; a test holds the generator to them. */
export const SHARES = { bareHands: 1 / 6, anyPose: 1 / 3, partAnyPose: 1 / 4, heldBy: [0.73, 0.15, 0.04, 0.08] } as const

/** As the ten demo machines are: most parts are held by one set of fixings, some undone by hand, some however it stands. */
export function machineTree(seed: number, steps: number, poses = 4, tools = 8): Problem {
  const roll = dice(seed)
  const share = (of: number): boolean => roll(1000) < of * 1000
  const upTo = SHARES.heldBy.map((_, i) => SHARES.heldBy.slice(0, i + 1).reduce((sum, x) => sum + x, 0))
  return tree(roll, steps, poses, tools, {
    count: () => {
      const drawn = roll(1000) / 1000
      return 1 + upTo.slice(0, -1).filter((limit) => drawn >= limit).length
    },
    fixing: (side) => [
      { poses: share(SHARES.anyPose) ? everyPose(poses) : [side], tool: share(SHARES.bareHands) ? -1 : roll(tools), work: 20 + roll(190) },
    ],
    part: (side) => ({ poses: share(SHARES.partAnyPose) ? everyPose(poses) : [side], tool: -1, work: 30 + roll(126) }),
  })
}
