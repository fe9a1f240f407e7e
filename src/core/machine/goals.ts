import type { Goal, MachineFile } from './types'

/** The jobs to do that a text names, in small letters: `front motor + rear motor`. */
export const namesIn = (text: string): string[] => text.split('+').map((name) => name.trim().toLowerCase()).filter(Boolean)

/** Several jobs to do in one go, as a text that `namesIn` reads. */
export const inOneGo = (names: readonly string[]): string => names.join(' + ')

/** What of it the file knows, in the order of the file. */
export function goalsNamed(file: MachineFile, text: string): readonly Goal[] {
  const names = [text.trim().toLowerCase(), ...namesIn(text)]
  return file.goals.filter((g) => names.includes(g.name.toLowerCase()))
}
