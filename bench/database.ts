// Appends with sixteen writers, to one job and to fifty, and the first page of 100,000 jobs.
import path from 'node:path'
import { v4, v7 } from 'uuid'
import { connect, type Sql } from '../src/db/client'
import { addJob, listSummaries } from '../src/db/jobs'
import { append } from '../src/db/journal'
import { migrate } from '../src/db/migrate'
import { addDevice } from '../src/db/sessions'
import { at, row } from './timing'

const WRITERS = 16
const SECONDS = 5

const sql = connect(process.env['DATABASE_URL']!, WRITERS)
await migrate(sql, path.join(import.meta.dirname, '..', 'src', 'db', 'migrations'))
const device = v4()
await addDevice(sql, device)
await sql`insert into people (id, name, role, passphrase_hash) values ('p-bench', 'Bench', 'lead', 'none')`

async function makeJobs(n: number): Promise<string[]> {
  const ids = Array.from({ length: n }, () => v7())
  for (const id of ids) await addJob(sql, { id, machineId: null, revision: null })
  return ids
}

async function stream(pool: Sql, jobs: readonly string[]): Promise<number> {
  const until = performance.now() + SECONDS * 1000
  let done = 0
  await Promise.all(
    Array.from({ length: WRITERS }, async (_, w) => {
      for (let i = 0; performance.now() < until; i++) {
        const jobId = jobs[(w * 7 + i) % jobs.length]!
        const entry = {
          id: v7(),
          jobId,
          base: 0,
          at: Date.now(),
          by: 'p-bench',
          device,
          kind: 'note-added' as const,
          v: 1,
          body: { text: `${w}.${i}` },
        }
        await append(pool, jobId, [{ ok: true, entry }], 'p-bench', Date.now)
        done += 1
      }
    }),
  )
  return done / SECONDS
}

console.log('\nDatabase (fsync and synchronous_commit on)')
for (const n of [1, 50])
  row(`appends a second, ${WRITERS} writers, ${n === 1 ? 'one job' : `${n} jobs`}`, (await stream(sql, await makeJobs(n))).toFixed(0), '')

await sql`
  with made as (
    insert into jobs (id, number) select gen_random_uuid(), 100000 + n from generate_series(1, 100000) n returning id, number
  )
  insert into summaries (job_id, version, words, open, sort_at, body)
  select id, 1, array_to_tsvector(array['dunlin', number::text]), number % 7 = 0, 1700000000000 + number::bigint * 1000,
    json_build_object('number', number, 'machine', 'Dunlin', 'unit', 'no. ' || number, 'stage', 'take down', 'next', 'Undo 14 deck screws', 'loose', json_build_object('fixings', 3, 'parts', 1))
  from made`
await sql`analyze summaries`
const times: number[] = []
for (let i = 0; i < 300; i++) {
  const start = performance.now()
  await listSummaries(sql, 41)
  times.push(performance.now() - start)
}
times.sort((a, b) => a - b)
row('first page of 100,000 jobs, 95th percentile', `${at(times, 0.95).toFixed(1)} ms`, 'under 50 ms')
const page = await listSummaries(sql, 41)
const mark = { open: true, sortAt: page[40]!.sortAt, jobId: page[40]!.jobId }
const later: number[] = []
for (let i = 0; i < 100; i++) {
  const start = performance.now()
  await listSummaries(sql, 41, mark)
  later.push(performance.now() - start)
}
row(
  'a later page, 95th percentile',
  `${at(
    later.sort((a, b) => a - b),
    0.95,
  ).toFixed(1)} ms`,
  '',
)
await sql.end()
