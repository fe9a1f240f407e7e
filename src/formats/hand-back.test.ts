import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../tests/logbook'
import { logOf } from '../../tests/ride-log'
import { NEWEST_FORM } from '../core/build'
import { expectedDone, readEntry, reduce } from '../core/job'
import { writeReport } from './hand-back'

const page = (book: Logbook) => {
  const state = reduce('j1', book.entries)
  return writeReport(state, { nameOf: (p) => p, when: String, now: state.lastAt, shop: 'Slipway Works' })
}
const lines = (book: Logbook, id: string): readonly string[] => page(book).sections.find((s) => s.id === id)?.lines ?? []
const read = (book: Logbook, test: string, value: number): void =>
  void book.log('reading-taken', { test, drive: 'front-drive', quantity: 'voltage', result: { is: 'value', value }, unit: 'V', live: true })

/** A tyre job as far as its bottom, with a reading of before. */
function tyre(): Logbook {
  const book = new Logbook(NEWEST_FORM).open()
  read(book, 'pack-rest', 31)
  const plan = book.adopt('front-tyre-goal')
  book.log('step-done', { step: plan.down.steps.find((s) => s.opens?.includes('tyre'))!.id })
  book.log('part-replaced', { part: 'front-tyre', step: plan.swap[0]!.id })
  return book
}

describe('the page that goes home', () => {
  it('says whose it is, and first what became of the complaint', () => {
    const book = tyre()
    book.log('handed-back', { to: 'pool', complaint: 'still there' })
    expect(page(book).shop).toBe('Slipway Works')
    expect(page(book).sections[0]).toMatchObject({ id: 'answer', look: true, lines: ['“jerks” It is still there.'] })
  })
  it('of a machine that is not repaired says so before anything, with what is open', () => {
    const book = tyre()
    book.log('handed-back', { to: 'pool', as: 'not repaired', why: 'no tyre to be had' })
    const first = page(book).sections[0]!
    expect(first.id).toBe('not repaired')
    expect(first.lines.slice(0, 2)).toEqual(['NOT TO BE RIDDEN OR RUN.', 'Why: no tyre to be had.'])
    expect(first.lines.some((l) => l.startsWith('Open: Whole again ('))).toBe(true)
  })
  it('says what its counter showed, and that it was not read as it went', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'x', class: 'scooter' }, complaint: '', used: { value: 1240, unit: 'km' } })
    expect(lines(book, 'came in')).toContain('Its counter: 1240 km as it came in, not read as it went')
    book.log('handed-back', { to: 'pool', used: { value: 1243, unit: 'km' } })
    expect(lines(book, 'came in')).toContain('Its counter: 1240 km as it came in, 1243 km as it went')
  })
  it('of a shop that writes older forms says not repaired in its line of text', () => {
    const book = new Logbook(0).open()
    book.log('handed-back', { to: 'pool', as: 'not repaired', why: 'no part' })
    expect(page(book).sections[0]).toMatchObject({ id: 'said', look: true, lines: ['not repaired: no part'] })
  })
  it('names what was read before and not again, and no longer once it was', () => {
    const book = tyre()
    expect(lines(book, 'not checked')).toContain('Read before the work and not again after: pack at rest')
    read(book, 'pack-rest', 54)
    expect(lines(book, 'not checked').join()).not.toContain('not again after')
  })
  it('names a tyre that was off and not read; a tyre has no number to be missed, a motor has', () => {
    const book = tyre()
    expect(lines(book, 'not checked')).toContain('Tyre pressure: not read')
    expect(lines(book, 'not checked').join()).not.toContain('No number of the new')
    const motor = new Logbook(NEWEST_FORM).open()
    const plan = motor.adopt('front-motor-goal')
    motor.log('part-replaced', { part: 'front-motor', step: plan.swap.find((s) => s.part)!.id })
    // Without the words of its file a part goes by its id.
    expect(lines(motor, 'not checked')).toContain('No number of the new front-motor was noted')
  })
  it('says of a brake what was measured by tape, else that it is a claim', () => {
    const book = tyre()
    book.log('ride-added', {
      rungs: ['brake stops'],
      outcome: 'passed',
      metres: 90,
      minutes: 1,
      brakes: [
        { brake: 'front', stops: 3, from: 20, metres: 7 },
        { brake: 'rear', stops: 3 },
      ],
    })
    expect(lines(book, 'rides').join('\n')).toContain('Front: 3 stops, from 20 km/h in 7 m: ● 2.2 ± 0.3 m/s², at least 1.54')
    expect(lines(book, 'rides').join('\n')).toContain('Rear: 3 stops, claimed, not measured')
  })

  it('says of each plug how it was found and left, and names those that could not be reached', () => {
    const book = new Logbook(NEWEST_FORM).open()
    const look = (name: string, is: 'tight' | 'loose' | 'not reached') => book.log('plug-looked', { name, is })
    look('Hall plug', 'loose')
    look('Hall plug', 'tight')
    look('pack plug', 'tight')
    look('lamp plug', 'not reached')
    expect(lines(book, 'plugs')).toEqual(['Hall plug: loose, then tight', 'Tight: pack plug'])
    expect(lines(book, 'not checked')).toContain('Plugs not reached: lamp plug')
    // Reached after all.
    look('lamp plug', 'tight')
    expect(lines(book, 'plugs')).toEqual(['Hall plug: loose, then tight', 'lamp plug: not reached, then tight', 'Tight: pack plug'])
    expect(lines(book, 'not checked').join()).not.toContain('not reached')
  })
  it('says what dragged and what that was told by, what the owner was asked, and that it was in salt water', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.log('trial-made', { piece: 'brake', did: 'took out', was: { by: 'newtons', value: 9 }, now: { by: 'newtons', value: 3 } })
    expect(lines(book, 'drag')).toEqual(['It drags by the brake, not proved yet (the brake out: 9 N, then 3 N)'])
    book.log('owner-asked', { estimate: 240, who: 'Ida, by telephone', said: 'up to', amount: 220 })
    expect(lines(book, 'agreed')).toEqual(['Asked when it came to about 240 (Ida, by telephone): up to 220'])
    book.log('salt-water', { is: 'was in' })
    book.log('salt-water', { is: 'rinsed' })
    expect(lines(book, 'came in')).toContain('It was in salt water; Rinsed with clean water.')
    expect(lines(book, 'not checked').join()).toContain('Rid of salt water: not done')
  })
  it('says what the old electronics were set to and the new are, how far it rolled, and what they are tied to', () => {
    const book = new Logbook(NEWEST_FORM).open()
    book.adopt('front-controller-goal')
    const part = 'front-controller'
    book.log('settings-noted', { part, of: 'old', rows: [], paired: 'paired', to: 'its display' })
    book.log('settings-noted', { part, of: 'old', rows: [{ setting: 'wheel size', value: 790 }] })
    book.log('settings-noted', { part, of: 'new', rows: [{ setting: 'wheel size', value: 800 }], roll: { turns: 2, metres: 1.6 } })
    const told = lines(book, 'settings').join('\n')
    expect(told).toContain('wheel, once round 790 mm')
    expect(told).toContain('wheel, once round 800 mm')
    expect(told).toContain('Rolled on the floor: 800 mm once round, shows 0.0 % too much')
    expect(told).toContain('paired to a part: its display')
  })
  it('names brakes that were looked at and not measured, and no longer once they were; of a machine not repaired says what was wanted', () => {
    const book = tyre()
    expect(lines(book, 'not checked')).not.toContain('Brake lining and disc: not measured')
    book.log('ride-added', { rungs: ['gentle'], outcome: 'stopped', sign: 'brake soft' })
    expect(lines(book, 'not checked')).toContain('Brake lining and disc: not measured')
    book.log('reading-taken', {
      test: 'check-lining',
      quantity: 'length',
      result: { is: 'value', value: 2.1 },
      unit: 'mm',
      live: false,
      place: 'Front',
    })
    expect(lines(book, 'not checked')).not.toContain('Brake lining and disc: not measured')
    const title = (): string => page(book).sections.find((s) => s.id === 'done')!.title
    expect(title()).toBe('What was done')
    book.log('handed-back', { to: 'pool', as: 'not repaired', why: 'no tyre' })
    expect(title()).toBe('What was wanted, and begun')
  })
  it('of a log says what an owner reads, the stops whose brake was named, and what is to be looked at', () => {
    const book = tyre()
    book.log('ride-added', {
      rungs: ['gentle'],
      outcome: 'passed',
      metres: 900,
      minutes: 3,
      log: logOf(
        [
          { id: 'distance', verdict: 'noted', value: 0.9, unit: 'km' },
          { id: 'charge', verdict: 'noted', value: 0.3, unit: 'Ah' },
          { id: 'time over speed', verdict: 'look', value: 4, unit: 's', limit: 20 },
        ],
        {
          stops: [
            { mfdd: 4.1, from: 24, at: 192.5, brake: 'front' },
            { mfdd: 3.1, from: 22, at: 210 },
          ],
        },
      ),
    })
    const told = lines(book, 'rides').join('\n')
    expect(told).toContain('A stop, by the log at 3:12 from 24 km/h: 4.1 m/s², front')
    expect(told).not.toContain('from 22 km/h')
    expect(told).toMatch(/distance 0.9\d? km/)
    expect(told).not.toContain('charge')
    expect(told).toContain('time above the top speed 4 s above 20 km/h')
  })
})

describe('what stands on the page', () => {
  const tight = fc.oneof(
    fc.integer({ min: 1, max: 90 }).map((torque) => ({ is: 'clicked', torque }) as const),
    fc.integer({ min: 1, max: 40 }).map((low) => ({ is: 'felt', band: [low, low + 5] }) as const),
    fc.constant({ is: 'not read' } as const),
  )
  const act = fc.oneof(
    fc.record({ do: fc.constant('tighten' as const), step: fc.nat(40), tight }),
    fc.record({ do: fc.constant('undo' as const), step: fc.nat(40) }),
    fc.record({ do: fc.constant('read' as const), value: fc.integer({ min: 1, max: 9_999 }), over: fc.boolean() }),
    fc.record({ do: fc.constant('strike' as const), entry: fc.nat(60) }),
  )
  it('is no figure that no entry measured, whatever was done, undone and crossed out in whatever order', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 40 }), (acts) => {
        const book = new Logbook(NEWEST_FORM).open()
        const plan = book.adopt('front-motor-goal')
        for (const a of acts) {
          const up = plan.up.steps[('step' in a ? a.step : 0) % plan.up.steps.length]!
          if (a.do === 'tighten') book.log('step-done', expectedDone(reduce('j1', book.entries), up, a.tight))
          if (a.do === 'undo' && up.pair)
            book.log('step-done', { step: up.pair, out: [{ members: up.fixings.map((f) => f.id), to: 'cell' }] })
          if (a.do === 'read')
            book.log('reading-taken', {
              quantity: 'voltage',
              result: a.over ? { is: 'over', limit: a.value } : { is: 'value', value: a.value },
              unit: 'V',
              live: true,
            })
          if (a.do === 'strike' && a.entry < book.entries.length && a.entry > 1)
            book.log('struck', { target: book.entries[a.entry]!.id, reason: 'x' })
        }
        const state = reduce('j1', book.entries)
        const standing = book.entries.filter((e) => !state.struck.includes(e.id))
        const clicked = standing.flatMap((e) => (e.kind === 'step-done' ? [JSON.stringify(e.body)] : []))
        const sections = page(book).sections
        for (const row of sections.find((s) => s.id === 'torques')?.table?.rows ?? []) {
          const figure = /^(\d+(?:\.\d+)?) N·m$/.exec(row[2]!)?.[1]
          if (figure)
            expect(
              clicked.some((c) => c.includes(`"is":"clicked","torque":${figure}`)),
              row.join(' | '),
            ).toBe(true)
          else expect(row[2]).not.toMatch(/^\d/)
        }
        const read = standing.flatMap((e) => (e.kind === 'reading-taken' ? [readEntry(e)!] : []))
        const rows = sections.find((s) => s.id === 'readings')?.table?.rows ?? []
        expect(rows).toHaveLength(read.length)
        for (const row of rows) {
          const [, over, figure] = /^(> )?(\d+) V$/.exec(row[2]!)!
          expect(
            read.some((r) => {
              const { result } = r.body as { readonly result: { readonly is: string; readonly value?: number; readonly limit?: number } }
              return over
                ? result.is === 'over' && result.limit === Number(figure)
                : result.is === 'value' && result.value === Number(figure)
            }),
          ).toBe(true)
        }
      }),
      { numRuns: 60 },
    )
  })
})
