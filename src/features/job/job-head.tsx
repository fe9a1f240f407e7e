'use client'
import * as say from '../../words/en/screens/job'
import clsx from 'clsx'
import { useMemo } from 'react'
import { stageIndex, summarize } from '../../core/job'
import { columnOf, Dip, placeOf, depthAt } from '../../ui/dip'
import { STAGE_LABEL, STAGE_LIST, stageProgress, stepText } from '../../words/en/job-state'
import { useJob } from '../shared/context'

const DEPTH = 40

/** Which job this is, and the dip of its stages; a stage is looked at by tapping it. */
export function JobHead() {
  const { state, stage: shown, show } = useJob()
  const summary = useMemo(() => summarize(state), [state])
  const at = stageIndex(state.stage)
  return (
    <div className="grid items-center gap-x-6 bg-paper px-4 md:grid-cols-[300px_1fr]">
      <div className="py-2">
        <p className="truncate text-[15px] text-steel">
          {say.job(state.number, [state.machine.owner, state.machine.unit].filter(Boolean).join(', ') || say.noOwnerGiven)}
        </p>
        <h1 title={state.job} className="title truncate text-[24px]">
          {state.machine.name}
          {state.job ? ` · ${state.job}` : ''}
        </h1>
      </div>
      <nav aria-label={say.stages} className="relative h-[92px] max-md:hidden">
        <div className="absolute inset-x-0 top-1">
          <Dip at={placeOf(at, stageProgress(summary))} depth={DEPTH} height={DEPTH + 34} colour="copper" ring={24} />
        </div>
        {STAGE_LIST.map((stage, i) => (
          <span
            key={stage}
            aria-hidden
            className={clsx(
              'absolute size-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px]',
              i < at ? 'border-copper bg-copper' : i === at ? 'hidden' : 'border-rule bg-paper',
            )}
            style={{ left: `${columnOf(i) * 100}%`, top: 18 + depthAt(columnOf(i)) * DEPTH }}
          />
        ))}
        {STAGE_LIST.map((stage, i) => {
          const x = columnOf(i)
          const here = i === at
          return (
            <button
              key={stage}
              type="button"
              onClick={() => show(stage)}
              aria-current={shown === stage ? 'page' : undefined}
              className={clsx(
                'narrow absolute flex min-h-12 -translate-x-1/2 items-end whitespace-nowrap px-2 pb-1 text-[14.5px]',
                here ? 'text-copper' : i < at ? 'text-ink' : 'text-steel',
                shown === stage && 'underline decoration-2 underline-offset-4',
              )}
              style={{ left: `${x * 100}%`, top: i === 4 ? 44 : 12 + depthAt(x) * 26, marginLeft: i === 3 ? -46 : i === 5 ? 46 : 0 }}
            >
              {STAGE_LABEL[stage]}
              {here && stepText(summary) && !summary.fileless ? ` ${stepText(summary).replace(/^step (\d+) of (\d+).*$/, '$1/$2')}` : ''}
            </button>
          )
        })}
      </nav>
      <label className="flex items-center gap-2 pb-2 text-[15px] md:hidden">
        <span className="sr-only">{say.stageShown}</span>
        <select
          value={shown}
          onChange={(e) => show(e.target.value as typeof shown)}
          className="min-h-12 flex-1 rounded-md border-2 border-steel bg-paper px-2 text-[16px]"
        >
          {STAGE_LIST.map((stage) => (
            <option key={stage} value={stage}>
              {say.theJobIsHere(STAGE_LABEL[stage], stage === state.stage)}
            </option>
          ))}
        </select>
      </label>
    </div>
  )
}
