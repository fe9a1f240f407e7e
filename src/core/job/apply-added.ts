import { stepId } from '../machine'
import type { AdoptedPlan, LengthFact, PlannedStep } from '../planning'
import { type Ctx, flag } from './apply-context'
import { touchStep } from './apply-steps'
import type { Draft } from './state'

/** A piece that goes on though it was not there. */
interface Added {
  readonly name: string
  readonly place: string
  readonly bolt?: string | undefined
  readonly under?: string | undefined
  readonly after?: string | undefined
  /** What it is in the file, where the file’s own steps bring it along. */
  readonly of?: readonly string[] | undefined
}

/**
 * What comes with a conversion, by the file’s own steps, as if it had come off: its parts lie there, its fixings are still to be got. What
 * was put back over its place meanwhile, on another tablet, has to be put back once more.
 */
export function arrive(ctx: Ctx, { brings, plan }: { readonly brings: readonly string[]; readonly plan: AdoptedPlan }): void {
  const { draft, mark } = ctx
  const over = new Set<string>()
  for (const step of plan.up.steps) {
    if (!step.after?.some((id) => over.has(id)) && !brings.includes(step.action)) continue
    over.add(step.id)
    const own = draft.steps[step.id]
    if (own === undefined || own.status === 'waiting') continue
    const { pass: _, ...before } = own
    draft.steps[step.id] = { ...before, status: 'waiting' }
    flag(ctx, 'not ready', step.id)
  }
  for (const step of plan.up.steps.filter((s) => brings.includes(s.action))) {
    if (step.pair !== undefined) touchStep(draft, step.pair, (own) => ({ ...own, status: 'done', mark }))
    for (const part of step.parts) draft.parts[part.id] = { ...draft.parts[part.id], ...part, condition: 'off', added: true }
    for (const spec of step.fixings)
      draft.fixings[spec.id] = { ...spec, condition: 'new wanted', hasBeenOut: true, replaced: 0, added: true }
  }
}

/** What a conversion makes of the way up: as it is converted, and once more where another plan takes the limbs over. */
export function wayUpConverted(
  draft: Draft,
  { set, on, bolts }: { readonly set: string; readonly on: readonly Added[]; readonly bolts: Parameters<typeof anotherLength>[1] },
): void {
  for (const { to, of } of bolts)
    for (const id of of) if (to !== undefined && draft.fixings[id]) draft.fixings[id] = { ...draft.fixings[id], label: to }
  anotherLength(draft, bolts)
  addReturns(draft, set, on)
}

/** Pieces that were not there go on: a step each on the way up, and one for all screws of a group, loose first and then final. */
function addReturns(draft: Draft, set: string, pieces: readonly Added[]): void {
  const groups = new Map<string, (readonly [string, Added])[]>()
  pieces.forEach((piece, i) => {
    if (piece.of !== undefined) return
    const key = piece.bolt === undefined ? `${i}` : JSON.stringify([piece.under, piece.after])
    groups.set(key, [...(groups.get(key) ?? []), [`on:${set}:${i}`, piece]])
  })
  for (const group of groups.values()) addReturn(draft, group)
}

/**
 * One step: before what goes on over it, or after the joint that it hangs on, with whatever waits for that joint; first of all
 * where neither is on the way up.
 */
function addReturn(draft: Draft, pieces: readonly (readonly [string, Added])[]): void {
  const [[id, first]] = pieces as readonly [readonly [string, Added]]
  const over = draft.up.find((s) => s.parts.some((p) => p.id === first.under) || s.fixings.some((f) => f.joint === first.under))
  const base = draft.up.find((s) => s.fixings.some((f) => f.joint === first.after))
  let at = over ? draft.up.indexOf(over) : base ? draft.up.indexOf(base) + 1 : 0
  while (draft.up[at]?.action.startsWith('on:')) at += 1
  const many = pieces.length > 1
  const name = many ? `${pieces.length} × ${[...new Set(pieces.map(([, p]) => p.name))].join(', ')}` : first.name
  const which = many ? [...new Set(pieces.map(([, p]) => p.bolt))] : [first.bolt, first.place].filter(Boolean)
  const step: PlannedStep = {
    id: stepId('up', id),
    action: id,
    kind: first.bolt === undefined ? 'take off' : 'release',
    limb: 'up',
    title: `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${which.join(', ')}: on`,
    pose: (over ?? base)?.pose ?? draft.pose.id,
    people: 1,
    minutes: { low: 0.5, likely: 1, high: 3 },
    why: [],
    cautions: [],
    consumables: [],
    gives: [],
    ...(base ? { after: [base.id] } : {}),
    fixings:
      first.bolt === undefined
        ? []
        : pieces.map(([own, p]) => ({ id: own, joint: id, label: p.bolt!, place: `${p.name}, ${p.place}`, keep: 'cell' })),
    parts: first.bolt === undefined ? [{ id, name: `${first.name}, ${first.place}` }] : [],
    ...(first.bolt === undefined ? {} : { passes: many ? (['started', 'final'] as const) : (['final'] as const) }),
  }
  const waits = (s: PlannedStep): boolean =>
    s === over || (base !== undefined && s.after?.includes(base.id) === true && !s.action.startsWith('on:'))
  draft.up = [
    ...draft.up.slice(0, at),
    step,
    ...draft.up.slice(at).map((s) => (waits(s) ? { ...s, after: [...(s.after ?? []), step.id] } : s)),
  ]
  for (const part of step.parts) draft.parts[part.id] ??= { ...part, condition: 'off', added: true }
  for (const spec of step.fixings)
    draft.fixings[spec.id] ??= { ...spec, condition: 'new wanted', hasBeenOut: true, replaced: 0, added: true }
}

/** Screws of another length, and with another stack under their heads: what their steps know of them and of their holes is put right. */
function anotherLength(
  draft: Draft,
  bolts: readonly {
    readonly to?: string | undefined
    readonly of: readonly string[]
    readonly length?: number | undefined
    readonly stack?: number | undefined
  }[],
): void {
  const changed = new Map(bolts.flatMap((b) => b.of.map((id) => [id, b] as const)))
  draft.up = draft.up.map((step) => {
    if (!step.fixings.some((f) => changed.has(f.id))) return step
    const fixings = step.fixings.map((f) => ({ ...f, label: changed.get(f.id)?.to ?? f.label }))
    if (!step.lengths) return { ...step, fixings }
    const lengths = step.lengths.flatMap((fact): LengthFact[] => {
      const { others: _, mixed: __, ...hole } = fact
      const rest = fact.of.filter((id) => !changed.has(id))
      return [
        ...(rest.length > 0 ? [{ ...fact, of: rest }] : []),
        ...bolts.flatMap(({ of, length, stack }) => {
          const own = of.filter((id) => fact.of.includes(id))
          return own.length > 0 ? [{ ...hole, of: own, length: length ?? hole.length, stack: stack ?? hole.stack }] : []
        }),
      ]
    })
    return { ...step, fixings, lengths }
  })
}
