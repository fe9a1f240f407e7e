import { count } from '../count'

export const plugs = 'Plugs, each looked at and pulled'
export const plugsDone = (seen: number, of: number): string => `${seen} of ${count(of, 'plug')}`
export const coveredNow = 'covered as it stands now'
export const restNotReached = (n: number): string => `The other ${n}: not reached`
export const anotherPlug = 'Another plug, by its place'
export const addIt = 'Add it'
export const noPlugsKnown = 'No plugs are known here: name each as you come to it.'
export const photoOfIt = 'Photo of it'
