// All that reads lines comes as one: the reader is large, and is packed once.
export { crests, HEADS, headText, kindsIn, offFrom, readLine, RECESSES, whichOf } from '../../core/line'
export { foundEntry, lineEntry } from './line-entries'
