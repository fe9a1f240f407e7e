import { bagOf } from './bag'
import type { JobState } from './state'

/** One row of the printed tray, in the order of refitting. */
export interface TrayRow {
  readonly key: string
  readonly number?: number
  readonly what: string
  readonly pieces: number
  readonly label: string
  readonly cells: readonly string[]
  /** Lying in no cell: it stays at its place, or a new one goes on. */
  readonly instead?: 'stays' | 'new'
  readonly back: boolean
  readonly bag: string
}

/** What came off, in the order in which it goes back: how many pieces, where they lie, and the code of their bag. */
export function trayRows(state: JobState): TrayRow[] {
  return state.up.flatMap((step): TrayRow[] => {
    if (step.pair === undefined || state.steps[step.pair]?.status !== 'done') return []
    const fixings = step.fixings.flatMap((f) => state.fixings[f.id] ?? []).filter((f) => !f.stay)
    const back = state.steps[step.id]?.status === 'done'
    const cells = [...new Set(fixings.flatMap((f) => (f.condition === 'cell' && f.where ? [f.where] : [])))]
    const elsewhere = fixings.length > 0 && cells.length === 0 && !back
    return [
      {
        key: step.id,
        ...(step.number === undefined ? {} : { number: step.number }),
        what: step.title,
        pieces: fixings.length,
        label: [...new Set(fixings.length > 0 ? fixings.map((f) => f.label) : step.parts.map((p) => p.name))].join(', '),
        cells,
        ...(elsewhere ? { instead: fixings.every((f) => f.consumable || f.added) ? ('new' as const) : ('stays' as const) } : {}),
        back,
        bag: bagOf(state.number, step.pair),
      },
    ]
  })
}
