'use client'
import * as say from '../../words/en/screens/run'
import { type ReactNode, useState } from 'react'
import { isCheck, isLast, looksOf, nextPass, oneByOne } from '../../core/job'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { doStep, makesTight, pedalMay, tightMethod } from '../shared/do-step'
import { useJob } from '../shared/context'
import { doneLabel, tightLabel, tightSetting } from '../../words/en/step-facts'

export interface CardProps {
  readonly step: PlannedStep
  readonly present: boolean
}

/** The big action; where critical fixings are told one by one, one for each that is still to come. */
export function Actions({
  step,
  present,
  turn,
  held,
  told,
}: CardProps & Held & { readonly turn: boolean; readonly told: readonly string[] | null }) {
  const job = useJob()
  const { state } = job
  const check = step.check !== undefined && isCheck(step.check) ? step.check : null
  const measures = step.wants !== undefined && isLast(step, nextPass(state, step.id) ?? undefined)
  if (!turn && makesTight(state, step)) return <TightActions step={step} held={held} />
  if (!turn && step.waitFor === 'discharge') return <DischargeAction step={step} held={held} />
  return (
    <Button
      weight="primary"
      className="flex-1"
      {...(present && !held && pedalMay(state, step, told) ? { hint: say.space } : {})}
      {...press(held, () => doStep(job, step))}
    >
      {turn
        ? say.itsInPosition
        : step.kind === 'prove'
          ? say.enterTheReadings
          : check
            ? measures
              ? say.keyInTheFigures
              : looksOf(check)
                ? say.lookAndAnswer
                : say.looked
            : measures
              ? say.keyInTheFigures
              : doneLabel(state, step)}
      {held ? <ReadFirst /> : null}
    </Button>
  )
}

interface Held {
  readonly step: PlannedStep
  readonly held: boolean
}

/** What a button does; while a stop caution is still to be seen it does nothing, and keeps the focus. */
const press = (held: boolean, go: () => void): { readonly onClick: () => void; readonly 'aria-disabled'?: true } =>
  held ? { onClick: () => undefined, 'aria-disabled': true } : { onClick: go }

function ReadFirst() {
  return (
    <span aria-hidden className="block text-[14.5px] font-normal">
      {say.readFirst}
    </span>
  )
}

/** The wait for capacitors begins: the minutes of the maker’s label count where they are more. */
function DischargeAction({ step, held }: Held) {
  const job = useJob()
  const [label, setLabel] = useState('')
  const minutes = label.trim() === '' ? undefined : readNumber(label)
  const bad = minutes === null || (minutes !== undefined && (minutes < 0 || minutes > 600))
  return (
    <div className="grid flex-1 gap-1.5">
      <TextField
        label={say.labelMinutes(step.wait ?? 0)}
        value={label}
        onChange={(e) => setLabel(e.target.value)}
        inputMode="decimal"
        autoComplete="off"
        maxLength={8}
      />
      {bad ? (
        <p role="alert" className="text-[15px] font-semibold text-stop">
          {say.isNotMinutes(label)}
        </p>
      ) : null}
      <Button
        weight="primary"
        {...press(held, () => (bad ? undefined : doStep(job, step, minutes === undefined || minutes === null ? {} : { label: minutes })))}
      >
        {say.beginTheWait}
        {held ? <ReadFirst /> : null}
      </Button>
    </div>
  )
}

/** What the tap says of how tight it is; one button for each critical fixing that is still to come. */
function TightActions({ step, held }: Held) {
  const job = useJob()
  const method = tightMethod(job, step)
  const members = oneByOne(job.state, step) ?? []
  const label = tightLabel(step, method, members.length > 0 ? 1 : step.fixings.filter((f) => !f.stay).length)
  const one = (member?: { readonly id: string; readonly place: string }): ReactNode => (
    <Button key={member?.id ?? step.id} weight="primary" {...press(held, () => doStep(job, step, member ? { member: member.id } : {}))}>
      {member ? (
        <span className="block leading-tight">
          <span className="block text-[14.5px] font-normal">{member.place}</span>
          {label}
        </span>
      ) : (
        label
      )}
      {held ? <ReadFirst /> : null}
    </Button>
  )
  return (
    <div className="grid flex-1 gap-1.5">
      {method.by === 'wrench' ? (
        <p className="text-[16px]">
          {say.setIt(method.wrench.name)} <strong>{tightSetting(step, method)}</strong>
        </p>
      ) : null}
      <div className={members.length > 1 ? 'grid grid-cols-2 gap-2' : 'grid gap-2'}>{members.length > 0 ? members.map(one) : one()}</div>
    </div>
  )
}
