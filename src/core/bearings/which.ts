import { type Doubted, through } from '../doubt'

/** What is heard of a bearing with a rod at the ear, turned by hand, the least first. */
export const HEARD = ['quiet', 'an even hum', 'a grind', 'a knock at each turn'] as const
export type Heard = (typeof HEARD)[number]

/** A bearing that was listened to. */
export interface Listened {
  readonly heard: Heard
  /** How far its shaft gives there, mm. */
  readonly play?: Doubted | undefined
}

/** A grade from which a bearing is not right, whatever the others are. */
const NOT_RIGHT = HEARD.indexOf('a grind')

/**
 * Which of several bearings of one shaft it is: the one that is heard most; of those that sound alike, the one that gives more, by more
 * than twice the doubt of the difference. Sound travels along a shaft, so where neither tells them apart nobody can say.
 * @param all one or more
 * @returns its place in `all`; null with `none of them` where none is heard that is not right and none gives more, or with `cannot tell`
 */
export function whichBearing(all: readonly Listened[]): {
  readonly at: number | null
  readonly is: 'this one' | 'none of them' | 'cannot tell'
} {
  if (all.length === 0) throw new RangeError('one bearing or more')
  const grade = (b: Listened): number => HEARD.indexOf(b.heard)
  const most = Math.max(...all.map(grade))
  const loudest = all.filter((b) => grade(b) === most)
  const found = loudest.length === 1 && most >= NOT_RIGHT ? loudest[0] : loosest(loudest)
  if (found) return { at: all.indexOf(found), is: 'this one' }
  return { at: null, is: most < NOT_RIGHT ? 'none of them' : 'cannot tell' }
}

/** The one that gives more than each of the others by more than its doubt; undefined where none does, or one was not measured. */
function loosest(all: readonly Listened[]): Listened | undefined {
  if (all.length < 2 || all.some((b) => b.play === undefined)) return undefined
  return all.find((b) =>
    all.every((o) => {
      if (o === b) return true
      const more = through(([x, y]) => x! - y!, [b.play!, o.play!])
      return more.value > 2 * more.u
    }),
  )
}

/** Was it the right one: after a new one went in, it is heard less. */
export const wasIt = (before: Heard, after: Heard): boolean => HEARD.indexOf(after) < HEARD.indexOf(before)
