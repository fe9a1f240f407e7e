import type { Opened } from '../machine'
import type { SwapPlanStep } from '../planning'
import type { JobState } from './state'

interface Setting {
  /** As the screen writes it; absent where it is a word or a count. */
  readonly unit?: 'mm' | 'V' | 'A' | 'km' | 'h'
  readonly kind: 'number' | 'word'
}

/** What electronics are set to, in the order in which they are read. Wheel size is once round the tyre, mm. */
export const SETTINGS = {
  'wheel size': { kind: 'number', unit: 'mm' },
  'magnets a turn': { kind: 'number' },
  'pole pairs': { kind: 'number' },
  'cut-off': { kind: 'number', unit: 'V' },
  'battery current': { kind: 'number', unit: 'A' },
  'phase current': { kind: 'number', unit: 'A' },
  class: { kind: 'word' },
  assist: { kind: 'word' },
  direction: { kind: 'word' },
  odometer: { kind: 'number', unit: 'km' },
  hours: { kind: 'number', unit: 'h' },
  firmware: { kind: 'word' },
} as const satisfies Readonly<Record<string, Setting>>
export type SettingId = keyof typeof SETTINGS
export const SETTING_IDS = Object.keys(SETTINGS) as readonly SettingId[]

/** One setting as it was read or made. */
export interface SettingRow {
  readonly setting: SettingId
  readonly value: number | string
}

/** Is it tied to something that has to come with it, or has to be set free first? */
export const PAIRED = ['free', 'paired', 'locked', 'not known'] as const
export type Paired = (typeof PAIRED)[number]

type Electronic = Pick<JobState, 'swap' | 'electronics'>

const newParts = (state: Pick<JobState, 'swap'>, roles: readonly Opened[]): readonly SwapPlanStep[] =>
  state.swap.filter((s) => s.part && s.opens?.some((o) => roles.includes(o)))

/** New parts of the job that have settings: controllers and displays. */
export const withSettings = (state: Pick<JobState, 'swap'>): readonly SwapPlanStep[] => newParts(state, ['controller', 'display'])

/** New parts that may be tied to something: controllers, displays and packs. It is asked before one is ordered. */
export const mayBePaired = (state: Pick<JobState, 'swap'>): readonly SwapPlanStep[] => newParts(state, ['controller', 'display', 'pack'])

/** What was noted last of a part's old or new self: rows, or why there are none. */
export function settingsOf(state: Electronic, part: string, of: 'old' | 'new'): JobState['electronics'][number] | undefined {
  return state.electronics.findLast((e) => e.part === part && e.of === of && (e.rows.length > 0 || e.cannot !== undefined))
}

/** What was said last of its being tied to something. */
export function pairingOf(state: Electronic, part: string): JobState['electronics'][number] | undefined {
  return state.electronics.findLast((e) => e.part === part && e.paired !== undefined)
}

/** Speed is right within this share, either way. */
const ROLL_OUT = 0.03

/**
 * How far the wheel size that is set is off what the wheel rolls: shown speed is off by as much.
 * @param set once round the tyre as it is set, mm, above 0
 * @returns `off` as a share: 0.02 shows 2 % too much; `right` within 3 %
 */
export function rollOut(
  set: number,
  roll: { readonly turns: number; readonly metres: number },
): { readonly round: number; readonly off: number; readonly right: boolean } {
  const round = (roll.metres * 1000) / roll.turns
  const off = set / round - 1
  return { round, off, right: Math.abs(off) <= ROLL_OUT + 1e-9 }
}

/** The speed of a part with settings, proved by rolling it; null where it was not rolled, or its wheel size is not known. */
export function rolled(state: Electronic, part: string): ReturnType<typeof rollOut> | null {
  const roll = state.electronics.findLast((e) => e.part === part && e.of === 'new' && e.roll)?.roll
  const set = settingsOf(state, part, 'new')?.rows.find((r) => r.setting === 'wheel size')?.value
  return roll && typeof set === 'number' && set > 0 ? rollOut(set, roll) : null
}
