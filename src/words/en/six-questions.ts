import type { QuestionId, QUESTIONS } from '../../core/diagnosis'

export const QUESTION_WORDS: Readonly<Record<QuestionId, string>> = {
  drive: 'Where is the drive?',
  motors: 'One motor or two?',
  clutch: 'Rolled backward by hand, off the ground',
  sensors: 'Beside the thick wires of the motor',
  controller: 'Where are the controller and its plugs?',
  plugs: 'How is the motor plugged in?',
  work: 'What was done to it last?',
}

/** What may be answered, in words. */
export const ANSWER_WORDS: { readonly [Q in QuestionId]: Readonly<Record<(typeof QUESTIONS)[Q]['options'][number], string>> } = {
  drive: {
    wheel: 'in a wheel',
    cranks: 'at the cranks',
    gearbox: 'on a gearbox or axle',
    traction: 'above 60 V, three lugs',
    column: 'on the steering column',
    rod: 'in a rod that moves',
  },
  motors: { one: 'one', two: 'two' },
  clutch: { along: 'the motor comes along', free: 'it turns freely', 'not-tried': 'not tried' },
  sensors: { thin: 'five or more thin wires', none: 'no thin wires', 'not-seen': 'not looked at' },
  controller: { 'in-reach': 'in reach', 'under-cover': 'under a lid or deck', 'in-motor': 'inside the motor', 'not-seen': 'not looked at' },
  plugs: { single: 'single bullets', 'one-plug': 'one plug for all', lugs: 'screwed lugs', 'not-seen': 'not looked at' },
  work: { none: 'nothing', 'wheel-or-motor': 'wheel, tyre or motor', electrics: 'wiring, controller, pack', 'not-known': 'nobody knows' },
}
