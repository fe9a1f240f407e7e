'use client'
import * as say from '../../words/en/screens/safe'
import { useState } from 'react'
import { chargeOf, deadAt, openedIn, type Power, proofLasts, shutBy } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { type Mode, type QuantityId, readValue, unitLabel } from '../../core/units'
import { Keypad } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { spanText } from '../../ui/time'
import { type IsolationReason, isolationReasons } from '../../core/safety'
import { useJob } from '../shared/context'
import { OpenedTiles } from '../shared/opened-tiles'
import { waitWords } from '../../words/en/missing'
import { FullCharge } from './full-charge'
import { instrumentWords, proofPlace } from '../../words/en/readings'
import { InstrumentField } from '../shared/instrument-field'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
import { useInstrument } from '../shared/use-instrument'
import { readFaultWords } from '../../words/en/read-errors'

const STATES: readonly { readonly value: Power; readonly label: string; readonly hint: string }[] = [
  { value: 'live', label: say.live, hint: say.packInAndPlugged },
  { value: 'isolated', label: say.isolatedPackAboard, hint: say.itsPlugIsCapped },
  { value: 'out', label: say.packOut, hint: say.awayFromTheBench },
]

/** Why it is isolated at all. */
const WHY: Readonly<Record<IsolationReason, string>> = {
  shock: say.above60V,
  arc: say.aSlippedToolAcross,
  start: say.aKnockedThrottleStarts,
  capacitors: say.theControllersStayCharged,
  weight: say.thePackIsHeavy,
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
      title={proved ? say.shownToBeDead : say.makeItSafe}
      note={volts !== null ? say.fullChargeIs(volts, file?.pack?.cells, high) : say.ringsOffInsulatedTools}
    >
      <div className="grid gap-4">
        {state.power.proof ? (
          <div className="rounded-md border border-rule p-3 text-[16px]">
            <p className="font-semibold">
              {say.twoDevicesDisagree(
                Boolean(state.power.proof.disputed),
                state.power.proof.dead,
                instrumentWords(state.power.proof.instrument, state.power.proof.at),
              )}
            </p>
            {state.power.proof.readings.map((r, i) => (
              <p key={i}>
                {proofPlace(r, file)}: {r.volts} V
              </p>
            ))}
            {state.power.proof.ended ? <p className="text-look">{say.ended(state.power.proof.ended)}</p> : null}
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
        <p className="text-[15px] text-steel">{say.aProofEndsWhen(high, spanText(proofLasts(state.settings, cls) * 60_000))}</p>
        {mayWork ? (
          <>
            <Tiles legend={say.howItStands} name="power" value={to} onChange={setTo} options={STATES} />
            {to === 'live' && state.power.state !== 'live' ? <BeforeLive /> : null}
            <Button
              weight={to === 'live' ? 'stop' : 'primary'}
              disabled={to === state.power.state && !state.power.disputed}
              onClick={() => (log('power-changed', { to }), to === 'live' ? onClose() : undefined)}
            >
              {to === state.power.state ? say.asLogged : say.log(STATES.find((s) => s.value === to)!.label.slice(2))}
            </Button>
            <Button disabled={state.power.state === 'live'} onClick={() => open({ kind: 'proof' })}>
              {say.proveItDead}
            </Button>
          </>
        ) : (
          <p className="text-[16px] text-steel">{say.aMechanicChangesThis}</p>
        )}
      </div>
    </Sheet>
  )
}

/** What has to be settled before power comes back: what was opened, where nobody knows it, and the checks that bind it. */
function BeforeLive() {
  const { state, when, open } = useJob()
  const shut = shutBy(state, when, (rule) => rule.binds.power?.includes('live'))
  return (
    <div className="grid gap-3">
      <p className="text-[16px]">
        <span className="font-bold text-look">◆ </span>
        {say.preChargeFirst}
      </p>
      {openedIn(state) === null ? (
        <section className="grid gap-2">
          <h3 className="text-[15px] font-semibold">{say.whatWasOpened}</h3>
          <OpenedTiles />
        </section>
      ) : null}
      {shut.length > 0 ? (
        <div role="alert" className="border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16px]">
          <p className="font-semibold">
            <span className="text-stop">▲ </span>
            {say.beforePowerComes}
          </p>
          <ul className="list-inside list-disc">
            {shut.map(({ check }) => (
              <li key={check}>{waitWords({ is: 'check', check }, state, () => '')}</li>
            ))}
          </ul>
          {shut.some((s) => s.check === 'first power') ? (
            <Button className="mt-2 w-full" onClick={() => open({ kind: 'first power' })}>
              {say.sayHowItComes}
            </Button>
          ) : null}
        </div>
      ) : null}
    </div>
  )
}

const QUANTITIES = [
  { value: 'voltage', label: say.voltage, unit: 'V', range: [-1500, 1500] },
  { value: 'resistance', label: say.resistance, unit: 'ohm', range: [0, 1e9] },
  { value: 'current', label: say.current, unit: 'A', range: [-1000, 1000] },
  { value: 'temperature', label: say.temperature, unit: 'degC', range: [-60, 400] },
  { value: 'length', label: say.length, unit: 'mm', range: [0, 10_000] },
] as const

/** A free reading may be of either kind of volts or amps: which it was is written. */
const MODES_READ: Partial<Record<QuantityId, readonly Mode[]>> = {
  voltage: ['V DC', 'V AC', 'peak'],
  current: ['A DC', 'A AC', 'peak'],
  resistance: ['ohm', 'continuity', 'insulation'],
}

/** A reading: what, where, how much, live or dead. */
export function ReadingSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, now, log, form } = useJob()
  const dead = deadAt(state.power, now)
  const [over, setOver] = useState(false)
  const [mode, setMode] = useState<Mode>()
  const [source, setSource] = useState<'machine' | 'source' | 'turned' | ''>('')
  const [quantity, setQuantity] = useState<(typeof QUANTITIES)[number]['value']>('voltage')
  const [place, setPlace] = useState('')
  const [value, setValue] = useState('')
  const [live, setLive] = useState<'live' | 'dead'>(dead ? 'dead' : 'live')
  const [fault, setFault] = useState<string>()
  const { unit, range } = QUANTITIES.find((q) => q.value === quantity)!
  const instrument = useInstrument(quantity)
  // Volts on what the job says is dead: from where they come decides whether the proof stands.
  const shown = readValue(value, unit, range)
  const volts = quantity === 'voltage' && dead && live === 'dead' && shown.ok && Math.abs(shown.value) > state.settings.deadVolts
  const done = (): void => {
    const read = readValue(value, unit, range)
    if (!read.ok) return setFault(readFaultWords(value, unit, read.error))
    if (live === 'live' && dead) return setFault(say.theJobSaysDead)
    if (volts && source === '') return setFault(say.sayWhereVoltsStand)
    log('reading-taken', {
      quantity,
      result: over ? { is: 'over', limit: read.value } : { is: 'value', value: read.value },
      unit,
      live: live === 'live',
      ...(place.trim() ? { place: place.trim() } : {}),
      ...(instrument.used ? { instrument: instrument.used } : {}),
      // Of what was taken for this quantity; a figure keyed over it says nothing of how the meter was set.
      ...(mode && (MODES_READ[quantity] ?? []).includes(mode) ? { mode } : {}),
      ...(volts && source !== 'source' ? { condition: { rotor: source === 'machine' ? 'still' : 'turning' } } : {}),
    })
    instrument.remember()
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.aReading}>
      <div className="grid gap-4">
        <Tiles
          legend={say.what}
          name="quantity"
          value={quantity}
          onChange={setQuantity}
          options={QUANTITIES.map(({ value: v, label }) => ({ value: v, label }))}
        />
        <TextField
          label={say.where}
          value={place}
          onChange={(e) => setPlace(e.target.value)}
          placeholder={say.frontPhasesYellow}
          maxLength={120}
        />
        <Tiles
          legend={say.stateWhileItWas}
          name="live"
          value={live}
          onChange={setLive}
          options={[
            { value: 'dead', label: say.dead },
            { value: 'live', label: say.live },
          ]}
        />
        <LiveRow
          about={quantity}
          asked={{ quantity, unit, range, live: state.power.state === 'live', modes: MODES_READ[quantity] ?? [] }}
          onTake={(taken, used) => {
            const { text, over: beyond } = figureTaken(taken)
            setFault(undefined)
            setValue(text)
            setOver(beyond)
            setMode(taken.mode)
            instrument.cameFrom(used)
          }}
        />
        {volts ? (
          <Tiles
            legend={say.whereVoltsStand}
            name="volts"
            value={source}
            onChange={setSource}
            options={[
              { value: 'machine', label: say.onTheMachine, hint: say.proofEnds },
              { value: 'source', label: say.onASource },
              { value: 'turned', label: say.itWasTurned },
            ]}
          />
        ) : null}
        <Keypad
          label={say.shown}
          unit={unitLabel(unit)}
          value={value}
          fault={fault}
          over={form >= 13 ? { on: over, toggle: () => setOver(!over) } : undefined}
          onChange={(v) => (setFault(undefined), setMode(undefined), setValue(v))}
        />
        <InstrumentField choice={instrument} />
        <Button weight="primary" onClick={done}>
          {say.logIt}
        </Button>
      </div>
    </Sheet>
  )
}
