import type { Joint, Opened } from '../../machine'

interface AtRule {
  readonly opens: readonly Opened[]
  /** Wrong, it hurts somebody: it is asked one by one, and by measure. */
  readonly critical?: NonNullable<Joint['critical']>
  /** It holds the motor against its own torque. */
  readonly reaction?: true
}

/** Where on the machine it came off, as far as the proof of the work goes by it. A new one raises VOCABULARY. */
export const AT_RULES = {
  'motor axle': { opens: ['wheel'], critical: 'axle', reaction: true },
  'wheel axle': { opens: ['wheel'], critical: 'axle' },
  steering: { opens: ['steering'], critical: 'steering' },
  brake: { opens: ['brake'], critical: 'brake' },
  'motor mount': { opens: ['motor'], reaction: true },
  gearbox: { opens: ['gearbox'] },
  controller: { opens: ['controller'] },
  pack: { opens: ['pack'], critical: 'pack terminal' },
  cover: { opens: ['cover'] },
} as const satisfies Readonly<Record<string, AtRule>>

export type OffAt = keyof typeof AT_RULES
export const OFF_AT = Object.keys(AT_RULES) as readonly OffAt[]
export const atRule = (at: OffAt): AtRule => AT_RULES[at]
