// Writes public/sw.js for the build that is there: what it keeps for use without a network, by name.
import { createHash } from 'node:crypto'
import { mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { ROOT, say } from './lib/shell.mjs'

const KEPT = /\.(js|css|woff2)$/
const staticDir = path.join(ROOT, '.next', 'static')

function files(dir) {
  return readdirSync(dir).flatMap((name) => {
    const full = path.join(dir, name)
    return statSync(full).isDirectory() ? files(full) : [full]
  })
}

/** Pages that open without a network: their scripts are kept. Others need the server anyway. */
const OFFLINE = [path.join('jobs', '[id]'), '']

/** Scripts that only pages which need the server ask for. What no page names itself (workers, parts loaded later) is kept. */
function onlyOnline() {
  const app = path.join(ROOT, '.next', 'server', 'app')
  const named = files(app)
    .filter((f) => f.endsWith('page_client-reference-manifest.js'))
    .map((f) => ({
      offline: OFFLINE.includes(path.relative(app, path.dirname(f))),
      chunks: [...readFileSync(f, 'utf8').matchAll(/static\/(chunks\/[^"\\]+\.js)/g)].map((m) => path.join(staticDir, m[1])),
    }))
  const needed = new Set(named.filter((p) => p.offline).flatMap((p) => p.chunks))
  if (needed.size === 0)
    throw new Error('The build names no script of the job page: what is kept for use without a network cannot be told.')
  return new Set(
    named
      .filter((p) => !p.offline)
      .flatMap((p) => p.chunks)
      .filter((f) => !needed.has(f)),
  )
}

function keptFiles() {
  const online = onlyOnline()
  return files(staticDir)
    .filter((f) => KEPT.test(f) && !online.has(f))
    .sort()
}

export function writeServiceWorker() {
  const wanted = keptFiles()
  const urls = wanted.map((f) => `/_next/static/${path.relative(staticDir, f).split(path.sep).join('/')}`)
  const template = readFileSync(path.join(ROOT, 'src', 'client', 'service-worker.js'), 'utf8')
  const version = createHash('sha256').update(urls.join('\n')).update(template).digest('hex').slice(0, 12)
  mkdirSync(path.join(ROOT, 'public'), { recursive: true })
  writeFileSync(
    path.join(ROOT, 'public', 'sw.js'),
    template.replace('__VERSION__', version).replace('/* __PRECACHE__ */ []', JSON.stringify(urls)),
  )
  say(precacheLine())
}

/** What the service worker keeps, in one line. */
export function precacheLine() {
  const wanted = keptFiles()
  const script = wanted.filter((f) => f.endsWith('.js')).reduce((n, f) => n + gzipSync(readFileSync(f)).length, 0)
  const all = wanted.reduce((n, f) => n + statSync(f).size, 0)
  return `Service worker keeps ${wanted.length} files, ${Math.round(all / 1000)} kB (script ${Math.round(script / 1000)} kB gzipped).`
}
