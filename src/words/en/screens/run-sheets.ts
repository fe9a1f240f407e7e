export const photo = 'Photo'
export const atTheBottom = 'At the bottom'
export const goesOver = 'Goes over to the new one'
export const offTheOldOne = 'off the old one'
export const stillOnTheOld = 'still on the old one?'
export const swappedNowBackUp = 'Swapped. Now back up'
export const newPartsThen = 'New parts, then back up'
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
export const withABand = 'a band, not a number'
export const tightNotRead = 'Tight, not read'
export const aLeadDecides = 'a lead decides before it rolls'
export const noNumberIsWritten = 'no number is written'
export const clickedAt = 'Clicked at'
export const titleAt = (title: string, place: string): string => `${title}: ${place}`
export const nm = (torque: number): string => `${torque} N·m`
export const newton = (force: number): string => `${force} N`
export const anAdapter = 'With an adapter on the wrench'
export const setItTo = (set: number, name: string): string => `Set ${name} to ${set} N·m: the adapter makes it longer`
export const isNoReach = (text: string): string => `“${text}” is not the reach of an adapter: above 0, up to 2,000 mm.`
export const itsLengthIsNot = 'The length of this wrench is not in the shop’s list, so what to set is not known. The adapter is logged.'
export const noNumber = 'The file has no number here. The maker’s manual goes first.'
export const usualFor = (thread: string): string => `Usual for ${thread}:`
export const usualIsRead = 'To be read, not to be set: no machine’s own number. What you reach is logged as reached.'
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
export const threadAndClassGive = (estimate: number, source: string, apart: boolean): string =>
  `Thread and class would give about ${estimate} N·m (estimated); the ${source} goes.${apart ? ' They differ much: ask why before more force.' : ''}`
export const pullsToKnDry = (low: string, high: string): string =>
  `Pulls ${low} to ${high} kN, dry to oiled (μ 0.20 to 0.08). Grease or threadlocker moves it to the upper end.`
export const safety = (role: string, critical: string | undefined): string => `${role}${critical ? ` Safety: ${critical}.` : ''}`
export const adapterReachMm = 'Adapter reach, mm'
export const adapter = 'Adapter'
export const straightOn = 'Straight on'
export const atAngle = (angle: number): string => `At ${angle}°, as the file has it`
export const atARightAngle = 'At a right angle'
export const changesNothing = 'changes nothing'
export const whatItShows = 'What it shows'
export const measuredWith = 'Measured with'
export const measuredWithWhat = 'With what was it measured?'
export const figures = 'Figures'
export const figureName = (name: string, n: number, of: number): string => (of > 1 ? `${name}, ${n + 1} of ${of}` : name)
export const shownAs = (text: string, over: boolean, unit: string): string => `${over ? '> ' : ''}${text} ${unit}`
export const was = (figure: string): string => `It was ${figure}.`
export const unit = 'Unit'
export const testVolts = 'Test voltage, V'
export const testSeconds = 'For how long, s'
export const nextFigure = 'Next figure'
export const logTheFigures = 'Log the figures'
export const isNotAFigure = (text: string): string => `“${text}” is not a figure.`
export const keyInWhatItShows = 'Key in what it shows.'
export const voltsAndSeconds = 'Test voltage up to 20,000 V and seconds, as numbers.'
export const loggedNotDone = 'Logged, and not done: put it right and measure again, or close and say why it is left.'
export const lost = 'Lost'
export const foundAgain = 'Found again'
export const backInItsOwn = 'Back in its own hole'
export const keptOnItsPart = 'Kept on its part, in order'
export const inACell = 'In a cell'
export const newOneWanted = 'New one wanted'
export const notGoingBack = 'Not going back'
export const onlyLoosened = 'Only loosened'
export const onAndTight = 'On and tight'
export const anotherSize = 'Another size'
export const whatSize = 'What is it? Thread and length, like M4×14'
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
export const howLongUp = 'How long (up to 60 min), from how far (up to 1,000 mm), and what was near: whoever puts it back looks at that.'
export const isNotATorque = (text: string): string => `“${text}” is not a torque: 0.1 to 1,000 N·m.`
export const keyInWhat = 'Key in what the wrench showed when it let go.'
export const keyInWhatTheWrench = 'Key in what the wrench was set to.'
export const isNotTheLength = (lever: string): string => `“${lever}” is not the length of a lever: 1 to 2,000 mm.`
export const howLong = 'How long is the lever? From the fixing to the middle of the hand.'
export const isNotTheBenchs = (warmth: string): string => `“${warmth}” is not the bench’s temperature: −20 to 60 °C.`
export const theFileWantsHere = (product: string): string => `The file wants ${product} here. Why none?`
export const leverOf = (lever: string): string => `${lever} mm lever`
export const itDoesTheWork = 'It does the work: the number counts.'
export const aDustCover = 'A dust cover: it holds nothing, a firm hand is enough.'
export const itHoldsACover = 'It holds a cover: even, not tight.'
export const sayWhatIsDifferent = 'Say what is different; a few words do.'
export const whichOfThemTap = 'Which of them? Tap it.'

/** What is tried on a fixing that does not let go. */
export const goOnWithoutIt = 'Go on without it'
export const photoOfThePlate = 'Photo of its plate'
export const plateOfOld = (name: string): string => `Plate of the old ${name}`
export const plateOfNew = (name: string): string => `Plate of the new ${name}`

export const ownerSaidYes = 'Who said yes for the owner'
export const ownerFirst = 'It ends what is theirs: who said yes for the owner?'

export const whatIsStuck = 'What is stuck'
export const celsiusThere = (from: number, to: number): string => `There, °C (${from} to ${to}, if read)`
export const celsiusNear = (most: number): string => `Nearest lead, seal or magnet, °C (at most ${most}, if read)`
export const isNoTemperature = (typed: string): string => `“${typed}” is not a temperature in °C.`
export const HEAT: Readonly<Record<'too cool' | 'too hot' | 'near too hot', string>> = {
  'too cool': 'Not warm enough to weaken it.',
  'too hot': 'Hotter than it needs: grease, seal and finish suffer.',
  'near too hot': 'What is near was hotter than it bears: look at it, and read it, before it goes back.',
}
export const triedStill = 'Tried, still stuck'
export const whatDoesNotLetGo = 'What does not let go'
export const newOneToGet = (label: string, place: string): string => `A new one to get before it goes back: ${label}, ${place}`
