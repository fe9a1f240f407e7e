import { count } from '../count'

export const nailsmith = 'Nailsmith'
export const downToTheMotor = 'Down to the motor and back up, with every screw accounted for.'
export const whosSigningIn = 'Who’s signing in?'
export const name = 'Name'
export const passphrase = 'Passphrase'
export const looking = 'Looking…'
export const signIn = 'Sign in'
export const demoComeInAs = 'Demo: come in as'
export const anEmptyShop = 'An empty shop. The first one in is its lead.'
export const whoLeadsThisShop = 'Who leads this shop?'
export const atLeastTenCharacters = 'At least ten characters. A few words do.'
export const openTheShop = 'Open the shop'
export const jobsAndTheirEntries = 'jobs and their entries'
export const takesInReadsJobs = 'takes in, reads jobs'
export const reads = 'reads'
export const allPeopleToo = 'all, people too'
export const whoWorksHere = 'Who works here'
export const nameAndYou = (name: string, id: boolean): string => `${name}${id ? ', you' : ''}`
export const roleAndQualified = (role: string, qualified: boolean): string => `${role}${qualified ? ', high-voltage qualified' : ''}`
export const struckOff = 'Struck off'
export const theySignInNo = 'They sign in no more. What they wrote stays under their names.'
export const takeBack = (name: string): string => `Take ${name} back`
export const whatTheyDo = 'What they do'
export const qualifiedForWorkAbove = 'Qualified for work above 60 V DC, by the shop’s own rules'
export const changeThis = 'Change this'
export const newPassphrase = 'New passphrase'
export const newPassphraseHint = 'At least ten characters. They are signed out everywhere, and sign in with it.'
export const giveThisPassphrase = 'Give this passphrase'
export const strikingOffDoes = (name: string): string =>
  `${name} is signed out everywhere at once and signs in no more. What tablets have not sent of theirs is still taken.`
export const strikeOff = (name: string): string => `Strike ${name} off`
export const strikeOffAsk = 'Strike off…'
export const signedInNow = 'Signed in now'
export const sessionsOnDevices = (sessionsCount: number, devicesCount: number): string =>
  `${count(sessionsCount, 'session')} on ${count(devicesCount, 'device')}. A device that is shut sends nothing until somebody signs in on it anew; what it kept stays on it.`
export const thisOne = ', this one'
export const noKeyYetSign = '◆ no key yet: sign in on it once more'
export const shutThisDevice = 'Shut this device'
export const somebody = (name: string | undefined): string => `${name ?? 'somebody'}`
export const sinceLastSeen = (since: string, seen: string): string => `since ${since}, last seen ${seen}`
export const endIt = 'End it'
export const olderTablets = 'Older tablets'
export const olderTabletsAre = (older: number): string =>
  `${older === 0 ? 'No device of an older Nailsmith was seen in the last seven days.' : `${count(older, 'device')} still ran an older Nailsmith in the last seven days.`} Lines are still written so that an older one can read them, until a week has passed without one. The new way says more (a reading over its range, which instrument it was) and takes less room; an older tablet shows such a line as something from a newer Nailsmith until it is loaded anew.`
export const writeTheNewWay = 'Write the new way from now on'
export const somebodyNew = 'Somebody new'
export const passphraseHint = 'At least ten characters; a few words do. Let them type it themselves.'
export const addThem = 'Add them'
export const aBrowser = 'a browser'
