import { describe, expect, it } from 'vitest'
import { assemblyPreload, readThread, standardHead, tighteningTorque, CLASSES, type PropertyClass } from './index'
import { FULL_TORQUE, usualTorques } from './usual'

describe('the card of usual torques', () => {
  it('has what VDI 2230 gives for each thread and class, to two figures', () => {
    for (const [size, classes] of Object.entries(FULL_TORQUE)) {
      const thread = readThread(size)!
      const head = standardHead(thread.d, 'cap')!
      expect(Object.keys(classes).sort()).toEqual(['10.9', '12.9', '8.8', 'A2-70'])
      for (const [strength, torque] of Object.entries(classes))
        expect(
          Number(
            tighteningTorque(thread, assemblyPreload(thread, CLASSES[strength as PropertyClass].yield, 0.12), head, 0.12).toPrecision(2),
          ),
          `${size} ${strength}`,
        ).toBe(torque)
    }
  })
  it('gives a band into steel, less into aluminium, and less again into plastic; a cover takes half', () => {
    const [steel, aluminium, plastic] = usualTorques('M5', '8.8', 'working', undefined)
    expect(steel).toEqual({ into: 'steel', strength: '8.8', low: 4.3, high: 6.1, source: 'VDI 2230-1:2015' })
    expect(aluminium!.high).toBeLessThan(steel!.high)
    expect(plastic!.high).toBeLessThan(aluminium!.high)
    expect(usualTorques('M5', '8.8', 'cover', undefined)[0]!.high).toBeCloseTo(3.05, 1)
    expect(usualTorques('M5×0.8', undefined, 'working', undefined).map((u) => u.strength)).toEqual(['8.8', 'A2-70', undefined, undefined])
  })
  it('has a band of their own for axle, steering and brake, none for pack terminals, and none that it does not know', () => {
    expect(usualTorques('M12×1.25', undefined, 'working', 'axle')).toEqual([{ low: 35, high: 50, source: 'estimated' }])
    expect(usualTorques('M5', undefined, 'working', 'brake')[0]).toMatchObject({ low: 4, high: 6 })
    expect(usualTorques('M6', '8.8', 'working', 'pack terminal')).toEqual([])
    expect(usualTorques('M7', '8.8', 'working', undefined)).toEqual([])
    expect(usualTorques(undefined, '8.8', 'working', undefined)).toEqual([])
  })
})
