import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, DEAD, doing, exposed, fixing, holes, off, on, PACK_PINS, prepared, q, unplugged, way, wires } from './build'

const WHEELS = ['on-wheels']
const STAND = ['in-stand']
const BENCH = ['in-stand', 'on-wheels']
const BOTH = [...WHEELS, ...STAND]
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const MOTOR: readonly CompareSpec[] = [
  { id: 'shell', name: 'width of the shell', unit: 'mm', value: 100, smaller: 0, larger: 0, why: 'A spindle for another shell puts the chain off its line.' },
  { id: 'plug', name: 'loom plug', value: '8-pin, round', options: ['8-pin, round', '5-pin, round'], why: 'It does not mate with the loom.' },
  { id: 'volts', name: 'rated voltage', unit: 'V', value: 48, smaller: 0, larger: 0, why: 'A motor for another voltage cuts out, or burns.' },
  { id: 'offset', name: 'chainring offset', unit: 'mm', value: 12, smaller: 1, larger: 1, why: 'The chain climbs off on the small cogs.' },
]

/** The Godwit: a fat-tyre e-bike of the beach wardens, its motor in the bottom bracket. Invented. */
export function godwit(): MachineFile {
  const inside: { variant: string; is: string } = { variant: 'loom-route', is: 'inside' }
  return {
    format: 'nailsmith-machine/1', id: 'godwit', revision: '2026-05', name: 'Godwit', class: 'e-bike',
    variants: [
      { id: 'loom-route', question: 'Does the display’s loom run inside the frame?', options: [{ id: 'inside', label: 'Inside' }, { id: 'outside', label: 'Outside' }], worst: 'inside' },
      { id: 'guard-fitted', question: 'Is a bash guard under the motor?', options: [{ id: 'yes', label: 'Yes' }, { id: 'no', label: 'No' }], worst: 'yes' },
    ],
    drives: [{ id: 'mid-drive', name: 'mid-drive', kind: 'mid-drive', part: 'motor', carriedBy: 'frame', kv: q(28, 'rpm/V'), polePairs: 8, ratio: 21.9, hallSpacing: 120, lineResistance: q(0.075, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-rail', chemistry: 'Li-ion', cells: 13, nominal: q(48, 'V') },
    mass: q(31, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(820, 'Wh'), releasedBy: 'pack-rail' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(2.1, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-chain', kind: 'spring', of: 'chain', escape: [1, 0, 0], releasedBy: 'lay-chain' },
    ],
    sealed: [{ part: 'torque-spindle', replacedBy: 'a whole motor', why: 'The strain gauges are bonded to it.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'pack', name: 'battery pack', mass: q(4.1, 'kg'), tethers: ['pack-rail'], lift: doing('Pack out of the down tube, carried away', [way(BOTH, null, 1)], { cautions: ['H8', 'H60'] }), back: doing('Pack in until it clicks', [way(BOTH, null, 1)], { cautions: ['H9'], ifOmitted: 'A pack that is not home falls out on the first step.' }) },
      { id: 'chain', name: 'chain', mass: q(0.4, 'kg') },
      { id: 'left-crank', name: 'left crank', mass: q(0.3, 'kg'), handed: 'left', escape: off('left-crank-bolt') },
      { id: 'right-crank', name: 'right crank', mass: q(0.3, 'kg'), handed: 'right', escape: off('right-crank-bolt') },
      { id: 'guard', name: 'bash guard', mass: q(0.6, 'kg') },
      { id: 'chainring', name: 'chainring with its spider', mass: q(0.4, 'kg'), handed: 'right', escape: all(off('right-crank'), prepared('lay-chain')), lift: doing('Chainring off its splines', [way(STAND, null, 0.5)], { note: 'Long side of the spider out.' }), back: doing('Chainring on, long side of the spider out', [way(STAND, null, 0.5)], { ifOmitted: 'Turned round, the chain runs on the stay.' }) },
      {
        id: 'motor', name: 'motor', mass: q(5.6, 'kg'), compare: MOTOR, of: ['gear-cover', 'gear', 'controller', 'torque-spindle', 'drive-bearing'], tethers: ['loom-plug', 'speed-plug', 'phase-plug'],
        escape: all(off('left-crank'), off('chainring'), any({ variant: 'guard-fitted', is: 'no' }, off('guard')), any({ variant: 'loom-route', is: 'outside' }, { fact: 'de-pinned', of: 'loom-plug' })),
        lift: doing('Lower the motor out of the shell', [way(STAND, null, 2)], { note: 'Tip it so that the spindle clears on the right; carry its leads with it.', cautions: ['H14'], photo: 'the empty shell, leads as they hang' }),
        back: doing('Motor up into the shell, leads above it', [way(STAND, null, 3)], { cautions: ['H39', 'H63'], ifOmitted: 'A lead between motor and shell is worn through in a week.' }),
      },
      { id: 'torque-spindle', name: 'spindle with its torque sensor', mass: q(0.9, 'kg'), serviceable: false, escape: off('gear') },
      { id: 'gear-cover', name: 'gear cover', mass: q(0.3, 'kg'), escape: off('motor'), lift: doing('Gear cover off, square to the case', [way(BENCH, 'spatula', 1)], { note: 'The O-ring comes with it.', cautions: ['H46'] }), back: doing('Gear cover on, new O-ring greased', [way(BENCH, null, 1)], { consumables: [{ consumable: 'o-ring', count: 1 }], cautions: ['H40'] }) },
      { id: 'gear', name: 'nylon gear', mass: q(0.15, 'kg'), escape: off('gear-cover'), lift: doing('Lift the nylon gear with its clutch', [way(BENCH, null, 0.5)], { photo: 'gear and clutch, teeth up' }), back: doing('Gear in, 15 g of grease, turned once', [way(BENCH, null, 1.5)], { consumables: [{ consumable: 'grease', count: 1 }], ifOmitted: 'Dry nylon melts on the first dune.' }) },
      { id: 'drive-bearing', name: 'right spindle bearing', mass: q(0.06, 'kg'), escape: off('gear') },
      { id: 'controller', name: 'controller', mass: q(0.3, 'kg'), tethers: ['phase-plug', 'loom-plug', 'speed-plug'], escape: any(off('motor'), off('left-crank')), lift: doing('Controller out of its pocket', [way(STAND, 'spatula', 1)], { note: 'The paste holds it: lever at the two marks only.', cautions: ['H46'] }), back: doing('New paste, controller in, pressed flat', [way(STAND, null, 1.5)], { consumables: [{ consumable: 'paste', count: 1 }], ifOmitted: 'Without paste it cuts out on every climb.' }) },
      { id: 'front-loom', name: 'display loom', mass: q(0.1, 'kg'), lift: doing('Draw the loom forward, cord tied on', [way(WHEELS, null, 1.5)], { cautions: ['H39'] }), back: doing('Draw the loom back by its cord', [way(WHEELS, null, 2)], { cautions: ['H39'] }), escape: any({ variant: 'loom-route', is: 'outside' }, { fact: 'de-pinned', of: 'loom-plug' }), tethers: ['loom-plug'] },
    ],
    joints: [
      fixing({ id: 'pack-lock', name: 'pack lock', kind: 'lever', holds: ['pack', 'frame'], label: 'pack lock', release: 'loosen', captive: true, down: doing('Unlock the pack, key in the bag', [way(BOTH, null, 0.5)]), up: doing('Lock the pack, key out', [way(BOTH, null, 0.5)], { ifOmitted: 'Unlocked, it works loose.' }) }, ['key']),
      ...(['left', 'right'] as const).flatMap((side) => {
        const Side = side === 'left' ? 'Left' : 'Right'
        return [
          fixing({ id: `${side}-crank-bolt`, name: `${side} crank bolt`, kind: 'screws', holds: [`${side}-crank`, 'motor'], label: 'M8×16 flanged', thread: 'M8', head: 'cap head, hexagon socket 8', torque: q(40, 'Nm'), release: 'undo', access: side === 'right' ? prepared('small-cog') : { all: [] }, down: doing(`Undo the ${side} crank bolt`, [way(BOTH, 'hex-8', 1)], { counterHold: 'Hold the other crank arm.', cautions: ['H47'] }), up: doing(`${Side} crank bolt`, [way(BOTH, 'torque-60', 1.5)], { guard: on(`${side}-crank`), counterHold: 'Hold the other crank arm.', ifOmitted: 'A loose crank rounds its square in one ride.' }) }, [['in the spindle', 16]]),
          fixing({ id: `${side}-crank-fit`, name: `${side} crank on its square`, kind: 'press', holds: [`${side}-crank`, 'motor'], frees: [`${side}-crank`], label: 'taper', keep: 'carrier', release: 'pull', access: off(`${side}-crank-bolt`), down: doing(`Pull the ${side} crank`, [way(BOTH, 'crank-puller', 1.5)], { note: 'Puller’s thread all the way in first, or it strips the arm.', cautions: ['H47'] }), up: doing(`${Side} crank on, arms opposite`, [way(BOTH, null, 0.5)]) }, ['on the spindle']),
        ]
      }),
      fixing({ id: 'guard-screws', name: 'bash guard screws', kind: 'screws', holds: ['guard', 'frame'], frees: ['guard'], label: 'M6×14', thread: 'M6', head: 'button head, hexagon socket 4', strength: '8.8', torque: q(8, 'Nm'), role: 'cover', keep: 'own hole', release: 'undo', when: { variant: 'guard-fitted', is: 'yes' }, down: doing('Undo 3 guard screws; sand out first', [way(STAND, 'hex-4', 2)], { note: 'Back in their own holes.', cautions: ['H47'] }), up: doing('Guard on, 3 screws', [way(STAND, 'torque-20', 2.5)], { passes: ['started', 'final'], cautions: ['H63'] }) }, [['front', 14], ['rear left', 14], ['rear right', 14]]),
      fixing({ id: 'ring-nut', name: 'chainring lock ring', kind: 'ring', holds: ['chainring', 'motor'], label: 'lock ring, left-hand', thread: 'M33', torque: q(35, 'Nm'), release: 'undo', access: all(off('right-crank'), DEAD), down: doing('Undo the lock ring: clockwise', [way(STAND, 'ring-tool', 1.5)], { note: 'Left-hand thread.', counterHold: 'Chain whip on the ring.' }), up: doing('Lock ring tight: anticlockwise', [way(STAND, 'ring-tool', 1.5)]) }, ['on the spindle']),
      fixing({ id: 'motor-bolts', name: 'motor bolts', kind: 'screws', holds: ['motor', 'frame'], label: 'M8', thread: 'M8', head: 'cap head, hexagon socket 6', strength: '8.8', torque: q(24, 'Nm'), lock: MEDIUM, pattern: 'in turn', release: 'undo', access: all(DEAD, off('chainring'), any({ variant: 'guard-fitted', is: 'no' }, off('guard'))), down: doing('Undo 3 motor bolts, the rear one last', [way(STAND, 'hex-6', 3)], { note: 'Rear one is 35 long, the others 20.', cautions: ['H48', 'H14'] }), up: doing('3 motor bolts in turn, rear one first', [way(STAND, 'torque-60', 4)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 3 }], cautions: ['H48', 'H72'], ifOmitted: 'A motor on two bolts cracks its shell.' }) }, [['upper left', 20], ['upper right', 20], ['rear', 35]]),
      fixing({ id: 'loom-clip', name: 'loom clip at the shell', kind: 'clip', holds: ['front-loom', 'frame'], label: 'clip', keep: 'carrier', release: 'pry', down: doing('Open the loom clip', [way(BOTH, null, 0.25)]), up: doing('Loom into its clip', [way(BOTH, null, 0.25)], { cautions: ['H39'] }) }, ['under the shell']),
      fixing({ id: 'stay-ties', name: 'sensor lead ties', kind: 'tie', holds: ['motor', 'frame'], label: 'tie', release: 'cut', consumable: 'tie', access: DEAD, down: doing('Cut 2 ties on the chainstay', [way(BOTH, 'snips', 0.75)], { note: 'The rear brake hose shares both.', cautions: ['H36'] }), up: doing('2 new ties, lead inside the stay', [way(BOTH, 'snips', 1)], { consumables: [{ consumable: 'tie', count: 2 }], cautions: ['H37'] }) }, ['near the shell', 'near the sensor']),
      fixing({ id: 'gear-cover-screws', name: 'gear cover screws', kind: 'screws', holds: ['gear-cover', 'motor'], label: 'M4', thread: 'M4', head: 'button head, six-lobe T20', strength: '8.8', torque: q(2.8, 'Nm'), lock: MEDIUM, pattern: 'criss-cross', release: 'undo', access: off('motor'), down: doing('Undo 7 gear cover screws', [way(BENCH, 'lobe-20', 3)], { note: 'Two at the boss are 25 long, five 14.', cautions: ['H47', 'H48'] }), up: doing('7 gear cover screws, criss-cross', [way(BENCH, 'torque-6', 4)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 7 }], cautions: ['H48', 'H72'] }) }, [['boss 1', 25], ['boss 2', 25], ...holes(5, 14, 'rim')]),
      fixing({ id: 'gear-ring', name: 'snap ring of the gear', kind: 'ring', holds: ['gear', 'torque-spindle'], label: 'snap ring 20', release: 'pry', access: off('gear-cover'), down: doing('Snap ring off the gear’s shaft', [way(BENCH, 'ring-pliers', 1)], { cautions: ['H25'] }), up: doing('Snap ring home in its groove', [way(BENCH, 'ring-pliers', 1.5)], { cautions: ['H25'], ifOmitted: 'The gear walks into its cover.' }) }, ['on the shaft']),
      fixing({ id: 'bearing-fit', name: 'bearing in its seat', kind: 'press', holds: ['drive-bearing', 'motor'], frees: ['drive-bearing'], label: 'bearing seat', keep: 'bin', release: 'pull', access: off('gear'), down: doing('Pull the bearing by its inner ring', [way(BENCH, 'bearing-puller', 4)], { note: 'A bearing that was pulled is not going back.' }), up: doing('New bearing pressed by its outer ring', [way(BENCH, 'bearing-press', 4)], { ifOmitted: 'Pressed by the wrong ring it is dented before its first turn.' }) }, ['right side']),
      fixing({ id: 'controller-screws', name: 'controller screws', kind: 'screws', holds: ['controller', 'motor'], label: 'M3×10', thread: 'M3', head: 'pan head, six-lobe T10', strength: '8.8', torque: q(1, 'Nm'), release: 'undo', access: all(DEAD, any(off('motor'), off('left-crank'))), down: doing('Undo 4 controller screws', [way(STAND, 'lobe-10', 2)], { note: 'Through the slots of the left shell.' }), up: doing('4 controller screws', [way(STAND, 'torque-6', 2.5)], { passes: ['started', 'final'] }) }, holes(4, 10, 'corner')),
    ],
    connections: [
      { id: 'pack-rail', name: 'pack rail', family: 'five-blade rail', releaseHow: 'The pack tips off its blades.', pins: PACK_PINS, mates: ['pack', 'frame'], access: off('pack-lock'), down: doing('Key off, tip the pack off its blades', [way(BOTH, null, 0.5)], { cautions: ['H6', 'H5'] }), up: doing('Pack onto its blades, key still off', [way(BOTH, null, 0.5)], { cautions: ['H7', 'H44'] }) },
      { id: 'phase-plug', name: 'phase bullets', family: '4 mm bullets, sleeved', releaseHow: 'Sleeve back, pull on the bodies.', pins: wires(['yellow', 'phase A'], ['green', 'phase B'], ['blue', 'phase C']), mates: ['motor', 'controller'], access: all(DEAD, off('left-crank')), down: doing('Photo, part the 3 bullets', [way(STAND, null, 1.5)], { cautions: ['H67'], photo: 'phase bullets, colours showing' }), up: doing('Bullets by colour, sleeved', [way(STAND, null, 2)], { cautions: ['H57'] }) },
      { id: 'loom-plug', name: 'loom plug', family: '8-pin, round', releaseHow: 'Straight pull, arrows in line.', keying: 'An arrow on each half.', pins: wires(['red', 'display +'], ['black', '0 V'], ['green', 'data up'], ['white', 'data down'], ['yellow', 'brake left'], ['grey', 'brake right'], ['orange', 'throttle'], ['blue', 'lamp']), mates: ['loom-lead', 'controller'], access: all(DEAD, off('loom-clip')), down: doing('Part the 8-pin at the shell', [way(BOTH, null, 0.75)], { photo: '8-pin, arrows in line' }), up: doing('8-pin home, arrows in line', [way(BOTH, null, 0.75)], { ifOmitted: 'Bent pins: the display stays dark.' }) },
      { id: 'speed-plug', name: 'speed sensor plug', family: '3-pin', releaseHow: 'Straight pull.', pins: wires(['red', '+5 V'], ['black', '0 V'], ['white', 'speed']), mates: ['speed-lead', 'controller'], access: all(DEAD, off('stay-ties')), down: doing('Part the speed sensor', [way(BOTH, null, 0.5)]), up: doing('Speed sensor home', [way(BOTH, null, 0.5)], { ifOmitted: 'It stops helping after ten metres.' }) },
    ],
    cables: [
      { id: 'loom-lead', name: 'display loom', of: 'front-loom', route: ['loom-clip', 'shell-hole', 'loom-plug'], end: { width: 12, height: 12, tolerance: 0.2 }, slack: { leftLock: q(40, 'mm'), rightLock: q(15, 'mm') } },
      { id: 'speed-lead', name: 'speed sensor lead', of: 'motor', route: ['speed-plug', 'stay-ties'], ties: [{ joint: 'stay-ties', shares: [] }] },
    ],
    holes: [{ id: 'shell-hole', part: 'frame', width: 10, height: 16 }],
    steps: [
      { id: 'small-cog', kind: 'prepare', limb: 'down', gives: [prepared('small-cog')], down: doing('Shift to the smallest cog', [way(WHEELS, null, 1)], { note: 'Its shifter is electric: while it still has power, turning the crank by hand.', guard: { not: unplugged('pack-rail') }, ifOmitted: 'The chain stays tight and cannot be laid aside.' }) },
      { id: 'lay-chain', kind: 'prepare', limb: 'both', gives: [prepared('lay-chain')], access: all(prepared('small-cog'), off('right-crank')), down: doing('Chain off the ring, laid on itself', [way(STAND, null, 0.5)], { note: 'A wire hook holds it; the sensor lead stays inside its loop.', cautions: ['H26'] }), up: doing('Chain onto the ring, lead inside its loop', [way(STAND, null, 1)], { cautions: ['H26'], ifOmitted: 'A lead outside the loop is sawn through.' }) },
      { id: 'seat-post', kind: 'prepare', limb: 'both', gives: [prepared('seat-post')], down: doing('Seat up for the clamp, its height marked', [way(WHEELS, 'hex-5', 1)]), up: doing('Seat down to its mark', [way(WHEELS, 'hex-5', 1)], { ifOmitted: 'The warden rides a seat that is too high.' }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: off('pack'), down: doing('Prove dead at the rail', [way(BOTH, 'meter', 2)], { note: 'Checked meter, DC, on the frame’s blades.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('loom-plug'), exposed('speed-plug'), DEAD), down: doing('Tug both plugs, look into all halves', [way(BOTH, null, 2)], { photo: 'plugs as found' }) },
      { id: 'de-pin', kind: 'prepare', limb: 'both', when: inside, gives: [{ fact: 'de-pinned', of: 'loom-plug' }], access: unplugged('loom-plug'), down: doing('De-pin the 8-pin: 12 mm through a 10 mm hole', [way(BOTH, 'pin-tool', 4)], { note: 'Photo and table of colours first; the pins one by one.', photo: '8-pin, wire side, numbers showing' }), up: doing('Pins back by number, each with a click and a tug', [way(BOTH, 'pin-tool', 5)], { ifOmitted: 'Crossed pins can put pack voltage on the data line.' }) },
      { id: 'hold-motor', kind: 'support', limb: 'down', gives: [{ fact: 'supported', of: 'motor' }], down: doing('Strap under the motor', [way(STAND, null, 0.75)], { ifOmitted: 'Five and a half kilograms drop on its leads.' }) },
      { id: 'chain-line', kind: 'gate', limb: 'up', after: ['off:chainring', 'step:lay-chain', 'undo:ring-nut'], up: doing('Chain runs true on the middle cog', [way(STAND, null, 0.5)]) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['off:motor', 'unplug:loom-plug', 'unplug:speed-plug', 'unplug:phase-plug'], before: ['undo:guard-screws'], up: doing('Leads clear of shell and guard: look all round', [way(BOTH, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'torque-zero', kind: 'gate', limb: 'up', check: 'calibration', after: ['unplug:pack-rail', 'off:pack', 'undo:left-crank-bolt', 'undo:right-crank-bolt', 'unplug:loom-plug', 'off:motor'], up: doing('Zero the torque sensor, no foot on a pedal', [way(WHEELS, null, 1)], { ifOmitted: 'It pulls off by itself, or does not help at all.' }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-rail', 'off:pack', 'undo:motor-bolts', 'unplug:phase-plug', 'unplug:loom-plug', 'unplug:speed-plug', 'undo:left-crank-bolt', 'undo:right-crank-bolt', 'step:lay-chain', 'undo:controller-screws'], before: ['step:pinch-look'], up: doing('Spin test, rear wheel in the air', [way(STAND, null, 2), way(WHEELS, null, 2, { people: 2 })], { looks: { stand: ['Rear wheel in the air', 'Hands, sleeves and leads clear of the chain', 'Display at its lowest step'], items: ['Helps when the pedals turn', 'Stops helping when they stop', 'Runs smoothly, no grinding', 'Both brake levers cut the drive', 'Display shows the speed', 'Chain stays on its ring'] }, note: 'On its wheels one lifts the rear by the seat.', cautions: ['H31', 'H32', 'H52', 'H57'] }) },
    ],
    order: [
      { id: 'motor-before-power', limb: 'up', first: 'undo:motor-bolts', then: 'unplug:pack-rail', strength: 'must', consequence: 'A motor that is not held turns itself out of the shell.' },
      { id: 'cranks-before-power', limb: 'up', first: 'undo:right-crank-bolt', then: 'unplug:pack-rail', strength: 'prefer', consequence: 'A spindle that spins with a loose crank on it.' },
      { id: 'seat-last', limb: 'up', first: 'step:torque-zero', then: 'step:seat-post', strength: 'prefer', consequence: 'The stand’s clamp wants the post out.' },
    ],
    loadPath: [{ part: 'motor', joints: ['motor-bolts'], support: 'hold-motor' }],
    poses: [{ id: 'on-wheels', name: 'on its wheels, leaning', rotation: [0, 0, 0] }, { id: 'in-stand', name: 'in the work stand, by its seat post', rotation: [0, 0, 0] }],
    poseMoves: [
      { from: 'on-wheels', to: 'in-stand', title: 'Lift it into the stand, clamp on the post', note: 'By frame and bars, never by the motor.', people: 2, minutes: { low: 0.75, likely: 1, high: 2 }, guard: prepared('seat-post') },
      { from: 'in-stand', to: 'on-wheels', title: 'Lift it out of the stand', note: 'By frame and bars, never by the motor.', people: 2, minutes: { low: 0.5, likely: 1, high: 2 } },
    ],
    stacks: [
      { id: 'spindle-right', name: 'spindle, right', side: 'right', axle: 'torque-spindle', items: [['crank bolt', 4, 'right-crank-bolt'], ['crank', 18], ['lock ring', 6, 'ring-nut'], ['spider', 5], ['bearing', 12, 'bearing-fit']].map(([item, width, joint], i) => ({ id: `spindle-right-${i + 1}`, name: item as string, width: width as number, clamped: i !== 4, turns: true, ...(joint === undefined ? {} : { joint: joint as string }) })) },
    ],
    tools: [
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'hex-5', name: 'hex key 5 mm', short: 'hex 5', kind: 'hex key', size: '5' },
      { id: 'hex-6', name: 'hex key 6 mm, long', short: 'hex 6', kind: 'hex key', size: '6', form: 'long arm' },
      { id: 'hex-8', name: 'hex key 8 mm', short: 'hex 8', kind: 'hex key', size: '8' },
      { id: 'lobe-10', name: 'six-lobe bit T10, 60 mm', short: 'lobe 10', kind: 'six-lobe', size: 'T10', form: 'long bit' },
      { id: 'lobe-20', name: 'six-lobe bit T20', short: 'lobe 20', kind: 'six-lobe', size: 'T20' },
      { id: 'crank-puller', name: 'crank puller, square', short: 'crank puller', kind: 'puller', special: true },
      { id: 'ring-tool', name: 'lock ring tool, 4 pins', short: 'ring tool', kind: 'pin tool', special: true },
      { id: 'bearing-puller', name: 'inner bearing puller 15–20', short: 'bearing pull', kind: 'puller', special: true },
      { id: 'bearing-press', name: 'bearing press with rings', short: 'press', kind: 'press', special: true },
      { id: 'ring-pliers', name: 'snap ring pliers', short: 'ring pliers', kind: 'pliers', special: true },
      { id: 'pin-tool', name: 'pin extractor, round 1.5', short: 'pin tool', kind: 'pin tool', special: true },
      { id: 'spatula', name: 'plastic spatula', short: 'spatula', kind: 'pry', form: 'plastic, stiff' },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 200 × 4.8' }, { id: 'grease', name: 'gear grease, 15 g' }, { id: 'paste', name: 'heat paste, 2 g' }, { id: 'o-ring', name: 'O-ring 92 × 2' }, { id: 'locker-medium', name: 'medium threadlocker, drop' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'motor-goal', name: 'mid-drive motor', guard: off('motor'), swap: [{ id: 'swap-motor', title: 'New motor beside the old, labels read', part: 'motor', note: 'Spider and lock ring go over, if the new one came bare.', minutes: { low: 3, likely: 5, high: 8 } }] },
      { id: 'gear-goal', name: 'nylon gear', guard: off('gear'), swap: [{ id: 'swap-gear', title: 'New gear beside the old, teeth counted', part: 'gear', note: 'Old grease out of every corner.', minutes: { low: 4, likely: 6, high: 12 } }] },
      { id: 'bearing-goal', name: 'right spindle bearing', guard: off('drive-bearing'), swap: [{ id: 'swap-bearing', title: 'New bearing, number read', part: 'drive-bearing', minutes: { low: 1, likely: 2, high: 4 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', note: 'Same plugs, same label.', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'loom-goal', name: 'display loom', guard: off('front-loom'), swap: [{ id: 'swap-loom', title: 'New loom beside the old, same length', part: 'front-loom', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'ring-goal', name: 'chainring', guard: off('chainring'), swap: [{ id: 'swap-ring', title: 'New ring on the spider', part: 'chainring', minutes: { low: 3, likely: 5, high: 8 } }] },
    ],
  }
}
