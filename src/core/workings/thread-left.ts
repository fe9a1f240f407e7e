import { threadLeft } from '../axle'
import { mm, thread, threadOf } from './fields'
import { working } from './working'

/** Thread past the nut: a full nut and one to three turns, a cap nut that does not bottom. */
export const threadPast = working({
  edition: 1,
  group: 'axle',
  fields: {
    thread: thread('M12×1.25'),
    standsOut: mm(1, 400, { start: 26, u: 0.1 }),
    under: mm(0, 200, { start: 12 }),
    nut: mm(1, 60, { start: 10 }),
    capDepth: mm(1, 60, { optional: true }),
  },
  formula: 'shows = out of the shoulder − pieces − nut;  full: at least one turn',
  source: 'geometry; JCGM 106; one to three turns: bench rule, estimated',
  basis: 'estimated',
  work: ({ n, maybe, word }) => {
    const cap = maybe('capDepth')
    const piece = (id: string, purpose: 'washer' | 'nut' | 'cap') => ({ width: n(id), clamped: true, turns: false, purpose })
    const { showing, turns, verdict } = threadLeft(
      n('standsOut'),
      [piece('nut', cap ? 'cap' : 'nut'), piece('under', 'washer')],
      threadOf(word('thread')).pitch,
      cap,
    )
    return {
      result: { id: cap ? 'room' : 'showing', value: cap ? -showing.value : showing.value, u: showing.u, unit: 'mm' },
      also: [{ id: 'turns', value: Math.abs(turns), unit: 'turns' }],
      verdict,
    }
  },
})
