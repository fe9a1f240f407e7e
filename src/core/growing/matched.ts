import type { Joint, MachineFile } from '../machine'

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()

/** Things of the fresh file that the known one has: by name, fixings by size and what they hold, each once. */
export function matched(known: MachineFile, fresh: MachineFile): Map<string, string> {
  const match = new Map<string, string>([
    ['frame', 'frame'],
    ['inside', 'inside'],
  ])
  for (const [id] of match) if (!known.parts.some((p) => p.id === id)) match.delete(id)
  const used = new Set<string>()
  const pair = <T extends { readonly id: string }>(
    a: readonly T[],
    b: readonly T[],
    key: (item: T, ids: ReadonlyMap<string, string>) => string,
  ): void => {
    for (const item of b) {
      if (match.has(item.id)) continue
      const other = a.find((k) => !used.has(k.id) && key(k, new Map()) === key(item, match))
      if (!other) continue
      match.set(item.id, other.id)
      used.add(other.id)
    }
  }
  pair(known.parts, fresh.parts, (p) => plain(p.name))
  const held = (j: Joint, ids: ReadonlyMap<string, string>): string => ids.get(j.holds[0] ?? '') ?? j.holds[0] ?? ''
  pair(known.joints, fresh.joints, (j, ids) => `${j.kind} ${plain(j.label)} ${held(j, ids)}`)
  pair(known.joints, fresh.joints, (j) => `${j.kind} ${plain(j.label)}`)
  pair(known.connections, fresh.connections, (c) => plain(c.name))
  return match
}
