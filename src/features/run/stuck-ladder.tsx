import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import { type Attempt, attemptsFor, heatFaults, hotFor, LETS_GO, NEAR_BEARS, nextAttempt, type Stuck } from '../../core/fasteners'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { clockText } from '../../ui/time'
import { triedWords } from '../../words/en/entries'
import { rungWords, STUCK_NAMES } from '../../words/en/stuck'
import { useJob } from '../shared/context'
import { SheetCautions } from '../shared/later'

/** What else it may come to, once something that is turned was tried. */
const WORSE = ['broken', 'torn thread'] as const satisfies readonly Stuck[]

/** What to try next on what does not let go, and what was tried. */
export function StuckLadder({ step, on: first }: { readonly step: PlannedStep; readonly on: Stuck }) {
  const { state, log, now, file, form } = useJob()
  const [worse, setWorse] = useState<Stuck>()
  const on = worse ?? first
  const [typed, setTyped] = useState({ minutes: '', distance: '', celsius: '', nearCelsius: '', near: '' })
  const [fault, setFault] = useState<string>()
  const tried = state.steps[step.id]?.tried ?? []
  const next = nextAttempt(tried, on)
  const hot = now > 0 ? hotFor(tried.map((t) => ({ ...t, since: (now - t.at) / 60_000 }))) : 0
  const warmed = tried.findLast((t) => t.way === 'warm')
  const note = (attempt: Attempt): void => {
    const said: Attempt = { ...attempt, on }
    // The words go along for a shop where an older build still reads; the newest form drops them.
    log('note-added', { text: triedWords(said), step: step.id, tried: said })
  }
  const field = (key: keyof typeof typed, label: string, wide = false) => (
    <TextField
      className={wide ? 'sm:col-span-2' : ''}
      label={label}
      value={typed[key]}
      onChange={(e) => (setFault(undefined), setTyped({ ...typed, [key]: e.target.value }))}
      {...(key === 'near' ? { maxLength: 120 } : { inputMode: 'decimal' as const })}
      autoComplete="off"
    />
  )
  const done = (): void => {
    if (!next) return
    if (next !== 'warm') return note({ way: next })
    const [time, far] = [readNumber(typed.minutes), readNumber(typed.distance)]
    if (time === null || time <= 0 || time > 60 || far === null || far <= 0 || far > 1000 || !typed.near.trim())
      return setFault(say.howLongUp)
    const read = (text: string): number | null | undefined => (text.trim() === '' ? undefined : readNumber(text))
    const [celsius, nearCelsius] = [read(typed.celsius), read(typed.nearCelsius)]
    const wrong = [
      [celsius, typed.celsius],
      [nearCelsius, typed.nearCelsius],
    ].find(([value]) => value === null || (typeof value === 'number' && (value < -50 || value > 1000)))
    if (wrong) return setFault(say.isNoTemperature(String(wrong[1])))
    note({
      way: next,
      minutes: time,
      distance: far,
      near: typed.near.trim(),
      ...(typeof celsius === 'number' ? { celsius } : {}),
      ...(typeof nearCelsius === 'number' ? { nearCelsius } : {}),
    })
  }
  return (
    <section aria-label={say.doesNotLetGo} className="border-y border-rule py-3">
      {first === 'turned' || first === 'locked' ? (
        <Tiles
          legend={say.whatIsStuck}
          name="stuck"
          value={on}
          onChange={(v) => (setFault(undefined), setWorse(v))}
          options={[first, ...WORSE].map((value) => ({ value: value as Stuck, label: STUCK_NAMES[value] }))}
        />
      ) : (
        <h3 className="title text-[19px]">{STUCK_NAMES[on]}</h3>
      )}
      <SheetCautions sheet="stuck" />
      <ol className="mt-1 grid gap-1 text-[16.5px]">
        {attemptsFor(on).map((way) => {
          const at = tried.findLast((t) => t.way === way && (t.on ?? 'turned') === on)
          const rung = rungWords(on, way)
          return (
            <li
              key={way}
              aria-current={way === next ? 'step' : undefined}
              className={way === next ? 'rounded-md bg-copper-tint px-3 py-2' : 'px-3 py-0.5 text-steel'}
            >
              <span className={way === next ? 'font-bold' : ''}>
                {at ? '✓ ' : ''}
                {rung.name}
                {at && now > 0 ? ` · ${clockText(at.at, now)}` : ''}
              </span>
              {way === next ? (
                <>
                  <p>{rung.how}</p>
                  <p>
                    <span className="font-bold text-look">◆ </span>
                    {rung.stop}
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
                      {field('minutes', say.forHowLongMin)}
                      {field('distance', say.fromHowFarMm)}
                      {field('near', say.whatWasNearIt, true)}
                      {form >= 18 ? field('celsius', say.celsiusThere(LETS_GO.from, LETS_GO.to)) : null}
                      {form >= 18 ? field('nearCelsius', say.celsiusNear(NEAR_BEARS)) : null}
                    </div>
                  ) : null}
                  {fault ? (
                    <p role="alert" className="mt-1 text-[15px] font-semibold text-stop">
                      ▲ {fault}
                    </p>
                  ) : null}
                  <Button className="mt-2 w-full" onClick={done}>
                    {way === 'give over'
                      ? say.givenOver
                      : on === first && (on === 'turned' || on === 'locked')
                        ? say.triedStillTight
                        : say.triedStill}
                  </Button>
                </>
              ) : null}
            </li>
          )
        })}
      </ol>
      {warmed
        ? heatFaults(warmed).map((is) => (
            <p key={is} role="status" className="mt-2 text-[16px]">
              <span className={is === 'too cool' ? 'font-bold text-look' : 'font-bold text-stop'}>{is === 'too cool' ? '◆ ' : '▲ '}</span>
              {say.HEAT[is]}
            </p>
          ))
        : null}
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
