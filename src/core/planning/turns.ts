import type { Guard, MachineFile, PoseMove } from '../machine'

/** Cheapest ways between poses, by minutes × people (Floyd and Warshall, 1962). */
export interface Turns {
  readonly cost: (from: string, to: string) => number
  /** The moves to make, in order; empty when already there or when there is no way. */
  readonly path: (from: string, to: string) => readonly PoseMove[]
}

export function poseTurns(file: MachineFile): Turns {
  const ids = file.poses.map((p) => p.id)
  const best = new Map<string, { cost: number; path: PoseMove[] }>()
  const key = (a: string, b: string): string => `${a}>${b}`
  for (const id of ids) best.set(key(id, id), { cost: 0, path: [] })
  for (const move of file.poseMoves) {
    const cost = move.minutes.likely * move.people
    const known = best.get(key(move.from, move.to))
    if (!known || cost < known.cost) best.set(key(move.from, move.to), { cost, path: [move] })
  }
  for (const via of ids) {
    for (const a of ids) {
      for (const b of ids) {
        const first = best.get(key(a, via))
        const second = best.get(key(via, b))
        if (!first || !second) continue
        const cost = first.cost + second.cost
        const known = best.get(key(a, b))
        if (!known || cost < known.cost) best.set(key(a, b), { cost, path: [...first.path, ...second.path] })
      }
    }
  }
  return {
    cost: (from, to) => best.get(key(from, to))?.cost ?? Infinity,
    path: (from, to) => best.get(key(from, to))?.path ?? [],
  }
}

/** What has to hold for the machine to stand in a pose: the guards of the moves into it, any of them; none where a move has none. */
export function standingGuard(file: MachineFile, pose: string): Guard | undefined {
  const into = file.poseMoves.filter((m) => m.to === pose)
  if (into.length === 0 || into.some((m) => !m.guard)) return undefined
  return into.length === 1 ? into[0]!.guard : { any: into.map((m) => m.guard!) }
}
