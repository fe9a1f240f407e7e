/** The ride goes up one rung at a time; each is a condition for the next. */
export const RIDE_STAGES = ['wheel off the ground', 'walking pace', 'brake stops', 'gentle', 'full', 'hill', 'heat soak'] as const
export type RideStage = (typeof RIDE_STAGES)[number]

/** Without these a machine counts as not ridden. */
export const RIDE_NEEDED: readonly RideStage[] = ['walking pace', 'brake stops', 'gentle']

/** What ends a ride at once, at every stage. */
export const STOP_SIGNS = ['noise', 'smell', 'code', 'motor too hot', 'mark moved', 'brake soft', 'pulls to a side'] as const
export type StopSign = (typeof STOP_SIGNS)[number]

/** The rung to ride now: the lowest that is not passed; null when all are. */
export function nextRide(passed: ReadonlySet<RideStage>): RideStage | null {
  return RIDE_STAGES.find((s) => !passed.has(s)) ?? null
}

/** Checks that bind a stage: any throttle wants the axle held; a spin wants handling strength; a ride wants brakes and the full cure. */
export function rideNeeds(stage: RideStage): readonly ('reaction path' | 'handling strength' | 'brakes' | 'full cure' | 'pack triage')[] {
  return stage === 'wheel off the ground' ? ['pack triage', 'reaction path', 'handling strength'] : ['pack triage', 'reaction path', 'brakes', 'full cure']
}
