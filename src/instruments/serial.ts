import { Lines, PASS_ON_MS, Thinned } from './stream'

/** What of Web Serial is used; a browser without it has none. */
interface Port {
  readonly readable: ReadableStream<Uint8Array> | null
  open(options: { readonly baudRate: number }): Promise<void>
  close(): Promise<void>
}
interface Serial {
  requestPort(): Promise<Port>
  getPorts(): Promise<readonly Port[]>
}

/** Speeds that instruments write at, the usual one first. */
export const SPEEDS = [9600, 2400, 19_200, 57_600, 115_200] as const

function serialHere(): Serial | null {
  return typeof navigator === 'undefined' ? null : ((navigator as { readonly serial?: Serial }).serial ?? null)
}

/** Can this browser read a serial port by itself? */
export function hasSerial(): boolean {
  return serialHere() !== null
}

/** How an instrument on a port is heard. */
export interface Hearing {
  readonly lines: (lines: readonly string[]) => void
  /** It was pulled out, or the port failed. */
  readonly gone: () => void
}

/**
 * Opens the port that somebody chooses in the browser’s own list, and reads lines from it until it is pulled out or let go.
 * @returns how to let it go; null where none was chosen
 * @throws DOMException where the port cannot be opened: another program has it
 */
export async function openSerial(baudRate: number, { lines, gone }: Hearing): Promise<(() => Promise<void>) | null> {
  const serial = serialHere()
  const port = await serial?.requestPort().catch(() => null)
  if (!port) return null
  await port.open({ baudRate })
  const reader = port.readable!.getReader()
  const [cutter, thinned] = [new Lines(), new Thinned()]
  const passing = setInterval(() => {
    const some = thinned.take()
    if (some.length > 0) lines(some)
  }, PASS_ON_MS)
  let ended = false
  const end = async (): Promise<void> => {
    if (ended) return
    ended = true
    clearInterval(passing)
    await reader.cancel().catch(() => undefined)
    await port.close().catch(() => undefined)
  }
  void (async () => {
    try {
      for (let part = await reader.read(); !part.done && !ended; part = await reader.read())
        cutter.feed(part.value).forEach((l) => thinned.put(l))
    } catch {
      // Pulled out in the middle: the reader says so by failing.
    }
    if (ended) return
    reader.releaseLock()
    await end()
    gone()
  })()
  return end
}
