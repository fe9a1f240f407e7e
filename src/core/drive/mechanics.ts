import type { PmDrive } from './types'
import { shortedDrag } from './waves'

/** Rotor, gear and wheel, one step at a time: free first, then what has to pass through the gear for both to turn together. */
export class Mechanics {
  /** rad/s. */
  rotor: number
  wheel: number
  /** Lost so far, J. */
  iron = 0
  gear = 0
  road = 0
  readonly #drive: PmDrive
  readonly #reduced: number
  readonly #shorted: boolean
  readonly #dt: number

  constructor(drive: PmDrive, rotor: number, wheel: number, dt: number) {
    this.rotor = rotor
    this.wheel = wheel
    this.#drive = drive
    this.#dt = dt
    const { ratio, efficiency } = drive.gear
    this.#reduced = 1 / (1 / drive.load.inertia + 1 / (ratio * ratio * efficiency * drive.motor.inertia))
    this.#shorted = drive.motor.shorted.some((x) => x > 0)
  }

  /** J in what turns. */
  energy(): number {
    return 0.5 * this.#drive.motor.inertia * this.rotor ** 2 + 0.5 * this.#drive.load.inertia * this.wheel ** 2
  }

  /** One step with `impulse` N·m·s at the magnets. The rotor’s speed in the middle of the push. */
  push(impulse: number): number {
    const { motor, gear, friction, load } = this.#drive
    const dt = this.#dt
    const Jr = motor.inertia
    const Jw = load.inertia
    const free = this.rotor + impulse / Jr
    const mid = 0.5 * (this.rotor + free)
    const drag = ((motor.hysteresis + (this.#shorted ? shortedDrag(motor, Math.abs(free)) : 0)) * dt) / Jr
    const slowed = (free > drag ? free - drag : free < -drag ? free + drag : 0) / (1 + (motor.eddy * dt) / Jr)
    this.iron += 0.5 * Jr * (free * free - slowed * slowed)
    const ww = this.wheel
    const held = ((friction.dry + load.against) * dt) / Jw
    const rolled = (ww > held ? ww - held : ww < -held ? ww + held : 0) / (1 + ((friction.viscous + load.air * Math.abs(ww)) * dt) / Jw)
    this.road += 0.5 * Jw * (ww * ww - rolled * rolled)
    const n = gear.ratio
    let through = (slowed / n - rolled) * this.#reduced
    if (gear.clutch === 'one-way' && through < 0) through = 0
    const holds = gear.slipsAt * dt
    const slips = Math.abs(through) > holds
    if (slips) through = Math.sign(through) * holds
    const moving = 0.5 * Jr * slowed * slowed + 0.5 * Jw * rolled * rolled
    const back = through / (n * gear.efficiency * Jr)
    if (rolled === 0 && Math.abs(through) <= (friction.stick + load.against) * dt) {
      // The wheel stands; the rotor with it, unless gear or clutch lets go.
      this.wheel = 0
      this.rotor = slips || through === 0 ? slowed - back : 0
    } else {
      this.wheel = rolled + through / Jw
      this.rotor = slowed - back
    }
    this.gear += moving - this.energy()
    return mid
  }
}
