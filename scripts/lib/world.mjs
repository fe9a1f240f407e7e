// A demo world of its own for a test: a fresh database on a cluster, the built app on a free port, and ways to break both.
import { randomBytes } from 'node:crypto'
import { spawnSync } from 'node:child_process'
import { rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { getJson, spawnApp, waitReady } from './app.mjs'
import { freePort, ROOT } from './shell.mjs'

/** Brings a database to the newest shape and fills it; what the script said. */
function setUp(databaseUrl, demo) {
  const setup = spawnSync(process.execPath, [path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'), path.join(ROOT, 'scripts/setup.ts')], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: databaseUrl, NAILSMITH_DEMO: demo ? '1' : '0' },
  })
  if (setup.status !== 0) throw new Error(`setup failed: ${setup.stderr}`)
  return setup.stdout
}

/** The demo world of a cluster, filled once and copied for each world. */
const demos = new WeakMap()
function demoOf(cluster) {
  if (!demos.has(cluster)) {
    const name = `demo_${randomBytes(5).toString('hex')}`
    setUp(cluster.ensureDatabase(name), true)
    demos.set(cluster, name)
  }
  return demos.get(cluster)
}

export class World {
  constructor(cluster) {
    this.cluster = cluster
    this.name = `world_${randomBytes(5).toString('hex')}`
  }

  async open({ demo = true, env = {} } = {}) {
    this.env = env
    if (demo) {
      this.databaseUrl = this.cluster.ensureDatabase(this.name, demoOf(this.cluster))
      this.tool('psql', ['-q', '-d', this.name, '-c', 'update history set id = gen_random_uuid(), since = now()'])
    } else {
      this.databaseUrl = this.cluster.ensureDatabase(this.name)
      this.token = /^FIRST-LEAD (\S+)$/m.exec(setUp(this.databaseUrl, false))?.[1] ?? null
    }
    this.demo = demo
    this.port = await freePort()
    await this.start()
    return this
  }

  url() {
    return `http://127.0.0.1:${this.port}`
  }

  async start() {
    if (this.child && this.child.exitCode === null && this.child.signalCode === null) return
    // The port of the cluster may have changed with a restart of it.
    this.databaseUrl = this.cluster.url(this.name)
    this.child = spawnApp({
      port: this.port,
      databaseUrl: this.databaseUrl,
      stdio: 'ignore',
      env: { NAILSMITH_DEMO: this.demo ? '1' : '0', ...this.env },
    })
    await waitReady(this.port, this.child)
  }

  async stop(signal = 'SIGTERM') {
    const child = this.child
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    const gone = new Promise((resolve) => child.once('exit', resolve))
    child.kill(signal)
    const late = setTimeout(() => child.kill('SIGKILL'), 8_000)
    await gone
    clearTimeout(late)
  }

  tool(name, args) {
    const url = new URL(this.cluster.url(this.name))
    const done = spawnSync(path.join(this.cluster.bin, name), ['-h', url.hostname, '-p', url.port, '-U', url.username, ...args], {
      encoding: 'utf8',
      env: { ...process.env, PGPASSWORD: url.password },
    })
    if (done.status !== 0) throw new Error(`${name}: ${done.stderr}`)
  }

  /** Keeps the shop as it is now. */
  backup() {
    this.kept = path.join(os.tmpdir(), `${this.name}.backup`)
    this.tool('pg_dump', ['-Fc', '-d', this.name, '-f', this.kept])
  }

  /** Puts the shop back to where it was kept, as `npm run restore` does, and starts it. */
  async restore() {
    await this.stop('SIGKILL')
    this.tool('psql', ['-q', '-d', 'postgres', '-c', `drop database ${this.name} with (force)`, '-c', `create database ${this.name}`])
    this.tool('pg_restore', ['--no-owner', '-d', this.name, this.kept])
    this.tool('psql', ['-q', '-d', this.name, '-c', 'update history set id = gen_random_uuid(), since = now()'])
    rmSync(this.kept, { force: true })
    await this.start()
  }

  health() {
    return getJson(this.port, '/api/health')
  }

  async close() {
    await this.stop('SIGKILL')
  }
}
