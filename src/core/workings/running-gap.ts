import { runningGap } from '../axle'
import { mm } from './fields'
import { working } from './working'

/** A clearance over one turn. */
export const gapOverATurn = working({
  edition: 1,
  group: 'clearance',
  fields: {
    least: mm(-5, 100, { start: 1.2 }),
    most: mm(-5, 100, { start: 1.6 }),
    low: mm(0, 100, { start: 0.5, u: 0 }),
    high: mm(0, 100, { optional: true, u: 0 }),
  },
  formula: 'least ≥ low, most ≤ high, over one turn',
  source: 'geometry; JCGM 106',
  basis: 'geometry',
  work: ({ n, maybe }) => {
    if (n('most').value < n('least').value) return { senseless: 'most below least' }
    const { runOut, verdict } = runningGap(n('least'), n('most'), n('low').value, maybe('high')?.value)
    return { result: { id: 'runOut', value: runOut.value, u: runOut.u, unit: 'mm' }, verdict }
  },
})
