import type { ChildProcess } from 'node:child_process'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v4, v7 } from 'uuid'
import { connect, type Sql } from '../../src/db/client'
import { addJob } from '../../src/db/jobs'
import { addDevice, addSession, setDeviceSecret } from '../../src/db/sessions'
import { newToken, tokenHash } from '../../src/server/secrets'
import { spawnApp, waitReady } from '../../scripts/lib/app.mjs'
import { Cluster } from '../../scripts/lib/postgres.mjs'
import { freePort } from '../../scripts/lib/shell.mjs'
import { World } from '../../scripts/lib/world.mjs'

interface Stored {
  readonly answers: readonly { readonly status: string; readonly seq?: number }[]
}

/** Two copies of the app over one database, as behind a proxy that sends each request to either. */
describe('two copies of the app on one PostgreSQL', () => {
  const cluster = new Cluster('copies')
  const PERSON = 'p-ines'
  let world: { databaseUrl: string; url(): string; close(): Promise<void> }
  let second: ChildProcess
  let sql: Sql
  const urls: string[] = []

  beforeAll(async () => {
    await cluster.start()
    world = await new World(cluster).open()
    const port = await freePort()
    second = spawnApp({ port, databaseUrl: world.databaseUrl, stdio: 'ignore', env: { NAILSMITH_DEMO: '1' } })
    await waitReady(port, second)
    urls.push(world.url(), `http://127.0.0.1:${port}`)
    sql = connect(world.databaseUrl, 2)
  }, 120_000)
  afterAll(async () => {
    await sql?.end()
    second?.kill('SIGKILL')
    await world?.close()
    cluster.stop()
  })

  async function tablet(): Promise<{ readonly device: string; readonly cookie: string }> {
    const [device, token, key] = [v4(), newToken(), newToken()]
    await addDevice(sql, device)
    await setDeviceSecret(sql, device, tokenHash(key), 'test')
    await addSession(sql, tokenHash(token), PERSON, device, 1)
    return { device, cookie: `nailsmith-session=${token}; nailsmith-device=${device}; nailsmith-key=${key}` }
  }
  const post = async (url: string, jobId: string, device: string, cookie: string, texts: readonly string[]): Promise<Stored> => {
    const entries = texts.map((text) => ({
      id: v7(),
      jobId,
      base: 0,
      at: Date.now(),
      by: PERSON,
      device,
      kind: 'note-added',
      v: 1,
      body: { text },
    }))
    const response = await fetch(`${url}/api/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url, cookie },
      body: JSON.stringify(entries),
    })
    expect(response.status).toBe(200)
    return (await response.json()) as Stored
  }
  const read = async (url: string, jobId: string, cookie: string) => {
    const response = await fetch(`${url}/api/jobs/${jobId}/entries?after=0`, { headers: { cookie } })
    return (await response.json()) as { lastSeq: number; chain: string; entries: readonly { seq: number; body: { text: string } }[] }
  }

  it('write to one job at once without a gap or a double, and read the same past', async () => {
    const jobId = v7()
    await addJob(sql, { id: jobId, machineId: null, revision: null })
    const writers = await Promise.all([tablet(), tablet(), tablet(), tablet()])
    const answers = await Promise.all(
      writers.flatMap(({ device, cookie }, w) =>
        Array.from({ length: 15 }, (_, i) => post(urls[(w + i) % 2]!, jobId, device, cookie, [`${w}.${i}.a`, `${w}.${i}.b`])),
      ),
    )
    const seqs = answers.flatMap((a) => a.answers.map((x) => x.seq!)).sort((a, b) => a - b)
    expect(seqs).toEqual(Array.from({ length: 120 }, (_, i) => i + 1))
    const [first, other] = await Promise.all(urls.map((url) => read(url, jobId, writers[0]!.cookie)))
    expect(first!.entries).toHaveLength(120)
    expect(other).toMatchObject({ lastSeq: 120, chain: first!.chain })
    expect(other!.entries).toEqual(first!.entries)
  })

  it('what is written at one is told to who follows at the other', async () => {
    const jobId = v7()
    await addJob(sql, { id: jobId, machineId: null, revision: null })
    const { device, cookie } = await tablet()
    const stop = new AbortController()
    const stream = await fetch(`${urls[1]}/api/events?jobs=${jobId}`, { headers: { cookie }, signal: stop.signal })
    const told = (async () => {
      let text = ''
      for await (const chunk of stream.body as unknown as AsyncIterable<Uint8Array>) {
        text += new TextDecoder().decode(chunk)
        if (text.includes('heard at the other')) return text
      }
      throw new Error(`the stream ended: ${text}`)
    })()
    await post(urls[0]!, jobId, device, cookie, ['heard at the other'])
    expect(await told).toContain(jobId)
    stop.abort()
  })

  it('one is killed: the other goes on, and nothing that was answered is lost', async () => {
    const jobId = v7()
    await addJob(sql, { id: jobId, machineId: null, revision: null })
    const { device, cookie } = await tablet()
    await post(urls[1]!, jobId, device, cookie, ['before'])
    second.kill('SIGKILL')
    await new Promise((resolve) => second.once('exit', resolve))
    await post(urls[0]!, jobId, device, cookie, ['after'])
    const { entries } = await read(urls[0]!, jobId, cookie)
    expect(entries.map((e) => e.body.text)).toEqual(['before', 'after'])
  })
})
