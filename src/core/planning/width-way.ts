import { convertWidth, type WidthPiece, type WidthSet } from '../conversion'
import { type MachineFile, type Variants, withWorstCase } from '../machine'
import { plan } from './plan'
import type { Plan, PlanError, PlanOptions, PlanStart } from './types'
import { variantChange } from './variant-change'

/** What a conversion changes of what the file has steps for: what comes and goes with it, and the plan of the way up from there. */
export interface WidthWay {
  /** Actions whose returns it brings along, though nobody ever undid them. */
  readonly brings: readonly string[]
  /** Actions of what is there no longer. */
  readonly drops: readonly string[]
  readonly plan: Plan
}

/** A machine in the middle of a job, and which width it goes from and to. */
export interface Converting {
  readonly file: MachineFile
  readonly start: PlanStart | 'untouched'
  readonly goals: readonly string[]
  readonly set: WidthSet
  readonly from: string
  readonly to: string
}

/**
 * The way up once the machine is in the other width.
 * @param options with the answers as they are before it
 * @returns null where the file has nothing of its own that comes along; or why there is no plan
 */
export function widthWay(
  { file, start, goals, set, from, to }: Converting,
  options: PlanOptions,
): WidthWay | { readonly error: PlanError } | null {
  if (set.variant === undefined) return null
  const [before, after] = [from, to].map((option) => withWorstCase(file, { ...options.variants, [set.variant!]: option })) as [
    Variants,
    Variants,
  ]
  const { comes, goes } = variantChange(file, before, after)
  const { add, remove } = convertWidth(set, from, to)
  const lifted = (pieces: readonly WidthPiece[]): readonly string[] =>
    [...new Set(pieces.map((p) => p.of))].flatMap((of) => (file.parts.some((p) => p.id === of && p.lift) ? [`off:${of}`] : []))
  const brings = [...comes, ...lifted(add)]
  if (brings.length === 0) return null
  const drops = [...goes, ...lifted(remove)]
  const now: PlanStart = start === 'untouched' ? { done: [], pose: file.poses[0]!.id, tool: null } : start
  const found = plan(file, { ...now, done: [...now.done.filter((a) => !drops.includes(a)), ...brings] }, goals, {
    ...options,
    variants: after,
  })
  return found.ok ? { brings, drops, plan: found.value } : { error: found.error }
}
