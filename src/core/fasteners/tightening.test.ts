import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  assemblyPreload,
  CLASSES,
  bandOf,
  byFeel,
  estimateTorque,
  mayEstimate,
  metricThread,
  preloadOf,
  readThread,
  standardHead,
  tighteningTorque,
  unifiedStressArea,
} from './index'

describe('threads', () => {
  // ISO 898-1, table of stress areas; M12×1.25 from its fine-thread table.
  it.each([
    ['M4', 8.78],
    ['M5', 14.2],
    ['M6', 20.1],
    ['M8', 36.6],
    ['M10', 58.0],
    ['M12', 84.3],
    ['M12×1.25', 92.1],
    ['M10x1.25', 61.2],
    ['M16', 157],
  ])('%s has a stress area of %d mm²', (name, area) => {
    expect(Math.abs(readThread(name)!.stressArea / area - 1)).toBeLessThan(0.005)
  })
  it('knows 1/4-20 by ASME B1.1: 0.0318 in²', () => expect(unifiedStressArea(0.25, 20) / 645.16).toBeCloseTo(0.0318, 4))
  it.each(['M6.5', 'M', 'M6×0', 'M6×9', '6 mm', ''])('does not read “%s”', (text) => expect(readThread(text)).toBeNull())
})

/** Printed assembly preload (kN) and torque (N·m) at ν = 0.9 for hexagon heads, VDI 2230-1, tables A1: μG = μK as named. */
const PRINTED: readonly (readonly [d: number, cls: '8.8' | '10.9' | '12.9', mu: number, kn: string, nm: string])[] = [
  [4, '8.8', 0.08, '4.6', '2.3'],
  [4, '8.8', 0.12, '4.4', '3.0'],
  [4, '8.8', 0.2, '3.9', '4.1'],
  [4, '10.9', 0.08, '6.8', '3.3'],
  [4, '12.9', 0.08, '8.0', '3.9'],
  [5, '8.8', 0.08, '7.6', '4.4'],
  [5, '8.8', 0.1, '7.4', '5.2'],
  [5, '8.8', 0.14, '7.0', '6.5'],
  [5, '10.9', 0.12, '10.6', '8.6'],
  [5, '12.9', 0.1, '12.7', '8.9'],
  [6, '8.8', 0.08, '10.7', '7.7'],
  [6, '8.8', 0.12, '10.2', '10.1'],
  [6, '8.8', 0.14, '9.9', '11.3'],
  [6, '10.9', 0.12, '14.9', '14.9'],
  [6, '12.9', 0.12, '17.5', '17.4'],
  [8, '8.8', 0.08, '19.5', '18.5'],
  [8, '8.8', 0.12, '18.6', '24.6'],
  [8, '8.8', 0.2, '16.6', '34.3'],
  [8, '10.9', 0.12, '27.3', '36.1'],
  [8, '12.9', 0.12, '32.0', '42.2'],
  [10, '8.8', 0.08, '31.0', '36'],
  [10, '8.8', 0.12, '29.6', '48'],
  [10, '8.8', 0.2, '26.3', '68'],
  [10, '10.9', 0.12, '43.4', '71'],
  [10, '12.9', 0.12, '50.8', '83'],
  [12, '8.8', 0.08, '45.2', '63'],
  [12, '8.8', 0.12, '43.0', '84'],
  [12, '8.8', 0.16, '40.7', '102'],
  [12, '10.9', 0.12, '63.2', '123'],
  [12, '12.9', 0.12, '74.0', '144'],
  [14, '8.8', 0.08, '62.0', '100'],
  [14, '8.8', 0.12, '59.1', '133'],
  [14, '10.9', 0.12, '86.7', '195'],
  [14, '12.9', 0.12, '101.5', '229'],
  [16, '8.8', 0.08, '84.7', '153'],
  [16, '8.8', 0.12, '80.9', '206'],
  [16, '8.8', 0.2, '72.2', '291'],
  [16, '10.9', 0.12, '118.8', '302'],
  [16, '12.9', 0.12, '139.0', '354'],
]
const PITCH: Record<number, number> = { 4: 0.7, 5: 0.8, 6: 1, 8: 1.25, 10: 1.5, 12: 1.75, 14: 2, 16: 2 }

/** Within 1 % or half of the last digit that was printed. */
function agrees(value: number, printed: string): boolean {
  const decimals = printed.split('.')[1]?.length ?? 0
  return Math.abs(value - Number(printed)) <= Math.max(0.01 * Number(printed), 0.5 * 10 ** -decimals)
}

describe('proof loads of ISO 898-1, N, as printed in its tables 5 and 6', () => {
  it.each([
    ['M4', '8.8', 5100],
    ['M5', '8.8', 8230],
    ['M6', '8.8', 11_600],
    ['M8', '8.8', 21_200],
    ['M10', '8.8', 33_700],
    ['M14', '8.8', 66_700],
    ['M16', '8.8', 91_000],
    ['M4', '10.9', 7290],
    ['M6', '10.9', 16_700],
    ['M8', '10.9', 30_400],
    ['M10', '10.9', 48_100],
    ['M12', '10.9', 70_000],
    ['M16', '10.9', 130_000],
    ['M5', '12.9', 13_800],
    ['M8', '12.9', 35_500],
    ['M12', '12.9', 81_800],
    ['M16', '12.9', 152_000],
    ['M8', '4.6', 8240],
    ['M8×1', '8.8', 22_700],
    ['M12×1.25', '8.8', 53_400],
  ] as const)('%s of class %s: %d', (size, strength, load) =>
    expect(Math.abs((readThread(size)!.stressArea * CLASSES[strength].proof) / load - 1)).toBeLessThan(0.01),
  )
})

describe('preload and torque of VDI 2230', () => {
  it.each(PRINTED)('M%d, class %s, μ %d: %s kN and %s N·m', (d, cls, mu, kn, nm) => {
    const thread = metricThread(d, PITCH[d]!)
    const preload = assemblyPreload(thread, CLASSES[cls].yield, mu)
    const torque = tighteningTorque(thread, preload, standardHead(d, 'hexagon')!, mu)
    expect(agrees(preload / 1000, kn), `preload ${preload / 1000}`).toBe(true)
    expect(agrees(torque, nm), `torque ${torque}`).toBe(true)
  })

  it('comes back from torque to the preload it was made from, and falls with friction', () => {
    const size = fc.constantFrom(4, 5, 6, 8, 10, 12)
    const mu = fc.double({ min: 0.05, max: 0.35, noNaN: true })
    fc.assert(
      fc.property(size, mu, fc.double({ min: 100, max: 50_000, noNaN: true }), (d, m, preload) => {
        const thread = metricThread(d, PITCH[d]!)
        const head = standardHead(d, 'hexagon')!
        expect(preloadOf(thread, tighteningTorque(thread, preload, head, m), head, m)).toBeCloseTo(preload, 6)
        expect(assemblyPreload(thread, 640, m)).toBeGreaterThan(assemblyPreload(thread, 640, m + 0.01))
      }),
      { seed: 2230 },
    )
  })

  it('gives a countersunk head more torque for the same pull, and less pull for the same torque', () => {
    const m6 = metricThread(6, 1)
    const sunk = standardHead(6, 'countersunk')!
    expect(tighteningTorque(m6, 5000, sunk, 0.12)).toBeGreaterThan(tighteningTorque(m6, 5000, { ...sunk, countersunk: false }, 0.12))
    expect(bandOf(m6, 8, sunk).preload.low).toBeLessThan(bandOf(m6, 8, sunk).preload.high)
  })

  it('estimates a torque that overloads no screw of the friction band', () => {
    for (const d of [4, 5, 6, 8, 10, 12]) {
      for (const kind of ['cap', 'countersunk', 'button'] as const) {
        const thread = metricThread(d, PITCH[d]!)
        const { preload } = estimateTorque(thread, '8.8', standardHead(d, kind)!)
        expect(preload.high * 1000, `M${d} ${kind}`).toBeLessThan(assemblyPreload(thread, 640, 0.08, 1))
      }
    }
  })

  it('never estimates where a wrong number hurts', () => {
    expect(['axle', 'steering', 'brake', 'pack terminal'].map(mayEstimate)).toEqual([false, false, false, false])
    expect(mayEstimate(undefined)).toBe(true)
  })

  it('refuses what is no screw', () => {
    expect(() => assemblyPreload(metricThread(6, 1), 640, 2)).toThrow(/friction must be 0.04 to 0.5, got 2/)
    expect(() => metricThread(0, 1)).toThrow(/got 0/)
    expect(() => estimateTorque(metricThread(6, 1), '9.9', standardHead(6, 'cap')!)).toThrow(/9\.9/)
    expect(standardHead(7, 'cap')).toBeNull()
  })

  it('calls a pull by hand a band, not a number', () => expect(byFeel(150, 250)).toEqual({ low: 28.125, likely: 37.5, high: 46.875 }))
})
