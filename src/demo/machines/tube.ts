import type { ActionId, Doing, FileStep, Goal, Guard, OrderRule } from '../../core/machine'
import { all, doing, off, prepared, way } from '../../core/builder'

/** A tyre with a tube in it: what is said of its air, and how a flat is found. */
interface Tube {
  /** Puts the end before a name, where a machine has two alike. */
  readonly id: (name: string) => string
  /** Where there are two ends: which, for the name of the job. */
  readonly tyre: string
  readonly tube: string
  /** What has to be off before the wheel can be turned round in the hands. */
  readonly free: Guard
  readonly poses: readonly string[]
  /** What closes over the tube, from the first. */
  readonly closes: readonly ActionId[]
  /** bar */
  readonly pressure: { readonly low: number; readonly likely: number; readonly high: number; readonly most: number }
  /** Where a hole beside the tread comes from on this wheel. */
  readonly rim: string
}

interface Pieces {
  /** The return of the valve core. */
  readonly valveIn: Doing
  readonly steps: readonly FileStep[]
  readonly order: readonly OrderRule[]
  readonly goal: Goal
}

/**
 * A tube gets a breath of air before anything closes over it, and its pressure once all is closed; a flat is a job of its own, its cause
 * found before the air is gone and felt for in the tyre.
 */
export function tubed({ id, tyre, tube, free, poses, closes, pressure, rim }: Tube): Pieces {
  return {
    valveIn: doing('Valve core in, a breath of air', [way(poses, 'valve-tool', 1)], {
      with: ['pump'],
      note: 'Just so much that it holds its shape: the rest once all is closed.',
      ifOmitted: 'An empty tube is pinched as it is closed in, and bursts on the first ride.',
    }),
    steps: [
      {
        id: id('flat-cause'),
        kind: 'prepare',
        limb: 'down',
        gives: [prepared(id('flat-cause'))],
        access: all(free, { not: off(id('valve-core')) }),
        down: doing('Blow it up and find the hole, valve marked on the tyre', [way(poses, 'pump', 4)], {
          note: `Look, listen, water. Two holes side by side: pinched. ${rim} None: the valve core.`,
          photo: 'where it leaks, and what stuck in it',
          ifOmitted: 'What cut it stays in the tyre and cuts the next tube.',
        }),
      },
      {
        id: id('pressure'),
        kind: 'gate',
        limb: 'up',
        after: [`undo:${id('valve-core')}`, ...closes],
        up: doing(`Pump to ${pressure.likely} bar, bead even all round`, [way(poses, 'pump', 1.5)], {
          wants: [
            {
              id: 'pressure',
              name: 'tyre pressure',
              quantity: 'pressure',
              unit: 'bar',
              low: pressure.low,
              high: pressure.high,
              most: pressure.most,
            },
          ],
          cautions: ['H54'],
          ifOmitted: 'A soft tyre pinches the tube on the first kerb.',
        }),
      },
    ],
    order: closes.map((then, i) => ({
      id: id(`breath-before-closing-${i + 1}`),
      limb: 'up',
      first: `undo:${id('valve-core')}`,
      then,
      strength: 'must',
      consequence: 'An empty tube is pinched as it is closed in.',
    })),
    goal: {
      id: id('flat-goal'),
      name: `flat ${tyre}`,
      guard: all(off(id('tyre')), prepared(id('flat-cause'))),
      swap: [
        {
          id: id('swap-tube'),
          title: 'Cause out; new tube, or the old one patched',
          part: tube,
          note: 'Inside of the tyre felt all round with a cloth, the rim with a finger.',
          minutes: { low: 3, likely: 6, high: 12 },
        },
      ],
    },
  }
}
