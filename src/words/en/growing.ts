import type { Difference, Doubt, DoubtKind, Says } from '../../core/growing'
import * as say from './screens/grown'
import { type Off, offName, offRule } from '../../core/job'
import { type MachineFile, STANDS, type StandId } from '../../core/machine'
import { STAND_WORDS } from './poses'

const VERB = {
  screw: 'Undo',
  nut: 'Undo',
  washer: 'Take off',
  ring: 'Take off',
  clip: 'Take off',
  tie: 'Cut',
  tape: 'Peel off',
  plug: 'Pull',
  part: 'Lift off',
} as const

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
const standing = (pose: string): string => (Object.hasOwn(STANDS, pose) ? STAND_WORDS[pose as StandId] : pose)

/** Titles of a machine file that grew from a job. */
export const SAYS: Says = {
  down: (off: Off) => `${VERB[off.sort]} ${offName(off)}`,
  up: (off: Off) =>
    off.sort === 'plug'
      ? `Join ${offName(off)}: until it clicks, then tug`
      : offRule(off.sort).renewed
        ? `New ${offName(off)}`
        : `${capital(offName(off))} back`,
  out: (name: string) => `${capital(name)} out`,
  whole: 'As the first one was taken apart',
  swap: (name: string) => `New ${name} in`,
  pose: standing,
  turn: (to: string) => `Stand it ${standing(to)}`,
  prop: (name: string) => `Prop ${name}`,
  frame: 'the machine',
  inside: 'what is inside',
  release: 'not noted',
  motor: 'motor',
  drive: 'Drive',
  pack: 'pack',
}

/** What is not sure of a file that grew, of one thing in it. */
const DOUBT_WORDS: Readonly<Record<DoubtKind, string>> = {
  tool: 'which key undoes it',
  torque: 'its torque: only the maker’s number counts here',
  thread: 'its thread',
  holds: 'what it holds',
  order: 'when it comes off: the two units were taken down in contrary orders',
  minutes: 'how long it takes',
  'no drive': 'what kind of drive it is',
  'no pack': 'its pack, and the plug that isolates it',
  count: 'how many there are',
  size: 'which size it is',
  'not seen': 'whether every one has it',
}

/** A doubt as it is read: of what, and what is not known of it. */
const doubtWords = (doubt: Doubt, name: string): string =>
  `${capital(name)}: ${DOUBT_WORDS[doubt.is]}${doubt.other === undefined ? '' : ` (the other one: ${doubt.other})`}`

const WHAT = { part: 'a part', plug: 'a plug', fixing: 'fixings' } as const

/** What another unit had otherwise, in words. */
function differenceWords(d: Difference): string {
  switch (d.is) {
    case 'new':
      return `This one has ${d.what === 'fixing' ? WHAT.fixing : WHAT[d.what]} that the file has not: ${d.name}`
    case 'not there':
      return `This one has no ${d.name}, or they were not logged`
    case 'count':
      return `${capital(d.name)}: ${d.was} in the file, ${d.now} on this one`
    case 'minutes':
      return `${capital(d.name)}: ${d.was} min in the file, ${d.now} min with this one`
    case 'photos':
      return d.count === 1 ? 'One photo more, with what lies at its points' : `${d.count} photos more, with what lies at their points`
  }
}

export const hasIt = (name: string): string => `Has it ${name}?`
export const YES = 'yes'
export const NO = 'no'

/** What grew from a job, as its page tells it. */
export interface GrownTold {
  readonly jobId: string
  readonly title: string
  readonly isNew: boolean
  readonly taken: boolean
  readonly contents: string
  readonly differences: readonly { readonly is: Difference['is']; readonly of: string; readonly text: string; readonly may: boolean }[]
  readonly doubts: readonly string[]
  readonly steps: { readonly title: string; readonly list: readonly string[] } | null
}

export function grownWords(draft: {
  readonly jobId: string
  readonly number: string
  readonly file: MachineFile
  readonly known: { readonly revision: string } | null
  readonly differences: readonly Difference[]
  readonly doubts: readonly Doubt[]
  readonly steps: readonly { readonly title: string; readonly minutes: number }[] | null
  readonly taken: boolean
}): GrownTold {
  const { file, known, number, steps } = draft
  const names = new Map([...file.parts, ...file.joints, ...file.connections].map((x) => [x.id, x.name]))
  return {
    jobId: draft.jobId,
    title: known ? say.addsTo(file.name, known.revision, number) : say.grewFrom(file.name, number),
    isNew: known === null,
    taken: draft.taken,
    contents: say.contents(file.parts.filter((p) => p.lift).length, file.joints.length, file.connections.length, file.photos?.length ?? 0),
    differences: draft.differences.map((d) => ({ is: d.is, of: d.of, text: differenceWords(d), may: d.is === 'new' && d.may })),
    doubts: [...new Set(draft.doubts.map((d) => doubtWords(d, names.get(d.of) ?? file.name)))],
    steps: steps && {
      title: say.wayDown(
        steps.length,
        steps.reduce((n, s) => n + s.minutes, 0),
      ),
      list: steps.map((s) => s.title),
    },
  }
}
