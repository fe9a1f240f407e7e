import { freeCell } from '../../core/machine'
import { type Bodies, type JobState, type Kind } from '../../core/job'
import { type Line, lineTitle, whatText } from '../../core/line'
import type { FixingSpec } from '../../core/planning'
import type { JobContext } from './context'

let made = 0
const newStepId = (): string => `n${Date.now().toString(36)}${(made++).toString(36)}`

/** The next cell of the tray in which nothing lies, nor belongs. */
export const freeCellOf = ({ fixings }: JobState): string =>
  freeCell(new Set(Object.values(fixings).flatMap((f) => (f.where ? [f.where] : f.cell ? [f.cell] : []))))

/** Entries for something that came off and is in no file: the step, its fixings into a free cell, its part. */
export function lineEntries(
  job: JobContext,
  read: Line,
  after: string | undefined,
): { readonly kind: Kind; readonly body: Bodies[Kind] }[] {
  const cell = read.cell ?? freeCellOf(job.state)
  const step = newStepId()
  const title = lineTitle(read)
  const fixings = Array.from({ length: read.count }, (_, i): FixingSpec => ({
    id: `${step}-f${i + 1}`,
    joint: step,
    label: whatText(read) || read.note || 'screw',
    place: read.count === 1 ? 'the one' : `${i + 1} of ${read.count}`,
    keep: 'cell',
    cell,
  }))
  const parts = read.count === 0 ? [{ id: `${step}-p`, name: title.toLowerCase() }] : []
  const condition = read.states.join(', ')
  return [
    { kind: 'step-added', body: { step, title, ...(after ? { after } : {}), fixings, parts } },
    {
      kind: 'step-done',
      body: {
        step,
        ...(fixings.length > 0
          ? { out: [{ members: fixings.map((f) => f.id), to: 'cell' as const, cell, ...(condition ? { condition } : {}) }] }
          : {}),
        ...(parts.length > 0 ? { partsOff: parts.map((p) => p.id) } : {}),
      },
    },
  ]
}
