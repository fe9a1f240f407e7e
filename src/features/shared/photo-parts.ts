// All that shows photos comes as one, and is packed once.
export { DamagePhoto } from './damage-photo'
export { PinnedPhoto } from './pinned-photo'
export { StepPhoto } from './step-photo'
export { WherePhoto } from './where-photo'
