import type { Relation, Want } from '../machine'
import { convert, type Measurement } from '../units'
import type { JobState } from './state'

/** A figure that was read for a want of a step. */
export interface Took extends Measurement {
  readonly want: string
}

/** How a figure stands to its window. `u` is what its instrument may be off. */
export type Verdict =
  | { readonly want: string; readonly is: 'inside' | 'noted' }
  | { readonly want: string; readonly is: 'missing'; readonly of: number }
  /** Inside or outside, and nearer to the end than the instrument can tell. */
  | { readonly want: string; readonly is: 'edge'; readonly value: number }
  | { readonly want: string; readonly is: 'outside'; readonly value: number; readonly by: number; readonly turns?: number }
  | { readonly want: string; readonly is: 'stop'; readonly value: number }
  /** It did not settle, or went beyond the instrument on the wrong side. */
  | { readonly want: string; readonly is: 'no figure' }

export type RelationVerdict = { readonly relation: Relation; readonly holds: boolean; readonly value: number; readonly by: number }

export interface Judged {
  readonly verdicts: readonly Verdict[]
  readonly relations: readonly RelationVerdict[]
  /** All is read, and nothing is outside. */
  readonly holds: boolean
}

/** A result in the want's unit: its value and its doubt; beyond a range as that end and no doubt. Null where there is no figure. */
function figureIn(t: Took, unit: string): { readonly value: number; readonly u: number; readonly beyond?: 'over' | 'under' } | null {
  const { result } = t
  if (result.is === 'unstable') return null
  if (result.is === 'value') {
    const value = t.unit === unit ? result.value : convert(result.value, t.unit, unit)
    return { value, u: result.u === undefined ? 0 : Math.abs(convert(result.value + result.u, t.unit, unit) - value) }
  }
  return { value: convert(result.limit, t.unit, unit), u: 0, beyond: result.is }
}

function judgeOne(want: Want, took: readonly Took[]): Verdict {
  const own = took.filter((t) => t.want === want.id)
  if (own.length < (want.repeats ?? 1)) return { want: want.id, is: 'missing', of: (want.repeats ?? 1) - own.length }
  const figures = own.map((t) => figureIn(t, want.unit))
  const worst = figures.map((f) => verdictOf(want, f)).sort((a, b) => RANK[b.is] - RANK[a.is])
  return worst[0]!
}

const RANK: Readonly<Record<Verdict['is'], number>> = { noted: 0, inside: 1, edge: 2, missing: 3, 'no figure': 4, outside: 5, stop: 6 }

function verdictOf(want: Want, figure: ReturnType<typeof figureIn>): Verdict {
  const { id, low = -Infinity, high = Infinity, most = Infinity } = want
  if (!figure) return { want: id, is: 'no figure' }
  const { value, u, beyond } = figure
  // More than the instrument shows is more than the low end; whether it is less than the high one nobody knows.
  if (beyond === 'over')
    return value >= low && high === Infinity && most === Infinity ? { want: id, is: 'inside' } : { want: id, is: 'no figure' }
  if (beyond === 'under') return value <= high && low === -Infinity ? { want: id, is: 'inside' } : { want: id, is: 'no figure' }
  if (value > most) return { want: id, is: 'stop', value }
  if (low === -Infinity && high === Infinity) return { want: id, is: 'noted' }
  const by = value < low ? low - value : value > high ? value - high : 0
  const turns = want.adjust && by > 0 ? ((value < low ? 1 : -1) * toMiddle(want, value)) / want.adjust.by : undefined
  if (by > u) return { want: id, is: 'outside', value, by, ...(turns === undefined ? {} : { turns }) }
  if (Math.min(value - low, high - value) < u) return { want: id, is: 'edge', value }
  return { want: id, is: 'inside' }
}

/** How far it is to the middle of its window, or to the end where there is one only. */
function toMiddle({ low, high }: Want, value: number): number {
  const aim = low !== undefined && high !== undefined ? (low + high) / 2 : (low ?? high)!
  return Math.abs(aim - value)
}

/** A relation between figures; null while one of them is not read. */
function relationOf(relation: Relation, wants: readonly Want[], took: readonly Took[]): RelationVerdict | null {
  const unit = wants.find((w) => w.id === relation.of[0])?.unit
  const valueOf = (id: string): number | null => {
    const last = took.filter((t) => t.want === id).at(-1)
    const f = last && unit ? figureIn(last, unit) : null
    return f && !f.beyond ? f.value : null
  }
  if (relation.is === 'sum') {
    const [a, b] = relation.of.map(valueOf)
    if (a === null || b === null || a === undefined || b === undefined) return null
    const by = a + b - relation.value
    return { relation, holds: Math.abs(by) <= relation.within, value: a + b, by }
  }
  const [x, a, b] = relation.of.map(valueOf)
  if (x === null || a === null || b === null || x === undefined || a === undefined || b === undefined) return null
  const by = x - (a + b) / 2
  return { relation, holds: Math.abs(by) <= relation.within, value: x, by }
}

/** The window of a want that is to be as it was noted: around what was noted, where it was. */
function asNoted(want: Want, noted: readonly Took[]): Want {
  const last = want.within === undefined ? undefined : noted.filter((t) => t.want === want.id).at(-1)
  const was = last ? figureIn(last, want.unit) : null
  return was && !was.beyond ? { ...want, low: was.value - want.within!, high: was.value + want.within! } : want
}

/** What was noted on the way down, in the order of reading. */
export function notedDown(state: Pick<JobState, 'down' | 'steps'>): readonly Took[] {
  return state.down.flatMap((s) => state.steps[s.id]?.took?.at(-1)?.figures ?? [])
}

/**
 * How the figures of a step stand: each to its window, and to each other.
 * @param took what was read, in the order of reading; of one read more often than wanted all count
 * @param noted what was noted on the way down, for those that are to be as they were
 */
export function judge(wants: readonly Want[], relations: readonly Relation[], took: readonly Took[], noted: readonly Took[] = []): Judged {
  const verdicts = wants.map((w) => judgeOne(asNoted(w, noted), took))
  const between = relations.flatMap((r) => relationOf(r, wants, took) ?? [])
  const fine = verdicts.every((v) => v.is === 'inside' || v.is === 'noted' || v.is === 'edge')
  return { verdicts, relations: between, holds: fine && between.length === relations.length && between.every((r) => r.holds) }
}
