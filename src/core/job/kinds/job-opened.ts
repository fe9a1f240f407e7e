import { flag } from '../apply-context'
import type { JobState } from '../state'
import type { Used } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './job-opened.schema'

interface Opened {
  readonly number: string
  readonly machine: JobState['machine']
  readonly stand?: string
  readonly complaint: string
  readonly job?: string
  /** How its owner is reached. */
  readonly reach?: string
  /** What its counter shows. */
  readonly used?: Used
  /** What it may cost before its owner is asked again, in the shop's money. */
  readonly ceiling?: number
}

/** A machine came in. The first one stands: a job is opened once. */
export const jobOpened: KindOf<typeof versions, Opened> = {
  reads: { 1: (body) => body, 2: (body) => body },
  writes: {
    1: { since: 0, write: ({ machine: { class: _, ...machine }, reach: __, used: ___, ceiling: ____, ...body }) => ({ ...body, machine }) },
    2: { since: 16, write: (body) => body },
  },
  writers: 'door',
  struckBy: 'lead',
  stamped: true,
  claims: [],
  apply(ctx, { number, machine, stand, complaint, job, reach, used, ceiling }) {
    const { draft, entry, mark } = ctx
    if (draft.openedAt > 0) return flag(ctx, 'already open')
    const { stamp } = entry
    const { fullVolts: told, ...named } = machine
    const known = machine.file !== undefined && stamp !== undefined && 'fullVolts' in stamp
    const fullVolts = known ? stamp.fullVolts : told
    draft.number = number || (stamp?.number ?? '')
    draft.machine = { ...named, ...(typeof fullVolts === 'number' ? { fullVolts } : {}) }
    draft.stand = stand ?? ''
    draft.complaint = complaint
    draft.job = job ?? ''
    draft.openedAt = mark.at
    if (reach !== undefined) draft.reach = reach
    if (used) draft.usedAtDoor = used
    if (ceiling !== undefined) draft.ceiling = ceiling
    if (machine.file === undefined && told !== undefined)
      draft.charge.push({ ...mark, from: stamp?.role === 'front desk' ? 'door' : 'label', volts: told })
    if (stamp) draft.settings = stamp.settings
  },
}
