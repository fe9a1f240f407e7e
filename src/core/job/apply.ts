import { type Ctx, flag } from './apply-context'
import type { Entry } from './entries'
import { KINDS } from './kinds'
import type { Draft, Mark } from './state'
import { plausible } from './times'

/** Folds one entry, not crossed out, onto the draft. Whatever is odd is flagged, never dropped. */
export function apply(draft: Draft, entry: Entry): void {
  const time = plausible(entry, draft.receipts)
  const mark: Mark = { entry: entry.id, by: entry.by, at: time.at }
  const ctx: Ctx = { draft, entry, mark, time }
  if (time.odd) flag(ctx, time.odd)
  if (entry.agrees !== undefined) flag(ctx, 'given back')
  if (draft.handedBack && entry.kind !== 'handed-back') draft.addenda += 1
  // It is in hand once whoever it was given to has logged something.
  if (draft.handedOver?.to === entry.by) delete draft.handedOver
  draft.lastBy = entry.by
  draft.lastAt = time.at
  const does: (ctx: Ctx, body: never) => void = KINDS[entry.kind].apply
  does(ctx, entry.body as never)
}
