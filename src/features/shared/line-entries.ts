import { freeCell } from '../../core/machine'
import { type Bodies, type Kind, readQuickLine } from '../../core/job'
import type { FixingSpec } from '../../core/planning'
import type { JobContext } from './context'

let made = 0
const newStepId = (): string => `n${Date.now().toString(36)}${(made++).toString(36)}`

/** Entries for something that came off and is in no file: the step, its fixings into a free cell, its part. */
export function lineEntries(
  job: JobContext,
  line: string,
  after: string | undefined,
): { readonly kind: Kind; readonly body: Bodies[Kind] }[] {
  const read = readQuickLine(line)
  if (!read) return []
  const taken = new Set(Object.values(job.state.fixings).flatMap((f) => (f.where ? [f.where] : f.cell ? [f.cell] : [])))
  const cell = read.cell ?? freeCell(taken)
  const step = newStepId()
  const fixings = Array.from({ length: read.count }, (_, i): FixingSpec => ({
    id: `${step}-f${i + 1}`,
    joint: step,
    label: read.label || 'screw',
    place: read.count === 1 ? 'the one' : `${i + 1} of ${read.count}`,
    keep: 'cell',
    cell,
  }))
  const parts = read.count === 0 ? [{ id: `${step}-p`, name: read.title.toLowerCase() }] : []
  return [
    { kind: 'step-added', body: { step, title: read.title, ...(after ? { after } : {}), fixings, parts } },
    {
      kind: 'step-done',
      body: {
        step,
        ...(fixings.length > 0 ? { out: [{ members: fixings.map((f) => f.id), to: 'cell' as const, cell }] } : {}),
        ...(parts.length > 0 ? { partsOff: parts.map((p) => p.id) } : {}),
      },
    },
  ]
}
