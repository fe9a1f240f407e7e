'use client'
import { useState } from 'react'
import { chargeOf } from '../../core/job'
import { fullChargeVolts } from '../../core/machine'
import { CHARGER_LABELS, type ChargeSource, CLASS_LIMIT, READING_CLASS_A } from '../../core/safety'
import { Button, Chip } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/keypad'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'

const FROM: readonly { readonly value: ChargeSource; readonly label: string; readonly hint: string }[] = [
  { value: 'label', label: 'Charger’s label', hint: 'what it gives out, V' },
  { value: 'cells', label: 'Its cells', hint: 'counted in series' },
  { value: 'reading', label: 'A reading', hint: 'of the pack as it is now' },
]
const CHEMISTRY = [
  { value: 'Li-ion', label: 'Li-ion' },
  { value: 'LFP', label: 'LFP' },
  { value: 'lead', label: 'Lead' },
] as const
type Chemistry = (typeof CHEMISTRY)[number]['value']

/** Full charge of a machine whose file does not have it: by the charger’s label first, else by its cells, else by a reading. */
export function FullCharge() {
  const { state, log, mayWork } = useJob()
  const charge = chargeOf(state)
  const [asked, setAsked] = useState(charge.from === 'nobody')
  const [from, setFrom] = useState<ChargeSource>('label')
  const [value, setValue] = useState('')
  const [chemistry, setChemistry] = useState<Chemistry>('Li-ion')
  const [fault, setFault] = useState<string>()
  const meter = useInstrument('voltage')
  if (charge.from === 'file') return null
  const told = state.charge.map(
    (c) =>
      `${c.volts} V ${c.from === 'label' ? 'by its charger' : c.from === 'cells' ? 'by its cells' : c.from === 'reading' ? 'read at the pack' : 'told at the door'}`,
  )
  const say = (volts: number, more: { readonly cells?: number; readonly chemistry?: Chemistry } = {}): void => {
    log('voltage-told', { from, volts, ...more, ...(from === 'reading' && meter.used ? { instrument: meter.used } : {}) })
    if (from === 'reading') meter.remember()
    setValue('')
    setAsked(false)
  }
  const done = (): void => {
    const n = readNumber(value)
    if (from === 'cells') {
      if (n === null || !Number.isInteger(n) || n < 1 || n > 500) return setFault(`“${value}” is not a count of cells in series: 1 to 500.`)
      return say(fullChargeVolts({ chemistry, cells: n }), { cells: n, chemistry })
    }
    if (n === null || n < 1 || n > 2000) return setFault(`“${value}” is not a pack’s voltage: 1 to 2,000 V.`)
    say(n)
  }
  return (
    <section className="grid gap-2 rounded-md border border-rule p-3">
      <h3 className="text-[16px] font-semibold">
        {charge.from === 'nobody' ? '▲ Full charge is not known: it counts as above 60 V' : `Full charge: ${told.join('; ')}`}
      </h3>
      {charge.from === 'reading' && charge.cls === 'B' ? (
        <p className="text-[15px]">
          A reading of more than {READING_CLASS_A} V may be of a pack that is not full: it counts as above {CLASS_LIMIT} V until the label
          or the cells are known.
        </p>
      ) : null}
      {state.charge.length > 1 ? (
        <p className="text-[15px] text-steel">The highest stands until a lead crosses it out in the journal.</p>
      ) : null}
      {!mayWork ? null : !asked ? (
        <Button weight="quiet" onClick={() => setAsked(true)}>
          Say it by something else
        </Button>
      ) : (
        <>
          <Tiles legend="Known by" name="charge-from" value={from} onChange={(f) => (setFault(undefined), setFrom(f))} options={FROM} />
          {from === 'label' ? (
            <div role="group" aria-label="Usual labels" className="flex flex-wrap gap-1.5">
              {CHARGER_LABELS.map((v) => (
                <Chip key={v} on={false} onClick={() => say(v)}>
                  {v.toFixed(1)} V
                </Chip>
              ))}
            </div>
          ) : null}
          {from === 'cells' ? (
            <Tiles legend="Kind of cell" name="charge-chemistry" value={chemistry} onChange={setChemistry} options={CHEMISTRY} />
          ) : null}
          {from === 'reading' ? <InstrumentField label="Meter" choice={meter} /> : null}
          <TextField
            label={from === 'cells' ? 'Cells in series' : from === 'label' ? 'Another label, V' : 'Shown at the pack, V'}
            value={value}
            onChange={(e) => (setFault(undefined), setValue(e.target.value))}
            inputMode="decimal"
            autoComplete="off"
            maxLength={8}
          />
          {fault ? (
            <p role="alert" className="text-[16px] font-semibold text-stop">
              ▲ {fault}
            </p>
          ) : null}
          <Button onClick={done}>Log full charge</Button>
        </>
      )}
    </section>
  )
}
