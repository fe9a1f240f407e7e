import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { dunlin } from '../../demo/machines/dunlin'
import { godwit } from '../../demo/machines/godwit'
import { KNOWN_IDS } from '../job'
import { checkIntegrity, closureOf, fullChargeVolts, holds, indexFile, jointsToRest, type MachineFile } from './index'

const file = dunlin()
const change = (edit: (f: Record<string, unknown[]>) => void): MachineFile => {
  const copy = structuredClone(file) as unknown as Record<string, unknown[]>
  edit(copy)
  return copy as unknown as MachineFile
}

/** Where a machine file names something else by its id. `*` is any place in a list. */
const NAMES_ANOTHER = [
  '/parts/*/of/*',
  '/parts/*/with',
  '/parts/*/tethers/*',
  '/sealed/*/part',
  '/joints/*/holds/*',
  '/joints/*/frees/*',
  '/joints/*/consumable',
  '/joints/*/down/modes/*/poses/*',
  '/joints/*/up/consumables/*/consumable',
  '/stacks/*/axle',
  '/stacks/*/items/*/joint',
  '/connections/*/mates/*',
  '/cables/*/of',
  '/cables/*/route/*',
  '/cables/*/ties/*/joint',
  '/cables/*/ties/*/shares/*',
  '/holes/*/part',
  '/steps/*/gives/*/of',
  '/steps/*/after/*',
  '/steps/*/before/*',
  '/order/*/first',
  '/order/*/then',
  '/loadPath/*/part',
  '/loadPath/*/support',
  '/loadPath/*/joints/*',
  '/poseMoves/*/from',
  '/poseMoves/*/to',
  '/drives/*/part',
  '/drives/*/carriedBy',
  '/pack/part',
  '/pack/plug',
  '/energy/*/of',
  '/energy/*/releasedBy',
  '/goals/*/swap/*/part',
] as const

/** The first place in a file that a pattern fits; null where it has none. */
function placeOf(value: unknown, pattern: readonly string[], at = ''): string | null {
  const [key, ...rest] = pattern
  if (key === undefined) return typeof value === 'string' ? at : null
  if (key !== '*') return placeOf((value as Record<string, unknown> | undefined)?.[key], rest, `${at}/${key}`)
  return (Array.isArray(value) ? value : []).reduce<string | null>((found, v, i) => found ?? placeOf(v, rest, `${at}/${i}`), null)
}

describe('checkIntegrity', () => {
  it.each(NAMES_ANOTHER)('an id at %s that is nowhere is told with its place', (pattern) => {
    const places = demoMachines().flatMap((f) => {
      const at = placeOf(f, pattern.split('/').slice(1))
      return at === null ? [] : [{ f, at }]
    })
    expect(places.length, 'a demo machine that has one').toBeGreaterThan(0)
    const { f, at } = places[0]!
    const copy = structuredClone(f) as unknown as Record<string, any>
    const path = at.split('/').slice(1)
    path.slice(0, -1).reduce<any>((o, k) => o[k], copy)[path.at(-1)!] = 'nowhere'
    expect(checkIntegrity(copy as unknown as MachineFile, KNOWN_IDS)).toContainEqual(
      expect.objectContaining({ kind: 'dangling', at, value: 'nowhere' }),
    )
  })

  it('finds nothing wrong with the Dunlin', () => expect(checkIntegrity(file, KNOWN_IDS)).toEqual([]))

  it.each([
    ['a part that no fixing knows', '/joints/0/holds/0', (f: any) => (f.joints[0].holds[0] = 'ghost'), 'ghost'],
    ['a tool that is not in the file', '/joints/2/down/modes/0/tool', (f: any) => (f.joints[2].down.modes[0].tool = 'wand'), 'wand'],
    [
      'a pose that is not in the file',
      '/parts/2/lift/modes/0/poses/0',
      (f: any) => (f.parts[2].lift.modes[0].poses[0] = 'floating'),
      'floating',
    ],
    ['an order rule about nothing', '/order/0/then', (f: any) => (f.order[0].then = 'undo:nothing'), 'undo:nothing'],
    ['a variant answer that is none', '/joints/1/when/is', (f: any) => (f.joints[1].when.is = 'damp'), 'damp'],
    [
      'a fact about a thing of another kind',
      '/parts/2/escape/of',
      (f: any) => (f.parts[2].escape = { fact: 'unplugged', of: 'grip-mat' }),
      'grip-mat',
    ],
    ['a goal for a part that nothing frees', '/goals/0/guard', (f: any) => (f.goals[0].guard = { fact: 'off', of: 'deck' }), 'deck'],
    ['an id used twice', '/parts/1/id', (f: any) => (f.parts[1].id = 'deck'), 'deck'],
    ['an id that begins with a digit', '/tools/0/id', (f: any) => (f.tools[0].id = '9x'), '9x'],
  ])('names %s by its pointer', (_, at, edit, value) => {
    expect(checkIntegrity(change(edit as never), KNOWN_IDS)).toContainEqual(expect.objectContaining({ at, value }))
  })

  it('names a plug that does not pass a hole on its way, unless a step takes it apart', () => {
    const tight = (f: any): void => void (f.holes.find((h: any) => h.id === 'shell-hole').width = 6)
    const passes = structuredClone(godwit()) as any
    tight(passes)
    expect(checkIntegrity(passes, KNOWN_IDS)).toEqual([])
    passes.steps = passes.steps.filter((s: any) => s.id !== 'de-pin')
    expect(checkIntegrity(passes, KNOWN_IDS)).toContainEqual(
      expect.objectContaining({
        kind: 'does not pass',
        value: 'shell-hole',
        // A plug of 12.2 mm with its tolerance, in a hole 6 mm wide.
        expected: 'display loom, with its tolerance, is 6.2 mm too large for 6 × 16 mm: a step that takes the plug apart',
      }),
    )
  })

  it('counts the tolerance of a plug, and a round hole as round', () => {
    const round = structuredClone(godwit()) as any
    round.steps = round.steps.filter((s: any) => s.id !== 'de-pin')
    Object.assign(round.holes[0], { width: 17, height: 17, round: true })
    const told = (): unknown => checkIntegrity(round, KNOWN_IDS).find((f) => f.kind === 'does not pass')?.expected
    // The diagonal of 12.2 × 12.2 mm is 17.25 mm.
    expect(told()).toBe('display loom, with its tolerance, is 0.3 mm too large for ⌀ 17 mm: a step that takes the plug apart')
    round.cables.find((c: any) => c.id === 'loom-lead').end.round = true
    expect(told()).toBeUndefined()
  })

  it('wants every turn into a pose to ask for the same', () => {
    const faults = checkIntegrity(
      change((f: any) => f.poseMoves.push({ ...f.poseMoves[0], guard: { fact: 'off', of: 'deck-lid' } })),
      KNOWN_IDS,
    )
    expect(faults).toContainEqual(expect.objectContaining({ kind: 'turns differ' }))
  })

  it('refuses a fixing that holds one part only', () => {
    const faults = checkIntegrity(
      change((f: any) => (f.joints[0].holds = ['deck', 'deck'])),
      KNOWN_IDS,
    )
    expect(faults).toContainEqual(expect.objectContaining({ kind: 'too few', at: '/joints/0/holds' }))
  })
})

describe('guards', () => {
  const has = (f: { fact: string; of: string }): boolean => f.of === 'a'
  it.each([
    [{ all: [] }, true],
    [{ any: [] }, false],
    [
      {
        any: [
          { fact: 'off', of: 'b' },
          { fact: 'off', of: 'a' },
        ],
      },
      true,
    ],
    [{ not: { fact: 'off', of: 'a' } }, false],
    [{ variant: 'v', is: 'x' }, true],
    [{ not: { variant: 'v', is: 'y' } }, true],
  ] as const)('%j is %s', (guard, expected) => expect(holds(guard as never, has, { v: 'x' })).toBe(expected))
})

describe('the wheel as an assembly', () => {
  const index = indexFile(file)
  it('is all that it is made of', () => expect(closureOf(index, 'front-wheel')).toContain('front-tube'))
  it('is held by the axle and the ties, not by its own rim screws', () => {
    const ids = jointsToRest(index, 'front-wheel', {}).map((j) => j.id)
    expect(ids).toEqual(expect.arrayContaining(['front-left-nut', 'front-right-nut', 'front-ties']))
    expect(ids).not.toContain('front-rim-screws')
  })
})

describe('fullChargeVolts', () => {
  // 16 Li-ion cells sold as "60 V" are 67.2 V: above the 60 V DC line of ISO 6469-3.
  it.each([
    ['Li-ion', 16, 67.2],
    ['Li-ion', 14, 58.8],
    ['LFP', 16, 58.4],
    ['lead', 12, 29.4],
  ] as const)('%s × %i is %d V', (chemistry, cells, volts) => expect(fullChargeVolts({ chemistry, cells })).toBe(volts))
  it('refuses half a cell', () => expect(() => fullChargeVolts({ chemistry: 'LFP', cells: 0.5 })).toThrow(/0.5/))
})
