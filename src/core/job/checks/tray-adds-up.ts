import { loosePiece, trayMissing, waitingFixings } from '../tray'
import { strayLike } from '../alike'
import type { CheckRule } from './check'

/**
 * All that came off went back or was accounted for. Before it goes home nothing may wait quietly either: in its own hole, on its
 * carrier, cut and not renewed.
 */
export const trayAddsUp: CheckRule = {
  without: 'mechanic',
  told: 'last',
  matters: () => true,
  needs: (state) => [
    ...trayMissing(state),
    ...waitingFixings(state).map((f) => loosePiece(f, 'waiting')),
    ...state.strays
      .filter((s) => s.settled === undefined)
      .map(({ text, cell }) => {
        const like = strayLike(state, text)
        return { is: 'stray', text, ...(cell === undefined ? {} : { cell }), ...(like ? { like } : {}) } as const
      }),
  ],
  binds: { gates: ['hand back', 'handed back'] },
}
