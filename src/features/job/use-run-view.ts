import { useCallback, useEffect, useRef, useState } from 'react'
import { type JobState, presentStep, swapDone, type Stage, STAGE_RULES, stageIndex } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import type { JobContext } from '../shared/context'

export const isRun = (stage: Stage): boolean => STAGE_RULES[stage].run !== null
export const limbOf = (stage: Stage): 'down' | 'up' => (stageIndex(stage) >= stageIndex('build up') ? 'up' : 'down')

/** Where in the run one is. */
export interface RunView {
  readonly limb: 'down' | 'up'
  /** The step that is next, as the journal has it. */
  readonly present: PlannedStep | null
  /** The step that was tapped. */
  readonly picked: PlannedStep | null
  readonly choose: (id: string) => void
  /** Goes back to the run after a look at another step. */
  readonly forget: () => void
}

export function useRunView(state: JobState, ready: boolean, stage: Stage, when: JobContext['when']): RunView {
  const [chosen, setChosen] = useState<string | null>(null)
  // A bag’s label opens the job at its set.
  useEffect(() => setChosen(new URLSearchParams(window.location.search).get('step')), [])
  const limb = stage === 'swap' && swapDone(state) ? 'up' : limbOf(stage)
  const present = ready ? presentStep(state, limb, when) : null
  const picked = chosen === null ? null : ([...state.down, ...state.up].find((s) => s.id === chosen) ?? null)
  // What was chosen by hand gives way to the run once it is settled.
  const settled = picked !== null && state.steps[picked.id]?.status === 'done'
  const before = useRef<{ readonly id: string | null; readonly settled: boolean }>({ id: null, settled: false })
  useEffect(() => {
    const did = settled && before.current.id === chosen && !before.current.settled
    before.current = { id: chosen, settled }
    if (settled) setChosen((c) => (did || c === present?.id ? null : c))
  }, [settled, chosen, present?.id])
  const choose = useCallback((id: string): void => setChosen((before) => (before === id ? null : id)), [])
  const forget = useCallback((): void => setChosen(null), [])
  return { limb, present, picked, choose, forget }
}
