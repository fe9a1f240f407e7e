import { copperCelsius } from '../drive'
import { electricalTurns, hallFinding, kvFromSpin, rollOut, speedOff } from './formulas'
import type { Field, Procedure, Values } from './types'

const field = (id: string, label: string, unit: Field['unit'], from: number, to: number): Field => ({ id, label, unit, range: [from, to] })
const have = (values: Values, ids: readonly string[]): boolean => ids.every((id) => values[id] !== undefined)
const whole = (x: number): boolean => Math.abs(x - Math.round(x)) < 0.09

/** Guided measurements, one entry each: usable in a job and outside of one. */
export const PROCEDURES: readonly Procedure[] = [
  {
    id: 'winding-temperature',
    title: 'How warm is the winding?',
    tells: 'The mean of the copper inside a closed motor, by its resistance.',
    power: 'dead',
    cautions: ['H67'],
    steps: [
      'The motor cold, at least four hours in the same room: one pair of phases by four wires, and the room’s temperature.',
      'After the ride or run: the same pair, the same instrument, within a minute of standing still.',
      'It cools while you measure: a second reading two minutes later tells how fast.',
    ],
    fields: [
      field('cold', 'Cold, mΩ', 'mohm', 0.1, 100_000),
      field('room', 'Room then', 'degC', -30, 60),
      field('warm', 'Warm, mΩ', 'mohm', 0.1, 100_000),
    ],
    work: (v) => {
      if (!have(v, ['cold', 'room', 'warm'])) return null
      const celsius = copperCelsius(v['cold']!, v['warm']!, v['room']!)
      return [
        {
          text: 'Mean of the winding',
          value: celsius,
          unit: 'degC',
          mark: celsius > 130 ? 'stop' : celsius > 110 ? 'look' : 'ok',
        },
        { text: 'The hottest place is some 10 to 20 °C above the mean. Insulation class F ends at 155 °C.' },
      ]
    },
    source: 'Copper, IEC 60034-1; class F, IEC 60085.',
  },
  {
    id: 'kv',
    title: 'Turns for each volt, by a spin',
    tells: 'The speed constant of a motor that no plate names, and whether its magnets are weak against it.',
    power: 'dead',
    cautions: ['H31', 'H67'],
    steps: [
      'Phases off the controller, their ends apart. Meter on V AC, leads clipped on first, hands off.',
      'Turn the wheel or shaft by a drill at one speed; stay below 30 V. A geared hub never by a drill backward.',
      'Read volts and turns a minute at the same moment. Then the other two pairs: within 2 %.',
    ],
    fields: [field('volts', 'Between two phases, V AC', 'V', 0.05, 60), field('rpm', 'Turns a minute', 'rpm', 5, 20_000)],
    work: (v) =>
      have(v, ['volts', 'rpm'])
        ? [
            { text: 'Of what was turned', value: kvFromSpin(v['volts']!, v['rpm']!), unit: 'rpm/V', mark: 'ok' },
            { text: 'A geared hub’s rotor has this times its ratio. More than a tenth above the file: weak magnets.', mark: 'look' },
          ]
        : null,
    source: 'Peak of a sine is √2 of what the meter shows.',
  },
  {
    id: 'pole-pairs',
    title: 'Pole pairs and ratio by counting',
    tells: 'What a controller or display has to be set to.',
    power: 'live',
    cautions: ['H31'],
    steps: [
      'Hall lamp on the motor’s plug, 5 V on, phases parted.',
      'One whole turn of the wheel by hand, slowly: count every change of the lamps.',
      'A geared hub is turned backward, so that its rotor comes along. The rotor itself in hand: count one turn of it too.',
    ],
    fields: [
      field('wheel', 'Changes in one turn of the wheel', null, 6, 3000),
      field('rotor', 'Changes in one turn of the rotor; 0: not counted', null, 0, 600),
    ],
    work: (v) => {
      if (!have(v, ['wheel', 'rotor'])) return null
      const turns = electricalTurns(v['wheel']!)
      const pairs = electricalTurns(v['rotor']!)
      if (v['rotor'] === 0)
        return [
          { text: 'Pole pairs × ratio', value: turns, mark: whole(turns) ? 'ok' : 'look' },
          {
            text: whole(turns)
              ? 'Of a hub without gears these are its pole pairs.'
              : 'No whole number: a change was missed, or it has gears.',
          },
        ]
      return [
        { text: 'Pole pairs', value: pairs, mark: whole(pairs) ? 'ok' : 'look' },
        { text: 'Ratio, turns of the rotor for one of the wheel', value: turns / pairs },
        ...(whole(pairs) ? [] : [{ text: 'No whole number of pole pairs: count the rotor again.', mark: 'look' as const }]),
      ]
    },
    source: 'Six changes to an electrical turn.',
  },
  {
    id: 'hall-codes',
    title: 'Which Hall, which spacing, from the codes',
    tells: 'A dead sensor by its place, 60° from 120°, and crossed wires.',
    power: 'live',
    cautions: ['H31'],
    steps: [
      'Hall lamp on the motor’s plug, 5 V on, phases parted.',
      'Turn it slowly forward through at least one electrical turn and key in each code as it comes: 1 to 7, 0 too.',
    ],
    fields: [],
    codes: true,
    work: (_, codes) => {
      if (codes.length < 3) return null
      const { spacing, stuck, way, jumps } = hallFinding(codes)
      return [
        ...stuck.map(({ sensor, at }) => ({
          text: `${['The first', 'The second', 'The third'][sensor]!} sensor stays ${at === 1 ? 'high: its wire is open, or it is dead' : 'low: shorted to minus, or it is dead'}.`,
          mark: 'stop' as const,
        })),
        ...(spacing ? [{ text: `All six of ${spacing}°.`, mark: 'ok' as const }] : []),
        ...(way
          ? [
              {
                text:
                  way === 'forward'
                    ? 'They come in their order.'
                    : 'They come backward: two wires are changed over, or it was turned backward.',
              },
            ]
          : []),
        ...(jumps > 0
          ? [{ text: 'Two changed at once: turned too fast, or a contact comes and goes. Once more, slowly.', mark: 'look' as const }]
          : []),
        ...(!spacing && stuck.length === 0 && jumps === 0 ? [{ text: 'Not all six yet: turn on.' }] : []),
      ]
    },
    source: 'Codes of a sound set: 5 4 6 2 3 1 at 120°, 7 6 4 0 1 3 at 60°.',
  },
  {
    id: 'insulation',
    title: 'Insulation over a minute',
    tells: 'Whether a winding is dry and whole against its frame.',
    power: 'dead',
    cautions: ['H67', 'H78'],
    steps: [
      'The maker’s method first. Phases off the inverter or controller; thin wires and sensors not tested.',
      'Below 60 V at most 100 V; above it 500 V. One lead on a phase, one on bare frame.',
      'Read at 15 s and at 60 s without letting go. Discharge for as long as it was tested.',
    ],
    fields: [field('early', 'At 15 s', 'Mohm', 0, 100_000), field('late', 'At 60 s', 'Mohm', 0, 100_000)],
    work: (v) => {
      if (!have(v, ['early', 'late'])) return null
      const [early, late] = [v['early']!, v['late']!]
      return [
        {
          text:
            late >= 100
              ? 'Usual for one that is dry'
              : late >= 5
                ? 'Look: warm it gently, dry it, measure again'
                : 'Stop: it is wet or broken down',
          mark: late >= 100 ? 'ok' : late >= 5 ? 'look' : 'stop',
        },
        ...(early > 0 ? [{ text: 'Times what it was at 15 s', value: late / early }] : []),
        ...(early > 0 && late / early < 1.1 && late < 100
          ? [{ text: 'It hardly climbs: wet, or dirt on its ends.', mark: 'look' as const }]
          : []),
      ]
    },
    source: 'IEEE 43, random-wound: 5 MΩ least, 100 MΩ usual. Resistance halves for each 10 °C.',
  },
  {
    id: 'roll-out',
    title: 'Roll-out',
    tells: 'What the display has to be set to, and by how much its speed is off.',
    power: 'either',
    cautions: [],
    steps: [
      'Tyre at its pressure, the rider’s weight on it, the valve down: a chalk mark on the ground.',
      'Push it straight for as many whole turns as the floor has room for; mark the ground at the valve again.',
      'Measure between the marks.',
    ],
    fields: [
      field('metres', 'Between the marks', 'm', 0.5, 200),
      field('turns', 'Whole turns', null, 1, 100),
      field('set', 'What the display is set to, mm; 0: not known', 'mm', 0, 5000),
    ],
    work: (v) => {
      if (!have(v, ['metres', 'turns', 'set'])) return null
      const rolled = rollOut(v['metres']!, v['turns']!)
      const off = v['set']! > 0 ? speedOff(v['set']! / 1000, rolled) : null
      return [
        { text: 'Set it to', value: 1000 * rolled, unit: 'mm', mark: 'ok' },
        ...(off === null
          ? []
          : [
              {
                text: 'Shown speed is off by',
                value: off,
                unit: '%' as const,
                mark: Math.abs(off) <= 3 ? ('ok' as const) : ('look' as const),
              },
            ]),
      ]
    },
    source: 'Within 3 % counts as right.',
  },
]
