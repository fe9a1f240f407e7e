import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readLine } from './read'
import { crests, type Kind, kindsIn, MEASURES, whichOf } from './which'

const kind = (text: string): Kind => ({ id: text, what: readLine(text)! })
const JOB = [
  'M4×10 button head hex 2.5',
  'M5×12 button head hex 3',
  'M5×16 button head hex 3',
  'M5×12 countersunk T25',
  'M6×16 hexagon 10',
].map(kind)
const fits = (measured: Parameters<typeof whichOf>[0], kinds: readonly Kind[] = JOB): string[] =>
  whichOf(measured, kinds).fits.map((f) => f.id)

describe('the kinds of a job', () => {
  const fixing = (joint: string, label: string, where?: string) => ({ joint, label, ...(where ? { where } : {}) })
  const kinds = kindsIn(
    [
      fixing('lid', 'M4×10', 'A1'),
      fixing('lid', 'M4×10', 'A1'),
      fixing('lid', 'M4×12', 'A2'),
      fixing('tie', 'tie'),
      fixing('axle', 'nut M12×1.25'),
      fixing('odd', 'M4×10'),
    ],
    (joint) => ({ lid: 'countersunk, hexagon socket 2.5', axle: '18 mm hexagon' })[joint] ?? '',
  )
  it('are alike by label and head; what has no thread is none', () => {
    expect(kinds.map((k) => [k.label, k.members, k.where, k.thread])).toEqual([
      ['M4×10, countersunk, hexagon socket 2.5', 2, ['A1'], 'M4'],
      ['M4×12, countersunk, hexagon socket 2.5', 1, ['A2'], 'M4'],
      ['nut M12×1.25, 18 mm hexagon', 1, [], 'M12×1.25'],
      ['M4×10', 1, [], 'M4'],
    ])
    expect(kinds[0]!.what).toMatchObject({ length: { value: 10 }, head: 'countersunk', recess: { form: 'hex', size: 2.5 } })
    expect(fits({ length: 10 }, kinds)).toEqual([kinds[0]!.id, 'M4×10'])
    expect(fits({ flats: 18 }, kinds)).toEqual([kinds[2]!.id, 'M4×10'])
  })
})

describe('which of these is it', () => {
  it('knows nothing, and says what to look at first', () => {
    expect(fits({})).toHaveLength(JOB.length)
    // Five kinds: lengths part them 10, 12, 12, 16, 16; heads three to one to one.
    expect(whichOf({}, JOB).next).toBe('length')
  })

  it('rules out by each measure, and names it', () => {
    expect(fits({ length: 12.3 })).toEqual([JOB[1]!.id, JOB[3]!.id])
    expect(whichOf({ length: 12.3 }, JOB).next).toBe('head')
    expect(fits({ length: 12.3, head: 'button' })).toEqual([JOB[1]!.id])
    expect(fits({ over: 4.85 })).toEqual([JOB[1]!.id, JOB[2]!.id, JOB[3]!.id])
    expect(fits({ recess: 'six-lobe' })).toEqual([JOB[3]!.id])
    expect(fits({ flats: 10 })).toEqual([JOB[4]!.id])
    expect(whichOf({ over: 4.85, head: 'button' }, JOB).not).toContainEqual({ id: JOB[4]!.id, by: 'over' })
  })

  it('does not rule out by what is not known of a kind, and says so', () => {
    const bare = kind('M5×12')
    const { fits: left } = whichOf({ head: 'pan', recess: 'PH', length: 12, over: 4.9 }, [bare])
    expect(left).toEqual([{ id: 'M5×12', unknown: ['head', 'recess'] }])
  })

  it('cannot tell M5 from #10-32 by a caliper, nor by a nut; it can tell M6 from 1/4-20', () => {
    const [m5, ten, m6, quarter] = [kind('M5×12'), kind('#10-32 × 1/2"'), kind('M6×12'), kind('1/4-20 × 1/2"')] as const
    const near = whichOf({ over: 4.82, mate: { thread: m5.what.thread!, runs: true } }, [m5, ten])
    expect(near.fits.map((f) => f.id)).toEqual([m5.id, ten.id])
    expect(near.fits[1]!.unknown).toEqual(['mate'])
    expect(fits({ over: 6.3 }, [m6, quarter])).toEqual([quarter.id])
    expect(fits({ mate: { thread: m6.what.thread!, runs: true } }, [m6, quarter])).toEqual([m6.id])
    // Coarse and fine of one diameter are parted by a nut alone.
    const [coarse, fine] = [kind('M12'), kind('M12×1.25')] as const
    expect(whichOf({ over: 11.8 }, [coarse, fine])).toMatchObject({ next: 'mate' })
    expect(fits({ mate: { thread: fine.what.thread!, runs: false } }, [coarse, fine])).toEqual([coarse.id])
  })

  it('has the crests of the standard: M5 6g is 4.826 to 4.976 mm new (ISO 965-2)', () => {
    const [low, high] = crests({ system: 'metric', d: 5 })!
    expect(low + 0.1).toBeCloseTo(4.826, 3)
    expect(high).toBeCloseTo(4.976, 3)
    expect(crests({ system: 'metric', d: 12, pitch: 1.25 })![1]).toBeCloseTo(11.972, 3)
  })

  it('never rules out the one that it is, measured true; and every next measure parts something', () => {
    const all = [
      'M3×8 pan head PH1',
      'M3×10 pan head PH1',
      'M4×10 hex 3',
      'M4',
      'M5×12 T25',
      'M5×12 hex 4',
      'M6×20 hexagon 10',
      '1/4-20 × 3/4"',
      'ST4.2×13 PZ2',
      'M8×1×20',
    ].map(kind)
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...all), { minLength: 2 }),
        fc.nat(),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (kinds, n, x) => {
          const real = kinds[n % kinds.length]!
          const { thread, length, head, recess } = real.what
          const range = thread && crests(thread)
          const truth = {
            ...(range ? { over: range[0] + x * (range[1] - range[0]) } : {}),
            ...(length ? { length: length.unit === 'mm' ? length.value : length.value * 25.4 } : {}),
            ...(head ? { head } : {}),
            ...(recess ? { recess: recess.form } : {}),
            ...(thread ? { mate: { thread, runs: true } } : {}),
          }
          const found = whichOf(truth, kinds)
          expect(found.fits.map((f) => f.id)).toContain(real.id)
          expect(found.fits.length + found.not.length).toBe(kinds.length)
          const { next } = whichOf({}, kinds)
          expect(next === null || MEASURES.includes(next)).toBe(true)
          if (next !== null) expect(new Set(kinds.map((k) => JSON.stringify(k.what))).size).toBeGreaterThan(1)
        },
      ),
      { numRuns: 400 },
    )
  })
})
