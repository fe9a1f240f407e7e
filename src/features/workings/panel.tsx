'use client'
import { useId, useState } from 'react'
import * as say from '../../words/en/screens/workings'
import {
  type Better,
  type Field,
  type Keyed,
  type Outcome,
  startOf,
  type WorkingId,
  workOut,
  type Working,
  workingOf,
} from '../../core/workings'
import { unitLabel } from '../../core/units'
import { wrongUnit } from '../../core/bearings'
import { Button } from '../../ui/button'
import { readNumber } from '../../ui/number'
import { WORKING_NAMES } from '../../words/en/worked'
import { fieldFaultWords, WORKING_WORDS, idWords } from '../../words/en/workings'
import { Board } from '../shared/board'
import { useTrueScale } from '../shared/true-scale'
import { drawnFrom, DRAWINGS, SCALES, type Stands } from './drawings'
import { Result } from './result'
import { StackEditor } from './stack-editor'

const BOX = 'min-h-11 w-full rounded-md border-2 border-steel bg-paper px-2 text-[17px] text-ink tabular-nums'

const NO_BETTER: Better = () => undefined

export interface PanelProps {
  readonly id: WorkingId
  /** What stands in its fields at first, where that is known better than its usual starts. */
  readonly from?: Keyed
  /** What is known of the doubt of figures, in their units. */
  readonly better?: Better
  /** How the machine stands, where a drawing is turned with it. */
  readonly stands?: Stands
  /** Photos of the job that pieces can be tapped on. */
  readonly photos?: readonly string[]
  /** Where it goes when it is put in a job. */
  readonly onPut?: (outcome: Extract<Outcome, { readonly is: 'worked' }>) => void
}

/** One working: its drawing, what it comes to, its fields; a second set of figures beside the first. */
export function WorkingPanel({ id, from = {}, better = NO_BETTER, stands, photos = [], onPut }: PanelProps) {
  const of: Working = workingOf(id)
  const words = WORKING_WORDS[id]
  const labels: Readonly<Record<string, string>> = words.fields
  const begin: Keyed = Object.fromEntries(Object.entries(of.fields).map(([f, field]) => [f, from[f] ?? startOf(field)]))
  const [sets, setSets] = useState<readonly Keyed[]>([begin])
  const outcomes = sets.map((keyed) => workOut(of, keyed, better))
  const put = (set: number, field: string, text: string): void => setSets(sets.map((s, i) => (i === set ? { ...s, [field]: text } : s)))
  const draw = DRAWINGS[id]
  const scale = SCALES[id]
  const [pxPerMm] = useTrueScale()
  const first = outcomes[0]!
  return (
    <div className="grid content-start gap-3">
      {draw && first.is === 'worked' ? (
        <Board label={say.drawnAs(WORKING_NAMES[id])} viewBox="0 0 420 184">
          {draw(drawnFrom(first.asked, first.worked, stands))}
        </Board>
      ) : null}
      {draw && scale && pxPerMm !== null && first.is === 'worked' ? (
        <figure className="overflow-x-auto">
          <Board
            label={say.atTrueSize(WORKING_NAMES[id])}
            viewBox="0 0 420 184"
            wide={(420 * pxPerMm) / scale(drawnFrom(first.asked, first.worked))}
          >
            {draw(drawnFrom(first.asked, first.worked))}
          </Board>
          <figcaption className="text-[14px] text-steel">{say.layItOnTheGlass}</figcaption>
        </figure>
      ) : null}
      <div className={sets.length > 1 ? 'grid gap-2 sm:grid-cols-2' : 'grid'}>
        {outcomes.map((o, i) => (
          <Result key={i} id={id} outcome={o} {...(sets.length > 1 ? { name: say.set(i === 0 ? 1 : 2) } : {})} />
        ))}
      </div>
      <div className="grid gap-x-6 gap-y-2 xl:grid-cols-2">
        {Object.entries(of.fields).flatMap(([f, field]) =>
          field.is === 'stack'
            ? sets.map((s, i) => {
                const fault = faultOf(outcomes[i]!, f, s[f] ?? '', field)
                return (
                  <StackEditor
                    key={`${f} ${i}`}
                    label={sets.length > 1 ? `${labels[f]}, ${say.set(i === 0 ? 1 : 2)}` : (labels[f] ?? f)}
                    value={s[f] ?? ''}
                    onChange={(text) => put(i, f, text)}
                    photos={photos}
                    {...(fault === undefined ? {} : { fault })}
                  />
                )
              })
            : [],
        )}
        {Object.entries(of.fields).flatMap(([f, field]) =>
          field.is === 'stack'
            ? []
            : [
                <Row
                  key={f}
                  label={labels[f] ?? f}
                  field={field}
                  values={sets.map((s) => s[f] ?? '')}
                  hints={sets.map((s) => (field.is === 'number' && field.unit === 'mm' ? unitSlip(s[f] ?? '', from[f]) : undefined))}
                  faults={outcomes.map((o, i) => faultOf(o, f, sets[i]![f] ?? '', field))}
                  onChange={(set, text) => put(set, f, text)}
                />,
              ],
        )}
      </div>
      <div className="flex flex-wrap gap-2">
        <Button weight="quiet" onClick={() => setSets(sets.length > 1 ? [sets[0]!] : [sets[0]!, sets[0]!])}>
          {sets.length > 1 ? say.without : say.another}
        </Button>
        {onPut ? (
          <Button
            weight="primary"
            className="flex-1"
            aria-disabled={first.is !== 'worked' || undefined}
            onClick={() => (first.is === 'worked' ? onPut(first) : undefined)}
          >
            {say.putInJob}
          </Button>
        ) : null}
      </div>
      <dl className="grid gap-1 border-t border-rule pt-2 text-[14.5px] text-steel">
        <div>
          <dt className="inline font-semibold">{say.formula}: </dt>
          <dd className="inline">{of.formula}</dd>
        </div>
        <div>
          <dt className="inline font-semibold">{say.doubt}: </dt>
          <dd className="inline">{say.ofTwenty}</dd>
        </div>
        <div>
          <dt className="inline font-semibold">{say.source}: </dt>
          <dd className="inline">
            {of.source} · {say.basis[of.basis]}
          </dd>
        </div>
      </dl>
    </div>
  )
}

/** Beside what the file says: a figure that would be it in another unit, or half a turn of the drum away. */
function unitSlip(typed: string, known: string | undefined): string | undefined {
  const [value, near] = [readNumber(typed), readNumber(known ?? '')]
  if (value === null || near === null || near <= 0 || value <= 0) return undefined
  const slip = wrongUnit(value, near)
  return slip === null ? undefined : say.unitSlip(slip, near)
}

function faultOf(outcome: Outcome, field: string, typed: string, { is, ...rest }: Field): string | undefined {
  if (outcome.is !== 'faults') return undefined
  const fault = outcome.faults.find((f) => f.field === field)
  if (!fault) return undefined
  const unit = is === 'number' ? ((rest as { readonly unit?: string | null }).unit ?? '') : ''
  return fieldFaultWords(fault, typed, unit)
}

/** One field in a row: its label, and a box for each set. */
function Row({
  label,
  field,
  values,
  hints,
  faults,
  onChange,
}: {
  readonly label: string
  readonly field: Exclude<Field, { readonly is: 'stack' }>
  readonly values: readonly string[]
  readonly hints: readonly (string | undefined)[]
  readonly faults: readonly (string | undefined)[]
  readonly onChange: (set: number, text: string) => void
}) {
  const id = useId()
  const unit = field.is === 'number' && field.unit !== null ? unitLabel(field.unit) : ''
  const hint = field.is !== 'number' ? undefined : field.repeated ? say.severalReadings : field.optional ? say.optional : undefined
  return (
    <div className={`grid items-center gap-x-2 ${values.length > 1 ? 'grid-cols-[1fr_112px_112px]' : 'grid-cols-[1fr_164px]'}`}>
      <span className="text-[16px] leading-tight" id={`${id}-label`}>
        {label}
        {unit ? `, ${unit}` : ''}
        {hint ? <span className="block text-[13px] text-steel">{hint}</span> : null}
      </span>
      {values.map((value, i) =>
        field.is === 'choice' ? (
          <select key={i} aria-labelledby={`${id}-label`} value={value} onChange={(e) => onChange(i, e.target.value)} className={BOX}>
            {field.options.map((o) => (
              <option key={o} value={o}>
                {idWords(o)}
              </option>
            ))}
          </select>
        ) : (
          <input
            key={i}
            aria-labelledby={`${id}-label`}
            aria-invalid={faults[i] !== undefined || undefined}
            {...(faults[i] === undefined ? {} : { 'aria-describedby': `${id}-fault` })}
            value={value}
            onChange={(e) => onChange(i, e.target.value)}
            {...(field.is === 'number' && !field.repeated ? { inputMode: 'decimal' as const } : {})}
            autoComplete="off"
            maxLength={80}
            className={BOX}
          />
        ),
      )}
      {hints.some((h) => h !== undefined) ? (
        <p role="status" className="col-span-full text-[15px] text-look">
          ◆ {hints.find((h) => h !== undefined)}
        </p>
      ) : null}
      {faults.some((f) => f !== undefined) ? (
        <p id={`${id}-fault`} role="alert" className="col-span-full text-[15px] font-semibold text-stop">
          ▲ {faults.find((f) => f !== undefined)}
        </p>
      ) : null}
    </div>
  )
}
