import { forms, ORDERS } from './waves'
import type { Halls, Inverter, Order } from './types'

/** A pair of phases that is fed: into one, out of the other. */
export interface Pair {
  readonly into: 0 | 1 | 2
  readonly out: 0 | 1 | 2
}

/** Where each Hall goes up in an electrical turn; it stays up for half of it. The first pair’s flat top begins at a twelfth. */
export const RISES = { 120: [1 / 12, 5 / 12, 9 / 12], 60: [1 / 12, 3 / 12, 5 / 12] } as const

/** What the controller reads of the three at an electrical turn: the first is worth 4, the last 1. */
export function hallCode(halls: Halls, turn: number): number {
  let code = 0
  for (let k = 0; k < 3; k++) {
    const since = turn + halls.ahead / 360 - RISES[halls.spacing][k]!
    const bit = halls.stuck[k] ?? (since - Math.floor(since) < 0.5 ? 1 : 0)
    code = code * 2 + bit
  }
  return code
}

const SOUND: Halls = { spacing: 120, stuck: [null, null, null], ahead: 0 }
const PAIRS: readonly Pair[] = [
  { into: 0, out: 1 },
  { into: 0, out: 2 },
  { into: 1, out: 2 },
  { into: 1, out: 0 },
  { into: 2, out: 0 },
  { into: 2, out: 1 },
]

/** The controller’s own table: the pair that it feeds at each code, null at the two that its spacing never shows. */
function pairAt(expects: 60 | 120): readonly (Pair | null)[] {
  const table: (Pair | null)[] = Array<Pair | null>(8).fill(null)
  PAIRS.forEach((pair, i) => {
    table[hallCode({ ...SOUND, spacing: expects }, (i + 1.01) / 6 - 1 / 12 + 1e-6)] = pair
  })
  return table
}

const swap = (code: number, order: Order): number =>
  order.reduce<number>((sum, of, i) => sum + ((code >> (2 - of)) & 1) * (1 << (2 - i)), 0)

/** The motor’s phases that are fed at each code of the motor’s own Halls, by the order in which both are plugged. */
export function fedAt(inverter: Pick<Inverter, 'phases' | 'hallOrder' | 'expects'>): readonly (Pair | null)[] {
  const table = pairAt(inverter.expects)
  return Array.from({ length: 8 }, (_, code) => {
    const pair = table[swap(code, inverter.hallOrder)]
    return pair ? { into: inverter.phases[pair.into], out: inverter.phases[pair.out] } : null
  })
}

/**
 * Codes of an electrical turn in the order in which they come, each with the share of the turn that it holds: what a slow turn by
 * hand shows. Sound ones hold a sixth each; with one stuck, only these shares tell 60° from 120°.
 */
export function hallDwell(halls: Halls): readonly { readonly code: number; readonly share: number }[] {
  const steps = 720
  const runs: { code: number; n: number }[] = []
  for (let i = 0; i < steps; i++) {
    const code = hallCode(halls, (i + 0.5) / steps)
    const last = runs.at(-1)
    if (last?.code === code) last.n++
    else runs.push({ code, n: 1 })
  }
  const [first, last] = [runs[0]!, runs.at(-1)!]
  if (runs.length > 1 && first.code === last.code) {
    first.n += last.n
    runs.pop()
  }
  return runs.map(({ code, n }) => ({ code, share: n / steps }))
}

/** Electrical degrees at which a torque is summed over a turn. */
const POINTS = 720

/**
 * Torque of a pair of orders with the same current in whatever is fed, as a share of the right order’s: 1 runs forward, −1 backward,
 * about a half turns roughly and takes far more current for what it does.
 */
function orderTorque(spacing: 60 | 120, inverter: Pick<Inverter, 'phases' | 'hallOrder' | 'expects'>): number {
  const fed = fedAt(inverter)
  let sum = 0
  for (let i = 0; i < POINTS; i++) {
    const turn = (i + 0.5) / POINTS
    const pair = fed[hallCode({ ...SOUND, spacing }, turn)]
    if (!pair) continue
    const form = forms('trapezoid', turn)
    sum += form[pair.into] - form[pair.out]
  }
  return sum / POINTS / 2
}

/** All 36 ways of plugging three phases and three Halls, each with its torque (`orderTorque`). */
export function allOrders(
  spacing: 60 | 120,
  expects: 60 | 120,
): readonly { readonly phases: Order; readonly hallOrder: Order; readonly torque: number }[] {
  return ORDERS.flatMap((phases) =>
    ORDERS.map((hallOrder) => ({ phases, hallOrder, torque: orderTorque(spacing, { phases, hallOrder, expects }) })),
  )
}
