import { useEffect, useMemo, useState } from 'react'
import { inWords, type JobState } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import type { Wording } from '../../core/planning'

/**
 * The job in the words of its machine's file, where its plan came without any.
 * @returns null until the words are there
 */
export function useWords(state: JobState, file: MachineFile | null): JobState | null {
  const bare = file !== null && (state.down.some((s) => s.bare) || state.up.some((s) => s.bare))
  const goals = state.goals.join()
  const [known, setKnown] = useState<{ readonly goals: string; readonly words: Wording } | null>(null)
  useEffect(() => {
    if (!bare) return
    let left = false
    void import('../shared/wording').then(({ wordingOf }) => left || setKnown({ goals, words: wordingOf(file, state.goals) }))
    return () => void (left = true)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the jobs by their ids, not by the list that holds them
  }, [bare, file, goals])
  return useMemo(() => (!bare ? state : known ? inWords(state, known.words) : null), [state, bare, known])
}
