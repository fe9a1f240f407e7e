import { convert, figureOf, isUnit } from '../units'
import type { Missing } from './missing'
import type { JobState } from './state'
import { chargeOf } from './voltage'

/** Megohms from which windings that were wet count as dry: a meter's MΩ range up to 60 V, 500 V above (estimated). */
const DRY_FROM = { A: 20, B: 100 } as const

type Salted = Pick<JobState, 'salt' | 'readings' | 'steps' | 'charge' | 'machine'>

/** Insulation read after a moment, MΩ: the last figure, or the end of its range where it is over it; null where none was. */
export function insulationSince(state: Pick<JobState, 'readings' | 'steps'>, since: number): number | null {
  const read = [
    ...state.readings.map((r) => ({ ...r, figure: r })),
    ...Object.values(state.steps).flatMap((s) => (s.took ?? []).flatMap(({ figures, at }) => figures.map((figure) => ({ at, figure })))),
  ]
    .filter(({ at, figure }) => at >= since && figure.quantity === 'resistance' && (figure.mode === 'insulation' || figure.unit === 'Mohm'))
    .sort((a, b) => a.at - b.at)
    .at(-1)?.figure
  if (!read || !isUnit(read.unit)) return null
  const shown = read.result.is === 'over' ? read.result.limit : (figureOf(read.result) ?? 0)
  return convert(shown, read.unit, 'Mohm')
}

/** What a machine that was in salt water still wants before power: rinsed, then dried, then its insulation read. */
export function saltMissing(state: Salted): Missing[] {
  const at = (is: 'was in' | 'rinsed' | 'dried', since: number): number | undefined =>
    state.salt.findLast((s) => s.is === is && s.at >= since)?.at
  const wet = at('was in', 0)
  if (wet === undefined) return []
  const rinsed = at('rinsed', wet)
  const dried = rinsed === undefined ? undefined : at('dried', rinsed)
  const megohms = dried === undefined ? null : insulationSince(state, dried)
  return [
    ...(rinsed === undefined ? [{ is: 'salt', wants: 'rinsed' } as const] : []),
    ...(dried === undefined ? [{ is: 'salt', wants: 'dried' } as const] : []),
    ...(megohms === null
      ? [{ is: 'salt', wants: 'insulation' } as const]
      : megohms < DRY_FROM[chargeOf(state).cls]
        ? [{ is: 'salt', wants: 'drier', megohms } as const]
        : []),
  ]
}
