import type { Measure } from '../../../core/line'
import { count } from '../count'

export const whichIsIt = 'Which of these is it?'
export const whichNote = 'What is known of one that lies there, against every kind of this job. Leave out what you cannot measure.'
export const FIELDS = { length: 'Length below the head, mm', over: 'Over the thread, mm', flats: 'Across the flats, mm' } as const
export const lengthHint = 'A countersunk one with its head.'
export const head = 'Head'
export const recess = 'What turns it'
export const knownNut = 'A nut or screw of a known thread'
export const none = 'not tried'
export const runs = 'runs on by hand'
export const binds = 'binds'
export const notSaid = 'not said'
export const isNoSize = (text: string): string => `“${text}” is no size in mm, 0.1 to 500.`
export const fitsCount = (n: number): string =>
  n === 0 ? 'None of this job’s. Is it from another machine?' : n === 1 ? 'It is this one.' : `${count(n, 'kind')} left.`
const NEXT: Readonly<Record<Measure, string>> = {
  head: 'Look at its head: it parts most of them.',
  recess: 'Look at what turns it: it parts most of them.',
  length: 'Measure its length: it parts most of them.',
  over: 'Measure over its thread: it parts most of them.',
  flats: 'Measure across its flats: it parts most of them.',
  mate: 'Run a nut of a known thread on: nothing else parts them.',
}
export const nextWords = (next: Measure): string => NEXT[next]
export const cannotPart = 'Nothing that is known of them parts these. Their places do: look where each came from.'
const UNKNOWN: Readonly<Record<Measure, string>> = {
  head: 'head',
  recess: 'what turns it',
  length: 'length',
  over: 'diameter',
  flats: 'flats',
  mate: 'by this thread',
}
export const notTold = (unknown: readonly Measure[]): string => `Cannot be told: ${unknown.map((m) => UNKNOWN[m]).join(', ')}.`
export const not = (by: Measure): string => `Not by its ${by === 'mate' ? 'thread' : UNKNOWN[by]}`
export const ofThem = (n: number, where: string): string => `${n} of them${where === '' ? '' : `, ${where}`}`
export const drawn = (label: string): string => `${label}, from the side`
export const drawnNut = (label: string): string => `${label}, from above`
export const toScale = 'Drawn to scale, not at true size.'
export const trueSize = 'Drawn at true size: lay it on the glass.'
export const calibrate = 'True size, by a bank card'
export const layACard = (edge: 'long' | 'short', mm: number): string =>
  `Lay a bank card on the glass, its ${edge} edge across and its left side on the line. Move the right side until both agree (${mm} mm).`
export const cardWide = 'How wide the card is here'
export const cardFits = 'It fits'
