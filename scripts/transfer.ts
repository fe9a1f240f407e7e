// Exports a shop or a job into a folder, or puts an export into an empty shop; for `npm run export` and `npm run import`.
import path from 'node:path'
import { connect } from '../src/db/client'
import { migrate } from '../src/db/migrate'
import { setFirstLeadToken } from '../src/db/sessions'
import { newToken, tokenHash } from '../src/server/secrets'
import { exportShop, importShop, TransferFault } from '../src/server/transfer'
import { count } from '../src/words/en/count'

const [deed, folder, job] = process.argv.slice(2)
const sql = connect(process.env['DATABASE_URL']!, 2)

/** A job by its number or its id. */
async function jobId(asked: string): Promise<string> {
  const [row] = await sql<{ id: string }[]>`select id from jobs where id::text = ${asked} or number::text = ${asked.replace(/^0+/, '')}`
  if (!row) throw new TransferFault(`There is no job ${asked} in this shop.`)
  return row.id
}

try {
  await migrate(sql, path.join(import.meta.dirname, '..', 'src', 'db', 'migrations'))
  if (!folder) throw new TransferFault(`Name a folder: npm run ${deed} -- <folder>${deed === 'export' ? ' [job number]' : ''}`)
  const manifest =
    deed === 'export'
      ? await exportShop(sql, path.resolve(folder), job === undefined ? undefined : await jobId(job))
      : await importShop(sql, path.resolve(folder))
  const journals = Object.values(manifest.journals)
  const photos = Object.keys(manifest.files).filter((f) => /^photos\/[0-9a-f]{64}$/.test(f)).length
  console.log(
    `${deed === 'export' ? 'Written to' : 'Put in from'} ${folder}: ${count(journals.length, 'job')}, ${count(
      journals.reduce((n, j) => n + j.entries, 0),
      'entry',
      'entries',
    )}, ${count(photos, 'photo')}; every hash agrees.`,
  )
  if (deed === 'import') {
    const token = newToken()
    await setFirstLeadToken(sql, tokenHash(token))
    console.log(`No passphrase is carried. The first lead signs in once at /first?token=${token}, and gives the others new ones.`)
  }
} catch (error) {
  if (!(error instanceof TransferFault)) throw error
  console.error(error.message)
  process.exitCode = 1
} finally {
  await sql.end()
}
