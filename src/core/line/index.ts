export { readLine } from './read'
export { lineTitle, whatText, writeLine } from './write'
export type { Line } from './line'
