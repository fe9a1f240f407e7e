import type { PowerState } from './state'

/** Is the machine shown to be dead at `at`? Pack out needs a proof too, but it does not lapse with time. */
export function deadAt(power: PowerState, at: number): boolean {
  const proof = power.proof
  if (power.state === 'live' || power.disputed || !proof?.dead || proof.ended) return false
  return power.state === 'out' || at < proof.from + proof.lasts * 60_000
}

/** When the present proof ends by time alone; null when it does not, or there is none. */
export function proofEnds(power: PowerState): number | null {
  const proof = power.proof
  if (power.state !== 'isolated' || !proof?.dead || proof.ended) return null
  return proof.from + proof.lasts * 60_000
}
