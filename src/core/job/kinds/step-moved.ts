import { inOrder } from '../../planning'
import { flag } from '../apply-context'
import { asIs, type KindOf } from './kind'
import type { versions } from './step-moved.schema'

/** A step of the way up is done at another place than planned: in which order, and with which turns of the machine. */
export const stepMoved: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, { step, before, pose, turns }) {
    const { draft } = ctx
    const there = (id: string): boolean => draft.up.some((s) => s.id === id)
    if (!there(step) || (before !== undefined && !there(before))) return flag(ctx, 'no such step', step)
    const turned = new Map(turns.map((t) => [t.step, t.turn]))
    draft.up = inOrder(draft.up, step, before).map((was) => {
      const s = was.id === step ? { ...was, pose } : was
      if (!turned.has(s.id)) return s
      const { turn: _, ...rest } = s
      const turn = turned.get(s.id)
      return turn ? { ...rest, turn } : rest
    })
  },
}
