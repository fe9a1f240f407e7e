import { breakaway, byFeel } from '../fasteners'
import { choice, mm } from './fields'
import { working } from './working'

/** What a pull by hand comes to, and what it will take to let go. */
export const handForce = working({
  edition: 1,
  group: 'tightness',
  fields: {
    pull: { is: 'number', unit: 'N', low: 1, high: 1500, start: 150 },
    lever: mm(20, 2000, { start: 250, u: 0 }),
    torque: { is: 'number', unit: 'Nm', low: 0.1, high: 2000, optional: true },
    state: choice(['clean', 'aged', 'high-strength lock, cold'], 'clean'),
  },
  formula: 'T = F·L, a quarter either way;  lets go: 0.7–0.9 · T clean, 1.0–1.5 aged, 1.3–2.5 locked and cold',
  source: 'estimated',
  basis: 'estimated',
  work: ({ n, maybe, word }) => {
    const lever = n('lever').value
    const { low, likely, high } = byFeel(n('pull').value, lever)
    const torque = maybe('torque')?.value
    const lets = torque === undefined ? null : breakaway(torque, word('state') as 'clean', lever)
    return {
      result: { id: 'likely', value: likely, u: (high - low) / (2 * Math.sqrt(3)), unit: 'Nm' },
      also: [
        { id: 'low', value: low, unit: 'Nm' },
        { id: 'high', value: high, unit: 'Nm' },
        ...(lets
          ? ([
              { id: 'letsGoLow', value: lets.low, unit: 'Nm' },
              { id: 'letsGoHigh', value: lets.high, unit: 'Nm' },
              { id: 'pullFor', value: lets.pull, unit: 'N' },
            ] as const)
          : []),
      ],
    }
  },
})
