'use client'
import * as say from '../../words/en/screens/prove'
import { useState } from 'react'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import type { JobState } from '../../core/job'
import { convert, figureOf, isUnit, unitLabel } from '../../core/units'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { Block } from '../shared/panel'

/** A tyre counts as right within this of the file's pressure, bar. */
const NEAR = 0.2

/** Tyre pressures against the machine file: a soft tyre pinches its tube, a hard one may leave its bead. */
export function TyreBlock() {
  const { file, state, log, mayWork, nameOf } = useJob()
  const instrument = useInstrument('pressure')
  const tyres = (file?.energy ?? []).flatMap((e) =>
    e.kind === 'tyre' && e.size ? [{ part: e.of, name: file?.parts.find((p) => p.id === e.of)?.name ?? e.of, size: e.size }] : [],
  )
  if (tyres.length === 0) return null
  return (
    <Block title={say.tyres}>
      <ul className="grid gap-2">
        {tyres.map(({ part, name, size }) => {
          const last = pressureOf(state, part, name)
          const right = last ? Math.abs(last.bar - size.value) <= NEAR : false
          return (
            <li key={part} className="flex flex-wrap items-end gap-3 rounded-md border border-rule bg-paper px-4 py-2">
              <p className="flex-1 basis-56 text-[17px]">
                {last ? (
                  <span className={right ? 'text-ok' : 'text-look'}>{right ? '●' : '◆'} </span>
                ) : (
                  <span className="text-steel">○ </span>
                )}
                {name}: {size.value} {unitLabel(size.unit)} <span className="text-[14px] text-steel">{size.source}</span>
                {last ? (
                  <span className="block text-[15.5px]">
                    {say.tyreRead(last.bar, right, last.bar < size.value)} <span className="text-[14px] text-steel">{nameOf(last.by)}</span>
                  </span>
                ) : null}
              </p>
              {mayWork ? (
                <Pressure
                  name={name}
                  onRead={(value) => {
                    log('reading-taken', {
                      quantity: 'pressure',
                      named: 'tyre pressure',
                      result: { is: 'value', value },
                      unit: 'bar',
                      part,
                      place: name,
                      live: false,
                      ...(instrument.used ? { instrument: instrument.used } : {}),
                    })
                    instrument.remember()
                  }}
                />
              ) : null}
            </li>
          )
        })}
      </ul>
      {mayWork ? (
        <div className="mt-2">
          <InstrumentField label={say.readWith} choice={instrument} />
        </div>
      ) : null}
    </Block>
  )
}

/** The last pressure that was read of a tyre, bar: by its part, or by its name as older entries have it. */
function pressureOf(state: JobState, part: string, name: string): { readonly bar: number; readonly by: string } | null {
  const own = state.readings.filter((r) => r.quantity === 'pressure' && (r.part === part || (r.part === undefined && r.place === name)))
  const last = own.at(-1)
  const figure = last ? figureOf(last.result) : null
  return last && figure !== null && isUnit(last.unit) ? { bar: Number(convert(figure, last.unit, 'bar').toFixed(3)), by: last.by } : null
}

function Pressure({ name, onRead }: { readonly name: string; readonly onRead: (bar: number) => void }) {
  const [text, setText] = useState('')
  const [fault, setFault] = useState(false)
  const done = (): void => {
    const bar = readNumber(text, 'bar')
    if (bar === null || bar < 0 || bar > 12) return setFault(true)
    onRead(bar)
    setText('')
  }
  return (
    <form className="flex flex-wrap items-end gap-2" onSubmit={(e) => (e.preventDefault(), done())}>
      <TextField
        className="w-28"
        label={say.readBar}
        aria-label={`${name}, bar`}
        value={text}
        onChange={(e) => (setFault(false), setText(e.target.value))}
        inputMode="decimal"
        autoComplete="off"
        aria-invalid={fault || undefined}
      />
      <Button type="submit">{say.logIt}</Button>
      {fault ? (
        <p role="alert" className="basis-full text-[15px] font-semibold text-stop">
          {say.isNoTyrePressure(text)}
        </p>
      ) : null}
    </form>
  )
}
