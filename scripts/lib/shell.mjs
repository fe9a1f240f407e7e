// Small helpers for the start-up scripts: plain Node, nothing installed yet.
import { execFileSync, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import net from 'node:net'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..', '..')
export const DATA = process.env.NAILSMITH_DATA ? path.resolve(process.env.NAILSMITH_DATA) : path.join(ROOT, '.data')

export const say = (text) => process.stdout.write(`${text}\n`)
export const isRoot = () => typeof process.getuid === 'function' && process.getuid() === 0

export function which(name) {
  const found = spawnSync('sh', ['-c', `command -v "${name}"`], { encoding: 'utf8' })
  return found.status === 0 ? found.stdout.trim() : null
}

/** Runs a command with its output shown; throws when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { stdio: 'inherit', cwd: ROOT, ...options, env: { ...process.env, ...options.env } })
  if (result.error) throw result.error
  if (result.status !== 0) throw new Error(`${path.basename(command)} ${args.join(' ')} ended with ${result.status ?? result.signal}`)
}

/** Installs Debian packages, as root or through sudo; with `update` the lists are read anew where one is not found. */
export function installPackages(names, why, { update = true } = {}) {
  const prefix = isRoot() ? [] : which('sudo') ? ['sudo', '-n'] : null
  if (!prefix) throw new Error(`${names.join(', ')} is missing (${why}). Install it, or give this user sudo, and start again.`)
  if (!which('apt-get')) throw new Error(`${names.join(', ')} is missing (${why}), and this machine has no apt-get to install it with.`)
  say(`Installing ${names.join(', ')} (${why}) …`)
  const apt = (args) => {
    const all = [...prefix, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]
    execFileSync(all[0], all.slice(1), { stdio: ['ignore', 'ignore', 'inherit'] })
  }
  try {
    apt(['install', '-y', '--no-install-recommends', ...names])
  } catch (error) {
    if (!update) throw error
    apt(['update'])
    apt(['install', '-y', '--no-install-recommends', ...names])
  }
}

/** npm packages, when the lock file has changed since they were last installed. */
export function installModules() {
  const lock = path.join(ROOT, 'package-lock.json')
  const stamp = path.join(ROOT, 'node_modules', '.installed-from')
  const wanted = createHash('sha256').update(readFileSync(lock)).update(process.version).digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Installing npm packages …')
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { env: { NEXT_TELEMETRY_DISABLED: '1' } })
  writeFileSync(stamp, wanted)
}

export async function portFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const server = net.createServer()
    server.once('error', () => resolve(false))
    server.listen({ port, host, exclusive: true }, () => server.close(() => resolve(true)))
  })
}

export async function freePort() {
  return new Promise((resolve, reject) => {
    const server = net.createServer()
    server.once('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address()
      server.close(() => resolve(port))
    })
  })
}

export const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms))

/** True while a process lives; a zombie counts as gone. */
export function alive(pid) {
  if (!pid) return false
  try {
    const status = readFileSync(`/proc/${pid}/status`, 'utf8')
    return !/^State:\s+Z/m.test(status)
  } catch {
    try {
      process.kill(pid, 0)
      return !existsSync('/proc/self')
    } catch (error) {
      return error.code === 'EPERM' && !existsSync('/proc/self')
    }
  }
}

/** When a process started, as the kernel counts; tells a recorded pid from a later process of the same number. */
export function startedAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19]
  } catch {
    return null
  }
}

export async function waitGone(pid, ms) {
  const until = Date.now() + ms
  while (alive(pid) && Date.now() < until) await sleep(100)
  return !alive(pid)
}

/** A fingerprint of everything that a build depends on. */
export function sourceFingerprint() {
  const hash = createHash('sha256').update(process.version)
  const list = spawnSync(
    'find',
    [
      'src',
      'package-lock.json',
      'next.config.ts',
      'postcss.config.mjs',
      'tsconfig.json',
      'scripts/precache.mjs',
      '-type',
      'f',
      '-not',
      '-name',
      '*.test.*',
    ],
    { cwd: ROOT, encoding: 'utf8' },
  )
  for (const file of list.stdout.split('\n').filter(Boolean).sort()) hash.update(file).update(readFileSync(path.join(ROOT, file)))
  return hash.digest('hex')
}

/** The user postgres has to pass through it; nothing in it that is secret can be read by others. */
export function ensureDir(dir, mode = 0o711) {
  mkdirSync(dir, { recursive: true, mode })
}

export { existsSync, readFileSync, spawnSync }
