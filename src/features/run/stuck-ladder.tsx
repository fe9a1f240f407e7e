import { useState } from 'react'
import { type Attempt, attemptsFor, type AttemptWay, hotFor, nextAttempt } from '../../core/fasteners'
import type { PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/keypad'
import { clockText } from '../../ui/time'
import { triedWords } from '../../words/en/entries'
import { useJob } from '../shared/context'

const WAYS: Readonly<Record<AttemptWay, { readonly name: string; readonly how: string; readonly stop: string }>> = {
  clean: {
    name: 'Clean it',
    how: 'Drive and thread picked out; the tool in to its full depth, straight.',
    stop: 'A tool that does not sit takes the head with it.',
  },
  soak: {
    name: 'Oil and wait',
    how: 'One drop of penetrating oil, ten minutes.',
    stop: 'None near a brake, a tyre or a seal.',
  },
  tap: {
    name: 'Tap it',
    how: 'Along its axis, tool in place, with a soft-faced hammer.',
    stop: 'Never on an axle’s end, a bearing or a motor’s cover.',
  },
  lever: {
    name: 'A longer lever',
    how: 'The other end held. Even pull, no jerks.',
    stop: 'Stop when it turns without letting go: that is the head or the thread giving.',
  },
  warm: {
    name: 'Warm it',
    how: 'Moving warm air, pack out and well away, until a drop of water just hisses off the metal.',
    stop: 'No flame. Leads, seals and magnets near it shielded: above 80 °C they suffer.',
  },
  'give over': {
    name: 'Give it over',
    how: 'To somebody who extracts or drills it, with the customer’s word for what it may cost.',
    stop: 'Nothing more is tried on it here.',
  },
}

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
    if (time === null || time <= 0 || time > 60 || far === null || far <= 0 || far > 1000 || !near.trim())
      return setFault('How long (up to 60 min), from how far (up to 1,000 mm), and what was near: whoever puts it back looks at that.')
    setFault(undefined)
    note({ way: 'warm', minutes: time, distance: far, near: near.trim() })
  }
  return (
    <section aria-label="Does not let go" className="border-y border-rule py-3">
      <h3 className="title text-[19px]">It does not let go</h3>
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
                {WAYS[way].name}
                {at && now > 0 ? ` · ${clockText(at.at, now)}` : ''}
              </span>
              {way === next ? (
                <>
                  <p>{WAYS[way].how}</p>
                  <p>
                    <span className="font-bold text-look">◆ </span>
                    {WAYS[way].stop}
                  </p>
                  {way === 'warm' && state.power.state !== 'out' && file?.pack ? (
                    <p>
                      <span className="font-bold text-stop">▲ </span>The pack is still aboard: it comes out first.
                    </p>
                  ) : null}
                  {way === 'warm' ? (
                    <div className="mt-2 grid gap-2 sm:grid-cols-2">
                      <TextField
                        label="For how long, min"
                        value={minutes}
                        onChange={(e) => setMinutes(e.target.value)}
                        inputMode="decimal"
                        autoComplete="off"
                      />
                      <TextField
                        label="From how far, mm"
                        value={distance}
                        onChange={(e) => setDistance(e.target.value)}
                        inputMode="decimal"
                        autoComplete="off"
                      />
                      <TextField
                        className="sm:col-span-2"
                        label="What was near it"
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
                    {way === 'give over' ? 'Given over' : 'Tried, still tight'}
                  </Button>
                </>
              ) : null}
            </li>
          )
        })}
      </ol>
      {hot > 0 ? (
        <p role="status" className="mt-2 text-[16px]">
          <span className="font-bold text-look">◆ </span>Warmed: hot for about {Math.ceil(hot)} min more (estimated). Gloves, and nothing
          soft laid on it.
        </p>
      ) : null}
      {next === null ? (
        <p role="status" className="mt-2 text-[16px]">
          <span className="font-bold text-look">◆ </span>Nothing more is tried here. “Left on, why” says that it stays.
        </p>
      ) : null}
    </section>
  )
}
