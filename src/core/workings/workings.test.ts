import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  GROUPS,
  type Keyed,
  MEANS,
  type Outcome,
  startOf,
  VERDICTS,
  WORKING_IDS,
  type WorkingId,
  workOut,
  type Working,
  workingOf,
} from './index'
import { NOTE_WORDS, WORKING_WORDS, VERDICT_WORDS } from '../../words/en/workings'

const of = (id: WorkingId): Working => workingOf(id)
const starts = (id: WorkingId): Keyed => Object.fromEntries(Object.entries(of(id).fields).map(([f, field]) => [f, startOf(field)]))
const work = (id: WorkingId, more: Keyed = {}): Outcome => workOut(of(id), { ...starts(id), ...more })
function worked(id: WorkingId, more: Keyed = {}) {
  const outcome = work(id, more)
  if (outcome.is !== 'worked') throw new Error(JSON.stringify(outcome))
  return outcome.worked
}
const figure = (id: WorkingId, name: string, more: Keyed = {}): number => {
  const w = worked(id, more)
  return [...(w.result ? [w.result] : []), ...(w.also ?? [])].find((f) => f.id === name)!.value
}

describe('workings', () => {
  it.each(WORKING_IDS)('%s begins with figures that come to something, in a group, with formula, source and words for all of it', (id) => {
    const w = worked(id)
    expect(w.result ?? w.verdict ?? w.name).toBeDefined()
    expect(GROUPS).toContain(of(id).group)
    expect(of(id).formula.length * of(id).source.length).toBeGreaterThan(20)
    for (const f of [...(w.result ? [w.result] : []), ...(w.also ?? [])])
      if (id !== 'units') expect(WORKING_WORDS[id].figures, `${id} ${f.id}`).toHaveProperty(f.id)
  })

  it('every verdict means something to the hand, and is said', () => {
    for (const v of VERDICTS) expect([MEANS[v], VERDICT_WORDS[v].length > 3]).toEqual([expect.stringMatching(/^(ok|look|stop)$/), true])
    expect(Object.values(NOTE_WORDS).every((n) => n.length > 8)).toBe(true)
  })

  it('whatever is keyed in, it comes to something or says field by field what is wrong; it never throws and never comes to no number', () => {
    const text = fc.oneof(
      fc.constantFrom('', '-3', '0', '1e9', '12', '0.5 in', '3,2', 'M5', 'M5.5', '6001', '1 2 3', 'abc', '½', '\u0000', 'NaN', 'Infinity'),
      fc.string({ maxLength: 8 }),
      fc.double({ min: -1e4, max: 1e4, noNaN: true }).map(String),
    )
    fc.assert(
      fc.property(fc.constantFrom(...WORKING_IDS), fc.array(text, { minLength: 16, maxLength: 16 }), fc.nat(), (id, texts, which) => {
        const fields = Object.keys(of(id).fields)
        // One to all of its fields hold something odd, the rest their starts.
        const keyed = Object.fromEntries(fields.flatMap((f, i) => ((which >> i) & 1 ? [[f, texts[i]!]] : [])))
        const outcome = work(id, keyed)
        if (outcome.is === 'faults') {
          expect(outcome.faults.length).toBeGreaterThan(0)
          return
        }
        if (outcome.is === 'senseless') return
        for (const f of [...(outcome.worked.result ? [outcome.worked.result] : []), ...(outcome.worked.also ?? [])]) {
          expect(Number.isFinite(f.value), `${id} ${f.id} ${JSON.stringify(keyed)}`).toBe(true)
          if (f.u !== undefined) expect(f.u).toBeGreaterThanOrEqual(0)
        }
      }),
      { seed: 118, numRuns: 4000 },
    )
  })

  it('an inch keyed in is converted, and kept in the field’s unit', () => {
    const outcome = work('length-in-hole', { length: '0.5 in', depth: '14' })
    expect(outcome.is === 'worked' && outcome.asked.find((a) => a.id === 'length')).toMatchObject({ value: 12.7, u: 0.1 })
  })

  it('a thread that is not made is named with the nearest, a bearing too, and an empty field asks to be keyed in', () => {
    expect(work('length-in-hole', { thread: 'M5.5' })).toMatchObject({ faults: [{ field: 'thread', text: { nearest: ['M5', 'M6'] } }] })
    expect(work('bearing-size', { bearing: '6030' })).toMatchObject({ faults: [{ field: 'bearing', text: { why: 'no such bearing' } }] })
    expect(work('over-opening', { hub: '' })).toMatchObject({ faults: [{ field: 'hub', is: 'wanted' }] })
    expect(work('over-opening', { hub: '-97' })).toMatchObject({ faults: [{ field: 'hub', read: { kind: 'out of range' } }] })
    expect(work('pattern', { count: '6.5' })).toMatchObject({ faults: [{ field: 'count', is: 'not whole' }] })
    expect(work('sheets', { inPack: '499.5' })).toMatchObject({ faults: [{ field: 'inPack', is: 'not whole' }] })
    expect(work('over-opening', { hub: '97 V' })).toMatchObject({ faults: [{ field: 'hub', read: { kind: 'wrong unit' } }] })
  })
})

describe('what they come to', () => {
  it('a 14 mm screw in a 10 mm hole is stopped, and a depth that nobody measured too', () => {
    const hole = { thread: 'M4', stack: '2', depth: '10.5', behind: 'lead' }
    expect(worked('length-in-hole', { ...hole, length: '10' }).verdict).toBe('clear')
    const stopped = worked('length-in-hole', { ...hole, length: '14' })
    expect(stopped).toMatchObject({ verdict: 'stop', result: { id: 'clearance' } })
    expect(stopped.result!.value).toBeCloseTo(-1.5, 9)
    expect(worked('length-in-hole', { ...hole, depth: '', length: '14' }).verdict).toBe('depth not known')
  })
  it('torque by VDI 2230: M8, class 8.8, hexagon head, to seven tenths; the hole may give first', () => {
    expect(figure('tightening', 'most', { thread: 'M8', head: 'hexagon', into: 'steel' })).toBeCloseTo(24.6, 1)
    expect(figure('tightening', 'set', { thread: 'M8', head: 'hexagon', into: 'steel' })).toBeCloseTo(0.7 * 24.6, 0)
    expect(worked('tightening', { thread: 'M8', into: 'plastic' }).notes).toContain('hole gives first')
    expect(worked('tightening', { thread: 'M8', into: 'steel', torque: '60' }).verdict).toBe('out of range')
    expect(figure('tightening', 'set', { thread: 'M8', into: 'steel', torque: '20', prevailing: '3' })).toBe(23)
    expect(work('tightening', { thread: 'M2' })).toMatchObject({ is: 'senseless', senseless: 'no head for it' })
    expect(figure('tightening', 'pullHigh', { thread: 'M8', torque: '20', surface: 'greased' })).toBeGreaterThan(
      figure('tightening', 'pullHigh', { thread: 'M8', torque: '20' }),
    )
  })
  it('a screw that has stretched, or is damaged, does not go back', () => {
    expect(worked('used-again').verdict).toBe('good again')
    expect(worked('used-again', { now: '40.5' }).verdict).toBe('not again')
    expect(worked('used-again', { threadSound: 'no' }).verdict).toBe('not again')
    // A patch says nothing of the screw, and a used one not enough of what holds it.
    expect(worked('used-again', { patch: 'used before' })).toMatchObject({ verdict: 'good again', notes: ['patch used up'] })
    expect(worked('used-again', { patch: 'new' }).notes).toEqual([])
    expect(work('used-again', { now: '12' }).is).toBe('senseless')
  })
  it('a stack a millimetre and a half too wide spreads the frame', () =>
    expect(worked('over-opening', { left: '3' })).toMatchObject({ verdict: 'spreads the frame', result: { value: 1.5 } }))
  it('a stack piece by piece: the worst of frame and both ends, and where', () => {
    const ends = { leftOut: '26', rightOut: '26' }
    expect(worked('shaft-stack')).toMatchObject({ verdict: 'fits', result: { id: 'spread', value: 0 }, why: [], notes: [] })
    expect(worked('shaft-stack', ends)).toMatchObject({ verdict: 'fits', why: [] })
    // 10 + 1.5 + 3 + 6 + 1.5 is 22: four of 26 show, 3.2 turns of 1.25.
    expect(figure('shaft-stack', 'leftShows', ends)).toBeCloseTo(4, 9)
    expect(worked('shaft-stack', { ...ends, left: 'nut 10; washer 1.5; tab 3; frame 6; spacer 3' })).toMatchObject({
      verdict: 'spreads the frame',
      why: ['in the frame'],
    })
    expect(worked('shaft-stack', { ...ends, rightOut: '22.5' })).toMatchObject({ verdict: 'not a full nut', why: ['right end'] })
    expect(worked('shaft-stack', { ...ends, leftOut: '22.5', rightOut: '22.5' }).why).toEqual(['left end', 'right end'])
    const cap = { left: 'cap 11 room 8; frame 6; spacer 1.5', hub: '', opening: '' }
    // 26 less 7.5 goes 18.5 into a room of 8.
    expect(worked('shaft-stack', { ...cap, ...ends })).toMatchObject({ verdict: 'cap bottoms', why: ['left end'] })
    expect(worked('shaft-stack', { ...cap, leftOut: '14' }).verdict).toBe('full nut')
    expect(worked('shaft-stack', { hub: '95' })).toMatchObject({ verdict: 'loose in the frame', why: ['in the frame'] })
    // What turns between them and what is only pushed on count for nothing.
    expect(figure('shaft-stack', 'leftWide', { left: 'nut 10; cog 20 turns; seal 4; frame 6' })).toBe(16)
    expect(worked('shaft-stack', { left: 'nut 8 bevel in; bearing 9' }).notes).toEqual(['bevel to the seal'])
    const one = worked('shaft-stack', { left: 'nut 8; washer 2', right: '', hub: '', opening: '' })
    expect(one).toMatchObject({ result: { id: 'leftWide', value: 10 } })
    expect(one.verdict).toBeUndefined()
    expect(work('shaft-stack', { left: 'nut 8; washr 2' })).toMatchObject({
      faults: [{ field: 'left', text: { why: 'no such piece', at: 2, nearest: ['washer'] } }],
    })
  })
  it('spacers: the fewest, and none where there is no room', () => {
    expect(worked('spacers').ways![0]).toEqual({ left: [], right: [1.5] })
    expect(worked('spacers', { room: '0.5' }).verdict).toBe('no way')
  })
  it('a foreign motor on a worn aluminium slot wants its arm; a stock fork passes', () => {
    const foreign = worked('reaction', { asDelivered: 'no', slotWorn: 'yes', material: 'aluminium' })
    expect(foreign).toMatchObject({ verdict: 'arm wanted', why: expect.arrayContaining(['worn slot', 'foreign motor', 'torque']) })
    expect(figure('reaction', 'armForce')).toBeCloseTo((1.5 * figure('reaction', 'torque') * 1000) / 100, 6)
    expect(worked('reaction')).toMatchObject({ verdict: 'holds', why: [] })
    expect(work('reaction', { flats: '13' })).toMatchObject({ senseless: 'flats not below diameter' })
  })
  it('a shim from three readings each; one reading says that it is one', () => {
    const three = { depth: '9.42 9.41 9.43', bearing: '8.00 8.01 8.00', collar: '0.99 1.00 1.01' }
    const w = worked('shim', three)
    expect(w.result!.value).toBeCloseTo(0.417, 3)
    expect(w.also!.find((f) => f.id === 'shim')!.value).toBe(0.3)
    expect(w.notes).toEqual(['outer ring only'])
    expect(worked('shim', { ...three, collar: '1' }).notes).toContain('one reading')
    const asked = work('shim', three)
    expect(asked.is === 'worked' && asked.asked[0]!.raw).toEqual([9.42, 9.41, 9.43])
  })
  it('a reading that stands apart, and a play worked out wrong by hand, are told', () => {
    const three = { depth: '9.42 9.41 9.92 9.42', bearing: '8.00 8.01 8.00', collar: '0.99 1.00 1.01' }
    expect(worked('shim', three).notes).toContain('odd reading')
    expect(worked('shim', { ...three, depth: '9.42 9.41 9.43', byHand: '0.52' }).notes).toContain('not that difference')
    expect(worked('shim', { ...three, depth: '9.42 9.42', bearing: '8 8', collar: '1 1', byHand: '0.42' }).notes).not.toContain(
      'not that difference',
    )
  })
  it('a bearing is found by its sizes', () => {
    expect(worked('bearing-by-size').why).toEqual(['6001'])
    expect(worked('bearing-by-size', { width: '' }).why).toEqual(['6001', '16001'])
    expect(figure('bearing-by-size', 'found', { bore: '13' })).toBe(0)
  })
  it('of numbers that disagree the most trusted, and which do not go with it', () => {
    expect(worked('which-number')).toMatchObject({
      result: { id: 'advice', value: 45 },
      verdict: 'they agree',
      why: ['in the file'],
    })
    const manual = { b: '20', bBy: 'in the manual', c: '60' }
    expect(worked('which-number', manual)).toMatchObject({ result: { value: 20 }, verdict: 'they disagree', why: ['in the manual'] })
    expect(figure('which-number', 'against', manual)).toBe(2)
    expect([figure('which-number', 'least', manual), figure('which-number', 'most', manual)]).toEqual([20, 60])
  })
  it('screws in turn, and how tight in which round', () => {
    expect(worked('pattern').name).toBe('1 · 4 · 2 · 5 · 3 · 6')
    expect(worked('pattern', { laid: 'in a line', count: '5' }).name).toBe('3 · 2 · 4 · 1 · 5')
    expect(worked('pattern', { laid: 'in a line', count: '4' }).name).toBe('2 · 3 · 1 · 4')
    expect(worked('pattern', { rounds: '3', torque: '9' }).also).toMatchObject([{ value: 3 }, { value: 6 }, { value: 9 }])
    for (const laid of ['in a ring', 'in two rows', 'in a line'])
      for (const count of ['2', '3', '7', '24'])
        expect(
          worked('pattern', { laid, count })
            .name!.split(' · ')
            .map(Number)
            .sort((a, b) => a - b),
          `${count} ${laid}`,
        ).toEqual(Array.from({ length: Number(count) }, (_, i) => i + 1))
  })
  it('how a bearing turns comes before its play', () => {
    expect(worked('play', { play: '0.02 0.02 0.03' })).toMatchObject({ verdict: 'in range', notes: [] })
    expect(worked('play', { play: '0.2' })).toMatchObject({ verdict: 'too loose', notes: ['one reading'] })
    expect(worked('play', { play: '0.06 0.05 0.06' }).verdict).toBe('cannot tell')
    expect(worked('play', { turns: 'hard' }).verdict).toBe('too tight')
    expect(worked('play', { turns: 'with a slight drag', play: '0.01' }).verdict).toBe('in range')
    expect(worked('play', { turns: 'rough or with a notch' }).verdict).toBe('not again')
    // A quarter millimetre of a pitch of one is a quarter turn.
    expect(figure('play', 'turn', { play: '0.25' })).toBeCloseTo(90, 9)
    expect(figure('play', 'change', { play: '0.05', before: '0.02' })).toBeCloseTo(0.03, 9)
  })
  it('a wrench below a fifth of its scale is not trusted', () => {
    expect(figure('adapter', 'set')).toBeCloseTo((45 * 400) / 445, 6)
    expect(worked('adapter', { torque: '9' })).toMatchObject({ verdict: 'out of range', notes: ['not trusted below a fifth'] })
    expect(work('adapter', { reach: '450', angle: '180' })).toMatchObject({ senseless: 'lever too short' })
  })
  it('warms a housing no further than it may be', () => {
    const ring = { ring: 'outer in its housing', size: '42', housing: 'P7' }
    expect(figure('bearing-fit', 'warmTo', ring)).toBeCloseTo(20 + 62 / 1000 / (23e-6 * 42), 1)
    const magnets = worked('bearing-fit', { ...ring, warmed: 'steel', isWarmed: 'magnets or cable' })
    expect(magnets.notes).toEqual(['above what it may be warmed to', 'push the outer ring'])
    expect(magnets.also!.at(-1)!.value).toBe(80)
  })
  it('says on which ring a press is pushed, and nothing of it where it slips', () => {
    expect(worked('bearing-fit', { ring: 'inner on its shaft', size: '12', shaft: 'k5' }).notes).toContain('push the inner ring')
    expect(worked('bearing-fit', { ring: 'outer in its housing', size: '42', housing: 'H7' })).toMatchObject({
      verdict: 'slips on',
      notes: [],
    })
  })
  it('which bearing: by ear, by play, and once more when a new one is in', () => {
    expect(worked('which-bearing')).toMatchObject({ verdict: 'this one', result: { value: 1 } })
    expect(worked('which-bearing', { a: 'quiet', c: 'a grind' })).toMatchObject({ verdict: 'this one', result: { value: 3 } })
    expect(worked('which-bearing', { b: 'a grind' })).toMatchObject({ verdict: 'cannot tell', notes: ['one at a time'] })
    expect(worked('which-bearing', { b: 'a grind', bPlay: '0.2', aPlay: '0.02' }).result!.value).toBe(2)
    expect(worked('which-bearing', { after: 'quiet' }).verdict).toBe('it was this one')
    expect(worked('which-bearing', { after: 'a grind' }).verdict).toBe('another one')
    expect(worked('which-bearing', { a: 'quiet', after: 'a grind' }).verdict).toBe('none of them')
  })
  it('the others', () => {
    expect(figure('belt', 'tension')).toBeCloseTo(200, 6)
    expect(figure('belt', 'tension', { by: 'its note', note: '79.0569' })).toBeCloseTo(200, 1)
    expect(worked('belt', { low: '250' }).verdict).toBe('out of range')
    expect(work('belt', { gives: '90' })).toMatchObject({ senseless: 'gives too much' })
    expect(figure('bleed', 'seconds')).toBeCloseTo(24.6, 1)
    expect(work('bleed', { to: '60' })).toMatchObject({ senseless: 'must fall' })
    expect(figure('cure', 'handling', { temperature: '12' })).toBe(40)
    expect(worked('cure', { temperature: '5' }).notes).toEqual(['cold'])
    expect(figure('hand-force', 'letsGoHigh', { torque: '45', state: 'aged' })).toBeCloseTo(67.5, 9)
    expect(figure('sheets', 'gap')).toBeCloseTo((4.5 * 52) / 500, 9)
    expect(worked('running-gap', { least: '0.2' }).verdict).toBe('rubs')
    expect(worked('rim-shift', { left: '53' })).toMatchObject({ verdict: 'too far', result: { id: 'toRight', value: 2.5 } })
    expect(figure('units', 'N·m')).toBeCloseTo(44.742, 3)
    expect(worked('thread-left', { standsOut: '22' }).verdict).toBe('not a full nut')
    expect(worked('thread-left', { capDepth: '12', standsOut: '25' }).verdict).toBe('cap bottoms')
  })
})
