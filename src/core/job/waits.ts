import type { WaitKind } from '../machine'
import { type Ctx, findStep, flag } from './apply-context'
import type { JobState, WaitState } from './state'

/** Those that power undoes: a capacitor is charged again, what cooled is warm again. */
const BEGUN_ANEW: ReadonlySet<WaitKind> = new Set(['discharge', 'cool'])
/** What a server's and a device's clock may be apart, s. */
const TOLERANCE = 2

/**
 * A step was done after which something has to pass. It begins with that entry, anew each time.
 * @param label minutes by the maker's label, where somebody read it; they count where they are more
 */
export function beginWait(ctx: Ctx, id: string, label?: number): void {
  const step = findStep(ctx.draft, id)
  if (step?.wait === undefined) return
  const kind = step.waitFor ?? 'rest'
  const runs = !(BEGUN_ANEW.has(kind) && ctx.draft.power.state === 'live')
  ctx.draft.waits[id] = { kind, minutes: Math.max(step.wait, label ?? 0), ...(runs ? { began: beganBy(ctx) } : {}) }
}

function beganBy({ draft, entry, mark }: Ctx): NonNullable<WaitState['began']> {
  const notBefore = draft.receipts[Math.min(entry.base, draft.receipts.length - 1)] ?? 0
  return { ...mark, seq: entry.seq, receivedAt: entry.receivedAt, notBefore }
}

/** Power came back, or went: what it undoes waits from then on. */
export function powerMoved(ctx: Ctx, live: boolean): void {
  for (const [id, wait] of Object.entries(ctx.draft.waits)) {
    if (!BEGUN_ANEW.has(wait.kind) || (!live && wait.began)) continue
    const { began: _, over: __, ...rest } = wait
    ctx.draft.waits[id] = live ? rest : { ...rest, began: beganBy(ctx) }
  }
}

/**
 * Somebody says that a wait is over, with the seconds that ran since the entry which began it. It passes only where they are enough, are of
 * that very entry, and are no more than can have passed between the two as the server saw them.
 */
export function endWait(ctx: Ctx, id: string, of: string, seconds: number): void {
  const { draft, entry, mark } = ctx
  const wait = draft.waits[id]
  if (!wait?.began || wait.began.entry !== of) return flag(ctx, 'not ready', id)
  const most = entry.receivedAt === null ? Infinity : (entry.receivedAt - wait.began.notBefore) / 1000 + TOLERANCE
  if (seconds > most) return flag(ctx, 'clock ahead', id)
  if (seconds < wait.minutes * 60) return flag(ctx, 'not ready', id)
  draft.waits[id] = { ...wait, over: mark }
}

/** Up to 60 V a reading at or below the limit ends what capacitors wait for: it shows what the minutes only promise. */
export function readToBeDead(ctx: Ctx): void {
  for (const [id, wait] of Object.entries(ctx.draft.waits))
    if (wait.kind === 'discharge' && wait.began) ctx.draft.waits[id] = { ...wait, over: ctx.mark }
}

/** Does the plan wait for capacitors, and is that not over? Where its step has not been done it has not even begun. */
export function dischargeOpen(state: Pick<JobState, 'down' | 'waits' | 'steps'>): boolean {
  return state.down.some((s) => s.wait !== undefined && s.waitFor === 'discharge' && state.waits[s.id]?.over === undefined)
}

/** Is the wait that this step began still running? */
export function stillWaits(state: Pick<JobState, 'waits' | 'steps'>, step: string): boolean {
  const wait = state.waits[step]
  return wait !== undefined && wait.over === undefined && state.steps[step]?.status === 'done'
}

/** Waits that are not over, by step. */
export function openWaits(state: Pick<JobState, 'waits' | 'steps'>): readonly (readonly [step: string, wait: WaitState])[] {
  return Object.entries(state.waits).filter(([id]) => stillWaits(state, id))
}
