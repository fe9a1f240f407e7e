// `npm run backup`, `restore`, `export` and `import`: a shop's data carried out and in; `npm run rebuild` makes all that is worked out from
// the journals anew, `npm run demo:revise` adds corrected files of the demo machines. Works beside a running shop, but for restore and import, which want it stopped.
import { existsSync, mkdirSync, readFileSync, statSync } from 'node:fs'
import path from 'node:path'
import { spawnSync } from 'node:child_process'
import { runTs } from './lib/app.mjs'
import { Cluster } from './lib/postgres.mjs'
import { alive, DATA, ensureDir, installModules, say, startedAt } from './lib/shell.mjs'

const [deed, target, ...rest] = process.argv.slice(2)

function fail(text) {
  console.error(text)
  process.exit(1)
}

function running() {
  const file = path.join(DATA, 'app.json')
  if (!existsSync(file)) return false
  const { pid, startedAt: born } = JSON.parse(readFileSync(file, 'utf8'))
  return Boolean(pid) && alive(pid) && startedAt(pid) === born
}

function tool(cluster, name, args) {
  const url = new URL(cluster.url('nailsmith'))
  const result = spawnSync(path.join(cluster.bin, name), ['-h', url.hostname, '-p', url.port, '-U', url.username, ...args], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, PGPASSWORD: decodeURIComponent(url.password) },
  })
  if (result.status !== 0) fail(`${name} did not succeed: ${result.stderr.trim()}`)
  return result.stdout
}

ensureDir(DATA)
installModules()
const cluster = new Cluster('pg')
const stood = alive(cluster.pid())
if ((deed === 'restore' || deed === 'import') && running())
  fail('The shop is running. Stop it first (Ctrl+C where it was started), then try again.')
await cluster.start()
try {
  if (deed === 'backup') {
    const file = path.resolve(target ?? `nailsmith-${new Date().toISOString().replace(/[:.]/g, '-')}.backup`)
    if (existsSync(file)) fail(`${file} is there already; a backup is never written over.`)
    mkdirSync(path.dirname(file), { recursive: true })
    // One consistent moment of everything, photos too, while the shop goes on.
    tool(cluster, 'pg_dump', ['-Fc', '-Z', '6', '-d', 'nailsmith', '-f', file])
    say(
      `Backup written: ${file} (${(statSync(file).size / 1e6).toFixed(1)} MB). It holds the whole shop, photos and sign-ins too: keep it where only leads can read it.`,
    )
  } else if (deed === 'restore') {
    if (!target) fail('Name the backup: npm run restore -- <file>')
    const file = path.resolve(target)
    if (!existsSync(file)) fail(`There is no ${file}.`)
    const stamp = Date.now()
    const psql = (database, sql) => tool(cluster, 'psql', ['-v', 'ON_ERROR_STOP=1', '-Atq', '-d', database, '-c', sql]).trim()
    psql('postgres', `create database nailsmith_back_${stamp}`)
    tool(cluster, 'pg_restore', ['--no-owner', '--exit-on-error', '-d', `nailsmith_back_${stamp}`, file])
    const holds = psql(`nailsmith_back_${stamp}`, `select count(*) from entries`)
    // Tablets that were ahead of the backup notice by this, and offer back what it does not have.
    const renew = `do $$ begin if to_regclass('history') is not null then update history set id = gen_random_uuid(), since = now(); end if; end $$`
    psql(`nailsmith_back_${stamp}`, renew)
    psql('postgres', `alter database nailsmith rename to nailsmith_before_${stamp}`)
    psql('postgres', `alter database nailsmith_back_${stamp} rename to nailsmith`)
    say(`Put back from ${file}: ${holds} entries. What was here before is kept as the database nailsmith_before_${stamp}.`)
    say('Start the shop with npm start. Tablets that were ahead of this backup offer back what it does not have.')
  } else if (deed === 'export' || deed === 'import') {
    runTs('scripts/transfer.ts', [deed, ...(target ? [target] : []), ...rest], { DATABASE_URL: cluster.url() })
  } else if (deed === 'rebuild') {
    runTs('scripts/rebuild.ts', [], { DATABASE_URL: cluster.url() })
  } else if (deed === 'revise') {
    runTs('scripts/revise.ts', [], { DATABASE_URL: cluster.url() })
  } else fail('One of backup, restore, export, import, rebuild, revise is wanted.')
} catch (error) {
  console.error(error.message)
  process.exitCode = 1
} finally {
  if (!stood) cluster.stop()
}
