'use client'
import * as say from '../../words/en/screens/handback'
import { useState } from 'react'
import { type ComplaintNow, stageMissing } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { missingWords } from '../../words/en/missing'
import { useJob } from '../shared/context'
import { ComplaintTiles } from './complaint-tiles'

/** A machine that goes home as it is: why, and what is open on it. It is never held back, and its page says that nobody rides it. */
export function NotRepairedSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, when, log, show } = useJob()
  const [to, setTo] = useState(state.machine.owner ?? '')
  const [why, setWhy] = useState('')
  const [complaint, setComplaint] = useState<ComplaintNow | ''>('')
  const [fault, setFault] = useState<string>()
  const missing = stageMissing(state, 'handed back', when)
  const done = (): void => {
    if (!why.trim()) return setFault(say.whyNotRepaired)
    if (!to.trim()) return setFault(say.toWhomDoes)
    log('handed-back', { to: to.trim(), as: 'not repaired', why: why.trim(), ...(complaint ? { complaint } : {}) })
    show('hand back')
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.handBackNotRepaired} note={say.itsPageSays}>
      <div className="grid gap-4">
        {missing.length > 0 ? (
          <div className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16.5px]">
            <p className="font-semibold">
              <span className="text-stop">▲ </span>
              {say.stillOpen}
            </p>
            <ul>
              {missing.map((m) => (
                <li key={JSON.stringify(m)}>{missingWords(m, state)}</li>
              ))}
            </ul>
          </div>
        ) : null}
        <TextField
          label={say.whyIsItNot}
          value={why}
          onChange={(e) => (setFault(undefined), setWhy(e.target.value))}
          placeholder={say.noPartToBeHad}
          maxLength={1000}
        />
        <ComplaintTiles value={complaint} onChange={setComplaint} />
        <TextField label={say.handedTo} value={to} onChange={(e) => (setFault(undefined), setTo(e.target.value))} maxLength={200} />
        <Fault text={fault} />
        <Button weight="stop" onClick={done}>
          {say.handBackNotRepaired}
        </Button>
      </div>
    </Sheet>
  )
}
