export const theTray = 'The tray'
export const trayNote = (removed: number, fresh: number, refitted: number, not: number, open: number): string =>
  `${removed} off + ${fresh} new = ${refitted} back + ${not} not going back + ${open} still to come home.`
export const cellHolds = (cell: string, what: string): string => `${cell}: ${what}`
export const empty = 'empty'
export const of = (n: number, all: number): string => (n === all ? `${n}` : `${n} of ${all}`)
export const nextBack = 'goes back next'
export const alike = (cells: readonly string[]): string => `looks like what lies in ${cells.join(' and ')}`
export const outside = (cells: readonly string[], rows: number, columns: number): string =>
  `▲ ${cells.join(', ')}: the tray has no such cell (${rows} rows of ${columns}). Move it, or say how large the tray is.`
export const tapACell = 'Tap a cell to see what lies in it.'
export const pieces = 'Which of them'
export const lost = 'Dropped, lost'
export const found = 'Found'
export const stripped = 'Head or thread gone: a new one'
export const keptOut = 'Not going back'
export const repaired = 'Thread in the hole repaired'
export const repairedNote = 'Thread insert put in'
export const moveTo = 'Move to'
export const move = 'Move'
export const why = 'Why'
export const noSuchCell = (cell: string, rows: number, columns: number): string =>
  `▲ “${cell}” is no cell of this tray: ${rows} rows of ${columns}, such as ${columns > 1 ? 'B2' : 'B1'}.`
export const tapPieces = '▲ Which of them? Tap them first.'
export const beside = 'Off, and not in the tray'
export const lostOnes = 'Lost'
export const gone = 'Not going back'
export const renewed = 'New ones'
export const partsOff = 'Parts that are off'
export const strays = 'Turned up, and belongs to nothing'
export const strayWhat = 'A piece that belongs to nothing here'
export const strayHint = 'What it is, such as M5x16, and the cell that it lies in.'
export const strayCell = 'Its cell'
export const strayLog = 'It turned up'
export const strayEmpty = '▲ Say what it is, such as M5x16.'
export const like = (label: string, cells: readonly string[]): string =>
  `Looks like ${label}${cells.length > 0 ? ` of ${cells.join(', ')}` : ''}, and is not one of them.`
export const whichLost = 'Which one'
export const howLarge = 'How large the tray is'
export const notKept = '▲ The shop’s server could not be asked. It holds on this screen only.'
export const print = 'Print the tray and its labels'
export const trayPhoto = 'Photo of the tray behind it'
export const sheetTitle = (number: string, machine: string): string => `Tray of job ${number}, ${machine}`
export const inOrder = 'In the order in which it goes back'
export const printed = (when: string): string => `Printed ${when}. What was logged since stands in the job.`
export const columnsOf = ['No.', 'Goes back', 'How many', 'Lies in', 'Bag'] as const
export const labels = 'Labels for the bags'
export const INSTEAD = { stays: 'stays there', new: 'a new one' } as const
export const printIt = 'Print'
export const backToJob = 'Back to the job'
export const nothingOff = 'Nothing has come off yet.'
export const SIZES = [
  ['rows', 'Rows'],
  ['columns', 'Columns'],
] as const
export const trueSize = 'At true size: lay it on the glass.'
