'use client'
import * as say from '../../words/en/screens/handback'
import { useState } from 'react'
import { type AnyCheck, mayOverride, stageMissing } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { useJob } from '../shared/context'
import { checkWords } from '../../words/en/checks'
import { Rechecks } from './rechecks'
import { SavePage } from './save-page'

/** What still stands in the way; when to look again; to whom it goes; and the page to print or keep. */
export function HandBackCard() {
  const { state, when, log, mayWork, person, open, nameOf } = useJob()
  const [to, setTo] = useState(state.machine.owner ?? '')
  const [fault, setFault] = useState<string>()
  const missing = stageMissing(state, 'handed back', when).flatMap((m) => (m.is === 'check' ? [m.check] : []))
  if (state.handedBack) {
    return (
      <article className="flex min-h-full flex-col gap-3">
        <p className="text-[15px] text-steel">{say.handBack}</p>
        <h2 className="title text-[30px]">{say.itHasGoneHome}</h2>
        <p className="text-[17px]">{say.toByThePage(state.handedBack.to, nameOf(state.handedBack.by))}</p>
        <Rechecks />
        <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
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
        {mayWork ? (
          <TextField label={say.handedTo} value={to} onChange={(e) => (setFault(undefined), setTo(e.target.value))} maxLength={200} />
        ) : null}
        {fault ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            ▲ {fault}
          </p>
        ) : null}
        {mayWork ? (
          <Button
            weight="primary"
            disabled={missing.length > 0}
            onClick={() => (to.trim() ? log('handed-back', { to: to.trim() }) : setFault(say.toWhomDoes))}
          >
            {say.handItBack}
          </Button>
        ) : null}
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
