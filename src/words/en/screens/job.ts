import { count } from '../count'

export const job = (number: string, whose: string): string => `Job ${number} · ${whose}`
export const stages = 'Stages'
export const stageShown = 'Stage shown'
export const theJobIsHere = (stage: string, here: boolean): string => `${stage}${here ? ' — the job is here' : ''}`

export const notSent = (unsent: number): string => `· ${count(unsent, 'entry', 'entries')} not sent yet`
export const thisBrowserKeepsNothing =
  '▲ This browser keeps nothing (a private window?), so nothing can be logged here. Open the job in an ordinary window.'
export const anotherSignedIn = (stranger: string, name: string): string =>
  `▲ ${stranger} is signed in on this browser now; this page was opened by ${name}, so nothing is logged here.`
export const goOnAs = (stranger: string): string => `Go on as ${stranger}`
export const theShopRuns = '◆ The shop runs a newer Nailsmith than this page. What you logged is kept;'
export const loadItAnew = 'load it anew'
export const beforeYouGoOn = 'before you go on.'
export const keptNowhere = (n: number): string =>
  `▲ ${count(n, 'line is', 'lines are')} kept nowhere on this device: its storage is full or fails. Leave this page open until ${n === 1 ? 'it is' : 'they are'} sent.`
export const theShopsServerAnswers =
  '◆ The shop’s server answers, but cannot write now: its disk or its database is in trouble. What you log is kept on this device and goes up by itself.'
export const waitsForSomebody = (n: number, reason: string): string =>
  `◆ ${count(n, 'line waits', 'lines wait')} on this device for somebody else: ${reason}`
export const thisDevicesClockWas =
  '◆ This device’s clock was changed, or it was away for long. What has to cure counts as not cured until the server says the time.'
export const noConnection = (n: number): string =>
  `◆ No connection. ${n > 0 ? 'It is tried again by itself.' : 'What you log is kept on this device and goes up by itself.'}`
export const yourSignInHas = '◆ Your sign-in has ended. What you logged is kept here;'
export const signInAgain = 'sign in again'
export const toSendIt = 'to send it.'
export const notTaken = (n: number): string => `▲ ${count(n, 'entry', 'entries')} not taken by the server.`
export const seeWhy = 'See why'
export const photoNotTaken = (n: number, fault: string | undefined): string => `▲ ${count(n, 'photo')} not taken by the server: ${fault}`
export const thisAddressIsNot =
  '◆ This address is not secure, so nothing is kept for use without a network, and photos cannot be taken. Open Nailsmith by https.'
export const thisJournalHoldsEntries = '◆ This journal holds entries of a newer Nailsmith. Reload to go on.'
export const handedOver = (by: string, to: string, text: string): string => `◆ Handed over by ${by} to ${to}${text ? `: ${text}` : ''}`
export const parked = (by: string, why: string, safe: string, where: string): string =>
  `◆ Parked by ${by}: ${why}. Safe because: ${safe}${where ? `. Bag: ${where}` : ''}`
export const theShopsServerWas = (n: number, people: string, why: string | undefined): string =>
  `▲ The shop’s server was put back from a backup. This device holds ${count(n, 'line')} of this job, by ${people}, that the server has no more. They are kept here and not mixed in.${why ? ` Not taken yet: ${why}` : ''}`
export const giveThemBack = 'Give them back'
export const aMechanicGivesThem = ' A mechanic gives them back.'
export const theJobIsAt = '◩ The job is at'
export const youAreLookingAt = (stage: string): string => `; you are looking at ${stage}.`
export const cantMoveYet = (shut: string): string => `▲ Can’t move yet: ${shut}.`
export const backToWhere = 'Back to where it is'
export const moveTheJob = 'Move the job to this stage'
export const openingTheJob = 'Opening the job…'
export const whatToDoNow = 'What to do now'
export const theCardOf = (stage: string): string => `The card of “${stage}”`
export const journal = (n: number): string => `Journal (${n})`
export const crossOutMyLast = 'Cross out my last'
export const takeItUpAgain = 'Take it up again'
export const parkIt = 'Park it'
export const handOver = 'Hand over'
export const keys = 'Keys'
export const photoFile = 'Photo file'
export const thisSheet = 'This sheet'
export const disputedPower = 'two devices disagree: treat it as live'
export const provedDead = (at: string, by: string): string => `proved dead ${at} by ${by}`
export const since = (at: string, by: string): string => `since ${at} by ${by}`
export const nobodyIsolatedIt = 'nobody has isolated it yet'
export const lapsesWithThePack = ' · lapses when the pack goes back'
export const lapsesIn = (span: string): string => ` · lapses in ${span}`
export const proofEnded = (why: string): string => ` · proof ended: ${why}`
export const noOwnerGiven = 'no owner given'
export const thePhotoCouldNot = 'The photo could not be kept. Try once more.'
export const notRepaired = 'Back, not repaired'
export const noSuchStage = (asked: string, stages: string): string => `The address names no stage: “${asked}”. There are: ${stages}.`
export const changeIt = 'power and proof'

export const whichIsIt = 'Which is it?'
export const photos = (n: number): string => (n === 0 ? 'Photos' : `Photos (${n})`)
/** What is loose, and that it opens the tray. */
export const looseInTray = (fixings: number, text: string): string => (fixings === 0 ? text : `${text} ▸ tray`)
