'use client'
import * as say from '../../words/en/screens/job-sheets'
import { useState } from 'react'
import { openItems, standsOut } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextArea, TextField, Tiles } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { openItemWords } from '../../words/en/open-items'
import { useJob } from '../shared/context'

/** What is open on the job, the dangerous first. */
function OpenItems() {
  const { state, now } = useJob()
  return (
    <ul className="grid gap-1 rounded-md border border-rule p-3 text-[16px]">
      {openItems(state, now || state.lastAt).map((i) => (
        <li key={JSON.stringify(i)}>
          {standsOut(i) ? <span className="font-bold text-look">◆ </span> : '· '}
          {openItemWords(i, state)}
        </li>
      ))}
    </ul>
  )
}

/** The job left overnight, or for parts: safe to leave, and taken up exactly here. */
export function ParkSheet({ onClose }: { readonly onClose: () => void }) {
  const { log, state } = useJob()
  const [why, setWhy] = useState('')
  const [where, setWhere] = useState('')
  const [safe, setSafe] = useState(() => safeWords(state.power.state, state.pose.name))
  const [fault, setFault] = useState<string>()
  return (
    <Sheet open onClose={onClose} title={say.parkIt} note={say.soThatItCan}>
      <div className="grid gap-4">
        <OpenItems />
        <TextField
          label={say.why}
          value={why}
          onChange={(e) => setWhy(e.target.value)}
          placeholder={say.waitingForAMotor}
          maxLength={300}
        />
        <TextField
          label={say.whereTheBagLies}
          value={where}
          onChange={(e) => setWhere(e.target.value)}
          placeholder={say.shelf2BlueBag}
          maxLength={300}
        />
        <TextField
          label={say.whatMakesItSafe}
          value={safe}
          onChange={(e) => setSafe(e.target.value)}
          placeholder={say.isolatedProppedLabelled}
          maxLength={300}
        />
        <Fault text={fault} />
        <Button
          weight="primary"
          onClick={() => {
            if (!why.trim()) return setFault(say.whyIsItLeft)
            if (!safe.trim()) return setFault(say.whatMakesItSafeIsolated)
            log('parked', { why: why.trim(), where: where.trim(), safe: safe.trim() })
            onClose()
          }}
        >
          {say.parkIt}
        </Button>
      </div>
    </Sheet>
  )
}

/** What can be said of it already; nothing while it is live, since then it is not safe to leave. */
function safeWords(power: 'live' | 'isolated' | 'out', pose: string): string {
  if (power === 'live') return ''
  return `${power === 'out' ? say.packOutAndAway : say.isolatedPlugCapped}${pose ? `, ${pose}` : ''}`
}

/** The job given to somebody else, with what is open. */
export function HandOverSheet({ onClose }: { readonly onClose: () => void }) {
  const { log, people, person } = useJob()
  const others = people.filter((p) => p.id !== person.id && (p.role === 'lead' || p.role === 'mechanic'))
  const [to, setTo] = useState('')
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  return (
    <Sheet open onClose={onClose} title={say.handItOver} note={say.theyTakeItUp}>
      <div className="grid gap-4">
        <OpenItems />
        {others.length > 0 ? (
          <Tiles
            legend={say.to}
            name="to"
            value={to}
            onChange={(id) => (setTo(id), setFault(undefined))}
            options={others.map((p) => ({ value: p.id, label: p.name, hint: p.role }))}
          />
        ) : (
          <p className="text-[16px] text-steel">{say.nobodyElseHereWorks}</p>
        )}
        <TextArea label={say.whatTheyHave} value={text} onChange={(e) => setText(e.target.value)} maxLength={1000} />
        <Fault text={fault} />
        <Button weight="primary" onClick={() => (to ? (log('handed-over', { to, text: text.trim() }), onClose()) : setFault(say.toWhom))}>
          {say.handItOver}
        </Button>
      </div>
    </Sheet>
  )
}
