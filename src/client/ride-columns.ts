import type { Assigned } from '../formats/ride-log'

const KEPT = 'nailsmith-ride-columns'
/** Loggers whose columns are kept on this device; the one used longest ago goes first. */
const MOST = 20

const signature = (names: readonly string[]): string => names.join('\u0000')

function kept(): Record<string, Assigned> {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '{}')
    return value !== null && typeof value === 'object' ? (value as Record<string, Assigned>) : {}
  } catch {
    return {}
  }
}

/** What somebody said on this device that the columns of such a file are; empty where nobody did. */
export function columnsOf(names: readonly string[]): Assigned {
  const all = kept()
  const key = signature(names)
  const said: unknown = Object.hasOwn(all, key) ? all[key] : null
  return said !== null && typeof said === 'object' ? said : {}
}

/** Keeps it for the next file of the same logger. A device that keeps nothing asks again. */
export function keepColumns(names: readonly string[], assigned: Assigned): void {
  const key = signature(names)
  const others = Object.entries(kept()).filter(([k]) => k !== key)
  try {
    localStorage.setItem(KEPT, JSON.stringify(Object.fromEntries([...others, [key, assigned]].slice(-MOST))))
  } catch {
    // Full: asked again the next time.
  }
}
