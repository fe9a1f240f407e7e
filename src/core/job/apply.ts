import { holds } from '../machine'
import { type Ctx, findStep, flag } from './apply-context'
import { moveFixing, moveIn, moveOut, movePart } from './apply-fixings'
import { addStep, adoptPlan } from './apply-plan'
import { applyLock, classRaised, disturbLock, setPower, takenOver, takeProof } from './apply-power'
import { RIDE_NEEDED, RIDE_STAGES, type RideStage } from '../ride'
import { deadAt, mayOverride, rideShut } from './checks'
import { settle } from './claims'
import { type Bodies, type Entry, stageIndex } from './entries'
import { factsOf } from './readiness'
import { stageMissing } from './stages'
import { type CheckState, type Draft, type Mark, REDUCER_VERSION, type StepState } from './state'
import { plausible } from './times'

/** Folds one entry, not crossed out, onto the draft. Whatever is odd is flagged, never dropped. */
export function apply(draft: Draft, entry: Entry): void {
  const time = plausible(entry, draft.receipts)
  const mark: Mark = { entry: entry.id, by: entry.by, at: time.at }
  const ctx: Ctx = { draft, entry, mark, time }
  if (time.odd) flag(ctx, time.odd)
  if (entry.agrees !== undefined) flag(ctx, 'given back')
  if (draft.handedBack && entry.kind !== 'handed-back') draft.addenda += 1
  // It is in hand once whoever it was given to has logged something.
  if (draft.handedOver?.to === entry.by) delete draft.handedOver
  draft.lastBy = entry.by
  draft.lastAt = time.at
  applyKind(ctx)
}

function applyKind(ctx: Ctx): void {
  const { draft, entry, mark } = ctx
  switch (entry.kind) {
    case 'job-opened': {
      // The first one stands: a job is opened once.
      if (draft.openedAt > 0) return flag(ctx, 'already open')
      const { number, machine, stand, complaint, job } = entry.body
      const { stamp } = entry
      const known = machine.file !== undefined && stamp !== undefined && 'fullVolts' in stamp
      const fullVolts = known ? stamp.fullVolts : machine.fullVolts
      const { fullVolts: _, ...named } = machine
      Object.assign(draft, { number: number || (stamp?.number ?? ''), machine: { ...named, ...(typeof fullVolts === 'number' ? { fullVolts } : {}) }, stand: stand ?? '', complaint, job: job ?? '', openedAt: mark.at })
      if (machine.file === undefined && machine.fullVolts !== undefined) draft.charge.push({ ...mark, from: stamp?.role === 'front desk' ? 'door' : 'label', volts: machine.fullVolts })
      if (stamp) draft.settings = stamp.settings
      return
    }
    case 'goal-set':
      draft.goals = [...entry.body.goals]
      draft.job = entry.body.text
      return
    case 'variant-answered':
      draft.variants[entry.body.variant] = entry.body.option
      return
    case 'symptom-noted':
      draft.symptoms.push({ ...mark, ...entry.body })
      return
    case 'damage-noted':
      draft.damage.push({ ...mark, ...entry.body })
      return
    case 'pack-checked':
      return checkPack(ctx, entry.body)
    case 'note-added':
      draft.notes.push({ ...mark, ...entry.body })
      if (entry.body.step !== undefined) touchStep(draft, entry.body.step, (s) => ({ ...s, notes: [...s.notes, entry.body.text], ...(entry.body.tried ? { tried: [...(s.tried ?? []), { ...entry.body.tried, ...mark }] } : {}) }))
      return
    case 'photo-added':
      draft.photos.push({ ...mark, ...entry.body })
      if (entry.body.step !== undefined) touchStep(draft, entry.body.step, (s) => ({ ...s, photos: [...s.photos, entry.body.photo] }))
      return
    case 'reading-taken':
      draft.readings.push({ ...mark, ...entry.body })
      takenLive(ctx, entry.body.live, entry.body.quantity)
      return
    case 'test-observed':
      draft.observations.push({ ...mark, ...entry.body })
      takenLive(ctx, entry.body.live, entry.body.test)
      return
    case 'replacement-compared':
      return compare(ctx, entry.body)
    case 'delivery-counted':
      draft.delivery = { ...mark, ...entry.body }
      return
    case 'test-skipped':
      draft.skipped.push({ ...mark, ...entry.body })
      return
    case 'fault-called': {
      const { fault, ...rest } = entry.body
      draft.faults.push({ ...mark, text: fault, ...rest })
      return
    }
    case 'voltage-told':
      draft.charge.push({ ...mark, from: entry.stamp?.role === 'front desk' ? 'door' : entry.body.from, volts: entry.body.volts })
      return classRaised(ctx)
    case 'power-changed':
      return setPower(ctx, entry.body.to, entry.body.how)
    case 'proof-taken':
      return takeProof(ctx, entry.body)
    case 'plan-adopted':
      return adoptPlan(draft, entry.body, entry.stamp)
    case 'step-added':
      return addStep(draft, entry.body)
    case 'step-done':
      return stepDone(ctx, entry.body)
    case 'step-left': {
      for (const id of entry.body.members ?? []) moveFixing(ctx, id, 'left in')
      return setStep(ctx, entry.body.step, 'left', { reason: entry.body.reason })
    }
    case 'step-differs':
      touchStep(draft, entry.body.step, (s) => ({ ...s, differs: [...s.differs, entry.body.text] }))
      return
    case 'fixing-out':
      return moveOut(ctx, entry.body)
    case 'fixing-in':
      return moveIn(ctx, entry.body)
    case 'fixing-lost':
      for (const id of entry.body.members) moveFixing(ctx, id, 'lost', undefined, entry.body.text)
      return
    case 'fixing-found':
      for (const id of entry.body.members) moveFixing(ctx, id, 'cell', entry.body.cell)
      return
    case 'fixing-replaced':
      for (const id of entry.body.members) {
        moveFixing(ctx, id, 'new wanted', undefined, entry.body.label)
        const f = draft.fixings[id]
        if (f) draft.fixings[id] = { ...f, replaced: f.replaced + 1, hasBeenOut: true }
      }
      return
    case 'fixing-kept-out':
      for (const id of entry.body.members) moveFixing(ctx, id, 'kept out', undefined, entry.body.reason)
      return
    case 'part-off':
      for (const id of entry.body.parts) movePart(ctx, id, 'off')
      return
    case 'part-on':
      for (const id of entry.body.parts) movePart(ctx, id, 'on')
      return
    case 'part-replaced': {
      const { part, step, ...serials } = entry.body
      const known = draft.parts[part]
      draft.parts[part] = { ...(known ?? { id: part, name: part, condition: 'off' }), replaced: serials, mark }
      if (step !== undefined) setStep(ctx, step, 'done')
      return
    }
    case 'pose-changed': {
      const settled = settle(draft, entry, 'pose', '', `${entry.body.to}|${entry.body.name}`, mark)
      const [id = '', name = ''] = settled.outcome.split('|')
      draft.pose = { id, name, mark: settled.mark }
      return
    }
    case 'lock-applied':
      return applyLock(ctx, entry.body.subject, entry.body)
    case 'lock-disturbed':
      return disturbLock(ctx, entry.body.subject, entry.body.reason)
    case 'check-passed':
      return setCheck(ctx, entry.body.check, 'passed', { evidence: entry.body.evidence, ...(entry.body.items ? { items: entry.body.items } : {}) }, entry.body.step)
    case 'check-failed': {
      const { check, ...found } = entry.body
      return setCheck(ctx, check, 'failed', found)
    }
    case 'check-overridden':
      if (mayOverride(entry.body.check) === 'nobody') return flag(ctx, 'no override here', entry.body.check)
      return setCheck(ctx, entry.body.check, 'overridden', { reason: entry.body.reason })
    case 'stage-moved':
      return moveStage(ctx, entry.body)
    case 'parked':
      draft.parked = { ...mark, ...entry.body }
      return
    case 'resumed':
      delete draft.parked
      return takenOver(ctx, entry.by)
    case 'handed-over':
      draft.handedOver = { ...mark, ...entry.body }
      return takenOver(ctx, null)
    case 'ride-added':
      if (rideShut(draft, entry.body.stage, mark.at).length > 0) flag(ctx, 'check shut', 'ride')
      draft.rides.push({ ...mark, ...entry.body })
      return ride(ctx, entry.body)
    case 'recheck-set':
      draft.rechecks.push({ ...mark, ...entry.body })
      return
    case 'handed-back':
      return handBack(ctx, entry.body)
    case 'struck':
      // Judged before folding. One whose target is not here, or comes later, strikes nothing.
      if (!draft.struck.includes(entry.body.target)) flag(ctx, 'nothing to cross out', entry.body.target)
      return
  }
}

const FRESH_STEP: StepState = { status: 'waiting', differs: [], photos: [], notes: [] }

function touchStep(draft: Draft, id: string, change: (step: StepState) => StepState): void {
  draft.steps[id] = change(draft.steps[id] ?? FRESH_STEP)
}

function setStep(ctx: Ctx, id: string, outcome: string, more: Partial<StepState> = {}): void {
  const { draft, entry } = ctx
  const step = findStep(draft, id)
  if (!step && !draft.swap.some((s) => s.id === id)) flag(ctx, 'no such step', id)
  const settled = settle(draft, entry, 'step', id, outcome, ctx.mark)
  const pass = settled.outcome.startsWith('pass:') ? (settled.outcome.slice(5) as StepState['pass']) : undefined
  const last = step?.passes?.at(-1)
  const status = settled.outcome === 'left' ? 'left' : pass === undefined || pass === last ? 'done' : 'begun'
  const { disputed: _, ...before } = draft.steps[id] ?? FRESH_STEP
  draft.steps[id] = { ...before, ...more, status, ...(pass ? { pass } : {}), mark: settled.mark, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
}

function stepDone(ctx: Ctx, body: Bodies['step-done']): void {
  const { draft, time } = ctx
  const step = findStep(draft, body.step)
  if (step) {
    const dead = deadAt(draft.power, time.at)
    if (step.dead && !dead) flag(ctx, 'not dead', step.id)
    if (step.limb === 'down' && step.needs) {
      const facts = factsOf(draft)
      if (!holds(step.needs, (f) => f.fact === 'proved' || facts.has(`${f.fact} ${f.of}`), draft.variants)) flag(ctx, 'not ready', step.id)
    }
  }
  setStep(ctx, body.step, body.pass ? `pass:${body.pass}` : 'done', {
    ...(body.minutes !== undefined ? { minutes: body.minutes } : {}),
    ...(body.breakaway !== undefined ? { breakaway: body.breakaway } : {}),
  })
  for (const move of body.out ?? []) moveOut(ctx, move)
  if (body.in) moveIn(ctx, body.in)
  for (const id of body.partsOff ?? []) movePart(ctx, id, 'off')
  for (const id of body.partsOn ?? []) movePart(ctx, id, 'on')
  if (body.power) setPower(ctx, body.power, step?.title)
  if (body.lock) applyLock(ctx, body.step, body.lock)
}

/** A reading taken live while the job says dead is kept, and flagged: one of the two is wrong. */
function takenLive(ctx: Ctx, live: boolean, subject: string): void {
  if (live && deadAt(ctx.draft.power, ctx.mark.at)) flag(ctx, 'not ready', subject)
}

function setCheck(ctx: Ctx, check: string, how: 'passed' | 'failed' | 'overridden', more: object, step?: string): void {
  const { draft, entry, mark } = ctx
  const settled = settle<CheckState>(draft, entry, 'check', check, how, mark, { [how]: { ...mark, ...more } })
  draft.checks[check] = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  if (step !== undefined) setStep(ctx, step, 'done')
}

function checkPack(ctx: Ctx, body: Bodies['pack-checked']): void {
  const { draft, entry, mark } = ctx
  const settled = settle(draft, entry, 'pack', '', body.result, mark, { ...mark, ...body })
  draft.packCheck = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
}

function compare(ctx: Ctx, body: Bodies['replacement-compared']): void {
  const { draft, entry, mark } = ctx
  const outcome = body.rows.every((r) => r.verdict === 'match') ? 'match' : 'differs'
  const settled = settle(draft, entry, 'match', body.part, outcome, mark, { ...mark, rows: body.rows })
  draft.comparisons[body.part] = { ...settled.value, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
}

/** A ride stands for its stage, one without a stage for all that are needed; a stopped one takes back what lies above it too. */
function ride(ctx: Ctx, body: Bodies['ride-added']): void {
  const { draft, entry, mark } = ctx
  const outcome = body.outcome === 'stopped' ? 'stopped' : 'passed'
  const named: readonly RideStage[] = body.stage === undefined ? RIDE_NEEDED : [body.stage]
  const stages = outcome === 'stopped' ? RIDE_STAGES.slice(RIDE_STAGES.indexOf(named[0]!)) : named
  for (const stage of stages) {
    const settled = settle(draft, entry, 'ride', stage, outcome, mark)
    draft.ridden[stage] = { outcome: settled.outcome as 'passed' | 'stopped', mark: settled.mark, ...(settled.disputed ? { disputed: settled.disputed } : {}) }
  }
}

function moveStage(ctx: Ctx, body: Bodies['stage-moved']): void {
  const { draft, entry, mark } = ctx
  const back = stageIndex(body.to) < stageIndex(draft.stage)
  const missing = back ? (body.reason?.trim() ? [] : ['a reason for going back']) : stageMissing(draft, body.to, mark.at)
  if (draft.unknown > 0) missing.push('an entry that this build does not know')
  const inEffect = missing.length === 0
  draft.moves.push({ ...mark, to: body.to, inEffect, missing, ...(body.reason !== undefined ? { reason: body.reason } : {}) })
  if (!inEffect) return flag(ctx, back ? 'reason missing' : 'check shut', body.to)
  const settled = settle(draft, entry, 'stage', '', body.to, mark)
  const stages = (settled.disputed ?? [settled.outcome]) as (typeof body.to)[]
  draft.stage = stages.reduce((a, b) => (stageIndex(b) < stageIndex(a) ? b : a))
}

function handBack(ctx: Ctx, body: Bodies['handed-back']): void {
  const { draft, entry, mark } = ctx
  const missing = stageMissing(draft, 'handed back', mark.at)
  if (missing.length > 0) flag(ctx, 'check shut', 'hand back')
  draft.handedBack = { ...mark, ...body, seq: entry.seq, reducer: REDUCER_VERSION, missing }
}
