'use client'
import * as say from '../../words/en/screens/prove'
import { ladderIn } from '../../core/job'
import { type Brake, type BrakingStop, type Finding, judgeLogStop, type RideLogSummary } from '../../core/ride'
import { formatNumber } from '../../core/units'
import { BRAKE_WORDS, findingName, findingWords, logStopWords, noteWords } from '../../words/en/rides'
import { useJob } from '../shared/context'
import { RideStrips } from './strips'

const SIGN: Readonly<Record<Finding['verdict'], readonly [string, string]>> = {
  good: ['●', 'text-ok'],
  look: ['◆', 'text-look'],
  bad: ['▲', 'text-stop'],
  'cannot say': ['○', 'text-steel'],
  noted: ['◩', 'text-pose'],
}

/** A ride log as drawn and judged; what it cannot say stands with the rest. */
export function RideLogView({
  log,
  at,
  onStops,
}: {
  readonly log: RideLogSummary
  /** When it was ridden, epoch ms: what was ridden before stands beside it. */
  readonly at?: number
  /** Called with the stops as their brakes are named; without it they are only shown. */
  readonly onStops?: (stops: readonly BrakingStop[]) => void
}) {
  const { earlier } = useJob()
  const before = earlier.find((e) => at === undefined || e.at < at)
  return (
    <div className="rounded-md border border-rule bg-paper px-4 py-3">
      <p className="narrow text-[15px] text-steel">
        {say.logSize(log.name, log.rows.toLocaleString('en-GB'), log.hz, Number(log.hz.toPrecision(2)), log.seconds / 60)}
      </p>
      <RideStrips strips={log.strips} name={log.name} />
      <dl className="mt-2 grid grid-cols-[repeat(auto-fit,minmax(min(100%,290px),1fr))] gap-x-4 gap-y-1">
        {log.findings.map((f) => (
          <div key={f.id} className="flex items-baseline gap-2 text-[16px]">
            <span className={SIGN[f.verdict][1]}>{SIGN[f.verdict][0]}</span>
            <dt className="narrow shrink-0">{findingName(f.id)}</dt>
            <dd className={f.verdict === 'cannot say' ? 'text-[15px] text-steel' : 'tabular-nums'}>
              {findingWords(f)}
              {was(f, before)}
            </dd>
          </div>
        ))}
      </dl>
      {before ? <p className="mt-1 text-[14px] text-steel">{say.besideThe(before.job)}</p> : null}
      {log.stops && log.stops.length > 0 ? <Stops stops={log.stops} onStops={onStops} /> : null}
      {log.notes.length > 0 ? (
        <ul className="mt-2 grid gap-0.5 text-[15px] text-look">
          {log.notes.map((n, i) => (
            <li key={i}>◆ {noteWords(n)}</li>
          ))}
        </ul>
      ) : null}
      <p className="mt-1 text-[14px] text-steel">{say.limitsAreTheShops}</p>
    </div>
  )
}

/** What the same finding was on the ride before, where both have a figure. */
function was(f: Finding, before: { readonly findings: readonly Finding[] } | undefined) {
  const then = before?.findings.find((o) => o.id === f.id && o.unit === f.unit)
  if (f.value === undefined || then?.value === undefined) return null
  return <span className="text-[14px] text-steel"> {say.wasBefore(formatNumber(then.value, then.value >= 100 ? 0 : 1))}</span>
}

/** Every stop of a log; which brake it was is named by whoever rode. */
function Stops({
  stops,
  onStops,
}: {
  readonly stops: readonly BrakingStop[]
  readonly onStops: ((stops: readonly BrakingStop[]) => void) | undefined
}) {
  const { state } = useJob()
  const ladder = ladderIn(state)
  return (
    <section aria-label={say.stopsInIt} className="mt-2">
      <h4 className="text-[15px] font-semibold">{say.stopsInIt}</h4>
      <ul className="grid gap-1">
        {stops.map((s, i) => {
          const judged = judgeLogStop(s, ladder.stops)
          return (
            <li key={i} className="flex flex-wrap items-center gap-2 text-[16px]">
              <span className={SIGN[judged.verdict][1]}>{SIGN[judged.verdict][0]}</span>
              <span className="tabular-nums">{logStopWords(s)}</span>
              {judged.least === undefined ? null : <span className="text-[14px] text-steel">{say.atLeast(judged.least)}</span>}
              {onStops ? (
                <select
                  aria-label={say.brakeOfStop(i + 1)}
                  value={s.brake ?? ''}
                  onChange={(e) =>
                    onStops(
                      stops.map((o, k) =>
                        k === i
                          ? named(
                              o,
                              ladder.brakes.find((b) => b === e.target.value),
                            )
                          : o,
                      ),
                    )
                  }
                  className="min-h-11 rounded-md border-2 border-steel bg-paper px-2 text-[15px]"
                >
                  <option value="">{say.whichBrake}</option>
                  {ladder.brakes.map((b) => (
                    <option key={b} value={b}>
                      {BRAKE_WORDS[b]}
                    </option>
                  ))}
                </select>
              ) : null}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

const named = ({ brake: _, ...stop }: BrakingStop, brake: Brake | undefined): BrakingStop => ({ ...stop, ...(brake ? { brake } : {}) })
