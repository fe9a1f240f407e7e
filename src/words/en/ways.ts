import { type FileIndex, type MachineFile, pointing, sidesIn, type Vec3, subjectOf } from '../../core/machine'
import { type PlannedStep, usedBeside } from '../../core/planning'

const LETS_GO: Readonly<Record<string, string>> = {
  tyre: 'Air leaves',
  spring: 'The spring lets go',
  gas: 'The strut pushes',
  weight: 'Its weight comes',
}

const toward = (words: string): string => words.replace(/\b(left|right)\b/g, 'to the $1')
const seen = (words: string): string => (/\b(left|right)\b/.test(words) ? ' (seen from behind)' : '')

/** Which way something points on the machine, and as the machine stands where that is another. */
function whither(what: string, v: Vec3, pose: { readonly rotation: Vec3 }): string {
  const { own, now } = pointing(v, pose)
  return own === now ? `${what} ${toward(own)}.` : `${what} ${toward(own)} on the machine, now ${toward(now)}${seen(now)}.`
}

/**
 * Lines about direction for a step: where what is stored goes when it is let go, where tabs and slots point, and what has become of left
 * and right where the machine lies or hangs turned over and the step speaks of sides.
 */
export function waysOf(file: MachineFile, step: PlannedStep, turning: boolean): string[] {
  const pose = file.poses.find((p) => p.id === (turning ? (step.turn?.to ?? step.pose) : step.pose))
  if (!pose) return []
  const sides = sidesIn(pose)
  const turnedOver = sides
    ? [`Its left ${turning ? 'will be' : 'is now'} ${side(sides.left)}, its right ${side(sides.right)}${seen(sides.left)}.`]
    : []
  if (turning) return turnedOver
  const subject = subjectOf(step.action)
  const stored =
    step.limb === 'down'
      ? file.energy.flatMap((e) =>
          e.releasedBy === subject && e.escape && LETS_GO[e.kind] ? [whither(LETS_GO[e.kind]!, e.escape, pose)] : [],
        )
      : []
  const facing = file.stacks.flatMap((s) =>
    s.items.flatMap((i) =>
      i.joint === subject && i.facing ? [whither(`${i.name.charAt(0).toUpperCase()}${i.name.slice(1)} points`, i.facing, pose)] : [],
    ),
  )
  const speaksOfSides = /\b(left|right)\b/i.test([step.title, step.note ?? '', ...step.fixings.map((f) => f.place)].join(' '))
  return [...new Set([...stored, ...facing]), ...(speaksOfSides ? turnedOver : [])]
}

const side = (word: string): string => (word === 'left' || word === 'right' ? `on the ${word}` : word)

/** What it is turned with, or what a step takes beside the tool in hand. */
export function besideOf(index: FileIndex, step: PlannedStep, turning: boolean): readonly string[] {
  const beside = usedBeside(index, step)
  return (turning ? beside.turning : beside.doing).map((t) => t.name)
}
