import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { checkFits } from './check-fits'
import type { FileFault } from './file-fault'
import { KNOWN_IDS } from '../job'
import { checkIntegrity, depthOf, type MachineFile } from './index'

const file = (id: string): MachineFile => demoMachines().find((f) => f.id === id)!
const faults = (f: MachineFile): readonly FileFault[] => {
  const list: FileFault[] = []
  checkFits(f, list)
  return list
}

describe('what a file says of its fits', () => {
  it.each(demoMachines().map((f) => [f.name, f] as const))('adds up in the %s', (_, f) => expect(faults(f)).toEqual([]))

  it('a screw of the file that would reach what is behind it is told, with the longest that would not', () => {
    const dunlin = file('dunlin')
    const joints = dunlin.joints.map((j) =>
      j.id === 'deck-screws' ? { ...j, members: j.members.map((m, i) => (i === 0 ? { ...m, length: 14 } : m)) } : j,
    )
    const at = dunlin.joints.findIndex((j) => j.id === 'deck-screws')
    expect(faults({ ...dunlin, joints })).toEqual([
      { kind: 'too long', at: `/joints/${at}/members/0/length`, value: '14', expected: 'at most 10 mm: lead behind it' },
    ])
  })
  it('a hub that spreads its frame, an axle too short for a full nut, flats that are none, a thread that is not made', () => {
    const dunlin = file('dunlin')
    const [axle, ...others] = dunlin.axles!
    const with_ = (more: object) => faults({ ...dunlin, axles: [{ ...axle!, ...more }, ...others] }).map((f) => [f.kind, f.at, f.expected])
    expect(with_({ hub: axle!.hub + 2 })).toEqual([['does not fit', '/axles/0/opening', 'hub and inner pieces spread it by 2 mm']])
    expect(with_({ hub: axle!.hub - 2 })).toEqual([['does not fit', '/axles/0/opening', 'hub and inner pieces leave 2 mm']])
    expect(with_({ flats: 13 })).toEqual([['does not fit', '/axles/0/flats', 'less than the thread, 12 mm']])
    expect(with_({ thread: 'M12×9' })).toEqual([['no thread', '/axles/0/thread', 'a thread that is made']])
    const [first, second] = axle!.standsOut
    expect(with_({ standsOut: [first - 3, second] }).map(([kind, at]) => [kind, at])).toEqual([['no full nut', '/axles/0/standsOut/0']])
  })
  it('a bearing that is not made, a seat too shallow for it, and one that nothing of the file puts in', () => {
    const godwit = file('godwit')
    const with_ = (more: object) =>
      checkIntegrity({ ...godwit, bearings: godwit.bearings!.map((b, i) => (i === 1 ? { ...b, ...more } : b)) }, KNOWN_IDS)
    expect(with_({})).toEqual([])
    expect(with_({ designation: '6020-2RS' })).toMatchObject([{ kind: 'no bearing', at: '/bearings/1/designation', value: '6020-2RS' }])
    const seat = godwit.bearings![1]!.seat!
    expect(with_({ seat: { ...seat, collar: 0.2 } })).toMatchObject([
      { kind: 'does not fit', at: '/bearings/1/seat/depth', expected: 'at least 9.2 mm: the bearing and its collar' },
    ])
    expect(with_({ by: 'nowhere' })).toMatchObject([{ kind: 'dangling', at: '/bearings/1/by', value: 'nowhere' }])
    expect(with_({ part: 'nowhere' })).toMatchObject([{ kind: 'dangling', at: '/bearings/1/part', value: 'nowhere' }])
  })
  it('a width whose pieces do not make it', () => {
    const plover = file('plover')
    const [set] = plover.widths!
    const options = set!.options.map((o, i) => (i === 0 && o.makes ? { ...o, makes: { ...o.makes, width: o.makes.width + 3 } } : o))
    expect(faults({ ...plover, widths: [{ ...set!, options }] })).toMatchObject([{ kind: 'does not fit', at: '/widths/0/options/0/makes' }])
  })
  it('a screw of no length is told, and nothing falls over', () => {
    const godwit = file('godwit')
    const at = godwit.joints.findIndex((j) => j.hole && j.members[0]?.length !== undefined)
    const of = (length: number) => ({
      ...godwit,
      joints: godwit.joints.map((j, i) => (i === at ? { ...j, members: j.members.map((m, k) => (k === 0 ? { ...m, length } : m)) } : j)),
    })
    expect(checkIntegrity(of(0), KNOWN_IDS)).toMatchObject([
      { kind: 'does not fit', at: `/joints/${at}/members/0/length`, value: '0', expected: 'a length above 0 mm' },
    ])
  })
  it('widths answer a question of the file, and what is converted is one of them', () => {
    const curlew = file('curlew')
    const [kit, stay] = curlew.widths!
    const [inspect] = curlew.goals
    const at = (of: MachineFile) => checkIntegrity(of, KNOWN_IDS).map((f) => f.at)
    expect(at({ ...curlew, widths: [{ ...kit!, variant: 'nowhere' }, stay!] })).toContain('/widths/0/variant')
    const renamed = kit!.options.map((o) => (o.id === 'fitted' ? { ...o, id: 'nowhere' } : o))
    expect(at({ ...curlew, widths: [{ ...kit!, options: renamed }, stay!] })).toEqual(['/widths/0/options/1/id'])
    const nobody = { variant: 'nowhere', is: 'x' }
    expect(at({ ...curlew, widths: [kit!, { ...stay!, when: nobody }] })).toEqual(['/widths/1/when/variant'])
    expect(at({ ...curlew, goals: [{ ...inspect!, when: nobody }, ...curlew.goals.slice(1)] })).toEqual(['/goals/0/when/variant'])
    expect(at({ ...curlew, parts: curlew.parts.map((p, i) => (i === 1 ? { ...p, when: nobody } : p)) })).toEqual(['/parts/1/when/variant'])
    expect(at({ ...curlew, widths: [stay!] })).toEqual(['/goals/6/swap/0/converts', '/goals/7/swap/0/converts'])
  })

  it('a piece of a width that is, lies under or hangs on what the file does not have', () => {
    const curlew = file('curlew')
    const [set] = curlew.widths!
    const lost = (piece: object) => ({
      ...curlew,
      widths: [{ ...set!, options: set!.options.map((o) => ({ ...o, pieces: [{ name: 'stay', place: 'left', ...piece }] })) }],
    })
    for (const member of ['of', 'under', 'after'])
      expect(checkIntegrity(lost({ [member]: 'nowhere' }), KNOWN_IDS)).toMatchObject([
        { kind: 'dangling', at: `/widths/0/options/0/pieces/0/${member}`, value: 'nowhere' },
        { kind: 'dangling', at: `/widths/0/options/1/pieces/0/${member}` },
      ])
  })
  it('is as sure as it says, two tenths where it says nothing; a depth that it does not know is none', () => {
    const hole = { stack: 2, depth: 10.5, behind: 'lead', into: 'aluminium' } as const
    expect(depthOf(hole)).toEqual({ value: 10.5, u: 0.2 })
    expect(depthOf({ ...hole, u: 0.05 })).toEqual({ value: 10.5, u: 0.05 })
    const { depth: _, ...unknown } = hole
    expect(depthOf(unknown)).toBeUndefined()
  })
})
