'use client'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { stageIndex } from '../../core/job'
import { otherJob } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { useJob } from '../shared/context'
import { lineEntries } from '../shared/line-entries'
import { StepCard } from './step-card'

const GoalCard = dynamic(() => import('../intake/goal-card').then((m) => m.GoalCard))

/** The card beside the run: the chosen step, else the present one, else what comes after the limb. */
export function RunCard({
  limb,
  step,
  present,
}: {
  readonly limb: 'down' | 'up'
  readonly step: PlannedStep | null
  readonly present: boolean
}) {
  const { state } = useJob()
  if (step) return <StepCard step={step} present={present} />
  if (limb === 'down' && !state.planned && state.machine.file) return <GoalCard />
  if (limb === 'down' && !state.planned) return <LineCard />
  return limb === 'down' ? <BottomCard /> : <TopCard />
}

function BottomCard() {
  return (
    <EndCard
      to="swap"
      limb="The way down is done"
      title="At the bottom"
      text="All that had to come off is off, and lies where the tray says."
      action="Go on to the swap"
    />
  )
}

function TopCard() {
  return (
    <EndCard
      to="prove"
      limb="The way up is done"
      title="Everything is back"
      text="The tray is empty, or says what is not. Prove it before it goes home."
      action="Go on to prove"
    />
  )
}

/** The end of a limb, and what comes after it; at the top also the same job at the other end, where the machine has one. */
function EndCard({
  to,
  limb,
  title,
  text,
  action,
}: {
  readonly to: 'swap' | 'prove'
  readonly limb: string
  readonly title: string
  readonly text: string
  readonly action: string
}) {
  const { state, file, log, show, mayWork } = useJob()
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
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button weight="primary" onClick={go}>
            {action}
          </Button>
        ) : null}
        {mayWork && other ? <Button onClick={() => show('take in')}>The {other.name} too, the same way</Button> : null}
      </div>
    </article>
  )
}

/** With no file, the quick line leads: what comes off is typed, and lies in the next free cell. */
function LineCard() {
  const job = useJob()
  const { state, logAll, log, show, mayWork, addPhoto } = job
  const [text, setText] = useState('')
  const [fault, setFault] = useState(false)
  const add = (): void => {
    const entries = lineEntries(job, text, undefined)
    if (entries.length === 0) return setFault(true)
    logAll(entries)
    setText('')
  }
  const up = (): void => {
    if (stageIndex(state.stage) < stageIndex('swap')) log('stage-moved', { to: 'swap' })
    show('swap')
  }
  const last = state.down.at(-1)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">No machine file · {state.down.length} so far</p>
      <h2 className="title text-[30px]">What came off?</h2>
      {mayWork ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
          <TextField
            label="Line"
            value={text}
            onChange={(e) => (setFault(false), setText(e.target.value))}
            placeholder="4 M5x12 chain guard"
            hint="A count makes it screws in a cell; without one it is a part."
            maxLength={200}
            autoComplete="off"
          />
          {fault ? (
            <p role="alert" className="text-[16px] font-semibold text-stop">
              ▲ The line is empty.
            </p>
          ) : null}
          <div className="flex gap-2">
            <Button type="submit" weight="primary" className="flex-1">
              Off, into the tray
            </Button>
            <Button className="w-[30%]" onClick={() => addPhoto(last?.id)}>
              Photo
            </Button>
          </div>
        </form>
      ) : null}
      {state.power.state === 'live' ? (
        <p className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
          <span className="font-bold text-stop">▲ </span>It counts as live. Isolate it and show it dead at the strip before any wiring is
          touched.
        </p>
      ) : null}
      <div className="sticky -bottom-4 mt-auto bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button className="w-full" disabled={state.down.length === 0} onClick={up}>
            At the bottom: swap, then up
          </Button>
        ) : null}
      </div>
    </article>
  )
}
