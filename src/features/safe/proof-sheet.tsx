'use client'
import * as say from '../../words/en/screens/safe'
import { useState } from 'react'
import { type Bodies, chargeOf, readEntry } from '../../core/job'
import { type Feed, type ProofFault, proofFaults, type ProofPlace, proofPlaces, predictDead, type ProofReading } from '../../core/safety'
import { Button } from '../../ui/button'
import { Keypad, readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { cautionsOf } from '../../words/en/cautions'
import { proofPlace } from '../../words/en/readings'
import { type JobContext, useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { OneHand } from './one-hand'

/** Where a proof is measured: at every controller of the file, else where the mechanic says. */
function feeds(file: JobContext['file']): Feed[] {
  const found = (file?.connections ?? []).filter((c) => file?.pack && c.mates.includes(file.pack.part) && c.id !== file.pack.plug)
  return found.length > 0 ? found.map((c) => ({ at: c.id })) : [{}]
}

function faultWords(fault: ProofFault, file: JobContext['file']): string {
  switch (fault.kind) {
    case 'above the limit':
      return say.notDeadAt(fault.reading.volts, proofPlace(fault.reading, file))
    case 'tester shows nothing':
      return say.theTesterShowsV(fault.reading.volts)
    case 'missing':
      return say.theReadingIsMissing(fault.role)
    case 'out of order':
      return say.theTesterHas
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
  const instrument = useInstrument('voltage')
  const [fault, setFault] = useState<string>()
  const limit = state.settings.deadVolts
  const done = (): void => {
    const volts = values.map(readNumber)
    const bad = volts.findIndex((v) => v === null)
    if (bad >= 0) {
      setAt(bad)
      return setFault(values[bad] ? say.isNotAVoltage(values[bad]) : say.keyInWhat)
    }
    const wild = volts.findIndex((v) => Math.abs(v!) > 2000)
    if (wild >= 0) return (setAt(wild), setFault(say.noMeterHereReads))
    if (!instrument.used) return setFault(say.whichMeterItHas)
    const readings = places.map(({ role, ...p }, i) => ({
      ...p,
      between: proofPlace({ ...p, role }, file),
      volts: volts[i]!,
      ...(cls === 'B' ? { role } : {}),
    }))
    const wrong = proofFaults(readings, cls, limit)[0]
    logAll([
      { kind: 'proof-taken', body: { readings, instrument: instrument.used } },
      ...(wrong || step === undefined ? [] : [{ kind: 'step-done' as const, body: { step } as Bodies['step-done'] }]),
    ])
    instrument.remember()
    if (wrong) return setFault(faultWords(wrong, file))
    onClose()
  }
  const again = predicted(view, file, places[at]!, limit)
  return (
    <Sheet
      open
      onClose={onClose}
      title={say.proveItDead}
      note={say.limitAtEveryPlace(limit, cls === 'B', full, state.power.state === 'live')}
    >
      {unanswered ? (
        <div className="mb-3 border-l-[6px] border-stop bg-stop-tint px-4 py-2.5 text-[16px]">
          <p>
            <span className="font-bold text-stop">▲ </span>
            {say.nobodyKnowsItsVoltage(full)}
          </p>
          {full === null ? (
            <Button className="mt-2 w-full" onClick={() => open({ kind: 'power' })}>
              {say.sayWhatItsCharger}
            </Button>
          ) : null}
          {person.qualified ? (
            <Button className="mt-2 w-full" onClick={() => log('check-passed', { check: 'qualified', shown: 'answers for it' })}>
              {say.iAmQualifiedI}
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
      <InstrumentField label={say.meterChecked} choice={instrument} />
      <div role="tablist" aria-label={say.places} className="my-3 flex flex-wrap gap-2">
        {places.map((place, i) => (
          <button
            key={i}
            type="button"
            role="tab"
            aria-selected={i === at}
            onClick={() => setAt(i)}
            className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint"
          >
            {proofPlace(place, file)}
            <br />
            <span className="font-sans tabular-nums">{values[i] ? `${values[i]} V` : '–'}</span>
          </button>
        ))}
      </div>
      <Keypad
        label={proofPlace(places[at]!, file)}
        unit="V"
        value={values[at]!}
        fault={fault}
        onChange={(v) => (setFault(undefined), setValues(values.map((x, i) => (i === at ? v : x))))}
      />
      {again !== null && again > now ? (
        <p className="mt-2 text-[15.5px] text-pose">{say.asTheLastTwo(limit, clockText(again, now))}</p>
      ) : null}
      {at < places.length - 1 && readNumber(values[at]!) !== null ? (
        <Button weight="primary" className="mt-4" onClick={() => setAt(at + 1)}>
          {say.nextPlace}
        </Button>
      ) : (
        <Button weight="primary" className="mt-4" disabled={state.power.state === 'live'} onClick={done}>
          {say.logThisProof}
        </Button>
      )}
    </Sheet>
  )
}

/** Is it a reading of this place? One of before places had ids says it in words. */
function isOf(r: ProofReading, place: ProofPlace, words: string): boolean {
  if (r.at !== undefined) return r.at === place.at
  return r.between !== undefined ? r.between === words : (r.role ?? 'poles') === place.role
}

/** When a place should be dead, from the last two readings there that were not. */
function predicted(view: JobContext['view'], file: JobContext['file'], place: ProofPlace, limit: number): number | null {
  const words = proofPlace(place, file)
  const points = view.entries.flatMap((raw) => {
    const e = readEntry(raw)
    if (e?.kind !== 'proof-taken') return []
    const r = e.body.readings.find((x) => isOf(x, place, words))
    return r && Math.abs(r.volts) > limit ? [{ at: e.at, volts: r.volts }] : []
  })
  const [a, b] = points.slice(-2)
  return a && b ? predictDead(a, b, limit) : null
}
