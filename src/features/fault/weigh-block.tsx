'use client'
import * as say from '../../words/en/screens/fault'
import { useState } from 'react'
import { type Action, kilometresOf, LIFE, weigh, type WeighReason, YOUNG } from '../../core/diagnosis'
import type { Bodies } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { useJob } from '../shared/context'

const WHY: Readonly<Record<WeighReason, string>> = {
  young: say.underKmWhatFails(YOUNG),
  'never left': say.itCanLock,
  'cheaper for its kilometres': say.theLeastForEach,
  'worn out': say.littleIsLeft,
  'still runs': say.itCannotLock,
}

/** How it was weighed, as it is noted. */
export type Weighed = Bodies['note-added']

/** Swap, mend or leave it: what each costs for the kilometres that it still gives. */
export function WeighBlock({
  action,
  fault,
  minutes,
  onChoose,
}: {
  readonly action: Action
  readonly fault: string
  readonly minutes: number | undefined
  readonly onChoose: (way: string, weighed: Weighed) => void
}) {
  const { usedAtDoor } = useJob().state
  const [run, setRun] = useState(usedAtDoor ? String(kilometresOf(usedAtDoor)) : '')
  const [price, setPrice] = useState('')
  const [hour, setHour] = useState('')
  const figures = [run, price, hour].map((text) => readNumber(text))
  const wrong = [run, price, hour].find((text, i) => text.trim() !== '' && (figures[i] === null || figures[i]! < 0 || figures[i]! > 1e6))
  const [kilometres, partPrice, hourPrice] = figures
  const result =
    wrong === undefined && typeof kilometres === 'number' && typeof partPrice === 'number' && typeof hourPrice === 'number'
      ? weigh(action, { fault, kilometres, partPrice, hourPrice, ...(minutes !== undefined ? { minutes } : {}) })
      : null
  return (
    <details className="rounded-md border border-rule px-4 py-1">
      <summary className="min-h-11 cursor-pointer py-2 text-[16px]">{say.swapItOrMend}</summary>
      <div className="grid grid-cols-3 gap-2 pb-2">
        <TextField label={say.runSoFarKm} value={run} onChange={(e) => setRun(e.target.value)} inputMode="decimal" autoComplete="off" />
        <TextField
          label={say.newPartCosts}
          value={price}
          onChange={(e) => setPrice(e.target.value)}
          inputMode="decimal"
          autoComplete="off"
        />
        <TextField label={say.anHourCosts} value={hour} onChange={(e) => setHour(e.target.value)} inputMode="decimal" autoComplete="off" />
      </div>
      {wrong !== undefined ? (
        <p role="alert" className="pb-2 text-[15px] font-semibold text-stop">
          {say.isNoFigureFrom(wrong)}
        </p>
      ) : null}
      {result ? (
        <div className="grid gap-1 pb-2 text-[16px]" role="status">
          {result.ways.map((w) => (
            <p key={w.name} className={w === result.best ? 'font-semibold' : ''}>
              {w === result.best ? <span className="text-ok">● </span> : <span className="text-steel">○ </span>}
              {say.costAhead(w.name, w.lasts, w.cost, w.perThousand)}
            </p>
          ))}
          <p className="text-[15.5px]">
            {WHY[result.reason]} <span className="text-steel">{say.reckonedWithKm(LIFE)}</span>
          </p>
          <Button
            onClick={() =>
              onChoose(result.best.name, {
                // The words go along for a shop where an older build still reads; the newest form drops them.
                text: say.weighedAt(kilometres!, partPrice!, hourPrice!, result.best.name, WHY[result.reason]),
                weighed: {
                  way: result.best.kind,
                  reason: result.reason,
                  kilometres: kilometres!,
                  partPrice: partPrice!,
                  hourPrice: hourPrice!,
                },
              })
            }
          >
            {say.takeThat(result.best.name)}
          </Button>
        </div>
      ) : null}
    </details>
  )
}
