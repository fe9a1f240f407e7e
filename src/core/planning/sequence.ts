import type { Mode } from '../machine'

/** One thing to be put in order. */
export interface Item {
  readonly id: string
  readonly modes: readonly Mode[]
  /** May it be done, given what is done? `done` holds the indexes of finished items. */
  readonly ready: (done: (index: number) => boolean) => boolean
  /** Indexes that the file would rather see first. */
  readonly prefersAfter: readonly number[]
}

export interface SequenceInput {
  readonly items: readonly Item[]
  readonly pose: string
  readonly tool: string | null
  /** Minutes × people to turn from one pose to another; Infinity where there is no way. */
  readonly turn: (from: string, to: string) => number
  readonly swap: number
  readonly againstPreference: number
  /** States kept per layer. */
  readonly width: number
}

export interface Placed {
  readonly index: number
  readonly mode: Mode
  readonly pose: string
}

export interface Sequence {
  readonly placed: readonly Placed[]
  readonly cost: number
  /** Admissible: least work plus the least number of tools picked up. */
  readonly bound: number
  /** True when no state was dropped: the layered search was then a full dynamic program. */
  readonly proved: boolean
}

interface State {
  readonly mask: bigint
  readonly pose: string
  readonly tool: string | null
  readonly cost: number
  readonly from: State | null
  readonly placed: Placed | null
}

/**
 * The cheapest legal order: a dynamic program over (what is done, pose, tool in hand), one layer per step, ties by
 * id. When a layer grows past `width`, its dearest states are dropped and the result is no longer proved (beam search).
 * Returns null when some item can never be started.
 * Work is likely minutes × people plus any penalty of the mode; a change of tool costs `swap`; bare hands cost nothing.
 */
export function sequence(input: SequenceInput): Sequence | null {
  const { items, width } = input
  let layer = new Map<string, State>()
  layer.set('', { mask: 0n, pose: input.pose, tool: input.tool, cost: 0, from: null, placed: null })
  let proved = true
  for (let step = 0; step < items.length; step++) {
    let next = new Map<string, State>()
    for (const state of layer.values()) extend(input, state, next)
    if (next.size === 0) return null
    if (next.size > width) {
      proved = false
      const kept = [...next.entries()].sort((a, b) => a[1].cost - b[1].cost || (a[0] < b[0] ? -1 : 1)).slice(0, width)
      next = new Map(kept)
    }
    layer = next
  }
  let best: State | null = null
  for (const state of layer.values()) if (!best || state.cost < best.cost - 1e-9) best = state
  if (!best) return null
  const placed: Placed[] = []
  for (let s: State | null = best; s?.placed; s = s.from) placed.unshift(s.placed)
  const bound = proved ? best.cost : Math.min(best.cost, lowerBound(input))
  return { placed, cost: best.cost, bound, proved }
}

function extend(input: SequenceInput, state: State, next: Map<string, State>): void {
  const done = (index: number): boolean => ((state.mask >> BigInt(index)) & 1n) === 1n
  input.items.forEach((item, index) => {
    if (done(index) || !item.ready(done)) return
    const against = item.prefersAfter.filter((before) => !done(before)).length * input.againstPreference
    for (const mode of item.modes) {
      for (const pose of mode.poses) {
        const turn = pose === state.pose ? 0 : input.turn(state.pose, pose)
        if (!Number.isFinite(turn)) continue
        const swap = mode.tool !== null && mode.tool !== state.tool ? input.swap : 0
        const cost = state.cost + turn + swap + against + work(mode)
        const tool = mode.tool ?? state.tool
        const mask = state.mask | (1n << BigInt(index))
        const key = `${mask.toString(36)}|${pose}|${tool ?? ''}`
        const known = next.get(key)
        if (!known || cost < known.cost - 1e-9) next.set(key, { mask, pose, tool, cost, from: state, placed: { index, mode, pose } })
      }
    }
  })
}

function work(mode: Mode): number {
  return mode.minutes.likely * mode.people + (mode.penalty ?? 0)
}

function lowerBound(input: SequenceInput): number {
  const least = input.items.reduce((sum, item) => sum + Math.min(...item.modes.map(work)), 0)
  const forced = new Set(input.items.flatMap((item) => (item.modes.length === 1 && item.modes[0]!.tool !== null ? [item.modes[0]!.tool] : [])))
  if (input.tool !== null) forced.delete(input.tool)
  return least + forced.size * input.swap
}
