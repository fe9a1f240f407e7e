// The browser tests: the production build, a demo world of its own, and a small control port by which a test can break the server.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { spawn } from 'node:child_process'
import { freePort, ROOT } from './shell.mjs'
import { World } from './world.mjs'

const DEEDS = {
  '/stop': (world) => world.stop('SIGTERM'),
  '/kill': (world) => world.stop('SIGKILL'),
  '/start': (world) => world.start(),
  '/restart': async (world) => (await world.stop('SIGKILL'), world.start()),
}

export async function browserTests(cluster, args = process.env.E2E_ARGS?.split(' ').filter(Boolean) ?? []) {
  const clock = path.join(process.env.NAILSMITH_DATA ?? path.join(ROOT, '.data'), 'clock-ahead')
  rmSync(clock, { force: true })
  let ahead = 0
  const world = await new World(cluster).open({ env: { NAILSMITH_TEST_CLOCK: clock, NODE_OPTIONS: `--import=${pathToFileURL(path.join(ROOT, 'e2e/clock.mjs')).href}` } })
  const empty = await new World(cluster).open({ demo: false })
  const control = http.createServer((request, response) => {
    const later = /^\/later\/(\d+)$/.exec(request.url ?? '')
    if (later) {
      writeFileSync(clock, String((ahead += Number(later[1]))))
      return void setTimeout(() => response.writeHead(204).end(), 150)
    }
    const deed = DEEDS[request.url ?? '']
    if (!deed) return void response.writeHead(404).end()
    deed(world).then(() => response.writeHead(204).end(), (error) => response.writeHead(500).end(String(error)))
  })
  const port = await freePort()
  await new Promise((resolve) => control.listen(port, '127.0.0.1', resolve))
  const out = path.join(process.env.NAILSMITH_DATA ?? path.join(ROOT, '.data'), 'browser.json')
  rmSync(out, { force: true })
  try {
    const child = spawn(process.execPath, [path.join(ROOT, 'node_modules/@playwright/test/cli.js'), 'test', ...args], {
      cwd: ROOT, stdio: ['ignore', 'inherit', 'inherit'],
      env: {
        ...process.env, BASE_URL: world.url(), CONTROL_URL: `http://127.0.0.1:${port}`, WORLD_DATABASE: world.databaseUrl,
        EMPTY_URL: `${empty.url()}/first?token=${empty.token}`, PLAYWRIGHT_JSON_OUTPUT_NAME: out,
      },
    })
    await new Promise((resolve) => child.once('exit', resolve))
  } finally {
    control.close()
    await world.close()
    await empty.close()
  }
  if (!existsSync(out)) return { passed: 0, failed: 1 }
  const { stats } = JSON.parse(readFileSync(out, 'utf8'))
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + (stats.expected === 0 ? 1 : 0) }
}
