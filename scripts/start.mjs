// Does all set-up and serves: Debian's PostgreSQL, npm packages, a private cluster, migrations, the demo world once, a build, the app.
import { choosePort, endEarlier, ensureBuild, forgetApp, recordApp, spawnApp, waitReady } from './lib/app.mjs'
import { Cluster } from './lib/postgres.mjs'
import { openTls } from './lib/tls.mjs'
import { alive, DATA, ensureDir, installModules, ROOT, say, spawnSync } from './lib/shell.mjs'

const DEFAULT_PORT = 4310
const [major, minor] = process.versions.node.split('.').map(Number)
if (major < 20 || (major === 20 && minor < 9)) {
  console.error(`Nailsmith needs Node 20.9 or newer; this is ${process.versions.node}.`)
  process.exit(1)
}

let cluster = null
let child = null
let listener = null
let stopping = false

async function stop(code) {
  if (stopping) return
  stopping = true
  listener?.close()
  if (child && child.exitCode === null && child.signalCode === null) {
    child.kill('SIGTERM')
    const gone = new Promise((resolve) => child.once('exit', resolve))
    const late = setTimeout(() => child.kill('SIGKILL'), 6_000)
    await gone
    clearTimeout(late)
  }
  forgetApp()
  cluster?.stop()
  process.exit(code)
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0))

/** A database that was killed is started again, with a word; the app finds it by itself. */
function watchDatabase(databaseUrl) {
  let mending = false
  setInterval(async () => {
    if (stopping || mending || alive(cluster.pid())) return
    mending = true
    say('The database ended without being told to. Starting it again …')
    try {
      const url = await cluster.start()
      if (url !== databaseUrl) throw new Error('its port is taken by another program')
      say('The database is back; nothing acknowledged is lost.')
    } catch (error) {
      say(`The database did not come back: ${error.message}. Trying again.`)
    } finally {
      mending = false
    }
  }, 2_000).unref()
}

// Under npm a SIGTERM reaches npm and its shell, not this process: when they are gone, it stops too.
if (process.env.npm_lifecycle_event === 'start') {
  const parent = process.ppid
  setInterval(() => process.ppid !== parent && void stop(0), 500).unref()
}

try {
  ensureDir(DATA)
  await endEarlier()
  installModules()
  const given = process.env.DATABASE_URL
  if (!given) cluster = new Cluster('pg')
  const databaseUrl = given ?? (await cluster.start())
  const demo = process.env.NAILSMITH_DEMO !== '0'
  const setup = spawnSync(process.execPath, [`${ROOT}/node_modules/tsx/dist/cli.mjs`, `${ROOT}/scripts/setup.ts`], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: databaseUrl },
  })
  if (setup.status !== 0) throw new Error(`the database could not be set up:\n${setup.stderr}`)
  const token = /^FIRST-LEAD (\S+)$/m.exec(setup.stdout)?.[1]
  const said = setup.stdout.replace(/^FIRST-LEAD .*$/m, '').trim()
  if (said) say(said)
  await ensureBuild()
  const port = process.env.NAILSMITH_PORT ? Number(process.env.NAILSMITH_PORT) : await choosePort(DEFAULT_PORT)
  child = spawnApp({ port, databaseUrl, stdio: 'ignore', env: { NAILSMITH_DEMO: demo ? '1' : '0', NAILSMITH_LOG: `${DATA}/log` } })
  recordApp(child.pid, port)
  child.once('exit', (code) => {
    if (!stopping) {
      say(`The app ended (${code ?? 'killed'}). Start again with npm start; nothing acknowledged is lost.`)
      void stop(1)
    }
  })
  await waitReady(port, child)
  say(`\nNailsmith is ready: http://127.0.0.1:${port}`)
  if (token) say(`This shop is empty. Its first lead signs in once by this link: http://127.0.0.1:${port}/first?token=${token}`)
  else if (demo) say('Demo world: come in as Ines, Tobias, Marit, Aldo or Runa on the sign-in page.')
  if (process.env.NAILSMITH_HOST) {
    const tlsPort = Number(process.env.NAILSMITH_TLS_PORT ?? 4443)
    listener = await openTls({
      host: process.env.NAILSMITH_HOST,
      port: tlsPort,
      certFile: process.env.NAILSMITH_TLS_CERT,
      keyFile: process.env.NAILSMITH_TLS_KEY,
      target: port,
    })
    say(`Tablets on the shop's network: https://<this machine's name>:${tlsPort}`)
  }
  if (cluster) watchDatabase(databaseUrl)
  say('Ctrl+C stops the app and its database.')
} catch (error) {
  console.error(`\nNailsmith could not start: ${error.message}`)
  await stop(1)
}
