'use client'
import * as say from '../../words/en/screens/prove'
import {
  type CheckId,
  checkStatus,
  isCheck,
  ladderIn,
  looksOf,
  openedIn,
  relevantChecks,
  rideShut,
  ridesPassed,
  stageIndex,
  wantedIn,
} from '../../core/job'
import { rungOf, STOP_SIGNS } from '../../core/ride'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { checkWords } from '../../words/en/checks'
import { useJob } from '../shared/context'
import { OPENED_WORDS, RIDE_HOW } from '../../words/en/rides'
import { STOP_WORDS } from '../../words/en/stop-signs'
import { SheetCautions } from '../shared/later'
import { OpenedBlock } from './opened-block'

/** What still has to be proved, by what was opened; what holds it; and what ends it at once. */
export function ProveCard() {
  const { state, now, when, log, mayWork, show, open } = useJob()
  const opened = openedIn(state)
  const passed = ridesPassed(state)
  const wanted = wantedIn(state)
  const left = wanted.filter((r) => !passed.has(r))
  const next = left[0]
  const rolls = ladderIn(state).rungs.some((r) => rungOf(r).kind !== 'run')
  const shut = next ? rideShut(state, next, when) : []
  const cured = Math.max(0, ...state.locks.filter((l) => l.disturbed === undefined).map((l) => l.curedAt))
  const on = (): void => {
    if (stageIndex(state.stage) < stageIndex('hand back')) log('stage-moved', { to: 'hand back' })
    show('hand back')
  }
  const held = shut.map((s) =>
    s.check === 'full cure' ? say.theThreadlockerToCure : s.check === 'brakes' ? say.theBrakesToBe : checkWords(s.check).toLowerCase(),
  )
  // A plan's own steps pass its checks; without one they are made here, before the ride.
  const toLook = state.planned ? [] : relevantChecks(state).filter((c) => isCheck(c) && looksOf(c) && !checkStatus(state, c, when).open)
  if (opened === null) return <OpenedBlock />
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{next ? say.provedOf(wanted.length - left.length, wanted.length) : say.prove}</p>
      <h2 className="title text-[30px]">{!next ? say.provedAsFarAs : shut.length > 0 ? say.notYetWaiting(held) : RIDE_HOW[next].title}</h2>
      {next && held.length > 2 ? (
        <ul className="list-inside list-disc text-[17px]">
          {held.slice(1).map((what) => (
            <li key={what}>{what}</li>
          ))}
        </ul>
      ) : null}
      <p className="text-[16px] text-steel">
        {opened.length > 0
          ? say.becauseItOpened(
              opened
                .filter((o) => o !== 'cover' || opened.length === 1)
                .map((o) => OPENED_WORDS[o])
                .join(', '),
            )
          : say.becauseNothing}
      </p>
      {next ? (
        <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
          <p>
            <span className="font-bold text-stop">▲ </span>
            {say.stopAtOnceAt(STOP_SIGNS.map((s) => STOP_WORDS[s].toLowerCase()).join(', '))}
          </p>
          {rolls ? <SheetCautions sheet="ride" className="mt-1 grid gap-1" /> : null}
        </div>
      ) : null}
      {next ? (
        <ol className="grid gap-1.5">
          {left.map((r) => (
            <li key={r} className={r === next ? 'text-[17px]' : 'text-[16px]'}>
              <span className="font-semibold">
                {r === next ? '◉' : '○'} {RIDE_HOW[r].title}.
              </span>{' '}
              {RIDE_HOW[r].how}
            </li>
          ))}
        </ol>
      ) : (
        <p className="text-[17px]">{say.everyTestRide}</p>
      )}
      {shut.some((s) => s.check === 'full cure') && cured > now && now > 0 ? (
        <p className="text-[18px] font-semibold text-pose">{say.curedTheClockRuns(clockText(cured, now))}</p>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork
          ? toLook.map((check) => (
              <Button key={check} weight="primary" onClick={() => open({ kind: 'spin', check: check as CheckId })}>
                {say.lookNow(checkWords(check))}
              </Button>
            ))
          : null}
        {mayWork && next && shut.length === 0 ? (
          <Button weight={toLook.length > 0 ? 'plain' : 'primary'} onClick={() => open({ kind: 'ride' })}>
            {say.backFromIt(rolls)}
          </Button>
        ) : null}
        {mayWork ? (
          <Button weight={!next || shut.length > 0 ? 'primary' : 'quiet'} onClick={on}>
            {say.onToHandBack}
          </Button>
        ) : null}
      </div>
    </article>
  )
}
