import { passOutcome } from '../outcomes'
import { findStep } from '../apply-context'
import { moveIn, moveOut, movePart } from '../apply-fixings'
import { applyLock, setPower } from '../apply-power'
import { flagUnready, setStep } from '../apply-steps'
import type { KindOf } from './kind'
import type { Pass } from '../../machine'
import type { Tightened } from '../vocabulary'
import type { Stored } from './fields.schema'
import type { versions } from './step-done.schema'

type Done = Omit<Stored<typeof versions>[1], 'in'> & {
  readonly in?: { readonly members: readonly string[]; readonly pass: Pass } & Tightened
}

/** A step was done, or a pass of it: what came off or went back with it. Minutes, N·m, hours, °C. */
export const stepDone: KindOf<typeof versions, Done> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: {
      since: 0,
      write: ({ in: went, ...body }) => {
        if (!went) return body
        const { wrench, ...rest } = went
        return { ...body, in: { ...rest, ...(wrench ? { tool: wrench.name } : {}) } }
      },
    },
    2: { since: 13, write: (body) => body },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: ['step', 'fixing', 'part', 'power', 'lock'],
  apply(ctx, body) {
    const { draft, time } = ctx
    const step = findStep(draft, body.step)
    if (step) flagUnready(ctx, step, time.at)
    setStep(ctx, body.step, body.pass ? passOutcome(body.pass) : 'done', {
      ...(body.minutes !== undefined ? { minutes: body.minutes } : {}),
      ...(body.breakaway !== undefined ? { breakaway: body.breakaway } : {}),
    })
    for (const move of body.out ?? []) moveOut(ctx, move)
    if (body.in) moveIn(ctx, body.in)
    for (const id of body.partsOff ?? []) movePart(ctx, id, 'off')
    for (const id of body.partsOn ?? []) movePart(ctx, id, 'on')
    if (body.power) setPower(ctx, body.power)
    if (body.lock) applyLock(ctx, body.step, body.lock)
  },
}
