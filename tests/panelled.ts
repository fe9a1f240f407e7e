import type { Joint, MachineFile, Part } from '../src/core/machine'
import { knot } from '../src/demo/machines/knot'

const PANELS = 150
const minutes = { low: 1, likely: 1, high: 1 }

/** A machine behind 150 panels, each on its own screws: 300 steps down and 300 up. */
export function panelled(): MachineFile {
  const base = knot()
  const [pose] = base.poses
  const modes = [{ poses: [pose!.id], tool: null, people: 1 as const, minutes }]
  const parts = Array.from({ length: PANELS }, (_, i): Part => ({
    id: `panel-${i}`,
    name: `panel ${i}`,
    lift: { title: `Panel ${i} off`, modes },
  }))
  const joints = Array.from({ length: PANELS }, (_, i): Joint => ({
    id: `screws-${i}`,
    name: `screws of panel ${i}`,
    kind: 'screws',
    holds: [`panel-${i}`, base.parts[0]!.id],
    members: [1, 2].map((n) => ({ id: `screw-${i}-${n}`, place: `corner ${n}` })),
    label: 'M4×10',
    role: 'cover',
    keep: 'cell',
    release: 'undo',
    down: { title: `Undo the screws of panel ${i}`, modes },
    up: { title: `Screws of panel ${i} back`, modes, passes: ['started', 'final'] },
  }))
  return {
    ...base,
    id: 'panelled',
    parts: [...base.parts, ...parts],
    joints: [...base.joints, ...joints],
    goals: [{ id: 'all', name: 'all panels', guard: { all: parts.map((p) => ({ fact: 'off' as const, of: p.id })) } }],
  }
}
