const HALF = '👍'.slice(0, 1)
/** Values that something is always wrong with somewhere. */
export const ODD: readonly unknown[] = [
  null,
  true,
  false,
  0,
  -1,
  1,
  0.5,
  1e308,
  -1e308,
  9007199254740993,
  2147483648,
  '',
  ' ',
  'x',
  '__proto__',
  'constructor',
  'toString',
  HALF,
  `a${HALF}b`,
  'a\u0000b',
  '\u202e',
  '‮',
  'ﷺ'.repeat(40),
  '👩‍👧‍👦'.repeat(30),
  'x'.repeat(5000),
  '<script>alert(1)</script>',
  "'; drop table jobs; --",
  '../../etc/passwd',
  'null',
  'NaN',
  '1e999',
  [],
  {},
  [null],
  [[]],
  { length: 1e9 },
  { __proto__: null, a: 1 },
  JSON.parse('{"__proto__":{"x":1}}'),
  Array.from({ length: 50 }, (_, i) => i),
]

export const pick = <T>(random: () => number, list: readonly T[]): T => list[Math.floor(random() * list.length)]!

/** A deep value, for what recurses. */
export function deep(random: () => number): unknown {
  let value: unknown = 1
  for (let i = Math.floor(random() * 700); i > 0; i--) value = random() < 0.5 ? [value] : { a: value }
  return value
}

/** The value with one to four places changed: put another, taken away, doubled, renamed, swapped with another place. */
export function mutate(random: () => number, value: unknown): unknown {
  const copy = structuredClone(value) as unknown
  const places: { readonly of: Record<string, unknown>; readonly key: string }[] = []
  const walk = (v: unknown): void => {
    if (v === null || typeof v !== 'object') return
    for (const key of Object.keys(v)) {
      places.push({ of: v as Record<string, unknown>, key })
      walk((v as Record<string, unknown>)[key])
    }
  }
  walk(copy)
  if (places.length === 0) return pick(random, ODD)
  for (let n = 1 + Math.floor(random() ** 3 * 4); n > 0; n--) {
    const { of, key } = pick(random, places)
    const way = random()
    if (way < 0.55) of[key] = structuredClone(pick(random, ODD))
    else if (way < 0.65) delete of[key]
    else if (way < 0.75) of[`${key}${pick(random, ['x', '', HALF, '\u0000'])}`] = of[key]
    else if (way < 0.85) {
      const other = pick(random, places)
      of[key] = structuredClone(other.of[other.key] === of ? 1 : other.of[other.key])
    } else if (way < 0.9) of[key] = deep(random)
    else if (Array.isArray(of[key])) of[key] = [...(of[key] as unknown[]), ...structuredClone(of[key] as unknown[])].slice(0, 60_000)
    else if (typeof of[key] === 'number') of[key] = (of[key] as number) * pick(random, [-1, 0, 1000, 1e12, NaN, Infinity])
    else if (typeof of[key] === 'string')
      of[key] = `${of[key] as string}${String(pick(random, ['', ' ', HALF, '\u0000', 'x'.repeat(300)]))}`
  }
  return copy
}
