/** What a page tells of the times of its fault finding; `npm run bench` listens. */
type Timed = 'beliefs' | 'next test, one step' | 'next test, two steps'

/** Tells how long something took (User Timing). Only the last of each name is kept. */
export function tellTime(name: Timed, from: number): void {
  performance.clearMeasures(name)
  performance.measure(name, { start: from })
}

/** Does it, and tells how long that took. */
export function timed<T>(name: Timed, work: () => T): T {
  const from = performance.now()
  const done = work()
  tellTime(name, from)
  return done
}
