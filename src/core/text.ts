/** Longest texts are cut here, in letters as a reader counts them. */
const segmenter = typeof Intl !== 'undefined' && 'Segmenter' in Intl ? new Intl.Segmenter('en', { granularity: 'grapheme' }) : null

// NUL and the other controls but tab and line break: no page shows them and PostgreSQL keeps no NUL.
const CONTROLS = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/g
const LONE = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g

/** Is every character of it one that can be stored and shown: no half of a surrogate pair, no NUL? */
export function isWellFormed(text: string): boolean {
  return text.search(LONE) < 0 && text.search(CONTROLS) < 0
}

/** The text with halves of surrogate pairs as U+FFFD and control characters left out; as it is where nothing is wrong. */
export function wellFormed(text: string): string {
  return isWellFormed(text) ? text : text.replace(LONE, '\ufffd').replace(CONTROLS, '')
}

/**
 * At most `max` UTF-16 units of a text, never cut inside what a reader sees as one letter.
 * @param max 0 or more
 * @example cut('ok 👩‍🔧', 5) // 'ok '
 */
export function cut(text: string, max: number): string {
  const whole = wellFormed(text)
  if (whole.length <= max) return whole
  let end = 0
  for (const { index, segment } of segmenter?.segment(whole.slice(0, max + 64)) ??
    [...whole].map((segment, i, all) => ({ index: all.slice(0, i).join('').length, segment }))) {
    if (index + segment.length > max) break
    end = index + segment.length
  }
  return whole.slice(0, end)
}

/** Deepest nesting that a body may have: far more than any of ours. */
export const MAX_DEPTH = 40

/** Is a value nested deeper than `MAX_DEPTH`? Looked at without recursion, so that depth itself cannot break it. */
export function tooDeep(value: unknown): boolean {
  let level: unknown[] = [value]
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > MAX_DEPTH) return true
    level = level.flatMap((v) => (v !== null && typeof v === 'object' ? Object.values(v) : []))
  }
  return false
}

/**
 * Every text of a value made well-formed, names of members too. The same value where nothing is wrong. Depth is for `tooDeep` to
 * look at first.
 */
export function mended<T>(value: T): T {
  if (typeof value === 'string') return wellFormed(value) as T
  if (value === null || typeof value !== 'object') return value
  if (Array.isArray(value)) {
    const list = value.map(mended)
    return (list.some((v, i) => v !== value[i]) ? list : value) as T
  }
  const members = Object.entries(value).map(([k, v]) => [wellFormed(k), mended(v), k, v] as const)
  return members.some(([k, v, was, had]) => k !== was || v !== had) ? (Object.fromEntries(members.map(([k, v]) => [k, v])) as T) : value
}

/** A map with no prototype: an id such as `__proto__` or `constructor` is a key like any other. */
export function record<T>(of: Readonly<Record<string, T>> = {}): Record<string, T> {
  return Object.assign(Object.create(null) as Record<string, T>, of)
}

/** Changes of one letter that turn `a` into `b` (Levenshtein 1966). */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let k = 1; k <= b.length; k++) next.push(Math.min(row[k]! + 1, next[k - 1]! + 1, row[k - 1]! + (a[i - 1] === b[k - 1] ? 0 : 1)))
    row = next
  }
  return row[b.length]!
}

/**
 * The id of a list that a misspelt one most likely means; null where none is near: more than a third of its letters would change.
 * @example nearest('spin tset', ['spin test', 'brakes']) // 'spin test'
 */
export function nearest(word: string, list: readonly string[]): string | null {
  const asked = word.toLowerCase().slice(0, 60)
  const best = list.map((id) => ({ id, d: distance(asked, id.toLowerCase()) })).sort((a, b) => a.d - b.d)[0]
  return best && best.d <= Math.max(1, Math.floor(asked.length / 3)) ? best.id : null
}
