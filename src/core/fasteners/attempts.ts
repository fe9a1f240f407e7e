/** What is stuck, and what of it: a thing that does not let go, a head or screw that broke, a thread that tore. */
export const STUCK = ['turned', 'locked', 'plug', 'washer', 'wheel', 'cover', 'press fit', 'broken', 'torn thread'] as const
export type Stuck = (typeof STUCK)[number]

/**
 * What is tried on each, gentlest first; the last gives it over. On a strong locker oil and blows do nothing, and warmth comes before
 * force. A list of ids that stand in entries: a new one raises VOCABULARY.
 */
export const LADDERS = {
  turned: ['clean', 'soak', 'tap', 'lever', 'warm', 'give over'],
  locked: ['clean', 'warm', 'lever', 'give over'],
  plug: ['find the catch', 'push in', 'rock', 'contact spray', 'give over'],
  washer: ['clean', 'two picks', 'soak', 'turn it', 'give over'],
  wheel: ['weight off', 'look for what holds', 'soak', 'tap', 'spread', 'give over'],
  cover: ['count again', 'cut the bead', 'warm', 'pry at a corner', 'give over'],
  'press fit': ['clean', 'soak', 'warm', 'pull straight', 'give over'],
  broken: ['grip what stands out', 'soak', 'warm', 'drill left-hand', 'give over'],
  'torn thread': ['chase it', 'insert', 'give over'],
} as const satisfies Readonly<Record<Stuck, readonly string[]>>

/** Everything that is tried on anything. */
export type AttemptWay = (typeof LADDERS)[Stuck][number]
export const ATTEMPTS: readonly AttemptWay[] = [...new Set(Object.values(LADDERS).flat())]

/** One try, as it is logged. Warming says for how long, from how far, what was near, and what was read at both places. */
export interface Attempt {
  readonly way: AttemptWay
  /** What it was tried on; absent in tries of before anything but fixings had a ladder. */
  readonly on?: Stuck
  readonly minutes?: number
  /** Millimetres from the fixing. */
  readonly distance?: number
  readonly near?: string
  /** Degrees Celsius at what was warmed, and at the nearest lead, seal or magnet; absent where nobody read them. */
  readonly celsius?: number
  readonly nearCelsius?: number
}

/** Minutes until a warmed fixing can be taken in the hand; estimated, a thick hub takes longer. */
export const COOLS_IN = 20

/** Degrees Celsius at a fixing from which threadlocker lets go, and above which it is of no more use; estimated. */
export const LETS_GO = { from: 120, to: 150 } as const

/** Degrees Celsius that leads, seals and magnets bear; estimated, for magnets of the common grade. */
export const NEAR_BEARS = 80

export const attemptsFor = (on: Stuck): readonly AttemptWay[] => LADDERS[on]

/** The next thing to try; null when all is tried, or it was given over. Tries on something else do not count here. */
export function nextAttempt(tried: readonly Attempt[], on: Stuck): AttemptWay | null {
  const turned = (s: Stuck | undefined): boolean => s === undefined || s === 'turned' || s === 'locked'
  const had = new Set(tried.filter((t) => t.on === on || (turned(on) && turned(t.on))).map((t) => t.way))
  return had.has('give over') ? null : (attemptsFor(on).find((way) => !had.has(way)) ?? null)
}

/** What was wrong with how warm it was: too cool to weaken anything, too hot for it, or for what is near. */
export function heatFaults({
  celsius,
  nearCelsius,
}: Pick<Attempt, 'celsius' | 'nearCelsius'>): readonly ('too cool' | 'too hot' | 'near too hot')[] {
  return [
    ...(celsius !== undefined && celsius < LETS_GO.from ? (['too cool'] as const) : []),
    ...(celsius !== undefined && celsius > LETS_GO.to ? (['too hot'] as const) : []),
    ...(nearCelsius !== undefined && nearCelsius > NEAR_BEARS ? (['near too hot'] as const) : []),
  ]
}

/** Minutes for which it is still hot; 0 where it was never warmed. @param since minutes since each try */
export function hotFor(tried: readonly (Attempt & { readonly since: number })[]): number {
  return Math.max(0, ...tried.filter((t) => t.way === 'warm').map((t) => COOLS_IN - t.since))
}
