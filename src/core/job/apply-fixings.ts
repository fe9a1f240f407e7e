import { outcomeWith, readOutcome } from './outcomes'
import type { FixingSpec } from '../planning'
import { flag, type Ctx } from './apply-context'
import { settle } from './claims'
import type { Pass } from '../machine'
import { offStepIn } from './off/off'
import type { Tightened } from './tightened'
import type { FixingMove } from './vocabulary'
import type { Draft, FixingCondition, FixingState } from './state'

export function moveOut(ctx: Ctx, move: FixingMove): void {
  for (const id of move.members) {
    const known = ctx.draft.fixings[id]
    if (known && known.condition === move.to && known.where === move.cell) flag(ctx, 'already out', id)
    moveFixing(ctx, id, move.to, move.cell)
  }
}

export interface WentIn {
  readonly members: readonly string[]
  readonly pass: Pass
  readonly tightened?: Tightened
}

export function moveIn(ctx: Ctx, { members, pass, tightened }: WentIn): void {
  for (const id of members) {
    const known = ctx.draft.fixings[id]
    if (known && !known.hasBeenOut && known.condition === 'on') flag(ctx, 'never came off', id)
    moveFixing(ctx, id, pass)
    const f = ctx.draft.fixings[id]
    if (!f) continue
    if (tightened) ctx.draft.fixings[id] = { ...f, tightened: { ...tightened, by: ctx.mark.by, at: ctx.mark.at } }
    // Made tight once more, and nobody says how: what was reached before is gone.
    else if (pass === 'final') ctx.draft.fixings[id] = withoutTightness(f)
  }
}

const TIGHT: ReadonlySet<FixingCondition> = new Set(['final', 'marked'])
function withoutTightness({ tightened: _, ...rest }: FixingState): FixingState {
  return rest
}

export function withoutFit<F extends Pick<FixingState, 'fits'>>({ fits: _, ...rest }: F): Omit<F, 'fits'> {
  return rest
}

/** Off the machine, wherever it lies or is gone. */
export const OFF_IT: readonly FixingCondition[] = ['cell', 'own hole', 'carrier', 'captive', 'bin', 'lost', 'kept out']

/** Off the machine, or at least no longer as it was: its return has to add up. */
const COUNTS_AS_OUT: ReadonlySet<FixingCondition> = new Set(['loosened', ...OFF_IT])

export function moveFixing(ctx: Ctx, id: string, to: FixingCondition, where?: string, note?: string): void {
  const { draft, entry, mark } = ctx
  const known = draft.fixings[id]
  // Its line was crossed out, or corrected to fewer: it is nowhere.
  if (!known && offStepIn(id) !== null) return flag(ctx, 'stands on a crossed-out entry', id)
  if (!known) flag(ctx, 'no such fixing', id)
  const spec: FixingSpec = known ?? { id, joint: id, label: id, place: 'not in the plan', keep: 'cell' }
  const settled = settle(draft, entry, 'fixing', id, outcomeWith(to, where), mark)
  const { outcome, detail: cell } = readOutcome(settled.outcome)
  const condition = outcome as FixingCondition
  const base: FixingState = known ?? { ...spec, condition: 'on', hasBeenOut: false, replaced: 0 }
  const { disputed: _, where: __, ...kept } = base
  // Off, or another one: what was worked out of the one before says nothing of it.
  const before = COUNTS_AS_OUT.has(to) || to === 'new wanted' ? withoutFit(kept) : kept
  const next: FixingState = {
    ...before,
    condition,
    hasBeenOut: before.hasBeenOut || COUNTS_AS_OUT.has(condition) || COUNTS_AS_OUT.has(to),
    mark: settled.mark,
    ...(cell !== undefined ? { where: cell } : {}),
    ...(note !== undefined ? { note } : {}),
    ...(settled.disputed ? { disputed: settled.disputed } : {}),
  }
  draft.fixings[id] = TIGHT.has(condition) ? next : withoutTightness(next)
}

export function movePart(ctx: Ctx, id: string, to: 'on' | 'off'): void {
  const { draft, entry, mark } = ctx
  if (!draft.parts[id] && offStepIn(id) !== null) return flag(ctx, 'stands on a crossed-out entry', id)
  const settled = settle(draft, entry, 'part', id, to, mark)
  const base: Draft['parts'][string] = draft.parts[id] ?? { id, name: id, condition: 'on' }
  const { disputed: _, ...before } = base
  draft.parts[id] = {
    ...before,
    condition: settled.outcome as 'on' | 'off',
    mark: settled.mark,
    ...(settled.disputed ? { disputed: settled.disputed } : {}),
  }
}
