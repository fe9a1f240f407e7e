import type { Connection, Joint } from '../../core/machine'
import { all, DEAD, doing, off, on, q, way } from '../../core/builder'
import { type End, type Id, SIDE, UP } from './dunlin-common'

/** Brake, ties, cover and controller fixings at one end. */
export function brakeAndLoom(end: End, id: Id, carrier: string, cover: string, coverName: string): Joint[] {
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
      access: all(off('deck-lid'), DEAD),
      down: doing('Cut 3 ties, free the sleeve', [way(UP, 'snips', 1.5)], {
        note: 'The brake line shares the first tie.',
      }),
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
      strength: '8.8',
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
      access: all(off('deck-lid'), DEAD),
      down: doing(`Undo 2 ${end} controller screws`, [way(UP, 'cross-2', 1.5)], {
        note: 'Back in their own holes once it is out: they are shorter than the lid screws.',
      }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} controller down, 2 screws`, [way(UP, 'torque-6', 2)], {
        passes: ['started', 'final'],
        cautions: ['H48'],
      }),
    },
  ]
}

/** Phase bullets, Hall plug and feed of one controller. */
export function plugs(end: End, id: Id): Connection[] {
  const access = all(off('deck-lid'), DEAD)
  return [
    {
      id: id('phases'),
      roles: ['phases'],
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
        photo: `${end} phase bullets, colours showing`,
      }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} bullets by colour, sleeved`, [way(UP, null, 2)], {
        ifOmitted: 'Two phases swapped: it growls, or runs backward.',
      }),
    },
    {
      id: id('hall'),
      roles: ['hall'],
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
      down: doing(`Unplug the ${end} 6-pin`, [way(UP, null, 1)], {
        note: 'Latch, then straight out by the body.',
        photo: `${end} 6-pin, latch side`,
      }),
      up: doing(`${end === 'front' ? 'Front' : 'Rear'} 6-pin: click, then tug`, [way(UP, null, 1)], {
        ifOmitted: 'A plug that is not home jerks and will not start off.',
      }),
    },
    {
      id: id('feed'),
      roles: ['feed'],
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
