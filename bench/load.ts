// The shop under load, over HTTP on the production build: sixteen writers and fifty followers for a minute, and a job of ten thousand
// entries. Addresses of this machine only; every loop ends by itself.
import { performance } from 'node:perf_hooks'
import { v4, v7 } from 'uuid'
import { connect } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { append } from '../src/db/journal'
import { addDevice, addSession, setDeviceSecret } from '../src/db/sessions'
import { newToken, tokenHash } from '../src/server/secrets'
import { Cluster } from '../scripts/lib/postgres.mjs'
import { World } from '../scripts/lib/world.mjs'

const WRITERS = 16
const FOLLOWERS = 50
const SECONDS = Number(process.env['LOAD_SECONDS'] ?? 60)
const LONG = 10_000
const PERSON = 'p-ines'

const cluster = new Cluster('pg')
await cluster.start()
const world = await new World(cluster).open()
const sql = connect(world.databaseUrl, 2)

async function tablet(): Promise<{ readonly device: string; readonly cookie: string }> {
  const [device, token, key] = [v4(), newToken(), newToken()]
  await addDevice(sql, device)
  await setDeviceSecret(sql, device, tokenHash(key), 'bench')
  await addSession(sql, tokenHash(token), PERSON, device, 1)
  return { device, cookie: `nailsmith-session=${token}; nailsmith-device=${device}; nailsmith-key=${key}` }
}
const share = (list: readonly number[], p: number): string => [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * p))]!.toFixed(1)
const line = (name: string, ms: readonly number[]): void => console.log(`${name}: ${ms.length}, median ${share(ms, 0.5)} ms, p95 ${share(ms, 0.95)} ms, longest ${share(ms, 1)} ms`)

const post = async (jobId: string, cookie: string, entries: readonly object[]): Promise<{ readonly status: number; readonly body: { readonly answers?: readonly { readonly status: string; readonly seq?: number }[] } }> => {
  const response = await fetch(`${world.url()}/api/jobs/${jobId}/entries`, { method: 'POST', headers: { 'content-type': 'application/json', origin: world.url(), cookie, 'x-nailsmith-build': '11' }, body: JSON.stringify(entries) })
  return { status: response.status, body: (await response.json()) as never }
}
const note = (jobId: string, device: string, text: string): object => ({ id: v7(), jobId, base: 0, at: Date.now(), by: PERSON, device, kind: 'note-added', v: 1, body: { text } })

async function minute(): Promise<void> {
  const jobs = Array.from({ length: 8 }, () => v7())
  for (const id of jobs) await addJob(sql, { id, machineId: null, revision: null })
  const heard = new Map<string, number>()
  const lags: number[] = []
  const stop = new AbortController()
  const followers = await Promise.all(Array.from({ length: FOLLOWERS }, async () => {
    const { cookie } = await tablet()
    const response = await fetch(`${world.url()}/api/events`, { headers: { cookie }, signal: stop.signal })
    // In an object, so that what is waited for here is the opening and not the end.
    const heardOut = (async () => {
      let text = ''
      try {
        for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
          text += new TextDecoder().decode(chunk)
          for (const told of text.split('\n').slice(0, -1)) {
            const at = told.startsWith('data: ') ? heard.get(told.slice(6)) : undefined
            if (at !== undefined) lags.push(performance.now() - at)
          }
          text = text.slice(text.lastIndexOf('\n') + 1)
        }
      } catch {
        // Stopped below.
      }
    })()
    return { heardOut }
  }))
  const took: number[] = []
  let refused = 0
  const until = performance.now() + SECONDS * 1000
  await Promise.all(Array.from({ length: WRITERS }, async (_, w) => {
    const { device, cookie } = await tablet()
    for (let i = 0; performance.now() < until; i++) {
      const jobId = jobs[w % jobs.length]!
      const began = performance.now()
      const { status, body } = await post(jobId, cookie, [note(jobId, device, `${w}.${i}`)])
      took.push(performance.now() - began)
      const seq = body.answers?.[0]?.seq
      if (status !== 200 || seq === undefined) refused += 1
      else heard.set(`${jobId}:${seq}`, performance.now())
    }
  }))
  await new Promise((resolve) => setTimeout(resolve, 1_000))
  stop.abort()
  await Promise.race([Promise.all(followers.map((f) => f.heardOut)), new Promise((resolve) => setTimeout(resolve, 2_000))])
  console.log(`${WRITERS} writers and ${FOLLOWERS} followers for ${SECONDS} s: ${(took.length / SECONDS).toFixed(0)} entries a second, ${refused} not stored`)
  line('  an entry over HTTP', took)
  console.log(`  notices that came after their answer: ${lags.length} of ${took.length * FOLLOWERS} (the others came before it)${lags.length > 0 ? `, p95 ${share(lags, 0.95)} ms after` : ''}`)
}

async function longJob(): Promise<void> {
  const jobId = v7()
  await addJob(sql, { id: jobId, machineId: null, revision: null })
  const { device, cookie } = await tablet()
  const ids: string[] = []
  for (let i = 0; i < LONG; i += 100) {
    const batch = Array.from({ length: 100 }, (_, k) => (i + k === 0
      ? { id: v7(), jobId, base: 0, at: Date.now(), by: PERSON, device, kind: 'job-opened', v: 1, body: { number: '1', machine: { name: 'long', fullVolts: 58.8 }, complaint: 'x' } }
      : note(jobId, device, `n${i + k}`)))
    ids.push(...batch.map((e) => (e as { id: string }).id))
    await append(sql, jobId, batch.map((entry) => ({ ok: true as const, entry: entry as never })), PERSON, Date.now)
  }
  const timed = async (work: () => Promise<unknown>, times = 15): Promise<number[]> => {
    const ms: number[] = []
    for (let i = 0; i < times; i++) {
      const began = performance.now()
      await work()
      ms.push(performance.now() - began)
    }
    return ms
  }
  console.log(`A job of ${LONG.toLocaleString('en-GB')} entries, over HTTP:`)
  line('  append', await timed(() => post(jobId, cookie, [note(jobId, device, 'more')])))
  let n = LONG - 5
  const strike = (target: string): Promise<unknown> => post(jobId, cookie, [{ id: v7(), jobId, base: 0, at: Date.now(), by: PERSON, device, kind: 'struck', v: 1, body: { target } }])
  line('  cross out one of the last', await timed(() => strike(ids[(n -= 3)]!)))
  line('  cross out one in the middle', await timed(() => strike(ids[(n = n > 6_000 ? 5_900 : n - 7)]!), 5))
  line('  page', await timed(async () => (await fetch(`${world.url()}/jobs/${jobId}`, { headers: { cookie } })).text(), 5))
  line('  read on from the last', await timed(async () => (await fetch(`${world.url()}/api/jobs/${jobId}/entries?after=${LONG}`, { headers: { cookie } })).json()))
}

try {
  await minute()
  await longJob()
} finally {
  await sql.end()
  await world.close()
  cluster.stop()
}
// Streams that were left may hold the process.
process.exit(process.exitCode ?? 0)
