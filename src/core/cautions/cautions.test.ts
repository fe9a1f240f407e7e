import { describe, expect, it } from 'vitest'
import { dunlin } from '../../demo/machines/dunlin'
import type { Connection, Joint, MachineFile } from '../machine'
import { CAUTION_IDS, CAUTIONS, type CautionId, type CautionRule, cautionsAt } from './index'

const bare: MachineFile = { ...dunlin(), energy: [], parts: [] }
const joint = (over: Partial<Joint>): Joint => ({ ...dunlin().joints[0]!, kind: 'screws', release: 'undo', ...over }) as Joint
const plain = (() => {
  const { lock: _, critical: __, ...rest } = joint({})
  return rest as Joint
})()
const unthreaded = (() => {
  const { thread: _, torque: __, ...rest } = plain
  return rest as Joint
})()
const plug = (roles: Connection['roles']): Connection => ({ ...dunlin().connections[0]!, roles }) as Connection
const stacked: MachineFile = {
  ...bare,
  stacks: [
    { id: 's', name: 's', side: 'left', axle: 'a', items: [{ id: 'i', name: 'i', width: 1, clamped: true, turns: false, joint: 'w' }] },
  ],
}
const heavy = (kg: number): MachineFile => ({
  ...bare,
  parts: [{ id: 'it', name: 'it', mass: { value: kg, unit: 'kg', source: 'maker' } }],
})
const stores = (kind: 'tyre' | 'spring' | 'gas' | 'mains'): MachineFile =>
  ({ ...bare, ...(kind === 'mains' ? { pack: undefined } : {}), energy: [{ kind, of: 'x', releasedBy: 'it' }] }) as unknown as MachineFile

/** Rows: what a step is, and the cautions that follow from it on the way down and on the way up. */
const ROWS: readonly (readonly [
  string,
  { readonly file?: MachineFile; readonly joint?: Joint; readonly connection?: Connection; readonly action?: string },
  readonly CautionId[],
  readonly CautionId[],
])[] = [
  ['a plain fixing', { joint: plain }, [], []],
  ['one that is warmed', { joint: { ...plain, release: 'warm then undo' } }, ['H10', 'H11'], []],
  ['one that is cut', { joint: { ...plain, release: 'cut' } }, ['H36'], []],
  ['an axle nut', { joint: { ...plain, critical: 'axle' } }, [], ['H34']],
  ['a steering bolt', { joint: { ...plain, critical: 'steering' } }, [], ['H22']],
  ['a brake bolt', { joint: { ...plain, critical: 'brake' } }, [], ['H55']],
  ['a snap ring', { joint: { ...unthreaded, kind: 'ring' } }, ['H25'], ['H25']],
  ['a lock ring with a thread', { joint: { ...plain, kind: 'ring', thread: 'M34' } }, [], []],
  [
    'screws of two lengths',
    { joint: { ...plain, members: [10, 14].map((length) => ({ id: `${length}`, place: '', length })) } },
    [],
    ['H48'],
  ],
  ['washers of an axle', { file: stacked, joint: { ...plain, id: 'w', kind: 'washers' } }, [], ['H74']],
  ['washers of anything else', { joint: { ...plain, id: 'w', kind: 'washers' } }, [], []],
  ['phase ends', { connection: plug(['phases']) }, ['H67'], ['H57']],
  ['a Hall plug', { connection: plug(['hall']) }, [], []],
  ['a motor', { action: `off:${dunlin().drives[0]!.part}` }, ['H28'], ['H28']],
  ['the pack', { action: `off:${dunlin().pack!.part}` }, ['H8'], ['H9']],
  [
    'one with threadlocker',
    { joint: { ...plain, lock: { product: 'medium', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'maker' } } },
    [],
    ['H72'],
  ],
  ['air', { file: stores('tyre') }, ['H43'], ['H54']],
  ['a spring', { file: stores('spring') }, ['H26'], ['H26']],
  ['a gas strut', { file: stores('gas') }, ['H26'], ['H26']],
  ['the mains', { file: stores('mains') }, ['H50'], ['H7', 'H44']],
  ['the pack’s plug', { action: `unplug:${dunlin().pack!.plug}` }, ['H6'], ['H7', 'H44']],
  ['another plug', { action: 'unplug:other' }, [], []],
  ['a part of 20 kg', { file: heavy(20) }, [], []],
  ['a part just above', { file: heavy(20.1) }, ['H61'], ['H61']],
]

describe('cautions that follow from what a step is', () => {
  it.each(ROWS)('%s', (_, { file = bare, joint: of, connection, action = 'undo:it' }, down, up) => {
    const at = { file, action, subject: 'it', joint: of, connection }
    expect(cautionsAt({ ...at, limb: 'down' })).toEqual(down)
    expect(cautionsAt({ ...at, limb: 'up' })).toEqual(up)
  })
  it('every one that follows from something stands in a row', () => {
    const told = new Set(ROWS.flatMap(([, , down, up]) => [...down, ...up]))
    expect(CAUTION_IDS.filter((id) => (CAUTIONS[id] as CautionRule).when && !told.has(id))).toEqual([])
  })
  it('what stops asks for a hand, what is only looked at does not', () => {
    for (const id of CAUTION_IDS) expect(CAUTIONS[id].asks, id).toBe(CAUTIONS[id].level === 'stop' ? 'hand' : 'eye')
  })
})
