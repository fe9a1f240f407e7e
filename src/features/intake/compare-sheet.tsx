'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { useState } from 'react'
import { toCompare } from '../../core/job'
import { compareOne, type Compared, type CompareSpec } from '../../core/machine'
import { unitLabel } from '../../core/units'
import { Button } from '../../ui/button'
import { readNumber } from '../../ui/keypad'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { MARK } from './compare-table'
import { InstrumentField } from '../shared/instrument-field'
import { useInstrument } from '../shared/use-instrument'
import { comparedWords } from '../../words/en/comparison'

/** Measuring a new part against the old one, before anything is undone. */
export function CompareSheet({ part, onClose }: { readonly part: string; readonly onClose: () => void }) {
  const { state, file, log } = useJob()
  const planned = toCompare(state).find((s) => s.part!.id === part)
  const known = file?.parts.find((p) => p.id === part)
  const specs = planned?.compare ?? known?.compare ?? []
  const before = state.comparisons[part]?.rows
  const instrument = useInstrument('length')
  const text = (v: number | string | null | undefined): string => (v === null || v === undefined ? '' : String(v))
  const [fresh, setFresh] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(specs.map((s) => [s.id, text(before?.find((r) => r.id === s.id)?.fresh)])),
  )
  const [old, setOld] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries((before ?? []).filter((r) => r.oldFrom === 'measured').map((r) => [r.id, text(r.old)])),
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
    log('replacement-compared', { part, rows, ...(instrument.used ? { instrument: instrument.used } : {}) })
    instrument.remember()
    onClose()
  }
  const draft = specs.map((s) => compareOne(s, readValue(s, old[s.id]) ?? null, readValue(s, fresh[s.id]) ?? null))
  return (
    <Sheet open onClose={onClose} title={say.newPartBeside(planned?.part?.name ?? known?.name)} note={say.theFilesValueStands}>
      <p aria-hidden="true" className="narrow mb-1 grid grid-cols-[minmax(0,1fr)_88px_112px_24px] gap-2 text-[14px] text-steel">
        <span />
        <span>{say.theOldOne}</span>
        <span>{say.theNewOne}</span>
      </p>
      <ul className="grid gap-2">
        {specs.map((spec, i) => {
          const verdict = draft[i]!.verdict
          return (
            <li key={spec.id} className="grid grid-cols-[minmax(0,1fr)_88px_112px_24px] items-center gap-2 border-b border-rule pb-2">
              <span className="text-[16px] leading-tight">
                {spec.name}
                {spec.unit ? <span className="text-steel">, {unitLabel(spec.unit)}</span> : null}
              </span>
              {spec.options ? (
                <span className="text-[15px]">{spec.value}</span>
              ) : (
                <input
                  aria-label={say.oldOf(spec.name)}
                  inputMode="decimal"
                  autoComplete="off"
                  placeholder={say.byTheFile(spec.value)}
                  value={old[spec.id] ?? ''}
                  onChange={(e) => (setFault(undefined), setOld({ ...old, [spec.id]: e.target.value }))}
                  className="min-h-12 w-full rounded-md border-2 border-rule bg-paper px-2 text-right text-[16px] tabular-nums placeholder:text-steel"
                />
              )}
              {spec.options ? (
                <select
                  aria-label={say.newOf(spec.name)}
                  value={fresh[spec.id] ?? ''}
                  onChange={(e) => setFresh({ ...fresh, [spec.id]: e.target.value })}
                  className="min-h-12 w-full rounded-md border-2 border-steel bg-paper px-1 text-[15px]"
                >
                  <option value="">–</option>
                  {spec.options.map((o) => (
                    <option key={o} value={o}>
                      {o}
                    </option>
                  ))}
                </select>
              ) : (
                <input
                  aria-label={say.newOf(spec.name)}
                  inputMode="decimal"
                  autoComplete="off"
                  value={fresh[spec.id] ?? ''}
                  onChange={(e) => (setFault(undefined), setFresh({ ...fresh, [spec.id]: e.target.value }))}
                  aria-invalid={fault?.id === spec.id || undefined}
                  className="min-h-12 w-full rounded-md border-2 border-steel bg-paper px-2 text-right text-[18px] font-semibold tabular-nums"
                />
              )}
              <span className={`text-[18px] ${MARK[verdict][1]}`} title={MARK[verdict][2]}>
                {MARK[verdict][0]}
                <span className="sr-only">{MARK[verdict][2]}</span>
              </span>
              {verdict === 'mismatch' ? <p className="col-span-4 text-[15px] text-stop">{spec.why}</p> : null}
              {fault?.id === spec.id ? (
                <p role="alert" className="col-span-4 text-[15px] font-semibold text-stop">
                  ▲ {fault.text}
                </p>
              ) : null}
            </li>
          )
        })}
      </ul>
      <div className="mt-3">
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

/** Undefined: not readable. Null: nothing keyed in. */
function readValue(spec: CompareSpec, text: string | undefined): number | string | null | undefined {
  if (text === undefined || text.trim() === '') return null
  if (spec.options) return text
  const value = readNumber(text)
  return value === null || value < 0 || value > 100_000 ? undefined : value
}
