/** Makes the tables of diagnosis from the simulated machines: `npm run likelihoods [kind]`. Kinds side by side, one a core. */
import { execFileSync, spawn } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import { SIMULATED } from '../src/core/simulated'
import type { Kind } from './likelihoods/bench'
import { tableOf } from './likelihoods/table'

const kinds = Object.keys(SIMULATED) as Kind[]
const [asked] = process.argv.slice(2)
const kind = kinds.find((k) => k === asked)
if (asked !== undefined && !kind) throw new RangeError(`no machine of the kind ${asked} is simulated: ${kinds.join(', ')}`)
if (kind) make(kind)
else await Promise.all(Array.from({ length: availableParallelism() }, oneByOne))

function make(kind: Kind): void {
  const from = performance.now()
  const name = path.resolve(import.meta.dirname, `../src/core/diagnosis/tables/${kind.replaceAll(' ', '-')}.ts`)
  const made = JSON.stringify(tableOf(kind))
  const text = `// Made by \`npm run likelihoods\`; a test holds it to the model.\nimport type { Table } from '../types'\n\nexport const table: Table = ${made}\n`
  writeFileSync(name, text)
  execFileSync(process.execPath, [path.resolve(import.meta.dirname, '../node_modules/oxfmt/bin/oxfmt'), name])
  console.log(`${kind}: ${((performance.now() - from) / 1000).toFixed(0)} s`)
}

async function oneByOne(): Promise<void> {
  for (let next = kinds.shift(); next; next = kinds.shift()) {
    const child = spawn(process.execPath, ['--import', 'tsx', fileURLToPath(import.meta.url), next], { stdio: 'inherit' })
    const code = await new Promise((resolve) => child.on('exit', resolve))
    if (code !== 0) throw new Error(`the table of ${next} was not made`)
  }
}
