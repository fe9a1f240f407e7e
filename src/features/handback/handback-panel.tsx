'use client'
import { useState } from 'react'
import { checkStatus, type JobState, type Mark, relevantChecks, stageMissing, tally } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { clockText } from '../../ui/time'
import { count } from '../shared/words'
import { useJob } from '../shared/context'
import { checkWords } from '../shared/check-words'

/** What was not checked, or was passed over; said plainly. */
function notChecked(state: JobState, now: number): string[] {
  return relevantChecks(state).flatMap((id) => {
    const status = checkStatus(state, id, now)
    if (!status.open) return [`${checkWords(id)}: not done${status.missing.length > 0 && id === 'tray adds up' ? ` (${status.missing.slice(0, 6).join('; ')})` : ''}`]
    if (status.how === 'overridden') return [`${checkWords(id)}: passed over. ${state.checks[id]?.overridden?.reason ?? ''}`]
    return []
  })
}

/** The page that goes with the machine: what was done, by whom, and what was not checked. Prints on one side. */
export function HandBackPanel() {
  const { state, now, nameOf } = useJob()
  const by = (m: Mark | undefined): string => (m ? `${nameOf(m.by)}, ${now > 0 ? clockText(m.at, now) : ''}` : '')
  const done = [...state.down, ...state.up].filter((s) => state.steps[s.id]?.status === 'done')
  const people = [...new Set(done.flatMap((s) => (state.steps[s.id]?.mark ? [nameOf(state.steps[s.id]!.mark!.by)] : [])))]
  const t = tally(state)
  const open = notChecked(state, now)
  const tightened = state.up.filter((s) => s.torque && state.steps[s.id]?.status === 'done')
  const replaced = Object.values(state.parts).filter((p) => p.replaced)
  const differs = [...state.down, ...state.up].flatMap((s) => [...(state.steps[s.id]?.differs ?? []), ...(state.steps[s.id]?.status === 'left' ? [`left on: ${s.title}. ${state.steps[s.id]?.reason ?? ''}`] : [])])
  return (
    <div className="overflow-y-auto bg-paper px-6 py-5 print:overflow-visible print:p-0">
      <header className="mb-3 border-b-2 border-ink pb-2">
        <p className="text-[15px] text-steel">Job {state.number} · {state.machine.owner || 'no owner given'}</p>
        <h2 className="title text-[27px]">{state.machine.name} {state.machine.unit} · {state.job || 'what was done'}</h2>
      </header>
      <Section title="It came in because">{state.symptoms.map((s) => s.text).join('; ') || state.complaint || 'not said'}{state.faults.length > 0 ? `. Found: ${state.faults.map((f) => f.text).join('; ')}.` : ''}</Section>
      {state.damage.length > 0 ? <Section title="Already damaged">{state.damage.map((d) => d.text).join('; ')}</Section> : null}
      <Section title="What was done">
        {done.length === 0 ? 'Nothing is logged.' : `${count(done.filter((s) => s.limb === 'down').length, 'step')} down, ${done.filter((s) => s.limb === 'up').length} up, by ${people.join(' and ')}. ${count(t.removed, 'fixing')} off, ${t.fresh} new, ${t.refitted} back, ${t.notGoingBack} not going back${t.open !== 0 ? `; ${t.open} do not add up` : ''}.`}
        {replaced.map((p) => <p key={p.id} className="font-semibold">New {p.name}{p.replaced?.newSerial ? `, no. ${p.replaced.newSerial}` : ''}{p.replaced?.oldSerial ? ` (old: ${p.replaced.oldSerial})` : ''}</p>)}
      </Section>
      {tightened.length > 0 ? (
        <Section title="Tightened to numbers">
          {tightened.map((s) => <p key={s.id}>{s.title}: {s.torque!.value} N·m ({s.torque!.source}), {by(state.steps[s.id]?.mark)}</p>)}
        </Section>
      ) : null}
      {state.readings.length > 0 ? <Section title="Readings">{state.readings.map((r) => <p key={r.entry}>{r.quantity} {r.value} {r.unit}{r.place ? ` at ${r.place}` : ''}, {r.live ? 'live' : 'dead'}</p>)}</Section> : null}
      {differs.length > 0 ? <Section title="Different from the file">{differs.map((d, i) => <p key={i}>{d}</p>)}</Section> : null}
      <Section title="Rides">{state.rides.length === 0 ? 'Not ridden.' : state.rides.map((r) => <p key={r.entry}>{r.text}{r.kilometres !== undefined ? `, ${r.kilometres} km` : ''} ({nameOf(r.by)})</p>)}</Section>
      <section className={open.length > 0 ? 'my-3 border-l-[6px] border-look bg-look-tint px-4 py-2' : 'my-3'}>
        <h3 className="title text-[18px]">Not checked</h3>
        {open.length === 0 ? <p className="text-[16.5px]">Every check of this job was made. What has no check was not looked at.</p> : <ul>{open.map((o) => <li key={o} className="text-[16.5px]">◆ {o}</li>)}</ul>}
      </section>
      {state.rechecks.length > 0 ? <Section title="Check again">{state.rechecks.map((r) => <p key={r.entry}>{r.what}: {r.due}</p>)}</Section> : null}
      {state.handedBack ? <p className="mt-4 text-[17px] font-semibold">● Handed back to {state.handedBack.to}, {by(state.handedBack)}{state.addenda > 0 ? ` · ${count(state.addenda, 'later entry', 'later entries')}, an addendum` : ''}</p> : null}
    </div>
  )
}

function Section({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <section className="mb-3">
      <h3 className="narrow text-[15px] text-steel">{title}</h3>
      <div className="text-[16.5px]">{children}</div>
    </section>
  )
}

export function HandBackCard() {
  const { state, now, log, mayWork, person, open, nameOf } = useJob()
  const [to, setTo] = useState(state.machine.owner ?? '')
  const [what, setWhat] = useState('')
  const [due, setDue] = useState('')
  const [fault, setFault] = useState<string>()
  const missing = stageMissing(state, 'handed back', now)
  if (state.handedBack) {
    return (
      <article className="flex min-h-full flex-col gap-3">
        <p className="text-[15px] text-steel">Hand back</p>
        <h2 className="title text-[30px]">It has gone home</h2>
        <p className="text-[17px]">To {state.handedBack.to}, by {nameOf(state.handedBack.by)}. What is logged now is an addendum.</p>
        <div className="sticky -bottom-4 mt-auto bg-paper pb-4 pt-2"><Button weight="primary" className="w-full" onClick={() => window.print()}>Print the page</Button></div>
      </article>
    )
  }
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">Hand back</p>
      <h2 className="title text-[30px]">{missing.length === 0 ? 'Read it over, hand it back' : 'Not ready to go home'}</h2>
      {missing.length > 0 ? (
        <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[17px]">
          <p className="font-semibold"><span className="text-stop">▲ </span>Still open:</p>
          <ul>
            {missing.map((m) => (
              <li key={m} className="flex flex-wrap items-center justify-between gap-2">
                {checkWords(m)}
                {mayWork && (m === 'tray adds up' || m === 'ridden' || ((m === 'spin test' || m === 'calibration') && person.role === 'lead')) ? <Button weight="quiet" onClick={() => open({ kind: 'override', check: m })}>Pass over, why</Button> : null}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {mayWork ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), what.trim() && due.trim() && (log('recheck-set', { what: what.trim(), due: due.trim() }), setWhat(''), setDue('')))}>
          <div className="grid grid-cols-2 gap-2">
            <TextField label="Check again" value={what} onChange={(e) => setWhat(e.target.value)} placeholder="axle nut marks" maxLength={300} />
            <TextField label="When" value={due} onChange={(e) => setDue(e.target.value)} placeholder="after 20 km" maxLength={60} />
          </div>
          <Button type="submit" disabled={!what.trim() || !due.trim()}>Add it to the page</Button>
        </form>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? <TextField label="Handed to" value={to} onChange={(e) => (setFault(undefined), setTo(e.target.value))} maxLength={200} /> : null}
        {fault ? <p role="alert" className="text-[16px] font-semibold text-stop">▲ {fault}</p> : null}
        {mayWork ? (
          <Button
            weight="primary" disabled={missing.length > 0}
            onClick={() => (to.trim() ? log('handed-back', { to: to.trim() }) : setFault('To whom does it go?'))}
          >
            Hand it back
          </Button>
        ) : null}
        <Button onClick={() => window.print()}>Print the page</Button>
      </div>
    </article>
  )
}
