'use client'
import { useState } from 'react'
import type { Mark } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'

/** Find the fault: what it does, what was measured, and what it turned out to be. */
export function FaultPanel() {
  const { state, nameOf, now, open, mayWork } = useJob()
  const by = (m: Mark): string => `${nameOf(m.by)}${now > 0 ? `, ${clockText(m.at, now)}` : ''}`
  return (
    <div className="overflow-y-auto bg-bench">
      <Block title="It does">
        <Lines none="Nothing noted." items={state.symptoms.map((s) => ({ key: s.entry, text: `“${s.text}”`, by: by(s) }))} />
      </Block>
      <Block title="Readings" aside={mayWork ? <Button hint="R" onClick={() => open({ kind: 'reading' })}>A reading</Button> : null}>
        {state.readings.length === 0 ? <p className="text-[16px] text-steel">None yet. The cheap ones first: pack voltage, fuse, brake cut-outs unplugged, throttle at rest and full.</p> : (
          <table className="w-full text-left text-[17px]">
            <thead className="narrow text-[14px] text-steel"><tr><th className="py-1 pr-3">What</th><th className="pr-3">Where</th><th className="pr-3 text-right">Shown</th><th className="pr-3">State</th><th>By</th></tr></thead>
            <tbody>
              {state.readings.map((r) => (
                <tr key={r.entry} className="border-t border-rule">
                  <td className="py-1.5 pr-3">{r.quantity}</td><td className="pr-3">{r.place ?? ''}</td>
                  <td className="pr-3 text-right text-[21px] font-semibold tabular-nums">{r.value} {r.unit}</td>
                  <td className="pr-3">{r.live ? <span className="text-stop">▲ live</span> : 'dead'}</td><td className="text-[14px] text-steel">{by(r)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Block>
      <Block title="The fault">
        <Lines none="Not called yet." items={state.faults.map((f) => ({ key: f.entry, text: f.text, by: by(f) }))} />
      </Block>
    </div>
  )
}

export function FaultCard() {
  const { state, log, show, mayWork } = useJob()
  const [text, setText] = useState('')
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">Find the fault</p>
      <h2 className="title text-[30px]">Measure, then call it</h2>
      <p className="text-[17px]">Log each reading as it is taken, live or dead. When it is clear enough to act on, call the fault.</p>
      {mayWork ? (
        <form className="grid gap-2" onSubmit={(e) => (e.preventDefault(), text.trim() && (log('fault-called', { fault: text.trim() }), setText('')))}>
          <TextField label="It is" value={text} onChange={(e) => setText(e.target.value)} placeholder="Hall wire broken at the axle" maxLength={300} />
          <Button type="submit">Call it</Button>
        </form>
      ) : null}
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        <Button weight="primary" onClick={() => show('take in')}>{state.planned ? 'Look at the job' : 'Choose the job to do'}</Button>
      </div>
    </article>
  )
}
