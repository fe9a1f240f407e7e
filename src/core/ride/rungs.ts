/** What a rung asks of the machine: pushed with its power off, run with nobody on it, or ridden. Checks bind the last two. */
export type RideKind = 'pushed' | 'run' | 'ridden'

export interface Rung {
  readonly kind: RideKind
  /** Less than this, m or min, does not show what the rung is there for. Ours, estimated. */
  readonly metres?: number
  readonly minutes?: number
}

/** Every rung, one line each. What is done on it: `words/en/rides`. A closed list: a new one raises VOCABULARY. */
export const RUNGS = {
  'wheel off the ground': { kind: 'run' },
  push: { kind: 'pushed', metres: 5 },
  'walking pace': { kind: 'ridden', metres: 20 },
  'brake stops': { kind: 'ridden' },
  'both ways': { kind: 'ridden', metres: 50 },
  'short ride': { kind: 'ridden', metres: 200 },
  gentle: { kind: 'ridden', metres: 500 },
  full: { kind: 'ridden', metres: 500 },
  hill: { kind: 'ridden' },
  'heat soak': { kind: 'ridden', minutes: 10 },
  'hands off': { kind: 'run' },
  'lock to lock': { kind: 'run' },
  crawl: { kind: 'ridden', metres: 20 },
  'under load': { kind: 'ridden', minutes: 10 },
  empty: { kind: 'run' },
  loaded: { kind: 'run' },
  'full travel': { kind: 'run' },
  stop: { kind: 'run' },
  'run warm': { kind: 'run', minutes: 10 },
} as const satisfies Readonly<Record<string, Rung>>

export type RideStage = keyof typeof RUNGS
export const RIDE_STAGES = Object.keys(RUNGS) as readonly RideStage[]

export function rungOf(stage: RideStage): Rung {
  return RUNGS[stage]
}
