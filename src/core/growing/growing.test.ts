import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Logbook } from '../../../tests/logbook'
import { stateOf } from '../../../tests/shut'
import { fileLaws, grown as grow } from '../../../tests/take-down-laws'
import { randomMachine, takeDown } from '../../../tests/take-downs'
import { parseMachineFile } from '../../formats/machine-file'
import { SAYS } from '../../words/en/growing'
import { NEWEST_FORM } from '../build'
import { plan } from '../planning'
import { grownOf, type Grown, improved, merge } from './index'

const read = (file: object) => {
  const parsed = parseMachineFile(JSON.stringify(file))
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.error.problems))
  return parsed.value
}

function scooter(): Logbook {
  const book = new Logbook(NEWEST_FORM)
  const photo = 'ab'.repeat(32)
  book.log('job-opened', {
    number: '7',
    machine: { name: 'Unknown scooter', class: 'scooter', fullVolts: 42 },
    complaint: 'x',
    job: 'front motor',
  })
  book.log('variant-answered', { variant: 'drive:kind', option: 'wheel' })
  book.log('photo-added', { photo, side: 'left' })
  const off = (id: string, sort: never, count: number, text: string, more: object = {}) =>
    book.log('came-off', { step: `off:${id}`, sort, count, text, ...more } as never)
  off('s', 'screw' as never, 8, 'M4×10', { thread: 'M4', tool: 'T20', cell: 'A1', of: 'cover', pin: { photo, x: 0.25, y: 0.5 } })
  off('c', 'part' as never, 1, 'deck cover')
  off('p', 'plug' as never, 1, 'battery plug')
  off('h', 'plug' as never, 1, 'hall plug')
  off('n', 'nut' as never, 2, 'M12×1.25 nut', { thread: 'M12×1.25', of: 'motor axle', hangs: 'propped', cell: 'A2' })
  off('t', 'tie' as never, 1, 'tie')
  off('m', 'part' as never, 1, 'front motor')
  return book
}

describe('the machine file that a job grew', () => {
  it('is read, plans both ways, and says what it does not know', () => {
    const file = read(grow(scooter()))
    expect(file).toMatchObject({ name: 'Unknown scooter', class: 'scooter', drives: [{ kind: 'hub direct', part: 'front-motor' }] })
    expect(file.pack).toMatchObject({ plug: 'battery-plug', cells: 10 })
    expect(file.joints.map((j) => [j.id, j.kind, j.holds[0], j.members.length])).toEqual([
      ['m4x10', 'screws', 'deck-cover', 8],
      ['m12x1-25-nut', 'nut', 'front-motor', 2],
      ['tie', 'tie', 'front-motor', 1],
    ])
    expect(file.photos).toEqual([{ id: 'ab'.repeat(32), side: 'left', pose: 'on-its-wheels', pins: [{ of: 'm4x10', x: 0.25, y: 0.5 }] }])
    expect(file.loadPath).toEqual([{ part: 'front-motor', joints: ['m12x1-25-nut'], support: 'prop-front-motor' }])
    const grown = file['x-grown'] as Grown
    expect(grown.jobs).toEqual(['j1'])
    expect(grown.doubts).toContainEqual({ of: 'm12x1-25-nut', is: 'torque' })
    expect(grown.doubts).not.toContainEqual({ of: 'm4x10', is: 'thread' })
    const planned = plan(file, 'untouched', [file.goals[0]!.id], { variants: {} })
    if (!planned.ok) throw new Error(JSON.stringify(planned.error))
    const titles = planned.value.down.steps.map((s) => s.title)
    expect(titles).toEqual(
      expect.arrayContaining(['Undo 8 × M4×10', 'Lift off deck cover', 'Pull hall plug', 'Prop front motor', 'Lift off front motor']),
    )
    expect(titles.indexOf('Lift off deck cover')).toBeGreaterThan(titles.indexOf('Undo 8 × M4×10'))
    expect(titles.indexOf('Prop front motor')).toBeLessThan(titles.findIndex((t) => t.startsWith('Undo 2 ×')))
    const back = planned.value.up.steps.map((s) => s.title)
    expect(back.indexOf('Deck cover back')).toBeGreaterThan(back.indexOf('Join hall plug: until it clicks, then tug'))
    expect(back.indexOf('8 × M4×10 back')).toBeGreaterThan(back.indexOf('Deck cover back'))
  })
  it('knows how long what was logged one by one took, and guesses nothing of the rest', () => {
    const file = grow(scooter())
    const cover = file.parts.find((p) => p.id === 'deck-cover')!
    expect(cover.lift!.modes[0]!.minutes).toEqual({ low: 0.5, likely: 1, high: 2 })
    expect((file['x-grown'] as Grown).doubts).toContainEqual({ of: 'm4x10', is: 'minutes' })
  })
  it('a break, or two lines at once, is no time that a step took', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '7', machine: { name: 'x', class: 'buggy' }, complaint: '' })
    book.log('came-off', { step: 'off:a', sort: 'part', count: 1, text: 'hood' })
    book.wait(45)
    book.log('came-off', { step: 'off:b', sort: 'part', count: 1, text: 'seat' })
    const last = book.entries.at(-1)!
    book.log('came-off', { step: 'off:c', sort: 'part', count: 1, text: 'belt' }, { at: last.at + 1000 })
    const doubts = (grow(book)['x-grown'] as Grown).doubts.filter((d) => d.is === 'minutes').map((d) => d.of)
    expect(doubts).toEqual(['hood', 'seat', 'belt'])
  })
  it('of one part has no list of one, and is planned all the same', () => {
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', { number: '7', machine: { name: '箱', class: 'buggy' }, complaint: '' })
    book.log('came-off', { step: 'off:a', sort: 'part', count: 1, text: '盖' })
    const file = read(grow(book))
    expect(plan(file, 'untouched', [file.goals[0]!.id], { variants: {} }).ok).toBe(true)
  })
})

const ASK = { revision: '2026-12', asked: new Set<string>(), question: (n: string) => `Has it ${n}?`, yes: 'yes', no: 'no' }

describe('a second unit of the same model', () => {
  /** The same with a solenoid's plug and one screw fewer. */
  function second(): Logbook {
    const book = scooter()
    book.log('came-off', { step: 'off:sol', sort: 'plug', count: 1, text: 'solenoid plug', after: 'off:c' })
    book.log('off-corrected', { step: 'off:s', count: 7 })
    return book
  }
  const told = (asked: readonly string[] = []) => merge(grow(scooter()), grow(second()), { ...ASK, asked: new Set(asked) })
  it('is told as a difference, and nothing of the known file goes', () => {
    const { file, differences } = told()
    expect(differences).toEqual([
      { is: 'new', of: 'solenoid-plug', what: 'plug', name: 'solenoid plug', may: true },
      { is: 'count', of: 'm4x10', name: '8 × M4×10', was: 8, now: 7 },
    ])
    const merged = read(file)
    expect(merged.joints.map((j) => j.id)).toEqual(grow(scooter()).joints.map((j) => j.id))
    expect(merged.connections.at(-1)).toMatchObject({ id: 'solenoid-plug', access: { fact: 'off', of: 'deck-cover' } })
    expect(grownOf(merged).doubts).toContainEqual({ of: 'm4x10', is: 'count', other: '7' })
    expect(plan(merged, 'untouched', [merged.goals[0]!.id], { variants: {} }).ok).toBe(true)
  })
  it('may be asked of: one that has it and one that has not are both planned', () => {
    const merged = read(told(['solenoid-plug']).file)
    expect(merged.variants).toMatchObject([{ question: 'Has it solenoid plug?', worst: 'yes' }])
    const steps = (answer: string) => {
      const planned = plan(merged, 'untouched', [merged.goals[0]!.id], { variants: { [merged.variants[0]!.id]: answer } })
      return planned.ok ? planned.value.down.steps.map((s) => s.title) : []
    }
    expect(steps('no')).not.toContain('Pull solenoid plug')
    expect(steps('no').length).toBeGreaterThan(5)
  })
  it('the same again is no difference', () => {
    expect(merge(grow(scooter()), grow(scooter()), ASK).differences).toEqual([])
    const { file } = merge(grow(scooter()), grow(scooter()), ASK)
    expect({ ...file, revision: '' }).toEqual({ ...grow(scooter()), revision: '' })
  })
  it('of what this one has not is told; its times are the mean of both', () => {
    const fewer = scooter()
    fewer.log('struck', { target: fewer.entries.find((e) => e.kind === 'came-off' && e.body.step === 'off:s')!.id })
    expect(merge(grow(scooter()), grow(fewer), ASK).differences).toContainEqual({ is: 'not there', of: 'm4x10', name: '8 × M4×10' })
    const slow = new Logbook(NEWEST_FORM)
    slow.log('job-opened', { number: '8', machine: { name: 'Unknown scooter', class: 'scooter' }, complaint: '' })
    slow.log('came-off', { step: 'off:s', sort: 'screw', count: 8, text: 'M4×10' })
    slow.wait(4)
    slow.log('came-off', { step: 'off:c', sort: 'part', count: 1, text: 'Deck cover' })
    const { file, differences } = merge(grow(scooter()), grow(slow), ASK)
    expect(differences).toContainEqual({ is: 'minutes', of: 'deck-cover', name: 'deck cover', was: 1, now: 3 })
    expect(file.parts.find((p) => p.id === 'deck-cover')!.lift!.modes[0]!.minutes).toMatchObject({ likely: 3, high: 10 })
    // A little longer is the same, and what nobody timed changes nothing.
    const alike = new Logbook(NEWEST_FORM)
    alike.log('job-opened', { number: '8', machine: { name: 'Unknown scooter', class: 'scooter' }, complaint: '' })
    alike.log('came-off', { step: 'off:s', sort: 'screw', count: 8, text: 'M4×10' })
    alike.wait(0.2)
    alike.log('came-off', { step: 'off:c', sort: 'part', count: 1, text: 'deck cover' })
    expect(merge(grow(scooter()), grow(alike), ASK).differences.filter((d) => d.is === 'minutes')).toEqual([])
    const slower = merge(grow(scooter()), grow(slow), ASK).file
    const untimed = new Logbook(NEWEST_FORM)
    untimed.log('job-opened', { number: '8', machine: { name: 'Unknown scooter', class: 'scooter' }, complaint: '' })
    untimed.log('came-off', { step: 'off:c', sort: 'part', count: 1, text: 'deck cover' })
    expect(merge(slower, grow(untimed), ASK).differences.filter((d) => d.is === 'minutes')).toEqual([])
  })
  it('a job that ran by the file adds what it found, behind the step that it was found at', () => {
    const file = read(grow(scooter()))
    const found = plan(file, 'untouched', [file.goals[0]!.id], { variants: {} })
    if (!found.ok) throw new Error()
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', {
      number: '9',
      machine: { name: file.name, class: 'scooter', file: file.id, revision: file.revision },
      complaint: '',
    })
    book.log('plan-adopted', { plan: found.value, file: file.id, revision: file.revision, settings: stateOf(book).settings })
    const cover = found.value.down.steps.find((s) => s.title === 'Lift off deck cover')!
    for (const s of found.value.down.steps.slice(0, found.value.down.steps.indexOf(cover) + 1)) book.log('step-done', { step: s.id })
    book.log('came-off', { step: 'off:foam', sort: 'tape', count: 1, text: 'foam strip', after: cover.id })
    const { file: next, differences } = improved(file, stateOf(book), SAYS, ASK)
    expect(differences).toEqual([{ is: 'new', of: 'foam-strip', what: 'fixing', name: 'foam strip', may: true }])
    const merged = read(next)
    expect(merged.joints.at(-1)).toMatchObject({ id: 'foam-strip', access: { fact: 'off', of: 'deck-cover' } })
    expect(grownOf(merged).jobs).toEqual(['j1'])
  })
})

describe('files of random take-downs', () => {
  it('are read, planned, and replay the job: its order is one that the file allows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), (seed) => {
        expect(fileLaws(seed)).toEqual([])
      }),
      { seed: 61, numRuns: 100 },
    )
  })
})

describe('files of two units', () => {
  it('merged are read and planned, whatever the two had, and asked of what is new too', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), fc.integer({ min: 1, max: 1e9 }), (one, two) => {
        const [a, b] = [grow(takeDown(randomMachine(one), one)), grow(takeDown(randomMachine(two), two))]
        const first = merge(a, b, ASK)
        expect(plan(read(first.file), 'untouched', [a.goals[0]!.id], { variants: {} }).ok).toBe(true)
        const asked = new Set(first.differences.flatMap((d) => (d.is === 'new' && d.may ? [d.of] : [])))
        const file = read(merge(a, b, { ...ASK, asked }).file)
        expect(file.variants).toHaveLength(asked.size)
        const no = Object.fromEntries(file.variants.map((v) => [v.id, 'no']))
        expect(plan(file, 'untouched', [a.goals[0]!.id], { variants: no }).ok).toBe(true)
      }),
      { seed: 62, numRuns: 60 },
    )
  })
})
