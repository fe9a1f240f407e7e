import { beforeEach, describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { NEWEST_FORM } from '../build'
import type { Verdict } from '../workings'
import {
  armMissing,
  checkStatus,
  expectedDone,
  type JobState,
  lengthsAsked,
  presentStep,
  reduce,
  sideBySide,
  waitingFor,
  written,
} from './index'

const SHORT = ['deck-screw-1', 'deck-screw-2', 'deck-screw-3', 'deck-screw-4', 'deck-screw-5', 'deck-screw-6']

describe('screws with something behind them', () => {
  let book: Logbook
  const now = (): JobState => reduce('j1', book.entries)
  const lid = () => now().up.find((s) => s.id === 'up:undo:deck-screws')!
  const shut = (): boolean => waitingFor(now(), lid(), now().lastAt).some((w) => w.is === 'check' && w.check === 'screw lengths')
  const worked = (verdict: Verdict, of: readonly string[], length = 10): unknown =>
    book.log('worked-out', { working: 'length-in-hole', edition: 1, asked: [{ id: 'length', value: length, u: 0.1 }], verdict, of })
  const downAll = (): void => {
    book.log('stage-moved', { to: 'take down' })
    for (let n = 0; n < 40; n++) {
      const step = presentStep(now(), 'down', now().lastAt)
      if (!step) break
      if (step.check === 'dead') book.log('power-changed', { to: 'isolated' })
      book.log('step-done', expectedDone(now(), step))
    }
    book.log('stage-moved', { to: 'build up' })
  }
  beforeEach(() => {
    book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'Dunlin', file: 'dunlin', revision: 'x', fullVolts: 58.8 }, complaint: 'x' })
    book.adopt('inspect')
  })

  it('are not asked for while they never came out', () => expect(now().up.flatMap((s) => lengthsAsked(now(), s))).toEqual([]))

  it('a set with two lengths is asked once, of the short ones: one glance with both side by side settles it', () => {
    downAll()
    const [ask, ...more] = lengthsAsked(now(), lid())
    expect(more).toEqual([])
    expect(ask).toMatchObject({ why: 'two lengths' })
    expect(ask!.members).toHaveLength(12)
    expect(shut()).toBe(true)
    expect(checkStatus(now(), 'screw lengths', now().lastAt).missing).toEqual([
      { is: 'length', step: lid().id, label: 'deck-screws', pieces: 12, behind: 'lead', why: 'two lengths' },
    ])
    const entry = sideBySide(ask!)!
    expect(entry).toMatchObject({ verdict: 'clear', step: lid().id })
    // Seen, never written as measured.
    expect(entry.asked.every((a) => a.from === 'seen' || a.from === 'machine file')).toBe(true)
    book.log('worked-out', entry)
    expect(lengthsAsked(now(), lid())).toEqual([])
    expect(shut()).toBe(false)
  })

  it('a new one is measured: no glance settles it, one that is too long stays shut, a shorter one opens it', () => {
    downAll()
    book.log('worked-out', sideBySide(lengthsAsked(now(), lid())[0]!)!)
    book.log('fixing-replaced', { members: ['deck-screw-3'] })
    const [ask] = lengthsAsked(now(), lid())
    expect(ask).toMatchObject({ why: 'new', members: [{ id: 'deck-screw-3' }] })
    expect(sideBySide(ask!)).toBeNull()
    worked('stop', ['deck-screw-3'], 14)
    expect(lengthsAsked(now(), lid())[0]).toMatchObject({ why: 'stop' })
    expect(shut()).toBe(true)
    worked('clear', ['deck-screw-3'])
    expect(shut()).toBe(false)
    expect(now().fixings['deck-screw-3']!.fits).toMatchObject({ verdict: 'clear', length: 10 })
  })

  it('out again, or another one, it is asked again; a crossed-out sum says nothing', () => {
    downAll()
    worked('clear', SHORT)
    expect(lengthsAsked(now(), lid())[0]!.members).toHaveLength(6)
    book.log('fixing-out', { members: ['deck-screw-1'], to: 'cell', cell: 'B1' })
    expect(lengthsAsked(now(), lid())[0]!.members.map((m) => m.id)).toContain('deck-screw-1')
    const sum = book.entries.find((e) => e.kind === 'worked-out')!
    book.log('struck', { target: sum.id, reason: 'wrong hole' })
    expect(lengthsAsked(now(), lid())[0]!.members).toHaveLength(12)
  })

  it('one of another size than the file says is measured, whatever was worked out before', () => {
    downAll()
    worked('clear', SHORT)
    book.log('step-differs', { step: 'down:undo:deck-screws', text: 'M4×14', members: ['deck-screw-2'] })
    expect(lengthsAsked(now(), lid())[0]).toMatchObject({ why: 'other size', members: [{ id: 'deck-screw-2' }] })
    expect(sideBySide(lengthsAsked(now(), lid())[0]!)).toBeNull()
    worked('stop', ['deck-screw-2'], 14)
    expect(lengthsAsked(now(), lid())[0]).toMatchObject({ why: 'stop' })
    worked('clear', ['deck-screw-2'])
    expect(lengthsAsked(now(), lid()).map((a) => a.why)).toEqual(['two lengths'])
    // An older build knows only that something differs.
    expect(written('step-differs', { step: 'a', text: 'b', members: ['c'] }, 19)).toEqual({
      kind: 'step-differs',
      v: 1,
      body: { step: 'a', text: 'b' },
    })
  })

  it('into a foreign motor they are measured with their hole; into the maker’s own they are not', () => {
    const other = new Logbook(NEWEST_FORM)
    other.log('job-opened', { number: '1', machine: { name: 'Dunlin', file: 'dunlin', revision: 'x', fullVolts: 58.8 }, complaint: 'x' })
    other.adopt('front-motor-goal')
    const state = (): JobState => reduce('j1', other.entries)
    const why = (id: string) =>
      lengthsAsked(
        state(),
        state().up.find((s) => s.id === `up:undo:${id}`)!,
      ).map((a) => a.why)
    other.log('part-replaced', { part: 'front-motor' })
    expect(why('front-rim-screws')).toEqual([])
    other.log('replacement-compared', {
      part: 'front-motor',
      rows: [{ id: 'pole-pairs', name: 'x', old: 15, oldFrom: 'measured', fresh: 15, verdict: 'match' }],
    })
    expect(why('front-rim-screws')).toEqual(['foreign'])
    const of = state()
      .up.find((s) => s.id === 'up:undo:front-rim-screws')!
      .lengths!.flatMap((l) => l.of)
    other.log('worked-out', { working: 'length-in-hole', edition: 1, asked: [{ id: 'length', value: 16, u: 0.1 }], verdict: 'clear', of })
    expect(why('front-rim-screws')).toEqual([])
  })

  it('one that two tablets tell apart is settled first, and not asked for here', () => {
    downAll()
    const { fixings } = now()
    const disputed = { ...fixings, 'deck-screw-1': { ...fixings['deck-screw-1']!, disputed: ['e1'] } }
    expect(lengthsAsked({ ...now(), fixings: disputed }, lid())[0]!.members).toHaveLength(11)
  })

  it('a glance at another tablet that had not seen the new one says nothing of it', () => {
    downAll()
    const before = book.entries.length
    const glance = sideBySide(lengthsAsked(now(), lid())[0]!)!
    book.log('fixing-replaced', { members: ['deck-screw-3'] })
    book.log('worked-out', glance)
    const last = book.entries.at(-1)!
    const apart = [...book.entries.slice(0, -1), { ...last, base: before, device: 'another' }]
    const state = reduce('j1', apart as typeof book.entries)
    expect(lengthsAsked(state, lid())).toMatchObject([{ why: 'new', members: [{ id: 'deck-screw-3' }] }])
    expect(lengthsAsked(now(), lid())).toEqual([])
    // What is too long is so whatever that tablet had not seen.
    const { body, ...line } = last
    const stop = { ...line, body: { ...(body as object), verdict: 'stop', of: ['deck-screw-3'] }, base: before, device: 'another' }
    const stopped = reduce('j1', [...book.entries.slice(0, -1), stop] as typeof book.entries)
    expect(lengthsAsked(stopped, lid())[0]).toMatchObject({ why: 'stop', members: [{ id: 'deck-screw-3' }] })
  })

  it('a lead goes on without, with a reason; a true record of one that went in all the same is kept, and flagged', () => {
    downAll()
    book.log('step-done', { step: lid().id, pass: 'final', in: { members: SHORT, pass: 'final' } })
    expect(now().flags).toContainEqual(expect.objectContaining({ kind: 'not ready', subject: lid().id }))
    expect(now().fixings['deck-screw-1']!.condition).toBe('final')
    book.log('check-overridden', { check: 'screw lengths', reason: 'known set' })
    expect(shut()).toBe(false)
  })
})

describe('an axle against its own motor', () => {
  const job = (...more: readonly ((book: Logbook) => unknown)[]): JobState => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '1', machine: { name: 'Dunlin', fullVolts: 58.8 }, complaint: 'x' })
    book.adopt('front-motor-goal')
    for (const one of more) one(book)
    return reduce('j1', book.entries)
  }
  const foreign = (book: Logbook) => {
    book.log('replacement-compared', {
      part: 'front-motor',
      rows: [{ id: 'pole-pairs', name: 'x', old: 15, oldFrom: 'measured', fresh: 15, verdict: 'match' }],
    })
    book.log('part-replaced', { part: 'front-motor' })
  }
  const sum = (verdict: Verdict) => (book: Logbook) =>
    book.log('worked-out', { working: 'reaction', edition: 1, asked: [], verdict, of: ['front-motor'] })
  const looked = (book: Logbook) =>
    book.log('check-passed', { check: 'reaction path', shown: 'its list', step: 'up:step:front-reaction-path' })
  const missing = (state: JobState) => checkStatus(state, 'reaction path', state.lastAt).missing

  it('of a motor of its maker asks nothing but the look', () => {
    expect(missing(job((b) => b.log('part-replaced', { part: 'front-motor' })))).toEqual([{ is: 'not done' }])
  })
  it('of a foreign one asks the sum, and an arm where the sum wants it; the look does not open it meanwhile', () => {
    expect(missing(job(foreign, looked))).toEqual([{ is: 'reaction', part: 'front-motor', name: 'front-motor' }])
    expect(missing(job(foreign, sum('arm wanted'), looked))).toEqual([{ is: 'arm' }])
    expect(checkStatus(job(foreign, sum('arm wanted'), looked), 'reaction path', 1e15).open).toBe(false)
  })
  it('of a motor that bolts hold asks nothing of an axle, whoever made it', () => {
    const state = job(foreign)
    const [first, ...rest] = state.up
    expect(armMissing({ ...state, up: [{ ...first!, reaction: true }, ...rest] })).toEqual([])
    expect(armMissing(state)).toHaveLength(1)
  })
  it('held by its arm, or by its nuts after all, it wants the look only', () => {
    expect(missing(job(foreign, sum('arm wanted'), sum('held by its arm')))).toEqual([{ is: 'not done' }])
    expect(missing(job(foreign, sum('holds')))).toEqual([{ is: 'not done' }])
    // A sum that names no axle is of the only one that is asked for.
    const bare = (book: Logbook) => book.log('worked-out', { working: 'reaction', edition: 1, asked: [], verdict: 'holds' })
    expect(missing(job(foreign, bare))).toEqual([{ is: 'not done' }])
  })
})
