import { rimShift } from '../axle'
import { mm } from './fields'
import { working } from './working'

/** How far the rim stands out of the middle of its frame. */
export const shiftOfRim = working({
  edition: 1,
  group: 'axle',
  fields: {
    left: mm(0, 400, { start: 48, u: 0.2 }),
    leftPieces: mm(0, 200, { start: 1.5 }),
    right: mm(0, 400, { start: 48, u: 0.2 }),
    rightPieces: mm(0, 200, { start: 1.5 }),
    most: mm(0, 50, { start: 2, u: 0 }),
  },
  formula: 'shift = ((right + its pieces) − (left + its pieces))/2',
  source: 'geometry',
  basis: 'geometry',
  work: ({ n }) => {
    const piece = (id: string) => [{ width: n(id), clamped: true, turns: false }]
    const shift = rimShift(n('left'), piece('leftPieces'), n('right'), piece('rightPieces'))
    const [size, most] = [Math.abs(shift.value), n('most').value]
    return {
      result: { id: shift.value < 0 ? 'toRight' : 'toLeft', value: size, u: shift.u, unit: 'mm' },
      verdict: size - 2 * shift.u > most ? 'too far' : size + 2 * shift.u > most ? 'cannot tell' : 'fits',
    }
  },
})
