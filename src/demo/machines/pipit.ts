import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, axleEnds, DEAD, doing, exposed, fixing, HALL_PINS, holes, off, on, PACK_PINS, PHASE_PINS, prepared, q, stackOf, unplugged, way, wires } from './build'

const UP = ['on-stand']
const OVER = ['deck-up']
const BOTH = [...UP, ...OVER]

const WHEEL: readonly CompareSpec[] = [
  { id: 'axle', name: 'axle, end to end', unit: 'mm', value: 112, smaller: 1, larger: 3, why: 'Too short leaves no full nut of thread.' },
  { id: 'flats', name: 'across the flats', unit: 'mm', value: 7, smaller: 0.1, larger: 0.1, why: 'Too wide will not enter the slot, too narrow turns in it.' },
  { id: 'plug', name: 'Hall plug', value: '5-pin', options: ['5-pin', '6-pin, latch'], why: 'It does not mate with the controller.' },
  { id: 'tread', name: 'tread under the fender', unit: 'mm', value: 38, smaller: 2, larger: 1, why: 'Wider than the fender’s pad, it is braked on one edge.' },
]

/** The Pipit: a child’s kick-start scooter of the harbour club, hub behind, braked by its fender. Invented. */
export function pipit(): MachineFile {
  const open = off('deck-cover')
  // A glued corner lets two screws be reached without the whole mat.
  const matAway = any(off('mat'), prepared('fold-mat'))
  return {
    format: 'nailsmith-machine/1', id: 'pipit', revision: '2026-03', name: 'Pipit', class: 'scooter',
    variants: [
      { id: 'fender-kind', question: 'What lifts the fender brake: a coil spring or a rubber strap?', options: [{ id: 'spring', label: 'Spring' }, { id: 'strap', label: 'Strap' }], worst: 'spring' },
      { id: 'stand-fitted', question: 'Is a side stand bolted to the deck?', options: [{ id: 'yes', label: 'Yes' }, { id: 'no', label: 'No' }], worst: 'yes' },
    ],
    drives: [{ id: 'rear-drive', name: 'rear hub', kind: 'hub direct', part: 'wheel', carriedBy: 'deck', kv: q(17, 'rpm/V'), polePairs: 10, ratio: 1, hallSpacing: 120, lineResistance: q(0.35, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'lead', cells: 12, nominal: q(24, 'V') },
    mass: q(9.5, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(170, 'Wh'), releasedBy: 'pack-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(0.4, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-fender', kind: 'spring', of: 'fender-spring', escape: [-1, 0, 1], releasedBy: 'spring-hook' },
    ],
    sealed: [{ part: 'wheel', replacedBy: 'a whole wheel', why: 'Its halves are riveted.' }, { part: 'pack', replacedBy: 'a pair of batteries, both new', why: 'One old beside one new overcharges the new one.' }],
    parts: [
      { id: 'deck', name: 'deck' },
      { id: 'mat', name: 'grip mat', mass: q(0.2, 'kg'), lift: doing('Mat off, rolled grip side out', [way(UP, null, 0.5)], { note: 'Rolled tight it will not lie flat again.' }), back: doing('Mat on, from the front back', [way(UP, null, 1)], { ifOmitted: 'A child’s foot slips on bare metal.' }) },
      { id: 'stand', name: 'side stand', mass: q(0.3, 'kg') },
      { id: 'deck-cover', name: 'deck cover', mass: q(0.5, 'kg'), tethers: ['switch-plug'], lift: doing('Deck cover up, switch lead parted', [way(UP, null, 0.5)], { note: 'The push button’s lead is short: lift a hand’s width, then part it.', photo: 'the open deck, before anything is moved' }), back: doing('Deck cover on, seal in its groove', [way(UP, null, 1)], { cautions: ['H40', 'H63'] }) },
      { id: 'pack', name: 'pair of batteries', mass: q(3.6, 'kg'), serviceable: false, tethers: ['pack-plug'], escape: off('deck-cover'), lift: doing('Both batteries out, posts capped', [way(UP, null, 1)], { cautions: ['H8', 'H60'] }), back: doing('Batteries in, posts to the rear', [way(UP, null, 1)], { cautions: ['H9'] }) },
      { id: 'controller', name: 'controller', mass: q(0.25, 'kg'), tethers: ['phases', 'hall', 'control-plug', 'pack-plug'], escape: off('deck-cover'), lift: doing('Controller up and out', [way(UP, null, 0.5)]), back: doing('Controller in, label up', [way(UP, null, 1)], { cautions: ['H39'] }) },
      { id: 'fender', name: 'rear fender', mass: q(0.3, 'kg'), of: ['pad'], handed: 'right', escape: any({ variant: 'fender-kind', is: 'strap' }, off('spring-hook')), lift: doing('Fender off to the rear', [way(BOTH, null, 0.5)]), back: doing('Fender on, pad over the tread', [way(BOTH, null, 1)], { note: 'The longer lug goes right.', cautions: ['H55'], ifOmitted: 'Turned round, it brakes nothing.' }) },
      { id: 'pad', name: 'brake pad', mass: q(0.05, 'kg'), escape: off('fender') },
      { id: 'fender-spring', name: 'fender spring', mass: q(0.02, 'kg'), with: 'fender' },
      { id: 'wheel', name: 'rear motor wheel', mass: q(2.4, 'kg'), serviceable: false, compare: WHEEL, of: ['tyre'], tethers: ['phases', 'hall'], escape: all(off('fender'), off('lead-run')), lift: doing('Wheel back out of its slots', [way(OVER, null, 0.75)], { cautions: ['H14', 'H28'], photo: 'axle ends in their slots' }), back: doing('Wheel into its slots, lead leaving right', [way(OVER, null, 1)], { cautions: ['H33', 'H38'] }) },
      { id: 'lead-run', name: 'motor lead in the deck', tethers: ['phases', 'hall'], escape: off('grommet'), lift: doing('Draw the lead back, cord tied on', [way(UP, null, 1)], { cautions: ['H39'] }), back: doing('Draw the lead in by its cord', [way(UP, null, 1.5)], { cautions: ['H39'], ifOmitted: 'A lead under the cover is cut by its edge.' }) },
      { id: 'tyre', name: 'solid tyre', mass: q(0.7, 'kg'), escape: off('wheel') },
    ],
    joints: [
      fixing({ id: 'mat-glue', name: 'mat, glued down', kind: 'adhesive', holds: ['mat', 'deck-cover'], label: 'glue', release: 'peel', role: 'cover', down: doing('Warm the mat by hand, peel from the front', [way(UP, 'spatula', 4)], { note: 'Slowly: torn foam cannot be put back.', cautions: ['H46'] }), up: doing('New glue on the mat, rolled flat', [way(UP, 'roller', 4)], { consumables: [{ consumable: 'mat-glue-sheet', count: 1 }] }) }, ['whole deck']),
      fixing({ id: 'stand-bolts', name: 'stand bolts', kind: 'screws', holds: ['stand', 'deck'], frees: ['stand'], label: 'M5×12', thread: 'M5', head: 'button head, hexagon socket 3', strength: '8.8', when: { variant: 'stand-fitted', is: 'yes' }, release: 'undo', down: doing('Undo 2 stand bolts, stand off', [way(BOTH, 'hex-3', 1.5)]), up: doing('Stand on, 2 bolts', [way(BOTH, 'torque-6', 2)], { passes: ['started', 'final'] }) }, holes(2, 12)),
      fixing({ id: 'deck-screws', name: 'deck cover screws', kind: 'screws', holds: ['deck-cover', 'deck'], label: 'M4', thread: 'M4', head: 'countersunk, hexagon socket 2.5', strength: '8.8', torque: q(1.4, 'Nm'), role: 'cover', keep: 'own hole', pattern: 'criss-cross', release: 'undo', access: matAway, down: doing('Undo 8 deck cover screws, under the mat', [way(UP, 'hex-2.5', 4, { substitutes: [{ tool: 'lobe-10', risk: 'It fits nearly, and rounds the socket when it is tight.' }] })], { note: 'Front two are 16 long, the others 10. Back in their own holes.', cautions: ['H48', 'H47'] }), up: doing('8 deck cover screws', [way(UP, 'torque-6', 5)], { passes: ['started', 'final'], cautions: ['H48', 'H63'] }) }, [['front left', 16], ['front right', 16], ['left 2', 10], ['right 2', 10], ['left 3', 10], ['right 3', 10], ['rear left', 10], ['rear right', 10]]),
      fixing({ id: 'battery-bracket', name: 'battery bracket', kind: 'screws', holds: ['pack', 'deck'], label: 'M4×10, captive', thread: 'M4', head: 'pan head, cross PH2', captive: true, keep: 'carrier', release: 'loosen', access: all(open, DEAD), down: doing('Loosen the bracket, swing it up', [way(UP, 'cross-2', 1)], { note: 'Its screws stay in it.' }), up: doing('Bracket down, no lead under it', [way(UP, 'cross-2', 1.5)], { cautions: ['H9'] }) }, holes(2, 10, 'screw')),
      fixing({ id: 'controller-screws', name: 'controller screws', kind: 'screws', holds: ['controller', 'deck'], label: 'M3×8', thread: 'M3', head: 'pan head, cross PH2', release: 'undo', access: all(open, DEAD), down: doing('Undo 2 controller screws', [way(UP, 'cross-2', 1)]), up: doing('2 controller screws', [way(UP, 'cross-2', 1)]) }, holes(2, 8, 'ear')),
      fixing({ id: 'spring-hook', name: 'fender spring', kind: 'clip', holds: ['fender', 'deck'], label: 'spring end', keep: 'carrier', release: 'pry', when: { variant: 'fender-kind', is: 'spring' }, down: doing('Hold the fender down, hook the spring off', [way(BOTH, 'hook', 1)], { cautions: ['H26'], ifOmitted: 'Let go by the pivot bolt, it flies up and back.' }), up: doing('Spring end on its peg', [way(BOTH, 'hook', 1)], { cautions: ['H26'], guard: on('fender-pivot'), ifOmitted: 'The fender drags on the tyre all day.' }) }, ['peg in the deck']),
      fixing({ id: 'strap-end', name: 'fender strap', kind: 'clip', holds: ['fender', 'deck'], label: 'strap', keep: 'carrier', release: 'pull', when: { variant: 'fender-kind', is: 'strap' }, down: doing('Unhook the rubber strap', [way(BOTH, null, 0.25)]), up: doing('Strap on its peg', [way(BOTH, null, 0.25)]) }, ['peg in the deck']),
      fixing({ id: 'fender-pivot', name: 'fender pivot', kind: 'screws', holds: ['fender', 'deck'], label: 'M6×55 shoulder', thread: 'M6', head: 'cap head, hexagon socket 5', torque: q(6, 'Nm'), critical: 'brake', release: 'undo', access: any({ variant: 'fender-kind', is: 'strap' }, off('spring-hook')), down: doing('Undo the fender pivot', [way(BOTH, 'hex-5', 1)], { counterHold: '10 mm spanner on its nut.' }), up: doing('Fender pivot, nut to the number', [way(BOTH, 'torque-20', 1.5)], { cautions: ['H55'] }) }, [['through both lugs', 55]]),
      fixing({ id: 'pad-screws', name: 'brake pad screws', kind: 'screws', holds: ['pad', 'fender'], members: [{ id: 'pad-screws-1', place: 'front', length: 8 }, { id: 'pad-screws-2', place: 'middle', length: 8, stay: true }, { id: 'pad-screws-3', place: 'rear', length: 8 }], frees: ['pad'], label: 'M4×8', thread: 'M4', head: 'countersunk, cross PH2', critical: 'brake', torque: q(1.2, 'Nm'), release: 'undo', access: off('fender'), down: doing('Undo 2 pad screws; leave the middle one in', [way(BOTH, 'cross-2', 1)], { note: 'The middle screw holds the fender’s own rib.' }), up: doing('New pad, 2 screws below its face', [way(BOTH, 'cross-2', 1.5)], { cautions: ['H30', 'H55'], ifOmitted: 'A screw head in the tread is no brake.' }) }),
      fixing({ id: 'grommet', name: 'lead grommet', kind: 'clip', holds: ['lead-run', 'deck'], label: 'grommet', keep: 'carrier', release: 'pry', access: all(open, DEAD), down: doing('Push the grommet out of the deck', [way(UP, 'spatula', 0.5)]), up: doing('Grommet in, both lips through', [way(UP, null, 0.5)], { cautions: ['H40'], ifOmitted: 'Water runs along the lead into the deck.' }) }, ['rear wall']),
      fixing({ id: 'lead-ties', name: 'lead ties in the deck', kind: 'tie', holds: ['lead-run', 'deck'], label: 'tie', release: 'cut', consumable: 'tie', access: all(open, DEAD), down: doing('Cut 2 ties in the deck', [way(UP, 'snips', 0.75)], { cautions: ['H36'] }), up: doing('2 new ties, lead flat on the floor', [way(UP, 'snips', 1)], { consumables: [{ consumable: 'tie', count: 2 }] }) }, ['beside the controller', 'at the rear wall']),
      ...axleEnds({
        carrier: 'deck', hub: 'wheel', poses: OVER, seat: 'its slot', thread: 'M8', head: '13 mm hexagon', torque: q(18, 'Nm'), ring: 'ring-13', open: 'open-13', counterHold: 'Hold the right flats with the open spanner.',
        access: () => all(DEAD, off('fender')), minutes: { full: 2, washers: 0.5 }, flat: 'flat, outside the slot', tab: 'tab, in its slot',
      }),
      fixing({ id: 'tyre-seat', name: 'solid tyre on its rim', kind: 'press', holds: ['tyre', 'wheel'], frees: ['tyre'], label: 'tyre seat', keep: 'carrier', release: 'pry', access: off('wheel'), down: doing('Warm water, then lever the tyre off', [way(OVER, 'levers', 12, { people: 2 })], { note: 'Ten minutes in hot tap water first; the axle stays dry.', cautions: ['H46'] }), up: doing('Tyre on, warm, arrow forward', [way(OVER, 'levers', 14, { people: 2 })]) }, ['all round']),
    ],
    connections: [
      { id: 'pack-plug', name: 'battery plug', family: 'two-pole, keyed', releaseHow: 'Straight pull on both shells.', pins: PACK_PINS, mates: ['pack', 'controller'], access: open, down: doing('Part the battery plug, cap both halves', [way(UP, null, 0.5)], { note: 'Key off first.', cautions: ['H6', 'H5'] }), up: doing('Battery plug home', [way(UP, null, 0.5)], { cautions: ['H7', 'H44'] }) },
      { id: 'switch-plug', name: 'push button plug', family: '2-pin', releaseHow: 'Straight pull.', pins: wires(['red', 'key'], ['black', 'key return']), mates: ['deck-cover', 'controller'], access: off('deck-screws'), down: doing('Part the push button’s plug', [way(UP, null, 0.5)], { note: 'One hand holds the cover up.' }), up: doing('Push button’s plug home', [way(UP, null, 0.5)], { ifOmitted: 'It will not switch on, and the deck has to come up again.' }) },
      { id: 'phases', name: 'phase bullets', family: '3 mm bullets, sleeved', releaseHow: 'Sleeve back, pull on the bodies.', pins: PHASE_PINS, mates: ['lead', 'controller'], access: all(open, DEAD), down: doing('Photo, part the 3 bullets', [way(UP, null, 1.5)], { cautions: ['H67'], photo: 'phase bullets, colours showing' }), up: doing('Bullets by colour, sleeved', [way(UP, null, 2)], { cautions: ['H57'] }) },
      { id: 'hall', name: 'Hall plug', family: '5-pin', releaseHow: 'Press the latch, pull straight.', keying: 'One flat side.', pins: HALL_PINS, mates: ['lead', 'controller'], access: all(open, DEAD), down: doing('Unplug the 5-pin', [way(UP, null, 0.75)]), up: doing('5-pin: click, then tug', [way(UP, null, 0.75)]) },
      { id: 'control-plug', name: 'throttle plug', family: '3-pin', releaseHow: 'Straight pull.', pins: wires(['red', '+5 V'], ['black', '0 V'], ['green', 'throttle']), mates: ['throttle-lead', 'controller'], access: all(open, DEAD), down: doing('Unplug the throttle', [way(UP, null, 0.5)]), up: doing('Throttle plug home', [way(UP, null, 0.5)]) },
    ],
    cables: [
      { id: 'lead', name: 'motor lead', of: 'wheel', route: ['grommet', 'lead-ties', 'deck-hole', 'hall'], end: { width: 11, height: 8, tolerance: 0.3 }, ties: [{ joint: 'lead-ties', shares: ['throttle-lead'] }] },
      { id: 'throttle-lead', name: 'throttle lead', of: 'deck', route: ['lead-ties', 'control-plug'] },
    ],
    holes: [{ id: 'deck-hole', part: 'deck', width: 14, height: 14 }],
    steps: [
      { id: 'fold-mat', kind: 'push aside', limb: 'both', gives: [prepared('fold-mat')], access: off('mat-glue'), down: doing('Fold the mat back, a clip on it', [way(UP, null, 0.25, { penalty: 0.75 })]), up: doing('Mat down again, rolled flat', [way(UP, null, 0.5)]) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: unplugged('pack-plug'), down: doing('Prove dead at the controller', [way(UP, 'meter', 2)], { note: 'Checked meter, DC, on the controller’s half.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('hall'), exposed('phases'), exposed('control-plug'), DEAD), down: doing('Tug every plug, look for green and brown', [way(UP, null, 2)], { photo: 'plugs as found' }) },
      { id: 'reaction-path', kind: 'gate', limb: 'up', check: 'reaction path', after: ['undo:left-nut', 'undo:right-nut', 'undo:left-washers', 'undo:right-washers'], up: doing('Both tabs in their slots: look again', [way(OVER, null, 0.5)], { cautions: ['H33'] }) },
      { id: 'brake-check', kind: 'gate', limb: 'up', check: 'brakes', after: ['off:fender', 'undo:pad-screws', 'undo:spring-hook', 'undo:strap-end'], up: doing('Fender lifts off by itself, brakes by foot', [way(UP, null, 1)], { looks: { stand: [], items: ['Fender lifts off by itself', 'Pad over the tread, screw heads below its face', 'Pivot tight, its nut on', 'Brakes by foot'] }, cautions: ['H55'], ifOmitted: 'It is the only brake behind.' }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['unplug:phases', 'unplug:hall', 'unplug:control-plug', 'off:lead-run', 'off:pack', 'off:controller'], before: ['off:deck-cover'], up: doing('Leads inside the deck: look all round', [way(UP, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-plug', 'unplug:phases', 'unplug:hall', 'step:reaction-path', 'off:lead-run', 'undo:controller-screws'], before: ['step:pinch-look', 'off:deck-cover'], up: doing('Push the wheel by hand, then throttle', [way(UP, null, 2)], { looks: { stand: ['Rear held up', 'Hands, sleeves and hair clear', 'Wheel given a turn first'], items: ['Does not start from a standstill', 'Turns forward after a turn by hand', 'Runs smoothly', 'Fender stops it', 'Button switches it off'] }, note: 'Rear held up. It starts only from a kick: give the wheel a turn first.', cautions: ['H31', 'H32', 'H52', 'H57'] }) },
    ],
    order: [
      { id: 'axle-before-power', limb: 'up', first: 'step:reaction-path', then: 'unplug:pack-plug', strength: 'must', consequence: 'A knocked throttle turns an axle that nothing holds.' },
      { id: 'brake-before-power', limb: 'up', first: 'step:brake-check', then: 'unplug:pack-plug', strength: 'prefer', consequence: 'A wheel under power with no brake looked at.' },
      { id: 'spring-after-pivot', limb: 'up', first: 'undo:fender-pivot', then: 'undo:spring-hook', strength: 'must', consequence: 'The spring throws the fender back.' },
    ],
    loadPath: [],
    poses: [{ id: 'on-stand', name: 'on a work stand', rotation: [0, 0, 0] }, { id: 'deck-up', name: 'upside down on foam', rotation: [180, 0, 0] }],
    poseMoves: [
      { from: 'on-stand', to: 'deck-up', title: 'Turn it over onto foam', people: 1, minutes: { low: 0.25, likely: 0.5, high: 1 }, guard: all(any({ variant: 'stand-fitted', is: 'no' }, off('stand-bolts')), any(on('deck-cover'), off('pack'))) },
      { from: 'deck-up', to: 'on-stand', title: 'Turn it back onto the stand', people: 1, minutes: { low: 0.25, likely: 0.5, high: 1 } },
    ],
    stacks: (['left', 'right'] as const).map((side) => stackOf(`${side}-stack`, `rear axle, ${side}`, side, 'wheel', [['nut', 6.5, `${side}-nut`], ['flat', 1.5, `${side}-washers`], ['tab', 2, `${side}-washers`, [-1, 0, 0]], ['tail plate', 4], ['spacer', 3]])),
    tools: [
      { id: 'spatula', name: 'plastic spatula', short: 'spatula', kind: 'pry', form: 'plastic, wide' },
      { id: 'roller', name: 'seam roller', short: 'roller', kind: 'roller' },
      { id: 'hook', name: 'spring hook', short: 'hook', kind: 'hook', special: true, why: 'Pliers mark the spring, and slip.' },
      { id: 'hex-2.5', name: 'hex key 2.5 mm', short: 'hex 2.5', kind: 'hex key', size: '2.5' },
      { id: 'lobe-10', name: 'six-lobe bit T10', short: 'lobe 10', kind: 'six-lobe', size: 'T10' },
      { id: 'hex-3', name: 'hex key 3 mm', short: 'hex 3', kind: 'hex key', size: '3' },
      { id: 'hex-5', name: 'hex key 5 mm', short: 'hex 5', kind: 'hex key', size: '5' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-13', name: 'ring spanner 13 mm', short: '13 ring', kind: 'spanner', size: '13', form: 'ring, deep' },
      { id: 'open-13', name: 'open spanner 13 mm, thin', short: '13 open', kind: 'spanner', size: '13', form: 'open, thin', why: 'The lead leaves here.', special: true },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'levers', name: 'tyre levers, plastic', short: 'levers', kind: 'pry', form: 'plastic' },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m, 13 mm deep', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 140 × 3.6' }, { id: 'mat-glue-sheet', name: 'double-sided sheet for the mat' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'wheel-goal', name: 'rear motor wheel', guard: off('wheel'), swap: [{ id: 'swap-wheel', title: 'New wheel to the bench, old one tagged', part: 'wheel', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'tyre-goal', name: 'solid tyre', guard: off('tyre'), swap: [{ id: 'swap-tyre', title: 'New tyre beside the old', part: 'tyre', minutes: { low: 1, likely: 2, high: 4 } }] },
      { id: 'battery-goal', name: 'pair of batteries', guard: off('pack'), swap: [{ id: 'swap-pack', title: 'Both new, same type, charged', part: 'pack', note: 'Never one old beside one new.', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'pad-goal', name: 'brake pad', guard: off('pad'), swap: [{ id: 'swap-pad', title: 'New pad beside the old', part: 'pad', minutes: { low: 0.5, likely: 1, high: 2 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', minutes: { low: 2, likely: 3, high: 6 } }] },
    ],
  }
}
