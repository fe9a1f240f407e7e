import { factKey, type Guard, indexFile, type MachineFile, type Variants, withWorstCase, offOf } from '../machine'
import { alongWith, compileDown, usableModes, wanted } from './actions'

/** What comes free in the same round: ids of parts, fixings and connections. */
export interface Layer {
  readonly parts: readonly string[]
  readonly joints: readonly string[]
  readonly connections: readonly string[]
}

/**
 * A machine from the outside in: in each round everything comes off that nothing is in the way of, and what only prepares, props or
 * proves is done for nothing. What no round frees stays for good; what the answers say is not fitted is left out. Unanswered
 * variants count at their worst.
 */
export function layersOf(file: MachineFile, answers: Variants): { readonly layers: readonly Layer[]; readonly stays: readonly string[] } {
  const index = indexFile(file)
  const variants = withWorstCase(file, answers)
  const open = new Map([...compileDown(index, variants)].filter(([, a]) => usableModes(a.doing, variants).length > 0))
  const facts = new Set<string>()
  const freed = new Set<string>()
  const layers: Layer[] = []
  for (;;) {
    for (let moved = true; moved;) {
      moved = false
      for (const [id, action] of open) {
        if (action.kind === 'release' || action.kind === 'take off' || action.kind === 'unplug' || !may(wanted(action), facts, variants))
          continue
        action.gives.forEach((f) => facts.add(f))
        open.delete(id)
        moved = true
      }
    }
    const now = [...open].filter(([, a]) => may(wanted(a), facts, variants))
    if (now.length === 0) break
    for (const [id] of now) open.delete(id)
    const gives = now.flatMap(([, a]) => a.gives)
    gives.forEach((f) => facts.add(f))
    const parts = gives.flatMap((f) => offOf(f) ?? []).filter((id) => index.parts.has(id) && !freed.has(id))
    parts.forEach((p) => freed.add(p))
    layers.push({
      parts,
      joints: now.flatMap(([id, a]) => [...(a.kind === 'release' ? [a.subject] : []), ...alongWith(index, id, variants).map((j) => j.id)]),
      connections: now.flatMap(([, a]) => (a.kind === 'unplug' ? [a.subject] : [])),
    })
  }
  // A part that only absent fixings hold is not on this machine at all.
  const fitted = (id: string): boolean => {
    if (!may(index.parts.get(id)?.when ?? { all: [] }, facts, variants)) return false
    const holding = file.joints.filter((j) => j.holds.includes(id))
    return holding.length === 0 || holding.some((j) => !j.when || may(j.when, facts, variants))
  }
  return { layers, stays: file.parts.filter((p) => !freed.has(p.id) && fitted(p.id)).map((p) => p.id) }
}

/** Could it be done, if what must not be done yet is left out of account? */
function may(guard: Guard, facts: ReadonlySet<string>, variants: Variants): boolean {
  if ('all' in guard) return guard.all.every((g) => may(g, facts, variants))
  if ('any' in guard) return guard.any.some((g) => may(g, facts, variants))
  if ('not' in guard) return 'fact' in guard.not || !may(guard.not, facts, variants)
  return 'fact' in guard ? facts.has(factKey(guard)) : variants[guard.variant] === guard.is
}
