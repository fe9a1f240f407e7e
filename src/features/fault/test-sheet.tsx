'use client'
import dynamic from 'next/dynamic'
import * as say from '../../words/en/screens/fault'
import { useMemo, useState } from 'react'
import { answersIn, catalogueFor, computeValue, isKnown, type NumberAnswer, type Test, unknownMachine } from '../../core/diagnosis'
import { chargeOf, SKIPPED_WHY, type SkippedWhy } from '../../core/job'
import type { DriveKind } from '../../core/machine'
import { formatNumber, readValue, type Result, unitLabel, UNITS } from '../../core/units'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { Keypad } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { observedWords } from '../../words/en/diagnosis'
import { SKIPPED_WORDS } from '../../words/en/entries'
import { type JobContext, useJob } from '../shared/context'
import { InstrumentField } from '../shared/instrument-field'
import type { Asked, Taken } from '../../instruments/fits'
import { LiveRow } from '../shared/later'
import { figureTaken } from '../shared/live-row'
import { useInstrument } from '../shared/use-instrument'
import { readFaultWords } from '../../words/en/read-errors'
import { powerAgainst } from './power-against'
import { PowerGuard } from './power-guard'
import { TestCautions } from './test-cautions'

const Probes = dynamic(() => import('./probes'))

/** A test of one drive: the same id may be another test of another kind. */
function useTest(id: string, drive: string): { readonly test: Test; readonly kind: DriveKind } | null {
  const { file, state } = useJob()
  const { variants } = state
  const volts = chargeOf(state).volts ?? 0
  return useMemo(() => {
    const taken = new Set([id])
    const unit = file?.drives.find((d) => d.id === drive) ?? file?.drives.find((d) => isKnown(d.kind))
    const unknown = !file && volts > 0 ? unknownMachine(answersIn(variants), volts, taken) : null
    const kind = unit?.kind ?? unknown?.kind
    const catalogue = file && unit ? catalogueFor(unit, file, taken) : unknown?.catalogue
    const test = catalogue?.tests.find((t) => t.id === id)
    return test && kind ? { test, kind } : null
  }, [file, drive, variants, volts, id])
}

/** Logs what a test showed in words. */
export function logWord(job: JobContext, test: Test, outcome: string, drive: string): void {
  // The words go along for a shop where an older build still reads; the newest form drops them.
  const text = observedWords({ test: test.id, outcome })
  job.log('test-observed', { test: test.id, outcome, drive, text, live: test.power === 'live' })
}

/** The reading pad: one test, its figures or its words. What is computed from several figures is never typed. */
export function TestSheet({ test: id, drive, onClose }: { readonly test: string; readonly drive: string; readonly onClose: () => void }) {
  const job = useJob()
  const found = useTest(id, drive)
  if (!found) return null
  const { test, kind } = found
  const against = powerAgainst(job, test)
  return (
    <Sheet open onClose={onClose} title={test.title} note={test.how}>
      <div className="grid gap-4">
        <TestCautions test={test} />
        <PowerGuard test={test} />
        {test.answer.kind === 'words' ? (
          <div className="grid gap-2" role="group" aria-label={say.whatItShowed}>
            {test.answer.outcomes.map((o) => (
              <Button
                key={o.id}
                disabled={against !== null}
                className="justify-start text-left"
                onClick={() => (logWord(job, test, o.id, drive), onClose())}
              >
                {o.name}
              </Button>
            ))}
          </div>
        ) : (
          <Pad test={test} kind={kind} answer={test.answer} drive={drive} blocked={against} onClose={onClose} />
        )}
        <Button weight="quiet" onClick={() => job.open({ kind: 'skip test', test: test.id, drive })}>
          {say.cantDoThisOne}
        </Button>
      </div>
    </Sheet>
  )
}

function Pad({
  test,
  kind,
  answer,
  drive,
  blocked,
  onClose,
}: {
  readonly test: Test
  readonly kind: DriveKind
  readonly answer: NumberAnswer
  readonly drive: string
  readonly blocked: string | null
  readonly onClose: () => void
}) {
  const { log, form, state } = useJob()
  const [values, setValues] = useState<readonly string[]>(answer.inputs.map(() => ''))
  const [at, setAt] = useState(0)
  const { unit } = answer
  const instrument = useInstrument(UNITS[answer.inputUnit].dimension)
  const [beyond, setBeyond] = useState(false)
  const [came, setCame] = useState<Pick<Taken, 'mode' | 'condition'>>({})
  const [fault, setFault] = useState<string>()
  const reads = values.map((v) => readValue(v, answer.inputUnit, answer.inputRange))
  const figures = reads.flatMap((r) => (r.ok ? [r.value] : []))
  const value = figures.length === answer.inputs.length ? computeValue(answer.compute, figures) : null
  const done = (): void => {
    if (blocked) return setFault(blocked)
    const bad = reads.findIndex((r) => !r.ok)
    const wrong = reads[bad]
    if (wrong && !wrong.ok) return (setAt(bad), setFault(readFaultWords(values[bad]!, answer.inputUnit, wrong.error)))
    if (value === null) return setFault(say.divisorIsZero)
    const figure = Number(value.toPrecision(6))
    const result: Result = beyond ? { is: 'over', limit: figure } : { is: 'value', value: figure }
    log('reading-taken', {
      test: test.id,
      drive,
      quantity: UNITS[unit].dimension,
      named: answer.quantity,
      result,
      unit,
      live: test.power === 'live',
      ...(instrument.used ? { instrument: instrument.used } : {}),
      ...came,
      ...conditionOf(test, UNITS[answer.inputUnit].dimension, came.condition),
      ...(answer.compute === 'single' ? {} : { raw: figures }),
    })
    instrument.remember()
    onClose()
  }
  const next = reads.findIndex((r, i) => i !== at && !r.ok)
  /** A figure that came by itself: in, and on to the next. */
  const put = (text: string): void => {
    setFault(undefined)
    setValues(values.map((x, i) => (i === at ? text : x)))
    if (next >= 0) setAt(next)
  }
  return (
    <>
      {answer.inputs.length > 1 ? (
        <div role="tablist" aria-label={say.figures} className="flex flex-wrap gap-2">
          {answer.inputs.map((name, i) => (
            <button
              key={name}
              type="button"
              role="tab"
              aria-selected={i === at}
              onClick={() => setAt(i)}
              className="narrow min-h-12 rounded-md border-2 border-rule px-3 text-left text-[15px] aria-selected:border-copper aria-selected:bg-copper-tint"
            >
              {name}
              <br />
              <span className="font-sans tabular-nums">{values[i] ? `${values[i]} ${unitLabel(answer.inputUnit)}` : '–'}</span>
            </button>
          ))}
        </div>
      ) : null}
      <Probes test={test} drive={{ id: drive, kind }} at={at} beside />
      <LiveRow
        about={`${test.id} ${at}`}
        asked={askedBy(test, answer, state.power.state === 'live')}
        hold={{ to: 'test', test: test.id, input: at }}
        onTake={(taken, used) => {
          const { text, over } = figureTaken(taken)
          setBeyond(over)
          setCame({ ...(taken.mode ? { mode: taken.mode } : {}), ...(taken.condition ? { condition: taken.condition } : {}) })
          put(text)
          instrument.cameFrom(used)
        }}
      />
      <Keypad
        label={answer.inputs[at]!}
        unit={unitLabel(answer.inputUnit)}
        value={values[at]!}
        fault={fault}
        over={answer.compute === 'single' && form >= 13 ? { on: beyond, toggle: () => setBeyond(!beyond) } : undefined}
        onChange={(v) => (setFault(undefined), setCame({}), setValues(values.map((x, i) => (i === at ? v : x))))}
        onTyped={put}
      />
      {answer.compute !== 'single' ? (
        <p role="status" className="text-[17px]">
          {answer.quantity}:{' '}
          <strong className="tabular-nums">{value === null ? '–' : `${formatNumber(value, 1)} ${unitLabel(answer.unit)}`}</strong>{' '}
          <span className="text-[14px] text-steel">{say.workedOut}</span>
        </p>
      ) : null}
      <InstrumentField choice={instrument} />
      {next >= 0 && reads[at]!.ok ? (
        <Button weight="primary" onClick={() => setAt(next)}>
          {say.next(answer.inputs[next]!)}
        </Button>
      ) : (
        <Button weight="primary" onClick={done}>
          {say.logIt}
        </Button>
      )}
    </>
  )
}

/** What the field of a test asks of an instrument. */
function askedBy(test: Test, answer: NumberAnswer, live: boolean): Asked {
  const { abs, rel } = answer.u
  const single = answer.compute === 'single'
  return {
    quantity: UNITS[answer.inputUnit].dimension,
    unit: answer.inputUnit,
    range: answer.inputRange,
    live: live || test.power === 'live',
    ...(test.modes ? { modes: test.modes } : {}),
    ...(test.settled ? { settled: true } : {}),
    // Four times what the value may be off by anyway; of several figures a tenth of each.
    finest: (value) => Math.max(single ? 4 * Math.hypot(abs, rel * value) : 0, Math.abs(value) / 10, 1e-6),
  }
}

/** Volts on a dead machine end its proof, unless the test turned the rotor for them. */
function conditionOf(test: Test, quantity: string, came: Taken['condition']): Pick<Taken, 'condition'> {
  if (test.power !== 'dead' || quantity !== 'voltage') return {}
  return { condition: { ...came, rotor: test.turns ? 'turning' : 'still' } }
}

/** A test that cannot be done: the next best takes its place. */
export function SkipSheet({ test: id, drive, onClose }: { readonly test: string; readonly drive: string; readonly onClose: () => void }) {
  const { log } = useJob()
  const test = useTest(id, drive)?.test
  const [why, setWhy] = useState<SkippedWhy>(SKIPPED_WHY[0])
  const [text, setText] = useState('')
  return (
    <Sheet open onClose={onClose} title={say.cantDoThisOne} note={test?.title ?? id}>
      <div className="grid gap-4">
        <Tiles
          legend={say.why}
          name="why-not"
          value={why}
          onChange={setWhy}
          options={SKIPPED_WHY.map((w) => ({ value: w, label: SKIPPED_WORDS[w] }))}
        />
        <TextField label={say.anythingToAdd} value={text} onChange={(e) => setText(e.target.value)} maxLength={500} />
        <p className="text-[15px] text-steel">{say.standsAsNotDone}</p>
        <Button
          weight="primary"
          onClick={() => (
            log('test-skipped', {
              test: id,
              drive,
              ...(test ? { text: test.title } : {}),
              why,
              ...(text.trim() ? { reason: text.trim() } : {}),
            }),
            onClose()
          )}
        >
          {say.leaveItOut}
        </Button>
      </div>
    </Sheet>
  )
}
