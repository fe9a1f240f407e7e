import { type FileIndex, type JointKind, readAction, subjectOf } from '../machine'
import type { Action } from './actions'

/**
 * The parts that a step is at, and how much it is about each: 3 for what it frees or takes off, 2 for what it joins, 1 for what that is
 * at.
 */
type Weight = 1 | 2 | 3
type Touches = ReadonlyMap<string, Weight>

/**
 * How near one step is to another, by what both are at: 3 for one thing and what holds it, 2 for its leads, 1 at it, 0 where they share
 * nothing.
 */
export function nearness(index: FileIndex): (a: Pick<Action, 'id'>, b: Pick<Action, 'id'>) => number {
  const known = new Map<string, Touches>()
  const touches = (id: string): Touches => {
    const had = known.get(id)
    if (had) return had
    const found = touchedBy(index, id)
    known.set(id, found)
    return found
  }
  return (a, b) => {
    const there = touches(b.id)
    let near = 0
    for (const [part, weight] of touches(a.id)) near = Math.max(near, Math.min(weight, there.get(part) ?? 0))
    return near
  }
}

/** Kinds that dress a lead or close an edge, and hold nothing up. */
const DRESSES: ReadonlySet<JointKind> = new Set(['tie', 'tape', 'adhesive'])

function touchedBy(index: FileIndex, id: string): Touches {
  const found = new Map<string, Weight>()
  const add = (part: string | undefined, weight: Weight): void => {
    if (part !== undefined && comesOff(index, part)) found.set(part, Math.max(weight, found.get(part) ?? 0) as Weight)
  }
  const subject = subjectOf(id)
  const word = readAction(id)?.word
  if (word === 'undo') {
    const joint = index.joints.get(subject)
    // Of two that come off, the first is the one that is held.
    const [held, ...rest] = (joint?.holds ?? []).filter((part) => comesOff(index, part))
    rest.forEach((part) => add(part, 1))
    for (const part of joint?.frees ?? [held]) add(part, joint && DRESSES.has(joint.kind) ? 2 : 3)
  } else if (word === 'off') {
    add(subject, 3)
  } else if (word === 'unplug') {
    for (const mate of index.connections.get(subject)?.mates ?? []) add(index.cables.get(mate)?.of ?? mate, index.cables.has(mate) ? 2 : 1)
  } else {
    const step = index.steps.get(subject)
    for (const fact of step?.gives ?? []) add(index.cables.get(fact.of)?.of ?? fact.of, 2)
    for (const after of step?.after ?? [])
      for (const part of readAction(after)?.word === 'step' ? [] : touchedBy(index, after).keys()) add(part, 1)
  }
  return found
}

/** What never comes off is everywhere: it makes nothing near. */
const comesOff = (index: FileIndex, id: string): boolean => {
  const part = index.parts.get(id)
  return (
    part !== undefined &&
    (part.lift !== undefined || part.with !== undefined || (index.jointsOf.get(id) ?? []).some((j) => j.frees?.includes(id)))
  )
}
