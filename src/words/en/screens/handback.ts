import type { ComplaintNow } from '../../../core/job'
import { count } from '../count'

export const checkAgain = 'Check again'
export const somethingElse = 'Something else'
export const tugThe6Pins = 'tug the 6-pins'
export const when = 'When'
export const onADay = 'On a day'
export const afterKm = 'After km'
export const day = 'Day'
export const kilometres = 'Kilometres'
export const addItAs = 'Add it as an addendum'
export const add = 'Add it to the page'
export const lookAgainAtSomething = 'Look again at something else'
export const thePageThatGoes = 'The page that goes with it'
export const job = (job: string, owner: string, at: string): string => `Job ${job} · ${owner} · ${at}`
export const handedBackAnd = (to: string, by: string, now: number, at: string, addenda: number): string =>
  `● Handed back to ${to}, ${by}, ${now > 0 ? at : ''}${addenda > 0 ? ` · ${count(addenda, 'later entry', 'later entries')}, an addendum` : ''}`
export const theMakersManual = 'The maker’s manual and local rules come first. Numbers marked estimated are the shop’s own.'
export const asText = 'As text'
export const asData = 'As data'
export const calendar = 'Calendar'
export const handBack = 'Hand back'
export const itHasGoneHome = 'It has gone home'
export const itHasGoneNotRepaired = 'It has gone home, not repaired'
export const toByThePage = (to: string, by: string): string =>
  `To ${to}, by ${by}. The page stands as it was then; what is logged now is an addendum.`
export const printThePage = 'Print the page'
export const readItOverHand = 'Read it over, hand it back'
export const notReadyToGo = 'Not ready to go home'
export const stillOpen = 'Still open:'
export const goOnWithoutWhy = 'Go on without, why'
export const handedTo = 'Handed to'
export const handItBack = 'Hand it back'
export const whatIsLooked = 'What is looked at again?'
export const onWhichDay = 'On which day?'
export const isPast = (format: string): string => `${format} is past.`
export const isNotADistance = (km: string): string => `“${km}” is not a distance in kilometres.`
export const afterHowManyKilometres = 'After how many kilometres?'
export const jobAndWork = (job: string, work: string): string => `Job ${job}, ${work}`
export const theCalendarFileCould = (reason: string): string => `The calendar file could not be made: ${reason}`
export const toWhomDoes = 'To whom does it go?'
export const forTheShop = 'For the shop'
export const received = 'Received'
export const handBackNotRepaired = 'Hand back, not repaired'
export const itsPageSays = 'Its page says what is open, and that it is not to be ridden.'
export const whyIsItNot = 'Why is it not repaired?'
export const whyNotRepaired = 'Why does it go home not repaired? A few words do.'
export const noPartToBeHad = 'no part to be had; owner does not want it'
export const isItGone = (complaint: string): string => `“${complaint}”: is that gone?`
export const isItGoneAsk = 'Is what the owner complained of gone? Their page says so first.'
export const COMPLAINT: Readonly<Record<ComplaintNow, string>> = {
  gone: 'Gone',
  'still there': 'Still there',
  'cannot be said': 'Cannot be said',
}
export const counterShows = (value: number, unit: string): string => `Its counter, ${unit} (${value} at the door)`
export const isNoCount = (text: string): string => `“${text}” is nothing that a counter shows.`
