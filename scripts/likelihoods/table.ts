import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { type Bell, draftOf, type Rows, type Table } from '../../src/core/diagnosis'
import { FULL_VOLTS, type Kind, machine, seeded, type Shown, shownOf } from './bench'
import { apart, fitted, ranked } from './fit'
import { DRIVE_KINDS } from '../../src/core/machine'

/** Simulated machines for each severity of each fault. */
const UNITS = 160
/** Sets closer than this show the same: no row. */
const SAME = 0.13
/** Correlations below this are nothing. */
const HANGS = 0.3
const ROOT = path.resolve(import.meta.dirname, '../..')

/** Digest of everything that a table is made from. */
export function madeFrom(kind: Kind): string {
  const hash = createHash('sha256')
  // Another kind’s machines, and the list of all, say nothing of this one’s.
  const others = new Set(['kinds.ts', 'index.ts', ...DRIVE_KINDS.filter((k) => k !== kind).map((k) => `${k.replaceAll(' ', '-')}.ts`)])
  for (const folder of ['src/core/drive', 'src/core/simulated', 'scripts/likelihoods']) {
    for (const name of readdirSync(path.join(ROOT, folder)).sort())
      if (name.endsWith('.ts') && !name.endsWith('.test.ts') && !others.has(name))
        hash.update(name).update(readFileSync(path.join(ROOT, folder, name)))
  }
  const draft = draftOf(kind, FULL_VOLTS[kind])
  hash.update(JSON.stringify([draft.faults.map((f) => f.id), draft.pairs.map((p) => p.faults), draft.tests.map((t) => t.answer)]))
  return hash.digest('hex').slice(0, 16)
}

/** One hypothesis that is simulated: its key, and what is planted, evenly over its severities. */
interface Planted {
  readonly key: string
  readonly fault: string
  readonly plant: (n: number, c: () => number) => readonly { readonly id: string; readonly severity: number }[]
}

export function planted(kind: Kind): readonly Planted[] {
  const { faults, pairs } = draftOf(kind, FULL_VOLTS[kind])
  return [
    { key: 'healthy', fault: 'healthy', plant: () => [] },
    ...faults.flatMap(({ id }) =>
      [0, 1, 2].map((g): Planted => ({ key: `${id}/${g + 1}`, fault: id, plant: (n) => [{ id, severity: (g + (n + 0.5) / UNITS) / 3 }] })),
    ),
    ...pairs.map(({ faults: both }): Planted => {
      const key = both.join('+')
      return { key, fault: key, plant: (_, c) => both.map((id) => ({ id, severity: c() })) }
    }),
  ]
}

/** What all machines of a hypothesis show. */
export function shown(kind: Kind, { key, plant }: Planted, units = UNITS): Shown[] {
  return Array.from({ length: units }, (_, n) => {
    const c = seeded(`${kind} ${key}`, n)
    return shownOf(kind, machine(kind, plant(n, c), c), c)
  })
}

/** Is a test read on the logarithm: does what it shows run over more than a factor of thirty, and stay above nothing? */
function isLog(all: readonly (readonly number[])[]): boolean {
  const values = all.flat().sort((a, b) => a - b)
  const [low, high] = [values[Math.floor(values.length * 0.01)]!, values[Math.floor(values.length * 0.99)]!]
  return low > 0 && high / low > 30
}

/** A test’s rows from what each hypothesis shows, in the order of `planted`. */
export function rowsOfNumbers(
  keys: readonly string[],
  all: readonly (readonly number[])[],
  u: { readonly abs: number; readonly rel: number },
  scale: number,
  log = isLog(all),
): Rows<readonly Bell[]> {
  const floor = log ? Math.max(0.02, u.rel) : Math.max(1e-9, u.abs / scale)
  const least = Math.max(1e-9, u.abs / scale / 4)
  const safe = (list: readonly number[]): number[] => (log ? list.map((x) => Math.max(least, x)) : [...list])
  const healthy = safe(all[0]!)
  const given: Record<string, readonly Bell[]> = {}
  keys.forEach((key, i) => {
    if (i > 0 && apart(healthy, safe(all[i]!)) > SAME) given[key] = fitted(safe(all[i]!), log, floor)
  })
  return { healthy: fitted(healthy, log, floor), given }
}

function rowsOfWords(keys: readonly string[], all: readonly (readonly string[])[], outcomes: readonly string[]): Rows<readonly number[]> {
  const row = (list: readonly string[]): number[] =>
    outcomes.map((o) => Number((((list.filter((x) => x === o).length + 0.3) / (list.length + 0.3 * outcomes.length)) * 100).toPrecision(3)))
  const healthy = row(all[0]!)
  const given: Record<string, readonly number[]> = {}
  keys.forEach((key, i) => {
    const own = row(all[i]!)
    if (i > 0 && own.some((x, k) => Math.abs(x - healthy[k]!) > 5)) given[key] = own
  })
  return { healthy, given }
}

/** The whole table of a kind. `tell` hears of each hypothesis. */
export function tableOf(kind: Kind, tell: (key: string) => void = () => undefined): Table {
  const draft = draftOf(kind, FULL_VOLTS[kind])
  const list = planted(kind)
  const all = list.map((p) => {
    tell(p.key)
    return shown(kind, p)
  })
  const keys = list.map((p) => p.key)
  const numbers: Record<string, Rows<readonly Bell[]>> = {}
  const words: Record<string, Rows<readonly number[]>> = {}
  for (const { id, answer } of draft.tests) {
    if (answer.kind === 'number' && all[0]![0]!.numbers[id] !== undefined)
      numbers[id] = rowsOfNumbers(
        keys,
        all.map((set) => set.map((s) => s.numbers[id]!)),
        answer.u,
        answer.scale ?? 1,
      )
    if (answer.kind === 'words' && all[0]![0]!.words[id] !== undefined)
      words[id] = rowsOfWords(
        keys,
        all.map((set) => set.map((s) => s.words[id]!)),
        answer.outcomes.map((o) => o.id),
      )
  }
  const together: Record<string, (readonly [string, string, number])[]> = {}
  const tests = Object.keys(numbers)
  for (const fault of [...new Set(list.map((p) => p.fault))]) {
    const sets = list.flatMap((p, i) => (p.fault === fault ? [all[i]!] : []))
    tests.forEach((a, i) =>
      tests.slice(i + 1).forEach((b) => {
        const mean =
          sets.reduce(
            (s, set) =>
              s +
              ranked(
                set.map((x) => x.numbers[a]!),
                set.map((x) => x.numbers[b]!),
              ),
            0,
          ) / sets.length
        if (Math.abs(mean) >= HANGS) (together[fault] ??= []).push([a, b, Number(Math.max(-0.95, Math.min(0.95, mean)).toFixed(2))])
      }),
    )
  }
  return { made: madeFrom(kind), words, numbers, together }
}
