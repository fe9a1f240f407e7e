import type { FileIndex } from '../machine'
import type { ConsumableNeed, Lift, PlannedStep, ToolNeed } from './types'

/** Tools in the order that they are first picked up. One that only easier ways want is not among them. */
export function toolNeeds(index: FileIndex, steps: readonly PlannedStep[]): ToolNeed[] {
  const needs = new Map<string, ToolNeed>()
  for (const step of steps) {
    if (!step.tool) continue
    const known = needs.get(step.tool.id)
    const tool = index.tools.get(step.tool.id)!
    needs.set(tool.id, {
      id: tool.id,
      name: tool.name,
      firstStep: known?.firstStep ?? step.title,
      steps: (known?.steps ?? 0) + 1,
      special: tool.special ?? false,
      ...(tool.form !== undefined ? { form: tool.form } : {}),
      ...(tool.why !== undefined ? { why: tool.why } : {}),
      ...(step.substitute && !known ? { substitute: step.substitute } : {}),
    })
  }
  return [...needs.values()]
}

export function consumableNeeds(index: FileIndex, steps: readonly PlannedStep[]): ConsumableNeed[] {
  const counts = new Map<string, number>()
  for (const step of steps) for (const use of step.consumables) counts.set(use.consumable, (counts.get(use.consumable) ?? 0) + use.count)
  return [...counts].map(([id, count]) => ({ id, name: index.consumables.get(id)?.name ?? id, count }))
}

/** When a second person is wanted: minutes from the start at likely pace, and for how long. Lifts with less than five minutes between them are one call. */
export function secondPerson(steps: readonly PlannedStep[]): Lift[] {
  const lifts: Lift[] = []
  let clock = 0
  for (const step of steps) {
    const turn = step.turn
    for (const part of [turn && { people: turn.people, minutes: turn.minutes.likely, title: turn.title }, { people: step.people, minutes: step.minutes.likely, title: step.title }]) {
      if (!part) continue
      if (part.people === 2) {
        const last = lifts.at(-1)
        if (last && clock - (last.from + last.minutes) < ONE_CALL) lifts[lifts.length - 1] = { ...last, minutes: clock + part.minutes - last.from, titles: [...last.titles, part.title] }
        else lifts.push({ from: clock, minutes: part.minutes, titles: [part.title] })
      }
      clock += part.minutes
    }
    clock += step.wait ?? 0
  }
  return lifts
}
const ONE_CALL = 5
