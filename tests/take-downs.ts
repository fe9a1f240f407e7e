import { NEWEST_FORM } from '../src/core/build'
import { type OffSort, OFF_SORTS } from '../src/core/job'
import { Logbook } from './logbook'
import { chance } from '../src/demo/chance'
import { stateOf } from './shut'

/** Something on a machine that no file knows, and what really lies under it and hangs on it. */
export interface RealThing {
  readonly id: string
  readonly sort: OffSort
  readonly count: number
  readonly covers: readonly string[]
  readonly holds: readonly string[]
}
export interface Real {
  readonly things: readonly RealThing[]
}

/** The thing that a step of the way down is of. */
export const down = (step: string): string => step.replace(/^off:/, '')

type Chance = () => number
const pick = <T>(next: Chance, of: readonly T[]): T => of[Math.floor(next() * of.length)]!

/** A machine of up to fourteen things: whatever covers or holds another comes before it in the list, so that it can come off. */
export function randomMachine(seed: number): Real {
  const next = chance(seed)
  const n = 2 + Math.floor(next() * 13)
  const sorts = Array.from({ length: n }, () => (next() < 0.35 ? 'part' : pick(next, OFF_SORTS)))
  const ids = sorts.map((_, i) => `t${i}`)
  return {
    things: sorts.map((sort, i) => {
      const later = ids.slice(i + 1)
      const parts = later.filter((_, k) => sorts[i + 1 + k] === 'part')
      const covers = sort === 'part' || sort === 'tape' ? later.filter(() => next() < 0.3) : []
      const holds = sort === 'part' || sort === 'plug' || parts.length === 0 ? [] : [pick(next, parts)]
      // A nut lies on the washer that came off right after it.
      const under = (sort === 'nut' || sort === 'screw') && sorts[i + 1] === 'washer' ? [ids[i + 1]!] : []
      return {
        id: ids[i]!,
        sort,
        count: sort === 'plug' || sort === 'part' ? 1 : 1 + Math.floor(next() * 9),
        covers: [...covers, ...under],
        holds,
      }
    }),
  }
}

const hex = (n: number): string => n.toString(16).padStart(64, '0')

/** Its taking down as a mechanic logs it: photos of what is in sight, taps on them, turns, and what they say held what. */
export function takeDown(real: Real, seed: number): Logbook {
  const next = chance(seed + 1)
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', {
    number: '1',
    machine: { name: 'x', class: pick(next, ['scooter', 'tractor'] as const), fullVolts: 42 },
    complaint: '',
  })
  const off = new Set<string>()
  let photo: { id: string; shows: ReadonlySet<string> } | null = null
  let photos = 0
  for (const thing of order(real, next)) {
    if (next() < 0.4) {
      const id = hex(++photos + (seed % 1000) * 100)
      photo = { id, shows: new Set(real.things.filter((t) => !off.has(t.id) && inSight(real, t.id, off)).map((t) => t.id)) }
      book.log('photo-added', { photo: id, side: pick(next, ['left', 'right', 'top']) })
    }
    if (next() < 0.15) book.log('pose-changed', { to: pick(next, ['upright', 'upside-down']), name: '', people: 1 })
    const pin = photo?.shows.has(thing.id) && next() < 0.7 ? { pin: { photo: photo.id, x: next(), y: next() } } : {}
    const cell = thing.sort === 'plug' || thing.sort === 'part' ? {} : { cell: `A${1 + off.size}` }
    book.log('came-off', { step: `off:${thing.id}`, sort: thing.sort, count: thing.count, text: `thing ${thing.id}`, ...cell, ...pin })
    off.add(thing.id)
  }
  for (const thing of real.things)
    for (const held of thing.holds) if (next() < 0.2) book.log('order-said', { step: `off:${thing.id}`, of: `off:${held}`, is: 'held' })
  return book
}

/** Is nothing over it that is still on? */
const inSight = (real: Real, id: string, off: ReadonlySet<string>): boolean =>
  !real.things.some((t) => !off.has(t.id) && t.covers.includes(id))

/** An order in which it can come off: whatever covers or holds a thing before it. What was pinned apart is never one stack. */
function order(real: Real, next: Chance): RealThing[] {
  const left = [...real.things]
  const done: RealThing[] = []
  while (left.length > 0) {
    const free = left.filter((t) => !left.some((o) => o !== t && (o.covers.includes(t.id) || o.holds.includes(t.id))))
    // Washers come off right after what lay on them.
    const last = done.at(-1)
    const under = last && (last.sort === 'nut' || last.sort === 'screw') ? free.find((t) => last.covers.includes(t.id)) : undefined
    const one = under ?? pick(next, free)
    left.splice(left.indexOf(one), 1)
    done.push(one)
  }
  return done
}

/** The same job with lines put right and crossed out at random, some of it put back meanwhile, on two tablets. */
export function settle(book: Logbook, seed: number): Logbook {
  const next = chance(seed + 2)
  const steps = book.entries.filter((e) => e.kind === 'came-off').map((e) => e.body.step)
  for (let n = 0; n < 3 + Math.floor(next() * 8); n++) {
    const r = next()
    const step = pick(next, steps)
    const over = next() < 0.2 ? { device: 'other', base: Math.max(0, book.entries.length - Math.floor(next() * 6)) } : {}
    if (r < 0.2) {
      const entry = pick(
        next,
        book.entries.filter((e) => e.kind === 'came-off' || e.kind === 'off-corrected' || e.kind === 'struck' || e.kind === 'order-said'),
      )
      book.log('struck', { target: entry.id })
    } else if (r < 0.4) book.log('off-corrected', { step, count: 1 + Math.floor(next() * 9) }, over)
    else if (r < 0.5) book.log('off-corrected', { step, sort: pick(next, OFF_SORTS) }, over)
    else if (r < 0.6) book.log('off-corrected', { step, after: next() < 0.3 ? null : pick(next, steps) }, over)
    else if (r < 0.7) book.log('order-said', { step, of: pick(next, steps), is: pick(next, ['held', 'free'] as const) }, over)
    else {
      const s = stateOf(book)
      const up = s.up.find((x) => x.pair === step)
      const pass = up?.passes?.[0]
      const members = up?.fixings.map((f) => f.id) ?? []
      book.log(
        'step-done',
        { step: `up:${step}`, ...(pass ? { pass, in: { members, pass } } : {}), ...(up ? { partsOn: up.parts.map((p) => p.id) } : {}) },
        over,
      )
    }
  }
  return book
}
