import type { Connection, Joint, MachineFile } from '../machine'

/** A step as a caution sees it. */
export interface At {
  readonly file: MachineFile
  /** `undo:left-nut` and its like. */
  readonly action: string
  /** Id in the file of the fixing, part, plug or step. */
  readonly subject: string
  /** The fixing, where the step is about one. */
  readonly joint: Joint | undefined
  /** The plug, where it is about one. */
  readonly connection: Connection | undefined
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

/** The pack's plug goes in, or the mains: from here on it is live. */
export const makesLive = ({ file, action, subject, limb }: At): boolean =>
  limb === 'up' &&
  (action === `unplug:${file.pack?.plug ?? ''}` || (!file.pack && file.energy.some((e) => e.kind === 'mains' && e.releasedBy === subject)))
