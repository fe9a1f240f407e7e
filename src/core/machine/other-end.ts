import type { Goal, MachineFile } from './types'

const SIDES: Readonly<Record<string, string>> = { front: 'rear', rear: 'front', left: 'right', right: 'left' }
const SIDE = /\b(front|rear|left|right)\b/g

/** The same job at the other end or on the other side: `front motor` for `rear motor`; undefined where the file has none. */
export function otherJob(file: MachineFile, goal: string): Goal | undefined {
  const name = file.goals.find((g) => g.id === goal || g.name === goal)?.name
  const other = name?.replace(SIDE, (side) => SIDES[side]!)
  return other === undefined || other === name ? undefined : file.goals.find((g) => g.name === other)
}

/** A title with its end and side left open, so that the two jobs can be laid side by side. */
export const sideless = (title: string): string => title.toLowerCase().replace(SIDE, '…')
