// The exact planner beside a mixed-integer program of the same problem, solved by HiGHS: 30 problems of 8 to 12 steps have to cost the
// same. A check of the answer by somebody else's arithmetic; nothing is said of speed.
import loadHighs from 'highs'
import { coverTree, wildProblem } from '../tests/order-problems'
import { type Need, type Problem, solve } from '../src/core/planning/solve'

type Terms = Map<string, number>

/**
 * Positions 1 … n, at most one task in each, filled from the front; x says which task stands where, done which way in which pose. What
 * has been done before a position is a sum of x, so that every need becomes a few inequalities.
 */
function program(problem: Problem): string {
  const { tasks, poses, tools, turn, swap, against } = problem
  const n = tasks.length
  const cost: Terms = new Map()
  const rows: string[] = []
  const binaries: string[] = []
  const bounded = new Set<string>()
  let fresh = 0
  const unit = (): string => {
    const name = `u${fresh++}`
    bounded.add(name)
    return name
  }
  const say = (terms: Iterable<readonly [string, number]>, relation: '<=' | '>=' | '=', right: number): void => {
    const sum = new Map<string, number>()
    for (const [name, factor] of terms) sum.set(name, (sum.get(name) ?? 0) + factor)
    const left = [...sum]
      .filter(([, f]) => f !== 0)
      .map(([name, f]) => `${f < 0 ? '-' : '+'} ${Math.abs(f)} ${name}`)
      .join(' ')
    if (left) rows.push(`${left} ${relation} ${right}`)
    else if ((relation === '<=' && 0 > right) || (relation === '>=' && 0 < right) || (relation === '=' && right !== 0))
      rows.push('+ 1 never = 1', '+ 1 never = 0')
  }
  const add = (name: string, price: number): void => void (price !== 0 && cost.set(name, (cost.get(name) ?? 0) + price))

  interface Cell {
    readonly name: string
    readonly task: number
    readonly pose: number
    readonly tool: number
    readonly at: number
    readonly needs: Need
  }
  const cells: Cell[] = []
  tasks.forEach((task, i) =>
    task.choices.forEach((choice, c) => {
      for (const pose of choice.poses) {
        for (let at = 1; at <= n; at++) {
          const name = `x${i}_${c}_${pose}_${at}`
          cells.push({ name, task: i, pose, tool: choice.tool, at, needs: { all: [task.needs, choice.needs ?? true] } })
          binaries.push(name)
          add(name, choice.work)
        }
      }
    }),
  )
  const where = (is: (c: Cell) => boolean): (readonly [string, number])[] => cells.filter(is).map((c) => [c.name, 1])
  const doneBefore = (task: number, at: number) => where((c) => c.task === task && c.at < at)

  /** A number from 0 to 1 that can be 1 only where the need holds before a position; or a constant. */
  const holdsAt = (need: Need, at: number): string | 0 | 1 => {
    if (typeof need === 'boolean') return need ? 1 : 0
    const d = unit()
    if ('all' in need) {
      for (const part of need.all.map((p) => holdsAt(p, at))) {
        if (part === 0) say([[d, 1]], '<=', 0)
        else if (part !== 1)
          say(
            [
              [d, 1],
              [part, -1],
            ],
            '<=',
            0,
          )
      }
    } else if ('any' in need) {
      const parts = need.any.map((p) => holdsAt(p, at))
      if (!parts.includes(1)) say([[d, 1], ...parts.flatMap((p) => (typeof p === 'string' ? [[p, -1] as const] : []))], '<=', 0)
    } else if ('done' in need) say([[d, 1], ...need.done.flatMap((t) => doneBefore(t, at).map(([name]) => [name, -1] as const))], '<=', 0)
    else for (const t of need.undone) say([[d, 1], ...doneBefore(t, at)], '<=', 1)
    return d
  }

  for (let i = 0; i < n; i++)
    say(
      where((c) => c.task === i),
      '<=',
      1,
    )
  for (let at = 1; at <= n; at++) {
    say(
      where((c) => c.at === at),
      '<=',
      1,
    )
    if (at > 1) say([...where((c) => c.at === at), ...where((c) => c.at === at - 1).map(([name]) => [name, -1] as const)], '<=', 0)
  }
  for (const cell of cells) {
    const may = holdsAt(cell.needs, cell.at)
    if (may === 0) say([[cell.name, 1]], '<=', 0)
    else if (may !== 1)
      say(
        [
          [cell.name, 1],
          [may, -1],
        ],
        '<=',
        0,
      )
    for (const t of tasks[cell.task]!.notAfter) say([[cell.name, 1], ...doneBefore(t, cell.at)], '<=', 1)
    for (const t of tasks[cell.task]!.ratherNotAfter) {
      const late = unit()
      say([[cell.name, 1], ...doneBefore(t, cell.at), [late, -1]], '<=', 1)
      add(late, against)
    }
  }
  const goal = holdsAt(problem.goal, n + 1)
  if (goal === 0) say([], '>=', 1)
  else if (goal !== 1) say([[goal, 1]], '=', 1)

  // Turns from the pose before, and tools picked up: bare hands keep what is in hand.
  for (let at = 1; at <= n; at++) {
    for (let to = 0; to < poses; to++) {
      const here = where((c) => c.at === at && c.pose === to)
      for (let from = 0; from < poses; from++) {
        if (from === to || (at === 1 && from !== problem.pose)) continue
        const turned = unit()
        say([...here, ...(at === 1 ? [] : where((c) => c.at === at - 1 && c.pose === from)), [turned, -1]], '<=', at === 1 ? 0 : 1)
        add(turned, Number.isFinite(turn[from]![to]!) ? turn[from]![to]! : 1e6)
      }
    }
    for (let tool = 0; tool < tools; tool++) {
      const hand = `h${tool}_${at}`
      bounded.add(hand)
      const uses = where((c) => c.at === at && c.tool === tool)
      const others = where((c) => c.at === at && c.tool >= 0 && c.tool !== tool)
      const before: (readonly [string, number])[] = at > 1 ? [[`h${tool}_${at - 1}`, -1]] : []
      const had = at === 1 && problem.tool === tool ? 1 : 0
      say([[hand, 1], ...before, ...uses.map(([name]) => [name, -1] as const)], '<=', had)
      say([[hand, 1], ...others], '<=', 1)
      const picked = unit()
      say([...uses, ...before, [picked, -1]], '<=', had)
      add(picked, swap[tool]!)
    }
  }
  return [
    'Minimize',
    ` obj: ${[...cost].map(([name, f]) => `+ ${f} ${name}`).join(' ')}`,
    'Subject To',
    ...rows.map((r, i) => ` r${i}: ${r}`),
    'Bounds',
    ...[...bounded].map((b) => ` 0 <= ${b} <= 1`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n')
}

async function main(): Promise<void> {
  const highs = await loadHighs()
  let same = 0
  let none = 0
  for (let i = 0; i < 30; i++) {
    const size = 8 + (i % 5)
    const problem = i % 3 === 0 ? coverTree(500 + i, size, 3, 4) : wildProblem(900 + i, size)
    const ours = solve(problem, { nodes: 2_000_000, beam: 20 })
    const theirs = highs.solve(program(problem))
    const cost = theirs.Status === 'Optimal' ? Math.round(theirs.ObjectiveValue) : null
    if (ours && !ours.proved) throw new Error(`problem ${i} is not proved`)
    if ((ours?.cost ?? null) !== cost)
      throw new Error(
        `problem ${i} of ${size} steps: ${ours?.cost ?? 'no way'} here, ${cost ?? `no way (${theirs.Status})`} by the program`,
      )
    if (cost === null) none++
    same++
  }
  console.log(`\nMixed-integer program\n  ${same} of 30 problems of 8 to 12 steps cost the same (${none} of them have no way at all)`)
}

void main()
