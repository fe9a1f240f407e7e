// The browser tests: the production build, a demo world of its own, and a small control port by which a test can break the server.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import { availableParallelism } from 'node:os'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { spawn } from 'node:child_process'
import { freePort, ROOT } from './shell.mjs'
import { buildMarked, MARKED_ENV } from './app.mjs'
import { World } from './world.mjs'

const DEEDS = {
  '/stop': (world) => world.stop('SIGTERM'),
  '/kill': (world) => world.stop('SIGKILL'),
  '/start': (world) => world.start(),
  '/backup': async (world) => world.backup(),
  '/restore': (world) => world.restore(),
  '/restart': async (world) => (await world.stop('SIGKILL'), world.start()),
}

/** Browser tests run in this many workers, one for each core that is left and two at least; each has an app, a database and a clock of its own. */
const WORKERS = Math.min(4, Math.max(2, availableParallelism() - 1))

/** One worker's world, with a control port by which its tests can stop, kill and start the app and move its clock on. */
async function openBench(cluster, n) {
  const clock = path.join(process.env.NAILSMITH_DATA ?? path.join(ROOT, '.data'), `clock-ahead-${n}`)
  rmSync(clock, { force: true })
  let ahead = 0
  const world = await new World(cluster).open({
    env: { NAILSMITH_TEST_CLOCK: clock, NODE_OPTIONS: `--import=${pathToFileURL(path.join(ROOT, 'e2e/clock.mjs')).href}` },
  })
  const control = http.createServer((request, response) => {
    const later = /^\/later\/(\d+)$/.exec(request.url ?? '')
    if (later) {
      writeFileSync(clock, String((ahead += Number(later[1]))))
      return void setTimeout(() => response.writeHead(204).end(), 150)
    }
    const deed = DEEDS[request.url ?? '']
    if (!deed) return void response.writeHead(404).end()
    deed(world).then(
      () => response.writeHead(204).end(),
      (error) => response.writeHead(500).end(String(error)),
    )
  })
  const port = await freePort()
  await new Promise((resolve) => control.listen(port, '127.0.0.1', resolve))
  return {
    url: world.url(),
    control: `http://127.0.0.1:${port}`,
    database: world.databaseUrl,
    close: () => (control.close(), world.close()),
  }
}

/** Runs Playwright and counts what it ran; a run that ran nothing has failed. */
async function playwright(args, env) {
  const out = path.join(process.env.NAILSMITH_DATA ?? path.join(ROOT, '.data'), 'browser.json')
  rmSync(out, { force: true })
  const child = spawn(process.execPath, [path.join(ROOT, 'node_modules/@playwright/test/cli.js'), 'test', ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: out },
  })
  await new Promise((resolve) => child.once('exit', resolve))
  if (!existsSync(out)) return { passed: 0, failed: 1 }
  const { stats } = JSON.parse(readFileSync(out, 'utf8'))
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + (stats.expected === 0 ? 1 : 0) }
}

/** A walk through the app with every text of `src/words` between marks: what is read and has none stands in a screen. It has a build of its own. */
export async function markedWalk(cluster) {
  buildMarked()
  const marked = await new World(cluster).open({ env: MARKED_ENV })
  try {
    return await playwright(['words.spec.ts'], { MARKED_URL: marked.url() })
  } finally {
    await marked.close()
  }
}

export async function browserTests(cluster, args = process.env.E2E_ARGS?.split(' ').filter(Boolean) ?? []) {
  const benches = []
  const empty = await new World(cluster).open({ demo: false })
  try {
    for (let n = 0; n < WORKERS; n++) benches.push(await openBench(cluster, n))
    return await playwright(args, {
      BENCHES: JSON.stringify(benches.map(({ url, control, database }) => ({ url, control, database }))),
      EMPTY_URL: `${empty.url()}/first?token=${empty.token}`,
    })
  } finally {
    for (const bench of benches) await bench.close()
    await empty.close()
  }
}
