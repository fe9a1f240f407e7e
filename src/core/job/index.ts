export { CHECK_IDS, CHECKS, isCheck, toCompare } from './checks'
export type { Binds, CheckId, CheckRule } from './checks'
export { isKind, KIND_IDS, readEntry, strikeWantsLead, written } from './entries'
export { KINDS } from './kinds'
export type { KindRules } from './kinds/kind'
export { mayWrite, ROLES } from './roles'
export type { Role } from './roles'
export { STAGE_RULES, STAGES, stageIndex } from './stages'
export type { Stage } from './stages'
export { OUT_PLACES, POWERS } from './vocabulary'
export type { AnyCheck, FixingMove, Gate, OutPlace, Power, TestItem, Tightened } from './vocabulary'
export type { Bodies, Entry, EntryDraft, Envelope, Kind, Stamp, UnknownEntry } from './entries'
export { chargeOf, highVoltage } from './voltage'
export { DEFAULT_SETTINGS, proofLasts, strictest } from './settings'
export type { JobSettings } from './settings'
export { emptyState, REDUCER_VERSION } from './state'
export type {
  CalledFault,
  CheckState,
  Damage,
  FixingCondition,
  FixingState,
  Flag,
  FlagKind,
  JobState,
  LockState,
  Mark,
  Observation,
  PartState,
  Photo,
  PowerState,
  Proof,
  Reading,
  Recheck,
  Remark,
  Ride,
  StageMove,
  StepState,
} from './state'
export { fold, reduce, refold } from './reduce'
export { baseOf, struckIds } from './claims'
export { cameOff, checkStatus, mayOverride, notNeeded, relevantChecks, rideShut, shutBy, stageMissing } from './check-status'
export type { CheckStatus } from './check-status'
export { deadAt, proofEnds } from './dead'
export type { LoosePiece, Missing } from './missing'
export { ridesPassed } from './rides'
export { factsOf, isOpen, isSettled, presentStep, waitingFor } from './readiness'
export { progress, rungs } from './rungs'
export type { Rung } from './rungs'
export type { When } from './times'
export { searchedFor, searchWords } from './search'
export { nextPass, summarize, SUMMARY_VERSION } from './summary'
export type { JobSummary, Next } from './summary'
export { looseCount, looseFixings, offParts, tally, trayMissing, waitingFixings } from './tray'
export type { Tally } from './tray'
export { expectedDone } from './write'
export { freeCell, readQuickLine } from './quick-line'
export type { QuickLine } from './quick-line'
export { miscount, wantedFor } from './delivery'
export type { Delivered, Wanted } from './delivery'
export { openItems, standsOut } from './open-items'
export type { OpenItem } from './open-items'
export { startOf } from './plan-start'
export { KNOWN_IDS } from './known-ids'
export { inWords } from './in-words'
