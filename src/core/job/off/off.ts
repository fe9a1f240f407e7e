import type { FixingSpec, PartSpec } from '../../planning'
import type { Mark } from '../state'
import type { OffAt } from './at'
import { offRule, type OffSort } from './sorts'

/** A point of a photo: shares of its width from the left and of its height from the top, 0 to 1. */
export interface PhotoPoint {
  readonly photo: string
  readonly x: number
  readonly y: number
}

/** Where what came off lies. */
export const OFF_KEEPS = ['cell', 'own hole', 'carrier'] as const

/** Does something hang on what came off? Asked, never guessed. */
export const HANGS = ['nothing', 'propped'] as const

/** More of one kind at a time is a slip of the finger. */
export const MOST_OFF = 60

/** What came off a machine that no file knows, as somebody said it. */
export interface OffFacts {
  readonly sort: OffSort
  /** How many, 1 to `MOST_OFF`. */
  readonly count: number
  /** What it is, as it was typed, without its count: `M5×12, button head`, `hall plug, 9-pin`, `deck cover`. */
  readonly text?: string
  readonly keep?: (typeof OFF_KEEPS)[number]
  /** Of the tray, where it lies in one. */
  readonly cell?: string
  readonly condition?: string
  readonly hangs?: (typeof HANGS)[number]
  /** Which part of the machine it is of, where the proof of the work goes by that. */
  readonly of?: OffAt
  /** Its thread, as the tables of usual torques know it: `M5`. */
  readonly thread?: string
  readonly tool?: string
  readonly pin?: PhotoPoint
}

/** One thing that came off, as it is known now. */
export interface Off extends OffFacts, Mark {
  readonly step: string
  readonly seq: number
  /** How the machine stood. */
  readonly pose: string
}

/** Ids of what a step has: they say whose they are, so that what was crossed out is known by its id alone. */
const MADE = /^(off:[A-Za-z0-9._-]+)(?::[fp]\d+)?$/

/** The step that made an id of a fixing or a part, or whose return it is; null where it comes from a file or an older entry. */
export function offStepIn(id: string): string | null {
  return MADE.exec(id.replace(/^up:/, ''))?.[1] ?? null
}

/** What to call several or one of it. */
export function offName({ sort, count, text }: Pick<Off, 'sort' | 'count' | 'text'>): string {
  const { one, many, is } = offRule(sort)
  const what = text ?? (count === 1 ? one : many)
  return count === 1 || is === 'joined' ? what : `${count} × ${what}`
}

/** What stands on its bag: what was typed up to the first comma. */
function labelOf({ sort, text }: Pick<Off, 'sort' | 'text'>): string {
  return (text?.split(', ')[0] ?? offRule(sort).one).slice(0, 80)
}

/** The pieces of it that the tray counts. */
export function fixingsOf(off: Pick<Off, 'step' | 'sort' | 'count' | 'text' | 'keep' | 'cell'>): FixingSpec[] {
  const rule = offRule(off.sort)
  if (rule.is !== 'fixings') return []
  const keep = rule.renewed ? 'bin' : (off.keep ?? 'cell')
  return Array.from({ length: off.count }, (_, i) => ({
    id: `${off.step}:f${i + 1}`,
    joint: off.step,
    label: labelOf(off),
    place: off.count === 1 ? 'the one' : `${i + 1} of ${off.count}`,
    keep,
    ...(keep === 'cell' && off.cell !== undefined ? { cell: off.cell } : {}),
    ...(rule.renewed ? { consumable: true as const } : {}),
  }))
}

/** The parts that came off with it. */
export function partsOf(off: Pick<Off, 'step' | 'sort' | 'count' | 'text'>): PartSpec[] {
  if (offRule(off.sort).is !== 'parts') return []
  const name = (off.text ?? offRule(off.sort).one).slice(0, 120)
  return Array.from({ length: off.count }, (_, i) => ({
    id: `${off.step}:p${i + 1}`,
    name: off.count === 1 ? name : `${name} ${i + 1}`.slice(0, 120),
  }))
}
