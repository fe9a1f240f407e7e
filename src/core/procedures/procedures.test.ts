import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hallCode, hubDirectDrive } from '../drive'
import { electricalTurns, hallFinding, halved, kvFromSpin, rollOut, speedOff } from './formulas'
import { PROCEDURES, type Finding, type Values } from './index'

const of = (id: string, values: Values, codes: readonly number[] = [], said: Readonly<Record<string, string>> = {}): readonly Finding[] => {
  const p = PROCEDURES.find((x) => x.id === id)
  if (!p) throw new Error(id)
  return p.work(values, codes, said) ?? []
}
const mark = (id: string, values: Values): Finding['mark'] => of(id, values)[0]?.mark

describe('formulas against closed forms', () => {
  it('a spin: 10 turns a minute for each volt of the peak', () => {
    expect(kvFromSpin(10 / Math.SQRT2, 100)).toBeCloseTo(10, 9)
  })
  it('counting, rolling out, and what a display shows', () => {
    expect(electricalTurns(90)).toBe(15)
    expect(rollOut(21.5, 10)).toBeCloseTo(2.15, 12)
    expect(speedOff(2.2, 2.0)).toBeCloseTo(10, 9)
  })
})

describe('codes of three Halls', () => {
  const turn = (spacing: 60 | 120, stuck: readonly [0 | 1 | null, 0 | 1 | null, 0 | 1 | null], back = false): number[] => {
    const halls = { ...hubDirectDrive({ volts: 36, kv: 10, polePairs: 15, ratio: 1, lineOhms: 0.2, spacing }).halls, spacing, stuck }
    const codes = Array.from({ length: 180 }, (_, i) => hallCode(halls, (i + 0.5) / 120))
    return back ? codes.reverse() : codes
  }
  it('are told from the model’s own, either spacing, either way, any one stuck', () => {
    for (const spacing of [60, 120] as const) {
      const sound = hallFinding(turn(spacing, [null, null, null]))
      expect(sound).toMatchObject({ spacing, stuck: [], jumps: 0 })
      const back = hallFinding(turn(spacing, [null, null, null], true))
      expect(new Set([sound.way, back.way])).toEqual(new Set(['forward', 'backward']))
      for (const sensor of [0, 1, 2] as const)
        for (const at of [0, 1] as const) {
          const stuck = [null, null, null].map((_, i) => (i === sensor ? at : null)) as [null, null, null]
          expect(hallFinding(turn(spacing, stuck))).toMatchObject({ spacing: null, stuck: [{ sensor, at }], way: null })
        }
    }
  })
  it('say nothing too early, and mark a jump', () => {
    expect(hallFinding([5, 4])).toMatchObject({ spacing: null, stuck: [], way: null, jumps: 0 })
    expect(hallFinding([5, 4, 6, 1]).jumps).toBe(1)
    expect(hallFinding([5, 5, 4, 4, 6]).jumps).toBe(0)
  })
})

describe('a bad joint by halves', () => {
  it('is found wherever it is, in as many readings as it takes to halve them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 16 }), fc.integer({ min: 1, max: 16 }), (joints, place) => {
        const bad = Math.min(place, joints)
        const drop = (from: number, to: number): number =>
          Array.from({ length: to - from + 1 }, (_, i) => (from + i === bad ? 180 : 4)).reduce((a, b) => a + b, 0)
        let left = { from: 1, to: joints }
        let readings = 0
        while (left.from < left.to && readings < 10) {
          left = halved(left, drop(left.from, left.to), drop(left.from, Math.floor((left.from + left.to) / 2)))
          readings++
        }
        expect(left).toEqual({ from: bad, to: bad })
        expect(readings).toBeLessThanOrEqual(Math.ceil(Math.log2(joints)))
      }),
    )
  })
})

describe('guided measurements', () => {
  it('have ids of their own, steps, and say nothing before all is keyed in', () => {
    expect(new Set(PROCEDURES.map((p) => p.id)).size).toBe(PROCEDURES.length)
    for (const p of PROCEDURES) {
      expect(p.steps.length).toBeGreaterThan(1)
      expect(p.work({}, [], {})).toBeNull()
      for (const f of p.fields) expect(f.range[0]).toBeLessThan(f.range[1])
    }
  })
  it('judge by their limits', () => {
    expect(mark('winding-temperature', { cold: 100, room: 20, warm: 120 })).toBe('ok')
    expect(mark('winding-temperature', { cold: 100, room: 20, warm: 138 })).toBe('look')
    expect(mark('winding-temperature', { cold: 100, room: 20, warm: 150 })).toBe('stop')
    expect(mark('insulation', { early: 100, late: 320 })).toBe('ok')
    expect(mark('insulation', { early: 20, late: 60 })).toBe('look')
    expect(mark('insulation', { early: 1, late: 2 })).toBe('stop')
    expect(of('insulation', { early: 50, late: 52 }).some((f) => f.text.startsWith('It hardly climbs'))).toBe(true)
    expect(of('insulation', { early: 0, late: 0 })[0]?.mark).toBe('stop')
    expect(of('roll-out', { metres: 21.5, turns: 10, set: 2150 }).map((f) => [f.value, f.mark])).toEqual([
      [2150, 'ok'],
      [expect.closeTo(0, 9), 'ok'],
    ])
    expect(of('roll-out', { metres: 20, turns: 10, set: 2100 })[1]).toMatchObject({ value: expect.closeTo(5, 9), mark: 'look' })
    expect(of('roll-out', { metres: 20, turns: 10, set: 0 })).toHaveLength(1)
    expect(of('pole-pairs', { wheel: 90, rotor: 0 })[0]).toMatchObject({ value: 15, mark: 'ok' })
    expect(of('pole-pairs', { wheel: 240, rotor: 48 }).map((f) => f.value)).toEqual([8, 5])
    expect(of('pole-pairs', { wheel: 91, rotor: 0 })[0]?.mark).toBe('look')
    expect(of('kv', { volts: 10, rpm: 141.42 })[0]?.value).toBeCloseTo(10, 2)
    expect(of('hall-codes', {}, [5, 4, 6, 2, 3, 1, 5]).map((f) => f.text)).toEqual(['All six of 120°.', 'They come in their order.'])
    expect(of('hall-codes', {}, [4, 6, 2, 0, 4])[0]?.mark).toBe('stop')
  })

  it('a good side lent: what moves with it is it, and nothing is joined to a phase on a Hall wire', () => {
    const lent = (before: string, after: string, between = 50): Finding | undefined =>
      of('good-side', { between }, [], { before, after })[0]
    expect(lent('left', 'right', 0.4)).toMatchObject({ mark: 'stop', text: expect.stringContaining('touches a Hall wire') })
    for (const side of ['left', 'right']) {
      expect(lent(side, side)!.text).toContain('stayed with the motor')
      expect(lent(side, side === 'left' ? 'right' : 'left')!.text).toContain('stayed with the controller')
    }
    expect(lent('left', 'both')!.mark).toBe('look')
    expect(lent('left', 'none')!.text).toContain('plugs')
    expect(of('good-side', { between: 50 })[0]!.mark).toBe('ok')
  })
  it('wiggled: by how much it moved, against what it did by itself', () => {
    const swing = (least: number, most: number): Finding | undefined => of('wiggle', { still: 5, least, most })[0]
    expect(swing(4.98, 5.02)).toMatchObject({ value: expect.closeTo(0.8, 9), mark: 'ok' })
    expect(swing(4.8, 5)!.mark).toBe('look')
    expect(swing(0, 5)!.mark).toBe('stop')
    expect(swing(5, 4)).toMatchObject({ mark: 'look', text: expect.stringContaining('change them over') })
  })
  it('dragged by a scale: N·m at the axle, and a ratio that alone it does not have', () => {
    const dragged = of('drag', { force: 20, radius: 125, good: 8 })
    expect(dragged[0]).toMatchObject({ value: 2.5, unit: 'Nm' })
    expect(dragged[1]).toMatchObject({ value: 2.5, mark: 'stop' })
    expect(of('drag', { force: 10, radius: 125, good: 8 })[1]!.mark).toBe('ok')
    expect(of('drag', { force: 12, radius: 125, good: 8 })[1]!.mark).toBe('look')
    expect(of('drag', { force: 20, radius: 125, good: 0 })[1]!.value).toBeUndefined()
  })
  it('will not charge: the first that is wrong, charger, port, pack, groups', () => {
    const says = (values: Values, polarity = 'right'): string =>
      of('charging', values, [], { polarity })
        .map((f) => f.text)
        .join(' ')
    const charger = { open: 42, label: 42 }
    const none = { ...charger, pack: 36, amps: 0, rated: 2 }
    expect(says(charger, 'turned')).toContain('Polarity turned round')
    expect(says({ open: 3, label: 42 })).toContain('gives nothing')
    expect(says({ open: 40, label: 42 })).toContain('off its label')
    expect(says(charger)).toBe('The charger is right.')
    expect(says(none)).toContain('read behind the port')
    expect(says({ ...none, behind: 36.1 })).toContain('do not get past the port')
    expect(says({ ...none, behind: 41.9 })).toContain('the pack refuses')
    expect(says({ ...none, pack: 2, behind: 41.9 })).toContain('asleep')
    const takes = { ...charger, pack: 36, rated: 2, behind: 41 }
    expect(says({ ...takes, amps: 1.95 })).toContain('charges as its label says')
    expect(says({ ...takes, amps: 0.7 })).toContain('less than it should')
    expect(says({ ...takes, pack: 41.5, amps: 0.3 })).toContain('few amps are right')
    expect([20, 60, 300].map((spread) => of('charging', { ...takes, amps: 1.9, spread }).at(-1)!.mark)).toEqual(['ok', 'look', 'stop'])
    expect(of('charging', { ...takes, amps: 1.9, spread: 0 })).toHaveLength(2)
  })
})
