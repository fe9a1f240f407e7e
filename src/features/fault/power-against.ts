import type { Test } from '../../core/diagnosis'
import { chargeOf, deadAt } from '../../core/job'
import { signNames } from '../../words/en/names'
import * as say from '../../words/en/screens/fault'
import type { JobContext } from '../shared/context'

/** What it wants of the power. */
export type Guarded = Pick<Test, 'power'> & Partial<Pick<Test, 'reach'>>

/** Why a test may not be taken as the machine stands; null when it may. */
export function powerAgainst(job: Pick<JobContext, 'state' | 'now' | 'person'>, test: Guarded): string | null {
  const { state, now, person } = job
  if (test.power === 'dead' && !deadAt(state.power, now)) return say.thisIsTakenDead
  if (test.power === 'live' && deadAt(state.power, now)) return say.theJobSaysDead
  if (test.power === 'live' && state.power.state !== 'live') return say.thisIsTakenLive
  // Above 60 V nobody but the qualified person reaches into a live machine.
  if (test.power === 'live' && (test.reach ?? 'outside') !== 'outside' && chargeOf(state).cls === 'B' && !person.qualified)
    return say.onlyTheQualified
  if (test.power === 'live' && state.packCheck?.result === 'quarantine' && !state.checks['pack triage']?.overridden)
    return say.thePack(signNames(state.packCheck.signs))
  return null
}
