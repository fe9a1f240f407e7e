'use client'
import * as say from '../../words/en/screens/handback'
import { useState } from 'react'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import type { Bodies } from '../../core/job'
import { recheckDue, recheckWhat } from '../../words/en/entries'
import { useJob } from '../shared/context'

const dayWords = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** When to look again: what this job makes due, by one tap; anything else by a day or a distance. */
export function Rechecks() {
  const { state, log, mayNote, now } = useJob()
  const [what, setWhat] = useState('')
  const [how, setHow] = useState<'day' | 'km'>('day')
  const [on, setOn] = useState('')
  const [km, setKm] = useState('')
  const [fault, setFault] = useState<string>()
  const [adding, setAdding] = useState(!state.handedBack)
  if (!mayNote) return null
  const touched = (word: string): boolean => state.up.some((s) => s.joint?.critical === word && state.steps[s.id]?.status === 'done')
  const inDays = (days: number): string => new Date(now + days * 86_400_000).toISOString().slice(0, 10)
  const usual: readonly Bodies['recheck-set'][] = [
    ...(touched('axle')
      ? ([
          { of: 'axle nut marks', rides: 1 },
          { of: 'axle nut marks', kilometres: 50 },
        ] as const)
      : []),
    ...(touched('brake') ? [{ of: 'brake screws' as const, kilometres: 50 }] : []),
    ...(now > 0 ? [{ of: 'tyres, brake, play, plugs' as const, on: inDays(28) }] : []),
  ]
  const words = (r: Bodies['recheck-set']): { readonly what: string; readonly due: string } => ({
    what: recheckWhat(r, state),
    due: recheckDue(r),
  })
  const had = new Set(state.rechecks.map((r) => JSON.stringify(words(r))))
  const open = usual.filter((r) => !had.has(JSON.stringify(words(r))))
  const add = (): void => {
    const distance = readNumber(km)
    if (!what.trim()) return setFault(say.whatIsLooked)
    if (how === 'day' && !/^\d{4}-\d{2}-\d{2}$/.test(on)) return setFault(say.onWhichDay)
    if (how === 'day' && on < new Date(now).toISOString().slice(0, 10)) return setFault(say.isPast(dayWords.format(new Date(on))))
    if (how === 'km' && (distance === null || distance <= 0 || distance > 100_000))
      return setFault(km.trim() ? say.isNotADistance(km) : say.afterHowManyKilometres)
    log('recheck-set', {
      what: what.trim(),
      ...(how === 'day' ? { on } : { kilometres: distance! }),
    })
    setWhat('')
    setOn('')
    setKm('')
  }
  return (
    <section className="grid gap-2 border-t border-rule pt-2">
      <h3 className="title text-[18px]">{say.checkAgain}</h3>
      {state.rechecks.length > 0 ? (
        <ul className="text-[16px]">
          {state.rechecks.map((r) => (
            <li key={r.entry}>
              ◩ {recheckWhat(r, state)}: {recheckDue(r)}
            </li>
          ))}
        </ul>
      ) : null}
      <div className="flex flex-wrap gap-2">
        {open.map((r) => {
          const { what: name, due } = words(r)
          return (
            <button
              key={`${name} ${due}`}
              type="button"
              // The words go along for a shop where an older build still reads; the newest form drops them.
              onClick={() => log('recheck-set', { ...r, what: name, due })}
              className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] leading-tight"
            >
              {name}
              <br />
              <span className="font-sans text-[13.5px] text-steel">{due}</span>
            </button>
          )
        })}
      </div>
      {adding ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
          <TextField
            label={say.somethingElse}
            value={what}
            onChange={(e) => (setFault(undefined), setWhat(e.target.value))}
            placeholder={say.tugThe6Pins}
            maxLength={300}
          />
          <div className="flex flex-wrap items-end gap-2">
            <Tiles
              legend={say.when}
              name="when"
              value={how}
              onChange={setHow}
              options={[
                { value: 'day', label: say.onADay },
                { value: 'km', label: say.afterKm },
              ]}
            />
            {how === 'day' ? (
              <TextField
                className="flex-1"
                label={say.day}
                type="date"
                value={on}
                onChange={(e) => (setFault(undefined), setOn(e.target.value))}
              />
            ) : (
              <TextField
                className="flex-1"
                label={say.kilometres}
                value={km}
                onChange={(e) => (setFault(undefined), setKm(e.target.value))}
                inputMode="decimal"
                autoComplete="off"
              />
            )}
          </div>
          <Fault text={fault} />
          <Button type="submit">{state.handedBack ? say.addItAs : say.add}</Button>
        </form>
      ) : (
        <Button weight="quiet" onClick={() => setAdding(true)}>
          {say.lookAgainAtSomething}
        </Button>
      )}
    </section>
  )
}
