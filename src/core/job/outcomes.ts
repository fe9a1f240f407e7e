/** Between what is claimed of a subject and what it is claimed with: a cell, a time, a name. Stored in heads, so it stays as it is. */
const WITH = '|'

/** What is claimed of a subject, with what comes with it: `cell` in `A1`. */
export function outcomeWith(outcome: string, detail?: string | number): string {
  return detail === undefined ? outcome : `${outcome}${WITH}${detail}`
}

/** The two apart again. A detail may hold any text. */
export function readOutcome(text: string): { readonly outcome: string; readonly detail?: string } {
  const at = text.indexOf(WITH)
  return at < 0 ? { outcome: text } : { outcome: text.slice(0, at), detail: text.slice(at + WITH.length) }
}

const PASS = 'pass:'

/** A pass of a step as what is claimed of it. */
export function passOutcome(pass: string): string {
  return `${PASS}${pass}`
}

/** The pass of such an outcome; null for any other. */
export function passOf(outcome: string): string | null {
  return outcome.startsWith(PASS) ? outcome.slice(PASS.length) : null
}

/** A locker that cures until then, epoch ms. */
export function curesAt(at: number): string {
  return outcomeWith('cures', at)
}
