export { lineTitle, readLine } from '../../core/line'
export { freeCellOf, lineEntries } from './line-entries'
