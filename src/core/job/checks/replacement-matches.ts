import type { SwapPlanStep } from '../../planning'
import type { Missing } from '../missing'
import type { JobState } from '../state'
import type { CheckRule } from './check'

/** The new part matches the old, looked at before anything comes off. */
export const replacementMatches: CheckRule = {
  without: 'mechanic',
  told: 'first',
  matters: (state) => toCompare(state).length > 0,
  needs: (state) => toCompare(state).flatMap((step) => mismatches(state, step)),
  binds: { steps: ['first down'] },
}

/** Steps of the swap whose new part has something to be compared. */
export function toCompare(state: Pick<JobState, 'swap'>): readonly SwapPlanStep[] {
  return state.swap.filter((s) => s.part && (s.compare?.length ?? 0) > 0)
}

function mismatches(state: JobState, step: SwapPlanStep): Missing[] {
  const { id, name } = step.part!
  const compared = state.comparisons[id]
  if (!compared || compared.disputed) return [{ is: 'new part', name, disputed: compared !== undefined }]
  const rows = (step.compare ?? []).map(
    (spec) => compared.rows.find((r) => r.id === spec.id) ?? { ...spec, verdict: 'not measured' as const },
  )
  return rows.flatMap((r) => (r.verdict === 'match' ? [] : [{ is: 'row', name: r.name, verdict: r.verdict } as const]))
}
