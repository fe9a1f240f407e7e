import type { CheckId } from '../../../core/job'
import type { JointKind } from '../../../core/machine'
export const fromTheInsideOut = (name: string, inside: boolean, told: string): string =>
  `${name}, from the ${inside ? 'inside out' : 'outside in'}: ${told}. Turn it round`
export const out = 'out'
export const turn = '⇄ turn'
export const fixings = (n: number, fixings: string): string => `${n} fixings: ${fixings}`
export const numbersTheOrder = (pattern: string | undefined, order: string, lengths: number, longest: string): string =>
  `${pattern ? `Numbers: the order to tighten, ${pattern}.` : `Counted ${order}.`}${lengths > 1 ? ` Ringed: ${longest}.` : ''}`
export const goesAfter = (goesAt: number): string => `goes after ${goesAt}`
export const twoPeople = 'two people'
export const theRun = 'The run'
export const downLimb = (done: number, of: number, minutesLeft: number): string =>
  `DOWN · ${done}/${of}${minutesLeft > 0 ? ` · ${Math.round(minutesLeft)} min to go` : ''}`
export const tray = 'TRAY'
export const upLimb = (isUp: boolean, done: number, of: number, minutesLeft: number): string =>
  `UP · ${isUp ? `${done}/${of}` : `${of} steps`}${minutesLeft > 0 ? ` · ${Math.round(minutesLeft)} min` : ''}`
export const nothingHasComeOff = 'Nothing has come off yet. What you log stands here, and its way back grows beside it.'
export const turnRow = (title: string, people: number): string => `◩ ${title} — ${people === 2 ? 'two people' : 'one person'}`
export const waitOf = (wait: number): string => `◩ ${wait} min with no hands on it`
export const notYetFirst = '◆ Not yet. First:'
export const keyInTheFigures = 'Key in what it shows'
export const labelMinutes = (wait: number): string => `Minutes on the maker’s label, if more than ${wait}`
export const isNotMinutes = (text: string): string => `▲ “${text}” is not a number of minutes: 0 to 600.`
export const beginTheWait = 'It waits from now'
export const opensAt = (title: string, minutes: number, at: string): string =>
  `“${title}” still runs: ${minutes} min${at ? `, until ${at}` : ''}. Neither the clock nor a reload makes it shorter.`
export const waitsForPower = (title: string): string => `“${title}” begins anew: power is on, or came back.`
export const meanwhile = (title: string): string => `Meanwhile: ${title}`
export const andMore = (more: number): string => `and ${more} more`
export const isolateItAndShow = 'Isolate it and show it dead'
export const sayWhatItsCharger = 'Say what its charger says'
export const iAmQualifiedI = 'I am qualified, I make it safe'
export const whereInTheRun = (
  number: number | undefined,
  downCount: number,
  check: string | null,
  isUp: boolean,
  present: boolean,
): string =>
  `${number !== undefined ? `Step ${number} of ${downCount}` : check ? 'Check' : 'In between'}${isUp ? ', up' : ''}${present ? '' : ' · not the next one'}`
export const aboutMinutes = (minutes: number): string => `about ${minutes < 1 ? '½' : Math.round(minutes)} min`
export const twoPeopleOneHolds = (people: number, note: string | undefined): string =>
  `${people === 2 ? 'Two people: one holds, one turns. ' : ''}${note ?? 'Brake held, nothing loose on top.'}`
export const itStandsInFor = (other: string, risk: string): string => `It stands in for ${other}. ${risk}`
export const itWasWarmed = (near: string | undefined): string => `It was warmed on the way down. Look before it goes back: ${near}.`
export const differsHere = (text: string): string => `◆ Differs here: ${text}`
export const space = 'Space'
export const itsInPosition = 'It’s in position'
export const enterTheReadings = 'Enter the readings'
export const lookAndAnswer = 'Look, and answer'
export const looked = 'Looked, and it is right'
export const photo = 'Photo'
export const howTightWrenchFeel = 'Another way, another number'
export const setIt = (wrench: string): string => `Set ${wrench} to`
export const stuckWhatItTakes = 'Stuck? What it takes to undo'
export const different = 'Different'
export const goOnWithoutWhy = 'Go on without, why'
export const leftOnWhy = 'Left on, why'
export const logLine = 'Log line'
export const twoDevicesDisagree =
  'Two devices disagree. It counts as the less safe until one of you looks and logs what is true, under “Different”.'
export const worthAPhoto = (photo: string): string => `◩ Worth a photo: ${photo}.`
export const neededFor = (wanted: string, wantedCount: number): string => `Needed for: ${wanted}${wantedCount > 3 ? '…' : ''}`
export const ifLeftOut = (why: string): string => `If left out: ${why}`
export const madeHereAFault = (reopen: number): string => `Made here: a fault found later costs ${Math.round(reopen)} min to get back to.`
export const fromTheMachineFile = (action: boolean, revision: string | undefined): string =>
  `${action ? `From the machine file${revision ? `, revision ${revision}` : ''}.` : 'Added by hand in this job.'} The maker’s manual and local rules come first.`
export const less = 'less'
export const workings = 'workings'
export const anotherPlace = 'another place in the order'
export const itIsStuck = 'it is stuck'
export const whyThisStep = 'why this step'
export const twoDevicesDisagreeLog = (disputed: string): string => `▲ Two devices disagree: ${disputed}. Log what is true; that settles it.`
export const wentOnWithout = (reason: string, by: string): string => `◆ Gone on without it: ${reason} · ${by}`
export const nothingToPutBack = 'Nothing to put back: it never came off.'
export const leftOn = '◆ Left on:'
export const done = '● Done'
export const atTheBottom = 'At the bottom'
export const allThatHad = 'All that had to come off is off, and lies where the tray says.'
export const everythingIsBack = 'Everything is back'
export const theTrayIsEmpty = 'The tray is empty, or says what is not. Prove it before it goes home.'
export const theTooTheSame = (name: string): string => `The ${name} too, the same way`
export const asTheyCome = 'as they come'
export const theWayDownIsDone = 'The way down is done'
export const startUp = 'Start up'
export const backFromProving = (rolls: boolean): string => (rolls ? 'Back from the ride' : 'It has run')
export const thisAndTheNext = (title: string): string => `This, and: ${title}`
export const theWayUpIsDone = 'The way up is done'
export const goOnToProve = 'Go on to prove'
export const or = ' or '
export const leftMark = '◆ left'
/** What settles a check that a step waits for; and how it is gone on without, where that has words of its own. */
export const SETTLE: Readonly<Partial<Record<CheckId, string>>> = {
  'price agreed': 'Estimate it, and ask',
  'replacement matches': 'Compare it now',
  'settings read': 'Read them now',
  'pack triage': 'Look it over',
  'salt water': 'Rinsed, dried, read',
  'first power': 'Say how its first power comes',
  'read again': 'Read it once more',
}
export const GO_ON: Readonly<Partial<Record<CheckId, string>>> = {
  'replacement matches': 'Go on without comparing, why',
  'pack triage': 'Go on with this pack, why',
  'sealed unit': 'Open it all the same, why',
  'first power': 'Without a limit, why',
  'handling strength': 'Go on before it has set, why',
}

/** How the other end is held, and what is taken beside the tool in hand. */
export const heldWith = (hold: string | undefined, beside: readonly string[]): string =>
  [...(hold === undefined ? [] : [hold]), ...(beside.length > 0 ? [`With: ${beside.join(', ')}.`] : [])].join(' ')
export const readFirst = 'Read what stops the hand first.'
export const moreToMind = (n: number): string => `and ${n} more`
export const lookItOver = 'Look it over'
/** What is wrong with what goes back only while it is sound, by its sort. */
export const notSoundReason: Readonly<Partial<Record<JointKind, string>>> = {
  seal: 'nicked, flat or hard',
  key: 'flanks pressed in',
  spacer: 'worn or bent',
}
export const worn = 'worn'
export const newSameSize = (label: string): string => `new ${label}`
export const offNotSound = (name: string, what: string): string => `Off; ${name} ${what}: a new one`
