import { count } from '../count'

export const noConnection = '◆ No connection to the shop’s server. This is how the stands were last seen.'
export const noMachineFile = 'no machine file'
export const thingDisputed = (disputed: number): string => `▲ ${count(disputed, 'thing')} disputed`
export const parked = '◆ parked'
export const job = (now: number, by: string, lastAt: string, number: string): string =>
  `${now > 0 ? `${by}, ${lastAt}` : ''} · job ${number}`
export const takeAMachineIn = 'Take a machine in'
export const noMachineMatchesThat = 'No machine matches that.'
export const showAllOfThem = 'Show all of them'
export const theStandsAreEmpty = 'The stands are empty. Take the first machine in, and its dip is drawn here.'
export const goneHome = 'Gone home'
export const onThisPage = (jobsCount: number, found: number): string => `${jobsCount} of ${count(found, 'machine')} on this page.`
export const earlierMachines = 'Earlier machines'
export const theLastOfMachine = (found: number): string => `The last of ${count(found, 'machine')}.`
export const thatIsTheOne = 'That is the one.'
export const allMachinesAreShown = (found: number): string => `All ${found} machines are shown.`
export const findAMachine = 'Find a machine'
export const machineOwnerNumberWords = 'Machine, owner, number, words, serial'
export const atWhichStage = 'At which stage'
export const anyStage = 'any stage'
export const whichOfThem = 'Which of them'
export const allOfThem = 'all of them'
export const find = 'Find'
export const machine = (found: number): string => `${count(found, 'machine')}`
export const showAll = 'Show all'
export const atTheDoor = 'at the door'
export const rideNotBefore = (curedAt: string): string => `Ride not before ${curedAt}`
export const handedBack = 'Handed back'
export const handedBackNotRepaired = 'Handed back, not repaired'
export const withSomethingLoose = 'with something loose'
export const nothingInTheShop = 'Nothing in the shop'
export const manyOnStands = (stands: string): string => `${stands} on stands`
export const manyAtTheDoor = (door: string): string => `${door} at the door`
export const nothingIsLoose = (where: string): string => `${where} — nothing is loose`
export const isLoose = (where: string, fixings: number, parts: number): string =>
  `${where} — ${count(fixings, 'screw')} and ${count(parts, 'part')} are loose`
export const cures = (span: string): string => `cures ${span}`
export const home = 'home'
export const onlyLive = 'live'
export const onlyParked = 'parked'
export const onlyDisputed = 'disputed'
export const onlyHome = 'gone home'
export const handedTo = (name: string): string => `◆ Handed over to ${name}, not taken up yet`
