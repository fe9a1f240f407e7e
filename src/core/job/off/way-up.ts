import type { JobState, Photo } from '../state'
import type { Off } from './off'
import { offRule } from './sorts'

/** What somebody said of two things that came off: this one held that one; or it did not, so that it may go back before. */
export const ORDER_SAID = ['held', 'free'] as const
export interface OrderSaid {
  readonly step: string
  readonly of: string
  readonly is: (typeof ORDER_SAID)[number]
}

/** What a way up is worked out from, in the order in which it came off. */
export interface CameOff {
  readonly offs: readonly Pick<Off, 'step' | 'sort' | 'seq' | 'pose' | 'pin'>[]
  readonly said: readonly OrderSaid[]
  /** When each photo was taken, by its id: the seq of its entry. */
  readonly photos: ReadonlyMap<string, number>
}

/**
 * Indexes of what has to be back before each thing goes back; every one of them came off after it, so that the exact reverse of the
 * order of removal always keeps it. A cover waits for all that came off after it, a fixing for every part that did and for what lies
 * under it in its stack, a plug for every part. Less is waited for where somebody said so; where they said what a fixing held, it
 * waits for that; and where a photo from before a cover came off shows a fixing or a plug, the cover did not lie over it.
 * @param from only from this index on; what is before stays empty
 */
export function waitsOf({ offs, said, photos }: CameOff, from = 0): readonly (readonly number[])[] {
  const told = new Map(said.map((s) => [`${s.step} ${s.of}`, s.is]))
  const holders = new Set([...told].flatMap(([key, is]) => (is === 'held' ? [key.split(' ')[0]!] : [])))
  return offs.map((own, i) => {
    if (i < from) return []
    const rule = offRule(own.sort)
    const stackEnd = rule.stacks || rule.tops ? endOfStack(offs, i) : i
    return offs.flatMap((other, j) => {
      if (j <= i) return []
      const word = told.get(`${own.step} ${other.step}`)
      if (word !== undefined) return word === 'held' ? [j] : []
      const theirs = offRule(other.sort)
      const part = theirs.is === 'parts'
      if (rule.covers) return part || !wasInSight(own, other, photos) ? [j] : []
      if (part) return holders.has(own.step) ? [] : [j]
      return j < stackEnd && theirs.stacks && !apart(own, other) ? [j] : []
    })
  })
}

/** A photo that was taken before `cover` came off shows where `other` was. */
function wasInSight(cover: Pick<Off, 'seq'>, other: Pick<Off, 'pin'>, photos: CameOff['photos']): boolean {
  const taken = other.pin && photos.get(other.pin.photo)
  return taken !== undefined && taken < cover.seq
}

/** Two pins of one photo further apart than this share of it are two places. */
const PLACES_APART = 0.06

function apart({ pin: a }: Pick<Off, 'pin'>, { pin: b }: Pick<Off, 'pin'>): boolean {
  return a !== undefined && b !== undefined && a.photo === b.photo && Math.hypot(a.x - b.x, a.y - b.y) > PLACES_APART
}

/** Index of the first thing after `i` that is no piece of its stack: a stack comes off without anything else between. */
function endOfStack(offs: CameOff['offs'], i: number): number {
  const at = offs.findIndex((o, k) => k > i && !offRule(o.sort).stacks)
  return at < 0 ? offs.length : at
}

/**
 * The order of the way up, as indexes: the exact reverse, but that what may go back now and stands as the machine stands now comes before
 * a turn of the machine.
 * @param pose how the machine stands at the bottom
 */
export function orderUp({ offs }: Pick<CameOff, 'offs'>, waits: readonly (readonly number[])[], pose: string): number[] {
  const left = offs.map((_, i) => i).reverse()
  const back = new Set<number>()
  const order: number[] = []
  let now = pose
  while (left.length > 0) {
    const same = left.findIndex((i) => offs[i]!.pose === now && waits[i]!.every((j) => back.has(j)))
    const [next] = left.splice(Math.max(0, same), 1)
    order.push(next!)
    back.add(next!)
    now = offs[next!]!.pose
  }
  return order
}

/**
 * The same without most of what follows from the rest of it: what a return names as what it waits for. What comes off next counts
 * first, and what that waits for is left out.
 * @param from only from this index on; what is before stays empty
 */
export function sparse(waits: readonly (readonly number[])[], from = 0): readonly (readonly number[])[] {
  return waits.map((list, i) => {
    if (i < from) return []
    const implied = new Set<number>()
    return list.filter((j) => {
      if (implied.has(j)) return false
      for (const k of waits[j]!) implied.add(k)
      return true
    })
  })
}

/** When photos were taken, by their id. */
export const photosBySeq = (photos: readonly Pick<Photo, 'photo' | 'seq'>[]): ReadonlyMap<string, number> =>
  new Map(photos.map((p) => [p.photo, p.seq]))

/** What each thing that came off waits for on the way up, as indexes of `offs`: what follows from the rest of it is left out. */
export const upWaits = ({ offs, orders, photos }: Pick<JobState, 'offs' | 'orders' | 'photos'>): readonly (readonly number[])[] =>
  sparse(waitsOf({ offs, said: orders, photos: photosBySeq(photos) }))
