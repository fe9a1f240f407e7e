// Long proofs, up to two hours: what takes too long for `npm test`. Prints the date, the commit and what each proof found.
import path from 'node:path'
import { fileURLToPath } from 'node:url'

const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..')
process.env.NAILSMITH_DATA = path.join(ROOT, '.data', 'proof')
delete process.env.DATABASE_URL
const { ensureDir, installModules, say, spawnSync } = await import('./lib/shell.mjs')
ensureDir(process.env.NAILSMITH_DATA)
installModules()
const { runTs } = await import('./lib/app.mjs')

/** The walk with marked words: it wants a browser and a database beside. */
async function words() {
  const { installChromium } = await import('./lib/chromium.mjs')
  installChromium('the walk with marked words drives it')
  const { Cluster } = await import('./lib/postgres.mjs')
  const { markedWalk } = await import('./lib/browser-tests.mjs')
  const cluster = new Cluster('pg')
  await cluster.start()
  try {
    const { failed } = await markedWalk(cluster)
    if (failed > 0) throw new Error('a text stands outside src/words')
  } finally {
    cluster.stop()
  }
}

const commit = spawnSync('git', ['log', '-1', '--format=%h %s'], { cwd: ROOT, encoding: 'utf8' }).stdout.trim()
say(`Proof, ${new Date().toISOString()}, at ${commit || 'no commit'}`)
const wanted = process.argv.slice(2)
let failed = 0
const NAMES = ['fuzz', 'mutations', 'laws', 'take-downs', 'diagnosis', 'doubts', 'words']
const chosen = NAMES.filter((name) => wanted.includes(name))
for (const name of chosen.length > 0 ? chosen : NAMES) {
  try {
    // What is no name of a proof is for the proof itself: a kind, a number.
    if (name === 'words') await words()
    else
      runTs(
        `proof/${name}.ts`,
        wanted.filter((w) => !NAMES.includes(w)),
      )
  } catch (error) {
    failed += 1
    console.error(error.message)
  }
}
process.exit(failed > 0 ? 1 : 0)
