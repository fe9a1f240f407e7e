import type { PlannedStep } from '../../planning'
import type { Pass } from '../../machine'

/** What a thing that came off behaves as. */
interface OffRule {
  /** One of them, and several, as the bag says it where nobody says more. */
  readonly one: string
  readonly many: string
  readonly kind: PlannedStep['kind']
  /** What the tray holds of it: so many pieces that are counted home, a part, or nothing, since it hangs on its lead. */
  readonly is: 'fixings' | 'parts' | 'joined'
  /** It goes in the bin, and a new one goes on. */
  readonly renewed?: true
  /** It may lie over whatever came off after it. */
  readonly covers?: true
  /** It lies in a stack with others: what came off later goes on first. */
  readonly stacks?: true
  /** It is the top of a stack. */
  readonly tops?: true
  /** How far each tap takes several of them on the way back; one is made final at once. */
  readonly passes?: readonly Pass[]
}

/** Sorts of what comes off a machine that no file knows, one line each, in the order of their tiles. A new one raises VOCABULARY. */
export const OFF_RULES = {
  screw: { one: 'screw', many: 'screws', kind: 'release', is: 'fixings', tops: true, passes: ['started', 'final'] },
  plug: { one: 'plug', many: 'plugs', kind: 'unplug', is: 'joined' },
  part: { one: 'part', many: 'parts', kind: 'take off', is: 'parts', covers: true },
  clip: { one: 'clip', many: 'clips', kind: 'release', is: 'fixings', stacks: true, passes: ['final'] },
  nut: { one: 'nut', many: 'nuts', kind: 'release', is: 'fixings', stacks: true, passes: ['started', 'final'] },
  washer: { one: 'washer', many: 'washers', kind: 'release', is: 'fixings', stacks: true, passes: ['final'] },
  tie: { one: 'tie', many: 'ties', kind: 'release', is: 'fixings', renewed: true, passes: ['final'] },
  tape: { one: 'tape', many: 'tapes', kind: 'release', is: 'fixings', covers: true, renewed: true, passes: ['final'] },
  ring: { one: 'ring', many: 'rings', kind: 'release', is: 'fixings', stacks: true, passes: ['final'] },
} as const satisfies Readonly<Record<string, OffRule>>

export type OffSort = keyof typeof OFF_RULES
export const OFF_SORTS = Object.keys(OFF_RULES) as readonly OffSort[]
export const offRule = (sort: OffSort): OffRule => OFF_RULES[sort]
