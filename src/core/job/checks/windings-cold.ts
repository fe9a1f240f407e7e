import type { CheckRule } from './check'

/** The resistance of a motor that was too hot, read again when it is cold: a winding that was burnt shows there. */
export const windingsCold: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  needs: (state) => {
    const since = state.checks['windings cold']?.failed
    const read = since && state.readings.some((r) => r.quantity === 'resistance' && !r.live && r.at >= since.at)
    return since && !read ? [{ is: 'stopped', sign: since.sign ?? 'motor too hot' }] : []
  },
  binds: { gates: ['hand back', 'handed back'], rides: ['run', 'ridden'] },
  reopenedBy: ['motor too hot', 'smell'],
}
