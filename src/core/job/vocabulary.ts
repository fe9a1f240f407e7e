import { FIRST_POWERS } from '../ride'
import type { CheckId } from './checks'
import type { Stage } from './stages'

/** What may be bound: moving to a stage, or handing back itself. */
export type Gate = Stage | 'handed back'

/** A check that an older machine file names and nobody knows: it stays on the job, and only a lead passes it. */
export type AnyCheck = CheckId | `unknown: ${string}`

/** Where a fixing can be on the way down. */
export const OUT_PLACES = ['loosened', 'cell', 'own hole', 'carrier', 'captive', 'bin', 'left in'] as const
export type OutPlace = (typeof OUT_PLACES)[number]

/** Some fixings going to one place. `cell` names the tray cell where the place is `cell`. */
export interface FixingMove {
  readonly members: readonly string[]
  readonly to: OutPlace
  readonly cell?: string
}

export const POWERS = ['live', 'isolated', 'out'] as const
export type Power = (typeof POWERS)[number]

/** What shows that a check is passed: somebody looked, went by its list, did the step that is it, answers for it
 * in person; or how power came back. */
export const SHOWN_BY = ['looked at', 'its list', 'the step', 'answers for it', ...FIRST_POWERS] as const
export type ShownBy = (typeof SHOWN_BY)[number]

/** Why a step was left undone, or a test left out, or a fixing not put back, where it is one of the usual reasons. */
export const LEFT_WHY = ['not in the way', 'going another way', 'somebody else’s job', 'would break'] as const
export type LeftWhy = (typeof LEFT_WHY)[number]
export const SKIPPED_WHY = ['no instrument', 'out of reach', 'not safe', 'nothing to compare with'] as const
export type SkippedWhy = (typeof SKIPPED_WHY)[number]

/** What a piece is that turned up and belongs to nothing that came off. */
export const STRAY_IS = ['one of these', 'of another machine', 'thrown away'] as const

/** What is usually looked at again. */
export const RECHECK_OF = ['tightened by feel', 'axle nut marks', 'brake screws', 'tyres, brake, play, plugs'] as const
export type RecheckOf = (typeof RECHECK_OF)[number]

/** What a photo shows, where nobody has to say it. */
export const PHOTO_SHOWS = ['delivery', 'label', 'tray'] as const
export type PhotoShows = (typeof PHOTO_SHOWS)[number]

/** From which side of the machine a photo is taken. */
export const PHOTO_SIDES = ['left', 'right', 'front', 'rear', 'top', 'below'] as const
export type PhotoSide = (typeof PHOTO_SIDES)[number]

/** What a point of a photo is tied to, and what is drawn there. */
export const PIN_OF = ['step', 'fixing', 'part', 'plug', 'lead', 'damage'] as const
export interface PinOf {
  readonly is: (typeof PIN_OF)[number]
  readonly id: string
}
export const PIN_MARKS = ['arrow', 'ring'] as const
export type PinMark = (typeof PIN_MARKS)[number]

/** What a machine's counter counts. */
export const USED_UNITS = ['km', 'h'] as const
export interface Used {
  readonly value: number
  readonly unit: (typeof USED_UNITS)[number]
}

/** What somebody looks over and puts their name to. */
export const LOOK_OF = ['steering', 'last look'] as const
export type LookOf = (typeof LOOK_OF)[number]

/** What became of what the owner complained of. */
export const COMPLAINT_NOW = ['gone', 'still there', 'cannot be said'] as const
export type ComplaintNow = (typeof COMPLAINT_NOW)[number]

/** What a plug was like when it was looked at and pulled. */
export const PLUG_IS = ['tight', 'loose', 'wet', 'burnt', 'discoloured', 'not reached'] as const
export type PlugIs = (typeof PLUG_IS)[number]

/** What an owner said when they were asked: the estimate, no more than was agreed, or up to another sum. */
export const OWNER_SAID = ['yes', 'no', 'up to'] as const
export type OwnerSaid = (typeof OWNER_SAID)[number]

/** What befell a machine that was in salt water, in order. */
export const SALT_WATER = ['was in', 'rinsed', 'dried'] as const

/** How a fault is dealt with. */
export const FAULT_WAYS = ['swap', 'mend', 'leave'] as const
export type FaultWay = (typeof FAULT_WAYS)[number]
