import { sideless } from '../machine'
import type { Plan, PlannedStep } from './types'

/** How one run differs from another of the same kind: the other wheel's from this one's. */
export interface Differences {
  readonly same: number
  /** Titles of steps that only the second has. */
  readonly more: readonly string[]
  /** Titles of steps that only the first has. */
  readonly fewer: readonly string[]
  /** Steps of both that are done otherwise, and how. */
  readonly otherwise: readonly { readonly title: string; readonly how: string }[]
}

/** Lays two plans side by side, ends and sides left open in their titles. */
export function differences(first: Plan, second: Plan): Differences {
  const all = (plan: Plan): PlannedStep[] => [...plan.down.steps, ...plan.up.steps]
  const left = new Map<string, PlannedStep[]>()
  for (const step of all(first)) left.set(key(step), [...(left.get(key(step)) ?? []), step])
  let same = 0
  const more: string[] = []
  const otherwise: { title: string; how: string }[] = []
  for (const step of all(second)) {
    const match = left.get(key(step))?.shift()
    if (!match) more.push(step.title)
    else {
      const how = changed(match, step)
      if (how) otherwise.push({ title: step.title, how })
      else same++
    }
  }
  return { same, more, fewer: [...left.values()].flat().map((s) => s.title), otherwise }
}

const key = (step: PlannedStep): string => `${step.limb} ${sideless(step.title)}`

function changed(a: PlannedStep, b: PlannedStep): string {
  const torque = (s: PlannedStep): string =>
    s.torque ? `${s.torque.value} ${s.torque.unit === 'Nm' ? 'N·m' : s.torque.unit}` : 'no number'
  return [
    a.tool?.id !== b.tool?.id ? `${a.tool?.short ?? 'by hand'} → ${b.tool?.short ?? 'by hand'}` : '',
    a.torque?.value !== b.torque?.value ? `${torque(a)} → ${torque(b)}` : '',
    a.fixings.length !== b.fixings.length ? `${a.fixings.length} → ${b.fixings.length} fixings` : '',
    a.pose !== b.pose ? 'stands otherwise' : '',
    a.people !== b.people ? `${b.people === 2 ? 'two people' : 'alone'}` : '',
  ]
    .filter(Boolean)
    .join(', ')
}
