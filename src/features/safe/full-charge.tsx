'use client'
import * as say from '../../words/en/screens/safe'
import { useState } from 'react'
import { chargeOf } from '../../core/job'
import { fullChargeVolts } from '../../core/machine'
import { CHARGER_LABELS, type ChargeSource, CLASS_LIMIT, READING_CLASS_A } from '../../core/safety'
import { Button, Chip } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField, Tiles } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'

const FROM: readonly { readonly value: ChargeSource; readonly label: string; readonly hint: string }[] = [
  { value: 'label', label: say.chargersLabel, hint: say.whatItGivesOut },
  { value: 'cells', label: say.itsCells, hint: say.countedInSeries },
  { value: 'reading', label: say.aReading, hint: say.ofThePackAs },
]
const CHEMISTRY = [
  { value: say.liIon, label: say.liIon },
  { value: say.lfp, label: say.lfp },
  { value: 'lead', label: say.lead },
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
      `${c.volts} V ${c.from === 'label' ? say.byItsCharger : c.from === 'cells' ? say.byItsCells : c.from === 'reading' ? say.readAtThePack : say.toldAtTheDoor}`,
  )
  const tell = (volts: number, more: { readonly cells?: number; readonly chemistry?: Chemistry } = {}): void => {
    log('voltage-told', { from, volts, ...more, ...(from === 'reading' && meter.used ? { instrument: meter.used } : {}) })
    if (from === 'reading') meter.remember()
    setValue('')
    setAsked(false)
  }
  const done = (): void => {
    const n = readNumber(value)
    if (from === 'cells') {
      if (n === null || !Number.isInteger(n) || n < 1 || n > 500) return setFault(say.isNotACount(value))
      return tell(fullChargeVolts({ chemistry, cells: n }), { cells: n, chemistry })
    }
    if (n === null || n < 1 || n > 2000) return setFault(say.isNotAPacks(value))
    tell(n)
  }
  return (
    <section className="grid gap-2 rounded-md border border-rule p-3">
      <h3 className="text-[16px] font-semibold">{charge.from === 'nobody' ? say.fullChargeIsNot : say.fullCharge(told.join('; '))}</h3>
      {charge.from === 'reading' && charge.cls === 'B' ? (
        <p className="text-[15px]">{say.aReadingOfMore(READING_CLASS_A, CLASS_LIMIT)}</p>
      ) : null}
      {state.charge.length > 1 ? <p className="text-[15px] text-steel">{say.theHighestStandsUntil}</p> : null}
      {!mayWork ? null : !asked ? (
        <Button weight="quiet" onClick={() => setAsked(true)}>
          {say.sayItBySomething}
        </Button>
      ) : (
        <>
          <Tiles legend={say.knownBy} name="charge-from" value={from} onChange={(f) => (setFault(undefined), setFrom(f))} options={FROM} />
          {from === 'label' ? (
            <div role="group" aria-label={say.usualLabels} className="flex flex-wrap gap-1.5">
              {CHARGER_LABELS.map((v) => (
                <Chip key={v} on={false} onClick={() => tell(v)}>
                  {v.toFixed(1)} V
                </Chip>
              ))}
            </div>
          ) : null}
          {from === 'cells' ? (
            <Tiles legend={say.kindOfCell} name="charge-chemistry" value={chemistry} onChange={setChemistry} options={CHEMISTRY} />
          ) : null}
          {from === 'reading' ? <InstrumentField label={say.meter} choice={meter} /> : null}
          <TextField
            label={from === 'cells' ? say.cellsInSeries : from === 'label' ? say.anotherLabelV : say.shownAtThePack}
            value={value}
            onChange={(e) => (setFault(undefined), setValue(e.target.value))}
            inputMode="decimal"
            autoComplete="off"
            maxLength={8}
          />
          <Fault text={fault} />
          <Button onClick={done}>{say.logFullCharge}</Button>
        </>
      )}
    </section>
  )
}
