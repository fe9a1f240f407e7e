import { describe, expect, it } from 'vitest'
import { KINDS, reduce } from '../src/core/job'
import { recordedJobs, recordedStates } from './set/load'

const jobs = recordedJobs()
const states = recordedStates()

describe('the recorded test set', () => {
  it('holds at least 5,000 entries, every kind and every machine', () => {
    const entries = [...jobs.values()].flat()
    expect(entries.length).toBeGreaterThanOrEqual(5_000)
    expect(new Set(entries.map((e) => e.kind))).toEqual(new Set(KINDS))
    expect(new Set(entries.flatMap((e) => (e.kind === 'job-opened' ? [e.body.machine.file] : []))).size).toBeGreaterThanOrEqual(10)
    expect(states.size).toBe(jobs.size)
  })
  it('is reduced as it was when it was recorded', () => {
    for (const [id, entries] of jobs) expect(JSON.parse(JSON.stringify(reduce(id, entries))), id).toEqual(states.get(id))
  })
})
