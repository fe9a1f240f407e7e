import type { CheckRule } from './check'

/** What is sealed is not opened to be mended: it comes new. Whoever goes on all the same gives a reason, and the owner's yes. */
export const sealedUnit: CheckRule = {
  without: 'mechanic',
  asksOwner: true,
  told: 'first',
  matters: (state) => state.down.some((s) => s.ends !== undefined),
  needs: (state) =>
    state.down.flatMap((s) =>
      s.ends !== undefined && state.steps[s.id]?.status !== 'done' ? [{ is: 'sealed', part: s.ends } as const] : [],
    ),
  binds: { steps: ['ends a sealed unit'] },
}
