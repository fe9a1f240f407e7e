import { factKey, stepId } from '../machine'
import type { AdoptedPlan, FixingSpec, PartSpec, PlannedStep } from '../planning'
import { wayUpConverted } from './apply-added'
import type { Bodies, Stamp } from './entries'
import { DEFAULT_SETTINGS, strictest } from './settings'
import type { Draft } from './state'

/** A plan takes over the limbs. Steps already done that it does not hold stay, ahead of it; nothing done is forgotten. */
export function adoptPlan(draft: Draft, body: Bodies['plan-adopted'], stamp?: Stamp): void {
  draft.planned = true
  draft.settings = strictest(stamp?.settings ?? DEFAULT_SETTINGS, body.settings)
  draft.fileRevision = body.revision
  takeOver(draft, body.plan)
}

/** The steps of a plan take the place of those that are not done yet. */
export function takeOver(draft: Draft, plan: AdoptedPlan): void {
  const planned = new Set([...plan.down.steps, ...plan.up.steps].map((s) => s.id))
  const kept = draft.down.filter((s) => !planned.has(s.id) && draft.steps[s.id]?.status === 'done')
  const keptIds = new Set(kept.map((s) => s.id))
  // What a conversion leaves over has no way back.
  const gone = new Set(Object.values(draft.converted).flatMap((c) => c.drops ?? []))
  const keptUp = draft.up.filter((s) => !planned.has(s.id) && s.pair !== undefined && keptIds.has(s.pair) && !gone.has(s.action))
  draft.earlier = [...keptIds]
  draft.goals = [...plan.goals]
  if (plan.provedAs) draft.provedAs = plan.provedAs
  else delete draft.provedAs
  draft.down = renumber([...kept, ...plan.down.steps])
  draft.up = withNumbers([...plan.up.steps, ...keptUp], draft.down)
  draft.swap = [...plan.swap]
  if (draft.pose.id === '' && plan.down.steps[0]) draft.pose = { id: plan.down.steps[0].pose, name: '' }
  for (const step of draft.down) know(draft, step.fixings, step.parts)
  for (const conversion of Object.values(draft.converted)) wayUpConverted(draft, conversion)
}

/** A step found at the bench joins the way down, and its return the way up: mirrored, just before the return of the step it follows. */
export function addStep(draft: Draft, body: Bodies['step-added']): void {
  if (draft.down.some((s) => s.id === body.step)) return
  const base = {
    action: body.step,
    kind: 'release' as const,
    pose: draft.pose.id,
    people: 1 as const,
    minutes: { low: 0.5, likely: 1, high: 3 },
    why: [],
    cautions: [],
    consumables: [],
    fixings: body.fixings,
    parts: body.parts,
    ...(body.tool !== undefined ? { tool: { id: body.tool, name: body.tool, short: body.tool } } : {}),
  }
  const upId = stepId('up', body.step)
  const down: PlannedStep = {
    ...base,
    id: body.step,
    limb: 'down',
    title: body.title,
    gives: [factKey({ fact: 'prepared', of: body.step })],
    pair: upId,
    number: 0,
  }
  const up: PlannedStep = {
    ...base,
    id: upId,
    limb: 'up',
    title: backTitle(body),
    gives: [factKey({ fact: 'prepared', of: body.step })],
    pair: body.step,
    number: 0,
    after: [],
    ...(body.fixings.length > 0 ? { passes: body.fixings.length > 1 ? (['started', 'final'] as const) : (['final'] as const) } : {}),
  }
  const at = body.after === undefined ? draft.down.length : draft.down.findIndex((s) => s.id === body.after) + 1
  const follows = draft.down[at - 1]
  draft.down = renumber([...draft.down.slice(0, at), down, ...draft.down.slice(at)])
  const upAt = follows ? draft.up.findIndex((s) => s.pair === follows.id) : -1
  const place = upAt >= 0 ? upAt : follows ? draft.up.length : 0
  draft.up = withNumbers([...draft.up.slice(0, place), up, ...draft.up.slice(place)], draft.down)
  know(draft, body.fixings, body.parts)
}

export function know(draft: Draft, fixings: readonly FixingSpec[], parts: readonly PartSpec[]): void {
  for (const spec of fixings) {
    const known = draft.fixings[spec.id]
    draft.fixings[spec.id] = known ? { ...known, ...spec } : { ...spec, condition: 'on', hasBeenOut: false, replaced: 0 }
  }
  for (const spec of parts) draft.parts[spec.id] ??= { ...spec, condition: 'on' }
}

export function renumber(steps: readonly PlannedStep[]): PlannedStep[] {
  let n = 0
  return steps.map((s) => (s.number === undefined ? s : { ...s, number: ++n }))
}

/** A return carries the number of the step that it answers. */
export function withNumbers(up: readonly PlannedStep[], down: readonly PlannedStep[]): PlannedStep[] {
  const numbers = new Map(down.map((s) => [s.id, s.number]))
  return up.map((s) => {
    const n = s.pair === undefined ? undefined : numbers.get(s.pair)
    return n === undefined ? s : { ...s, number: n }
  })
}

/** `4 × M5×12 back`, `Crate back`. */
function backTitle(body: Bodies['step-added']): string {
  const [fixing] = body.fixings
  const what = fixing
    ? body.fixings.length > 1
      ? `${body.fixings.length} × ${fixing.label}`
      : fixing.label
    : (body.parts[0]?.name ?? body.title)
  return `${what.charAt(0).toUpperCase()}${what.slice(1)} back`
}
