'use client'
import { useState } from 'react'
import { type Bodies, chargeOf } from '../../core/job'
import { type ProofFault, proofFaults, proofPlaces, predictDead } from '../../core/safety'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { Keypad, readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { cautionsOf } from '../../words/en/cautions'
import { type JobContext, useJob } from '../shared/context'
import { OneHand } from './one-hand'

/** Where a proof is measured: at every controller of the file, else where the mechanic says. */
function feeds(file: JobContext['file']): string[] {
  const found = (file?.connections ?? []).filter((c) => file?.pack && c.mates.includes(file.pack.part) && c.id !== file.pack.plug)
  return found.length > 0 ? found.map((c) => `${c.name}, + and −`) : ['controller side, + and −']
}

function faultWords(fault: ProofFault): string {
  switch (fault.kind) {
    case 'above the limit':
      return `${fault.volts} V at the ${fault.between}: not dead. It is logged as such. Press the power button, wait, measure again.`
    case 'tester shows nothing':
      return `The tester shows ${fault.volts} V on a source that is known to be live: it proves nothing. It is logged as such. Another tester, from the start.`
    case 'missing':
      return `The reading “${fault.role}” is missing: above 60 V all five are wanted.`
    case 'out of order':
      return 'The tester has to be proved first and last.'
  }
}

/** Proving dead: up to 60 V a checked meter and a reading at each controller, above it the five readings. No pedal passes it. */
export function ProofSheet({ step, onClose }: { readonly step?: string; readonly onClose: () => void }) {
  const { file, state, person, open, log, logAll, now, view } = useJob()
  const { cls, volts: full } = chargeOf(state)
  const unanswered = cls === 'B' && state.checks['qualified']?.passed?.by !== person.id
  const places = proofPlaces(cls, feeds(file))
  const [values, setValues] = useState<string[]>(places.map(() => ''))
  const [at, setAt] = useState(0)
  const [instrument, setInstrument] = useState('')
  const [fault, setFault] = useState<string>()
  const limit = state.settings.deadVolts
  const done = (): void => {
    const volts = values.map(readNumber)
    const bad = volts.findIndex((v) => v === null)
    if (bad >= 0) {
      setAt(bad)
      return setFault(values[bad] ? `“${values[bad]}” is not a voltage.` : 'Key in what the meter shows, 0 too.')
    }
    const wild = volts.findIndex((v) => Math.abs(v!) > 2000)
    if (wild >= 0) return (setAt(wild), setFault('No meter here reads that. Look at the range.'))
    if (!instrument.trim()) return setFault('Which meter? It has to be one that was checked.')
    const readings = places.map((p, i) => ({ between: p.between, volts: volts[i]!, ...(cls === 'B' ? { role: p.role } : {}) }))
    const wrong = proofFaults(readings, cls, limit)[0]
    logAll([
      { kind: 'proof-taken', body: { readings, instrument: instrument.trim() } },
      ...(wrong || step === undefined ? [] : [{ kind: 'step-done' as const, body: { step } as Bodies['step-done'] }]),
    ])
    if (wrong) return setFault(faultWords(wrong))
    onClose()
  }
  const again = predicted(view, places[at]!.between, limit)
  return (
    <Sheet
      open
      onClose={onClose}
      title="Prove it dead"
      note={`${limit} V DC or less at every place. ${cls === 'B' ? `${full === null ? 'Its voltage is not known, so it counts as above 60 V' : 'Above 60 V'}: a qualified person, five readings, the tester proved before and after. This record is no substitute for the shop’s high-voltage procedure. ` : ''}${state.power.state === 'live' ? 'It still counts as live: isolate it first.' : ''}`}
    >
      {unanswered ? (
        <div className="mb-3 border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16px]">
          <p>
            <span className="font-bold text-stop">▲ </span>
            {full === null ? 'Nobody knows its voltage, so it' : 'It'} is shown dead only by whoever answers for it above 60 V. What you
            measure is logged, and proves nothing yet.
          </p>
          {full === null ? (
            <Button className="mt-2 w-full" onClick={() => open({ kind: 'power' })}>
              Say what its charger says
            </Button>
          ) : null}
          {person.qualified ? (
            <Button
              className="mt-2 w-full"
              onClick={() => log('check-passed', { check: 'qualified', evidence: `${person.name} answers for it` })}
            >
              I am qualified, I make it safe
            </Button>
          ) : null}
        </div>
      ) : null}
      <div className="mb-3 grid grid-cols-[104px_minmax(0,1fr)] gap-3">
        <OneHand />
        <ul className="grid content-start gap-1">
          {cautionsOf(['H64', 'H2', 'H4', 'H5']).map((c) => (
            <li key={c.text} className="text-[15px] leading-snug">
              <span className="font-bold text-look">◆ </span>
              {c.text}
            </li>
          ))}
        </ul>
      </div>
      <TextField
        label="Meter"
        value={instrument}
        onChange={(e) => setInstrument(e.target.value)}
        placeholder="meter 3, checked on the bench cell"
        maxLength={120}
      />
      <div role="tablist" aria-label="Places" className="my-3 flex flex-wrap gap-2">
        {places.map((place, i) => (
          <button
            key={place.between}
            type="button"
            role="tab"
            aria-selected={i === at}
            onClick={() => setAt(i)}
            className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint"
          >
            {place.between}
            <br />
            <span className="font-sans tabular-nums">{values[i] ? `${values[i]} V` : '–'}</span>
          </button>
        ))}
      </div>
      <Keypad
        label={places[at]!.between}
        unit="V"
        value={values[at]!}
        fault={fault}
        onChange={(v) => (setFault(undefined), setValues(values.map((x, i) => (i === at ? v : x))))}
      />
      {again !== null && again > now ? (
        <p className="mt-2 text-[15.5px] text-pose">
          ◩ As the last two readings fall it should be under {limit} V at {clockText(again, now)}. Measure then: a forecast proves nothing.
        </p>
      ) : null}
      {at < places.length - 1 && readNumber(values[at]!) !== null ? (
        <Button weight="primary" className="mt-4" onClick={() => setAt(at + 1)}>
          Next place
        </Button>
      ) : (
        <Button weight="primary" className="mt-4" disabled={state.power.state === 'live'} onClick={done}>
          Log this proof
        </Button>
      )}
    </Sheet>
  )
}

/** When a place should be dead, from the last two readings there that were not. */
function predicted(view: JobContext['view'], between: string, limit: number): number | null {
  const points = view.entries.flatMap((e) => {
    if (e.kind !== 'proof-taken') return []
    const r = (e.body as Bodies['proof-taken']).readings.find((x) => x.between === between)
    return r && Math.abs(r.volts) > limit ? [{ at: e.at, volts: r.volts }] : []
  })
  const [a, b] = points.slice(-2)
  return a && b ? predictDead(a, b, limit) : null
}
