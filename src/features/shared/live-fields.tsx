'use client'
import { useState, type ReactNode } from 'react'
import type { InstrumentUsed } from '../../core/units'
import type { Asked } from '../../instruments/fits'
import { LiveRow } from './later'
import { figureTaken } from './live-row'

/** A field among several that what is connected may fill. */
export interface LiveField {
  readonly key: string
  readonly label: string
  readonly value: string
  /** Undefined where it has no unit: nothing that measures fills it. */
  readonly asked: Asked | undefined
}

/**
 * What is connected, for a sheet of several fields: a reading goes into the one that was entered last, which the row names, and then on to
 * the next that is empty.
 * @returns the row to show, and what a field calls when it is entered
 */
export function useLiveFields(
  fields: readonly LiveField[],
  put: (key: string, text: string, used: InstrumentUsed, asked: Asked) => void,
): { readonly row: ReactNode; readonly entered: (key: string) => void } {
  const [at, setAt] = useState<string>()
  const takes = fields.filter((f) => f.asked !== undefined)
  const one = takes.find((f) => f.key === at) ?? takes[0]
  const row = one ? (
    <LiveRow
      about={one.key}
      {...(takes.length > 1 ? { into: one.label } : {})}
      asked={{ ...one.asked!, figure: true }}
      onTake={(taken, used) => {
        put(one.key, figureTaken(taken).text, used, one.asked!)
        const next = [...takes.slice(takes.indexOf(one) + 1), ...takes].find((f) => f.key !== one.key && f.value.trim() === '')
        setAt(next?.key ?? one.key)
      }}
    />
  ) : null
  return { row, entered: setAt }
}
