import { mayBePaired, pairingOf, settingsOf, withSettings } from '../electronics'
import type { CheckRule } from './check'

/** Settings of the old electronics, read while they can be, and whether the part is tied to something: before anything is undone. */
export const settingsRead: CheckRule = {
  without: 'mechanic',
  told: 'first',
  matters: (state) => mayBePaired(state).length > 0,
  needs: (state) => [
    ...mayBePaired(state).flatMap(({ part }) =>
      pairingOf(state, part!.id) ? [] : [{ is: 'settings', name: part!.name, wants: 'paired' } as const],
    ),
    ...withSettings(state).flatMap(({ part }) =>
      settingsOf(state, part!.id, 'old') ? [] : [{ is: 'settings', name: part!.name, wants: 'old' } as const],
    ),
  ],
  binds: { steps: ['first down'] },
}
