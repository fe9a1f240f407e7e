// Does all set-up and runs everything: types, lint, form, dead code, import arrows, unit, database and browser tests, sizes, starting and stopping,
// and a short kill test.
// The last line is `N passed, N failed`.
import { spawn } from 'node:child_process'
import { rmSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..')
process.env.NAILSMITH_DATA = path.join(ROOT, '.data', 'test')
process.env.NEXT_TELEMETRY_DISABLED = '1'
// A database of the shop's own is never touched by tests.
delete process.env.DATABASE_URL

const { ensureDir, installModules, say, spawnSync, readFileSync, existsSync } = await import('./lib/shell.mjs')
const only = process.argv.slice(2)
const wanted = (name) => only.length === 0 || only.includes(name)

let passed = 0
let failed = 0
const broken = []

function part(name, work) {
  return async () => {
    if (!wanted(name)) return
    const started = Date.now()
    say(`\n── ${name}`)
    let result
    try {
      result = (await work()) ?? { passed: 1, failed: 0 }
    } catch (error) {
      console.error(error.message ?? error)
      result = { passed: 0, failed: 1 }
    }
    passed += result.passed
    failed += result.failed
    if (result.failed > 0) broken.push(name)
    say(`── ${name}: ${result.passed} passed, ${result.failed} failed, ${((Date.now() - started) / 1000).toFixed(0)} s`)
  }
}

function node(script, args = [], env = {}) {
  const result = spawnSync(process.execPath, [path.join(ROOT, script), ...args], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  })
  if (result.status !== 0) throw new Error(`${script} ${args.join(' ')} ended with ${result.status ?? result.signal}`)
}

/** Scripts one after the other, beside whatever else runs; what they said is told together, and only where one of them failed. */
async function quietly(scripts) {
  for (const [script, ...args] of scripts) {
    const child = spawn(process.execPath, [path.join(ROOT, script), ...args], { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    const said = []
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => said.push(d))
    const code = await new Promise((resolve) => child.on('close', resolve))
    if (code !== 0) throw new Error(`${Buffer.concat(said)}\n${script} ${args.join(' ')} ended with ${code}`)
  }
}

/** What is looked at without running the app. Imports are looked at by themselves: that plants faults in the source. */
const STATIC = [
  [
    'types',
    [
      ['node_modules/next/dist/bin/next', 'typegen'],
      ['node_modules/typescript-native/bin/tsc', '--noEmit', '-p', '.'],
    ],
  ],
  ['lint', [['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0']]],
  ['form', [['node_modules/oxfmt/bin/oxfmt', '--check']]],
  ['dead', [['node_modules/knip/bin/knip.js', '--no-config-hints']]],
]

/** Runs Vitest and counts what it ran; a run that ran nothing has failed. What it said is told at its end, so that two can run side by side. */
async function vitest(projects, env = {}) {
  const project = projects[0]
  const out = path.join(process.env.NAILSMITH_DATA, `vitest-${project}.json`)
  rmSync(out, { force: true })
  const script = path.join(ROOT, 'node_modules/vitest/vitest.mjs')
  const child = spawn(
    process.execPath,
    [script, 'run', ...projects.flatMap((name) => ['--project', name]), '--reporter=default', '--reporter=json', `--outputFile=${out}`],
    { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, ...env } },
  )
  const said = []
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => said.push(d))
  const code = await new Promise((resolve) => child.on('close', resolve))
  process.stdout.write(Buffer.concat(said))
  if (!existsSync(out)) return { passed: 0, failed: 1 }
  const report = JSON.parse(readFileSync(out, 'utf8'))
  const bad = report.numFailedTests + (report.numFailedTests === 0 && (code !== 0 || report.numPassedTests === 0) ? 1 : 0)
  return { passed: report.numPassedTests, failed: bad }
}

ensureDir(process.env.NAILSMITH_DATA)
installModules()
const { installChromium } = await import('./lib/chromium.mjs')
installChromium('the browser tests drive it')
const { Cluster } = await import('./lib/postgres.mjs')
const { ensureBuild } = await import('./lib/app.mjs')

const cluster = new Cluster('pg')
let stopping = false
const stop = () => {
  if (stopping) return
  stopping = true
  cluster.stop()
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => (stop(), process.exit(1)))

try {
  await part('arrows', () => node('scripts/arrows.mjs'))()
  // None gets in another's way, and the longest of what is only looked at holds one core.
  await Promise.all([...STATIC.map(([name, scripts]) => part(name, () => quietly(scripts))()), part('unit', () => vitest(['unit']))()])
  let databaseUrl = null
  if (['database', 'browser', 'kill', 'sizes'].some(wanted)) databaseUrl = await cluster.start()
  const built = ['build', 'browser', 'kill', 'sizes', 'start'].some(wanted)
  // A part run by itself is run on the source as it is, too.
  if (built) await (wanted('build') ? part('build', () => ensureBuild().then(() => undefined))() : ensureBuild())
  const { browserTests } = await import('./lib/browser-tests.mjs')
  const { killTest } = await import('./lib/kill-test.mjs')
  const { sizes } = await import('./lib/sizes.mjs')
  // Starting waits half of its time, and has a PostgreSQL of its own, as the kill test has; sizes are no times.
  await Promise.all([
    part('start', () => vitest(['start']))(),
    part('database', () => vitest(['database', 'apart'], { DATABASE_URL: databaseUrl }))()
      .then(part('sizes', () => sizes(cluster)))
      .then(part('kill', () => killTest({ appKills: 4, databaseKills: 2 }))),
  ])
  await part('browser', () => browserTests(cluster))()
} catch (error) {
  console.error(error)
  failed += 1
} finally {
  stop()
}
if (broken.length > 0) say(`\nBroken: ${broken.join(', ')}`)
say(`\n${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
