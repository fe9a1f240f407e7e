export { metricThread, readThread, unifiedStressArea } from './thread'
export {
  assemblyPreload,
  bandOf,
  estimateTorque,
  mayEstimate,
  preloadOf,
  readHead,
  standardHead,
  tighteningTorque,
  YIELD,
} from './tightening'
export { breakaway, byFeel, fitsWrench, readScale, wrenchSetting } from './wrench'
export type { BreakawayState } from './wrench'
export { crissCrossOrder, starOrder, tighteningOrder } from './pattern'
export { ATTEMPTS, attemptsFor, heatFaults, hotFor, LADDERS, LETS_GO, NEAR_BEARS, nextAttempt, STUCK } from './attempts'
export type { Attempt, AttemptWay, Stuck } from './attempts'
export { COLD_BELOW, cureAt, cureFactor } from './cure'
export { usualTorques } from './usual'
export type { Usual } from './usual'
