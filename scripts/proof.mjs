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

const commit = spawnSync('git', ['log', '-1', '--format=%h %s'], { cwd: ROOT, encoding: 'utf8' }).stdout.trim()
say(`Proof, ${new Date().toISOString()}, at ${commit || 'no commit'}`)
const wanted = process.argv.slice(2)
let failed = 0
const NAMES = ['fuzz', 'mutations', 'laws', 'take-downs', 'diagnosis', 'doubts']
const chosen = NAMES.filter((name) => wanted.includes(name))
for (const name of chosen.length > 0 ? chosen : NAMES) {
  try {
    // What is no name of a proof is for the proof itself: a kind, a number.
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
