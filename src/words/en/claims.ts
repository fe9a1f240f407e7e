import { type FixingState, passOf, readOutcome } from '../../core/job'
import { CONDITIONS } from './pill'

const STEP: Readonly<Record<string, string>> = { done: 'done', left: 'left on', tried: 'tried' }

const isCondition = (outcome: string): outcome is FixingState['condition'] => Object.hasOwn(CONDITIONS, outcome)

/** What one of the devices that disagree says of a fixing or a step: `out, in A1`, `final`, `left on`. */
export function claimWords(text: string): string {
  const { outcome: claimed, detail } = readOutcome(text)
  const outcome = passOf(claimed) ?? claimed
  if (outcome === 'cell' && detail !== undefined) return `out, in ${detail}`
  const words = isCondition(outcome) ? CONDITIONS[outcome] : Object.hasOwn(STEP, outcome) ? STEP[outcome]! : outcome
  return detail === undefined ? words : `${words}, ${detail}`
}
