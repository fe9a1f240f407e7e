import { buildUp } from './build-up'
import { findTheFault } from './find-the-fault'
import { handBack } from './hand-back'
import { makeSafe } from './make-safe'
import { prove } from './prove'
import { swap } from './swap'
import { takeDown } from './take-down'
import { takeIn } from './take-in'
import type { StageRule } from './stage'

/** The stages of a job, one line each, in their order. */
export const STAGE_RULES = {
  'take in': takeIn,
  'find the fault': findTheFault,
  'make safe': makeSafe,
  'take down': takeDown,
  swap,
  'build up': buildUp,
  prove,
  'hand back': handBack,
} as const satisfies Readonly<Record<string, StageRule>>

export type Stage = keyof typeof STAGE_RULES
export const STAGES = Object.keys(STAGE_RULES) as readonly Stage[]

export function stageIndex(stage: Stage): number {
  return STAGES.indexOf(stage)
}
