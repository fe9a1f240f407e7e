import type { MachineFile } from '../machine'
import { plan } from './plan'
import type { PlanOptions, PlanResult } from './types'

/**
 * The file as it is worked by the road: what is not critical goes back with the tool that undid it, hand-tight, and gets its number in the
 * shop. Axle, steering, brake and pack terminals keep their wrench.
 */
export function roadside(file: MachineFile): MachineFile {
  const torque = new Set(file.tools.filter((t) => t.kind.startsWith('torque')).map((t) => t.id))
  return {
    ...file,
    joints: file.joints.map((joint) => {
      const hand = joint.down.modes.find((m) => m.tool !== null)?.tool ?? null
      if (joint.critical || !joint.up?.modes.some((m) => m.tool !== null && torque.has(m.tool))) return joint
      return { ...joint, up: { ...joint.up, modes: joint.up.modes.map((m) => (m.tool !== null && torque.has(m.tool) ? { ...m, tool: hand } : m)) } }
    }),
  }
}

/**
 * The way that gets by with the smallest kit: tools are left behind one by one, those rarely at hand first, wherever a way without them is
 * left. No tool of what remains can be done without. Not the shortest way, and the only one for a pocket.
 * @param onTool told how many tools have been tried
 */
export function smallestKit(whole: MachineFile, goal: string, options: PlanOptions, onTool: (done: number, of: number) => void = () => undefined): PlanResult {
  const file = roadside(whole)
  const limited = { ...options, nodeLimit: 500 }
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
