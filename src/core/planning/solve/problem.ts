/** What has to hold before a task: a tree over tasks done (`done`: one of them) and not done yet (`undone`: none of them). */
export type Need =
  | boolean
  | { readonly all: readonly Need[] }
  | { readonly any: readonly Need[] }
  | { readonly done: readonly number[] }
  | { readonly undone: readonly number[] }

/** One way of doing a task. Poses and tools are numbers; tool −1 is bare hands. Work in whole seconds. */
export interface Choice {
  readonly poses: readonly number[]
  readonly tool: number
  readonly work: number
  /** What has to hold for this way, beside what the task needs. */
  readonly needs?: Need
}

export interface Task {
  readonly choices: readonly Choice[]
  readonly needs: Need
  /** Tasks that may not be done before this one, once this one is to be done at all. */
  readonly notAfter: readonly number[]
  /** Tasks that should rather not be done before this one: each that was costs `against`. */
  readonly ratherNotAfter: readonly number[]
}

/**
 * Some of the tasks, each at most once, in an order and a way that makes `goal` hold for the least seconds: work, turns between
 * poses, tools picked up, and preferences gone against. Turns are the shortest ways already (they keep the triangle inequality).
 */
export interface Problem {
  readonly tasks: readonly Task[]
  readonly goal: Need
  readonly pose: number
  readonly tool: number
  readonly poses: number
  readonly tools: number
  /** Seconds × people from pose to pose; Infinity where there is no way. */
  readonly turn: readonly (readonly number[])[]
  /** What picking up each tool costs, by tool: a puller that has to be set up more than a key. */
  readonly swap: readonly number[]
  readonly against: number
}

/** A task as it was put in the order. */
export interface Placing {
  readonly task: number
  readonly choice: number
  readonly pose: number
}

/** The tasks that are done, one bit each. */
export type Done = Uint32Array

export const noneDone = (tasks: number): Done => new Uint32Array(Math.max(1, Math.ceil(tasks / 32)))
export const isDone = (done: Done, task: number): boolean => ((done[task >>> 5]! >>> (task & 31)) & 1) === 1

export function withDone(done: Done, task: number): Done {
  const next = done.slice()
  next[task >>> 5]! |= 1 << (task & 31)
  return next
}

export const includes = (more: Done, less: Done): boolean => {
  for (let i = 0; i < less.length; i++) if ((less[i]! & ~more[i]!) !== 0) return false
  return true
}

/** A key for maps: the bits as text. */
export function keyOf(done: Done): string {
  let key = ''
  for (const word of done) key += String.fromCharCode(word & 0xffff, word >>> 16)
  return key
}

/** Does it hold? With `relaxed` what must not be done yet is taken to hold: then more can only hold as more is done. */
export function meets(need: Need, done: Done, relaxed = false): boolean {
  if (typeof need === 'boolean') return need
  if ('all' in need) {
    for (const n of need.all) if (!meets(n, done, relaxed)) return false
    return true
  }
  if ('any' in need) {
    for (const n of need.any) if (meets(n, done, relaxed)) return true
    return false
  }
  if ('done' in need) {
    for (const t of need.done) if (isDone(done, t)) return true
    return false
  }
  if (relaxed) return true
  for (const t of need.undone) if (isDone(done, t)) return false
  return true
}

/** The bits that a need asks for, where it asks for nothing else than that some tasks are done; null otherwise. */
export function bitsOf(need: Need, tasks: number): Done | null {
  const bits = noneDone(tasks)
  const add = (n: Need): boolean => {
    if (typeof n === 'boolean') return n
    if ('all' in n) return n.all.every(add)
    if (!('done' in n) || n.done.length !== 1) return false
    bits[n.done[0]! >>> 5]! |= 1 << (n.done[0]! & 31)
    return true
  }
  return add(need) ? bits : null
}

/** Tasks that have to be done for the need to hold, as far as that is plain. */
export function certain(need: Need): number[] {
  if (typeof need === 'boolean' || 'undone' in need || 'any' in need) return []
  if ('all' in need) return [...new Set(need.all.flatMap(certain))]
  return need.done.length === 1 ? [need.done[0]!] : []
}

/**
 * Tasks that a need names: those that come before it, and those that come after, since they must not be done yet.
 * @param certain only those that it names whichever way it is met
 */
export function needsIn(need: Need, certain: boolean): { readonly before: readonly number[]; readonly after: readonly number[] } {
  if (typeof need === 'boolean') return { before: [], after: [] }
  if ('undone' in need) return { before: [], after: need.undone }
  if ('done' in need) return { before: certain && need.done.length !== 1 ? [] : need.done, after: [] }
  const parts = ('all' in need ? need.all : need.any).map((n) => needsIn(n, certain))
  const gathered = (pick: (p: (typeof parts)[number]) => readonly number[]): readonly number[] => [...new Set(parts.flatMap(pick))]
  const all = { before: gathered((p) => p.before), after: gathered((p) => p.after) }
  return 'all' in need || !certain
    ? all
    : {
        before: all.before.filter((t) => parts.every((p) => p.before.includes(t))),
        after: all.after.filter((t) => parts.every((p) => p.after.includes(t))),
      }
}

export interface Tests {
  readonly task: (task: number, done: Done, relaxed: boolean) => boolean
  readonly goal: (done: Done, relaxed: boolean) => boolean
}

/** Tests of all needs of a problem, by words of bits where a need allows it. */
export function needTests(problem: Problem): Tests {
  const test = (need: Need): ((done: Done, relaxed: boolean) => boolean) => {
    const bits = bitsOf(need, problem.tasks.length)
    if (!bits) return (done, relaxed) => meets(need, done, relaxed)
    const words = [...bits.entries()].filter(([, word]) => word !== 0)
    return (done) => {
      for (const [at, word] of words) if ((done[at]! & word) >>> 0 !== word) return false
      return true
    }
  }
  const tests = problem.tasks.map((t) => test(t.needs))
  return { task: (task, done, relaxed) => tests[task]!(done, relaxed), goal: test(problem.goal) }
}

/** Everything that a task needs, its ways included. */
export const allNeeds = (task: Task): Need[] => [task.needs, ...task.choices.flatMap((c) => c.needs ?? [])]

/** Every task that a need names as one that must not be done yet. */
export function undoneIn(need: Need): number[] {
  if (typeof need === 'boolean' || 'done' in need) return []
  if ('undone' in need) return [...need.undone]
  return ('all' in need ? need.all : need.any).flatMap(undoneIn)
}

/** May the task be done now, this way? */
export function mayDo(task: Task, done: Done, choice: Choice): boolean {
  for (const t of task.notAfter) if (isDone(done, t)) return false
  return meets(task.needs, done) && (choice.needs === undefined || meets(choice.needs, done))
}

/** Seconds of an order from the start of the problem; null where a step of it may not be done, or the goal does not hold at its end. */
export function costOf(problem: Problem, order: readonly Placing[]): number | null {
  let done = noneDone(problem.tasks.length)
  let [pose, tool, cost] = [problem.pose, problem.tool, 0]
  for (const placing of order) {
    const task = problem.tasks[placing.task]!
    const choice = task.choices[placing.choice]!
    if (isDone(done, placing.task) || !mayDo(task, done, choice) || !choice.poses.includes(placing.pose)) return null
    cost += stepCost(problem, task, choice, placing.pose, pose, tool, done)
    done = withDone(done, placing.task)
    pose = placing.pose
    if (choice.tool >= 0) tool = choice.tool
  }
  return meets(problem.goal, done) && Number.isFinite(cost) ? cost : null
}

/** What it costs to have a tool in hand after another; bare hands keep what is there. */
export const pickedUp = (problem: Problem, before: number, tool: number): number => (tool < 0 || tool === before ? 0 : problem.swap[tool]!)

export function stepCost(problem: Problem, task: Task, choice: Choice, at: number, pose: number, tool: number, done: Done): number {
  let against = 0
  for (const t of task.ratherNotAfter) if (isDone(done, t)) against++
  return choice.work + (at === pose ? 0 : problem.turn[pose]![at]!) + pickedUp(problem, tool, choice.tool) + against * problem.against
}
