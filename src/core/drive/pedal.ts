/** Cranks, and the sensors that ask them. SI. */
export interface Cranks {
  /** Of cranks and chain ring, kg·m², above 0. */
  readonly inertia: number
  /** N·m to turn them with the chain off. */
  readonly drag: number
  /** Magnets of the cadence sensor’s ring, evenly; those that are gone give no pulse. */
  readonly magnets: number
  readonly gone: number
  /** V at rest, and for each N·m at the spindle. */
  readonly rest: number
  readonly slope: number
}

/** What a rider’s legs give: N·m in the mean; twice a turn it goes through nothing. */
export const legs = (mean: number, turn: number): number => mean * (Math.PI / 2) * Math.abs(Math.sin(2 * Math.PI * turn))

/** V of the torque sensor. */
export const torqueVolts = ({ rest, slope }: Cranks, newtonMetres: number): number => rest + slope * newtonMetres

/** Seconds from a speed, turns a second, to a standstill, nobody pedalling: `J·ω / T`. */
export const crankSeconds = ({ inertia, drag }: Cranks, from: number): number => (inertia * 2 * Math.PI * from) / drag

export interface Pedalled {
  readonly turns: number
  readonly pulses: number
  /** s between two pulses, the shortest and the longest; null with fewer than two. */
  readonly gaps: readonly [number, number] | null
  /** Turns a second at the end, and until it stood (null: it turns yet). */
  readonly speed: number
  readonly stoodAfter: number | null
}

/** Seconds of a step: a ring of 36 magnets at 120 a minute gives a pulse every 14 ms. */
const STEP = 20e-6

/**
 * Cranks through time: pushed by legs, or let go.
 * @param from turns a second; @param mean N·m of the legs in the mean; @param against N·m of chain and motor
 * @param seconds how long it is watched
 */
export function pedalled(cranks: Cranks, from: number, mean: number, against: number, seconds: number): Pedalled {
  const { inertia, drag, magnets, gone } = cranks
  let [speed, turn, pulses, last, least, most] = [from, 0, 0, NaN, Infinity, 0]
  let stood: number | null = null
  const steps = Math.round(seconds / STEP)
  for (let s = 1; s <= steps; s++) {
    const pushed = speed + (legs(mean, turn) * STEP) / inertia / (2 * Math.PI)
    const slowed = ((drag + against) * STEP) / inertia / (2 * Math.PI)
    speed = pushed > slowed ? pushed - slowed : 0
    const next = turn + speed * STEP
    const at = Math.floor(next * magnets)
    // The first of each turn’s magnets are those that are left.
    if (at > Math.floor(turn * magnets) && at % magnets < magnets - gone) {
      pulses++
      if (!Number.isNaN(last)) {
        least = Math.min(least, s * STEP - last)
        most = Math.max(most, s * STEP - last)
      }
      last = s * STEP
    }
    turn = next
    if (speed === 0 && mean === 0) {
      stood = s * STEP
      break
    }
  }
  return { turns: turn, pulses, gaps: pulses > 1 ? [least, most] : null, speed, stoodAfter: stood }
}
