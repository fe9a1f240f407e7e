import type { CompareSpec, Part } from '../../core/machine'
import { all, any, axleRows, doing, off, prepared, q, way } from '../../core/builder'
import { axleFit, stacks } from './dunlin-fits'
import { armId, type End, type Id, SIDE, UP } from './dunlin-common'

/** What a new hub motor has to have in common with the old one. */
const MOTOR: readonly CompareSpec[] = [
  ...axleRows(axleFit('front'), stacks('front'), 'between the inner washers', 'Too wide spreads the fork; too narrow leaves play.'),
  {
    id: 'flats',
    name: 'across the flats',
    unit: 'mm',
    value: 10,
    smaller: 0.1,
    larger: 0.1,
    why: 'Too wide will not enter the slot, too narrow turns in it.',
  },
  {
    id: 'plug',
    name: 'Hall plug',
    value: '6-pin, latch',
    options: ['6-pin, latch', '5-pin', '9-pin, round'],
    why: 'It does not mate with the controller.',
  },
  {
    id: 'bullets',
    name: 'phase ends',
    value: '4 mm bullets',
    options: ['4 mm bullets', '3.5 mm bullets', 'ring ends'],
    why: 'They do not mate, or run hot.',
  },
  { id: 'halls', name: 'Hall spacing', value: '120°', options: ['120°', '60°'], why: 'The controller cannot start it.' },
  { id: 'rotor-holes', name: 'rim screw holes', value: 6, smaller: 0, larger: 0, why: 'The rim does not go on.' },
  { id: 'lead', name: 'lead, axle to 6-pin', unit: 'mm', value: 720, smaller: 0, larger: 200, why: 'Too short pulls at full lock.' },
  { id: 'kv', name: 'Kv', unit: 'rpm/V', value: 11.2, smaller: 0.5, larger: 0.5, why: 'The two wheels pull against each other.' },
]

/** The wheel as an assembly and what it is made of, brake, cover and controller at one end. */
export function parts(end: End, id: Id, arm: string): Part[] {
  return [
    {
      id: id('wheel'),
      role: 'wheel',
      name: `${end} wheel`,
      mass: q(5.6, 'kg'),
      of: [id('motor'), id('disc'), id('rim'), id('rim-half'), id('tyre'), id('tube')],
      tethers: [id('phases'), id('hall')],
      escape: all(off(id('lead')), off(id('caliper'))),
      lift: doing(`Wheel out of the ${arm}`, [way(SIDE, null, 1.5)], {
        note: 'Spread nothing: it slides along the flats. Carry the lead with it.',
        photo: 'axle ends in their slots, both sides',
      }),
      back: doing(`Wheel into the ${arm}, lead leaving left`, [way(SIDE, null, 2)], {
        note: 'Flats along the slots; disc between the pads.',
        cautions: ['H33', 'H38'],
      }),
    },
    {
      id: id('motor'),
      name: `${end} motor`,
      mass: q(3.4, 'kg'),
      serviceable: false,
      compare: MOTOR,
      escape: all(off(id('wheel')), off(id('rim-half')), off(id('disc'))),
      lift: doing('Motor out of the rim', [way(SIDE, null, 1)]),
      back: doing('New motor in, lead to the left', [way(SIDE, null, 1.5)], {
        note: 'Six holes in line before it is pushed home.',
      }),
    },
    {
      id: id('disc'),
      role: 'brake',
      name: `${end} brake disc`,
      mass: q(0.12, 'kg'),
      transfer: true,
      handed: 'left',
      escape: off(id('wheel')),
    },
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
      role: 'tyre',
      name: `${end} tyre`,
      mass: q(0.8, 'kg'),
      escape: off(id('rim-half')),
      lift: doing('Tyre off the rim', [way(SIDE, null, 2)], { note: 'Note the arrow: it points forward at the top.' }),
      back: doing('Tyre on, arrow forward at the top', [way(SIDE, null, 3)], { note: 'Tube laid in flat all round, its valve straight.' }),
    },
    { id: id('tube'), name: `${end} tube`, mass: q(0.2, 'kg'), with: id('tyre') },
    { id: id('caliper'), role: 'brake', name: `${end} brake caliper`, mass: q(0.3, 'kg') },
    { id: end === 'front' ? 'neck-cover' : 'arm-cover', name: end === 'front' ? 'neck cover' : 'arm cover', mass: q(0.1, 'kg') },
    {
      id: id('controller'),
      role: 'controller',
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
