import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { inLines } from './lines'

describe('a label in lines', () => {
  it.each([
    ['castle nut M12×1.25', 16, ['castle nut', 'M12×1.25']],
    ['washer 13 × 24 × 2.5', 16, ['washer', '13 × 24 × 2.5']],
    ['split pin 3.2 × 32', 18, ['split pin 3.2 × 32']],
    ['split pin 3.2 × 32', 17, ['split pin', '3.2 × 32']],
    ['through the nut', 7, ['through', 'the nut']],
    ['extraordinarily', 5, ['extraordinarily']],
    ['', 5, ['']],
  ])('%s, %d to a line', (text, most, lines) => {
    expect(inLines(text, most)).toEqual(lines)
  })
  it('of the demo machines fits a third of the board, and loses nothing', () => {
    const labels = demoMachines().flatMap((f) => f.joints.flatMap((j) => [j.label, ...j.members.map((m) => m.place)]))
    for (const label of labels) {
      expect(inLines(label, 16).join(' ')).toBe(label)
      for (const line of inLines(label, 16)) expect(line.length).toBeLessThanOrEqual(16)
    }
  })
})
