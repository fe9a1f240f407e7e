import { factsIn, type Guard, type MachineFile } from '../machine'

/**
 * Leaves out, of what new things have to wait for, whatever would close a circle with what is known: two units that were taken down in
 * contrary orders do not make a machine that cannot be taken down at all. What is known already stays as it is.
 * @param fresh ids of the new things, in the order in which they are taken in
 * @returns the file, and the ids of the things that wait for less than their unit said
 */
export function withoutCircles(
  file: MachineFile,
  fresh: ReadonlySet<string>,
): { readonly file: MachineFile; readonly loosened: readonly string[] } {
  const needs = new Map<string, Set<string>>()
  const need = (of: string, what: string): void => void (needs.get(of) ?? needs.set(of, new Set()).get(of)!).add(what)
  for (const joint of file.joints) for (const part of joint.holds) if (part !== 'frame' && part !== 'inside') need(part, joint.id)
  const all = [...file.parts, ...file.joints, ...file.connections]
  for (const thing of all) if (!fresh.has(thing.id)) for (const f of factsIn(thing.access)) need(thing.id, f.of)
  const reaches = (from: string, to: string, seen = new Set<string>()): boolean => {
    if (from === to) return true
    if (seen.has(from)) return false
    seen.add(from)
    return [...(needs.get(from) ?? [])].some((next) => reaches(next, to, seen))
  }
  const loosened: string[] = []
  const open = <T extends { readonly id: string; readonly access?: Guard }>(thing: T): T => {
    if (!fresh.has(thing.id) || !thing.access) return thing
    const facts = factsIn(thing.access)
    const kept = facts.filter((f) => {
      if (reaches(f.of, thing.id)) return false
      need(thing.id, f.of)
      return true
    })
    if (kept.length === facts.length) return thing
    loosened.push(thing.id)
    const { access: _, ...rest } = thing
    return kept.length === 0 ? (rest as T) : ({ ...rest, access: kept.length === 1 ? kept[0]! : { all: kept } } as unknown as T)
  }
  return {
    file: { ...file, parts: file.parts.map(open), joints: file.joints.map(open), connections: file.connections.map(open) },
    loosened,
  }
}
