'use client'
import type { InstrumentUsed } from '../../core/units'
import type { Asked, Taken } from '../../instruments/fits'

/** A test’s figure as an order wants it. */
export interface Hold {
  readonly to: 'test'
  readonly test: string
  readonly input: number
}

export interface LiveRowProps {
  readonly asked: Asked
  /** What the field is about: another begins lowest and highest anew. */
  readonly about: string
  /** Its name, where there are others beside it that a reading could go into. */
  readonly into?: string
  /** Where a simulated instrument is held for it. */
  readonly hold?: Hold
  readonly onTake: (taken: Taken, used: InstrumentUsed) => void
}

/** The figure of what was taken as the field keeps it. */
export function figureTaken({ result }: Taken): { readonly text: string; readonly over: boolean } {
  if (result.is === 'unstable') return { text: '', over: false }
  const value = result.is === 'value' ? result.value : result.limit
  return { text: String(value).replace('-', '−'), over: result.is === 'over' }
}
