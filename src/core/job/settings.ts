/** Shop settings that a job keeps as they stood when its plan was adopted. */
export interface JobSettings {
  /** How long a proof of dead lasts while the pack is aboard, in minutes. */
  readonly proofMinutes: number
  /** The highest reading that counts as dead, in V DC. */
  readonly deadVolts: number
}

/** Up to 60 V: a proof lasts 4 h, dead is 5 V DC or less. */
export const DEFAULT_SETTINGS: JobSettings = { proofMinutes: 240, deadVolts: 5 }
