import { fitsWrench, wrenchSetting } from '../fasteners'
import { mm } from './fields'
import { working } from './working'

/** What to set on a wrench that carries an adapter. */
export const adapter = working({
  edition: 1,
  group: 'tightness',
  fields: {
    torque: { is: 'number', unit: 'Nm', low: 0.1, high: 2000, start: 45 },
    length: mm(30, 2000, { start: 400, u: 0 }),
    reach: mm(0, 500, { start: 45, u: 0 }),
    angle: { is: 'number', unit: 'deg', low: -180, high: 180, start: 0 },
    from: { is: 'number', unit: 'Nm', low: 0, high: 2000, start: 10 },
    to: { is: 'number', unit: 'Nm', low: 0.1, high: 2000, start: 60 },
  },
  formula: 'set = T·L/(L + E·cos θ)',
  source: 'ISO 6789-1, annex; a fifth of its scale and up',
  basis: 'standard',
  work: ({ n }) => {
    const [length, reach, angle] = [n('length').value, n('reach').value, n('angle').value]
    if (length + reach * Math.cos((angle * Math.PI) / 180) <= 0) return { senseless: 'lever too short' }
    if (n('to').value <= n('from').value) return { senseless: 'most below least' }
    const set = wrenchSetting(n('torque').value, length, reach, angle)
    const fit = fitsWrench({ name: '', from: n('from').value, to: n('to').value }, set)
    return {
      result: { id: 'set', value: set, unit: 'Nm' },
      verdict: fit.fits ? 'in range' : 'out of range',
      notes: !fit.fits && fit.why === 'below its range' ? ['not trusted below a fifth'] : [],
    }
  },
})
