// Measures what has to be fast, on the production build and a database of its own. Numbers are printed; nothing here is a test.
import path from 'node:path'
import { fileURLToPath } from 'node:url'

process.env.NAILSMITH_DATA = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..', '.data', 'bench')
delete process.env.DATABASE_URL
const { installModules } = await import('./lib/shell.mjs')
installModules()
const { ensureBuild, runTs } = await import('./lib/app.mjs')
await ensureBuild()
const { Cluster } = await import('./lib/postgres.mjs')
const cluster = new Cluster('pg')
await cluster.start()
try {
  const wanted = process.argv.slice(2)
  if (wanted.length === 0 || wanted.includes('core')) runTs('bench/core.ts')
  if (wanted.length === 0 || wanted.includes('planner')) runTs('bench/planner.ts')
  if (wanted.length === 0 || wanted.includes('milp')) runTs('bench/milp.ts')
  if (wanted.length === 0 || wanted.includes('database'))
    runTs('bench/database.ts', [], { DATABASE_URL: cluster.ensureDatabase(`bench_${Date.now()}`) })
  if (wanted.length === 0 || wanted.includes('load')) runTs('bench/load.ts')
  if (wanted.length === 0 || wanted.includes('scale')) runTs('bench/scale.ts')
  if (wanted.length === 0 || wanted.includes('screen')) {
    const { screenBench } = await import('../bench/screen.mjs')
    await screenBench(cluster)
  }
} finally {
  cluster.stop()
}
