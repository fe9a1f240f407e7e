// Of its own, so that it comes when a job has a plan without words, and not before.
export { wordingOf } from '../../core/planning'
