import { passOutcome } from '../outcomes'
import { type Ctx, findStep, flag } from '../apply-context'
import { moveIn, moveOut, movePart } from '../apply-fixings'
import { beginWait } from '../waits'
import { applyLock, setPower } from '../apply-power'
import { flagUnready, isLast, setStep, takeFigures } from '../apply-steps'
import { offStepIn } from '../off/off'
import { judge, notedDown, type Took } from '../measuring'
import type { KindOf } from './kind'
import type { Pass } from '../../machine'
import { readBefore, stored, type Tightened, writeBefore } from '../tightened'
import type { Stored } from './fields.schema'
import type { versions } from './step-done.schema'

interface In {
  readonly members: readonly string[]
  readonly pass: Pass
  /** How tight, where that pass makes it so. */
  readonly tightened?: Tightened
}
type Done = Omit<Stored<typeof versions>[1], 'in'> & {
  readonly in?: In
  /** The same of a connection, which has no members. */
  readonly tightened?: Tightened
  /** Minutes to wait by the maker's label, where somebody read it. */
  readonly label?: number
  /** Figures that the step wants read. */
  readonly took?: readonly Took[]
}

function before({ members, pass, ...how }: NonNullable<Stored<typeof versions>[2]['in']>): In {
  const tightened = readBefore(how, pass)
  return { members, pass, ...(tightened ? { tightened } : {}) }
}

/** A step was done, or a pass of it: what came off or went back with it. Minutes, N·m, hours, °C. */
export const stepDone: KindOf<typeof versions, Done> = {
  reads: {
    1: ({ in: went, ...body }) => ({ ...body, ...(went ? { in: before(went) } : {}) }),
    2: ({ in: went, ...body }) => ({ ...body, ...(went ? { in: before(went) } : {}) }),
    3: (body) => body,
  },
  writes: {
    1: {
      since: 0,
      write: ({ in: went, tightened: _, label: __, took: ___, ...body }) => {
        if (!went) return body
        const { wrench, ...how } = writeBefore(went.tightened)
        return { ...body, in: { members: went.members, pass: went.pass, ...how, ...(wrench ? { tool: wrench.name } : {}) } }
      },
    },
    2: {
      since: 13,
      write: ({ in: went, tightened: _, label: __, took: ___, ...body }) =>
        went ? { ...body, in: { members: went.members, pass: went.pass, ...writeBefore(went.tightened) } } : body,
    },
    3: {
      since: 15,
      write: ({ in: went, tightened, ...body }) => ({
        ...body,
        ...(went ? { in: { ...went, ...stored(went.tightened) } } : {}),
        ...stored(tightened),
      }),
    },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['step', 'fixing', 'part', 'power', 'lock'],
  apply(ctx, body) {
    const { draft, mark, time } = ctx
    const step = findStep(draft, body.step)
    // Its line was crossed out: there is no such step any more, and nothing of it to put back.
    if (!step && offStepIn(body.step) !== null) return flag(ctx, 'stands on a crossed-out entry', body.step)
    if (step) flagUnready(ctx, step, time.at)
    if (body.took) takeFigures(ctx, body.step, body.took)
    // Without its figures, or outside its window, a step is not done: what was read is kept, and what went where.
    if (step?.wants && isLast(step, body.pass) && !judge(step.wants, step.relations ?? [], body.took ?? [], notedDown(draft)).holds) {
      flag(ctx, 'not measured', step.id)
      return move(ctx, body)
    }
    setStep(ctx, body.step, body.pass ? passOutcome(body.pass) : 'done', {
      ...(body.minutes !== undefined ? { minutes: body.minutes } : {}),
      ...(body.breakaway !== undefined ? { breakaway: body.breakaway } : {}),
      ...(body.tightened ? { tightened: { ...body.tightened, by: mark.by, at: mark.at } } : {}),
    })
    move(ctx, body)
    beginWait(ctx, body.step, body.label)
    if (body.power) setPower(ctx, body.power)
    if (body.lock) applyLock(ctx, body.step, body.lock)
  },
}

/** What came off or went back with it, and how tight. */
function move(ctx: Ctx, body: Done): void {
  for (const out of body.out ?? []) moveOut(ctx, out)
  if (body.in) moveIn(ctx, body.in)
  for (const id of body.partsOff ?? []) movePart(ctx, id, 'off')
  for (const id of body.partsOn ?? []) movePart(ctx, id, 'on')
}
