// All that a job asks its workers, as one piece: what they share is packed once.
export { nextTestAside } from './diagnosis'
export { alikeAside, convertAside, distancesAside, planAside, worthsAside } from './planner'
export { readRideAside } from './ride'
