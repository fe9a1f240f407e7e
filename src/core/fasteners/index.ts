export { metricThread, readThread, unifiedStressArea } from './thread'
export type { Thread } from './thread'
export {
  assemblyPreload,
  bandOf,
  estimateTorque,
  FRICTION,
  mayEstimate,
  preloadOf,
  standardHead,
  tighteningTorque,
  YIELD,
} from './tightening'
export type { Head, PropertyClass, TorqueEstimate } from './tightening'
export { breakaway, byFeel, calibrationDaysLeft, CALIBRATION_DAYS, fitsWrench, readScale, wrenchSetting } from './wrench'
export type { BreakawayState, Wrench, WrenchFit } from './wrench'
export { crissCrossOrder, starOrder, tighteningOrder } from './pattern'
export type { HolePlace } from './pattern'
export { ATTEMPTS, attemptsFor, COOLS_IN, hotFor, nextAttempt } from './attempts'
export type { Attempt, AttemptWay } from './attempts'
export { COLD_BELOW, cureAt, cureFactor } from './cure'
export type { CureSheet } from './cure'
