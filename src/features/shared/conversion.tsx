'use client'
import type { Conversion, WidthPiece, WidthSet } from '../../core/conversion'
import { SelectField } from '../../ui/field'
import * as say from '../../words/en/screens/conversion'

/** Which is fitted, and which is to be. */
export function FromTo({
  set,
  from,
  to,
  onFrom,
  onTo,
}: {
  readonly set: WidthSet
  readonly from: string
  readonly to: string
  readonly onFrom: (id: string) => void
  readonly onTo: (id: string) => void
}) {
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
    <div className="grid grid-cols-2 gap-2">
      {pick(say.fromWidth, from, onFrom)}
      {pick(say.toWidth, to, onTo)}
    </div>
  )
}

/** From one width to another: what goes on, comes off and stays, which bolts change, and what it all makes. */
export function ConversionTold({ conversion: c }: { readonly conversion: Conversion }) {
  return (
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
      {c.sum ? (
        <p className="text-[16.5px] font-semibold">
          <span className={c.verdict === 'makes it' ? 'text-ok' : 'text-stop'}>{c.verdict === 'makes it' ? '● ' : '▲ '}</span>
          {say.makesWidth(c.sum.value, c.off)}
        </p>
      ) : null}
    </>
  )
}

/** What a conversion leaves alone, and why. */
export function OutOfScope({ of }: { readonly of: Conversion['outOfScope'] }) {
  return (
    <ul className="grid gap-0.5 text-[15px] text-steel">
      {of.map((o) => (
        <li key={o.what}>{say.notPartOfIt(o.what, o.why)}</li>
      ))}
    </ul>
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
