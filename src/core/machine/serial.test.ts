import { expect, it } from 'vitest'
import { nearSerials } from './index'

it.each([
  ['PV-04117', 'PV 04131', true],
  ['pv04117', 'PV-04167', true],
  ['PV-04117', 'PV-04168', false],
  ['PV-04117', 'PX-04117', false],
  ['PV-4117', 'PV-04117', false],
  ['Rental 14', 'Rental 15', false],
  ['the blue one', 'the blue one', false],
  ['', '', false],
  ['1040', '1041', true],
] as const)('%s and %s of one batch: %s', (a, b, near) => {
  expect(nearSerials(a, b)).toBe(near)
  expect(nearSerials(b, a)).toBe(near)
})
