import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import { type Attempt, attemptsFor, hotFor, nextAttempt } from '../../core/fasteners'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/keypad'
import { clockText } from '../../ui/time'
import { triedWords } from '../../words/en/entries'
import { useJob } from '../shared/context'
import { SheetCautions } from '../shared/sheet-cautions'

/** What to try next on a fixing that does not let go, and what was tried. */
export function StuckLadder({ step, locked }: { readonly step: PlannedStep; readonly locked: boolean }) {
  const { state, log, now, file } = useJob()
  const [minutes, setMinutes] = useState('')
  const [distance, setDistance] = useState('')
  const [near, setNear] = useState('')
  const [fault, setFault] = useState<string>()
  const tried = state.steps[step.id]?.tried ?? []
  const next = nextAttempt(tried, locked)
  const hot = now > 0 ? hotFor(tried.map((t) => ({ ...t, since: (now - t.at) / 60_000 }))) : 0
  const note = (attempt: Attempt): void => {
    // The words go along for a shop where an older build still reads; the newest form drops them.
    log('note-added', { text: triedWords(attempt), step: step.id, tried: attempt })
  }
  const done = (): void => {
    if (!next) return
    if (next !== 'warm') return note({ way: next })
    const [time, far] = [readNumber(minutes), readNumber(distance)]
    if (time === null || time <= 0 || time > 60 || far === null || far <= 0 || far > 1000 || !near.trim()) return setFault(say.howLongUp)
    setFault(undefined)
    note({ way: 'warm', minutes: time, distance: far, near: near.trim() })
  }
  return (
    <section aria-label={say.doesNotLetGo} className="border-y border-rule py-3">
      <h3 className="title text-[19px]">{say.itDoesNotLet}</h3>
      <SheetCautions sheet="stuck" />
      <ol className="mt-1 grid gap-1 text-[16.5px]">
        {attemptsFor(locked).map((way) => {
          const at = tried.findLast((t) => t.way === way)
          return (
            <li
              key={way}
              aria-current={way === next ? 'step' : undefined}
              className={way === next ? 'rounded-md bg-copper-tint px-3 py-2' : 'px-3 py-0.5 text-steel'}
            >
              <span className={way === next ? 'font-bold' : ''}>
                {at ? '✓ ' : ''}
                {say.ATTEMPTS[way].name}
                {at && now > 0 ? ` · ${clockText(at.at, now)}` : ''}
              </span>
              {way === next ? (
                <>
                  <p>{say.ATTEMPTS[way].how}</p>
                  <p>
                    <span className="font-bold text-look">◆ </span>
                    {say.ATTEMPTS[way].stop}
                  </p>
                  {way === 'warm' ? <SheetCautions sheet="warming" /> : null}
                  {way === 'warm' && state.power.state !== 'out' && file?.pack ? (
                    <p>
                      <span className="font-bold text-stop">▲ </span>
                      {say.thePackIsStill}
                    </p>
                  ) : null}
                  {way === 'warm' ? (
                    <div className="mt-2 grid gap-2 sm:grid-cols-2">
                      <TextField
                        label={say.forHowLongMin}
                        value={minutes}
                        onChange={(e) => setMinutes(e.target.value)}
                        inputMode="decimal"
                        autoComplete="off"
                      />
                      <TextField
                        label={say.fromHowFarMm}
                        value={distance}
                        onChange={(e) => setDistance(e.target.value)}
                        inputMode="decimal"
                        autoComplete="off"
                      />
                      <TextField
                        className="sm:col-span-2"
                        label={say.whatWasNearIt}
                        value={near}
                        onChange={(e) => setNear(e.target.value)}
                        maxLength={120}
                        autoComplete="off"
                      />
                    </div>
                  ) : null}
                  {fault ? (
                    <p role="alert" className="mt-1 text-[15px] font-semibold text-stop">
                      ▲ {fault}
                    </p>
                  ) : null}
                  <Button className="mt-2 w-full" onClick={done}>
                    {way === 'give over' ? say.givenOver : say.triedStillTight}
                  </Button>
                </>
              ) : null}
            </li>
          )
        })}
      </ol>
      {hot > 0 ? (
        <p role="status" className="mt-2 text-[16px]">
          <span className="font-bold text-look">◆ </span>
          {say.warmedHotForAbout(Math.ceil(hot))}
        </p>
      ) : null}
      {next === null ? (
        <p role="status" className="mt-2 text-[16px]">
          <span className="font-bold text-look">◆ </span>
          {say.nothingMoreIsTried}
        </p>
      ) : null}
    </section>
  )
}
