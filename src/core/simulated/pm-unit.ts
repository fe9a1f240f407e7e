import { type Figures, type PmDrive } from '../drive'
import { about, between, type Chance } from './chance'

/** A machine with a three-phase motor, as far as a bench can ask it. */
export interface PmUnit {
  readonly drive: PmDrive
  /** The other one of its kind, sound: what it is told against. */
  readonly twin: PmDrive
  /** What the file says of both. */
  readonly figures: Figures
  /** At full charge, V; and how full it is, 0 … 1. */
  readonly fullVolts: number
  readonly charge: number
  /** The pack gives nothing: its board sleeps. */
  readonly asleep: boolean
  /** Between the lowest and the highest group of cells at rest, mV. */
  readonly spread: number
  /** V of the throttle’s signal at rest and fully turned. */
  readonly throttle: readonly [number, number]
  /** V of the Halls’ feed at the plug. */
  readonly feed: number
  /** What the controller waits for before it lets it run: a brake let go, or a lock, seat, code, throttle at zero. */
  readonly waits: 'brake' | 'lock' | null
  /** MΩ from the windings to the axle, and from a phase to a Hall wire. */
  readonly toAxle: number
  readonly toHall: number
  /** kΩ of the winding’s temperature sensor. */
  readonly sensor: number
  /** Of the charger: its open voltage as a share of full charge, and its current as a share of its label. */
  readonly charger: readonly [number, number]
  /** How rough it feels: 0 smooth … 1 grinds; and play at the rim, mm. */
  readonly rough: number
  readonly play: number
  /** N·m of the brake in what the wheel drags. */
  readonly braked: number
}

/** Figures of a sound machine that has nothing to do with its drive’s own. */
export function soundUnit(drive: PmDrive, twin: PmDrive, figures: Figures, fullVolts: number, charge: number, chance: Chance): PmUnit {
  return {
    drive,
    twin,
    figures,
    fullVolts,
    charge,
    asleep: false,
    spread: between(chance, 4, 28),
    throttle: [between(chance, 0.78, 0.9), between(chance, 3.45, 3.75)],
    feed: about(chance, 5, 0.015),
    waits: null,
    toAxle: 10 ** between(chance, 1.4, 4),
    toHall: 10 ** between(chance, 1.4, 4),
    sensor: about(chance, 10 * Math.exp(-0.044 * (drive.motor.celsius - 25)), 0.04),
    charger: [about(chance, 1, 0.004), about(chance, 0.97, 0.03)],
    rough: Math.max(0, 0.08 * chance()),
    play: 0.2 * chance(),
    braked: 0,
  }
}

/** One drive of a series, at the temperature of the day. */
export function ofSeries(drive: PmDrive, emf: number, celsius: number, chance: Chance): PmDrive {
  const { motor, supply, friction, load } = drive
  const r = about(chance, 1, 0.04)
  const ke = about(chance, 1, 0.02)
  const iron = about(chance, 1, 0.1)
  const each = (x: number): number => about(chance, x, 0.006)
  return {
    ...drive,
    supply: {
      ...supply,
      emf,
      ohms: about(chance, supply.ohms, 0.12),
      joints: supply.joints.map((x) => x * between(chance, 0.5, 2)),
    },
    motor: {
      ...motor,
      celsius,
      phaseOhms: [each(motor.phaseOhms[0] * r), each(motor.phaseOhms[1] * r), each(motor.phaseOhms[2] * r)],
      leadOhms: [0, 1, 2].map(() => motor.leadOhms[0] * between(chance, 0.8, 1.3)) as unknown as typeof motor.leadOhms,
      ke: [each(motor.ke[0] * ke), each(motor.ke[1] * ke), each(motor.ke[2] * ke)],
      hysteresis: motor.hysteresis * iron,
      eddy: motor.eddy * iron,
    },
    friction: { ...friction, dry: about(chance, friction.dry, 0.2), viscous: about(chance, friction.viscous, 0.2) },
    load: { ...load, inertia: about(chance, load.inertia, 0.05) },
  }
}
