/** A value with ids renamed wherever a whole text is one, and where the ids of members begin with one. */
export function renamed(value: unknown, ids: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') {
    const whole = ids.get(value)
    if (whole !== undefined) return whole
    const at = value.lastIndexOf('.')
    const own = at < 0 ? undefined : ids.get(value.slice(0, at))
    return own === undefined ? value : `${own}${value.slice(at)}`
  }
  if (Array.isArray(value)) return value.map((v) => renamed(v, ids))
  if (value === null || typeof value !== 'object') return value
  // Words are no ids, whatever they say.
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, WORDS.has(k) ? v : renamed(v, ids)]))
}
const WORDS: ReadonlySet<string> = new Set([
  'title',
  'name',
  'label',
  'note',
  'family',
  'releaseHow',
  'place',
  'thread',
  'kind',
  'release',
  'keep',
  'role',
])
