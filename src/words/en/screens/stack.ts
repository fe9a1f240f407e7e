import type { Face, Purpose, Toward } from '../../../core/axle'

export const outsideIn = 'From the outside in'
export const insideOut = 'From the inside out'
export const turnRound = 'Turn it round'
export const add = 'Add a piece'
export const empty = 'Take all away'
export const inWords = 'The same in words, outside in'
export const typed = (end: string): string => `${end}, in words`
export const piece = (n: number): string => `Piece ${n}`
export const move = (n: number): string => `Move piece ${n}`
export const remove = (n: number): string => `Take piece ${n} away`
export const width = (n: number): string => `Width of piece ${n}, mm`
export const mm = 'mm'
export const face = (n: number): string => `Face of piece ${n}`
export const toward = (n: number): string => `Piece ${n} points`
export const facing = (n: number): string => `Which way piece ${n} faces`
export const noFace = 'both faces alike'
export const noWay = 'any way'
export const turns = 'turns by itself'
export const fromPhoto = 'From a photo'
export const tapPieces = 'Tap each piece, from the outside in.'
export const otherPhoto = 'Another photo'
export const purposes: Readonly<Record<Purpose, string>> = {
  nut: 'nut',
  cap: 'cap nut',
  bolt: 'bolt head',
  washer: 'washer',
  tab: 'tab washer',
  ring: 'ring',
  frame: 'frame',
  spacer: 'spacer',
  cog: 'cog',
  disc: 'disc',
  gear: 'gear',
  bearing: 'bearing',
  seal: 'seal',
  pulley: 'pulley',
  wheel: 'wheel',
  crank: 'crank',
  spider: 'spider',
  arm: 'torque arm',
}
export const faces: Readonly<Record<Face, string>> = { bevel: 'bevel', flat: 'flat face', lip: 'lip', key: 'key' }
export const ways: Readonly<Record<Toward, string>> = {
  in: 'inward',
  out: 'outward',
  up: 'up',
  down: 'down',
  forward: 'forward',
  rearward: 'rearward',
}
