import { allOrders } from '../drive'

/** How three wires go onto three: the motor’s wire that goes on each of the controller’s, 0 the first. */
export type Plugged = readonly [number, number, number]
/** One way of joining a motor and a controller. */
export interface Way {
  readonly phases: Plugged
  readonly halls: Plugged
}

/** What a trial of at most three seconds shows. */
export const SHOWN = ['right', 'backward', 'rough', 'stands'] as const
export type Shown = (typeof SHOWN)[number]
export interface Trial extends Way {
  readonly shown: Shown
}

const key = (phases: Plugged, halls: Plugged): string => `${phases.join('')} ${halls.join('')}`
const ways = allOrders(120, 120)
const ALL: readonly Way[] = ways.map(({ phases, hallOrder }) => ({ phases, halls: hallOrder }))
const classOf = (torque: number): Shown =>
  torque > 0.9 ? 'right' : torque < -0.9 ? 'backward' : Math.abs(torque) > 0.2 ? 'rough' : 'stands'
const SHOWS: ReadonlyMap<string, Shown> = new Map(ways.map((w) => [key(w.phases, w.hallOrder), classOf(w.torque)]))

/** What a way shows on a motor whose wires are really those of `motor`: the two orders, one after the other. */
function shows(motor: Way, { phases, halls }: Way): Shown {
  const of = (order: Plugged, real: Plugged): Plugged => [real[order[0]]!, real[order[1]]!, real[order[2]]!]
  return SHOWS.get(key(of(phases, motor.phases), of(halls, motor.halls)))!
}

/** Share of trials that are told wrong. Estimated. */
const TOLD_WRONG = 0.04
/** With colours alike on both sides they mostly belong together; else all are alike. Estimated. */
const SAME_COLOURS = 0.55
const fixed = (p: Plugged): number => p.filter((x, i) => x === i).length

function prior(alike: boolean): number[] {
  if (!alike) return ALL.map(() => 1 / ALL.length)
  // Colours as they are; then one pair changed over; then all three turned round.
  const weight = ({ phases, halls }: Way): number => 0.3 ** (3 - fixed(phases)) * 0.3 ** (3 - fixed(halls))
  const rest = ALL.map((w) => (fixed(w.phases) === 3 && fixed(w.halls) === 3 ? 0 : weight(w)))
  const sum = rest.reduce((a, b) => a + b, 0)
  return rest.map((x) => (x === 0 ? SAME_COLOURS : ((1 - SAME_COLOURS) * x) / sum))
}

export interface Matched {
  /** The way that is tried next; null once one ran right. */
  readonly next: Way | null
  /** How likely it runs right, 0 … 1. */
  readonly chance: number
  /** The way that ran right. */
  readonly found: Way | null
  /** No way explains what was told: a sensor is dead, the spacing is another, or something was told wrong. */
  readonly lost: boolean
}

/**
 * The next way to plug a motor onto a controller, in order of likelihood by what every trial so far has shown (Bayes over all 36 orders of
 * phases and Halls, 120°). Only one that ran smoothly the right way ends it.
 * @param alike the colours of both sides are the same three
 */
export function matched(trials: readonly Trial[], alike: boolean): Matched {
  const found = trials.find((t) => t.shown === 'right') ?? null
  const tried = new Set(trials.map((t) => key(t.phases, t.halls)))
  const explained = (motor: Way): number => trials.filter((t) => shows(motor, t) === t.shown).length
  const weights = prior(alike).map((p, i) => {
    const fits = explained(ALL[i]!)
    return p * (1 - TOLD_WRONG) ** fits * (TOLD_WRONG / 3) ** (trials.length - fits)
  })
  const sum = weights.reduce((a, b) => a + b, 0)
  const chances = ALL.map((way) => ALL.reduce((s, motor, i) => s + (shows(motor, way) === 'right' ? weights[i]! / sum : 0), 0))
  const open = ALL.map((way, i) => ({ way, chance: chances[i]! }))
    .filter(({ way }) => !tried.has(key(way.phases, way.halls)))
    .sort((a, b) => b.chance - a.chance || fixed(b.way.phases) + fixed(b.way.halls) - fixed(a.way.phases) - fixed(a.way.halls))
  const lost = trials.length > 1 && !ALL.some((motor) => explained(motor) >= trials.length - 1)
  const [best] = open
  return found || !best
    ? { next: null, chance: 0, found: found && { phases: found.phases, halls: found.halls }, lost }
    : { next: best.way, chance: best.chance, found: null, lost }
}
