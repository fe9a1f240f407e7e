import { factKey, stepId } from '../machine'
import type { PlannedStep } from '../planning'
import { know, renumber, withNumbers } from './apply-plan'
import { type Ctx, flag } from './apply-context'
import { moveFixing, movePart } from './apply-fixings'
import { setStep } from './apply-steps'
import { offCautions } from './off/cautions'
import { atRule } from './off/at'
import { fixingsOf, type Off, type OffFacts, offName, partsOf } from './off/off'
import { offRule } from './off/sorts'
import { type CameOff, orderUp, type OrderSaid, photosBySeq, sparse, waitsOf } from './off/way-up'
import type { Draft } from './state'

/** What came off a machine that no file knows, or beyond what its file has: it joins the way down done, and its return the way up. */
export function cameOffNow(ctx: Ctx, { step, after, ...facts }: OffFacts & { readonly step: string; readonly after?: string }): void {
  const { draft, entry, mark } = ctx
  if (draft.down.some((s) => s.id === step)) return flag(ctx, 'already out', step)
  const off: Off = { ...facts, ...mark, step, seq: entry.seq, pose: draft.pose.id }
  const at = after === undefined ? -1 : draft.down.findIndex((s) => s.id === after)
  const place = at < 0 ? draft.down.length : at + 1
  const [down, up] = stepsOf(off)
  const follows = draft.down[place - 1]
  const last = place === draft.down.length
  draft.offs.push(off)
  draft.down = renumber([...draft.down.slice(0, place), down, ...draft.down.slice(place)])
  if (!last) inOrder(draft)
  know(draft, down.fixings, down.parts)
  if (!draft.planned) wayUpAgain(draft, last)
  else draft.up = withNumbers(beside(draft.up, up, follows?.id), draft.down)
  takeOut(ctx, off)
  setStep(ctx, step, 'done')
}

/** It was said otherwise than it is: what it is, how many, what it is called, where it lies, or after what it came off. */
export function corrected(
  ctx: Ctx,
  { step, after, ...facts }: Partial<OffFacts> & { readonly step: string; readonly after?: string | null },
): void {
  const { draft } = ctx
  const was = draft.offs.find((o) => o.step === step)
  if (!was) return flag(ctx, 'stands on a crossed-out entry', step)
  const off = said({ ...was, ...facts })
  draft.offs = draft.offs.map((o) => (o === was ? off : o))
  const [down, up] = stepsOf(off)
  const gone = new Set([...fixingsOf(was), ...partsOf(was)].map((x) => x.id))
  for (const x of [...down.fixings, ...down.parts]) gone.delete(x.id)
  for (const id of gone) forget(draft, id)
  const fresh = [...down.fixings, ...down.parts].filter((x) => !draft.fixings[x.id] && !draft.parts[x.id]).map((x) => x.id)
  draft.down = draft.down.map((s) => (s.id === step ? { ...down, ...(s.number === undefined ? {} : { number: s.number }) } : s))
  if (after !== undefined) place(draft, step, after)
  know(draft, down.fixings, down.parts)
  if (!draft.planned) wayUpAgain(draft, false)
  else
    draft.up = withNumbers(beside(without(draft.up, up.id), up, draft.down[draft.down.findIndex((s) => s.id === step) - 1]?.id), draft.down)
  takeOut(ctx, off, (id) => fresh.includes(id) || (off.cell !== was.cell && draft.fixings[id]?.condition === 'cell'))
}

/** What somebody says of the order of two things: the way up is worked out anew. */
export function orderSaid(ctx: Ctx, said: OrderSaid): void {
  const { draft } = ctx
  const at = (id: string): number => draft.down.findIndex((s) => s.id === id)
  if (at(said.step) < 0 || at(said.of) < 0) return flag(ctx, 'stands on a crossed-out entry', said.step)
  // What came off later cannot have been held by what was still on: the exact reverse always works.
  if (at(said.of) < at(said.step)) return flag(ctx, 'not ready', said.step)
  draft.orders = [...draft.orders.filter((o) => o.step !== said.step || o.of !== said.of), said]
  if (!draft.planned) wayUpAgain(draft, false)
}

/** What was emptied is left out. */
function said(off: Off): Off {
  return Object.fromEntries(Object.entries(off).filter(([, x]) => x !== '')) as unknown as Off
}

/** It comes just after another step, first where that is null. */
function place(draft: Draft, step: string, after: string | null): void {
  const own = draft.down.find((s) => s.id === step)!
  const rest = draft.down.filter((s) => s.id !== step)
  const at = after === null ? 0 : rest.findIndex((s) => s.id === after) + 1
  if (after !== null && at === 0) return
  draft.down = renumber([...rest.slice(0, at), own, ...rest.slice(at)])
  const order = inOrder(draft)
  const turned = (o: OrderSaid): boolean => order.get(o.of)! < order.get(o.step)!
  draft.orders = draft.orders.filter((o) => !turned(o))
}

/** What came off, in the order of the way down. */
function inOrder(draft: Draft): ReadonlyMap<string, number> {
  const order = new Map(draft.down.map((s, i) => [s.id, i]))
  draft.offs = [...draft.offs].sort((a, b) => order.get(a.step)! - order.get(b.step)!)
  return order
}

function forget(draft: Draft, id: string): void {
  delete draft.fixings[id]
  delete draft.parts[id]
  delete draft.heads[`fixing:${id}`]
  delete draft.heads[`part:${id}`]
}

function takeOut(ctx: Ctx, off: Off, which: (id: string) => boolean = () => true): void {
  for (const f of fixingsOf(off)) if (which(f.id)) moveFixing(ctx, f.id, f.keep, f.keep === 'cell' ? f.cell : undefined, off.condition)
  for (const p of partsOf(off)) if (which(p.id)) movePart(ctx, p.id, 'off')
}

/** Its step, and its return without its place. */
function stepsOf(off: Off): [PlannedStep, PlannedStep] {
  const rule = offRule(off.sort)
  const of = off.of === undefined ? undefined : atRule(off.of)
  const title = offName(off)
  const gives = [factKey({ fact: 'prepared', of: off.step })]
  const upId = stepId('up', off.step)
  const opens = of?.opens ?? (rule.is === 'joined' ? (['plug'] as const) : undefined)
  const base = {
    action: off.step,
    kind: rule.kind,
    pose: off.pose,
    people: 1 as const,
    minutes: { low: 0.5, likely: 1, high: 3 },
    why: [],
    gives,
    consumables: [],
    fixings: fixingsOf(off),
    parts: partsOf(off),
    ...(off.tool !== undefined ? { tool: { id: off.tool, name: off.tool, short: off.tool } } : {}),
  }
  const joint =
    rule.is === 'fixings' && (off.thread !== undefined || of?.critical !== undefined)
      ? {
          joint: {
            role: 'working' as const,
            ...(off.thread !== undefined ? { thread: off.thread } : {}),
            ...(of?.critical ? { critical: of.critical } : {}),
          },
        }
      : {}
  const passes = rule.passes && (off.count > 1 ? rule.passes : (['final'] as const))
  const down: PlannedStep = {
    ...base,
    id: off.step,
    limb: 'down',
    title,
    pair: upId,
    number: 0,
    cautions: offCautions(off, 'down'),
    ...(opens ? { opens } : {}),
  }
  const up: PlannedStep = {
    ...base,
    id: upId,
    limb: 'up',
    title: `${title.charAt(0).toUpperCase()}${title.slice(1)} back`,
    pair: off.step,
    number: 0,
    after: [],
    cautions: offCautions(off, 'up'),
    ...joint,
    ...(passes ? { passes } : {}),
    ...(of?.reaction && rule.is === 'fixings' ? { reaction: true as const } : {}),
  }
  return [down, up]
}

/** A return found beside a plan goes just before the return of the step that it followed, which waits for it. */
function beside(up: readonly PlannedStep[], own: PlannedStep, follows: string | undefined): PlannedStep[] {
  const at = follows === undefined ? -1 : up.findIndex((s) => s.pair === follows)
  if (at < 0) return [...up, own]
  const held = up[at]!
  return [...up.slice(0, at), own, { ...held, after: [...(held.after ?? []), own.id] }, ...up.slice(at + 1)]
}

/** A way up without a return, which nothing waits for any more. */
function without(up: readonly PlannedStep[], id: string): PlannedStep[] {
  return up.filter((s) => s.id !== id).map((s) => (s.after?.includes(id) ? { ...s, after: s.after.filter((a) => a !== id) } : s))
}

/**
 * The way up of a machine that no file knows, from all that came off it.
 * @param added the last one came off just now, so that what came off before the last part waits for nothing more
 */
function wayUpAgain(draft: Draft, added: boolean): void {
  const facts = new Map(draft.offs.map((o) => [o.step, o]))
  const had = new Map(draft.up.map((s) => [s.id, s]))
  const offs = draft.down.map((s): CameOff['offs'][number] => facts.get(s.id) ?? before(s))
  const upOf = (i: number): PlannedStep => {
    const own = facts.get(draft.down[i]!.id)
    return own ? stepsOf(own)[1] : had.get(draft.down[i]!.pair ?? '')!
  }
  const all = { offs, said: draft.orders, photos: photosBySeq(draft.photos) }
  const from = added && stays(all) ? offs.slice(0, -1).findLastIndex((o) => offRule(o.sort).is === 'parts') : -1
  const waits = waitsOf(all, Math.max(0, from))
  const named = sparse(waits, Math.max(0, from))
  const ids = (list: readonly number[]): string[] => list.map((j) => stepId('up', draft.down[j]!.id))
  const made = (i: number): PlannedStep => (i < from ? had.get(stepId('up', draft.down[i]!.id))! : { ...upOf(i), after: ids(named[i]!) })
  const order = from < 0 ? orderUp(all, waits, offs.at(-1)?.pose ?? '') : null
  const kept = (): number[] => {
    const at = new Map(draft.down.map((s, i) => [s.pair ?? '', i]))
    return [offs.length - 1, ...draft.up.map((s) => at.get(s.id)!)]
  }
  draft.up = withNumbers((order ?? kept()).map(made), draft.down)
}

/** Does what came off last change nothing for what came off before the last part, and not the order of the others? */
function stays({ offs, said, photos }: CameOff): boolean {
  const [before, last] = [offs.at(-2), offs.at(-1)]
  if (!last || said.length > 0 || (before && before.pose !== last.pose)) return false
  const cover = offs.slice(0, -1).findLast((o) => offRule(o.sort).is === 'parts')
  return last.pin === undefined || (photos.get(last.pin.photo) ?? Infinity) > (cover?.seq ?? 0)
}

/** A step of an older build, as far as it says what it is. */
function before(s: PlannedStep): CameOff['offs'][number] {
  return { step: s.id, sort: s.parts.length > 0 ? 'part' : s.fixings.length > 0 ? 'screw' : 'plug', seq: 0, pose: s.pose }
}
