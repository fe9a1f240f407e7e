import type { JobState, Missing } from '../src/core/job'
import { missingWords } from '../src/words/en/missing'

/** What stands in the way, short enough to compare: checks by id, the rest in words. */
export const said = (list: readonly Missing[], state: JobState): string[] =>
  list.map((m) => (m.is === 'check' ? `check: ${m.check}` : m.is === 'not dead' ? 'dead to be shown' : missingWords(m, state)))
