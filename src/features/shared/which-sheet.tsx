'use client'
import { useMemo, useState } from 'react'
import * as say from '../../words/en/screens/which'
import type { HeadForm, JobKind, MeasuredFew, Recess } from '../../core/line'
import { Button } from '../../ui/button'
import { Fault } from '../../ui/fault'
import { SelectField, TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { useJob } from './context'
import { useLiveFields } from './live-fields'
import { ScrewSide } from './screw-side'
import { CARD_MM, CSS_PX_PER_MM, useTrueScale } from './true-scale'
import { useReader } from './use-line'

type Reader = NonNullable<ReturnType<typeof useReader>>

const LENGTH = { quantity: 'length', unit: 'mm', range: [0.1, 500], live: false } as const
const NARROW_PX = 600
const SIZES = ['length', 'over', 'flats'] as const

/** One that lies on the bench, told by the measured few among the kinds of this job. */
export function WhichSheet({ onClose }: { readonly onClose: () => void }) {
  const reader = useReader()
  return (
    <Sheet open onClose={onClose} title={say.whichIsIt} note={say.whichNote}>
      {reader ? <Measures reader={reader} /> : null}
    </Sheet>
  )
}

function Measures({ reader }: { readonly reader: Reader }) {
  const { state, file } = useJob()
  const kinds = useMemo(() => {
    const heads = new Map(file?.joints.map((j) => [j.id, j.head ?? '']))
    // Without a file it stands in the line that was typed.
    const typed = new Map(state.down.map((s) => [s.id, s.title]))
    const inLine = (joint: string): string => reader.headText(reader.readLine(typed.get(joint) ?? '') ?? {})
    return reader.kindsIn(Object.values(state.fixings), (joint) => heads.get(joint) ?? inLine(joint))
  }, [reader, state.fixings, state.down, file])
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({})
  const [head, setHead] = useState('')
  const [recess, setRecess] = useState('')
  const [mate, setMate] = useState('')
  const [mateRuns, setMateRuns] = useState(true)
  const [scale, setScale] = useTrueScale()
  const set = (key: string, text: string): void => setTyped((t) => ({ ...t, [key]: text }))
  const live = useLiveFields(
    SIZES.map((key) => ({ key, label: say.FIELDS[key], value: typed[key] ?? '', asked: LENGTH })),
    set,
  )
  const sizes = SIZES.map((key) => [key, (typed[key] ?? '').trim() === '' ? undefined : readNumber(typed[key]!, 'mm')] as const)
  const bad = sizes.find(([, value]) => value === null || (value !== undefined && (value < 0.1 || value > 500)))
  const threads = [...new Set(kinds.map((k) => k.thread))]
  const thread = mate === '' ? undefined : reader.readLine(mate)?.thread
  const measured: MeasuredFew = {
    ...Object.fromEntries(sizes.flatMap(([key, value]) => (typeof value === 'number' && key !== bad?.[0] ? [[key, value]] : []))),
    ...(head === '' ? {} : { head: head as HeadForm }),
    ...(recess === '' ? {} : { recess: recess as Recess }),
    ...(thread ? { mate: { thread, runs: mateRuns } } : {}),
  }
  const { fits, not, next } = reader.whichOf(measured, kinds)
  const by = new Map(kinds.map((k) => [k.id, k]))
  const px = scale ?? CSS_PX_PER_MM
  return (
    <div className="grid gap-3">
      {live.row}
      <div className="grid grid-cols-2 gap-2">
        {SIZES.map((key) => (
          <TextField
            key={key}
            label={say.FIELDS[key]}
            {...(key === 'length' ? { hint: say.lengthHint } : {})}
            value={typed[key] ?? ''}
            onChange={(e) => set(key, e.target.value)}
            onFocus={() => live.entered(key)}
            inputMode="decimal"
            autoComplete="off"
            maxLength={12}
          />
        ))}
        <Choice label={say.head} value={head} of={Object.keys(reader.HEADS)} onChange={setHead} />
        <Choice label={say.recess} value={recess} of={reader.RECESSES} onChange={setRecess} />
        <SelectField label={say.knownNut} value={mate} onChange={(e) => setMate(e.target.value)}>
          <option value="">{say.none}</option>
          {threads.map((t) => (
            <option key={t} value={t}>
              {t}
            </option>
          ))}
        </SelectField>
        {mate === '' ? null : (
          <div className="col-span-2 flex gap-2" role="group" aria-label={mate}>
            {[true, false].map((r) => (
              <Button
                key={String(r)}
                aria-pressed={mateRuns === r}
                weight={mateRuns === r ? 'primary' : 'plain'}
                onClick={() => setMateRuns(r)}
              >
                {r ? say.runs : say.binds}
              </Button>
            ))}
          </div>
        )}
      </div>
      <Fault text={bad ? say.isNoSize(typed[bad[0]]!) : undefined} />
      <section role="status" aria-label={say.whichIsIt}>
        <p className="text-[18px] font-semibold">{say.fitsCount(fits.length)}</p>
        {fits.length > 1 ? <p className="text-[16px]">{next === null ? say.cannotPart : say.nextWords(next)}</p> : null}
        <ul className="mt-1 grid gap-1">
          {fits.map(({ id, unknown }) => (
            <Row key={id} reader={reader} kind={by.get(id)!} pxPerMm={px} {...(unknown.length > 0 ? { told: say.notTold(unknown) } : {})} />
          ))}
        </ul>
      </section>
      {not.length > 0 ? (
        <ul className="text-[15px] text-steel">
          {not.map(({ id, by: why }) => (
            <li key={id}>
              <s>{by.get(id)!.label}</s> {say.not(why)}
            </li>
          ))}
        </ul>
      ) : null}
      <p className="text-[14.5px] text-steel">{scale === null ? say.toScale : say.trueSize}</p>
      <Card pxPerMm={px} onFits={setScale} />
    </div>
  )
}

function Choice({
  label,
  value,
  of,
  onChange,
}: {
  readonly label: string
  readonly value: string
  readonly of: readonly string[]
  readonly onChange: (value: string) => void
}) {
  return (
    <SelectField label={label} value={value} onChange={(e) => onChange(e.target.value)}>
      <option value="">{say.notSaid}</option>
      {of.map((o) => (
        <option key={o} value={o}>
          {o}
        </option>
      ))}
    </SelectField>
  )
}

function Row({
  reader,
  kind,
  pxPerMm,
  told,
}: {
  readonly reader: Reader
  readonly kind: JobKind
  readonly pxPerMm: number
  readonly told?: string
}) {
  const crests = kind.what.thread && reader.crests(kind.what.thread)
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-2">
      {crests ? <ScrewSide label={kind.label} what={kind.what} d={(crests[0] + crests[1]) / 2} pxPerMm={pxPerMm} /> : null}
      <span>
        <span className="block text-[17px] font-semibold">{kind.label}</span>
        <span className="block text-[15px] text-steel">{say.ofThem(kind.members, kind.where.join(', '))}</span>
        {told ? <span className="block text-[15px] text-look">◆ {told}</span> : null}
      </span>
    </li>
  )
}

/** A card laid on the glass gives the screen its millimetres. */
function Card({ pxPerMm, onFits }: { readonly pxPerMm: number; readonly onFits: (pxPerMm: number) => void }) {
  // A phone is narrower than a card is long.
  const edge = window.innerWidth < NARROW_PX ? 'short' : 'long'
  const mm = CARD_MM[edge]
  const [wide, setWide] = useState(Math.round(pxPerMm * mm))
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[15px] font-semibold">{say.calibrate}</summary>
      <p className="text-[15px]">{say.layACard(edge, mm)}</p>
      <div className="mt-2 h-24 rounded-r-lg border-2 border-l-4 border-copper" style={{ width: wide }} aria-hidden="true" />
      <label className="mt-2 block text-[15px] font-semibold">
        {say.cardWide}
        <input
          type="range"
          min={Math.round(2.2 * mm)}
          max={Math.round(10 * mm)}
          value={wide}
          onChange={(e) => setWide(Number(e.target.value))}
          className="block h-12 w-full accent-copper"
        />
      </label>
      <Button onClick={() => onFits(wide / mm)}>{say.cardFits}</Button>
    </details>
  )
}
