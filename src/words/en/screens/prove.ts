export const beforeItIsClosed = (reopen: number): string =>
  `Before it is closed: a fault found later costs ${Math.round(reopen)} min to get back to.`
export const notYet = (why: string): string => `Not yet: ${why}.`
export const first = 'First'
export const thenEach = 'Then each: tap what is right'
export const right = 'Right'
export const wrong = 'Wrong'
export const notTested = 'Not tested'
export const workings = 'Workings'
export const anythingToAdd = 'Anything to add'
export const logTheCheck = 'Log the check'
export const provedOf = (n: number, of: number): string => `Prove: ${n} of ${of} done`
export const prove = 'Prove'
export const provedAsFarAs = 'Proved, as far as it is wanted'
/** Two are named; of more the first, and the rest stands below. */
export const notYetWaiting = (held: readonly string[]): string =>
  `Not yet: waiting for ${held.length > 2 ? `${held[0]} and ${held.length - 1} more` : held.join(' and ')}`
export const everyTestRide = 'All that was wanted is passed. What is not in it was not tried.'
export const becauseItOpened = (opened: string): string => `Wanted because of what was opened: ${opened}.`
export const becauseNothing = 'Nothing was opened.'
export const whatWasOpened = 'What was opened?'
export const howItIsProved = 'How it is proved follows from that. All that came apart, also what only had to make way.'
export const atLeastACover = 'Which of them? Something came off.'
export const thatIsAll = 'That is all'
export const curedTheClockRuns = (cured: string): string => `◩ Cured ${cured}. The clock runs on with every screen shut.`
export const stopAtOnceAt = (signs: string): string => `Stop at once at: ${signs}.`
export const backFromIt = (rolls: boolean): string => (rolls ? 'Back from the ride' : 'It has run')
export const onToHandBack = 'On to hand back'
export const stripSpan = (name: string, to: number, low: number, high: number, unit: string): string =>
  `${name} over ${Math.round(to)} s, from ${low} to ${high} ${unit}`
export const gap = 'gap'
export const at = 'At'
export const momentIn = (name: string): string => `Moment in ${name}`
export const logSize = (name: string, lines: string, hz: number, perSecond: number, seconds: number): string =>
  `${name} · ${lines} lines, ${hz >= 1 ? `${perSecond} a second` : 'slower than one a second'}, ${Math.round(seconds)} min`
export const limitsAreTheShops = 'Limits are the shop’s own, estimated. Check local rules.'
export const tyres = 'Tyres'
export const tyreRead = (bar: number, right: boolean, soft: boolean): string =>
  `read ${bar} bar${right ? '' : soft ? ', soft' : ', too hard'}`
export const readWith = 'Read with'
export const readBar = 'Read, bar'
export const logIt = 'Log it'
export const isNoTyrePressure = (text: string): string => `▲ “${text}” is no tyre pressure: 0 to 12 bar.`
export const theRideOneRung = 'How it is proved'
export const canBeLeftOut = 'can be left out'
export const rideItAgain = 'Once more'
export const curingOneClockHolds = 'Curing: one clock holds the spin, the other the ride'
export const disturbedStripCleanLock = (disturbed: string): string => `▲ disturbed: ${disturbed}. Strip, clean, lock again.`
export const curedIn = (name: string, span: string): string => `◩ ${name} in ${span}`
export const checks = 'Checks'
export const checkOutcome = (
  isOverridden: boolean,
  reason: string | undefined,
  failed: boolean,
  by: string,
  now: number,
  at: string,
): string => `${isOverridden ? `gone on without: ${reason}, ` : failed ? 'not passed, ' : ''}${by}${now > 0 ? `, ${at}` : ''}`
export const notTestedAre = (left: string): string => `◆ Not tested: ${left}`
export const lookAndAnswer = 'Look, and answer'
export const itIsRight = 'It is right'
export const goOnWithoutWhy = 'Go on without, why'
export const howItWent = 'How it went'
export const passed = '● Passed'
export const stopped = '▲ Stopped'
export const whatEndedIt = 'What ended it'
export const howDidItRide = 'How did it ride?'
export const pullsCleanFromStandstill = 'pulls clean from standstill, quiet'
export const itsLogIfThere = 'Its log, if there is one'
export const csvWithAHeader = 'GPX, or CSV with a header: time and any of speed, current, voltage, motor temperature.'
export const logThisRide = (rolls: boolean): string => (rolls ? 'Log this ride' : 'Log this run')
export const rideTitle = (rolls: boolean): string => (rolls ? 'The ride' : 'The run')
export const toldOnce = 'Told once, when it is over.'
export const asFarAs = 'As far as'
export const anotherRung = 'Something else on this ladder'
export const howFarUp = 'As far as which of them?'
export const standsFor = (rungs: string): string => `Stands for: ${rungs}.`
export const openAsYet = (checks: string): string => `Not open yet: ${checks}. First that; a ride there cannot be logged before.`
export const metres = 'Metres'
export const minutes = 'Minutes'
export const who = (rolls: boolean): string => (rolls ? 'Who rode' : 'Who ran it')
export const load = 'Load beside that, kg'
export const isNotMetres = (text: string): string => `“${text}” is not a distance in metres.`
export const isNotMinutes = (text: string): string => `“${text}” is not a time in minutes.`
export const isNoLoad = (text: string): string => `“${text}” is not a load in kilograms.`
export const howManyMetres = 'How many metres? About is enough.'
export const howManyMinutes = 'How many minutes? About is enough.'
export const tooShortFor = (rungs: string): string => `Too short to show it: ${rungs}. That stays open.`
export const eachBrake = 'Each brake'
export const measureOne =
  'From a jog, three stops with each. One of them from a held speed to a line, by tape, says how hard: new pads bedded in first.'
export const stopsWith = (brake: string, stops: number): string => `${brake}: ${stops} stops, firm and straight`
export const stopsWithAll = (brakes: string, stops: number): string => `${stops} stops with each: ${brakes}. Firm and straight`
export const fromSpeed = 'From km/h'
export const toStandstill = 'In metres'
export const newPads = 'new pads'
export const brakeNotRead = (text: string): string => `“${text}” is no figure of a stop: km/h at the line up to 300, metres up to 1000.`
export const firstPower = 'First power'
export const firstPowerWhy = 'Motor, controller or loom were open. Limited, a mistake costs a fuse and no winding.'
export const through = 'It comes through'
export const throughWhat = 'Through what does it come?'
export const limitedToAmps = 'Limited to, A'
export const threeTimesFree = 'Brushed: three times what it draws running free.'
export const howManyAmps = (text: string): string =>
  text.trim() ? `“${text}” is no current: above 0, up to 1000 A.` : 'Limited to how many amps?'
export const preChargeIsForThe = 'Above 60 V somebody marked qualified for it does this, signed in here.'
export const thatIsHowItComes = 'That is how it comes'
export const cannotBeHad = 'No supply and no fuse to be had? A lead goes on without, with the reason.'
export const CHECK_ACTION: Partial<Record<string, string>> = {
  'first power': 'Say how',
  'windings cold': 'Enter the reading',
  'pack triage': 'Look it over',
  'price agreed': 'Estimate, and ask',
  'replacement matches': 'Compare it',
  'settings read': 'Read them',
  'settings made': 'Set them',
  'salt water': 'What was done',
  steering: 'Look it over',
  'steering again': 'Look it over',
  'read again': 'Read it once more',
}
export const firstOpen = (open: string): string => `First: ${open}.`
export const rightOrWrong = (unsaid: string, mayLeave: boolean): string =>
  `“${unsaid}”: right or wrong${mayLeave ? ', or not tested' : ''}?`
export const nothingWasTested = 'Nothing was tested. To go on without this check, say why instead.'
export const theThreadlockerToCure = 'the threadlocker to cure'
export const theBrakesToBe = 'the brakes to be looked at'
export const speed = 'Speed'
export const current = 'Current'
export const pack = 'Pack'
export const motor = 'Motor'
export const reading = (name: string): string => `Reading ${name}…`
export const theFileIsLeft = (name: string, error: string): string => `${name}: ${error} The file is left as it was.`
export const couldNotBeRead = (name: string): string => `${name} could not be read. Try it once more.`
export const whatEndedItAsk = 'What ended it?'
export const andMore = (more: number): string => `and ${more} more`
export const toSpin = 'spin'
export const toRide = 'ride'
export const columnTaken = (column: string, role: string, unit: string, named: boolean): string =>
  `“${column}” as ${role}, ${unit}${named ? '' : ' (its header names no unit)'}`
export const takeThemOtherwise = 'Take them otherwise'
export const noColumn = 'none of them'
export const itsUnit = 'Unit'
export const columnsAreKept = 'Kept on this device for the next file of this logger.'
export const stopsInIt = 'Stops in it'
export const whichBrake = 'which brake?'
export const brakeOfStop = (n: number): string => `Brake of stop ${n}`
export const atLeast = (least: number): string => `at least ${least}`
export const besideThe = (job: string): string => `Beside it: the ride before of the same machine, job ${job}.`
export const wasBefore = (figure: string): string => `(before: ${figure})`
/** A check that is made by looking, where no step of a plan is it. */
export const lookNow = (check: string): string => `${check}: look now`
