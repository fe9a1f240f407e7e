import type { MachineFile } from '../machine'
import { LOOKED_AT } from './alternatives'
import { plan } from './plan'
import type { Plan, PlanOptions, PlanStart, StoodFor } from './types'

/** What a tool is worth to a job: must it be there, or is it only easier with it? */
export interface ToolWorth {
  readonly tool: string
  readonly name: string
  /** Minutes × people more that the job takes without it; null where there is no way without it. */
  readonly more: number | null
  /** What is taken in its place then, and what that risks. */
  readonly instead?: Pick<StoodFor, 'risk' | 'byFeel'> & { readonly name: string }
}

/**
 * For each tool of a plan, the same job planned without that one: what has to be bought, and what would only be nice to have.
 * @param found the plan for the same job, start and options
 */
export function toolWorths(
  file: MachineFile,
  from: PlanStart | 'untouched',
  goals: readonly string[],
  options: PlanOptions,
  found: Plan,
): ToolWorth[] {
  const hands = (p: Plan): number => p.down.minutes.handsOn + p.up.minutes.handsOn
  const owned = options.toolsOwned ?? file.tools.map((t) => t.id)
  return found.tools.map(({ id, name }) => {
    const other = plan(file, from, goals, { ...options, nodeLimit: LOOKED_AT, toolsOwned: owned.filter((t) => t !== id) })
    if (!other.ok) return { tool: id, name, more: null }
    const step = [...other.value.down.steps, ...other.value.up.steps].find((s) => s.substitute?.for === name)
    return {
      tool: id,
      name,
      more: Math.max(0, hands(other.value) - hands(found)),
      ...(step?.substitute && step.tool
        ? { instead: { name: step.tool.name, risk: step.substitute.risk, ...(step.substitute.byFeel ? { byFeel: true } : {}) } }
        : {}),
    }
  })
}
