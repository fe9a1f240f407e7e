import { counts, inside, PLAY_MOST, SPREAD_MOST } from '../axle'
import { readThread } from '../fasteners'
import type {
  ActionId,
  AxleFit,
  CompareSpec,
  Connection,
  Doing,
  Fact,
  Guard,
  HoleFit,
  Joint,
  Mode,
  Stack,
  StackItem,
  Vec3,
  Want,
} from '../machine'
import type { Purpose } from '../axle'
import type { Quantity } from '../units'

/**
 * Short hands for writing a machine file by program, as the demo files are and an editor can: every one returns plain data of the
 * file's own types.
 */
export const off = (of: string): Fact => ({ fact: 'off', of })
/** On the way up: back on again. */
export const on = (of: string): Guard => ({ not: off(of) })
export const unplugged = (of: string): Fact => ({ fact: 'unplugged', of })
export const prepared = (of: string): Fact => ({ fact: 'prepared', of })
export const exposed = (of: string): Fact => ({ fact: 'exposed', of })
export const DEAD: Fact = { fact: 'proved', of: 'dead' }
export const all = (...guards: Guard[]): Guard => ({ all: guards })
export const any = (...guards: Guard[]): Guard => ({ any: guards })

export const q = (value: number, unit: string, source: Quantity['source'] = 'machine file'): Quantity => ({ value, unit, source })

/** A mode with minutes spread 25 % down and 60 % up around the likely ones, as an estimate. */
export function way(poses: readonly string[], tool: string | null, likely: number, more: Partial<Mode> = {}): Mode {
  const round = (x: number): number => Math.round(x * 4) / 4
  return { poses, tool, people: 1, minutes: { low: round(likely * 0.75), likely, high: round(likely * 1.6) }, ...more }
}

export function doing(title: string, modes: readonly Mode[], more: Partial<Doing> = {}): Doing {
  return { title, modes, ...more }
}

type FixingPlan = Pick<Joint, 'id' | 'name' | 'kind' | 'holds' | 'label' | 'release' | 'down'> & Partial<Joint>

/** Where a member is, how long it is, and what is other in its hole. */
type Place = string | readonly [place: string, length: number, hole?: Partial<HoleFit>]

/** A fixing with one member at each place, named after the fixing; where it lies while off follows from its kind unless it is said. */
export function fixing(plan: FixingPlan, places: readonly Place[] = ['it']): Joint {
  const keep: Joint['keep'] =
    plan.consumable !== undefined
      ? 'bin'
      : plan.kind === 'washers' || plan.kind === 'lever' || plan.kind === 'tape' || plan.kind === 'adhesive'
        ? 'carrier'
        : 'cell'
  return {
    role: 'working',
    keep,
    members: places.map((place, i) => ({
      id: `${plan.id}-${i + 1}`,
      place: typeof place === 'string' ? place : place[0],
      ...(typeof place === 'string' ? {} : { length: place[1], ...(place[2] ? { hole: place[2] } : {}) }),
    })),
    ...plan,
  }
}

/** What comes away in the hand with an action and is counted all the same: an inner washer, a key, a bush, a seal. */
export const along = (
  action: ActionId | readonly ActionId[],
  plan: Pick<Joint, 'id' | 'name' | 'kind' | 'holds' | 'label'> & Partial<Joint>,
  places?: readonly Place[],
): Joint => fixing({ release: 'pull', along: typeof action === 'string' ? [action] : action, down: doing(plan.name, []), ...plan }, places)

/** Places of like screws: `hole 1 of 4` and so on, all of one length. */
export const holes = (count: number, length: number, where = 'hole'): readonly (readonly [string, number])[] =>
  Array.from({ length: count }, (_, i) => [`${where} ${i + 1} of ${count}`, length] as const)

/** Pressed on by itself: no nut clamps it. */
const PRESSED = 'bearing'

/** What a piece is for, by its name. */
const PURPOSE: Readonly<Partial<Record<string, Purpose>>> = {
  nut: 'nut',
  'cap nut': 'cap',
  flat: 'washer',
  'inner flat': 'washer',
  tab: 'tab',
  fork: 'frame',
  arm: 'frame',
  dropout: 'frame',
  'tail plate': 'frame',
  spacer: 'spacer',
  'spacer, slotted': 'spacer',
  'castle nut': 'nut',
  'wheel nut': 'nut',
  washer: 'washer',
  'wheel hub': 'wheel',
  'snap ring': 'ring',
  'lock ring': 'ring',
  pinion: 'gear',
  pulley: 'pulley',
  'crank bolt': 'bolt',
  crank: 'crank',
  spider: 'spider',
  [PRESSED]: 'bearing',
}

/** One end of an axle, from the outside in: name, width in mm, the fixing that it belongs to, and where its tab or slot points. */
export function stackOf(
  id: string,
  name: string,
  side: 'left' | 'right',
  axle: string,
  items: readonly (readonly [name: string, width: number, joint?: string, facing?: Vec3])[],
): Stack {
  return {
    id,
    name,
    side,
    axle,
    items: items.map(([item, width, joint, facing], i) => ({
      id: `${id}-${i + 1}`,
      name: item,
      width,
      ...(facing ? { facing } : {}),
      clamped: item !== PRESSED,
      turns: false,
      ...(PURPOSE[item] ? { purpose: PURPOSE[item] } : {}),
      ...(joint ? { joint } : {}),
    })),
  }
}

/** Pitch of an axle’s thread, mm: `M12×1.25`. */
const pitchOf = (thread: string): number => readThread(thread)?.pitch ?? 1

/** Play that a stack may have in its frame before its nuts draw that in, and how far it may spread it, mm; estimated. */
const IN_FRAME = { smaller: PLAY_MOST, larger: SPREAD_MOST } as const

/**
 * What a new motor on this axle is compared by: how long its axle is, and how wide it is where the frame takes it. Both follow from frame
 * and stacks, and stand in no other place.
 * @param name of the width, as a mechanic measures it
 * @param why what comes of it where it is too wide or too narrow
 */
export function axleRows(axle: AxleFit, stacks: readonly Stack[], name: string, why: string): readonly CompareSpec[] {
  const sum = (items: readonly StackItem[]): number => items.reduce((s, i) => s + (counts(i) ? i.width : 0), 0)
  const sides = axle.stacks.map((id) => stacks.find((s) => s.id === id)?.items ?? [])
  const spare = sides.map((items, k) => axle.standsOut[k]! - sum(items) - pitchOf(axle.thread))
  return [
    {
      id: 'axle',
      name: 'axle, end to end',
      unit: 'mm',
      value: axle.hub + axle.standsOut[0] + axle.standsOut[1],
      smaller: Math.max(0, Math.floor(2 * Math.min(...spare))),
      larger: 8,
      why: 'Too short leaves no full nut of thread.',
    },
    { id: 'width', name, unit: 'mm', value: axle.hub + sides.reduce((s, items) => s + sum(inside(items)), 0), ...IN_FRAME, why },
  ]
}

/** A running clearance read over one turn, mm: never less than `low`, never more than `high`. */
export const overATurn = (low: number, high: number): readonly Want[] => [
  { id: 'least', name: 'least over a turn', quantity: 'length', unit: 'mm', low },
  { id: 'most', name: 'most over a turn', quantity: 'length', unit: 'mm', high },
]

export const wires = (...pins: readonly (readonly [colour: string, carries: string])[]): Connection['pins'] =>
  pins.map(([colour, carries], i) => ({ n: i + 1, colour, function: carries }))

/** The pins of a Hall plug, and of three phase ends. */
export const HALL_PINS = wires(['red', '+5 V'], ['black', '0 V'], ['yellow', 'Hall A'], ['green', 'Hall B'], ['blue', 'Hall C'])
export const PHASE_PINS = wires(['yellow', 'phase A'], ['green', 'phase B'], ['blue', 'phase C'])
export const PACK_PINS = wires(['red', 'pack +'], ['black', 'pack −'])

/** What the two ends of a hub’s axle differ in from machine to machine; the lead leaves on the right. */
export interface AxlePlan {
  readonly carrier: string
  readonly hub: string
  readonly poses: readonly string[]
  /** Where the tab washer sits: `its slot`, `the dropout`. */
  readonly seat: string
  readonly thread: string
  readonly head: string
  readonly torque: Quantity
  readonly ring: string
  readonly open: string
  /** Tool that brings the nuts to their torque. */
  readonly wrench: string
  readonly access: (side: 'left' | 'right') => Guard
  readonly counterHold: string
  /** What holds the flats. */
  readonly flats: string
  readonly minutes: { readonly full: number; readonly washers: number }
  readonly flat: string
  readonly tab: string
}

/** Nut and washers of both ends: the right nut stays on the lead, both are started before either is tightened. */
export function axleEnds(p: AxlePlan): Joint[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const Side = side === 'left' ? 'Left' : 'Right'
    return [
      fixing(
        {
          id: `${side}-nut`,
          name: `${side} axle nut`,
          kind: 'nut',
          holds: [p.carrier, p.hub],
          label: `nut ${p.thread}`,
          thread: p.thread,
          head: p.head,
          torque: p.torque,
          critical: 'axle',
          pattern: 'in turn',
          keep: side === 'right' ? 'carrier' : 'cell',
          release: 'undo',
          access: p.access(side),
          down:
            side === 'right'
              ? doing('Right nut back along the lead', [way(p.poses, p.open, 2)], {
                  note: 'It stays on the lead.',
                  cautions: ['H36'],
                  photo: 'right axle end with the lead',
                })
              : doing('Undo the left nut', [way(p.poses, p.ring, 1.5)], { counterHold: p.counterHold, with: [p.flats] }),
          up:
            side === 'right'
              ? doing('Both nuts started by hand', [way(p.poses, null, 1)], {
                  passes: ['started'],
                  covers: ['left-nut', 'right-nut'],
                  guard: all(on('left-washers'), on('right-washers')),
                  cautions: ['H33'],
                })
              : doing('Nuts in turn, then full; mark', [way(p.poses, p.wrench, p.minutes.full)], {
                  passes: ['seated', 'final', 'marked'],
                  covers: ['left-nut', 'right-nut'],
                  guard: on('right-nut'),
                  cautions: ['H33'],
                }),
        },
        [`${side} end of the axle`],
      ),
      fixing(
        {
          id: `${side}-washers`,
          name: `${side} washers`,
          kind: 'washers',
          holds: [p.carrier, p.hub],
          label: 'flat + tab',
          release: 'pull',
          access: off(`${side}-nut`),
          down: doing(`${Side} washers off, order kept`, [way(p.poses, null, p.minutes.washers)], {
            photo: `${side} washers laid in order`,
          }),
          up: doing(`${Side} tab in ${p.seat}, flat over it`, [way(p.poses, null, p.minutes.washers)], {
            ifOmitted: `The axle turns in ${p.seat} under torque and tears the lead out.`,
          }),
        },
        [p.flat, p.tab],
      ),
    ]
  })
}
