import type { PlannedStep } from '../planning'
import { isSettled } from './readiness'
import type { JobState } from './state'

/** One row of the run: a removal, what it put in the tray, and its return. Checks have one side only. */
export interface Rung {
  readonly key: string
  readonly number?: number
  readonly down?: PlannedStep
  readonly up?: PlannedStep
  /** On the limb not being worked: the number beside which this return really happens. */
  readonly goesAt?: number
}

/**
 * Rows of the run, following the limb being worked: down order on the way down; on the way up the returns' own order, read
 * from the bottom. Checks of the other limb stand where they fall in it.
 */
export function rungs(state: JobState, limb: 'down' | 'up'): Rung[] {
  const upByPair = new Map(state.up.flatMap((s) => (s.pair === undefined ? [] : [[s.pair, s] as const])))
  const downById = new Map(state.down.map((s) => [s.id, s]))
  if (limb === 'up') {
    const rows = [...state.up].reverse().map((up): Rung => {
      const down = up.pair === undefined ? undefined : downById.get(up.pair)
      return { key: up.id, up, ...(down ? { down } : {}), ...(up.number !== undefined ? { number: up.number } : {}) }
    })
    const placed = new Set(rows.flatMap((r) => (r.down ? [r.down.id] : [])))
    const alone = state.down.filter((s) => !placed.has(s.id))
    return alone.reduce((list, down) => insertNear(list, down, state), rows)
  }
  const rows = state.down.map((down): Rung => {
    const up = upByPair.get(down.id)
    return { key: down.id, down, ...(up ? { up } : {}), ...(down.number !== undefined ? { number: down.number } : {}) }
  })
  return withGoesAt(insertChecks(rows, state), state)
}

/** A down-only step goes just above the row of the down step that follows it. */
function insertNear(rows: readonly Rung[], down: PlannedStep, state: JobState): Rung[] {
  const at = state.down.findIndex((s) => s.id === down.id)
  const next = state.down.slice(at + 1).find((s) => rows.some((r) => r.down?.id === s.id))
  const place = next ? rows.findIndex((r) => r.down?.id === next.id) : rows.length
  return [...rows.slice(0, place), { key: down.id, down }, ...rows.slice(place)]
}

/** A check stands above the return that comes right before it. */
function insertChecks(rows: readonly Rung[], state: JobState): Rung[] {
  let list = [...rows]
  state.up.forEach((check, i) => {
    if (check.pair !== undefined) return
    const before = state.up
      .slice(0, i)
      .reverse()
      .find((s) => list.some((r) => r.up?.id === s.id))
    const place = before ? list.findIndex((r) => r.up?.id === before.id) : list.length
    list = [...list.slice(0, place), { key: check.id, up: check }, ...list.slice(place)]
  })
  return list
}

/** Where the order up is not the order down mirrored, a return says beside which number it goes. */
function withGoesAt(rows: readonly Rung[], state: JobState): Rung[] {
  const order = state.up.filter((s) => s.number !== undefined).map((s) => s.number!)
  return rows.map((row) => {
    if (row.number === undefined || !row.up) return row
    const i = order.indexOf(row.number)
    const before = order[i - 1]
    const moved = before !== undefined && before < row.number
    return moved ? { ...row, goesAt: before } : row
  })
}

/**
 * How far a limb has come, and the likely minutes left on it. On the way down numbered steps count; on the way up everything does,
 * and what never came off only while it may still (`begun` false).
 */
export function progress(
  state: JobState,
  limb: 'down' | 'up',
  begun: boolean,
): { readonly done: number; readonly of: number; readonly minutesLeft: number } {
  const all = limb === 'down' ? state.down : state.up
  const done = (id: string): boolean => state.steps[id]?.status === 'done' || state.steps[id]?.status === 'left'
  const open = all.filter((s) => (begun ? !isSettled(state, s) : !done(s.id)))
  const finished = all.filter((s) => done(s.id))
  const counted = (s: PlannedStep): boolean => limb === 'up' || s.number !== undefined
  const count = { done: finished.filter(counted).length, open: open.filter(counted).length }
  return {
    done: count.done,
    of: count.done + count.open,
    minutesLeft: open.reduce((sum, s) => sum + s.minutes.likely + (s.turn?.minutes.likely ?? 0), 0),
  }
}
