import { dragOf, wheelDrag } from './steady'
import type { PmDrive } from './types'
import { ironDrag, shortedDrag } from './waves'

/** Which way a wheel is turned, and whether its motor is plugged into its controller. */
export interface Turned {
  readonly way: 'forward' | 'backward'
  readonly plugged: boolean
}

/** Does the rotor come along? Past a one-way clutch only backward, unless it has seized; past a stripped gear not at all. */
function rotorComes({ gear }: Pick<PmDrive, 'gear'>, way: Turned['way']): boolean {
  return gear.slipsAt > 0 && (gear.clutch === 'none' || way === 'backward')
}

/**
 * N·m at a wheel that is turned by hand at a speed: its own friction, and the rotor’s iron, closed turns and what a shorted switch lets
 * flow, through the gear, as far as they come along.
 * @param omega of the wheel, rad/s, above 0
 */
export function dragAt(drive: PmDrive, omega: number, { way, plugged }: Turned): number {
  const wheel = wheelDrag(drive, omega)
  if (!rotorComes(drive, way)) return wheel
  const { gear, motor } = drive
  const rotor = omega * gear.ratio
  const own = ironDrag(motor, rotor) + shortedDrag(motor, rotor) + (plugged ? dragOf(drive, rotor) : 0)
  return wheel + Math.min((own * gear.ratio) / gear.efficiency, gear.slipsAt)
}

/** What it turns with, kg·m² at the wheel. */
function turning({ load, motor, gear }: PmDrive, comes: boolean): number {
  return load.inertia + (comes ? motor.inertia * gear.ratio ** 2 : 0)
}

const PIECES = 48

/**
 * A wheel let go at a speed: seconds and turns until it stands, from `J·ω' = −T(ω)` summed over the speed. Most of the turns are
 * made fast, most of the time passes slowly.
 * @param turnsPerSecond above 0
 */
export function coastDown(drive: PmDrive, turnsPerSecond: number, turned: Turned): { readonly seconds: number; readonly turns: number } {
  if (!(turnsPerSecond > 0)) throw new RangeError(`a coast begins above 0 turns a second, got ${turnsPerSecond}`)
  const from = 2 * Math.PI * turnsPerSecond
  const inertia = turning(drive, rotorComes(drive, turned.way))
  let seconds = 0
  let angle = 0
  for (let n = 0; n < PIECES; n++) {
    const omega = ((n + 0.5) / PIECES) * from
    const dt = (inertia * from) / PIECES / dragAt(drive, omega, turned)
    seconds += dt
    angle += omega * dt
  }
  return { seconds, turns: angle / (2 * Math.PI) }
}
