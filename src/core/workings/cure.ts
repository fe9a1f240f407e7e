import { COLD_BELOW, cureAt } from '../fasteners'
import { working } from './working'

/** When threadlocker holds, at the bench’s temperature. */
export const cure = working({
  edition: 1,
  group: 'tightness',
  fields: {
    handling: { is: 'number', unit: 'min', low: 0, high: 10_000, start: 20 },
    full: { is: 'number', unit: 'h', low: 0, high: 1000, start: 24 },
    temperature: { is: 'number', unit: 'degC', low: -20, high: 60, start: 15 },
  },
  formula: 't = t(22 °C)·2^((22 − ϑ)/10), never shorter',
  source: 'estimated; the product’s own sheet comes first',
  basis: 'estimated',
  work: ({ n }) => {
    const at = cureAt({ handlingMinutes: n('handling').value, cureHours: n('full').value }, n('temperature').value)
    return {
      result: { id: 'handling', value: at.handlingMinutes, unit: 'min' },
      also: [{ id: 'full', value: at.cureHours, unit: 'h' }],
      notes: n('temperature').value < COLD_BELOW ? ['cold'] : [],
    }
  },
})
