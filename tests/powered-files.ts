import { all, along, doing, fixing, off, unplugged, way } from '../src/core/builder'
import type { MachineFile } from '../src/core/machine'
import { dice } from '../src/demo/chance'
import { smallFile } from './small-files'

/**
 * A small file with what makes it a machine under power: a pack and its plug, a lid with a lead in it, a test that has to come before that
 * lid, a look at what holds, a wheel on critical nuts, and a piece that comes away in the hand.
 */
export function poweredFile(seed: number): MachineFile {
  const roll = dice(seed + 10_000)
  const chance = (of: number): boolean => roll(of) === 0
  const pose = (): readonly string[] => [['upright'], ['on-its-side'], ['upright', 'on-its-side']][roll(3)]!
  const file = smallFile(seed)
  const under = off('lid')
  return {
    ...file,
    id: `powered-${seed}`,
    name: `Powered ${seed}`,
    pack: { part: 'pack', plug: 'pack-plug', chemistry: 'Li-ion', cells: 10, nominal: { value: 36, unit: 'V', source: 'estimated' } },
    energy: [{ id: 'energy-pack', kind: 'pack', of: 'pack', releasedBy: 'pack-plug' }],
    parts: [
      ...file.parts,
      { id: 'lid', name: 'lid', tethers: ['lamp-plug'], lift: doing('lid off', [way(pose(), null, 1)]) },
      {
        id: 'pack',
        name: 'pack',
        tethers: ['pack-plug'],
        ...(chance(2) ? { escape: under, lift: doing('pack out', [way(pose(), null, 1)]) } : {}),
      },
      { id: 'wheel', name: 'wheel', ...(chance(2) ? { escape: under } : {}), lift: doing('wheel out', [way(pose(), null, 1)]) },
    ],
    joints: [
      ...file.joints,
      fixing({
        id: 'lid-screws',
        name: 'lid screws',
        kind: 'screws',
        holds: ['lid', 'base'],
        label: 'M4',
        release: 'undo',
        role: 'cover',
        down: doing('undo the lid', [way(pose(), 'hex', 2)]),
      }),
      fixing({
        id: 'axle-nut',
        name: 'axle nut',
        kind: 'nut',
        holds: ['base', 'wheel'],
        label: 'M12',
        release: 'undo',
        critical: 'axle',
        ...(chance(2) ? { access: unplugged('pack-plug') } : {}),
        down: doing('undo the nut', [way(pose(), 'ring', 2)]),
      }),
      along('off:wheel', { id: 'inner-washer', name: 'inner washer', kind: 'washers', holds: ['base', 'wheel'], label: 'flat' }),
    ],
    connections: [
      ...file.connections,
      {
        id: 'pack-plug',
        name: 'pack plug',
        family: 'two-pole',
        releaseHow: 'straight',
        pins: [],
        mates: ['pack', 'base'],
        ...(chance(2) ? { access: under } : {}),
        down: doing('unplug the pack', [way(pose(), null, 1)]),
      },
      {
        id: 'lamp-plug',
        name: 'lamp plug',
        family: 'two-pole',
        releaseHow: 'straight',
        pins: [],
        mates: ['lid', 'base'],
        down: doing('part the lamp', [way(pose(), null, 1)]),
      },
    ],
    steps: [
      ...file.steps,
      {
        id: 'look',
        kind: 'gate',
        limb: 'up',
        check: 'reaction path',
        after: ['undo:axle-nut', ...(chance(2) ? (['undo:screw-x'] as const) : [])],
        up: doing('look at the axle', [way(pose(), null, 1)]),
      },
      {
        id: 'spin',
        kind: 'gate',
        limb: 'up',
        check: 'spin test',
        after: ['unplug:pack-plug', 'undo:axle-nut'],
        ...(chance(3) ? {} : { before: ['off:lid'] }),
        up: doing('spin it', [way(pose(), null, 1)]),
      },
    ],
    goals: [
      {
        id: 'inner-goal',
        name: 'inner',
        guard: all(off('inner'), unplugged('pack-plug'), ...(chance(2) ? [off('wheel')] : []), ...(chance(3) ? [] : [under])),
        swap: [],
      },
    ],
  }
}
