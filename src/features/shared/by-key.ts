// What the pedal wants, as one piece: loaded as two, what they share was packed twice.
export { doStep, pedalMay } from './do-step'
export { toldAt } from './told-at'
