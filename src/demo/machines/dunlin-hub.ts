import type { AxleFit, Cable, Connection, DriveUnit, FileStep, Goal, Joint, LoadPath, OrderRule, Part, Stack } from '../../core/machine'
import { all, any, doing, off, prepared, q, unplugged, way } from '../../core/builder'
import { axle, wheel } from './dunlin-axle'
import { axleFit, stacks } from './dunlin-fits'
import { type End, type Id, SIDE, UP } from './dunlin-common'
import { brakeAndLoom, plugs } from './dunlin-loom'
import { parts } from './dunlin-parts'
import { tubed } from './tube'

export interface HubPieces {
  readonly parts: readonly Part[]
  readonly joints: readonly Joint[]
  readonly connections: readonly Connection[]
  readonly cables: readonly Cable[]
  readonly steps: readonly FileStep[]
  readonly order: readonly OrderRule[]
  readonly loadPath: readonly LoadPath[]
  readonly stacks: readonly Stack[]
  readonly axles: readonly AxleFit[]
  readonly drive: DriveUnit
  readonly goals: readonly Goal[]
}

/** The wheel, motor, lead and brake at one end of a Dunlin. Both ends are alike but for what the lead passes. */
export function hub(end: End): HubPieces {
  const id = (name: string): string => `${end}-${name}`
  const arm = end === 'front' ? 'fork' : 'swing arm'
  const armId = end === 'front' ? 'fork' : 'swing-arm'
  const cover = end === 'front' ? 'neck-cover' : 'arm-cover'
  const tube = tubed({
    id,
    tyre: `${end} tyre`,
    tube: id('tube'),
    free: any(off(id('wheel')), prepared(id('hang-wheel'))),
    poses: [...SIDE, ...UP],
    closes: [`off:${id('rim-half')}`, `undo:${id('rim-screws')}`],
    pressure: { low: 2.6, likely: 2.8, high: 3, most: 3.5 },
    rim: 'One at the rim: a burr where the halves meet.',
  })
  const coverName = end === 'front' ? 'neck cover' : 'arm cover'
  return {
    parts: parts(end, id, arm),
    joints: [...axle(end, id, armId), ...wheel(end, id, tube.valveIn), ...brakeAndLoom(end, id, armId, cover, coverName)],
    connections: plugs(end, id),
    cables: [
      {
        id: id('lead'),
        name: `${end} motor lead`,
        of: id('motor'),
        route: [id('phases'), id('hall'), id('ties'), id('deck-hole'), id('cover-screws')],
        end: { width: 14.2, height: 11, tolerance: 0.3 },
        ties: [{ joint: id('ties'), shares: [id('brake-line')] }],
        ...(end === 'front' ? { slack: { leftLock: q(28, 'mm'), rightLock: q(34, 'mm') } } : {}),
      },
      { id: id('brake-line'), name: `${end} brake line`, of: id('caliper'), route: [id('ties')] },
    ],
    steps: [...steps(end, id, cover, arm), ...tube.steps],
    order: [
      ...tube.order,
      {
        id: id('air-last'),
        limb: 'down',
        first: `off:${id('wheel')}`,
        then: `undo:${id('valve-core')}`,
        strength: 'prefer',
        consequence: 'On a soft tyre the machine no longer rolls to the bench.',
      },
      {
        id: id('six-pin-first'),
        limb: 'up',
        first: `step:${id('draw-lead')}`,
        then: `unplug:${id('hall')}`,
        strength: 'must',
        consequence: 'The 6-pin shell no longer passes the hole once the bullets are through.',
      },
      {
        id: id('right-nut-first'),
        limb: 'down',
        first: `undo:${id('right-nut')}`,
        then: `undo:${id('left-nut')}`,
        strength: 'prefer',
        consequence: 'The lead leaves on the left; with the right nut off first the axle cannot turn on the lead.',
      },
    ],
    loadPath: [{ part: id('wheel'), joints: [id('right-nut'), id('left-nut')], support: id('block-wheel') }],
    stacks: stacks(end),
    axles: [axleFit(end)],
    drive: {
      id: id('drive'),
      name: `${end} hub`,
      kind: 'hub direct',
      part: id('motor'),
      carriedBy: armId,
      kv: q(11.2, 'rpm/V'),
      kvOf: 'wheel',
      polePairs: 15,
      ratio: 1,
      hallSpacing: 120,
      lineResistance: q(0.19, 'ohm'),
    },
    goals: [motorGoal(end, id), ...(end === 'front' ? [tyreGoal(end, id), tube.goal] : [])],
  }
}

function steps(end: End, id: Id, cover: string, arm: string): FileStep[] {
  const onSide = end === 'front' ? 'Lever firm, front disc runs free' : 'Lever firm, rear disc runs free'
  return [
    {
      id: id('draw-lead'),
      kind: 'prepare',
      limb: 'both',
      gives: [off(id('lead')), prepared(id('draw-lead'))],
      access: all(unplugged(id('phases')), unplugged(id('hall')), off(id('ties')), off(cover)),
      down: doing(`Draw the ${end} lead out, cord tied on`, [way(UP, null, 2)], {
        note: 'Leave the cord in the hole: it draws the new lead back.',
        consumables: [{ consumable: 'cord', count: 1 }],
        cautions: ['H39'],
      }),
      up: doing('Draw it back: 6-pin first', [way(UP, null, 2.5)], {
        cautions: ['H39', 'H38'],
        ifOmitted: 'The bullets fill the hole and the 6-pin no longer passes.',
      }),
    },
    {
      id: id('hang-wheel'),
      kind: 'push aside',
      limb: 'both',
      gives: [prepared(id('hang-wheel'))],
      access: all(off(id('left-nut')), off(id('right-nut')), off(id('left-washers')), off(id('right-washers')), off(id('caliper'))),
      down: doing('Lay the wheel beside on its lead', [way(SIDE, null, 1.5, { penalty: 2 })], {
        note: 'Pad under the wheel; no pull on the lead.',
        cautions: ['H39'],
      }),
      up: doing(`Wheel back into the ${arm}`, [way(SIDE, null, 2)], { note: 'Flats along the slots, lead leaving left.' }),
    },
    {
      id: id('block-wheel'),
      kind: 'support',
      limb: 'down',
      gives: [{ fact: 'supported', of: id('wheel') }],
      down: doing(`Block under the ${end} wheel`, [way(SIDE, null, 0.5)], {
        note: 'So that it cannot drop on its lead when the last nut goes.',
        ifOmitted: 'The wheel drops on its lead.',
      }),
    },
    {
      id: id('reaction-path'),
      kind: 'gate',
      limb: 'up',
      check: 'reaction path',
      after: [`undo:${id('right-nut')}`, `undo:${id('left-nut')}`, `undo:${id('left-washers')}`, `undo:${id('right-washers')}`],
      up: doing('Both tabs in their slots: look again', [way(SIDE, null, 0.5)], {
        ifOmitted: 'Under throttle the axle turns and the lead is torn off.',
      }),
    },
    {
      id: id('brake-check'),
      kind: 'gate',
      limb: 'up',
      check: 'brakes',
      after: [`undo:${id('caliper-bolts')}`],
      up: doing(onSide, [way([...SIDE, ...UP], null, 1)], { ifOmitted: 'No brake on the first ride.', cautions: ['H55'] }),
    },
  ]
}

function motorGoal(end: End, id: Id): Goal {
  return {
    id: id('motor-goal'),
    name: `${end} motor`,
    guard: all(off(id('motor')), off(id('disc'))),
    swap: [
      {
        id: id('swap-compare'),
        title: 'Old and new side by side',
        note: 'Lead length, plugs, axle flats, six rim holes, five disc holes.',
        minutes: { low: 2, likely: 3, high: 6 },
      },
      {
        id: id('swap-motor'),
        title: 'New motor to the bench, old one tagged',
        part: id('motor'),
        note: 'Write both serial numbers down.',
        minutes: { low: 2, likely: 3, high: 5 },
      },
    ],
  }
}

function tyreGoal(end: End, id: Id): Goal {
  return {
    id: id('tyre-goal'),
    name: `${end} tyre`,
    guard: off(id('tyre')),
    swap: [
      {
        id: id('swap-tyre'),
        title: 'New tyre, arrow forward at the top',
        part: id('tyre'),
        note: 'Look inside the old one for what cut it.',
        minutes: { low: 3, likely: 4, high: 8 },
      },
    ],
  }
}
