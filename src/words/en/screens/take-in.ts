import type { MachineClass } from '../../../core/machine'

export const takeAMachineIn = 'Take a machine in'
export const keptOnThisDevice = (machine: string, complaint: string): string =>
  `Kept on this device: ${machine}, “${complaint}”. It goes up by itself when there is a connection, and gets its number then.`
export const takenIn = (machine: string): string => `Taken in: ${machine}.`
export const openItsJob = 'Open its job'
export const machine = 'Machine'
export const another = 'Another'
export const noFileLoggedAs = 'no file: logged as it comes off'
export const whatIsIt = 'What is it?'
export const deliveryTrike = 'delivery trike'
export const packAtFullCharge = 'Pack at full charge, V'
export const fromTheChargersLabel =
  'From the charger’s label, not the round number: 16 Li-ion cells sold as 60 V are 67.2. Empty counts as above 60 V.'
export const usualLabels = 'Usual labels'
export const whichOne = 'Which one'
export const no7 = 'no. 7'
export const owner = 'Owner'
export const quayPortersPool = 'quay porters’ pool'
export const stand = 'Stand'
export const emptyAtTheDoor = 'empty: at the door'
export const whatDoesItDo = 'What does it do?'
export const jerksAndWontStart = 'jerks and won’t start off'
export const inTheOwnersOwn = 'In the owner’s own words.'
export const jobsThatItsFile = 'Jobs that its file knows'
export const jobToDoIf = 'Job to do, if it is known'
export const frontMotor = 'front motor'
export const damageSeenBefore = 'Damage seen before it was touched'
export const leftBarEndScraped = 'left bar end scraped'
export const aPack =
  'A pack that is swollen, wet, hit, hot or smelling is not charged and does not come to the bench: put it outdoors, away from anything that burns, and ask a lead.'
export const writingItDown = 'Writing it down…'
export const takeItIn = 'Take it in'
export const whichMachine = 'Which machine is it? Tap it, or “Another” where it is none of these.'
export const whatMachine = 'What machine is it? A few words do: “delivery trike”.'
export const whatDoesItDoOrNot = 'What does it do, or not do? The owner’s own words are best.'
export const isNotAPacks = (volts: string): string =>
  `“${volts}” is not a pack’s voltage: 1 to 2,000 V, at full charge. Left empty it counts as above 60 V.`
export const thisDevicesStorage =
  'This device’s storage is full or fails, and there is no connection: it is kept nowhere. Leave this page open until it is sent.'
export const whatKind = 'What kind?'
export const KINDS: Readonly<Record<MachineClass, string>> = {
  scooter: 'stood on',
  'e-bike': 'pedalled',
  'ride-on': 'sat on, slow',
  buggy: 'carries, off the road',
  tractor: 'pulls',
  'indoor machine': 'nobody rides it',
}
export const whatKindIsIt = 'What kind of machine is it? How it is proved goes by that.'
export const howReached = 'How the owner is reached'
export const aNumberOrADesk = 'a number, a desk'
export const counter = 'Its counter shows'
export const counts = 'It counts'
export const mayCost = 'May cost, before they are asked'
export const askedAbove = 'Stands on the job where the work is chosen. Ask them before it is more.'
export const isNoCount = (text: string): string => `“${text}” is nothing that a counter shows.`
export const isNoSum = (text: string): string => `“${text}” is no sum of money.`
