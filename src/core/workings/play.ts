import { bearingPlay, TURNS_AS, type TurnsAs } from '../bearings'
import { choice, mm } from './fields'
import { working } from './working'

/** Play and preload: turned by hand, then the figure. */
export const play = working({
  edition: 1,
  group: 'bearings',
  fields: {
    turns: choice(TURNS_AS, 'freely'),
    play: mm(0, 10, { start: 0.02, u: 0.01, repeated: true }),
    most: mm(0, 10, { start: 0.05, u: 0 }),
    pitch: mm(0.2, 4, { start: 1, u: 0 }),
    before: mm(0, 10, { u: 0.01, optional: true }),
  },
  formula: 'turn = 360° · play/pitch;  judged at its doubt',
  source: 'geometry; JCGM 106; how it turns comes before how much it gives: bench rule',
  basis: 'estimated',
  work: ({ n, maybe, word, raw }) => {
    const { verdict, turn } = bearingPlay(word('turns') as TurnsAs, n('play'), n('most').value, n('pitch').value)
    const before = maybe('before')
    return {
      result: { id: 'play', value: n('play').value, u: n('play').u, unit: 'mm' },
      also: [
        { id: 'turn', value: turn.value, u: turn.u, unit: 'deg' },
        ...(before
          ? [{ id: 'change', value: n('play').value - before.value, u: Math.hypot(n('play').u, before.u), unit: 'mm' } as const]
          : []),
      ],
      verdict,
      notes: raw('play').length < 2 ? ['one reading'] : [],
    }
  },
})
