import { setCheck } from '../apply-steps'
import type { CheckId } from '../checks'
import { itemsAsWords, itemsFromWords, type TestItem } from '../checks/looks'
import type { KindOf } from './kind'
import type { versions } from './check-failed.schema'

interface Failed {
  readonly check: CheckId
  readonly items: readonly TestItem[]
  /** What somebody said of it. */
  readonly text?: string
}

/** A check was not passed. */
export const checkFailed: KindOf<typeof versions, Failed> = {
  reads: { 1: ({ items, ...body }) => ({ ...body, items: itemsFromWords(items) }), 2: (body) => body as Failed },
  writes: {
    1: { since: 0, write: ({ items, ...body }) => ({ ...body, items: itemsAsWords(items) }) },
    2: { since: 14, write: (body) => body },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['check'],
  apply(ctx, { check, ...found }) {
    setCheck(ctx, check, 'failed', found)
  },
}
