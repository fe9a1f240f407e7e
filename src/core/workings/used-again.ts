import { CLASSES, type PropertyClass } from '../fasteners'
import { choice, mm, strength, yesNo } from './fields'
import { working } from './working'

/** Lasting stretch from which a screw is not used again, per mille of its length; a damaged thread never is. Estimated. */
const STRETCH_MOST = 2

/** May a screw go back? By how much longer it has become, and how its thread looks. */
export const usedAgain = working({
  edition: 1,
  group: 'screws',
  fields: {
    strength,
    wasNew: mm(3, 400, { start: 40, u: 0.015 }),
    now: mm(3, 420, { start: 40.02, u: 0.015 }),
    threadSound: yesNo('yes'),
    yielded: yesNo('no'),
    patch: choice(['none', 'new', 'used before'], 'none'),
  },
  formula: 'ε = (now − new)/new;  elastic at yield: Rp0.2/E, E = 205 GPa',
  source: 'Hooke’s law; limits estimated',
  basis: 'estimated',
  work: ({ n, word }) => {
    const [was, now] = [n('wasNew'), n('now')]
    if (now.value < was.value - 0.3) return { senseless: 'not below what it was' }
    const grown = (1000 * (now.value - was.value)) / was.value
    const u = (1000 * Math.hypot(was.u, now.u)) / was.value
    const bad = word('threadSound') === 'no' || word('yielded') === 'yes' || grown - 2 * u > STRETCH_MOST
    const unsure = !bad && grown + 2 * u > STRETCH_MOST
    return {
      result: { id: 'grown', value: grown / 10, u: u / 10, unit: '%' },
      also: [{ id: 'elastic', value: (CLASSES[word('strength') as PropertyClass].yield / 205_000) * 100, unit: '%' }],
      notes: word('patch') === 'used before' ? ['patch used up'] : [],
      verdict: bad ? 'not again' : unsure ? 'cannot tell' : 'good again',
    }
  },
})
