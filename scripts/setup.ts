// Brings a database to the newest shape and fills it: the demo world once, or a one-time link for an empty shop.
import path from 'node:path'
import { v7 } from 'uuid'
import { NEWEST_FORM } from '../src/core/build'
import { type EntryDraft, written } from '../src/core/job'
import { connect, type Sql } from '../src/db/client'
import { putInstrument, retireDemoInstruments } from '../src/db/instruments'
import { addJob } from '../src/db/jobs'
import { append } from '../src/db/journal'
import { addMachine } from '../src/db/machines'
import { assertDurable, migrate } from '../src/db/migrate'
import { addPerson, countPeople } from '../src/db/people'
import { addDevice, setFirstLeadToken } from '../src/db/sessions'
import { loadSettings, saveSettings } from '../src/db/settings'
import { demoInstruments } from '../src/demo/instruments'
import { demoJobs } from '../src/demo/jobs'
import { demoMachines } from '../src/demo/machines'
import { BENCH_TABLET, PEOPLE, SHOP } from '../src/demo/people'
import { beginBuild } from '../src/db/newest'
import { assertFrozen, freezePages, OldShop, pageOf } from '../src/server/pages'
import { hasEntries } from '../src/db/reports'
import { retireDemoPeople } from '../src/server/people'
import { hashPassphrase, newToken, tokenHash } from '../src/server/secrets'
import { demoPassphrase } from '../src/server/sign-in'

export async function loadDemo(sql: Sql, now: number): Promise<void> {
  const files = demoMachines()
  const names = new Map<string, string>(PEOPLE.map((p) => [p.id, p.name]))
  await saveSettings(sql, { ...(await loadSettings(sql)), shop: SHOP })
  for (const person of PEOPLE)
    await addPerson(sql, { ...person, passphraseHash: await hashPassphrase(demoPassphrase(person.name)), demo: true })
  await addDevice(sql, BENCH_TABLET)
  for (const instrument of demoInstruments(now)) await putInstrument(sql, instrument, true)
  for (const file of files) await addMachine(sql, file, JSON.stringify(file, null, 1))
  const { shop } = await loadSettings(sql)
  for (const job of demoJobs(files, now)) {
    const id = v7()
    const number = String(
      await addJob(sql, { id, machineId: job.machineId, revision: files.find((f) => f.id === job.machineId)?.revision ?? null }),
    ).padStart(4, '0')
    let seq = 0
    for (const { kind, body, by, at } of job.entries) {
      const whole = kind === 'job-opened' ? { ...body, number } : body
      await append(
        sql,
        id,
        [
          {
            ok: true,
            entry: { id: v7(), jobId: id, base: seq++, at, by, device: BENCH_TABLET, ...written(kind, whole, NEWEST_FORM) } as EntryDraft,
          },
        ],
        by,
        () => Math.round(at),
        { page: (state) => pageOf(state, names, shop) },
      )
    }
  }
}

async function main(): Promise<void> {
  const url = process.env['DATABASE_URL']
  if (!url) throw new Error('DATABASE_URL is not set')
  const sql = connect(url, 2)
  try {
    await assertDurable(sql)
    await assertFrozen(sql)
    const fresh = !(await hasEntries(sql))
    const applied = await migrate(sql, path.join(import.meta.dirname, '..', 'src', 'db', 'migrations'))
    if (applied.length > 0) console.log(`Database brought to ${applied.at(-1)}.`)
    const frozen = await freezePages(sql)
    if (frozen > 0) console.log(`${frozen} pages that went home before are kept as they were printed.`)
    await beginBuild(sql, fresh)
    const demo = process.env['NAILSMITH_DEMO'] !== '0'
    if (!demo) {
      const gone = await retireDemoPeople(sql)
      await retireDemoInstruments(sql)
      if (gone > 0) console.log(`${gone} people of the demo world are struck off: their passphrases are known.`)
    }
    if ((await countPeople(sql)).leads > 0) return
    const { all } = await countPeople(sql)
    if (demo && all === 0 && !(await hasEntries(sql))) {
      await loadDemo(sql, Date.now())
      console.log('Demo world loaded: Slipway Works.')
    } else {
      const token = newToken()
      await setFirstLeadToken(sql, tokenHash(token))
      console.log(`FIRST-LEAD ${token}`)
    }
  } finally {
    await sql.end()
  }
}

if (process.argv[1] === import.meta.filename) {
  await main().catch((error: unknown) => {
    if (!(error instanceof OldShop)) throw error
    console.error(error.message)
    process.exit(1)
  })
}
