import { findStep, flag } from '../apply-context'
import { setCheck, takeFigures } from '../apply-steps'
import { judge, notedDown, type Took } from '../measuring'
import type { CheckId } from '../checks'
import { itemsAsWords, itemsFromWords, type TestItem } from '../checks/looks'
import type { ShownBy } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './check-passed.schema'

interface Passed {
  readonly check: CheckId
  /** What shows it; version 1 has it in words only. */
  readonly shown?: ShownBy
  /** What somebody said of it. */
  readonly evidence?: string
  readonly step?: string
  readonly items?: readonly TestItem[]
  /** What the supply was limited to, or the fuse has, A. */
  readonly amps?: number
  /** Figures that its step wants read. */
  readonly took?: readonly Took[]
}

/** A check was passed, with what shows it. */
export const checkPassed: KindOf<typeof versions, Passed> = {
  reads: {
    1: ({ items, ...body }) => ({ ...body, ...(items ? { items: itemsFromWords(items) } : {}) }),
    2: ({ items, ...body }) => ({ ...body, ...(items ? { items: itemsFromWords(items) } : {}) }),
    3: (body) => body as Passed,
    4: (body) => body as Passed,
    5: (body) => body as Passed,
  },
  writes: {
    1: {
      since: 0,
      write: ({ shown, evidence, items, took: _, amps: __, ...body }) => ({
        ...body,
        evidence: evidence ?? shown ?? 'looked at',
        ...(items ? { items: itemsAsWords(items) } : {}),
      }),
    },
    2: {
      since: 13,
      write: ({ shown = 'looked at', items, took: _, amps: __, ...body }) => ({
        ...body,
        shown,
        ...(items ? { items: itemsAsWords(items) } : {}),
      }),
    },
    3: { since: 14, write: ({ shown = 'looked at', took: _, amps: __, ...body }) => ({ ...body, shown }) },
    4: { since: 15, write: ({ shown = 'looked at', amps: _, ...body }) => ({ ...body, shown }) },
    5: { since: 16, write: ({ shown = 'looked at', ...body }) => ({ ...body, shown }) },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['check', 'step'],
  apply(ctx, { check, step, took, ...how }) {
    const planned = step === undefined ? undefined : findStep(ctx.draft, step)
    if (took && step !== undefined) takeFigures(ctx, step, took)
    if (planned?.wants && !judge(planned.wants, planned.relations ?? [], took ?? [], notedDown(ctx.draft)).holds)
      return flag(ctx, 'not measured', planned.id)
    setCheck(ctx, check, 'passed', how, step)
  },
}
