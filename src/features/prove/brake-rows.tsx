'use client'
import * as say from '../../words/en/screens/prove'
import { type Brake, type BrakeTried, judgeStop, type Ladder } from '../../core/ride'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { BRAKE_WORDS, stopWords } from '../../words/en/rides'

/** A brake as it stands in the sheet: figures as they are typed. */
export interface BrakeRow {
  readonly brake: Brake
  readonly stops: number
  readonly from: string
  readonly metres: string
  readonly fresh: boolean
}

/** Stops that are ridden with each brake. */
const STOPS = 3

/** What was tried, or the text that is no figure. Brakes that were not tried stay out. */
export function readBrakes(rows: readonly BrakeRow[]): readonly BrakeTried[] | string {
  const tried: BrakeTried[] = []
  for (const row of rows) {
    const figures: { from?: number; metres?: number } = {}
    for (const [key, most] of [
      ['from', 300],
      ['metres', 1000],
    ] as const) {
      if (row[key].trim() === '') continue
      const value = readNumber(row[key])
      if (value === null || value <= 0 || value > most) return row[key]
      figures[key] = value
    }
    if (row.stops > 0 || figures.from !== undefined)
      tried.push({ brake: row.brake, stops: Math.max(1, row.stops), ...figures, ...(row.fresh ? { fresh: true as const } : {}) })
  }
  return tried
}

/** Each brake: three stops ridden by one tap; one of them measured from a held speed to a line, by tape, where there is a tape. */
export function BrakeRows({
  ladder,
  rows,
  onChange,
}: {
  readonly ladder: Ladder
  readonly rows: readonly BrakeRow[]
  readonly onChange: (rows: readonly BrakeRow[]) => void
}) {
  const rowOf = (brake: Brake): BrakeRow => rows.find((r) => r.brake === brake) ?? { brake, stops: 0, from: '', metres: '', fresh: false }
  const set = (brake: Brake, change: Partial<BrakeRow>): void =>
    onChange(ladder.brakes.map((b) => (b === brake ? { ...rowOf(b), ...change } : rowOf(b))))
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 text-[15px] font-semibold">{say.eachBrake}</legend>
      <p className="text-[14.5px] text-steel">{say.measureOne}</p>
      {ladder.brakes.length > 1 ? (
        <button
          type="button"
          aria-pressed={ladder.brakes.every((b) => rowOf(b).stops > 0)}
          onClick={() => onChange(ladder.brakes.map((b) => ({ ...rowOf(b), stops: STOPS })))}
          className="narrow min-h-14 rounded-md border-2 border-rule bg-paper px-3 text-left text-[16.5px] aria-pressed:border-ok aria-pressed:bg-ok-tint"
        >
          {say.stopsWithAll(ladder.brakes.map((b) => BRAKE_WORDS[b].toLowerCase()).join(', '), STOPS)}
        </button>
      ) : null}
      {ladder.brakes.map((brake) => {
        const row = rowOf(brake)
        const read = readBrakes([row])
        const judged = typeof read !== 'string' && read[0] ? judgeStop(read[0], ladder.stops) : null
        return (
          <div key={brake} role="group" aria-label={BRAKE_WORDS[brake]} className="grid gap-1.5 border-b border-rule pb-2">
            <div className="flex flex-wrap items-end gap-2">
              <button
                type="button"
                aria-pressed={row.stops > 0}
                onClick={() => set(brake, { stops: row.stops > 0 ? 0 : STOPS })}
                className={`narrow min-h-12 flex-1 basis-44 rounded-md border-2 px-3 text-left text-[16px] ${row.stops > 0 ? 'border-ok bg-ok-tint' : 'border-rule bg-paper'}`}
              >
                {row.stops > 0 ? '● ' : ''}
                {say.stopsWith(BRAKE_WORDS[brake], STOPS)}
              </button>
              <Short label={say.fromSpeed} name={BRAKE_WORDS[brake]} value={row.from} onChange={(from) => set(brake, { from })} />
              <Short label={say.toStandstill} name={BRAKE_WORDS[brake]} value={row.metres} onChange={(metres) => set(brake, { metres })} />
            </div>
            {judged ? (
              <label className="flex min-h-11 cursor-pointer items-center gap-2 text-[15px]">
                <input
                  type="checkbox"
                  className="size-5 accent-copper"
                  checked={row.fresh}
                  onChange={() => set(brake, { fresh: !row.fresh })}
                />
                {say.newPads}
              </label>
            ) : null}
            {judged ? (
              <p
                className={
                  judged.verdict === 'bad'
                    ? 'text-[16px] font-semibold text-stop'
                    : judged.verdict === 'look'
                      ? 'text-[16px] text-look'
                      : 'text-[16px]'
                }
              >
                {stopWords(judged)}
              </p>
            ) : null}
          </div>
        )
      })}
    </fieldset>
  )
}

function Short({
  label,
  name,
  value,
  onChange,
}: {
  readonly label: string
  readonly name: string
  readonly value: string
  readonly onChange: (value: string) => void
}) {
  return (
    <TextField
      className="w-28"
      label={label}
      aria-label={`${name}: ${label}`}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      inputMode="decimal"
      autoComplete="off"
      maxLength={8}
    />
  )
}
