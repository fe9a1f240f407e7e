import type { Actuator, BrushedDrive, Column } from '../src/core/drive'
import { type Chance } from '../src/core/simulated'
import { between, oneOf } from '../src/core/simulated/chance'
import type { PmUnit } from '../src/core/simulated/pm-unit'
import type { Kind } from '../scripts/likelihoods/bench'

/** Something wrong that no catalogue lists, as a change of a simulated machine; and what its owner says of it, by ids of symptoms. */
export interface Unlisted {
  readonly id: string
  readonly told: readonly string[]
  readonly plant: (unit: never, chance: Chance) => unknown
}

const of = <U>(id: string, told: readonly string[], plant: (unit: U, chance: Chance) => unknown): Unlisted => ({ id, told, plant })
const motor = (u: PmUnit, change: Partial<PmUnit['drive']['motor']>): PmUnit => ({
  ...u,
  drive: { ...u.drive, motor: { ...u.drive.motor, ...change } },
})
type Three = readonly [number, number, number]
const each = ([a, b, c]: Three, by: number, more = 0): Three => [a * by + more, b * by + more, c * by + more]

const limited = of<PmUnit>('the controller gives a fifth of its amps', ['weak'], (u, c) => {
  const { inverter } = u.drive
  const by = between(c, 0.15, 0.25)
  const less = { phaseAmps: inverter.phaseAmps * by, supplyAmps: inverter.supplyAmps * by }
  return { ...u, drive: { ...u.drive, inverter: { ...inverter, ...less } } }
})
const otherVolts = of<PmUnit>('a motor wound for another voltage', ['weak'], (u, c) => {
  const by = oneOf(c, [0.55, 1.7])
  return motor(u, { ke: each(u.drive.motor.ke, by), phaseOhms: each(u.drive.motor.phaseOhms, by * by) })
})
const thinWire = of<PmUnit>('all three phases through thin wire', ['weak', 'hot'], (u, c) => {
  const { leadOhms, phaseOhms } = u.drive.motor
  return motor(u, { leadOhms: each(leadOhms, 1, phaseOhms[0] * between(c, 0.8, 2)) })
})
const feedHigh = of<PmUnit>('the 5 V feed is far above 5', ['jerks', 'surges'], (u, c) => ({ ...u, feed: between(c, 6.2, 9) }))
const nothing = (...told: string[]): Unlisted => of('nothing that a bench can find', told, (u) => u)

/** The committed list: none of these is in a catalogue. */
export const UNLISTED: { readonly [K in Kind]: readonly Unlisted[] } = {
  'hub direct': [limited, otherVolts, thinWire, feedHigh, nothing('surges', 'bumps')],
  'hub geared': [limited, otherVolts, thinWire, { ...feedHigh, told: ['jerks', 'bumps'] }, nothing('jerks', 'bumps')],
  'mid-drive': [limited, nothing('surges', 'bumps'), of('a chain far too long', ['knocks', 'grinds'], (u) => u)],
  traction: [limited, otherVolts, thinWire, nothing('jerks', 'bumps'), of('a tyre of another size', ['knocks'], (u) => u)],
  'gearbox brushed': [
    of<{ drive: BrushedDrive }>('a motor for another voltage', ['weak'], (u, c) => {
      const by = oneOf(c, [0.5, 1.9])
      return { ...u, drive: { ...u.drive, ke: u.drive.ke * by, armatureOhms: u.drive.armatureOhms * by * by } }
    }),
    of<{ drive: BrushedDrive }>('brushes of another stuff', ['weak', 'sparks'], (u, c) => ({
      ...u,
      drive: { ...u.drive, brushVolts: between(c, 5, 9) },
    })),
    nothing('bumps', 'jerks'),
  ],
  actuator: [
    of<{ rod: Actuator }>('an actuator of another stroke', ['wrong-place'], (u, c) => ({
      ...u,
      rod: { ...u.rod, stroke: u.rod.stroke * oneOf(c, [0.4, 2.5]) },
    })),
    of<{ adaptor: number }>('an adaptor of another voltage', ['hot'], (u, c) => ({ ...u, adaptor: between(c, 31, 38) })),
    nothing('bumps'),
  ],
  'steering assist': [
    of<{ column: Column }>('a unit of a lighter car', ['heavy-steering'], (u, c) => ({
      ...u,
      column: { ...u.column, gain: between(c, 0.3, 0.6) },
    })),
    of<{ column: Column }>('far too much help', ['turns-itself'], (u, c) => ({ ...u, column: { ...u.column, gain: between(c, 7, 12) } })),
    of('an axle out of line', ['pulls-to-a-side'], (u) => u),
    nothing('lamp-on'),
  ],
}
