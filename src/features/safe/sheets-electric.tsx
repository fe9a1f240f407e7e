'use client'
import { useState } from 'react'
import { chargeOf, deadAt, type Power, proofLasts } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { readValue, unitLabel } from '../../core/units'
import { Keypad } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { spanText } from '../../ui/time'
import { type IsolationReason, isolationReasons } from '../../core/safety'
import { useJob } from '../shared/context'
import { FullCharge } from './full-charge'
import { instrumentWords, proofPlace } from '../../words/en/readings'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { readFaultWords } from '../../words/en/read-errors'

const STATES: readonly { readonly value: Power; readonly label: string; readonly hint: string }[] = [
  { value: 'live', label: '▲ Live', hint: 'pack in and plugged' },
  { value: 'isolated', label: '◆ Isolated, pack aboard', hint: 'its plug is capped' },
  { value: 'out', label: '● Pack out', hint: 'away from the bench' },
]

/** Why it is isolated at all. */
const WHY: Readonly<Record<IsolationReason, string>> = {
  shock: 'Above 60 V: a shock can kill.',
  arc: 'A slipped tool across the pack arcs and burns.',
  start: 'A knocked throttle starts a wheel under your hands.',
  capacitors: 'The controllers stay charged after the plug is out.',
  weight: 'The pack is heavy: it never hangs on its lead.',
}

/** What the electrical state is, and its proof. */
export function PowerSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, file, now, log, open, mayWork } = useJob()
  const [to, setTo] = useState<Power>(state.power.state)
  const proved = deadAt(state.power, now)
  const { cls, volts } = chargeOf(state)
  const high = cls === 'B'
  const reasons = isolationReasons({
    fullVolts: volts,
    drives: file?.drives.length ?? 1,
    capacitors: !file || file.energy.some((e) => e.kind === 'capacitor'),
    packKilograms: file?.parts.find((p) => p.id === file.pack?.part)?.mass?.value ?? null,
  })
  return (
    <Sheet
      open
      onClose={onClose}
      title={proved ? 'Shown to be dead' : 'Make it safe'}
      note={
        volts !== null
          ? `Full charge: ${volts} V${file?.pack ? ` (${file.pack.cells} cells)` : ''}.${high ? ' Above 60 V DC: only a qualified person, with a procedure of the shop.' : ' Rings off, insulated tools, one pole capped at a time.'}`
          : 'Rings off, insulated tools, one pole capped at a time.'
      }
    >
      <div className="grid gap-4">
        {state.power.proof ? (
          <div className="rounded-md border border-rule p-3 text-[16px]">
            <p className="font-semibold">
              {state.power.proof.disputed
                ? '▲ Two devices disagree: it counts as not dead'
                : state.power.proof.dead
                  ? '● Last proof'
                  : '▲ Last reading was not dead'}{' '}
              · {instrumentWords(state.power.proof.instrument, state.power.proof.at)}
            </p>
            {state.power.proof.readings.map((r, i) => (
              <p key={i}>
                {proofPlace(r, file)}: {r.volts} V
              </p>
            ))}
            {state.power.proof.ended ? <p className="text-look">◆ Ended: {state.power.proof.ended}</p> : null}
          </div>
        ) : null}
        <FullCharge />
        <ul className="grid gap-1 text-[16px]">
          {reasons.map((r) => (
            <li key={r}>
              <span className="font-bold text-look">◆ </span>
              {WHY[r]}
            </li>
          ))}
        </ul>
        <p className="text-[15px] text-steel">
          A proof ends when anything is plugged back{high ? ', when another takes over' : ''}, or after{' '}
          {spanText(proofLasts(state.settings, cls) * 60_000)} with the pack aboard. With the pack out it holds until the pack returns.
        </p>
        {mayWork ? (
          <>
            <Tiles legend="How it stands" name="power" value={to} onChange={setTo} options={STATES} />
            {to === 'live' && state.power.state !== 'live' ? (
              <p className="text-[16px]">
                <span className="font-bold text-look">◆ </span>Pre-charge first: a resistor across the gap for a few seconds, then the plug.
                Without it expect a spark that pits the contact. Hands clear of the wheels.
              </p>
            ) : null}
            <Button
              weight={to === 'live' ? 'stop' : 'primary'}
              disabled={to === state.power.state && !state.power.disputed}
              onClick={() => (log('power-changed', { to }), to === 'live' ? onClose() : undefined)}
            >
              {to === state.power.state ? 'As logged' : `Log: ${STATES.find((s) => s.value === to)!.label.slice(2)}`}
            </Button>
            <Button disabled={state.power.state === 'live'} onClick={() => open({ kind: 'proof' })}>
              Prove it dead
            </Button>
          </>
        ) : (
          <p className="text-[16px] text-steel">A mechanic changes this.</p>
        )}
      </div>
    </Sheet>
  )
}

const QUANTITIES = [
  { value: 'voltage', label: 'Voltage', unit: 'V', range: [-1500, 1500] },
  { value: 'resistance', label: 'Resistance', unit: 'ohm', range: [0, 1e9] },
  { value: 'current', label: 'Current', unit: 'A', range: [-1000, 1000] },
  { value: 'temperature', label: 'Temperature', unit: 'degC', range: [-60, 400] },
  { value: 'length', label: 'Length', unit: 'mm', range: [0, 10_000] },
] as const

/** A reading: what, where, how much, live or dead. */
export function ReadingSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, now, log, form } = useJob()
  const dead = deadAt(state.power, now)
  const [over, setOver] = useState(false)
  const [quantity, setQuantity] = useState<(typeof QUANTITIES)[number]['value']>('voltage')
  const [place, setPlace] = useState('')
  const [value, setValue] = useState('')
  const [live, setLive] = useState<'live' | 'dead'>(dead ? 'dead' : 'live')
  const [fault, setFault] = useState<string>()
  const { unit, range } = QUANTITIES.find((q) => q.value === quantity)!
  const instrument = useInstrument(quantity)
  const done = (): void => {
    const read = readValue(value, unit, range)
    if (!read.ok) return setFault(readFaultWords(value, unit, read.error))
    if (live === 'live' && dead) return setFault('The job says dead. Log it live first, at the strip, then take a live reading.')
    log('reading-taken', {
      quantity,
      result: over ? { is: 'over', limit: read.value } : { is: 'value', value: read.value },
      unit,
      live: live === 'live',
      ...(place.trim() ? { place: place.trim() } : {}),
      ...(instrument.used ? { instrument: instrument.used } : {}),
    })
    instrument.remember()
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title="A reading">
      <div className="grid gap-4">
        <Tiles
          legend="What"
          name="quantity"
          value={quantity}
          onChange={setQuantity}
          options={QUANTITIES.map(({ value: v, label }) => ({ value: v, label }))}
        />
        <TextField
          label="Where"
          value={place}
          onChange={(e) => setPlace(e.target.value)}
          placeholder="front phases, yellow to green"
          maxLength={120}
        />
        <Tiles
          legend="State while it was taken"
          name="live"
          value={live}
          onChange={setLive}
          options={[
            { value: 'dead', label: 'Dead' },
            { value: 'live', label: '▲ Live' },
          ]}
        />
        <Keypad label="Shown" unit={unitLabel(unit)} value={value} fault={fault} onChange={(v) => (setFault(undefined), setValue(v))} />
        {form >= 13 ? (
          <label className="flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
            <input type="checkbox" className="size-5 accent-copper" checked={over} onChange={(e) => setOver(e.target.checked)} />
            Over its range: more than that
          </label>
        ) : null}
        <InstrumentField choice={instrument} />
        <Button weight="primary" onClick={done}>
          Log it
        </Button>
      </div>
    </Sheet>
  )
}
