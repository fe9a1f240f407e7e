import type { JobState } from '../../core/job'

/** What a step is called; its id where no plan that this job has knows it. */
export function titleOf(state: Pick<JobState, 'down' | 'swap' | 'up'>, step: string): string {
  return [...state.down, ...state.up, ...state.swap].find((s) => s.id === step)?.title ?? step
}
