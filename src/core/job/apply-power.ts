import { findStep, flag, type Ctx } from './apply-context'
import { highVoltage } from './checks'
import { proofClass, proofFaults } from '../safety'
import { settle } from './claims'
import type { Bodies, Power } from './entries'
import { proofLasts } from './settings'

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
  const cls = proofClass(draft.machine.fullVolts, body.readings)
  // Above 60 V only the proof of whoever answers for it counts.
  const answered = !highVoltage(draft) || draft.checks.qualified?.passed?.by === mark.by
  if (!answered) flag(ctx, 'not ready', 'qualified')
  const dead = answered && draft.power.state !== 'live' && proofFaults(body.readings, cls, limit).length === 0
  if (draft.power.state === 'live') flag(ctx, 'not ready', 'dead')
  draft.power = { ...draft.power, proof: { ...mark, readings: body.readings, instrument: body.instrument, dead, lasts: proofLasts(draft.settings, cls), from: time.earliest } }
}

/** Above 60 V a proof holds for the one who made it: it ends when the job goes to another (`by`; null when nobody has it yet). */
export function takenOver(ctx: Ctx, by: string | null): void {
  const { proof } = ctx.draft.power
  if (!proof || proof.ended || proof.by === by || proofClass(ctx.draft.machine.fullVolts, proof.readings) === 'A') return
  ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, ended: 'taken over by another' } }
}

export function applyLock(ctx: Ctx, subject: string, lock: { readonly product: string; readonly handlingMinutes: number; readonly cureHours: number }): void {
  const { draft, mark, time } = ctx
  const title = findStep(draft, subject)?.title ?? subject
  draft.locks = [
    ...draft.locks.filter((l) => l.subject !== title),
    { ...mark, subject: title, product: lock.product, handlingAt: time.latest + lock.handlingMinutes * 60_000, curedAt: time.latest + lock.cureHours * 3_600_000 },
  ]
}
