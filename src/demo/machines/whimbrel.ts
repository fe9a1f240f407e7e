import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, axleEnds, DEAD, doing, exposed, fixing, holes, off, PACK_PINS, prepared, q, stackOf, unplugged, way, wires } from './build'

const UP = ['on-stand']
const OVER = ['upside-down']
const BOTH = [...UP, ...OVER]
const BENCH = ['on-stand', 'upside-down']
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const WHEEL: readonly CompareSpec[] = [
  { id: 'axle', name: 'axle, end to end', unit: 'mm', value: 208, smaller: 1, larger: 6, why: 'Too short leaves no full nut of thread.' },
  { id: 'flats', name: 'across the flats', unit: 'mm', value: 10, smaller: 0.1, larger: 0.1, why: 'Too wide will not enter the dropout, too narrow turns in it.' },
  { id: 'width', name: 'between the dropouts', unit: 'mm', value: 135, smaller: 0.5, larger: 0.5, why: 'Too wide spreads the frame.' },
  { id: 'plug', name: 'motor plug', value: '9-pin, round', options: ['9-pin, round', '6-pin, latch'], why: 'It does not mate with the loom.' },
  { id: 'rotor', name: 'rotor screw holes', value: 6, smaller: 0, larger: 0, why: 'The brake disc does not go on.' },
]

/** The Whimbrel: a long-tail e-bike for the library’s books, a geared hub behind, gears by derailleur. Invented. */
export function whimbrel(): MachineFile {
  const clear = any(prepared('hold-derailleur'), off('hanger'))
  return {
    format: 'nailsmith-machine/1', id: 'whimbrel', revision: '2026-04', name: 'Whimbrel', class: 'e-bike',
    variants: [
      { id: 'cog-kind', question: 'Are the cogs on a cassette or a screwed-on freewheel?', options: [{ id: 'cassette', label: 'Cassette' }, { id: 'freewheel', label: 'Screwed on' }], worst: 'freewheel' },
      { id: 'bags-fitted', question: 'Are the book bags on?', options: [{ id: 'on', label: 'On' }, { id: 'off', label: 'Off' }], worst: 'on' },
    ],
    drives: [{ id: 'rear-drive', name: 'rear hub', kind: 'hub geared', part: 'wheel', carriedBy: 'frame', kv: q(7.8, 'rpm/V'), polePairs: 8, ratio: 5, hallSpacing: 120, lineResistance: q(0.12, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-rail', chemistry: 'Li-ion', cells: 13, nominal: q(48, 'V') },
    mass: q(34, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(672, 'Wh'), releasedBy: 'pack-rail' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'frame', size: q(1.6, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-tyre', kind: 'tyre', of: 'tyre', size: q(3.5, 'bar'), escape: [0, 1, 0], releasedBy: 'valve-core' },
      { id: 'energy-derailleur', kind: 'spring', of: 'derailleur', escape: [1, 0, 0], releasedBy: 'hold-derailleur' },
    ],
    sealed: [{ part: 'clutch', replacedBy: 'a whole clutch', why: 'Its rollers are pressed in.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'bags', name: 'book bags', mass: q(2, 'kg') },
      { id: 'pack', name: 'battery pack', mass: q(3.8, 'kg'), tethers: ['pack-rail'], lift: doing('Pack out of its rail, carried away', [way(UP, null, 1)], { cautions: ['H8', 'H60'] }), back: doing('Pack on its rail until it clicks', [way(UP, null, 1)], { cautions: ['H9'], ifOmitted: 'A pack that is not home falls off at the first kerb.' }) },
      { id: 'derailleur', name: 'derailleur', with: 'hanger' },
      { id: 'hanger', name: 'gear hanger', mass: q(0.4, 'kg') },
      {
        id: 'wheel', name: 'rear wheel', mass: q(7.2, 'kg'), compare: WHEEL, of: ['tyre', 'tube', 'rotor', 'cluster', 'hub-cover', 'gears', 'clutch'], tethers: ['motor-plug'], escape: all(clear, off('chainstay-ties')),
        lift: doing('Wheel out of the dropouts', [way(OVER, null, 2, { people: 2 })], { note: 'One lifts, one holds chain and derailleur away.', cautions: ['H14', 'H61'], photo: 'both dropouts, order of the washers' }),
        back: doing('Wheel into the dropouts, lead leaving right', [way(OVER, null, 3, { people: 2 })], { note: 'Chain on the smallest cog, disc between the pads.', cautions: ['H33', 'H61'] }),
      },
      { id: 'rotor', name: 'brake disc', mass: q(0.15, 'kg'), transfer: true, escape: off('wheel') },
      { id: 'cluster', name: 'cogs', mass: q(0.4, 'kg'), transfer: true, escape: off('wheel'), lift: doing('Cogs off the hub', [way(BENCH, null, 0.5)]), back: doing('Cogs on, wide slot to wide rib', [way(BENCH, null, 0.5)]) },
      { id: 'tyre', name: 'rear tyre', mass: q(0.9, 'kg'), escape: off('wheel') },
      { id: 'tube', name: 'rear tube', mass: q(0.2, 'kg'), with: 'tyre' },
      { id: 'hub-cover', name: 'hub cover', mass: q(0.3, 'kg'), escape: all(off('wheel'), off('cluster')), lift: doing('Hub cover off, square to the hub', [way(BENCH, 'puller', 2)], { note: 'Work round in turn; the seal comes with it.', cautions: ['H46'] }), back: doing('Hub cover on, seal greased', [way(BENCH, null, 1.5)], { cautions: ['H40'] }) },
      { id: 'clutch', name: 'clutch', of: ['gears'], mass: q(0.3, 'kg'), serviceable: false, escape: off('hub-cover'), lift: doing('Lift the clutch and planet carrier out', [way(BENCH, null, 1)], { photo: 'the gears as they lay' }), back: doing('Clutch in, turned against its rollers', [way(BENCH, null, 1.5)], { ifOmitted: 'Put in the wrong way round it freewheels both ways.' }) },
      { id: 'gears', name: 'planet gears', mass: q(0.2, 'kg'), escape: off('clutch') },
    ],
    joints: [
      fixing({ id: 'bag-hooks', name: 'bag hooks', kind: 'lever', holds: ['bags', 'frame'], frees: ['bags'], label: 'bag hook', release: 'loosen', when: { variant: 'bags-fitted', is: 'on' }, role: 'cover', captive: true, down: doing('Bags off', [way(UP, null, 1)], {}), up: doing('Bags on', [way(UP, null, 1)], {}) }, ['left', 'right']),
      fixing({ id: 'pack-lock', name: 'pack lock', kind: 'lever', holds: ['pack', 'frame'], label: 'pack lock', release: 'loosen', captive: true, down: doing('Unlock the pack, key in the bag', [way(UP, null, 0.5)], {}), up: doing('Lock the pack, key out', [way(UP, null, 0.5)], { ifOmitted: 'Unlocked, it works loose.' }) }, ['key']),
      fixing({ id: 'chainstay-ties', name: 'lead ties on the chainstay', kind: 'tie', holds: ['wheel', 'frame'], label: 'tie', release: 'cut', consumable: 'tie', access: DEAD, down: doing('Cut 3 ties along the chainstay', [way(BOTH, 'snips', 1.5)], { note: 'The brake hose shares the middle one.', cautions: ['H36'] }), up: doing('3 new ties, lead under the stay', [way(BOTH, 'snips', 2)], { consumables: [{ consumable: 'tie', count: 3 }], cautions: ['H37'] }) }, ['near the plug', 'middle', 'near the axle']),
      fixing({ id: 'hanger-bolt', name: 'hanger bolt', kind: 'screws', holds: ['hanger', 'frame'], frees: ['hanger'], label: 'M4×8', thread: 'M4', head: 'countersunk, hexagon socket 3', release: 'undo', torque: q(3, 'Nm'), access: prepared('small-cog'), down: doing('Undo the hanger bolt, hanger aside', [way(BOTH, 'hex-3', 2)], { cautions: ['H26'] }), up: doing('Hanger on, bolt tight', [way(BOTH, 'torque-6', 3)], { ifOmitted: 'A loose hanger shifts by itself.' }) }, [['in the dropout', 8]]),
      ...axleEnds({
        carrier: 'frame', hub: 'wheel', poses: OVER, seat: 'the dropout', thread: 'M12', head: '19 mm hexagon', torque: q(38, 'Nm'), ring: 'ring-19', open: 'open-19', counterHold: 'Hold the right flats.',
        access: () => all(DEAD, clear, prepared('seat-down')), minutes: { full: 3, washers: 1 }, flat: 'flat', tab: 'tab, in the dropout',
      }),
      fixing({ id: 'valve-core', name: 'valve core', kind: 'valve', holds: ['tube', 'wheel'], label: 'valve core', release: 'undo', down: doing('Valve core out, let all air go', [way(BOTH, 'valve-tool', 1)], { cautions: ['H43'] }), up: doing('Valve core in, 3.5 bar', [way(BOTH, 'valve-tool', 2)], { cautions: ['H54'] }) }, ['in the valve']),
      fixing({ id: 'tyre-seat', name: 'tyre on its rim', kind: 'press', holds: ['tyre', 'wheel'], frees: ['tyre'], label: 'tyre seat', keep: 'carrier', release: 'pry', access: all(off('wheel'), off('valve-core')), down: doing('Lever the tyre off', [way(BENCH, 'levers', 4)], {}), up: doing('Tyre on, arrow forward at the top', [way(BENCH, 'levers', 5)], { ifOmitted: 'A pinched tube bursts on the first ride.' }) }, ['all round']),
      fixing({ id: 'rotor-screws', name: 'brake disc screws', kind: 'screws', holds: ['rotor', 'wheel'], frees: ['rotor'], label: 'M5×10', thread: 'M5', head: 'button head, six-lobe T25', torque: q(6, 'Nm'), critical: 'brake', lock: MEDIUM, pattern: 'star', release: 'undo', access: off('wheel'), down: doing('Undo 6 disc screws, disc off', [way(BENCH, 'lobe-25', 4)], { cautions: ['H30'] }), up: doing('Disc on, 6 in a star', [way(BENCH, 'torque-20', 5)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 6 }], cautions: ['H30', 'H72'] }) }, holes(6, 10)),
      fixing({ id: 'lock-ring', name: 'cassette lock ring', kind: 'ring', holds: ['cluster', 'wheel'], label: 'lock ring', torque: q(40, 'Nm'), release: 'undo', when: { variant: 'cog-kind', is: 'cassette' }, access: off('wheel'), down: doing('Undo the lock ring', [way(BENCH, 'ring-tool', 2)], { counterHold: 'Chain whip on the big cog.' }), up: doing('Lock ring tight', [way(BENCH, 'ring-tool', 2)], {}) }, ['outermost']),
      fixing({ id: 'freewheel-thread', name: 'freewheel on its thread', kind: 'ring', holds: ['cluster', 'wheel'], label: 'freewheel', release: 'undo', keep: 'carrier', when: { variant: 'cog-kind', is: 'freewheel' }, access: off('wheel'), down: doing('Unscrew the freewheel', [way(BENCH, 'freewheel-tool', 4, { people: 2 })], { note: 'Tool in the vice, turn the wheel; it lets go at once.', cautions: ['H14'] }), up: doing('Freewheel on by hand, grease on the thread', [way(BENCH, null, 2)], { consumables: [{ consumable: 'grease', count: 1 }] }) }, ['hub thread']),
      fixing({ id: 'cover-screws', name: 'hub cover screws', kind: 'screws', holds: ['hub-cover', 'wheel'], label: 'M4×12', thread: 'M4', head: 'button head, six-lobe T20', strength: '8.8', torque: q(2.6, 'Nm'), lock: MEDIUM, role: 'working', pattern: 'criss-cross', release: 'undo', access: all(off('wheel'), off('cluster')), down: doing('Undo 7 hub cover screws', [way(BENCH, 'lobe-20', 4)], { cautions: ['H47'] }), up: doing('7 hub cover screws, criss-cross', [way(BENCH, 'torque-6', 5)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 7 }], cautions: ['H72'] }) }, holes(7, 12)),
      fixing({ id: 'clutch-ring', name: 'snap ring of the clutch', kind: 'ring', holds: ['clutch', 'wheel'], label: 'snap ring 17', release: 'pry', access: off('hub-cover'), down: doing('Snap ring off the shaft', [way(BENCH, 'ring-pliers', 1.5)], { cautions: ['H25'] }), up: doing('Snap ring home in its groove', [way(BENCH, 'ring-pliers', 2)], { cautions: ['H25'], ifOmitted: 'The clutch walks off its shaft.' }) }, ['on the shaft']),
      fixing({ id: 'gear-pins', name: 'planet gear clips', kind: 'clip', holds: ['gears', 'clutch'], frees: ['gears'], label: 'gear clip', release: 'pry', access: off('clutch'), down: doing('3 clips off, planet gears off', [way(BENCH, 'ring-pliers', 3)], { cautions: ['H25'], note: 'Old grease out of every tooth; look for worn edges.' }), up: doing('Planet gears on, 12 g of grease, 3 clips', [way(BENCH, 'ring-pliers', 5)], { consumables: [{ consumable: 'grease', count: 1 }], ifOmitted: 'Dry nylon gears melt within a week.' }) }, ['gear 1', 'gear 2', 'gear 3']),
    ],
    connections: [
      { id: 'pack-rail', name: 'pack rail', family: 'four-blade rail', releaseHow: 'The pack slides off its blades.', pins: PACK_PINS, mates: ['pack', 'frame'], access: off('pack-lock'), down: doing('Key off, draw the pack off its blades', [way(UP, null, 0.5)], { cautions: ['H6', 'H5'] }), up: doing('Pack onto its blades, key still off', [way(UP, null, 0.5)], { cautions: ['H7', 'H44'] }) },
      { id: 'motor-plug', name: 'motor plug', family: '9-pin, round', releaseHow: 'Straight pull, arrows in line.', keying: 'An arrow on each half.', pins: wires(['yellow', 'phase A'], ['green', 'phase B'], ['blue', 'phase C'], ['red', '+5 V'], ['black', '0 V'], ['yellow', 'Hall A'], ['green', 'Hall B'], ['blue', 'Hall C'], ['white', 'speed']), mates: ['lead', 'frame'], access: DEAD, down: doing('Part the 9-pin at the chainstay', [way(BOTH, null, 0.75)], { photo: '9-pin, arrows in line' }), up: doing('9-pin home, arrows in line', [way(BOTH, null, 0.75)], { ifOmitted: 'Bent pins: it jerks, or does nothing.' }) },
    ],
    cables: [{ id: 'lead', name: 'motor lead', of: 'wheel', route: ['motor-plug', 'chainstay-ties'], end: { width: 11, height: 11, tolerance: 0.2 } }],
    holes: [],
    steps: [
      { id: 'small-cog', kind: 'prepare', limb: 'down', gives: [prepared('small-cog')], down: doing('Shift to the smallest cog', [way(UP, null, 1)], { note: 'By its button, while it still has power; turn the pedals by hand.', guard: { not: unplugged('pack-rail') }, ifOmitted: 'The wheel will not pass the chain.' }) },
      { id: 'seat-down', kind: 'prepare', limb: 'both', gives: [prepared('seat-down')], access: any({ variant: 'bags-fitted', is: 'off' }, off('bags')), down: doing('Seat down, display rolled away', [way(UP, 'hex-4', 1.5)], { note: 'Mark the seat’s height with tape.' }), up: doing('Seat up to its mark, display back', [way(UP, 'hex-4', 1.5)], { cautions: ['H22'] }) },
      { id: 'hold-derailleur', kind: 'push aside', limb: 'both', gives: [prepared('hold-derailleur')], access: all(prepared('small-cog'), prepared('seat-down')), down: doing('Strap the derailleur back', [way(OVER, null, 1, { penalty: 1.5 })], { cautions: ['H26'] }), up: doing('Strap off, derailleur free', [way(OVER, null, 0.5)], { cautions: ['H26'] }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: off('pack'), down: doing('Prove dead at the rail', [way(UP, 'meter', 2)], { note: 'Checked meter, DC, on the frame’s blades.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('motor-plug'), DEAD), down: doing('Tug the 9-pin, look into both halves', [way(UP, null, 2)], { photo: '9-pin as found' }) },
      { id: 'reaction-path', kind: 'gate', limb: 'up', check: 'reaction path', after: ['undo:left-nut', 'undo:right-nut', 'undo:left-washers', 'undo:right-washers'], up: doing('Both tabs in the dropouts: look again', [way(OVER, null, 0.5)], { cautions: ['H33'] }) },
      { id: 'brake-check', kind: 'gate', limb: 'up', check: 'brakes', after: ['off:wheel'], up: doing('Lever firm, rear disc runs free', [way(BOTH, null, 1)], { cautions: ['H55'], ifOmitted: 'No rear brake on the first ride.' }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-rail', 'off:pack', 'unplug:motor-plug', 'undo:chainstay-ties', 'step:reaction-path', 'step:brake-check', 'undo:valve-core'], up: doing('Spin test on the stand', [way(UP, null, 2)], { looks: { stand: ['Rear wheel off the ground', 'Hands, sleeves and leads clear of spokes and chain', 'Display at its lowest step'], items: ['Helps when the pedals turn', 'Stops helping when they stop', 'Freewheels when pushed', 'Runs smoothly, no grinding', 'Both brake levers cut the drive', 'Display shows the speed'] }, cautions: ['H31', 'H32', 'H52', 'H57'] }) },
    ],
    order: [
      { id: 'axle-before-power', limb: 'up', first: 'step:reaction-path', then: 'unplug:pack-rail', strength: 'must', consequence: 'A knocked throttle turns an axle that nothing holds.' },
      { id: 'brake-before-power', limb: 'up', first: 'step:brake-check', then: 'unplug:pack-rail', strength: 'prefer', consequence: 'A wheel under power with no brake looked at.' },
      { id: 'ties-before-power', limb: 'up', first: 'undo:chainstay-ties', then: 'unplug:pack-rail', strength: 'prefer', consequence: 'A lead in the spokes when it first turns.' },
    ],
    loadPath: [],
    poses: [{ id: 'on-stand', name: 'on its double stand', rotation: [0, 0, 0] }, { id: 'upside-down', name: 'upside down on seat and bar', rotation: [180, 0, 0] }],
    poseMoves: [
      { from: 'on-stand', to: 'upside-down', title: 'Bags off, turn it over onto seat and bar', people: 2, minutes: { low: 1, likely: 1.5, high: 3 } },
      { from: 'upside-down', to: 'on-stand', title: 'Turn it back onto its stand', people: 2, minutes: { low: 1, likely: 1.5, high: 3 } },
    ],
    stacks: (['left', 'right'] as const).map((side) => stackOf(`${side}-stack`, `rear axle, ${side}`, side, 'wheel', [['nut', 10, `${side}-nut`], ['flat', 2, `${side}-washers`], ['tab', 2.5, `${side}-washers`, [-1, 0, 0]], ['dropout', 6], ['flat', 2]])),
    tools: [
      { id: 'hex-3', name: 'hex key 3 mm', short: 'hex 3', kind: 'hex key', size: '3' },
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'lobe-20', name: 'six-lobe bit T20', short: 'lobe 20', kind: 'six-lobe', size: 'T20' },
      { id: 'lobe-25', name: 'six-lobe bit T25', short: 'lobe 25', kind: 'six-lobe', size: 'T25' },
      { id: 'ring-19', name: 'ring spanner 19 mm', short: '19 ring', kind: 'spanner', size: '19', form: 'ring, deep' },
      { id: 'open-19', name: 'open spanner 19 mm, thin', short: '19 open', kind: 'spanner', size: '19', form: 'open, thin', special: true },
      { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
      { id: 'levers', name: 'tyre levers, plastic', short: 'levers', kind: 'pry' },
      { id: 'valve-tool', name: 'valve core tool', short: 'valve tool', kind: 'valve tool', special: true },
      { id: 'ring-tool', name: 'lock ring tool', short: 'ring tool', kind: 'spline', special: true },
      { id: 'freewheel-tool', name: 'freewheel tool, in the vice', short: 'freewheel', kind: 'spline', special: true },
      { id: 'ring-pliers', name: 'snap ring pliers', short: 'ring pliers', kind: 'pliers', special: true },
      { id: 'puller', name: 'three-leg puller, padded', short: 'puller', kind: 'puller', special: true },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m, 19 mm deep', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'tie', name: 'cable tie 200 × 4.8' }, { id: 'grease', name: 'gear grease, 12 g' }, { id: 'locker-medium', name: 'medium threadlocker, drop' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'wheel-goal', name: 'rear motor wheel', guard: all(off('wheel'), off('rotor'), off('cluster')), swap: [{ id: 'swap-wheel', title: 'New wheel to the bench, old one tagged', part: 'wheel', note: 'Disc, cogs, tyre and tube go over, if the new one came bare.', minutes: { low: 3, likely: 5, high: 8 } }] },
      { id: 'tyre-goal', name: 'rear tyre', guard: off('tyre'), swap: [{ id: 'swap-tyre', title: 'New tyre beside the old', part: 'tyre', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'gears-goal', name: 're-grease the gears', guard: off('gears'), swap: [{ id: 'clean-gears', title: 'Old grease out, teeth looked at', note: 'White dust is worn nylon: new gears.', minutes: { low: 5, likely: 8, high: 15 } }] },
    ],
  }
}
