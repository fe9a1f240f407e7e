/** What can be seen, felt or smelt of a pack before anything is charged. */
export const PACK_SIGNS = ['swollen', 'wet', 'hit', 'smelling', 'hot', 'low cell group'] as const
export type PackSign = (typeof PACK_SIGNS)[number]

/** A cell group below this has been harmed, V; the lithium figure is the usual one, the others estimated. */
const LOWEST: Readonly<Record<string, number>> = { 'Li-ion': 2.5, LFP: 2.0, lead: 1.75 }
/** Warmer than this at rest it is making its own heat, °C. */
export const HOT_ABOVE = 45

export interface PackLook {
  readonly signs: readonly PackSign[]
  readonly chemistry?: string
  /** Lowest cell group in V, where the pack shows it. */
  readonly lowestGroup?: number
  /** °C at its warmest place. */
  readonly temperature?: number
}

/**
 * Pack triage at take-in: any sign, a warm pack or a low cell group means no charging, no bench, quarantine outdoors, refer.
 * @returns the signs, with what the readings add to them; none means sound
 */
export function packSigns(look: PackLook): PackSign[] {
  const signs = new Set(look.signs)
  if (look.temperature !== undefined && look.temperature > HOT_ABOVE) signs.add('hot')
  if (look.lowestGroup !== undefined && look.lowestGroup < (LOWEST[look.chemistry ?? 'Li-ion'] ?? 2.5)) signs.add('low cell group')
  return PACK_SIGNS.filter((s) => signs.has(s))
}
