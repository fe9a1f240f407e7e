'use client'
import clsx from 'clsx'
import { deadAt, looseCount, proofEnds } from '../../core/job'
import { clockText, spanText } from '../../ui/time'
import { count, looseText, powerWord } from '../shared/words'
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
      <button type="button" onClick={() => open({ kind: 'power' })} className="flex min-h-12 flex-1 flex-wrap items-center gap-x-4 px-4 py-1 text-left">
        <span className="title text-[20px]">{word.sign} {word.word}</span>
        <span className="narrow text-[16px] font-medium">
          {power.disputed ? 'two devices disagree: treat it as live' : proved && proof ? `proved dead ${clockText(proof.at, now)} by ${nameOf(proof.by)}` : power.mark ? `since ${clockText(power.mark.at, now)} by ${nameOf(power.mark.by)}` : 'nobody has isolated it yet'}
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
  const { view, state, open, nameOf, now } = useJob()
  const parts: React.ReactNode[] = []
  if (!view.keeps) parts.push(<p key="k">▲ This browser keeps nothing (a private window?), so nothing can be logged here. Open the job in an ordinary window.</p>)
  if (view.link === 'alone') parts.push(<p key="a">◆ No connection. What you log is kept on this device and goes up by itself.</p>)
  if (view.link === 'signed out') parts.push(<p key="s">◆ Your sign-in has ended. What you logged is kept here; <a className="font-semibold underline" href={`/sign-in?to=/jobs/${state.jobId}`}>sign in again</a> to send it.</p>)
  if (view.shelf.length > 0) parts.push(<p key="f">▲ {count(view.shelf.length, 'entry', 'entries')} not taken by the server. <button type="button" className="font-semibold underline" onClick={() => open({ kind: 'shelf' })}>See why</button></p>)
  if (view.badPhotos.length > 0) parts.push(<p key="b">▲ {count(view.badPhotos.length, 'photo')} not taken by the server: {view.badPhotos[0]!.fault}</p>)
  if (now > 0 && !window.isSecureContext) parts.push(<p key="i">◆ This address is not secure, so nothing is kept for use without a network, and photos cannot be taken. Open Nailsmith by https.</p>)
  if (state.unknown > 0) parts.push(<p key="u">◆ This journal holds entries of a newer Nailsmith. Reload to go on.</p>)
  if (state.handedOver && !state.handedBack) parts.push(<p key="h">◆ Handed over by {nameOf(state.handedOver.by)} to {nameOf(state.handedOver.to)}{state.handedOver.text ? `: ${state.handedOver.text}` : ''}</p>)
  if (state.parked) parts.push(<p key="p">◆ Parked by {nameOf(state.parked.by)}: {state.parked.why}. Safe because: {state.parked.safe}{state.parked.where ? `. Bag: ${state.parked.where}` : ''}</p>)
  return <div role="status" aria-live="polite" className={parts.length > 0 ? 'grid gap-1 bg-look-tint px-4 py-2 text-[15.5px] text-ink' : 'sr-only'}>{parts}</div>
}
