// All that reads lines comes as one: the reader is large, and is packed once.
export { crests, HEADS, headText, kindsIn, lineTitle, readLine, RECESSES, whichOf } from '../../core/line'
export { freeCellOf, lineEntries } from './line-entries'
