import type { Cable, Connection, DriveUnit, FileStep, Goal, Joint, LoadPath, OrderRule, Part, Stack } from '../../core/machine'
import { all, any, DEAD, doing, off, on, prepared, q, unplugged, way } from './build'

export type End = 'front' | 'rear'

export interface HubPieces {
  readonly parts: readonly Part[]
  readonly joints: readonly Joint[]
  readonly connections: readonly Connection[]
  readonly cables: readonly Cable[]
  readonly steps: readonly FileStep[]
  readonly order: readonly OrderRule[]
  readonly loadPath: readonly LoadPath[]
  readonly stacks: readonly Stack[]
  readonly drive: DriveUnit
  readonly goals: readonly Goal[]
}

const SIDE = ['on-left']
const UP = ['upright']
const SAFE = DEAD
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

/** The wheel, motor, lead and brake at one end of a Dunlin. Both ends are alike but for what the lead passes. */
export function hub(end: End): HubPieces {
  const id = (name: string): string => `${end}-${name}`
  const arm = end === 'front' ? 'fork' : 'swing arm'
  const armId = end === 'front' ? 'fork' : 'swing-arm'
  const cover = end === 'front' ? 'neck-cover' : 'arm-cover'
  const coverName = end === 'front' ? 'neck cover' : 'arm cover'
  return {
    parts: parts(end, id, arm),
    joints: [...axle(end, id, armId), ...wheel(end, id), ...brakeAndLoom(end, id, armId, cover, coverName)],
    connections: plugs(end, id),
    cables: [
      {
        id: id('lead'),
        name: `${end} motor lead`,
        of: id('motor'),
        route: [id('phases'), id('hall'), id('ties'), id('deck-hole'), id('cover-screws')],
        end: { width: 14.2, height: 11, tolerance: 0.3 },
        ties: [{ joint: id('ties'), shares: [id('brake-line')] }],
        ...(end === 'front' ? { slack: { leftLock: q(28, 'mm'), rightLock: q(34, 'mm') } } : {}),
      },
      { id: id('brake-line'), name: `${end} brake line`, of: id('caliper'), route: [id('ties')] },
    ],
    steps: steps(end, id, cover, arm),
    order: [
      {
        id: id('air-last'),
        limb: 'down',
        first: `off:${id('wheel')}`,
        then: `undo:${id('valve-core')}`,
        strength: 'prefer',
        consequence: 'On a soft tyre the machine no longer rolls to the stand.',
      },
      {
        id: id('six-pin-first'),
        limb: 'up',
        first: `step:${id('draw-lead')}`,
        then: `unplug:${id('hall')}`,
        strength: 'must',
        consequence: 'The 6-pin shell no longer passes the hole once the bullets are through.',
      },
      {
        id: id('right-nut-first'),
        limb: 'down',
        first: `undo:${id('right-nut')}`,
        then: `undo:${id('left-nut')}`,
        strength: 'prefer',
        consequence: 'The lead leaves on the left; with the right nut off first the axle cannot turn on the lead.',
      },
    ],
    loadPath: [{ part: id('wheel'), joints: [id('right-nut'), id('left-nut')], support: id('block-wheel') }],
    stacks: (['left', 'right'] as const).map((side) => stack(end, id, side)),
    drive: {
      id: id('drive'),
      name: `${end} hub`,
      kind: 'hub direct',
      part: id('motor'),
      carriedBy: armId,
      kv: q(11.2, 'rpm/V'),
      polePairs: 15,
      ratio: 1,
      hallSpacing: 120,
      lineResistance: q(0.19, 'ohm'),
    },
    goals: [motorGoal(end, id), ...(end === 'front' ? [tyreGoal(end, id)] : [])],
  }
}

type Id = (name: string) => string

function parts(end: End, id: Id, arm: string): Part[] {
  return [
    {
      id: id('wheel'),
      name: `${end} wheel`,
      mass: q(5.6, 'kg'),
      of: [id('motor'), id('disc'), id('rim'), id('rim-half'), id('tyre'), id('tube')],
      tethers: [id('phases'), id('hall')],
      escape: all(off(id('lead')), off(id('caliper'))),
      lift: doing(`Wheel out of the ${arm}`, [way(SIDE, null, 1.5)], {
        note: 'Spread nothing: it slides along the flats. Carry the lead with it.',
        cautions: ['H14'],
        photo: 'axle ends in their slots, both sides',
      }),
      back: doing(`Wheel into the ${arm}, lead leaving left`, [way(SIDE, null, 2)], { note: 'Flats along the slots; disc between the pads.', cautions: ['H33', 'H38'] }),
    },
    {
      id: id('motor'),
      name: `${end} motor`,
      mass: q(3.4, 'kg'),
      serviceable: false,
      escape: all(off(id('wheel')), off(id('rim-half')), off(id('disc'))),
      lift: doing('Motor out of the rim', [way(SIDE, null, 1)], { cautions: ['H14', 'H28'] }),
      back: doing('New motor in, lead to the left', [way(SIDE, null, 1.5)], { note: 'Six holes in line before it is pushed home.', cautions: ['H28'] }),
    },
    { id: id('disc'), name: `${end} brake disc`, mass: q(0.12, 'kg'), transfer: true, handed: 'left', escape: off(id('wheel')) },
    { id: id('rim'), name: `${end} rim`, mass: q(0.7, 'kg') },
    {
      id: id('rim-half'),
      name: `outer half of the ${end} rim`,
      mass: q(0.4, 'kg'),
      escape: any(off(id('wheel')), prepared(id('hang-wheel'))),
      back: doing('Outer rim half on, holes in line', [way(SIDE, null, 1)], { note: 'Tube not pinched: look all round.' }),
      lift: doing('Ease the outer rim half off', [way(SIDE, null, 1)], { note: 'Work round by hand; do not pry against the seat.' }),
    },
    {
      id: id('tyre'),
      name: `${end} tyre`,
      mass: q(0.8, 'kg'),
      escape: off(id('rim-half')),
      lift: doing('Tyre off the rim', [way(SIDE, null, 2)], { note: 'Note the arrow: it points forward at the top.' }),
      back: doing('Tyre on, arrow forward at the top', [way(SIDE, null, 3)], { note: 'Tube with a breath of air in it first.' }),
    },
    { id: id('tube'), name: `${end} tube`, mass: q(0.2, 'kg'), with: id('tyre') },
    { id: id('caliper'), name: `${end} brake caliper`, mass: q(0.3, 'kg') },
    { id: end === 'front' ? 'neck-cover' : 'arm-cover', name: end === 'front' ? 'neck cover' : 'arm cover', mass: q(0.1, 'kg') },
    {
      id: id('controller'),
      name: `${end} controller`,
      mass: q(0.5, 'kg'),
      escape: off('deck-lid'),
      tethers: [id('phases'), id('hall'), id('feed')],
      lift: doing(`Lift the ${end} controller out`, [way(UP, null, 1)], { note: 'Peel it off its pad; keep the pad.' }),
      back: doing(`New ${end} controller on its pad`, [way(UP, null, 1)], { note: 'Plugs to the middle of the deck.' }),
    },
    { id: armId(end), name: arm },
  ]
}

const armId = (end: End): string => (end === 'front' ? 'fork' : 'swing-arm')

function axle(end: End, id: Id, carrier: string): Joint[] {
  const nutUp = (title: string, passes: ('started' | 'seated' | 'final' | 'marked')[], tool: string | null, minutes: number, guard: ReturnType<typeof all>) =>
    doing(title, [way(SIDE, tool, minutes)], { passes, covers: [id('left-nut'), id('right-nut')], guard, cautions: ['H34', 'H33'] })
  const nut = (side: 'left' | 'right'): Joint => ({
    id: id(`${side}-nut`),
    name: `${side} axle nut`,
    kind: 'nut',
    holds: [carrier, id('motor')],
    members: [{ id: id(`${side}-nut-1`), place: `${side} end of the axle` }],
    label: 'nut M12×1.25',
    thread: 'M12×1.25',
    head: '18 mm hexagon',
    torque: q(45, 'Nm'),
    role: 'working',
    critical: 'axle',
    pattern: 'in turn',
    keep: side === 'left' ? 'carrier' : 'cell',
    release: side === 'right' ? 'warm then undo' : 'undo',
    access: side === 'right' ? all(SAFE, off('pack')) : SAFE,
    down:
      side === 'right'
        ? doing('Warm the right nut, undo it hot', [way(SIDE, 'ring-18', 4)], {
            note: 'Order off, from outside in: nut, flat, tab.',
            counterHold: 'Hold the left flats with the open spanner.',
            cautions: ['H10', 'H11', 'H35'],
            photo: 'right axle end before the nut moves',
          })
        : doing('Left nut back along the lead', [way(SIDE, 'open-18', 2.5, { substitutes: [{ tool: 'adjustable', risk: 'It slips on a locked nut and rounds it.' }] })], {
            note: 'It stays on the lead. A ring spanner will not pass the plug.',
            cautions: ['H36'],
            photo: 'left axle end with the lead',
          }),
    up:
      side === 'left'
        ? nutUp('Both nuts started by hand', ['started'], null, 1, all(on(id('left-washers')), on(id('right-washers'))))
        : nutUp('Nuts in turn, then full; mark', ['seated', 'final', 'marked'], 'torque-60', 3, all(on(id('left-nut')))),
  })
  const washers = (side: 'left' | 'right'): Joint => ({
    id: id(`${side}-washers`),
    name: `${side} washers`,
    kind: 'washers',
    holds: [carrier, id('motor')],
    members: [
      { id: id(`${side}-flat`), place: 'flat, outside the slot' },
      { id: id(`${side}-tab`), place: 'tab, in its slot' },
    ],
    label: 'flat + tab',
    role: 'working',
    keep: 'carrier',
    release: 'pull',
    access: off(id(`${side}-nut`)),
    down: doing(`${side === 'left' ? 'Left' : 'Right'} washers off, order kept`, [way(SIDE, null, 1)], {
      note: 'Thread them on a tie in the order they came: flat, then tab.',
      photo: `${side} washers laid in order`,
    }),
    up: doing(`${side === 'left' ? 'Left' : 'Right'} tab in its slot, flat over it`, [way(SIDE, null, 1)], {
      cautions: ['H33', 'H74'],
      ifOmitted: 'The axle turns in its slot under torque and tears the lead out.',
    }),
  })
  return [nut('right'), washers('right'), nut('left'), washers('left')]
}

function wheel(end: End, id: Id): Joint[] {
  const letters = ['1', '2', '3', '4', '5', '6']
  return [
    {
      id: id('valve-core'),
      name: `${end} valve core`,
      kind: 'valve',
      holds: [id('tube'), id('rim')],
      members: [{ id: id('valve-core-1'), place: 'in the valve' }],
      label: 'valve core',
      role: 'working',
      keep: 'cell',
      release: 'undo',
      down: doing('Valve core out, let all air go', [way([...SIDE, ...UP], 'valve-tool', 1)], { cautions: ['H43'] }),
      up: doing('Valve core in, 2.8 bar', [way([...SIDE, ...UP], 'valve-tool', 2)], {
        cautions: ['H54'],
        ifOmitted: 'A soft tyre pinches the tube on the first kerb.',
      }),
    },
    {
      id: id('rim-screws'),
      name: `${end} rim screws`,
      kind: 'screws',
      holds: [id('motor'), id('rim'), id('rim-half')],
      members: letters.map((n) => ({ id: id(`rim-screw-${n}`), place: `hole ${n}, clockwise from the valve`, length: 16 })),
      label: 'M6×16',
      thread: 'M6',
      head: 'cap head, hexagon socket 5',
      torque: q(10, 'Nm'),
      lock: MEDIUM,
      pattern: 'star',
      role: 'working',
      keep: 'cell',
      release: 'undo',
      access: all(off(id('valve-core')), any(off(id('wheel')), prepared(id('hang-wheel')))),
      down: doing('Undo 6 rim screws', [way(SIDE, 'hex-5', 4)], { cautions: ['H43'] }),
      up: doing('Fit 6 in a star', [way(SIDE, 'torque-20', 6)], {
        passes: ['started', 'seated', 'final'],
        consumables: [{ consumable: 'locker-medium', count: 6 }],
        cautions: ['H72'],
      }),
    },
    {
      id: id('disc-screws'),
      name: `${end} disc screws`,
      kind: 'screws',
      holds: [id('motor'), id('disc')],
      frees: [id('disc')],
      members: letters.slice(0, 5).map((n) => ({ id: id(`disc-screw-${n}`), place: `hole ${n} of the disc`, length: 10 })),
      label: 'M5×10',
      thread: 'M5',
      head: 'button head, six-lobe T25',
      torque: q(6, 'Nm'),
      lock: MEDIUM,
      pattern: 'star',
      role: 'working',
      critical: 'brake',
      keep: 'cell',
      release: 'undo',
      access: off(id('wheel')),
      down: doing('Undo 5 disc screws, disc off', [way(SIDE, 'lobe-25', 4)], { note: 'Keep fingers off the braking face.', cautions: ['H30'] }),
      up: doing('Disc on, 5 in a star', [way(SIDE, 'torque-20', 5)], {
        passes: ['started', 'seated', 'final'],
        consumables: [{ consumable: 'locker-medium', count: 5 }],
        cautions: ['H30', 'H72'],
        ifOmitted: 'A disc on loose screws can shear them at the first hard stop.',
      }),
    },
  ]
}

function brakeAndLoom(end: End, id: Id, carrier: string, cover: string, coverName: string): Joint[] {
  return [
    {
      id: id('caliper-bolts'),
      name: `${end} caliper bolts`,
      kind: 'screws',
      holds: [id('caliper'), carrier],
      frees: [id('caliper')],
      members: ['upper', 'lower'].map((place) => ({ id: id(`caliper-bolt-${place}`), place, length: 18 })),
      label: 'M6×18',
      thread: 'M6',
      head: 'cap head, hexagon socket 5',
      torque: q(8, 'Nm'),
      role: 'working',
      critical: 'brake',
      keep: 'cell',
      release: 'undo',
      down: doing('Undo 2 caliper bolts, pad block in', [way([...SIDE, ...UP], 'hex-5', 2.5)], {
        note: 'Leave the line on. Block between the pads; do not touch the lever.',
      }),
      up: doing('Caliper on, disc centred', [way(SIDE, 'torque-20', 4)], {
        passes: ['started', 'seated', 'final'],
        guard: on(id('right-nut')),
        cautions: ['H55'],
      }),
    },
    {
      id: id('ties'),
      name: `${end} lead ties`,
      kind: 'tie',
      holds: [id('motor'), 'deck'],
      members: ['1', '2', '3'].map((n) => ({ id: id(`tie-${n}`), place: `tie ${n} from the plug` })),
      label: 'tie',
      role: 'working',
      keep: 'bin',
      consumable: 'tie',
      release: 'cut',
      access: all(off('deck-lid'), SAFE),
      down: doing('Cut 3 ties, free the sleeve', [way(UP, 'snips', 1.5)], { note: 'The brake line shares the first tie.', cautions: ['H36'] }),
      up: doing('3 new ties, sleeve back', [way(UP, 'snips', 2)], {
        consumables: [{ consumable: 'tie', count: 3 }],
        cautions: ['H36', 'H37'],
      }),
    },
    {
      id: id('cover-screws'),
      name: `${coverName} screws`,
      kind: 'screws',
      holds: [cover, carrier],
      frees: [cover],
      members: ['left', 'right', 'lower'].map((place) => ({ id: id(`cover-screw-${place}`), place, length: 12 })),
      label: 'M4×12',
      thread: 'M4',
      head: 'button head, hexagon socket 3',
      torque: q(3, 'Nm'),
      role: 'cover',
      keep: 'cell',
      release: 'undo',
      down: doing(`Undo 3 ${coverName} screws`, [way(UP, 'hex-3', 2)], { note: `The ${coverName} comes with them.` }),
      up: doing(`${end === 'front' ? 'Neck' : 'Arm'} cover on, 3 screws`, [way(UP, 'torque-6', 3)], {
        passes: ['started', 'final'],
        cautions: ['H63'],
      }),
    },
    {
      id: id('controller-screws'),
      name: `${end} controller screws`,
      kind: 'screws',
      holds: [id('controller'), 'deck'],
      members: ['inner', 'outer'].map((place) => ({ id: id(`controller-screw-${place}`), place, length: 8 })),
      label: 'M4×8',
      thread: 'M4',
      head: 'pan head, cross PH2',
      torque: q(1.8, 'Nm'),
      role: 'working',
      keep: 'own hole',
      release: 'undo',
      access: all(off('deck-lid'), SAFE),
      down: doing(`Undo 2 ${end} controller screws`, [way(UP, 'cross-2', 1.5)], { note: 'Back in their own holes once it is out: they are shorter than the lid screws.' }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} controller down, 2 screws`, [way(UP, 'torque-6', 2)], { passes: ['started', 'final'], cautions: ['H48'] }),
    },
  ]
}

function plugs(end: End, id: Id): Connection[] {
  const access = all(off('deck-lid'), SAFE)
  return [
    {
      id: id('phases'),
      name: `${end} phase bullets`,
      family: '4 mm bullets, sleeved',
      releaseHow: 'Slide the sleeve back, pull straight on the bodies.',
      pins: [
        { n: 1, colour: 'yellow', function: 'phase A' },
        { n: 2, colour: 'green', function: 'phase B' },
        { n: 3, colour: 'blue', function: 'phase C' },
      ],
      mates: [id('lead'), id('controller')],
      access,
      down: doing(`Photo, part the 3 ${end} bullets`, [way(UP, null, 1.5)], {
        note: 'Hold the bodies, not the wires. Cap the ends apart.',
        cautions: ['H67'],
        photo: `${end} phase bullets, colours showing`,
      }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} bullets by colour, sleeved`, [way(UP, null, 2)], { ifOmitted: 'Two phases swapped: it growls, or runs backward.', cautions: ['H57'] }),
    },
    {
      id: id('hall'),
      name: `${end} Hall plug`,
      family: '6-pin, latch on top',
      releaseHow: 'Press the latch, pull straight.',
      keying: 'One chamfered corner, to the latch.',
      pins: [
        { n: 1, colour: 'red', function: '+5 V' },
        { n: 2, colour: 'black', function: '0 V' },
        { n: 3, colour: 'yellow', function: 'Hall A' },
        { n: 4, colour: 'green', function: 'Hall B' },
        { n: 5, colour: 'blue', function: 'Hall C' },
        { n: 6, colour: 'white', function: 'temperature' },
      ],
      mates: [id('lead'), id('controller')],
      access,
      down: doing(`Unplug the ${end} 6-pin`, [way(UP, null, 1)], { note: 'Latch, then straight out by the body.', photo: `${end} 6-pin, latch side` }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} 6-pin: click, then tug`, [way(UP, null, 1)], { ifOmitted: 'A plug that is not home jerks and will not start off.' }),
    },
    {
      id: id('feed'),
      name: `${end} controller feed`,
      family: 'two-pole, keyed',
      releaseHow: 'Straight pull on both shells.',
      keying: 'One round, one square pole.',
      pins: [
        { n: 1, colour: 'red', function: 'pack +' },
        { n: 2, colour: 'black', function: 'pack −' },
      ],
      mates: [id('controller'), 'pack'],
      access,
      down: doing(`Unplug the ${end} controller feed`, [way(UP, null, 0.5)], {}),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} controller feed in`, [way(UP, null, 0.5)], {}),
    },
  ]
}

function steps(end: End, id: Id, cover: string, arm: string): FileStep[] {
  const onSide = end === 'front' ? 'Lever firm, front disc runs free' : 'Lever firm, rear disc runs free'
  return [
    {
      id: id('draw-lead'),
      kind: 'prepare',
      limb: 'both',
      gives: [off(id('lead')), prepared(id('draw-lead'))],
      access: all(unplugged(id('phases')), unplugged(id('hall')), off(id('ties')), off(cover)),
      down: doing(`Draw the ${end} lead out, cord tied on`, [way(UP, null, 2)], {
        note: 'Leave the cord in the hole: it draws the new lead back.',
        consumables: [{ consumable: 'cord', count: 1 }],
        cautions: ['H39'],
      }),
      up: doing('Draw it back: 6-pin first', [way(UP, null, 2.5)], {
        cautions: ['H39', 'H38'],
        ifOmitted: 'The bullets fill the hole and the 6-pin no longer passes.',
      }),
    },
    {
      id: id('hang-wheel'),
      kind: 'push aside',
      limb: 'both',
      gives: [prepared(id('hang-wheel'))],
      access: all(off(id('left-nut')), off(id('right-nut')), off(id('left-washers')), off(id('right-washers')), off(id('caliper'))),
      down: doing('Lay the wheel beside on its lead', [way(SIDE, null, 1.5, { penalty: 2 })], {
        note: 'Pad under the wheel; no pull on the lead.',
        cautions: ['H39'],
      }),
      up: doing(`Wheel back into the ${arm}`, [way(SIDE, null, 2)], { note: 'Flats along the slots, lead leaving left.' }),
    },
    {
      id: id('block-wheel'),
      kind: 'support',
      limb: 'down',
      gives: [{ fact: 'supported', of: id('wheel') }],
      down: doing(`Block under the ${end} wheel`, [way(SIDE, null, 0.5)], {
        note: 'So that it cannot drop on its lead when the last nut goes.',
        ifOmitted: 'The wheel drops on its lead.',
      }),
    },
    {
      id: id('reaction-path'),
      kind: 'gate',
      limb: 'up',
      check: 'reaction path',
      after: [`undo:${id('right-nut')}`, `undo:${id('left-nut')}`, `undo:${id('left-washers')}`, `undo:${id('right-washers')}`],
      up: doing('Both tabs in their slots: look again', [way(SIDE, null, 0.5)], {
        ifOmitted: 'Under throttle the axle turns and the lead is torn off.',
        cautions: ['H33'],
      }),
    },
    {
      id: id('brake-check'),
      kind: 'gate',
      limb: 'up',
      check: 'brakes',
      after: [`undo:${id('caliper-bolts')}`],
      up: doing(onSide, [way([...SIDE, ...UP], null, 1)], { ifOmitted: 'No brake on the first ride.', cautions: ['H55'] }),
    },
  ]
}

function stack(end: End, id: Id, side: 'left' | 'right'): Stack {
  return {
    id: id(`${side}-stack`),
    name: `${end} axle, ${side}`,
    side,
    axle: id('motor'),
    items: [
      { id: id(`${side}-stack-nut`), name: 'nut', width: 10, clamped: true, turns: false, joint: id(`${side}-nut`) },
      { id: id(`${side}-stack-flat`), name: 'flat', width: 2, clamped: true, turns: false, joint: id(`${side}-washers`) },
      { id: id(`${side}-stack-tab`), name: 'tab', width: 2.5, facing: [0, 0, -1], clamped: true, turns: false, joint: id(`${side}-washers`) },
      { id: id(`${side}-stack-slot`), name: armId(end) === 'fork' ? 'fork' : 'arm', width: 6, clamped: true, turns: false },
      { id: id(`${side}-stack-inner`), name: 'flat', width: 1.5, clamped: true, turns: false },
    ],
  }
}

function motorGoal(end: End, id: Id): Goal {
  return {
    id: id('motor-goal'),
    name: `${end} motor`,
    guard: all(off(id('motor')), off(id('disc'))),
    swap: [
      { id: id('swap-compare'), title: 'Old and new side by side', note: 'Lead length, plugs, axle flats, six rim holes, five disc holes.', minutes: { low: 2, likely: 3, high: 6 } },
      { id: id('swap-motor'), title: 'New motor to the bench, old one tagged', part: id('motor'), note: 'Write both serial numbers down.', minutes: { low: 2, likely: 3, high: 5 } },
    ],
  }
}

function tyreGoal(end: End, id: Id): Goal {
  return {
    id: id('tyre-goal'),
    name: `${end} tyre`,
    guard: off(id('tyre')),
    swap: [
      { id: id('swap-tyre'), title: 'New tyre, arrow forward at the top', part: id('tyre'), note: 'Look inside the old one for what cut it.', minutes: { low: 3, likely: 4, high: 8 } },
    ],
  }
}
