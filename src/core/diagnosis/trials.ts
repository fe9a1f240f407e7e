import type { DriveKind, MachineClass } from '../machine'

/** How drag is told: by a spring scale at the tyre, by time or turns from one turn a second to standstill, or by hand. */
export const DRAG_BY = ['newtons', 'seconds', 'turns', 'felt'] as const
/** What a hand can tell apart, the lightest first. */
export const DRAG_FELT = ['free', 'light', 'heavy', 'stuck'] as const
export type DragFelt = (typeof DRAG_FELT)[number]

/** How hard something turns. Newtons grow with drag; seconds and turns to standstill shrink with it. All above 0. */
export type Drag =
  | { readonly by: 'newtons' | 'seconds' | 'turns'; readonly value: number }
  | { readonly by: 'felt'; readonly felt: DragFelt }

/** What can be taken out of what turns, one at a time. */
export const TRIAL_PIECES = [
  'near it',
  'brake',
  'chain',
  'belt',
  'park brake',
  'phases',
  'axle nuts',
  'wheel',
  'coupling',
  'other',
] as const
export type TrialPiece = (typeof TRIAL_PIECES)[number]

interface PieceRule {
  /** Minutes that taking it out and turning takes (estimated): the quick ones come first. */
  readonly minutes: number
  /** On which drives it is found; on all where this is absent. */
  readonly drives?: readonly DriveKind[]
  readonly classes?: readonly MachineClass[]
}

const HUBS: readonly DriveKind[] = ['hub direct', 'hub geared']
const RULES: Readonly<Record<Exclude<TrialPiece, 'other'>, PieceRule>> = {
  'near it': { minutes: 2 },
  brake: { minutes: 4, classes: ['scooter', 'e-bike', 'ride-on', 'buggy', 'tractor'] },
  chain: { minutes: 3, classes: ['e-bike'] },
  belt: { minutes: 5, classes: ['indoor machine'] },
  'park brake': { minutes: 5, drives: ['gearbox brushed'] },
  phases: { minutes: 6, drives: [...HUBS, 'mid-drive', 'traction'] },
  'axle nuts': { minutes: 6, drives: HUBS },
  wheel: { minutes: 15, classes: ['scooter', 'e-bike', 'ride-on', 'buggy', 'tractor'] },
  coupling: { minutes: 20, drives: ['gearbox brushed', 'steering assist', 'actuator', 'traction'] },
}

/**
 * What may be taken out on this machine, the quickest first; of a machine that nobody has a file of, all that its class has.
 * @param drives kinds of its drives; empty where they are not known
 */
export function trialPieces(drives: readonly DriveKind[], cls?: MachineClass): TrialPiece[] {
  const fits = ({ drives: on, classes }: PieceRule): boolean =>
    (on === undefined || drives.length === 0 || on.some((d) => drives.includes(d))) &&
    (classes === undefined || cls === undefined || classes.includes(cls))
  const known = (Object.keys(RULES) as (keyof typeof RULES)[]).filter((p) => fits(RULES[p]))
  return [...known.sort((a, b) => RULES[a].minutes - RULES[b].minutes), 'other']
}

/**
 * How many times the drag of `b` that of `a` is.
 * @returns null where the two were told in different ways, or by hand
 */
export function dragRatio(a: Drag, b: Drag): number | null {
  if (a.by === 'felt' || b.by === 'felt' || a.by !== b.by || a.value <= 0 || b.value <= 0) return null
  return a.by === 'newtons' ? a.value / b.value : b.value / a.value
}

/** One trial: something was taken out, or put back, and the drag told on both sides of that. */
export interface Trial {
  readonly piece: TrialPiece
  /** What it was, where it is none of the usual. */
  readonly text?: string
  readonly did: 'took out' | 'put back'
  readonly was: Drag
  readonly now: Drag
  /** The same on a sound one: the other wheel, or another machine of its kind. */
  readonly twin?: Drag
}

export type TrialChange = 'gone' | 'less' | 'same' | 'more' | 'not comparable'

/** Less than half is gone, within a fifth is the same: hands and scales repeat no better (estimated). */
const GONE = 0.5
const SAME = 1.25

/** What became of the drag. */
export function changeOf({ was, now }: Pick<Trial, 'was' | 'now'>): TrialChange {
  if (was.by === 'felt' && now.by === 'felt') {
    const steps = DRAG_FELT.indexOf(now.felt) - DRAG_FELT.indexOf(was.felt)
    if (steps === 0) return 'same'
    if (steps > 0) return 'more'
    return now.felt === 'free' || steps <= -2 ? 'gone' : 'less'
  }
  const ratio = dragRatio(now, was)
  if (ratio === null) return 'not comparable'
  if (ratio <= GONE) return 'gone'
  if (ratio < 1 / SAME) return 'less'
  return ratio <= SAME ? 'same' : 'more'
}

/** Is what is left no more than on a sound one? Null where there is none to go by. */
export function asItsTwin({ now, twin }: Pick<Trial, 'now' | 'twin'>): boolean | null {
  if (!twin) return null
  if (now.by === 'felt' && twin.by === 'felt') return DRAG_FELT.indexOf(now.felt) <= DRAG_FELT.indexOf(twin.felt)
  const ratio = dragRatio(now, twin)
  return ratio === null ? null : ratio <= SAME
}

export interface Tried<T extends Trial = Trial> {
  readonly trial: T
  /** `part`: some of the drag went with it. */
  readonly verdict: 'culprit' | 'part' | 'cleared' | 'odd' | 'cannot say'
  /** Put back, and the drag came with it. */
  readonly proved: boolean
}

export interface Trials<T extends Trial = Trial> {
  readonly tried: readonly Tried<T>[]
  /** Not taken out yet, the quickest first. */
  readonly left: readonly TrialPiece[]
  /** What to do next: put this one back to prove it, or take that one out; null where all was tried. */
  readonly next: { readonly do: 'put back' | 'take out'; readonly piece: TrialPiece; readonly text?: string } | null
}

const VERDICT = { gone: 'culprit', less: 'part', same: 'cleared', more: 'odd', 'not comparable': 'cannot say' } as const
const keyOf = ({ piece, text }: Pick<Trial, 'piece' | 'text'>): string => (piece === 'other' ? `other ${text ?? ''}` : piece)

/**
 * What the trials say: of each piece the last time that it was taken out, what that clears, what is left, and the trial that would prove
 * it.
 * @param trials in the order in which they were made
 */
export function weighTrials<T extends Trial>(trials: readonly T[], pieces: readonly TrialPiece[]): Trials<T> {
  const last = new Map(trials.filter((t) => t.did === 'took out').map((t) => [keyOf(t), t]))
  const tried = [...last.values()].map((trial): Tried<T> => {
    const since = trials.slice(trials.indexOf(trial) + 1)
    const back = since.filter((t) => t.did === 'put back' && keyOf(t) === keyOf(trial)).at(-1)
    const returned = back !== undefined && changeOf({ was: back.now, now: back.was })
    return { trial, verdict: VERDICT[changeOf(trial)], proved: returned === 'gone' || returned === 'less' }
  })
  const left = pieces.filter((p) => p !== 'other' && !last.has(p))
  const unproved = tried.find((t) => t.verdict === 'culprit' && !t.proved)
  // With what was found out of it, more may be left than on a sound one: then the next piece.
  const goOn = !tried.some((t) => t.verdict === 'culprit' && asItsTwin(t.trial) !== false)
  const named = (t: Trial) => ({ piece: t.piece, ...(t.text !== undefined ? { text: t.text } : {}) })
  const next: Trials['next'] = unproved
    ? { do: 'put back', ...named(unproved.trial) }
    : goOn && left[0] !== undefined
      ? { do: 'take out', piece: left[0] }
      : null
  return { tried, left, next }
}
