import { type FileIndex, subjectOf } from '../../core/machine'
import type { PlannedStep } from '../../core/planning'
import { BEHIND_WORDS } from './worked'

/** What lies behind the screws of a step, and how far past their ends; each once. */
function behindOf({ lengths = [] }: PlannedStep): readonly string[] {
  const line = (l: (typeof lengths)[number]): string => {
    const past = l.depth === undefined ? '' : `, ${Number(((l.washers ?? 0) + l.stack + l.depth - l.length).toFixed(1))} mm past the end`
    return `Behind the ${l.length} mm ones lies ${BEHIND_WORDS[l.behind]}${past}.`
  }
  return [...new Set(lengths.map(line))]
}

const list = (names: readonly string[]): string => names.join(', ')

/**
 * What the file knows of the thing at hand, a line each: which side a part is of, that it is sealed, what a tie holds beside, how much
 * slack a lead wants at full lock, the form of a screw's head, and why it is this tool.
 */
export function knownOf(index: FileIndex, step: PlannedStep): readonly string[] {
  const { file } = index
  const subject = subjectOf(step.action)
  const joint = index.joints.get(subject)
  const parts = step.parts.flatMap((p) => index.parts.get(p.id) ?? [])
  const handed = parts.flatMap((p) => (p.handed ? [`The ${p.name} is of the ${p.handed} side: it fits no other.`] : []))
  const sealed = parts.flatMap((p) =>
    file.sealed.filter((s) => s.part === p.id).map((s) => `Sealed: ${s.why} It comes new as ${s.replacedBy}.`),
  )
  const cables = file.cables.filter((c) => c.route.includes(subject))
  const named = (id: string): string => index.cables.get(id)?.name ?? index.parts.get(id)?.name ?? id
  const shared = file.cables.flatMap((c) =>
    (c.ties ?? []).flatMap((t) =>
      t.joint === subject && t.shares.length > 0 ? [`Ties ${c.name} and ${list(t.shares.map(named))} together.`] : [],
    ),
  )
  const slack = (step.limb === 'up' ? cables : []).flatMap((c) =>
    c.slack
      ? [
          `${c.name.charAt(0).toUpperCase()}${c.name.slice(1)}: ${c.slack.leftLock.value} mm of slack at left lock, ${c.slack.rightLock.value} mm at right lock.`,
        ]
      : [],
  )
  const head = joint?.head && step.tool ? [`Head: ${joint.head}.`] : []
  const why = step.tool?.why ? [`${step.tool.name.charAt(0).toUpperCase()}${step.tool.name.slice(1)}: ${step.tool.why}`] : []
  return [...handed, ...sealed, ...shared, ...slack, ...behindOf(step), ...head, ...why]
}
