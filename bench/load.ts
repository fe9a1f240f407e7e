// The shop under load, over HTTP on the production build: sixteen writers and fifty followers for a minute, and a job of ten thousand
// entries. Addresses of this machine only; every loop ends by itself.
import http from 'node:http'
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
const share = (list: readonly number[], p: number): string =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * p))]!.toFixed(1)
const line = (name: string, ms: readonly number[]): void =>
  console.log(`${name}: ${ms.length}, median ${share(ms, 0.5)} ms, p95 ${share(ms, 0.95)} ms, longest ${share(ms, 1)} ms`)

/** Plain requests over kept connections: a browser's `fetch` in this process would take as much of the two cores as the shop does. */
const agent = new http.Agent({ keepAlive: true, maxSockets: 128 })
function ask(method: string, pathname: string, cookie: string, body?: string): Promise<{ readonly status: number; readonly text: string }> {
  return new Promise((resolve, reject) => {
    const headers = { 'content-type': 'application/json', origin: world.url(), cookie, 'x-nailsmith-build': '12' }
    const request = http.request(`${world.url()}${pathname}`, { method, agent, headers }, (response) => {
      let text = ''
      response
        .setEncoding('utf8')
        .on('data', (chunk: string) => (text += chunk))
        .on('end', () => resolve({ status: response.statusCode ?? 0, text }))
    })
    request.on('error', reject)
    request.end(body)
  })
}

const post = async (
  jobId: string,
  cookie: string,
  entries: readonly object[],
): Promise<{
  readonly status: number
  readonly body: { readonly answers?: readonly { readonly status: string; readonly seq?: number }[] }
}> => {
  const { status, text } = await ask('POST', `/api/jobs/${jobId}/entries`, cookie, JSON.stringify(entries))
  return { status, body: JSON.parse(text) as never }
}
const note = (jobId: string, device: string, text: string): object => ({
  id: v7(),
  jobId,
  base: 0,
  at: Date.now(),
  by: PERSON,
  device,
  kind: 'note-added',
  v: 1,
  body: { text },
})

/**
 * Sixteen writers on so many jobs, and followers who each look at one of them; each reads on when it is told something, one read at
 * a time.
 */
async function minute(jobCount: number, followerCount: number, together = 1): Promise<void> {
  const jobs = Array.from({ length: jobCount }, () => v7())
  for (const id of jobs) await addJob(sql, { id, machineId: null, revision: null })
  const heard = new Map<string, number>()
  const lags: number[] = []
  let [reads, came] = [0, 0]
  const stop = new AbortController()
  const followers = await Promise.all(
    Array.from({ length: followerCount }, async (_, f) => {
      const { cookie } = await tablet()
      const watched = jobs[f % jobs.length]!
      let [seen, reading] = [0, false]
      const readOn = async (): Promise<void> => {
        if (reading) return
        reading = true
        const response = await ask('GET', `/api/jobs/${watched}/entries?after=${seen}`, cookie).catch(() => null)
        if (response?.status === 200) {
          reads += 1
          seen = (JSON.parse(response.text) as { lastSeq: number }).lastSeq
        }
        reading = false
      }
      const response = await fetch(`${world.url()}/api/events?jobs=${watched}`, { headers: { cookie }, signal: stop.signal })
      // In an object, so that what is waited for here is the opening and not the end.
      const heardOut = (async () => {
        let text = ''
        try {
          for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
            text += new TextDecoder().decode(chunk)
            for (const told of text.split('\n').slice(0, -1)) {
              const at = told.startsWith('data: ') ? heard.get(told.slice(6)) : undefined
              if (at !== undefined) lags.push(performance.now() - at)
              if (/^data: [0-9a-f-]{36}:/.test(told)) void readOn()
              if (told.startsWith('data: {')) {
                const { entries } = JSON.parse(told.slice(6)) as { entries: { jobId: string; seq: number }[] }
                came += entries.length
                const at = heard.get(`${entries.at(-1)?.jobId}:${entries.at(-1)?.seq}`)
                if (at !== undefined) lags.push(performance.now() - at)
              }
            }
            text = text.slice(text.lastIndexOf('\n') + 1)
          }
        } catch {
          // Stopped below.
        }
      })()
      return { heardOut }
    }),
  )
  const took: number[] = []
  let refused = 0
  const until = performance.now() + SECONDS * 1000
  await Promise.all(
    Array.from({ length: WRITERS }, async (_, w) => {
      const { device, cookie } = await tablet()
      for (let i = 0; performance.now() < until; i++) {
        const jobId = jobs[w % jobs.length]!
        const began = performance.now()
        const { status, body } = await post(
          jobId,
          cookie,
          Array.from({ length: together }, (_, k) => note(jobId, device, `${w}.${i}.${k}`)),
        )
        took.push(performance.now() - began)
        const seq = body.answers?.at(-1)?.seq
        if (status !== 200 || seq === undefined) refused += 1
        else heard.set(`${jobId}:${seq}`, performance.now())
      }
    }),
  )
  await new Promise((resolve) => setTimeout(resolve, 1_000))
  stop.abort()
  await Promise.race([Promise.all(followers.map((f) => f.heardOut)), new Promise((resolve) => setTimeout(resolve, 2_000))])
  console.log(
    `${WRITERS} writers on ${jobCount} ${jobCount === 1 ? 'job' : 'jobs'} and ${followerCount} followers, to whom ${came} entries came and who read on ${reads} times, for ${SECONDS} s: ${together} a request: ${((took.length * together) / SECONDS).toFixed(0)} entries a second, ${refused} not stored`,
  )
  line('  a request over HTTP', took)
  line(
    '  of them within 200 ms',
    took.filter((ms) => ms <= 200),
  )
  if (lags.length > 0) console.log(`  told, after the answer: p95 ${share(lags, 0.95)} ms`)
}

async function longJob(): Promise<void> {
  const jobId = v7()
  await addJob(sql, { id: jobId, machineId: null, revision: null })
  const { device, cookie } = await tablet()
  const ids: string[] = []
  for (let i = 0; i < LONG; i += 100) {
    const batch = Array.from({ length: 100 }, (_, k) =>
      i + k === 0
        ? {
            id: v7(),
            jobId,
            base: 0,
            at: Date.now(),
            by: PERSON,
            device,
            kind: 'job-opened',
            v: 1,
            body: { number: '1', machine: { name: 'long', fullVolts: 58.8 }, complaint: 'x' },
          }
        : note(jobId, device, `n${i + k}`),
    )
    ids.push(...batch.map((e) => (e as { id: string }).id))
    await append(
      sql,
      jobId,
      batch.map((entry) => ({ ok: true as const, entry: entry as never })),
      PERSON,
      Date.now,
    )
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
  const strike = (target: string): Promise<unknown> =>
    post(jobId, cookie, [{ id: v7(), jobId, base: 0, at: Date.now(), by: PERSON, device, kind: 'struck', v: 1, body: { target } }])
  line('  cross out one of the last', await timed(() => strike(ids[(n -= 3)]!)))
  line('  cross out one in the middle', await timed(() => strike(ids[(n = n > 6_000 ? 5_900 : n - 7)]!), 5))
  line('  page', await timed(async () => (await fetch(`${world.url()}/jobs/${jobId}`, { headers: { cookie } })).text(), 5))
  line(
    '  read on from the last',
    await timed(async () => (await fetch(`${world.url()}/api/jobs/${jobId}/entries?after=${LONG}`, { headers: { cookie } })).json()),
  )
}

/** What the way there costs alone: a question that is refused before anything is looked up. */
async function nothing(): Promise<void> {
  const until = performance.now() + 5_000
  let times = 0
  await Promise.all(
    Array.from({ length: WRITERS }, async () => {
      for (; performance.now() < until; times++) await ask('GET', `/api/jobs/${v4()}/entries`, '')
    }),
  )
  console.log(
    `A question that is refused at once, ${WRITERS} at a time: ${(times / 5).toFixed(0)} a second. No request is answered faster here.`,
  )
}

try {
  await nothing()
  await minute(1, 0)
  await minute(1, 0, 5)
  await minute(8, FOLLOWERS)
  await longJob()
} finally {
  await sql.end()
  await world.close()
  cluster.stop()
}
// Streams that were left may hold the process.
process.exit(process.exitCode ?? 0)
