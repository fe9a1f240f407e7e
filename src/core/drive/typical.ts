import type { Inverter, PmDrive } from './types'
import { keOfKv, phaseKe } from './waves'

/** What a machine file says of a drive with a three-phase motor. What it does not say is usual for its kind: estimated. */
export interface Figures {
  /** Of the pack as it stands, V. */
  readonly volts: number
  /** Of the rotor, between two lines, rpm for each V at the peak. */
  readonly kv: number
  readonly polePairs: number
  /** Turns of the rotor for one of the wheel, or of the crank. */
  readonly ratio: number
  /** Between two lines at 20 °C, Ω. */
  readonly lineOhms: number
  readonly spacing: 60 | 120
}

const SOUND: Pick<Inverter, 'high' | 'low' | 'phases' | 'hallOrder'> = {
  high: ['sound', 'sound', 'sound'],
  low: ['sound', 'sound', 'sound'],
  phases: [0, 1, 2],
  hallOrder: [0, 1, 2],
}

/** A lead of a metre or two and its bullets, as a share of the winding’s own resistance. Estimated. */
const LEAD_SHARE = 0.06
/** Time constant of a winding of such motors, s. Estimated. */
const WINDING_TAU = 1.5e-3

function base(
  figures: Figures,
  kind: Inverter['kind'],
  shape: 'trapezoid' | 'sine',
  inertia: number,
): Omit<PmDrive, 'gear' | 'friction' | 'load'> {
  const { volts, kv, polePairs, lineOhms, spacing } = figures
  const phase = (lineOhms / 2) * (1 - LEAD_SHARE)
  const lead = (lineOhms / 2) * LEAD_SHARE
  const ke = phaseKe(kv, shape)
  const line = keOfKv(kv)
  return {
    supply: { emf: volts, ohms: 0.0033 * volts, joints: [0.0008, 0.0008, 0.0008], farad: 0.001, bleedOhms: 22_000 },
    inverter: { kind, ...SOUND, phaseAmps: 45, supplyAmps: 20, regen: false, expects: spacing, diodeVolts: 0.8 },
    motor: {
      phaseOhms: [phase, phase, phase],
      leadOhms: [lead, lead, lead],
      henry: (WINDING_TAU * lineOhms) / 2,
      ke: [ke, ke, ke],
      shape,
      polePairs,
      shorted: [0, 0, 0],
      celsius: 20,
      hysteresis: 0.25 * line,
      eddy: 0.0003 * polePairs * line,
      cogging: 0.3 * line,
      cogs: 6,
      inertia,
    },
    halls: { spacing, stuck: [null, null, null], ahead: 0 },
  }
}

/** A direct hub: rotor and wheel are one, six-step by Halls. */
export function hubDirectDrive(figures: Figures): PmDrive {
  return {
    ...base(figures, 'six-step', 'trapezoid', 0.03),
    gear: { ratio: 1, efficiency: 1, clutch: 'none', slipsAt: Infinity },
    friction: { stick: 0.08, dry: 0.05, viscous: 0.002 },
    load: { inertia: 0.04, against: 0, air: 0 },
  }
}

/** A geared hub: a small quick motor, planets, a one-way clutch to the wheel. */
export function hubGearedDrive(figures: Figures): PmDrive {
  return {
    ...base(figures, 'six-step', 'trapezoid', 0.0006),
    gear: { ratio: figures.ratio, efficiency: 0.9, clutch: 'one-way', slipsAt: 90 },
    friction: { stick: 0.1, dry: 0.06, viscous: 0.002 },
    load: { inertia: 0.1, against: 0, air: 0 },
  }
}

/** A motor beside the cranks: a sine by its Halls, two stages, clutches to crank and chain ring. */
export function midDriveMotor(figures: Figures): PmDrive {
  return {
    ...base(figures, 'sine', 'sine', 0.00012),
    gear: { ratio: figures.ratio, efficiency: 0.85, clutch: 'one-way', slipsAt: 130 },
    friction: { stick: 0.4, dry: 0.3, viscous: 0.01 },
    load: { inertia: 0.08, against: 0, air: 0 },
  }
}

/** A tractor’s motor: a sine by its resolver, a fixed gear, no clutch. */
export function tractionMotor(figures: Figures): PmDrive {
  const drive = base(figures, 'sine', 'sine', 0.05)
  return {
    ...drive,
    supply: { ...drive.supply, ohms: 0.0004 * figures.volts, farad: 0.0007, bleedOhms: 100_000 },
    inverter: { ...drive.inverter, phaseAmps: 300, supplyAmps: 150, regen: true },
    gear: { ratio: figures.ratio, efficiency: 0.93, clutch: 'none', slipsAt: Infinity },
    friction: { stick: 12, dry: 8, viscous: 0.2 },
    load: { inertia: 60, against: 0, air: 0 },
  }
}
