'use client'
import * as say from '../../words/en/screens/prove'
import { type AnyCheck, checkStatus, isCheck, ladderIn, looksOf, mayOverride, relevantChecks, ridesPassed, wantedIn } from '../../core/job'
import { Button } from '../../ui/button'
import { clockText, spanText } from '../../ui/time'
import { checkWords, itemWords } from '../../words/en/checks'
import { missingWords } from '../../words/en/missing'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'
import { settledBy } from '../shared/settled-by'
import { Block } from '../shared/panel'
import { RIDE_HOW } from '../../words/en/rides'
import { RideLogView } from './ride-log-view'
import { TyreBlock } from './tyre-block'
import { rideLine } from '../../words/en/rides'

/** How many things a check names that it still needs, before it says how many more. */
const SHOWN = 8

/** Everything that proves the work: the ladder of rides, the checks, the cures, the tyres. */
export function ProvePanel() {
  return (
    <div className="overflow-y-auto bg-bench">
      <Ladder />
      <Cures />
      <Checks />
      <TyreBlock />
    </div>
  )
}

function Ladder() {
  const { state, nameOf, now, mayWork, open } = useJob()
  const passed = ridesPassed(state)
  const wanted = wantedIn(state)
  const next = wanted.find((r) => !passed.has(r))
  return (
    <Block title={say.theRideOneRung}>
      <ol className="grid gap-1.5">
        {ladderIn(state).rungs.map((stage) => {
          const rides = state.rides.filter((r) => (r.rungs ?? wanted).includes(stage))
          const last = rides.at(-1)
          const done = passed.has(stage)
          const sign = done ? (
            <span className="text-ok">●</span>
          ) : last?.outcome === 'stopped' && (last.rungs ?? wanted).at(-1) === stage ? (
            <span className="text-stop">▲</span>
          ) : stage === next ? (
            <span className="text-copper">◉</span>
          ) : (
            <span className="text-steel">○</span>
          )
          return (
            <li
              key={stage}
              className={`flex flex-wrap items-baseline gap-x-3 rounded-md border bg-paper px-4 py-2 ${stage === next ? 'border-copper' : 'border-rule'}`}
            >
              <span className="text-[17px] font-semibold">
                {sign} {RIDE_HOW[stage].title}
              </span>
              {wanted.includes(stage) ? null : <span className="narrow text-[14px] text-steel">{say.canBeLeftOut}</span>}
              {last ? (
                <span className="text-[15.5px]">
                  {rideLine(last)}{' '}
                  <span className="text-[14px] text-steel">
                    {nameOf(last.by)}
                    {now > 0 ? `, ${clockText(last.at, now)}` : ''}
                  </span>
                </span>
              ) : null}
              {done && mayWork ? (
                <button
                  type="button"
                  className="narrow ml-auto min-h-11 text-[15px] underline underline-offset-4"
                  onClick={() => open({ kind: 'ride', stage })}
                >
                  {say.rideItAgain}
                </button>
              ) : null}
            </li>
          )
        })}
      </ol>
      <div className="mt-3 grid gap-3">
        {state.rides.flatMap((r) => (r.log ? [<RideLogView key={r.entry} log={r.log} at={r.at} />] : [])).reverse()}
      </div>
    </Block>
  )
}

function Cures() {
  const { state, when } = useJob()
  if (state.locks.length === 0) return null
  return (
    <Block title={say.curingOneClockHolds}>
      <ul className="grid gap-1.5 text-[17px]">
        {state.locks.map((l) => (
          <li
            key={l.subject}
            className="grid gap-x-4 rounded-md border border-rule bg-paper px-4 py-2 md:grid-cols-[minmax(0,1fr)_auto_auto]"
          >
            <span>
              {titleOf(state, l.subject)} <span className="text-[14px] text-steel">{l.product}</span>
            </span>
            {l.disturbed ? (
              <span className="text-stop md:col-span-2">{say.disturbedStripCleanLock(l.disturbed)}</span>
            ) : (
              <>
                <Clock name={say.toSpin} at={l.handlingAt} now={when.earliest} />
                <Clock name={say.toRide} at={l.curedAt} now={when.earliest} />
              </>
            )}
          </li>
        ))}
      </ul>
    </Block>
  )
}

function Clock({ name, at, now }: { readonly name: string; readonly at: number; readonly now: number }) {
  if (now >= at) return <span className="whitespace-nowrap text-ok">● {name}</span>
  return (
    <span className="whitespace-nowrap font-semibold text-pose">
      {say.curedIn(name, spanText(at - now))}
      {now > 0 ? <span className="font-normal text-steel">, {clockText(at, now)}</span> : null}
    </span>
  )
}

function Checks() {
  const { state, now, when, open, log, mayWork, person, nameOf } = useJob()
  const look = (id: AnyCheck): void => {
    if (!isCheck(id)) return
    const sheet = settledBy(id, state)
    if (sheet) open(sheet)
    else log('check-passed', { check: id, shown: 'looked at' })
  }
  return (
    <Block title={say.checks}>
      <ul className="grid gap-2">
        {relevantChecks(state).map((id) => {
          const status = checkStatus(state, id, when)
          const record = state.checks[id]
          const mark = record?.passed ?? record?.overridden ?? record?.failed
          const list = isCheck(id) && looksOf(id) !== null
          const ticked = isCheck(id) && (id === 'pinch' || id === 'calibration' || settledBy(id, state) !== null)
          const may = mayOverride(id)
          const left = record?.passed?.items?.filter((i) => i.result === 'not tested') ?? []
          return (
            <li key={id} className="flex flex-wrap items-center gap-3 rounded-md border border-rule bg-paper px-4 py-2">
              <div className="flex-1 basis-64">
                <p className="text-[18px] font-semibold">
                  {status.open ? (
                    <span className={status.how === 'overridden' ? 'text-look' : 'text-ok'}>
                      {status.how === 'overridden' ? '◆' : '●'}{' '}
                    </span>
                  ) : (
                    <span className="text-stop">▲ </span>
                  )}
                  {checkWords(id)}
                </p>
                {mark ? (
                  <p className="text-[14.5px] text-steel">
                    {say.checkOutcome(
                      status.how === 'overridden',
                      record?.overridden?.reason,
                      Boolean(record?.failed),
                      nameOf(mark.by),
                      now,
                      clockText(mark.at, now),
                    )}
                  </p>
                ) : null}
                {!status.open || status.how === 'overridden'
                  ? status.missing.slice(0, SHOWN).map((m) => (
                      <p key={JSON.stringify(m)} className="text-[15.5px]">
                        {missingWords(m, state)}
                      </p>
                    ))
                  : null}
                {(!status.open || status.how === 'overridden') && status.missing.length > SHOWN ? (
                  <p className="text-[15.5px]">{say.andMore(status.missing.length - SHOWN)}</p>
                ) : null}
                {left.length > 0 ? <p className="text-[15.5px] text-look">{say.notTestedAre(left.map(itemWords).join(', '))}</p> : null}
              </div>
              {!status.open && mayWork ? (
                <div className="flex gap-2">
                  {ticked ? (
                    <Button onClick={() => look(id)}>
                      {list ? say.lookAndAnswer : (isCheck(id) && say.CHECK_ACTION[id]) || say.itIsRight}
                    </Button>
                  ) : null}
                  {may === 'mechanic' || (may === 'lead' && person.role === 'lead') ? (
                    <Button weight="quiet" onClick={() => open({ kind: 'override', check: id })}>
                      {say.goOnWithoutWhy}
                    </Button>
                  ) : null}
                </div>
              ) : null}
            </li>
          )
        })}
      </ul>
    </Block>
  )
}
