import type { MachineFile } from '../machine'
import { plan } from './plan'
import type { PlanOptions, PlanResult } from './types'

/**
 * The way that gets by with the smallest kit: tools are left behind one by one, those rarely at hand first, wherever a way without them is
 * left. What is not critical then goes back by feel, and gets its number in the shop. No tool of what remains can be done without. Not
 * the shortest way, and the only one for a pocket.
 * @param onTool told how many tools have been tried
 */
export function smallestKit(
  file: MachineFile,
  goal: string,
  options: PlanOptions,
  onTool: (done: number, of: number) => void = () => undefined,
): PlanResult {
  const limited: PlanOptions = { ...options, nodeLimit: 500, byFeel: 'whatever' }
  const first = plan(file, 'untouched', [goal], limited)
  if (!first.ok) return first
  let best = first
  const standIns = new Set(file.joints.flatMap((j) => j.down.modes.flatMap((m) => (m.substitutes ?? []).map((s) => s.tool))))
  let kit = file.tools.map((t) => t.id).filter((id) => standIns.has(id) || first.value.tools.some((t) => t.id === id))
  const order = [...first.value.tools].sort((a, b) => Number(b.special) - Number(a.special) || a.steps - b.steps)
  order.forEach((tool, i) => {
    onTool(i, order.length)
    const without = kit.filter((id) => id !== tool.id)
    const found = plan(file, 'untouched', [goal], { ...limited, toolsOwned: without })
    if (!found.ok || found.value.tools.length >= best.value.tools.length) return
    best = found
    kit = without
  })
  return best
}
