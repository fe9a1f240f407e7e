'use client'
import * as grown from '../../words/en/screens/grown'
import * as say from '../../words/en/screens/handback'
import { useState } from 'react'
import { type AnyCheck, type ComplaintNow, mayOverride, mayWriteAs, stageMissing } from '../../core/job'
import { Button, buttonClass } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { useJob } from '../shared/context'
import { checkWords } from '../../words/en/checks'
import { ComplaintTiles } from './complaint-tiles'
import { Rechecks } from './rechecks'
import { SavePage } from './save-page'

/** What still stands in the way; when to look again; to whom it goes; and the page to print or keep. */
export function HandBackCard() {
  const { state, when, log, mayWork, person, open, nameOf, form, view } = useJob()
  const [to, setTo] = useState(state.machine.owner ?? '')
  const [complaint, setComplaint] = useState<ComplaintNow | ''>('')
  const [used, setUsed] = useState('')
  const [fault, setFault] = useState<string>()
  const asks = mayWriteAs('handed-back', 2, form)
  const missing = stageMissing(state, 'handed back', when).flatMap((m) => (m.is === 'check' ? [m.check] : []))
  const handBack = (): void => {
    const shown = used.trim() === '' ? undefined : readNumber(used)
    if (asks && state.complaint && !complaint) return setFault(say.isItGoneAsk)
    if (shown === null || (shown !== undefined && (shown < 0 || shown > 10_000_000))) return setFault(say.isNoCount(used))
    if (!to.trim()) return setFault(say.toWhomDoes)
    log('handed-back', {
      to: to.trim(),
      ...(complaint ? { complaint } : {}),
      ...(shown !== undefined && state.usedAtDoor ? { used: { value: shown, unit: state.usedAtDoor.unit } } : {}),
    })
  }
  if (state.handedBack) {
    return (
      <article className="flex min-h-full flex-col gap-3">
        <p className="text-[15px] text-steel">{say.handBack}</p>
        <h2 className="title text-[30px]">{state.handedBack.as ? say.itHasGoneNotRepaired : say.itHasGoneHome}</h2>
        <p className="text-[17px]">{say.toByThePage(state.handedBack.to, nameOf(state.handedBack.by))}</p>
        <Rechecks />
        <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
          {/* The server grows it, once it has the last line. */}
          {state.offs.length > 0 && view.unsent.size > 0 ? <p className="text-[16px] text-steel">{grown.onceSent}</p> : null}
          {state.offs.length > 0 && view.unsent.size === 0 ? (
            <a className={buttonClass()} href={`/machines/from/${state.jobId}`}>
              {state.machine.file ? grown.whatItAdds : grown.aFileGrew}
            </a>
          ) : null}
          <SavePage />
          <Button weight="primary" onClick={() => window.print()}>
            {say.printThePage}
          </Button>
        </div>
      </article>
    )
  }
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.handBack}</p>
      <h2 className="title text-[30px]">{missing.length === 0 ? say.readItOverHand : say.notReadyToGo}</h2>
      {missing.length > 0 ? (
        <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[17px]">
          <p className="font-semibold">
            <span className="text-stop">▲ </span>
            {say.stillOpen}
          </p>
          <ul>
            {missing.map((m) => (
              <li key={m} className="flex flex-wrap items-center justify-between gap-2">
                {checkWords(m)}
                {mayWork && mayPass(m, person.role) ? (
                  <Button weight="quiet" onClick={() => open({ kind: 'override', check: m })}>
                    {say.goOnWithoutWhy}
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      <Rechecks />
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork && asks ? <ComplaintTiles value={complaint} onChange={(c) => (setFault(undefined), setComplaint(c))} /> : null}
        {mayWork && asks && state.usedAtDoor ? (
          <TextField
            label={say.counterShows(state.usedAtDoor.value, state.usedAtDoor.unit)}
            value={used}
            onChange={(e) => (setFault(undefined), setUsed(e.target.value))}
            inputMode="decimal"
            autoComplete="off"
            maxLength={12}
          />
        ) : null}
        {mayWork ? (
          <TextField label={say.handedTo} value={to} onChange={(e) => (setFault(undefined), setTo(e.target.value))} maxLength={200} />
        ) : null}
        <Fault text={fault} />
        {mayWork ? (
          <Button weight="primary" disabled={missing.length > 0} onClick={handBack}>
            {say.handItBack}
          </Button>
        ) : null}
        {mayWork && missing.length > 0 ? <Button onClick={() => open({ kind: 'not repaired' })}>{say.handBackNotRepaired}</Button> : null}
        <SavePage />
        <Button onClick={() => window.print()}>{say.printThePage}</Button>
      </div>
    </article>
  )
}

function mayPass(check: AnyCheck, role: string): boolean {
  const may = mayOverride(check)
  return may === 'mechanic' || (may === 'lead' && role === 'lead')
}
