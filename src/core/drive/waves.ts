import type { Order, PmMotor, Three } from './types'

/** Copper’s change of resistance for each kelvin, from 20 °C (IEC 60228, annealed). */
const COPPER = 0.00393

/**
 * A winding’s resistance at another temperature. The temperature of a warm one is told by it.
 * @param ohms20 at 20 °C, Ω
 * @example copperAt(0.1, 70) // 0.11965 Ω
 */
export function copperAt(ohms20: number, celsius: number): number {
  return ohms20 * (1 + COPPER * (celsius - 20))
}

/**
 * The temperature of a winding from its resistance cold and now (IEC 60034-1, 8.6.2, written for 0.00393 at 20 °C).
 * @param cold Ω at `coldCelsius`; @param warm Ω now, both above 0
 * @throws RangeError for a resistance of 0 or less
 */
export function copperCelsius(cold: number, warm: number, coldCelsius: number): number {
  if (!(cold > 0 && warm > 0)) throw new RangeError(`a winding’s resistance is above 0 Ω, got ${cold} and ${warm}`)
  return (warm / cold) * (coldCelsius - 20 + 1 / COPPER) - 1 / COPPER + 20
}

/** V for each rad/s at the peak between two lines, from turns a minute for each volt. N·m for each A at once: `60 / (2π·Kv)`. */
export function keOfKv(kv: number): number {
  if (!(kv > 0)) throw new RangeError(`Kv is above 0 rpm/V, got ${kv}`)
  return 60 / (2 * Math.PI * kv)
}

/** Peak of one phase from the peak between two: the flat tops of a trapezoid add, a sine’s are √3 apart. */
export function phaseKe(kv: number, shape: PmMotor['shape']): number {
  return keOfKv(kv) / (shape === 'trapezoid' ? 2 : Math.sqrt(3))
}

/** The form of a phase’s back-EMF over an electrical turn (0 … 1), −1 … 1: flat for 120°, with straight flanks. */
export function trapezoid(turn: number): number {
  const half = turn < 0.5 ? turn : turn - 0.5
  const near = half < 0.25 ? half : 0.5 - half
  const up = near >= 1 / 12 ? 1 : 12 * near
  return turn < 0.5 ? up : -up
}

/** Back-EMF forms of the three phases at an electrical turn of 0 … 1, each a third behind the one before. */
export function forms(shape: PmMotor['shape'], turn: number): Three {
  const at = (phase: number): number => {
    const t = turn - phase / 3 - Math.floor(turn - phase / 3)
    return shape === 'trapezoid' ? trapezoid(t) : Math.sin(2 * Math.PI * t)
  }
  return [at(0), at(1), at(2)]
}

/** All six orders of three. */
export const ORDERS: readonly Order[] = [
  [0, 1, 2],
  [1, 2, 0],
  [2, 0, 1],
  [0, 2, 1],
  [2, 1, 0],
  [1, 0, 2],
]

/** A phase and its lead at the copper’s temperature, Ω, what is closed upon itself left out. `Infinity` where it is open. */
export function phaseOhms(motor: PmMotor): Three {
  const of = (k: 0 | 1 | 2): number => copperAt(motor.phaseOhms[k], motor.celsius) * (1 - motor.shorted[k]) + motor.leadOhms[k]
  return [of(0), of(1), of(2)]
}

/** Peak of each phase’s back-EMF with the turns that are left, V for each rad/s. */
export function phaseFlux(motor: PmMotor): Three {
  const of = (k: 0 | 1 | 2): number => motor.ke[k] * (1 - motor.shorted[k])
  return [of(0), of(1), of(2)]
}

/** Between two lines, Ω: first to second, second to third, third to first. */
export function pairOhms(motor: PmMotor): Three {
  const [a, b, c] = phaseOhms(motor)
  return [a + b, b + c, c + a]
}

/**
 * Drag of turns that are closed upon themselves, N·m at the rotor at `omega` rad/s. Their loop has a share `x` of the phase’s EMF,
 * resistance and (by x²) inductance; the mean over a turn of `(x·ke·f)²·ω / R`, less what the inductance holds back.
 */
export function shortedDrag(motor: PmMotor, omega: number): number {
  const mean = motor.shape === 'trapezoid' ? 7 / 9 : 1 / 2
  return motor.shorted.reduce((sum, x, k) => {
    if (x === 0) return sum
    const ohms = x * copperAt(motor.phaseOhms[k]!, motor.celsius)
    const reactance = omega * motor.polePairs * x * x * motor.henry
    return sum + (mean * (x * motor.ke[k]!) ** 2 * omega * ohms) / (ohms * ohms + reactance * reactance)
  }, 0)
}

/** Drag of the iron at the rotor, N·m at `omega` rad/s, against the way it turns. */
export function ironDrag(motor: PmMotor, omega: number): number {
  return omega === 0 ? 0 : Math.sign(omega) * motor.hysteresis + motor.eddy * omega
}
