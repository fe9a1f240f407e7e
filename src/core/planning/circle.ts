/** The shortest way round from something back to itself, its first named again at the end; empty where there is none. */
export function shortestCircle<T>(nodes: Iterable<T>, next: (node: T) => readonly T[]): readonly T[] {
  let best: readonly T[] = []
  for (const start of nodes) {
    const from = new Map<T, T>()
    let edge = [start]
    let steps = 0
    while (edge.length > 0 && (best.length === 0 || ++steps < best.length - 1)) {
      const later: T[] = []
      for (const here of edge) {
        for (const there of next(here)) {
          if (there === start) {
            const way = [here]
            while (way[0] !== start) way.unshift(from.get(way[0]!)!)
            best = [...way, start]
            edge = []
            break
          }
          if (from.has(there)) continue
          from.set(there, here)
          later.push(there)
        }
        if (edge.length === 0) break
      }
      if (edge.length > 0) edge = later
    }
  }
  return best
}
