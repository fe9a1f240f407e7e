// The reducer on a 2,000-entry journal, and the planner on every job of the Dunlin.
import { type Entry, expectedDone, presentStep, reduce } from '../src/core/job'
import { Logbook } from '../tests/logbook'
import { plan } from '../src/core/planning'
import { dunlin } from '../src/demo/machines/dunlin'
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
        book.log('proof-taken', { instrument: 'm', readings: [{ between: 'feed', volts: 0 }] })
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
const file = dunlin()
for (const goal of file.goals) {
  const times = time(() => void plan(file, 'untouched', [goal.id], { variants: {} }), 7, 1)
  const result = plan(file, 'untouched', [goal.id], { variants: {} })
  row(`plan ${goal.name}, median`, `${at(times, 0.5).toFixed(0)} ms`, result.ok ? `proved: down ${result.value.down.proved}, up ${result.value.up.proved}` : '')
}
