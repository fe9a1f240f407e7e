import { takenLive, voltsRead } from '../apply-power'
import { isUnit, type Measurement, type QuantityId, type Result, type UnitId, unitId, unitLabel, UNITS } from '../../units'
import type { KindOf } from './kind'
import type { versions } from './reading-taken.schema'

/** A unit, or what an older entry has as one that no unit is known by. */
export type AnyUnit = UnitId | `unknown: ${string}`

/** A reading as it is worked with: a measurement, and where it was taken. */
export interface Taken extends Omit<Measurement, 'quantity' | 'unit'> {
  /** Absent in an older entry whose unit is not known. */
  readonly quantity?: QuantityId
  readonly unit: AnyUnit
  /** What was measured, in words, as version 1 has it. */
  readonly named?: string
  readonly place?: string
  readonly part?: string
  readonly test?: string
  readonly drive?: string
  readonly step?: string
}

/** The figure that version 1 can write of a result: what is over or under a range stands at its end there. */
function figureIn1(result: Result): number {
  return result.is === 'value' ? result.value : result.is === 'unstable' ? (result.low + result.high) / 2 : result.limit
}

function quantityOf(unit: AnyUnit): QuantityId | undefined {
  return isUnit(unit) ? UNITS[unit].dimension : undefined
}

/** A reading with its unit; which test asked for it, on which drive, and what was keyed in where it is worked out from several. */
export const readingTaken: KindOf<typeof versions, Taken> = {
  reads: {
    1: ({ quantity: named, value, unit, u, instrument, ...rest }) => {
      const known: AnyUnit = unitId(unit) ?? `unknown: ${unit}`
      const quantity = quantityOf(known)
      return {
        ...rest,
        ...(quantity ? { quantity } : {}),
        named,
        result: { is: 'value', value, ...(u !== undefined ? { u } : {}) },
        unit: known,
        ...(instrument !== undefined ? { instrument: { name: instrument } } : {}),
      }
    },
    2: ({ measured, ...rest }) => ({ ...measured, ...rest }),
  },
  writes: {
    1: {
      since: 0,
      write: ({ quantity, named, result, unit, instrument, mode: _, condition: __, part: ___, ...rest }) => ({
        ...rest,
        quantity: named ?? quantity ?? 'reading',
        value: figureIn1(result),
        unit: unitLabel(unit),
        ...(result.is === 'value' && result.u !== undefined ? { u: result.u } : {}),
        ...(instrument ? { instrument: instrument.name } : {}),
      }),
    },
    2: {
      since: 13,
      write: ({ named: _, quantity, result, unit, mode, live, instrument, raw, condition, ...where }) => {
        if (!isUnit(unit)) throw new RangeError(`a reading cannot be written in ${unit}`)
        return {
          ...where,
          measured: {
            quantity: quantity ?? UNITS[unit].dimension,
            result,
            unit,
            live,
            ...(mode ? { mode } : {}),
            ...(instrument ? { instrument } : {}),
            ...(raw ? { raw } : {}),
            ...(condition ? { condition } : {}),
          },
        }
      },
    },
  },
  writers: 'work',
  struckBy: 'writer',
  claims: [],
  apply(ctx, body) {
    ctx.draft.readings.push({ ...ctx.mark, ...body })
    takenLive(ctx, body.live, body.named ?? body.test ?? body.quantity ?? 'reading')
    if (body.quantity === 'voltage' && isUnit(body.unit)) voltsRead(ctx, body.result, body.unit, body.condition?.rotor)
  },
}
