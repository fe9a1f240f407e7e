import { copperCelsius } from '../drive'
import { electricalTurns, hallFinding, kvFromSpin, rollOut, speedOff } from './formulas'
import type { Choice, Field, Finding, Procedure, Values } from './types'

const field = (id: string, label: string, unit: Field['unit'], from: number, to: number): Field => ({ id, label, unit, range: [from, to] })
const have = (values: Values, ids: readonly string[]): boolean => ids.every((id) => values[id] !== undefined)
const choice = (id: string, label: string, options: Readonly<Record<string, string>>): Choice => ({
  id,
  label,
  options: Object.entries(options).map(([o, text]) => ({ id: o, label: text })),
})
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
    fields: [
      { ...field('volts', 'Between two phases, V AC', 'V', 0.05, 60), modes: ['V AC'] },
      field('rpm', 'Turns a minute', 'rpm', 5, 20_000),
    ],
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
    fields: [
      { ...field('early', 'At 15 s', 'Mohm', 0, 100_000), modes: ['insulation', 'ohm'] },
      { ...field('late', 'At 60 s', 'Mohm', 0, 100_000), modes: ['insulation', 'ohm'] },
    ],
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
  {
    id: 'good-side',
    title: 'The good side lent: motor or controller?',
    tells: 'On a machine with two drives: whether a fault goes with the motor or stays with the controller.',
    power: 'dead',
    cautions: ['H67'],
    steps: [
      'First each phase to each Hall wire of the bad motor, and its 5 V to minus: a phase on a Hall wire kills the good controller too. Below 1 MΩ: stop here.',
      'Isolated and proved. Phase and Hall plugs of both motors parted, each end marked with its side.',
      'Motors changed over at the plugs, phases and Halls both: nothing else moved.',
      'Wheels off the ground, pack in through pre-charge and a 7.5 A fuse, a breath of throttle, at most three seconds each. Then everything back where it was.',
    ],
    fields: [field('between', 'Lowest, a phase to a Hall wire', 'Mohm', 0, 100_000)],
    choices: [
      choice('before', 'Before: which motor runs badly?', { left: 'the left or front one', right: 'the right or rear one' }),
      choice('after', 'Changed over: which motor runs badly?', {
        left: 'the left or front one',
        right: 'the right or rear one',
        both: 'both',
        none: 'none',
      }),
    ],
    work: (v, _, { before, after }) => {
      const between = v['between']
      if (between === undefined) return null
      if (between < 1)
        return [
          {
            text: 'A phase touches a Hall wire: nothing is joined to it. The motor or its lead, and then the controller that fed it.',
            mark: 'stop',
          },
        ]
      if (!before || !after) return [{ text: 'No phase on a Hall wire: it may be changed over.', mark: 'ok' }]
      if (after === 'both')
        return [{ text: 'What both share: pack, throttle, brake switch; or the plugs as they were changed over.', mark: 'look' }]
      if (after === 'none')
        return [
          {
            text: 'It went away with the plugs: a contact that was not home, or wet. Look at them; it comes back if it is only pushed.',
            mark: 'look',
          },
        ]
      return [
        after === before
          ? { text: 'It stayed with the motor: motor or its lead.', mark: 'ok' }
          : { text: 'The other motor now runs badly: it stayed with the controller, its feed or its loom.', mark: 'ok' },
      ]
    },
    source: 'One thing changed at a time; what moves with it is it.',
  },
  {
    id: 'wiggle',
    title: 'Wiggle with least and most',
    tells: 'A contact or wire that comes and goes, by the place where moving it moves the figure.',
    power: 'either',
    cautions: ['H64'],
    steps: [
      'Meter on what fails: volts at a feed that is live, ohms of a lead that is dead. Leads clipped on, least and most on.',
      'Ten seconds with nothing moved: that is what it does by itself.',
      'Then one place at a time: body of the plug, each wire at its back, the bend at the axle, the clip at the frame. Bodies, not wires, are pulled.',
      'The place that moves it: once more, to be sure.',
    ],
    fields: [
      field('still', 'Nothing moved', null, 0.0001, 1_000_000),
      field('least', 'Least while moved', null, 0, 1_000_000),
      field('most', 'Most while moved', null, 0, 1_000_000),
    ],
    work: (v) => {
      if (!have(v, ['still', 'least', 'most'])) return null
      if (v['most']! < v['least']!) return [{ text: 'The most is below the least: change them over.', mark: 'look' }]
      const swing = (100 * (v['most']! - v['least']!)) / v['still']!
      return [
        { text: 'It moves by', value: swing, unit: '%', mark: swing > 10 ? 'stop' : swing > 2 ? 'look' : 'ok' },
        {
          text:
            swing > 10
              ? 'That is the place: part it, look, tug every wire.'
              : swing > 2
                ? 'Something there: warm it, wet it a little, once more.'
                : 'Not here: the next place.',
        },
      ]
    },
    source: 'Usual, estimated: a good contact holds within 2 %.',
  },
  {
    id: 'drag',
    title: 'Drag by a spring scale',
    tells: 'How hard a wheel turns, in a figure that stays the same from bench to bench.',
    power: 'either',
    cautions: [],
    steps: [
      'Wheel off the ground, brake free, chain or belt off. A geared hub is turned backward, or its clutch hides the motor.',
      'Cord round the tyre, scale in it, pulled away evenly: a turn in about two seconds. Three times, the middle one.',
      'The same with the phases parted, if they were joined; and on the good wheel of its kind, if there is one.',
    ],
    fields: [
      field('force', 'At the tyre', 'N', 0, 1000),
      field('radius', 'Radius of the tyre', 'mm', 20, 1000),
      field('good', 'The good one, or with the phases parted, N; 0: none', 'N', 0, 1000),
    ],
    work: (v) => {
      if (!have(v, ['force', 'radius', 'good'])) return null
      const torque = (v['force']! * v['radius']!) / 1000
      const by = v['good']! > 0 ? v['force']! / v['good']! : null
      return [
        { text: 'At the axle', value: torque, unit: 'Nm' },
        ...(by === null
          ? [{ text: 'Alone it says little: hold it against the good one, or take one thing out and pull again.', mark: 'look' as const }]
          : [{ text: 'Times the other', value: by, mark: by > 2 ? ('stop' as const) : by > 1.4 ? ('look' as const) : ('ok' as const) }]),
      ]
    },
    source: 'Drag is judged as a ratio: usual, estimated, up to 1.4.',
  },
  {
    id: 'charging',
    title: 'It will not charge',
    tells: 'Charger, port, fuse, or a pack that does not want to.',
    power: 'live',
    cautions: ['H64'],
    steps: [
      'Charger alone in the wall, its plug in the air: volts and polarity against its label.',
      'The pack’s own volts, at its plug. Asleep it gives nothing: it is woken as its maker says, never by a bridge.',
      'Charger in the port: amps in one lead, and volts behind the port and its fuse.',
      'Warmer than 5 °C? A cold pack refuses, and is right.',
      'By its app or display, rested an hour: highest less lowest group.',
    ],
    fields: [
      field('open', 'Charger, its plug in the air', 'V', 0, 500),
      field('label', 'By its label', 'V', 1, 500),
      field('pack', 'Pack at rest', 'V', 0, 500),
      field('amps', 'Amps in', 'A', 0, 100),
      field('rated', 'Amps by its label', 'A', 0.1, 100),
      field('behind', 'Behind port and fuse, charger in', 'V', 0, 500),
      field('spread', 'Groups, highest less lowest, mV; 0: not known', 'mV', 0, 5000),
    ],
    choices: [choice('polarity', 'Polarity at the charger’s plug', { right: 'as the port has it', turned: 'turned round' })],
    work: (v, _, { polarity }) => charging(v, polarity),
    source: 'Groups at rest: up to 30 mV good, 50 look, 100 bad. Usual, estimated.',
  },
]

/** What the charging side says, as far as it was read: the first that is wrong ends it. */
function charging(v: Values, polarity: string | undefined): readonly Finding[] | null {
  const [open, label, pack, amps, rated, behind, spread] = ['open', 'label', 'pack', 'amps', 'rated', 'behind', 'spread'].map((id) => v[id])
  if (polarity === 'turned') return [{ text: 'Polarity turned round: this charger goes into nothing here.', mark: 'stop' }]
  if (open === undefined || label === undefined) return null
  if (open < 0.5 * label) return [{ text: 'The charger gives nothing: its fuse, its lead, or it is dead.', mark: 'stop' }]
  if (Math.abs(open / label - 1) > 0.02) return [{ text: 'The charger is off its label: not this one.', mark: 'stop' }]
  const good: Finding = { text: 'The charger is right.', mark: 'ok' }
  if (pack === undefined || amps === undefined || rated === undefined) return [good]
  const unequal: readonly Finding[] =
    spread === undefined || spread === 0
      ? []
      : spread > 100
        ? [{ text: 'Its groups are far apart: the board ends it early. The pack, not the charger.', mark: 'stop' }]
        : spread > 30
          ? [{ text: 'Its groups are apart: leave it on the charger until it has levelled, then again.', mark: 'look' }]
          : [{ text: 'Its groups are level.', mark: 'ok' }]
  if (amps >= 0.05 * rated)
    return [
      good,
      pack > 0.97 * label
        ? { text: 'Nearly full: few amps are right.', mark: 'ok' }
        : amps < 0.6 * rated
          ? { text: 'It takes less than it should: a hot joint, a warm or cold pack, or the charger weakens under load.', mark: 'look' }
          : { text: 'It charges as its label says.', mark: 'ok' },
      ...unequal,
    ]
  if (behind === undefined) return [good, { text: 'No amps: read behind the port and its fuse.' }]
  return [
    good,
    behind < open - 0.03 * label && Math.abs(behind - pack) < 0.03 * label
      ? { text: 'The charger’s volts do not get past the port: its pin, its fuse, its lead.', mark: 'stop' }
      : pack < 0.2 * label
        ? { text: 'It gets there, and the pack is asleep or its board has let go: wake it as its maker says.', mark: 'look' }
        : { text: 'It gets there, and the pack refuses: full, too cold, an inhibit line, or a group too high.', mark: 'look' },
    ...unequal,
  ]
}
