import { appendFileSync, existsSync, mkdirSync, renameSync, statSync } from 'node:fs'
import path from 'node:path'

const MAX_BYTES = 1_000_000
const KEPT = 3

/** Where errors of the app are written; null where the start has named no folder. */
const folder = (): string | null => process.env['NAILSMITH_LOG'] ?? null

/** An address without what it is about: numbers and ids of a path stand as `:id`, and nothing behind `?` is kept. */
export function bare(address: string): string {
  return (address.split('?')[0] ?? '').replace(/[0-9a-f]{8}-[0-9a-f-]{27}|[0-9a-f]{64}|\b\d+\b/gi, ':id').slice(0, 120)
}

/** Texts in quotes, long numbers and hashes of an error's message are somebody's words or ids: they are left out. */
export function impersonal(message: string): string {
  return message
    .replace(/(["“'`«])[^"”'`»]*["”'`»]/g, '$1…$1')
    .replace(/[0-9a-f]{8}-[0-9a-f-]{27}|[0-9a-f]{32,}/gi, ':id')
    .replace(/\s+/g, ' ')
    .slice(0, 300)
}

/**
 * Writes one line about an error: when, where, what kind, in which file of ours. No body, no name, no text that anybody wrote. Files
 * are turned over at 1 MB, three are kept. Never throws: a full disk is one of the things it tells of.
 */
export function logError(error: unknown, at: string): void {
  const dir = folder()
  const {
    name = 'Error',
    message = String(error),
    code,
    stack = '',
  } = (error ?? {}) as { name?: string; message?: string; code?: string; stack?: string }
  const frame = /\(?([\w./-]+\.(?:ts|tsx|js|mjs)):(\d+)/.exec(stack.split('\n').slice(1).join('\n'))
  const line = JSON.stringify({
    time: new Date().toISOString(),
    at: bare(at),
    error: name,
    ...(code ? { code: String(code).slice(0, 40) } : {}),
    message: impersonal(message),
    ...(frame ? { from: `${path.basename(frame[1]!)}:${frame[2]}` } : {}),
  })
  try {
    if (!dir) return void process.stderr.write(`${line}\n`)
    mkdirSync(dir, { recursive: true })
    const file = path.join(dir, 'app.log')
    if (existsSync(file) && statSync(file).size > MAX_BYTES)
      for (let n = KEPT - 1; n >= 0; n--) {
        const from = n === 0 ? file : `${file}.${n}`
        if (existsSync(from)) renameSync(from, `${file}.${n + 1}`)
      }
    appendFileSync(file, `${line}\n`, { mode: 0o600 })
  } catch {
    // Nowhere left to write to.
  }
}
