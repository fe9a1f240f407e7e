// What a card shows only now and then comes as one: the parts share their words, which are packed once so.
export { Disputes } from './disputes'
export { Known } from './known'
export { ArmAsked, LengthsAsked } from './lengths-asked'
export { NotSound } from './not-sound'
export { WaitBlock } from './wait-block'
