import type { FileIndex } from '../machine'
import { type Action, withWays } from './actions'
import { bearingOn } from './steps'
import type { UpAction } from './way-up'

/** Everything that has to wait for one of these, those included. */
export function waitingFor(ups: readonly UpAction[], first: Iterable<string>): ReadonlySet<string> {
  const waits = new Set(first)
  for (let moved = true; moved;) {
    moved = false
    for (const { id, after } of ups) {
      if (waits.has(id) || !after.some((other) => waits.has(other))) continue
      waits.add(id)
      moved = true
    }
  }
  return waits
}

/** Lids, parts and leads: nobody works on them in a live machine. */
export const isBench = ({ answers }: UpAction): boolean =>
  answers?.kind === 'release' || answers?.kind === 'take off' || answers?.kind === 'unplug'

/** A look that asks for no power, though it may come after a test. */
const isLook = ({ check }: UpAction): boolean => check === 'pinch' || check === 'reaction path' || check === 'brakes'

/**
 * What was made live for a test is made dead again before the lids and leads that come after it, and live once more when they are on. A lid
 * over the plug itself goes on as it is: under it nobody can part it.
 * @param down what came off
 * @param source the plug that makes it live
 */
export function withDeadAgain(index: FileIndex, ups: readonly UpAction[], down: readonly Action[], source: string): readonly UpAction[] {
  const plug = ups.find((up) => up.id === source)?.answers
  const connection = plug?.kind === 'unplug' ? index.connections.get(plug.subject) : undefined
  if (!plug || !connection) return ups
  const underPower = waitingFor(ups, [source])
  const tests = ups.filter((up) => up.answers === null && underPower.has(up.id) && !isLook(up)).map((up) => up.id)
  const afterwards = waitingFor(ups, tests)
  const reaches = bearingOn(down, [plug.needs])
  const covers = ups.filter((up) => isBench(up) && up.id !== source && afterwards.has(up.id) && !reaches.has(up.id)).map((up) => up.id)
  if (covers.length === 0) return ups
  // What has to be open, or off, or propped for the plug to be reached stays so until it is joined for good.
  // Tests that none of these covers waits for are made while it is live, before or after.
  const first = tests.filter((test) => {
    const behind = waitingFor(ups, [test])
    return covers.some((id) => behind.has(id))
  })
  const anytime = new Set(tests.filter((test) => !first.includes(test)))
  const over = new Set(ups.filter((up) => up.answers && up.id !== source && underPower.has(up.id) && reaches.has(up.id)).map((up) => up.id))
  const [apart, joined] = [`again:apart:${plug.subject}`, `again:joined:${plug.subject}`]
  const again = (id: string, how: 'apart' | 'joined', after: readonly string[]): UpAction => ({
    id,
    action: plug,
    doing: withWays(index, how === 'apart' ? connection.down : (connection.up ?? connection.down)),
    answers: null,
    again: how,
    after,
    ratherBefore: [],
  })
  const waits = (up: UpAction): readonly string[] => [
    ...up.after,
    ...(covers.includes(up.id) ? [apart] : []),
    ...(over.has(up.id) ? [joined] : []),
  ]
  const live = (up: UpAction): Pick<UpAction, 'keeps'> =>
    anytime.has(up.id) ? { keeps: { any: [{ off: apart }, { back: joined }] } } : up.keeps ? { keeps: up.keeps } : {}
  return [
    ...ups.map((up) => ({ ...up, after: waits(up), ...live(up) })),
    again(apart, 'apart', first),
    again(joined, 'joined', [apart, ...covers]),
  ]
}
