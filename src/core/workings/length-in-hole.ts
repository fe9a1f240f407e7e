import { CALIPER } from '../doubt'
import { type Behind, isShort, reaches, type Tapped } from '../fasteners'
import { behind, into, mm, thread, threadOf } from './fields'
import { working } from './working'

/** Does a screw reach what is behind its hole? */
export const lengthInHole = working({
  edition: 1,
  group: 'screws',
  fields: {
    thread: thread('M5'),
    length: mm(1, 400, { start: 12, u: CALIPER.screw }),
    washers: mm(0, 50, { start: 0 }),
    stack: mm(0, 200, { start: 3 }),
    depth: mm(0, 400, { u: 0.2, optional: true }),
    behind,
    into,
  },
  formula: 'c = washers + stack + depth − length;  c − 2u ≥ room',
  source: 'geometry; JCGM 100 for u; room kept: estimated',
  basis: 'estimated',
  work: ({ n, maybe, word }) => {
    const depth = maybe('depth')
    const r = reaches({
      length: n('length'),
      washers: n('washers'),
      stack: n('stack'),
      ...(depth ? { depth } : {}),
      behind: word('behind') as Behind,
      into: word('into') as Tapped,
      d: threadOf(word('thread')).d,
    })
    const also = [
      { id: 'engaged', value: r.engaged, unit: 'mm' } as const,
      ...(r.touches === undefined || r.verdict === 'nothing behind' ? [] : [{ id: 'touches', value: 100 * r.touches, unit: '%' } as const]),
      ...(r.washer === undefined ? [] : [{ id: 'washer', value: r.washer, unit: 'mm' } as const]),
      ...(r.longest === undefined ? [] : [{ id: 'longest', value: r.longest, unit: 'mm' } as const]),
    ]
    return {
      ...(r.clearance ? { result: { id: 'clearance', value: r.clearance.value, u: r.clearance.u, unit: 'mm' } } : {}),
      also,
      verdict: r.verdict,
      notes: isShort(r) ? ['too short'] : [],
    }
  },
})
