'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { useMemo, useState } from 'react'
import { toCompare } from '../../core/job'
import {
  asInFile,
  compareOne,
  type Compared,
  fileVolts,
  foreignSpecs,
  freeSpeed,
  NOT_KNOWN,
  type OwnSpec,
  TOP_SPEED,
  UNKNOWN_SPECS,
} from '../../core/machine'
import { isUnit, unitLabel, UNITS } from '../../core/units'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { readNumber } from '../../ui/number'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { MARK } from './compare-table'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { type LiveField, useLiveFields } from '../shared/live-fields'
import { comparedWords, foreignWords } from '../../words/en/comparison'

/** Measuring a new part against the old one, before anything is undone. */
export function CompareSheet({ part, onClose }: { readonly part: string; readonly onClose: () => void }) {
  const { state, file, log, settings } = useJob()
  const planned = toCompare(state).find((s) => s.part!.id === part)
  const known = file?.parts.find((p) => p.id === part)
  const before = state.comparisons[part]?.rows
  const others = useMemo(
    () => (file ? foreignSpecs(file, part, settings.topSpeed[file.class]) : UNKNOWN_SPECS).map(foreignWords),
    [file, part, settings],
  )
  const own: readonly OwnSpec[] = planned?.compare ?? known?.compare ?? []
  // A controller has no rows of the file: whatever comes is compared as one of another make.
  const [foreign, setForeign] = useState(own.length === 0 || (before ?? []).some((r) => others.some((o) => o.id === r.id)))
  const specs: readonly OwnSpec[] = foreign
    ? [...own, ...others.filter((o) => !own.some((s) => s.id === o.id || s.name.toLowerCase() === o.name.toLowerCase()))]
    : own
  const instrument = useInstrument('length')
  const text = (v: number | string | null | undefined): string => (v === null || v === undefined ? '' : String(v))
  const [fresh, setFresh] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries((before ?? []).map((r) => [r.id, text(r.fresh)])),
  )
  const [old, setOld] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries((before ?? []).filter((r) => r.oldFrom === 'measured' && r.old !== NOT_KNOWN).map((r) => [r.id, text(r.old)])),
  )
  const [fault, setFault] = useState<{ readonly id: string; readonly text: string }>()
  const done = (): void => {
    const rows: Compared[] = []
    for (const spec of specs) {
      const [mine, theirs] = [readValue(spec, old[spec.id]), readValue(spec, fresh[spec.id])]
      const bad = mine === undefined ? old[spec.id] : theirs === undefined ? fresh[spec.id] : null
      if (bad !== null) return setFault({ id: spec.id, text: say.isNotASize(bad, spec.unit && unitLabel(spec.unit)) })
      rows.push(compareOne(spec, mine ?? null, theirs ?? null))
    }
    log('replacement-compared', { part, rows, ...(own.length > 0 && instrument.used ? { instrument: instrument.used } : {}) })
    instrument.remember()
    onClose()
  }
  const put = (key: string, value: string): void => {
    setFault(undefined)
    const [side, id] = split(key)
    if (side === 'old') setOld((o) => ({ ...o, [id]: value }))
    else setFresh((f) => ({ ...f, [id]: value }))
  }
  const live = useLiveFields(
    specs.flatMap((spec): LiveField[] => {
      if (spec.options || !spec.unit || !isUnit(spec.unit)) return []
      const asked = { quantity: UNITS[spec.unit].dimension, unit: spec.unit, range: [0, 100_000], live: false } as const
      const field = (side: Side, value = '', label = spec.name): LiveField => ({ key: `${side} ${spec.id}`, label, value, asked })
      const mine = field('old', old[spec.id], say.oldOf(spec.name))
      return [...(spec.value === undefined ? [mine] : []), field('new', fresh[spec.id], say.newOf(spec.name))]
    }),
    (key, value, used, { quantity }) => {
      put(key, value)
      if (quantity === 'length') instrument.cameFrom(used)
    },
  )
  const draft = specs.map((s) => compareOne(s, readValue(s, old[s.id]) ?? null, readValue(s, fresh[s.id]) ?? null))
  return (
    <Sheet
      open
      onClose={onClose}
      title={say.newPartBeside(planned?.part?.name ?? known?.name ?? state.parts[part]?.name)}
      note={say.theFilesValueStands}
    >
      {others.length > 0 && own.length > 0 ? (
        <label className="mb-2 flex min-h-12 cursor-pointer items-center gap-3 text-[16px]">
          <input type="checkbox" className="size-5 accent-copper" checked={foreign} onChange={() => setForeign(!foreign)} />
          {say.itIsOfAnotherMake}
        </label>
      ) : null}
      <div className="sticky top-0 z-10 mb-2 bg-paper">{live.row}</div>
      <p aria-hidden="true" className="narrow mb-1 grid grid-cols-[minmax(0,1fr)_88px_112px_24px] gap-2 text-[14px] text-steel">
        <span />
        <span>{say.theOldOne}</span>
        <span>{say.theNewOne}</span>
      </p>
      <ul className="grid gap-2">
        {specs.map((spec, i) => {
          const options = spec.options
          const odd = !asInFile(spec, readValue(spec, old[spec.id]) ?? null)
          const verdict = draft[i]!.verdict
          return (
            <li key={spec.id} className="grid grid-cols-[minmax(0,1fr)_88px_112px_24px] items-center gap-2 border-b border-rule pb-2">
              <span className="text-[16px] leading-tight">
                {spec.name}
                {spec.unit ? <span className="text-steel">, {unitLabel(spec.unit)}</span> : null}
              </span>
              {options && spec.value !== undefined ? (
                <span className="text-[15px]">{spec.value}</span>
              ) : options ? (
                <Words
                  label={say.oldOf(spec.name)}
                  options={options}
                  value={old[spec.id] ?? ''}
                  onChange={(v) => setOld({ ...old, [spec.id]: v })}
                />
              ) : (
                <input
                  aria-label={say.oldOf(spec.name)}
                  inputMode="decimal"
                  autoComplete="off"
                  placeholder={spec.value === undefined ? say.onTheOld : say.byTheFile(spec.value)}
                  value={old[spec.id] ?? ''}
                  onFocus={() => live.entered(`old ${spec.id}`)}
                  onChange={(e) => put(`old ${spec.id}`, e.target.value)}
                  className="min-h-12 w-full rounded-md border-2 border-rule bg-paper px-2 text-right text-[16px] tabular-nums placeholder:text-steel"
                />
              )}
              {options ? (
                <Words
                  label={say.newOf(spec.name)}
                  options={options}
                  value={fresh[spec.id] ?? ''}
                  onChange={(v) => setFresh({ ...fresh, [spec.id]: v })}
                />
              ) : (
                <input
                  aria-label={say.newOf(spec.name)}
                  inputMode="decimal"
                  autoComplete="off"
                  value={fresh[spec.id] ?? ''}
                  onFocus={() => live.entered(`new ${spec.id}`)}
                  onChange={(e) => put(`new ${spec.id}`, e.target.value)}
                  aria-invalid={fault?.id === spec.id || undefined}
                  className="min-h-12 w-full rounded-md border-2 border-steel bg-paper px-2 text-right text-[18px] font-semibold tabular-nums"
                />
              )}
              <span className={`text-[18px] ${MARK[verdict][1]}`} title={MARK[verdict][2]}>
                {MARK[verdict][0]}
                <span className="sr-only">{MARK[verdict][2]}</span>
              </span>
              {spec.id === TOP_SPEED && file ? (
                <FreeSpeed volts={fileVolts(file)} onSpeed={(v) => setFresh((f) => ({ ...f, [spec.id]: v }))} />
              ) : null}
              {odd ? <p className="col-span-4 text-[15px] text-look">◆ {say.goesAgainstTheFile(spec.name)}</p> : null}
              {verdict === 'mismatch' ? (
                <p className="col-span-4 text-[15px] text-stop">
                  {typeof draft[i]!.fresh === 'number' && typeof draft[i]!.old === 'number'
                    ? `${say.otherBy(draft[i]!.fresh - draft[i]!.old, spec.unit ? unitLabel(spec.unit) : '')} `
                    : ''}
                  {spec.why}
                </p>
              ) : null}
              {fault?.id === spec.id ? (
                <p role="alert" className="col-span-4 text-[15px] font-semibold text-stop">
                  ▲ {fault.text}
                </p>
              ) : null}
            </li>
          )
        })}
      </ul>
      <div className={own.length === 0 ? 'hidden' : 'mt-3'}>
        <InstrumentField label={say.measuredWith} choice={instrument} />
      </div>
      <p className="mt-3 text-[16px]" role="status">
        {comparedWords(draft)}
      </p>
      <Button weight="primary" className="mt-3" onClick={done}>
        {say.logTheComparison}
      </Button>
    </Sheet>
  )
}

type Side = 'old' | 'new'

/** Which of the two a field is of, and the id of its row. */
function split(key: string): readonly [Side, string] {
  const id = key.slice(4)
  return [key.startsWith('old ') ? 'old' : 'new', id]
}

/** Undefined: not readable. Null: nothing keyed in. */
function readValue(spec: OwnSpec, text: string | undefined): number | string | null | undefined {
  if (text === undefined || text.trim() === '') return null
  if (spec.options) return text
  const value = readNumber(text, spec.unit)
  return value === null || value < 0 || value > 100_000 ? undefined : value
}

function Words({
  label,
  options,
  value,
  onChange,
}: {
  readonly label: string
  readonly options: readonly string[]
  readonly value: string
  readonly onChange: (value: string) => void
}) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      className="min-h-12 w-full rounded-md border-2 border-steel bg-paper px-1 text-[15px]"
    >
      <option value="">–</option>
      {options.map((o) => (
        <option key={o} value={o}>
          {o}
        </option>
      ))}
    </select>
  )
}

/** Top speed worked out from the new motor's Kv and its wheel; it is never guessed. */
function FreeSpeed({ volts, onSpeed }: { readonly volts: number | null; readonly onSpeed: (speed: string) => void }) {
  const [kv, setKv] = useState('')
  const [round, setRound] = useState('')
  if (volts === null) return null
  const set = (nextKv: string, nextRound: string): void => {
    setKv(nextKv)
    setRound(nextRound)
    const [k, r] = [readNumber(nextKv), readNumber(nextRound)]
    if (k !== null && k > 0 && r !== null && r > 0) onSpeed(freeSpeed(k, volts, r).toFixed(1))
  }
  return (
    <div className="col-span-4 grid grid-cols-2 gap-2">
      <TextField label={say.kvOfTheNew} value={kv} onChange={(e) => set(e.target.value, round)} inputMode="decimal" maxLength={8} />
      <TextField label={say.roundTheTyre} value={round} onChange={(e) => set(kv, e.target.value)} inputMode="decimal" maxLength={8} />
    </div>
  )
}
