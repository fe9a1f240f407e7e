'use client'
import { signNames } from '../../words/en/names'
import * as say from '../../words/en/screens/fault'
import type { Test } from '../../core/diagnosis'
import { deadAt } from '../../core/job'
import { Button } from '../../ui/button'
import { type JobContext, useJob } from '../shared/context'

/** What it wants of the power. */
type Guarded = Pick<Test, 'power'>

/** Why a test may not be taken as the machine stands; null when it may. */
export function powerAgainst(job: Pick<JobContext, 'state' | 'now'>, test: Guarded): string | null {
  const { state, now } = job
  if (test.power === 'dead' && !deadAt(state.power, now)) return say.thisIsTakenDead
  if (test.power === 'live' && deadAt(state.power, now)) return say.theJobSaysDead
  if (test.power === 'live' && state.power.state !== 'live') return say.thisIsTakenLive
  if (test.power === 'live' && state.packCheck?.result === 'quarantine' && !state.checks['pack triage']?.overridden)
    return say.thePack(signNames(state.packCheck.signs))
  return null
}

/** The same, said on the card, with the way to change it. */
export function PowerGuard({ test }: { readonly test: Guarded }) {
  const job = useJob()
  const against = powerAgainst(job, test)
  if (!against) return null
  return (
    <div className="rounded-md border-l-[6px] border-look bg-look-tint px-4 py-2.5 text-[16.5px]">
      <p>
        <span className="font-bold text-look">◆ </span>
        {against}
      </p>
      {job.mayWork ? (
        <Button className="mt-2 w-full" onClick={() => job.open({ kind: 'power' })}>
          {test.power === 'dead' ? say.isolateItAndShow : say.howItStands}
        </Button>
      ) : null}
    </div>
  )
}
