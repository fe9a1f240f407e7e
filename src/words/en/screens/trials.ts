export const whatDrags = 'What drags'
export const takeOneOut = 'Take one thing out'
export const putItBack = 'Put it back'
export const noTrialsYet =
  'Turns hard? Take one thing out at a time, and tell the drag on both sides of it: a spring scale at the tyre, the seconds from one turn a second, or by hand.'
export const leftToTry = (names: string): string => `Not tried yet: ${names}.`
export const allTried = 'All was tried that can be taken out from here: what is left sits inside the motor or its bearings.'
export const takenOut = 'Taken out'
export const whatIsIt = 'What is it'
export const toldBy = 'Told by'
export const withItIn = 'With it in'
export const withItOut = 'With it out'
export const itsTwin = 'A sound one, if there is one'
export const backIn = 'Back in'
export const stillOut = 'Still out'
export const dragOf = (when: string, unit: string): string => (unit === '' ? when : `${when}, ${unit}`)
export const logTheTrial = 'Log the trial'
export const isNoDrag = (text: string): string => `“${text}” is no figure above 0, up to 100,000.`
export const bothSides = 'The drag on both sides of it: with it in, and with it out.'
export const sayWhatItWas = 'Say what was taken out.'
export const backward = 'Turn it backward: forward its clutch lets go, and the motor stands still.'
export const sameWay = 'The same way each time, the machine held, hands clear of spokes.'
