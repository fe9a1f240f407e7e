import { dunlin } from '../src/demo/machines/dunlin'
import { compareOne } from '../src/core/machine'
import { plan, type Plan } from '../src/core/planning'
import type { Bodies, Entry, Kind } from '../src/core/job/entries'
import { DEFAULT_SETTINGS } from '../src/core/job/settings'
import { mayBePaired, withSettings, written } from '../src/core/job'

/** Noon of a working day, UTC. */
export const NOON = Date.UTC(2026, 2, 18, 12)
export const MINUTE = 60_000

/** Writes journals for tests: entries in order, one a minute, from one device unless told otherwise. */
export class Logbook {
  readonly entries: Entry[] = []
  private at = NOON

  /** @param form the build up to whose forms it is written; 0 where an older build has to read everything */
  constructor(private readonly form = 0) {}

  log<K extends Kind>(
    kind: K,
    body: Bodies[K],
    over: Partial<Pick<Entry, 'by' | 'device' | 'base' | 'at' | 'receivedAt' | 'v'>> = {},
  ): Entry {
    const seq = this.entries.length + 1
    this.at += MINUTE
    const entry = {
      id: `e${seq}`,
      jobId: 'j1',
      seq,
      base: seq - 1,
      at: this.at,
      receivedAt: this.at,
      by: 'ines',
      sentBy: 'ines',
      device: 'tablet',
      ...written(kind, body, this.form),
      ...over,
    } as unknown as Entry
    this.entries.push(entry)
    return entry
  }

  wait(minutes: number): this {
    this.at += minutes * MINUTE
    return this
  }

  /** What the door asks before the way down: the pack is sound, and the new part matches the old. */
  ready(plan: Plan): this {
    this.log('pack-checked', { result: 'sound', signs: [] })
    for (const { part, compare } of plan.swap) {
      if (part && compare)
        this.log('replacement-compared', { part: part.id, rows: compare.map((spec) => compareOne(spec, null, spec.value)) })
    }
    return this.settingsRead(plan)
  }

  /** What is asked of electronics before anything is undone: tied to nothing, and what the old one is set to. */
  settingsRead(plan: Pick<Plan, 'swap'>): this {
    for (const { part } of mayBePaired(plan)) this.log('settings-noted', { part: part!.id, of: 'old', rows: [], paired: 'free' })
    for (const { part } of withSettings(plan))
      this.log('settings-noted', { part: part!.id, of: 'old', rows: [{ setting: 'battery current', value: 15 }] })
    return this
  }

  open(): this {
    this.log('job-opened', {
      number: '0412',
      machine: { name: 'Dunlin', unit: 'no. 7', file: 'dunlin', revision: '2026-03', fullVolts: 58.8 },
      complaint: 'jerks',
      stand: '2',
    })
    return this
  }

  adopt(goal = 'front-motor-goal', variants: Record<string, string> = { 'lid-edge': 'dry' }): Plan {
    const adopted = dunlinPlan(goal, variants)
    this.log('plan-adopted', { plan: adopted, file: 'dunlin', revision: '2026-03', settings: DEFAULT_SETTINGS })
    return adopted
  }
}

const cache = new Map<string, Plan>()

export function dunlinPlan(goal: string, variants: Record<string, string> = { 'lid-edge': 'dry' }): Plan {
  const key = JSON.stringify([goal, variants])
  const known = cache.get(key)
  if (known) return known
  const result = plan(dunlin(), 'untouched', [goal], { variants })
  if (!result.ok) throw new Error(result.error.kind)
  cache.set(key, result.value)
  return result.value
}
