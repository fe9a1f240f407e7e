import { adviceOf, SAID_BY, type Said, type SaidBy } from '../fasteners'
import { choice } from './fields'
import { type NumberField, working } from './working'

const torque = (more: Partial<NumberField> = {}): NumberField => ({ is: 'number', unit: 'Nm', low: 0.05, high: 2000, ...more })
const LETTERS = ['a', 'b', 'c', 'd'] as const

/** Numbers that disagree: each with who says it, and one advice. */
export const whichNumber = working({
  edition: 1,
  group: 'tightness',
  fields: {
    a: torque({ start: 45 }),
    aBy: choice(SAID_BY, 'in the file'),
    b: torque({ start: 30 }),
    bBy: choice(SAID_BY, 'somebody said'),
    c: torque({ optional: true }),
    cBy: choice(SAID_BY, 'by the standard'),
    d: torque({ optional: true }),
    dBy: choice(SAID_BY, 'by bench rule'),
  },
  formula: 'advice = the most trusted; against it: more than 2·√(u² + u²) away',
  source: 'order and doubt of the sources: bench rules, estimated; JCGM 100',
  basis: 'estimated',
  work: ({ maybe, word }) => {
    const said = LETTERS.flatMap((l): (Said & { readonly l: string })[] => {
      const figure = maybe(l)
      return figure ? [{ value: figure.value, by: word(`${l}By`) as SaidBy, l }] : []
    })
    const advice = adviceOf(said)
    const values = said.map((s) => s.value)
    return {
      result: { id: 'advice', value: advice.value, u: advice.u, unit: 'Nm' },
      also: [
        { id: 'least', value: Math.min(...values), unit: 'Nm' },
        { id: 'most', value: Math.max(...values), unit: 'Nm' },
        { id: 'against', value: advice.against.length, unit: null },
      ],
      verdict: advice.against.length === 0 ? 'they agree' : 'they disagree',
      why: [advice.by],
    }
  },
})
