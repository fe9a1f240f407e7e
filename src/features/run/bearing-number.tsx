'use client'
import { compareNumber, readBearing } from '../../core/bearings'
import * as say from '../../words/en/screens/bearing-number'

/** A bearing that is swapped: which one the file has, and what is other about the numbers that were read. Nothing is refused by it. */
export function BearingNumber({ designation, old, fresh }: { readonly designation: string; readonly old: string; readonly fresh: string }) {
  const wanted = readBearing(designation)
  if ('nearest' in wanted) return null
  const told = (
    [
      ['old', old],
      ['new', fresh],
    ] as const
  ).flatMap(([which, text]) => {
    const read = compareNumber(designation, text)
    return read === null || read.is === 'same' ? [] : [{ which, text: say.otherNumber(which, read), stop: which === 'new' && stops(read) }]
  })
  return (
    <div className="grid gap-1 text-[16px]">
      <p>{say.inTheFile(wanted)}</p>
      {told.map(({ which, text, stop }) => (
        <p key={which} role="status" className={stop ? 'text-stop' : 'text-look'}>
          <span aria-hidden>{stop ? '▲ ' : '◆ '}</span>
          {text}
        </p>
      ))}
    </div>
  )
}

/** It does not go in, or not on. */
const stops = (read: NonNullable<ReturnType<typeof compareNumber>>): boolean =>
  read.is === 'other' && (read.in === 'size' || read.in === 'kind')
