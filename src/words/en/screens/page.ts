import type { ComplaintNow, JobState } from '../../../core/job'
import { count } from '../count'

export const whatWasDone = 'what was done'
export const noOwnerGiven = 'no owner given'
export const found = (fault: string, action: string, sure: boolean): string =>
  `Found: ${fault}${action ? `; ${action}` : ''}${sure ? '' : ' (not sure)'}`
export const packLookedOverSound = 'Pack looked over: sound'
export const packQuarantinedAndReferred = (signs: string): string => `Pack: ${signs}; quarantined and referred`
export const itCameInBecause = 'It came in because'
export const alreadyDamaged = 'Already damaged'
export const nothingWasTakenApart = 'Nothing was taken apart.'
export const steps = (down: number, up: number, people: string): string => `${count(down, 'step')} down, ${up} up, by ${people}.`
export const fixings = (t: {
  readonly removed: number
  readonly fresh: number
  readonly refitted: number
  readonly notGoingBack: number
  readonly open: number
}): string =>
  `${count(t.removed, 'fixing')} off, ${t.fresh} new, ${t.refitted} back, ${t.notGoingBack} not going back${t.open !== 0 ? `; ${t.open} do not add up` : ''}.`
export const newNoOld = (name: string, newSerial: string | undefined, oldSerial: string | undefined): string =>
  `New ${name}${newSerial ? `, no. ${newSerial}` : ''}${oldSerial ? ` (old: ${oldSerial})` : ''}`
export const whatWasDoneTitle = 'What was done'
export const whatWasWanted = 'What was wanted, and begun'
export const shownDead = (when: string, by: string, tool: string, readings: string): string =>
  `Shown dead ${when} by ${by} with ${tool}: ${readings}`
export const readings = 'Readings'
export const when = 'When'
export const what = 'What'
export const shown = 'Shown'
export const state = 'State'
export const letGoAt = (title: string, breakaway: number): string => `${title}: let go at ${breakaway} N·m (measured, no specification)`
export const lockOn = (product: string, on: string, cured: string): string => `${product} on ${on}: full cure ${cured}`
export const tightenedToNumbers = 'How tight'
export const wanted = 'Wanted'
export const reached = 'Reached'
export const how = 'How'
export const titleAt = (title: string, place: string): string => `${title}: ${place}`
export const leftOn = (title: string, why: string): string => `Left on: ${title}. ${why}`
export const notAsGiven = (title: string, reason: string): string => `${title}: not as given. ${reason}`
export const newPartDiffers = (name: string, fresh: string | number | null, old: string | number | null, unit: string): string =>
  `New part: ${name} differs (${fresh} for ${old}${unit ? ` ${unit}` : ''})`
export const anotherWidth = 'Converted'
export const widthNow = (name: string, to: string, from: string): string =>
  `${name.charAt(0).toUpperCase()}${name.slice(1)}: now ${to}; before ${from}.`
export const leftOver = (pieces: readonly string[]): string => `Left over, and with the machine: ${pieces.join('; ')}.`
export const wantedLater = (pieces: readonly string[]): string => `Wanted after the first ride: ${pieces.join('; ')}.`
export const differentFromTheFile = 'Different from the file'
export const goneOnWithout = 'Gone on without, by name'
export const byItsLog = (name: string, findings: string): string => `By its log, ${name}: ${findings}.`
export const rides = 'Proved in use'
export const notRidden = 'Not proved in use.'
/** A check that was not made; of the tray also what does not add up. */
export const notDone = (check: string, open: readonly string[], more: number): string =>
  `${check}: not done${open.length > 0 ? ` (${open.join('; ')}${more > 0 ? `; and ${more} more` : ''})` : ''}`
export const goneOnWithoutIt = (check: string): string => `${check}: gone on without it`
export const notTested = (check: string, item: string): string => `${check}: ${item} not tested`
export const testLeftOut = (test: string, why: string): string => `Test left out: ${test}. ${why}`
export const tightenedByFeelNot = (title: string): string => `${title}: tightened by feel, not measured`
export const tightenedNotRead = (titles: string): string => `Tightened, not read: ${titles}`
export const notRiddenStages = (stages: string): string => `Not passed: ${stages}`
export const notChecked = 'Not checked'
export const everyCheckOfThis = 'Every check of this job was made. What has no check was not looked at.'
export const checkAgain = 'Check again'
export const byWhom = 'By'
export const before = 'before'
export const after = 'after'
export const live = 'live'
export const dead = 'dead'
export const stopped = ', stopped'
export const and = ' and '
export const notRepaired = 'Handed back not repaired'
export const notToBeRidden = 'NOT TO BE RIDDEN OR RUN.'
export const whyNot = (why: string): string => `Why: ${why || 'not said'}.`
/** What is open on it, with what is missing of it. */
export const openOnIt = (what: string, missing: readonly string[], more: number): string =>
  `Open: ${what}${missing.length > 0 ? ` (${missing.join('; ')}${more > 0 ? `; and ${more} more` : ''})` : ''}`
export const whatYouComplainedOf = 'What you complained of'
const NOW: Readonly<Record<ComplaintNow, string>> = {
  gone: 'It is gone.',
  'still there': 'It is still there.',
  'cannot be said': 'Whether it is gone cannot be said here.',
}
export const complaintNow = (complaint: string, now: ComplaintNow): string => `“${complaint}” ${NOW[now]}`
export const moreMinutesThanPassed = 'More minutes are claimed than had passed since the last step.'
export const noSerial = (part: string): string => `No number of the new ${part} was noted`
export const tyreNotRead = 'Tyre pressure: not read'
export const notReadAgain = (names: string): string => `Read before the work and not again after: ${names}`
export const forTheNextMechanic = 'For the next mechanic'
export const saidAtHandBack = 'Said at hand back'
type Used = NonNullable<JobState['usedAtDoor']>
export const counter = (door: Used, back: Used | undefined): string =>
  `Its counter: ${door.value} ${door.unit} as it came in, ${back ? `${back.value} ${back.unit} as it went` : 'not read as it went'}`
export const agreedWithYou = 'Agreed with you'
export const askedAt = (who: string, estimate: number, said: string): string => `Asked when it came to about ${estimate} (${who}): ${said}`
export const whatDragged = 'What dragged'
export const trial = (says: string, figures: string): string => `${says} (${figures})`
export const plugsLookedAt = 'Plugs looked at and pulled'
export const plugWas = (name: string, was: readonly string[]): string => `${name}: ${was.join(', then ')}`
export const plugsTight = (names: readonly string[]): string => `Tight: ${names.join('; ')}`
export const plugsNotReached = (names: readonly string[]): string => `Plugs not reached: ${names.join('; ')}`
export const settings = 'Settings'
export const rolledTo = (round: number, off: number): string =>
  `Rolled on the floor: ${round} mm once round, shows ${(Math.abs(off) * 100).toFixed(1)} % too ${off >= 0 ? 'much' : 'little'}`
export const wearNotMeasured = 'Brake lining and disc: not measured'
export const byTheLogStop = (stop: string): string => `A stop, by the log ${stop}`
