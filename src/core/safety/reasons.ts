/** Why this machine is isolated before it is opened. */
export type IsolationReason = 'shock' | 'arc' | 'start' | 'capacitors' | 'weight'

/** What of a machine file matters here. */
export interface EnergyFacts {
  readonly fullVolts: number | null
  readonly drives: number
  readonly capacitors: boolean
  readonly packKilograms: number | null
}

/** All reasons that apply, the gravest first. A machine whose pack is unknown counts as the worst. */
export function isolationReasons(facts: EnergyFacts): IsolationReason[] {
  const reasons: IsolationReason[] = [facts.fullVolts === null || facts.fullVolts > 60 ? 'shock' : 'arc']
  if (facts.drives > 0) reasons.push('start')
  if (facts.capacitors) reasons.push('capacitors')
  if (facts.packKilograms !== null && facts.packKilograms >= 3) reasons.push('weight')
  return reasons
}
