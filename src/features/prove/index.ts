// One door for the stage, so that its script comes as one piece and once.
export { CheckSheet } from './check-sheet'
export { ProveCard } from './prove-card'
export { ProvePanel } from './prove-panel'
export { RideSheet } from './ride-sheet'
