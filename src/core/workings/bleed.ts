import { bleedSeconds, capacitorEnergy } from '../safety'
import { working } from './working'

/** How long a capacitor takes to bleed down through a resistor. */
export const bleed = working({
  edition: 1,
  group: 'electric',
  fields: {
    ohms: { is: 'number', unit: 'ohm', low: 0.1, high: 1e8, start: 10_000 },
    farads: { is: 'number', unit: 'uF', low: 0.001, high: 1e7, start: 1000 },
    from: { is: 'number', unit: 'V', low: 0.1, high: 2000, start: 58.8 },
    to: { is: 'number', unit: 'V', low: 0.01, high: 2000, start: 5 },
  },
  formula: 't = R·C·ln(V0/V);  E = ½·C·V0²',
  source: 'a passive bleed only: a converter does not decay so. It never replaces a reading.',
  basis: 'geometry',
  work: ({ n }) => {
    const [from, to, c] = [n('from').value, n('to').value, n('farads').value * 1e-6]
    if (to >= from) return { senseless: 'must fall' }
    return {
      result: { id: 'seconds', value: bleedSeconds(n('ohms').value, c, from, to), unit: 's' },
      also: [{ id: 'energy', value: capacitorEnergy(c, from), unit: 'J' }],
    }
  },
})
