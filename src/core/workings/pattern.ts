import { crissCrossOrder, type HolePlace, lineOrder, starOrder } from '../fasteners'
import { choice } from './fields'
import { type Figure, working } from './working'

const LAID = ['in a ring', 'in two rows', 'in a line'] as const

/** Where so many screws lie, seen from above, each −1 to 1. */
export function placesOf(count: number, laid: string): readonly HolePlace[] {
  if (laid === 'in a ring')
    return Array.from({ length: count }, (_, i) => ({
      x: Math.sin((2 * Math.PI * i) / count),
      y: -Math.cos((2 * Math.PI * i) / count),
    }))
  const across = laid === 'in a line' ? count : Math.ceil(count / 2)
  const along = (i: number, of: number): number => (of === 1 ? 0 : (2 * i) / (of - 1) - 1)
  return Array.from({ length: count }, (_, i) =>
    laid === 'in a line' ? { x: along(i, count), y: 0 } : { x: along(i % across, across), y: i < across ? -0.6 : 0.6 },
  )
}

/** The order of screws, and the torque of each round. */
export function orderOf(count: number, laid: string): readonly number[] {
  if (laid === 'in a line') return lineOrder(count)
  return laid === 'in a ring' ? starOrder(count) : crissCrossOrder(placesOf(count, laid))
}

/** Screws in turn: which next, and how tight in which round. */
export const pattern = working({
  edition: 1,
  group: 'tightness',
  fields: {
    count: { is: 'number', unit: null, low: 2, high: 24, start: 6, whole: true },
    laid: choice(LAID, 'in a ring'),
    torque: { is: 'number', unit: 'Nm', low: 0.05, high: 2000, start: 8 },
    rounds: { is: 'number', unit: null, low: 1, high: 4, start: 2, whole: true },
  },
  formula: 'across and a quarter on; a line from its middle outward;  round k of n: k/n of the torque',
  source: 'bench rule, estimated; the maker’s order counts first',
  basis: 'estimated',
  work: ({ n, word }) => {
    const [count, rounds] = [n('count').value, n('rounds').value]
    return {
      name: orderOf(count, word('laid'))
        .map((i) => i + 1)
        .join(' · '),
      also: Array.from({ length: rounds }, (_, k): Figure => ({
        id: `round${k + 1}`,
        value: (n('torque').value * (k + 1)) / rounds,
        unit: 'Nm',
      })),
    }
  },
})
