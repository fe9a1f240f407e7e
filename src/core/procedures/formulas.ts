import { hallDwell } from '../drive'

/**
 * Speed constant from a spin by something else: turns a minute for each volt of the peak between two phases.
 * @param rms volts AC between two phases, above 0, of a sine
 * @param rpm of what the constant is told for
 */
export function kvFromSpin(rms: number, rpm: number): number {
  return rpm / (rms * Math.SQRT2)
}

/**
 * Electrical turns in one turn by hand, from the changes of the Hall code: six to one electrical turn. Of a wheel this is pole pairs times
 * ratio; of the rotor itself its pole pairs.
 */
export function electricalTurns(changes: number): number {
  return changes / 6
}

/** What is wrong with three Halls by the codes of one slow turn; `spacing` null where it cannot be told. */
export interface HallFinding {
  readonly spacing: 60 | 120 | null
  /** Which of the three never changes, 0 the first; null where all do. */
  readonly stuck: readonly { readonly sensor: 0 | 1 | 2; readonly at: 0 | 1 }[]
  /** Forward as the first code list has it, backward, or neither. */
  readonly way: 'forward' | 'backward' | null
  /** Steps that no sound set makes: more than one sensor changed at once. */
  readonly jumps: number
}

/** Codes of an electrical turn of a sound set, forward; first sensor worth 4, last 1. */
const turnOf = (spacing: 60 | 120): readonly number[] => hallDwell({ spacing, stuck: [null, null, null], ahead: 0 }).map((d) => d.code)
const TURNS: Readonly<Record<60 | 120, readonly number[]>> = { 120: turnOf(120), 60: turnOf(60) }

/** Reads the codes of a slow turn by hand, in order; repeats count once. */
export function hallFinding(codes: readonly number[]): HallFinding {
  const seen = codes.filter((c, i) => c !== codes[i - 1])
  const bits = (c: number): number => ((c >> 2) & 1) + ((c >> 1) & 1) + (c & 1)
  const jumps = seen.slice(1).filter((c, i) => bits(c ^ seen[i]!) > 1).length
  const stuck = ([0, 1, 2] as const).flatMap((sensor) => {
    const values = new Set(seen.map((c) => (c >> (2 - sensor)) & 1))
    return seen.length > 2 && values.size === 1 ? [{ sensor, at: [...values][0] as 0 | 1 }] : []
  })
  const set = new Set(seen)
  const whole = set.size === 6 ? (([120, 60] as const).find((s) => TURNS[s].every((c) => set.has(c))) ?? null) : null
  const turn: readonly number[] | null = whole ? TURNS[whole] : null
  const steps = turn ? seen.slice(1).map((c, i) => (turn.indexOf(c) - turn.indexOf(seen[i]!) + 6) % 6) : []
  const way =
    steps.length > 0 && steps.every((s) => s === 1) ? 'forward' : steps.length > 0 && steps.every((s) => s === 5) ? 'backward' : null
  return { spacing: whole, stuck, way, jumps }
}

/** Where the next pair of probes goes when a bad joint is looked for by halves. */
export interface Halving {
  /** Joints among which it is, counted from 1. */
  readonly from: number
  readonly to: number
}

/**
 * A bad joint in a path under load, by halves: the half with more than its share holds it.
 * @param whole mV over the whole path; @param half mV over the joints `from` … middle
 * @returns the half that is left; both ends equal where it is found
 */
export function halved({ from, to }: Halving, whole: number, half: number): Halving {
  const middle = Math.floor((from + to) / 2)
  const share = (middle - from + 1) / (to - from + 1)
  return half > whole * share ? { from, to: middle } : { from: middle + 1, to }
}

/** Rolling circumference from a straight push, in metres. */
export function rollOut(metres: number, turns: number): number {
  return metres / turns
}

/** By how much a shown speed is off, in per cent: what the display is set to against what the wheel rolls. */
export function speedOff(set: number, rolled: number): number {
  return (100 * (set - rolled)) / rolled
}
