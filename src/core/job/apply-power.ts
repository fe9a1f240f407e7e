import { curesAt } from './outcomes'
import { findStep, flag, type Ctx } from './apply-context'
import { proofFaults } from '../safety'
import { convert, type Result, type UnitId } from '../units'
import { settle, unseen } from './claims'
import { deadAt } from './dead'
import type { Power } from './vocabulary'
import { powerMoved } from './waits'
import type { Draft, LockState } from './state'
import { chargeOf } from './voltage'

export function setPower(ctx: Ctx, to: Power, how?: string): void {
  const { draft, entry, mark } = ctx
  const settled = settle(draft, entry, 'power', '', to, mark)
  const state = settled.outcome as Power
  const before = draft.power
  // A proof that this device had not seen was taken of another state of things: it has to be taken again.
  const crossed = unseen(draft, entry, 'proof').length > 0 ? ('power changed meanwhile' as const) : undefined
  const ended =
    state === 'live' ? 'reconnected' : before.state === 'out' && state === 'isolated' ? 'pack returned' : (before.proof?.ended ?? crossed)
  draft.power = {
    state,
    mark: settled.mark,
    ...(how !== undefined ? { how } : {}),
    ...(before.proof ? { proof: { ...before.proof, ...(ended ? { ended } : {}) } } : {}),
    ...(settled.disputed ? { disputed: settled.disputed } : {}),
  }
  powerMoved(ctx, state === 'live')
}

/** A reading taken live while the job says dead is kept, and flagged: one of the two is wrong. */
export function takenLive(ctx: Ctx, live: boolean, subject: string): void {
  if (live && deadAt(ctx.draft.power, ctx.mark.at)) flag(ctx, 'not ready', subject)
}

/**
 * Volts on what was shown to be dead, the rotor still: the proof ends. Where a test turns the rotor with its phases parted they are
 * meant, and what is read at a source of its own says nothing of the machine: then nobody says that the rotor was still.
 */
export function voltsRead(ctx: Ctx, result: Result, unit: UnitId, rotor: 'still' | 'turning' | undefined): void {
  const { proof } = ctx.draft.power
  if (!proof?.dead || proof.ended || rotor !== 'still') return
  const most =
    result.is === 'value'
      ? Math.abs(result.value)
      : result.is === 'unstable'
        ? Math.max(Math.abs(result.low), Math.abs(result.high))
        : result.is === 'over'
          ? Infinity
          : 0
  const volts = most === Infinity ? most : convert(most, unit, 'V')
  if (volts > ctx.draft.settings.deadVolts) ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, ended: 'volts were read' } }
}

/** Above 60 V a proof holds for the one who made it: it ends when the job goes to another (`by`; null when nobody has it yet). */
export function takenOver(ctx: Ctx, by: string | null): void {
  const { proof } = ctx.draft.power
  if (!proof || proof.ended || proof.by === by || chargeOf(ctx.draft).cls === 'A') return
  ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, ended: 'taken over by another' } }
}

/**
 * A machine that is moved with its phases joined may have fed them: above 60 V what was measured before says nothing any more, up to
 * there it is read once more.
 */
export function moved(ctx: Ctx): void {
  const { proof } = ctx.draft.power
  if (!proof || proof.ended || proof.of.before) return
  if (chargeOf(ctx.draft).cls === 'A') return void (ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, turned: ctx.mark.at } })
  if (proof.of.rotor === 'chocked') ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, ended: 'moved with its phases joined' } }
}

/** What was just learnt of the pack makes it the higher class: a proof by one reading proves nothing any more. */
export function classRaised(ctx: Ctx): void {
  const { proof } = ctx.draft.power
  if (
    !proof?.dead ||
    proof.ended ||
    chargeOf(ctx.draft).cls === 'A' ||
    proofFaults(proof.readings, 'B', ctx.draft.settings.deadVolts, { ...proof.of, full: chargeOf(ctx.draft).volts }).length === 0
  )
    return
  ctx.draft.power = { ...ctx.draft.power, proof: { ...proof, ended: 'above 60 V after all' } }
}

/** What threadlocker is on: the step that put it there, which an older entry may call by its title; else as it was written. */
function lockId(draft: Draft, subject: string): string {
  return (findStep(draft, subject) ?? [...draft.down, ...draft.up].find((s) => s.title === subject))?.id ?? subject
}

export function applyLock(
  ctx: Ctx,
  subject: string,
  lock: { readonly product: string; readonly handlingMinutes: number; readonly cureHours: number },
): void {
  const { draft, mark, time } = ctx
  const own: LockState = {
    ...mark,
    subject: lockId(draft, subject),
    product: lock.product,
    handlingAt: time.latest + lock.handlingMinutes * 60_000,
    curedAt: time.latest + lock.cureHours * 3_600_000,
  }
  keepLock(ctx, own, curesAt(own.curedAt))
}

export function disturbLock(ctx: Ctx, subject: string, reason: string): void {
  const { draft, mark } = ctx
  const id = lockId(draft, subject)
  const known = draft.locks.find((l) => l.subject === id)
  keepLock(
    ctx,
    { ...(known ?? { ...mark, subject: id, product: '', handlingAt: mark.at, curedAt: mark.at }), disturbed: reason },
    'disturbed',
  )
}

/** Of a locker put on and one disturbed by devices that had not seen each other, the disturbed one holds; of two cures the later. */
function keepLock(ctx: Ctx, own: LockState, outcome: string): void {
  const { draft, entry, mark } = ctx
  const settled = settle(draft, entry, 'lock', own.subject, outcome, mark, own)
  const before = draft.locks.find((l) => l.subject === own.subject)
  const product = settled.value.product || own.product || before?.product || ''
  // Something disturbed on which no locker is known: it is remembered, and shows once there is one.
  if (product === '') return
  draft.locks = [
    ...draft.locks.filter((l) => l.subject !== own.subject),
    { ...settled.value, product, ...(settled.disputed ? { disputed: settled.disputed } : {}) },
  ]
}
