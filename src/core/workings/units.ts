import { convert, isUnit, type UnitId, unitLabel, UNITS } from '../units'
import { choice } from './fields'
import { working } from './working'

const MORE: readonly UnitId[] = [
  'Nm',
  'lbf.ft',
  'lbf.in',
  'mm',
  'in',
  'um',
  'kg',
  'lb',
  'N',
  'kgf',
  'lbf',
  'bar',
  'psi',
  'kPa',
  'degC',
  'degF',
  'km/h',
]

/** A figure in all units of its kind. */
export const units = working({
  edition: 1,
  group: 'units',
  fields: {
    value: { is: 'number', unit: null, low: -1e9, high: 1e9, start: 33 },
    unit: choice(MORE, 'lbf.ft'),
  },
  formula: 'exact factors: inch, pound, standard gravity',
  source: 'ISO 80000; NIST SP 811',
  basis: 'standard',
  work: ({ n, word }) => {
    const from = word('unit')
    if (!isUnit(from)) return {}
    const others = MORE.filter((u) => u !== from && UNITS[u].dimension === UNITS[from].dimension)
    const figures = others.map((u) => ({ id: unitLabel(u), value: convert(n('value').value, from, u), unit: u }))
    const [first, ...rest] = figures
    return first ? { result: first, also: rest } : {}
  },
})
