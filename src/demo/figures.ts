import type { Took } from '../core/job'
import type { PlannedStep } from '../core/planning'

/** Figures that a step wants, as a bench would read them when all is well: the middle of each window, or what was noted before. */
export function wellRead(step: Pick<PlannedStep, 'wants'>, noted: readonly Took[] = []): { readonly took?: readonly Took[] } {
  if (!step.wants) return {}
  const took = step.wants.flatMap((w): Took[] => {
    const was = noted.find((t) => t.want === w.id)?.result
    const value =
      w.within !== undefined && was?.is === 'value'
        ? was.value
        : w.low !== undefined && w.high !== undefined
          ? (w.low + w.high) / 2
          : w.low !== undefined
            ? w.low * 3
            : w.high !== undefined
              ? w.high / 3
              : 12
    return Array.from({ length: w.repeats ?? 1 }, () => ({
      want: w.id,
      quantity: w.quantity,
      result: { is: 'value', value },
      unit: w.unit,
      live: false,
      ...(w.testVolts === undefined
        ? {}
        : { condition: { testVolts: w.testVolts, ...(w.seconds === undefined ? {} : { seconds: w.seconds }) } }),
    }))
  })
  return { took }
}
