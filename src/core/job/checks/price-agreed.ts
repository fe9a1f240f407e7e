import { agreedUpTo, estimateOf, refused } from '../cost'
import type { CheckRule } from './check'

/** What it will cost is no more than was agreed with its owner, where they named a sum. It never binds making safe or putting back. */
export const priceAgreed: CheckRule = {
  without: 'lead',
  told: 'first',
  matters: (state) => state.ceiling !== undefined,
  needs: (state) => {
    const [estimate, agreed] = [estimateOf(state), agreedUpTo(state)]
    if (agreed === undefined) return []
    if (estimate === null) return [{ is: 'no estimate' }]
    return estimate.total > agreed ? [{ is: 'price', estimate: estimate.total, agreed, refused: refused(state) }] : []
  },
  binds: { steps: ['deeper'] },
}
