'use client'
import * as say from '../../words/en/screens/job'
import clsx from 'clsx'
import { clockDoubtful } from '../../client/clock'
import { deadAt, isOpened, looseCount, proofEnds } from '../../core/job'
import { clockText, spanText } from '../../ui/time'
import { looseText, powerWord } from '../../words/en/job-state'
import { useJob } from '../shared/context'

const TONE = {
  stop: 'bg-stop text-on-stop',
  closed: 'border-y-2 border-stop bg-paper text-ink [&_.title]:text-stop',
  look: 'bg-look text-paper',
  ok: 'bg-ok text-on-ok',
} as const

/** Live or not, since when, by whom, what ends it; what is loose; what is not sent. Legible at two metres. */
export function StateStrip() {
  const { state, view, now, nameOf, open } = useJob()
  const { power } = state
  const proved = deadAt(power, now)
  const word = powerWord(power.state, proved, isOpened(state))
  const ends = proofEnds(power)
  const proof = power.proof
  const unsent = view.unsent.size
  return (
    <div className={clsx('flex min-h-10 flex-wrap items-center gap-x-4', TONE[word.tone])}>
      <button
        type="button"
        onClick={() => open({ kind: 'power' })}
        className="flex min-h-12 flex-1 flex-wrap items-center gap-x-4 px-4 py-1 text-left"
      >
        <span className="title text-[20px]">
          {word.sign} {word.word}
        </span>
        <span className="narrow text-[16px] font-medium">
          {power.disputed
            ? say.disputedPower
            : proved && proof
              ? say.provedDead(clockText(proof.at, now), nameOf(proof.by))
              : power.mark
                ? say.since(clockText(power.mark.at, now), nameOf(power.mark.by))
                : say.nobodyIsolatedIt}
          {proved && power.state === 'out' ? say.lapsesWithThePack : null}
          {proved && ends !== null ? say.lapsesIn(spanText(ends - now)) : null}
          {proof?.ended && !proved ? say.proofEnded(proof.ended) : null}
        </span>
        <span className="narrow text-[15px] underline underline-offset-4">{say.changeIt}</span>
      </button>
      <div role="status" className="flex items-center">
        <button
          type="button"
          className="narrow min-h-12 px-4 text-[17px] underline-offset-4 hover:underline"
          onClick={() => open({ kind: 'tray' })}
        >
          {say.looseInTray(Object.keys(state.fixings).length, looseText(looseCount(state)))}
        </button>
        {unsent > 0 ? <span className="narrow pr-4 text-[17px]">{say.notSent(unsent)}</span> : null}
      </div>
    </div>
  )
}

/** What stands between this device and the server, if anything does. */
export function LinkBar() {
  const { view, state, open, nameOf, now, person } = useJob()
  const parts: React.ReactNode[] = []
  if (!view.keeps) parts.push(<p key="k">{say.thisBrowserKeepsNothing}</p>)
  if (view.stranger !== null)
    parts.push(
      <p key="w">
        {say.anotherSignedIn(nameOf(view.stranger), person.name)}{' '}
        <button type="button" className="font-semibold underline" onClick={() => window.location.reload()}>
          {say.goOnAs(nameOf(view.stranger))}
        </button>
      </p>,
    )
  if (view.outdated)
    parts.push(
      <p key="b">
        {say.theShopRuns}{' '}
        <button type="button" className="font-semibold underline" onClick={() => window.location.reload()}>
          {say.loadItAnew}
        </button>{' '}
        {say.beforeYouGoOn}
      </p>,
    )
  if (view.unkept.size > 0) parts.push(<p key="n">{say.keptNowhere(view.unkept.size)}</p>)
  if (view.lost.length > 0) parts.push(<Lost key="l" />)
  if (view.link === 'troubled') parts.push(<p key="t">{say.theShopsServerAnswers}</p>)
  if (view.held.length > 0) parts.push(<p key="o">{say.waitsForSomebody(view.held.length, view.held[0]!.reason)}</p>)
  if (clockDoubtful()) parts.push(<p key="c">{say.thisDevicesClockWas}</p>)
  if (view.link === 'alone') parts.push(<p key="a">{say.noConnection(view.unkept.size)}</p>)
  if (view.link === 'signed out')
    parts.push(
      <p key="s">
        {say.yourSignInHas}{' '}
        <a className="font-semibold underline" href={`/sign-in?to=/jobs/${state.jobId}`}>
          {say.signInAgain}
        </a>{' '}
        {say.toSendIt}
      </p>,
    )
  if (view.shelf.length > 0)
    parts.push(
      <p key="f">
        {say.notTaken(view.shelf.length)}{' '}
        <button type="button" className="font-semibold underline" onClick={() => open({ kind: 'shelf' })}>
          {say.seeWhy}
        </button>
      </p>,
    )
  if (view.badPhotos.length > 0) parts.push(<p key="b">{say.photoNotTaken(view.badPhotos.length, view.badPhotos[0]!.fault)}</p>)
  if (now > 0 && !window.isSecureContext) parts.push(<p key="i">{say.thisAddressIsNot}</p>)
  if (state.unknown > 0) parts.push(<p key="u">{say.thisJournalHoldsEntries}</p>)
  if (state.handedOver && !state.handedBack)
    parts.push(<p key="h">{say.handedOver(nameOf(state.handedOver.by), nameOf(state.handedOver.to), state.handedOver.text)}</p>)
  if (state.parked)
    parts.push(<p key="p">{say.parked(nameOf(state.parked.by), state.parked.why, state.parked.safe, state.parked.where)}</p>)
  return (
    <div
      role="status"
      aria-live="polite"
      className={parts.length > 0 ? 'grid gap-1 bg-look-tint px-4 py-2 text-[15.5px] text-ink' : 'sr-only'}
    >
      {parts}
    </div>
  )
}

/** What this device holds and the server has lost, as after a backup was put back. */
function Lost() {
  const { view, giveBack, mayNote, nameOf } = useJob()
  const people = [...new Set(view.lost.map((l) => nameOf(l.entry.by)))]
  const why = view.lost.find((l) => l.reason !== undefined)?.reason
  return (
    <p>
      {say.theShopsServerWas(view.lost.length, people.join(' and '), why)}
      {mayNote ? (
        <>
          {' '}
          <button type="button" className="font-semibold underline" onClick={giveBack}>
            {say.giveThemBack}
          </button>
        </>
      ) : (
        say.aMechanicGivesThem
      )}
    </p>
  )
}
