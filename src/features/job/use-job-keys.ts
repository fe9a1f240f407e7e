import { useEffect, useState } from 'react'
import { useKeys } from '../../client/keys'
import type { JobContext } from '../shared/context'
import { isRun, type RunView } from './use-run-view'

const KEPT = 'nailsmith-single-keys'

/** Keys and pedal of a job’s screen. Single keys can be put off on a device. */
export function useJobKeys(
  job: JobContext,
  run: RunView,
  busy: boolean,
  crossOutLast: () => void,
): { readonly single: boolean; readonly setSingle: (on: boolean) => void } {
  const [single, setSingle] = useState(true)
  useEffect(() => setSingle(localStorage.getItem(KEPT) !== 'off'), [])
  const { state, file, stage, mayWork, mayNote, open, addPhoto } = job
  const { present, picked } = run
  const shown = picked ?? present
  const pedal = (): void => {
    if (!mayWork || !isRun(stage) || stage === 'swap' || !present || busy || shown?.id !== present.id) return
    // It comes with the card that is on the screen then.
    void import('../shared/by-key').then(async ({ doStep, pedalMay, toldAt }) => {
      if (pedalMay(state, present, await toldAt(file, state, present))) doStep(job, present)
    })
  }
  useKeys(
    {
      go: pedal,
      back: crossOutLast,
      l: () => mayNote && open({ kind: 'line', ...(shown ? { step: shown.id } : {}) }),
      r: () => mayWork && open({ kind: 'reading' }),
      p: () => mayNote && addPhoto(isRun(stage) ? shown?.id : undefined),
      g: () => open({ kind: 'stages' }),
      '?': () => open({ kind: 'keys' }),
    },
    single,
  )
  return {
    single,
    setSingle: (on) => {
      setSingle(on)
      localStorage.setItem(KEPT, on ? 'on' : 'off')
    },
  }
}
