import type { SymptomOf } from '../symptoms'
import type { Fault, Pair, Told } from '../types'
import { BIKE_ACTIONS, displaySwap } from './bike'
import { chosen, type Draft, felt, heardOf, measured, type TestDraft, toldAlso, toldBy } from './draft'
import { hubDirectTold } from './hub-direct-symptoms'
import { asUsual, PM_ACTIONS, PM_FAULTS } from './pm'
import { pmTests } from './pm-tests'

const FAULTS: readonly Fault[] = [
  ...asUsual(PM_FAULTS, {
    'hall-wire': 5,
    'hall-sensor': 5,
    'phase-wire': 2,
    'phase-hall': 1.5,
    'lead-torn': 3,
    winding: 2,
    water: 3,
    bearing: 3,
    'bearing-seat': 0.6,
    'disc-threads': 0.6,
    'cover-cracked': 0.5,
    'temp-sensor': 1,
    bridge: 4,
    gate: 3,
    rail: 2,
    throttle: 3,
    cutoff: 8,
    locked: 4,
    asleep: 3,
    'pack-weak': 8,
    'pack-contact': 6,
    'brake-drag': 4,
    'wrong-order': 0.5,
    charger: 4,
    'charge-port': 2.5,
  }),
  {
    id: 'motor-plug',
    name: '9-pin not home, wet, or a pin bent',
    usual: 12,
    action: 'plugs',
    comesAndGoes: 0.35,
    afterWork: 5,
    ages: 'early',
  },
  { id: 'gear-stripped', name: 'Planet gear stripped', usual: 7, action: 'gears', ages: 'wears' },
  { id: 'clutch-slips', name: 'Clutch slips', usual: 5, action: 'gears', comesAndGoes: 0.3, ages: 'wears' },
  { id: 'clutch-seized', name: 'Clutch seized', usual: 1.5, action: 'gears' },
  { id: 'key-sheared', name: 'Key or spline of the clutch sheared', usual: 1.5, action: 'gears' },
  { id: 'planet-loose', name: 'Planet screws or clips loose', usual: 1.5, action: 'gears', ages: 'early' },
  { id: 'grease-dry', name: 'Grease of the gears dry', usual: 4, action: 'gears', ages: 'wears' },
  { id: 'axle-cracked', name: 'Axle cracked at its flats', usual: 0.8, action: 'motor' },
  { id: 'speed-sensor', name: 'Speed sensor in the motor dead', usual: 3, action: 'motor', comesAndGoes: 0.2 },
  { id: 'pulses-set', name: 'Pulses a turn set wrong', usual: 1.5, action: 'settings', afterWork: 8 },
  { id: 'pedal-sensor', name: 'Pedal sensor dead or off its ring', usual: 6, action: 'pedal', comesAndGoes: 0.25 },
  { id: 'display-loom', name: 'Display or its loom dead', usual: 4, action: 'display', comesAndGoes: 0.2 },
]

/** One brings the other about, or one blow both. How usual: relative, estimated. */
const PAIRS: readonly Pair[] = [
  { faults: ['motor-plug', 'hall-sensor'], usual: 0.6 },
  { faults: ['bridge', 'winding'], usual: 0.5 },
  { faults: ['gear-stripped', 'grease-dry'], usual: 0.8 },
  { faults: ['clutch-slips', 'pack-weak'], usual: 0.5 },
  { faults: ['lead-torn', 'axle-cracked'], usual: 0.4 },
  { faults: ['water', 'bearing'], usual: 0.5 },
]

const told: Readonly<Record<SymptomOf<'hub geared'>, Told>> = toldAlso(
  hubDirectTold,
  [
    'jerks',
    'dead',
    'hums',
    'bumps',
    'grinds',
    'drags',
    'weak',
    'hot',
    'push',
    'no-charge',
    'short-range',
    'knocks',
    'brake-loose',
    'after-work',
  ],
  {
    jerks: { 'motor-plug': 0.5, 'clutch-slips': 0.25, 'pedal-sensor': 0.2, 'speed-sensor': 0.1 },
    dead: { 'motor-plug': 0.25, 'pedal-sensor': 0.55, 'display-loom': 0.8, 'key-sheared': 0.05 },
    hums: { 'motor-plug': 0.3 },
    bumps: { 'motor-plug': 0.5, 'display-loom': 0.3, 'pedal-sensor': 0.2 },
    grinds: { 'gear-stripped': 0.5, 'planet-loose': 0.7, 'grease-dry': 0.6, 'clutch-slips': 0.2 },
    drags: { 'clutch-seized': 0.8 },
    weak: { 'clutch-slips': 0.5, 'grease-dry': 0.2, 'gear-stripped': 0.25, 'clutch-seized': 0.1 },
    hot: { 'grease-dry': 0.25, 'clutch-seized': 0.1 },
    knocks: { 'planet-loose': 0.4, 'gear-stripped': 0.35, 'axle-cracked': 0.4 },
    'after-work': { 'pulses-set': 0.8, 'motor-plug': 0.25 },
  },
  {
    spins: {
      otherwise: 0.01,
      given: { 'gear-stripped': 0.75, 'clutch-slips': 0.6, 'key-sheared': 0.85, none: 0.08 },
    },
    'no-speed': { otherwise: 0.01, given: { 'speed-sensor': 0.9, 'pulses-set': 0.2, 'motor-plug': 0.25, 'display-loom': 0.1, none: 0.05 } },
    'wrong-speed': { otherwise: 0.01, given: { 'pulses-set': 0.9, none: 0.03 } },
    'dark-display': { otherwise: 0.01, given: { 'display-loom': 0.85, asleep: 0.7, 'pack-contact': 0.55, none: 0.06 } },
    'no-help': { otherwise: 0.01, given: { 'pedal-sensor': 0.85, cutoff: 0.4, locked: 0.3, 'speed-sensor': 0.2, none: 0.08 } },
  },
)

function tests(full: number): readonly TestDraft[] {
  const pm = pmTests(full)
  const backward = 'Backward: forward the clutch leaves the rotor standing, and nothing is felt.'
  return [
    ...chosen(pm, {
      allowed: {},
      code: {
        answer: heardOf(pm, 'code', {
          'motor-plug': [35, 45, 1, 1, 3, 14, 1],
          'speed-sensor': [60, 12, 1, 1, 1, 1, 24],
          'pedal-sensor': [70, 1, 24, 2, 1, 1, 1],
          'display-loom': [90, 2, 2, 2, 2, 1, 1],
        }),
        trap: 'A code names what the controller missed, not what broke. A display that stays dark has none.',
      },
      'pack-rest': {},
      'cutoff-off': {},
      throttle: {},
      rail: {},
      'look-axle': {
        answer: heardOf(pm, 'look-axle', { 'axle-cracked': [30, 18, 8, 1, 43, 0], 'motor-plug': [88, 1, 6, 3, 1, 1] }),
      },
      turn: { trap: 'Only forward: a wheel that drags here has a brake, a bearing, or a clutch that has seized.' },
    }),
    {
      id: 'turn-back',
      title: 'Turn the wheel backward by hand',
      how: 'Key off, wheel off the ground, backward: the rotor has to come along, felt by its magnets. By hand, never by a drill.',
      minutes: 1,
      reach: 'outside',
      power: 'either',
      trap: backward,
      answer: felt({ turns: 'The rotor comes along', drags: 'It drags, in waves', slack: 'Nothing comes along', rough: 'Rough' }),
    },
    ...chosen(pm, {
      'turn-apart': {
        title: 'Motor plug apart, turn it backward again',
        how: '9-pin parted and capped; backward by hand. What lets go now was the controller.',
        trap: backward,
        answer: felt({ turns: 'The rotor comes along', drags: 'It still drags', slack: 'Nothing comes along', rough: 'Rough' }),
      },
      'brake-off': {},
      play: {},
      tug: {
        answer: heardOf(pm, 'tug', { 'motor-plug': [82, 18], 'display-loom': [45, 55], 'pedal-sensor': [30, 70] }),
      },
      colours: {},
    }),
    {
      id: 'held',
      title: 'Wheel held, a breath of throttle',
      how: 'Tyre against a wall or the rim strapped, 2 s at the most, brake lever free. Never fingers in the spokes, never the lever: it cuts the drive.',
      minutes: 3,
      reach: 'outside',
      power: 'live',
      cautions: ['H31', 'H44'],
      answer: felt({ pulls: 'It pulls', slips: 'Motor heard, no force', hums: 'Hums or jerks', nothing: 'Nothing' }),
    },
    {
      id: 'listen',
      title: 'Listen at the cover',
      how: 'Wheel off the ground, slowly by throttle; a stick from ear to cover.',
      minutes: 2,
      reach: 'outside',
      power: 'live',
      cautions: ['H31', 'H44'],
      answer: felt({ quiet: 'An even hum', whines: 'Whines or growls', clatters: 'Clatters or crunches' }),
    },
    {
      id: 'speed-shown',
      title: 'Speed shown while the wheel turns',
      how: 'Wheel spun by hand, display on; then one kilometre by a map, or a known length.',
      minutes: 2,
      reach: 'outside',
      power: 'live',
      answer: felt({ right: 'Right', none: 'None', odd: 'Far off' }),
    },
    {
      id: 'pedal-pulses',
      title: 'Pedal sensor, turned slowly',
      how: 'Its signal against black while the cranks turn: 0 and 5 V in turn. Ring close to the sensor, magnets all there.',
      minutes: 3,
      reach: 'plugs',
      power: 'live',
      first: true,
      answer: felt({ come: 'Pulses come', none: 'None' }),
    },
    displaySwap,
    {
      id: 'coast-time',
      title: 'Seconds from a turn a second to standstill',
      how: 'Wheel off the ground, chain on the smallest cog, let go at one turn a second; three times, the middle one.',
      minutes: 3,
      reach: 'outside',
      power: 'either',
      answer: measured({
        quantity: 'seconds to a standstill',
        unit: 's',
        inputs: ['To standstill'],
        inputUnit: 's',
        compute: 'single',
        range: [0, 120],
        inputRange: [0, 600],
        u: { abs: 0.4, rel: 0.05 },
      }),
    },
    ...chosen(pm, {
      'free-amps': {},
      'pack-sag': {},
      'joint-drop': {},
      phases: { how: '9-pin apart, motor’s side, milliohms by four wires, lead resistance taken off; the winding cold.' },
      'winding-by-file': {},
      'back-emf': {
        title: 'Voltage of the three pairs, turned backward',
        how: '9-pin apart, AC volts, leads clipped on first; wheel turned backward by hand, as evenly as it goes, each pair in turn.',
        trap: 'By hand no two turns are alike: small differences mean nothing.',
        cautions: ['H67'],
      },
      insulation: {},
      'phase-to-hall': {},
      halls: {
        title: 'Turn the wheel backward, watch the three Halls',
        answer: heardOf(pm, 'halls', {
          'motor-plug': [35, 34, 14, 16, 1],
          'gear-stripped': [40, 1, 58, 0, 1],
          'key-sheared': [12, 1, 86, 0, 1],
        }),
      },
      'hall-diode': {},
      wiggle: { answer: heardOf(pm, 'wiggle', { 'motor-plug': [30, 70], 'speed-sensor': [10, 90] }) },
      'temp-sensor': {},
      'charger-volts': {},
      'charge-amps': {},
      'group-spread': {},
    }),
  ]
}

/** What goes wrong with a geared hub on an e-bike, how it shows, and the tests that tell it apart. @param full pack at full charge, V */
export const hubGearedDraft = (full: number): Draft => ({
  id: 'hub geared',
  actions: [...PM_ACTIONS, ...BIKE_ACTIONS],
  faults: FAULTS,
  noneUsual: 6,
  pairs: PAIRS,
  symptoms: toldBy(told),
  tests: tests(full),
})
