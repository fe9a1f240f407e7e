import type { Connection, Doing, Fact, Guard, Joint, Mode, Stack } from '../../core/machine'
import type { Quantity } from '../../core/units'

/** Short hands for writing a machine file by program: every one returns plain data. */
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

/** A fixing with one member at each place, named after the fixing; where it lies while off follows from its kind unless it is said. */
export function fixing(plan: FixingPlan, places: readonly (string | readonly [place: string, length: number])[] = ['it']): Joint {
  const keep: Joint['keep'] = plan.consumable !== undefined ? 'bin' : plan.kind === 'washers' || plan.kind === 'lever' || plan.kind === 'tape' || plan.kind === 'adhesive' ? 'carrier' : 'cell'
  return {
    role: 'working', keep,
    members: places.map((place, i) => ({ id: `${plan.id}-${i + 1}`, place: typeof place === 'string' ? place : place[0], ...(typeof place === 'string' ? {} : { length: place[1] }) })),
    ...plan,
  }
}

/** Places of like screws: `hole 1 of 4` and so on, all of one length. */
export const holes = (count: number, length: number, where = 'hole'): readonly (readonly [string, number])[] => Array.from({ length: count }, (_, i) => [`${where} ${i + 1} of ${count}`, length] as const)

/** One end of an axle, from the outside in: name, width in mm, and the fixing that it belongs to. */
export function stackOf(id: string, name: string, side: 'left' | 'right', axle: string, items: readonly (readonly [name: string, width: number, joint?: string])[]): Stack {
  return { id, name, side, axle, items: items.map(([item, width, joint], i) => ({ id: `${id}-${i + 1}`, name: item, width, clamped: true, turns: false, ...(joint ? { joint } : {}) })) }
}

export const wires = (...pins: readonly (readonly [colour: string, carries: string])[]): Connection['pins'] => pins.map(([colour, carries], i) => ({ n: i + 1, colour, function: carries }))

/** The pins of a Hall plug, and of three phase ends. */
export const HALL_PINS = wires(['red', '+5 V'], ['black', '0 V'], ['yellow', 'Hall A'], ['green', 'Hall B'], ['blue', 'Hall C'])
export const PHASE_PINS = wires(['yellow', 'phase A'], ['green', 'phase B'], ['blue', 'phase C'])
export const PACK_PINS = wires(['red', 'pack +'], ['black', 'pack −'])
