import {
  type Doing,
  type FileIndex,
  holds,
  type Guard,
  type LoadPath,
  type Variants,
  actionId,
  closureOf,
  offOf,
  factKey,
  type FactKey,
} from '../machine'
import { type Action, withWays } from './actions'
import { isBench, waitingFor, withDeadAgain } from './dead-again'
import type { Keeps } from './keeps'
import { onlyThere, standingWaits } from './standing'
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
  /** The source, once more apart and joined after a test under power. */
  readonly again?: 'apart' | 'joined'
  readonly after: readonly string[]
  /** One way to it has to be open still, where there was more than one. */
  readonly keeps?: Keeps
  /** What should rather not have been done yet: nobody looks along leads with a hand in a live machine that need not be live. */
  readonly ratherBefore: readonly string[]
}

/**
 * The way up for a set of down actions: each has its return but for proving and propping; every return is done while what was needed for
 * its removal is still so (the mirror: what made room for it comes back later), unless a rule of the file says the opposite, plus the
 * returns' own guards (`not off x` = x is back on), the file's rules and its checks.
 */
export function compileUp(
  index: FileIndex,
  variants: Variants,
  down: readonly Action[],
  spared: ReadonlySet<string> | null = new Set(),
): readonly UpAction[] {
  const chosen = new Map(down.map((a) => [a.id, a]))
  const returns = down.filter((a) => a.kind !== 'prove' && a.kind !== 'support' && returnDoing(index, a) !== undefined)
  const checks = relevantChecks(index, variants, new Set(returns.map((a) => a.id)))
  const rules = index.file.order.filter((r) => r.limb === 'up' && r.strength === 'must')
  const known = new Set<string>([...returns.map((a) => a.id), ...checks.map((c) => c.id)])
  // What a file would rather have first need not wait for what made room for it: the mirror is no hindrance.
  const overruled = (first: string, then: string): boolean =>
    index.file.order.some((r) => r.limb === 'up' && r.first === then && r.then === first)
  const mirror = mirrored(down, new Set(returns.map((a) => a.id)), variants)
  const tethers = coverTethers(index, returns)
  const tied = (cover: string, plug: string): boolean => tethers.some(([c, t]) => c === cover && t === plug)
  const kept = new Map(returns.map((a) => [a.id, mirror(a, (other) => overruled(a.id, other) || tied(a.id, other))]))
  /** By return: those that need it off still, whatever else is. */
  const before = new Map<string, string[]>()
  for (const [id, keeps] of kept) for (const other of certainly(keeps)) before.set(other, [...(before.get(other) ?? []), id])

  const ups: UpAction[] = returns.map((action) => {
    const doing = withWays(index, returnDoing(index, action)!)
    const own = backOn(doing.guard).flatMap((fact) => down.filter((a) => a.gives.includes(fact)).map((a) => a.id))
    const ruled = rules.filter((r) => r.then === action.id).map((r) => r.first)
    const joined = tethers.filter(([cover]) => cover === action.id).map(([, plug]) => plug)
    const keeps = withoutCertain(kept.get(action.id)!)
    return {
      id: action.id,
      action,
      doing,
      answers: action,
      after: unique([...(before.get(action.id) ?? []), ...own, ...ruled, ...joined], known, action.id),
      ...(keeps ? { keeps } : {}),
      ratherBefore: [],
    }
  })
  const live = returns.filter((a) => powerOf(index, a, 'up') === 'live').map((a) => a.id)
  const plugs = returns.filter((a) => a.kind === 'unplug').map((a) => a.id)
  for (const check of checks) {
    const step = index.steps.get(check.subject)!
    ups.push({
      id: check.id,
      action: check,
      doing: withWays(index, step.up!),
      answers: null,
      ...(step.check !== undefined ? { check: step.check } : {}),
      // Nothing is tried under power while a plug is apart.
      after: unique([...(step.after ?? []), ...(tried(step.check) ? plugs : [])], known, check.id),
      ratherBefore: step.check === 'pinch' ? live : [],
    })
  }
  const checkedBefore = checks.flatMap((check) => (index.steps.get(check.subject)?.before ?? []).map((id) => [check.id, id] as const))
  const whole = ups.map((up) => ({
    ...up,
    after: unique([...up.after, ...checkedBefore.filter(([, then]) => then === up.id).map(([first]) => first)], known, up.id),
    answers: up.answers ? (chosen.get(up.answers.id) ?? null) : null,
  }))
  const held = heldBy(index, down).reduce((all, path) => withHeld(index, all, path), whole as readonly UpAction[])
  if (!spared) return held
  // What a pose asks for, where something can be done in that pose only, binds like any other wait.
  const stands = standingWaits(index.file, held, onlyThere(held))
  const stood: readonly UpAction[] = held.map((up) => ({ ...up, after: [...new Set([...up.after, ...(stands.get(up.id) ?? [])])] }))
  const packs = returns.filter((a) => powerOf(index, a, 'up') === 'isolated').map((a) => a.id)
  const packLast = packs.reduce((all, pack) => withLast(all, pack, spared), stood)
  return live.reduce((all, source) => withDeadAgain(index, withLast(all, source, spared), down, source), packLast)
}

/** What carries a part once it is in: the bolts of a load path, the nuts of a wheel's axle. */
function heldBy(index: FileIndex, down: readonly Action[]): readonly Held[] {
  const off = new Set(down.flatMap((a) => a.gives.flatMap((fact) => offOf(fact) ?? [])))
  const wheels = new Map<string, string[]>()
  for (const joint of index.file.joints)
    if (joint.critical === 'axle')
      for (const part of joint.holds) if (off.has(part)) wheels.set(part, [...(wheels.get(part) ?? []), joint.id])
  return [...index.file.loadPath, ...[...wheels].map(([part, joints]) => ({ part, joints }))]
}

type Held = Pick<LoadPath, 'part' | 'joints'>

/**
 * What was raised into place is bolted before anything else is done at it: nobody plugs in leads or hangs wheels on what lies on a jack,
 * and nothing stands on a wheel whose nuts are not tight.
 * What its bolts themselves wait for comes first.
 */
function withHeld(index: FileIndex, ups: readonly UpAction[], { part, joints }: Held): readonly UpAction[] {
  const raised = ups.filter((up) =>
    up.answers?.gives.some((fact) => {
      const id = offOf(fact)
      return id !== null && index.parts.has(id) && closureOf(index, id).has(part)
    }),
  )
  const bolts = ups.filter((up) => joints.some((id) => up.id === actionId('undo', id))).map((up) => up.id)
  if (raised.length === 0 || bolts.length === 0) return ups
  const first = new Set(bolts)
  const byId = new Map(ups.map((up) => [up.id, up]))
  for (const id of first) for (const other of byId.get(id)?.after ?? []) first.add(other)
  const later = waitingFor(
    ups,
    raised.map((up) => up.id),
  )
  const between: Keeps = { any: [{ all: raised.map(({ id }) => ({ off: id })) }, { all: bolts.map((id) => ({ back: id })) }] }
  return ups.map((up) => {
    if (first.has(up.id) || raised.some((r) => r.id === up.id)) return up
    if (later.has(up.id)) return up.answers ? { ...up, after: [...new Set([...up.after, ...bolts])] } : up
    // What has nothing to do with it is done before it is in, or once it is tight: nobody turns the machine meanwhile.
    return { ...up, keeps: up.keeps ? { all: [up.keeps, between] } : between }
  })
}

/**
 * The energy source goes in after all that does not wait for it: nobody works on a lid or a lead, turns a belt by hand or looks along it in
 * a live machine. What holds the machine, or only makes room, may stay until after the test.
 * @param spared what the file leaves no way to do before it
 */
function withLast(ups: readonly UpAction[], source: string, spared: ReadonlySet<string>): readonly UpAction[] {
  const waits = waitingFor(ups, [source])
  const goesFirst = (up: UpAction): boolean => !waits.has(up.id) && !spared.has(up.id) && (up.answers === null || isBench(up))
  const first = ups.filter(goesFirst).map((up) => up.id)
  return ups.map((up) => (up.id === source ? { ...up, after: [...new Set([...up.after, ...first])] } : up))
}

/** Checks that are made under power. */
const tried = (check: string | undefined): boolean => check === 'spin test' || check === 'calibration'

/**
 * Covers with a lead in them, and the plugs of those leads: a tether is joined while its cover still hangs by it, and the cover seats last.
 * A wheel or a motor goes the other way round: its lead is laid once it is in.
 */
function coverTethers(index: FileIndex, returns: readonly Action[]): readonly (readonly [cover: string, plug: string])[] {
  const covers = new Set(index.file.joints.flatMap((j) => (j.role === 'cover' && j.holds[0] !== undefined ? [j.holds[0]] : [])))
  return returns.flatMap((action) =>
    action.gives
      .flatMap((fact) => offOf(fact) ?? [])
      .filter((id) => covers.has(id))
      .flatMap((id) => (index.parts.get(id)?.tethers ?? []).map((plug) => [action.id, actionId('unplug', plug)] as const)),
  )
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

/** Nothing is asked. */
const FREE: Keeps = { all: [] }
const isFree = (keeps: Keeps): boolean => 'all' in keeps && keeps.all.length === 0

/**
 * What has to be off still for an action to be undone: what its removal needed, as far as it was so. What is proved or propped holds as
 * long as what that needed does; what has no return holds for good; what must not have been done yet is told by the return's own guard.
 */
function mirrored(
  down: readonly Action[],
  returning: ReadonlySet<string>,
  variants: Variants,
): (action: Action, free: (other: string) => boolean) => Keeps {
  const givers = new Map<string, Action[]>()
  for (const a of down) for (const fact of a.gives) givers.set(fact, [...(givers.get(fact) ?? []), a])
  return (action, free) => {
    // Nothing makes room for itself.
    const others = (key: string): readonly Action[] => (givers.get(key) ?? []).filter((giver) => giver.id !== action.id)
    const wasOpen = (guard: Guard): boolean => {
      if ('all' in guard) return guard.all.every(wasOpen)
      if ('any' in guard) return guard.any.some(wasOpen)
      if ('fact' in guard) return others(factKey(guard)).length > 0
      return ('not' in guard && 'fact' in guard.not) || holds(guard, () => false, variants)
    }
    const fact = (key: string, through: readonly string[]): Keeps =>
      anyOf(
        others(key).map((giver): Keeps => {
          if (free(giver.id)) return FREE
          if (returning.has(giver.id)) return { off: giver.id }
          if ((giver.kind !== 'prove' && giver.kind !== 'support') || through.includes(giver.id)) return FREE
          return tree(giver.needs, [...through, giver.id])
        }),
      )
    const tree = (guard: Guard, through: readonly string[]): Keeps => {
      if ('all' in guard) return allOf(guard.all.map((g) => tree(g, through)))
      if ('any' in guard) return anyOf(guard.any.filter(wasOpen).map((g) => tree(g, through)))
      return 'fact' in guard ? fact(factKey(guard), through) : FREE
    }
    return tree(action.needs, [])
  }
}

function allOf(list: readonly Keeps[]): Keeps {
  const flat = list.flatMap((k) => ('all' in k ? k.all : [k]))
  return flat.length === 1 ? flat[0]! : { all: flat }
}

/** One way that asks nothing is enough; where none was ever open, none has to stay so. */
function anyOf(list: readonly Keeps[]): Keeps {
  const flat = list.flatMap((k) => ('any' in k ? k.any : [k]))
  if (flat.length === 0 || flat.some(isFree)) return FREE
  return flat.length === 1 ? flat[0]! : { any: flat }
}

/** Returns that have to be off whichever way is taken. */
function certainly(keeps: Keeps): readonly string[] {
  if ('off' in keeps) return [keeps.off]
  if ('back' in keeps) return []
  if ('all' in keeps) return [...new Set(keeps.all.flatMap(certainly))]
  const [first, ...rest] = keeps.any.map((k) => new Set(certainly(k)))
  return [...(first ?? [])].filter((id) => rest.every((r) => r.has(id)))
}

/** What is left to choose, without what is certain; undefined where nothing is. */
function withoutCertain(keeps: Keeps): Keeps | undefined {
  const sure = new Set(certainly(keeps))
  const rest = (k: Keeps): Keeps =>
    'off' in k ? (sure.has(k.off) ? FREE : k) : 'back' in k ? k : 'all' in k ? allOf(k.all.map(rest)) : anyOf(k.any.map(rest))
  const left = rest(keeps)
  return isFree(left) ? undefined : left
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
