import { type Doing, type FileIndex, holds, type Guard, type Variants, type ActionId, actionId, factKey, type FactKey } from '../machine'
import type { Action } from './actions'
import { returnOf } from './fixing-specs'
import { powerOf } from './steps'

/** One thing to be done on the way back up: the return of an action, or a check. */
export interface UpAction {
  readonly id: string
  readonly action: Action
  readonly doing: Doing
  /** The down action it answers; null for a check. */
  readonly answers: Action | null
  readonly check?: string
  readonly after: readonly string[]
  /** What should rather not have been done yet: nobody looks along leads with a hand in a live machine that need not be live. */
  readonly ratherBefore: readonly string[]
}

/**
 * The way up for a set of down actions: each has its return but for proving and propping; every return comes after the
 * returns of whatever it was needed for (the mirror), unless a `must` rule says the opposite, plus the returns' own
 * guards (`not off x` = x is back on), the file's rules and its checks.
 */
export function compileUp(index: FileIndex, variants: Variants, down: readonly Action[]): UpAction[] {
  const chosen = new Map(down.map((a) => [a.id, a]))
  const returns = down.filter((a) => a.kind !== 'prove' && a.kind !== 'support' && returnDoing(index, a) !== undefined)
  const checks = relevantChecks(index, variants, new Set(returns.map((a) => a.id)))
  const rules = index.file.order.filter((r) => r.limb === 'up' && r.strength === 'must')
  const known = new Set<string>([...returns.map((a) => a.id), ...checks.map((c) => c.id)])
  const overruled = (first: string, then: string): boolean => rules.some((r) => r.first === then && r.then === first)

  const ups: UpAction[] = returns.map((action) => {
    const doing = returnDoing(index, action)!
    const mirror = [...neededBy(action, down)].filter((id) => known.has(id) && !overruled(id, action.id))
    const own = backOn(doing.guard).flatMap((fact) => down.filter((a) => a.gives.includes(fact)).map((a) => a.id))
    const ruled = rules.filter((r) => r.then === action.id).map((r) => r.first)
    return {
      id: action.id,
      action,
      doing,
      answers: action,
      after: unique([...mirror, ...own, ...ruled], known, action.id),
      ratherBefore: [],
    }
  })
  const live = returns.filter((a) => powerOf(index, a, 'up') === 'live').map((a) => a.id)
  for (const check of checks) {
    const step = index.steps.get(check.subject)!
    ups.push({
      id: check.id,
      action: check,
      doing: step.up!,
      answers: null,
      ...(step.check !== undefined ? { check: step.check } : {}),
      after: unique(step.after ?? [], known, check.id),
      ratherBefore: step.check === 'pinch' ? live : [],
    })
  }
  const before = checks.flatMap((check) => (index.steps.get(check.subject)?.before ?? []).map((id) => [check.id, id] as const))
  return ups.map((up) => ({
    ...up,
    after: unique([...up.after, ...before.filter(([, then]) => then === up.id).map(([first]) => first)], known, up.id),
    answers: up.answers ? (chosen.get(up.answers.id) ?? null) : null,
  }))
}

/** What the file says of the return; where it is silent, the mirror of the way down. */
function returnDoing(index: FileIndex, { kind, subject, doing }: Action): Doing | undefined {
  return returnOf(index, kind, subject, doing)
}

function relevantChecks(index: FileIndex, variants: Variants, returns: ReadonlySet<string>): Action[] {
  const found = new Map<string, Action>()
  for (let moved = true; moved;) {
    moved = false
    for (const step of index.file.steps) {
      const id = actionId('step', step.id)
      if (step.kind !== 'gate' || !step.up || found.has(id) || !holds(step.when, () => false, variants)) continue
      if (!(step.after ?? []).some((a) => returns.has(a) || found.has(a))) continue
      found.set(id, { id, kind: 'gate', subject: step.id, doing: step.up, needs: { all: [] }, gives: [] })
      moved = true
    }
  }
  return [...found.values()]
}

/** All actions that could only be done after `action`: through steps without a return, straight on to the next that has one. */
function neededBy(action: Action, down: readonly Action[]): Set<ActionId> {
  const out = new Set<ActionId>()
  const seen = new Set<string>([action.id])
  const visit = (gives: readonly string[]): void => {
    for (const other of down) {
      if (seen.has(other.id) || !asks(other, gives)) continue
      seen.add(other.id)
      out.add(other.id)
      if (other.kind === 'prove' || other.kind === 'support') visit(other.gives)
    }
  }
  visit(action.gives)
  return out
}

function asks(action: Action, gives: readonly string[]): boolean {
  const inside = (g: Guard): boolean =>
    'all' in g ? g.all.some(inside) : 'any' in g ? g.any.some(inside) : 'fact' in g && gives.includes(`${g.fact} ${g.of}`)
  return inside(action.needs)
}

/** `not off x` in a return's guard: x has to be back on. */
function backOn(guard: Guard | undefined): FactKey[] {
  if (!guard) return []
  if ('all' in guard) return guard.all.flatMap(backOn)
  if ('not' in guard && 'fact' in guard.not) return [factKey(guard.not)]
  return []
}

function unique(ids: readonly string[], known: ReadonlySet<string>, self: string): string[] {
  return [...new Set(ids)].filter((id) => known.has(id) && id !== self)
}
