'use client'
import { useState } from 'react'
import { openItems, standsOut } from '../../core/job'
import { Button } from '../../ui/button'
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
    <Sheet open onClose={onClose} title="Park it" note="So that it can be left, and taken up exactly here.">
      <div className="grid gap-4">
        <OpenItems />
        <TextField label="Why" value={why} onChange={(e) => setWhy(e.target.value)} placeholder="waiting for a motor" maxLength={300} />
        <TextField
          label="Where the bag lies"
          value={where}
          onChange={(e) => setWhere(e.target.value)}
          placeholder="shelf 2, blue bag"
          maxLength={300}
        />
        <TextField
          label="What makes it safe to leave"
          value={safe}
          onChange={(e) => setSafe(e.target.value)}
          placeholder="isolated, propped, labelled"
          maxLength={300}
        />
        {fault ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            ▲ {fault}
          </p>
        ) : null}
        <Button
          weight="primary"
          onClick={() => {
            if (!why.trim()) return setFault('Why is it left?')
            if (!safe.trim()) return setFault('What makes it safe? Isolated, propped, labelled.')
            log('parked', { why: why.trim(), where: where.trim(), safe: safe.trim() })
            onClose()
          }}
        >
          Park it
        </Button>
      </div>
    </Sheet>
  )
}

/** What can be said of it already; nothing while it is live, since then it is not safe to leave. */
function safeWords(power: 'live' | 'isolated' | 'out', pose: string): string {
  if (power === 'live') return ''
  return `${power === 'out' ? 'pack out and away' : 'isolated, plug capped'}${pose ? `, ${pose}` : ''}`
}

/** The job given to somebody else, with what is open. */
export function HandOverSheet({ onClose }: { readonly onClose: () => void }) {
  const { log, people, person } = useJob()
  const others = people.filter((p) => p.id !== person.id && (p.role === 'lead' || p.role === 'mechanic'))
  const [to, setTo] = useState('')
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  return (
    <Sheet open onClose={onClose} title="Hand it over" note="They take it up exactly here. Above 60 V the proof of dead ends with you.">
      <div className="grid gap-4">
        <OpenItems />
        {others.length > 0 ? (
          <Tiles
            legend="To"
            name="to"
            value={to}
            onChange={(id) => (setTo(id), setFault(undefined))}
            options={others.map((p) => ({ value: p.id, label: p.name, hint: p.role }))}
          />
        ) : (
          <p className="text-[16px] text-steel">Nobody else here works on machines.</p>
        )}
        <TextArea label="What they have to know besides" value={text} onChange={(e) => setText(e.target.value)} maxLength={1000} />
        {fault ? (
          <p role="alert" className="text-[16px] font-semibold text-stop">
            ▲ {fault}
          </p>
        ) : null}
        <Button weight="primary" onClick={() => (to ? (log('handed-over', { to, text: text.trim() }), onClose()) : setFault('To whom?'))}>
          Hand it over
        </Button>
      </div>
    </Sheet>
  )
}
