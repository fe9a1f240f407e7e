import type { Doing, FileIndex, Mode, Substitute } from '../machine'
import type { Action } from './actions'
import { BY_FEEL } from './by-feel'

/** A mode whose tool is not to hand, done with another that is. */
export interface StandIn extends Mode {
  readonly standsFor: Replaced
}

interface Replaced {
  readonly tool: string
  readonly risk: string
  /** The tool would have measured a torque. */
  readonly byFeel?: true
}

export const standsIn = (mode: Mode): StandIn['standsFor'] | undefined => ('standsFor' in mode ? (mode as StandIn).standsFor : undefined)

/** The ways that the tools to hand allow: the tool itself, else the first substitute that is there, with its risk; none otherwise. */
export function equip(doing: Doing, lacking: ReadonlySet<string>): Doing {
  if (lacking.size === 0) return doing
  if (doing.with?.some((id) => lacking.has(id))) return { ...doing, modes: [] }
  return {
    ...doing,
    modes: doing.modes.flatMap((mode): Mode[] => {
      if (mode.tool === null || !lacking.has(mode.tool)) return [mode]
      const other = mode.substitutes?.find((s) => !lacking.has(s.tool))
      return other
        ? [
            {
              ...mode,
              tool: other.tool,
              standsFor: { tool: mode.tool, risk: other.risk, ...(isFelt(other) ? { byFeel: true } : {}) },
            } as StandIn,
          ]
        : []
    }),
  }
}

interface Felt extends Substitute {
  readonly byFeel: true
}
const isFelt = (s: Substitute): s is Felt => 'byFeel' in s

/**
 * The return of a fixing, by feel too where no torque tool is to hand and it may: what undid it stands in. Axle, steering, brake and pack
 * terminals keep their wrench always, and whatever does the work too unless `whatever` may.
 */
export function orByFeel(
  index: FileIndex,
  { answers, doing }: { readonly answers: Action | null; readonly doing: Doing },
  may: 'covers' | 'whatever',
): Doing {
  const joint = answers?.kind === 'release' ? index.joints.get(answers.subject) : undefined
  const hand = joint?.down.modes.find((m) => m.tool !== null)?.tool
  if (!joint || !hand || joint.critical || (may === 'covers' && joint.role === 'working')) return doing
  const measures = (tool: string | null): boolean => tool !== null && (index.tools.get(tool)?.kind ?? '').startsWith('torque')
  const felt: Felt = { tool: hand, risk: BY_FEEL, byFeel: true }
  return { ...doing, modes: doing.modes.map((m) => (measures(m.tool) ? { ...m, substitutes: [...(m.substitutes ?? []), felt] } : m)) }
}

/** The first step that cannot be done for want of a tool, and the tool. */
export function stoppedBy(
  index: FileIndex,
  actions: readonly Pick<Action, 'doing'>[],
  lacking: ReadonlySet<string>,
): { readonly tool: string; readonly step: string } | null {
  for (const { doing } of actions) {
    const tool = doing.with?.find((id) => lacking.has(id)) ?? doing.modes.find((m) => m.tool !== null)?.tool
    if (tool && equip(doing, lacking).modes.length === 0) return { tool: index.tools.get(tool)?.name ?? tool, step: doing.title }
  }
  return null
}
