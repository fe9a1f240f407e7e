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
export const PROOF_ROLES = [
  'poles',
  'plus to frame',
  'minus to frame',
  'phases',
  'phase to frame',
  'tester before',
  'tester after',
] as const
export type ProofRole = (typeof PROOF_ROLES)[number]

/** How the rotor was kept from turning while it was measured, and until the lid is on: a turning rotor is a source. */
export const ROTORS = ['chocked', 'phases parted', 'no phases'] as const
export type Rotor = (typeof ROTORS)[number]

export interface ProofReading {
  /** The connection of the machine file that was measured at. */
  readonly at?: string
  /** What was measured between, in words: `front feed + and −`; absent where `at` or the role says it. */
  readonly between?: string
  /** V DC. */
  readonly volts: number
  /** V AC, of phases. */
  readonly ac?: number
  readonly role?: ProofRole
  /** Of the tester: what it was tried on; absent where that is the pack's own plug. */
  readonly source?: string
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

const PAIRS = ['U–V', 'V–W', 'W–U'] as const
const PHASES = ['U', 'V', 'W'] as const

/**
 * The readings a proof needs, in order. Class A: the meter on a known source, then both poles of each feed. Class B adds each pole to
 * the frame, the phases pair by pair and to the frame, and the tester on its source once more.
 * @param feeds places on the controllers' side; one or more
 * @param phases has its motor phases that a turning rotor feeds?
 */
export function proofPlaces(cls: VoltageClass, feeds: readonly Feed[], phases = false): ProofPlace[] {
  const before: ProofPlace = { role: 'tester before' }
  const poles = feeds.map((feed): ProofPlace => ({ ...feed, role: 'poles' }))
  if (cls === 'A') return [before, ...poles]
  const turning: ProofPlace[] = phases
    ? [
        ...PAIRS.map((between): ProofPlace => ({ between, role: 'phases' })),
        ...PHASES.map((between): ProofPlace => ({ between, role: 'phase to frame' })),
      ]
    : []
  return [before, ...poles, { role: 'plus to frame' }, { role: 'minus to frame' }, ...turning, { role: 'tester after' }]
}

export type ProofFault =
  | { readonly kind: 'missing'; readonly role: ProofRole }
  | {
      readonly kind: 'above the limit' | 'tester shows nothing' | 'source too low'
      readonly reading: ProofReading
      readonly least?: number
    }
  | { readonly kind: 'tester drifted'; readonly before: number; readonly after: number }
  | { readonly kind: 'tester too coarse'; readonly step: number }
  | { readonly kind: 'out of order' | 'rotor not held' }

/** What else is known of a proof, beside its readings. */
export interface ProofOf {
  /** Full charge, V; null where nobody knows it. */
  readonly full: number | null
  /** The lowest voltage that the tester's first lamp shows, V. */
  readonly lowestStep?: number
  readonly rotor?: Rotor
  /** Taken by a build that asked for less: it is judged by what was asked for then. */
  readonly before?: boolean
}

/** A source that tells a meter from a dead one: above this, V. */
const LEAST_SOURCE = 6
/** Between the tries before and after. */
const MOST_DRIFT = 0.1

/**
 * What is wrong with a proof of dead; an empty list means that it shows dead.
 * Up to 60 V the meter is tried on the pack's own plug first, or on any other source above 6 V. Above, the order matters: the tester is
 * tried before and after, on at least half of full charge or on a named proving unit, and shows the same within 10 %; its lowest lamp
 * is not above the limit; phases are dead on DC and AC, with a rotor that cannot turn.
 * @param limit highest reading that counts as dead, V
 */
export function proofFaults(readings: readonly ProofReading[], cls: VoltageClass, limit: number, of: ProofOf): ProofFault[] {
  const roleOf = (r: ProofReading): ProofRole => r.role ?? 'poles'
  const missing = needed(cls, of).filter((role) => !readings.some((r) => roleOf(r) === role))
  const faults: ProofFault[] = missing.map((role) => ({ kind: 'missing', role }))
  for (const r of readings) {
    const onSource = roleOf(r) === 'tester before' || roleOf(r) === 'tester after'
    if (onSource) faults.push(...sourceFaults(r, cls, limit, of))
    else if (!(Math.abs(r.volts) <= limit) || !(Math.abs(r.ac ?? 0) <= limit)) faults.push({ kind: 'above the limit', reading: r })
  }
  if (cls === 'B' && missing.length === 0 && (roleOf(readings[0]!) !== 'tester before' || roleOf(readings.at(-1)!) !== 'tester after'))
    faults.push({ kind: 'out of order' })
  if (of.before) return faults
  if (cls === 'A' && missing.length === 0 && roleOf(readings[0]!) !== 'tester before') faults.push({ kind: 'out of order' })
  if (of.lowestStep !== undefined && of.lowestStep > limit) faults.push({ kind: 'tester too coarse', step: of.lowestStep })
  if (cls === 'A') return faults
  const [before, after] = ['tester before', 'tester after'].map((role) => readings.find((r) => roleOf(r) === role)?.volts)
  if (before !== undefined && after !== undefined && Math.abs(after - before) > MOST_DRIFT * Math.abs(before))
    faults.push({ kind: 'tester drifted', before, after })
  if (of.rotor === undefined) faults.push({ kind: 'rotor not held' })
  return [...faults, ...readings.filter((r) => PHASE_ROLES.has(roleOf(r)) && r.ac === undefined).map(noAc)]
}

const PHASE_ROLES: ReadonlySet<ProofRole> = new Set(['phases', 'phase to frame'])
const noAc = (reading: ProofReading): ProofFault => ({ kind: 'missing', role: reading.role ?? 'phases' })

function needed(cls: VoltageClass, of: ProofOf): readonly ProofRole[] {
  if (cls === 'A') return of.before ? ['poles'] : ['tester before', 'poles']
  const five = ['tester before', 'poles', 'plus to frame', 'minus to frame', 'tester after'] as const
  return of.before || of.rotor === 'no phases' ? five : [...five, 'phases', 'phase to frame']
}

/** A tester counts as tried when it reads a source that says something. */
function sourceFaults(reading: ProofReading, cls: VoltageClass, limit: number, { full, before }: ProofOf): ProofFault[] {
  if (!(Math.abs(reading.volts) > limit)) return [{ kind: 'tester shows nothing', reading }]
  if (before) return []
  // A proving unit is named; without a name it is the machine's own pack.
  const least = cls === 'B' && reading.source === undefined && full !== null ? full / 2 : LEAST_SOURCE
  const enough = least === LEAST_SOURCE ? Math.abs(reading.volts) > least : Math.abs(reading.volts) >= least
  return enough ? [] : [{ kind: 'source too low', reading, least }]
}

/**
 * Turns a minute of the wheel up to which its motor gives no more than `limit`: `Kv·V`, through the ratio where Kv is the rotor's.
 * @param kv rpm for each V, of what turns by hand, above 0
 */
export function handTurnCap(kv: number, limit: number): number {
  if (!(kv > 0) || !(limit > 0)) throw new RangeError(`Kv and limit must be above 0, got ${kv} rpm/V, ${limit} V`)
  return kv * limit
}
