import { type Doubted, judgeWithin, through } from '../doubt'

export const TURNS_AS = ['freely', 'with a slight drag', 'hard', 'rough or with a notch'] as const
export type TurnsAs = (typeof TURNS_AS)[number]

export interface Play {
  readonly verdict: 'in range' | 'too loose' | 'too tight' | 'not again' | 'cannot tell'
  /** Turn of the cone or ring that takes the play out, degrees. */
  readonly turn: Doubted
}

/**
 * Is a bearing that is set by hand set right? How it turns comes first: rough is worn whatever its play, hard is too tight. Then its play,
 * read with a dial at the rim of the shaft.
 * @param play along the shaft, mm, 0 and more
 * @param most that it may have, mm
 * @param pitch of the thread that sets it, mm, above 0
 */
export function bearingPlay(turns: TurnsAs, play: Doubted, most: number, pitch: number): Play {
  if (!(pitch > 0) || !(play.value >= 0) || !(most >= 0))
    throw new RangeError(`play 0 and more, pitch above 0, got ${play.value} and ${pitch} mm`)
  const turn = through(([p]) => (360 * p!) / pitch, [play])
  const { is } = judgeWithin(play, -Infinity, most)
  const verdict =
    turns === 'rough or with a notch'
      ? 'not again'
      : turns === 'hard'
        ? 'too tight'
        : is === 'inside'
          ? 'in range'
          : is === 'outside'
            ? 'too loose'
            : 'cannot tell'
  return { verdict, turn }
}
