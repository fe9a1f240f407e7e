import type { AxleFit, Stack } from '../../core/machine'
import { armId, type End, type Id } from './dunlin-common'

const idOf =
  (end: End): Id =>
  (name) =>
    `${end}-${name}`

/** An axle of the Dunlin in its fork or swing arm: both ends are alike. */
export function axleFit(end: End): AxleFit {
  const id = idOf(end)
  return {
    id: id('axle'),
    part: id('motor'),
    stacks: [id('left-stack'), id('right-stack')],
    hub: 97,
    opening: 100,
    standsOut: [25, 25],
    thread: 'M12×1.25',
    flats: 10,
    dropout: { material: 'steel', thickness: 6, slot: 10.1 },
    face: 22,
    amps: { drive: 25, regen: 8 },
  }
}

export const stacks = (end: End): readonly Stack[] => (['left', 'right'] as const).map((side) => stack(end, idOf(end), side))

function stack(end: End, id: Id, side: 'left' | 'right'): Stack {
  return {
    id: id(`${side}-stack`),
    name: `${end} axle, ${side}`,
    side,
    axle: id('motor'),
    items: [
      { id: id(`${side}-stack-nut`), name: 'nut', width: 10, clamped: true, turns: false, purpose: 'nut', joint: id(`${side}-nut`) },
      {
        id: id(`${side}-stack-flat`),
        name: 'flat',
        width: 2,
        clamped: true,
        turns: false,
        purpose: 'washer',
        joint: id(`${side}-washers`),
      },
      {
        id: id(`${side}-stack-tab`),
        name: 'tab',
        width: 2.5,
        facing: [0, 0, -1],
        clamped: true,
        turns: false,
        purpose: 'tab',
        joint: id(`${side}-washers`),
      },
      {
        id: id(`${side}-stack-slot`),
        name: armId(end) === 'fork' ? 'fork' : 'arm',
        width: 6,
        clamped: true,
        turns: false,
        purpose: 'frame',
      },
      {
        id: id(`${side}-stack-inner`),
        name: 'inner flat',
        width: 1.5,
        clamped: true,
        turns: false,
        purpose: 'washer',
        joint: id('inner-washers'),
      },
    ],
  }
}
