import { readingWords } from '../words/en/diagnosis'
import { NEWEST_FORM } from '../core/build'
import { UNITS, unitLabel } from '../core/units'
import { catalogueOf } from '../core/diagnosis'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { dunlinPlan, Logbook } from '../../tests/logbook'
import { emptyState, KIND_IDS, reduce, rungs, summarize, readEntry, written } from '../core/job'
import { fileVolts } from '../core/machine'
import { demoMachines } from '../demo/machines'
import { dunlin } from '../demo/machines/dunlin'
import { powerAgainst } from './fault/power-against'
import { readNumber } from '../ui/number'
import { columnOf, depthAt, placeOf } from '../ui/dip'
import { clockText, spanText } from '../ui/time'
import { CAUTION_LEVELS } from '../core/cautions'
import { cautionsOf } from '../words/en/cautions'
import { describeEntry } from '../words/en/journal-line'
import { pillOf } from '../words/en/pill'
import { pedalMay } from './shared/do-step'
import { doneLabel, factsOfStep } from '../words/en/step-facts'
import { stageNamed } from './job/use-shown-stage'
import { looseText, powerWord, stageProgress, stepText } from '../words/en/job-state'
import { SHAPES } from '../../tests/samples'

const goals = dunlin().goals.map((g) => g.id)
const steps = goals.flatMap((g) => {
  const p = dunlinPlan(g, { 'lid-edge': 'sealed' })
  return [...p.down.steps, ...p.up.steps]
})

const fresh = emptyState('j')
/** The machine stands as the step wants it. */
const withoutTurn = ({ turn: _, ...step }: (typeof steps)[number]): (typeof steps)[number] => step

describe('cautions', () => {
  it('have a text for every hazard that a step of the Dunlin names', () => {
    const named = new Set(steps.flatMap((s) => s.cautions))
    expect([...named].filter((id) => !Object.hasOwn(CAUTION_LEVELS, id))).toEqual([])
  })
  it('give the hazard first', () => {
    expect(cautionsOf(['H36', 'H43']).map((c) => c.level)).toEqual(['stop', 'look'])
  })
  it('one that nobody knows stops all the same: it is shown by name and no pedal passes it', () => {
    expect(cautionsOf(['H36', 'H999'])[0]).toMatchObject({ level: 'stop', text: expect.stringMatching(/“H999”/) })
    const step = steps.find((s) => pedalMay(fresh, s))!
    expect(pedalMay(fresh, { ...step, cautions: ['constructor'] })).toBe(false)
  })
  it('no pedal says how tight something is', () => {
    const torqued = steps.filter((s) => s.torque && s.limb === 'up')
    const last = (s: (typeof steps)[number]) =>
      ({
        ...fresh,
        up: [s],
        steps: { [s.id]: { status: 'begun', pass: s.passes!.at(s.passes!.indexOf('final') - 1)!, differs: [], photos: [], notes: [] } },
      }) as const
    expect(torqued.length).toBeGreaterThan(5)
    for (const s of torqued) expect(pedalMay(last(s) as never, { ...s, cautions: [] }), s.id).toBe(false)
  })
  it('no pedal passes a check, a reading, power, heat or air under pressure', () => {
    const passed = new Set(steps.filter((s) => pedalMay(fresh, withoutTurn(s))).map((s) => s.action))
    for (const action of [
      'step:prove-dead',
      'unplug:pack-plug',
      'off:pack',
      'undo:front-right-nut',
      'step:front-pressure',
      'step:spin-test',
      'step:front-brake-check',
    ])
      expect(passed.has(action), action).toBe(false)
    for (const action of ['undo:mat-edge', 'undo:deck-screws', 'unplug:front-hall', 'undo:front-left-washers'])
      expect(passed.has(action), action).toBe(true)
  })
})

describe('what the big action says', () => {
  const book = new Logbook().open()
  book.adopt('front-motor-goal')
  const state = reduce('j1', book.entries)
  const label = (id: string) =>
    doneLabel(
      state,
      [...state.down, ...state.up].find((s) => s.id === id)!,
    )
  it.each([
    ['down:undo:front-right-nut', 'Off, in A3'],
    ['down:undo:deck-screws', 'Off, in A1 and A2'],
    ['down:undo:front-left-nut', 'Off, order kept'],
    ['down:undo:front-ties', 'Cut, off'],
    ['down:unplug:pack-plug', 'Unplugged and capped'],
    ['down:off:pack', 'Out and away'],
    ['up:undo:front-left-nut', 'Both started by hand'],
    ['up:undo:front-rim-screws', 'All 6 started by hand'],
  ])('%s: %s', (id, text) => expect(label(id)).toMatch(id.includes('right-nut') ? /^Off, in [A-C]\d$/ : text))
  it('gives three facts at the most, and the source of a torque', () => {
    for (const s of steps) expect(factsOfStep(s).length).toBeLessThanOrEqual(3)
    const rim = state.up.find((s) => s.id === 'up:undo:front-rim-screws')!
    expect(factsOfStep(rim)).toContainEqual({ label: 'Tighten', value: '10 N·m', note: 'machine file' })
  })
  it('has a pill for every numbered rung, with words for those who cannot see it', () => {
    for (const row of rungs(state, 'down')) if (row.number !== undefined) expect(pillOf(state, row)?.words).toMatch(/: /)
  })
})

describe('words', () => {
  it.each([
    [{ fixings: 19, parts: 5 }, '19 screws + 5 parts loose'],
    [{ fixings: 1, parts: 0 }, '1 screw loose'],
    [{ fixings: 0, parts: 1 }, '1 part loose'],
    [{ fixings: 0, parts: 0 }, 'nothing loose'],
  ])('%j is “%s”', (loose, text) => expect(looseText(loose)).toBe(text))
  it.each([
    ['live', true, 'LIVE'],
    ['isolated', true, 'ISOLATED, PACK ABOARD'],
    ['isolated', false, 'ISOLATED, NOT PROVED'],
    ['out', false, 'PACK OUT, NOT PROVED'],
    ['out', true, 'PACK OUT'],
  ] as const)('%s, proved %s: %s', (power, proved, word) => expect(powerWord(power, proved, true).word).toBe(word))
  it('tells how far a job is, on both limbs', () => {
    const book = new Logbook().open()
    book.adopt('inspect')
    book.log('stage-moved', { to: 'take down' })
    book.log('step-done', { step: 'down:undo:mat-edge' })
    const s = summarize(reduce('j1', book.entries))
    expect(stepText(s)).toBe(`step 2 of ${s.depth}`)
    expect(stageProgress(s)).toBeCloseTo(1 / s.depth)
  })
  it('says every figure that a test of the catalogue asks for, and each is taken in both forms', () => {
    for (const { id, answer } of catalogueOf('hub direct', 58.8).tests) {
      if (answer.kind !== 'number') continue
      const { unit } = answer
      const body = { test: id, quantity: UNITS[unit].dimension, result: { is: 'over', limit: 3 }, unit, live: false } as const
      for (const form of [0, NEWEST_FORM]) {
        const one = written('reading-taken', body, form)
        expect(() => SHAPES['reading-taken'].versions[one.v]!.validateSync(one.body), id).not.toThrow()
      }
      expect(UNITS[answer.inputUnit], id).toBeDefined()
      expect(readingWords(body), id).toBe(`${answer.quantity} > 3 ${unitLabel(unit)}`)
    }
  })
  it('describes an entry of every kind, and gives none away as undefined', () => {
    const book = new Logbook().open()
    book.adopt()
    const state = reduce('j1', book.entries)
    for (const kind of KIND_IDS) {
      for (const [v, body] of Object.entries(SHAPES[kind].samples)) {
        const entry = readEntry({ ...book.entries[0]!, kind, v: Number(v), body } as never)!
        const text = describeEntry(entry, state)
        expect(text.length, kind).toBeGreaterThan(3)
        expect(text, kind).not.toMatch(/undefined|\[object/)
      }
    }
  })
})

describe('readNumber', () => {
  it.each([
    ['0', 0],
    ['47,5', 47.5],
    ['−3', -3],
    ['-3.25', -3.25],
    ['.5', 0.5],
    ['12.', 12],
    [' 7 ', 7],
    ['', null],
    ['abc', null],
    ['1e9', null],
    ['1 000', null],
    ['--3', null],
    ['3V', null],
    ['Infinity', null],
  ])('“%s” is %s', (text, value) => expect(readNumber(text)).toBe(value))
})

describe('the dip', () => {
  it('goes down and comes back up', () => {
    expect([depthAt(0), depthAt(0.4), depthAt(0.47), depthAt(0.59), depthAt(0.71), depthAt(1)].map((x) => Math.round(x * 100))).toEqual([
      0, 0, 50, 100, 50, 0,
    ])
  })
  it('places the eight stages from left to right, slopes by progress', () => {
    const columns = Array.from({ length: 8 }, (_, i) => columnOf(i))
    expect([...columns].sort((a, b) => a - b)).toEqual(columns)
    expect(depthAt(placeOf(3, 0))).toBe(0)
    expect(depthAt(placeOf(3, 1))).toBe(1)
    expect(placeOf(5, 7)).toBe(placeOf(5, 1))
  })
})

describe('times', () => {
  const now = new Date(2026, 2, 18, 14).getTime()
  it.each([
    [new Date(2026, 2, 18, 9, 5).getTime(), '09:05'],
    [new Date(2026, 2, 19, 11, 25).getTime(), 'Thu 11:25'],
    [new Date(2026, 1, 3, 11, 25).getTime(), '3 Feb, 11:25'],
  ])('%d is %s', (at, text) => expect(clockText(at, now)).toBe(text))
  it.each([
    [20_000, 'under a minute'],
    [40 * 60_000, '40 min'],
    [21 * 3_600_000, '21 h'],
  ])('%d ms is %s', (ms, text) => expect(spanText(ms)).toBe(text))
})

describe('colours', () => {
  const css = readFileSync(path.join(import.meta.dirname, '..', 'app', 'globals.css'), 'utf8')
  const tokens = (block: string) => Object.fromEntries([...block.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map((m) => [m[1]!, m[2]!]))
  const day = tokens(/:root \{([^}]*)\}/.exec(css)![1]!)
  const night = { ...day, ...tokens(/\[data-light='night'\] \{([^}]*)\}/.exec(css)![1]!) }
  // WCAG 2.2, relative luminance and contrast ratio.
  const luminance = (hex: string) => {
    const [r, g, b] = [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
  }
  const contrast = (a: string, b: string) => {
    const [x, y] = [luminance(a), luminance(b)].sort((p, q) => q - p)
    return (x! + 0.05) / (y! + 0.05)
  }
  it.each([
    ['ink', 'bench', 7],
    ['ink', 'paper', 7],
    ['steel', 'bench', 4.5],
    ['steel', 'paper', 4.5],
    ['copper', 'bench', 4.5],
    ['copper', 'paper', 4.5],
    ['on-copper', 'copper', 4.5],
    ['ok', 'ok-tint', 4.5],
    ['on-ok', 'ok', 4.5],
    ['look', 'look-tint', 4.5],
    ['stop', 'stop-tint', 4.5],
    ['on-stop', 'stop', 4.5],
    ['pose', 'pose-tint', 4.5],
    ['on-bar', 'bar', 7],
    ['bar-quiet', 'bar', 4.5],
    ['paper', 'look', 4.5],
    ['steel', 'tray', 4.5],
    ['ink', 'look-tint', 7],
    ['ink', 'stop-tint', 7],
  ])('%s on %s reads at %d:1 by day and by night', (a, b, least) => {
    for (const t of [day, night]) expect(contrast(t[a]!, t[b]!)).toBeGreaterThanOrEqual(least)
  })
})

describe('a stage in the address', () => {
  it.each([
    ['take-down', 'take down'],
    ['Take%20down', 'take down'],
    ['Take Down', 'take down'],
    ['takedown', 'take down'],
    ['TAKE_DOWN', 'take down'],
    ['fault', 'find the fault'],
    ['safe', 'make safe'],
    ['swap', 'swap'],
    ['handback', 'hand back'],
    ['take', null],
    ['up', 'build up'],
    ['nonsense', null],
    ['', null],
  ] as const)('“%s” is %s', (text, stage) => expect(stageNamed(text)).toBe(stage))
})

describe('live', () => {
  it('is an alarm where something is open, and quiet where the machine is closed', () => {
    expect(powerWord('live', false, true)).toMatchObject({ word: 'LIVE', tone: 'stop' })
    expect(powerWord('live', false, false)).toMatchObject({ word: 'LIVE, CLOSED', tone: 'closed' })
    expect(powerWord('isolated', false, true)).toEqual(powerWord('isolated', false, false))
  })
})

describe('a test under power', () => {
  const at = (machine: string, qualified: boolean, test: Parameters<typeof powerAgainst>[1]): string | null => {
    const file = demoMachines().find((f) => f.id === machine)!
    const book = new Logbook(NEWEST_FORM)
    book.log('job-opened', {
      number: '1',
      machine: { name: file.name, file: file.id, revision: file.revision, fullVolts: fileVolts(file)! },
      complaint: 'x',
    })
    book.log('power-changed', { to: 'live' })
    const person = { id: 'p', name: 'p', role: 'mechanic', qualified }
    return powerAgainst({ state: reduce('j1', book.entries), now: 0, person }, test)
  }
  it('above 60 V is reached into by the qualified person only', () => {
    const inside = { power: 'live', reach: 'plugs' } as const
    expect(at('heron', false, inside)).toMatch(/marked qualified/)
    expect(at('heron', true, inside)).toBeNull()
    expect(at('heron', false, { power: 'live', reach: 'outside' })).toBeNull()
    expect(at('sanderling', false, inside)).toBeNull()
  })
})
