import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asItsTwin, changeOf, type Drag, type DragFelt, dragRatio, type Trial, TRIAL_PIECES, trialPieces, weighTrials } from './trials'

const n = (value: number): Drag => ({ by: 'newtons', value })
const s = (value: number): Drag => ({ by: 'seconds', value })
const felt = (f: DragFelt): Drag => ({ by: 'felt', felt: f })
const out = (piece: Trial['piece'], was: Drag, now: Drag, more: Partial<Trial> = {}): Trial => ({
  piece,
  did: 'took out',
  was,
  now,
  ...more,
})

describe('taking one thing out', () => {
  it('compares newtons straight and seconds the other way round', () => {
    expect(dragRatio(n(6), n(3))).toBe(2)
    expect(dragRatio(s(2), s(8))).toBe(4)
    expect(dragRatio({ by: 'turns', value: 2 }, { by: 'turns', value: 5 })).toBe(2.5)
    expect(dragRatio(n(6), s(3))).toBeNull()
    expect(dragRatio(felt('heavy'), n(3))).toBeNull()
  })

  it('never calls gone in one way of telling what it calls more in the other', () => {
    const figure = fc.double({ min: 0.1, max: 100, noNaN: true })
    fc.assert(
      fc.property(figure, figure, (a, b) => {
        const [straight, inverse] = [changeOf({ was: n(a), now: n(b) }), changeOf({ was: s(1 / a), now: s(1 / b) })]
        expect(inverse).toBe(straight)
        if (straight === 'gone') expect(changeOf({ was: n(b), now: n(a) })).toBe('more')
      }),
    )
  })

  it('holds its limits: half is gone, a fifth is nothing', () => {
    expect(changeOf({ was: n(10), now: n(5) })).toBe('gone')
    expect(changeOf({ was: n(10), now: n(5.1) })).toBe('less')
    expect(changeOf({ was: n(10), now: n(7.9) })).toBe('less')
    expect(changeOf({ was: n(10), now: n(8) })).toBe('same')
    expect(changeOf({ was: n(10), now: n(12.5) })).toBe('same')
    expect(changeOf({ was: n(10), now: n(12.6) })).toBe('more')
    expect(changeOf({ was: n(10), now: s(3) })).toBe('not comparable')
  })

  it('by hand tells only steps: two, or down to free, is gone', () => {
    expect(changeOf({ was: felt('stuck'), now: felt('light') })).toBe('gone')
    expect(changeOf({ was: felt('light'), now: felt('free') })).toBe('gone')
    expect(changeOf({ was: felt('stuck'), now: felt('heavy') })).toBe('less')
    expect(changeOf({ was: felt('heavy'), now: felt('heavy') })).toBe('same')
    expect(changeOf({ was: felt('free'), now: felt('light') })).toBe('more')
  })

  it('clears what changed nothing and goes on to the quickest that is left', () => {
    const pieces = trialPieces(['hub direct'], 'scooter')
    const after = weighTrials([out('near it', n(9), n(9)), out('brake', n(9), n(8.5))], pieces)
    expect(after.tried.map((t) => t.verdict)).toEqual(['cleared', 'cleared'])
    expect(after.next).toEqual({ do: 'take out', piece: 'phases' })
    expect(after.left).not.toContain('brake')
  })

  it('wants what it found put back: the drag has to come with it', () => {
    const pieces = trialPieces(['hub direct'], 'scooter')
    const found = out('brake', n(9), n(2))
    expect(weighTrials([found], pieces).next).toEqual({ do: 'put back', piece: 'brake' })
    const back = { piece: 'brake', did: 'put back', was: n(2), now: n(9) } as const
    expect(weighTrials([found, back], pieces).tried[0]).toMatchObject({ verdict: 'culprit', proved: true })
    expect(weighTrials([found, back], pieces).next).toBeNull()
    // It did not come back: something else moved meanwhile.
    expect(weighTrials([found, { ...back, now: n(2.1) }], pieces).tried[0]!.proved).toBe(false)
    // A proof of before it was taken out again proves nothing.
    expect(weighTrials([found, back, out('brake', n(9), n(2))], pieces).tried[0]!.proved).toBe(false)
  })

  it('goes on where more is left than on a sound one', () => {
    const pieces = trialPieces(['hub direct'], 'scooter')
    const found = out('brake', n(12), n(5), { twin: n(2) })
    const back = { piece: 'brake', did: 'put back', was: n(5), now: n(12) } as const
    expect(asItsTwin(found)).toBe(false)
    expect(weighTrials([found, back], pieces).next).toEqual({ do: 'take out', piece: 'near it' })
    expect(weighTrials([{ ...found, twin: n(4.5) }, back], pieces).next).toBeNull()
  })

  it('offers a chain only on a bicycle and a coupling only where there is one; with no file all that its class has', () => {
    expect(trialPieces(['hub direct'], 'scooter')).toEqual(['near it', 'brake', 'phases', 'axle nuts', 'wheel', 'other'])
    expect(trialPieces(['actuator', 'gearbox brushed'], 'indoor machine')).toEqual(['near it', 'belt', 'park brake', 'coupling', 'other'])
    expect(trialPieces(['mid-drive'], 'e-bike')).toContain('chain')
    expect(new Set(trialPieces([]))).toEqual(new Set(TRIAL_PIECES))
  })
})
