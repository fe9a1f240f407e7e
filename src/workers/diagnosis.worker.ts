import { expose } from 'comlink'
import {
  advise,
  type Advice,
  type Catalogue,
  catalogueOf,
  type Evidence,
  type KnownDrive,
  type Leanings,
  type TestCost,
} from '../core/diagnosis'
import type { Fitting } from '../core/machine'

/** What is asked of the next test, in what passes between threads. */
export interface NextTestQuestion {
  readonly kind: KnownDrive
  readonly fullVolts: number
  readonly has: readonly Fitting[]
  /** Tests that this machine allows. */
  readonly tests: readonly string[]
  readonly evidence: readonly Evidence[]
  readonly leanings: Leanings
  /** What each costs where the machine stands, by test. */
  readonly costs: Readonly<Record<string, TestCost>>
  readonly minutes: Readonly<Record<string, number>>
  readonly skip: readonly string[]
}

let kept: { readonly key: string; readonly catalogue: Catalogue } | null = null

/** The next test, looked at two deep. */
function nextTest({ kind, fullVolts, has, tests, evidence, leanings, costs, minutes, skip }: NextTestQuestion): Advice {
  const key = JSON.stringify([kind, fullVolts, has, tests])
  if (kept?.key !== key) {
    const catalogue = catalogueOf(kind, fullVolts, has)
    const allowed = new Set(tests)
    kept = { key, catalogue: { ...catalogue, tests: catalogue.tests.filter((t) => allowed.has(t.id)) } }
  }
  return advise(kept.catalogue, evidence, (t) => costs[t.id] ?? { access: 0, power: 0 }, minutes, new Set(skip), { depth: 2, leanings })
}

const api = { nextTest }
export type DiagnosisApi = typeof api

expose(api)
