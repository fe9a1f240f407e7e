import { inTray, readCell, type Tray } from '../machine'
import { alike, byPlace } from './alike'
import { presentStep } from './readiness'
import { waitingFixings } from './tray'
import type { FixingState, JobState } from './state'
import type { When } from './times'

/** Pieces of one set that lie together. */
export interface Lying {
  /** What it was taken with: the set that it belongs to. */
  readonly joint: string
  readonly label: string
  /** Those that lie here now. */
  readonly pieces: readonly FixingState[]
  /** How many the set has. */
  readonly of: number
  /** It goes back next. */
  readonly next: boolean
  /** Cells of other sets that look like it, and are not the same; its own where one lies with it. */
  readonly alike: readonly string[]
}

/** What the tray on the bench looks like. */
export interface TrayDrawn {
  readonly tray: Tray
  /** By the name of the cell; one that holds nothing is not in it. */
  readonly cells: ReadonlyMap<string, { readonly sets: readonly Lying[]; readonly strays: readonly Stray[] }>
  /** Cells that something lies in and that this tray has not. */
  readonly outside: readonly string[]
  /** Off, and lying in no cell: in its own hole, on its part, cut. Shown, and not loose. */
  readonly beside: readonly FixingState[]
  readonly lost: readonly FixingState[]
  /** Not going back, with the reason. */
  readonly gone: readonly FixingState[]
  /** Of which a new one goes on, or went on. */
  readonly renewed: readonly FixingState[]
}

export type Stray = JobState['strays'][number]

/** What lies where, what goes back next, and what would be taken for what. */
export function trayDrawn(state: JobState, tray: Tray, at: When): TrayDrawn {
  const next = presentStep(state, 'up', at)
  const due = new Set(next?.fixings.map((f) => f.id))
  const all = Object.values(state.fixings)
  const sizes = new Map<string, number>()
  const sizeOf = (f: FixingState): string => `${f.joint} ${f.label}`
  for (const f of all) if (!f.stay) sizes.set(sizeOf(f), (sizes.get(sizeOf(f)) ?? 0) + 1)
  const lying = new Map<string, Map<string, FixingState[]>>()
  for (const f of all) {
    if (f.condition !== 'cell' || f.where === undefined) continue
    const cell = lying.get(f.where) ?? new Map<string, FixingState[]>()
    const set = cell.get(f.joint)
    if (set) set.push(f)
    else cell.set(f.joint, [f])
    lying.set(f.where, cell)
  }
  // By label, of which there are few: pieces are many.
  const cellsOf = new Map<string, Set<string>>()
  for (const [cell, sets] of lying) for (const [f] of sets.values()) cellsOf.set(f!.label, (cellsOf.get(f!.label) ?? new Set()).add(cell))
  const found = new Map<string, readonly string[]>()
  const alikeCells = (label: string): readonly string[] => {
    const known = found.get(label)
    if (known) return known
    const cells = [...new Set([...cellsOf].flatMap(([other, at]) => (alike(other, label) ? [...at] : [])))].sort(byPlace)
    found.set(label, cells)
    return cells
  }
  const open = state.strays.filter((s) => s.settled === undefined)
  const cells = new Map(
    [...new Set([...lying.keys(), ...open.flatMap((s) => s.cell ?? [])])].sort(byPlace).map((name) => {
      const sets = [...(lying.get(name) ?? [])].map(([joint, pieces]): Lying => ({
        joint,
        label: pieces[0]!.label,
        pieces,
        of: sizes.get(sizeOf(pieces[0]!)) ?? pieces.length,
        next: pieces.some((p) => due.has(p.id)),
        alike: alikeCells(pieces[0]!.label),
      }))
      return [name, { sets, strays: open.filter((s) => s.cell === name) }] as const
    }),
  )
  return {
    tray,
    cells,
    outside: [...cells.keys()].filter((c) => !inTray(c, tray)),
    beside: waitingFixings(state).filter((f) => f.condition !== 'new wanted'),
    lost: all.filter((f) => f.condition === 'lost'),
    gone: all.filter((f) => f.condition === 'kept out'),
    renewed: all.filter((f) => f.condition === 'new wanted' || f.replaced > 0),
  }
}

/**
 * The next free cell, apart from what looks like it: no neighbour above, below or beside holds a look-alike, where there is such a cell.
 * @param names cells of the tray in their order
 */
export function cellApart(state: Pick<JobState, 'fixings'>, label: string, names: readonly string[]): string | undefined {
  const used = new Set<string>()
  const lying = new Map<string, Set<string>>()
  for (const f of Object.values(state.fixings)) {
    const cell = f.where ?? f.cell
    if (cell) used.add(cell)
    if (f.condition !== 'cell' || f.where === undefined) continue
    const cells = lying.get(f.label) ?? new Set()
    lying.set(f.label, cells.add(f.where))
  }
  const near = [...lying].flatMap(([other, cells]) => (alike(other, label) ? [...cells].flatMap((c) => readCell(c) ?? []) : []))
  const free = names.filter((n) => !used.has(n))
  const apart = free.find((n) => {
    const at = readCell(n)!
    return !near.some((c) => Math.abs(c.row - at.row) + Math.abs(c.column - at.column) <= 1)
  })
  return apart ?? free[0]
}
