import type { Joint, MachineFile } from '../machine'

/** A step as a caution sees it. */
export interface At {
  readonly file: MachineFile
  /** `undo:left-nut` and its like. */
  readonly action: string
  /** Id in the file of the fixing, part, plug or step. */
  readonly subject: string
  /** The fixing, where the step is about one. */
  readonly joint: Joint | undefined
  readonly limb: 'down' | 'up'
}

/** What a caution is; its words are apart. */
export interface CautionRule {
  readonly level: 'stop' | 'look'
  /** What it asks for: a tap by hand, which no pedal and no unfocused key gives, or to be read. */
  readonly asks: 'hand' | 'eye'
  /** Where it follows from what a step is. Without it the caution stands where a file or a test names it. */
  readonly when?: (at: At) => boolean
}
