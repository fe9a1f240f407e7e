import { flag } from '../apply-context'
import { asIs, type KindOf } from './kind'
import type { versions } from './job-opened.schema'

/** A machine came in. The first one stands: a job is opened once. */
export const jobOpened: KindOf<typeof versions> = {
  reads: asIs,
  writers: 'door',
  struckBy: 'lead',
  stamped: true,
  claims: [],
  apply(ctx, { number, machine, stand, complaint, job }) {
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
    if (machine.file === undefined && told !== undefined)
      draft.charge.push({ ...mark, from: stamp?.role === 'front desk' ? 'door' : 'label', volts: told })
    if (stamp) draft.settings = stamp.settings
  },
}
