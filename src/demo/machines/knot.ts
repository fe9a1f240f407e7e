import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, DEAD, doing, exposed, fixing, holes, off, prepared, q, unplugged, way, wires } from './build'

const FLAT = ['flat']
const UP = ['top-up']
const BOTH = [...FLAT, ...UP]
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const ACTUATOR: readonly CompareSpec[] = [
  { id: 'closed', name: 'eye to eye, drawn in', unit: 'mm', value: 310, smaller: 2, larger: 2, why: 'Longer, the top never lies flat; shorter, it strikes its stops.' },
  { id: 'stroke', name: 'stroke', unit: 'mm', value: 150, smaller: 2, larger: 0, why: 'More stroke pushes the top off its hinge.' },
  { id: 'plug', name: 'actuator plug', value: '4-pin', options: ['4-pin', '2-pin'], why: 'Without its position pins the box does not know the angle.' },
]
const MOTOR: readonly CompareSpec[] = [
  { id: 'shaft', name: 'shaft diameter', unit: 'mm', value: 10, smaller: 0, larger: 0, why: 'The pulley does not go on.' },
  { id: 'slots', name: 'between the foot slots', unit: 'mm', value: 84, smaller: 0.5, larger: 0.5, why: 'The belt cannot be tightened.' },
  { id: 'turns', name: 'turns', value: 'right', options: ['right', 'left'], why: 'The belt runs backward.' },
]

/** The Knot: the lifeboat gym’s training bench, its top tilted by an actuator, its belt driven by a motor. Invented. */
export function knot(): MachineFile {
  const raised = prepared('raise-top')
  const open = off('side-panel')
  return {
    format: 'nailsmith-machine/1', id: 'knot', revision: '2026-04', name: 'Knot', class: 'indoor machine',
    variants: [
      { id: 'panel-kind', question: 'Is the side panel screwed, or held by hook tape?', options: [{ id: 'screws', label: 'Screws' }, { id: 'tape', label: 'Hook tape' }], worst: 'screws' },
      { id: 'strut-fitted', question: 'Is a gas strut beside the actuator?', options: [{ id: 'yes', label: 'Yes' }, { id: 'no', label: 'No' }], worst: 'yes' },
    ],
    drives: [
      { id: 'tilt-drive', name: 'tilt actuator', kind: 'actuator', part: 'actuator', carriedBy: 'frame', ratio: 30, lineResistance: q(0.8, 'ohm') },
      { id: 'belt-drive', name: 'belt motor', kind: 'gearbox brushed', part: 'motor', carriedBy: 'frame', ratio: 3.2, lineResistance: q(0.5, 'ohm') },
    ],
    mass: q(64, 'kg'),
    energy: [
      { id: 'energy-mains', kind: 'mains', of: 'supply', size: q(24, 'V'), releasedBy: 'mains-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'supply', size: q(18, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-top', kind: 'weight', of: 'top', escape: [0, 0, -1], releasedBy: 'prop-top' },
      { id: 'energy-strut', kind: 'gas', of: 'strut', escape: [0, 0, 1], releasedBy: 'strut-clips' },
      { id: 'energy-tension', kind: 'spring', of: 'idler', escape: [1, 0, 0], releasedBy: 'idler-bolt' },
    ],
    sealed: [{ part: 'supply', replacedBy: 'a whole supply', why: 'Mains inside: it is opened by licensed practice only.' }, { part: 'actuator', replacedBy: 'a whole actuator', why: 'Its tube is rolled shut over the nut.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'top', name: 'bench top', mass: q(19, 'kg') },
      { id: 'side-panel', name: 'side panel', mass: q(1.6, 'kg'), lift: doing('Side panel off', [way(BOTH, null, 0.5)], { photo: 'the open side, before anything is moved' }), back: doing('Side panel on', [way(BOTH, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'supply', name: 'power supply', mass: q(1.1, 'kg'), serviceable: false, tethers: ['supply-plug'] },
      { id: 'actuator', name: 'tilt actuator', mass: q(3.1, 'kg'), serviceable: false, compare: ACTUATOR, tethers: ['actuator-plug'], escape: prepared('note-extension'), lift: doing('Actuator out downward', [way(UP, null, 1)], { note: 'Do not turn its rod: its length is noted.', cautions: ['H14'], photo: 'bushes and washers at both eyes' }), back: doing('Actuator in, set to the noted length, lead down', [way(UP, null, 1.5)], { ifOmitted: 'A rod turned by hand puts its end stops elsewhere: it drives the top into the frame.' }) },
      { id: 'strut', name: 'gas strut', mass: q(0.5, 'kg') },
      { id: 'belt', name: 'drive belt', mass: q(0.2, 'kg'), escape: all(off('idler-bolt'), open), lift: doing('Slip the belt off the small pulley, then the large', [way(UP, null, 1)], { note: 'Arrow on its back: note the way it runs.' }), back: doing('Belt on, arrow as noted', [way(UP, null, 1.5)], { ifOmitted: 'Turned round it frays.' }) },
      { id: 'motor', name: 'belt motor', mass: q(2.7, 'kg'), compare: MOTOR, of: ['pulley'], tethers: ['motor-plug'], escape: off('belt'), lift: doing('Motor out of its foot slots', [way(BOTH, null, 0.5)], { cautions: ['H14'] }), back: doing('Motor into its slots, pulleys in line', [way(BOTH, 'straightedge', 1.5)], { ifOmitted: 'Out of line it eats its belt.' }) },
      { id: 'pulley', name: 'motor pulley', mass: q(0.15, 'kg'), escape: off('motor') },
      { id: 'idler', name: 'idler with its arm', mass: q(0.3, 'kg'), of: ['idler-bearing'], escape: off('belt'), lift: doing('Idler off its pin, spring with it', [way(UP, null, 0.5)], { cautions: ['H26'] }), back: doing('Idler on its pin, spring in its hole', [way(UP, null, 1)], { cautions: ['H26'] }) },
      { id: 'idler-bearing', name: 'idler bearing', mass: q(0.03, 'kg'), escape: off('idler') },
      { id: 'control', name: 'control box', mass: q(0.4, 'kg'), tethers: ['actuator-plug', 'motor-plug', 'remote-plug', 'supply-plug'], escape: open, lift: doing('Control box off its slide', [way(BOTH, null, 0.25)]), back: doing('Control box on its slide', [way(BOTH, null, 0.5)]) },
    ],
    joints: [
      fixing({ id: 'panel-screws', name: 'side panel screws', kind: 'screws', holds: ['side-panel', 'frame'], label: 'M5×12', thread: 'M5', head: 'button head, hexagon socket 3', strength: '8.8', role: 'cover', release: 'undo', when: { variant: 'panel-kind', is: 'screws' }, down: doing('Undo 5 side panel screws', [way(BOTH, 'hex-3', 2.5)]), up: doing('5 side panel screws', [way(BOTH, 'hex-3', 2.5)], { passes: ['started', 'final'], cautions: ['H63'] }) }, holes(5, 12)),
      fixing({ id: 'panel-tape', name: 'hook tape of the side panel', kind: 'tape', holds: ['side-panel', 'frame'], label: 'hook tape', release: 'peel', role: 'cover', when: { variant: 'panel-kind', is: 'tape' }, down: doing('Pull the panel off its hook tape', [way(BOTH, null, 0.5)]), up: doing('Press the panel on all round', [way(BOTH, null, 0.5)]) }, ['all round']),
      fixing({ id: 'upper-pin', name: 'upper pin of the actuator', kind: 'clip', holds: ['actuator', 'top'], label: 'pin 10, split ring', release: 'pull', access: all(DEAD, prepared('note-extension')), down: doing('Split ring off, pull the upper pin', [way(UP, 'ring-pliers', 1.5)], { note: 'The top rests on its prop: it must not move.', cautions: ['H25'] }), up: doing('Upper pin through, split ring on', [way(UP, 'ring-pliers', 2)], { ifOmitted: 'A pin that walks out lets the top fall on somebody.' }) }, ['under the top']),
      fixing({ id: 'lower-pin', name: 'lower pin of the actuator', kind: 'clip', holds: ['actuator', 'frame'], label: 'pin 10, split ring', release: 'pull', access: all(DEAD, off('upper-pin')), down: doing('Split ring off, pull the lower pin', [way(UP, 'ring-pliers', 1.5)], { cautions: ['H25'] }), up: doing('Lower pin through, split ring on', [way(UP, 'ring-pliers', 1.5)]) }, ['at the frame']),
      fixing({ id: 'strut-clips', name: 'gas strut clips', kind: 'clip', holds: ['strut', 'top'], frees: ['strut'], label: 'ball clip', keep: 'carrier', release: 'pry', when: { variant: 'strut-fitted', is: 'yes' }, access: all(raised, prepared('prop-top')), down: doing('Clips up, strut off its balls', [way(UP, 'hook', 1)], { note: 'At full length it has the least force.', cautions: ['H26'] }), up: doing('Strut onto its balls, rod down, clips in', [way(UP, null, 1)], { cautions: ['H26'] }) }, ['upper', 'lower']),
      fixing({ id: 'idler-bolt', name: 'idler bolt', kind: 'screws', holds: ['idler', 'frame'], label: 'M6×30', thread: 'M6', head: 'hexagon 10', torque: q(9, 'Nm'), release: 'loosen', keep: 'own hole', captive: true, access: all(open, DEAD), down: doing('Loosen the idler bolt, arm let back by hand', [way(UP, 'ring-10', 1)], { note: 'Mark the arm’s place first.', cautions: ['H26'] }), up: doing('Arm to its mark, belt gives 8 mm, bolt tight', [way(UP, 'torque-20', 2)], { ifOmitted: 'Slack it slips, tight it kills the idler’s bearing.' }) }, [['in the arm', 30]]),
      fixing({ id: 'idler-clip', name: 'idler clip', kind: 'ring', holds: ['idler', 'frame'], label: 'clip 8', release: 'pry', access: all(off('belt')), down: doing('Clip off the idler’s pin', [way(UP, 'ring-pliers', 0.75)], { cautions: ['H25'] }), up: doing('Clip on the idler’s pin', [way(UP, 'ring-pliers', 1)], { cautions: ['H25'] }) }, ['on the pin']),
      fixing({ id: 'bearing-fit', name: 'bearing in the idler', kind: 'press', holds: ['idler-bearing', 'idler'], frees: ['idler-bearing'], label: 'bearing seat', keep: 'bin', release: 'pull', access: off('idler'), down: doing('Press the bearing out', [way(BOTH, 'vice-press', 2)], { note: 'One that was pressed out is not going back.' }), up: doing('New bearing pressed by its outer ring', [way(BOTH, 'vice-press', 2.5)]) }, ['idler']),
      fixing({ id: 'foot-bolts', name: 'motor foot bolts', kind: 'screws', holds: ['motor', 'frame'], label: 'M6×20', thread: 'M6', head: 'hexagon 10', strength: '8.8', torque: q(9, 'Nm'), release: 'undo', access: all(open, DEAD, off('belt')), down: doing('Mark the feet, undo 4 motor bolts', [way(BOTH, 'ring-10', 2)]), up: doing('4 motor bolts, feet to their mark', [way(BOTH, 'torque-20', 3)], { passes: ['started', 'seated', 'final'] }) }, holes(4, 20)),
      fixing({ id: 'pulley-screw', name: 'pulley screw', kind: 'screws', holds: ['pulley', 'motor'], frees: ['pulley'], label: 'grub M5×6', thread: 'M5', head: 'grub, hexagon socket 2.5', lock: MEDIUM, release: 'undo', access: off('motor'), down: doing('Undo the grub screw, pull the pulley', [way(BOTH, 'hex-2.5', 2)], { cautions: ['H47'] }), up: doing('Pulley on, grub screw on the flat', [way(BOTH, 'hex-2.5', 2)], { consumables: [{ consumable: 'locker-medium', count: 1 }], cautions: ['H72'] }) }, [['on the flat', 6]]),
      fixing({ id: 'supply-screws', name: 'supply screws', kind: 'screws', holds: ['supply', 'frame'], frees: ['supply'], label: 'M4×10', thread: 'M4', head: 'pan head, cross PH2', release: 'undo', access: all(open, DEAD, unplugged('supply-plug')), down: doing('Undo 2 supply screws, supply out whole', [way(BOTH, 'cross-2', 1)]), up: doing('Supply in, 2 screws', [way(BOTH, 'cross-2', 1.5)]) }, holes(2, 10)),
      fixing({ id: 'control-screw', name: 'control box screw', kind: 'screws', holds: ['control', 'frame'], label: 'M4×8', thread: 'M4', head: 'pan head, cross PH2', release: 'undo', access: all(open, DEAD), down: doing('Undo the control box screw', [way(BOTH, 'cross-2', 0.5)]), up: doing('Control box screw', [way(BOTH, 'cross-2', 0.5)]) }, [['lower edge', 8]]),
      fixing({ id: 'lead-ties', name: 'lead ties under the top', kind: 'tie', holds: ['actuator', 'frame'], label: 'tie', release: 'cut', consumable: 'tie', access: DEAD, down: doing('Cut 2 ties under the top', [way(UP, 'snips', 0.75)], { note: 'The remote’s lead shares both.', cautions: ['H36'] }), up: doing('2 new ties, loop for the tilt left in', [way(UP, 'snips', 1)], { consumables: [{ consumable: 'tie', count: 2 }], cautions: ['H39'], ifOmitted: 'Without its loop the lead is torn when the top rises.' }) }, ['at the hinge', 'at the frame']),
    ],
    connections: [
      { id: 'mains-plug', name: 'mains plug', family: 'wall plug', releaseHow: 'By its body, never by the lead.', pins: wires(['brown', 'live'], ['blue', 'neutral'], ['green-yellow', 'earth']), mates: ['supply', 'frame'], down: doing('Mains plug out, into your sight', [way(BOTH, null, 0.25)], { note: 'The supply itself stays shut: licensed practice only.', cautions: ['H50'] }), up: doing('Mains plug in', [way(BOTH, null, 0.25)], { cautions: ['H7'] }) },
      { id: 'supply-plug', name: 'supply plug', family: 'two-pole, latch', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', '+24 V'], ['black', '0 V']), mates: ['supply', 'control'], access: all(open, DEAD), down: doing('Part the 24 V plug', [way(BOTH, null, 0.25)]), up: doing('24 V plug: click, then tug', [way(BOTH, null, 0.25)]) },
      { id: 'actuator-plug', name: 'actuator plug', family: '4-pin', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', 'motor A'], ['black', 'motor B'], ['white', 'position'], ['green', '0 V']), mates: ['actuator-lead', 'control'], access: all(DEAD, open, prepared('note-extension')), down: doing('Unplug the actuator', [way(BOTH, null, 0.5)], { photo: 'plug row at the box' }), up: doing('Actuator plug: click, then tug', [way(BOTH, null, 0.5)], { ifOmitted: 'It runs to its stop and does not know it.' }) },
      { id: 'motor-plug', name: 'belt motor plug', family: '2-pin, latch', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', 'motor +'], ['blue', 'motor −']), mates: ['motor', 'control'], access: all(open, DEAD), down: doing('Unplug the belt motor', [way(BOTH, null, 0.25)]), up: doing('Belt motor plug: click, then tug', [way(BOTH, null, 0.25)], { cautions: ['H57'] }) },
      { id: 'remote-plug', name: 'remote plug', family: '6-pin, round', releaseHow: 'Straight pull.', pins: wires(['red', '+5 V'], ['black', '0 V'], ['white', 'up'], ['green', 'down'], ['yellow', 'belt'], ['blue', 'stop']), mates: ['remote-lead', 'control'], access: all(open, DEAD), down: doing('Unplug the remote', [way(BOTH, null, 0.25)]), up: doing('Remote plug home, arrow up', [way(BOTH, null, 0.25)]) },
    ],
    cables: [
      { id: 'actuator-lead', name: 'actuator lead', of: 'actuator', route: ['lead-ties', 'actuator-plug'], ties: [{ joint: 'lead-ties', shares: ['remote-lead'] }] },
      { id: 'remote-lead', name: 'remote lead', of: 'top', route: ['lead-ties', 'remote-plug'] },
    ],
    holes: [],
    steps: [
      { id: 'raise-top', kind: 'prepare', limb: 'both', gives: [raised], down: doing('Top right up by its remote', [way(FLAT, null, 0.5)], { note: 'While it still has power.', guard: { not: unplugged('mains-plug') }, ifOmitted: 'The pins lie under the closed top.' }), up: doing('Top down by its remote, hands clear', [way(UP, null, 0.5)], { cautions: ['H31'] }) },
      { id: 'prop-top', kind: 'prepare', limb: 'both', gives: [prepared('prop-top'), { fact: 'supported', of: 'top' }], access: raised, down: doing('Prop under the top, pinned', [way(UP, null, 1)], { note: 'Before any pin is pulled.', ifOmitted: 'Nineteen kilograms come down on your arms.' }), up: doing('Prop out, top held by its actuator', [way(UP, null, 0.5)]) },
      { id: 'note-extension', kind: 'prepare', limb: 'down', gives: [prepared('note-extension')], access: prepared('prop-top'), down: doing('Rod length measured and written down', [way(UP, 'calliper', 1)], { note: 'Eye to eye, to the millimetre: the new one is set to it.', photo: 'rod and rule' }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: all(unplugged('mains-plug'), open), down: doing('Prove dead at the 24 V plug', [way(BOTH, 'meter', 2)], { note: 'Checked meter, DC. Wait until its lamp is out.', cautions: ['H2', 'H4', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('motor-plug'), exposed('remote-plug'), exposed('supply-plug'), DEAD), down: doing('Tug every plug at the box', [way(BOTH, null, 1.5)], { photo: 'plug row as found' }) },
      { id: 'belt-look', kind: 'gate', limb: 'up', after: ['off:belt', 'undo:idler-bolt'], up: doing('Belt in the middle of both pulleys, ten turns by hand', [way(UP, null, 1)]) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['off:actuator', 'undo:lead-ties', 'unplug:actuator-plug', 'unplug:motor-plug', 'off:control'], before: ['off:side-panel'], up: doing('Leads clear of hinge and belt: look', [way(BOTH, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'run-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:mains-plug', 'unplug:supply-plug', 'unplug:actuator-plug', 'unplug:motor-plug', 'undo:upper-pin', 'undo:lower-pin', 'undo:idler-bolt', 'undo:foot-bolts', 'undo:strut-clips', 'undo:pulley-screw'], before: ['off:side-panel', 'step:raise-top', 'step:prop-top'], up: doing('Belt slowly, then the top a hand’s width each way', [way(UP, null, 2), way(FLAT, null, 2)], { looks: { stand: ['Prop in its notch, or the top flat', 'Nobody on the bench, hands clear', 'A hand on the mains plug'], items: ['Belt runs true, in the middle', 'Belt stops at once', 'Top rises and stops where told', 'Top comes down and stops', 'No grinding, jerk or smell', 'Stop button stops both'] }, note: 'Prop still in its notch, hand on the mains plug.', cautions: ['H31', 'H52'] }) },
      { id: 'end-stops', kind: 'gate', limb: 'up', check: 'calibration', after: ['off:actuator', 'off:control'], up: doing('Both end stops taught: right up, right down', [way(BOTH, null, 2)], { note: 'By the maker’s procedure, nobody on the bench.', ifOmitted: 'It drives into its stops and burns out.' }) },
    ],
    order: [
      { id: 'pins-before-power', limb: 'up', first: 'undo:upper-pin', then: 'unplug:mains-plug', strength: 'must', consequence: 'The actuator strikes whatever is below it.' },
      { id: 'strut-before-prop', limb: 'up', first: 'undo:strut-clips', then: 'step:prop-top', strength: 'must', consequence: 'The top comes down.' },
      { id: 'power-before-lowering', limb: 'up', first: 'unplug:mains-plug', then: 'step:raise-top', strength: 'must', consequence: 'Without power it stays up.' },
      { id: 'prop-before-lowering', limb: 'up', first: 'step:prop-top', then: 'step:raise-top', strength: 'must', consequence: 'Driven onto its prop it bends the actuator.' },
      { id: 'pins-before-prop', limb: 'up', first: 'undo:upper-pin', then: 'step:prop-top', strength: 'must', consequence: 'Nothing else holds the top.' },
      { id: 'supply-before-power', limb: 'up', first: 'undo:supply-screws', then: 'unplug:mains-plug', strength: 'prefer', consequence: 'A loose box at the mains.' },
    ],
    loadPath: [{ part: 'top', joints: ['upper-pin', 'strut-clips'], support: 'prop-top' }],
    poses: [{ id: 'flat', name: 'top flat', rotation: [0, 0, 0] }, { id: 'top-up', name: 'top right up', rotation: [0, 0, 0] }],
    poseMoves: [
      { from: 'flat', to: 'top-up', title: 'Stand at the open side', note: 'Hands clear of the hinge.', people: 1, minutes: { low: 0, likely: 0.25, high: 0.5 }, guard: raised },
      { from: 'top-up', to: 'flat', title: 'Stand back from the closed top', note: 'Hands clear of the hinge.', people: 1, minutes: { low: 0, likely: 0.25, high: 0.5 } },
    ],
    stacks: [],
    tools: [
      { id: 'hook', name: 'ball-end hook', short: 'hook', kind: 'hook' },
      { id: 'calliper', name: 'calliper 300 mm', short: 'calliper', kind: 'measure' },
      { id: 'straightedge', name: 'straightedge', short: 'straightedge', kind: 'measure' },
      { id: 'hex-2.5', name: 'hex key 2.5 mm', short: 'hex 2.5', kind: 'hex key', size: '2.5' },
      { id: 'hex-3', name: 'hex key 3 mm', short: 'hex 3', kind: 'hex key', size: '3' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-10', name: 'ring spanner 10 mm', short: '10 ring', kind: 'spanner', size: '10' },
      { id: 'ring-pliers', name: 'snap ring pliers', short: 'ring pliers', kind: 'pliers', special: true },
      { id: 'vice-press', name: 'press with rings', short: 'press', kind: 'press', special: true },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 200 × 4.8' }, { id: 'locker-medium', name: 'medium threadlocker, drop' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'actuator-goal', name: 'tilt actuator', guard: off('actuator'), swap: [{ id: 'swap-actuator', title: 'New actuator set to the noted length', part: 'actuator', note: 'On the bench, from a supply; never by turning its rod.', minutes: { low: 3, likely: 5, high: 10 } }] },
      { id: 'belt-goal', name: 'drive belt', guard: off('belt'), swap: [{ id: 'swap-belt', title: 'New belt beside the old, teeth counted', part: 'belt', minutes: { low: 1, likely: 2, high: 4 } }] },
      { id: 'motor-goal', name: 'belt motor', guard: all(off('motor'), off('pulley')), swap: [{ id: 'swap-motor', title: 'New motor beside the old', part: 'motor', note: 'Pulley moved over, to the same depth.', minutes: { low: 3, likely: 5, high: 9 } }] },
      { id: 'bearing-goal', name: 'idler bearing', guard: off('idler-bearing'), swap: [{ id: 'swap-bearing', title: 'New bearing, number read', part: 'idler-bearing', minutes: { low: 1, likely: 2, high: 4 } }] },
    ],
  }
}
