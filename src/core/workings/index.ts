import { adapter } from './adapter'
import { bearingBySize } from './bearing-by-size'
import { bearingFit } from './bearing-fit'
import { bearingSize } from './bearing-size'
import { belt } from './belt'
import { bleed } from './bleed'
import { cure } from './cure'
import { handForce } from './hand-force'
import { lengthInHole } from './length-in-hole'
import { overOpening } from './over-the-opening'
import { pattern } from './pattern'
import { play } from './play'
import { reaction } from './reaction'
import { shaftStack } from './shaft-stack'
import { shiftOfRim } from './rim-shift'
import { gapOverATurn } from './running-gap'
import { sheets } from './sheets'
import { shim } from './shim'
import { spacers } from './spacers'
import { stripping } from './stripping'
import { threadPast } from './thread-left'
import { tightening } from './tightening'
import { units } from './units'
import { usedAgain } from './used-again'
import { whichBearingIsIt } from './which-bearing'
import { whichNumber } from './which-number'
import type { Working } from './working'

export { GROUPS, MEANS, VERDICTS } from './working'
export type { Field, Group, Note, Senseless, TextFault, Verdict, Worked, Working } from './working'
export { orderOf, placesOf } from './pattern'
export { threadOf } from './fields'
export { sumsAt } from './at-step'
export type { SumAt } from './at-step'
export { ASKED_FROM, startOf, workOut } from './work-out'
export type { Asked, AskedFrom, Better, FieldFault, Keyed, Outcome } from './work-out'

/** Every working, one line each, as they are listed. A closed list: entries name them, so a new one raises VOCABULARY. */
export const WORKINGS = {
  'length-in-hole': lengthInHole,
  stripping,
  'used-again': usedAgain,
  tightening,
  'which-number': whichNumber,
  pattern,
  adapter,
  'hand-force': handForce,
  cure,
  'shaft-stack': shaftStack,
  'over-opening': overOpening,
  'thread-left': threadPast,
  spacers,
  'rim-shift': shiftOfRim,
  reaction,
  'which-bearing': whichBearingIsIt,
  'bearing-size': bearingSize,
  'bearing-by-size': bearingBySize,
  'bearing-fit': bearingFit,
  shim,
  play,
  'running-gap': gapOverATurn,
  sheets,
  belt,
  bleed,
  units,
} as const

export type WorkingId = keyof typeof WORKINGS
export const WORKING_IDS = Object.keys(WORKINGS) as readonly WorkingId[]
export const isWorking = (id: string): id is WorkingId => Object.hasOwn(WORKINGS, id)

/** A working by its id, its fields by any name. */
export const workingOf = (id: WorkingId): Working => WORKINGS[id] as unknown as Working
