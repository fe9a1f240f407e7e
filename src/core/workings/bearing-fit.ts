import {
  EXPANSION,
  HOUSING_IDS,
  type HousingClass,
  inHousing,
  onShaft,
  SHAFT_IDS,
  type ShaftClass,
  WARM_MOST,
  type Warmed,
  warmBy,
} from '../bearings'
import { choice, mm } from './fields'
import { working } from './working'

/** Room to slip a warmed ring on, µm; estimated. */
const SLIP_ON = 20

/** Does a ring slip on or press, and how warm makes it slip? */
export const bearingFit = working({
  edition: 1,
  group: 'bearings',
  fields: {
    ring: choice(['inner on its shaft', 'outer in its housing'], 'inner on its shaft'),
    size: mm(1, 50, { start: 12, u: 0 }),
    shaft: choice(SHAFT_IDS, 'k5'),
    housing: choice(HOUSING_IDS, 'H7'),
    warmed: choice(['steel', 'aluminium', 'magnesium'], 'aluminium'),
    isWarmed: choice(Object.keys(WARM_MOST) as readonly Warmed[], 'bare housing'),
    room: { is: 'number', unit: 'degC', low: -20, high: 50, start: 20 },
  },
  formula: 'room = seat − ring, at both ends of both tolerances;  ΔT = (press + 20 µm)/(α·d)',
  source: 'ISO 286-2:2010; ISO 492:2014, normal class; α from handbooks; limits of heat: estimated',
  basis: 'standard',
  work: ({ n, word }) => {
    const size = n('size').value
    const inner = word('ring') === 'inner on its shaft'
    const fit = inner ? onShaft(size, word('shaft') as ShaftClass) : inHousing(size, word('housing') as HousingClass)
    const expansion = inner ? EXPANSION.steel : EXPANSION[word('warmed') as keyof typeof EXPANSION]
    const to = n('room').value + warmBy(Math.max(0, -fit.least), SLIP_ON, size, expansion)
    const most = inner ? WARM_MOST['sealed bearing'] : WARM_MOST[word('isWarmed') as Warmed]
    return {
      result: { id: 'least', value: fit.least, unit: 'um' },
      also: [
        { id: 'most', value: fit.most, unit: 'um' },
        { id: 'seatLow', value: fit.seat[0], unit: 'um' },
        { id: 'seatHigh', value: fit.seat[1], unit: 'um' },
        { id: 'warmTo', value: Math.min(to, most), unit: 'degC' },
      ],
      verdict: fit.is,
      notes: [
        ...(to > most ? (['above what it may be warmed to'] as const) : []),
        // Pushed on the other ring, the balls carry the press, and mark their tracks.
        ...(fit.is === 'slips on' ? [] : [inner ? ('push the inner ring' as const) : ('push the outer ring' as const)]),
      ],
    }
  },
})
