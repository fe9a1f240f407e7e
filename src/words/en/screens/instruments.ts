export const keepThis = 'Keep this'
export const put = 'Put it on the list'
export const whatStandsOnIt = 'What stands on it'
export const meter4 = 'meter 4'
export const kind = 'Kind'
export const choose = 'Choose'
export const range = (n: number): string => `Range ${n}`
export const unit = 'Unit'
export const oneMoreRange = 'One more range'
export const calibratedTo = 'Calibrated to'
export const theLastDayEmpty = 'The last day. Empty: it has none.'
export const instrumentsAndWrenches = 'Instruments and wrenches'
export const aReadingKeepsWhat =
  'A reading keeps what it was taken with, and to when that was calibrated. One that is not here can be named on the spot.'
export const noneIsListedYet = 'None is listed yet.'
export const takeItOut = 'Take it out of use'
export const outOfUse = 'Out of use'
export const whatWasMeasuredWith = 'What was measured with them stays as it was written.'
export const useAgain = (name: string): string => `Use ${name} again`
export const aNewOne = 'A new one'
export const aLeadKeepsThis = 'A lead keeps this list.'
export const from = 'From'
export const smallestStep = 'Smallest step'
export const error = 'Error, ± %'
export const itsLeads = 'Its leads, Ω'
export const lowestLampV = 'Lowest lamp, V'
export const driveToGripMm = 'Drive to grip, mm'
export const adaptersReachMm = 'Adapter’s reach, mm'
export const stepsOf = (resolution: string): string => `steps of ${resolution}`
export const leadsAre = (leads: string): string => `Leads ${leads} Ω.`
export const lowestLampIs = (lampStep: string): string => `Lowest lamp ${lampStep} V.`
export const driveToGripIs = (grip: string): string => `Drive to grip ${grip} mm.`
export const adapterIs = (reach: string): string => `Adapter ${reach} mm.`
export const to = 'To'
export const andError = 'and ±'
export const fromTo = (from: string, to: string, unit: string): string => `${from} to ${to} ${unit}`
export const guided = 'Guided measurements: winding temperature, turns for each volt, roll-out, a bad joint …'
export const connected = 'Connected'
export const connectedNote =
  'An instrument that sends its readings by itself: by a cable to this tablet, or through a program on the shop’s computer. Keying in stays as good.'
export const atThisTablet = 'At this tablet'
export const noneAtThisTablet = 'None yet. Every field takes a keyed figure, and one that types like a keyboard.'
export const onComputer = (name: string): string => `On ${name}`
export const noComputer = 'No computer passes anything on just now.'
export const letItGo = 'Let it go'
export const bringItHere = 'Bring it to this tablet'
export const takeItFrom = (person: string): string => `Bring it here from ${person}`
export const atPerson = (person: string): string => `at ${person}’s tablet`
export const connectAComputer = 'Connect a computer'
export const codeIs = 'Type this on the shop’s computer, once:'
export const relayCommand = (code: string, shop: string): string => `npm run instruments -- --shop ${shop} --code ${code}`
export const codeLasts = (minutes: number): string =>
  `Good for ${minutes} minutes. It passes on for as long as you stay signed in here. --serial PORT@9600 names a cable, --stand-ins simulated instruments.`
export const byCable = 'Connect one by a cable'
export const cableSpeed = 'Speed of its lines'
export const itsNameHere = 'What stands on it'
export const connectIt = 'Choose its port'
export const noSerial = 'This browser reads no cable by itself; the shop’s computer can.'
export const noNetwork = 'There is no network. Nothing was changed.'
export const gone = 'nothing comes from it'
export const simulated = 'Simulated instrument'
export const simulatedNote =
  'It stands on a machine that is not there. In the sheet of a test it is held where that figure is read; every reading says “stand-in”.'
export const dial = 'Its dial'
export const machineIs = 'The machine'
export const faultIs = 'What is wrong with it'
export const nothingWrong = 'Nothing: it is sound'
export const howMuch = 'How much'
export const slight = 'slight'
export const middling = 'middling'
export const gross = 'gross'
export const heldOn = 'Held on a figure'
export const holdIt = 'Hold it there'
export const takeItOff = 'Take it off'
export const endsHere = 'End this relay'
