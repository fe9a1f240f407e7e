import { CALIPER } from '../doubt'
import type { Line } from './line'
import { readLine } from './read'
import { COARSE_PITCH, UNIFIED_INCHES } from '../fasteners'
import { type LineThread, sizeText } from './threads'
import type { HeadForm, Recess } from './words'

/** What was measured of one that lies there; all of it may be missing. Lengths in mm. */
export interface MeasuredFew {
  /** Over the crests of the thread, by caliper. */
  readonly over?: number
  /** Below the head; of a countersunk one with its head. */
  readonly length?: number
  readonly head?: HeadForm
  readonly recess?: Recess
  /** Across the flats of a hexagon, inside or outside. */
  readonly flats?: number
  /** A nut or screw whose thread is known: it runs on by hand for its whole height, or it binds. */
  readonly mate?: { readonly thread: LineThread; readonly runs: boolean }
}

/** One kind that it may be, of this job. */
export interface Kind {
  readonly id: string
  readonly what: Pick<Line, 'sort' | 'thread' | 'length' | 'head' | 'recess'>
}

/** What can be measured, in the order in which it is quickest. */
export const MEASURES = ['head', 'recess', 'length', 'over', 'flats', 'mate'] as const
export type Measure = (typeof MEASURES)[number]

export interface Which {
  /** Those that nothing speaks against, with what of them is not known. */
  readonly fits: readonly { readonly id: string; readonly unknown: readonly Measure[] }[]
  readonly not: readonly { readonly id: string; readonly by: Measure }[]
  /** What to measure next: it parts most of those left; null where nothing that is known of them does. */
  readonly next: Measure | null
}

/** Lengths of screws differ from their number (ISO 4759-1, js15 to js17), and the eye adds half a millimetre. */
const lengthOff = (mm: number): number => 0.5 + 0.02 * mm
/** A wrench or key fits with less play than this, mm. */
const FLATS_OFF = 0.25

/** Fundamental deviation g and tolerance grade 6 of the major diameter, µm, by pitch, mm (ISO 965-1). */
const MAJOR_6G: readonly (readonly [pitch: number, es: number, td: number])[] = [
  [0.35, 19, 85],
  [0.4, 19, 95],
  [0.45, 20, 100],
  [0.5, 20, 106],
  [0.6, 21, 125],
  [0.7, 22, 140],
  [0.75, 22, 140],
  [0.8, 24, 150],
  [1, 26, 180],
  [1.25, 28, 212],
  [1.5, 32, 236],
  [1.75, 34, 265],
  [2, 38, 280],
  [2.5, 42, 335],
  [3, 48, 375],
]
/** A crest that was worn or bruised, mm. */
const WORN = 0.1

const pitchOf = (t: LineThread): number | null =>
  t.system === 'metric' ? (t.pitch ?? COARSE_PITCH[String(t.d)] ?? null) : t.system === 'unified' ? 25.4 / t.perInch : null
const diameterOf = (t: LineThread): number | null => (t.system === 'unified' ? (UNIFIED_INCHES[t.size] ?? 0) * 25.4 || null : t.d)

/**
 * Between what and what a sound or a worn thread measures over its crests, mm, tolerance 6g (ISO 965-1; of unified ones 2A is taken as
 * wide as metric ones of that pitch). Wood and tapping screws: three tenths either way.
 */
export function crests(thread: LineThread): readonly [number, number] | null {
  const d = diameterOf(thread)
  if (d === null) return null
  const pitch = pitchOf(thread)
  if (pitch === null) return [d - 0.3, d + 0.3]
  const [, es, td] = MAJOR_6G.reduce((a, b) => (Math.abs(b[0] - pitch) < Math.abs(a[0] - pitch) ? b : a))
  return [d - (es + td) / 1000 - WORN, d - es / 1000]
}

/** Do two threads run into each other by hand for a whole nut? Diameters alike, and pitches within what its play lets pass. */
function runsOn(a: LineThread, b: LineThread): boolean | null {
  const [da, db, pa, pb] = [diameterOf(a), diameterOf(b), pitchOf(a), pitchOf(b)]
  if (da === null || db === null || pa === null || pb === null) return null
  if (a.system === b.system) return da === db && pa === pb
  // M5 and #10-32 are 0.7 % apart in pitch: over five threads it may run or bind.
  return Math.abs(da - db) < 0.25 && Math.abs(pa - pb) / pa < 0.01 ? null : false
}

/** Does what is known of a kind agree with one measure? Null where it is not known, or cannot be told. */
function agrees({ what }: Kind, m: MeasuredFew, by: Measure): boolean | null {
  switch (by) {
    case 'head':
      return what.head === undefined || m.head === undefined ? null : what.head === m.head
    case 'recess':
      return what.recess === undefined || m.recess === undefined ? null : what.recess.form === m.recess
    case 'length': {
      // A nut has none.
      if (what.sort !== undefined && m.length !== undefined) return false
      if (what.length === undefined || m.length === undefined) return null
      const mm = what.length.unit === 'mm' ? what.length.value : what.length.value * 25.4
      return Math.abs(mm - m.length) <= lengthOff(mm)
    }
    case 'over': {
      const range = what.thread && crests(what.thread)
      return !range || m.over === undefined ? null : m.over >= range[0] - CALIPER.width && m.over <= range[1] + CALIPER.width
    }
    case 'flats': {
      if (what.recess?.size === undefined || m.flats === undefined) return null
      if (what.recess.form !== 'hex' && what.recess.form !== 'hexagon') return false
      return Math.abs(what.recess.size * (what.recess.unit === 'in' ? 25.4 : 1) - m.flats) <= FLATS_OFF
    }
    case 'mate': {
      if (what.thread === undefined || m.mate === undefined) return null
      const runs = runsOn(what.thread, m.mate.thread)
      return runs === null ? null : runs === m.mate.runs
    }
  }
}

/** What a kind says of a measure, for telling kinds apart. */
function figureOf({ what }: Kind, by: Measure): string | null {
  switch (by) {
    case 'head':
      return what.head ?? null
    case 'recess':
      return what.recess?.form ?? null
    case 'length':
      return what.length === undefined ? null : String(what.length.value)
    case 'over': {
      const range = what.thread && crests(what.thread)
      return range ? ((range[0] + range[1]) / 2).toFixed(0) : null
    }
    case 'flats':
      return what.recess?.size === undefined || (what.recess.form !== 'hex' && what.recess.form !== 'hexagon')
        ? null
        : String(what.recess.size)
    case 'mate':
      return what.thread ? JSON.stringify(what.thread) : null
  }
}

/**
 * Which of a job’s kinds is it, by the measured few? Nothing is ruled out by what is not known of it.
 * @example whichOf({ over: 4.9, length: 12 }, kinds).fits
 */
export function whichOf(measured: MeasuredFew, kinds: readonly Kind[]): Which {
  const asked = MEASURES.filter((by) => measured[by] !== undefined)
  const not: { id: string; by: Measure }[] = []
  const left: Kind[] = []
  for (const kind of kinds) {
    const by = asked.find((m) => agrees(kind, measured, m) === false)
    if (by === undefined) left.push(kind)
    else not.push({ id: kind.id, by })
  }
  return {
    fits: left.map((kind) => ({ id: kind.id, unknown: asked.filter((m) => agrees(kind, measured, m) === null) })),
    not,
    next: nextMeasure(left, asked),
  }
}

/** The measure that leaves fewest together, the quickest of equals. */
function nextMeasure(left: readonly Kind[], asked: readonly Measure[]): Measure | null {
  if (left.length < 2) return null
  let best: { by: Measure; together: number } | null = null
  for (const by of MEASURES) {
    if (asked.includes(by)) continue
    const groups = new Map<string, number>()
    let unknown = 0
    for (const kind of left) {
      const figure = figureOf(kind, by)
      if (figure === null) unknown++
      else groups.set(figure, (groups.get(figure) ?? 0) + 1)
    }
    // After it, each stays together with its like and with all of which nothing is known.
    const together = [...groups.values()].reduce((sum, n) => sum + n * (n + unknown), 0) + unknown * left.length
    if (groups.size > 1 && (best === null || together < best.together)) best = { by, together }
  }
  return best?.by ?? null
}

/** A fixing of a job, by what is on its bag, and where it lies while it is off. */
interface Fixing {
  readonly joint: string
  readonly label: string
  readonly where?: string
}

/** One kind of a job’s fixings: how many there are, and where those lie that are off. */
export interface JobKind extends Kind {
  readonly label: string
  /** Of its thread alone, as a nut is called by. */
  readonly thread: string
  readonly members: number
  readonly where: readonly string[]
}

/**
 * The kinds among a job’s fixings that have a thread: alike by label and head. Ties, clips and rings are not told by a caliper.
 * @param headOf what the machine’s file says of a fixing’s head, by its joint
 */
export function kindsIn(fixings: readonly Fixing[], headOf: (joint: string) => string): readonly JobKind[] {
  const by = new Map<string, { readonly label: string; members: number; readonly where: Set<string> }>()
  for (const { joint, label, where } of fixings) {
    const text = [label, headOf(joint)].filter(Boolean).join(', ')
    const known = by.get(text) ?? { label: text, members: 0, where: new Set() }
    known.members++
    if (where) known.where.add(where)
    by.set(text, known)
  }
  return [...by].flatMap(([id, { label, members, where }]) => {
    const read = readLine(label)
    const what: Kind['what'] = read && read.unread.length === 0 ? read : (readLine(label.split(', ')[0]!) ?? {})
    return what.thread ? [{ id, label, members, where: [...where].sort(), what, thread: sizeText(what.thread) }] : []
  })
}
