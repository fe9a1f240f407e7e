// Building the app and running it as a child process.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import path from 'node:path'
import { spawn } from 'node:child_process'
import { alive, DATA, ensureDir, freePort, portFree, ROOT, run, say, sleep, sourceFingerprint, startedAt, waitGone } from './shell.mjs'

const QUIET = { NEXT_TELEMETRY_DISABLED: '1' }

/** Builds when a source has changed since the last build. */
export async function ensureBuild() {
  const stamp = path.join(ROOT, '.next', 'built-from')
  const wanted = sourceFingerprint()
  const built = existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted && existsSync(path.join(ROOT, 'public', 'sw.js'))
  if (built) return false
  say('Building …')
  rmSync(stamp, { force: true })
  run(process.execPath, [path.join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
    env: { ...QUIET, NODE_ENV: 'production' },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const { writeServiceWorker } = await import('../precache.mjs')
  writeServiceWorker()
  writeFileSync(stamp, wanted)
  return true
}

/** Where the app with marked words is built, from the project's root. */
const MARKED = path.relative(ROOT, path.join(DATA, 'marked'))
/** What makes Next build, and start, that app. */
export const MARKED_ENV = { NAILSMITH_MARKED_DIR: MARKED }

/** Builds the app with every text of `src/words` marked, beside the real one. */
export function buildMarked() {
  const dir = path.join(ROOT, MARKED)
  rmSync(dir, { recursive: true, force: true })
  ensureDir(dir)
  writeFileSync(`${dir}.tsconfig.json`, JSON.stringify({ extends: path.relative(path.dirname(dir), path.join(ROOT, 'tsconfig.json')) }))
  run(process.execPath, [path.join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
    env: { ...QUIET, NODE_ENV: 'production', ...MARKED_ENV },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
}

/** Runs a TypeScript script of ours by the pinned tsx. */
export function runTs(script, args = [], env = {}) {
  run(process.execPath, [path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'), path.join(ROOT, script), ...args], { env })
}

/** Starts the built app. The child is Next itself, so that its pid is the app's. */
export function spawnApp({ port, databaseUrl, env = {}, stdio = 'inherit' }) {
  return spawn(process.execPath, [path.join(ROOT, 'node_modules/next/dist/bin/next'), 'start', '-p', String(port), '-H', '127.0.0.1'], {
    cwd: ROOT,
    stdio: ['ignore', stdio, stdio],
    env: { ...process.env, ...QUIET, NODE_ENV: 'production', HOSTNAME: '127.0.0.1', DATABASE_URL: databaseUrl, ...env },
  })
}

export function getJson(port, pathname) {
  return new Promise((resolve) => {
    const request = http.get({ host: '127.0.0.1', port, path: pathname, timeout: 2_000 }, (response) => {
      let text = ''
      response.on('data', (chunk) => (text += chunk))
      response.on('end', () => {
        try {
          resolve({ status: response.statusCode, body: JSON.parse(text) })
        } catch {
          resolve({ status: response.statusCode, body: null })
        }
      })
    })
    request.on('error', () => resolve(null))
    request.on('timeout', () => request.destroy())
  })
}

export async function waitReady(port, child, ms = 60_000) {
  const until = Date.now() + ms
  while (Date.now() < until) {
    if (child && child.exitCode !== null) throw new Error(`the app ended with ${child.exitCode} before it was ready`)
    const health = await getJson(port, '/api/health')
    if (health?.status === 200) return health.body
    await sleep(150)
  }
  throw new Error('the app did not become ready in time')
}

const record = () => path.join(DATA, 'app.json')

export function recordApp(pid, port) {
  ensureDir(DATA)
  writeFileSync(
    record(),
    JSON.stringify({ pid, port, startedAt: startedAt(pid), starter: process.pid, starterAt: startedAt(process.pid) }),
    { mode: 0o600 },
  )
}

export function forgetApp() {
  if (!existsSync(record())) return
  const known = JSON.parse(readFileSync(record(), 'utf8'))
  if (known.starter !== process.pid) return
  writeFileSync(record(), JSON.stringify({ port: known.port }), { mode: 0o600 })
}

function known() {
  return existsSync(record()) ? JSON.parse(readFileSync(record(), 'utf8')) : null
}

/**
 * Ends an earlier start of the same shop, before its database is touched: the start itself, which stops its app and its database;
 * or, where that was killed, the app that it left. Both are known by recorded pid and time of birth, never by name.
 */
export async function endEarlier() {
  const earlier = known()
  if (!earlier) return
  const still = (pid, born) => pid && pid !== process.pid && alive(pid) && born === startedAt(pid)
  if (still(earlier.starter, earlier.starterAt)) {
    say(`Ending an earlier start (pid ${earlier.starter}) …`)
    process.kill(earlier.starter, 'SIGTERM')
    await waitGone(earlier.starter, 20_000)
  }
  if (still(earlier.pid, earlier.startedAt)) {
    say(`Ending what is left of an earlier start (pid ${earlier.pid}) …`)
    process.kill(earlier.pid, 'SIGTERM')
    if (!(await waitGone(earlier.pid, 8_000))) {
      process.kill(earlier.pid, 'SIGKILL')
      await waitGone(earlier.pid, 4_000)
    }
  }
}

/** The port is remembered, since the outbox belongs to its origin; another is taken on the first start only. */
export async function choosePort(preferred) {
  const port = known()?.port
  if (port) {
    for (let i = 0; i < 20 && !(await portFree(port)); i++) await sleep(250)
    if (await portFree(port)) return port
    throw new Error(
      `Port ${port} is taken by another program. What tablets have not sent yet belongs to this port, so no other is taken by itself.\n` +
        `End that program, or start with NAILSMITH_PORT=<another port> to move on purpose.`,
    )
  }
  return (await portFree(preferred)) ? preferred : freePort()
}
