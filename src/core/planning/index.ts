export { plan, PLANNER_VERSION } from './plan'
export type { Watch } from './plan'
export { cellName } from './steps'
export { estimatedTorque } from './torque'
export { ACTION_KINDS, DEFAULT_PRICES } from './types'
export type {
  ActionKind,
  Alternative,
  ConsumableNeed,
  FixingSpec,
  Lift,
  Limb,
  LimbPlan,
  PartSpec,
  Plan,
  PlanError,
  PlanOptions,
  PlannedStep,
  PlanResult,
  PlanStart,
  PoseTurn,
  Prices,
  Reason,
  SwapPlanStep,
  ToolNeed,
} from './types'
export { everythingInFileOrder } from './naive'
export { layersOf } from './layers'
export type { Layer } from './layers'
export { reportJobs } from './file-report'
export type { JobReport } from './file-report'
export { differences } from './alike'
export type { Differences } from './alike'
export { referrals } from './needs'
export type { Referral } from './needs'
export { smallestKit } from './kit'
export { toolWorths } from './worth'
export type { ToolWorth } from './worth'
export { together } from './together'
export { factsOfPlan, planOfFacts } from './adopted'
export type { AdoptedPlan, PlanFacts, StepFacts, SwapFacts } from './adopted'
export { wordingOf } from './wording'
export type { Wording } from './wording'
