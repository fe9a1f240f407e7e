// One door for the stage, so that its script comes as one piece and once.
export { CallSheet } from './call-sheet'
export { FaultCard } from './fault-card'
export { FaultPanel } from './fault-panel'
export { SkipSheet, TestSheet } from './test-sheet'
