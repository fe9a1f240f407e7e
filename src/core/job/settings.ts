import type { VoltageClass } from '../safety'

/** Shop settings that a job keeps as they stood when its plan was adopted. */
export interface JobSettings {
  /** How long a proof of dead lasts up to 60 V while the pack is aboard, in minutes. */
  readonly proofMinutes: number
  /** The same above 60 V. */
  readonly proofMinutesHigh?: number
  /** The highest reading that counts as dead, in V DC. */
  readonly deadVolts: number
}

/** Up to 60 V a proof lasts 4 h, above it 30 min; dead is 5 V DC or less. */
export const DEFAULT_SETTINGS: JobSettings = { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 }

/** Of two sets of limits the stricter of each: what a plan brings may tighten what the shop has, never loosen it. */
export function strictest(a: JobSettings, b: JobSettings): JobSettings {
  return {
    proofMinutes: Math.min(a.proofMinutes, b.proofMinutes),
    proofMinutesHigh: Math.min(a.proofMinutesHigh ?? 30, b.proofMinutesHigh ?? 30),
    deadVolts: Math.min(a.deadVolts, b.deadVolts),
  }
}

export function proofLasts(settings: JobSettings, cls: VoltageClass): number {
  return cls === 'A' ? settings.proofMinutes : (settings.proofMinutesHigh ?? 30)
}
