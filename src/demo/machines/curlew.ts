import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, DEAD, doing, exposed, fixing, holes, off, on, PACK_PINS, prepared, q, unplugged, way, wires } from './build'

const FLAT = ['on-wheels']
const UP = ['front-raised']
const BOTH = [...FLAT, ...UP]
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const MOTOR: readonly CompareSpec[] = [
  { id: 'shaft', name: 'coupling teeth', value: 6, smaller: 0, larger: 0, why: 'It does not mesh with the coupling of the worm.' },
  { id: 'flange', name: 'flange holes', value: 3, smaller: 0, larger: 0, why: 'It does not bolt to the column.' },
  { id: 'side', name: 'lead leaves', value: 'left', options: ['left', 'right'], why: 'The lead runs across the pedals.' },
  { id: 'volts', name: 'rated voltage', unit: 'V', value: 48, smaller: 0, larger: 0, why: 'A 12 V motor burns at once.' },
]

/** The Curlew: the harbour master’s two-seat utility cart, its steering assisted by a motor on the column. Invented. */
export function curlew(): MachineFile {
  const room = any(off('column'), prepared('drop-column'))
  return {
    format: 'nailsmith-machine/1', id: 'curlew', revision: '2026-06', name: 'Curlew', class: 'ride-on',
    variants: [
      { id: 'knee-kind', question: 'Is the knee panel one piece, or split at the column?', options: [{ id: 'one', label: 'One piece' }, { id: 'split', label: 'Split' }], worst: 'one' },
      { id: 'horn', question: 'Is the horn button in the steering wheel?', options: [{ id: 'wheel', label: 'In the wheel' }, { id: 'dash', label: 'On the dash' }], worst: 'wheel' },
    ],
    drives: [{ id: 'assist-drive', name: 'steering assist', kind: 'steering assist', part: 'motor', carriedBy: 'column', ratio: 20.5, lineResistance: q(0.06, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'LFP', cells: 16, nominal: q(51.2, 'V') },
    mass: q(420, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(5120, 'Wh'), releasedBy: 'pack-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(3.4, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-column', kind: 'weight', of: 'column', escape: [0, 0, -1], releasedBy: 'hold-column' },
      { id: 'energy-tilt', kind: 'spring', of: 'tilt-spring', escape: [-1, 0, 1], releasedBy: 'tilt-hook' },
    ],
    sealed: [{ part: 'torque-sensor', replacedBy: 'a whole column', why: 'It is set to its torsion bar at the works.' }, { part: 'controller', replacedBy: 'a whole controller', why: 'It is glued shut, and holds the learnt centre.' }],
    parts: [
      { id: 'frame', name: 'frame and dash' },
      { id: 'pack', name: 'battery', mass: q(44, 'kg') },
      { id: 'knee-left', name: 'knee panel, left half', mass: q(0.6, 'kg'), handed: 'left' },
      { id: 'knee-panel', name: 'knee panel', mass: q(1.2, 'kg') },
      { id: 'lower-shroud', name: 'lower shroud', mass: q(0.3, 'kg'), lift: doing('Lower shroud down and back', [way(FLAT, null, 0.5)], { note: 'Only the lower half has to go: the upper hangs on its clips.', cautions: ['H46'] }), back: doing('Lower shroud up, tongues into the upper', [way(FLAT, null, 1)], { cautions: ['H63'] }) },
      { id: 'upper-shroud', name: 'upper shroud', mass: q(0.3, 'kg'), escape: off('steering-wheel') },
      { id: 'steering-wheel', name: 'steering wheel', mass: q(1.9, 'kg'), tethers: ['horn-plug'] },
      { id: 'cowling', name: 'controller cowling', mass: q(0.4, 'kg') },
      { id: 'controller', name: 'controller', mass: q(0.9, 'kg'), serviceable: false, tethers: ['motor-plug', 'torque-plug', 'signal-plug', 'feed'], escape: off('cowling'), lift: doing('Controller out through the cowling opening', [way(FLAT, null, 1)], { note: 'On its edge, plugs last: it passes no other way.', cautions: ['H39'] }), back: doing('Controller in on its edge, plugs first', [way(FLAT, null, 1.5)], { cautions: ['H39'] }) },
      { id: 'motor', name: 'assist motor', mass: q(2.3, 'kg'), compare: MOTOR, tethers: ['motor-plug'], escape: room, lift: doing('Motor straight off its coupling', [way(FLAT, null, 1)], { note: 'The rubber star may come with it, or stay.', cautions: ['H28', 'H14'], photo: 'the star and the worm’s half' }), back: doing('Star in, motor on, teeth meshed by hand', [way(FLAT, null, 1.5)], { ifOmitted: 'Without its star it knocks at every turn of the wheel.' }) },
      { id: 'star', name: 'coupling star', mass: q(0.02, 'kg'), escape: off('motor'), lift: doing('Star out, looked at', [way(FLAT, null, 0.25)]), back: doing('New star in', [way(FLAT, null, 0.25)], { consumables: [{ consumable: 'new-star', count: 1 }] }) },
      {
        id: 'column', name: 'steering column', mass: q(9.4, 'kg'), of: ['torque-sensor', 'motor', 'star'], serviceable: false, tethers: ['motor-plug', 'torque-plug', 'signal-plug'],
        escape: all(off('steering-wheel'), off('lower-shroud'), off('shaft-clamp'), off('tilt-hook'), any({ variant: 'knee-kind', is: 'split' }, off('knee-panel'))),
        lift: doing('Column down and back into the footwell', [way(UP, null, 3, { people: 2 })], { note: 'One at the bolts, one at the wheel end; never hang it by its shaft.', cautions: ['H14'] }),
        back: doing('Column up, spline into its clamp, mark to mark', [way(UP, null, 4, { people: 2 })], { cautions: ['H22'], ifOmitted: 'One tooth out, and the wheel stands askew and the learnt centre is wrong.' }),
      },
      { id: 'torque-sensor', name: 'torque sensor', mass: q(0.4, 'kg'), serviceable: false, escape: off('column') },
      { id: 'tilt-spring', name: 'tilt spring', mass: q(0.1, 'kg') },
      { id: 'shaft', name: 'intermediate shaft', mass: q(1.1, 'kg') },
    ],
    joints: [
      fixing({ id: 'trim-caps', name: 'caps over the knee panel screws', kind: 'clip', holds: ['knee-panel', 'frame'], label: 'cap', role: 'dust', release: 'pry', when: { variant: 'knee-kind', is: 'one' }, down: doing('Pry 2 caps out of the knee panel', [way(FLAT, 'spatula', 0.5)], { note: 'A screw hides under each.' }), up: doing('2 caps in', [way(FLAT, null, 0.25)]) }, ['left', 'right']),
      fixing({ id: 'knee-screws', name: 'knee panel screws', kind: 'screws', holds: ['knee-panel', 'frame'], frees: ['knee-panel'], label: 'M5×20', thread: 'M5', head: 'pan head, cross PH2', role: 'cover', release: 'undo', when: { variant: 'knee-kind', is: 'one' }, access: off('trim-caps'), down: doing('Undo 4 knee panel screws, panel down', [way(FLAT, 'cross-2', 2.5)], { note: 'Two stand under the caps.' }), up: doing('Knee panel up, 4 screws', [way(FLAT, 'cross-2', 3)], { passes: ['started', 'final'], cautions: ['H63'] }) }, holes(4, 20)),
      fixing({ id: 'half-screws', name: 'left half of the knee panel', kind: 'screws', holds: ['knee-left', 'frame'], frees: ['knee-left'], label: 'M5×16', thread: 'M5', head: 'pan head, cross PH2', role: 'cover', release: 'undo', when: { variant: 'knee-kind', is: 'split' }, down: doing('Undo 2 screws, left half down', [way(FLAT, 'cross-2', 1)], { note: 'The right half stays.' }), up: doing('Left half up, 2 screws', [way(FLAT, 'cross-2', 1.5)], { cautions: ['H63'] }) }, holes(2, 16)),
      fixing({ id: 'shroud-screws', name: 'shroud screws', kind: 'screws', holds: ['lower-shroud', 'column'], label: 'ST3.5', thread: 'ST3.5', head: 'pan head, cross PH2', role: 'cover', release: 'undo', down: doing('Undo 3 shroud screws from below', [way(FLAT, 'cross-2', 1.5)], { note: 'The middle one is 32 long, the others 16.', cautions: ['H48'] }), up: doing('3 shroud screws, middle one long', [way(FLAT, 'cross-2', 1.5)], { cautions: ['H48'] }) }, [['left', 16], ['middle', 32], ['right', 16]]),
      fixing({ id: 'shroud-clips', name: 'upper shroud clips', kind: 'clip', holds: ['upper-shroud', 'column'], frees: ['upper-shroud'], label: 'clip', keep: 'carrier', role: 'cover', release: 'pry', access: off('steering-wheel'), down: doing('Upper shroud off its 2 clips', [way(FLAT, 'spatula', 0.5)], { cautions: ['H46'] }), up: doing('Upper shroud onto its clips', [way(FLAT, null, 0.5)]) }, ['left', 'right']),
      fixing({ id: 'wheel-nut', name: 'steering wheel nut', kind: 'nut', holds: ['steering-wheel', 'column'], label: 'nut M16', thread: 'M16', head: 'hexagon 24', torque: q(45, 'Nm'), critical: 'steering', release: 'undo', access: all(prepared('centre'), DEAD), down: doing('Undo the wheel nut, leave it two turns on', [way(FLAT, 'ring-24', 1)], { counterHold: 'Hold the rim, not the lock.', note: 'It catches the wheel when the taper lets go.' }), up: doing('Wheel nut to the number, marked', [way(FLAT, 'torque-100', 1.5)], { passes: ['seated', 'final', 'marked'], cautions: ['H22'], guard: on('wheel-taper') }) }, ['in the hub']),
      fixing({ id: 'wheel-taper', name: 'steering wheel on its taper', kind: 'press', holds: ['steering-wheel', 'column'], frees: ['steering-wheel'], label: 'taper', keep: 'carrier', release: 'pull', access: off('wheel-nut'), down: doing('Pull the wheel, nut off, wheel away', [way(FLAT, 'wheel-puller', 2)], { cautions: ['H14'], ifOmitted: 'Struck off, it bends the torsion bar of the sensor.' }), up: doing('Wheel on, its mark up', [way(FLAT, null, 1)], { cautions: ['H22'] }) }, ['on the shaft']),
      fixing({ id: 'tilt-hook', name: 'tilt spring', kind: 'clip', holds: ['column', 'tilt-spring'], label: 'spring end', keep: 'carrier', release: 'pry', access: off('lower-shroud'), down: doing('Wheel right down, unhook the tilt spring', [way(FLAT, 'hook', 1)], { cautions: ['H26'] }), up: doing('Tilt spring on its peg', [way(FLAT, 'hook', 1.5)], { cautions: ['H26'], guard: on('upper-bolts') }) }, ['left side']),
      fixing({ id: 'shaft-clamp', name: 'clamp of the intermediate shaft', kind: 'screws', holds: ['column', 'shaft'], label: 'M8×28', thread: 'M8', head: 'hexagon 13', strength: '10.9', torque: q(30, 'Nm'), critical: 'steering', lock: MEDIUM, release: 'undo', access: all(prepared('centre'), any(off('knee-panel'), { variant: 'knee-kind', is: 'split' })), down: doing('Mark clamp and spline; clamp bolt right out', [way(UP, 'ring-13', 1.5)], { note: 'It sits in a groove of the spline.', photo: 'clamp and spline with the line' }), up: doing('Clamp bolt to the number, marked', [way(UP, 'torque-60', 2)], { passes: ['seated', 'final', 'marked'], consumables: [{ consumable: 'locker-medium', count: 1 }], cautions: ['H22', 'H72'] }) }, [['across the spline', 28]]),
      fixing({ id: 'lower-bolts', name: 'lower column bolts', kind: 'screws', holds: ['column', 'frame'], label: 'M8×30', thread: 'M8', head: 'hexagon 13', strength: '8.8', torque: q(22, 'Nm'), critical: 'steering', release: 'undo', access: all(off('lower-shroud'), any(off('knee-panel'), { variant: 'knee-kind', is: 'split' })), down: doing('Undo the lower 2 column bolts', [way(UP, 'ring-13', 1.5)], { note: 'They are 30 long, the upper two 45.' }), up: doing('Lower 2 column bolts to the number', [way(UP, 'torque-60', 2)], { passes: ['started', 'seated', 'final'], cautions: ['H48', 'H22'] }) }, [['left', 30], ['right', 30]]),
      fixing({ id: 'upper-bolts', name: 'upper column bolts', kind: 'screws', holds: ['column', 'frame'], label: 'M8×45', thread: 'M8', head: 'hexagon 13', strength: '8.8', torque: q(22, 'Nm'), critical: 'steering', release: 'undo', access: all(off('lower-bolts')), down: doing('Undo the upper 2 column bolts, one hand below', [way(UP, 'ring-13', 1.5)], { cautions: ['H14'] }), up: doing('Upper 2 column bolts to the number', [way(UP, 'torque-60', 2)], { passes: ['started', 'seated', 'final'], cautions: ['H48', 'H22'] }) }, [['left', 45], ['right', 45]]),
      fixing({ id: 'motor-screws', name: 'motor flange screws', kind: 'screws', holds: ['motor', 'column'], label: 'M8×22', thread: 'M8', head: 'cap head, hexagon socket 6', strength: '8.8', torque: q(18, 'Nm'), lock: MEDIUM, release: 'undo', access: all(room, DEAD), down: doing('Undo 3 motor screws', [way(FLAT, 'hex-6', 2)], { note: 'The rear one only with the long arm.' }), up: doing('3 motor screws, in turn', [way(FLAT, 'torque-60', 3)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 3 }], cautions: ['H72'] }) }, holes(3, 22)),
      fixing({ id: 'star-fit', name: 'star in its coupling', kind: 'press', holds: ['star', 'column'], label: 'star', keep: 'bin', consumable: 'new-star', release: 'pull', access: off('motor'), down: doing('Loosen the star with a fingertip', [way(FLAT, null, 0.25)]), up: doing('Star seated all round', [way(FLAT, null, 0.25)]) }, ['worm half']),
      fixing({ id: 'cowling-screws', name: 'cowling screws', kind: 'screws', holds: ['cowling', 'frame'], frees: ['cowling'], label: 'M4×12, captive', thread: 'M4', head: 'pan head, six-lobe T20', captive: true, keep: 'carrier', role: 'cover', release: 'loosen', down: doing('Loosen 4 captive screws, cowling off', [way(FLAT, 'lobe-20', 1.5)], { note: 'They stay in it.' }), up: doing('Cowling on, 4 screws', [way(FLAT, 'lobe-20', 2)], { cautions: ['H63'] }) }, holes(4, 12, 'corner')),
      fixing({ id: 'controller-bolts', name: 'controller bolts', kind: 'screws', holds: ['controller', 'frame'], label: 'M5×14', thread: 'M5', head: 'cap head, hexagon socket 4', strength: '8.8', torque: q(5, 'Nm'), release: 'undo', access: all(off('cowling'), DEAD), down: doing('Undo 3 controller bolts', [way(FLAT, 'hex-4', 1.5)]), up: doing('3 controller bolts', [way(FLAT, 'torque-6', 2)]) }, holes(3, 14)),
      fixing({ id: 'loom-ties', name: 'loom ties on the column', kind: 'tie', holds: ['column', 'frame'], label: 'tie', release: 'cut', consumable: 'tie', access: all(off('lower-shroud'), DEAD), down: doing('Cut 2 ties on the column', [way(FLAT, 'snips', 0.75)], { note: 'The key lead shares both.', cautions: ['H36'] }), up: doing('2 new ties, loop for the tilt left in', [way(FLAT, 'snips', 1)], { consumables: [{ consumable: 'tie', count: 2 }], cautions: ['H39'], ifOmitted: 'Without its loop the lead breaks when the column is tilted.' }) }, ['upper', 'lower']),
    ],
    connections: [
      { id: 'pack-plug', name: 'service disconnect', family: 'two-pole with a handle', releaseHow: 'Lift the latch, pull its handle.', pins: PACK_PINS, mates: ['pack', 'frame'], down: doing('Key out, pull the service disconnect', [way(FLAT, null, 0.5)], { note: 'Under the driver’s seat. Take it with you: nobody puts it back meanwhile.', cautions: ['H6', 'H5'] }), up: doing('Service disconnect home', [way(FLAT, null, 0.5)], { cautions: ['H7'] }) },
      { id: 'horn-plug', when: { variant: 'horn', is: 'wheel' }, name: 'horn plug', family: '1-pin', releaseHow: 'Straight pull.', pins: wires(['brown', 'horn']), mates: ['steering-wheel', 'frame'], access: prepared('centre'), down: doing('Button out of the wheel, horn lead off', [way(FLAT, 'spatula', 0.5)]), up: doing('Horn lead on, button in', [way(FLAT, null, 0.5)]) },
      { id: 'motor-plug', name: 'motor plug', family: 'two-pole, latch', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', 'motor A'], ['black', 'motor B']), mates: ['motor-lead', 'controller'], access: all(any(off('knee-panel'), { variant: 'knee-kind', is: 'split' }), any({ variant: 'knee-kind', is: 'one' }, off('knee-left')), DEAD), down: doing('Unplug the motor', [way(BOTH, null, 0.5)], { cautions: ['H67'] }), up: doing('Motor plug: click, then tug', [way(BOTH, null, 0.5)], { cautions: ['H57'], ifOmitted: 'It steers unassisted, and heavily.' }) },
      { id: 'torque-plug', name: 'torque sensor plug', family: '5-pin, sealed', releaseHow: 'Lift the lock, pull straight.', keying: 'Two ribs below.', pins: wires(['red', '+5 V'], ['black', '0 V'], ['white', 'torque 1'], ['green', 'torque 2'], ['blue', 'angle']), mates: ['column', 'controller'], access: all(any(off('knee-panel'), { variant: 'knee-kind', is: 'split' }), any({ variant: 'knee-kind', is: 'one' }, off('knee-left')), DEAD, prepared('centre')), down: doing('Unplug the torque sensor', [way(BOTH, null, 0.5)], { photo: 'sensor plug, lock side' }), up: doing('Sensor plug home, lock down', [way(BOTH, null, 0.5)], { ifOmitted: 'The assist stays off, or pulls to one side.' }) },
      { id: 'signal-plug', name: 'signal plug', family: '8-pin, latch', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', 'key'], ['black', '0 V'], ['white', 'data up'], ['green', 'data down'], ['blue', 'speed'], ['yellow', 'lamp'], ['grey', 'spare'], ['orange', 'wake']), mates: ['column-loom', 'controller'], access: all(any(off('knee-panel'), { variant: 'knee-kind', is: 'split' }), any({ variant: 'knee-kind', is: 'one' }, off('knee-left')), DEAD), down: doing('Unplug the 8-pin', [way(BOTH, null, 0.5)]), up: doing('8-pin: click, then tug', [way(BOTH, null, 0.5)]) },
      { id: 'feed', name: 'controller feed', family: 'ring ends M6', releaseHow: 'Cap off, nut off, lift the ring.', pins: PACK_PINS, mates: ['controller', 'pack'], access: all(off('cowling'), DEAD), down: doing('Two feed rings off, capped', [way(FLAT, 'ring-10', 1.5)], { cautions: ['H6'] }), up: doing('Two feed rings on, caps over', [way(FLAT, 'ring-10', 2)], { ifOmitted: 'A loose ring burns its post.' }) },
    ],
    cables: [
      { id: 'motor-lead', name: 'motor lead', of: 'motor', route: ['motor-plug'] },
      { id: 'column-loom', name: 'column loom', of: 'column', route: ['loom-ties', 'signal-plug', 'torque-plug'], ties: [{ joint: 'loom-ties', shares: [] }], slack: { leftLock: q(30, 'mm'), rightLock: q(30, 'mm') } },
    ],
    holes: [],
    steps: [
      { id: 'chock', kind: 'prepare', limb: 'both', gives: [prepared('chock')], down: doing('Chock both rear wheels, park brake on', [way(FLAT, null, 0.5)], { cautions: ['H32'] }), up: doing('Chocks away', [way(FLAT, null, 0.5)]) },
      { id: 'centre', kind: 'prepare', limb: 'down', gives: [prepared('centre')], down: doing('Wheels straight ahead, wheel and shroud marked; reading of the angle noted', [way(FLAT, 'paint-pen', 1)], { note: 'While it still has power: the display shows the angle.', guard: { not: unplugged('pack-plug') }, photo: 'wheel straight, mark on the shroud', ifOmitted: 'Without a centre the assist has to be taught again, by licensed practice.' }) },
      { id: 'drop-column', kind: 'push aside', limb: 'both', gives: [prepared('drop-column')], access: all(off('lower-bolts'), off('shaft-clamp')), down: doing('Upper 2 bolts three turns loose, column down 40 mm', [way(UP, 'ring-13', 1, { penalty: 2 })], { note: 'A strap holds it at the wheel end.', cautions: ['H14'] }), up: doing('Column up, upper 2 bolts to the number', [way(UP, 'torque-60', 2)], { cautions: ['H22'], ifOmitted: 'A column on loose bolts gives way in a bend.' }) },
      { id: 'hold-column', kind: 'support', limb: 'down', gives: [{ fact: 'supported', of: 'column' }], access: off('lower-shroud'), down: doing('Strap under the column, from the dash', [way(UP, null, 0.75)], { ifOmitted: 'Nine kilograms swing down on the sensor lead.' }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: all(unplugged('pack-plug'), off('cowling')), down: doing('Prove dead at the controller posts', [way(FLAT, 'meter', 2)], { cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('motor-plug'), exposed('torque-plug'), exposed('signal-plug'), exposed('feed'), DEAD), down: doing('Tug every plug, look under the post caps', [way(FLAT, null, 3)], { photo: 'plugs and posts as found' }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['unplug:motor-plug', 'unplug:torque-plug', 'unplug:signal-plug', 'undo:loom-ties', 'off:column', 'step:drop-column'], before: ['off:lower-shroud', 'undo:knee-screws', 'undo:half-screws'], up: doing('Lock to lock and tilt: leads clear of the shaft', [way(BOTH, null, 1)], { cautions: ['H63', 'H38'] }) },
      { id: 'turn-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-plug', 'unplug:motor-plug', 'unplug:torque-plug', 'unplug:signal-plug', 'unplug:feed', 'undo:motor-screws', 'undo:lower-bolts', 'undo:upper-bolts', 'step:drop-column', 'undo:shaft-clamp', 'undo:wheel-nut', 'undo:controller-bolts'], before: ['off:lower-shroud', 'undo:knee-screws', 'undo:cowling-screws'], up: doing('Power on, lock to lock: even help both ways', [way(UP, null, 1.5), way(FLAT, null, 1.5)], { looks: { stand: ['Front wheels free to turn, or the cart on the level', 'Hands off the rim for the first second'], items: ['Same help to the left and to the right', 'No knock and no pull', 'Stops at both locks without a bang', 'Warning lamp out after the start'] }, note: 'Hands off the rim for the first second.', cautions: ['H31', 'H52'] }) },
      { id: 'teach-centre', kind: 'gate', limb: 'up', check: 'calibration', after: ['step:turn-test'], up: doing('Centre set to the noted angle, torque at zero', [way(FLAT, null, 3)], { note: 'By the maker’s procedure; hands off the rim.', ifOmitted: 'It pulls to one side by itself.' }) },
    ],
    order: [
      { id: 'steering-before-power', limb: 'up', first: 'undo:shaft-clamp', then: 'unplug:pack-plug', strength: 'must', consequence: 'The assist turns a column that turns nothing.' },
      { id: 'wheel-before-power', limb: 'up', first: 'undo:wheel-nut', then: 'unplug:pack-plug', strength: 'must', consequence: 'Nobody can hold it.' },
      { id: 'motor-before-power', limb: 'up', first: 'undo:motor-screws', then: 'unplug:pack-plug', strength: 'must', consequence: 'A motor on its lead jumps.' },
      { id: 'column-before-power', limb: 'up', first: 'undo:lower-bolts', then: 'unplug:pack-plug', strength: 'must', consequence: 'The assist pushes a column that nothing holds.' },
      { id: 'test-on-chocks', limb: 'up', first: 'step:turn-test', then: 'step:chock', strength: 'prefer', consequence: 'It rolls while its wheels are turned.' },
    ],
    loadPath: [{ part: 'column', joints: ['lower-bolts', 'upper-bolts'], support: 'hold-column' }],
    poses: [{ id: 'on-wheels', name: 'on its wheels', rotation: [0, 0, 0] }, { id: 'front-raised', name: 'front raised, wheels free to turn', rotation: [0, -6, 0] }],
    poseMoves: [
      { from: 'on-wheels', to: 'front-raised', title: 'Jack the front, both stands under the frame', note: 'Nobody under it until it stands on its stands.', people: 1, minutes: { low: 3, likely: 4, high: 7 }, guard: prepared('chock') },
      { from: 'front-raised', to: 'on-wheels', title: 'Stands away, front let down', note: 'Nobody under it until it stands on its stands.', people: 1, minutes: { low: 2, likely: 3, high: 5 } },
    ],
    stacks: [],
    tools: [
      { id: 'spatula', name: 'plastic spatula', short: 'spatula', kind: 'pry', form: 'plastic, wide' },
      { id: 'hook', name: 'spring hook', short: 'hook', kind: 'hook' },
      { id: 'paint-pen', name: 'paint pen', short: 'paint pen', kind: 'marker' },
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'hex-6', name: 'hex key 6 mm, long', short: 'hex 6', kind: 'hex key', size: '6', form: 'long arm, ball end' },
      { id: 'lobe-20', name: 'six-lobe bit T20', short: 'lobe 20', kind: 'six-lobe', size: 'T20' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-10', name: 'ring spanner 10 mm, insulated', short: '10 ring', kind: 'spanner', size: '10', form: 'insulated', special: true },
      { id: 'ring-13', name: 'ratchet ring spanner 13 mm', short: '13 ring', kind: 'spanner', size: '13', form: 'ratchet ring' },
      { id: 'ring-24', name: 'socket 24 mm with bar', short: '24 socket', kind: 'socket', size: '24' },
      { id: 'wheel-puller', name: 'steering wheel puller', short: 'wheel puller', kind: 'puller', special: true },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
      { id: 'torque-100', name: 'torque wrench 20–100 N·m, 24 mm', short: 'torque 20–100', kind: 'torque wrench', size: '20–100' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 200 × 4.8' }, { id: 'new-star', name: 'coupling star' }, { id: 'locker-medium', name: 'medium threadlocker, drop' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'motor-goal', name: 'steering assist motor', guard: off('motor'), swap: [{ id: 'swap-motor', title: 'New motor beside the old', part: 'motor', minutes: { low: 3, likely: 4, high: 8 } }] },
      { id: 'star-goal', name: 'coupling star', guard: off('star'), swap: [{ id: 'swap-star', title: 'New star, worm turned by hand', part: 'star', note: 'Rough or notchy: the worm is worn, and the whole column goes.', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'column-goal', name: 'whole column', guard: off('column'), swap: [{ id: 'swap-column', title: 'New column beside the old, length and plugs alike', part: 'column', minutes: { low: 4, likely: 6, high: 10 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', note: 'It has to learn the centre: the check after the turn test.', minutes: { low: 2, likely: 3, high: 6 } }] },
    ],
  }
}
