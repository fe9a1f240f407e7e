import { describe, expect, it } from 'vitest'
import { judgeFigure } from './index'

describe('what is left of a brake, and how far it runs out', () => {
  it.each([
    ['lining', 0.99, undefined, 'bad'],
    ['lining', 1, undefined, 'look'],
    ['lining', 1.49, undefined, 'look'],
    ['lining', 1.5, undefined, 'good'],
    ['disc', 1.49, undefined, 'bad'],
    ['disc', 1.7, 1.8, 'bad'],
    ['disc', 1.8, 1.8, 'look'],
    ['disc', 2.0, 1.8, 'good'],
    ['runout', 0.31, undefined, 'bad'],
    ['runout', 0.3, undefined, 'look'],
    ['runout', 0.2, undefined, 'good'],
    ['play', 0.51, undefined, 'bad'],
    ['play', 0.2, undefined, 'good'],
    ['lever', 60, undefined, 'noted'],
  ] as const)('%s of %s mm, stamped %s: %s', (of, mm, stamped, verdict) => {
    expect(judgeFigure(of, mm, stamped)).toMatchObject({ verdict, stamped: stamped !== undefined })
  })
})
