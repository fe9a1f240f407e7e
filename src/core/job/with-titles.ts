import type { Wording } from '../planning'
import type { JobState } from './state'

const each = <T>(of: Readonly<Record<string, T>>, say: (t: T) => T): Readonly<Record<string, T>> =>
  Object.fromEntries(Object.entries(of).map(([id, t]) => [id, say(t)]))

/** A job whose steps, fixings and parts are called what the machine's file calls them, where its plan came without words. */
export function inWords(state: JobState, words: Wording): JobState {
  if (![...state.down, ...state.up].some((s) => s.bare)) return state
  return {
    ...state,
    down: state.down.map(words.step),
    up: state.up.map(words.step),
    swap: state.swap.map(words.swap),
    fixings: each(state.fixings, words.fixing),
    parts: each(state.parts, words.part),
  }
}
