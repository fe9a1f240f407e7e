import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { CALIPER, chanceBelow } from '../src/core/doubt'
import { reaches } from '../src/core/fasteners'
import { gapOfSheets } from '../src/core/axle'
import { type Keyed, startOf, WORKING_IDS, type WorkingId, workOut, workingOf } from '../src/core/workings'

/** Holds every uncertainty that a working states against chance: each figure drawn from its own spread, 40,000 times. */
const TIMES = 40_000
/** How far a spread that was drawn may lie from the one that is stated: chance alone makes a third of a per cent of this many. */
const WITHIN = 0.03

const generator = xoroshiro128plus(1995)
const uniform = (): number => ((generator.next() >>> 0) + 0.5) / 2 ** 32
/** Standard normal, Box and Muller. */
const bell = (): number => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform())

/** What is keyed in beside the usual starts, so that each comes to a figure with its doubt. */
const MORE: Partial<Readonly<Record<WorkingId, readonly Keyed[]>>> = {
  'length-in-hole': [{ depth: '14' }, { depth: '9', washers: '1.5' }],
  belt: [{}, { by: 'its note' }],
  'thread-left': [{}, { capDepth: '16' }],
  // In the middle its size folds over.
  'rim-shift': [{ left: '52' }],
  // Well above none: nothing gives less than that.
  play: [{ play: '0.2' }],
  'shaft-stack': [{ leftOut: '24', rightOut: '24' }],
}
/**
 * What a figure’s doubt is not that of what was keyed in: a pull by hand is a band by itself, sheets are counted, and a number that
 * somebody says is as sure as whoever says it.
 */
const OTHERWISE: ReadonlySet<WorkingId> = new Set(['hand-force', 'sheets', 'which-number'])

/** Pieces in words, each with a width of its own: `nut 10; tab 3 up`. */
const otherWidths = (words: string): string =>
  words.replace(/(^|; )(\w+) ([\d.]+)/g, (_, before: string, name: string, width: string) => {
    return `${before}${name} ${(Number(width) + CALIPER.width * bell()).toFixed(6)}`
  })

let held = 0
let broken = 0
function tell(what: string, stated: number, drawn: number): void {
  const fine = Math.abs(drawn / stated - 1) <= WITHIN
  if (fine) held += 1
  else broken += 1
  console.log(`  ${fine ? '●' : '▲'} ${what.padEnd(44)} stated ${stated.toPrecision(4)}, drawn ${drawn.toPrecision(4)}`)
}

const spread = (values: readonly number[]): number => {
  const mean = values.reduce((a, b) => a + b, 0) / values.length
  return Math.sqrt(values.reduce((s, v) => s + (v - mean) ** 2, 0) / (values.length - 1))
}

console.log(`Doubts: each of what a working states, from ${TIMES.toLocaleString('en')} draws of its figures`)
for (const id of WORKING_IDS) {
  if (OTHERWISE.has(id)) continue
  const of = workingOf(id)
  for (const more of MORE[id] ?? [{}]) {
    const keyed: Keyed = { ...Object.fromEntries(Object.entries(of.fields).map(([f, field]) => [f, startOf(field)])), ...more }
    const base = workOut(of, keyed)
    if (base.is !== 'worked') throw new Error(`${id} does not come to anything: ${JSON.stringify(base)}`)
    const figures = [base.worked.result, ...(base.worked.also ?? [])].flatMap((f) => (f?.u !== undefined && f.u > 0 ? [f] : []))
    if (figures.length === 0) continue
    const drawn = new Map(figures.map((f) => [f.id, [] as number[]]))
    for (let n = 0; n < TIMES; n++) {
      const moved = Object.fromEntries([
        ...base.asked.flatMap((a) => (a.value === undefined ? [] : [[a.id, String(a.value + (a.u ?? 0) * bell())]])),
        ...Object.entries(of.fields).flatMap(([f, field]) => (field.is === 'stack' ? [[f, otherWidths(keyed[f] as string)]] : [])),
      ])
      const outcome = workOut(of, { ...keyed, ...moved })
      if (outcome.is !== 'worked') continue
      for (const f of [outcome.worked.result, ...(outcome.worked.also ?? [])]) if (f) drawn.get(f.id)?.push(f.value)
    }
    for (const f of figures)
      tell(`${id}: ${f.id}${Object.values(more).length > 0 ? ` (${Object.values(more).join(', ')})` : ''}`, f.u!, spread(drawn.get(f.id)!))
  }
}

// Sheets: n pass and one more does not, so the gap lies anywhere between; the pack has its own doubt.
const pack = { value: 52, u: 0.3 }
const gap = gapOfSheets({ count: 4, pack, inPack: 500 })
tell('sheets: gap', gap.u, spread(Array.from({ length: TIMES }, () => ((4 + uniform()) * (pack.value + pack.u * bell())) / 500)))

// The chance that a screw touches, against how often it does.
for (const depth of [9.2, 9.4, 9.8]) {
  const hole = {
    length: { value: 12, u: 0.1 },
    washers: { value: 0, u: 0.05 },
    stack: { value: 3, u: 0.05 },
    depth: { value: depth, u: 0.2 },
  }
  const { touches, clearance } = reaches({ ...hole, behind: 'winding', d: 5, into: 'aluminium' })
  let times = 0
  for (let n = 0; n < TIMES; n++) {
    const at = (x: { value: number; u: number }): number => x.value + x.u * bell()
    if (at(hole.washers) + at(hole.stack) + at(hole.depth) - at(hole.length) < 0) times += 1
  }
  const share = times / TIMES
  const fine = Math.abs(share - touches!) < 0.01 && Math.abs(chanceBelow(clearance!, 0) - touches!) < 1e-9
  if (fine) held += 1
  else broken += 1
  console.log(
    `  ${fine ? '●' : '▲'} it touches at a depth of ${depth} mm`.padEnd(46),
    `stated ${touches!.toFixed(3)}, drawn ${share.toFixed(3)}`,
  )
}
console.log(`  ${held} hold, ${broken} do not`)
if (broken > 0) process.exit(1)
