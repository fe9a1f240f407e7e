import { createHash } from 'node:crypto'
import { createWriteStream, existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { BUILD } from '../core/build'
import type { EntryDraft } from '../core/job'
import type { Sql } from '../db/client'
import { chainAt, contentHash } from '../db/entries'
import { rebuild } from '../db/states'
import { loadMachineText } from '../db/machines'
import { mark } from '../db/reports'
import {
  type CarriedEntry,
  type CarriedPhoto,
  carriedEntries,
  carriedPhoto,
  photoIds,
  putCarriedPhoto,
  putEntries,
  putReports,
  putShopRows,
  renewHistory,
  shopIsEmpty,
  type ShopRows,
  shopRows,
} from '../db/transfer'

const FORMAT = 'nailsmith-shop/1'
const LINES = 'entries.ndjson'

interface Manifest {
  readonly format: string
  readonly build: number
  readonly at: string
  /** SHA-256 of every file beside this one. */
  readonly files: Readonly<Record<string, string>>
  /** By job: how many entries, and the running hash over their contents. */
  readonly journals: Readonly<Record<string, { readonly entries: number; readonly chain: string }>>
}

const sha = (bytes: Buffer | string): string => createHash('sha256').update(bytes).digest('hex')
const fileName = (machine: string, revision: string): string => `machines/${sha(`${machine}\n${revision}`).slice(0, 16)}.json`

/** Somebody's mistake, in words for the one who runs the command. */
export class TransferFault extends Error {}

/**
 * Writes a shop, or one job of it, into a new folder: entries as NDJSON, what they stand on as JSON, machine files as they are kept,
 * photos, and a manifest with the hash of each. No passphrase, secret or session is written.
 * @param jobId one job only, with the people, devices, machine file and photos that it names
 * @returns what was written
 */
export async function exportShop(sql: Sql, folder: string, jobId?: string): Promise<Manifest> {
  if (existsSync(folder) && readdirSync(folder).length > 0) throw new TransferFault(`${folder} is not empty. Name a new folder.`)
  for (const part of ['', 'machines', 'photos']) mkdirSync(path.join(folder, part), { recursive: true })
  const files: Record<string, string> = {}
  const write = (name: string, bytes: Buffer | string): void => {
    writeFileSync(path.join(folder, name), bytes)
    files[name] = sha(bytes)
  }
  const rows = await shopRows(sql, jobId)
  write('shop.json', JSON.stringify(rows, null, 1))
  for (const { machine_id, revision } of rows.revisions)
    write(fileName(machine_id, revision), (await loadMachineText(sql, machine_id, revision))!)

  const journals: Record<string, { entries: number; chain: string }> = {}
  const named = new Set<string>()
  const lines = createWriteStream(path.join(folder, LINES))
  const hash = createHash('sha256')
  for (const job of rows.jobs) {
    let entries = 0
    for await (const part of carriedEntries(sql, job.id)) {
      for (const entry of part) {
        const line = `${JSON.stringify(entry)}\n`
        hash.update(line)
        if (!lines.write(line)) await new Promise<void>((resolve) => lines.once('drain', () => resolve()))
        for (const id of JSON.stringify(entry.body).match(/"[0-9a-f]{64}"/g) ?? []) named.add(id.slice(1, -1))
        entries += 1
      }
    }
    journals[job.id] = { entries, chain: (await chainAt(sql, job.id, entries)).toString('hex') }
  }
  await new Promise<void>((resolve, reject) => lines.end((error?: Error | null) => (error ? reject(error) : resolve())))
  files[LINES] = hash.digest('hex')

  for (const id of await photoIds(sql)) {
    if (jobId !== undefined && !named.has(id)) continue
    const { bytes, ...about } = (await carriedPhoto(sql, id))!
    write(`photos/${id}`, bytes)
    write(`photos/${id}.json`, JSON.stringify(about))
  }
  const manifest: Manifest = { format: FORMAT, build: BUILD, at: new Date().toISOString(), files, journals }
  writeFileSync(path.join(folder, 'manifest.json'), JSON.stringify(manifest, null, 1))
  return manifest
}

function readManifest(folder: string): Manifest {
  const file = path.join(folder, 'manifest.json')
  if (!existsSync(file)) throw new TransferFault(`There is no manifest.json in ${folder}: it is no export of a shop.`)
  const manifest = JSON.parse(readFileSync(file, 'utf8')) as Manifest
  if (manifest.format !== FORMAT)
    throw new TransferFault(`This export is of format ${String(manifest.format)}; this build reads ${FORMAT}.`)
  for (const [name, wanted] of Object.entries(manifest.files)) {
    if (name.includes('..') || path.isAbsolute(name)) throw new TransferFault(`The manifest names a file outside its folder: ${name}`)
    const there = path.join(folder, name)
    if (!existsSync(there)) throw new TransferFault(`${name} is missing from the export.`)
    if (sha(readFileSync(there)) !== wanted)
      throw new TransferFault(`${name} is not as it was written: its hash differs from the manifest's.`)
  }
  return manifest
}

/**
 * Puts an export into an empty shop, all of it or nothing. Every entry's content is hashed anew and has to equal what it was stored
 * with; states and summaries are made anew. Nobody can sign in until a lead is made and gives out passphrases.
 * @throws TransferFault when something of the export is not as it was written, or the shop is not empty
 */
export async function importShop(sql: Sql, folder: string): Promise<Manifest> {
  const manifest = readManifest(folder)
  if (!(await shopIsEmpty(sql)))
    throw new TransferFault('This shop is not empty. An export goes into an empty one: start with another NAILSMITH_DATA.')
  const rows = JSON.parse(readFileSync(path.join(folder, 'shop.json'), 'utf8')) as ShopRows
  const entries = readFileSync(path.join(folder, LINES), 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as CarriedEntry)
  for (const e of entries) {
    const draft = {
      id: e.id,
      jobId: e.job_id,
      base: e.base,
      at: e.at,
      by: e.by_person,
      device: e.device,
      kind: e.kind,
      v: e.v,
      body: e.body,
    } as unknown as EntryDraft
    if (contentHash(draft).toString('hex') !== e.content)
      throw new TransferFault(`Entry ${e.seq} of job ${e.job_id} is not what its device wrote: its content hash differs.`)
  }
  await sql.begin(async (tx) => {
    await putShopRows(tx, rows, (machine, revision) => readFileSync(path.join(folder, fileName(machine, revision)), 'utf8'))
    await putEntries(tx, entries)
    await putReports(tx, rows.reports)
    for (const name of Object.keys(manifest.files).filter((f) => /^photos\/[0-9a-f]{64}$/.test(f))) {
      const about = JSON.parse(readFileSync(path.join(folder, `${name}.json`), 'utf8')) as Omit<CarriedPhoto, 'bytes'>
      await putCarriedPhoto(tx, { ...about, bytes: readFileSync(path.join(folder, name)) })
    }
    await mark(tx, 'pages frozen', manifest.build)
    await renewHistory(tx)
    for (const [job, { entries: count, chain }] of Object.entries(manifest.journals)) {
      await rebuild(tx, job)
      if ((await chainAt(tx, job, count)).toString('hex') !== chain)
        throw new TransferFault(`The journal of job ${job} does not add up to what was exported.`)
    }
  })
  return manifest
}
