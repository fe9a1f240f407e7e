import type { AttemptWay } from '../../../core/fasteners'
export const fromTheInsideOut = (name: string, inside: boolean, told: string): string =>
  `${name}, from the ${inside ? 'inside out' : 'outside in'}: ${told}. Turn it round`
export const out = 'out'
export const turn = '⇄ turn'
export const seenFromTheWire = (name: string, pins: string): string => `${name}, seen from the wire side: ${pins}`
export const fromTheWireSide = (keying: string | undefined, releaseHow: string): string =>
  `From the wire side. ${keying ?? ''} ${releaseHow}`
export const fixings = (n: number, fixings: string): string => `${n} fixings: ${fixings}`
export const numbersTheOrder = (pattern: string | undefined, isAsTheyCome: string, longestCount: number, longest: string): string =>
  `${pattern ? `Numbers: the order to tighten, ${pattern}.` : `Counted ${isAsTheyCome}.`}${longestCount > 1 ? ` Ringed: ${longest}.` : ''}`
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
export const minWithNoHands = (wait: number): string => `◩ ${wait} min with no hands on it`
export const notYetFirst = '◆ Not yet. First:'
export const andMore = (waitsCount: number): string => `and ${waitsCount} more`
export const isolateItAndShow = 'Isolate it and show it dead'
export const compareItNow = 'Compare it now'
export const goOnWithoutComparing = 'Go on without comparing, why'
export const sayWhatItsCharger = 'Say what its charger says'
export const iAmQualifiedI = 'I am qualified, I make it safe'
export const goOnWithThis = 'Go on with this pack, why'
export const lookItOver = 'Look it over'
export const goOnBefore = 'Go on before it has set, why'
export const whereInTheRun = (
  number: number | undefined,
  downCount: number,
  check: string | null,
  isUp: boolean,
  present: boolean,
): string =>
  `${number !== undefined ? `Step ${number} of ${downCount}` : check ? 'Check' : 'In between'}${isUp ? ', up' : ''}${present ? '' : ' · not the next one'}`
export const aboutHalfMin = (minutes: number): string => `about ${minutes < 1 ? '½' : Math.round(minutes)} min`
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
export const howTightWrenchFeel = 'How tight: wrench, feel, another number'
export const stuckWhatItTakes = 'Stuck? What it takes to undo'
export const different = 'Different'
export const goOnWithoutWhy = 'Go on without, why'
export const leftOnWhy = 'Left on, why'
export const logLine = 'Log line'
export const twoDevicesDisagree =
  'Two devices disagree. It counts as the less safe until one of you looks and logs what is true, under “Different”.'
export const photographed = (title: string): string => `${title}, photographed`
export const yourPhoto = (now: number, at: string): string => `Your photo${now > 0 ? `, ${at}` : ''}.`
export const worthAPhoto = (photo: string): string => `◩ Worth a photo: ${photo}.`
export const neededFor = (wanted: string, wantedCount: number): string => `Needed for: ${wanted}${wantedCount > 3 ? '…' : ''}`
export const ifLeftOut = (why: string): string => `If left out: ${why}`
export const madeHereAFault = (reopen: number): string => `Made here: a fault found later costs ${Math.round(reopen)} min to get back to.`
export const fromTheMachineFile = (action: boolean, revision: string | undefined): string =>
  `${action ? `From the machine file${revision ? `, revision ${revision}` : ''}.` : 'Added by hand in this job.'} The maker’s manual and local rules come first.`
export const less = 'less'
export const more = 'more'
export const whyThisStep = 'why this step'
export const twoDevicesDisagreeLog = (disputed: string): string => `▲ Two devices disagree: ${disputed}. Log what is true; that settles it.`
export const nothingToPutBack = 'Nothing to put back: it never came off.'
export const leftOn = '◆ Left on:'
export const done = '● Done'
export const atTheBottom = 'At the bottom'
export const allThatHad = 'All that had to come off is off, and lies where the tray says.'
export const everythingIsBack = 'Everything is back'
export const theTrayIsEmpty = 'The tray is empty, or says what is not. Prove it before it goes home.'
export const theTooTheSame = (name: string): string => `The ${name} too, the same way`
export const noMachineFileSo = (downCount: number): string => `No machine file · ${downCount} so far`
export const whatCameOff = 'What came off?'
export const line = 'Line'
export const exampleLine = '4 M5x12 chain guard'
export const aCountMakes = 'A count makes it screws in a cell; without one it is a part.'
export const theLineIsEmpty = '▲ The line is empty.'
export const offIntoTheTray = 'Off, into the tray'
export const itCountsAsLive = 'It counts as live. Isolate it and show it dead at the strip before any wiring is touched.'
export const atTheBottomSwap = 'At the bottom: swap, then up'
export const goesOver = 'Goes over to the new one'
export const offTheOldOne = 'off the old one'
export const stillOnTheOld = 'still on the old one?'
export const swappedNowBackUp = 'Swapped. Now back up'
export const nothingToSwapHere = 'Nothing to swap here. Back up'
export const newPart = (name: string): string => `● New ${name}`
export const serials = (newSerial: string | undefined, oldSerial: string | undefined): string =>
  `${newSerial ? `no. ${newSerial}` : ''}${oldSerial ? `, old no. ${oldSerial} kept` : ''}`
export const startUp = 'Start up'
export const swapOf = (n: number, swapCount: number, job: string | undefined): string =>
  `Swap, ${n} of ${swapCount}${job ? ` · ${job}` : ''}`
export const oldSerial = (name: string): string => `Old ${name}, serial`
export const newSerial = 'New, serial'
export const newItIs = (name: string): string => `New ${name} it is`
export const comparedTheyMatch = 'Compared, they match'
export const doesNotLetGo = 'Does not let go'
export const itDoesNotLet = 'It does not let go'
export const thePackIsStill = 'The pack is still aboard: it comes out first.'
export const forHowLongMin = 'For how long, min'
export const fromHowFarMm = 'From how far, mm'
export const whatWasNearIt = 'What was near it'
export const givenOver = 'Given over'
export const triedStillTight = 'Tried, still tight'
export const warmedHotForAbout = (hot: number): string =>
  `Warmed: hot for about ${hot} min more (estimated). Gloves, and nothing soft laid on it.`
export const nothingMoreIsTried = 'Nothing more is tried here. “Left on, why” says that it stays.'
export const whatItTakes = 'What it takes to undo'
export const noTorqueIsKnown = 'No torque is known for it: no forecast.'
export const howItIs = 'How it is'
export const clean = 'Clean'
export const agedDirty = 'Aged, dirty'
export const lockedCold = 'Locked, cold'
export const leverFixingToHand = 'Lever, fixing to hand, mm'
export const letsGoAtAbout = (low: string, high: string): string => `Lets go at about ${low} to ${high} N·m`
export const estimated = 'estimated'
export const pullAtYourHand = (pull: string, tooMuch: boolean): string =>
  `: up to ${pull} N at your hand.${tooMuch ? ' Too much to pull by arm: a longer lever, heat, or the other end held. Stop before the head or the axle gives.' : ''}`
export const theLeverInMm = '▲ The lever in mm, 1 to 2,000.'
export const itIsOffAlready = (breakaway: number | undefined): string =>
  `It is off already${breakaway !== undefined ? `; it let go at ${breakaway} N·m` : ''}.`
export const itLetGoAt = 'It let go at'
export const keptAsMeasured = 'Kept as measured. It never becomes the number to tighten to.'
export const offAndLogThat = 'Off, and log that'
export const howTight = 'How tight'
export const howItWasTightened = 'How it was tightened'
export const byAWrench = 'By a wrench'
export const byFeel = 'By feel'
export const countsAsUnmeasured = 'counts as unmeasured'
export const tightenedTo = 'Tightened to'
export const wrench = 'Wrench'
export const leverMm = 'Lever, mm'
export const pull = 'Pull'
export const fingers = 'Fingers'
export const hand = 'Hand'
export const arm = 'Arm'

export const threadlocker = 'Threadlocker'
export const oneDropOnEach = 'one drop on each'
export const none = 'None'
export const sayWhy = 'say why'
export const bothThreadsClean = 'Both threads clean and dry first, the old threadlocker brushed out; one drop where they meet.'
export const whyIf = 'Why, if it is not as given'
export const benchC = 'Bench, °C'
export const theThreadlockersTimes = (coldBelow: number): string =>
  `The threadlocker’s times are for 22 °C; below ${coldBelow} °C it may not bond at all: warm the joint first.`
export const logItAsFinal = 'Log it as final'
export const itIsFinalAlready = 'It is final already.'
export const startedByHand = 'Started by hand and seated first; then the number.'
export const noNumberAndNone = (critical: string | undefined): string =>
  `No number, and none is estimated for ${critical ? `${critical} fixings` : 'this'}. The maker’s manual has it.`
export const threadAndClassGive = (estimate: number, source: string, apart: boolean): string =>
  `Thread and class would give about ${estimate} N·m (estimated); the ${source} goes.${apart ? ' They differ much: ask why before more force.' : ''}`
export const pullsToKnDry = (low: string, high: string): string =>
  `Pulls ${low} to ${high} kN, dry to oiled (μ 0.20 to 0.08). Grease or threadlocker moves it to the upper end.`
export const safety = (role: string, critical: string | undefined): string => `${role}${critical ? ` Safety: ${critical}.` : ''}`
export const setTo = (name: string): string => `Set ${name} to`
export const nMIs20 = (name: string, number: number, why: string): string =>
  `${name}: ${number} N·m is ${why} (20 to 100 % of its scale). Take another.`
export const anAdapter = 'An adapter on the drive changes the setting. A wrench has a calibration date: look at it.'
export const wrenchDriveToGrip = 'Wrench, drive to grip, mm'
export const adapterReachMm = 'Adapter reach, mm'
export const adapter = 'Adapter'
export const straightOn = 'Straight on'
export const atARightAngle = 'At a right angle'
export const changesNothing = 'changes nothing'
export const lengthsInMm = '▲ Lengths in mm, the wrench’s above 0.'
export const lost = 'Lost'
export const foundAgain = 'Found again'
export const backInItsOwn = 'Back in its own hole'
export const keptOnItsPart = 'Kept on its part, in order'
export const inACell = 'In a cell'
export const newOneWanted = 'New one wanted'
export const notGoingBack = 'Not going back'
export const onlyLoosened = 'Only loosened'
export const onAndTight = 'On and tight'
export const somethingElse = 'Something else'
export const whatIsDifferent = 'What is different?'
export const how = 'How'
export const which = 'Which'
export const what = 'What'
export const anythingToAdd = 'Anything to add'
export const logIt = 'Log it'
export const leaveItOn = 'Leave it on'
export const why = 'Why'
export const aReasonIsWanted = '▲ A reason is wanted: the next one to read this will ask.'
export const goOnWithout = (check: string): string => `Go on without: ${check}`
export const yourNameStands = (name: string): string => `Your name, ${name}, stands on the hand-back page beside this.`
export const backTo = (to: string): string => `Back to ${to}`
export const goingBackIsPart = 'Going back is part of the work; the journal keeps why.'
/** The band that was felt, N·m. */
export const somewhere = (low: number, high: number): string => `◆ Somewhere from ${low.toFixed(0)} to ${high.toFixed(0)} N·m.`
export const thatIsNot = (wanted: number): string => ` That is not the ${wanted} N·m.`
export const looksAgain = ' A look at it after the first ride is put on the page.'
export const asTheyCome = 'as they come'
export const howLongUp = 'How long (up to 60 min), from how far (up to 1,000 mm), and what was near: whoever puts it back looks at that.'
export const isNotATorque = (text: string): string => `“${text}” is not a torque: 0.1 to 1,000 N·m.`
export const keyInWhat = 'Key in what the wrench showed when it let go.'
export const keyInWhatTheWrench = 'Key in what the wrench was set to.'
export const isNotTheLength = (lever: string): string => `“${lever}” is not the length of a lever: 1 to 2,000 mm.`
export const howLong = 'How long is the lever? From the fixing to the middle of the hand.'
export const isNotTheBenchs = (warmth: string): string => `“${warmth}” is not the bench’s temperature: −20 to 60 °C.`
export const nMIsNot = (torque: number | null, wanted: number, source: string): string =>
  `${torque} N·m is not the ${wanted} N·m of the ${source}. Why?`
export const theFileWantsHere = (product: string): string => `The file wants ${product} here. Why none?`
export const mmLever = (lever: string): string => `${lever} mm lever`
export const itDoesTheWork = 'It does the work: the number counts.'
export const aDustCover = 'A dust cover: it holds nothing, a firm hand is enough.'
export const itHoldsACover = 'It holds a cover: even, not tight.'
export const sayWhatIsDifferent = 'Say what is different; a few words do.'
export const whichOfThemTap = 'Which of them? Tap it.'

/** What is tried on a fixing that does not let go. */
export const ATTEMPTS: Readonly<Record<AttemptWay, { readonly name: string; readonly how: string; readonly stop: string }>> = {
  clean: {
    name: 'Clean it',
    how: 'Drive and thread picked out; the tool in to its full depth, straight.',
    stop: 'A tool that does not sit takes the head with it.',
  },
  soak: {
    name: 'Oil and wait',
    how: 'One drop of penetrating oil, ten minutes.',
    stop: 'None near a brake, a tyre or a seal.',
  },
  tap: {
    name: 'Tap it',
    how: 'Along its axis, tool in place, with a soft-faced hammer.',
    stop: 'Never on an axle’s end, a bearing or a motor’s cover.',
  },
  lever: {
    name: 'A longer lever',
    how: 'The other end held. Even pull, no jerks.',
    stop: 'Stop when it turns without letting go: that is the head or the thread giving.',
  },
  warm: {
    name: 'Warm it',
    how: 'Moving warm air, pack out and well away, until a drop of water just hisses off the metal.',
    stop: 'No flame. Leads, seals and magnets near it shielded: above 80 °C they suffer.',
  },
  'give over': {
    name: 'Give it over',
    how: 'To somebody who extracts or drills it, with the customer’s word for what it may cost.',
    stop: 'Nothing more is tried on it here.',
  },
}
export const theWayDownIsDone = 'The way down is done'
export const goOnToTheSwap = 'Go on to the swap'
export const theWayUpIsDone = 'The way up is done'
export const goOnToProve = 'Go on to prove'
export const goOnWithoutIt = 'Go on without it'
