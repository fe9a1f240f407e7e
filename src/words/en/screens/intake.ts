import { count } from '../count'

export const backToTheShortest = 'Back to the shortest way'
export const photo = 'Photo'
export const now = (job: string): string => `Now: ${job}`
export const beforeStep1 = 'Before step 1'
export const whichJob = 'Which job?'
export const whyDoWeGo = 'Why do we go in?'
export const aMechanicChooses = 'A mechanic chooses the job.'
export const andInTheSame = 'And in the same go'
export const andInTheSameGo = 'And in the same go:'
export const andInTheSameGoAdd = 'And in the same go…'
export const whatIsNotHere = 'What is not here counts for this page only: the server did not take it.'
export const workingOutTheWay = (share: string): string => `Working out the way down…${share}`
export const down = 'Down'
export const min = (handsOn: number): string => `${Math.round(handsOn)} min`
export const up = 'Up'
export const handsOn = 'Hands on'
export const upAgain = (at: string): string => `up again ${at}`
export const theNewWasCompared = (name: string, rows: string): string => `The new ${name} was compared: ${rows}.`
export const theNewInHand = (name: string): string => `The new ${name} in hand? Compare it before anything is undone.`
export const compareIt = 'Compare it'
export const nothingOnThisWay =
  'Nothing on this way down isolates the pack, and it counts as live. Isolate it at the strip above, or say why it stays on.'
export const whyItStaysOn = 'Why it stays on'
export const startDown = 'Start down'
export const planningAnew = (share: string): string => `Planning anew…${share}`
export const chooseAJobFirst = 'Choose a job first'
export const noMachineFile = 'No machine file'
export const logItAs = 'Log it as it comes off'
export const nobodyHasAFile = 'No file of it yet. Each thing that comes off is a step down, and its way back up grows from it.'
export const fourPhotos = 'Four photos before it is touched'
export const itsLabel = 'its label'
export const sixQuestions = (said: number, of: number): string => `Six questions for its fault: ${said} of ${of}`
export const sayItsCharge = 'Say its full charge'
export const tapDamage = 'Tap where it is, then say what is seen'
export const damageHere = 'Marked on the photo'
export const takeOneFirst = 'A photo, and tap where it is'
export const makeItSafeFirst = 'Make it safe first: the strip above says how it stands.'
export const whatItDoes = 'What it does'
export const nothingNotedYet = 'Nothing noted yet.'
export const notSure = (text: string, isMaybe: boolean): string => `“${text}”${isMaybe ? ' (not sure)' : ''}`
export const newBesideTheOld = (name: string): string => `New ${name} beside the old`
export const compareAgain = 'Compare again'
export const notComparedYetNothing = 'Not compared yet. Nothing is undone for a part that does not fit.'
export const whichOneExactly = 'Which one exactly'
export const notAnswered = (question: string, label: string | undefined): string => `${question} ${label ?? 'not answered'}`
export const notAnsweredPlannedAs = (label: string | undefined): string => `◆ Not answered: planned as “${label}”.`
export const theUsualOnes = 'The usual ones'
export const itAlso = 'It also'
export const inTheOwnersWords = 'in the owner’s words'
export const notSureAnswer = 'not sure'
export const noteIt = 'Note it'
export const damageBeforeItWas = 'Damage before it was touched'
export const noneSeenYetWalk = 'None seen yet. Walk round it once.'
export const where = 'Where'
export const seen = 'Seen'
export const barEndScraped = 'bar end scraped'
export const asItCameIn = 'As it came in'
export const thePlannerStoppedChoose = 'The planner stopped. Choose the job again.'
export const steps = (n: number): string => count(n, 'step')
export const atTheDoor = 'Said at the door'
export const owner = 'Owner'
export const counter = 'Its counter showed'
export const mayCost = 'May cost, before they are asked'
export const calledAs = (fault: string, action: string): string => `Called: ${fault}${action ? `; ${action}` : ''}`
export const stillOpen = 'Still open'
export const packNotLookedOver = 'The pack was not looked over'
export const lookItOver = 'Look it over'
export const saltWater = 'Salt water'
export const itWasInSalt = 'It was in salt water'
