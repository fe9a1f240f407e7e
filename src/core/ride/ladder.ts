import { type RideKind, RUNGS } from './rungs'

export type { RideKind } from './rungs'
export type RideStage = keyof typeof RUNGS
export const RIDE_STAGES = Object.keys(RUNGS) as readonly RideStage[]

/** Without these a machine counts as not ridden. */
export const RIDE_NEEDED: readonly RideStage[] = RIDE_STAGES.filter((s) => RUNGS[s].needed)

/** What kind of ride it is; one that is logged without a rung counts as one on the road. */
export function kindOfRide(stage: RideStage | undefined): RideKind {
  return stage === undefined ? 'ridden' : RUNGS[stage].kind
}

/** What ends a ride at once, at every stage. */
export const STOP_SIGNS = ['noise', 'smell', 'code', 'motor too hot', 'mark moved', 'brake soft', 'pulls to a side'] as const
export type StopSign = (typeof STOP_SIGNS)[number]

/** The rung to ride now: the lowest that is not passed; null when all are. */
export function nextRide(passed: ReadonlySet<RideStage>): RideStage | null {
  return RIDE_STAGES.find((s) => !passed.has(s)) ?? null
}
