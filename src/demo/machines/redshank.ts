import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, DEAD, doing, exposed, fixing, holes, off, PACK_PINS, prepared, q, unplugged, way, wires } from './build'

const DOWN = ['on-wheels']
const UP = ['on-blocks']
const BOTH = [...DOWN, ...UP]
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const MOTOR: readonly CompareSpec[] = [
  { id: 'shaft', name: 'shaft diameter', unit: 'mm', value: 12, smaller: 0, larger: 0, why: 'The pinion does not go on.' },
  { id: 'flange', name: 'flange holes', value: 4, smaller: 0, larger: 0, why: 'It does not bolt to the gearbox.' },
  { id: 'plug', name: 'motor plug', value: 'two-pole, red and black', options: ['two-pole, red and black', 'ring ends'], why: 'It does not mate with the controller.' },
  { id: 'lead', name: 'lead, motor to plug', unit: 'mm', value: 420, smaller: 10, larger: 150, why: 'Too short pulls when the bed is lifted.' },
]

/** The Redshank: a luggage buggy at the ferry terminal, a brushed motor on a gearbox at the rear axle. Invented. */
export function redshank(): MachineFile {
  const bedAway = any(off('bed'), prepared('prop-bed'))
  const lifted = prepared('lift')
  return {
    format: 'nailsmith-machine/1', id: 'redshank', revision: '2026-01', name: 'Redshank', class: 'buggy',
    variants: [
      { id: 'park-solenoid', question: 'Is a park solenoid on the gearbox?', options: [{ id: 'fitted', label: 'Fitted' }, { id: 'none', label: 'None' }], worst: 'fitted' },
      { id: 'filling', question: 'Is the gearbox filled with oil or greased for life?', options: [{ id: 'oil', label: 'Oil' }, { id: 'grease', label: 'Grease' }], worst: 'oil' },
    ],
    drives: [{ id: 'rear-drive', name: 'rear gearbox motor', kind: 'gearbox brushed', part: 'motor', carriedBy: 'gearbox', ratio: 18, lineResistance: q(0.09, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'lead', cells: 12, nominal: q(24, 'V') },
    mass: q(58, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(840, 'Wh'), releasedBy: 'pack-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(0.8, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-solenoid', kind: 'spring', of: 'solenoid', escape: [0, 0, -1], releasedBy: 'solenoid-screws' },
      { id: 'energy-bed', kind: 'weight', of: 'bed', escape: [0, 0, -1], releasedBy: 'prop-bed' },
    ],
    sealed: [{ part: 'controller', replacedBy: 'a whole controller', why: 'It is potted: opening it ends it.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'bed', name: 'luggage bed', mass: q(14, 'kg'), lift: doing('Lift the bed off', [way(DOWN, null, 2, { people: 2 })], { cautions: ['H61', 'H14'] }), back: doing('Bed on, holes in line', [way(DOWN, null, 2.5, { people: 2 })], { cautions: ['H61', 'H63'] }) },
      { id: 'cowling', name: 'rear cowling', mass: q(1.8, 'kg'), escape: bedAway, lift: doing('Cowling off to the rear', [way(DOWN, null, 1)], { cautions: ['H46'], photo: 'the open rear, before anything is moved' }), back: doing('Cowling on, edges behind the frame', [way(DOWN, null, 1)], { cautions: ['H63'] }) },
      { id: 'pack', name: 'battery tray', mass: q(16, 'kg'), tethers: ['pack-plug'], escape: bedAway, lift: doing('Battery tray out by both handles', [way(DOWN, null, 2, { people: 2 })], { cautions: ['H8', 'H61'] }), back: doing('Battery tray in, handles down', [way(DOWN, null, 2, { people: 2 })], { cautions: ['H9', 'H61'] }) },
      { id: 'controller', name: 'controller', mass: q(0.9, 'kg'), tethers: ['motor-plug', 'control-plug', 'feed'], escape: off('cowling'), lift: doing('Controller out through the cowling opening', [way(DOWN, null, 1)], { note: 'It passes on its edge, plugs last.' }), back: doing('Controller in on its edge, plugs first', [way(BOTH, null, 1.5)], { cautions: ['H39'] }) },
      { id: 'solenoid', name: 'park solenoid', mass: q(0.5, 'kg'), tethers: ['solenoid-plug'] },
      { id: 'motor', name: 'drive motor', mass: q(4.2, 'kg'), compare: MOTOR, of: ['motor-cap', 'brushes'], tethers: ['motor-plug'], escape: off('cowling'), lift: doing('Motor straight off the gearbox', [way(UP, null, 1.5)], { note: 'Straight back: the pinion must not scrape the seal.', cautions: ['H14', 'H28'] }), back: doing('Motor on, pinion meshing by hand', [way(UP, null, 2)], { note: 'Turn a wheel while it goes home.', cautions: ['H28'], ifOmitted: 'Drawn home by its screws it chips a tooth.' }) },
      { id: 'motor-cap', name: 'motor end cap', mass: q(0.2, 'kg'), escape: off('cowling'), lift: doing('End cap off, leads slack', [way(DOWN, null, 0.5)]), back: doing('End cap on, brushes free', [way(BOTH, null, 1)]) },
      { id: 'brushes', name: 'pair of brushes', mass: q(0.02, 'kg'), escape: off('motor-cap') },
      { id: 'gearbox', name: 'gearbox', mass: q(11, 'kg'), escape: all(off('motor'), off('left-wheel'), off('right-wheel')), lift: doing('Lower the gearbox on its jack', [way(UP, null, 3, { people: 2 })], { note: 'Everything still attached, looked for and listed, before it moves.', cautions: ['H61'] }), back: doing('Raise the gearbox on its jack', [way(UP, null, 4, { people: 2 })], { cautions: ['H61'] }) },
      ...(['left', 'right'] as const).map((side) => ({ id: `${side}-wheel`, name: `${side} rear wheel`, mass: q(2.6, 'kg'), lift: doing(`${side === 'left' ? 'Left' : 'Right'} wheel off its shaft`, [way(UP, null, 1)], { note: 'The key stays in its slot, or on a cloth.' }), back: doing(`${side === 'left' ? 'Left' : 'Right'} wheel on, key in its slot`, [way(UP, null, 1)], { ifOmitted: 'Without its key the shaft turns and the wheel does not.' }) })),
    ],
    joints: [
      fixing({ id: 'bed-bolts', name: 'bed bolts', kind: 'screws', holds: ['bed', 'frame'], label: 'M8×25', thread: 'M8', head: 'hexagon 13', strength: '8.8', torque: q(20, 'Nm'), release: 'undo', down: doing('Undo 4 bed bolts', [way(DOWN, 'ring-13', 4)]), up: doing('4 bed bolts', [way(DOWN, 'torque-60', 5)], { passes: ['started', 'final'], cautions: ['H47'] }) }, [['front left', 25], ['front right', 25], ['rear left', 25], ['rear right', 25]]),
      fixing({ id: 'cowling-screws', name: 'cowling screws', kind: 'screws', holds: ['cowling', 'frame'], label: 'M5×16', thread: 'M5', head: 'pan head, cross PH2', driver: { start: 'hand', clutch: 5, finish: 'hand' }, role: 'cover', keep: 'own hole', release: 'undo', access: bedAway, down: doing('Undo 6 cowling screws', [way(DOWN, 'cross-2', 3)], { note: 'Back in their own holes: the lower two are stainless.' }), up: doing('6 cowling screws', [way(DOWN, 'cross-2', 3)], { passes: ['started', 'final'], cautions: ['H63'] }) }, holes(6, 16)),
      fixing({ id: 'tray-strap', name: 'battery strap', kind: 'lever', holds: ['pack', 'frame'], label: 'strap', release: 'loosen', captive: true, access: bedAway, down: doing('Open the battery strap', [way(DOWN, null, 0.5)]), up: doing('Strap over the tray, no lead under it', [way(DOWN, null, 0.5)], { cautions: ['H9'] }) }, ['across the tray']),
      fixing({ id: 'controller-bolts', name: 'controller bolts', kind: 'screws', holds: ['controller', 'frame'], label: 'M5×12', thread: 'M5', head: 'cap head, hexagon socket 4', strength: '8.8', torque: q(4.5, 'Nm'), release: 'undo', access: all(off('cowling'), DEAD), down: doing('Undo 4 controller bolts', [way(DOWN, 'hex-4', 2)]), up: doing('4 controller bolts', [way(BOTH, 'torque-6', 3)], { passes: ['started', 'final'] }) }, holes(4, 12)),
      fixing({ id: 'solenoid-screws', name: 'solenoid screws', kind: 'screws', holds: ['solenoid', 'gearbox'], frees: ['solenoid'], label: 'M5×10', thread: 'M5', head: 'cap head, hexagon socket 4', when: { variant: 'park-solenoid', is: 'fitted' }, torque: q(4, 'Nm'), release: 'undo', access: all(off('cowling'), lifted), down: doing('Undo 2 solenoid screws, hold its spring', [way(UP, 'hex-4', 2)], { cautions: ['H26'] }), up: doing('Solenoid on, pin seen in its slot', [way(UP, 'torque-6', 3)], { cautions: ['H26'], ifOmitted: 'A pin beside its slot lets a parked buggy roll.' }) }, holes(2, 10)),
      fixing({ id: 'cap-screws', name: 'end cap screws', kind: 'screws', holds: ['motor-cap', 'motor'], label: 'M4×60', thread: 'M4', head: 'hexagon 7', release: 'undo', access: all(off('cowling'), DEAD), down: doing('Undo 2 through-bolts of the motor', [way(DOWN, 'ring-7', 1.5)], { note: 'Mark cap and case with a line first.' }), up: doing('2 through-bolts, marks in line', [way(BOTH, 'ring-7', 2)], {}) }, holes(2, 60)),
      fixing({ id: 'brush-clips', name: 'brush spring clips', kind: 'clip', holds: ['brushes', 'motor'], frees: ['brushes'], label: 'brush clip', release: 'pry', access: off('motor-cap'), down: doing('Hook the clips back, brushes out', [way(DOWN, 'hook', 2)], { cautions: ['H26'] }), up: doing('New brushes, wire in the notch, clips down', [way(BOTH, 'hook', 3)], { ifOmitted: 'A brush that hangs sparks and burns the commutator.' }) }, ['upper', 'lower']),
      fixing({ id: 'motor-bolts', name: 'motor flange bolts', kind: 'screws', holds: ['motor', 'gearbox'], label: 'M6×20', thread: 'M6', head: 'cap head, hexagon socket 5', strength: '8.8', torque: q(9, 'Nm'), lock: MEDIUM, pattern: 'criss-cross', release: 'undo', access: all(off('cowling'), DEAD, lifted), down: doing('Undo 4 motor flange bolts', [way(UP, 'hex-5', 3)], { note: 'The dowel stays in the gearbox.' }), up: doing('4 flange bolts, criss-cross', [way(UP, 'torque-20', 4)], { passes: ['started', 'seated', 'final'], cautions: ['H72'], consumables: [{ consumable: 'locker-medium', count: 4 }] }) }, holes(4, 20)),
      ...(['left', 'right'] as const).map((side) => fixing({ id: `${side}-wheel-nut`, name: `${side} wheel nut`, kind: 'nut', holds: [`${side}-wheel`, 'gearbox'], label: 'nut M12, split pin', thread: 'M12', head: '19 mm hexagon', critical: 'axle', torque: q(55, 'Nm'), release: 'undo', access: lifted, down: doing(`Pin out, undo the ${side} wheel nut`, [way(UP, 'ring-19', 2)], { cautions: ['H34'] }), up: doing(`${side === 'left' ? 'Left' : 'Right'} wheel nut, new split pin`, [way(UP, 'torque-60', 3)], { passes: ['seated', 'final', 'marked'], consumables: [{ consumable: 'split-pin', count: 1 }], cautions: ['H34'] }) }, ['end of the shaft'])),
      fixing({ id: 'gearbox-bolts', name: 'gearbox bolts', kind: 'screws', holds: ['gearbox', 'frame'], label: 'M8×45', thread: 'M8', head: 'hexagon 13', strength: '8.8', torque: q(24, 'Nm'), pattern: 'criss-cross', release: 'undo', access: all(off('motor'), lifted, any({ variant: 'filling', is: 'grease' }, { fact: 'drained', of: 'gearbox' })), down: doing('Undo 4 gearbox bolts', [way(UP, 'ring-13', 5)], { cautions: ['H32'] }), up: doing('4 gearbox bolts, criss-cross', [way(UP, 'torque-60', 6)], { passes: ['started', 'final'] }) }, holes(4, 45)),
    ],
    connections: [
      { id: 'pack-plug', name: 'battery connector', family: 'two-pole with a handle', releaseHow: 'Pull by its handle.', pins: PACK_PINS, mates: ['pack', 'frame'], access: bedAway, down: doing('Pull the battery connector by its handle', [way(DOWN, null, 0.5)], { note: 'Key off. Cover the battery’s half.', cautions: ['H6', 'H5'] }), up: doing('Battery connector home', [way(BOTH, null, 0.5)], { cautions: ['H7', 'H44'] }) },
      { id: 'motor-plug', name: 'motor plug', family: 'two-pole, red and black', releaseHow: 'Squeeze, pull straight.', pins: wires(['red', 'motor +'], ['black', 'motor −']), mates: ['motor-lead', 'controller'], access: all(off('cowling'), DEAD), down: doing('Part the motor plug', [way(DOWN, null, 0.5)], { cautions: ['H67'] }), up: doing('Motor plug home, red to red', [way(BOTH, null, 0.5)], { cautions: ['H57'], ifOmitted: 'Crossed, it drives backward.' }) },
      { id: 'control-plug', name: 'control plug', family: '8-pin, latch', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', 'key'], ['black', '0 V'], ['white', 'throttle'], ['green', 'reverse'], ['blue', 'brake light'], ['yellow', 'horn'], ['grey', 'buzzer'], ['orange', 'solenoid']), mates: ['control-loom', 'controller'], access: all(off('cowling'), DEAD), down: doing('Unplug the 8-pin', [way(DOWN, null, 0.5)], { photo: '8-pin, latch side' }), up: doing('8-pin: click, then tug', [way(BOTH, null, 0.5)]) },
      { id: 'feed', name: 'controller feed', family: 'ring ends M6', releaseHow: 'Cap off, nut off, lift the ring.', pins: PACK_PINS, mates: ['controller', 'pack'], access: all(off('cowling'), DEAD), down: doing('Two feed rings off, capped', [way(DOWN, 'ring-10', 1.5)], { cautions: ['H6'] }), up: doing('Two feed rings on, caps over', [way(BOTH, 'ring-10', 2)], { ifOmitted: 'A loose ring burns its post.' }) },
      { id: 'solenoid-plug', when: { variant: 'park-solenoid', is: 'fitted' }, name: 'solenoid plug', family: '2-pin', releaseHow: 'Straight pull.', pins: wires(['orange', 'solenoid'], ['black', '0 V']), mates: ['control-loom', 'solenoid'], access: all(off('cowling'), DEAD), down: doing('Unplug the solenoid', [way(DOWN, null, 0.5)]), up: doing('Solenoid plug home', [way(BOTH, null, 0.5)], { ifOmitted: 'The buggy drives against its own lock.' }) },
    ],
    cables: [{ id: 'motor-lead', name: 'motor lead', of: 'motor', route: ['motor-plug'] }, { id: 'control-loom', name: 'control loom', of: 'frame', route: ['control-plug'] }],
    holes: [],
    steps: [
      { id: 'prop-bed', kind: 'push aside', limb: 'both', gives: [prepared('prop-bed')], down: doing('Tip the bed, stay locked in', [way(DOWN, null, 1, { penalty: 1 })], { note: 'Empty it first; look that the stay has dropped into its notch.', cautions: ['H14'] }), up: doing('Lower the bed, stay folded', [way(DOWN, null, 1)], { cautions: ['H63'] }) },
      { id: 'lift', kind: 'prepare', limb: 'both', gives: [prepared('lift')], access: off('cowling'), down: doing('Chock both front wheels', [way(DOWN, null, 0.5)], { cautions: ['H32'] }), up: doing('Chocks away', [way(DOWN, null, 0.5)], {}) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: all(unplugged('pack-plug'), off('cowling')), down: doing('Prove dead at the controller posts', [way(DOWN, 'meter', 2)], { cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('motor-plug'), exposed('control-plug'), exposed('feed'), DEAD), down: doing('Tug every plug, look under the post caps', [way(DOWN, null, 3)], { photo: 'plugs and posts as found' }) },
      { id: 'drain', kind: 'prepare', limb: 'down', when: { variant: 'filling', is: 'oil' }, gives: [{ fact: 'drained', of: 'gearbox' }], access: lifted, down: doing('Drain the gearbox into a tray', [way(UP, 'hex-8', 4)], { note: 'Look for metal on the magnet of the plug.', cautions: ['H58'] }) },
      { id: 'fill', kind: 'gate', limb: 'up', when: { variant: 'filling', is: 'oil' }, after: ['undo:gearbox-bolts'], up: doing('Fill 0.4 l to the level hole, plug tight', [way(UP, 'hex-8', 4)], { consumables: [{ consumable: 'gear-oil', count: 1 }], ifOmitted: 'Dry gears last an hour.' }) },
      { id: 'jack', kind: 'support', limb: 'down', gives: [{ fact: 'supported', of: 'gearbox' }], access: lifted, down: doing('Jack under the gearbox, just touching', [way(UP, null, 1)], { ifOmitted: 'Eleven kilograms drop when the last bolt goes.' }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['unplug:motor-plug', 'unplug:control-plug', 'unplug:feed', 'unplug:solenoid-plug'], before: ['off:cowling'], up: doing('Leads clear of cowling and chain guard', [way(BOTH, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-plug', 'unplug:motor-plug', 'unplug:control-plug', 'unplug:feed', 'undo:motor-bolts', 'undo:cap-screws', 'undo:left-wheel-nut', 'undo:right-wheel-nut', 'step:fill'], before: ['off:cowling'], up: doing('Both ways on the blocks, short throttle', [way(UP, null, 2)], { looks: { stand: ['Rear on its blocks, front chocked', 'Hands clear of wheels and chain', 'Short throttle'], items: ['Turns forward', 'Turns backward', 'No sparks or smell at the motor', 'Runs smoothly', 'Brake stops it', 'Park lock holds, where there is one', 'Horn and buzzer'] }, cautions: ['H31', 'H32', 'H52', 'H57'] }) },
    ],
    order: [
      { id: 'motor-before-power', limb: 'up', first: 'undo:motor-bolts', then: 'unplug:pack-plug', strength: 'must', consequence: 'A motor on two bolts tears its flange when it starts.' },
      { id: 'wheels-before-power', limb: 'up', first: 'undo:left-wheel-nut', then: 'unplug:pack-plug', strength: 'must', consequence: 'A wheel without its nut walks off the shaft.' },
      { id: 'right-before-power', limb: 'up', first: 'undo:right-wheel-nut', then: 'unplug:pack-plug', strength: 'must', consequence: 'A wheel without its nut walks off the shaft.' },
      { id: 'spin-on-blocks', limb: 'up', first: 'step:spin-test', then: 'step:lift', strength: 'must', consequence: 'On its wheels it drives off.' },
    ],
    loadPath: [{ part: 'gearbox', joints: ['gearbox-bolts'], support: 'jack' }],
    poses: [{ id: 'on-wheels', name: 'on its wheels', rotation: [0, 0, 0] }, { id: 'on-blocks', name: 'rear on two blocks', rotation: [0, -12, 0] }],
    poseMoves: [
      { from: 'on-wheels', to: 'on-blocks', title: 'Raise the rear onto its blocks', note: 'Bed empty, chocks in place.', people: 2, minutes: { low: 1.5, likely: 2, high: 4 } },
      { from: 'on-blocks', to: 'on-wheels', title: 'Lower the rear onto its wheels', note: 'Bed empty, chocks in place.', people: 2, minutes: { low: 1, likely: 2, high: 3 } },
    ],
    stacks: [],
    tools: [
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'hex-5', name: 'hex key 5 mm', short: 'hex 5', kind: 'hex key', size: '5' },
      { id: 'hex-8', name: 'hex key 8 mm', short: 'hex 8', kind: 'hex key', size: '8' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-7', name: 'ring spanner 7 mm', short: '7 ring', kind: 'spanner', size: '7' },
      { id: 'ring-10', name: 'ring spanner 10 mm, insulated', short: '10 ring', kind: 'spanner', size: '10', form: 'insulated', special: true },
      { id: 'ring-13', name: 'ring spanner 13 mm', short: '13 ring', kind: 'spanner', size: '13' },
      { id: 'ring-19', name: 'ring spanner 19 mm', short: '19 ring', kind: 'spanner', size: '19' },
      { id: 'hook', name: 'spring hook', short: 'hook', kind: 'hook' },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'locker-medium', name: 'medium threadlocker, drop' }, { id: 'split-pin', name: 'split pin 3.2 × 32' }, { id: 'gear-oil', name: 'gear oil, 0.4 l' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'motor-goal', name: 'drive motor', guard: off('motor'), swap: [{ id: 'swap-motor', title: 'New motor beside the old', part: 'motor', note: 'Pinion moved over, its key with it.', minutes: { low: 4, likely: 6, high: 12 } }] },
      { id: 'brushes-goal', name: 'motor brushes', guard: off('brushes'), swap: [{ id: 'swap-brushes', title: 'New brushes beside the old', part: 'brushes', note: 'Commutator wiped, no groove a nail catches in.', minutes: { low: 2, likely: 4, high: 8 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'gearbox-goal', name: 'gearbox', guard: off('gearbox'), swap: [{ id: 'swap-gearbox', title: 'New gearbox beside the old', part: 'gearbox', minutes: { low: 3, likely: 5, high: 9 } }] },
    ],
  }
}
