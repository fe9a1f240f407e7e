'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/procedures'
import { Head } from './head'
import { type Finding, PROCEDURES, type Procedure, type Values } from '../../core/procedures'
import { formatNumber, readValue, unitLabel, UNITS } from '../../core/units'
import { TextField, Tiles } from '../../ui/field'
import { Fault } from '../../ui/fault'
import { readFaultWords } from '../../words/en/read-errors'
import { useLiveFields } from '../shared/live-fields'
import { Halves } from './halves'
import { WireMatching } from './wire-matching'

const HALVES = 'halves'
const WIRES = 'wires'
const LOOK = { ok: 'text-ok', look: 'text-look', stop: 'text-stop' } as const

/** Guided measurements: the list, and the one that is done. They need no job. */
export function Procedures() {
  const [chosen, setChosen] = useState<string>(PROCEDURES[0]!.id)
  const one = PROCEDURES.find((p) => p.id === chosen)
  const item = (id: string, title: string, tells: string) => (
    <li key={id} className="border-t border-rule">
      <button
        type="button"
        aria-current={chosen === id ? 'true' : undefined}
        onClick={() => setChosen(id)}
        className="min-h-14 w-full px-2 py-2 text-left aria-[current=true]:bg-copper-tint"
      >
        <span className="narrow block text-[18px] font-semibold">{title}</span>
        <span className="block text-[15px] text-steel">{tells}</span>
      </button>
    </li>
  )
  return (
    <main id="main" className="mx-auto grid max-w-[1180px] gap-x-8 px-5 pb-12 lg:grid-cols-[1fr_1.3fr]">
      <div>
        <h1 className="title pt-4 text-[28px]">{say.guided}</h1>
        <p className="pb-3 text-[16px] text-steel">{say.guidedNote}</p>
        <ul>
          {PROCEDURES.map((p) => item(p.id, p.title, p.tells))}
          {item(HALVES, say.halves, say.halvesTells)}
          {item(WIRES, say.wires, say.wiresTells)}
        </ul>
      </div>
      {one ? <One key={one.id} procedure={one} /> : chosen === HALVES ? <Halves /> : <WireMatching />}
    </main>
  )
}

function One({ procedure: { title, power, cautions, steps, fields, choices, codes, work, source } }: { readonly procedure: Procedure }) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({})
  const [row, setRow] = useState('')
  const [said, setSaid] = useState<Readonly<Record<string, string>>>({})
  const reads = fields.map((f) => ({ f, read: readValue(typed[f.id] ?? '', f.unit ?? '', f.range) }))
  const values: Values = Object.fromEntries(reads.flatMap(({ f, read }) => (read.ok ? [[f.id, read.value]] : [])))
  const live = useLiveFields(
    fields.map((f) => ({
      key: f.id,
      label: f.label,
      value: typed[f.id] ?? '',
      asked: f.unit
        ? {
            quantity: UNITS[f.unit].dimension,
            unit: f.unit,
            range: f.range,
            live: power === 'live',
            ...(f.modes ? { modes: f.modes } : {}),
          }
        : undefined,
    })),
    (key, text) => setTyped((t) => ({ ...t, [key]: text })),
  )
  const words = row.split(/[^0-9A-Za-z]+/).filter((w) => w !== '')
  const bad = words.find((w) => !/^[0-7]$/.test(w))
  const found = bad === undefined ? work(values, words.map(Number), said) : null
  return (
    <article className="grid content-start gap-3 py-4" aria-labelledby="procedure">
      <Head title={title} power={power} cautions={cautions} steps={steps} />
      {live.row}
      <div className="grid gap-3 sm:grid-cols-2">
        {reads.map(({ f, read }) => (
          <div key={f.id}>
            <TextField
              label={f.unit && !f.label.includes(`, ${unitLabel(f.unit)}`) ? `${f.label}, ${unitLabel(f.unit)}` : f.label}
              value={typed[f.id] ?? ''}
              onChange={(e) => setTyped({ ...typed, [f.id]: e.target.value })}
              onFocus={() => live.entered(f.id)}
              inputMode="decimal"
              autoComplete="off"
            />
            <Fault text={typed[f.id] && !read.ok ? readFaultWords(typed[f.id]!, f.unit ?? '', read.error) : undefined} />
          </div>
        ))}
        {(choices ?? []).map((c) => (
          <Tiles
            key={c.id}
            legend={c.label}
            name={c.id}
            {...(said[c.id] === undefined ? {} : { value: said[c.id] })}
            options={c.options.map((o) => ({ value: o.id, label: o.label }))}
            onChange={(v) => setSaid({ ...said, [c.id]: v })}
          />
        ))}
        {codes ? (
          <div>
            <TextField label={say.codes} hint={say.codesHint} value={row} onChange={(e) => setRow(e.target.value)} autoComplete="off" />
            <Fault text={bad === undefined ? undefined : say.isNoCode(bad)} />
          </div>
        ) : null}
      </div>
      <Found found={found} />
      <p className="text-[14px] text-steel">{say.from(source)}</p>
    </article>
  )
}

function Found({ found }: { readonly found: readonly Finding[] | null }) {
  return (
    <section aria-label={say.whatComesOut} role="status" className="rounded-md border-2 border-rule bg-paper px-4 py-3">
      {found === null || found.length === 0 ? (
        <p className="text-[16px] text-steel">{say.nothingYet}</p>
      ) : (
        <ul className="grid gap-1 text-[17px]">
          {found.map((f) => (
            <li key={f.text}>
              {f.mark ? <span className={`font-bold ${LOOK[f.mark]}`}>{say.marks[f.mark]}</span> : null}
              {f.text}
              {f.value === undefined ? null : (
                <strong className="text-[21px] tabular-nums">
                  {' '}
                  {formatNumber(Number(f.value.toPrecision(4)), 3).replace('-', '−')} {f.unit ? unitLabel(f.unit) : ''}
                </strong>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
