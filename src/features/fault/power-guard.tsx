'use client'
import type { Test } from '../../core/diagnosis'
import { deadAt } from '../../core/job'
import { Button } from '../../ui/button'
import { type JobContext, useJob } from '../shared/context'

/** Why a test may not be taken as the machine stands; null when it may. */
export function powerAgainst(job: Pick<JobContext, 'state' | 'now'>, test: Test): string | null {
  const { state, now } = job
  if (test.power === 'dead' && !deadAt(state.power, now)) return 'This is taken dead. Isolate it and show it dead first.'
  if (test.power === 'live' && deadAt(state.power, now))
    return 'The job says dead. Log it live first, at the strip, then take a live reading.'
  if (test.power === 'live' && state.power.state !== 'live') return 'This is taken live. Plug the pack in and log it live first.'
  if (test.power === 'live' && state.packCheck?.result === 'quarantine' && !state.checks['pack triage']?.overridden)
    return `The pack is for quarantine (${state.packCheck.signs.join(', ')}): nothing is powered from it.`
  return null
}

/** The same, said on the card, with the way to change it. */
export function PowerGuard({ test }: { readonly test: Test }) {
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
          {test.power === 'dead' ? 'Isolate it and show it dead' : 'How it stands'}
        </Button>
      ) : null}
    </div>
  )
}
