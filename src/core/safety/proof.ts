/** ISO 6469-3 and UN R100: up to 60 V DC is class A; above it, counted at full charge, class B. */
export type VoltageClass = 'A' | 'B'
export const CLASS_LIMIT = 60

/**
 * The voltage class of a machine from its pack's voltage at full charge, V DC, 0 or more.
 * @example voltageClass(58.8) // 'A'; sixteen Li-ion cells, sold as 60 V, are 67.2 V: 'B'
 */
export function voltageClass(fullVolts: number): VoltageClass {
  if (!(fullVolts >= 0)) throw new RangeError(`voltage must be 0 V or more, got ${fullVolts}`)
  return fullVolts > CLASS_LIMIT ? 'B' : 'A'
}

/** What a reading of a proof is of. Without a role it is one between both poles on the controller's side. */
export const PROOF_ROLES = ['poles', 'plus to frame', 'minus to frame', 'tester before', 'tester after'] as const
export type ProofRole = (typeof PROOF_ROLES)[number]

export interface ProofReading {
  /** The connection of the machine file that was measured at. */
  readonly at?: string
  /** What was measured between, in words: `front feed + and −`; absent where `at` or the role says it. */
  readonly between?: string
  /** V DC. */
  readonly volts: number
  readonly role?: ProofRole
}

/** A place on the controllers' side: a connection of the machine file, with its name; or only what somebody calls it. */
export interface Feed {
  readonly at?: string
  readonly between?: string
}

/** One place to measure at, before it is measured. */
export interface ProofPlace extends Feed {
  readonly role: ProofRole
}

/**
 * The readings a proof needs, in order. Class A: both poles of each feed, with a checked meter. Class B adds each pole to the frame,
 * and the tester on a known source first and last.
 * @param feeds places on the controllers' side; one or more
 */
export function proofPlaces(cls: VoltageClass, feeds: readonly Feed[]): ProofPlace[] {
  const poles = feeds.map((feed): ProofPlace => ({ ...feed, role: 'poles' }))
  if (cls === 'A') return poles
  return [{ role: 'tester before' }, ...poles, { role: 'plus to frame' }, { role: 'minus to frame' }, { role: 'tester after' }]
}

export type ProofFault =
  | { readonly kind: 'missing'; readonly role: ProofRole }
  | { readonly kind: 'above the limit' | 'tester shows nothing'; readonly reading: ProofReading }
  | { readonly kind: 'out of order' }

const NEEDED: Readonly<Record<VoltageClass, readonly ProofRole[]>> = {
  A: ['poles'],
  B: ['tester before', 'poles', 'plus to frame', 'minus to frame', 'tester after'],
}

/**
 * What is wrong with a proof of dead; an empty list means that it shows dead.
 * A tester counts as proved when it reads its known source: more than the limit. Above 60 V the order matters: a tester proved only
 * once has not been proved.
 * @param limit highest reading that counts as dead, V DC
 */
export function proofFaults(readings: readonly ProofReading[], cls: VoltageClass, limit: number): ProofFault[] {
  const roleOf = (r: ProofReading): ProofRole => r.role ?? 'poles'
  const missing = NEEDED[cls].filter((role) => !readings.some((r) => roleOf(r) === role))
  const faults: ProofFault[] = missing.map((role) => ({ kind: 'missing', role }))
  for (const r of readings) {
    const onSource = roleOf(r) === 'tester before' || roleOf(r) === 'tester after'
    if (onSource && Math.abs(r.volts) <= limit) faults.push({ kind: 'tester shows nothing', reading: r })
    if (!onSource && !(Math.abs(r.volts) <= limit)) faults.push({ kind: 'above the limit', reading: r })
  }
  if (cls === 'B' && missing.length === 0 && (roleOf(readings[0]!) !== 'tester before' || roleOf(readings.at(-1)!) !== 'tester after'))
    faults.push({ kind: 'out of order' })
  return faults
}
