'use client'
import { useEffect, useRef, useState } from 'react'
import * as say from '../../words/en/live'
import { type InstrumentKind, type Instrument, kindFacts, rangeIn, standInUsed, usedOf } from '../../core/instruments'
import { formatNumber, type InstrumentUsed, unitLabel } from '../../core/units'
import { type Asked, fits, type Take, type Taken, TAKES } from '../../instruments/fits'
import { MINUTE, type Seen } from '../../instruments/live'
import { Button } from '../../ui/button'
import { SelectField } from '../../ui/field'
import { type AtBench, askRelay, useBench } from './bench'
import { useListed } from './context'
import type { Hold, LiveRowProps } from './live-row'

const DEAF_MS = 400

/** What the shop knows of an instrument that is connected, by its name. */
function listedAs(name: string, instruments: readonly Instrument[]): Instrument | undefined {
  return instruments.find((i) => !i.struck && i.name.toLowerCase() === name.toLowerCase())
}

function usedAs({ facts }: Seen, listed: Instrument | undefined): InstrumentUsed {
  if (facts.standIn) return standInUsed(facts.kind ?? 'multimeter')
  return listed ? usedOf(listed) : { name: facts.name }
}

const measures = (kind: InstrumentKind | undefined, asked: Asked): boolean =>
  kind === undefined || (kindFacts(kind).measures as readonly string[]).includes(asked.quantity)

/** What is connected to this tablet and measures what is asked, live, and the button that takes it. Nothing where nothing is connected. */
export function LiveDisplay({ asked, about, into, hold, onTake }: LiveRowProps) {
  const { at, now } = useBench()
  const fit = at.filter((a) => measures(a.live.seen(0).facts.kind, asked))
  return fit.length === 0 ? null : <Row key={about} now={now} fit={fit} asked={asked} into={into} hold={hold} onTake={onTake} />
}

function Row({
  now: at,
  fit,
  asked,
  into,
  hold,
  onTake,
}: {
  /** Epoch ms. */
  readonly now: number
  readonly fit: readonly AtBench[]
  readonly asked: Asked
  readonly into: string | undefined
  readonly hold: Hold | undefined
  readonly onTake: (taken: Taken, used: InstrumentUsed) => void
}) {
  const instruments = useListed()
  const [pick, setPick] = useState(fit[0]!.id)
  const one = fit.find((f) => f.id === pick) ?? fit[0]!
  const { live, gone, standIn } = one
  useEffect(() => live.begin(), [live])
  const held = standIn && one.relay && hold ? JSON.stringify({ ...one.relay, hold }) : null
  useEffect(() => {
    if (held === null) return
    const { id, key, hold: where } = JSON.parse(held) as { id: string; key: string; hold: Hold }
    void askRelay({ relay: id, key, ask: 'order', order: { key, ...where } })
  }, [held])
  const seen = live.seen(at)
  const { facts, reading } = seen
  const listed = listedAs(facts.name, instruments)
  const range = listed ? rangeIn(listed, asked.unit) : null
  const offers = TAKES.map((take) => ({ take, fit: fits(asked, seen, take, range?.to ?? null) }))
  const now = offers[0]!.fit
  const take = (which: Take): void => {
    const of = offers.find((o) => o.take === which)!.fit
    if (!gone && of.ok) onTake(of.value, usedAs(seen, listed))
  }
  useTakeKey(() => take('now'))
  const moved = seen.ranged && seen.is === 'moving'
  const say1 = (x: number): string => `${formatNumber(x, 4)} ${reading ? unitLabel(reading.unit) : ''}`
  return (
    <section aria-label={say.fromTheInstrument} className="rounded-md border-2 border-pose bg-pose-tint px-4 py-2.5">
      {fit.length > 1 ? (
        <SelectField label={say.fromTheInstrument} value={one.id} onChange={(e) => setPick(e.target.value)}>
          {fit.map((f) => (
            <option key={f.id} value={f.id}>
              {f.live.seen(0).facts.name}
            </option>
          ))}
        </SelectField>
      ) : (
        <p className="text-[15px] font-semibold">{facts.name}</p>
      )}
      {into ? <p className="text-[15px]">{say.goesInto(into)}</p> : null}
      {standIn ? <p className="text-[14.5px] font-semibold text-look">◆ {say.standIn}</p> : null}
      {gone ? (
        <p role="status" className="py-1 text-[16px]">
          <span className="font-bold text-look">◆ </span>
          {say.itIsGone(facts.name)}
        </p>
      ) : (
        <>
          <p className="flex flex-wrap items-baseline gap-x-3">
            <span className="text-[26px] font-semibold tabular-nums">{reading ? say.shownWords(reading) : '–'}</span>
            <span className={seen.is === 'settled' ? 'text-[15.5px] text-ok' : 'text-[15.5px] text-look'}>
              {reading
                ? seen.is === 'settled'
                  ? say.itStands
                  : moved
                    ? say.itMoves(say1(seen.low!), say1(seen.high!))
                    : say.justCame
                : null}
            </span>
          </p>
          {seen.halls.length > 0 ? <p className="text-[16px] tabular-nums">{say.hallsSeen(seen.halls)}</p> : null}
          {now.ok ? null : (
            <p role="status" className="pb-1 text-[16px] font-semibold text-stop">
              ▲ {seen.fault ? say.lineFaultWords(seen.fault) : say.misfitWords(facts.name, now.error)}
            </p>
          )}
          <div className="flex flex-wrap items-center gap-2">
            {offers.map(({ take: which, fit: f }) =>
              f.ok && (which === 'now' || which === 'at 60 s' || seen.ranged) ? (
                <Button key={which} weight={which === 'now' ? 'plain' : 'quiet'} onClick={() => take(which)}>
                  {say.takeWords(which, takenText(f.value))}
                </Button>
              ) : null,
            )}
            {asked.settled && seen.is === 'moving' && seen.seconds < MINUTE ? (
              <span className="text-[15px] tabular-nums">{say.minuteIn(Math.ceil(MINUTE - seen.seconds))}</span>
            ) : null}
            {now.ok ? <span className="text-[14px] text-steel max-md:hidden">{say.keyTakesIt}</span> : null}
          </div>
        </>
      )}
    </section>
  )
}

const takenText = ({ result, unit }: Taken): string =>
  result.is === 'value'
    ? `${formatNumber(result.value, 4).replace('-', '−')} ${unitLabel(unit)}`
    : result.is === 'unstable'
      ? ''
      : `${result.is === 'over' ? '>' : '<'} ${formatNumber(result.limit, 4)} ${unitLabel(unit)}`

/** Space where no control has the focus, and the pedal, take what stands there. */
function useTakeKey(take: () => void): void {
  const latest = useRef(take)
  useEffect(() => {
    latest.current = take
  })
  useEffect(() => {
    let last = -DEAF_MS
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
      const target = event.target instanceof Element ? event.target : document.body
      const busy = target.matches('input, textarea, select, [contenteditable]') || target.closest('button, a, summary') !== null
      if (event.key !== 'PageDown' && (event.key !== ' ' || busy)) return
      event.preventDefault()
      if (event.repeat || event.timeStamp - last < DEAF_MS) return
      last = event.timeStamp
      latest.current()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
