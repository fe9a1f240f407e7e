'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/conversion'
import { convertWidth, type WidthSet } from '../../core/conversion'
import { ConversionTold, FromTo, OutOfScope } from '../shared/conversion'

/** What of a machine comes in several widths: from which to which, and what that takes. */
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
  return (
    <section aria-label={say.convert(set.name)} className="mt-4 grid gap-2 border-t border-rule pt-3">
      <h2 className="title text-[20px]">{say.convert(set.name)}</h2>
      <FromTo set={set} from={from} to={to} onFrom={setFrom} onTo={setTo} />
      {from === to ? <p className="text-[16px] text-steel">{say.sameWidth}</p> : <ConversionTold conversion={c} />}
      <OutOfScope of={c.outOfScope} />
    </section>
  )
}
