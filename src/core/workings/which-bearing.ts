import { HEARD, type Heard, wasIt, whichBearing } from '../bearings'
import { choice, mm } from './fields'
import { working } from './working'

const NOT_THERE = 'there is none'
const AFTER = 'not heard yet'
const LETTERS = ['a', 'b', 'c'] as const

/** Which bearing makes the noise: each listened to and shaken, and the one heard once more when a new one is in. */
export const whichBearingIsIt = working({
  edition: 1,
  group: 'bearings',
  fields: {
    a: choice(HEARD, 'a grind'),
    aPlay: mm(0, 10, { u: 0.01, optional: true }),
    b: choice([NOT_THERE, ...HEARD], 'quiet'),
    bPlay: mm(0, 10, { u: 0.01, optional: true }),
    c: choice([NOT_THERE, ...HEARD], NOT_THERE),
    cPlay: mm(0, 10, { u: 0.01, optional: true }),
    after: choice([AFTER, ...HEARD], AFTER),
  },
  formula: 'the loudest; of those alike, the one that gives more by over 2·√(u² + u²)',
  source: 'bench rule, estimated; JCGM 100',
  basis: 'estimated',
  work: ({ maybe, word }) => {
    const there = LETTERS.filter((l) => word(l) !== NOT_THERE)
    const { at, is } = whichBearing(there.map((l) => ({ heard: word(l) as Heard, play: maybe(`${l}Play`) })))
    const it = at === null ? undefined : there[at]!
    const after = word('after')
    const verdict = it === undefined || after === AFTER ? is : wasIt(word(it) as Heard, after as Heard) ? 'it was this one' : 'another one'
    return {
      ...(it === undefined ? {} : { result: { id: 'bearing', value: LETTERS.indexOf(it) + 1, unit: null } }),
      verdict,
      notes: is === 'cannot tell' ? ['one at a time'] : [],
    }
  },
})
