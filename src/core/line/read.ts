import { type Line, MANY } from './line'
import { cut } from '../text'
import { metric, ownThread, type Sized, suits, unified } from './threads'
import { readInches } from '../fasteners'
import { writeLine } from './write'
import { HEADS, isAcrossFlats, LOCKS, NOT_COUNTED, type Recess, SOCKET_SIZES, SORTS, STATES } from './words'

/** Letters that a line has at most. */
const LONGEST = 200

interface Draft {
  count?: number
  sort?: Line['sort']
  sized?: Sized
  length?: Line['length']
  size?: readonly number[]
  head?: Line['head']
  recess?: Line['recess']
  strength?: Line['strength']
  lock?: Line['lock']
  states: Line['states'][number][]
  torque?: Line['torque']
  cell?: string
  /** More than one, without saying how many. */
  several?: boolean
}

/** What a recogniser makes of what it found: taken, left in the note as it stands, or looking like a figure and being none. */
type Taken = 'taken' | 'note' | 'odd'
interface Recogniser {
  readonly found: RegExp
  readonly take: (draft: Draft, m: RegExpExecArray, at: Place) => Taken
}
interface Place {
  /** Does nothing but a cell stand before it, and nothing behind it? */
  readonly first: boolean
  readonly last: boolean
  /** Does what it is called end here, as in `the key` and not in `key switch`? */
  readonly phraseEnds: boolean
}

const FIG = '(\\d{1,4}(?:\\.\\d{1,3})?|\\.\\d{1,3})'
const BY = '×'
const INCHES = '(\\d{1,2}[- ]\\d{1,2}/\\d{1,2}|\\d{1,2}/\\d{1,2}|\\d{0,2}\\.?\\d{1,4})'
const INCH_UNIT = ' ?(?:"|in(?:ch(?:es)?)?)'
const END = '(?![\\p{L}\\p{N}]|/\\d)'
const re = (source: string): RegExp => new RegExp(`(?:${source})${END}`, 'uy')
/** A closing quote is an end by itself. */
const bare = (source: string): RegExp => new RegExp(source, 'uy')
const num = (text: string | undefined): number => Number(text)

/** Sets a field once: what comes a second time is of another kind, and which belongs to which is not guessed. */
function once<K extends keyof Draft>(draft: Draft, key: K, value: Draft[K]): Taken {
  if (draft[key] !== undefined) return 'odd'
  draft[key] = value
  return 'taken'
}

const sized = (draft: Draft, read: Sized): Taken => (read === null ? 'odd' : once(draft, 'sized', read))
const count = (draft: Draft, n: number): Taken => (n < 1 || n > MANY ? 'odd' : once(draft, 'count', n))

const typedOf = (list: Readonly<Record<string, { readonly typed: readonly string[] }>>): string =>
  Object.values(list)
    .flatMap((w) => w.typed)
    .join('|')
const ANY_SORT = typedOf(SORTS)
const OWN = '(?:(wood|chipboard)|self[- ]?tapp(?:ing|ers?)|tapping|sheet[- ]?metal|thread[- ]?forming)(?: screws?)?'
const DIMS = `(?:⌀ ?)?${FIG}(?:${BY}${FIG})?(?:${BY}${FIG})?(?: ?mm)?`
const UNITS_OF_NOTES = '(?:v|a|w|wh|ah|kv|mv|ma|cm|m|kg|g|bar|psi|°c|ω|ohm|kω|%|awg|pins?|teeth|turns?|mm²)'

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  'a pair of': 2,
  'a dozen': 12,
}

const TORQUE_UNITS = {
  Nm: 'n ?[·.*⋅]? ?m|newton[- ]?met(?:re|er)s?',
  'lbf.ft': 'lbf? ?[·.*⋅ -]? ?f(?:t|oot|eet)|f(?:t|oot) ?[·.*⋅ -]? ?lb(?:f|s)?|foot[- ]pounds?',
  'lbf.in': 'lbf? ?[·.*⋅ -]? ?in(?:ch)?|in(?:ch)? ?[·.*⋅ -]? ?lb(?:f|s)?|inch[- ]pounds?',
  'kgf.cm': 'kgf? ?[·.*⋅ -]? ?cm',
} as const
export type TorqueUnit = keyof typeof TORQUE_UNITS
export const TORQUE_UNIT_IDS = Object.keys(TORQUE_UNITS) as readonly TorqueUnit[]

const STRENGTHS = '(?:8\\.8|10\\.9|12\\.9)(?!\\d)'
/** What makes a figure behind a thing’s name one of its own. */
const AFTER_FIGURES = [
  ...Object.values(TORQUE_UNITS),
  UNITS_OF_NOTES,
  'pcs?|pieces?|off|ea|long|af|a/f|across|hex|in(?:ch)?(?! (?:cell )?[a-z][- ]?\\d)',
].join('|')

const LOBES = new Set([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 15, 20, 25, 27, 30, 40, 45, 50, 55, 60, 70, 80, 90, 100])
const recess = (draft: Draft, form: Recess, size: number | undefined, fits: (n: number) => boolean): Taken =>
  size !== undefined && !fits(size) ? 'odd' : once(draft, 'recess', { form, ...(size === undefined ? {} : { size }) })
const isSocket = (n: number): boolean => SOCKET_SIZES.includes(n)
/** `hex 4` is a key, `hex 13` can only be outside. */
const hex = (draft: Draft, n: number): Taken => recess(draft, isSocket(n) ? 'hex' : 'hexagon', n, (x) => isSocket(x) || isAcrossFlats(x))
const outside = (draft: Draft, n: number | undefined): Taken => recess(draft, 'hexagon', n, isAcrossFlats)
function outsideInches(draft: Draft, text: string): Taken {
  const size = readInches(text)
  return size === null || size < 0.125 || size > 2 || !Number.isInteger(size * 64)
    ? 'odd'
    : once(draft, 'recess', { form: 'hexagon', size, unit: 'in' })
}
const small = (n: number): boolean => n <= 4
const optional = (text: string | undefined): number | undefined => (text === undefined ? undefined : Number(text))

type Typed<K extends string> = Readonly<Record<K, { readonly typed: readonly string[] }>>

/** Which word of a list was typed. */
function wordIn<K extends string>(list: Typed<K>): (typed: string) => K {
  const each = (Object.keys(list) as K[]).map((key) => [key, new RegExp(`^(?:${list[key].typed.join('|')})$`, 'u')] as const)
  const known = new Map<string, K>()
  return (typed) => {
    const found = known.get(typed) ?? each.find(([, is]) => is.test(typed))![0]
    if (known.size < 500) known.set(typed, found)
    return found
  }
}

/** One recogniser for a whole list. */
function listed<K extends string>(list: Typed<K>, take: (draft: Draft, key: K) => Taken): Recogniser {
  const word = wordIn(list)
  return { found: re(`(${typedOf(list)})`), take: (draft, m) => take(draft, word(m[1]!)) }
}
const sortOf = wordIn(SORTS)

const RECOGNISERS: readonly Recogniser[] = [
  ...Object.entries(TORQUE_UNITS).map(([unit, typed]): Recogniser => ({
    found: re(`${FIG} ?(?:${typed})`),
    take: (d, m) => (num(m[1]) > 0 ? once(d, 'torque', { value: num(m[1]), unit: unit as TorqueUnit }) : 'odd'),
  })),
  // Threads.
  {
    found: re(`m ?${FIG}(?:${BY}${FIG})?(?:${BY}${FIG})?(?: ?mm)?(?:[- ](8\\.8|10\\.9|12\\.9|a[24]-[578]0))?(?![^ ,;)])`),
    take: (d, m) => {
      const read = metric(num(m[1]), optional(m[2]), optional(m[3]))
      if (m[4] !== undefined && once(d, 'strength', m[4].toUpperCase()) === 'odd') return 'odd'
      return sized(d, read)
    },
  },
  // Anything else that begins like one.
  { found: bare(`m ?\\d(?:[\\d.]|×(?=[\\d.]))*[^ ,;)]*`), take: () => 'odd' },
  {
    found: bare(
      `(#\\d{1,2}|\\d{1,2}/\\d{1,2}|\\d{1,2})"? ?- ?(\\d{2})(?: ?un[cf]?)?(?:${BY}${INCHES}(?:${INCH_UNIT})?)?(?![\\p{L}\\p{N}/.-])`,
    ),
    take: (d, m) => {
      const size = /[#/]/.test(m[1]!) ? m[1]! : `#${m[1]}`
      const inches = m[3] === undefined ? undefined : readInches(m[3])
      return sized(d, inches === null ? null : unified(size, num(m[2]), inches))
    },
  },
  {
    found: bare(`(#\\d{1,2}|\\d{1,2}/\\d{1,2})"? ?(unc|unf)(?:${BY}${INCHES}(?:${INCH_UNIT})?)?(?![\\p{L}\\p{N}/.-])`),
    take: (d, m) => {
      const inches = m[3] === undefined ? undefined : readInches(m[3])
      return sized(d, inches === null ? null : unified(m[1]!, m[2] === 'unc' ? 'coarse' : 'fine', inches))
    },
  },
  { found: re(`st ?${FIG}(?:${BY}${FIG})?(?: ?mm)?`), take: (d, m) => sized(d, ownThread('tapping', num(m[1]), optional(m[2]))) },
  {
    found: re(`${OWN} ${FIG}(?:${BY}${FIG})?(?: ?mm)?`),
    take: (d, m) => sized(d, ownThread(m[1] === undefined ? 'tapping' : 'wood', num(m[2]), optional(m[3]))),
  },
  {
    found: re(`${FIG}${BY}${FIG}(?: ?mm)? ${OWN}`),
    take: (d, m) => sized(d, ownThread(m[3] === undefined ? 'tapping' : 'wood', num(m[1]), num(m[2]))),
  },
  { found: re('(8\\.8|10\\.9|12\\.9|a[24]-[578]0)'), take: (d, m) => once(d, 'strength', m[1]!.toUpperCase()) },
  // Recesses and flats.
  {
    found: re('(?:t|tx) ?(\\d{1,3})(h)?'),
    take: (d, m) => recess(d, m[2] ? 'six-lobe with pin' : 'six-lobe', num(m[1]), (n) => LOBES.has(n)),
  },
  {
    found: re('(?:six|6)[- ]?lobe( with pin)?(?: socket)?(?: t?(\\d{1,3}))?'),
    take: (d, m) => recess(d, m[1] ? 'six-lobe with pin' : 'six-lobe', optional(m[2]), (n) => LOBES.has(n)),
  },
  { found: re('(?:cross )?ph ?(\\d)?'), take: (d, m) => recess(d, 'PH', optional(m[1]), small) },
  { found: re('(?:cross )?pz ?(\\d)?'), take: (d, m) => recess(d, 'PZ', optional(m[1]), small) },
  { found: re('cross(?:[- ]?(?:head|recess))'), take: (d) => recess(d, 'PH', undefined, small) },
  { found: re('slot(?:ted)?(?! nuts?)'), take: (d) => recess(d, 'slot', undefined, small) },
  { found: re('(?:square|sq) ?(\\d)|square drive'), take: (d, m) => recess(d, 'square', optional(m[1]), small) },
  { found: re('two[- ]?hole'), take: (d) => recess(d, 'two-hole', undefined, small) },
  { found: re('spline ?(\\d{1,2})'), take: (d, m) => recess(d, 'spline', num(m[1]), (n) => n >= 4 && n <= 18) },
  {
    found: bare(`(?:hex(?:agon)?(?:[- ]?head)?|af|a/f|across (?:the )?flats) (\\d{1,2}/\\d{1,2})(?:${INCH_UNIT})?(?![\\p{L}\\p{N}/.-])`),
    take: (d, m) => outsideInches(d, m[1]!),
  },
  {
    found: re(`(\\d{1,2}/\\d{1,2})(?:${INCH_UNIT})? (?:hex(?:agon)?(?:[- ]?head)?|af|a/f|across (?:the )?flats|spanner|wrench)`),
    take: (d, m) => outsideInches(d, m[1]!),
  },
  { found: re(`hex(?:agon)? (?:key|socket)(?: ${FIG})?(?: ?mm)?`), take: (d, m) => recess(d, 'hex', optional(m[1]), isSocket) },
  {
    found: re(`hex(?:agon)?[- ]?head(?:ed)?(?: ${FIG})?(?: ?mm)?|hexagon(?: ${FIG})?(?: ?mm)?`),
    take: (d, m) => outside(d, optional(m[1] ?? m[2])),
  },
  { found: re(`hex ?${FIG}(?: ?mm)?`), take: (d, m) => hex(d, num(m[1])) },
  { found: re(`(?:af|a/f|sw|across (?:the )?flats) ?${FIG}(?: ?mm)?`), take: (d, m) => outside(d, num(m[1])) },
  {
    found: re(`${FIG}(?: ?mm)? ?(?:af|a/f|across (?:the )?flats|hex(?:agon)?[- ]?head|hexagon|spanner|wrench)`),
    take: (d, m) => outside(d, num(m[1])),
  },
  { found: re(`${FIG} ?(?:mm )?hex(?: (?:key|socket))?`), take: (d, m) => hex(d, num(m[1])) },
  // Where it lies.
  { found: re('(?:(?:in|to|into|cell|tray|box) |(?:→|->) ?)(?:cell )?([a-z])[- ]?(\\d{1,2})'), take: (d, m) => cellOf(d, m) },
  { found: re('([a-h])(\\d{1,2})'), take: (d, m, at) => (at.first || at.last ? cellOf(d, m) : 'odd') },
  // A figure with its unit counts nothing; nor does a number that something is called by.
  { found: re(`${FIG} ?${UNITS_OF_NOTES}(?:/${FIG} ?${UNITS_OF_NOTES})*`), take: () => 'note' },
  { found: re('(?:no|nr)\\.? ?\\d{1,6}'), take: () => 'note' },
  // Counts.
  {
    found: bare(`(${Object.keys(NUMBER_WORDS).join('|')}) (?=(?:.*[ ,])?(?:m ?\\d|(?:${ANY_SORT})${END}))`),
    take: (d, m, at) => (at.first ? count(d, NUMBER_WORDS[m[1]!]!) : 'note'),
  },
  { found: bare(`(\\d{1,6})×(?![\\d.])`), take: (d, m) => count(d, num(m[1])) },
  { found: bare(`(\\d{1,2})(?=m ?\\d)`), take: (d, m, at) => (at.first ? count(d, num(m[1])) : 'odd') },
  { found: re('(\\d{1,6}) ?(?:pcs?|pieces?|off|ea)\\.?'), take: (d, m) => count(d, num(m[1])) },
  { found: re('×(\\d{1,6})'), take: (d, m) => count(d, num(m[1])) },
  { found: bare('\\((\\d{1,6})\\)'), take: (d, m) => count(d, num(m[1])) },
  { found: bare(`(\\d{1,6})(?= )(?! ?(?:mm|"|in\\b))`), take: (d, m, at) => (at.first ? count(d, num(m[1])) : 'odd') },
  // How long, or how large.
  { found: bare(`${INCHES}"(?: long)?(?![\\p{L}\\p{N}/.-])`), take: (d, m) => inchLength(d, m[1]!) },
  { found: re(`${INCHES} ?(?:in|inch(?:es)?) long`), take: (d, m) => inchLength(d, m[1]!) },
  { found: re(`${FIG}(?: ?mm(?: long)?| long)`), take: (d, m) => once(d, 'length', { value: num(m[1]), unit: 'mm' }) },
  // What it is, with its size.
  listed(HEADS, (d, head) => once(d, 'head', head)),
  listed(LOCKS, (d, lock) => once(d, 'lock', lock)),
  {
    found: re(`(${ANY_SORT})(?: (?!${STRENGTHS})(?!${FIG} ?(?:${ANY_SORT})${END})${DIMS}(?![\\d.×/"-]| ?(?:${AFTER_FIGURES})${END}))?`),
    take: (d, m, at) => {
      // Behind the word and the figure that is looked past.
      const dims = m.slice(2).flatMap((x) => (x === undefined ? [] : [Number(x)]))
      if (dims.length === 0 && d.count === undefined && !at.phraseEnds) return 'note'
      const several = m[1]!.endsWith('s')
      // Three washers, or washers of 3 mm?
      if (several && d.count === undefined && dims.length === 1 && dims[0]! <= MANY) return 'odd'
      if (several) d.several = true
      if (dims.length > 0 && once(d, 'size', dims) === 'odd') return 'odd'
      return once(d, 'sort', sortOf(m[1]!))
    },
  },
  // Of some of them only.
  { found: re(`(?:one|two|three|some|a few)(?: of them| is| are)? (?:${typedOf(STATES)})`), take: () => 'note' },
  listed(STATES, (d, state) => (d.states.includes(state) ? 'odd' : (d.states.push(state), 'taken'))),
  // What looks like a size or a count, and is none.
  { found: bare('[#⌀]?[\\d.]*\\d[\\d.]*(?:[×/][\\d.]+)*"?(?![\\p{L}\\p{N}/-])'), take: () => 'odd' },
]

const WHERE = 'from|of|at|on|under|in|into|behind|left|right|front|rear|top|bottom|for|with|to|and|off'
/** What may stand behind the name of a thing: the end, where it was, its size, or what is said of it. */
const PHRASE_ENDS = new RegExp(
  `^(?:[ ,;]*$| ?[,;(×]| (?:(?:${WHERE}|wood|hex|hexagon|slotted|cross|${typedOf(STATES)}|${typedOf(LOCKS)})${END}|m ?\\d|[#\\d⌀]|(?:st|t|tx|ph|pz|af|sw) ?\\d|six|[a-h]\\d{1,2}${END}|a[24]-\\d))`,
  'u',
)
/** Somebody tells of the thing, and does not log it. */
const TOLD_OF = /(?:^|[ ,])(?:the|a|an|its|this|that)[ ]$/

function cellOf(draft: Draft, m: RegExpExecArray): Taken {
  const n = Number(m[2])
  return n < 1 || n > 40 ? 'odd' : once(draft, 'cell', `${m[1]!.toUpperCase()}${n}`)
}
function inchLength(draft: Draft, text: string): Taken {
  const value = readInches(text)
  return value === null ? 'odd' : once(draft, 'length', { value, unit: 'in' })
}

/** The same letters in their plain forms, without what cannot be seen. */
const tidy = (line: string): string =>
  cut(line.normalize('NFKC').replace(/\p{C}/gu, ' ').replace(/\s+/g, ' '), LONGEST).replace(/^[ ,;]+|[ ,;]+$/g, '')

/** One sign for “by”, points for decimal commas, plain quotes and dashes. */
function plain(tidied: string): string {
  return tidied
    .replace(/[″”“]|''/g, '"')
    .replace(/[−–—‐‑]/g, '-')
    .replace(/(\d),(?=\d)/g, '$1.')
    .replace(/^(\d{1,6}) ?[x×✕*] ?(?=#|\d{1,2}(?:\/\d{1,2})?"? ?(?:-|un[cf]))/i, '$1 pcs ')
    .replace(/(?<=[\d"]|un[cf])(?: ?[x×✕*] ?| by )(?=\.?\d)/gi, '×')
    .replace(/(?<=\d) ?[x×✕*](?= ?m ?\d|[ ,]|$)/gi, '×')
    .replace(/(?<=^|[ ,])(?<!(?:in|to|into|cell|tray|box|→|->) ?)[x×✕*] ?(?=\d+(?:[ ,]|$))/gi, '×')
}

const lower = (text: string): string => text.replace(/[A-ZΩ]/g, (c) => c.toLowerCase())

/**
 * Reads a line such as `4 M5x12 button head, hex 3, chain guard in A2`: how many, thread and length, what it is, its head and what turns
 * it, its state, lock and tightness, and the cell; in any order, all of them may be missing. What looks like a figure and was not
 * understood makes the whole line a note, and is told.
 * @returns null for an empty line
 * @example readLine('M12x1,25 nut, 40 Nm')?.torque // { value: 40, unit: 'Nm' }
 */
export function readLine(line: string): Line | null {
  const read = parse(line)
  if (read === null || read.unread.length > 0) return read
  // One that would say something else once it is written down is not understood.
  return JSON.stringify(parse(writeLine(read))) === JSON.stringify(read)
    ? read
    : { count: 0, states: [], note: tidy(line), unread: [tidy(line)] }
}

function parse(line: string): Line | null {
  const typed = tidy(line)
  if (typed === '') return null
  const text = plain(typed)
  const low = lower(text)
  const draft: Draft = { states: [] }
  const unread: string[] = []
  const runs: string[][] = [[]]
  let at = 0
  // Nothing but a cell stands before it.
  let first = true
  let cellAt: readonly [number, number] = [0, 0]
  while (at < text.length) {
    const c = text[at]!
    if (c === ' ' || c === ',' || c === ';') {
      if (c !== ' ') runs.push([])
      at++
      continue
    }
    const before = draft.cell
    const found = recognised(low, at, first, draft)
    const end = found ? found.end : endOfWord(text, at)
    const piece = text.slice(at, end)
    if (found?.taken === 'taken') runs.push([])
    else runs.at(-1)!.push(piece)
    if (found?.taken === 'odd') unread.push(piece.trim())
    const isCell = draft.cell !== before
    if (isCell) cellAt = [at, end]
    first &&= isCell
    at = end
  }
  if (unread.length > 0) return { count: 0, states: [], note: typed, unread }
  const read = settled(draft, runs)
  if (typeof read === 'string') return { count: 0, states: [], note: typed, unread: [read] }
  const where = draft.cell === undefined ? {} : { cell: draft.cell }
  return read === null ? { count: 0, ...where, states: [], note: withoutCell(text, cellAt), unread: [] } : { ...read, ...where }
}

/** A line that is no fixing stays as it was typed. */
const withoutCell = (text: string, [from, to]: readonly [number, number]): string =>
  [text.slice(0, from), text.slice(to)]
    .map((x) => x.replace(/^[ ,;]+|[ ,;]+$/g, ''))
    .filter(Boolean)
    .join(' ')

/** The first recogniser that finds something here, tried on a copy where it might not take. */
function recognised(low: string, at: number, first: boolean, draft: Draft): { readonly taken: Taken; readonly end: number } | null {
  for (const { found, take } of RECOGNISERS) {
    found.lastIndex = at
    const m = found.exec(low)
    if (!m || m[0] === '') continue
    const rest = low.slice(at + m[0].length)
    const place = {
      first,
      last: /^[ ,;]*$/.test(rest),
      phraseEnds: PHRASE_ENDS.test(rest) && !TOLD_OF.test(low.slice(Math.max(0, at - 6), at)),
    }
    return { taken: take(draft, m, place), end: at + m[0].length }
  }
  return null
}

function endOfWord(text: string, at: number): number {
  const next = text.slice(at).search(/[ ,;]/)
  return next < 0 ? text.length : at + next
}

/** What the pieces come to, once all are known: whose length it is, and whether it is counted; or what is left over, in words. */
function settled(draft: Draft, runs: readonly (readonly string[])[]): Omit<Line, 'cell'> | string | null {
  const { sized: size, sort, length } = draft
  const note = runs
    .map((run) => run.join(' '))
    .filter(Boolean)
    .join(', ')
  let dims = draft.size
  let long = size?.length
  if (length !== undefined) {
    const own = length.unit === 'mm' ? [length.value] : undefined
    // A thread without a length takes it; else it is the size of what has one.
    if (size && long === undefined && suits(size.thread, length)) long = length
    else if (!size && sort !== undefined && dims === undefined && own) dims = own
    else return `${length.value} ${length.unit}`
  }
  // Several without a count are not counted: how many there are is not guessed.
  const counted = size || (sort !== undefined && !NOT_COUNTED.has(sort))
  const many = draft.count ?? (counted && !draft.several ? 1 : 0)
  if (many === 0 && sort === undefined) return null
  // A screw and its washer are two kinds: they are two lines.
  if (long !== undefined && sort !== undefined && sort !== 'screw') return sort
  return {
    count: many,
    ...(sort === undefined || (sort === 'screw' && size) ? {} : { sort }),
    ...(size ? { thread: size.thread } : {}),
    ...(long === undefined ? {} : { length: long }),
    ...(dims === undefined ? {} : { size: dims }),
    ...(draft.head === undefined ? {} : { head: draft.head }),
    ...(draft.recess === undefined ? {} : { recess: draft.recess }),
    ...(draft.strength === undefined ? {} : { strength: draft.strength }),
    ...(draft.lock === undefined ? {} : { lock: draft.lock }),
    states: draft.states,
    ...(draft.torque === undefined ? {} : { torque: draft.torque }),
    note,
    unread: [],
  }
}
