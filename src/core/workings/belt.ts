import { beltNote, beltTension } from '../axle'
import { choice, mm } from './fields'
import { working } from './working'

/** How tight a belt is: by how far it gives, or by its note. */
export const belt = working({
  edition: 1,
  group: 'clearance',
  fields: {
    by: choice(['how far it gives', 'its note'], 'how far it gives'),
    span: mm(20, 5000, { start: 400, u: 1 }),
    force: { is: 'number', unit: 'N', low: 0.5, high: 500, start: 10, u: 0.5 },
    gives: mm(0.1, 200, { start: 5, u: 0.3 }),
    perMetre: { is: 'number', unit: null, low: 0.001, high: 5, start: 0.05, u: 0.002 },
    note: { is: 'number', unit: null, low: 5, high: 2000, start: 79, u: 1 },
    low: { is: 'number', unit: 'N', low: 0, high: 20_000, optional: true },
    high: { is: 'number', unit: 'N', low: 0, high: 20_000, optional: true },
  },
  formula: 'T = F·L/(4·δ);  T = 4·m·L²·f²',
  source: 'statics and first mode of a string; stiffness left out',
  basis: 'geometry',
  work: ({ n, maybe, word }) => {
    const gives = word('by') === 'how far it gives'
    if (gives && n('gives').value > n('span').value / 10) return { senseless: 'gives too much' }
    const t = gives ? beltTension(n('force'), n('span'), n('gives')) : beltNote(n('perMetre'), n('span'), n('note'))
    const [low, high] = [maybe('low')?.value, maybe('high')?.value]
    const judged = low === undefined && high === undefined ? undefined : inWindow(t, low ?? 0, high ?? Infinity)
    return { result: { id: 'tension', value: t.value, u: t.u, unit: 'N' }, ...(judged ? { verdict: judged } : {}) }
  },
})

const inWindow = ({ value, u }: { readonly value: number; readonly u: number }, low: number, high: number) =>
  value - 2 * u >= low && value + 2 * u <= high ? 'in range' : value + 2 * u < low || value - 2 * u > high ? 'out of range' : 'cannot tell'
