import type { CautionId } from '../../cautions'
import type { OffAt } from './at'
import type { Off } from './off'
import { offRule, type OffSort } from './sorts'

interface Told {
  readonly down?: readonly CautionId[]
  readonly up?: readonly CautionId[]
}

/** The usual cautions of what comes off and goes back without a file: by what it is, and by what it is of. */
const BY_SORT: Readonly<Partial<Record<OffSort, Told>>> = {
  ring: { down: ['H25'], up: ['H24'] },
  tie: { down: ['H36'], up: ['H37'] },
  tape: { down: ['H36'] },
  plug: { up: ['H57'] },
  part: { up: ['H63'] },
}
const BY_PLACE: Readonly<Partial<Record<OffAt, Told>>> = {
  'motor axle': { down: ['H67'], up: ['H34', 'H33', 'H74'] },
  'wheel axle': { up: ['H34', 'H74'] },
  steering: { up: ['H22'] },
  brake: { down: ['H30'], up: ['H55', 'H30'] },
  pack: { down: ['H8', 'H6'] },
  gearbox: { down: ['H26'], up: ['H71'] },
}

/** Cautions of one thing, on one limb, each once. What hangs on it is propped first. */
export function offCautions({ sort, of, hangs }: Pick<Off, 'sort' | 'of' | 'hangs'>, limb: 'down' | 'up'): CautionId[] {
  const fixing = offRule(sort).is === 'fixings'
  return [
    ...new Set([
      ...(hangs === 'propped' && limb === 'down' ? (['H49'] as const) : []),
      // What a nut or a screw has to be tight to is told at them, not at the part beside.
      ...(of === undefined || (limb === 'up' && !fixing) ? [] : (BY_PLACE[of]?.[limb] ?? [])),
      ...(BY_SORT[sort]?.[limb] ?? []),
    ]),
  ]
}
