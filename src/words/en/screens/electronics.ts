export const electronics = 'Electronics have settings'
export const settingsNote = (of: 'old' | 'new'): string =>
  of === 'old'
    ? 'Read them before the old one is unplugged. Leave empty what it does not show.'
    : 'As they were in the old one, unless there is a reason. Then roll the wheel: what it shows as speed hangs on it.'
export const settingsOfPart = (name: string, of: 'old' | 'new'): string => `${name}: settings of the ${of} one`
export const readThem = 'Read the old one'
export const setThem = 'Set the new one'
export const pairedLegend = (name: string): string => `Is the ${name} tied to something? Ask before one is ordered`
export const pairedTo = 'To what'
export const noteIt = 'Note it'
export const asItWas = (value: string): string => `As it was: ${value}`
export const noneCanBeRead = 'None can be read, because'
export const deadNoDisplay = 'dead, no display, no code for it'
export const rollTheWheel = 'Roll the wheel on the floor, its load on it'
export const turns = 'Turns'
export const metres = 'Metres'
export const onceRound = (round: number, off: number, right: boolean): string =>
  `Once round ${Math.round(round)} mm: it shows ${off >= 0 ? `${(off * 100).toFixed(1)} % too much` : `${(-off * 100).toFixed(1)} % too little`}${right ? ', within 3 %.' : '. Set the wheel size to that.'}`
export const logTheSettings = 'Log the settings'
export const isNotASetting = (name: string, text: string): string => `${name}: “${text}” is no figure.`
export const sayOneSetting = 'At least one setting, or why none can be read.'
export const notReadYet = 'Not read yet.'
export const notCompared = 'New one not compared with the old.'
export const compareIt = 'Compare it'
export const notSetYet = 'Not set yet.'
