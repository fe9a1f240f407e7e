import type { Doing, Joint } from '../../core/machine'
import { all, along, any, DEAD, doing, off, on, prepared, q, way } from '../../core/builder'
import { MEDIUM } from './locks'
import { type End, type Id, SIDE, UP } from './dunlin-common'

/** Nuts and washers of both axle ends. */
export function axle(end: End, id: Id, carrier: string): Joint[] {
  const nutUp = (
    title: string,
    passes: ('started' | 'seated' | 'final' | 'marked')[],
    tool: string | null,
    minutes: number,
    guard: ReturnType<typeof all>,
  ) => doing(title, [way(SIDE, tool, minutes)], { passes, covers: [id('left-nut'), id('right-nut')], guard, cautions: ['H33'] })
  const nut = (side: 'left' | 'right'): Joint => ({
    id: id(`${side}-nut`),
    name: `${side} axle nut`,
    kind: 'nut',
    holds: [carrier, id('motor')],
    members: [{ id: id(`${side}-nut-1`), place: `${side} end of the axle` }],
    label: 'nut M12×1.25',
    thread: 'M12×1.25',
    head: '18 mm hexagon',
    torque: q(45, 'Nm'),
    role: 'working',
    critical: 'axle',
    pattern: 'in turn',
    keep: side === 'left' ? 'carrier' : 'cell',
    release: 'undo',
    access: side === 'right' ? all(DEAD, off('pack')) : DEAD,
    down:
      side === 'right'
        ? doing('Undo the right nut, cold first', [way(SIDE, 'ring-18', 2)], {
            note: 'No threadlocker is on it: what does not start is rust. Order off: nut, flat, tab.',
            counterHold: 'Hold the left flats with their spanner.',
            with: ['flats-10'],
            photo: 'right axle end before the nut moves',
          })
        : doing(
            'Left nut back along the lead',
            [way(SIDE, 'open-18', 2.5, { substitutes: [{ tool: 'adjustable', risk: 'It slips on a locked nut and rounds it.' }] })],
            {
              note: 'It stays on the lead. A ring spanner will not pass the plug.',
              cautions: ['H36'],
              photo: 'left axle end with the lead',
            },
          ),
    up:
      side === 'left'
        ? nutUp('Both nuts started by hand', ['started'], null, 1, all(on(id('left-washers')), on(id('right-washers'))))
        : nutUp('Nuts in turn, then full; mark', ['seated', 'final', 'marked'], 'torque-60', 3, all(on(id('left-nut')))),
  })
  const washers = (side: 'left' | 'right'): Joint => ({
    id: id(`${side}-washers`),
    name: `${side} washers`,
    kind: 'washers',
    holds: [carrier, id('motor')],
    members: [
      { id: id(`${side}-flat`), place: 'flat, outside the slot' },
      { id: id(`${side}-tab`), place: 'tab, in its slot' },
    ],
    label: 'flat + tab',
    role: 'working',
    keep: 'carrier',
    release: 'pull',
    access: off(id(`${side}-nut`)),
    down: doing(`${side === 'left' ? 'Left' : 'Right'} washers off, order kept`, [way(SIDE, null, 1)], {
      note: 'Thread them on a tie in the order they came: flat, then tab.',
      photo: `${side} washers laid in order`,
    }),
    up: doing(`${side === 'left' ? 'Left' : 'Right'} tab in its slot, flat over it`, [way(SIDE, null, 1)], {
      ifOmitted: 'The axle turns in its slot under torque and tears the lead out.',
    }),
  })
  const inner = along(
    [`off:${id('wheel')}`, `step:${id('hang-wheel')}`],
    { id: id('inner-washers'), name: `${end} inner washers`, kind: 'washers', holds: [carrier, id('motor')], label: 'flat 12 × 22 × 1.5' },
    ['left, against the hub', 'right, against the hub'],
  )
  return [nut('right'), washers('right'), nut('left'), washers('left'), inner]
}

/** What holds rim, disc and motor together. */
export function wheel(end: End, id: Id, valveIn: Doing): Joint[] {
  const letters = ['1', '2', '3', '4', '5', '6']
  return [
    {
      id: id('valve-core'),
      name: `${end} valve core`,
      kind: 'valve',
      holds: [id('tube'), id('rim')],
      members: [{ id: id('valve-core-1'), place: 'in the valve' }],
      label: 'valve core',
      role: 'working',
      keep: 'cell',
      release: 'undo',
      down: doing('Valve core out, let all air go', [way([...SIDE, ...UP], 'valve-tool', 1)]),
      up: valveIn,
    },
    {
      id: id('rim-screws'),
      name: `${end} rim screws`,
      kind: 'screws',
      holds: [id('motor'), id('rim'), id('rim-half')],
      members: letters.map((n) => ({ id: id(`rim-screw-${n}`), place: `hole ${n}, clockwise from the valve`, length: 16 })),
      label: 'M6×16',
      thread: 'M6',
      head: 'cap head, hexagon socket 5',
      strength: '8.8',
      torque: q(10, 'Nm'),
      hole: { stack: 6, depth: 12, behind: 'winding', into: 'aluminium' },
      lock: MEDIUM,
      pattern: 'star',
      role: 'working',
      keep: 'cell',
      release: 'undo',
      access: all(off(id('valve-core')), any(off(id('wheel')), prepared(id('hang-wheel')))),
      down: doing('Undo 6 rim screws', [way(SIDE, 'hex-5', 4)], { cautions: ['H43'] }),
      up: doing('Fit 6 in a star', [way(SIDE, 'torque-20', 6)], {
        passes: ['started', 'seated', 'final'],
        consumables: [{ consumable: 'locker-medium', count: 6 }],
      }),
    },
    {
      id: id('disc-screws'),
      name: `${end} disc screws`,
      kind: 'screws',
      holds: [id('motor'), id('disc')],
      frees: [id('disc')],
      members: letters.slice(0, 5).map((n) => ({ id: id(`disc-screw-${n}`), place: `hole ${n} of the disc`, length: 10 })),
      label: 'M5×10',
      thread: 'M5',
      head: 'button head, six-lobe T25',
      torque: q(6, 'Nm'),
      hole: { stack: 2, depth: 9.5, behind: 'winding', into: 'aluminium' },
      lock: MEDIUM,
      pattern: 'star',
      role: 'working',
      critical: 'brake',
      keep: 'cell',
      release: 'undo',
      access: off(id('wheel')),
      down: doing('Undo 5 disc screws, disc off', [way(SIDE, 'lobe-25', 4)], {
        note: 'Keep fingers off the braking face.',
        cautions: ['H30'],
      }),
      up: doing('Disc on, 5 in a star', [way(SIDE, 'torque-20', 5)], {
        passes: ['started', 'seated', 'final'],
        consumables: [{ consumable: 'locker-medium', count: 5 }],
        ifOmitted: 'A disc on loose screws can shear them at the first hard stop.',
      }),
    },
  ]
}
