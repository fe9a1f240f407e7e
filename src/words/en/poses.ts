import type { StandId } from '../../core/machine'

/** How a machine that no file knows may stand. */
export const STAND_WORDS: Readonly<Record<StandId, string>> = {
  'on-its-wheels': 'on its wheels',
  'upside-down': 'upside down',
  'on-its-left': 'on its left side',
  'on-its-right': 'on its right side',
  'on-its-tail': 'on its tail',
  'on-a-stand': 'on a stand',
}

/** A pose that has no name of a file, as it is said of the machine. */
export const poseWords = (pose: string): string =>
  Object.hasOwn(STAND_WORDS, pose) ? `Stood ${STAND_WORDS[pose as StandId]}` : `Turned: ${pose}`
