import { rolled, settingsOf, withSettings } from '../electronics'
import type { Missing } from '../missing'
import type { JobState } from '../state'
import type { CheckRule } from './check'

/** The new electronics set as the old were, and their speed proved by rolling. */
export const settingsMade: CheckRule = {
  without: 'mechanic',
  told: 'last',
  matters: (state) => fresh(state).length > 0,
  needs: (state) => fresh(state).flatMap((part) => missing(state, part.id, part.name)),
  binds: { gates: ['handed back'], rides: ['ridden'] },
}

/** Parts with settings that were replaced. */
function fresh(state: JobState) {
  return withSettings(state).flatMap(({ part }) => (state.parts[part!.id]?.replaced ? [part!] : []))
}

function missing(state: JobState, id: string, name: string): Missing[] {
  const set = settingsOf(state, id, 'new')
  if (!set) return [{ is: 'settings', name, wants: 'new' }]
  // Speed is shown by its wheel size: without one there is nothing to roll out.
  if (!set.rows.some((r) => r.setting === 'wheel size')) return []
  const proved = rolled(state, id)
  return proved ? (proved.right ? [] : [{ is: 'settings', name, wants: 'right' }]) : [{ is: 'settings', name, wants: 'rolled' }]
}
