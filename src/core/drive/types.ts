/** Three figures, one a phase. */
export type Three = readonly [number, number, number]
/** Which of three goes where: `[1, 0, 2]` has the first two changed over. */
export type Order = readonly [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2]

/** What feeds the drive: a pack, its joints and the capacitor behind them. */
export interface Supply {
  /** Open-circuit volts, 0 or more. */
  readonly emf: number
  /** Inner resistance of the pack, Ω, 0 or more. */
  readonly ohms: number
  /** Each joint of the feed in its order, Ω; `Infinity` is open. */
  readonly joints: readonly number[]
  /** The controller’s capacitor, F, above 0. */
  readonly farad: number
  /** What bleeds it, Ω; `Infinity` where nothing does. */
  readonly bleedOhms: number
}

/** A permanent-magnet motor with a star of three phases. Saturation is left out. */
export interface PmMotor {
  /** Of each phase alone at 20 °C, Ω, above 0. */
  readonly phaseOhms: Three
  /** Lead and joint in series with each phase, Ω, 0 or more; `Infinity` is open. */
  readonly leadOhms: Three
  /** Inductance of a phase, its share of the mutual one taken off, H, above 0. */
  readonly henry: number
  /** Peak of each phase’s back-EMF, V for each rad/s of the rotor; as torque N·m for each A. */
  readonly ke: Three
  readonly shape: 'trapezoid' | 'sine'
  readonly polePairs: number
  /** Share of each phase’s turns that is closed upon itself, 0 … 0.9. */
  readonly shorted: Three
  /** Of the copper. */
  readonly celsius: number
  /** Drag of the iron at the rotor: N·m at any speed (hysteresis), and N·m for each rad/s (eddy currents). */
  readonly hysteresis: number
  readonly eddy: number
  /** Cogging at the rotor, N·m at its peak, and how often an electrical turn. */
  readonly cogging: number
  readonly cogs: number
  /** Of the rotor, kg·m², above 0. */
  readonly inertia: number
}

/** The rotor’s place as the controller is told: three Halls, or a resolver. */
export interface Halls {
  readonly spacing: 60 | 120
  /** A sensor or wire that no longer changes: what the controller reads of it. Open-collector: a broken wire reads 1. */
  readonly stuck: readonly [0 | 1 | null, 0 | 1 | null, 0 | 1 | null]
  /** Electrical degrees by which all sit ahead of where they should; for a resolver, the angle that was taught wrong. */
  readonly ahead: number
}

/** One leg of an inverter: a switch up, a switch down. */
export type Switch = 'sound' | 'open' | 'shorted'
export interface Inverter {
  /** Six-step by Halls, the cycle averaged over its chopping; or a sine by the rotor’s angle. */
  readonly kind: 'six-step' | 'sine'
  readonly high: readonly [Switch, Switch, Switch]
  readonly low: readonly [Switch, Switch, Switch]
  /** Limits, A, above 0: of a phase at its peak, and out of the supply. */
  readonly phaseAmps: number
  readonly supplyAmps: number
  /** May it brake by the motor? Without, current flows forward only. */
  readonly regen: boolean
  /** Which motor phase hangs on each output, and which Hall on each input. */
  readonly phases: Order
  readonly hallOrder: Order
  /** Spacing that it is made for. */
  readonly expects: 60 | 120
  /** A diode’s drop, V. */
  readonly diodeVolts: number
}

/** Between rotor and wheel. */
export interface Gear {
  /** Turns of the rotor for one of the wheel, 1 or more. */
  readonly ratio: number
  /** 0 … 1, of what goes through it. */
  readonly efficiency: number
  /** With a one-way clutch the rotor drives the wheel forward and is left behind by it. */
  readonly clutch: 'none' | 'one-way'
  /** N·m at the wheel above which it slips; `Infinity` holds, 0 is a stripped gear. */
  readonly slipsAt: number
}

/** At the wheel: what it takes to start, what it takes at any speed, and what grows with it (N·m, N·m, N·m for each rad/s). */
export interface Friction {
  readonly stick: number
  readonly dry: number
  readonly viscous: number
}

/** What the wheel carries. `against`: steady N·m of a brake, a hill or the road. */
export interface Load {
  /** At the wheel, all that turns with it or is pushed by it, kg·m², above 0. */
  readonly inertia: number
  readonly against: number
  /** N·m for each (rad/s)²: air. */
  readonly air: number
}

/** A drive with a three-phase motor, as equations: every fault that is physical is another figure in it. SI throughout. */
export interface PmDrive {
  readonly supply: Supply
  readonly inverter: Inverter
  readonly motor: PmMotor
  readonly halls: Halls
  readonly gear: Gear
  readonly friction: Friction
  readonly load: Load
}

/** Where a drive is: what the next step begins from. */
export interface PmState {
  /** Electrical turns, 0 … 1. */
  readonly turn: number
  /** rad/s. */
  readonly rotor: number
  readonly wheel: number
  /** Into each phase, A. */
  readonly amps: Three
  /** At the capacitor, V. */
  readonly volts: number
}
