import { count } from '../count'

export const putInAMachine = 'Put in a machine file'
export const itIsLookedThrough = 'It is looked through first. A revision in use is never replaced: jobs keep the one they began with.'
export const itsShapeAs = 'Its shape, as a JSON Schema'
export const aMachineFile = 'A machine file'
export const chooseAFile = 'Choose a file'
export const stop = 'Stop'
export const putItIn = 'Put it in'
export const reading = (file: string): string => `Reading “${file}”…`
export const planningJobOf = (done: number, of: number): string => `Planning job ${done} of ${of}…`
export const lookAtIt = 'Look at it'
export const thingToPutRight = (problemsCount: number, name: string): string => `${count(problemsCount, 'thing')} to put right in “${name}”`
export const andMore = (problemsCount: number): string => `and ${problemsCount} more`
export const hangsTogether = (revision: string, partsCount: number, fixings: number): string =>
  `, revision ${revision}: ${count(partsCount, 'part')}, ${count(fixings, 'fixing')}, hangs together.`
export const jobPlanned = (name: string, down: number, up: number, minutes: number | undefined, proved: boolean | undefined): string =>
  `${name}: ${down} down, ${up} up, ${minutes} min${proved ? '' : ' (order not proved)'}`
export const machinesWithAFile = 'Machines with a file'
export const noneYetAMachine = 'None yet. A machine without a file is logged as it comes off, and its way up grows from that.'
export const revision = (kind: string, revision: string): string => `${kind} · revision ${revision}`
export const whatThingsAreCalled = 'What things are called, and what fits which head'
export const leads = 'Leads'

export const tiedByTheWhich = (tie: string, sharesCount: number, shares: string): string =>
  `Tied by the ${tie}${sharesCount > 0 ? `, which also hold the ${shares}` : ''}.`
export const holeInThe = (part: string): string => `hole in the ${part}`
export const asOneBundle = (leads: string): string => ` · as one bundle: ${leads}`
export const oneAfterTheOther = (order: string): string => ` · one after the other: ${order}`
export const thePlug = (name: string, by: number): string =>
  `The plug of the ${name} is ${Math.max(0.1, Number(by.toFixed(1)))} mm too large, its tolerance counted: its pins come out of the housing first.`
export const holeSize = ({ width, height, round }: { readonly width: number; readonly height: number; readonly round?: boolean }): string =>
  round ? `⌀ ${width}` : `${width} × ${height}`
export const pocketCard = 'Pocket card'
export const close = 'Close'
export const printIt = 'Print it'
export const leavingTools = (of: number, tried: number): string => `Leaving tools behind, one by one${of > 0 ? `: ${tried} of ${of}` : ''}…`
export const revisionIs = (revision: string): string => `Revision ${revision}`
export const minutesWithThisKit = (handsOn: number): string => `· ${Math.round(handsOn)} min with this kit`
export const inThePocket = 'In the pocket'
export const whatWentHandTight =
  'What went hand-tight is brought to its number in the shop before it is ridden hard. The maker’s manual and local rules come first.'
export const twoPeople = (title: string, people: number): string => `◩ ${title}${people === 2 ? ' (two people)' : ''}.`

export const fromTheOutsideIn = (name: string): string => `${name}, from the outside in`
export const faultInTheFile = (faultsCount: number): string => `${count(faultsCount, 'fault')} in the file`
export const aJob = 'A job'
export const takenUntilAnswered = 'taken until answered'
export const outermost = 'outermost'
export const layer = (i: number): string => `layer ${i}`
export const takingItApart = 'Taking it apart on paper…'
export const stays = (isNothing: string): string => `Stays: ${isNothing}.`
export const revisions = 'Revisions: '
export const revisionLead = 'Revision '
export const job = (jobs: number): string => `(${count(jobs, 'job')})`
export const tapOneToSave = '. Tap one to save the file.'
export const sealed = (sealed: string): string => `Sealed: ${sealed}`
export const what = 'What is in the way'
export const whatIsInTheWay = 'What is in the way of it?'
export const tapAPart =
  'Tap a part, a fixing or a plug, or choose a job: all that has to come off for it lights up, in the order of the fewest turns and tools.'
export const heavyOutlineAPart = 'Heavy outline: a part. Thin: a fixing, with how many. Dashed: a plug.'
export const theJob = 'The job'
export const inTheWayOf = 'In the way of'

/** How much a way down is; for a job, the way up too. */
export const wayIs = (
  down: { readonly steps: number; readonly handsOn: number },
  up: { readonly steps: number; readonly handsOn: number } | null,
  gap: number | null,
): string =>
  `${count(down.steps, 'step')} down, ${Math.round(down.handsOn)} min hands on${
    up ? `; ${up.steps} up, ${Math.round(up.handsOn)} min` : ''
  }.${gap === null ? ' No order takes less.' : ` Within ${Math.ceil(gap * 100)} % of the least possible.`}`
export const pocketCardForTheRoad = 'Pocket card for the road'
export const nothing = 'Nothing: it is at hand.'
export const plug = (end: { readonly width: number; readonly height: number; readonly tolerance: number }): string =>
  ` · plug ${end.width} × ${end.height} mm, ±${end.tolerance}`
export const thick = (diameter: number): string => ` · ${diameter} mm thick`
export const slack = (left: number, right: number): string => ` · slack ${left} mm at left lock, ${right} mm at right`
export const weighs = (kilograms: number): string => ` · ${kilograms} kg`
export const voltsFull = (volts: number): string => ` · ${volts} V full`
export const workingOutTheWay = (share: number | undefined): string => `Working out the way…${share ? ` ${Math.round(share * 100)} %` : ''}`
/** The number, or that the wrench for it stays in the shop. */
export const tightness = (torque: number, wrench: boolean): string =>
  wrench ? `, ${torque} N·m` : `, hand-tight: ${torque} N·m in the shop`
export const tooLarge = (name: string, fileCount: number, maxBytes: number): string =>
  `“${name}” has ${Math.round(fileCount)} MB; a machine file has at most ${maxBytes}.`
export const couldNotBeRead = (name: string): string => `“${name}” could not be read. Choose it again.`
export const theServerDidNot = 'The server did not take it.'
export const revisionIsIn = (name: string, revision: string): string => `${name}, revision ${revision}, is in.`
export const thisFileWasHere = (name: string, revision: string): string => `${name}: this file was here already, as revision ${revision}.`
export const itsRevisionWas = (name: string, revision: string): string =>
  `Its revision was in use by another file of the ${name}; this one is kept beside it as ${revision}.`
export const theServerCannotBe = 'The server cannot be reached. The file is untouched; try again.'
export const andThe = ' and the '
export const thePlannerStoppedAsk = 'The planner stopped. Ask for the card again.'
export const multiToolWith = (inOne: string): string => `multi-tool with ${inOne}`
export const itComesNewAs = (name: string | undefined, why: string, replacedBy: string): string =>
  `${name}. ${why} It comes new as ${replacedBy}.`
export const thePlannerStoppedTap = 'The planner stopped. Tap it again.'
export const downLimb = 'Down'
export const upLimb = 'Up'
