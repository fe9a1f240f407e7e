'use client'
import { useState } from 'react'
import { type Action, LIFE, weigh, type WeighReason, YOUNG } from '../../core/diagnosis'
import type { Bodies } from '../../core/job'
import { formatNumber } from '../../core/units'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/keypad'

const WHY: Readonly<Record<WeighReason, string>> = {
  young: `Under ${YOUNG} km what fails was made wrong: ask its maker before anything is opened.`,
  'never left': 'It can lock or start the wheel: it is never left.',
  'cheaper for its kilometres': 'The least for each kilometre that is still to come.',
  'worn out': 'Little is left in the old one: what is mended now wears out next.',
  'still runs': 'It cannot lock or start the wheel and still runs: watch it, and look again.',
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
  const [run, setRun] = useState('')
  const [price, setPrice] = useState('')
  const [hour, setHour] = useState('')
  const figures = [run, price, hour].map(readNumber)
  const wrong = [run, price, hour].find((text, i) => text.trim() !== '' && (figures[i] === null || figures[i]! < 0 || figures[i]! > 1e6))
  const [kilometres, partPrice, hourPrice] = figures
  const result =
    wrong === undefined && typeof kilometres === 'number' && typeof partPrice === 'number' && typeof hourPrice === 'number'
      ? weigh(action, { fault, kilometres, partPrice, hourPrice, ...(minutes !== undefined ? { minutes } : {}) })
      : null
  return (
    <details className="rounded-md border border-rule px-4 py-1">
      <summary className="min-h-11 cursor-pointer py-2 text-[16px]">Swap it or mend it? Weigh it</summary>
      <div className="grid grid-cols-3 gap-2 pb-2">
        <TextField label="Run so far, km" value={run} onChange={(e) => setRun(e.target.value)} inputMode="decimal" autoComplete="off" />
        <TextField label="New part costs" value={price} onChange={(e) => setPrice(e.target.value)} inputMode="decimal" autoComplete="off" />
        <TextField label="An hour costs" value={hour} onChange={(e) => setHour(e.target.value)} inputMode="decimal" autoComplete="off" />
      </div>
      {wrong !== undefined ? (
        <p role="alert" className="pb-2 text-[15px] font-semibold text-stop">
          ▲ “{wrong}” is no figure from 0 to a million.
        </p>
      ) : null}
      {result ? (
        <div className="grid gap-1 pb-2 text-[16px]" role="status">
          {result.ways.map((w) => (
            <p key={w.name} className={w === result.best ? 'font-semibold' : ''}>
              {w === result.best ? <span className="text-ok">● </span> : <span className="text-steel">○ </span>}
              {w.name}:{' '}
              {w.lasts > 0
                ? `${formatNumber(w.cost, 0)}, ${formatNumber(w.perThousand, 1)} for each 1,000 km to come`
                : 'not for this fault'}
            </p>
          ))}
          <p className="text-[15.5px]">
            {WHY[result.reason]} <span className="text-steel">Reckoned with {formatNumber(LIFE, 0)} km in a new one (estimated).</span>
          </p>
          <Button
            onClick={() =>
              onChoose(result.best.name, {
                // The words go along for a shop where an older build still reads; the newest form drops them.
                text: `Weighed at ${formatNumber(kilometres!, 0)} km, part ${formatNumber(partPrice!, 2)}, hour ${formatNumber(hourPrice!, 2)}: ${result.best.name}. ${WHY[result.reason]}`,
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
            Take that: {result.best.name}
          </Button>
        </div>
      ) : null}
    </details>
  )
}
