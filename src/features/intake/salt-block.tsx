'use client'
import * as say from '../../words/en/screens/salt'
import { useState } from 'react'
import { deadAt, saltMissing } from '../../core/job'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { clockText } from '../../ui/time'
import { saltWords } from '../../words/en/salt'
import { missingWords } from '../../words/en/missing'
import { useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { Block } from '../shared/panel'
import { useInstrument } from '../shared/use-instrument'

/** It was in salt water: rinsed, dried, its insulation read, and only then power. One after the other. */
export function SaltBlock() {
  const { state, log, mayNote, mayWork, nameOf, now } = useJob()
  const [hours, setHours] = useState('')
  const missing = saltMissing(state)
  const wants = new Set(missing.flatMap((m) => (m.is === 'salt' ? [m.wants] : [])))
  const [fault, setFault] = useState<string>()
  const dry = (): void => {
    const h = readNumber(hours)
    if (h === null || h <= 0 || h > 10_000) return setFault(say.howLongDried(hours))
    log('salt-water', { is: 'dried', hours: h })
    setHours('')
  }
  return (
    <Block title={say.saltWater}>
      <p className="text-[16px]">{say.saltWhy}</p>
      <ul className="mt-2 grid gap-1 text-[16.5px]">
        {state.salt.map((s) => (
          <li key={s.entry}>
            {say.whenDone(saltWords(s))}{' '}
            <span className="text-[14px] text-steel">
              {nameOf(s.by)}
              {now > 0 ? `, ${clockText(s.at, now)}` : ''}
            </span>
          </li>
        ))}
        {missing.map((m) => (
          <li key={JSON.stringify(m)}>
            <span className="font-bold text-stop">▲ </span>
            {missingWords(m, state)}
          </li>
        ))}
      </ul>
      {mayNote && wants.has('rinsed') ? (
        <Button className="mt-3" onClick={() => log('salt-water', { is: 'rinsed' })}>
          {say.rinsed}
        </Button>
      ) : null}
      {mayNote && !wants.has('rinsed') && (wants.has('dried') || wants.has('drier')) ? (
        <div className="mt-3 flex items-end gap-2">
          <TextField
            className="w-40"
            label={say.driedHours}
            value={hours}
            onChange={(e) => (setFault(undefined), setHours(e.target.value))}
            inputMode="decimal"
            maxLength={8}
          />
          <Button onClick={dry}>{say.dried}</Button>
        </div>
      ) : null}
      <Fault text={fault} />
      {mayWork && !wants.has('dried') && wants.has('insulation') ? <Insulation /> : null}
    </Block>
  )
}

function Insulation() {
  const { state, log, form, open, now } = useJob()
  const [text, setText] = useState('')
  const [over, setOver] = useState(false)
  const [fault, setFault] = useState<string>()
  const instrument = useInstrument('resistance')
  const done = (): void => {
    const value = readNumber(text)
    if (value === null || value < 0 || value > 1e6) return setFault(say.isNoInsulation(text))
    log('reading-taken', {
      quantity: 'resistance',
      result: over ? { is: 'over', limit: value } : { is: 'value', value },
      unit: 'Mohm',
      mode: 'insulation',
      place: say.windingToAxle,
      live: false,
      ...(instrument.used ? { instrument: instrument.used } : {}),
    })
    instrument.remember()
  }
  if (!deadAt(state.power, now))
    return (
      <div className="mt-3 grid gap-2">
        <p className="text-[16px]">
          <span className="font-bold text-look">◆ </span>
          {say.insulationIsReadDead}
        </p>
        <Button onClick={() => open({ kind: 'power' })}>{say.isolateItAndShow}</Button>
      </div>
    )
  return (
    <div className="mt-3 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="w-64"
          label={say.insulationMegohms}
          value={text}
          onChange={(e) => (setFault(undefined), setText(e.target.value))}
          inputMode="decimal"
          maxLength={10}
        />
        {form >= 13 ? (
          <label className="flex min-h-12 cursor-pointer items-center gap-2 text-[15.5px]">
            <input type="checkbox" className="size-5 accent-copper" checked={over} onChange={() => setOver(!over)} />
            {say.overRange}
          </label>
        ) : null}
      </div>
      <InstrumentField choice={instrument} />
      <Fault text={fault} />
      <Button onClick={done}>{say.logInsulation}</Button>
    </div>
  )
}
