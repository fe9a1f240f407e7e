import { LONGEST_LINE, type Reading, readLine } from './line'

/** Cuts what comes in pieces into lines. What has no line end for longer than a line may be is thrown away up to the next one. */
export class Lines {
  #rest = ''
  #lost = false
  readonly #decoder = new TextDecoder()

  /** @returns the lines that this piece ends, without their ends; a line that was too long comes as an empty one */
  feed(piece: Uint8Array | string): string[] {
    this.#rest += typeof piece === 'string' ? piece : this.#decoder.decode(piece, { stream: true })
    const parts = this.#rest.split(/\r\n|\n|\r/)
    this.#rest = parts.pop()!
    const lines = parts.map((line, i) => (line.length > LONGEST_LINE || (i === 0 && this.#lost) ? '' : line))
    if (parts.length > 0) this.#lost = false
    if (this.#rest.length > LONGEST_LINE) {
      this.#rest = ''
      this.#lost = true
    }
    return lines
  }
}

/** How often what an instrument shows is passed on, ms. */
export const PASS_ON_MS = 100

/**
 * An instrument may send a thousand lines a second: of each tenth of a second go on the last reading, and before it the least and the
 * most where they lie further out, so that lowest and highest stay true. What it says of itself always goes on.
 */
export class Thinned {
  #held: { readonly text: string; readonly reading: Reading }[] = []
  #other = new Set<string>()
  /** Lines that were left out, so far. */
  leftOut = 0

  put(text: string): void {
    const read = readLine(text)
    if (!read.ok || read.value.is !== 'reading') {
      // What cannot be read is passed on once: the tablet says what is wrong with it.
      if (this.#other.size < 8) this.#other.add(text)
      else this.leftOut++
      return
    }
    this.#held.push({ text, reading: read.value })
    if (this.#held.length > 3) this.#thin()
  }

  /** What goes on of what came since the last time, oldest first. */
  take(): string[] {
    const lines = [...this.#other, ...this.#held.map((h) => h.text)]
    this.#other = new Set()
    this.#held = []
    return lines
  }

  #thin(): void {
    const last = this.#held.at(-1)!
    const alike = this.#held.filter((h) => h.reading.unit === last.reading.unit && h.reading.mode === last.reading.mode)
    const figure = ({ reading: { shown } }: (typeof alike)[number]): number => (shown.is === 'value' ? shown.value : NaN)
    const figures = alike.filter((h) => !Number.isNaN(figure(h)))
    const keep = new Set([
      figures.reduce<(typeof alike)[number] | undefined>((a, b) => (a && figure(a) <= figure(b) ? a : b), undefined),
      figures.reduce<(typeof alike)[number] | undefined>((a, b) => (a && figure(a) >= figure(b) ? a : b), undefined),
      last,
    ])
    const before = this.#held.length
    this.#held = this.#held.filter((h) => keep.has(h))
    this.leftOut += before - this.#held.length
  }
}
