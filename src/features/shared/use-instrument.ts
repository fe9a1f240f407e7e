'use client'
import { useState } from 'react'
import { daysLeft, type Instrument, isStandIn, thoseFor, usedOf } from '../../core/instruments'
import type { InstrumentUsed, QuantityId } from '../../core/units'
import { useJob } from './context'

export const OTHER = 'other'
const keyOf = (quantity: QuantityId): string => `nailsmith-with:${quantity}`

/** Its calibration has ended. */
const isLapsed = ({ calibratedTo }: Instrument, now: number): boolean => calibratedTo !== null && daysLeft(calibratedTo, now) < 0

interface Kept {
  readonly id?: string
  readonly name?: string
}

/** What a quantity was last measured with on this device. */
function lastFor(quantity: QuantityId): Kept {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(quantity)) ?? '{}')
    return kept !== null && typeof kept === 'object' ? (kept as Kept) : {}
  } catch {
    return {}
  }
}

export interface InstrumentChoice {
  readonly quantity: QuantityId
  readonly pick: string
  readonly own: string
  readonly choose: (pick: string, own: string) => void
  /** What a reading came from by itself. */
  readonly cameFrom: (used: InstrumentUsed) => void
  /** What the entry keeps; undefined where nothing is chosen. */
  readonly used: InstrumentUsed | undefined
  /** Call it when the measurement is logged: it is offered first the next time. */
  readonly remember: () => void
}

/**
 * With what a quantity is measured: the one used last on this device, until another is chosen.
 * @param suits the id of one that suits better, where it is in the list
 */
export function useInstrument(quantity: QuantityId, suits?: string): InstrumentChoice {
  const { instruments, now } = useJob()
  const [chosen, setChosen] = useState<{
    readonly of: QuantityId
    readonly pick: string
    readonly own: string
    readonly came?: InstrumentUsed
  } | null>(null)
  const list = thoseFor(instruments, quantity)
  const last = lastFor(quantity)
  // Where the shop has one only, and it is in calibration, it is that one until another is said.
  const only = list.length === 1 && !last.name && !isLapsed(list[0]!, now) ? list[0]! : null
  const first = list.some((i) => i.id === suits)
    ? { pick: suits!, own: '' }
    : list.some((i) => i.id === last.id)
      ? { pick: last.id!, own: '' }
      : only
        ? { pick: only.id, own: '' }
        : { pick: list.length === 0 || last.name ? OTHER : '', own: typeof last.name === 'string' ? last.name : '' }
  const { pick, own, came } = chosen?.of === quantity ? chosen : { ...first, came: undefined }
  const listed = list.find((i) => i.id === pick)
  const used = came ?? (listed ? usedOf(listed) : pick === OTHER && own.trim() ? { name: own.trim() } : undefined)
  return {
    quantity,
    pick,
    own,
    choose: (to, name) => setChosen({ of: quantity, pick: to, own: name }),
    cameFrom: (it) => setChosen({ of: quantity, pick: list.some((i) => i.id === it.id) ? it.id! : OTHER, own: it.name, came: it }),
    used,
    remember: () => {
      // A simulated instrument is nobody’s habit.
      if (!used || isStandIn(used)) return
      try {
        localStorage.setItem(keyOf(quantity), JSON.stringify(used.id === undefined ? { name: used.name } : { id: used.id }))
      } catch {
        // Where nothing can be kept it is asked again.
      }
    },
  }
}
