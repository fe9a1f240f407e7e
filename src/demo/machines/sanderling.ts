import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, axleEnds, DEAD, doing, exposed, fixing, HALL_PINS, holes, off, on, PACK_PINS, PHASE_PINS, prepared, q, stackOf, unplugged, way } from './build'

const UP = ['upright']
const OVER = ['on-bars']
const BOTH = [...UP, ...OVER]

const MOTOR: readonly CompareSpec[] = [
  { id: 'axle', name: 'axle, end to end', unit: 'mm', value: 138, smaller: 1, larger: 4, why: 'Too short leaves no full nut of thread.' },
  { id: 'flats', name: 'across the flats', unit: 'mm', value: 8, smaller: 0.1, larger: 0.1, why: 'Too wide will not enter the slot, too narrow turns in it.' },
  { id: 'width', name: 'between the inner washers', unit: 'mm', value: 82, smaller: 1, larger: 0.5, why: 'Too wide spreads the fork.' },
  { id: 'plug', name: 'Hall plug', value: '5-pin', options: ['5-pin', '6-pin, latch'], why: 'It does not mate with the controller.' },
  { id: 'lead', name: 'lead, axle to plug', unit: 'mm', value: 960, smaller: 0, larger: 150, why: 'Too short pulls at full lock.' },
]

/** The Sanderling: a light scooter rented by the day, one hub motor in front, its controller in the stem. Invented. */
export function sanderling(): MachineFile {
  return {
    format: 'nailsmith-machine/1', id: 'sanderling', revision: '2026-02', name: 'Sanderling', class: 'scooter',
    variants: [
      { id: 'tyre-kind', question: 'Is the front tyre solid, or does it hold air?', options: [{ id: 'air', label: 'Air' }, { id: 'solid', label: 'Solid' }], worst: 'air' },
      { id: 'stem-tape', question: 'Is a strip of tape over the lowest stem screw?', options: [{ id: 'yes', label: 'Yes' }, { id: 'no', label: 'No' }], worst: 'yes' },
    ],
    drives: [{ id: 'front-drive', name: 'front hub', kind: 'hub direct', part: 'motor-wheel', carriedBy: 'fork', kv: q(14.5, 'rpm/V'), polePairs: 15, ratio: 1, hallSpacing: 120, lineResistance: q(0.28, 'ohm') }],
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'Li-ion', cells: 10, nominal: q(36, 'V') },
    mass: q(13, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(280, 'Wh'), releasedBy: 'pack-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'controller', size: q(0.9, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-tyre', kind: 'tyre', of: 'tyre', size: q(3.2, 'bar'), escape: [0, 1, 0], releasedBy: 'valve-core' },
    ],
    sealed: [{ part: 'controller', replacedBy: 'a whole controller', why: 'It is potted: opening it ends it.' }],
    parts: [
      { id: 'deck', name: 'deck' },
      { id: 'stem', name: 'stem' },
      { id: 'fork', name: 'fork' },
      { id: 'display', name: 'display', mass: q(0.15, 'kg') },
      { id: 'stem-cover', name: 'stem cover', mass: q(0.2, 'kg'), lift: doing('Stem cover off, forward and down', [way(UP, null, 0.5)], { note: 'Two catches at the top; no tool between them.', cautions: ['H46'], photo: 'the open stem, before anything is moved' }), back: doing('Stem cover on, catches first', [way(UP, null, 1)], { cautions: ['H63'] }) },
      { id: 'pack', name: 'battery pack', mass: q(2.1, 'kg'), tethers: ['pack-plug'] },
      { id: 'controller', name: 'controller', mass: q(0.35, 'kg'), escape: off('stem-cover'), tethers: ['phases', 'hall', 'feed'], lift: doing('Draw the controller out of the stem', [way(UP, null, 1.5)], { note: 'Upward, its leads last.', cautions: ['H39'] }), back: doing('Controller down the stem, leads first', [way(UP, null, 2)], { cautions: ['H39'], ifOmitted: 'A lead under its edge is cut by the first bump.' }) },
      {
        id: 'motor-wheel', name: 'front motor wheel', mass: q(3.1, 'kg'), serviceable: false, compare: MOTOR, of: ['tyre'], tethers: ['phases', 'hall'], escape: off('lead-run'),
        lift: doing('Wheel out of the fork', [way(OVER, null, 1)], { note: 'It slides along the flats; carry the lead with it.', cautions: ['H14', 'H28'], photo: 'axle ends in their slots' }),
        back: doing('Wheel into the fork, lead leaving right', [way(OVER, null, 1.5)], { cautions: ['H33', 'H38'] }),
      },
      { id: 'lead-run', name: 'motor lead in the stem', lift: doing('Draw the lead out of the stem, cord tied on', [way(UP, null, 1.5)], { cautions: ['H39'] }), back: doing('Draw the lead up the stem', [way(UP, null, 2)], { cautions: ['H38', 'H39'], ifOmitted: 'A lead outside the stem is torn off at full lock.' }), tethers: ['phases', 'hall'] },
      { id: 'tyre', name: 'front tyre', mass: q(0.6, 'kg'), escape: off('motor-wheel') },
    ],
    joints: [
      fixing({ id: 'stem-tape-strip', name: 'tape over the screw', kind: 'tape', holds: ['stem-cover', 'stem'], label: 'tape', release: 'peel', role: 'cover', when: { variant: 'stem-tape', is: 'yes' }, down: doing('Peel the tape strip', [way(UP, null, 0.5)], { note: 'The lowest screw sits under it.' }), up: doing('Tape back over the screw', [way(UP, null, 0.5)]) }, ['below the lamp']),
      fixing({
        id: 'stem-screws', name: 'stem cover screws', kind: 'screws', holds: ['stem-cover', 'stem'], label: 'M4', thread: 'M4', head: 'button head, hexagon socket 2.5', strength: '8.8', torque: q(1.5, 'Nm'), role: 'cover', pattern: 'criss-cross', release: 'undo',
        access: { any: [{ variant: 'stem-tape', is: 'no' }, off('stem-tape-strip')] },
        down: doing('Undo 4 stem cover screws', [way(UP, 'hex-2.5', 2)], { note: 'Upper two are 12 long, lower two 16.', cautions: ['H48'] }), up: doing('4 stem cover screws', [way(UP, 'torque-6', 3)], { passes: ['started', 'final'], cautions: ['H48', 'H63'] }),
      }, [['upper left', 12], ['upper right', 12], ['lower left', 16], ['lower right', 16]]),
      fixing({
        id: 'controller-screws', name: 'controller screws', kind: 'screws', holds: ['controller', 'stem'], label: 'M3×8', thread: 'M3', head: 'pan head, cross PH2', captive: true, keep: 'carrier', release: 'loosen', access: all(off('stem-cover'), DEAD),
        down: doing('Loosen 2 captive controller screws', [way(UP, 'cross-2', 1)], { note: 'They stay in the controller.' }), up: doing('2 controller screws tight', [way(UP, 'cross-2', 1)]),
      }, holes(2, 8, 'corner')),
      ...(['left', 'right'] as const).flatMap((side) => [
        fixing({
          id: `${side}-cap`, name: `${side} axle cap`, kind: 'clip', holds: ['fork', 'motor-wheel'], label: 'cap', release: 'pry', role: 'dust', down: doing(`Pry the ${side} axle cap off`, [way(BOTH, 'spatula', 0.5)], { cautions: ['H46'] }), up: doing(`${side === 'left' ? 'Left' : 'Right'} axle cap on`, [way(BOTH, null, 0.25)], { guard: all(on('left-nut'), on('right-nut')) }),
        }, [`${side} end`]),
      ]),
      ...axleEnds({
        carrier: 'fork', hub: 'motor-wheel', poses: OVER, seat: 'its slot', thread: 'M10', head: '15 mm hexagon', torque: q(30, 'Nm'), ring: 'ring-15', open: 'open-15', counterHold: 'Hold the right flats with the open spanner.',
        access: (side) => all(off(`${side}-cap`), DEAD, prepared('roll-display')), minutes: { full: 2.5, washers: 0.75 }, flat: 'flat, outside the slot', tab: 'tab, in its slot',
      }),
      fixing({ id: 'valve-core', name: 'valve core', kind: 'valve', holds: ['tyre', 'motor-wheel'], label: 'valve core', release: 'undo', when: { variant: 'tyre-kind', is: 'air' }, down: doing('Valve core out, let all air go', [way(BOTH, 'valve-tool', 1)], { cautions: ['H43'] }), up: doing('Valve core in, 3.2 bar', [way(BOTH, 'valve-tool', 2)], { cautions: ['H54'] }) }, ['in the valve']),
      fixing({
        id: 'tyre-seat', name: 'tyre on its rim', kind: 'press', holds: ['tyre', 'motor-wheel'], frees: ['tyre'], label: 'tyre seat', keep: 'carrier', release: 'pry', access: { any: [{ variant: 'tyre-kind', is: 'solid' }, off('valve-core')] },
        down: doing('Lever the tyre off the rim', [way(OVER, 'levers', 6, { guard: { variant: 'tyre-kind', is: 'air' } }), way(OVER, 'levers', 15, { guard: { variant: 'tyre-kind', is: 'solid' }, people: 2 })], { note: 'A solid one: warm it in water first.', cautions: ['H46'] }), up: doing('Tyre on, arrow forward at the top', [way(OVER, 'levers', 8)], {}),
      }, ['all round']),
    ],
    connections: [
      { id: 'pack-plug', name: 'pack plug', family: 'two-pole, keyed', releaseHow: 'Straight pull on both shells.', pins: PACK_PINS, mates: ['pack', 'deck'], access: off('stem-cover'), down: doing('Unplug the pack, cap its plug', [way(UP, null, 1)], { note: 'Key off first. The pack stays in the deck: its plug stays live, so cap it.', cautions: ['H6', 'H5'] }), up: doing('Pre-charge, then plug the pack in', [way(UP, 'precharge', 1.5)], { cautions: ['H7', 'H44'], ifOmitted: 'Without pre-charge the contacts spark and pit.' }) },
      { id: 'phases', name: 'phase bullets', family: '3.5 mm bullets, sleeved', releaseHow: 'Sleeve back, pull on the bodies.', pins: PHASE_PINS, mates: ['lead', 'controller'], access: all(off('stem-cover'), DEAD), down: doing('Photo, part the 3 bullets', [way(UP, null, 1.5)], { cautions: ['H67'], photo: 'phase bullets, colours showing' }), up: doing('Bullets by colour, sleeved', [way(UP, null, 2)], { cautions: ['H57'] }) },
      { id: 'hall', name: 'Hall plug', family: '5-pin', releaseHow: 'Press the latch, pull straight.', keying: 'One flat side.', pins: HALL_PINS, mates: ['lead', 'controller'], access: all(off('stem-cover'), DEAD), down: doing('Unplug the 5-pin', [way(UP, null, 0.75)], {}), up: doing('5-pin: click, then tug', [way(UP, null, 0.75)], { ifOmitted: 'A plug that is not home jerks and will not start off.' }) },
      { id: 'feed', name: 'controller feed', family: 'two-pole, keyed', releaseHow: 'Straight pull.', pins: PACK_PINS, mates: ['controller', 'pack'], access: all(off('stem-cover'), DEAD), down: doing('Unplug the controller feed', [way(UP, null, 0.5)], {}), up: doing('Controller feed in', [way(UP, null, 0.5)], {}) },
    ],
    cables: [{ id: 'lead', name: 'motor lead', of: 'motor-wheel', route: ['phases', 'hall', 'stem-hole'], end: { width: 12.5, height: 9, tolerance: 0.3 }, slack: { leftLock: q(25, 'mm'), rightLock: q(30, 'mm') } }],
    holes: [{ id: 'stem-hole', part: 'stem', width: 15, height: 12 }],
    steps: [
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: unplugged('pack-plug'), down: doing('Prove dead at the controller', [way(UP, 'meter', 2)], { note: 'Checked meter, DC, at the controller feed.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'roll-display', kind: 'prepare', limb: 'both', gives: [prepared('roll-display')], down: doing('Roll the display down on its clamp', [way(UP, 'hex-4', 1)], { note: 'So that it does not carry the machine upside down.' }), up: doing('Display up again, clamp tight', [way(UP, 'hex-4', 1)], { ifOmitted: 'It turns out of sight at the first bump.' }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('hall'), exposed('phases'), DEAD), down: doing('Tug every plug, look for green and brown', [way(UP, null, 3)], { photo: 'plugs as found' }) },
      { id: 'reaction-path', kind: 'gate', limb: 'up', check: 'reaction path', after: ['undo:left-nut', 'undo:right-nut', 'undo:left-washers', 'undo:right-washers'], up: doing('Both tabs in their slots: look again', [way(OVER, null, 0.5)], { cautions: ['H33'], ifOmitted: 'Under throttle the axle turns and the lead is torn off.' }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['unplug:hall', 'unplug:phases', 'off:lead-run', 'off:controller'], before: ['off:stem-cover'], up: doing('Leads inside the stem: look all round', [way(UP, null, 0.5)], { cautions: ['H63'] }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:pack-plug', 'unplug:phases', 'unplug:hall', 'step:reaction-path', 'off:lead-run', 'undo:valve-core'], before: ['step:pinch-look', 'off:stem-cover'], up: doing('Spin test here, before the cover', [way(UP, null, 2)], { cautions: ['H31', 'H32', 'H52', 'H57'], ifOmitted: 'A fault found after the cover costs the stem again.' }) },
    ],
    order: [
      { id: 'axle-before-power', limb: 'up', first: 'step:reaction-path', then: 'unplug:pack-plug', strength: 'must', consequence: 'A knocked throttle turns an axle that nothing holds.' },
      { id: 'caps-before-power', limb: 'up', first: 'undo:left-cap', then: 'unplug:pack-plug', strength: 'prefer', consequence: 'Hands at a wheel that can start.' },
    ],
    loadPath: [],
    poses: [{ id: 'upright', name: 'upright on its stand', rotation: [0, 0, 0] }, { id: 'on-bars', name: 'upside down on bar blocks', rotation: [180, 0, 0] }],
    poseMoves: [
      { from: 'upright', to: 'on-bars', title: 'Turn it over onto the bar blocks', people: 1, minutes: { low: 0.5, likely: 1, high: 2 } },
      { from: 'on-bars', to: 'upright', title: 'Turn it back onto its stand', people: 1, minutes: { low: 0.5, likely: 1, high: 2 } },
    ],
    stacks: (['left', 'right'] as const).map((side) => stackOf(`${side}-stack`, `front axle, ${side}`, side, 'motor-wheel', [['nut', 8, `${side}-nut`], ['flat', 1.5, `${side}-washers`], ['tab', 2, `${side}-washers`, [0, 0, -1]], ['fork', 5], ['flat', 1]])),
    tools: [
      { id: 'spatula', name: 'plastic spatula', short: 'spatula', kind: 'pry', form: 'plastic, wide' },
      { id: 'hex-2.5', name: 'hex key 2.5 mm', short: 'hex 2.5', kind: 'hex key', size: '2.5' },
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
      { id: 'ring-15', name: 'ring spanner 15 mm', short: '15 ring', kind: 'spanner', size: '15', form: 'ring, deep' },
      { id: 'open-15', name: 'open spanner 15 mm, thin', short: '15 open', kind: 'spanner', size: '15', form: 'open, thin', why: 'The lead leaves here.', special: true },
      { id: 'levers', name: 'tyre levers, plastic', short: 'levers', kind: 'pry', form: 'plastic' },
      { id: 'valve-tool', name: 'valve core tool', short: 'valve tool', kind: 'valve tool', special: true },
      { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
      { id: 'precharge', name: 'pre-charge resistor lead', short: 'pre-charge', kind: 'lead', special: true },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m, 15 mm deep', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'motor-goal', name: 'front motor wheel', guard: off('motor-wheel'), swap: [{ id: 'swap-motor', title: 'New wheel to the bench, old one tagged', part: 'motor-wheel', note: 'Write both serial numbers down.', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'tyre-goal', name: 'front tyre', guard: off('tyre'), swap: [{ id: 'swap-tyre', title: 'New tyre beside the old', part: 'tyre', minutes: { low: 2, likely: 3, high: 6 } }] },
      { id: 'controller-goal', name: 'controller', guard: off('controller'), swap: [{ id: 'swap-controller', title: 'New controller beside the old', part: 'controller', note: 'Same plugs, same label.', minutes: { low: 2, likely: 3, high: 6 } }] },
    ],
  }
}
