'use client'
import * as say from '../../words/en/screens/prove'
import { rideShut, ridesPassed, stageIndex } from '../../core/job'
import { nextRide, RIDE_STAGES, STOP_SIGNS } from '../../core/ride'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { checkWords } from '../../words/en/checks'
import { useJob } from '../shared/context'
import { RIDE_HOW, STOP_WORDS } from '../../words/en/rides'

/** The rung to ride now, what still holds it, and what ends it at once. */
export function ProveCard() {
  const { state, now, when, log, mayWork, show, open } = useJob()
  const passed = ridesPassed(state)
  const stage = nextRide(passed)
  const shut = stage ? rideShut(state, stage, when) : []
  const cured = Math.max(0, ...state.locks.filter((l) => l.disturbed === undefined).map((l) => l.curedAt))
  const on = (): void => {
    if (stageIndex(state.stage) < stageIndex('hand back')) log('stage-moved', { to: 'hand back' })
    show('hand back')
  }
  const held = shut.map((s) =>
    s.check === 'full cure' ? say.theThreadlockerToCure : s.check === 'brakes' ? say.theBrakesToBe : checkWords(s.check).toLowerCase(),
  )
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{stage ? say.testRideOf(RIDE_STAGES.indexOf(stage) + 1, RIDE_STAGES.length) : say.prove}</p>
      <h2 className="title text-[30px]">
        {!stage ? say.riddenAsFarAs : shut.length > 0 ? say.noRideYetWaiting(held.join(' and ')) : RIDE_HOW[stage].title}
      </h2>
      {stage ? (
        <p className="text-[17px]">{say.then(shut.length, RIDE_HOW[stage].title.toLowerCase(), RIDE_HOW[stage].how)}</p>
      ) : (
        <p className="text-[17px]">{say.everyTestRide}</p>
      )}
      {shut.some((s) => s.check === 'full cure') && cured > now && now > 0 ? (
        <p className="text-[18px] font-semibold text-pose">{say.curedTheClockRuns(clockText(cured, now))}</p>
      ) : null}
      {stage ? (
        <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
          <p>
            <span className="font-bold text-stop">▲ </span>
            {say.stopAtOnceAt(STOP_SIGNS.map((s) => STOP_WORDS[s].toLowerCase()).join(', '))}
          </p>
          <p>
            <span className="font-bold text-look">◆ </span>
            {say.privateGroundHelmetSlow}
          </p>
        </div>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork && stage && shut.length === 0 ? (
          <>
            <Button weight="primary" onClick={() => log('ride-added', { stage, outcome: 'passed' })}>
              {say.riddenNothingWrong}
            </Button>
            <Button onClick={() => open({ kind: 'ride', stage })}>{say.stoppedOrAddNotes}</Button>
          </>
        ) : null}
        {mayWork ? (
          <Button weight={!stage || shut.length > 0 ? 'primary' : passed.has('gentle') ? 'plain' : 'quiet'} onClick={on}>
            {say.onToHandBack}
          </Button>
        ) : null}
      </div>
    </article>
  )
}
