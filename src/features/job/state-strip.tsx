'use client'
import clsx from 'clsx'
import { clockDoubtful } from '../../client/clock'
import { deadAt, looseCount, proofEnds } from '../../core/job'
import { clockText, spanText } from '../../ui/time'
import { count, looseText, powerWord } from '../../words/en/job-state'
import { useJob } from '../shared/context'

const TONE = { stop: 'bg-stop text-on-stop', look: 'bg-look text-paper', ok: 'bg-ok text-on-ok' } as const

/** Live or not, since when, by whom, what ends it; what is loose; what is not sent. Legible at two metres. */
export function StateStrip() {
  const { state, view, now, nameOf, open } = useJob()
  const { power } = state
  const proved = deadAt(power, now)
  const word = powerWord(power.state, proved)
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
            ? 'two devices disagree: treat it as live'
            : proved && proof
              ? `proved dead ${clockText(proof.at, now)} by ${nameOf(proof.by)}`
              : power.mark
                ? `since ${clockText(power.mark.at, now)} by ${nameOf(power.mark.by)}`
                : 'nobody has isolated it yet'}
          {proved && power.state === 'out' ? ' · lapses when the pack goes back' : ''}
          {proved && ends !== null ? ` · lapses in ${spanText(ends - now)}` : ''}
          {proof?.ended && !proved ? ` · proof ended: ${proof.ended}` : ''}
        </span>
      </button>
      <p className="narrow px-4 text-[17px]" role="status">
        {looseText(looseCount(state))}
        {unsent > 0 ? <span> · {count(unsent, 'entry', 'entries')} not sent yet</span> : null}
      </p>
    </div>
  )
}

/** What stands between this device and the server, if anything does. */
export function LinkBar() {
  const { view, state, open, nameOf, now, person } = useJob()
  const parts: React.ReactNode[] = []
  if (!view.keeps)
    parts.push(
      <p key="k">▲ This browser keeps nothing (a private window?), so nothing can be logged here. Open the job in an ordinary window.</p>,
    )
  if (view.stranger !== null)
    parts.push(
      <p key="w">
        ▲ {nameOf(view.stranger)} is signed in on this browser now; this page was opened by {person.name}, so nothing is logged here.{' '}
        <button type="button" className="font-semibold underline" onClick={() => window.location.reload()}>
          Go on as {nameOf(view.stranger)}
        </button>
      </p>,
    )
  if (view.outdated)
    parts.push(
      <p key="b">
        ◆ The shop runs a newer Nailsmith than this page. What you logged is kept;{' '}
        <button type="button" className="font-semibold underline" onClick={() => window.location.reload()}>
          load it anew
        </button>{' '}
        before you go on.
      </p>,
    )
  if (view.unkept.size > 0)
    parts.push(
      <p key="n">
        ▲ {count(view.unkept.size, 'line is', 'lines are')} kept nowhere on this device: its storage is full or fails. Leave this page open
        until {view.unkept.size === 1 ? 'it is' : 'they are'} sent.
      </p>,
    )
  if (view.lost.length > 0) parts.push(<Lost key="l" />)
  if (view.link === 'troubled')
    parts.push(
      <p key="t">
        ◆ The shop’s server answers, but cannot write now: its disk or its database is in trouble. What you log is kept on this device and
        goes up by itself.
      </p>,
    )
  if (view.held.length > 0)
    parts.push(
      <p key="o">
        ◆ {count(view.held.length, 'line waits', 'lines wait')} on this device for somebody else: {view.held[0]!.reason}
      </p>,
    )
  if (clockDoubtful())
    parts.push(
      <p key="c">
        ◆ This device’s clock was changed, or it was away for long. What has to cure counts as not cured until the server says the time.
      </p>,
    )
  if (view.link === 'alone')
    parts.push(
      <p key="a">
        ◆ No connection.{' '}
        {view.unkept.size > 0 ? 'It is tried again by itself.' : 'What you log is kept on this device and goes up by itself.'}
      </p>,
    )
  if (view.link === 'signed out')
    parts.push(
      <p key="s">
        ◆ Your sign-in has ended. What you logged is kept here;{' '}
        <a className="font-semibold underline" href={`/sign-in?to=/jobs/${state.jobId}`}>
          sign in again
        </a>{' '}
        to send it.
      </p>,
    )
  if (view.shelf.length > 0)
    parts.push(
      <p key="f">
        ▲ {count(view.shelf.length, 'entry', 'entries')} not taken by the server.{' '}
        <button type="button" className="font-semibold underline" onClick={() => open({ kind: 'shelf' })}>
          See why
        </button>
      </p>,
    )
  if (view.badPhotos.length > 0)
    parts.push(
      <p key="b">
        ▲ {count(view.badPhotos.length, 'photo')} not taken by the server: {view.badPhotos[0]!.fault}
      </p>,
    )
  if (now > 0 && !window.isSecureContext)
    parts.push(
      <p key="i">
        ◆ This address is not secure, so nothing is kept for use without a network, and photos cannot be taken. Open Nailsmith by https.
      </p>,
    )
  if (state.unknown > 0) parts.push(<p key="u">◆ This journal holds entries of a newer Nailsmith. Reload to go on.</p>)
  if (state.handedOver && !state.handedBack)
    parts.push(
      <p key="h">
        ◆ Handed over by {nameOf(state.handedOver.by)} to {nameOf(state.handedOver.to)}
        {state.handedOver.text ? `: ${state.handedOver.text}` : ''}
      </p>,
    )
  if (state.parked)
    parts.push(
      <p key="p">
        ◆ Parked by {nameOf(state.parked.by)}: {state.parked.why}. Safe because: {state.parked.safe}
        {state.parked.where ? `. Bag: ${state.parked.where}` : ''}
      </p>,
    )
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
      ▲ The shop’s server was put back from a backup. This device holds {count(view.lost.length, 'line')} of this job, by{' '}
      {people.join(' and ')}, that the server has no more. They are kept here and not mixed in.
      {why ? ` Not taken yet: ${why}` : ''}
      {mayNote ? (
        <>
          {' '}
          <button type="button" className="font-semibold underline" onClick={giveBack}>
            Give them back
          </button>
        </>
      ) : (
        ' A mechanic gives them back.'
      )}
    </p>
  )
}
