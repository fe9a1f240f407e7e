import { expect, it } from 'vitest'
import { NEWEST_FORM } from '../core/build'
import { type Entry, reduce, written } from '../core/job'
import { demoJobs } from './jobs'
import { demoMachines } from './machines'

it('the jobs of the demo world, as the shop writes them, are all in order: nothing done before its turn, unproved or unmeasured', () => {
  for (const job of demoJobs(demoMachines(), Date.UTC(2026, 10, 28))) {
    const entries = job.entries.map(
      (e, i) =>
        ({
          id: `e${i}`,
          jobId: 'j',
          seq: i + 1,
          base: i,
          at: e.at,
          receivedAt: e.at,
          by: e.by,
          sentBy: e.by,
          device: 'd',
          ...written(e.kind, e.body, NEWEST_FORM),
        }) as unknown as Entry,
    )
    expect(reduce('j', entries).flags).toEqual([])
  }
})
