// During a stream of appends the app and PostgreSQL are killed without warning. Then: no acknowledged entry is lost, none is
// there twice, and no number is missing.
import { v4, v7 } from 'uuid'
import { connect } from '../src/db/client'
import { addJob } from '../src/db/jobs'
import { addDevice, addSession } from '../src/db/sessions'
import { newToken, tokenHash } from '../src/server/secrets'
import { Cluster } from './lib/postgres.mjs'
import { sleep, waitGone } from './lib/shell.mjs'
import { World } from './lib/world.mjs'

const JOBS = 4
const WRITERS = 6
const PERSON = 'p-ines'

interface Acknowledged {
  readonly id: string
  readonly jobId: string
  readonly seq: number
}

const [appKills = 70, databaseKills = 30] = process.argv.slice(2).map(Number)

const cluster = new Cluster('pg-kill')
await cluster.start()
const world = await new World(cluster).open()
const { token, device, jobs } = await prepare()

const acknowledged: Acknowledged[] = []
let attempts = 0
let running = true

async function prepare() {
  const sql = connect(world.databaseUrl, 1)
  const token = newToken()
  const device = v4()
  await addDevice(sql, device)
  await addSession(sql, tokenHash(token), PERSON, device, 1)
  const jobs = Array.from({ length: JOBS }, () => v7())
  for (const id of jobs) await addJob(sql, { id, machineId: null, revision: null })
  await sql.end()
  return { token, device, jobs }
}

/** Writes entry after entry to one job; one that was not acknowledged is sent again, the same, until it is. */
async function writer(n: number): Promise<void> {
  const jobId = jobs[n % JOBS]!
  for (let i = 0; running; i++) {
    const entry = { id: v7(), jobId, base: 0, at: Date.now(), by: PERSON, device, kind: 'note-added', v: 1, body: { text: `${n}.${i}` } }
    for (let sent = false; !sent;) {
      attempts += 1
      const answer = await post(jobId, entry)
      if (answer) {
        acknowledged.push({ id: entry.id, jobId, seq: answer.seq })
        sent = true
      } else await sleep(30)
    }
  }
}

async function post(jobId: string, entry: object): Promise<{ readonly seq: number } | null> {
  try {
    const response = await fetch(`${world.url()}/api/jobs/${jobId}/entries`, {
      method: 'POST',
      signal: AbortSignal.timeout(10_000),
      headers: {
        'content-type': 'application/json',
        origin: world.url(),
        cookie: `nailsmith-session=${token}; nailsmith-device=${device}`,
      },
      body: JSON.stringify([entry]),
    })
    if (!response.ok) return null
    const { answers } = (await response.json()) as { answers: { status: string; seq?: number; reason?: string }[] }
    const [answer] = answers
    if (answer?.status === 'refused') throw new RangeError(`refused: ${answer.reason}`)
    return answer?.seq === undefined ? null : { seq: answer.seq }
  } catch (error) {
    if (error instanceof RangeError) throw error
    return null
  }
}

/** Both kinds of kill, spread over each other in a fixed shuffle. */
function order(): ('app' | 'database')[] {
  const all = [...Array<'app'>(appKills).fill('app'), ...Array<'database'>(databaseKills).fill('database')]
  let seed = 20260318
  for (let i = all.length - 1; i > 0; i--) {
    seed = (seed * 1103515245 + 12345) % 2147483648
    const j = seed % (i + 1)
    ;[all[i], all[j]] = [all[j]!, all[i]!]
  }
  return all
}

/** So many entries are acknowledged between one kill and the next, at least. */
const A_KILL = 20
let least = Infinity
let sinceKill = 0

async function busy(): Promise<void> {
  while (acknowledged.length - sinceKill < A_KILL) await sleep(20)
}

async function kill(what: 'app' | 'database'): Promise<void> {
  least = Math.min(least, acknowledged.length - sinceKill)
  sinceKill = acknowledged.length
  if (what === 'app') {
    await world.stop('SIGKILL')
    await world.start()
    return
  }
  const pid = cluster.pid()
  if (pid) {
    process.kill(pid, 'SIGKILL')
    await waitGone(pid, 10_000)
  }
  await cluster.start()
}

async function verify(): Promise<string[]> {
  const sql = connect(cluster.url(world.name), 1)
  const faults: string[] = []
  for (const jobId of jobs) {
    const rows = await sql<{ id: string; seq: number }[]>`select id, seq from entries where job_id = ${jobId} order by seq`
    const [job] = await sql<{ lastSeq: number }[]>`select last_seq as "lastSeq" from jobs where id = ${jobId}`
    const at = new Map(rows.map((r) => [r.id, r.seq]))
    if (at.size !== rows.length) faults.push(`${jobId}: an entry is there twice`)
    rows.forEach((r, i) => r.seq !== i + 1 && faults.push(`${jobId}: number ${i + 1} is missing`))
    if (job?.lastSeq !== rows.length) faults.push(`${jobId}: last number ${job?.lastSeq}, ${rows.length} entries`)
    for (const a of acknowledged.filter((x) => x.jobId === jobId)) {
      if (at.get(a.id) !== a.seq) faults.push(`${a.id}: acknowledged as ${a.seq}, found as ${at.get(a.id) ?? 'nothing'}`)
    }
  }
  await sql.end()
  return faults
}

try {
  const writers = Array.from({ length: WRITERS }, (_, n) => writer(n))
  for (const what of order()) {
    await busy()
    await sleep(Math.random() * 300)
    await kill(what)
  }
  await sleep(300)
  running = false
  await Promise.all(writers)
  const faults = await verify()
  faults.slice(0, 20).forEach((f) => console.error(f))
  console.log(
    `Kill test: ${appKills} of the app, ${databaseKills} of PostgreSQL; ${acknowledged.length} entries acknowledged in ${attempts} tries, ${least} or more between two kills, ${faults.length} faults.`,
  )
  if (faults.length > 0 || acknowledged.length < A_KILL * (appKills + databaseKills)) process.exitCode = 1
} finally {
  running = false
  await world.close()
  cluster.stop()
}
