export const beforeItIsClosed = (reopen: number): string =>
  `Before it is closed: a fault found later costs ${Math.round(reopen)} min to get back to.`
export const notYet = (why: string): string => `Not yet: ${why}.`
export const first = 'First'
export const thenEach = 'Then, each'
export const right = 'Right'
export const wrong = 'Wrong'
export const notTested = 'Not tested'
export const allOfThemRight = 'All of them right'
export const anythingToAdd = 'Anything to add'
export const logTheCheck = 'Log the check'
export const testRideOf = (n: number, of: number): string => `Test ride ${n} of ${of}`
export const prove = 'Prove'
export const riddenAsFarAs = 'Ridden, as far as it goes'
export const noRideYetWaiting = (held: string): string => `No ride yet: waiting for ${held}`
export const then = (shutCount: number, title: string, how: string): string => `${shutCount > 0 ? `Then: ${title}. ` : ''}${how}`
export const everyTestRide = 'Every test ride is passed. What is not in them was not tried.'
export const curedTheClockRuns = (cured: string): string => `◩ Cured ${cured}. The clock runs on with every screen shut.`
export const stopAtOnceAt = (signs: string): string => `Stop at once at: ${signs}.`
export const privateGroundHelmetSlow = 'Private ground, helmet, slow. Local rules decide where it may be ridden.'
export const riddenNothingWrong = 'Ridden, nothing wrong'
export const stoppedOrAddNotes = 'Stopped, or add notes and a log'
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
export const theRideOneRung = 'The ride, one rung at a time'
export const canBeLeftOut = 'can be left out'
export const km = (last: string, kilometres: number | undefined): string => `${last}${kilometres !== undefined ? `, ${kilometres} km` : ''}`
export const rideItAgain = 'Ride it again'
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
export const kilometres = 'Kilometres'
export const itsLogIfThere = 'Its log, if there is one'
export const csvWithAHeader = 'GPX, or CSV with a header: time and any of speed, current, voltage, motor temperature.'
export const logThisRide = 'Log this ride'
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
export const isNotADistance = (km: string): string => `“${km}” is not a distance in kilometres.`
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
