'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/workings'
import {
  type Asked,
  type AskedFrom,
  type Better,
  type Field,
  isWorking,
  type Keyed,
  type Outcome,
  startOf,
  type SumAt,
  sumsAt,
  WORKING_IDS,
  type WorkingId,
  workingOf,
} from '../../core/workings'
import { type CheckId, sumsOf } from '../../core/job'
import { errorOf } from '../../core/instruments'
import { SelectField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { WORKING_NAMES } from '../../words/en/worked'
import { WORKING_WORDS } from '../../words/en/workings'
import { InstrumentField } from '../shared/instrument-field'
import { useJob } from '../shared/context'
import { useInstrument } from '../shared/use-instrument'
import { DIRECTIONS, pointing, sidesIn } from '../../core/machine'
import type { Stands } from './drawings'
import { WorkingPanel } from './panel'

export interface WorkSheetProps {
  readonly step?: string
  /** The check that is being made, where its own sums stand beside those of its step. */
  readonly check?: CheckId
  /** Which of the step's sums stands first; the one that can do most harm where it is left out. */
  readonly working?: WorkingId
  /** The fixings, part or axle that it is of, where not all of the step's. */
  readonly of?: readonly string[]
  /** What is known beside the file. */
  readonly from?: Keyed
  readonly onClose: () => void
}

/** The sums of a step, with what its file gives; any other of the bench too. What is put in the job keeps its figures and their doubt. */
export function WorkSheet({ step: id, check, working, of, from, onClose }: WorkSheetProps) {
  const job = useJob()
  const { state, file, log, instruments, mayWork } = job
  const step = [...state.down, ...state.up].find((s) => s.id === id)
  const own: readonly SumAt[] = [
    ...(step && file ? sumsAt(file, step) : []),
    ...sumsOf(check ?? '').map((w): SumAt => ({ working: w, of: [], from: {} })),
  ]
  const [chosen, setChosen] = useState<WorkingId>(working ?? own[0]?.working ?? 'length-in-hole')
  const instrument = useInstrument('length')
  const sum =
    own.find((s) => s.working === chosen && (of === undefined || s.of.some((x) => of.includes(x)))) ?? own.find((s) => s.working === chosen)
  const known: Keyed = { ...sum?.from, ...(chosen === working ? from : {}) }
  const subject = chosen === working && of ? of : (sum?.of ?? [])
  // As it was worked out last, so that one thing can be put right; a length is measured anew.
  const last =
    chosen === 'length-in-hole'
      ? undefined
      : state.workings.filter((w) => w.working === chosen && (w.of?.[0] ?? '') === (subject[0] ?? '')).at(-1)
  const before: Keyed = Object.fromEntries((last?.asked ?? []).map((a) => [a.id, a.word ?? String(a.value ?? '')]))
  const listed = instruments.find((i) => i.id === instrument.used?.id)
  // A length that a listed instrument gave is as good as that, evenly over its error; what the file says is as good as the file.
  const better: Better = (field, typed) => {
    const of = fieldOf(chosen, field)
    const value = Number(typed.replace(',', '.'))
    if (!listed || typed === known[field] || of.is !== 'number' || of.unit !== 'mm' || of.u === 0 || !Number.isFinite(value))
      return undefined
    const off = errorOf(listed, value, 'mm')
    return off === undefined ? undefined : off / Math.sqrt(3)
  }
  const pose = file?.poses.find((p) => p.id === state.pose.id)
  const stands: Stands | undefined = pose && {
    mirrored: sidesIn(pose)?.left === 'right',
    now: (toward) => (toward === 'in' || toward === 'out' ? toward : pointing(DIRECTIONS[toward], pose).now),
  }
  const put = ({ asked, worked }: Extract<Outcome, { readonly is: 'worked' }>): void => {
    const { result, also, verdict, why } = worked
    log('worked-out', {
      working: chosen,
      edition: workingOf(chosen).edition,
      asked: asked.map((a) => ({ ...a, from: cameFrom(chosen, a, known, instrument.used !== undefined) })),
      ...(result ? { result: figureOf(result) } : {}),
      ...(also && also.length > 0 ? { also: also.map(figureOf) } : {}),
      ...(verdict ? { verdict } : {}),
      ...(why && why.length > 0 ? { why: [...why] } : {}),
      ...(id === undefined ? {} : { step: id }),
      ...(subject.length > 0 ? { of: [...subject] } : {}),
      ...(instrument.used ? { instrument: instrument.used } : {}),
    })
    instrument.remember()
    onClose()
  }
  return (
    <Sheet open wide onClose={onClose} title={WORKING_NAMES[chosen]} note={step ? say.was(step.title) : WORKING_WORDS[chosen].tells}>
      <div className="grid gap-3">
        <SelectField label={say.title} value={chosen} onChange={(e) => (isWorking(e.target.value) ? setChosen(e.target.value) : undefined)}>
          {own.length > 0 ? (
            <optgroup label={say.atThisStep}>
              {[...new Set(own.map((s) => s.working))].map((w) => (
                <option key={w} value={w}>
                  {WORKING_NAMES[w]}
                </option>
              ))}
            </optgroup>
          ) : null}
          <optgroup label={say.allOthers}>
            {WORKING_IDS.filter((w) => !own.some((s) => s.working === w)).map((w) => (
              <option key={w} value={w}>
                {WORKING_NAMES[w]}
              </option>
            ))}
          </optgroup>
        </SelectField>
        {mayWork ? <InstrumentField label={say.measuredWith} choice={instrument} /> : null}
        <WorkingPanel
          key={chosen}
          id={chosen}
          from={{ ...known, ...before }}
          better={better}
          photos={state.photos.map((p) => p.photo)}
          {...(stands ? { stands } : {})}
          {...(mayWork ? { onPut: put } : {})}
        />
      </div>
    </Sheet>
  )
}

const fieldOf = (working: WorkingId, field: string): Field => workingOf(working).fields[field]!

const figureOf = ({
  id,
  value,
  u,
  unit,
}: {
  readonly id: string
  readonly value: number
  readonly u?: number
  readonly unit: string | null
}) => ({ id, value, ...(u === undefined ? {} : { u }), ...(unit === null ? {} : { unit }) }) as never

/** Where a figure of a field comes from. */
function cameFrom(working: WorkingId, asked: Asked, known: Keyed, measured: boolean): AskedFrom {
  const field = fieldOf(working, asked.id)
  const now = asked.word ?? String(asked.value)
  const file = known[asked.id]
  if (file !== undefined && file !== '' && (asked.word === undefined ? Number(file) === asked.value : file === now)) return 'machine file'
  if (field.is !== 'choice' && startOf(field) === now) return 'usual'
  return measured && field.is === 'number' && field.unit === 'mm' ? 'measured' : 'keyed'
}
