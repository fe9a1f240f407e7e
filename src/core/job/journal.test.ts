import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkStatus, deadAt, type Entry, fold, looseFixings, reduce, stageMissing, struckIds, tally } from './index'
import { dunlinPlan, Logbook, MINUTE, NOON } from '../../../tests/logbook'

const SCREW = 'front-caliper-bolt-upper'
const opened = (): Logbook => {
  const book = new Logbook().open()
  book.adopt()
  return book
}
const state = (book: Logbook) => reduce('j1', book.entries)

describe('two devices that had not seen each other', () => {
  const seen = 2
  const out = (book: Logbook, device: string) =>
    book.log('fixing-out', { members: [SCREW], to: 'cell', cell: 'A5' }, { device, base: seen })
  const tight = (book: Logbook, device: string) => book.log('fixing-in', { members: [SCREW], pass: 'final' }, { device, base: seen })

  it.each([
    ['the loose one first', [out, tight]],
    ['the tight one first', [tight, out]],
  ] as const)('dispute one screw, and the less safe holds: %s', (_, order) => {
    const book = opened()
    order.forEach((write, i) => write(book, `tablet-${i}`))
    const s = state(book)
    expect(s.fixings[SCREW]?.disputed).toEqual(['cell|A5', 'final'])
    expect(s.fixings[SCREW]).toMatchObject({ condition: 'cell', where: 'A5' })
    expect(looseFixings(s).map((f) => f.id)).toContain(SCREW)
    expect(checkStatus(s, 'tray adds up', NOON)).toMatchObject({ open: false })
    book.log('fixing-in', { members: [SCREW], pass: 'final' }, { device: 'tablet-0' })
    expect(state(book).fixings[SCREW]?.disputed).toBeUndefined()
    expect(state(book).fixings[SCREW]?.condition).toBe('final')
  })

  it('do not dispute when they say the same, or when one had seen the other', () => {
    const book = opened()
    out(book, 'a')
    out(book, 'b')
    book.log('fixing-in', { members: [SCREW], pass: 'final' }, { device: 'a' })
    expect(state(book).fixings[SCREW]?.disputed).toBeUndefined()
  })

  it('leave the machine live, and unproved, when one plugs in while the other proves', () => {
    const book = opened()
    book.log('power-changed', { to: 'isolated' })
    book.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] })
    const base = book.entries.length
    book.log('power-changed', { to: 'out' }, { device: 'a', base })
    book.log('power-changed', { to: 'live' }, { device: 'b', base })
    expect(state(book).power).toMatchObject({ state: 'live', disputed: ['live', 'out'] })
    expect(deadAt(state(book).power, NOON)).toBe(false)
  })

  it('hold a step open when one did it and the other left it', () => {
    const book = opened()
    book.log('step-done', { step: 'down:undo:mat-edge' }, { device: 'a', base: 2 })
    book.log('step-left', { step: 'down:undo:mat-edge', reason: 'torn' }, { device: 'b', base: 2 })
    expect(state(book).steps['down:undo:mat-edge']).toMatchObject({ status: 'left', disputed: ['done', 'left'] })
  })

  it('come to the same disputes whichever returns first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b'), fc.constantFrom('cell', 'carrier', 'own hole')), { minLength: 2, maxLength: 6 }),
        (moves) => {
          const write = (order: readonly (readonly [string, string])[]) => {
            const book = opened()
            order.forEach(([device, to]) =>
              book.log('fixing-out', { members: [SCREW], to: to as never, ...(to === 'cell' ? { cell: 'A5' } : {}) }, { device, base: 2 }),
            )
            const f = state(book).fixings[SCREW]!
            return [f.condition, f.disputed]
          }
          const of = (d: string) => moves.filter(([device]) => device === d)
          expect(write([...of('a'), ...of('b')])).toEqual(write([...of('b'), ...of('a')]))
        },
      ),
      { seed: 31, numRuns: 60 },
    )
  })
})

describe('crossing out', () => {
  it('takes back what an entry did, and crossing out the crossing-out restores it', () => {
    const book = opened()
    const out = book.log('fixing-out', { members: [SCREW], to: 'cell', cell: 'A5' })
    const strike = book.log('struck', { target: out.id })
    expect(state(book).fixings[SCREW]?.condition).toBe('on')
    expect(state(book).struck).toEqual([out.id])
    book.log('struck', { target: strike.id })
    expect(state(book).fixings[SCREW]?.condition).toBe('cell')
  })
  it('reaches only earlier entries, and says so when there is none', () => {
    const book = opened()
    book.log('struck', { target: 'e99' })
    expect(state(book).flags).toContainEqual(expect.objectContaining({ kind: 'nothing to cross out' }))
    expect(
      struckIds([
        { id: 'a', seq: 1, kind: 'struck', body: { target: 'b' } },
        { id: 'b', seq: 2, kind: 'note-added', body: {} },
      ]),
    ).toEqual(new Set())
  })
  it('takes back one try on a stuck fixing, and leaves the others', () => {
    const book = opened()
    const step = state(book).down[0]!.id
    const warm = { way: 'warm', minutes: 3, distance: 80, near: 'a sleeve' } as const
    book.log('note-added', { text: 'Stuck: cleaned', step, tried: { way: 'clean' } })
    const warmed = book.log('note-added', { text: 'Stuck: warmed', step, tried: warm })
    expect(state(book).steps[step]?.tried).toMatchObject([{ way: 'clean' }, warm])
    book.log('struck', { target: warmed.id })
    expect(state(book).steps[step]?.tried?.map((t) => t.way)).toEqual(['clean'])
  })

  it('cannot be folded: the journal is reduced anew', () => {
    const book = opened()
    const strike = book.log('struck', { target: 'e1' })
    expect(fold(state(book), [strike])).toBeNull()
  })
  it('lets what depended on it stand, flagged', () => {
    const book = opened()
    book.ready(dunlinPlan('front-motor-goal'))
    const mat = book.log('step-done', { step: 'down:undo:mat-edge', partsOff: ['grip-mat'] })
    book.log('step-done', { step: 'down:undo:deck-screws' })
    expect(state(book).flags).toEqual([])
    book.log('struck', { target: mat.id })
    expect(state(book).steps['down:undo:deck-screws']?.status).toBe('done')
    expect(state(book).flags).toContainEqual(expect.objectContaining({ kind: 'not ready', subject: 'down:undo:deck-screws' }))
  })
})

describe('what another program does before its turn', () => {
  const flags = (book: Logbook): string[] => state(book).flags.map((f) => `${f.kind}: ${f.subject}`)
  it('is done all the same, and flagged as the card would have said: a new part not compared, a return out of order, power without a look at the pack', () => {
    const book = opened()
    book.log('step-done', { step: 'down:undo:mat-edge' })
    expect(flags(book)).toEqual(['not ready: down:undo:mat-edge'])
    const all = opened()
    all.ready(dunlinPlan('front-motor-goal'))
    for (const step of state(all).down) all.log('step-done', { step: step.id })
    const before = flags(all).length
    const live = state(all).up.find((s) => s.power === 'live')!
    all.log('step-done', { step: live.id })
    expect(flags(all).slice(before)).toContain(`not ready: ${live.id}`)
    expect(state(all).steps[live.id]?.status).toBe('done')
  })
})

describe('power and proof', () => {
  const proved = (volts: number) => {
    const book = opened()
    book.log('power-changed', { to: 'isolated' })
    book.log('proof-taken', {
      instrument: { name: 'meter 3' },
      readings: [
        { between: 'front feed', volts },
        { between: 'rear feed', volts: 0 },
      ],
    })
    return book
  }
  const after = (book: Logbook, minutes: number) => deadAt(state(book).power, book.entries.at(-1)!.at + minutes * MINUTE)
  it('a proof lasts four hours with the pack aboard, and no longer', () => {
    expect(after(proved(0.3), 239)).toBe(true)
    expect(after(proved(0.3), 240)).toBe(false)
  })
  it.each([
    [5, true],
    [-5, true],
    [5.1, false],
    [58.8, false],
  ])('%d V counts as dead: %s', (volts, dead) => expect(after(proved(volts), 1)).toBe(dead))
  it('a proof with the pack out does not lapse overnight, and ends when the pack returns', () => {
    const book = proved(0.1)
    book.log('power-changed', { to: 'out' })
    expect(after(book, 60 * 20)).toBe(true)
    book.log('power-changed', { to: 'isolated' })
    expect(after(book, 1)).toBe(false)
    expect(state(book).power.proof?.ended).toBe('pack returned')
  })
  it('a proof taken while live proves nothing and is flagged', () => {
    const book = opened()
    book.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] })
    expect(state(book).power.proof?.dead).toBe(false)
    expect(state(book).flags).toContainEqual(expect.objectContaining({ kind: 'not ready' }))
  })
  it('work on the wiring without a proof is stored and flagged', () => {
    const book = opened()
    book.log('step-done', { step: 'down:unplug:front-hall' })
    expect(state(book).steps['down:unplug:front-hall']?.status).toBe('done')
    expect(state(book).flags.map((f) => f.kind)).toContain('not dead')
  })
})

describe('clocks', () => {
  it('a time ahead of the server is clamped and flagged', () => {
    const book = opened()
    book.log('note-added', { text: 'x' }, { at: NOON + 9e6 })
    expect(state(book).flags).toContainEqual(expect.objectContaining({ kind: 'clock ahead' }))
    expect(state(book).lastAt).toBe(book.entries.at(-1)!.receivedAt)
  })
  it('with a clock that is wrong, a proof counts from the earliest and a cure from the latest it can have been', () => {
    const book = opened()
    book.log('power-changed', { to: 'isolated' })
    const seenAt = book.entries.at(-1)!.receivedAt!
    const arrived = seenAt + 90 * MINUTE
    book.log(
      'proof-taken',
      { instrument: { name: 'm' }, readings: [{ between: 'a', volts: 0 }] },
      { at: seenAt - 5e6, receivedAt: arrived },
    )
    expect(state(book).power.proof?.from).toBe(seenAt)
    book.log(
      'lock-applied',
      { subject: 'nut', product: 'medium', handlingMinutes: 20, cureHours: 24 },
      { at: arrived + 9e6, receivedAt: arrived + MINUTE },
    )
    expect(state(book).locks[0]?.curedAt).toBe(arrived + MINUTE + 24 * 60 * MINUTE)
  })
})

describe('odd entries are kept and flagged', () => {
  it.each([
    ['a part refitted that never came off', 'never came off', (b: Logbook) => b.log('fixing-in', { members: [SCREW], pass: 'final' })],
    [
      'a fixing that is not in the plan',
      'no such fixing',
      (b: Logbook) => b.log('fixing-out', { members: ['mystery'], to: 'cell', cell: 'C1' }),
    ],
    ['a step that is not in the plan', 'no such step', (b: Logbook) => b.log('step-done', { step: 'down:nothing' })],
    ['an override where nobody may', 'no override here', (b: Logbook) => b.log('check-overridden', { check: 'brakes', reason: 'late' })],
  ])('%s', (_, kind, write) => {
    const book = opened()
    write(book)
    expect(state(book).flags).toContainEqual(expect.objectContaining({ kind }))
  })
  it('an override that nobody may give opens nothing', () => {
    const book = opened()
    book.log('check-overridden', { check: 'brakes', reason: 'late' })
    expect(checkStatus(state(book), 'brakes', NOON).open).toBe(false)
  })
  it('a kind from a newer build is kept, and no stage is passed until this one is renewed', () => {
    const book = opened()
    book.log('note-added', { text: 'x' }, { v: 7 })
    book.log('stage-moved', { to: 'take down' })
    expect(state(book)).toMatchObject({ unknown: 1, stage: 'take in' })
  })
  it('a lost screw keeps the count open until a new one takes its place', () => {
    const book = opened()
    book.log('fixing-out', { members: [SCREW], to: 'cell', cell: 'A5' })
    book.log('fixing-lost', { members: [SCREW] })
    expect(tally(state(book))).toMatchObject({ removed: 1, open: 1 })
    book.log('fixing-replaced', { members: [SCREW], label: 'M6×18 new', reason: 'lost' })
    book.log('fixing-in', { members: [SCREW], pass: 'final' })
    expect(tally(state(book))).toEqual({ removed: 1, fresh: 1, refitted: 1, notGoingBack: 1, open: 0, unexplained: [], balanced: true })
  })
})

describe('stages', () => {
  it('move on freely, and back only with a reason', () => {
    const book = opened()
    book.log('stage-moved', { to: 'take down' })
    book.log('stage-moved', { to: 'find the fault' })
    expect(state(book).stage).toBe('take down')
    expect(state(book).moves.at(-1)).toMatchObject({ inEffect: false })
    book.log('stage-moved', { to: 'find the fault', reason: 'reading was wrong' })
    expect(state(book).stage).toBe('find the fault')
  })
  it('a check that opens later does not rewrite a move that did not take effect', () => {
    const book = opened()
    book.log('fixing-out', { members: [SCREW], to: 'cell', cell: 'A5' })
    book.log('stage-moved', { to: 'hand back' })
    const moved = state(book).moves.at(-1)
    expect(moved).toMatchObject({ inEffect: false })
    expect(moved?.missing).toContainEqual({ is: 'check', check: 'tray adds up' })
    book.log('fixing-in', { members: [SCREW], pass: 'final' })
    expect(state(book).stage).toBe('take in')
  })
  it('hand back freezes what was missing, and later entries are an addendum', () => {
    const book = opened()
    book.log('handed-back', { to: 'quay porters' })
    book.log('note-added', { text: 'rang them' })
    expect(state(book)).toMatchObject({ addenda: 1, handedBack: { missing: [{ is: 'check', check: 'ridden' }], seq: 3 } })
    expect(stageMissing(state(book), 'handed back', NOON)).toEqual([{ is: 'check', check: 'ridden' }])
  })
})

describe('a machine with no file', () => {
  it('grows its way up from what comes off, mirrored, and adds up', () => {
    const book = new Logbook()
    book.log('job-opened', { number: '0420', machine: { name: 'delivery trike' }, complaint: 'grinds' })
    const screws = (n: number, id: string, cell: string) =>
      Array.from({ length: n }, (_, i) => ({
        id: `${id}-${i}`,
        joint: id,
        label: 'M5×12',
        place: `hole ${i + 1}`,
        keep: 'cell' as const,
        cell,
      }))
    book.log('step-added', {
      step: 's1',
      title: 'Undo 4 cover screws',
      fixings: screws(4, 'cover', 'A1'),
      parts: [{ id: 'cover', name: 'cover' }],
    })
    book.log('step-added', { step: 's2', title: 'Undo 2 motor bolts', fixings: screws(2, 'bolts', 'A2'), parts: [] })
    book.log('step-added', { step: 's1b', title: 'Unhook the spring', after: 's1', fixings: [], parts: [] })
    const s = state(book)
    expect(s.down.map((x) => [x.number, x.id])).toEqual([
      [1, 's1'],
      [2, 's1b'],
      [3, 's2'],
    ])
    expect(s.up.map((x) => [x.number, x.id])).toEqual([
      [3, 'up:s2'],
      [2, 'up:s1b'],
      [1, 'up:s1'],
    ])
  })
})

describe('folding', () => {
  it('equals reducing, for journals of any mix of moves, cut anywhere', () => {
    const ids = [SCREW, 'front-caliper-bolt-lower', 'deck-screw-1']
    const move = fc.record({
      id: fc.constantFrom(...ids),
      what: fc.constantFrom('out', 'in', 'lost', 'live', 'isolated'),
      device: fc.constantFrom('a', 'b'),
      lag: fc.nat(4),
    })
    fc.assert(
      fc.property(fc.array(move, { maxLength: 20 }), fc.nat(20), (moves, cut) => {
        const book = opened()
        for (const m of moves) {
          const over = { device: m.device, base: Math.max(0, book.entries.length - m.lag) }
          if (m.what === 'out') book.log('fixing-out', { members: [m.id], to: 'cell', cell: 'A1' }, over)
          else if (m.what === 'in') book.log('fixing-in', { members: [m.id], pass: 'final' }, over)
          else if (m.what === 'lost') book.log('fixing-lost', { members: [m.id] }, over)
          else book.log('power-changed', { to: m.what as 'live' }, over)
        }
        const at = Math.min(cut + 2, book.entries.length)
        const first = reduce('j1', book.entries.slice(0, at))
        const frozen = JSON.stringify(first)
        const folded = fold(first, book.entries.slice(at) as Entry[])
        expect(folded).toEqual(state(book))
        expect(JSON.stringify(first)).toBe(frozen)
      }),
      { seed: 77, numRuns: 80 },
    )
  })
})
