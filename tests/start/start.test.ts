import { type ChildProcess, execFileSync, spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import https from 'node:https'
import net from 'node:net'
import os from 'node:os'
import path from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'

const ROOT = path.resolve(import.meta.dirname, '..', '..')
const BASE = path.join(ROOT, '.data')
const folders: string[] = []
const running = new Set<ChildProcess>()

/** A shop's own data folder, made and removed here. */
function shop(): string {
  const folder = mkdtempSync(path.join(BASE, 'start test '))
  execFileSync('chmod', ['711', folder])
  folders.push(folder)
  return folder
}

interface Start {
  readonly child: ChildProcess
  readonly text: () => string
  /** The address, once it is ready; rejects with what was printed when it ends before. */
  readonly url: Promise<string>
  readonly ended: Promise<number | null>
}

function start(data: string, env: Record<string, string> = {}): Start {
  const { DATABASE_URL: _, ...rest } = process.env
  const child = spawn(process.execPath, [path.join(ROOT, 'scripts/start.mjs')], {
    cwd: ROOT,
    env: { ...rest, NAILSMITH_DATA: data, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  running.add(child)
  let text = ''
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => (running.delete(child), resolve(code))))
  const url = new Promise<string>((resolve, reject) => {
    const look = (chunk: Buffer): void => {
      text += chunk.toString()
      const found = /ready: (http\S+)/.exec(text)
      if (found) resolve(found[1]!)
    }
    child.stdout!.on('data', look)
    child.stderr!.on('data', look)
    void ended.then(() => reject(new Error(text)))
  })
  url.catch(() => undefined)
  return { child, text: () => text, url, ended }
}

async function stop(s: Start): Promise<void> {
  s.child.kill('SIGTERM')
  await s.ended
}

const health = async (url: string) => (await (await fetch(`${url}/api/health`)).json()) as { ready: boolean; pid: number }
const lives = (pid: number): boolean =>
  existsSync(`/proc/${pid}/status`) && !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'))
const databasePid = (data: string): number =>
  Number(execFileSync('cat', [path.join(data, 'pg', 'postmaster.pid')], { encoding: 'utf8' }).split('\n')[0])

async function occupy(port: number): Promise<() => Promise<void>> {
  const server = net.createServer()
  await new Promise<void>((resolve) => server.once('error', () => resolve()).listen(port, '127.0.0.1', resolve))
  return () => new Promise((resolve) => (server.listening ? server.close(() => resolve()) : resolve()))
}

afterAll(async () => {
  for (const child of running) child.kill('SIGTERM')
  await Promise.all([...running].map((child) => new Promise((resolve) => child.once('exit', resolve))))
  for (const folder of folders) rmSync(folder, { recursive: true, force: true })
})

describe('npm start', () => {
  const data = shop()
  let url = ''

  it('sets up, serves, and stops its database when it stops; the second time it is quick and on the same port', async () => {
    const first = start(data)
    url = await first.url
    const { pid } = await health(url)
    const database = databasePid(data)
    await stop(first)
    expect([lives(pid), lives(database)]).toEqual([false, false])
    const began = Date.now()
    const second = start(data)
    expect(await second.url).toBe(url)
    expect(second.text()).not.toMatch(/Building|Demo world loaded|Making/)
    expect(Date.now() - began).toBeLessThan(60_000)
    await stop(second)
  })

  it('clears away what a kill -9 of itself left: the app by its recorded pid, the database by its own file', async () => {
    const killed = start(data)
    await killed.url
    const left = await health(url)
    killed.child.kill('SIGKILL')
    await killed.ended
    expect(lives(left.pid)).toBe(true)
    const again = start(data)
    expect(await again.url).toBe(url)
    expect(lives(left.pid)).toBe(false)
    const database = databasePid(data)
    await stop(again)
    expect(lives(database)).toBe(false)
  })

  it('takes over from a start that still runs, its database with it', async () => {
    const first = start(data)
    await first.url
    const second = start(data)
    expect(await second.url).toBe(url)
    expect(await first.ended).toBe(0)
    expect((await health(url)).ready).toBe(true)
    await stop(second)
  })

  it('says so and ends when the app is killed; starts again after PostgreSQL was killed too', async () => {
    const s = start(data)
    await s.url
    const database = databasePid(data)
    process.kill(database, 'SIGKILL')
    process.kill((await health(url).catch(() => null))?.pid ?? JSON.parse(readFileSync(path.join(data, 'app.json'), 'utf8')).pid, 'SIGKILL')
    expect(await s.ended).toBe(1)
    expect(s.text()).toMatch(/The app ended .* Start again with npm start/)
    const again = start(data)
    expect(await again.url).toBe(url)
    expect((await health(url)).ready).toBe(true)
    await stop(again)
  })

  it('starts PostgreSQL again when it is killed under it, with a word, and goes on', async () => {
    const s = start(data)
    await s.url
    const before = databasePid(data)
    process.kill(before, 'SIGKILL')
    await expect.poll(() => s.text(), { timeout: 40_000 }).toMatch(/The database is back; nothing acknowledged is lost/)
    expect(databasePid(data)).not.toBe(before)
    await expect.poll(async () => (await health(url).catch(() => ({ ready: false }))).ready, { timeout: 20_000 }).toBe(true)
    await stop(s)
  })

  it('keeps a shop in one file beside its running, and puts it back; what was written since is told to be missing', async () => {
    const run = (...args: string[]) =>
      spawnSync(process.execPath, [path.join(ROOT, 'scripts/shop.mjs'), ...args], {
        cwd: ROOT,
        encoding: 'utf8',
        env: { ...process.env, NAILSMITH_DATA: data },
      })
    const file = path.join(data, 'kept.backup')
    const s = start(data)
    await s.url
    const kept = run('backup', file)
    expect(kept.stdout + kept.stderr).toMatch(/Backup written/)
    expect(run('restore', file)).toMatchObject({ status: 1, stderr: expect.stringMatching(/Stop it first/) })
    expect((await health(url)).ready).toBe(true)
    await stop(s)
    expect(run('backup', file)).toMatchObject({ status: 1, stderr: expect.stringMatching(/never written over/) })
    const back = run('restore', file)
    expect(back.stdout + back.stderr).toMatch(/Put back from .*: \d{3} entries\. What was here before is kept/)
    const out = path.join(data, 'out')
    expect(run('export', out).stdout).toMatch(/16 jobs, \d+ entries, 0 photos; every hash agrees/)
    expect(run('export', out)).toMatchObject({ status: 1, stderr: expect.stringMatching(/not empty/) })
    const again = start(data)
    expect(await again.url).toBe(url)
    await stop(again)
  })

  it('takes the demo people away when the same data is started as a real shop', async () => {
    const s = start(data, { NAILSMITH_DEMO: '0' })
    await s.url
    expect(s.text()).toMatch(/5 people of the demo world are struck off/)
    await expect.poll(() => s.text()).toMatch(/first lead signs in once by this link/)
    await stop(s)
  })

  it('does not move to another port by itself, since the outbox belongs to the old one', async () => {
    const free = await occupy(Number(new URL(url).port))
    const s = start(data)
    expect(await s.ended).toBe(1)
    expect(s.text()).toMatch(new RegExp(`Port ${new URL(url).port} is taken by another program[^]*NAILSMITH_PORT`))
    await free()
  })

  it('takes another port on the very first start, and prints a one-time link for an empty shop', async () => {
    const free = await occupy(4310)
    const s = start(shop(), { NAILSMITH_DEMO: '0' })
    const address = await s.url
    expect(new URL(address).port).not.toBe('4310')
    await expect.poll(() => s.text()).toMatch(/first lead signs in once by this link: http\S+\/first\?token=\S{40,}/)
    await stop(s)
    await free()
  })

  it('opens a TLS listener for the shop’s network, and says what is wrong with a bad certificate', async () => {
    const folder = shop()
    const [cert, key] = ['cert.pem', 'key.pem'].map((f) => path.join(folder, f)) as [string, string]
    execFileSync(
      'openssl',
      ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-keyout', key, '-out', cert, '-days', '2', '-subj', '/CN=127.0.0.1'],
      { stdio: 'ignore' },
    )
    const port = await new Promise<number>((resolve) => {
      const probe = net.createServer().listen(0, '127.0.0.1', () => {
        const { port: p } = probe.address() as net.AddressInfo
        probe.close(() => resolve(p))
      })
    })
    const s = start(folder, {
      NAILSMITH_HOST: '127.0.0.1',
      NAILSMITH_TLS_CERT: cert,
      NAILSMITH_TLS_KEY: key,
      NAILSMITH_TLS_PORT: String(port),
    })
    await s.url
    await expect.poll(() => s.text()).toMatch(/Tablets on the shop/)
    const status = await new Promise<number>((resolve, reject) => {
      https
        .get({ host: '127.0.0.1', port, path: '/api/health', rejectUnauthorized: false }, (r) => resolve(r.resume().statusCode ?? 0))
        .on('error', reject)
    })
    expect(status).toBe(200)
    await stop(s)
    const bad = start(folder, {
      NAILSMITH_HOST: '127.0.0.1',
      NAILSMITH_TLS_CERT: key,
      NAILSMITH_TLS_KEY: path.join(os.tmpdir(), 'nothing-here.pem'),
    })
    expect(await bad.ended).toBe(1)
    expect(bad.text()).toMatch(/certificate or key cannot be used/)
  })
})
