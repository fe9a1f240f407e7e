export { FACTS } from './guard-types'
export type { Fact, FactName, Guard } from './guard-types'
export { PASSES } from './doing'
export type { Doing, Looks, Minutes, Mode, Pass, Substitute, Use } from './doing'
export { JOINT_KINDS } from './joint'
export type { Connection, Driver, Joint, JointKind, Lock, Member, Pin } from './joint'
export { DRIVE_KINDS, MACHINE_CLASSES } from './types'
export type {
  Cable,
  Consumable,
  DriveKind,
  DriveUnit,
  FileStep,
  Goal,
  Hole,
  LoadPath,
  MachineClass,
  MachineFile,
  OrderRule,
  Pack,
  Part,
  Pose,
  PoseMove,
  SealedUnit,
  Stack,
  StackItem,
  StoredEnergy,
  SwapStep,
  Tool,
  Variant,
  Vec3,
} from './types'
export { compareOne } from './compare'
export type { Compared, CompareSpec } from './compare'
export { directionOf, pointing, sidesIn, turned } from './facing'
export { feedOrder } from './feeding'
export { nameOfToken } from './names'
export { goalsNamed, inOneGo, isNamed, toggleNamed } from './goals'
export { otherJob, sideless } from './twin'
export { both, factKey, factsIn, settled, holds } from './guards'
export type { Variants } from './guards'
export { closureOf, fileVolts, fullChargeVolts, indexFile, jointsToRest, withWorstCase } from './file-index'
export type { FileIndex } from './file-index'
export { actionIds, checkIntegrity } from './integrity'
export type { KnownIds } from './integrity'
export type { FileFault } from './integrity'
