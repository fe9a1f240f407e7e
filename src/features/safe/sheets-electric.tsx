'use client'
import { useState } from 'react'
import { type Bodies, deadAt, type Power } from '../../core/job'
import { fullChargeVolts } from '../../core/machine'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad, readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { cautionsOf } from '../shared/cautions'
import { useJob } from '../shared/context'

/** Where a proof is measured: at every controller of the file, else where the mechanic says. */
function proofPlaces(file: ReturnType<typeof useJob>['file']): string[] {
  const feeds = (file?.connections ?? []).filter((c) => file?.pack && c.mates.includes(file.pack.part) && c.id !== file.pack.plug)
  return feeds.length > 0 ? feeds.map((c) => `${c.name}, + and −`) : ['controller side, + and −']
}

/** Proving dead: a checked meter, and a reading at each controller. Nothing here is passed by a pedal. */
export function ProofSheet({ step, onClose }: { readonly step?: string; readonly onClose: () => void }) {
  const { file, state, settings, logAll } = useJob()
  const places = proofPlaces(file)
  const [values, setValues] = useState<string[]>(places.map(() => ''))
  const [at, setAt] = useState(0)
  const [instrument, setInstrument] = useState('')
  const [fault, setFault] = useState<string>()
  const limit = file ? settings.deadVolts : state.settings.deadVolts
  const done = (): void => {
    const volts = values.map(readNumber)
    const bad = volts.findIndex((v) => v === null)
    if (bad >= 0) {
      setAt(bad)
      return setFault(values[bad] ? `“${values[bad]}” is not a voltage.` : 'Key in what the meter shows, 0 too.')
    }
    const wild = volts.findIndex((v) => Math.abs(v!) > 2000)
    if (wild >= 0) return setAt(wild), setFault('No meter here reads that. Look at the range.')
    if (!instrument.trim()) return setFault('Which meter? It has to be one that was checked.')
    const readings = places.map((between, i) => ({ between, volts: volts[i]! }))
    const live = readings.find((r) => Math.abs(r.volts) > limit)
    logAll([
      { kind: 'proof-taken', body: { readings, instrument: instrument.trim() } },
      ...(live || step === undefined ? [] : [{ kind: 'step-done' as const, body: { step } as Bodies['step-done'] }]),
    ])
    if (live) return setFault(`${live.volts} V at the ${live.between}: not dead. It is logged as such. Press the power button, wait, measure again.`)
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title="Prove it dead" note={`${limit} V DC or less at every place. ${state.power.state === 'live' ? 'It still counts as live: isolate it first.' : ''}`}>
      <ul className="mb-3 grid gap-1">
        {cautionsOf(['H2', 'H4', 'H5', 'H64']).map((c) => <li key={c.text} className="text-[15.5px]"><span className="font-bold text-look">◆ </span>{c.text}</li>)}
      </ul>
      <TextField label="Meter" value={instrument} onChange={(e) => setInstrument(e.target.value)} placeholder="meter 3, checked on the bench cell" maxLength={120} />
      <div role="tablist" aria-label="Places" className="my-3 flex flex-wrap gap-2">
        {places.map((place, i) => (
          <button key={place} type="button" role="tab" aria-selected={i === at} onClick={() => setAt(i)} className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint">
            {place}<br /><span className="font-sans tabular-nums">{values[i] ? `${values[i]} V` : '–'}</span>
          </button>
        ))}
      </div>
      <Keypad label={places[at]!} unit="V" value={values[at]!} fault={fault} onChange={(v) => (setFault(undefined), setValues(values.map((x, i) => (i === at ? v : x))))} />
      {at < places.length - 1 && readNumber(values[at]!) !== null ? (
        <Button weight="primary" className="mt-4" onClick={() => setAt(at + 1)}>Next place</Button>
      ) : (
        <Button weight="primary" className="mt-4" disabled={state.power.state === 'live'} onClick={done}>Log this proof</Button>
      )}
    </Sheet>
  )
}

const STATES: readonly { readonly value: Power; readonly label: string; readonly hint: string }[] = [
  { value: 'live', label: '▲ Live', hint: 'pack in and plugged' },
  { value: 'isolated', label: '◆ Isolated, pack aboard', hint: 'its plug is capped' },
  { value: 'out', label: '● Pack out', hint: 'away from the bench' },
]

/** What the electrical state is, and its proof. */
export function PowerSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, file, now, log, open, mayWork } = useJob()
  const [to, setTo] = useState<Power>(state.power.state)
  const proved = deadAt(state.power, now, state.settings.proofMinutes)
  const volts = file?.pack ? fullChargeVolts(file.pack) : null
  return (
    <Sheet open onClose={onClose} title={proved ? 'Shown to be dead' : 'Make it safe'} note={volts !== null ? `Full charge: ${volts} V (${file!.pack!.cells} cells).${volts > 60 ? ' Above 60 V DC: only a qualified person, with a procedure of the shop.' : ' Below 60 V the hazard is arc and burn: rings off, insulated tools, one pole capped at a time.'}` : 'No machine file: read the pack’s label, and count it at full charge.'}>
      <div className="grid gap-4">
        {state.power.proof ? (
          <div className="rounded-md border border-rule p-3 text-[16px]">
            <p className="font-semibold">{state.power.proof.dead ? '● Last proof' : '▲ Last reading was not dead'} · {state.power.proof.instrument}</p>
            {state.power.proof.readings.map((r) => <p key={r.between}>{r.between}: {r.volts} V</p>)}
            {state.power.proof.ended ? <p className="text-look">◆ Ended: {state.power.proof.ended}</p> : null}
          </div>
        ) : null}
        {mayWork ? (
          <>
            <Tiles legend="How it stands" name="power" value={to} onChange={setTo} options={STATES} />
            <Button weight={to === 'live' ? 'stop' : 'primary'} disabled={to === state.power.state && !state.power.disputed} onClick={() => (log('power-changed', { to }), to === 'live' ? onClose() : undefined)}>
              {to === state.power.state ? 'As logged' : `Log: ${STATES.find((s) => s.value === to)!.label.slice(2)}`}
            </Button>
            <Button disabled={state.power.state === 'live'} onClick={() => open({ kind: 'proof' })}>Prove it dead</Button>
          </>
        ) : <p className="text-[16px] text-steel">A mechanic changes this.</p>}
      </div>
    </Sheet>
  )
}

const QUANTITIES = [
  { value: 'voltage', label: 'Voltage', unit: 'V' },
  { value: 'resistance', label: 'Resistance', unit: 'Ω' },
  { value: 'current', label: 'Current', unit: 'A' },
  { value: 'temperature', label: 'Temperature', unit: '°C' },
  { value: 'length', label: 'Length', unit: 'mm' },
] as const

/** A reading: what, where, how much, live or dead. */
export function ReadingSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, now, log } = useJob()
  const dead = deadAt(state.power, now, state.settings.proofMinutes)
  const [quantity, setQuantity] = useState<(typeof QUANTITIES)[number]['value']>('voltage')
  const [place, setPlace] = useState('')
  const [value, setValue] = useState('')
  const [live, setLive] = useState<'live' | 'dead'>(dead ? 'dead' : 'live')
  const [fault, setFault] = useState<string>()
  const unit = QUANTITIES.find((q) => q.value === quantity)!.unit
  const done = (): void => {
    const number = readNumber(value)
    if (number === null) return setFault(value ? `“${value}” is not a number.` : 'Key in what the instrument shows.')
    if (quantity === 'resistance' && number < 0) return setFault('A resistance is not below zero. Swap the leads and look again.')
    if (live === 'live' && dead) return setFault('The job says dead. Log it live first, at the strip, then take a live reading.')
    log('reading-taken', { quantity, value: number, unit, live: live === 'live', ...(place.trim() ? { place: place.trim() } : {}) })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title="A reading">
      <div className="grid gap-4">
        <Tiles legend="What" name="quantity" value={quantity} onChange={setQuantity} options={QUANTITIES.map(({ value: v, label }) => ({ value: v, label }))} />
        <TextField label="Where" value={place} onChange={(e) => setPlace(e.target.value)} placeholder="front phases, yellow to green" maxLength={120} />
        <Tiles legend="State while it was taken" name="live" value={live} onChange={setLive} options={[{ value: 'dead', label: 'Dead' }, { value: 'live', label: '▲ Live' }]} />
        <Keypad label="Shown" unit={unit} value={value} fault={fault} onChange={(v) => (setFault(undefined), setValue(v))} />
        <Button weight="primary" onClick={done}>Log it</Button>
      </div>
    </Sheet>
  )
}
