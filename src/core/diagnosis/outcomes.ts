import { normalise } from './belief'
import { uncertaintyOf, valueLikelihood, wordLikelihood } from './likelihood'
import type { Bell, NumberAnswer, Test } from './types'

/** A possible answer of a test: how probable it is now, and what would be believed after it. */
export interface Foreseen {
  readonly p: number
  readonly after: readonly number[]
  readonly word?: string
  readonly value?: number
}

/** Five-point Gauss–Hermite nodes and weights for a standard normal (Abramowitz & Stegun 25.4.46, rescaled). */
const NODES = [-2.856970013872806, -1.355626179974266, 0, 1.355626179974266, 2.856970013872806]
const WEIGHTS = [0.011257411327720692, 0.2220759220056127, 0.5333333333333333, 0.2220759220056127, 0.011257411327720692]

/** Every answer that a test may give, as weighted cases; the weights sum to 1. `now` are the beliefs in the order of `ids`. */
export function foresee(test: Test, ids: readonly string[], now: readonly number[]): Foreseen[] {
  return test.answer.kind === 'words' ? foreseeWords(test, ids, now) : foreseeValues(test.answer, ids, now)
}

function foreseeWords(test: Test, ids: readonly string[], now: readonly number[]): Foreseen[] {
  const answer = test.answer
  if (answer.kind !== 'words') return []
  return answer.outcomes.map((o) => {
    const joint = ids.map((id, i) => now[i]! * wordLikelihood(answer, id, o.id))
    const p = joint.reduce((a, b) => a + b, 0)
    return { p, after: joint.map((j) => j / p), word: o.id }
  })
}

function foreseeValues(answer: NumberAnswer, ids: readonly string[], now: readonly number[]): Foreseen[] {
  const cases: Foreseen[] = []
  ids.forEach((id, i) => {
    if (now[i]! < 1e-4) return
    const bells = answer.given[id] ?? answer.healthy
    for (const bell of bells) {
      NODES.forEach((z, k) => {
        const value = clamp(point(bell, z), answer.range)
        cases.push({ p: now[i]! * (bell.share ?? 1) * WEIGHTS[k]!, value, after: afterValue(answer, ids, now, value) })
      })
    }
  })
  const sum = cases.reduce((s, c) => s + c.p, 0)
  return cases.map((c) => ({ ...c, p: c.p / sum }))
}

export function afterValue(answer: NumberAnswer, ids: readonly string[], now: readonly number[], value: number): number[] {
  const u = uncertaintyOf(answer, value)
  return normalise(ids.map((id, i) => Math.log(now[i]!) + Math.log(valueLikelihood(answer, id, value, u))))
}

const point = (bell: Bell, z: number): number => (bell.log ? bell.mean * bell.sd ** z : bell.mean + bell.sd * z)
const clamp = (x: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, x))
