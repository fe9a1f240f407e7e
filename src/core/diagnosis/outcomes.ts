import type { Hypothesis } from './hypotheses'
import { bellsOf, chancesOf, isLog, ODD, shareBeyond, SLIP } from './likelihood'
import { type Bell, NONE, type NumberAnswer, type Test } from './types'

/** An answer that a test may give: a word, or a value between two. */
export interface Outcome {
  readonly word?: string
  readonly from?: number
  readonly to?: number
}

/** What a test may show: its outcomes, and how likely each is under each hypothesis, in their order; each row sums to 1. */
export interface Foresight {
  readonly outcomes: readonly Outcome[]
  /** `chances[hypothesis][outcome]`. */
  readonly chances: readonly Float64Array[]
}

/** Bands of values that a measured answer is looked ahead by. */
const BANDS = 12

/** Every answer of a test under every hypothesis. Depends on neither evidence nor place: made once for a catalogue. */
export function foreseen(test: Test, of: readonly Hypothesis[]): Foresight {
  const { answer } = test
  if (answer.kind === 'words')
    return { outcomes: answer.outcomes.map((o) => ({ word: o.id })), chances: of.map((h) => Float64Array.from(chancesOf(answer, h))) }
  const edges = edgesOf(answer, of)
  const n = edges.length + 1
  const [low, high] = answer.range
  const seen = new Map<readonly Bell[], Float64Array>()
  const shares = (bells: readonly Bell[]): Float64Array => {
    const had = seen.get(bells)
    if (had) return had
    const under = edges.map((x) => shareBeyond(bells, x, 'under'))
    const row = Float64Array.from({ length: n }, (_, i) => Math.max(0, (under[i] ?? 1) - (under[i - 1] ?? 0)))
    seen.set(bells, row)
    return row
  }
  return {
    outcomes: Array.from({ length: n }, (_, i) => ({ from: edges[i - 1] ?? low, to: edges[i] ?? high })),
    chances: of.map((h) => {
      const slip = h.key === NONE ? ODD : SLIP
      return shares(bellsOf(answer, h)).map((x) => (1 - slip) * x + slip / n)
    }),
  }
}

/** Where the bands meet: between what the hypotheses say, closest where they say most. */
function edgesOf(answer: NumberAnswer, of: readonly Hypothesis[]): readonly number[] {
  const log = isLog(answer)
  const points: { x: number; w: number }[] = []
  const rows = new Map<readonly Bell[], number>()
  for (const h of of) {
    const bells = bellsOf(answer, h)
    rows.set(bells, (rows.get(bells) ?? 0) + h.prior)
  }
  for (const [bells, weight] of rows)
    for (const b of bells)
      for (const z of [-1.6, -0.8, 0, 0.8, 1.6])
        points.push({ x: b.log ? b.mean * b.sd ** z : b.mean + b.sd * z, w: Math.sqrt(weight) * (b.share ?? 1) })
  const inside = points.filter(({ x }) => x > answer.range[0] && x < answer.range[1] && (!log || x > 0)).sort((a, b) => a.x - b.x)
  const all = inside.reduce((s, p) => s + p.w, 0)
  const edges: number[] = []
  let sum = 0
  inside.forEach(({ x, w }, i) => {
    const before = sum
    sum += w
    const next = inside[i + 1]?.x
    if (next === undefined || Math.floor((before / all) * BANDS) === Math.floor((sum / all) * BANDS)) return
    const edge = log ? Math.sqrt(x * next) : (x + next) / 2
    if (edge > (edges.at(-1) ?? -Infinity)) edges.push(edge)
  })
  return edges
}
