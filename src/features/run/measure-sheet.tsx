'use client'
import * as say from '../../words/en/screens/run-sheets'
import { useState } from 'react'
import { errorOf } from '../../core/instruments'
import { type Bodies, expectedDone, isCheck, type Judged, judge, looksOf, notedDown, type Took } from '../../core/job'
import type { Want } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { type Measurement, type Result, UNIT_IDS, type UnitId, unitLabel, UNITS } from '../../core/units'
import { Button } from '../../ui/button'
import { SelectField, TextField } from '../../ui/field'
import { Keypad } from '../../ui/keypad'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { lastFigures, relationWords, verdictWords, wantWords } from '../../words/en/measuring'
import { useJob } from '../shared/context'
import { SheetCautions } from '../shared/later'
import { logTight } from '../shared/do-step'
import { InstrumentField } from '../shared/instrument-field'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
import { useInstrument } from '../shared/use-instrument'

/** Units that a figure may be keyed in, the want's own first: those that a bench's instruments show. */
const KEYED: readonly UnitId[] = [
  'bar',
  'psi',
  'kPa',
  'ohm',
  'mohm',
  'kohm',
  'Mohm',
  'V',
  'mV',
  'mm',
  'cm',
  'in',
  'deg',
  'N',
  's',
  'degC',
  'degF',
  '%',
]

interface Slot {
  readonly want: Want
  readonly n: number
}
interface Keyed {
  readonly text: string
  readonly unit: UnitId
  readonly over: boolean
  /** With what, once another quantity is keyed in. */
  readonly used?: Took['instrument']
}

/** The figures that a step wants: each with its unit and instrument, beside what was noted on the way down. Without them it is not done. */
export function MeasureSheet({
  step: id,
  body,
  onClose,
}: {
  readonly step: string
  readonly body?: Bodies['step-done']
  readonly onClose: () => void
}) {
  const { state } = useJob()
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  return step?.wants ? <Figures step={step} wants={step.wants} {...(body ? { body } : {})} onClose={onClose} /> : null
}

function Figures({
  step,
  wants,
  body,
  onClose,
}: {
  readonly step: PlannedStep
  readonly wants: readonly Want[]
  readonly body?: Bodies['step-done']
  readonly onClose: () => void
}) {
  const job = useJob()
  const { state, instruments, log } = job
  const slots = wants.flatMap((want) => Array.from({ length: want.repeats ?? 1 }, (_, n): Slot => ({ want, n })))
  const [keyed, setKeyed] = useState<readonly Keyed[]>(slots.map(({ want }) => ({ text: '', unit: want.unit, over: false })))
  const [at, setAt] = useState(0)
  const [fault, setFault] = useState<string>()
  const [volts, setVolts] = useState(String(wants.find((w) => w.testVolts !== undefined)?.testVolts ?? ''))
  const [seconds, setSeconds] = useState(String(wants.find((w) => w.seconds !== undefined)?.seconds ?? ''))
  const { want } = slots[at]!
  const mine = keyed[at]!
  const instrument = useInstrument(want.quantity)
  const put = (more: Partial<Keyed>): void => (setFault(undefined), setKeyed(keyed.map((k, i) => (i === at ? { ...k, ...more } : k))))
  // Each quantity has its own instrument: an angle is not read with a voltmeter.
  const usedFor = (i: number): Took['instrument'] => (slots[i]!.want.quantity === want.quantity ? instrument.used : keyed[i]!.used)
  const go = (to: number): void => {
    instrument.remember()
    setKeyed(keyed.map((k, i) => (slots[i]!.want.quantity === want.quantity && instrument.used ? { ...k, used: instrument.used } : k)))
    setAt(to)
  }
  const figures = slots.map(({ want: w }, i) => {
    const used = usedFor(i)
    return tookOf(
      w,
      keyed[i]!,
      instruments.find((x) => x.id === used?.id),
      used,
    )
  })
  const read = figures.flatMap((f) => f ?? [])
  const judged = judge(wants, step.relations ?? [], read, step.limb === 'up' ? notedDown(state) : [])
  const done = (): void => {
    const bad = slots.findIndex((_, i) => figures[i] === null)
    if (bad >= 0) return (go(bad), setFault(keyed[bad]!.text ? say.isNotAFigure(keyed[bad]!.text) : say.keyInWhatItShows))
    const bare = slots.findIndex((_, i) => !usedFor(i))
    if (bare >= 0) return (go(bare), setFault(say.measuredWithWhat))
    const condition = conditionOf(wants, volts, seconds)
    if (condition === null) return setFault(say.voltsAndSeconds)
    const took = read.map((t) => (condition && t.quantity === 'resistance' ? { ...t, condition } : t))
    if (step.check !== undefined && isCheck(step.check) && !looksOf(step.check))
      log('check-passed', { check: step.check, shown: 'the step', step: step.id, took })
    else logTight(job, step, { kind: 'step-done', body: { ...(body ?? expectedDone(state, step)), took } })
    instrument.remember()
    if (judged.holds) return onClose()
    setFault(say.loggedNotDone)
  }
  const before = step.limb === 'up' ? lastFigures(notedDown(state)) : {}
  return (
    <Sheet open onClose={onClose} title={say.whatItShows} note={step.title}>
      <div className="grid gap-4">
        <InstrumentField label={say.measuredWith} choice={instrument} />
        <div role="tablist" aria-label={say.figures} className="flex flex-wrap gap-2">
          {slots.map((slot, i) => (
            <button
              key={`${slot.want.id} ${slot.n}`}
              type="button"
              role="tab"
              aria-selected={i === at}
              onClick={() => go(i)}
              className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint"
            >
              {say.figureName(slot.want.name, slot.n, slot.want.repeats ?? 1)}
              <br />
              <span className="font-sans tabular-nums">
                {keyed[i]!.text ? say.shownAs(keyed[i]!.text, keyed[i]!.over, unitLabel(keyed[i]!.unit)) : '–'}
              </span>
            </button>
          ))}
        </div>
        <p className="text-[16px]">
          {wantWords(want)}
          {before[want.id] ? <strong> {say.was(before[want.id]!)}</strong> : null}
        </p>
        <div className="grid grid-cols-2 gap-2">
          <SelectField label={say.unit} value={mine.unit} onChange={(e) => put({ unit: e.target.value as UnitId })}>
            {unitsFor(want).map((u) => (
              <option key={u} value={u}>
                {unitLabel(u)}
              </option>
            ))}
          </SelectField>
        </div>
        {want.testVolts !== undefined ? <SheetCautions sheet="insulation test" /> : null}
        {want.testVolts !== undefined || want.seconds !== undefined ? (
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label={say.testVolts}
              value={volts}
              onChange={(e) => setVolts(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
            />
            <TextField
              label={say.testSeconds}
              value={seconds}
              onChange={(e) => setSeconds(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
            />
          </div>
        ) : null}
        <LiveRow
          about={`${step.id} ${at}`}
          asked={{
            quantity: want.quantity,
            unit: mine.unit,
            live: state.power.state === 'live',
            ...(want.testVolts === undefined ? {} : { modes: ['insulation'] }),
            ...(want.seconds === undefined ? {} : { settled: true }),
          }}
          onTake={(taken, used) => {
            const { text, over } = figureTaken(taken)
            put({ text, over, used })
            instrument.cameFrom(used)
            if (taken.condition?.testVolts !== undefined) setVolts(String(taken.condition.testVolts))
            if (taken.condition?.seconds !== undefined) setSeconds(String(taken.condition.seconds))
          }}
        />
        <Keypad
          label={say.figureName(want.name, slots[at]!.n, want.repeats ?? 1)}
          unit={unitLabel(mine.unit)}
          value={mine.text}
          fault={fault}
          over={{ on: mine.over, toggle: () => put({ over: !mine.over }) }}
          onChange={(text) => put({ text })}
        />
        <Verdicts judged={judged} wants={wants} />
        {at < slots.length - 1 && figures[at] !== null ? (
          <Button weight="primary" onClick={() => go(at + 1)}>
            {say.nextFigure}
          </Button>
        ) : (
          <Button weight="primary" onClick={done}>
            {say.logTheFigures}
          </Button>
        )}
      </div>
    </Sheet>
  )
}

/** How what was keyed in stands: only what has a figure is told. */
function Verdicts({ judged, wants }: { readonly judged: Judged; readonly wants: readonly Want[] }) {
  const told = judged.verdicts.filter((v) => v.is !== 'missing')
  if (told.length === 0) return null
  return (
    <ul role="status" className="grid gap-1 text-[16px]">
      {told.map((v) => (
        <li key={v.want}>
          {verdictWords(
            v,
            wants.find((w) => w.id === v.want)!,
          )}
        </li>
      ))}
      {judged.relations.map((r) => (
        <li key={JSON.stringify(r.relation)}>{relationWords(r, wants)}</li>
      ))}
    </ul>
  )
}

const unitsFor = (want: Want): readonly UnitId[] => [
  want.unit,
  ...UNIT_IDS.filter((u) => u !== want.unit && KEYED.includes(u) && UNITS[u].dimension === want.quantity),
]

const MODES: Partial<Record<Want['quantity'], Measurement['mode']>> = { voltage: 'V DC', current: 'A DC' }

/** What was keyed in as a measurement; null where it is no figure. */
function tookOf(
  want: Want,
  { text, unit, over }: Keyed,
  listed: Parameters<typeof errorOf>[0] | undefined,
  used: Took['instrument'],
): Took | null {
  const value = readNumber(text)
  if (value === null || Math.abs(value) > 1e9) return null
  const u = listed && !over ? errorOf(listed, value, unit) : undefined
  const result: Result = over ? { is: 'over', limit: value } : { is: 'value', value, ...(u === undefined ? {} : { u }) }
  const mode = want.testVolts === undefined ? MODES[want.quantity] : 'insulation'
  return {
    want: want.id,
    quantity: want.quantity,
    result,
    unit,
    live: false,
    ...(mode ? { mode } : {}),
    ...(used ? { instrument: used } : {}),
  }
}

/** Test voltage and seconds, where a figure wants them; null where they are none. */
function conditionOf(wants: readonly Want[], volts: string, seconds: string): Took['condition'] | null {
  if (!wants.some((w) => w.testVolts !== undefined || w.seconds !== undefined)) return undefined
  const [v, s] = [volts, seconds].map((x) => (x.trim() === '' ? undefined : readNumber(x)))
  if (v === null || s === null || (v !== undefined && (v < 0 || v > 20_000)) || (s !== undefined && (s < 0 || s > 100_000))) return null
  return { ...(v === undefined ? {} : { testVolts: v }), ...(s === undefined ? {} : { seconds: s }) }
}
