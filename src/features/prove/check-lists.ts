import type { CheckId } from '../../core/job'

/** What is looked at in a check, one by one. `stand`: has to hold before it is begun at all. */
export interface CheckList {
  readonly title: string
  readonly stand: readonly string[]
  readonly items: readonly string[]
  /** An item may be left untested, and is then named on the page that goes home. */
  readonly mayLeave: boolean
}

/** The lists of the checks that are made by looking; the others are worked out or need one look. */
export const CHECK_LISTS: Partial<Record<CheckId, CheckList>> = {
  'spin test': {
    title: 'Spin test',
    stand: [
      'Wheels off the ground, the machine held',
      'As it rides: stem up and latched',
      'Hands, sleeves, hair and loose leads clear',
      'Short throttle, a hand on the switch',
    ],
    items: [
      'Turns forward',
      'Starts off and runs smoothly',
      'No grinding, rubbing or smell',
      'Brake lever stops it',
      'Brake cut-off cuts the drive',
      'Lights and horn',
      'Slows on closing the throttle (regen)',
    ],
    mayLeave: true,
  },
  brakes: {
    title: 'Brake',
    stand: [],
    items: [
      'Lever firm, well off the bar',
      'Disc between the pads, runs free',
      'Caliper bolts tight and marked',
      'Nothing greasy on disc or pads',
    ],
    mayLeave: false,
  },
  'reaction path': {
    title: 'Axle held against its torque',
    stand: [],
    items: ['Left tab in its slot', 'Right tab in its slot', 'A flat washer under both nuts', 'Both nuts final, marks in line'],
    mayLeave: false,
  },
}
