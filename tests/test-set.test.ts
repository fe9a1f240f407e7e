import { isDeepStrictEqual } from 'node:util'
import { describe, expect, it } from 'vitest'
import { KIND_IDS, reduce } from '../src/core/job'
import { asReducer6, DIFFERENCES } from './set/differences'
import { recordedJobs, recordedStates } from './set/load'

const jobs = recordedJobs()
const states = recordedStates()
/** Kinds that are younger than the recorded set. */
const YOUNGER = new Set<string>([
  'voltage-told',
  'wait-ended',
  'opened-told',
  'salt-water',
  'cost-told',
  'owner-asked',
  'settings-noted',
  'trial-made',
  'plug-looked',
  'look-made',
  'step-moved',
  'came-off',
  'off-corrected',
  'order-said',
  'photo-pinned',
  'stray-found',
  'stray-settled',
  'worked-out',
  'width-converted',
])

/** Places where two values differ, lists being one place each. */
function differs(a: unknown, b: unknown, at = ''): string[] {
  if (isDeepStrictEqual(a, b)) return []
  if (Array.isArray(a) && Array.isArray(b) && at.startsWith('/heads/') && a.length === b.length)
    return a.flatMap((x, i) => differs(x, b[i], `${at}/${i}`))
  if (a === null || b === null || typeof a !== 'object' || typeof b !== 'object' || Array.isArray(a)) return [at]
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].flatMap((k) => differs((a as Record<string, unknown>)[k], (b as Record<string, unknown>)[k], `${at}/${k}`))
}

describe('the recorded test set', () => {
  it('holds at least 5,000 entries, every kind and every machine', () => {
    const entries = [...jobs.values()].flat()
    expect(entries.length).toBeGreaterThanOrEqual(5_000)
    expect(new Set(entries.map((e) => e.kind))).toEqual(new Set(KIND_IDS.filter((k) => !YOUNGER.has(k))))
    expect(new Set(entries.flatMap((e) => (e.kind === 'job-opened' ? [e.body.machine.file] : []))).size).toBeGreaterThanOrEqual(10)
    expect(states.size).toBe(jobs.size)
  })

  it('is reduced as it was when it was recorded, but where a named fault explains it; and every explanation is needed', () => {
    const used = new Set<object>()
    const unexplained: string[] = []
    for (const [id, entries] of jobs) {
      const now = reduce(id, entries)
      for (const at of differs(states.get(id), JSON.parse(JSON.stringify(asReducer6(now))))) {
        const row = DIFFERENCES.find((d) => d.at.test(at) && (d.only?.(now) ?? true))
        if (row) used.add(row)
        else unexplained.push(`${now.machine.name} ${id.slice(-4)}: ${at}`)
      }
    }
    expect(unexplained).toEqual([])
    expect(DIFFERENCES.filter((d) => !used.has(d)).map((d) => d.why)).toEqual([])
  })
})
