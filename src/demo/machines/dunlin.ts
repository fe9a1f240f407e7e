import type { ActionId, MachineFile, OrderRule } from '../../core/machine'
import { all, DEAD, doing, exposed, off, on, prepared, q, unplugged, way } from '../../core/builder'
import { hub } from './dunlin-hub'
import { TOOLS } from './dunlin-tools'

const UP = ['upright']

/** Seven holes along each long edge of the lid, clockwise from front left: the first on the left, then down the right, then back up. */
function lidHole(i: number): [number, number] {
  const along = (n: number): number => 240 - n * 80
  return i === 0 ? [along(0), 75] : i <= 7 ? [along(i - 1), -75] : [along(14 - i), 75]
}

/** The Dunlin: a folding scooter with a hub motor at both ends and both controllers in the deck. Invented. */
/** Its two ends, and what of them says which it belongs to. */
const ENDS = ['front', 'rear'] as const
const NAMED: ReadonlySet<string> = new Set(['parts', 'joints', 'connections', 'steps'])

/** What is put back under the lid: the bead along its edge comes after all of it. */
const UNDER_THE_LID: readonly ActionId[] = [
  'undo:pack-strap',
  ...ENDS.flatMap((end): readonly ActionId[] => [
    `unplug:${end}-phases`,
    `unplug:${end}-hall`,
    `unplug:${end}-feed`,
    `undo:${end}-controller-screws`,
    `undo:${end}-ties`,
    `undo:${end}-cover-screws`,
  ]),
]

export function dunlin(): MachineFile {
  const ends = [hub('front'), hub('rear')]
  const from = <K extends 'parts' | 'joints' | 'connections' | 'cables' | 'steps' | 'order' | 'loadPath' | 'stacks' | 'axles'>(key: K) =>
    ends.flatMap((end, i) =>
      (end[key] as readonly object[]).map((thing) => (NAMED.has(key) ? { ...thing, end: ENDS[i] } : thing)),
    ) as never[]
  return {
    format: 'nailsmith-machine/1',
    id: 'dunlin',
    revision: '2027-04',
    name: 'Dunlin',
    class: 'scooter',
    variants: [
      {
        id: 'lid-edge',
        question: 'Is there a bead of sealant along the deck lid?',
        options: [
          { id: 'sealed', label: 'Yes, sealed' },
          { id: 'dry', label: 'No, dry' },
        ],
        worst: 'sealed',
      },
    ],
    drives: ends.map((end) => end.drive),
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'Li-ion', cells: 14, nominal: q(52, 'V') },
    mass: q(32, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(936, 'Wh'), releasedBy: 'pack-plug' },
      {
        id: 'energy-front-capacitors',
        kind: 'capacitor',
        of: 'front-controller',
        size: q(2.6, 'J', 'estimated'),
        releasedBy: 'prove-dead',
      },
      { id: 'energy-rear-capacitors', kind: 'capacitor', of: 'rear-controller', size: q(2.6, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-front-tyre', kind: 'tyre', of: 'front-tyre', size: q(2.8, 'bar'), escape: [0, 1, 0], releasedBy: 'front-valve-core' },
      { id: 'energy-rear-tyre', kind: 'tyre', of: 'rear-tyre', size: q(2.8, 'bar'), escape: [0, 1, 0], releasedBy: 'rear-valve-core' },
    ],
    sealed: ends.map((_, i) => ({
      part: i === 0 ? 'front-controller' : 'rear-controller',
      replacedBy: 'a whole controller',
      why: 'It is potted: opening it ends it.',
    })),
    parts: [
      { id: 'deck', name: 'deck' },
      { id: 'grip-mat', name: 'grip mat', mass: q(0.3, 'kg') },
      {
        id: 'deck-lid',
        name: 'deck lid',
        mass: q(1.4, 'kg'),
        escape: off('grip-mat'),
        lift: doing('Lift the lid, keep the seal flat', [way(UP, null, 1)], {
          note: 'Front edge first. Two leads run along the groove below it.',
          photo: 'the open deck, before anything is moved',
        }),
        back: doing('Lid flush by hand, seal seated', [way(UP, null, 1.5)], {
          note: 'If it does not sit flush, something is under it: stop.',
          cautions: ['H63', 'H40'],
        }),
      },
      { id: 'lid-seal', name: 'lid seal', with: 'deck-lid' },
      {
        id: 'pack',
        name: 'battery pack',
        mass: q(5.2, 'kg'),
        tethers: ['pack-plug'],
        escape: off('deck-lid'),
        access: off('deck-lid'),
        lift: doing('Lift the pack out and carry it away', [way(UP, null, 1.5)], {
          note: 'Two metres from the bench, on something that does not burn.',
        }),
        back: doing('Pack in, nothing under it', [way(UP, null, 1.5)], {
          note: 'Plug end to the front. It is still isolated.',
        }),
      },
      ...from('parts'),
    ],
    joints: [
      {
        id: 'mat-edge',
        name: 'grip mat edge',
        kind: 'adhesive',
        holds: ['grip-mat', 'deck-lid'],
        frees: ['grip-mat'],
        members: [{ id: 'mat-edge-1', place: 'all round' }],
        label: 'mat edge',
        role: 'cover',
        keep: 'carrier',
        release: 'peel',
        down: doing('Peel the grip mat', [way(UP, 'spatula', 3)], {
          note: 'From the rear corner, slow and flat. It goes back on.',
          cautions: ['H46'],
        }),
        up: doing('Lay the mat back', [way(UP, null, 2)], {}),
      },
      {
        id: 'lid-bead',
        name: 'sealant bead',
        kind: 'adhesive',
        holds: ['deck-lid', 'deck'],
        members: [{ id: 'lid-bead-1', place: 'along the lid edge' }],
        label: 'sealant bead',
        role: 'dust',
        keep: 'bin',
        consumable: 'sealant',
        release: 'cut',
        when: { variant: 'lid-edge', is: 'sealed' },
        access: off('deck-screws'),
        down: doing('Cut the sealant bead', [way(UP, 'spatula', 2)], {
          note: 'Blade flat against the lid: leads lie 6 mm below.',
        }),
        up: doing('New bead of sealant', [way(UP, null, 2)], {
          consumables: [{ consumable: 'sealant', count: 1 }],
          cautions: ['H40', 'H58'],
        }),
      },
      {
        id: 'deck-screws',
        name: 'deck lid screws',
        kind: 'screws',
        holds: ['deck-lid', 'deck'],
        members: Array.from({ length: 14 }, (_, i) => ({
          id: `deck-screw-${i + 1}`,
          place: `hole ${i + 1}, clockwise from front left`,
          length: i === 6 || i === 7 ? 14 : 10,
          at: lidHole(i),
          // Over the cross member the leads lie deeper.
          ...(i === 6 || i === 7 ? { hole: { depth: 15 } } : {}),
        })),
        label: 'M4×10',
        thread: 'M4',
        strength: '8.8',
        head: 'countersunk, hexagon socket 2.5',
        torque: q(2.5, 'Nm'),
        hole: { stack: 2, depth: 10.5, behind: 'lead', into: 'aluminium' },
        driver: { start: 'hand', clutch: 4, finish: 'wrench' },
        pattern: 'criss-cross',
        role: 'cover',
        keep: 'cell',
        release: 'undo',
        access: off('grip-mat'),
        down: doing('Undo 14 deck screws', [way(UP, 'hex-2.5', 6)], {
          note: 'Twelve are 10 long; holes 7 and 8 take 14.',
          cautions: ['H47'],
        }),
        up: doing('Fit 14, criss-cross', [way(UP, 'torque-6', 8)], { passes: ['started', 'final'], cautions: ['H47'] }),
      },
      {
        id: 'pack-strap',
        name: 'pack strap buckle',
        kind: 'lever',
        holds: ['pack', 'deck'],
        members: [{ id: 'pack-strap-1', place: 'across the pack' }],
        label: 'strap',
        role: 'working',
        captive: true,
        keep: 'carrier',
        release: 'loosen',
        access: off('deck-lid'),
        down: doing('Open the pack strap', [way(UP, null, 0.5)], {}),
        up: doing('Strap over the pack, no lead under it', [way(UP, null, 1)], { cautions: ['H9', 'H63'], guard: on('pack') }),
      },
      ...from('joints'),
    ],
    connections: [
      {
        id: 'pack-plug',
        name: 'pack plug',
        family: 'two-pole, anti-spark, keyed',
        releaseHow: 'Straight pull on both shells, one hand each.',
        keying: 'One round, one square pole.',
        pins: [
          { n: 1, colour: 'red', function: 'pack +' },
          { n: 2, colour: 'black', function: 'pack −' },
        ],
        mates: ['pack', 'deck'],
        access: off('deck-lid'),
        down: doing('Unplug the pack, cap its plug', [way(UP, null, 1)], {
          note: 'Key off first. Its own side stays live: cap it.',
          cautions: ['H5'],
        }),
        up: doing('Pre-charge, then plug the pack in', [way(UP, 'precharge', 1.5)], {
          note: 'Resistor across for five seconds, then the plug.',
          ifOmitted: 'Without pre-charge the contacts spark and pit.',
        }),
      },
      ...from('connections'),
    ],
    cables: from('cables'),
    holes: [
      { id: 'front-deck-hole', part: 'deck', width: 16, height: 12 },
      { id: 'rear-deck-hole', part: 'deck', width: 16, height: 12 },
    ],
    steps: [
      {
        id: 'prove-dead',
        kind: 'prove',
        limb: 'down',
        gives: [DEAD],
        check: 'dead',
        access: unplugged('pack-plug'),
        down: doing('Prove dead, both feeds', [way(UP, 'meter', 3)], {
          note: 'Checked meter, DC. Both controller feeds, plus to minus.',
          ifOmitted: 'Charged capacitors bite, and short through the first tool.',
        }),
      },
      {
        id: 'inspect-plugs',
        kind: 'prepare',
        limb: 'down',
        gives: [prepared('inspect-plugs')],
        access: all(exposed('front-hall'), exposed('rear-hall'), exposed('front-phases'), exposed('rear-phases'), DEAD),
        down: doing('Tug every plug, look for green and brown', [way(UP, null, 4)], {
          note: 'Two bullets sets, two 6-pins, two feeds. Push home what moves.',
          photo: 'plugs as found',
        }),
      },
      {
        id: 'pinch-look',
        kind: 'gate',
        limb: 'up',
        check: 'pinch',
        after: ['unplug:front-hall', 'unplug:rear-hall', 'undo:front-ties', 'undo:rear-ties', 'undo:pack-strap'],
        before: ['off:deck-lid'],
        up: doing('Leads in their grooves: look along the edge', [way(UP, null, 1)], {
          cautions: ['H63', 'H9'],
          ifOmitted: 'A crushed lead shorts weeks later.',
        }),
      },
      {
        id: 'spin-test',
        kind: 'gate',
        limb: 'up',
        check: 'spin test',
        after: [
          'unplug:pack-plug',
          'unplug:front-phases',
          'unplug:front-hall',
          'unplug:rear-phases',
          'unplug:rear-hall',
          'step:front-reaction-path',
          'step:rear-reaction-path',
          'step:front-brake-check',
          'step:rear-brake-check',
          'step:front-draw-lead',
          'step:rear-draw-lead',
          'step:front-pressure',
          'step:rear-pressure',
        ],
        before: ['step:pinch-look', 'off:deck-lid'],
        up: doing('Spin test here, before the lid', [way(UP, null, 3)], {
          note: 'Wheels off the ground, short throttle, hands clear.',
          ifOmitted: 'A fault found after the lid costs the whole deck again.',
        }),
      },
      ...from('steps'),
    ],
    order: [
      {
        id: 'lid-before-mat',
        limb: 'up',
        first: 'undo:deck-screws',
        then: 'undo:mat-edge',
        strength: 'must',
        consequence: 'The mat covers the screw heads.',
      },
      {
        id: 'bead-before-lid',
        limb: 'up',
        first: 'undo:lid-bead',
        then: 'off:deck-lid',
        strength: 'must',
        consequence: 'Sealant pushed in from outside does not seal, and squeezes onto the leads.',
      },
      ...UNDER_THE_LID.map(
        (first, i) =>
          ({
            id: `bead-late-${i + 1}`,
            limb: 'up',
            first,
            then: 'undo:lid-bead',
            strength: 'must',
            consequence: 'Sealant skins in a quarter of an hour: the lid has to be on it by then.',
          }) as const,
      ),
      ...ends.flatMap((_, i) => {
        const end = i === 0 ? 'front' : 'rear'
        const cover = i === 0 ? 'front-cover-screws' : 'rear-cover-screws'
        const under = (first: OrderRule['first'], n: number) =>
          ({
            id: `${end}-under-pack-${n}`,
            limb: 'up',
            first,
            then: 'off:pack',
            strength: 'must',
            consequence: 'The pack lies over the plugs; and proof of dead ends when it returns.',
          }) as const
        return [
          under(`unplug:${end}-phases`, 1),
          under(`unplug:${end}-hall`, 2),
          under(`undo:${end}-ties`, 3),
          {
            id: `${end}-cover-before-power`,
            limb: 'up',
            first: `undo:${cover}`,
            then: 'unplug:pack-plug',
            strength: 'prefer',
            consequence: 'Screwing beside a live lead.',
          },
          {
            id: `${end}-axle-before-power`,
            limb: 'up',
            first: `step:${end}-reaction-path`,
            then: 'unplug:pack-plug',
            strength: 'must',
            consequence: 'A knocked throttle turns an axle that nothing holds.',
          },
          {
            id: `${end}-brake-before-power`,
            limb: 'up',
            first: `step:${end}-brake-check`,
            then: 'unplug:pack-plug',
            strength: 'prefer',
            consequence: 'A wheel under power with no brake looked at.',
          },
          {
            id: `${end}-air-before-power`,
            limb: 'up',
            first: `step:${end}-pressure`,
            then: 'unplug:pack-plug',
            strength: 'prefer',
            consequence: 'Hands at a wheel that can start.',
          },
        ] as const
      }),
      ...from('order'),
    ],
    loadPath: from('loadPath'),
    poses: [
      { id: 'upright', name: 'upright on its stand', rotation: [0, 0, 0] },
      { id: 'on-right', name: 'folded, on its right side, the wheel over the edge', rotation: [90, 0, 0] },
    ],
    poseMoves: [
      {
        from: 'upright',
        to: 'on-right',
        title: 'Fold the stem, lay it on its right side, wheel over the edge',
        people: 2,
        minutes: { low: 1, likely: 1.5, high: 3 },
      },
      {
        from: 'on-right',
        to: 'upright',
        title: 'Stand it up, stem unfolded and latched',
        people: 2,
        minutes: { low: 1, likely: 1.5, high: 3 },
      },
    ],
    stacks: from('stacks'),
    axles: from('axles'),
    tools: TOOLS,
    consumables: [
      { id: 'tie', name: 'cable tie 200 × 4.8' },
      { id: 'cord', name: 'draw cord, 1.5 m' },
      { id: 'sealant', name: 'deck sealant, one bead' },
      { id: 'locker-medium', name: 'medium threadlocker, drop' },
    ],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      ...ends.flatMap((end) => end.goals),
      {
        id: 'front-controller-goal',
        name: 'front controller',
        guard: off('front-controller'),
        swap: [
          {
            id: 'swap-front-controller',
            title: 'New controller beside the old',
            part: 'front-controller',
            note: 'Same plugs, same colours, same label; write both serials down.',
            minutes: { low: 2, likely: 3, high: 6 },
          },
        ],
      },
    ],
  }
}
