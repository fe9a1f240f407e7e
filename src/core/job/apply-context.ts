import type { PlannedStep } from '../planning'
import type { Entry } from './entries'
import type { Draft, FlagKind, Mark } from './state'
import type { Plausible } from './times'

/** One entry on its way into the state. */
export interface Ctx {
  readonly draft: Draft
  readonly entry: Entry
  readonly mark: Mark
  readonly time: Plausible
}

export function flag(ctx: Ctx, kind: FlagKind, subject?: string): void {
  ctx.draft.flags.push({ entry: ctx.entry.id, kind, ...(subject !== undefined ? { subject } : {}) })
}

export function findStep(draft: Draft, id: string): PlannedStep | undefined {
  return draft.down.find((s) => s.id === id) ?? draft.up.find((s) => s.id === id)
}
