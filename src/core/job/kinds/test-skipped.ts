import { asIs, type KindOf } from './kind'
import type { versions } from './test-skipped.schema'

/** A test that was left out, and why. */
export const testSkipped: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    draft.skipped.push({ ...mark, ...body })
  },
}
