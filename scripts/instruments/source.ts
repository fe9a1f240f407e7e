import type { Offered, Order } from '../../src/instruments/relay'
import { Thinned } from '../../src/instruments/stream'

/** An instrument that the relay has: what it is, and what it has sent since the last time it was asked. */
export interface Source {
  readonly offered: () => Offered
  readonly take: () => string[]
  /** An order to a simulated one; others take none. */
  readonly order?: (order: Order) => void
}

/** The instruments that are there now, by key. One that is pulled out leaves. */
export class Sources {
  readonly #all = new Map<string, Source>()

  add(source: Source): void {
    this.#all.set(source.offered().key, source)
  }

  remove(key: string): void {
    this.#all.delete(key)
  }

  get offered(): Offered[] {
    return [...this.#all.values()].map((s) => s.offered())
  }

  /** What came of those that somebody has claimed; of the others it is forgotten. */
  take(claimed: ReadonlySet<string>): Record<string, string[]> {
    return Object.fromEntries(
      [...this.#all].flatMap(([key, source]) => {
        const lines = source.take()
        return claimed.has(key) && lines.length > 0 ? [[key, lines]] : []
      }),
    )
  }

  order(order: Order): void {
    this.#all.get(order.key)?.order?.(order)
  }
}

/** A source of plain lines: what it says of itself changes what it is offered as. */
export function lineSource(key: string, name: string): { readonly source: Source; readonly put: (line: string) => void } {
  let offered: Offered = { key, name }
  let said: string[] = []
  const thinned = new Thinned()
  return {
    source: {
      offered: () => offered,
      // What it says of itself is said again: a tablet may have come later.
      take: () => [...said, ...thinned.take()],
    },
    put: (line) => {
      const [, fact, rest = ''] = /^#\s*(kind|name)\s+(.*)$/.exec(line) ?? []
      if (fact) {
        said = [...said.filter((s) => !s.startsWith(`#${fact}`)), `#${fact} ${rest}`]
        offered = { ...offered, ...(fact === 'name' && rest ? { name: rest.slice(0, 80) } : {}) }
      } else thinned.put(line)
    },
  }
}
