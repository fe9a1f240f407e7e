'use client'
import * as say from '../../words/en/screens/check-figures'
import type { Bodies, CheckId, TestItem } from '../../core/job'
import { type Brake, type CheckFigure, judgeFigure, type Ladder, type Measured } from '../../core/ride'
import type { InstrumentUsed } from '../../core/units'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { BRAKE_WORDS } from '../../words/en/rides'
import { useLiveFields } from '../shared/live-fields'

/** What was typed, by the key of its field. */
export type Typed = Readonly<Record<string, string>>

interface Field {
  readonly key: string
  readonly of: CheckFigure
  /** Where: a brake, or nothing where the check is of one thing. */
  readonly brake?: Brake
}

const LENGTH = { quantity: 'length', unit: 'mm', range: [0, 500], live: false } as const
const OF_BRAKES: readonly CheckFigure[] = ['lining', 'disc', 'runout', 'lever']

/** Figures that a check may have: of each brake, or of what turns. */
export function figuresOf(check: CheckId, ladder: Pick<Ladder, 'brakes'>): readonly Field[] {
  if (check === 'bearings') return [{ key: 'play', of: 'play' }]
  if (check !== 'brakes') return []
  return ladder.brakes.filter((b) => b !== 'together').flatMap((brake) => OF_BRAKES.map((of) => ({ key: `${brake} ${of}`, of, brake })))
}

const leastOf = (f: Field): string => `${f.key} least`
const placeOf = (f: Field): string => (f.brake ? BRAKE_WORDS[f.brake] : say.theWheel)

export interface FigureRead extends Measured {
  readonly name: string
  readonly place: string
}

/** What was measured, or the text that is no length. What cannot be reached stays empty. */
export function readFigures(fields: readonly Field[], typed: Typed): readonly FigureRead[] | string {
  const found: FigureRead[] = []
  for (const f of fields) {
    const text = typed[f.key]?.trim() ?? ''
    const least = f.of === 'disc' ? (typed[leastOf(f)]?.trim() ?? '') : ''
    if (text === '') continue
    const [mm, stamped] = [readNumber(text, 'mm'), least === '' ? undefined : readNumber(least, 'mm')]
    if (mm === null || mm < 0 || mm > 500) return text
    if (stamped === null || (stamped !== undefined && (stamped <= 0 || stamped > 50))) return least
    found.push({ ...judgeFigure(f.of, mm, stamped), name: say.figureOf(placeOf(f), f.of), place: placeOf(f) })
  }
  return found
}

/** The same as readings: each with its place, and what stands on the part beside it. */
export function asReadings(
  read: readonly FigureRead[],
  live: boolean,
  instrument: InstrumentUsed | undefined,
): { readonly kind: 'reading-taken'; readonly body: Bodies['reading-taken'] }[] {
  return read.map((w) => ({
    kind: 'reading-taken',
    body: {
      test: `check-${w.of}`,
      quantity: 'length',
      result: { is: 'value', value: w.mm },
      unit: 'mm',
      live,
      place: w.place,
      ...(w.stamped && w.least !== undefined ? { raw: [w.mm, w.least] } : {}),
      ...(instrument ? { instrument } : {}),
    },
  }))
}

/** What is out of its limit, as items that are wrong: the check does not pass with them. */
export const outOfLimit = (read: readonly FigureRead[]): TestItem[] =>
  read.filter((w) => w.verdict === 'bad').map((w) => ({ name: w.name, result: 'wrong' }))

/** What is left of each brake, how far its disc runs out and its lever goes, or how much play there is: by figure, where it can be had. */
export function FigureRows({
  fields,
  typed,
  onChange,
  onTaken,
}: {
  readonly fields: readonly Field[]
  readonly typed: Typed
  readonly onChange: (typed: Typed) => void
  /** What a figure came from by itself. */
  readonly onTaken: (used: InstrumentUsed) => void
}) {
  const live = useLiveFields(
    fields.flatMap((f) => [
      { key: f.key, label: say.figureOf(placeOf(f), f.of), value: typed[f.key] ?? '', asked: LENGTH },
      ...(f.of === 'disc' && typed[f.key]
        ? [{ key: leastOf(f), label: say.leastOf(placeOf(f)), value: typed[leastOf(f)] ?? '', asked: LENGTH }]
        : []),
    ]),
    (key, text, used) => (onChange({ ...typed, [key]: text }), onTaken(used)),
  )
  const box = (key: string, label: string, name: string) => (
    <TextField
      key={key}
      className="w-[104px]"
      label={label}
      aria-label={name}
      value={typed[key] ?? ''}
      onChange={(e) => onChange({ ...typed, [key]: e.target.value })}
      onFocus={() => live.entered(key)}
      inputMode="decimal"
      autoComplete="off"
      maxLength={10}
    />
  )
  const read = readFigures(fields, typed)
  const places = [...new Set(fields.map(placeOf))]
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[15px] font-semibold">{say.howMuchIsLeft}</summary>
      <div className="mb-2">{live.row}</div>
      {places.map((place) => (
        <fieldset key={place} className="mb-2 flex flex-wrap items-end gap-2">
          <legend className="mb-1 text-[15px]">{place}</legend>
          {fields
            .filter((f) => placeOf(f) === place)
            .flatMap((f) => [
              box(f.key, say.FIGURE_NAMES[f.of], say.figureOf(place, f.of)),
              ...(f.of === 'disc' && typed[f.key] ? [box(leastOf(f), say.leastStamped, say.leastOf(place))] : []),
            ])}
        </fieldset>
      ))}
      {typeof read === 'string'
        ? null
        : read
            .filter((w) => w.verdict === 'bad' || w.verdict === 'look')
            .map((w) => (
              <p key={w.name} className={`text-[16px] ${w.verdict === 'bad' ? 'font-semibold text-stop' : 'text-look'}`}>
                {w.verdict === 'bad' ? '▲' : '◆'} {say.limitWords(w)}
              </p>
            ))}
    </details>
  )
}
