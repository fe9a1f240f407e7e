'use client'
import * as say from '../../words/en/screens/run'
import dynamic from 'next/dynamic'
import { openedIn, rideShut, ridesPassed, stageIndex, wantedIn } from '../../core/job'
import { rungOf } from '../../core/ride'
import { otherJob } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { Intake } from '../intake'
import { useJob } from '../shared/context'
import { StepCard } from './step-card'

const NoFileCard = dynamic(() => import('./no-file-card').then((m) => m.NoFileCard))
const PlugList = dynamic(() => import('./bottom').then((m) => m.PlugList))

export interface RunCardProps {
  readonly limb: 'down' | 'up'
  readonly step: PlannedStep | null
  readonly present: boolean
}

/** The card beside the run: the chosen step, else the present one, else what comes after the limb. */
export function RunCard({ limb, step, present }: RunCardProps) {
  const { state } = useJob()
  if (step) return <StepCard step={step} present={present} />
  if (limb === 'down' && !state.planned && state.machine.file) return <Intake face="card" />
  if (limb === 'down' && !state.planned) return <NoFileCard />
  return limb === 'down' ? <BottomCard /> : <TopCard />
}

function BottomCard() {
  return <EndCard to="build up" limb={say.theWayDownIsDone} title={say.atTheBottom} text={say.allThatHad} action={say.startUp} />
}

function TopCard() {
  return <EndCard to="prove" limb={say.theWayUpIsDone} title={say.everythingIsBack} text={say.theTrayIsEmpty} action={say.goOnToProve} />
}

/** The end of a limb, and what comes after it; at the top also the same job at the other end, where the machine has one. */
function EndCard({
  to,
  limb,
  title,
  text,
  action,
}: {
  readonly to: 'build up' | 'prove'
  readonly limb: string
  readonly title: string
  readonly text: string
  readonly action: string
}) {
  const { state, file, log, show, open, mayWork, when } = useJob()
  const passed = ridesPassed(state)
  const next = to === 'prove' && openedIn(state) !== null ? wantedIn(state).find((r) => !passed.has(r)) : undefined
  const rideable = next !== undefined && rideShut(state, next, when).length === 0
  const other = to === 'prove' && file ? otherJob(file, state.job) : undefined
  const go = (): void => {
    if (stageIndex(state.stage) < stageIndex(to)) log('stage-moved', { to })
    show(to)
  }
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{limb}</p>
      <h2 className="title text-[30px]">{title}</h2>
      <p className="text-[17px]">{text}</p>
      {to === 'build up' && state.planned && state.swap.length === 0 ? <PlugList /> : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork && rideable ? (
          <Button weight="primary" onClick={() => open({ kind: 'ride' })}>
            {say.backFromProving(rungOf(next).kind !== 'run')}
          </Button>
        ) : null}
        {mayWork ? (
          <Button weight={rideable ? 'plain' : 'primary'} onClick={go}>
            {action}
          </Button>
        ) : null}
        {mayWork && other ? <Button onClick={() => show('take in')}>{say.theTooTheSame(other.name)}</Button> : null}
      </div>
    </article>
  )
}
