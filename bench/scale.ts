// What one shop costs: the database per thousand finished jobs, the app's memory, and how fast it answers; for docs/scale.md.
import { execFileSync } from 'node:child_process'
import http from 'node:http'
import { performance } from 'node:perf_hooks'
import { v4, v7 } from 'uuid'
import { NEWEST_FORM } from '../src/core/build'
import { type EntryDraft, written } from '../src/core/job'
import { connect } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { append } from '../src/db/journal'
import { addDevice, addSession, setDeviceSecret } from '../src/db/sessions'
import { demoJobs } from '../src/demo/jobs'
import { demoMachines } from '../src/demo/machines'
import { BENCH_TABLET } from '../src/demo/people'
import { newToken, tokenHash } from '../src/server/secrets'
import { Cluster } from '../scripts/lib/postgres.mjs'
import { World } from '../scripts/lib/world.mjs'
import { at, row } from './timing'

const JOBS = Number(process.env['SCALE_JOBS'] ?? 200)

const cluster = new Cluster('pg')
await cluster.start()
const world = await new World(cluster).open()
const sql = connect(world.databaseUrl, 2)
try {
  const files = demoMachines()
  // The longest job of the demo world: in at the door, a motor swapped, ridden, handed back.
  const longest = [...demoJobs(files, Date.now())].sort((a, b) => b.entries.length - a.entries.length)[0]!
  const size = async (): Promise<number> => {
    await sql`vacuum full`
    const [r] = await sql<{ n: string }[]>`select pg_database_size(current_database())::text as n`
    return Number(r!.n)
  }
  const before = await size()
  const began = performance.now()
  const ids: string[] = []
  for (let n = 0; n < JOBS; n++) {
    const id = v7()
    ids.push(id)
    await addJob(sql, {
      id,
      machineId: longest.machineId,
      revision: files.find((f) => f.id === longest.machineId)?.revision ?? null,
    })
    const entries = longest.entries.map(({ kind, body, by, at: when }) => ({
      ok: true as const,
      entry: {
        id: v7(),
        jobId: id,
        base: 0,
        at: when,
        by,
        device: BENCH_TABLET,
        ...written(kind, kind === 'job-opened' ? ({ ...body, number: String(1000 + n) } as never) : body, NEWEST_FORM),
      } as EntryDraft,
    }))
    const stored = await append(sql, id, entries, 'p-ines', Date.now)
    if (stored?.lastSeq !== entries.length)
      throw new Error(`job ${n} was not stored: ${JSON.stringify(stored?.answers.find((a) => a.status !== 'stored'))}`)
  }
  const took = (performance.now() - began) / 1000
  const grown = (await size()) - before
  console.log(`One shop, ${JOBS} jobs of ${longest.entries.length} entries each, written in ${took.toFixed(0)} s`)
  row('database per 1,000 finished jobs', `${(((grown / JOBS) * 1000) / 1e6).toFixed(0)} MB`, 'photos come on top')

  const [device, token, key] = [v4(), newToken(), newToken()]
  await addDevice(sql, device)
  await setDeviceSecret(sql, device, tokenHash(key), 'bench')
  await addSession(sql, tokenHash(token), 'p-ines', device, 1)
  const headers = { cookie: `nailsmith-session=${token}; nailsmith-device=${device}; nailsmith-key=${key}` }
  const agent = new http.Agent({ keepAlive: true })
  const get = (path: string): Promise<number> =>
    new Promise((resolve, reject) => {
      const start = performance.now()
      http
        .get(`${world.url()}${path}`, { agent, headers }, (r) => r.resume().on('end', () => resolve(performance.now() - start)))
        .on('error', reject)
    })
  const rss = (pid: number): number => Number(execFileSync('ps', ['-o', 'rss=', '-p', String(pid)], { encoding: 'utf8' })) / 1024
  const pid = ((await world.health()) as { body: { pid: number } }).body.pid
  row('memory of a copy of the app, nothing asked yet', `${rss(pid).toFixed(0)} MB`, '')
  const timed = async (name: string, path: (i: number) => string, times: number): Promise<void> => {
    const ms: number[] = []
    for (let i = 0; i < times; i++) ms.push(await get(path(i)))
    ms.sort((a, b) => a - b)
    row(name, `${at(ms, 0.5).toFixed(0)} ms`, `95 %: ${at(ms, 0.95).toFixed(0)} ms`)
  }
  await timed('the stands', () => '/', 100)
  await timed('a job opened', (i) => `/jobs/${ids[i % ids.length]}`, 100)
  await timed('entries read on', (i) => `/api/jobs/${ids[i % ids.length]}/entries?after=${longest.entries.length}`, 300)
  row('memory after that', `${rss(pid).toFixed(0)} MB`, '')
  const [connections] = await sql<{ n: number }[]>`select count(*)::int as n from pg_stat_activity where datname = current_database()`
  row('connections to PostgreSQL', String(connections!.n - 1), 'of one copy')
} finally {
  await sql.end()
  await world.close()
  cluster.stop()
}
