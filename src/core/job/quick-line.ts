/** What a typed line says came off. */
export interface QuickLine {
  readonly title: string
  /** How many fixings of that size came off; 0 where it is a part, or nothing that can be counted. */
  readonly count: number
  /** Thread and length as read, `M10×1.25×60`; empty where no size was certain. */
  readonly label: string
  readonly cell?: string
  /** Pieces that look like a size or a count and were not understood: they stay in the title, and nothing is made of them. */
  readonly unread: readonly string[]
}

/** More of one kind than this is a slip of the finger. */
const MANY = 60
const COUNTED = /^(\d{1,6})\s*(?:[x×*]\s+|[x×*](?=\D)|\s+)(.*)$/i
const WITH_UNIT = /^\d+(?:[.,]\d+)?\s?(?:V|A|W|Wh|Ah|mm|cm|m|kg|g|N·?m|bar|psi|°C|Ω|ohm|%)(?![\p{L}\d])/u
const CELL = /(?:^|\s)(?:in|to|→)\s*([A-Z]\d{1,2})\s*$/i
/** Anything that begins like a metric thread, up to the next blank that is not part of `M5 x 12`. */
const SIZED = /\bM\s?\d(?:[\d.,]|\s*[x×*]\s*(?=\d))*[^\s,;)]*/i
const FIGURE = '(\\d{1,3}(?:[.,]\\d{1,2})?)'
const THREAD = new RegExp(`^M\\s?${FIGURE}(?:\\s*[x×*]\\s*${FIGURE})?(?:\\s*[x×*]\\s*${FIGURE})?$`, 'i')
/** ISO 261 diameters, mm, and the pitches that each is made with, coarse first (ISO 262 and what axles and stems have). */
const PITCHES: Readonly<Record<string, readonly number[]>> = {
  '1.6': [0.35],
  '2': [0.4],
  '2.5': [0.45],
  '3': [0.5, 0.35],
  '3.5': [0.6],
  '4': [0.7, 0.5],
  '5': [0.8, 0.5],
  '6': [1, 0.75],
  '7': [1],
  '8': [1.25, 1, 0.75],
  '9': [1.25, 1],
  '10': [1.5, 1.25, 1, 0.75],
  '11': [1.5],
  '12': [1.75, 1.5, 1.25, 1],
  '14': [2, 1.5, 1.25, 1],
  '16': [2, 1.5, 1],
  '18': [2.5, 2, 1.5, 1],
  '20': [2.5, 2, 1.5, 1],
  '22': [2.5, 2, 1.5, 1],
  '24': [3, 2, 1.5, 1],
}
/** Lengths that screws have, mm. A figure below the least is a pitch, and one above the most is no length. */
const LENGTH = { least: 3, most: 400 }

const figure = (text: string): number => Number(text.replace(',', '.'))

/**
 * Thread and length: `M5x12` is M5×12, `M10x1.25x60` is M10×1.25×60, `M12x1,25` is M12×1.25. A size is right, or it is not taken.
 * @returns null where the diameter is none, a pitch is not made with it, or a figure could be either pitch or length
 */
function readSize(text: string): string | null {
  const [, d, second, third] = THREAD.exec(text) ?? []
  if (d === undefined) return null
  const diameter = figure(d)
  const pitches = PITCHES[String(diameter)]
  if (!pitches) return null
  const size = `M${diameter}`
  if (second === undefined) return size
  const a = figure(second)
  const isLength = (x: number): boolean => x >= LENGTH.least && x <= LENGTH.most
  if (third !== undefined) {
    const b = figure(third)
    if (!pitches.includes(a) || !isLength(b)) return null
    return a === pitches[0] ? `${size}×${b}` : `${size}×${a}×${b}`
  }
  // Pitches end below the shortest screw, but for the largest threads, where 3 is both.
  const [pitch, length] = [pitches.includes(a), isLength(a)]
  if (pitch === length) return null
  return length ? `${size}×${a}` : a === pitches[0] ? size : `${size}×${a}`
}

/**
 * Reads a line such as `4 M5x12 chain guard screws in A2`: a count first, a thread and length anywhere, a tray cell last; all of them
 * may be missing, and then the line is only a title. What looks like a size or a count and is none stays where it was, and is told.
 * @returns null for an empty line
 * @example readQuickLine('4 M5x12 chain guard') // { title: '4 × M5×12 chain guard', count: 4, label: 'M5×12', unread: [] }
 */
export function readQuickLine(line: string): QuickLine | null {
  const text = line.trim().replace(/\s+/g, ' ').slice(0, 200)
  if (text === '') return null
  const cellFound = CELL.exec(text)
  const body = cellFound ? text.slice(0, cellFound.index).trim() : text
  const cell = cellFound ? { cell: cellFound[1]!.toUpperCase() } : {}
  // `48 V plug`: a figure with its unit counts nothing.
  const counted = WITH_UNIT.test(body) ? null : COUNTED.exec(body)
  const count = counted ? Number(counted[1]) : 0
  const rest = counted?.[2] ?? body
  const sized = SIZED.exec(rest)?.[0].trim() ?? null
  const size = sized === null ? null : readSize(sized)
  // Two sizes on one line are two kinds: which count is whose is not guessed.
  const second = sized === null ? null : (SIZED.exec(rest.slice(rest.indexOf(sized) + sized.length))?.[0].trim() ?? null)
  const odd = counted !== null && (count < 1 || count > MANY)
  const unread = [...(odd ? [counted[1]!] : []), ...(sized !== null && size === null ? [sized] : []), ...(second !== null ? [second] : [])]
  // Nothing is made of a line of which a piece was not understood: it is a note until somebody says it again.
  if (unread.length > 0) return { title: body, count: 0, label: '', ...cell, unread }
  if (!counted) return { title: body, count: size ? 1 : 0, label: size ?? '', ...cell, unread }
  const words = (sized === null ? rest : rest.replace(sized, ' ')).replace(/\s+/g, ' ').trim()
  return { title: [`${count} ×`, size, words].filter(Boolean).join(' '), count, label: size ?? (words || 'screw'), ...cell, unread }
}
