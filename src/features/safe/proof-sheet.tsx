'use client'
import * as say from '../../words/en/screens/safe'
import { useState } from 'react'
import { type Bodies, chargeOf, dischargeOpen, readEntry } from '../../core/job'
import type { MachineFile } from '../../core/machine'
import {
  handTurnCap,
  type Feed,
  type ProofFault,
  proofFaults,
  type ProofPlace,
  proofPlaces,
  predictDead,
  type ProofReading,
  type Rotor,
} from '../../core/safety'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad } from '../../ui/keypad'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { proofPlace } from '../../words/en/readings'
import { type JobContext, useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
import { useInstrument } from '../shared/use-instrument'
import { SheetCautions } from '../shared/later'
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
    case 'source too low':
      return say.sourceIsTooLow(fault.reading.volts, fault.least ?? 0)
    case 'tester drifted':
      return say.theTesterDrifted(fault.before, fault.after)
    case 'tester too coarse':
      return say.testerIsTooCoarse(fault.step)
    case 'rotor not held':
      return say.holdTheRotor
  }
}

/** Has it a motor whose phases a turning rotor feeds? Every kind but the brushed; where there is no file nobody knows, and they count. */
const hasPhases = (file: JobContext['file']): boolean =>
  !file || file.drives.some((d) => d.kind !== 'gearbox brushed' && d.kind !== 'actuator')

/** Proving dead: up to 60 V a checked meter and a reading at each controller, above it the five readings. No pedal passes it. */
export function ProofSheet({ step, onClose }: { readonly step?: string; readonly onClose: () => void }) {
  const { file, state, person, open, log, logAll, now, view, instruments } = useJob()
  const { cls, volts: full } = chargeOf(state)
  const unanswered = cls === 'B' && state.checks['qualified']?.passed?.by !== person.id
  const [rotor, setRotor] = useState<Rotor | ''>(hasPhases(file) ? '' : 'no phases')
  const places = proofPlaces(cls, feeds(file), rotor !== 'no phases')
  const [source, setSource] = useState('')
  // A machine on the mains has no pack of its own to try the meter on.
  const mains = file !== null && !file.pack
  const [values, setValues] = useState<Readonly<Record<string, string>>>({})
  const slots = places.flatMap(slotsOf)
  const [at, setAt] = useState(0)
  const instrument = useInstrument('voltage')
  const [fault, setFault] = useState<string>()
  const limit = state.settings.deadVolts
  const valueOf = (slot: Slot): string => values[slot.key] ?? ''
  const done = (): void => {
    const bad = slots.findIndex((slot) => readNumber(valueOf(slot)) === null)
    if (bad >= 0) {
      setAt(bad)
      return setFault(valueOf(slots[bad]!) ? say.isNotAVoltage(valueOf(slots[bad]!)) : say.keyInWhat)
    }
    const wild = slots.findIndex((slot) => Math.abs(readNumber(valueOf(slot))!) > 2000)
    if (wild >= 0) return (setAt(wild), setFault(say.noMeterHereReads))
    if (!instrument.used) return setFault(say.whichMeterItHas)
    if (mains && source.trim() === '') return (setAt(0), setFault(say.nameTheSource))
    const readings = places.map((p): ProofReading => {
      const [dc, ac] = slotsOf(p).map((slot) => readNumber(valueOf(slot))!)
      const named = p.role.startsWith('tester') && source.trim() !== ''
      return {
        ...p,
        between: proofPlace(p, file),
        volts: dc!,
        ...(ac === undefined ? {} : { ac: Math.abs(ac) }),
        ...(named ? { source: source.trim() } : {}),
      }
    })
    const lowestStep = instruments.find((i) => i.id === instrument.used?.id)?.lampStep
    const of = { ...(lowestStep === undefined ? {} : { lowestStep }), ...(cls === 'B' && rotor !== '' ? { rotor } : {}) }
    const wrong = proofFaults(readings, cls, limit, { full, ...of })[0]
    logAll([
      { kind: 'proof-taken', body: { readings, instrument: instrument.used, ...of } },
      ...(wrong || step === undefined ? [] : [{ kind: 'step-done' as const, body: { step } as Bodies['step-done'] }]),
    ])
    instrument.remember()
    if (wrong) return setFault(faultWords(wrong, file))
    onClose()
  }
  const cap = file ? turnCap(file) : null
  const here = slots[Math.min(at, slots.length - 1)]!
  // Above 60 V the minutes of the label run first, whatever a meter shows.
  const early = cls === 'B' && dischargeOpen(state)
  /** A figure that came by itself: in, and on to the next place. */
  const put = (text: string): void => {
    setFault(undefined)
    setValues({ ...values, [here.key]: text })
    if (at < slots.length - 1) setAt(at + 1)
  }
  const again = predicted(view, file, here.place, limit)
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
        <SheetCautions sheet="dead" className="grid content-start gap-1" />
      </div>
      {cap === null ? null : (
        <p className="mb-3 text-[15px] leading-snug">
          <span className="font-bold text-look">◆ </span>
          {say.turnedByHand(cap, HAND_TURN_LIMIT)}
        </p>
      )}
      {early ? (
        <p className="mb-3 border-l-[6px] border-look bg-look-tint px-4 py-2.5 text-[16px]">
          <span className="font-bold text-look">◆ </span>
          {say.minutesFirst}
        </p>
      ) : null}
      <InstrumentField label={say.meterChecked} choice={instrument} />
      {cls === 'B' && hasPhases(file) ? (
        <Tiles
          legend={say.theRotor}
          name="rotor"
          value={rotor}
          onChange={(r) => (setFault(undefined), setRotor(r))}
          options={[
            { value: 'chocked', label: say.chocked, hint: say.movedEndsIt },
            { value: 'phases parted', label: say.phasesParted },
            ...(file ? [] : [{ value: 'no phases' as const, label: say.noPhases }]),
          ]}
        />
      ) : null}
      <div role="tablist" aria-label={say.places} className="my-3 flex flex-wrap gap-2">
        {slots.map((slot, i) => (
          <button
            key={slot.key}
            type="button"
            role="tab"
            aria-selected={slot === here}
            onClick={() => setAt(i)}
            className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint"
          >
            {slotWords(slot, file)}
            <br />
            <span className="font-sans tabular-nums">{valueOf(slot) ? say.volts(valueOf(slot)) : '–'}</span>
          </button>
        ))}
      </div>
      {here.place.role.startsWith('tester') ? (
        <TextField
          label={say.triedOn}
          hint={cls === 'B' ? say.halfOrAUnit : say.anySourceAbove}
          placeholder={mains ? say.aSourceByName : say.thePacksOwnPlug}
          value={source}
          onChange={(e) => (setFault(undefined), setSource(e.target.value))}
          maxLength={120}
          autoComplete="off"
        />
      ) : null}
      <LiveRow
        about={here.key}
        asked={{
          quantity: 'voltage',
          unit: 'V',
          range: [-2000, 2000],
          live: false,
          dead: true,
          modes: here.kind === 'AC' ? ['V AC'] : ['V DC'],
        }}
        onTake={(taken, used) => {
          put(figureTaken(taken).text)
          instrument.cameFrom(used)
        }}
      />
      <Keypad
        label={slotWords(here, file)}
        unit="V"
        value={valueOf(here)}
        fault={fault}
        onChange={(v) => (setFault(undefined), setValues({ ...values, [here.key]: v }))}
        onTyped={put}
        onEnter={at < slots.length - 1 && readNumber(valueOf(here)) !== null ? () => setAt(at + 1) : undefined}
      />
      {again !== null && again > now ? (
        <p className="mt-2 text-[15.5px] text-pose">{say.asTheLastTwo(limit, clockText(again, now))}</p>
      ) : null}
      <div className="sticky -bottom-5 -mx-5 mt-2 bg-paper px-5 pb-5 pt-2">
        {at < slots.length - 1 && readNumber(valueOf(here)) !== null ? (
          <Button weight="primary" className="w-full" onClick={() => setAt(at + 1)}>
            {say.nextPlace}
          </Button>
        ) : (
          <Button weight="primary" className="w-full" disabled={state.power.state === 'live' || early} onClick={done}>
            {say.logThisProof}
          </Button>
        )}
      </div>
    </Sheet>
  )
}

/** What a turn by hand may feed at most, V. */
const HAND_TURN_LIMIT = 30

/** Turns a minute of what turns by hand up to which no drive of the machine feeds more than that; null where no Kv is known. */
function turnCap(file: MachineFile): number | null {
  const caps = file.drives.flatMap(({ kv, kvOf, ratio }) => {
    if (!kv || (kvOf === 'rotor' && ratio === undefined)) return []
    return [handTurnCap(kv.value, HAND_TURN_LIMIT) / (kvOf === 'rotor' ? ratio! : 1)]
  })
  return caps.length > 0 ? Math.floor(Math.min(...caps)) : null
}

/** One figure to key in: of phases two at each place, DC and AC. */
interface Slot {
  readonly key: string
  readonly place: ProofPlace
  readonly kind: 'DC' | 'AC' | null
}
function slotsOf(place: ProofPlace): Slot[] {
  const key = `${place.role} ${place.at ?? ''} ${place.between ?? ''}`
  return place.role === 'phases' || place.role === 'phase to frame'
    ? (['DC', 'AC'] as const).map((kind) => ({ key: `${key} ${kind}`, place, kind }))
    : [{ key, place, kind: null }]
}
const slotWords = ({ place, kind }: Slot, file: JobContext['file']): string => `${proofPlace(place, file)}${kind ? `, ${kind}` : ''}`

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
