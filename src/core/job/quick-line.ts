/** What a typed line says came off. */
export interface QuickLine {
  readonly title: string
  readonly count: number
  readonly label: string
  readonly cell?: string
}

const MANY = 60
const COUNTED = /^(\d{1,3})\s*(?:x|×|\*)?\s+(.*)$/i
const CELL = /(?:^|\s)(?:in|to|→)\s*([A-Z]\d{1,2})\s*$/i
const THREAD = /\bM(\d+(?:\.\d+)?)(?:\s*[x×*]\s*(\d+(?:\.\d+)?))?\b/i

/**
 * Reads a line such as `4 M5x12 chain guard screws in A2`: a count first, a thread and length anywhere, a tray cell last; all of them
 * may be missing, and then the line is only a title.
 * @returns null for an empty line
 * @example readQuickLine('4 M5x12 chain guard') // { title: '4 × M5×12 chain guard', count: 4, label: 'M5×12' }
 */
export function readQuickLine(line: string): QuickLine | null {
  const text = line.trim().replace(/\s+/g, ' ').slice(0, 200)
  if (text === '') return null
  const cellFound = CELL.exec(text)
  const body = cellFound ? text.slice(0, cellFound.index).trim() : text
  const counted = COUNTED.exec(body)
  const count = counted ? Number(counted[1]) : 0
  const thread = THREAD.exec(body)
  const size = thread ? `M${thread[1]}${thread[2] ? `×${thread[2]}` : ''}` : ''
  const cell = cellFound ? { cell: cellFound[1]!.toUpperCase() } : {}
  if (count === 0 || count > MANY) return { title: body, count: thread ? 1 : 0, label: size, ...cell }
  const rest = counted![2]!.replace(THREAD, '').replace(/\s+/g, ' ').trim()
  return { title: [`${count} ×`, size, rest].filter(Boolean).join(' '), count, label: size || rest || 'screw', ...cell }
}
