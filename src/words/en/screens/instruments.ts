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
