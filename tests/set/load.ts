import { readFileSync } from 'node:fs'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import type { Entry, JobState } from '../../src/core/job'

const lines = (name: string): string[] =>
  gunzipSync(readFileSync(path.join(import.meta.dirname, name)))
    .toString('utf8')
    .trimEnd()
    .split('\n')

/** The recorded journals: more than 5,000 entries over every machine and kind, by job in order of `seq`. */
export function recordedJobs(): Map<string, Entry[]> {
  const jobs = new Map<string, Entry[]>()
  for (const line of lines('entries.ndjson.gz')) {
    const entry = JSON.parse(line) as Entry
    jobs.set(entry.jobId, [...(jobs.get(entry.jobId) ?? []), entry])
  }
  return jobs
}

/** What reducer 6, the one before anything was changed, made of each recorded job. */
export function recordedStates(): Map<string, JobState> {
  return new Map(
    lines('states.ndjson.gz')
      .map((line) => JSON.parse(line) as { readonly reducer: number; readonly state: JobState })
      .map(({ state }) => [state.jobId, state]),
  )
}
