import type { CompareSpec, Joint, Minutes, Opened, WaitKind, Want } from '../machine'
import type { FixingSpec, Plan, PlannedStep, SwapPlanStep } from './types'

/** What a job takes over of a plan. */
export interface AdoptedPlan extends Pick<Plan, 'planner' | 'provedAs' | 'goals' | 'swap' | 'upOrder'> {
  readonly down: AdoptedLimb
  readonly up: AdoptedLimb
}

interface AdoptedLimb {
  readonly steps: readonly PlannedStep[]
  readonly minutes: { readonly handsOn: number; readonly elapsed: number }
  readonly proved: boolean
}

/** A turn: which moves of the file, each from one pose to another. */
export interface TurnFacts {
  readonly by: readonly (readonly [from: string, to: string])[]
  readonly people: 1 | 2
  readonly minutes: Minutes
}

/** Minutes that have to pass with no hands on it: what for, and from when. */
export interface Wait {
  readonly kind: WaitKind
  readonly minutes: number
  readonly from: 'done' | 'begun'
}

/**
 * A step as a job keeps it: every fact that a gate rests on, by id, and no words. Those are in the machine's file at its revision
 * (`worded`). It is never made anew from a file, so that no later build changes what an adopted plan asks for.
 */
export interface StepFacts extends Pick<PlannedStep, AsPlanned> {
  readonly turn?: TurnFacts
  readonly tool?: string
  /** Done with `tool` for want of this one. */
  readonly insteadOf?: { readonly tool: string; readonly byFeel?: true }
  readonly wait?: Wait
  /** Ids of the actions, poses or jobs that want it. */
  readonly why: readonly string[]
  readonly fixings: readonly Pick<FixingSpec, 'id' | 'joint' | 'keep' | 'cell' | 'captive' | 'stay' | 'consumable'>[]
  readonly parts: readonly string[]
  readonly joint?: Pick<Joint, 'role' | 'critical'>
  readonly wants?: readonly Omit<Want, 'name'>[]
  readonly counterHold?: true
  /** Steps and things that a look judges: it falls open when one of them is touched again. */
  readonly looks?: { readonly judges: readonly string[] }
}

/** Facts that a step has in the same shape with words and without. */
type AsPlanned =
  | 'id'
  | 'action'
  | 'kind'
  | 'limb'
  | 'pose'
  | 'people'
  | 'minutes'
  | 'number'
  | 'pair'
  | 'gives'
  | 'needs'
  | 'after'
  | 'dead'
  | 'power'
  | 'mains'
  | 'passes'
  | 'torque'
  | 'lock'
  | 'reopen'
  | 'check'
  | 'cover'
  | 'cautions'
  | 'relations'
  | 'opens'
  | 'heavy'
  | 'ends'
  | 'reaction'
  | 'lengths'
  | 'again'

export interface SwapFacts {
  readonly id: string
  /** The job that it belongs to, where several are done in one go. */
  readonly goal?: string
  readonly part?: string
  readonly compare?: readonly Omit<CompareSpec, 'name' | 'why'>[]
  readonly opens?: readonly Opened[]
  readonly minutes: Minutes
}

/** A plan as a job keeps it, without words. */
export interface PlanFacts extends Pick<Plan, 'planner' | 'provedAs' | 'goals' | 'upOrder'> {
  readonly down: LimbFacts
  readonly up: LimbFacts
  readonly swap: readonly SwapFacts[]
}

interface LimbFacts {
  readonly steps: readonly StepFacts[]
  readonly minutes: { readonly handsOn: number; readonly elapsed: number }
  readonly proved: boolean
}

/** Nothing that is not there is written. */
function given<T extends object>(fields: T): { [K in keyof T]: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(fields).filter(([, v]) => v !== undefined)) as never
}

function factsOfStep(s: PlannedStep): StepFacts {
  return given({
    id: s.id,
    action: s.action,
    kind: s.kind,
    limb: s.limb,
    pose: s.pose,
    turn: s.turn && { by: s.turn.by, people: s.turn.people, minutes: s.turn.minutes },
    tool: s.tool?.id,
    insteadOf: s.substitute && given({ tool: s.substitute.tool, byFeel: s.substitute.byFeel }),
    people: s.people,
    minutes: s.minutes,
    wait: s.wait === undefined ? undefined : { kind: s.waitFor ?? ('rest' as const), minutes: s.wait, from: 'done' as const },
    number: s.number,
    pair: s.pair,
    why: s.why.map((w) => w.wantedBy),
    gives: s.gives,
    needs: s.needs,
    after: s.after,
    dead: s.dead,
    power: s.power,
    mains: s.mains,
    fixings: s.fixings.map(({ id, joint, keep, cell, captive, stay, consumable }) =>
      given({ id, joint, keep, cell, captive, stay, consumable }),
    ),
    parts: s.parts.map((p) => p.id),
    passes: s.passes,
    torque: s.torque,
    joint: s.joint && given({ role: s.joint.role, critical: s.joint.critical }),
    lock: s.lock,
    reopen: s.reopen,
    check: s.check,
    cover: s.cover,
    cautions: s.cautions,
    wants: s.wants?.map(({ name: _, adjust, ...w }) => ({ ...w, ...(adjust ? { adjust: { way: adjust.way, by: adjust.by } } : {}) })),
    relations: s.relations,
    opens: s.opens,
    heavy: s.heavy,
    ends: s.ends,
    reaction: s.reaction,
    lengths: s.lengths,
    again: s.again,
  }) as StepFacts
}

/** The facts of a plan, its words left to the file. */
export function factsOfPlan(plan: AdoptedPlan): PlanFacts {
  const limb = ({ steps, minutes, proved }: AdoptedLimb): LimbFacts => ({ steps: steps.map(factsOfStep), minutes, proved })
  return {
    planner: plan.planner,
    ...(plan.provedAs ? { provedAs: plan.provedAs } : {}),
    goals: plan.goals,
    upOrder: plan.upOrder,
    down: limb(plan.down),
    up: limb(plan.up),
    swap: plan.swap.map(
      (s) =>
        given({
          id: s.id,
          goal: s.goal,
          part: s.part?.id,
          minutes: s.minutes,
          opens: s.opens,
          compare: s.compare?.map(({ name: _, why: __, ...facts }) => facts),
        }) as SwapFacts,
    ),
  }
}

/** A plan whose steps lack what an older build does not know. */
function withoutOnSteps<S extends object, P extends { readonly down: LimbOf<S>; readonly up: LimbOf<S> }>(
  plan: P,
  fields: readonly string[],
): P {
  const limb = (of: LimbOf<S>): LimbOf<S> => ({ ...of, steps: of.steps.map((s) => without(s, fields)) })
  return { ...plan, down: limb(plan.down), up: limb(plan.up) }
}

const without = <T extends object>(of: T, fields: readonly string[]): T =>
  Object.fromEntries(Object.entries(of).filter(([field]) => !fields.includes(field))) as T

type Limbs<S> = { readonly down: LimbOf<S>; readonly up: LimbOf<S> }

/** A plan for a build that knows no heavy parts, no sealed units, and nothing of what takes a motor's torque. */
export const withoutGates = <S extends object, P extends Limbs<S>>(plan: P): P => withoutOnSteps<S, P>(plan, ['heavy', 'ends', 'reaction'])

/** A plan for a build that asks nothing of lengths and running clearances. */
export const withoutFits = <S extends object, P extends Limbs<S>>(plan: P): P => withoutOnSteps<S, P>(plan, ['lengths', 'again'])

/** A plan for a build that knows no figures that a step wants read. */
export const withoutWants = <S extends object, P extends Limbs<S>>(plan: P): P => withoutOnSteps<S, P>(plan, ['wants', 'relations'])

/** A plan for a build that knows nothing of what a step opens, and how the work is proved. */
export function withoutOpens<S extends object, P extends Limbs<S> & { readonly swap: readonly object[] }>(plan: P): P {
  const bare = withoutOnSteps<S, P>(without(plan, ['provedAs']), ['opens'])
  return { ...bare, swap: bare.swap.map((s) => without(s, ['opens'])) }
}

interface LimbOf<S> {
  readonly steps: readonly S[]
}

function bareStep({ turn, tool, insteadOf, wait, why, fixings, parts, wants, ...facts }: StepFacts): PlannedStep {
  const { counterHold: __, looks: ___, ...plain } = facts
  return given({
    ...plain,
    bare: true as const,
    title: facts.action,
    consumables: [],
    turn: turn && { to: facts.pose, title: facts.pose, ...turn },
    tool: tool === undefined ? undefined : { id: tool, name: tool, short: tool },
    substitute: insteadOf && { for: insteadOf.tool, risk: '', ...insteadOf },
    wait: wait?.minutes,
    wants: wants?.map((w) => ({ ...w, name: w.id })),
    waitFor: wait && wait.kind !== 'rest' ? wait.kind : undefined,
    why: why.map((wantedBy) => ({ wantedBy, title: wantedBy })),
    fixings: fixings.map((f) => ({ ...f, bare: true as const, label: f.joint, place: f.id })),
    parts: parts.map((id) => ({ bare: true as const, id, name: id })),
  }) as PlannedStep
}

/** A plan from its facts: ids stand where the words will be. */
export function planOfFacts(facts: PlanFacts): AdoptedPlan {
  const limb = ({ steps, minutes, proved }: LimbFacts): AdoptedLimb => ({ steps: steps.map(bareStep), minutes, proved })
  return {
    planner: facts.planner,
    ...(facts.provedAs ? { provedAs: facts.provedAs } : {}),
    goals: facts.goals,
    upOrder: facts.upOrder,
    down: limb(facts.down),
    up: limb(facts.up),
    swap: facts.swap.map(
      ({ goal, part, compare, ...s }) =>
        given({
          ...s,
          bare: true as const,
          title: s.id,
          job: goal,
          goal,
          part: part === undefined ? undefined : { bare: true as const, id: part, name: part },
          compare: compare?.map((c) => ({ ...c, name: c.id, why: '' })),
        }) as SwapPlanStep,
    ),
  }
}
