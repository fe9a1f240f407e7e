'use client'
import * as say from '../../words/en/screens/intake'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { goalsNamed, inOneGo, type MachineFile, otherJob } from '../../core/machine'
import type { Plan } from '../../core/planning'
import { Button, Chip } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { presentStep } from '../../core/job'
import { comparedWords } from '../../words/en/comparison'
import { useLacking } from './lacking'
import { usePlan } from './use-plan'

const BenchList = dynamic(() => import('./bench-list').then((m) => m.BenchList))
const OtherSide = dynamic(() => import('./other-side').then((m) => m.OtherSide))
const DeliveryLine = dynamic(() => import('./delivery-line').then((m) => m.DeliveryLine))
const Gone = dynamic(() => import('./bench-list').then((m) => m.Gone))

/** Choosing the job to do, and what it will take, before anything is undone. */
export function GoalCard() {
  const { file } = useJob()
  return file ? <FileGoalCard file={file} /> : <NoFileCard />
}

function FileGoalCard({ file }: { readonly file: MachineFile }) {
  const { state, log, logAll, mayWork, settings, show, now, open } = useJob()
  // What was asked for at the door is chosen already; one tap starts down.
  const done = state.planned ? file.goals.find((g) => g.name === state.job) : undefined
  const atTop = done && presentStep(state, 'up', state.lastAt) === null
  const wished = state.planned ? [atTop ? otherJob(file, done.id)?.id : undefined] : goalsNamed(file, state.job).map((g) => g.id)
  const [goal, setGoal] = useState(wished[0] ?? '')
  const [also, setAlso] = useState<readonly string[]>(wished.slice(1).flatMap((id) => id ?? []))
  const [live, setLive] = useState('')
  const [avoid, setAvoid] = useState<readonly string[]>([])
  const [upOrder, setUpOrder] = useState<Plan['upOrder']>('planned')
  const [more, setMore] = useState(false)
  const { lacking, setGone, unsaved } = useLacking(settings.lacking)
  const { planned, fault, share, ready, worths } = usePlan(file, { goals: goal ? [goal, ...also] : [], lacking, avoid, upOrder })
  const choose = (id: string): void => {
    setGoal(id)
    setAlso([])
    setMore(false)
    setAvoid([])
  }
  const toggle = (id: string): void => {
    setAlso(also.includes(id) ? also.filter((other) => other !== id) : [...also, id])
    setAvoid([])
  }
  const adopt = (): void => {
    if (!planned || !ready) return
    const names = planned.goals.flatMap((id) => file.goals.find((g) => g.id === id)?.name ?? [])
    const { topSpeed: _, lacking: __, ...kept } = settings
    logAll([
      { kind: 'goal-set', body: { goals: planned.goals, text: inOneGo(names) } },
      {
        kind: 'plan-adopted',
        body: {
          plan: planned.plan,
          file: file.id,
          revision: file.revision,
          settings: kept,
          ...(isolates || !live ? {} : { reason: live.trim() }),
        },
      },
    ])
    if (state.stage === 'take in' || state.stage === 'find the fault') log('stage-moved', { to: 'take down' })
    show('take down')
  }
  // A way down on which nothing is isolated has to be answered for, not slipped into.
  const isolates = !planned || state.power.state !== 'live' || planned.plan.down.steps.some((s) => s.power !== undefined)
  const fresh = planned?.plan.swap.filter((s) => s.part && s.compare).map((s) => s.part!) ?? []
  const hands = planned
    ? planned.plan.down.minutes.handsOn + planned.plan.swap.reduce((n, s) => n + s.minutes.likely, 0) + planned.plan.up.minutes.handsOn
    : 0
  const elapsed = planned
    ? planned.plan.down.minutes.elapsed + planned.plan.swap.reduce((n, s) => n + s.minutes.likely, 0) + planned.plan.up.minutes.elapsed
    : 0
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{state.planned ? say.now(state.job) : say.beforeStep1}</p>
      <h2 className="title text-[30px]">{say.whichJob}</h2>
      {mayWork ? (
        <Tiles
          legend={say.whyDoWeGo}
          name="goal"
          value={goal}
          onChange={choose}
          options={file.goals.map((g) => ({ value: g.id, label: g.name }))}
        />
      ) : (
        <p className="text-[17px] text-steel">{say.aMechanicChooses}</p>
      )}
      {mayWork && goal && file.goals.length > 1 ? (
        <div role="group" aria-label={say.andInTheSame} className="flex flex-wrap items-center gap-1.5">
          {more ? (
            <span className="text-[15px] text-steel">{say.andInTheSameGo}</span>
          ) : (
            <Button weight="quiet" onClick={() => setMore(true)}>
              {say.andInTheSameGoAdd}
            </Button>
          )}
          {file.goals
            .filter((g) => g.id !== goal && (more || also.includes(g.id)))
            .map((g) => (
              <Chip key={g.id} on={also.includes(g.id)} onClick={() => toggle(g.id)}>
                {g.name}
              </Chip>
            ))}
        </div>
      ) : null}
      {fault ? (
        <p role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[17px]">
          ▲ {fault}
        </p>
      ) : null}
      {unsaved ? (
        <p role="status" className="text-[15.5px]">
          <span className="font-bold text-look">◆ </span>
          {say.whatIsNotHere}
        </p>
      ) : null}
      {fault && lacking.size > 0 ? (
        <Gone
          names={[...lacking].filter((name) => file.tools.some((t) => t.name === name))}
          mayChange={mayWork}
          onBack={(name) => setGone(name, false)}
        />
      ) : null}
      {fault && avoid.length > 0 ? (
        <Button weight="quiet" onClick={() => setAvoid([])}>
          {say.backToTheShortest}
        </Button>
      ) : null}
      {goal && !planned && !fault ? (
        <p role="status" className="text-[17px] text-steel">
          {say.workingOutTheWay(percent(share))}
        </p>
      ) : null}
      {planned ? (
        <>
          <dl className="grid grid-cols-3 gap-2">
            <Fact
              label={say.down}
              value={say.steps(planned.plan.down.steps.filter((s) => s.number !== undefined).length)}
              note={say.min(planned.plan.down.minutes.handsOn)}
            />
            <Fact label={say.up} value={say.steps(planned.plan.up.steps.length)} note={say.min(planned.plan.up.minutes.handsOn)} />
            <Fact label={say.handsOn} value={say.min(hands)} note={now > 0 ? say.upAgain(clockText(now + elapsed * 60_000, now)) : ''} />
          </dl>
          {done && planned.goals.length === 1 && otherJob(file, done.id)?.id === planned.goals[0] ? (
            <OtherSide file={file} first={done} second={planned.goals[0]!} variants={state.variants} />
          ) : null}
          <BenchList
            file={file}
            plan={planned.plan}
            swap={planned.plan.swap.reduce((n, s) => n + s.minutes.likely, 0)}
            now={now}
            lacking={lacking}
            worths={worths}
            mayChange={mayWork}
            avoiding={avoid.length > 0}
            upOrder={upOrder}
            onLacking={setGone}
            onAvoid={setAvoid}
            onUpOrder={setUpOrder}
          />
          <DeliveryLine plan={planned.plan} />
          {fresh.map((part) => (
            <div
              key={part.id}
              className="flex flex-wrap items-center justify-between gap-2 border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16.5px]"
            >
              <p className="flex-1 basis-52">
                {state.comparisons[part.id] ? (
                  <>{say.theNewWasCompared(part.name, comparedWords(state.comparisons[part.id]!.rows))}</>
                ) : (
                  <>
                    <span className="font-bold text-look">◆ </span>
                    {say.theNewInHand(part.name)}
                  </>
                )}
              </p>
              {mayWork ? <Button onClick={() => open({ kind: 'compare', part: part.id })}>{say.compareIt}</Button> : null}
            </div>
          ))}
          {isolates ? null : (
            <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
              <p>
                <span className="font-bold text-stop">▲ </span>
                {say.nothingOnThisWay}
              </p>
              <TextField className="mt-2" label={say.whyItStaysOn} value={live} onChange={(e) => setLive(e.target.value)} maxLength={500} />
            </div>
          )}
        </>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button weight="primary" disabled={!ready || (!isolates && !live.trim())} onClick={adopt}>
            {ready ? say.startDown : planned ? say.planningAnew(percent(share)) : say.chooseAJobFirst}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

/** How far along, once that is worth a word. */
const percent = (share: number): string => (share > 0 ? ` ${Math.round(share * 100)} %` : '')

function Fact({ label, value, note }: { readonly label: string; readonly value: string; readonly note: string }) {
  return (
    <div className="rounded-md border border-rule px-3 py-1.5">
      <dt className="text-[13.5px] text-steel">{label}</dt>
      <dd className="title text-[18px]">{value}</dd>
      <dd className="text-[13.5px] text-steel">{note}</dd>
    </div>
  )
}

/** A machine that nobody has a file of: logged as it comes off. */
function NoFileCard() {
  const { state, log, show, mayWork } = useJob()
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.noMachineFile}</p>
      <h2 className="title text-[30px]">{say.logItAs}</h2>
      <p className="text-[17px]">{say.nobodyHasAFile(state.machine.name)}</p>
      <p className="text-[17px]">{say.makeItSafeFirst}</p>
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button
            weight="primary"
            onClick={() => (
              state.stage === 'take in' || state.stage === 'find the fault' ? log('stage-moved', { to: 'take down' }) : undefined,
              show('take down')
            )}
          >
            {say.startDown}
          </Button>
        ) : null}
      </div>
    </article>
  )
}
