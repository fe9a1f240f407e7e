import { type Fact, factKey, type Guard, holds, readAction, indexFile, type MachineFile, withWorstCase } from '../machine'
import { compileDown, usableModes, wanted } from './actions'
import { poseTurns, standingGuard } from './turns'
import { DEFAULT_PRICES } from './types'

const isExtra = (a: { readonly id: string }): boolean => readAction(a.id)?.word === 'step'

/**
 * What the way down costs when everything that can come off does, in the order of the file: always the first that may be done, in its
 * first way, whatever turn or tool that asks for. It is what a plan is compared with, not a plan. Minutes hands on, weighted by people.
 */
export function everythingInFileOrder(file: MachineFile): { readonly steps: number; readonly minutes: number } {
  const index = indexFile(file)
  const variants = withWorstCase(file, {})
  const turns = poseTurns(file)
  const facts = new Set<string>()
  const has = ({ fact, of }: Fact): boolean => facts.has(factKey({ fact, of }))
  const may = (guard: Guard | undefined): boolean => holds(guard, has, variants)
  // What prepares comes before what it prepares for; the rest as the file lists it.
  const open = [...compileDown(index, variants).values()].sort((a, b) => Number(isExtra(b)) - Number(isExtra(a)))
  let [pose, tool, minutes, steps] = [file.poses[0]?.id ?? '', null as string | null, 0, 0]
  for (;;) {
    const at = open.findIndex(
      (a) =>
        may(wanted(a)) &&
        (!a.load || facts.has(a.load.support)) &&
        usableModes(a.doing, variants).some((m) =>
          m.poses.some((p) => p === pose || (Number.isFinite(turns.cost(pose, p)) && may(standingGuard(file, p)))),
        ),
    )
    if (at < 0) return { steps, minutes }
    const [action] = open.splice(at, 1)
    const ways = usableModes(action!.doing, variants).flatMap((mode) =>
      mode.poses.filter((p) => p === pose || may(standingGuard(file, p))).map((p) => ({ mode, pose: p })),
    )
    const way = ways.find((w) => w.pose === pose) ?? ways[0]!
    minutes +=
      way.mode.minutes.likely * way.mode.people +
      turns.cost(pose, way.pose) +
      (way.mode.tool !== null && way.mode.tool !== tool ? DEFAULT_PRICES.swap + (index.tools.get(way.mode.tool)?.setUp ?? 0) : 0)
    pose = way.pose
    tool = way.mode.tool ?? tool
    action!.gives.forEach((f) => facts.add(f))
    steps++
  }
}
