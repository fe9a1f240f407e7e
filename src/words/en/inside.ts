/** Names that stay as they are wherever they stand. */
const NAMES = /^(Hall|[A-Z0-9]{2,}|\d)/

/** A title inside a sentence: its first letter small, unless it begins with a name: `No code` → `no code`, `Hall wire` stays. */
export function inside(text: string): string {
  return NAMES.test(text) ? text : `${text.charAt(0).toLowerCase()}${text.slice(1)}`
}
