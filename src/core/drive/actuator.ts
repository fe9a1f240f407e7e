import { type BrushedDrive, brushedPoint } from './brushed'
import { type Heat, type Warm, warmAfter } from './heat'
import { lowered, raised, type Thread } from './screw'

/** A motor that moves a rod by a screw between two end switches. SI. */
export interface Actuator {
  /** Its friction is all that turns, without the screw; its load is left aside. */
  readonly motor: BrushedDrive
  /** kg·m² at the motor, above 0. */
  readonly inertia: number
  /** Turns of the motor for one of the screw. */
  readonly ratio: number
  readonly thread: Thread
  /** m from stop to stop. */
  readonly stroke: number
  /** N that it lifts on the way out and lets down on the way in. */
  readonly newtons: number
  /** Which way the end switches let current through, away from the stops. */
  readonly out: boolean
  readonly in: boolean
  /** False where nut or gear is stripped: the motor turns, the rod stands. */
  readonly carries: boolean
}
export type Way = 'out' | 'in'

/** N·m at the motor that the load takes. A load that drives gives nothing back. */
function loadAt({ thread, newtons, ratio, carries }: Actuator, way: Way): number {
  if (!carries) return 0
  return Math.max(0, way === 'out' ? raised(thread, newtons) : -lowered(thread, newtons)) / ratio
}

/** A stroke as it is once the motor has its speed: s (`Infinity` where the rod stands), A, V at the posts, rad/s of the motor. */
export function strokePoint(
  a: Actuator,
  way: Way,
): { readonly seconds: number; readonly amps: number; readonly posts: number; readonly speed: number } {
  if (!a[way]) return { seconds: Infinity, amps: 0, posts: 0, speed: 0 }
  const point = brushedPoint({ ...a.motor, load: loadAt(a, way) }, 1)
  const along = a.carries ? (point.speed / (2 * Math.PI * a.ratio)) * a.thread.lead : 0
  return { ...point, seconds: along > 0 ? a.stroke / along : Infinity }
}

export interface Stroke {
  /** From switching on until the end switch opens, or until it was given up. */
  readonly seconds: number
  readonly peakAmps: number
  readonly meanAmps: number
  /** m from where it began. */
  readonly moved: number
  readonly ended: 'at the stop' | 'stalled' | 'not fed' | 'given up'
  /** Of the winding above the air, K. */
  readonly warm: Warm
}

/** Seconds of a step, exact for a motor whose load is steady: speed goes by its exponential. */
const STEP = 1e-3

/**
 * A whole stroke through time, from a stand: run-up, way, stop. Warmth by two bodies, from the loss in the copper.
 * @param most seconds after which it is given up
 */
export function stroked(a: Actuator, way: Way, heat: Heat, from: Warm = { copper: 0, body: 0 }, most = 300): Stroke {
  if (!a[way]) return { seconds: 0, peakAmps: 0, meanAmps: 0, moved: 0, ended: 'not fed', warm: from }
  const { emf, sourceOhms, pathOhms, armatureOhms, brushVolts, ke, friction } = a.motor
  const ohms = sourceOhms + pathOhms + armatureOhms
  if (ohms === Infinity || emf <= brushVolts) return { seconds: 0, peakAmps: 0, meanAmps: 0, moved: 0, ended: 'not fed', warm: from }
  const drag = friction + loadAt(a, way)
  const stall = (ke * (emf - brushVolts)) / ohms
  const tau = (a.inertia * ohms) / (ke * ke)
  const last = stall > drag ? (emf - brushVolts - (drag * ohms) / ke) / ke : 0
  const keeps = Math.exp(-STEP / tau)
  let [speed, moved, t, charge, loss, peak] = [0, 0, 0, 0, 0, 0]
  const along = a.carries ? a.thread.lead / (2 * Math.PI * a.ratio) : 0
  while (t < most && moved < a.stroke) {
    const next = last + (speed - last) * keeps
    const mid = 0.5 * (speed + next)
    const amps = last > 0 ? (emf - brushVolts - ke * mid) / ohms : (emf - brushVolts) / ohms
    peak = Math.max(peak, last > 0 ? (emf - brushVolts - ke * speed) / ohms : amps)
    charge += amps * STEP
    loss += amps * amps * armatureOhms * STEP
    moved += mid * along * STEP
    speed = next
    t += STEP
    if (last === 0) break
  }
  const ended = last === 0 ? 'stalled' : moved >= a.stroke ? 'at the stop' : 'given up'
  return { seconds: t, peakAmps: peak, meanAmps: charge / t, moved, ended, warm: warmAfter(heat, from, loss / t, t) }
}
