export { stuckAs } from './stuck'
export { plan } from './plan'
export { inOrder } from './in-order'
export { movedUp } from './moved'
export type { Moved } from './moved'
export { estimatedTorque } from './torque'
export { ACTION_KINDS } from './types'
export type {
  FixingSpec,
  LengthFact,
  Lift,
  LimbPlan,
  PartSpec,
  Plan,
  PlanError,
  PlanOptions,
  PlannedStep,
  PlanResult,
  PlanStart,
  SwapPlanStep,
} from './types'
export { everythingInFileOrder } from './file-order'
export { layersOf } from './layers'
export { reportJobs } from './file-report'
export type { JobReport } from './file-report'
export { differences } from './alike'
export type { Differences } from './alike'
export { referrals } from './tools-and-people'
export { smallestKit } from './kit'
export { toolWorths } from './worth'
export type { ToolWorth } from './worth'
export { factsOfPlan, planOfFacts, withoutFits, withoutGates, withoutOpens, withoutWants } from './adopted'
export type { AdoptedPlan, PlanFacts } from './adopted'
export { usedBeside } from './beside'
export { wordingOf } from './file-titles'
export type { Wording } from './file-titles'
export { widthWay } from './width-way'
export type { Converting, WidthWay } from './width-way'
