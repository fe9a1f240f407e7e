import type { Bell, NumberAnswer, Test, WordAnswer } from './types'

const bell = (mean: number, sd: number, share = 1): Bell => ({ mean, sd, share })
/** On the logarithm: `factor` 2 means double or half. */
const wide = (mean: number, factor: number, share = 1): Bell => ({ mean, sd: factor, log: true, share })

function words(outcomes: Readonly<Record<string, string>>, healthy: readonly number[], given: Readonly<Record<string, readonly number[]>>): WordAnswer {
  return { kind: 'words', outcomes: Object.entries(outcomes).map(([id, name]) => ({ id, name })), healthy, given }
}

const number = (answer: Omit<NumberAnswer, 'kind'>): NumberAnswer => ({ kind: 'number', ...answer })

/** All tests of a direct hub; every share is an estimate. `full`: pack at full charge, V. */
export function hubTests(full: number): Test[] {
  return [...firstFive(full), ...byHand(), ...phases(), ...halls()]
}

/** Before any theory. */
function firstFive(full: number): Test[] {
  return [
    {
      id: 'code', title: 'Read the error code', how: 'Key on, hold the mode button; count the flashes or read the display.', minutes: 1, reach: 'outside', power: 'live', first: true, cautions: ['H44'],
      trap: 'A code names what the controller missed, not what broke.',
      answer: words({ none: 'No code', hall: 'Hall', throttle: 'Throttle', brake: 'Brake', voltage: 'Voltage', over: 'Overcurrent' }, [90, 2, 2, 2, 2, 2], {
        'hall-wire': [25, 70, 1, 1, 1, 2], 'hall-sensor': [25, 70, 1, 1, 1, 2], 'hall-plug': [30, 64, 1, 1, 2, 2], rail: [35, 35, 25, 1, 2, 2], throttle: [35, 2, 58, 2, 1, 2], cutoff: [45, 1, 2, 50, 1, 1],
        'pack-weak': [55, 1, 1, 1, 40, 2], 'pack-contact': [75, 1, 1, 1, 20, 2], bridge: [25, 2, 2, 1, 5, 65], winding: [50, 3, 1, 1, 5, 40], gate: [50, 10, 1, 1, 3, 35], 'phase-wire': [60, 10, 1, 1, 3, 25], 'phase-plug': [65, 8, 1, 1, 5, 20],
      }),
    },
    {
      id: 'pack-rest', title: 'Pack voltage at rest', how: 'Meter on DC, at the charge port or the pack’s own plug.', minutes: 1, reach: 'outside', power: 'live', first: true, cautions: ['H4', 'H64'],
      trap: 'A sleeping battery board reads 0 V and proves nothing: wake it first.',
      answer: number({
        quantity: 'pack at rest', unit: 'V', inputs: ['Pack'], inputUnit: 'V', compute: 'single', range: [0, full * 1.1], inputRange: [0, 1000], u: { abs: 0.1, rel: 0.005 },
        healthy: [bell(full * 0.93, full * 0.04)], given: { 'pack-weak': [bell(full * 0.86, full * 0.06)], 'pack-contact': [bell(0.5, 1, 0.35), bell(full * 0.93, full * 0.04, 0.65)] },
      }),
    },
    {
      id: 'pack-sag', title: 'Pack under load', how: 'Wheel off the ground, read at rest, then at full throttle with the brake held lightly.', minutes: 2, reach: 'outside', power: 'live', first: true, cautions: ['H31', 'H32'],
      trap: 'A drive that does not pull draws nothing: no sag then clears no pack.',
      answer: number({
        quantity: 'sag', unit: 'V', inputs: ['At rest', 'At full throttle'], inputUnit: 'V', compute: 'first less second', range: [-2, full], inputRange: [0, 1000], u: { abs: 0.15, rel: 0.01 },
        healthy: [bell(full * 0.05, full * 0.02)],
        given: {
          'pack-weak': [bell(full * 0.17, full * 0.05)], 'pack-contact': [bell(full * 0.14, full * 0.08)], rail: [bell(0.2, 0.3)], throttle: [bell(0.3, 0.6)], cutoff: [bell(0.2, 0.3)],
          'hall-wire': [bell(full * 0.02, full * 0.02)], 'hall-sensor': [bell(full * 0.02, full * 0.02)], 'hall-plug': [bell(full * 0.02, full * 0.02)], 'phase-wire': [bell(full * 0.03, full * 0.02)],
        },
      }),
    },
    {
      id: 'cutoff-off', title: 'Brake cut-offs unplugged, try again', how: 'Part both lever switches at the bar; wheel off the ground, a breath of throttle.', minutes: 3, reach: 'outside', power: 'live', first: true, cautions: ['H31', 'H44'],
      trap: 'Plug them back at once: without them the motor pushes against the brake.',
      answer: words({ runs: 'It runs now', same: 'No change' }, [3, 97], { cutoff: [93, 7] }),
    },
    {
      id: 'throttle', title: 'Throttle signal, rest and full', how: 'Signal wire against black, key on, at rest and fully turned.', minutes: 3, reach: 'plugs', power: 'live', first: true, cautions: ['H31', 'H44'],
      answer: number({
        quantity: 'throttle span', unit: 'V', inputs: ['Fully turned', 'At rest'], inputUnit: 'V', compute: 'first less second', range: [-5, 5], inputRange: [0, 20], u: { abs: 0.02, rel: 0.01 },
        healthy: [bell(2.75, 0.2)], given: { throttle: [bell(0.05, 0.2, 0.55), bell(1.4, 0.8, 0.45)], rail: [bell(0, 0.15)] },
      }),
    },
    {
      id: 'rail', title: '5 V at the Hall plug', how: 'Red against black at the 6-pin, controller’s side, key on.', minutes: 2, reach: 'hall', power: 'live', first: true, cautions: ['H64'],
      answer: number({
        quantity: '5 V feed', unit: 'V', inputs: ['Red to black'], inputUnit: 'V', compute: 'single', range: [0, 15], inputRange: [0, 100], u: { abs: 0.02, rel: 0.005 },
        healthy: [bell(5, 0.12)], given: { rail: [bell(0.1, 0.3, 0.7), bell(2.8, 1, 0.3)], 'hall-sensor': [bell(5, 0.12, 0.93), bell(3.5, 1, 0.07)] },
      }),
    },
    {
      id: 'twin', title: 'Cross the plugs with the good end', how: 'Front motor on the rear controller and the other way round; wheels off the ground, a breath of throttle.', minutes: 8, reach: 'plugs', power: 'dead', first: true, cautions: ['H57', 'H67'],
      trap: 'Mark the plugs before they part.',
      answer: words({ motor: 'Goes with the motor', stays: 'Stays at this end', both: 'Both the same', gone: 'Gone' }, [10, 10, 10, 70], {
        'hall-wire': [90, 4, 2, 4], 'hall-sensor': [92, 4, 2, 2], 'phase-wire': [92, 4, 2, 2], winding: [90, 4, 4, 2], magnets: [80, 5, 10, 5], bearing: [85, 5, 5, 5], bridge: [3, 93, 2, 2], gate: [3, 93, 2, 2], rail: [3, 92, 3, 2],
        'hall-plug': [20, 20, 5, 55], 'phase-plug': [20, 20, 5, 55], throttle: [2, 3, 92, 3], cutoff: [2, 3, 92, 3], 'pack-weak': [2, 3, 92, 3], 'pack-contact': [2, 3, 88, 7], 'brake-drag': [5, 85, 5, 5],
      }),
    },
  ]
}

function byHand(): Test[] {
  return [
    {
      id: 'turn', title: 'Turn the wheel by hand, plugged in', how: 'Key off, wheel off the ground, both ways.', minutes: 1, reach: 'outside', power: 'either',
      trap: 'Magnets cog a little on every direct hub.',
      answer: words({ free: 'Free', drags: 'Drags, in waves', even: 'Drags evenly', rough: 'Rough' }, [93, 3, 2, 2], { bridge: [8, 87, 4, 1], winding: [35, 55, 8, 2], 'brake-drag': [15, 5, 75, 5], bearing: [15, 3, 12, 70] }),
    },
    {
      id: 'turn-apart', title: 'Bullets apart, turn it again', how: 'Phase bullets parted and capped, ends apart, turn both ways.', minutes: 2, reach: 'phases', power: 'dead', cautions: ['H67'],
      trap: 'Free now clears shorts only, not Halls, an open phase or the magnets.',
      answer: words({ free: 'Free', drags: 'Still drags', rough: 'Rough' }, [95, 3, 2], { bridge: [97, 2, 1], winding: [40, 57, 3], 'brake-drag': [15, 80, 5], bearing: [15, 15, 70] }),
    },
    {
      id: 'coast', title: 'Hand spin: this wheel and the other', how: 'Same push, key off, count turns to standstill; three times each, take the middle one.', minutes: 3, reach: 'outside', power: 'either',
      trap: 'Assist hides drag: only an unpowered spin shows it.',
      answer: number({
        quantity: 'coast against the good wheel', unit: '%', inputs: ['This wheel, turns', 'The good one, turns'], inputUnit: 'turns', compute: 'first over second', range: [0, 300], inputRange: [0, 200], u: { abs: 5, rel: 0.05 },
        healthy: [bell(100, 12)], given: { bearing: [bell(60, 20)], 'brake-drag': [bell(45, 20)], bridge: [bell(15, 10)], winding: [bell(50, 25)] },
      }),
    },
    {
      id: 'brake-off', title: 'Brake eased, turn it again', how: 'Back the cable or the caliper off, turn by hand.', minutes: 2, reach: 'outside', power: 'either', cautions: ['H55'],
      trap: 'The brake counts as not refitted until it is set again.',
      answer: words({ free: 'Free now', same: 'No change' }, [4, 96], { 'brake-drag': [92, 8] }),
    },
    {
      id: 'play', title: 'Rock the wheel sideways', how: 'Hold the fork, push and pull at the rim, top and bottom.', minutes: 1, reach: 'outside', power: 'either',
      answer: words({ play: 'Play', none: 'None' }, [4, 96], { bearing: [60, 40] }),
    },
    {
      id: 'tug', title: 'Tug and look at every plug', how: 'Bodies, not wires: does one move, is one green, brown or wet?', minutes: 4, reach: 'plugs', power: 'dead',
      answer: words({ found: 'One was', home: 'All home and clean' }, [6, 94], { 'hall-plug': [85, 15], 'phase-plug': [85, 15], 'pack-contact': [75, 25], rail: [10, 90] }),
    },
  ]
}

function phases(): Test[] {
  return [
    {
      id: 'phases', title: 'Resistance of the three phase pairs', how: 'Bullets apart, milliohms by four wires, lead resistance taken off; the winding cold.', minutes: 4, reach: 'phases', power: 'dead', cautions: ['H67'],
      trap: 'A two-wire meter reads its own leads. An open pair shows OL: key in 99999.',
      answer: number({
        quantity: 'imbalance of the pairs', unit: '%', inputs: ['Yellow–green', 'Green–blue', 'Blue–yellow'], inputUnit: 'mΩ', compute: 'imbalance', range: [0, 300], inputRange: [0, 99_999], u: { abs: 0.6, rel: 0.05 },
        healthy: [wide(2, 1.8)], given: { 'phase-wire': [wide(150, 1.2, 0.9), wide(6, 2, 0.1)], winding: [wide(14, 1.9)], 'phase-plug': [wide(2, 1.8, 0.75), wide(15, 2.5, 0.25)] },
      }),
    },
    {
      id: 'back-emf', title: 'Voltage of the three pairs, spun', how: 'Bullets apart, AC volts, wheel spun at one speed with a drill.', minutes: 5, reach: 'phases', power: 'dead', cautions: ['H31', 'H67'],
      trap: 'One low is shorted turns; all equally low is weak magnets.',
      answer: number({
        quantity: 'imbalance, spun', unit: '%', inputs: ['Yellow–green', 'Green–blue', 'Blue–yellow'], inputUnit: 'V', compute: 'imbalance', range: [0, 300], inputRange: [0, 200], u: { abs: 0.5, rel: 0.05 },
        healthy: [wide(1.5, 1.8)], given: { 'phase-wire': [wide(150, 1.2, 0.9), wide(6, 2, 0.1)], winding: [wide(12, 1.8)] },
      }),
    },
    {
      id: 'back-emf-level', title: 'The same spin, this motor and the other', how: 'One pair of each at the same speed.', minutes: 5, reach: 'phases', power: 'dead', cautions: ['H31', 'H67'],
      answer: number({
        quantity: 'voltage against the good motor', unit: '%', inputs: ['This motor', 'The good one'], inputUnit: 'V', compute: 'first over second', range: [0, 200], inputRange: [0, 200], u: { abs: 1, rel: 0.01 },
        healthy: [bell(100, 3)], given: { magnets: [bell(80, 8)], winding: [bell(93, 6)], 'phase-wire': [bell(2, 5, 0.6), bell(100, 3, 0.4)] },
      }),
    },
    {
      id: 'insulation', title: 'Phases to the axle, 100 V', how: 'Phase and Hall plugs off the controller, Hall wires not tested; 100 V at the most.', minutes: 3, reach: 'phases', power: 'dead', cautions: ['H67'],
      trap: '5 MΩ is good, below 1 MΩ stop: estimates.',
      answer: number({
        quantity: 'insulation', unit: 'MΩ', inputs: ['Phase to axle'], inputUnit: 'MΩ', compute: 'single', range: [0, 10_000], inputRange: [0, 10_000], u: { abs: 0.01, rel: 0.05 },
        healthy: [wide(200, 4)], given: { winding: [wide(0.4, 5, 0.45), wide(100, 4, 0.55)] },
      }),
    },
  ]
}

function halls(): Test[] {
  return [
    {
      id: 'halls', title: 'Turn the wheel, watch the three Halls', how: 'Black lead on black, probe yellow, green and blue from the wire side, key on. One slow turn.', minutes: 4, reach: 'hall', power: 'live', cautions: ['H31', 'H64'],
      trap: 'Will not tell a broken wire from a dead sensor: both read the same at the plug.',
      answer: words({ six: 'All six codes come', one: 'One never changes', none: 'None changes', blinks: 'Comes and goes' }, [95, 2, 1, 2], {
        'hall-wire': [4, 76, 8, 12], 'hall-sensor': [7, 88, 3, 2], 'hall-plug': [10, 30, 25, 35], rail: [2, 3, 93, 2],
      }),
    },
    {
      id: 'hall-diode', title: 'Diode drop of each Hall wire', how: 'Plug off, meter on diode: red lead on black, black lead on each colour in turn; compare the three.', minutes: 4, reach: 'hall', power: 'dead',
      trap: 'Compare with the good ones; the figure itself differs by make.',
      answer: words({ equal: 'All alike', open: 'One open', low: 'One far off' }, [97, 1, 2], { 'hall-wire': [12, 85, 3], 'hall-sensor': [35, 20, 45], 'hall-plug': [80, 12, 8] }),
    },
    {
      id: 'wiggle', title: 'Wiggle the lead at the axle', how: 'Watch the Halls while the lead is bent where it leaves the axle.', minutes: 2, reach: 'hall', power: 'live', cautions: ['H31'],
      answer: words({ moves: 'It comes and goes', steady: 'Steady' }, [2, 98], { 'hall-wire': [60, 40], 'hall-plug': [25, 75], 'phase-wire': [8, 92] }),
    },
  ]
}
