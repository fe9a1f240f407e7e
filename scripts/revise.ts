// Adds the corrected revisions of the demo machines to a shop that has earlier ones; for `npm run demo:revise`.
import path from 'node:path'
import type { MachineFile } from '../src/core/machine'
import { connect, type Db } from '../src/db/client'
import { addMachine, listMachines } from '../src/db/machines'
import { migrate } from '../src/db/migrate'
import { demoMachines, FORMER } from '../src/demo/machines'

/**
 * Adds the present revision of every demo machine whose newest file in this shop is an earlier one of the demo world. A file that the
 * shop has put in itself stays the newest; a machine that is not here is not added.
 * @returns what was added
 */
export async function reviseDemo(sql: Db): Promise<readonly MachineFile[]> {
  const here = new Map((await listMachines(sql)).map((m) => [m.id, m.revision]))
  const added = demoMachines().filter((f) => FORMER[f.id]?.includes(here.get(f.id) ?? ''))
  for (const file of added) await addMachine(sql, file, JSON.stringify(file, null, 1))
  return added
}

if (process.argv[1] === import.meta.filename) {
  const sql = connect(process.env['DATABASE_URL']!, 1)
  try {
    await migrate(sql, path.join(import.meta.dirname, '..', 'src', 'db', 'migrations'))
    const added = await sql.begin((tx) => reviseDemo(tx))
    console.log(
      added.length === 0
        ? 'Nothing to add: every demo machine here has its present revision, or one of the shop’s own.'
        : `Added: ${added.map((f) => `${f.name} ${f.revision}`).join(', ')}. New jobs begin with it; jobs that run keep theirs.`,
    )
  } finally {
    await sql.end()
  }
}
