/** What a rung of the ride asks of the machine: wheels up and under throttle, or somebody on it. Checks bind one or the other. */
export type RideKind = 'spun' | 'ridden'

export interface Rung {
  readonly kind: RideKind
  /** Without it a machine counts as not ridden. */
  readonly needed: boolean
}
