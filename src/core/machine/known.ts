/** Checks that a step of a machine file can pass, and every other that a job has. A closed list: an id that is none of these is refused. */
export const CHECKS = [
  'dead', 'support', 'reaction path', 'brakes', 'full cure', 'qualified', 'pack triage', 'handling strength', 'spin test', 'calibration',
  'replacement matches', 'tray adds up', 'ridden', 'pinch',
] as const
export type CheckId = (typeof CHECKS)[number]

/** Cautions that a machine file can name: ids of the hazard table, whose words the screen has. A closed list too. */
export const CAUTION_IDS = [
  'H2', 'H4', 'H5', 'H6', 'H7', 'H8', 'H9', 'H10', 'H11', 'H14', 'H22', 'H25', 'H26', 'H28', 'H30', 'H31', 'H32', 'H33', 'H34', 'H35', 'H36', 'H37', 'H38', 'H39', 'H40',
  'H43', 'H44', 'H46', 'H47', 'H48', 'H50', 'H52', 'H54', 'H55', 'H57', 'H58', 'H60', 'H61', 'H63', 'H64', 'H67', 'H72', 'H74',
] as const
export type CautionId = (typeof CAUTION_IDS)[number]

/** Changes of one letter that turn `a` into `b` (Levenshtein 1966). */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let k = 1; k <= b.length; k++) next.push(Math.min(row[k]! + 1, next[k - 1]! + 1, row[k - 1]! + (a[i - 1] === b[k - 1] ? 0 : 1)))
    row = next
  }
  return row[b.length]!
}

/**
 * The id of a list that a misspelt one most likely means; null where none is near: more than a third of its letters would change.
 * @example nearest('spin tset', CHECKS) // 'spin test'
 */
export function nearest(word: string, list: readonly string[]): string | null {
  const asked = word.toLowerCase().slice(0, 60)
  const best = list.map((id) => ({ id, d: distance(asked, id.toLowerCase()) })).sort((a, b) => a.d - b.d)[0]
  return best && best.d <= Math.max(1, Math.floor(asked.length / 3)) ? best.id : null
}
