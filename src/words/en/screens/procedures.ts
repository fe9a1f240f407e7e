export const guided = 'Guided measurements'
export const guidedNote =
  'Several readings in the right order, and what is worked out from them. Nothing is logged: what comes out is keyed in where it is asked.'
export const isTakenDead = '● Taken dead: isolate it and prove it first.'
export const isTakenLive = '▲ Taken live: keep clear of what turns.'
export const whatComesOut = 'What comes out'
export const nothingYet = 'Key in what you read.'
export const codes = 'Codes as they come'
export const codesHint = 'One after the other: 5 4 6 2 3 1'
export const isNoCode = (text: string): string => `“${text}” is no code: they go from 0 to 7.`
export const from = (source: string): string => `From: ${source}`
export const halves = 'A bad joint, by halves'
export const halvesTells = 'Which of many plugs, lugs and fuses in a row takes the volts, in a few readings.'
export const halvesSteps = [
  'Draw the way from the pack to the motor and number its joints: plugs, fuse, contactor, lugs.',
  'Under its rated load, meter on mV: over the whole way. Up to 20 mV a joint is good, over 50 is bad.',
  'Then over the first half of what is left, as asked. Leads clipped on with the power off.',
] as const
export const joints = 'Joints in the row'
export const over = (from: number, to: number): string => (from === to ? `Over joint ${from}, mV` : `Over joints ${from} to ${to}, mV`)
export const foundAt = (joint: number, drop: number | null): string =>
  drop === null ? `It is joint ${joint}.` : `It is joint ${joint}: about ${drop} mV of it.`
export const leftAre = (from: number, to: number): string => `It is among joints ${from} to ${to}.`
export const nextHalf = 'On with this reading'
export const again = 'From the beginning'
export const noDrop = 'All of it drops no more than good joints do: look elsewhere.'
export const isNoFigure = (text: string): string => `“${text}” is not a figure that can stand here.`
export const marks = { ok: '● ', look: '◆ ', stop: '▲ ' } as const

export const wires = 'Wires of a foreign motor, by trial'
export const wiresTells = 'Which phase and which Hall goes where, of 36 ways, in a few short trials.'
export const wiresSteps = [
  'Below 60 V only: above it the maker’s method, by the qualified person.',
  'First each phase to each Hall wire, and 5 V to minus: a phase on a Hall wire kills the controller at the first trial.',
  'Plus and minus of the Halls by the loom, never by trial. Wheel off the ground, nobody in its plane.',
  'A supply of the pack’s volts that is limited to 5 A, a diode in its plus; or the pack through its pre-charge and a 5 to 7.5 A fuse.',
  'A breath of throttle, three seconds at the most. Between trials: power off, wait until the capacitor is down, change the plugs.',
] as const
export const coloursAlike = 'Colours of motor and controller'
export const coloursAre = 'the same three'
export const coloursAreNot = 'others, or all alike'
export const trialIs = (n: number): string => `Trial ${n}`
export const runsRight = (chance: number): string => `likeliest of those left: ${Math.round(100 * chance)} %`
export const whatItDid = 'What it did'
export const shown = {
  right: 'Smooth, the right way, few amps',
  backward: 'Smooth, but backward',
  rough: 'Rough, loud, or many amps',
  stands: 'Stands, twitches or hums',
} as const
export const thisWay = 'This way. Mark every wire before the plugs are closed.'
export const thenFree =
  'Then its free amps and its speed under the limit: more than twice the amps of its kind is a half-right order, however smooth.'
export const nothingFits =
  'No order explains this: a Hall is dead, its spacing is not the controller’s, or a trial was told wrong. Read the Hall codes first.'
export const triedAs = (phases: string, halls: string): string => `phases ${phases}, Halls ${halls}`
export const joinedAs = (phases: string, halls: string): string =>
  `On the controller’s yellow, green and blue: of the motor’s phases ${phases}; of its Halls ${halls}`
export const thickWires = 'Phases: controller left, motor right'
export const thinWires = 'Halls: controller left, motor right'
export const lastWrong = 'Take the last one back'
