import { chargeOf, type JobState, type Missing } from '../../src/core/job'
import { unitLabel } from '../../src/core/units'
import { titleOf } from '../../src/words/en/titles'

/** Where a recorded job is reduced otherwise than by reducer 6, which fault that mends, and for which jobs it may be so. */
export interface Difference {
  readonly at: RegExp
  readonly fault: number
  readonly why: string
  readonly only?: (now: JobState) => boolean
}

const unknownVolts = (now: JobState): boolean => chargeOf(now).from === 'nobody'
const twoTablets = (now: JobState): boolean => Object.values(now.heads).some((heads) => new Set(heads.map((h) => h.device)).size > 1)

export const DIFFERENCES: readonly Difference[] = [
  {
    at: /^\/power\/how$/,
    fault: 0,
    why: 'how it came to be so is what somebody wrote, no longer the title of a step (the contract, Words)',
    only: (now) => now.power.how === undefined,
  },
  { at: /^\/handedBack\/reducer$/, fault: 14, why: 'the number of the reducer itself' },
  { at: /^\/struck$/, fault: 24, why: 'crossed out, in the order of their ids' },
  { at: /^\/(ridden|charge)$/, fault: 14, why: 'new in the state' },
  { at: /^\/heads\/(pack|proof|ride:.*|match:.*|lock:.*)$/, fault: 14, why: 'what a check rests on is settled between devices' },
  { at: /^\/heads\/check:[^/]*\/\d+\/value$/, fault: 14, why: 'a claim brings what comes with it' },
  { at: /^\/locks$/, fault: 14, why: 'two devices disagree on a cure', only: twoTablets },
  { at: /^\/packCheck(\/|$)/, fault: 14, why: 'two devices disagree on the pack', only: twoTablets },
  { at: /^\/flags$/, fault: 14, why: 'a ride while two devices disagree on the pack', only: twoTablets },
  { at: /^\/power\/proof\/(dead|lasts|ended)$/, fault: 15, why: 'a voltage that nobody knows is the higher class', only: unknownVolts },
  { at: /^\/fixings\/[^/]*\/(tightened(\/.*)?|torque)$/, fault: 25, why: 'a number that nobody read is no longer one that was reached' },
  { at: /^\/opened$/, fault: 27, why: 'new in the state' },
  { at: /^\/(trials|plugs|electronics|asked|salt|looks)$/, fault: 27, why: 'new in the state' },
  {
    at: /^\/(handedBack\/missing|flags)$/,
    fault: 27,
    why: 'it went home without power, or with something open',
    only: (now) => now.handedBack?.missing.some((m) => m.is === 'check' && m.check === 'whole') ?? false,
  },
  {
    at: /^\/flags$/,
    fault: 27,
    why: 'it was ridden without power, or with something open',
    only: (now) => now.flags.some((f) => f.kind === 'check shut' && f.subject === 'ride'),
  },
  { at: /^\/(pins|offs|orders|strays|workings|converted)$/, fault: 28, why: 'new in the state' },
  { at: /^\/photos$/, fault: 28, why: 'a photo knows its place in the journal', only: (now) => now.photos.length > 0 },
  { at: /^\/waits$/, fault: 26, why: 'new in the state' },
  { at: /^\/power\/proof\/of$/, fault: 26, why: 'new in the state: what a proof is judged by' },
  {
    at: /^\/flags$/,
    fault: 26,
    why: 'a step behind a wait that nobody showed to be over',
    only: (now) => Object.values(now.waits).some((w) => !w.over),
  },
  { at: /^\/flags$/, fault: 15, why: 'a proof that no longer proves leaves later steps without one', only: unknownVolts },
]

const asWord = (m: Missing): string =>
  m.is === 'check' ? m.check : m.is === 'no reason' ? 'a reason for going back' : 'an entry that this build does not know'

type Reading = JobState['readings'][number]

/** A reading as version 1 has it: one figure, its unit and instrument in words. */
function asWas({ quantity, named, result, unit, instrument, ...rest }: Reading): object {
  if (result.is !== 'value') throw new RangeError(`no reading of the recorded set is ${result.is}`)
  return {
    ...rest,
    quantity: named ?? quantity,
    value: result.value,
    unit: unitLabel(unit),
    ...(result.u === undefined ? {} : { u: result.u }),
    ...(instrument ? { instrument: instrument.name } : {}),
  }
}

/** A ride as version 1 has it: one rung, and kilometres. */
function rideAsWas({ rungs, metres, ...rest }: JobState['rides'][number]): object {
  return { ...rest, ...(rungs ? { stage: rungs[0] } : {}), ...(metres !== undefined ? { kilometres: metres / 1000 } : {}) }
}

/** Facts of the present state as reducer 6 wrote them: what was missing in words, threadlocker by its step's title, readings by words. */
export function asReducer6(now: JobState): object {
  const heads = Object.fromEntries(
    Object.entries(now.heads).map(([key, list]) => {
      if (!key.startsWith('lock:')) return [key, list]
      const title = titleOf(now, key.slice(5))
      return [`lock:${title}`, list.map((h) => (h.value ? { ...h, value: { ...(h.value as object), subject: title } } : h))]
    }),
  )
  return {
    ...now,
    heads,
    moves: now.moves.map((m) => ({ ...m, missing: m.missing.map(asWord) })),
    readings: now.readings.map(asWas),
    rides: now.rides.map(rideAsWas),
    ...(now.power.proof ? { power: { ...now.power, proof: { ...now.power.proof, instrument: now.power.proof.instrument.name } } } : {}),
    locks: now.locks.map((l) => ({ ...l, subject: titleOf(now, l.subject) })),
    ...(now.handedBack ? { handedBack: { ...now.handedBack, missing: now.handedBack.missing.map(asWord) } } : {}),
  }
}
