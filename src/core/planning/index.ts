export { plan, PLANNER_VERSION } from './plan'
export { cellName } from './steps'
export { estimatedTorque } from './torque'
export { DEFAULT_PRICES } from './types'
export type {
  ActionKind, Alternative, ConsumableNeed, FixingSpec, Lift, Limb, LimbPlan, PartSpec, Plan, PlanError, PlanOptions, PlannedStep, PlanResult,
  PlanStart, PoseTurn, Prices, Reason, SwapPlanStep, ToolNeed,
} from './types'
export { everythingInFileOrder } from './naive'
export { layersOf } from './layers'
export type { Layer } from './layers'
export { reportJobs } from './file-report'
export type { JobReport } from './file-report'
export { differences } from './alike'
export type { Differences } from './alike'
export { smallestKit } from './kit'
export { together } from './together'
export type { Together } from './together'
