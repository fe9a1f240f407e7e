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
  const [words, setWords] = useState<Wording | 'none' | null>(null)
  useEffect(() => {
    if (!bare) return
    let left = false
    // Where they do not come, ids stand for them: the job opens all the same.
    import('./file-titles').then(
      ({ wordingOf }) => left || setWords(wordingOf(file, state.goals)),
      () => left || setWords('none'),
    )
    return () => void (left = true)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the jobs by their ids, not by the list that holds them
  }, [bare, file, goals])
  return useMemo(() => (!bare || words === 'none' ? state : words && inWords(state, words)), [state, bare, words])
}
