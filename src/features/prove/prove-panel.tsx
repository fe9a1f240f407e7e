'use client'
import { useState } from 'react'
import { checkStatus, MAY_OVERRIDE, relevantChecks, stageIndex } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/keypad'
import { clockText, spanText } from '../../ui/time'
import { checkWords } from '../shared/check-words'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'

/** Every check that this job has, and how it stands. */
export function ProvePanel() {
  const { state, now, open, log, mayWork, person, nameOf } = useJob()
  const checks = relevantChecks(state)
  return (
    <div className="overflow-y-auto bg-bench">
      <Block title="Checks">
        <ul className="grid gap-2">
          {checks.map((id) => {
            const status = checkStatus(state, id, now)
            const record = state.checks[id]
            const mark = record?.passed ?? record?.overridden
            const ticked = id === 'reaction path' || id === 'brakes' || id === 'spin test' || id === 'pinch' || id === 'calibration'
            const may = MAY_OVERRIDE[id]
            return (
              <li key={id} className="flex flex-wrap items-center gap-3 rounded-md border border-rule bg-paper px-4 py-2">
                <div className="flex-1 basis-64">
                  <p className="text-[18px] font-semibold">
                    {status.open ? <span className={status.how === 'overridden' ? 'text-look' : 'text-ok'}>{status.how === 'overridden' ? '◆' : '●'} </span> : <span className="text-stop">▲ </span>}
                    {checkWords(id)}
                  </p>
                  {mark ? <p className="text-[14.5px] text-steel">{status.how === 'overridden' ? `passed over: ${record?.overridden?.reason}, ` : ''}{nameOf(mark.by)}{now > 0 ? `, ${clockText(mark.at, now)}` : ''}</p> : null}
                  {!status.open || status.how === 'overridden' ? status.missing.slice(0, 8).map((m) => <p key={m} className="text-[15.5px]">{m}</p>) : null}
                </div>
                {!status.open && mayWork ? (
                  <div className="flex gap-2">
                    {ticked ? <Button onClick={() => log('check-passed', { check: id, evidence: 'looked at on the stand' })}>It is right</Button> : null}
                    {may === 'mechanic' || (may === 'lead' && person.role === 'lead') ? <Button weight="quiet" onClick={() => open({ kind: 'override', check: id })}>Pass over, why</Button> : null}
                  </div>
                ) : null}
              </li>
            )
          })}
        </ul>
      </Block>
      {state.locks.length > 0 ? (
        <Block title="Curing">
          <ul className="grid gap-1 text-[17px]">
            {state.locks.map((l) => (
              <li key={l.subject}>
                {l.disturbed ? <span className="text-stop">▲ disturbed: {l.disturbed}</span> : now >= l.curedAt ? <span className="text-ok">● cured</span> : <span className="font-semibold text-pose">◩ {spanText(l.curedAt - now)} to full cure, {clockText(l.curedAt, now)}</span>} · {l.subject}
                {now < l.handlingAt ? <span className="text-look"> · no spin before {clockText(l.handlingAt, now)}</span> : null}
              </li>
            ))}
          </ul>
        </Block>
      ) : null}
      <Block title="Rides">
        <Lines none="Not ridden yet." items={state.rides.map((r) => ({ key: r.entry, text: `${r.text}${r.kilometres !== undefined ? `, ${r.kilometres} km` : ''}`, by: nameOf(r.by) }))} />
      </Block>
    </div>
  )
}

export function ProveCard() {
  const { state, now, log, mayWork, show } = useJob()
  const [text, setText] = useState('')
  const [km, setKm] = useState('')
  const [fault, setFault] = useState<string>()
  const cure = checkStatus(state, 'full cure', now)
  const brakes = relevantChecks(state).includes('brakes') ? checkStatus(state, 'brakes', now) : null
  const hold = [...(state.locks.length > 0 && !cure.open ? ['the locker to cure'] : []), ...(brakes && !brakes.open ? ['the brakes to be looked at'] : [])]
  const ride = (): void => {
    const distance = km.trim() === '' ? undefined : readNumber(km)
    if (!text.trim()) return setFault('How did it ride? A few words.')
    if (distance === null || (distance !== undefined && (distance < 0 || distance > 10_000))) return setFault(`“${km}” is not a distance in kilometres.`)
    log('ride-added', { text: text.trim(), ...(distance !== undefined ? { kilometres: distance } : {}) })
    setText('')
    setKm('')
    setFault(undefined)
  }
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">Prove</p>
      <h2 className="title text-[30px]">{hold.length > 0 ? `No ride yet: waiting for ${hold.join(' and ')}` : 'Ride it, walking pace first'}</h2>
      <p className="text-[17px]">Wheel off the ground, walking pace, brake stops, then gentle. Stop at a noise, a smell, a code, or a mark that has moved.</p>
      <p className="border-l-[6px] border-look bg-look-tint px-4 py-2.5 text-[16.5px]"><span className="font-bold text-look">◆ </span>Private ground, helmet, slow. Local rules decide where it may be ridden.</p>
      {mayWork && hold.length === 0 ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), ride())}>
          <TextField label="How did it ride?" value={text} onChange={(e) => setText(e.target.value)} placeholder="pulls clean from standstill, quiet" maxLength={1000} />
          <TextField label="Kilometres" value={km} onChange={(e) => setKm(e.target.value)} inputMode="decimal" />
          {fault ? <p role="alert" className="text-[16px] font-semibold text-stop">▲ {fault}</p> : null}
          <Button type="submit">Log the ride</Button>
        </form>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? <Button weight="primary" onClick={() => (stageIndex(state.stage) < stageIndex('hand back') ? log('stage-moved', { to: 'hand back' }) : undefined, show('hand back'))}>On to hand back</Button> : null}
      </div>
    </article>
  )
}
