import { type Doing, type FileIndex, indexFile, type MachineFile, type PoseMove, subjectOf, wishedPose } from '../machine'
import { BY_FEEL } from './by-feel'
import { titleWithEnd } from './ends'
import { fixingSpecs, jointFacts, plugFacts, returnOf } from './fixing-specs'
import type { FixingSpec, PartSpec, PlannedStep, PoseTurn, SwapPlanStep } from './types'

/** Puts the words of a machine's file to steps that a job keeps without them; those that came with words stay as they are. */
export interface Wording {
  readonly step: (step: PlannedStep) => PlannedStep
  readonly swap: (step: SwapPlanStep) => SwapPlanStep
  readonly fixing: <T extends FixingSpec>(fixing: T) => T
  readonly part: <T extends PartSpec>(part: T) => T
}

const NONE: Wording = { step: (s) => s, swap: (s) => s, fixing: (f) => f, part: (p) => p }

/** The same step, the same file: the same object, so that what is drawn from it need not be drawn again. */
function kept<T extends object>(make: (of: T) => T): (of: T) => T {
  const known = new WeakMap<T, T>()
  return (of) => {
    const before = known.get(of)
    if (before) return before
    const now = make(of)
    known.set(of, now)
    return now
  }
}

/**
 * @param file the machine's file at the revision that the plan was made from; null where there is none: then ids stand for words
 * @param goals ids of the jobs that the plan does
 */
export function wordingOf(file: MachineFile | null, goals: readonly string[]): Wording {
  if (!file) return NONE
  const index = indexFile(file)
  return {
    step: kept((s) => (s.bare ? stepInWords(index, goals, s) : s)),
    swap: kept((s) => (s.bare ? swapInWords(index, s) : s)),
    fixing: kept((f: FixingSpec) => fixingInWords(index, f)) as Wording['fixing'],
    part: kept((p: PartSpec) => partInWords(index, p)) as Wording['part'],
  }
}

function stepInWords(index: FileIndex, goals: readonly string[], step: PlannedStep): PlannedStep {
  const { bare: _, ...facts } = step
  const doing = doingOf(index, step)
  const instead = step.substitute?.tool ?? ''
  const tool = step.tool ? index.tools.get(step.tool.id) : undefined
  const joint = step.kind === 'release' ? index.joints.get(subjectOf(step.action)) : undefined
  const plug = step.kind === 'unplug' ? index.connections.get(subjectOf(step.action)) : undefined
  return {
    ...facts,
    title: titleWithEnd(index, goals, { action: step.action, title: doing?.title ?? step.title }),
    ...(doing?.note !== undefined ? { note: doing.note } : {}),
    ...(doing?.photo !== undefined ? { photo: doing.photo } : {}),
    ...(doing?.counterHold !== undefined ? { counterHold: doing.counterHold } : {}),
    ...(doing?.ifOmitted !== undefined ? { ifOmitted: doing.ifOmitted } : {}),
    ...(step.turn ? { turn: turnInWords(index, step.turn) } : {}),
    ...(tool
      ? {
          tool: {
            id: tool.id,
            name: tool.name,
            short: tool.short,
            ...(tool.size !== undefined ? { size: tool.size } : {}),
            ...(tool.why !== undefined ? { why: tool.why } : {}),
            ...(tool.adapter ? { adapter: tool.adapter } : {}),
          },
        }
      : {}),
    ...(step.substitute
      ? { substitute: { ...step.substitute, for: index.tools.get(instead)?.name ?? step.substitute.for, risk: riskOf(doing, step) } }
      : {}),
    why: step.why.map(({ wantedBy }) => ({ wantedBy, title: reasonInWords(index, goals, wantedBy, doing) })),
    fixings: step.fixings.map((f) => fixingInWords(index, f)),
    parts: step.parts.map((p) => partInWords(index, p)),
    ...(doing?.looks ? { looks: doing.looks } : {}),
    ...(step.wants ? { wants: step.wants.map((w) => ({ ...w, name: doing?.wants?.find((x) => x.id === w.id)?.name ?? w.name })) } : {}),
    ...(step.joint && joint ? { joint: { ...jointFacts(joint), ...step.joint } } : {}),
    ...(step.joint && plug ? { joint: { ...plugFacts(plug), ...step.joint } } : {}),
    ...(step.limb === 'up' && joint?.pattern !== undefined ? { pattern: joint.pattern } : {}),
    consumables: doing?.consumables ?? [],
  }
}

function downOf(index: FileIndex, action: string): Doing | undefined {
  const id = subjectOf(action)
  return index.joints.get(id)?.down ?? index.parts.get(id)?.lift ?? index.connections.get(id)?.down ?? index.steps.get(id)?.down
}

/** What the file says of a step. */
export function doingOf(index: FileIndex, step: PlannedStep): Doing | undefined {
  const subject = subjectOf(step.action)
  const down =
    step.kind === 'release'
      ? index.joints.get(subject)?.down
      : step.kind === 'take off'
        ? index.parts.get(subject)?.lift
        : step.kind === 'unplug'
          ? index.connections.get(subject)?.down
          : index.steps.get(subject)?.down
  // On the way up it is parted once more after a test.
  if (step.limb === 'down' || (step.kind === 'unplug' && step.power === 'isolated')) return down
  if (step.kind === 'gate') return index.steps.get(subject)?.up
  return down ? returnOf(index, step.kind, subject, down) : undefined
}

/** The moves of the file that a turn is made of. */
export const movesOf = (index: FileIndex, turn: PoseTurn): readonly PoseMove[] =>
  (turn.by ?? []).flatMap(
    ([from, to]) =>
      index.file.poseMoves
        .filter((m) => m.from === from && m.to === to)
        .sort((a, b) => a.minutes.likely * a.people - b.minutes.likely * b.people)[0] ?? [],
  )

function turnInWords(index: FileIndex, turn: PoseTurn): PoseTurn {
  const moves = movesOf(index, turn)
  const notes = [...new Set(moves.flatMap((m) => m.note ?? []))]
  return { ...turn, title: moves.map((m) => m.title).join(', then ') || turn.title, ...(notes.length > 0 ? { note: notes.join(' ') } : {}) }
}

function riskOf(doing: Doing | undefined, step: PlannedStep): string {
  if (step.substitute!.byFeel) return BY_FEEL
  return (
    doing?.modes
      .filter((m) => m.tool === step.substitute!.tool)
      .flatMap((m) => m.substitutes ?? [])
      .find((s) => s.tool === step.tool?.id)?.risk ?? ''
  )
}

function reasonInWords(index: FileIndex, goals: readonly string[], wantedBy: string, doing: Doing | undefined): string {
  if (wantedBy === 'file') return doing?.ifOmitted ?? wantedBy
  if (wantedBy === 'goal') return goals.map((id) => index.goals.get(id)?.name ?? id).join(' + ')
  const pose = wishedPose(wantedBy)
  if (pose !== null) return `stand it ${index.poses.get(pose)?.name ?? pose}`
  return downOf(index, wantedBy)?.title ?? wantedBy
}

function fixingInWords<T extends FixingSpec>(index: FileIndex, { bare, ...fixing }: T): T {
  if (!bare) return fixing as T
  const joint = index.joints.get(fixing.joint)
  const words = joint ? fixingSpecs(joint, () => undefined).find((f) => f.id === fixing.id) : undefined
  if (!words) return fixing as T
  // One that a job gave another label, such as a longer bolt, keeps it.
  return { ...words, ...fixing, label: fixing.label === fixing.joint ? words.label : fixing.label, place: words.place } as T
}

function partInWords<T extends PartSpec>(index: FileIndex, { bare, ...part }: T): T {
  return (bare ? { ...part, name: index.parts.get(part.id)?.name ?? part.name } : part) as T
}

function swapInWords(index: FileIndex, step: SwapPlanStep): SwapPlanStep {
  const { bare: _, job: __, ...facts } = step
  const words = index.file.goals.flatMap((g) => g.swap ?? []).find((s) => s.id === step.id)
  const part = step.part ? index.parts.get(step.part.id) : undefined
  return {
    ...facts,
    title: words?.title ?? step.title,
    ...(words?.note !== undefined ? { note: words.note } : {}),
    ...(words?.converts !== undefined ? { converts: words.converts } : {}),
    ...(step.goal !== undefined ? { job: index.goals.get(step.goal)?.name ?? step.goal } : {}),
    ...(part ? { part: { id: part.id, name: part.name } } : {}),
    ...(step.compare
      ? {
          compare: step.compare.map((c) => ({
            ...c,
            name: part?.compare?.find((p) => p.id === c.id)?.name ?? c.name,
            why: part?.compare?.find((p) => p.id === c.id)?.why ?? '',
          })),
        }
      : {}),
  }
}
