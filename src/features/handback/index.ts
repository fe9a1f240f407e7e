// One door for the stage, so that its script comes as one piece and once.
export { HandBackCard } from './handback-card'
export { HandBackPanel } from './handback-panel'
