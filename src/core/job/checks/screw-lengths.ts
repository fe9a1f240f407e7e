import { lengthsAsked } from '../lengths'
import type { CheckRule } from './check'

/** What is screwed in reaches nothing that lies behind it: the length of what is new, or could be mixed up, is known. */
export const screwLengths: CheckRule = {
  without: 'lead',
  told: 'with the plan',
  matters: (state) => state.up.some((s) => lengthsAsked(state, s).length > 0),
  needs: (state) =>
    state.up.flatMap((s) =>
      lengthsAsked(state, s).map(({ why, members, fact }) => ({
        is: 'length' as const,
        step: s.id,
        label: members[0]!.label,
        pieces: members.length,
        behind: fact.behind,
        why,
      })),
    ),
  binds: { steps: ['screwed in'], rides: ['run', 'ridden'], gates: ['handed back'] },
}
