/** A thread that moves a load: of an actuator’s rod, or of a worm, its wheel being the nut. */
export interface Thread {
  /** m along for a turn, above 0. */
  readonly lead: number
  /** Mean diameter, m, above 0. */
  readonly diameter: number
  /** Coefficient of friction at its flanks, 0 … below 1. */
  readonly friction: number
}

const angles = ({ lead, diameter, friction }: Thread): readonly [number, number] => {
  if (!(lead > 0 && diameter > 0 && friction >= 0 && friction < 1))
    throw new RangeError(`a thread has a lead and a diameter above 0 and a friction of 0 … 1, got ${lead} m, ${diameter} m and ${friction}`)
  return [Math.atan(lead / (Math.PI * diameter)), Math.atan(friction)]
}

/**
 * N·m at the screw to move against a force: `F·d/2·tan(λ + ρ)` (power screws; flank angle left out). With the force behind it, `lowered`,
 * `F·d/2·tan(λ − ρ)`: above 0 it runs by itself, below 0 it has to be driven.
 * @param newtons 0 or more
 */
export function raised(thread: Thread, newtons: number): number {
  const [lead, rub] = angles(thread)
  return lead + rub >= Math.PI / 2 ? Infinity : newtons * (thread.diameter / 2) * Math.tan(lead + rub)
}
export function lowered(thread: Thread, newtons: number): number {
  const [lead, rub] = angles(thread)
  return newtons * (thread.diameter / 2) * Math.tan(lead - rub)
}

/** Share of the work that comes out of it, 0 … 1: `tan λ / tan(λ + ρ)`. */
export function screwEfficiency(thread: Thread): number {
  const [lead, rub] = angles(thread)
  return lead + rub >= Math.PI / 2 ? 0 : Math.tan(lead) / Math.tan(lead + rub)
}

/** It stays where it is with nothing but its load on it. */
export function selfLocking(thread: Thread): boolean {
  const [lead, rub] = angles(thread)
  return rub >= lead
}
