// The reducer on a 2,000-entry journal, the planner on every job of the Dunlin, beliefs with the next test, and a ride log judged.
import { type Entry, expectedDone, fold, presentStep, reduce, trayDrawn } from '../src/core/job'
import { NEWEST_FORM } from '../src/core/build'
import { readLine } from '../src/core/line'
import { Logbook } from '../tests/logbook'
import { plan } from '../src/core/planning'
import { advise, beliefTrail, type Evidence, catalogueOf } from '../src/core/diagnosis'
import { DEFAULT_LIMITS, summariseRide } from '../src/core/ride'
import { dunlin } from '../src/demo/machines/dunlin'
import { quayCsv, quayLog } from '../src/demo/ride'
import { readRideLog } from '../src/formats/ride-log'
import { at, row, time } from './timing'

/** A whole run down and up, then corrections of single fixings up to `n` entries. */
function longJournal(n: number): Entry[] {
  const book = new Logbook().open()
  book.adopt()
  for (const limb of ['down', 'up'] as const) {
    for (;;) {
      const state = reduce('j1', book.entries)
      const step = presentStep(state, limb, state.lastAt)
      if (!step) break
      if (step.check === 'dead') {
        book.log('power-changed', { to: 'out' })
        book.log('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0 }] })
      }
      if (step.check && step.limb === 'up') book.log('check-passed', { check: step.check as never, evidence: 'x', step: step.id })
      else book.log('step-done', expectedDone(state, step))
    }
  }
  for (let i = 0; book.entries.length < n; i++) {
    const member = `deck-screw-${(i % 14) + 1}`
    if (i % 3 === 0) book.log('note-added', { text: `note ${i}`, step: 'down:undo:deck-screws' })
    else if (i % 3 === 1) book.log('fixing-out', { members: [member], to: 'cell', cell: 'A1' })
    else book.log('fixing-in', { members: [member], pass: 'final' })
  }
  return book.entries
}

console.log('\nCore')
const entries = longJournal(2000)
const reduced = time(() => void reduce('j1', entries), 40)
row('reduce 2,000 entries, median', `${at(reduced, 0.5).toFixed(1)} ms`, 'under 20 ms')
row('reduce 2,000 entries, 95th percentile', `${at(reduced, 0.95).toFixed(1)} ms`, '')

/** A machine with no file: so many sets of ten, a part over every twelfth, all loose. */
function loose(pieces: number): Entry[] {
  const book = new Logbook(NEWEST_FORM)
  book.log('job-opened', { number: '1', machine: { name: 'x', class: 'tractor', fullVolts: 48 }, complaint: '' })
  for (let i = 0; i * 10 < pieces; i++) {
    if (i % 12 === 0) book.log('came-off', { step: `off:p${i}`, sort: 'part', count: 1 })
    book.log('came-off', { step: `off:n${i}`, sort: 'screw', count: 10, text: `M${4 + (i % 5)}×${10 + (i % 9)}`, cell: `A${(i % 9) + 1}` })
  }
  return book.entries
}
const many = loose(5000)
const before = reduce('j1', many.slice(0, -1) as Entry[])
row(
  'one line more on 5,000 loose pieces, median',
  `${at(
    time(() => void fold(before, [many.at(-1)!]), 40),
    0.5,
  ).toFixed(1)} ms`,
  'under 16 ms',
)
row(
  'all of 5,000 loose pieces reduced, median',
  `${at(
    time(() => void reduce('j1', many), 5, 1),
    0.5,
  ).toFixed(0)} ms`,
  'under 1,500 ms',
)
const whole = reduce('j1', many)
row(
  'the tray of 5,000 loose pieces drawn, median',
  `${at(
    time(() => void trayDrawn(whole, { rows: 26, columns: 12 }, whole.lastAt), 10),
    0.5,
  ).toFixed(1)} ms`,
  'under 50 ms',
)
const lines = [
  '4 m5 x 12mm T25 chain guard in b2',
  '2 lock nuts M12x1.25 13 Nm',
  'hall plug 9-pin',
  '3 washers 10x20x1, worn',
  '12x 1/4-20 x 3/4 button hex',
]
const reading = time(() => lines.forEach((l) => void readLine(l)), 400)
row('a typed line read, median', `${(at(reading, 0.5) / lines.length).toFixed(3)} ms`, 'under 1 ms')
const file = dunlin()
for (const goal of file.goals) {
  const times = time(() => void plan(file, 'untouched', [goal.id], { variants: {} }), 7, 1)
  const result = plan(file, 'untouched', [goal.id], { variants: {} })
  row(
    `plan ${goal.name}, median`,
    `${at(times, 0.5).toFixed(0)} ms`,
    result.ok ? `proved: down ${result.value.down.proved}, up ${result.value.up.proved}` : '',
  )
}

const hub = catalogueOf('hub direct', 58.8)
const evidence: Evidence[] = [
  { kind: 'symptom', symptom: 'jerks' },
  { kind: 'symptom', symptom: 'push', certainty: 'maybe' },
  { kind: 'word', test: 'turn', outcome: 'free' },
  { kind: 'word', test: 'code', outcome: 'hall' },
  { kind: 'value', test: 'pack-rest', value: 55.1 },
  { kind: 'value', test: 'throttle', value: 2.71 },
  { kind: 'value', test: 'rail', value: 4.98 },
  { kind: 'value', test: 'pack-sag', value: 1.2 },
]
const far = (): { readonly access: number; readonly power: number } => ({ access: 16, power: 5 })
const believed = time(() => void beliefTrail(hub, evidence), 60)
row('belief after each of 8 readings, median', `${at(believed, 0.5).toFixed(1)} ms`, 'under 10 ms')
const oneStep = time(() => void advise(hub, evidence, far), 40)
row('the next test, one step, median', `${at(oneStep, 0.5).toFixed(1)} ms`, 'under 75 ms')
const twoSteps = time(() => void advise(hub, evidence, far, {}, new Set(), { depth: 2 }), 5)
row('the next test, two steps, median', `${at(twoSteps, 0.5).toFixed(1)} ms`, 'under 375 ms')
const hour = quayLog({ seconds: 3600, hz: 10, top: 19 })
const judged = time(() => void summariseRide('hour', hour, DEFAULT_LIMITS), 7, 1)
row('a ride of one hour at 10 Hz cleaned and judged, median', `${at(judged, 0.5).toFixed(0)} ms`, 'under 300 ms')
const million = quayCsv({ seconds: 40_000, hz: 25, top: 19 })
const read = time(
  () => {
    const log = readRideLog(million)
    if (!log.ok || !summariseRide('million', log.value.raw, DEFAULT_LIMITS).ok) throw new Error('the million rows were not read')
  },
  3,
  1,
)
row(
  `${(million.length / 1e6).toFixed(0)} MB, 1,000,000 rows read and judged, median`,
  `${(at(read, 0.5) / 1000).toFixed(2)} s`,
  'under 3 s',
)
