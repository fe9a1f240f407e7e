export { FACTS, MACHINE_CLASSES, DRIVE_KINDS, JOINT_KINDS, PASSES } from './types'
export type {
  Cable, Connection, Consumable, Doing, DriveKind, DriveUnit, Fact, FactName, FileStep, Goal, Guard, Hole, Joint, JointKind,
  LoadPath, Lock, MachineClass, MachineFile, Member, Minutes, Mode, OrderRule, Pack, Part, Pass, Pin, Pose, PoseMove,
  SealedUnit, Stack, StackItem, StoredEnergy, Substitute, SwapStep, Tool, Use, Variant, Vec3,
} from './types'
export { both, factKey, factsIn, holds } from './guards'
export type { Variants } from './guards'
export { closureOf, fullChargeVolts, indexFile, jointsToRest, withWorstCase } from './file-index'
export type { FileIndex } from './file-index'
export { actionIds, checkIntegrity } from './integrity'
export type { FileFault } from './integrity'
