import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { CHECK_IDS, sumsOf } from '../job'
import { type AxleFit, indexFile, type MachineFile } from '../machine'
import { type PlannedStep } from '../planning'
import { startOf, sumsAt, workOut, type Working, type WorkingId, workingOf } from './index'
import { planOnce } from '../planning/plan-once'

const of = (id: WorkingId): Working => workingOf(id)

function upSteps(file: MachineFile): readonly PlannedStep[] {
  return file.goals.flatMap((g) => {
    const found = planOnce(file, 'untouched', [g.id], { variants: {} })
    return found.ok ? found.value.up.steps : []
  })
}
const FILES = demoMachines().map((file) => [file.name, file] as const)
const withAxles = FILES.filter(([, f]) => (f.axles ?? []).length > 0)

describe.each(FILES)('sums at the steps of the %s', (_, file) => {
  const sums = upSteps(file).flatMap((step) => sumsAt(file, step).map((s) => ({ step, ...s })))
  it('names fields that its workings have, with figures that they take', () => {
    expect(sums.length).toBeGreaterThan(0)
    for (const { step, working, from } of sums) {
      const fields = of(working).fields
      for (const f of Object.keys(from)) expect(Object.keys(fields), `${step.title}: ${working}`).toContain(f)
      // The one figure that is measured at the step is left open; a sensible one makes the rest come to something.
      const keyed = Object.fromEntries(Object.entries(fields).map(([f, field]) => [f, from[f] ? from[f] : startOf(field)]))
      expect(workOut(of(working), keyed).is, `${step.title}: ${working} ${JSON.stringify(keyed)}`).toBe('worked')
    }
  })
})

it('beside the number of what is critical another one can be held', () => {
  const all = FILES.flatMap(([, file]) => upSteps(file).map((step) => [step, sumsAt(file, step)] as const))
  const critical = all.filter(([step]) => step.torque && step.joint?.critical)
  expect(critical.length).toBeGreaterThan(10)
  for (const [step, sums] of critical)
    expect(sums.find((s) => s.working === 'which-number')?.from['a'], step.title).toBe(String(step.torque!.value))
})

describe.each(withAxles)('the axles of the %s', (_, file) => {
  const steps = upSteps(file)
  const at = (working: WorkingId) =>
    steps.flatMap((s) =>
      sumsAt(file, s)
        .filter((x) => x.working === working)
        .map((x) => ({ ...x, title: s.title })),
    )
  const come = (working: WorkingId, from: Readonly<Record<string, string>>) => {
    const outcome = workOut(of(working), {
      ...Object.fromEntries(Object.entries(of(working).fields).map(([f, x]) => [f, startOf(x)])),
      ...from,
    })
    return outcome.is === 'worked' ? outcome.worked.verdict : outcome.is
  }
  it('fit their frame as the file has them, leave a full nut at both ends, and hold as delivered', () => {
    for (const working of ['over-opening', 'thread-left', 'reaction'] as const) expect(at(working).length, working).toBeGreaterThan(0)
    for (const s of at('over-opening')) expect(come('over-opening', s.from), s.title).toBe('fits')
    for (const s of at('thread-left')) expect(come('thread-left', s.from), s.title).toBe('full nut')
    for (const s of at('reaction')) expect(come('reaction', s.from), s.title).toBe('holds')
    expect(at('shaft-stack').length).toBeGreaterThan(0)
    // Where it is looked at once more, it stands beside the sum of its axle.
    expect(steps.some((s) => ['reaction', 'shaft-stack'].every((w) => sumsAt(file, s).some((x) => x.working === w)))).toBe(true)
    for (const s of at('shaft-stack')) expect(come('shaft-stack', s.from), `${s.title} ${JSON.stringify(s.from)}`).toBe('fits')
  })
  it('with a foreign motor on a worn slot want an arm', () => {
    for (const s of at('reaction')) expect(come('reaction', { ...s.from, asDelivered: 'no', slotWorn: 'yes' }), s.title).toBe('arm wanted')
  })
  it('are compared by what follows from frame and stacks: a new hub 1.5 mm too wide does not match, and the same one does', () => {
    const index = indexFile(file)
    for (const axle of file.axles as readonly AxleFit[]) {
      const width = index.parts.get(axle.part)!.compare!.find((r) => r.id === 'width')!
      expect(width.value).toBe(axle.opening)
      expect(width.larger).toBeLessThan(1.5)
      const long = index.parts.get(axle.part)!.compare!.find((r) => r.id === 'axle')!
      expect(long.value).toBe(axle.hub + axle.standsOut[0] + axle.standsOut[1])
    }
  })
})

describe('bearings that a job meets', () => {
  /** What is worked out of a bearing at the steps of a machine's jobs, as it comes to with the file's figures. */
  const met = (name: string, limb: 'down' | 'up', part: string) => {
    const file = FILES.find(([n]) => n === name)![1]
    const steps = file.goals.flatMap((g) => {
      const found = planOnce(file, 'untouched', [g.id], { variants: {} })
      return found.ok ? found.value[limb].steps : []
    })
    const sums = steps.flatMap((step) =>
      sumsAt(file, step).flatMap((s) => (s.of.includes(part) && s.working !== 'shaft-stack' ? [{ step, ...s }] : [])),
    )
    const at = sums.find((s) => s.working === 'bearing-size')!.step.id
    return sums
      .filter((s) => s.step.id === at)
      .map((s) => {
        const fields = of(s.working).fields
        const out = workOut(of(s.working), Object.fromEntries(Object.entries(fields).map(([f, x]) => [f, s.from[f] ?? startOf(x)])))
        return [s.working, out.is === 'worked' ? (out.worked.verdict ?? out.worked.name ?? out.worked.why?.[0]) : out.is]
      })
  }
  it('is it this one, before it is drawn; how it is pressed, shimmed and turns, when a new one goes in', () => {
    expect(met('Godwit', 'down', 'left-bearing')).toEqual([
      ['which-bearing', 'this one'],
      ['bearing-size', '6002-2RS'],
      ['bearing-by-size', '6002'],
    ])
    expect(met('Godwit', 'up', 'left-bearing')).toEqual([
      ['bearing-fit', 'press'],
      ['shim', 'cannot tell'],
      ['play', 'in range'],
      ['bearing-size', '6002-2RS'],
      ['bearing-by-size', '6002'],
      ['which-bearing', 'this one'],
    ])
    expect(met('Godwit', 'up', 'drive-bearing').map(([w]) => w)).not.toContain('shim')
    expect(met('Knot', 'up', 'idler-bearing')[0]).toEqual(['bearing-fit', 'press'])
  })
  it('a shaft pushed into one that stays is pressed on its inner ring', () => {
    const file = FILES.find(([n]) => n === 'Whimbrel')![1]
    const step = upSteps(file).find((s) => s.action === 'off:core')!
    const fit = sumsAt(file, step).find((s) => s.working === 'bearing-fit')!
    expect(fit.from).toEqual({ ring: 'inner on its shaft', size: '20', shaft: 'k5' })
    expect(met('Whimbrel', 'up', 'core').find(([w]) => w === 'bearing-fit')).toEqual(['bearing-fit', 'press'])
  })
})

it('a wait for a discharge is told from what its capacitors hold; screws in turn and threads in soft metal stand at their steps', () => {
  const dead = FILES.flatMap(([, file]) =>
    file.goals.flatMap((g) => {
      const found = planOnce(file, 'untouched', [g.id], { variants: {} })
      return found.ok ? found.value.down.steps.filter((s) => s.check === 'dead').map((s) => [file, s] as const) : []
    }),
  )
  expect(dead.length).toBeGreaterThan(10)
  for (const [file, step] of dead) {
    const bleed = sumsAt(file, step).find((s) => s.working === 'bleed')
    if (!file.pack) expect(bleed, file.name).toBeUndefined()
    else {
      const [volts, size] = [
        Number(bleed!.from['from']),
        file.energy.find((e) => e.kind === 'capacitor' && e.releasedBy === 'prove-dead')!.size!.value,
      ]
      expect((Number(bleed!.from['farads']) * 1e-6 * volts ** 2) / 2).toBeCloseTo(size, 2)
    }
  }
  const up = FILES.flatMap(([, file]) => upSteps(file).map((step) => [step, sumsAt(file, step)] as const))
  const turned = up.filter(([, sums]) => sums.some((s) => s.working === 'pattern'))
  expect(turned.length).toBeGreaterThan(5)
  for (const [step, sums] of turned)
    expect(sums.find((s) => s.working === 'pattern')!.from['count'], step.title).toBe(String(step.fixings.length))
  const soft = up.filter(([, sums]) => sums.some((s) => s.working === 'stripping'))
  expect(soft.length).toBeGreaterThan(5)
  for (const [step, sums] of soft) {
    const { engaged, into } = sums.find((s) => s.working === 'stripping')!.from
    const [own] = step.lengths!.filter((l) => l.into !== 'steel')
    expect([into, Number(engaged)], step.title).toEqual([
      own!.into,
      Math.min(own!.length - (own!.washers ?? 0) - own!.stack, own!.depth ?? Infinity),
    ])
  }
})

it('a sum of a step goes by what is there: washers and depth of the hole, the capacitor that the step lets go, three screws or more', () => {
  const dunlin = FILES.find(([n]) => n === 'Dunlin')![1]
  const step = upSteps(dunlin).find((s) => s.torque && s.joint?.thread && s.lengths?.some((l) => l.into !== 'steel'))!
  const soft = step.lengths!.find((l) => l.into !== 'steel')!
  const engaged = (hole: object): string | undefined =>
    sumsAt(dunlin, { ...step, lengths: [{ ...soft, length: 20, stack: 4, ...hole }] }).find((s) => s.working === 'stripping')?.from[
      'engaged'
    ]
  expect([engaged({ depth: 30, washers: 2 }), engaged({ depth: 3, washers: 2 }), engaged({ depth: 30 })]).toEqual(['14', '3', '16'])
  const turned = (n: number): string | undefined =>
    sumsAt(dunlin, { ...step, fixings: Array.from({ length: n }, (_, i) => ({ ...step.fixings[0]!, id: `f${i}` })) }).find(
      (s) => s.working === 'pattern',
    )?.from['count']
  expect([turned(2), turned(3), turned(4)]).toEqual([undefined, '3', '4'])
  const found = planOnce(dunlin, 'untouched', [dunlin.goals[0]!.id], { variants: {} })
  if (!found.ok) throw new Error('no plan')
  const proof = found.value.down.steps.find((s) => s.check === 'dead')!
  const [own] = dunlin.energy.filter((e) => e.kind === 'capacitor' && e.releasedBy === 'prove-dead')
  const first = { ...own!, id: 'another', releasedBy: 'deck-screws', size: { ...own!.size!, value: 500 } }
  const farads = (file: MachineFile): string | undefined => sumsAt(file, proof).find((s) => s.working === 'bleed')?.from['farads']
  expect(farads({ ...dunlin, energy: [first, ...dunlin.energy] })).toBe(farads(dunlin))
})

it('every check that names sums of its own has one of them at its steps, where its file has the figures', () => {
  expect(CHECK_IDS.filter((c) => sumsOf(c).length > 0)).toEqual(['dead', 'reaction path', 'bearings', 'running clearance'])
  expect(sumsOf('bearings')).toEqual(['which-bearing', 'play'])
  expect(sumsOf('no check')).toEqual([])
  for (const [, file] of withAxles)
    for (const step of upSteps(file))
      if (step.check === 'reaction path' || step.check === 'running clearance')
        expect(
          sumsAt(file, step).map((s) => s.working),
          step.title,
        ).toEqual(expect.arrayContaining(step.check === 'reaction path' ? ['reaction'] : [expect.stringMatching(/^(running-gap|belt)$/)]))
})

describe('stacks of a file in words', () => {
  const said = (name: string, end: 'left' | 'right') => {
    const file = FILES.find(([n]) => n === name)![1]
    return upSteps(file).flatMap((step) => sumsAt(file, step).flatMap((s) => (s.working === 'shaft-stack' ? [s.from[end]!] : [])))
  }
  it('say which way a tab points, and what is only pressed on', () => {
    expect(said('Sanderling', 'left')[0]).toBe('nut 8; washer 1.5; tab 2 down; frame 5; washer 1')
    expect(said('Pipit', 'left')[0]).toContain('tab 2 rearward')
    expect(said('Plover', 'right')[0]).toContain('spacer 5 up')
    expect(said('Godwit', 'right')[0]).toBe('bolt 4; crank 18; ring 6; spider 5; bearing 12 free')
  })
  it('stand at the steps of wheels, pinion, pulley and column too', () => {
    expect(said('Redshank', 'left')).toContain('nut 12; washer 2.5; wheel 42')
    expect(said('Redshank', 'right')).toContain('ring 1; gear 14')
    expect(said('Knot', 'right')).toContain('pulley 14')
    expect(said('Curlew', 'left')).toContain('nut 10; wheel 28')
  })
})
