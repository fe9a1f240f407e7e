import type { Bodies, JobState } from '../../core/job'
import { type Line, lineTitle, offFrom, whatText } from '../../core/line'
import type { Tray } from '../../core/machine'
import type { FixingSpec } from '../../core/planning'
import { freeCellOf, newId, offEntry } from './off-entry'

/** The entry for what a line says came off. */
export const lineEntry = (state: JobState, tray: Tray, line: Line, after?: string): ReturnType<typeof offEntry> =>
  offEntry(state, tray, offFrom(line), after)

/** The entry for something that was found, and still has to come off. */
export function foundEntry(state: JobState, tray: Tray, read: Line): { readonly kind: 'step-added'; readonly body: Bodies['step-added'] } {
  const cell = read.cell ?? freeCellOf(state, tray, whatText(read))
  const step = newId()
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
  return { kind: 'step-added', body: { step, title, fixings, parts } }
}
