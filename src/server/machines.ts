import path from 'node:path'
import { Worker } from 'node:worker_threads'
import type { MachineFile } from '../core/machine'
import { mended } from '../core/text'
import { db } from '../db/client'
import { addMachine, listRevisions, loadMachineText, type Revision } from '../db/machines'
import { casesOf } from '../db/past'
import { type FileProblem, parseMachineFile } from '../formats/machine-file'
import { type FoundOn, foundWords } from '../words/en/cases'

/** A file larger than this is no machine file. */
export const MAX_FILE_BYTES = 8_000_000
/** One larger than this is read beside the server's own work, which would stand still meanwhile. */
const BESIDE_ABOVE = 300_000

export interface PutIn {
  readonly id: string
  readonly name: string
  readonly revision: string
  /** `new`: as it says; `same`: it was here already; `beside`: its revision is in use and differs, so it is kept under the next one. */
  readonly kept: 'new' | 'same' | 'beside'
}

type Read = ReturnType<typeof parseMachineFile>
let reader: Worker | null = null
let asked = 0

/** Reads a file in a thread of its own, made at the first large file. */
function readBeside(text: string): Promise<Read> {
  // Not written as `new Worker`: the build would take the script for one of a page's own.
  reader ??= Reflect.construct(Worker, [path.join(process.cwd(), 'scripts', 'lib', 'file-reader.mjs')]) as Worker
  const worker = reader
  worker.unref()
  const id = ++asked
  return new Promise((resolve, reject) => {
    const done = (): void => {
      worker.off('message', hear)
      worker.off('error', fail)
    }
    const hear = (told: { readonly id: number; readonly read: Read }): void => {
      if (told.id !== id) return
      done()
      resolve(told.read)
    }
    const fail = (error: Error): void => {
      reader = null
      done()
      reject(error)
    }
    worker.on('message', hear)
    worker.on('error', fail)
    worker.postMessage({ id, text })
  })
}

/**
 * Puts a machine file in. A revision that is here is never replaced: the same file again changes nothing, another one under the same
 * revision is kept beside it. All members survive in their order, those that are not known too.
 */
export async function putIn(text: string): Promise<PutIn | { readonly problems: readonly FileProblem[] }> {
  const parsed = text.length > BESIDE_ABOVE ? await readBeside(text) : parseMachineFile(text)
  if (!parsed.ok) return { problems: mended(parsed.error.problems) }
  const file = parsed.value
  return db().begin(async (tx) => {
    const sql = tx as never
    await tx`select pg_advisory_xact_lock(72027)`
    const here = new Map<string, string>()
    for (const { revision } of await listRevisions(sql, file.id)) here.set(revision, (await loadMachineText(sql, file.id, revision))!)
    const own = JSON.stringify({ ...file, revision: '' })
    const alike = (other: string): boolean => JSON.stringify({ ...(JSON.parse(other) as object), revision: '' }) === own
    const same = [...here].find(([, other]) => alike(other))
    if (same) return { id: file.id, name: file.name, revision: same[0], kept: 'same' as const }
    let revision = file.revision
    for (let n = 2; here.has(revision); n++) revision = `${file.revision}.${n}`
    const kept: MachineFile = { ...file, revision }
    await addMachine(sql, kept, JSON.stringify(kept, null, 1))
    return { id: file.id, name: file.name, revision, kept: revision === file.revision ? ('new' as const) : ('beside' as const) }
  })
}

export function revisions(id: string): Promise<Revision[]> {
  return listRevisions(db(), id)
}

/** What was found on a model, in words: the catalogues that they come from stay on the server. */
export async function foundOn(id: string): Promise<FoundOn> {
  return foundWords(await casesOf(db(), id))
}

export function fileText(id: string, revision: string): Promise<string | null> {
  return loadMachineText(db(), id, revision)
}
