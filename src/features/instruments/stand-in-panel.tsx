'use client'
import { useEffect, useState } from 'react'
import * as say from '../../words/en/screens/instruments'
import type { InstrumentKind } from '../../core/instruments'
import { DRIVE_KINDS } from '../../core/machine'
import { type UnitId, unitLabel } from '../../core/units'
import type { Offered, Order, SimulatedMachine } from '../../instruments/relay'
import { standInOf } from '../../instruments/stand-ins/dials'
import { Button } from '../../ui/button'
import { SelectField, TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { askRelay } from '../shared/bench'

const SEVERITIES = [
  { value: 0.15, label: say.slight },
  { value: 0.5, label: say.middling },
  { value: 0.9, label: say.gross },
] as const
interface Named {
  readonly id: string
  readonly name: string
}

/** What can be wrong with a machine of a kind, from the server: the lists are too long for a page that seldom asks. */
function useFaults(drive: SimulatedMachine['drive']): readonly Named[] {
  const [all, setAll] = useState<Readonly<Record<string, readonly Named[]>>>({})
  useEffect(() => {
    let left = false
    void fetch('/api/instruments/faults')
      .then((r) => r.json() as Promise<{ readonly faults: typeof all }>)
      .then(({ faults }) => (left ? undefined : setAll(faults)))
      .catch(() => undefined)
    return () => void (left = true)
  }, [])
  return all[drive] ?? []
}

type Told = Order extends infer O ? (O extends Order ? Omit<O, 'key'> : never) : never

/** A simulated instrument: its dial, the machine that it stands on, and what it is held on. */
export function StandInPanel({
  relay,
  at,
  standIn: { dials, dial, machine },
  kind,
}: {
  readonly relay: string
  readonly at: string
  readonly standIn: NonNullable<Offered['standIn']>
  readonly kind: InstrumentKind | undefined
}) {
  const [value, setValue] = useState('')
  const is: SimulatedMachine = machine ?? { drive: 'hub geared', fault: null, severity: 0.5, seed: 1 }
  const order = (told: Told): void => void askRelay({ relay, key: at, ask: 'order', order: { key: at, ...told } })
  const change = (more: Partial<SimulatedMachine>): void => order({ to: 'machine', machine: { ...is, ...more } })
  const faults = useFaults(is.drive)
  const unit = unitOf(kind, dial)
  const figure = readNumber(value)
  return (
    <fieldset className="mt-2 grid gap-2 rounded-md border border-rule bg-bench p-3 sm:grid-cols-2">
      <legend className="narrow text-[15px] text-steel">{say.simulated}</legend>
      <p className="text-[14.5px] text-steel sm:col-span-2">{say.simulatedNote}</p>
      <SelectField label={say.dial} value={dial} onChange={(e) => order({ to: 'turn', dial: e.target.value })}>
        {dials.map((d) => (
          <option key={d} value={d}>
            {d}
          </option>
        ))}
      </SelectField>
      <SelectField
        label={say.machineIs}
        value={is.drive}
        onChange={(e) => change({ drive: e.target.value as SimulatedMachine['drive'], fault: null })}
      >
        {DRIVE_KINDS.map((k) => (
          <option key={k} value={k}>
            {k}
          </option>
        ))}
      </SelectField>
      <SelectField label={say.faultIs} value={is.fault ?? ''} onChange={(e) => change({ fault: e.target.value || null })}>
        <option value="">{say.nothingWrong}</option>
        {faults.map((f) => (
          <option key={f.id} value={f.id}>
            {f.name}
          </option>
        ))}
      </SelectField>
      <SelectField label={say.howMuch} value={String(is.severity)} onChange={(e) => change({ severity: Number(e.target.value) })}>
        {SEVERITIES.map((s) => (
          <option key={s.value} value={s.value}>
            {s.label}
          </option>
        ))}
      </SelectField>
      {unit ? (
        <div className="grid grid-cols-[minmax(0,1fr)_auto_auto] items-end gap-2 sm:col-span-2">
          <TextField
            label={`${say.heldOn}, ${unitLabel(unit)}`}
            value={value}
            onChange={(e) => setValue(e.target.value)}
            inputMode="decimal"
            autoComplete="off"
          />
          <Button disabled={figure === null} onClick={() => order({ to: 'value', value: figure!, unit })}>
            {say.holdIt}
          </Button>
          <Button weight="quiet" onClick={() => order({ to: 'nothing' })}>
            {say.takeItOff}
          </Button>
        </div>
      ) : null}
    </fieldset>
  )
}

/** Unit of what its dial measures; null for one that shows lamps. */
function unitOf(kind: InstrumentKind | undefined, dial: string): UnitId | null {
  const position = kind && standInOf(kind)?.dials.find((d) => d.name === dial)
  return position?.ranges[0]?.unit ?? null
}
