import type { FixingState, JobState, Rung } from '../../core/job'
import { subjectOf } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'

export type PillLook = 'on' | 'loosened' | 'out' | 'part' | 'kept' | 'new' | 'started' | 'seated' | 'final' | 'wrong' | 'gone'

export interface Pill {
  readonly text: string
  readonly cell?: string
  readonly look: PillLook
  /** Read out, since colour and shape alone do not speak. */
  readonly words: string
}

const LOOK: Record<FixingState['condition'], PillLook> = {
  on: 'on',
  loosened: 'loosened',
  cell: 'out',
  'own hole': 'kept',
  carrier: 'kept',
  captive: 'kept',
  bin: 'new',
  'left in': 'on',
  lost: 'wrong',
  'kept out': 'gone',
  'new wanted': 'new',
  started: 'started',
  seated: 'seated',
  final: 'final',
  marked: 'final',
}
/** How a fixing is, in words. */
export const CONDITIONS: Readonly<Record<FixingState['condition'], string>> = {
  on: 'still on',
  loosened: 'loosened',
  cell: 'out',
  'own hole': 'in its own hole',
  carrier: 'kept on its part',
  captive: 'captive',
  bin: 'cut, new one wanted',
  'left in': 'left in',
  lost: 'lost',
  'kept out': 'not going back',
  'new wanted': 'new one wanted',
  started: 'started by hand',
  seated: 'seated',
  final: 'final',
  marked: 'final and marked',
}

/** Worst first: one lost screw among fourteen is what the pill has to say. */
const ORDER: readonly PillLook[] = ['wrong', 'out', 'new', 'kept', 'loosened', 'started', 'seated', 'gone', 'final', 'on']

export function conditionWords(condition: FixingState['condition']): string {
  return CONDITIONS[condition]
}

/** Pieces of one set: `14 × M4×10/14` of two lengths; what is alike in nothing by itself: `flat, 2 × tab`. */
export function setText(labels: readonly string[]): string {
  const kinds = [...new Set(labels)]
  const sized = kinds.map((label) => /^(.*×)([\d.]+)$/.exec(label))
  const [thread] = new Set(sized.map((s) => s?.[1]))
  if (kinds.length > 1 && thread !== undefined && sized.every((s) => s?.[1] === thread))
    return `${labels.length} × ${thread}${sized.map((s) => s![2]).join('/')}`
  return kinds
    .map((label) => [label, labels.filter((l) => l === label).length] as const)
    .map(([label, n]) => (n === 1 ? label : `${n} × ${label}`))
    .join(', ')
}

/** The set that the step is about, or the part that comes off, and how many pieces come along. */
function pieceText(state: JobState, step: PlannedStep, fixings: PlannedStep['fixings']): string {
  const subject = subjectOf(step.action)
  const own = fixings.filter((f) => f.joint === subject)
  const set = own.length > 0 ? own : fixings
  const [part] = step.kind === 'take off' ? step.parts : []
  // A longer bolt that takes the place of one is what it is now.
  const text = part ? part.name : setText(set.map((f) => state.fixings[f.id]?.label ?? f.label))
  const more = fixings.length - (part ? 0 : set.length)
  return more > 0 ? `${text} +${more}` : text
}

/** What lies between the limbs for a rung. */
export function pillOf(state: JobState, rung: Rung): Pill | null {
  const step = rung.down ?? rung.up
  if (!step || rung.number === undefined) return null
  const fixings = step.limb === 'down' ? step.fixings : step.fixings.filter((f) => f.joint === step.fixings[0]?.joint)
  if (fixings.length > 0) {
    const now = fixings.flatMap((f) => state.fixings[f.id] ?? [])
    const disputed = now.some((f) => f.disputed)
    const looks = now.map((f) => LOOK[f.condition])
    const look = disputed ? 'wrong' : (ORDER.find((l) => looks.includes(l)) ?? 'on')
    const worst = now.find((f) => LOOK[f.condition] === look) ?? now[0]
    const cells = [...new Set(now.flatMap((f) => (f.condition === 'cell' && f.where ? [f.where] : [])))]
    const text = pieceText(state, step, fixings)
    return {
      text:
        look === 'new' && worst?.consumable && !fixings.some((f) => f.label !== worst.label)
          ? `${fixings.length > 1 ? `${fixings.length} ` : ''}${worst.label} — new`
          : text,
      ...(cells.length > 0 ? { cell: cells.join(' ') } : {}),
      look,
      words: `${text}: ${disputed ? 'disputed' : worst ? CONDITIONS[worst.condition] : 'still on'}${cells.length > 0 ? `, ${cells.join(' and ')}` : ''}`,
    }
  }
  const parts = step.parts.flatMap((p) => state.parts[p.id] ?? [])
  if (parts.length > 0) {
    const off = parts.some((p) => p.condition === 'off')
    const text = parts.length > 2 ? `${parts[0]!.name} +${parts.length - 1}` : parts.map((p) => p.name.replace(/^the /, '')).join(' + ')
    const renewed = parts.some((p) => p.replaced)
    return {
      text: renewed && off ? `${text} — new` : text,
      look: parts.some((p) => p.disputed) ? 'wrong' : off ? 'part' : cameBack(state, rung) ? 'final' : 'on',
      words: `${text}: ${off ? 'off' : 'on'}`,
    }
  }
  // What is made ready and never put back has nothing between the limbs.
  if (step.kind === 'prepare' && !rung.up) return null
  const done = rung.down !== undefined && state.steps[rung.down.id]?.status === 'done'
  const back = cameBack(state, rung)
  const text = step.kind === 'unplug' ? 'plug' : step.kind === 'prepare' ? (/\blead\b/i.test(step.title) ? 'lead' : 'ready') : 'set aside'
  return { text, look: back ? 'final' : done ? 'part' : 'on', words: `${text}: ${back ? 'back' : done ? 'apart' : 'as it was'}` }
}

function cameBack(state: JobState, rung: Rung): boolean {
  return rung.up !== undefined && state.steps[rung.up.id]?.status === 'done'
}
