'use client'
import * as noFile from '../../words/en/screens/no-file'
import * as say from '../../words/en/screens/run'
import { indexFile } from '../../core/machine'
import dynamic from 'next/dynamic'
import { useEffect, useMemo, useState } from 'react'
import { isCheck, isOpen, isSettled, type JobState, mayOverride, nextPass, filePhotosOf, offOf, photosOf, waitingFor } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { passWord } from '../../words/en/job-state'
import { alongWith, doBoth, makesTight, turnNeeded } from '../shared/do-step'
import { useJob } from '../shared/context'
import { toldAt } from '../shared/told-at'
import { LookCautions, StopCautions, useStops } from './cautions'
import { StepDrawing } from './drawing'
import { Actions, type CardProps } from './step-actions'
import { Why } from './step-why'
import { claimWords } from '../../words/en/claims'
import { leftWords, triedWords } from '../../words/en/entries'
import { factsOfStep } from '../../words/en/step-facts'
import { besideOf, waysOf } from '../../words/en/ways'

const Disputes = dynamic(() => import('./card-more').then((m) => m.Disputes))
const Known = dynamic(() => import('./card-more').then((m) => m.Known))
const NotSound = dynamic(() => import('./card-more').then((m) => m.NotSound))
const ArmAsked = dynamic(() => import('./card-more').then((m) => m.ArmAsked))
const LengthsAsked = dynamic(() => import('./card-more').then((m) => m.LengthsAsked))
const WaitBlock = dynamic(() => import('./card-more').then((m) => m.WaitBlock))

const NONE: readonly string[] = []

/** What to do now: one title, three facts, what stops the hand, the picture, one big action. A turn of the machine is a card of its own. */
export function StepCard(props: CardProps) {
  const { state, file, when } = useJob()
  const { step } = props
  const turning = isOpen(state, step, when) && turnNeeded(state, step)
  const [turn, setTurn] = useState<{ readonly step: string; readonly told: readonly string[] }>()
  useEffect(() => {
    if (turning) void toldAt(file, state, step).then((told) => setTurn({ step: step.id, told }))
    // By the step: whatever else is logged meanwhile does not change what its turn tells.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [turning, file, step.id])
  const told = !turning ? step.cautions : turn?.step === step.id ? turn.told : null
  return <Card key={`${step.id}${turning ? ' turn' : ''}${told ? '' : ' …'}`} {...props} told={told} />
}

function Card({ step, present, told }: CardProps & { readonly told: readonly string[] | null }) {
  const job = useJob()
  const { state, when, mayWork, open, addPhoto } = job
  const own = state.steps[step.id]
  const off = offOf(state, step)
  const settled = !isOpen(state, step, when)
  const waits = settled ? [] : waitingFor(state, step, when)
  const turn = !settled && turnNeeded(state, step) ? step.turn! : null
  const pass = nextPass(state, step.id)
  const facts = factsOfStep(step)
  const check = step.check !== undefined && isCheck(step.check) ? step.check : null
  const warmed = step.limb === 'up' && step.pair && !settled ? (state.steps[step.pair]?.tried ?? []).filter((t) => t.way === 'warm') : []
  const ways = job.file ? waysOf(job.file, step, turn !== null) : []
  const index = useMemo(() => (job.file ? indexFile(job.file) : null), [job.file])
  const beside = index ? besideOf(index, step, turn !== null) : []
  const tight = !turn && makesTight(state, step)
  const along = settled || turn ? null : alongWith(job, step)
  const minutes = turn ? turn.minutes.likely : step.minutes.likely
  const stops = useStops(state.jobId, turn ? `${step.id} turn` : step.id, told ?? NONE)
  const held = (stops.held || told === null) && mayWork && !settled
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="flex justify-between gap-3 text-[15px] text-steel">
        <span>
          {say.whereInTheRun(step.number, state.down.filter((s) => s.number !== undefined).length, check, step.limb === 'up', present)}
        </span>
        <span>{say.aboutMinutes(minutes)}</span>
      </p>
      <h2 className="title text-[30px]">{turn ? turn.title : step.title}</h2>
      {pass && step.passes && step.passes.length > 1 ? <Passes step={step} /> : null}
      {facts.length > 0 && !turn ? (
        <dl className="grid gap-2" style={{ gridTemplateColumns: `repeat(${facts.length}, minmax(0, 1fr))` }}>
          {facts.map((f) => (
            <div key={f.label} className="rounded-md border border-rule px-3 py-1.5">
              <dt className="text-[13.5px] text-steel">{f.label}</dt>
              <dd className="title text-[18px]">{f.value}</dd>
              {f.note ? <dd className="text-[13px] text-steel">{f.note}</dd> : null}
            </div>
          ))}
        </dl>
      ) : null}
      {turn ? <p className="text-[18px]">{say.twoPeopleOneHolds(turn.people, turn.note)}</p> : null}
      <StopCautions stops={stops} />
      <Picture step={step} photoOnly={turn !== null} />
      {ways.length > 0 ? <p className="text-[16px] leading-snug text-pose">↗ {ways.join(' ')}</p> : null}
      {index && !turn ? <Known step={step} index={index} /> : null}
      {step.note && !turn ? <p className="text-[17px]">{step.note}</p> : null}
      {(step.counterHold && !turn) || beside.length > 0 ? (
        <p className="text-[17px]">
          <span aria-hidden>⇄ </span>
          {say.heldWith(turn ? undefined : step.counterHold, beside)}
        </p>
      ) : null}
      {step.substitute && !turn ? (
        <p className="text-[16.5px]">
          <span className="font-bold text-look">◆ </span>
          {say.itStandsInFor(step.substitute.for, step.substitute.risk)}
        </p>
      ) : null}
      {warmed.map((t) => (
        <p key={t.entry} className="border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16.5px]">
          <span className="font-bold text-look">◆ </span>
          {say.itWasWarmed(t.near)}
        </p>
      ))}
      <LookCautions ids={told ?? NONE} />
      <Why step={step} />
      {step.fixings.some((f) => state.fixings[f.id]?.disputed) ? <Disputes step={step} /> : null}
      {own?.differs.map((text, i) => (
        <p key={i} className="rounded-md bg-look-tint px-3 py-1.5 text-[16px]">
          {say.differsHere(text)}
        </p>
      ))}
      {own?.tried
        ?.filter((t) => !own.notes.includes(triedWords(t)))
        .map((t) => (
          <p key={t.entry} className="text-[16px]">
            ✎ {triedWords(t)}
          </p>
        ))}
      {own?.notes.map((text, i) => (
        <p key={i} className="text-[16px]">
          ✎ {text}
        </p>
      ))}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {off && settled && mayWork && step.limb === 'down' && !state.planned ? (
          <Button weight="primary" onClick={() => job.show(job.stage)}>
            {noFile.onWithIt}
          </Button>
        ) : null}
        {check === 'reaction path' && !turn ? <ArmAsked step={step} /> : null}
        {!settled && !turn && step.lengths ? <LengthsAsked step={step} /> : null}
        {settled ? (
          <Settled step={step} />
        ) : waits.some((w) => w.is !== 'check' || w.check !== 'screw lengths') ? (
          <WaitBlock waits={waits.filter((w) => w.is !== 'check' || w.check !== 'screw lengths')} step={step} />
        ) : null}
        {mayWork && !settled && waits.length === 0 ? (
          <div className="flex gap-2">
            <Actions step={step} present={present} turn={turn !== null} held={held} told={told} />
            {tight ? null : (
              <Button className="w-[30%]" onClick={() => addPhoto(step.id)}>
                {say.photo}
              </Button>
            )}
          </div>
        ) : null}
        {mayWork && !settled && !turn && waits.length === 0 && index && !held ? <NotSound step={step} index={index} /> : null}
        {mayWork && along && waits.length === 0 ? (
          <Button onClick={() => doBoth(job, step, along)}>{say.thisAndTheNext(along.title)}</Button>
        ) : null}
        {mayWork && !settled && waits.length === 0 && !turn && hasTightness(state, step) ? (
          <div className="flex gap-2">
            <Button weight="quiet" className="flex-1" onClick={() => open({ kind: 'tighten', step: step.id })}>
              {step.limb === 'up' ? say.howTightWrenchFeel : say.stuckWhatItTakes}
            </Button>
            {tight ? (
              <Button className="w-[30%]" onClick={() => addPhoto(step.id)}>
                {say.photo}
              </Button>
            ) : null}
          </div>
        ) : null}
        {mayWork ? (
          <div className="grid grid-cols-3 gap-2">
            {off ? (
              <Button onClick={() => open({ kind: 'off', step: off.step })}>{noFile.putRight}</Button>
            ) : (
              <Button onClick={() => open({ kind: 'differs', step: step.id })}>{say.different}</Button>
            )}
            {check && mayOverride(check) !== 'nobody' && !settled ? (
              <Button onClick={() => open({ kind: 'override', check })}>{say.goOnWithoutWhy}</Button>
            ) : settled ? (
              <Button onClick={() => addPhoto(step.id)}>{say.photo}</Button>
            ) : (
              <Button disabled={check !== null || step.kind === 'prove'} onClick={() => open({ kind: 'left', step: step.id })}>
                {say.leftOnWhy}
              </Button>
            )}
            <Button hint="L" onClick={() => open({ kind: 'line', step: step.id })}>
              {say.logLine}
            </Button>
          </div>
        ) : null}
      </div>
    </article>
  )
}

/** Is there something to be tightened, or broken loose? */
function hasTightness(state: JobState, step: PlannedStep): boolean {
  if (step.limb === 'up') return makesTight(state, step)
  return step.tool !== undefined && (step.kind === 'release' || state.up.some((s) => s.pair === step.id && s.torque !== undefined))
}

function Passes({ step }: { readonly step: PlannedStep }) {
  const { state } = useJob()
  const reached = state.steps[step.id]?.pass
  const at = reached === undefined ? -1 : step.passes!.indexOf(reached)
  return (
    <ol className="narrow flex flex-wrap gap-2 text-[15px]">
      {step.passes!.map((pass, i) => (
        <li
          key={pass}
          className={
            i <= at ? 'rounded-sm bg-ok-tint px-2 text-ok' : i === at + 1 ? 'rounded-sm bg-copper-tint px-2 text-copper' : 'px-2 text-steel'
          }
        >
          {i <= at ? '● ' : ''}
          {i + 1} {passWord(pass)}
        </li>
      ))}
    </ol>
  )
}

/** The mechanic’s own photo, else a drawing; before a turn of the machine only a photo. */
function Picture({ step, photoOnly }: { readonly step: PlannedStep; readonly photoOnly: boolean }) {
  const { state, file, views } = useJob()
  if (photosOf(state, step).length > 0 || filePhotosOf(file, step).length > 0) return <views.AtStep step={step} />
  if (photoOnly) return null
  return (
    <>
      <StepDrawing step={step} />
      {step.photo && step.limb === 'down' && !isSettled(state, step) ? (
        <p className="text-[15.5px] text-pose">{say.worthAPhoto(step.photo)}</p>
      ) : null}
    </>
  )
}

function Settled({ step }: { readonly step: PlannedStep }) {
  const { state, now, nameOf } = useJob()
  const own = state.steps[step.id]
  if (own?.disputed)
    return (
      <p className="rounded-md border-2 border-stop px-3 py-2 text-[17px]">
        {say.twoDevicesDisagreeLog(own.disputed.map(claimWords).join(say.or))}
      </p>
    )
  const without = step.check === undefined ? undefined : state.checks[step.check]?.overridden
  if (!own?.mark && without) return <p className="px-1 text-[17px] text-look">{say.wentOnWithout(without.reason, nameOf(without.by))}</p>
  if (!own?.mark) return <p className="px-1 text-[17px] text-steel">{say.nothingToPutBack}</p>
  return (
    <p className="px-1 text-[17px]">
      {own.status === 'left' ? (
        <>
          <span className="font-semibold text-look">{say.leftOn}</span> {leftWords(own)}
        </>
      ) : (
        <span className="font-semibold text-ok">{say.done}</span>
      )}
      {` · ${nameOf(own.mark.by)}${now > 0 ? `, ${clockText(own.mark.at, now)}` : ''}`}
    </p>
  )
}
