import { type VoltageClass, voltageClass } from './proof'

/** How full charge is known: printed on the charger, counted in cells, or read at the pack as it is now. */
export const CHARGE_SOURCES = ['label', 'cells', 'reading'] as const
export type ChargeSource = (typeof CHARGE_SOURCES)[number]

/** What chargers of small machines have on their labels, V: 10, 13, 14, 16 and 20 Li-ion cells at 4.2 V. */
export const CHARGER_LABELS = [42, 54.6, 58.8, 67.2, 84] as const

/**
 * A reading of a pack that may not be full counts as class A only up to here, V DC: 16 Li-ion cells at 3.2 V read 51 V and are 67 V
 * when full.
 */
export const READING_CLASS_A = 40

/** One thing said of full charge. `door` is what the front desk wrote, which can only raise the class. */
export interface ChargeClaim {
  readonly from: ChargeSource | 'door'
  /** V DC, 0 or more. */
  readonly volts: number
}

export interface FullCharge {
  readonly cls: VoltageClass
  /** V DC; null where nobody knows. */
  readonly volts: number | null
  readonly from: 'file' | ChargeSource | 'door' | 'nobody'
}

/**
 * What a pack has at full charge, and its class. The machine's file decides where there is one; else the highest label or count of
 * cells. A reading counts where nothing else is known, or where it is above what was told: then what was told is wrong. What nobody
 * knows is the higher class, and so is a reading of more than 40 V.
 * @param file full charge by the machine's file, V; null or absent where it names none
 * @example fullCharge(null, [{ from: 'reading', volts: 51 }]).cls // 'B': sixteen cells at 3.2 V
 */
export function fullCharge(file: number | null | undefined, claims: readonly ChargeClaim[]): FullCharge {
  if (file !== null && file !== undefined) return { cls: voltageClass(file), volts: file, from: 'file' }
  const told = highest(claims.filter((c) => c.from !== 'reading' && (c.from !== 'door' || voltageClass(c.volts) === 'B')))
  const read = highest(claims.filter((c) => c.from === 'reading'))
  if (read && (!told || read.volts > told.volts))
    return { cls: read.volts > READING_CLASS_A ? 'B' : 'A', volts: read.volts, from: 'reading' }
  if (told) return { cls: voltageClass(told.volts), volts: told.volts, from: told.from }
  return { cls: 'B', volts: null, from: 'nobody' }
}

const highest = (claims: readonly ChargeClaim[]): ChargeClaim | null =>
  claims.reduce<ChargeClaim | null>((top, c) => (top === null || c.volts > top.volts ? c : top), null)
