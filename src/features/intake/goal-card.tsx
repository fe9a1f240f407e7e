'use client'
import * as say from '../../words/en/screens/intake'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { answersBeside, type Goal, goalsNamed, goalsOf, inOneGo, type MachineFile, otherJob, type Variants } from '../../core/machine'
import type { BenchListProps } from './bench-list'
import type { Plan } from '../../core/planning'
import { Button, Chip } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { presentStep } from '../../core/job'
import { comparedWords } from '../../words/en/comparison'
import { useLacking } from './lacking'
import { usePlan } from './use-plan'

const BenchList = dynamic(() => import('./more').then((m) => m.BenchList))
const OtherSide = dynamic(() => import('./more').then((m) => m.OtherSide))
const DeliveryLine = dynamic(() => import('./more').then((m) => m.DeliveryLine))
const CalledLast = dynamic(() => import('./more').then((m) => m.CalledLast))
const NoFileCard = dynamic(() => import('./no-file-card').then((m) => m.NoFileCard))
const Gone = dynamic(() => import('./more').then((m) => m.Gone))

/** Choosing the job to do, and what it will take, before anything is undone. */
export function GoalCard() {
  const { file } = useJob()
  return file ? <FileGoalCard file={file} /> : <NoFileCard />
}

/** Minutes of a plan and its swap together. */
function minutesOf({ down, swap, up }: Plan): { readonly swap: number; readonly hands: number; readonly elapsed: number } {
  const between = swap.reduce((n, s) => n + s.minutes.likely, 0)
  return {
    swap: between,
    hands: down.minutes.handsOn + between + up.minutes.handsOn,
    elapsed: down.minutes.elapsed + between + up.minutes.elapsed,
  }
}

/** Which jobs are wished for: what was asked for at the door, or, once a job is done, the same one at the other end. */
function useWish(file: MachineFile): {
  readonly done: Goal | undefined
  readonly goal: string
  readonly also: readonly string[]
  /** What can be done in the same go. */
  readonly beside: readonly Goal[]
  readonly choose: (id: string) => void
  readonly toggle: (id: string) => void
} {
  const { state } = useJob()
  const done = state.planned ? file.goals.find((g) => g.name === state.job) : undefined
  const atTop = done && presentStep(state, 'up', state.lastAt) === null
  const wished = state.planned ? [atTop ? otherJob(file, done.id)?.id : undefined] : goalsNamed(file, state.job).map((g) => g.id)
  const [goal, setGoal] = useState(wished[0] ?? '')
  const [also, setAlso] = useState<readonly string[]>(wished.slice(1).flatMap((id) => id ?? []))
  // An answer may rule a job out that was chosen before it, and one job another.
  const first = goalsOf(file, state.variants).find((g) => g.id === goal)
  const offered = first ? goalsOf(file, { ...state.variants, ...answersBeside(file, first, state.variants) }) : []
  const beside = offered.filter((g) => g !== first)
  return {
    done,
    goal: first?.id ?? '',
    beside,
    also: also.filter((id) => beside.some((g) => g.id === id)),
    choose: (id) => {
      setGoal(id)
      setAlso([])
    },
    toggle: (id) => setAlso(also.includes(id) ? also.filter((other) => other !== id) : [...also, id]),
  }
}

/** What nobody has answered, and the jobs that are wished for take for granted. */
function useGranted(file: MachineFile, goals: readonly string[]): Variants {
  const { state } = useJob()
  return goals.reduce<Variants>((granted, id) => {
    const goal = file.goals.find((g) => g.id === id)
    return { ...granted, ...(goal ? answersBeside(file, goal, { ...state.variants, ...granted }) : {}) }
  }, {})
}

/** Takes the plan up as it stands on the card, and goes down. */
function useAdopt(
  file: MachineFile,
): (planned: { readonly goals: readonly string[]; readonly plan: Plan }, granted: Variants, reason: string) => void {
  const { state, log, logAll, settings, show } = useJob()
  return ({ goals, plan }, granted, reason) => {
    const names = goals.flatMap((id) => file.goals.find((g) => g.id === id)?.name ?? [])
    const { proofMinutes, proofMinutesHigh, deadVolts } = settings
    const kept = { proofMinutes, ...(proofMinutesHigh !== undefined ? { proofMinutesHigh } : {}), deadVolts }
    logAll([
      ...Object.entries(granted).map(([variant, option]) => ({ kind: 'variant-answered' as const, body: { variant, option } })),
      { kind: 'goal-set', body: { goals, text: inOneGo(names) } },
      {
        kind: 'plan-adopted',
        body: { plan, file: file.id, revision: file.revision, settings: kept, ...(reason ? { reason } : {}) },
      },
    ])
    if (state.stage === 'take in' || state.stage === 'find the fault') log('stage-moved', { to: 'take down' })
    show('take down')
  }
}

function FileGoalCard({ file }: { readonly file: MachineFile }) {
  const { state, mayWork, settings } = useJob()
  const wish = useWish(file)
  const [live, setLive] = useState('')
  const [avoid, setAvoid] = useState<readonly string[]>([])
  const [upOrder, setUpOrder] = useState<Plan['upOrder']>('planned')
  const { lacking, setGone, unsaved } = useLacking(settings.lacking)
  const goals = wish.goal ? [wish.goal, ...wish.also] : []
  const granted = useGranted(file, goals)
  const { planned, fault, share, ready, worths } = usePlan(file, {
    goals,
    variants: { ...state.variants, ...granted },
    lacking,
    avoid,
    upOrder,
  })
  const adopt = useAdopt(file)
  // A way down on which nothing is isolated has to be answered for, not slipped into.
  const isolates = !planned || state.power.state !== 'live' || planned.plan.down.steps.some((s) => s.power !== undefined)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{state.planned ? say.now(state.job) : say.beforeStep1}</p>
      <h2 className="title text-[30px]">{say.whichJob}</h2>
      {state.faults.length > 0 ? <CalledLast /> : null}
      <Wish file={file} wish={wish} onChange={() => setAvoid([])} />
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
      {wish.goal && !planned && !fault ? (
        <p role="status" className="text-[17px] text-steel">
          {say.workingOutTheWay(percent(share))}
        </p>
      ) : null}
      <OpenBefore file={file} granted={granted} />
      {planned ? (
        <Takes
          file={file}
          planned={planned}
          done={wish.done}
          bench={{ lacking, worths, avoiding: avoid.length > 0, upOrder, onLacking: setGone, onAvoid: setAvoid, onUpOrder: setUpOrder }}
        />
      ) : null}
      {isolates ? null : <StaysLive why={live} onWhy={setLive} />}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button
            weight="primary"
            disabled={!ready || (!isolates && !live.trim())}
            onClick={() => planned && ready && adopt(planned, granted, isolates ? '' : live.trim())}
          >
            {ready ? say.startDown : planned ? say.planningAnew(percent(share)) : say.chooseAJobFirst}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

/** What is still open at the door: asked here, and not when the way up comes to it. */
function OpenBefore({ file, granted }: { readonly file: MachineFile; readonly granted: Variants }) {
  const { state, open, mayWork } = useJob()
  const unanswered = file.variants.filter((v) => state.variants[v.id] === undefined && granted[v.id] === undefined)
  const pack = file.pack && !state.packCheck
  if (!pack && unanswered.length === 0) return null
  return (
    <div className="rounded-md border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16px]">
      <p className="font-semibold">{say.stillOpen}</p>
      <ul className="list-inside list-disc">
        {pack ? <li>{say.packNotLookedOver}</li> : null}
        {unanswered.map((v) => (
          <li key={v.id}>{v.question}</li>
        ))}
      </ul>
      {pack && mayWork ? (
        <Button className="mt-1 w-full" onClick={() => open({ kind: 'look', at: 'pack' })}>
          {say.lookItOver}
        </Button>
      ) : null}
    </div>
  )
}

/** The job, and what is done in the same go. */
function Wish({
  file,
  wish: { goal, also, beside, choose, toggle },
  onChange,
}: {
  readonly file: MachineFile
  readonly wish: ReturnType<typeof useWish>
  readonly onChange: () => void
}) {
  const { state, mayWork } = useJob()
  const goals = goalsOf(file, state.variants)
  // Asked for anew with every job that is chosen.
  const [moreOf, setMoreOf] = useState('')
  const more = moreOf !== '' && moreOf === goal
  if (!mayWork) return <p className="text-[17px] text-steel">{say.aMechanicChooses}</p>
  return (
    <>
      <Tiles
        legend={say.whyDoWeGo}
        name="goal"
        value={goal}
        onChange={(id) => (choose(id), onChange())}
        options={goals.map((g) => ({ value: g.id, label: g.name }))}
      />
      {goal && beside.length > 0 ? (
        <div role="group" aria-label={say.andInTheSame} className="flex flex-wrap items-center gap-1.5">
          {more ? (
            <span className="text-[15px] text-steel">{say.andInTheSameGo}</span>
          ) : (
            <Button weight="quiet" onClick={() => setMoreOf(goal)}>
              {say.andInTheSameGoAdd}
            </Button>
          )}
          {beside
            .filter((g) => more || also.includes(g.id))
            .map((g) => (
              <Chip key={g.id} on={also.includes(g.id)} onClick={() => (toggle(g.id), onChange())}>
                {g.name}
              </Chip>
            ))}
        </div>
      ) : null}
    </>
  )
}

/** What the job takes: steps, minutes, the bench, the parts that came. */
function Takes({
  file,
  planned: { plan, goals },
  done,
  bench,
}: {
  readonly file: MachineFile
  readonly planned: { readonly plan: Plan; readonly goals: readonly string[] }
  readonly done: Goal | undefined
  readonly bench: Pick<BenchListProps, 'lacking' | 'worths' | 'avoiding' | 'upOrder' | 'onLacking' | 'onAvoid' | 'onUpOrder'>
}) {
  const { state, mayWork, now } = useJob()
  const minutes = minutesOf(plan)
  return (
    <>
      <dl className="grid grid-cols-3 gap-2">
        <Fact
          label={say.down}
          value={say.steps(plan.down.steps.filter((s) => s.number !== undefined).length)}
          note={say.min(plan.down.minutes.handsOn)}
        />
        <Fact label={say.up} value={say.steps(plan.up.steps.length)} note={say.min(plan.up.minutes.handsOn)} />
        <Fact
          label={say.handsOn}
          value={say.min(minutes.hands)}
          note={now > 0 ? say.upAgain(clockText(now + minutes.elapsed * 60_000, now)) : ''}
        />
      </dl>
      {done && goals.length === 1 && otherJob(file, done.id)?.id === goals[0] ? (
        <OtherSide file={file} first={done} second={goals[0]!} variants={state.variants} />
      ) : null}
      <BenchList file={file} plan={plan} swap={minutes.swap} now={now} mayChange={mayWork} {...bench} />
      <DeliveryLine plan={plan} />
      {plan.swap.flatMap((s) => (s.part && s.compare ? [<InHand key={s.part.id} part={s.part} />] : []))}
    </>
  )
}

/** A new part, to be compared before anything is undone. */
function InHand({ part }: { readonly part: { readonly id: string; readonly name: string } }) {
  const { state, mayWork, open } = useJob()
  const compared = state.comparisons[part.id]
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16.5px]">
      <p className="flex-1 basis-52">
        {compared ? (
          say.theNewWasCompared(part.name, comparedWords(compared.rows))
        ) : (
          <>
            <span className="font-bold text-look">◆ </span>
            {say.theNewInHand(part.name)}
          </>
        )}
      </p>
      {mayWork ? <Button onClick={() => open({ kind: 'compare', part: part.id })}>{say.compareIt}</Button> : null}
    </div>
  )
}

/** Nothing on the way isolates it: that is answered for. */
function StaysLive({ why, onWhy }: { readonly why: string; readonly onWhy: (why: string) => void }) {
  return (
    <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
      <p>
        <span className="font-bold text-stop">▲ </span>
        {say.nothingOnThisWay}
      </p>
      <TextField className="mt-2" label={say.whyItStaysOn} value={why} onChange={(e) => onWhy(e.target.value)} maxLength={500} />
    </div>
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
