import { flag } from '../apply-context'
import { reopenFor } from '../apply-steps'
import { rideShut } from '../check-status'
import { settle } from '../claims'
import { ladderIn, WANTED_BEFORE } from '../proving'
import { type BrakeTried, longEnough, type RideLogSummary, type RideStage, type StopSign } from '../../ride'
import type { AnyCheck } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './ride-added.schema'

interface Ridden {
  /** The rungs that it stands for, in order; the last is the one where it was stopped. Absent in older ones that name none. */
  readonly rungs?: readonly RideStage[]
  readonly outcome?: 'passed' | 'stopped'
  /** What ended it. */
  readonly sign?: StopSign
  readonly metres?: number
  readonly minutes?: number
  /** Who rode, by name. */
  readonly rider?: string
  /** What it carried beside the rider, kg. */
  readonly load?: number
  readonly brakes?: readonly BrakeTried[]
  /** What somebody said of it; version 1 has in it what ended it, too. */
  readonly text?: string
  readonly log?: RideLogSummary
}

interface Before {
  readonly stage?: RideStage
  readonly kilometres?: number
}

const fromBefore = <B extends Before>({ stage, kilometres, ...body }: B): Omit<B, keyof Before> & Ridden => ({
  ...body,
  ...(stage ? { rungs: [stage] } : {}),
  ...(kilometres !== undefined ? { metres: Math.round(kilometres * 1e6) / 1000 } : {}),
})

/** A log as forms of before its stops were kept have it. */
const withoutStops = ({ stops: _, ...log }: RideLogSummary): RideLogSummary => log

/** What an older form can say of a ride: one rung of it, and how far. */
const asBefore = ({ rungs, metres, outcome, text, log }: Ridden) => ({
  ...(rungs?.length ? { stage: rungs.at(-1)! } : {}),
  ...(metres !== undefined ? { kilometres: metres / 1000 } : {}),
  ...(outcome ? { outcome } : {}),
  ...(text !== undefined ? { text } : {}),
  ...(log ? { log: withoutStops(log) } : {}),
})

/**
 * A ride, or a run at the bench. It stands for its rungs, one without any for all that were wanted; a stopped one takes back what lies
 * above it.
 */
export const rideAdded: KindOf<typeof versions, Ridden> = {
  reads: { 1: fromBefore, 2: fromBefore, 3: (body) => body, 4: (body) => body },
  writes: {
    1: {
      since: 0,
      write: (body) => ({ ...asBefore(body), text: [body.sign, body.text].filter(Boolean).join(': ') || 'nothing wrong' }),
    },
    2: {
      since: 13,
      write: (body) => ({ ...asBefore(body), outcome: body.outcome ?? 'passed', ...(body.sign ? { sign: body.sign } : {}) }),
    },
    3: {
      since: 16,
      write: ({ outcome = 'passed', rungs, log, ...body }) => ({
        ...body,
        rungs: [...(rungs ?? WANTED_BEFORE)],
        outcome,
        ...(log ? { log: withoutStops(log) } : {}),
      }),
    },
    4: { since: 17, write: ({ outcome = 'passed', rungs, ...body }) => ({ ...body, rungs: [...(rungs ?? WANTED_BEFORE)], outcome }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['ride', 'check'],
  apply(ctx, body) {
    const { draft, entry, mark } = ctx
    const rungs = body.rungs ?? WANTED_BEFORE
    const shut = new Map(rungs.map((r) => [r, rideShut(draft, r, mark.at).map((c) => c.check)]))
    if ([...shut.values()].some((checks) => checks.length > 0)) flag(ctx, 'check shut', 'ride')
    if (body.minutes !== undefined && mark.at - body.minutes * 60_000 + SLACK < lastAtTheBench(draft))
      flag(ctx, 'longer than could be', 'ride')
    draft.rides.push({ ...mark, ...body })
    const stopped = body.outcome === 'stopped'
    const ladder = ladderIn(draft).rungs
    const reached = stopped ? rungs.slice(0, -1) : rungs
    for (const rung of reached) if (longEnough(rung, body) && !shut.get(rung)!.some(isUnderWay)) stand(rung, 'passed')
    if (stopped) for (const rung of above(ladder, body.rungs ? rungs.at(-1)! : rungs[0]!)) stand(rung, 'stopped')
    if (stopped && body.sign) reopenFor(ctx, body.sign)

    function stand(rung: RideStage, as: 'passed' | 'stopped'): void {
      const settled = settle(draft, entry, 'ride', rung, as, mark)
      draft.ridden[rung] = {
        outcome: settled.outcome as 'passed' | 'stopped',
        mark: settled.mark,
        ...(settled.disputed ? { disputed: settled.disputed } : {}),
      }
    }
  },
}

/** What cannot have been run or ridden as the journal has it passes nothing: it stands open, or without power. */
const isUnderWay = (check: AnyCheck): boolean => check === 'whole' || check === 'under power'

/** A rung and all that lie above it. */
const above = (ladder: readonly RideStage[], rung: RideStage): readonly RideStage[] => {
  const at = ladder.indexOf(rung)
  return at < 0 ? [rung] : ladder.slice(at)
}

/** Minutes are said by the watch: one more than have passed is no claim. */
const SLACK = 60_000

/** When hands were last on it: the latest step, check or proof. */
function lastAtTheBench({ steps, checks, power }: Pick<Parameters<typeof rideShut>[0], 'steps' | 'checks' | 'power'>): number {
  return Math.max(
    0,
    power.proof?.at ?? 0,
    power.mark?.at ?? 0,
    ...Object.values(steps).map((s) => s.mark?.at ?? 0),
    ...Object.values(checks).map((c) => c.passed?.at ?? 0),
  )
}
