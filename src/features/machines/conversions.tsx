'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/machines'
import { convertWidth, type WidthPiece, type WidthSet } from '../../core/conversion'
import { SelectField } from '../../ui/field'

/** From one width to another: what goes on, comes off and stays, which bolts change, and what it all makes. */
export function Conversions({ sets }: { readonly sets: readonly WidthSet[] }) {
  return (
    <>
      {sets.map((set) => (
        <One key={set.id} set={set} />
      ))}
    </>
  )
}

function One({ set }: { readonly set: WidthSet }) {
  const [from, setFrom] = useState(set.options[0]!.id)
  const [to, setTo] = useState(set.options[1]!.id)
  const c = convertWidth(set, from, to)
  const pick = (label: string, value: string, put: (id: string) => void) => (
    <SelectField label={label} value={value} onChange={(e) => put(e.target.value)}>
      {set.options.map((o) => (
        <option key={o.id} value={o.id}>
          {o.label}
        </option>
      ))}
    </SelectField>
  )
  return (
    <section aria-label={say.convert(set.name)} className="mt-4 grid gap-2 border-t border-rule pt-3">
      <h2 className="title text-[20px]">{say.convert(set.name)}</h2>
      <div className="grid grid-cols-2 gap-2">
        {pick(say.fromWidth, from, setFrom)}
        {pick(say.toWidth, to, setTo)}
      </div>
      {from === to ? (
        <p className="text-[16px] text-steel">{say.sameWidth}</p>
      ) : (
        <>
          <dl className="grid gap-1.5 text-[16px]">
            <List name={say.goesOn} pieces={c.add} />
            <List name={say.comesOff} pieces={c.remove} />
            <List name={say.staysOn} pieces={c.keep} />
            <List name={say.wantedLater} pieces={c.later} />
          </dl>
          {c.bolts.length > 0 ? (
            <ul className="grid gap-0.5 text-[16px]">
              {c.bolts.map((b) => (
                <li key={b.place}>{say.boltAt(b.place, b.from, b.to)}</li>
              ))}
            </ul>
          ) : null}
          <p className="text-[16.5px] font-semibold">
            <span className={c.verdict === 'makes it' ? 'text-ok' : 'text-stop'}>{c.verdict === 'makes it' ? '● ' : '▲ '}</span>
            {say.makesWidth(c.sum.value, c.off)}
          </p>
        </>
      )}
      <ul className="grid gap-0.5 text-[15px] text-steel">
        {c.outOfScope.map((o) => (
          <li key={o.what}>{say.notPartOfIt(o.what, o.why)}</li>
        ))}
      </ul>
    </section>
  )
}

function List({ name, pieces }: { readonly name: string; readonly pieces: readonly WidthPiece[] }) {
  // Bolts are told by their place, with both lengths.
  const told = pieces.filter((p) => p.bolt === undefined)
  if (told.length === 0) return null
  return (
    <div className="grid grid-cols-[112px_1fr] gap-2">
      <dt className="font-semibold">{name}</dt>
      <dd>
        {told.map((p, i) => (
          <span key={i} className="block">
            {say.piece(p.name, p.place)}
          </span>
        ))}
      </dd>
    </div>
  )
}
