import type { PhotoSide } from '../../../core/job'
import { count } from '../count'

export const photos = 'Photos of the job'
export const filmNote = (n: number): string =>
  n === 0 ? 'None yet. A photo is two taps; it never holds up the log.' : `${count(n, 'photo')}, in the order in which they were taken.`
export const takeOne = 'Take a photo'
export const SIDES: Readonly<Record<PhotoSide, string>> = {
  left: 'from its left',
  right: 'from its right',
  front: 'from the front',
  rear: 'from the rear',
  top: 'from above',
  below: 'from below',
}
export const takenFrom = 'Taken'
export const howItStands = 'It stands'
/** What is said where a photo cannot be turned to how the machine stands now. */
export const stoodSo = (then: string, now: string): string => `Taken while it stood ${then}. Now it stands ${now}.`
export const asWas = 'as it came in'
export const turnedNote = 'Turned to how it stands now.'
export const asTaken = 'As it was taken'
export const asItStands = 'As it stands now'
export const photoAt = (n: number, of: number): string => `Photo ${n} of ${of}`

export const tapWhere = 'Tap where it was.'
export const markIt = 'Mark it'
export const nothingMarked = 'Tap the photo: what is there, or what to look at?'
export const MARKS = { arrow: 'An arrow', ring: 'A ring' } as const
export const tieTo = 'What is there'
export const onlyAMark = 'Only a mark'
export const word = 'A word with it'
export const noteMark = 'Mark it there'
export const GROUPS = {
  step: 'What came off',
  fixing: 'Fixings',
  part: 'Parts',
  plug: 'Plugs',
  lead: 'Leads',
  damage: 'Damage',
} as const
export const photographed = (title: string): string => `${title}, photographed`
export const yourPhoto = (now: number, at: string): string => `Your photo${now > 0 ? `, ${at}` : ''}.`
export const fromFile = 'From the machine’s file: taken when one like it was taken down.'
