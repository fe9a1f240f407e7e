import type { Doing, FileIndex, Mode } from '../machine'
import type { Action } from './actions'

/** A mode whose tool is not to hand, done with another that is. */
export interface StandIn extends Mode {
  readonly standsFor: { readonly tool: string; readonly risk: string }
}

export const standsIn = (mode: Mode): StandIn['standsFor'] | undefined => ('standsFor' in mode ? (mode as StandIn).standsFor : undefined)

/** The ways that the tools to hand allow: the tool itself, else the first substitute that is there, with its risk; none otherwise. */
export function equip(doing: Doing, lacking: ReadonlySet<string>): Doing {
  if (lacking.size === 0) return doing
  return {
    ...doing,
    modes: doing.modes.flatMap((mode): Mode[] => {
      if (mode.tool === null || !lacking.has(mode.tool)) return [mode]
      const other = mode.substitutes?.find((s) => !lacking.has(s.tool))
      return other ? [{ ...mode, tool: other.tool, standsFor: { tool: mode.tool, risk: other.risk } } as StandIn] : []
    }),
  }
}

/** The first step that cannot be done for want of a tool, and the tool. */
export function stoppedBy(index: FileIndex, actions: readonly Pick<Action, 'doing'>[], lacking: ReadonlySet<string>): { readonly tool: string; readonly step: string } | null {
  for (const { doing } of actions) {
    const tool = doing.modes.find((m) => m.tool !== null)?.tool
    if (tool && equip(doing, lacking).modes.length === 0) return { tool: index.tools.get(tool)?.name ?? tool, step: doing.title }
  }
  return null
}
