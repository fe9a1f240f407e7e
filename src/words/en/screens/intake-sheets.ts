import { count } from '../count'

export const onTheBenchTap = (mayChange: boolean): string => `On the bench${mayChange ? '; tap what is not here' : ''}`
export const usedUpTapWhat = (mayChange: boolean): string => `Used up${mayChange ? '; tap what there is not enough of' : ''}`
export const toGetBefore = (toBuy: string): string => `To get before it goes back up: ${toBuy}.`
export const curesBeforeTheRide = (cure: number): string => `◩ Threadlocker cures ${cure} h before the ride.`
export const itAlsoGoesLike = 'It also goes like this'
export const otherWay = (useCount: number, use: string, instead: string): string =>
  `${useCount > 0 ? use : 'Without it'}, instead of: ${instead}.`
export const underAMinuteMore = 'under a minute more'
export const minMore = (moreMinutes: number): string => `${Math.round(moreMinutes)} min more`
export const thisWay = 'This way'
export const backToTheShortest = 'Back to the shortest way'
export const theWayUp = 'The way up'
export const shortest = 'Shortest'
export const exactReverse = 'Exact reverse'

export const orderWithin = (gap: number): string => `Order within ${gap} % of the least possible; not proved to be the best.`
export const whatCanBeLeft = 'What can be left out'
export const noneOfItCan = 'None of it can be left out.'
export const allOtherTools = 'All other tools are required.'
export const moreThan60V =
  'More than 60 V DC: for somebody marked qualified, by the maker’s procedure. Without one, this job goes to somebody who has.'
export const comesApartHere = (apartCount: number, apart: string, heavyCount: number, heavy: string): string =>
  `${apartCount > 0 ? `Comes apart here: ${apart}. ` : ''}${heavyCount > 0 ? `By hoist or jack, not by arm: ${heavy}. ` : ''}Never done one? Then beside somebody who has, or it goes to them.`
export const notHere = 'Not here:'
export const hereAgain = 'here again'
export const twoPeople = 'Two people'
export const helperFor = (
  now: number,
  at: string,
  from: number,
  minutes: number,
  title: string | undefined,
  titlesCount: number,
  titles: string | undefined,
): string =>
  `${now > 0 ? `about ${at}` : `after ${Math.round(from)} min`}, for ${minutes} min: ${title}${titlesCount > 1 ? ` … ${titles}` : ''}`
export const aSecondMechanicAll = (sooner: number, now: number, at: string): string =>
  `A second mechanic all the way: ${sooner} min sooner${now > 0 ? `, up again about ${at}` : ''}.`
export const asForTheOther = (name: string, same: number, odd: number): string =>
  `As for the ${name}: ${count(same, 'step')} the same${odd === 0 ? ', nothing different.' : '.'}`
export const partsReceivedAre = (items: string, left: number, by: string, now: number, at: string): string =>
  `Parts received: ${items}${left > 0 ? `; ${left} not counted` : ''}. ${by}${now > 0 ? `, ${at}` : ''}`
export const hasAllCome = (wantedCount: number): string =>
  `Has all come that it takes, ${count(wantedCount, 'kind')} of things? Count it before anything is undone.`
export const besideItWhat = (also: string): string => `Beside it: ${also}. What it is for should be known before it goes down.`
export const countAgain = 'Count again'
export const countIt = 'Count it'
export const photo = 'Photo'
export const partsReceived = 'Parts received'
export const laidOutAndCounted = 'Laid out and counted against what the job takes. What is short now stops it half way later.'
export const alsoInTheBox = 'Also in the box'
export const whatIsNot = 'what is not on this list'
export const nothingCountedYet = 'Nothing counted yet.'
export const notCountedYet = (sentence: string, left: number): string => `${sentence}${left > 0 ? `; ${left} not counted yet` : ''}.`
export const logTheCount = 'Log the count'
export const wanted = (expected: number): string => `${expected} wanted`
export const ofWord = (expected: number): string => `${expected} of ${expected}`
export const noneHere = 'none here'
export const shortOf = (off: number, expected: number): string => `${off} short of ${expected}`
export const moreThan = (off: number, expected: number): string => `${off} more than ${expected}`
export const here = 'Here'
export const all = (expected: number): string => `All ${expected}`
export const oneLess = (name: string): string => `One less, ${name}`
export const oneMore = (name: string): string => `One more, ${name}`
export const what = 'What'
export const old = 'Old'
export const newWord = 'New'
export const verdict = 'Verdict'
export const file = 'file'
export const isNotASize = (text: string | undefined, unit: string | undefined): string =>
  `“${text ?? ''}” is not a size in ${unit ?? 'figures'}: a number from 0 to 100,000.`
export const newPartBeside = (name: string | undefined): string => `New ${name ?? 'part'} beside the old`
export const theFilesValueStands = 'The file’s value stands for the old one until you key in your own. Leave empty what you cannot measure.'
export const theOldOne = 'The old one'
export const theNewOne = 'The new one'
export const oldOf = (name: string): string => `Old, ${name}`
export const byTheFile = (size: string | number): string => `${size} file`
export const onTheOld = 'read it'
export const newOf = (name: string): string => `New, ${name}`
export const measuredWith = 'Measured with'
export const logTheComparison = 'Log the comparison'
export const onlyFor = (firstStep: string): string => `only for “${firstStep}”`
export const standsInFor = (name: string, other: string, risk: string): string => `${name} stands in for ${other}. ${risk}`
export const without = (name: string, then: string): string => `Without ${name}: ${then}`
export const withoutByFeelNot = (felt: string): string => `Without ${felt}: by feel, not measured.`
export const hereToo = 'Here too'
export const notHereAnswer = 'Not here'
export const otherwise = 'Otherwise'

/** Minutes that it takes more. */
export const extraTime = (minutes: number): string => (minutes < 1 ? 'No extra time.' : `${Math.round(minutes)} min more.`)
export const theSteering = 'the steering'
export const aBrake = 'a brake'
export const and = ' and '
export const fits = 'fits'
export const differs = 'differs'
export const notMeasured = 'not measured'
export const steps = (n: number): string => count(n, 'step')

export const LOOK_TITLES = { pack: 'The pack', salt: 'After salt water', electronics: 'Before it is unplugged' } as const
export const kvOfTheNew = 'Its Kv at the wheel, rpm/V'
export const roundTheTyre = 'Once round the tyre, mm'
export const goesAgainstTheFile = (name: string): string =>
  `${name}: the old one goes against the file. One of them is wrong: measure it again, or look whether this file is of this machine. The new one has to match both.`
export const itIsOfAnotherMake = 'It is of another make or model'
export const noWayButLive = (titles: readonly string[]): string =>
  `Its file leaves no way but to do this in a live machine: ${titles.join('; ')}. Look for another way first.`
/** By how much the new one is other than the old. */
export const otherBy = (by: number, unit: string): string =>
  `${Number(Math.abs(by).toPrecision(3))}${unit === '' ? '' : ` ${unit}`} ${by > 0 ? 'more' : 'less'}.`
