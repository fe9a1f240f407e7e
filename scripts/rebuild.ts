// Makes every state and every row of the list of stands anew from the journals; for `npm run rebuild`.
import path from 'node:path'
import { connect } from '../src/db/client'
import { rebuild } from '../src/db/states'
import { migrate } from '../src/db/migrate'
import { count } from '../src/words/en/count'

const sql = connect(process.env['DATABASE_URL']!, 2)
try {
  await migrate(sql, path.join(import.meta.dirname, '..', 'src', 'db', 'migrations'))
  const jobs = await sql<{ id: string }[]>`select id from jobs order by number`
  const started = performance.now()
  for (const { id } of jobs) await sql.begin((tx) => rebuild(tx, id))
  console.log(
    `${count(jobs.length, 'job')} made anew from ${jobs.length === 1 ? 'its journal' : 'their journals'} in ${((performance.now() - started) / 1000).toFixed(1)} s. Pages that went home stay as they were printed.`,
  )
} finally {
  await sql.end()
}
