import { fitsWrench, wrenchSetting } from '../fasteners'
import { daysLeft, type Instrument, rangeIn, thoseFor, usedOf } from '../instruments'
import type { PlannedStep } from '../planning'
import type { JobState, TightenedBy } from './state'
import type { Adapter, Tightened } from './tightened'

/** How something is made tight next, as this job has done it so far. */
export type Method =
  | { readonly by: 'wrench'; readonly wrench: Instrument; readonly adapter?: Adapter }
  | { readonly by: 'hand' }
  /** Not said yet in this job, or not to be told from what was said: it is asked. */
  | { readonly by: 'asked' }

/** What was said last of how something with a number was made tight in this job; null where nobody was asked yet. */
function lastSaid(state: Pick<JobState, 'up' | 'fixings' | 'steps'>): TightenedBy | null {
  return state.up
    .filter((s) => s.torque !== undefined && !s.substitute?.byFeel)
    .flatMap((s) => [...s.fixings.map((f) => state.fixings[f.id]), state.steps[s.id]])
    .flatMap((x) => (x?.tightened && (x.tightened.is !== 'not read' || !x.tightened.early) ? x.tightened : []))
    .reduce<TightenedBy | null>((last, t) => (last && last.at > t.at ? last : t), null)
}

/**
 * How the step is made tight: by wrench where this job goes by wrenches and the shop has one whose scale suits the number, one of
 * those in use first, then one in calibration, then the narrowest. A pull by feel is asked anew each time. What has no number, or no
 * tool that measures, is made tight by hand; but what is critical is asked.
 * @param now epoch ms, for the calibration
 */
export function methodFor(
  state: JobState,
  step: PlannedStep,
  shop: readonly Instrument[],
  adapter: Adapter | undefined,
  now: number,
): Method {
  const wanted = step.torque?.value
  const byHand: Method = step.joint?.critical ? { by: 'asked' } : { by: 'hand' }
  // Nothing to measure against, or nothing to measure with.
  if (wanted === undefined || step.substitute?.byFeel) return byHand
  const last = lastSaid(state)
  if (!last || last.is === 'felt') return { by: 'asked' }
  if (last.is === 'not read') return byHand
  const used = new Set(Object.values(state.fixings).flatMap((f) => (f.tightened?.is === 'clicked' ? (f.tightened.wrench?.id ?? []) : [])))
  const suits = wrenchesFor(wanted, shop, adapter)
  const rank = (i: Instrument): number[] => [
    used.has(i.id) ? 0 : 1,
    i.calibratedTo !== null && daysLeft(i.calibratedTo, now) < 0 ? 1 : 0,
    rangeIn(i, 'Nm')!.to,
  ]
  const first = [...suits].sort((a, b) => compare(rank(a), rank(b)))[0]
  return first ? { by: 'wrench', wrench: first, ...(adapter ? { adapter } : {}) } : { by: 'asked' }
}

/** The shop's wrenches on whose scale the number can be set, an adapter counted. */
export function wrenchesFor(wanted: number, shop: readonly Instrument[], adapter?: Adapter): Instrument[] {
  return thoseFor(shop, 'torque').filter((i) => {
    const scale = rangeIn(i, 'Nm')
    return scale !== null && fitsWrench({ name: i.name, ...scale }, settingOf(wanted, i, adapter)).fits
  })
}

/** What a wrench of the shop carries by itself, straight on. */
const carried = ({ reach }: Pick<Instrument, 'reach'>): Adapter | undefined => (reach === undefined ? undefined : { reach, angle: 0 })

/**
 * What to set on the wrench, N·m: the number itself where it carries nothing, or where its length is not known.
 * @param adapter the one that the step wants; else the one that the wrench carries by itself counts
 */
export function settingOf(wanted: number, wrench: Pick<Instrument, 'grip' | 'reach'>, adapter?: Adapter): number {
  const on = adapter ?? carried(wrench)
  return on && wrench.grip !== undefined ? wrenchSetting(wanted, wrench.grip, on.reach, on.angle) : wanted
}

/** What is logged when a wrench of the shop clicked at `torque`, N·m at the fixing. */
export function clickedWith(torque: number, wrench: Instrument, adapter?: Adapter): Tightened {
  const scale = rangeIn(wrench, 'Nm')
  const on = adapter ?? carried(wrench)
  return {
    is: 'clicked',
    torque,
    wrench: usedOf(wrench),
    ...(scale ? { scale: [scale.from, scale.to] } : {}),
    ...(on ? { set: Number(settingOf(torque, wrench, on).toPrecision(3)), adapter: on } : {}),
  }
}

/** What is to be said of a torque beside its number. */
export type TorqueDoubt =
  | { readonly is: 'off'; readonly torque: number; readonly wanted: number }
  | { readonly is: 'outside its scale'; readonly set: number; readonly scale: readonly [from: number, to: number] }

/** Further from the number than this share, and it is told. */
const FAR = 0.1

/** What a torque that was reached leaves open: it is told, and refuses nothing. */
export function torqueDoubts(one: Tightened, wanted: number | undefined): TorqueDoubt[] {
  if (one.is === 'not read') return []
  if (one.is === 'felt') {
    const far = wanted !== undefined && one.band !== undefined && (one.band[1] < wanted || one.band[0] > wanted)
    return far ? [{ is: 'off', torque: (one.band![0] + one.band![1]) / 2, wanted }] : []
  }
  const set = one.set ?? one.torque
  const [from, to] = one.scale ?? []
  return [
    ...(wanted !== undefined && Math.abs(one.torque / wanted - 1) > FAR ? [{ is: 'off', torque: one.torque, wanted } as const] : []),
    ...(from !== undefined && to !== undefined && !fitsWrench({ name: '', from, to }, set).fits
      ? [{ is: 'outside its scale', set, scale: one.scale! } as const]
      : []),
  ]
}

function compare(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((x, i) => x !== b[i])
  return at < 0 ? 0 : a[at]! - b[at]!
}
