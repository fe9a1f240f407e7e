import { type FileIndex, fullChargeVolts, type MachineFile, type Tool } from '../machine'
import { ONE_PERSON_AT_BEST, voltageClass } from '../safety'
import { usedBeside } from './beside'
import type { ConsumableNeed, Lift, Plan, PlannedStep, ToolNeed } from './types'

/**
 * Tools in the order that they are first picked up, with what holds, lifts and catches beside them. One that only easier ways want is not
 * among them.
 */
export function toolNeeds(index: FileIndex, steps: readonly PlannedStep[]): ToolNeed[] {
  const needs = new Map<string, ToolNeed>()
  const take = (tool: Tool, title: string): void => {
    const known = needs.get(tool.id)
    needs.set(tool.id, {
      id: tool.id,
      name: tool.name,
      firstStep: known?.firstStep ?? title,
      steps: (known?.steps ?? 0) + 1,
      special: tool.special ?? false,
      ...(tool.form !== undefined ? { form: tool.form } : {}),
      ...(tool.why !== undefined ? { why: tool.why } : {}),
    })
  }
  for (const step of steps) {
    const beside = usedBeside(index, step)
    for (const tool of beside.turning) take(tool, step.turn!.title)
    for (const tool of [...(step.tool ? [index.tools.get(step.tool.id)!] : []), ...beside.doing]) take(tool, step.title)
  }
  return [...needs.values()]
}

export function consumableNeeds(index: FileIndex, steps: readonly PlannedStep[]): ConsumableNeed[] {
  const counts = new Map<string, number>()
  for (const step of steps) for (const use of step.consumables) counts.set(use.consumable, (counts.get(use.consumable) ?? 0) + use.count)
  return [...counts].map(([id, count]) => ({ id, name: index.consumables.get(id)?.name ?? id, count }))
}

/**
 * When a second person is wanted: minutes from the start at likely pace, and for how long. Lifts with less than five minutes
 * between them are one call.
 */
export function secondPerson(steps: readonly PlannedStep[]): Lift[] {
  const lifts: Lift[] = []
  let clock = 0
  for (const step of steps) {
    const turn = step.turn
    for (const part of [
      turn && { people: turn.people, minutes: turn.minutes.likely, title: turn.title },
      { people: step.people, minutes: step.minutes.likely, title: step.title },
    ]) {
      if (!part) continue
      if (part.people === 2) {
        const last = lifts.at(-1)
        if (last && clock - (last.from + last.minutes) < ONE_CALL)
          lifts[lifts.length - 1] = { ...last, minutes: clock + part.minutes - last.from, titles: [...last.titles, part.title] }
        else lifts.push({ from: clock, minutes: part.minutes, titles: [part.title] })
      }
      clock += part.minutes
    }
    clock += step.wait ?? 0
  }
  return lifts
}
const ONE_CALL = 5

/** Why a job may be one for somebody else: what in it can hurt beyond the machine. */
export type Referral =
  | { readonly why: 'high voltage' | 'steering' | 'brakes' }
  | { readonly why: 'heavy'; readonly part: string; readonly kg: number }

/** What should be asked before the first bolt: is this mine to do? In the order of the harm. */
export function referrals(file: MachineFile, plan: Plan): Referral[] {
  const undone = new Set([...plan.down.steps, ...plan.up.steps].flatMap((s) => s.joint?.critical ?? []))
  const off = new Set(plan.down.steps.flatMap((s) => s.parts.map((p) => p.id)))
  return [
    ...(file.pack && voltageClass(fullChargeVolts(file.pack)) === 'B' ? [{ why: 'high voltage' } as const] : []),
    ...(undone.has('steering') ? [{ why: 'steering' } as const] : []),
    ...(undone.has('brake') ? [{ why: 'brakes' } as const] : []),
    ...file.parts.flatMap((p) =>
      off.has(p.id) && p.mass && p.mass.value > ONE_PERSON_AT_BEST ? [{ why: 'heavy' as const, part: p.name, kg: p.mass.value }] : [],
    ),
  ]
}
