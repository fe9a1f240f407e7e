import type { ActionId, Connection, Consumable, FileStep, Goal, Guard, Joint, OrderRule, Part, Tool } from '../../core/machine'
import { all, along, doing, fixing, holes, off, on, prepared, q, unplugged, way, wires } from '../../core/builder'

/** Where a lead runs into a hub, and what differs from hub to hub. */
interface HubLead {
  /** The part inside that the lead and its board belong to: a core, a stator. */
  readonly owner: string
  /** The wheel that it is in. */
  readonly hub: string
  /** That part as it is said: `core`. */
  readonly inside: string
  /** What has to be off for the joints to be seen. */
  readonly open: Guard
  readonly poses: readonly string[]
  /** Plugs at the far end of the lead, and the one of them whose housing does not pass the nut. */
  readonly plugs: readonly string[]
  readonly wide: { readonly plug: string; readonly name: string; readonly how: string }
  /** What closes the hub over it, from the inside out. */
  readonly closes: readonly ActionId[]
  /** What else wants the winding shown sound: a core that came back. */
  readonly proves?: readonly ActionId[]
  /** The cover that the lead passes. */
  readonly cover: string
}

interface Pieces {
  readonly parts: readonly Part[]
  readonly joints: readonly Joint[]
  readonly connections: readonly Connection[]
  readonly steps: readonly FileStep[]
  readonly order: readonly OrderRule[]
  readonly goals: readonly Goal[]
}

/** The lead of a hub motor from its nut to the winding, its sensor board, and the jobs that renew them. */
export function hubLead({ owner, hub, inside, open, poses, plugs, wide, closes, proves = [], cover }: HubLead): Pieces {
  return {
    parts: [
      { id: 'sensor-board', role: 'motor', name: 'Hall sensor board', mass: q(0.02, 'kg'), tethers: ['board-plug'], escape: open },
      {
        id: 'motor-lead',
        role: 'loom',
        name: 'motor lead',
        mass: q(0.3, 'kg'),
        tethers: ['phase-joints', 'board-plug', ...plugs],
        escape: all(open, prepared('lead-de-pinned')),
        lift: doing('Draw the lead out of the axle, cord tied on', [way(poses, null, 3)], {
          with: ['cord'],
          note: 'Outward: its grommet comes with it.',
          photo: 'how it lies inside and leaves the axle',
        }),
        back: doing('New lead through the axle, from inside', [way(poses, null, 5)], {
          with: ['cord'],
          note: 'Edges of the bore deburred, grommet on it, a loop left inside.',
          ifOmitted: 'An edge in the bore cuts it at the first hard stop.',
        }),
      },
    ],
    joints: [
      along(
        'off:motor-lead',
        {
          id: 'lead-grommet',
          name: 'grommet of the lead',
          kind: 'seal',
          holds: ['motor-lead', owner],
          label: 'grommet',
          consumable: 'grommet',
        },
        ['in the axle’s end'],
      ),
      fixing(
        {
          id: 'board-screws',
          name: 'screws of the sensor board',
          kind: 'screws',
          holds: ['sensor-board', owner],
          frees: ['sensor-board'],
          label: 'M2.5×5',
          thread: 'M2.5',
          hole: { stack: 1.5, depth: 6, behind: 'winding', into: 'brass' },
          head: 'pan head, cross PH1',
          release: 'undo',
          access: open,
          down: doing('Undo 3 screws, lift the sensor board', [way(poses, 'cross-1', 2)], {
            note: 'Its place to the magnets marked.',
            photo: 'the board to its mark',
          }),
          up: doing('Sensor board to its mark, 3 screws', [way(poses, 'cross-1', 2.5)], {
            passes: ['started', 'final'],
            ifOmitted: 'Off its mark it runs rough, hot, and better one way than the other.',
          }),
        },
        holes(3, 5),
      ),
      fixing(
        {
          id: 'lead-clamp',
          name: `clamp of the lead in the ${inside}`,
          kind: 'clip',
          holds: ['motor-lead', owner],
          label: 'lead clamp',
          release: 'pry',
          access: open,
          down: doing('Open the clamp of the lead', [way(poses, 'cross-1', 1)]),
          up: doing('Lead in its clamp, loop clear of the rotor', [way(poses, 'cross-1', 1.5)], {
            ifOmitted: 'The rotor saws through the lead.',
          }),
        },
        [`inside the ${inside}`],
      ),
      fixing(
        {
          id: 'lead-glue',
          name: 'sealant at the axle’s bore',
          kind: 'adhesive',
          holds: ['motor-lead', owner],
          label: 'sealant',
          consumable: 'bore-sealant',
          release: 'cut',
          access: open,
          down: doing('Cut the sealant out of the bore', [way(poses, 'pick', 3)], {
            note: 'Plastic pick: the strands lie right under it.',
          }),
          up: doing('Sealant into the bore, all round the lead', [way(poses, null, 2)], {
            consumables: [{ consumable: 'bore-sealant', count: 1 }],
            wait: 30,
            waitFor: 'cure',
            ifOmitted: 'Water runs along the lead into the hub.',
          }),
        },
        ['axle’s bore'],
      ),
    ],
    connections: [
      {
        id: 'board-plug',
        roles: ['hall'],
        name: 'plug of the sensor board',
        family: '6-pin, small',
        releaseHow: 'By its body, with a pick under the latch.',
        pins: wires(['red', '+5 V'], ['black', '0 V'], ['yellow', 'Hall A'], ['green', 'Hall B'], ['blue', 'Hall C'], ['white', 'speed']),
        mates: ['motor-lead', 'sensor-board'],
        access: open,
        down: doing('Part the plug of the sensor board', [way(poses, 'pick', 1)], { photo: '6-pin of the board, colours showing' }),
        up: doing('Plug of the sensor board: click, then tug', [way(poses, null, 1)]),
      },
      {
        id: 'phase-joints',
        roles: ['phases'],
        name: 'soldered phase joints',
        family: 'soldered, sleeved',
        releaseHow: 'Sleeve off, unsoldered.',
        pins: wires(['yellow', 'phase A'], ['green', 'phase B'], ['blue', 'phase C']),
        mates: ['motor-lead', owner],
        access: open,
        down: doing('Sleeves off, unsolder 3 phase joints', [way(poses, 'iron', 6)], {
          photo: 'phase joints, colours and their star point',
        }),
        up: doing('Solder 3 phase joints, sleeve each', [way(poses, 'iron', 9)], {
          consumables: [{ consumable: 'sleeve', count: 3 }],
          note: 'Tinned, laid together, full flow; a tug on each once cold. Sleeves shrunk, no bare end.',
          ifOmitted: 'A cold joint runs hot at full throttle, and opens.',
        }),
      },
    ],
    steps: [
      {
        id: 'lead-de-pinned',
        kind: 'prepare',
        limb: 'both',
        gives: [prepared('lead-de-pinned'), { fact: 'de-pinned', of: wide.plug }],
        access: all(...plugs.map(unplugged), off(hub)),
        down: doing(wide.how, [way(poses, 'pin-tool', 6)], {
          note: 'Photo and table of colours first; the pins one by one, a sleeve over their ends.',
          photo: `${wide.name}, wire side, numbers showing`,
        }),
        up: doing('Nut and washers on the lead; pins back by number', [way(poses, 'pin-tool', 7)], {
          note: 'Nut, flat, tab, in that order from the plug. Each pin a click and a tug.',
          guard: on(cover),
          ifOmitted: 'A crossed phase and Hall can burn the controller at the first start.',
        }),
      },
      {
        id: 'lead-insulation',
        kind: 'gate',
        limb: 'up',
        after: ['off:motor-lead', 'undo:board-screws', 'unplug:phase-joints', ...proves],
        before: closes,
        up: doing('Phases to axle: insulation', [way(poses, 'insulation', 2)], {
          wants: [
            { id: 'insulation', name: 'any phase to the axle', quantity: 'resistance', unit: 'Mohm', low: 2, testVolts: 100, seconds: 10 },
          ],
          note: 'Before it is closed; Hall wires not in the loop.',
          ifOmitted: 'A nicked strand to the axle puts the pack on the frame.',
        }),
      },
    ],
    order: [
      {
        id: 'de-pinned-before-cover',
        limb: 'down',
        first: 'step:lead-de-pinned',
        then: `off:${cover}`,
        strength: 'prefer',
        consequence: 'The cover hangs on the lead, in the way of every tool.',
      },
    ],
    goals: [
      {
        id: 'board-goal',
        name: 'Hall sensor board',
        guard: off('sensor-board'),
        swap: [
          {
            id: 'swap-board',
            title: 'New board beside the old, its mark moved over',
            part: 'sensor-board',
            note: 'Same sensors, same spacing, same wires by colour.',
            minutes: { low: 3, likely: 5, high: 10 },
          },
        ],
      },
      {
        id: 'lead-goal',
        name: 'motor lead',
        guard: off('motor-lead'),
        swap: [
          {
            id: 'swap-lead',
            title: 'New lead beside the old, wire by wire',
            part: 'motor-lead',
            note: 'Length, thickness of the phases, colours; its far plug not pinned yet.',
            minutes: { low: 4, likely: 7, high: 12 },
          },
        ],
      },
    ],
  }
}

export const HUB_LEAD_TOOLS: readonly Tool[] = [
  { id: 'cross-1', name: 'cross-head PH1', short: 'cross 1', kind: 'cross', size: 'PH1' },
  { id: 'pick', name: 'plastic pick', short: 'pick', kind: 'pry' },
  { id: 'iron', name: 'soldering iron 80 W, heat gun', short: 'iron', kind: 'iron', special: true, setUp: 3 },
  { id: 'pin-tool', name: 'pin extractor, round 1.5', short: 'pin tool', kind: 'pin tool', special: true },
  { id: 'insulation', name: 'insulation tester 100 V', short: 'insulation', kind: 'insulation tester', special: true },
]

export const HUB_LEAD_CONSUMABLES: readonly Consumable[] = [
  { id: 'sleeve', name: 'heat-shrink sleeve, glued' },
  { id: 'grommet', name: 'axle grommet' },
  { id: 'bore-sealant', name: 'neutral sealant, one bore' },
]
