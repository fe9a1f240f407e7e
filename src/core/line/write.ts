import { type Line } from './line'
import { inchesText, sizeText } from './threads'
import { NOT_COUNTED, SORTS } from './words'

const UNIT = { Nm: 'N·m', 'lbf.ft': 'lbf·ft', 'lbf.in': 'lbf·in', 'kgf.cm': 'kgf·cm' } as const

/** What turns it, as a chip says it: `hex 4`, `T25`, `PH2`, `hexagon 13`. */
function recessText({ form, size, unit }: NonNullable<Line['recess']>): string {
  if (size === undefined)
    return form === 'PH' || form === 'PZ' ? `cross ${form}` : form === 'square' ? 'square drive' : form === 'hex' ? 'hex socket' : form
  switch (form) {
    case 'six-lobe':
      return `T${size}`
    case 'six-lobe with pin':
      return `T${size}H`
    case 'PH':
    case 'PZ':
      return `${form}${size}`
    default:
      return `${form} ${unit === 'in' ? inchesText(size) : size}`
  }
}

/** What it is and how large, for the bag: `M5×12`, `washers 10×20×1`, `M10 lock nut`. Empty where nothing says it. */
export function whatText({ count, sort, thread, length, size }: Pick<Line, 'count' | 'sort' | 'thread' | 'length' | 'size'>): string {
  const many = sort === undefined ? undefined : 'many' in SORTS[sort] ? (SORTS[sort] as { many: string }).many : sort
  return [
    thread && sizeText(thread, length),
    sort && (count === 1 || (count === 0 && NOT_COUNTED.has(sort)) ? sort : many),
    size?.join('×'),
  ]
    .filter(Boolean)
    .join(' ')
}

/** What says where it is, and not what it is: `from the left`, `left`; but a `rear light` is a thing. */
const AFTER =
  /^(?:(?:from|of|at|on|under|in|into|behind|for|with|to|and|off)(?: |$)|(?:left|right|front|rear|top|bottom)(?:$| (?:of|at|on|in|side)(?: |$)))/i

/** `hall plug, 9-pin`: what stands before it first, the rest of the note behind. */
function plugText(note: string, what: string, facts: readonly string[]): string {
  const [first = '', ...rest] = note.split(', ')
  if (AFTER.test(first)) return [what, ...facts, note].join(', ')
  return [[first, what].filter(Boolean).join(' '), ...facts, ...rest].join(', ')
}

const HEAD = {
  button: 'button head',
  mushroom: 'mushroom head',
  pan: 'pan head',
  cheese: 'cheese head',
  flange: 'flange head',
  low: 'low head',
  wing: 'thumbscrew',
} as const

/** Its head and what turns it, as they stand in the line: `button head, T25`; empty where neither is said. */
export function headText({ head, recess }: Pick<Line, 'head' | 'recess'>): string {
  const form = head === undefined ? '' : head in HEAD ? HEAD[head as keyof typeof HEAD] : head
  return [form, recess === undefined ? '' : recessText(recess)].filter(Boolean).join(', ')
}

/** The line as it is logged, without its cell: read again it says the same. */
export function lineTitle(line: Line): string {
  const { count, strength, lock, states, torque, note } = line
  const what = whatText(line)
  const facts = [
    headText(line),
    strength ?? '',
    lock ?? '',
    ...states,
    torque === undefined ? '' : `${torque.value} ${UNIT[torque.unit]}`,
  ].filter(Boolean)
  // A plug, a tape: named by what stands before it.
  if (line.sort !== undefined && NOT_COUNTED.has(line.sort) && count === 0 && what === line.sort) return plugText(note, what, facts)
  const counted = [count > 1 || (count === 1 && what === '') ? `${count} ×` : '', what].filter(Boolean).join(' ')
  if (what === '' && count > 0 && !/^[\d.]/.test(note)) return [[counted, note].filter(Boolean).join(' '), ...facts].join(', ')
  return [counted, note, ...facts].filter(Boolean).join(', ')
}

/** What it is without how many of it, where it lies and what state it is in: what stands on its bag. */
export function lineText(line: Line): string {
  const { sort, strength, lock, torque, note } = line
  const what = whatText(line)
  const facts = [headText(line), strength ?? '', lock ?? '', torque === undefined ? '' : `${torque.value} ${UNIT[torque.unit]}`].filter(
    Boolean,
  )
  if (sort !== undefined && NOT_COUNTED.has(sort) && what === sort) return plugText(note, what, facts)
  return [what, note, ...facts].filter(Boolean).join(', ')
}

/** The same with its cell. */
export const writeLine = (line: Line): string => (line.cell === undefined ? lineTitle(line) : `${lineTitle(line)} in ${line.cell}`.trim())
