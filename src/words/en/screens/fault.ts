import { formatNumber } from '../../../core/units'

export const swapItOrMend = 'Swap it or mend it? Weigh it'
export const runSoFarKm = 'Run so far, km'
export const newPartCosts = 'New part costs'
export const anHourCosts = 'An hour costs'
export const isNoFigureFrom = (wrong: string): string => `▲ “${wrong}” is no figure from 0 to a million.`
export const costAhead = (name: string, lasts: number, cost: number, perThousand: number): string =>
  `${name}: ${lasts > 0 ? `${formatNumber(cost, 0)}, ${formatNumber(perThousand, 1)} for each 1,000 km to come` : 'not for this fault'}`
export const reckonedWithKm = (life: number): string => `Reckoned with ${formatNumber(life, 0)} km in a new one (estimated).`
/** What a shop where an older build still reads gets along. */
export const weighedAt = (kilometres: number, partPrice: number, hourPrice: number, name: string, reason: string): string =>
  `Weighed at ${formatNumber(kilometres, 0)} km, part ${formatNumber(partPrice, 2)}, hour ${formatNumber(hourPrice, 2)}: ${name}. ${reason}`
export const takeThat = (name: string): string => `Take that: ${name}`
export const callTheFault = 'Call the fault'
export const itCanBeCalled = 'It can be called again when the machine is open and says otherwise.'
export const itIs = 'It is'
export const orInYourWords = 'Or, in your words'
export const hallWireBroken = 'Hall wire broken at the axle'
export const andSo = 'And so'
export const min = (minutes: number): string => `${minutes} min`
export const nothingNow = 'nothing now'
export const theOtherEndHas = '◩ The other end has the same age and lead: look at it while the deck is open.'
export const notSureYet = 'Not sure: the page says so'
export const similarJobs = 'Similar jobs of this shop'
export const callIt = 'Call it'
export const isolateItAndShow = 'Isolate it and show it dead'
export const howItStands = 'How it stands'
export const workingOutWhat = 'Working out what to measure next…'
export const nextBestTest = (name: string): string => `Next best test · ${name}`
export const whatItShowed = 'What it showed'
export const keyItIn = 'Key it in'
export const cantDoThisOne = 'Can’t do this one'
export const stopMeasuringCallIt = 'Stop measuring: call it'
export const onWithTheWay = 'On with the way in'
export const planTheWayIn = (name: string): string => `Plan the way in: ${name}`
export const thenItIs = (inside: string, after: string): string => `then ${inside} ${after}`
export const hardlyToBeExpected = 'hardly to be expected'
export const stopMeasuring = (name: string): string => `Stop measuring · ${name}`
export const theMotorComesOut = 'The motor comes out'
export const act = (name: string): string => `Act: ${name}`
export const whateverIsLeftEnds = 'Whatever is left ends in the same job. A test that tells one from the other changes nothing that you do.'
export const noTestLeft = (atStake: number): string =>
  `No test left is worth its minutes: about ${Math.round(atStake)} min of wrong work are at stake, and none saves as many as it costs.`
export const likeliest = 'Likeliest'
export const itTakes = 'It takes'

export const byThePlanHands = 'by the plan, hands on'
export const estimated = 'estimated'
export const itWouldChange = (isSomethingThatIsInNoList: string): string =>
  `It would change the mind: a reading that speaks for ${isSomethingThatIsInNoList}.`
export const callItChoose = 'Call it, choose the job'
export const findTheFault = 'Find the fault'
export const measureThenCallIt = 'Measure, then call it'
export const noListOfFaults =
  'No list of faults is known for this drive. Is it merely not allowed to run? Then measure, the cheap ones first.'
export const FIRST_LOOKS = [
  'Charger out, throttle at zero when it is switched on, seat or stand switch, brake levers let go, not locked by app or code.',
  'Code or lamp; what was done to it last; when: warm, wet, over bumps, only sometimes.',
  'Pack voltage at rest, and again under a real load; fuse and main contact.',
  'Command at rest and full; brake cut-offs unplugged; 5 V and 12 V.',
  'The same on a sound one, where there is one.',
]
export const aReading = 'A reading'
export const lookAtTheJob = 'Look at the job'
export const chooseTheJob = 'Choose the job to do'

export const again = 'Again'
export const takeIt = 'Take it'
export const theFirstFiveMinutes = 'The first five minutes'
export const everyOtherTest = 'Every other test, the best for its minutes first'
export const beliefsAfterEach = (knownCount: number, top: string): string =>
  `Beliefs after each of ${knownCount} pieces of evidence; now ${top}`
export const theLastOf = (most: number, knownCount: number): string => `The last ${most} of ${knownCount}.`
export const minutesOf = (minutes: number, estimated: boolean): string => `· ${minutes} min${estimated ? ' est.' : ''}`
export const lookFurther = 'look further'
export const forWord = '▲ for'
export const against = '▼ against'
export const nothingKnownYetOnly = 'Nothing known yet: only how usual it is (estimated).'
export const others = (rest: number, told: string): string =>
  `${rest > 0.005 ? `All others together ${told}. ` : ''}Shares come from simulated machines and what benches see, not from a maker.`
export const whichEnd = 'Which end'
export const addWhatItDoes = 'Add what it does'
export const anotherReading = 'Another reading'
export const itDoes = 'It does'
export const nothingNoted = 'Nothing noted.'
export const allReadings = (seenCount: number): string => `All readings (${seenCount})`
export const noneYet = 'None yet.'
export const what = 'What'
export const shown = 'Shown'
export const state = 'State'
export const by = 'By'
export const from = (more: string): string => `from ${more}`
export const live = '▲ live'
export const dead = 'dead'
export const leftOut = (test: string, s: string): string => `◆ Left out: ${test}. ${s}`
export const theFault = 'The fault'
export const notCalledYet = 'Not called yet.'
export const calledFault = (name: string, action: string | null, sure: boolean): string =>
  `${name}${action ? `: ${action}` : ''}${sure ? '' : ' (not sure)'}`
export const leftOutHere = 'left out'
export const andLive = ' · live'
export const figures = 'Figures'
export const workedOut = 'worked out, not typed'
export const next = (input: string): string => `Next: ${input}`
export const logIt = 'Log it'
export const why = 'Why'
export const anythingToAdd = 'Anything to add'
export const standsAsNotDone = 'It stands on the page that goes home as not done.'
export const leaveItOut = 'Leave it out'
export const divisorIsZero = 'Nothing can be worked out of these: the divisor is 0.'
export const underKmWhatFails = (young: number): string =>
  `Under ${young} km what fails was made wrong: ask its maker before anything is opened.`
export const itCanLock = 'It can lock or start the wheel: it is never left.'
export const theLeastForEach = 'The least for each kilometre that is still to come.'
export const littleIsLeft = 'Little is left in the old one: what is mended now wears out next.'
export const itCannotLock = 'It cannot lock or start the wheel and still runs: watch it, and look again.'
export const whatIsItPick = 'What is it? Pick one, or say it in your words.'
export const thisIsTakenDead = 'This is taken dead. Isolate it and show it dead first.'
export const theJobSaysDead = 'The job says dead. Log it live first, at the strip, then take a live reading.'
export const thisIsTakenLive = 'This is taken live. Plug the pack in and log it live first.'
export const thePack = (signs: string): string => `The pack is for quarantine (${signs}): nothing is powered from it.`
export const something = 'something that is in no list'
export const allOthers = 'All others'
export const usual = 'usual'
/** Of a test whose answers no model gives. */
export const answersEstimated = 'How often each is seen: estimated.'
/** Above 60 V, where a hand has to go into a live machine. */
export const onlyTheQualified = 'Live above 60 V: only by somebody marked qualified, by the maker’s method.'
/** Of a reading that no fault in the list would give. */
export const nothingExplains = 'Nothing explains this: measure it again?'

/** `8 times likelier by it`, `a third as likely by it`. */
export const likelier = (times: number): string =>
  times >= 1 ? `${timesWord(times)} likelier by it` : `${timesWord(1 / times)} less likely by it`
const timesWord = (x: number): string => (x >= 1000 ? 'over 1000 times' : x >= 10 ? `${Math.round(x)} times` : `${x.toFixed(1)} times`)
export const nothingSpeaks = 'No reading says much of it: only how usual it is.'
export const beside = (other: string): string => `Beside “${other}”`
export const nothingTells = 'No reading tells the two apart yet.'
export const pullsHere = (times: number): string => `${timesWord(times)} for this one`
export const pullsThere = (times: number): string => `${timesWord(1 / times)} for the other`
export const leansOnShop = (calls: number, jobs: number): string =>
  `Leans on this shop’s own past: ${calls} fault${calls === 1 ? '' : 's'} called in ${jobs} job${jobs === 1 ? '' : 's'} of this model.`
export const leansOnBatch = (calls: number): string => `${calls} of them on numbers near this one’s: that counts threefold.`
export const leansOnAge = (value: number, unit: string): string =>
  `${value.toLocaleString('en')} ${unit} on its counter: what shows early and what wears are weighed by it.`
export const leansOnWork = (days: number): string =>
  `It left here ${days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`}: what was touched then counts for more.`
export const afterMending = (mended: string): string =>
  `After mending: ${mended}. What was read before counts only for what may have hidden behind it.`

export const guided = 'Guided measurements'
export const noFileSix = 'No file for this machine: what it is'
export const firstItsCharge = 'First its full charge: without it no voltage can be judged.'
export const sayItsCharge = 'Say what its charger says'
export const theDrive = 'the motor'
export const theFrontDrive = 'front or left motor'
export const theRearDrive = 'rear or right motor'
export const noFileYet =
  'Say beside this where its drive is: then its suspects and the next best test stand here. Until then, is it merely not allowed to run?'

export const suspects = 'Suspects'
