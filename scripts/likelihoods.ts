/** Makes the tables of diagnosis from the simulated machines: `npm run likelihoods`. */
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import prettier from 'prettier'
import { SIMULATED } from '../src/core/simulated'
import type { Kind } from './likelihoods/bench'
import { tableOf } from './likelihoods/table'

const folder = path.resolve(import.meta.dirname, '../src/core/diagnosis/tables')
for (const kind of Object.keys(SIMULATED) as Kind[]) {
  const from = performance.now()
  const table = tableOf(kind)
  const name = path.join(folder, `${kind.replaceAll(' ', '-')}.ts`)
  const text = `// Made by \`npm run likelihoods\`; a test holds it to the model.\nimport type { Table } from '../types'\n\nexport const table: Table = ${JSON.stringify(table)}\n`
  writeFileSync(name, await prettier.format(text, { ...(await prettier.resolveConfig(name)), filepath: name }))
  console.log(`${kind}: ${((performance.now() - from) / 1000).toFixed(0)} s`)
}
