import { v4 } from 'uuid'
import type { Instrument } from '../core/instruments'
import { db } from '../db/client'
import { listInstruments, putInstrument } from '../db/instruments'
import { instrumentFaultWords, readInstrument } from '../formats/instrument'

export async function shopInstruments(): Promise<Instrument[]> {
  return listInstruments(db())
}

/**
 * Adds an instrument or changes one, as keyed in.
 * @param id of the one to change; empty for a new one
 * @returns what is wrong, in words; null when it is kept
 */
export async function keepInstrument(id: string, field: (name: string) => string): Promise<string | null> {
  const read = readInstrument(field, id || `i-${v4()}`)
  if (!read.ok) return instrumentFaultWords(read.error)
  return db().begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(72029)`
    const all = await listInstruments(tx)
    if (id && !all.some((i) => i.id === id)) return 'That instrument is not on the list any more.'
    const named = read.value.name.toLowerCase()
    if (all.some((i) => i.id !== read.value.id && !i.struck && i.name.toLowerCase() === named))
      return `There is a ${read.value.name} already. A number on it tells two apart.`
    await putInstrument(tx, read.value)
    return null
  })
}

/** Takes an instrument out of use, or back into it. */
export async function strikeInstrument(id: string, struck: boolean): Promise<string | null> {
  return db().begin(async (tx) => {
    await tx`select pg_advisory_xact_lock(72029)`
    const all = await listInstruments(tx)
    const one = all.find((i) => i.id === id)
    if (!one) return 'That instrument is not on the list any more.'
    if (!struck && all.some((i) => i.id !== id && !i.struck && i.name.toLowerCase() === one.name.toLowerCase()))
      return `There is another ${one.name} in use by now. Give one of them another name first.`
    await putInstrument(tx, { ...one, struck })
    return null
  })
}
