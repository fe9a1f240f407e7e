import type { MachineClass } from '../../machine'
import type { OffAt } from './at'
import type { Off } from './off'

/** Machines under which somebody can be caught: whether something hangs on a fixing is asked of each. */
const HEAVY: ReadonlySet<MachineClass | undefined> = new Set<MachineClass>(['ride-on', 'buggy', 'tractor', 'indoor machine'])
/** Places that carry a wheel, a motor or a gearbox: asked on every machine. */
const CARRIES: ReadonlySet<OffAt | undefined> = new Set<OffAt>(['motor axle', 'wheel axle', 'motor mount', 'gearbox'])

/** Has it to be asked whether something hangs on what is taken off? Never guessed: of screws and nuts that may hold a weight. */
export function hangsAsked(machine: MachineClass | undefined, { sort, of }: Pick<Off, 'sort' | 'of'>): boolean {
  return (sort === 'screw' || sort === 'nut') && (HEAVY.has(machine) || CARRIES.has(of))
}
