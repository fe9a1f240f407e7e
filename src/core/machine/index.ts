export { isForeignRow } from './foreign-row'
export { depthOf, holeOf, screwIn } from './hole-fit'
export type { HoleFit } from './hole-fit'
export type { AxleFit } from './axle-fit'
export { STAND_IDS, STANDS, turnOfPicture, turnOfPose } from './stands'
export type { StandId } from './stands'
export { FACTS } from './guard-types'
export type { Fact, Guard } from './guard-types'
export { cellName, freeCell, inTray, isCell, MOST_TRAY, readCell, USUAL_TRAY } from './cells'
export type { Tray } from './cells'
export { PASSES, WAIT_KINDS } from './doing'
export type { Doing, Looks, Minutes, Mode, Pass, Substitute, Use, WaitKind } from './doing'
export { CONNECTOR_ROLES, CRITICAL, isReusedIfSound, JOINT_KINDS, rolesOf } from './joint'
export type { Connection, ConnectorRole, Pin, Driver, Joint, JointKind, Lock } from './joint'
export { OPENED, PART_ROLES } from './opened'
export { nearSerials } from './serial'
export type { Opened } from './opened'
export { DRIVE_KINDS, FITTINGS, KV_OF, MACHINE_CLASSES, PROVED_AS } from './types'
export type { MachineClass, ProvedAs } from './types'
export type {
  Cable,
  Consumable,
  DriveKind,
  Fitting,
  DriveUnit,
  FilePhoto,
  FileStep,
  Goal,
  LoadPath,
  MachineFile,
  OrderRule,
  Part,
  Pose,
  PoseMove,
  Stack,
  StackItem,
  Tool,
  Vec3,
} from './types'
export { asInFile, compareOne, NOT_KNOWN } from './compare'
export type { Compared, CompareSpec, OwnSpec } from './compare'
export { foreignSpecs, freeSpeed, TOP_SPEED, UNKNOWN_SPECS } from './foreign'
export type { ForeignRow, ForeignSpec } from './foreign'
export { DIRECTIONS, pointing, sidesIn } from './facing'
export { feedOrder } from './feeding'
export { nameOfToken } from './names'
export { answersBeside, answersFor, goalsNamed, goalsOf, inOneGo, isNamed, toggleNamed, widthsOf } from './goals'
export { otherJob, sideless } from './other-end'
export {
  type ActionId,
  actionId,
  type FactKey,
  factKey,
  limbOf,
  off,
  offOf,
  poseWish,
  PROVED_DEAD,
  readAction,
  readFact,
  stepId,
  subjectOf,
  wishedPose,
} from './ids'
export { both, couldHold, factsIn, settled, holds } from './guards'
export type { Variants } from './guards'
export { closureOf, fileVolts, fullChargeVolts, indexFile, jointsToRest, withWorstCase } from './file-index'
export type { FileIndex } from './file-index'
export { checkIntegrity } from './integrity'
export type { FileFault, KnownIds } from './file-fault'
export type { Relation, Want } from './want'
