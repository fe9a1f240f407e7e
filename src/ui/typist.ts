/** Letters of something that types by itself come faster than this, ms. */
const FAST_MS = 60
/** What begins sooner than this after another letter may be the rest of a figure whose beginning came late, ms. */
const APART_MS = 400
/** What has fewer letters may be a person. */
const LEAST = 2

/** What a key was: kept from the page, since no hand pressed it; and the end of a whole figure. */
interface Heard {
  readonly keep: boolean
  readonly text?: string
}

/**
 * Tells a figure that an instrument types from what hands type, key by key. One that came with a pause in it is nobody's figure: its
 * end alone would be another one.
 * @returns what hears a key, at its moment in ms; `inField` where a field takes it
 */
export function typist(): (key: string, at: number, inField: boolean) => Heard {
  // Null: not known from its first letter on.
  let [figure, last]: [string | null, number] = [null, -Infinity]
  return (key, at, inField) => {
    const since = at - last
    if (inField) {
      figure = null
      return { keep: false }
    }
    if (key === 'Enter' || key === 'Tab') {
      const [text, fast] = [figure, since <= FAST_MS]
      figure = null
      if (!fast) return { keep: false }
      if (text === null) return { keep: true }
      return text.trim().length < LEAST || !/\d|OL/i.test(text) ? { keep: false } : { keep: true, text }
    }
    if (key.length !== 1) return { keep: false }
    if (since > FAST_MS) figure = since > APART_MS ? key : null
    else if (figure !== null) figure += key
    last = at
    // A space in the middle of it is no press of a button.
    return { keep: key === ' ' && since <= FAST_MS }
  }
}
