import { findStep, flag, type Ctx } from './apply-context'
import { settle } from './claims'
import type { Bodies, Power } from './entries'

export function setPower(ctx: Ctx, to: Power, how?: string): void {
  const { draft, entry, mark } = ctx
  const settled = settle(draft, entry, 'power', to, mark)
  const state = settled.outcome as Power
  const before = draft.power
  const ended = state === 'live' ? 'reconnected' : before.state === 'out' && state === 'isolated' ? 'pack returned' : before.proof?.ended
  draft.power = {
    state,
    mark: settled.mark,
    ...(how !== undefined ? { how } : {}),
    ...(before.proof ? { proof: { ...before.proof, ...(ended ? { ended } : {}) } } : {}),
    ...(settled.disputed ? { disputed: settled.disputed } : {}),
  }
}

export function takeProof(ctx: Ctx, body: Bodies['proof-taken']): void {
  const { draft, mark, time } = ctx
  const limit = draft.settings.deadVolts
  const dead = draft.power.state !== 'live' && body.readings.length > 0 && body.readings.every((r) => Math.abs(r.volts) <= limit)
  if (draft.power.state === 'live') flag(ctx, 'not ready', 'dead')
  draft.power = { ...draft.power, proof: { ...mark, readings: body.readings, instrument: body.instrument, dead, from: time.earliest } }
}

export function applyLock(ctx: Ctx, subject: string, lock: { readonly product: string; readonly handlingMinutes: number; readonly cureHours: number }): void {
  const { draft, mark, time } = ctx
  const title = findStep(draft, subject)?.title ?? subject
  draft.locks = [
    ...draft.locks.filter((l) => l.subject !== title),
    { ...mark, subject: title, product: lock.product, handlingAt: time.latest + lock.handlingMinutes * 60_000, curedAt: time.latest + lock.cureHours * 3_600_000 },
  ]
}
