'use client'
import * as say from '../../words/en/screens/run'
import { readAction, subjectOf } from '../../core/machine'
import { useState } from 'react'
import { isSettled, sumsOf } from '../../core/job'
import { type PlannedStep, stuckAs } from '../../core/planning'
import { useJob } from '../shared/context'

/** Why the step is there, what comes of leaving it out, and where that is from: behind one tap. */
export function Why({ step }: { readonly step: PlannedStep }) {
  const [open, setOpen] = useState(false)
  const { state, file, mayWork, open: openSheet } = useJob()
  const wanted = step.limb === 'down' ? step.why.map((r) => r.title) : []
  const lines = [
    ...(wanted.length > 0 ? [say.neededFor(wanted.slice(0, 3).join('; '), wanted.length)] : []),
    ...(step.ifOmitted ? [say.ifLeftOut(step.ifOmitted)] : []),
    ...(step.reopen ? [say.madeHereAFault(step.reopen)] : []),
  ]
  const on = step.limb === 'down' && mayWork && !isSettled(state, step) ? stuckAs(file, step, false) : null
  const stuck = on !== null && on !== 'turned'
  const mayMove = step.limb === 'up' && file !== null && mayWork && !isSettled(state, step)
  const bearing = file?.bearings?.some((b) => b.by === subjectOf(step.action)) ?? false
  const works = mayWork && ((step.limb === 'up' && step.fixings.length > 0) || sumsOf(step.check ?? '').length > 0 || bearing)
  if (lines.length === 0 && !stuck && !mayMove && !works) return null
  return (
    <div className="px-1">
      {open
        ? lines.map((line) => (
            <p className="mt-1 text-[16px]" key={line}>
              {line}
            </p>
          ))
        : null}
      {open ? (
        <p className="mt-1 text-[14.5px] text-steel">{say.fromTheMachineFile(Boolean(readAction(step.action)), state.machine.revision)}</p>
      ) : null}
      <div className="flex gap-5">
        {lines.length > 0 ? (
          <button type="button" onClick={() => setOpen(!open)} aria-expanded={open} className={LINK}>
            {open ? say.less : say.whyThisStep}
          </button>
        ) : null}
        {mayMove ? (
          <button type="button" onClick={() => openSheet({ kind: 'place', step: step.id })} className={LINK}>
            {say.anotherPlace}
          </button>
        ) : null}
        {works ? (
          <button type="button" onClick={() => openSheet({ kind: 'work', step: step.id })} className={LINK}>
            {say.workings}
          </button>
        ) : null}
        {stuck ? (
          <button type="button" onClick={() => openSheet({ kind: 'tighten', step: step.id })} className={LINK}>
            {say.itIsStuck}
          </button>
        ) : null}
      </div>
    </div>
  )
}

const LINK = '-my-1 min-h-10 text-[15px] font-semibold underline underline-offset-4'
