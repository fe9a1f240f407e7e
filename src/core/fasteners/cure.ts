/** A locking product's sheet: its two times at 22 °C. */
export interface CureSheet {
  readonly handlingMinutes: number
  readonly cureHours: number
}

/** Below this the bond may not form at all: warn (°C). */
export const COLD_BELOW = 10

/**
 * How much longer an anaerobic locker takes at `temperature` °C than at the sheet's 22 °C: doubled for every 10 °C colder, never
 * shortened by warmth. Estimated; the product's own sheet comes first.
 * @param temperature −20 … 60 °C
 * @example cureFactor(12) // 2
 */
export function cureFactor(temperature: number): number {
  if (!(temperature >= -20 && temperature <= 60)) throw new RangeError(`temperature must be −20 to 60 °C, got ${temperature}`)
  return temperature >= 22 ? 1 : 2 ** ((22 - temperature) / 10)
}

/** A sheet's two times, stretched for the bench's temperature; as the sheet gives them where it is not known. */
export function cureAt(sheet: CureSheet, temperature: number | undefined): CureSheet {
  const factor = temperature === undefined ? 1 : cureFactor(temperature)
  return { handlingMinutes: Math.round(sheet.handlingMinutes * factor), cureHours: Math.round(sheet.cureHours * factor * 10) / 10 }
}
