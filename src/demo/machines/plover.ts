import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, axleEnds, DEAD, doing, exposed, fixing, HALL_PINS, holes, off, on, PACK_PINS, PHASE_PINS, prepared, q, stackOf, unplugged, way, wires } from './build'

const FLAT = ['on-wheels']
const NOSE = ['nose-up']
const BOTH = [...FLAT, ...NOSE]

const WHEEL: readonly CompareSpec[] = [
  { id: 'axle', name: 'axle, end to end', unit: 'mm', value: 172, smaller: 1, larger: 5, why: 'Too short leaves no full nut of thread.' },
  { id: 'flats', name: 'across the flats', unit: 'mm', value: 10, smaller: 0.1, larger: 0.1, why: 'Too wide will not enter the slot, too narrow turns in it.' },
  { id: 'width', name: 'over both spacers', unit: 'mm', value: 118, smaller: 0.5, larger: 0.5, why: 'Too wide spreads the fork, too narrow bends it in.' },
  { id: 'plug', name: 'Hall plug', value: '6-pin, latch', options: ['5-pin', '6-pin, latch'], why: 'It does not mate with the controller.' },
]

/** The Plover: a ride-on drift cart of the pier amusements, steered and driven by one hub in a fork. Invented. */
export function plover(): MachineFile {
  const raised = prepared('chock')
  return {
    format: 'nailsmith-machine/1', id: 'plover', revision: '2026-02', name: 'Plover', class: 'ride-on',
    variants: [
      { id: 'nose-kind', question: 'Is the nose held by push rivets or by screws?', options: [{ id: 'rivets', label: 'Rivets' }, { id: 'screws', label: 'Screws' }], worst: 'rivets' },
      { id: 'hub-width', question: 'Which hub is in: the narrow one with spacers, or the wide one?', options: [{ id: 'narrow', label: 'Narrow' }, { id: 'wide', label: 'Wide' }], worst: 'narrow' },
    ],
    drives: [{ id: 'front-drive', name: 'front hub', kind: 'hub direct', part: 'wheel', carriedBy: 'fork', kv: q(11.5, 'rpm/V'), polePairs: 15, ratio: 1, hallSpacing: 120, lineResistance: q(0.16, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'LFP', cells: 11, nominal: q(36, 'V') },
    mass: q(42, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(540, 'Wh'), releasedBy: 'pack-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(1.3, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-tyre', kind: 'tyre', of: 'tyre', size: q(2, 'bar'), escape: [0, 1, 0], releasedBy: 'valve-core' },
      { id: 'energy-fork', kind: 'weight', of: 'fork', escape: [0, 0, -1], releasedBy: 'hold-fork' },
    ],
    sealed: [{ part: 'controller', replacedBy: 'a whole controller', why: 'It is potted: opening it ends it.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'seat', name: 'seat', mass: q(4, 'kg'), lift: doing('Seat off its rails', [way(FLAT, null, 1)], { note: 'The belt stays on it.' }), back: doing('Seat on its rails, both pins seen', [way(FLAT, null, 1.5)], { ifOmitted: 'A seat on one pin tips its rider out.' }) },
      { id: 'nose', name: 'nose', mass: q(1.4, 'kg'), tethers: ['lamp-plug'], lift: doing('Nose forward a hand’s width, lamp parted, off', [way(FLAT, null, 1)], { cautions: ['H46'], photo: 'the open front, before anything is moved' }), back: doing('Nose on, lamp lead first', [way(FLAT, null, 1.5)], { cautions: ['H63'] }) },
      { id: 'pack', name: 'battery pack', mass: q(6.5, 'kg'), tethers: ['pack-plug'], escape: off('seat'), lift: doing('Pack up by its strap handles', [way(FLAT, null, 1)], { cautions: ['H8', 'H14'] }), back: doing('Pack in, plug to the left', [way(FLAT, null, 1)], { cautions: ['H9'] }) },
      { id: 'controller', name: 'controller', mass: q(0.7, 'kg'), tethers: ['phases', 'hall', 'feed', 'control-plug'], escape: off('seat'), lift: doing('Controller out from under the seat', [way(FLAT, null, 0.5)]), back: doing('Controller in, fins to the side', [way(FLAT, null, 1)], { cautions: ['H39'] }) },
      {
        id: 'wheel', name: 'front motor wheel', mass: q(6.2, 'kg'), serviceable: false, compare: WHEEL, of: ['tyre', 'tube', 'left-spacer', 'right-spacer'], tethers: ['phases', 'hall'], escape: off('lead-run'),
        lift: doing('Wheel down out of the fork', [way(NOSE, null, 1)], { note: 'Its spacers stay on the axle: note which side each was.', cautions: ['H14', 'H28'], photo: 'axle ends and spacers as they lay' }),
        back: doing('Wheel up into the fork, spacers as noted', [way(NOSE, null, 1.5)], { cautions: ['H33', 'H38'] }),
      },
      { id: 'left-spacer', name: 'left spacer, 9 mm', mass: q(0.03, 'kg'), handed: 'left', escape: off('wheel'), lift: doing('Left spacer off the axle', [way(BOTH, null, 0.25)]), back: doing('Left spacer on, chamfer to the hub', [way(BOTH, null, 0.25)], { ifOmitted: 'The wheel sits nine millimetres beside its line.' }) },
      { id: 'right-spacer', name: 'right spacer, 5 mm, slotted', mass: q(0.03, 'kg'), handed: 'right', escape: off('wheel'), lift: doing('Right spacer off, lead through its slot', [way(BOTH, null, 0.5)]), back: doing('Right spacer on, lead in its slot', [way(BOTH, null, 0.5)], { cautions: ['H39'], ifOmitted: 'Turned round it cuts the lead when the nut is drawn up.' }) },
      { id: 'lead-run', name: 'motor lead along the fork', tethers: ['phases', 'hall'], escape: off('fork-ties'), lift: doing('Draw the lead down through the head tube', [way(FLAT, null, 1.5)], { cautions: ['H39'] }), back: doing('Lead up through the head tube, loop left', [way(FLAT, null, 2)], { cautions: ['H38', 'H39'], ifOmitted: 'Without its loop it is torn at full lock.' }) },
      { id: 'tyre', name: 'front tyre', mass: q(1.1, 'kg'), escape: off('wheel') },
      { id: 'tube', name: 'front tube', mass: q(0.3, 'kg'), with: 'tyre' },
      { id: 'steering', name: 'handlebar with its stem', mass: q(1.8, 'kg'), escape: off('stem-bolt'), lift: doing('Bar off its spline, hung beside the frame', [way(FLAT, null, 1)], { note: 'Mark bar and spline with one line first; its leads stay on.' }), back: doing('Bar on, marks in line', [way(FLAT, null, 1)], { cautions: ['H22'] }) },
      { id: 'fork', name: 'fork', mass: q(5.2, 'kg'), handed: 'left', escape: all(off('wheel'), off('steering')), lift: doing('Lower the fork out of the head', [way(NOSE, null, 1.5)], { note: 'Balls may stick to either race: tray below.', cautions: ['H14'] }), back: doing('Fork up into the head, trail to the rear', [way(NOSE, null, 2)], { ifOmitted: 'Turned round it flaps at walking pace.' }) },
      { id: 'bearings', name: 'head bearings, both races', mass: q(0.2, 'kg'), escape: off('fork') },
    ],
    joints: [
      fixing({ id: 'seat-pins', name: 'seat pins', kind: 'clip', holds: ['seat', 'frame'], label: 'spring pin', captive: true, keep: 'carrier', release: 'pull', down: doing('Pull both seat pins, slide forward', [way(FLAT, null, 0.5)]), up: doing('Both pins through, spring side out', [way(FLAT, null, 0.5)]) }, ['left', 'right']),
      fixing({ id: 'nose-rivets', name: 'nose push rivets', kind: 'clip', holds: ['nose', 'frame'], label: 'push rivet 8', role: 'cover', release: 'pry', when: { variant: 'nose-kind', is: 'rivets' }, down: doing('Lift the centre pins of 6 rivets, pull them', [way(FLAT, 'clip-fork', 2)], { note: 'The lower two are hidden behind the bumper’s edge.', cautions: ['H46'] }), up: doing('6 rivets in, pins flush', [way(FLAT, null, 2)], { consumables: [{ consumable: 'rivet', count: 2 }], cautions: ['H63'] }) }, ['upper left', 'upper right', 'side left', 'side right', 'lower left, behind the bumper', 'lower right, behind the bumper']),
      fixing({ id: 'nose-screws', name: 'nose screws', kind: 'screws', holds: ['nose', 'frame'], label: 'M5×16', thread: 'M5', head: 'pan head, cross PH2', role: 'cover', release: 'undo', when: { variant: 'nose-kind', is: 'screws' }, down: doing('Undo 6 nose screws', [way(FLAT, 'cross-2', 3)]), up: doing('6 nose screws, not hard', [way(FLAT, 'cross-2', 3)], { passes: ['started', 'final'], cautions: ['H63'] }) }, holes(6, 16)),
      fixing({ id: 'pack-strap', name: 'pack strap', kind: 'lever', holds: ['pack', 'frame'], label: 'strap', release: 'loosen', captive: true, access: off('seat'), down: doing('Open the pack strap', [way(FLAT, null, 0.25)]), up: doing('Strap over the pack, no lead under it', [way(FLAT, null, 0.5)], { cautions: ['H9'] }) }, ['across the pack']),
      fixing({ id: 'controller-bolts', name: 'controller bolts', kind: 'screws', holds: ['controller', 'frame'], label: 'M5×14', thread: 'M5', head: 'cap head, hexagon socket 4', strength: '8.8', torque: q(4.5, 'Nm'), release: 'undo', access: all(off('seat'), DEAD), down: doing('Undo 3 controller bolts', [way(FLAT, 'hex-4', 1.5)]), up: doing('3 controller bolts', [way(FLAT, 'torque-6', 2)], { passes: ['started', 'final'] }) }, holes(3, 14)),
      fixing({ id: 'fork-ties', name: 'lead ties on the fork', kind: 'tie', holds: ['lead-run', 'fork'], label: 'tie', release: 'cut', consumable: 'tie', access: all(DEAD, off('nose')), down: doing('Cut 3 ties on the fork', [way(BOTH, 'snips', 1)], { note: 'The brake cable shares the upper two.', cautions: ['H36'] }), up: doing('3 new ties, lead on the inner side', [way(BOTH, 'snips', 1.5)], { consumables: [{ consumable: 'tie', count: 3 }], cautions: ['H37', 'H38'] }) }, ['at the axle', 'half way', 'at the crown']),
      fixing({ id: 'brake-cable', name: 'brake cable at the fork', kind: 'clip', holds: ['fork', 'steering'], label: 'cable nipple', keep: 'carrier', critical: 'brake', release: 'pull', access: off('nose'), down: doing('Slacken the cable, nipple out of its arm', [way(FLAT, 'ring-10', 1)], { note: 'Count the turns of its adjuster.' }), up: doing('Nipple in, adjuster as counted', [way(FLAT, 'ring-10', 1.5)], { cautions: ['H55'], ifOmitted: 'No brake.' }) }, ['brake arm']),
      fixing({ id: 'stem-bolt', name: 'stem bolt', kind: 'screws', holds: ['steering', 'fork'], label: 'M8×30', thread: 'M8', head: 'cap head, hexagon socket 6', torque: q(22, 'Nm'), critical: 'steering', release: 'undo', access: all(off('nose'), prepared('mark-bar')), down: doing('Undo the stem bolt right out', [way(FLAT, 'hex-6', 1)], { note: 'It sits in a groove of the spline: loosened only, the bar does not come off.' }), up: doing('Stem bolt to the number, marked', [way(FLAT, 'torque-60', 1.5)], { passes: ['seated', 'final', 'marked'], cautions: ['H22'] }) }, [['across the spline', 30]]),
      fixing({ id: 'head-nuts', name: 'head nuts', kind: 'nut', holds: ['fork', 'frame'], label: 'M25 thin, two', thread: 'M25', head: 'hexagon 32, thin', critical: 'steering', torque: q(30, 'Nm'), release: 'undo', access: all(off('steering'), off('wheel'), off('brake-cable')), down: doing('Undo both head nuts', [way(NOSE, 'ring-32', 2)], { counterHold: 'Thin 32 mm spanner on the lower nut.', cautions: ['H14'] }), up: doing('Lower nut to no play, upper against it', [way(NOSE, 'ring-32', 4)], { passes: ['started', 'final'], cautions: ['H22'], ifOmitted: 'With play the races are dented by the first kerb.' }) }, ['lower', 'upper']),
      fixing({ id: 'race-fit', name: 'bearing races in the head', kind: 'press', holds: ['bearings', 'frame'], frees: ['bearings'], label: 'races', keep: 'bin', release: 'pull', access: off('fork'), down: doing('Drive both races out, evenly', [way(NOSE, 'drift', 4)], { note: 'From inside, a little on each side in turn.' }), up: doing('New races drawn in, greased', [way(NOSE, 'race-press', 5)], { consumables: [{ consumable: 'grease', count: 1 }] }) }, ['upper', 'lower']),
      ...axleEnds({
        carrier: 'fork', hub: 'wheel', poses: NOSE, seat: 'its slot', thread: 'M12', head: '18 mm hexagon', torque: q(40, 'Nm'), ring: 'ring-18', open: 'open-18', counterHold: 'Hold the right flats with the open spanner.',
        access: () => all(DEAD, off('nose')), minutes: { full: 2.5, washers: 0.75 }, flat: 'flat, outside the slot', tab: 'tab, in its slot',
      }),
      fixing({ id: 'left-spacer-fit', name: 'left spacer on the axle', kind: 'washers', holds: ['left-spacer', 'wheel'], label: 'spacer 9', keep: 'carrier', release: 'pull', when: { variant: 'hub-width', is: 'narrow' }, access: off('wheel'), down: doing('Slide the left spacer free', [way(BOTH, null, 0.25)]), up: doing('Left spacer against the bearing', [way(BOTH, null, 0.25)]) }, ['left end']),
      fixing({ id: 'right-spacer-fit', name: 'right spacer on the axle', kind: 'washers', holds: ['right-spacer', 'wheel'], label: 'spacer 5', keep: 'carrier', release: 'pull', when: { variant: 'hub-width', is: 'narrow' }, access: off('wheel'), down: doing('Slide the right spacer free', [way(BOTH, null, 0.25)]), up: doing('Right spacer against the bearing', [way(BOTH, null, 0.25)]) }, ['right end']),
      fixing({ id: 'valve-core', name: 'valve core', kind: 'valve', holds: ['tube', 'wheel'], label: 'valve core', release: 'undo', down: doing('Valve core out, let all air go', [way(BOTH, 'valve-tool', 1)], { cautions: ['H43'] }), up: doing('Valve core in, 2 bar', [way(BOTH, 'valve-tool', 2)], { cautions: ['H54'] }) }, ['in the valve']),
      fixing({ id: 'tyre-seat', name: 'tyre on its rim', kind: 'press', holds: ['tyre', 'wheel'], frees: ['tyre'], label: 'tyre seat', keep: 'carrier', release: 'pry', access: all(off('wheel'), off('valve-core')), down: doing('Lever the tyre off', [way(BOTH, 'levers', 5)]), up: doing('Tyre on, arrow forward at the top', [way(BOTH, 'levers', 6)], { ifOmitted: 'A pinched tube bursts on the first ride.' }) }, ['all round']),
    ],
    connections: [
      { id: 'pack-plug', name: 'pack plug', family: 'two-pole, keyed', releaseHow: 'Straight pull on both shells.', pins: PACK_PINS, mates: ['pack', 'frame'], access: off('seat'), down: doing('Key out, part the pack plug, cap it', [way(FLAT, null, 0.5)], { cautions: ['H6', 'H5'] }), up: doing('Pack plug home, key still out', [way(BOTH, null, 0.5)], { cautions: ['H7', 'H44'] }) },
      { id: 'lamp-plug', name: 'lamp plug', family: '2-pin', releaseHow: 'Straight pull.', pins: wires(['red', 'lamp'], ['black', '0 V']), mates: ['nose', 'frame'], down: doing('Part the lamp plug behind the nose', [way(FLAT, null, 0.5)], { guard: any(off('nose-rivets'), off('nose-screws')) }), up: doing('Lamp plug home, lamp tried', [way(FLAT, null, 0.5)]) },
      { id: 'phases', name: 'phase bullets', family: '4 mm bullets, sleeved', releaseHow: 'Sleeve back, pull on the bodies.', pins: PHASE_PINS, mates: ['lead', 'controller'], access: all(off('seat'), DEAD), down: doing('Photo, part the 3 bullets', [way(FLAT, null, 1.5)], { cautions: ['H67'], photo: 'phase bullets, colours showing' }), up: doing('Bullets by colour, sleeved', [way(FLAT, null, 2)], { cautions: ['H57'] }) },
      { id: 'hall', name: 'Hall plug', family: '6-pin, latch', releaseHow: 'Press the latch, pull straight.', keying: 'Latch to the outside.', pins: [...HALL_PINS, { n: 6, colour: 'white', function: 'motor temperature' }], mates: ['lead', 'controller'], access: all(off('seat'), DEAD), down: doing('Unplug the 6-pin', [way(FLAT, null, 0.75)]), up: doing('6-pin: click, then tug', [way(FLAT, null, 0.75)]) },
      { id: 'control-plug', name: 'pedal plug', family: '5-pin', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', '+5 V'], ['black', '0 V'], ['green', 'pedal'], ['blue', 'reverse'], ['yellow', 'brake']), mates: ['pedal-lead', 'controller'], access: all(off('seat'), DEAD), down: doing('Unplug the pedals', [way(FLAT, null, 0.5)]), up: doing('Pedal plug: click, then tug', [way(FLAT, null, 0.5)]) },
      { id: 'feed', name: 'controller feed', family: 'two-pole, keyed', releaseHow: 'Straight pull.', pins: PACK_PINS, mates: ['controller', 'pack'], access: all(off('seat'), DEAD), down: doing('Unplug the controller feed', [way(FLAT, null, 0.5)]), up: doing('Controller feed in', [way(FLAT, null, 0.5)]) },
    ],
    cables: [
      { id: 'lead', name: 'motor lead', of: 'wheel', route: ['fork-ties', 'head-hole', 'phases', 'hall'], diameter: 8, end: { width: 14, height: 10, tolerance: 0.3 }, slack: { leftLock: q(60, 'mm'), rightLock: q(20, 'mm') }, ties: [{ joint: 'fork-ties', shares: [] }] },
      { id: 'pedal-lead', name: 'pedal lead', of: 'frame', route: ['control-plug'] },
      { id: 'lamp-lead', name: 'lamp lead', of: 'frame', route: ['head-hole', 'lamp-plug'], diameter: 4, end: { width: 9, height: 6, tolerance: 0.2 } },
    ],
    holes: [{ id: 'head-hole', name: 'head tube hole', part: 'frame', width: 18, height: 15, passing: 'one by one' }],
    steps: [
      { id: 'chock', kind: 'prepare', limb: 'both', gives: [raised], down: doing('Chock both rear wheels, brake on', [way(FLAT, null, 0.5)], { cautions: ['H32'] }), up: doing('Chocks away, brake off', [way(FLAT, null, 0.5)]) },
      { id: 'mark-bar', kind: 'prepare', limb: 'down', gives: [prepared('mark-bar')], access: off('nose'), down: doing('Bar straight ahead, one line over bar and spline', [way(FLAT, 'paint-pen', 0.5)], { photo: 'the line, wheel straight ahead' }) },
      { id: 'hold-fork', kind: 'support', limb: 'down', gives: [{ fact: 'supported', of: 'fork' }], access: off('wheel'), down: doing('Block under the fork ends', [way(NOSE, null, 0.5)], { ifOmitted: 'The fork drops with its last nut.' }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: unplugged('pack-plug'), down: doing('Prove dead at the controller feed', [way(FLAT, 'meter', 2)], { note: 'Checked meter, DC.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('hall'), exposed('phases'), exposed('control-plug'), DEAD), down: doing('Tug every plug, turn lock to lock', [way(FLAT, null, 2.5)], { photo: 'plugs as found', cautions: ['H38'] }) },
      { id: 'reaction-path', kind: 'gate', limb: 'up', check: 'reaction path', after: ['undo:left-nut', 'undo:right-nut', 'undo:left-washers', 'undo:right-washers'], up: doing('Both tabs in their slots: look again', [way(NOSE, null, 0.5)], { cautions: ['H33'] }) },
      { id: 'brake-check', kind: 'gate', limb: 'up', check: 'brakes', after: ['undo:brake-cable'], up: doing('Lever firm, wheel stops and runs free', [way(BOTH, null, 1)], { looks: { stand: [], items: ['Lever firm', 'Wheel stops', 'Runs free when let go', 'Lock nut of the adjuster tight'] }, cautions: ['H55'] }) },
      { id: 'lock-to-lock', kind: 'gate', limb: 'up', after: ['off:lead-run', 'undo:fork-ties', 'undo:stem-bolt', 'undo:head-nuts'], up: doing('Lock to lock: free, no play, lead slack', [way(BOTH, null, 1)], { cautions: ['H38', 'H22'] }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['unplug:phases', 'unplug:hall', 'unplug:control-plug', 'unplug:feed', 'off:controller'], before: ['off:seat'], up: doing('Leads clear of the seat rails: look', [way(FLAT, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-plug', 'unplug:phases', 'unplug:hall', 'unplug:control-plug', 'unplug:feed', 'step:reaction-path', 'off:lead-run', 'undo:fork-ties', 'undo:valve-core'], before: ['off:seat', 'off:nose'], up: doing('Spin test, nose up, both ways', [way(NOSE, null, 2), way(FLAT, null, 2, { people: 2 })], { looks: { stand: ['Nose up and chocked, or one lifts it', 'Hands, sleeves and hair clear', 'Short press of the pedal'], items: ['Turns forward', 'Turns backward', 'Starts off and runs smoothly', 'No grinding, rubbing or smell', 'Brake lever stops it', 'Belt switch cuts the drive'] }, note: 'On its wheels one lifts the nose.', cautions: ['H31', 'H32', 'H52', 'H57'] }) },
    ],
    order: [
      { id: 'axle-before-power', limb: 'up', first: 'step:reaction-path', then: 'unplug:pack-plug', strength: 'must', consequence: 'A knocked pedal turns an axle that nothing holds.' },
      { id: 'steering-before-power', limb: 'up', first: 'undo:stem-bolt', then: 'unplug:pack-plug', strength: 'must', consequence: 'Under power with nothing to steer by.' },
      { id: 'chocks-last', limb: 'up', first: 'step:spin-test', then: 'step:chock', strength: 'must', consequence: 'Under power it drives off.' },
      { id: 'chocks-first', limb: 'down', first: 'step:chock', then: 'undo:head-nuts', strength: 'must', consequence: 'It rolls off its block while the fork is loose.' },
    ],
    loadPath: [{ part: 'fork', joints: ['head-nuts'], support: 'hold-fork' }],
    poses: [{ id: 'on-wheels', name: 'on its wheels', rotation: [0, 0, 0] }, { id: 'nose-up', name: 'nose up on its block', rotation: [0, -20, 0] }],
    poseMoves: [
      { from: 'on-wheels', to: 'nose-up', title: 'Raise the nose onto its block', note: 'Chocks in place, feet clear of the block.', people: 2, minutes: { low: 0.5, likely: 1, high: 2 }, guard: raised },
      { from: 'nose-up', to: 'on-wheels', title: 'Lower the nose onto its wheel', note: 'Chocks in place, feet clear of the block.', people: 2, minutes: { low: 0.5, likely: 1, high: 2 }, guard: on('fork') },
    ],
    stacks: [
      stackOf('left-stack', 'front axle, left', 'left', 'wheel', [['nut', 10, 'left-nut'], ['flat', 2, 'left-washers'], ['tab', 2.5, 'left-washers', [0, 0, -1]], ['fork', 6], ['spacer', 9, 'left-spacer-fit']]),
      stackOf('right-stack', 'front axle, right', 'right', 'wheel', [['nut', 10, 'right-nut'], ['flat', 2, 'right-washers'], ['tab', 2.5, 'right-washers', [0, 0, -1]], ['fork', 6], ['spacer, slotted', 5, 'right-spacer-fit', [0, 0, 1]]]),
    ],
    tools: [
      { id: 'clip-fork', name: 'clip fork, plastic', short: 'clip fork', kind: 'pry', form: 'forked, plastic', why: 'A blade breaks the rivet’s heart off.' },
      { id: 'paint-pen', name: 'paint pen', short: 'paint pen', kind: 'marker' },
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'hex-6', name: 'hex key 6 mm', short: 'hex 6', kind: 'hex key', size: '6' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-10', name: 'ring spanner 10 mm', short: '10 ring', kind: 'spanner', size: '10' },
      { id: 'ring-18', name: 'ring spanner 18 mm', short: '18 ring', kind: 'spanner', size: '18', form: 'ring, deep' },
      { id: 'open-18', name: 'open spanner 18 mm, thin', short: '18 open', kind: 'spanner', size: '18', form: 'open, thin', why: 'The lead leaves here.', special: true },
      { id: 'ring-32', name: 'pair of head spanners 32 mm, thin', short: '32 thin', kind: 'spanner', size: '32', form: 'thin, two', special: true },
      { id: 'drift', name: 'soft drift', short: 'drift', kind: 'drift', form: 'brass' },
      { id: 'race-press', name: 'race press, threaded rod', short: 'race press', kind: 'press', special: true },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'levers', name: 'tyre levers', short: 'levers', kind: 'pry' },
      { id: 'valve-tool', name: 'valve core tool', short: 'valve tool', kind: 'valve tool', special: true },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 200 × 4.8' }, { id: 'rivet', name: 'push rivet 8, spare' }, { id: 'grease', name: 'bearing grease, 10 g' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'wheel-goal', name: 'front motor wheel', guard: off('wheel'), swap: [{ id: 'swap-wheel', title: 'New wheel to the bench, old one tagged', part: 'wheel', minutes: { low: 2, likely: 4, high: 6 } }] },
      { id: 'tyre-goal', name: 'front tyre', guard: off('tyre'), swap: [{ id: 'swap-tyre', title: 'New tyre and tube beside the old', part: 'tyre', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'width-goal', name: 'convert the hub’s width', guard: all(off('wheel'), any({ variant: 'hub-width', is: 'wide' }, all(off('left-spacer'), off('right-spacer')))), swap: [{ id: 'swap-width', title: 'Spacers for the other hub, widths added up', note: '118 mm over both spacers; the slotted one right.', minutes: { low: 3, likely: 5, high: 10 } }] },
      { id: 'bearings-goal', name: 'head bearings', guard: off('bearings'), swap: [{ id: 'swap-bearings', title: 'New bearings, races read', part: 'bearings', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', minutes: { low: 2, likely: 3, high: 6 } }] },
    ],
  }
}
