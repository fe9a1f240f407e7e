import type { Bodies, Kind } from '../src/core/job'
import { dunlinPlan } from './logbook'

const ID = '01a21089-c2e7-7676-a522-f2b4340beda1'
const PHOTO = 'ab'.repeat(32)

/** One body of every kind in version 1, as devices write them. They stay here, as they are, for as long as version 1 is read. */
export const ENTRY_FIXTURES: { readonly [K in Kind]: Bodies[K] } = {
  'job-opened': { number: '0412', machine: { name: 'Dunlin', unit: 'no. 7', file: 'dunlin', revision: '2026-03', owner: 'pool', fullVolts: 58.8 }, stand: '2', complaint: 'jerks', job: 'front motor' },
  'goal-set': { goals: ['front-motor-goal'], text: 'front motor' },
  'variant-answered': { variant: 'lid-edge', option: 'dry' },
  'symptom-noted': { text: 'jerks', certainty: 'sure', symptom: 'jerks' },
  'damage-noted': { text: 'scraped', side: 'left', photo: PHOTO },
  'pack-checked': { result: 'quarantine', signs: ['swollen'], lowestGroup: 2.4, temperature: 21 },
  'replacement-compared': { part: 'front-motor', rows: [{ id: 'flats', name: 'across the flats', unit: 'mm', old: 10, oldFrom: 'machine file', fresh: 10.05, verdict: 'match' }, { id: 'plug', name: 'Hall plug', old: '6-pin', oldFrom: 'measured', fresh: null, verdict: 'not measured' }] },
  'delivery-counted': { items: [{ name: 'front motor', expected: 1, found: 1 }, { name: 'cable tie', expected: 3, found: 2 }], also: 'a sticker' },
  'note-added': { text: 'longer head', step: 'down:undo:deck-screws' },
  'photo-added': { photo: PHOTO, step: 'down:off:deck-lid', side: 'right', pose: 'upright', caption: 'open deck' },
  'reading-taken': { quantity: 'voltage', value: 52.1, unit: 'V', u: 0.1, instrument: 'meter 3', place: 'pack', live: true, test: 'pack-rest', drive: 'front-drive', raw: [52, 52.2], step: 'down:undo:deck-screws' },
  'test-observed': { test: 'halls', outcome: 'one stuck', text: 'one never changes', live: true, drive: 'front-drive' },
  'test-skipped': { test: 'spin', text: 'Spin it', reason: 'no stand free', drive: 'front-drive' },
  'fault-called': { fault: 'Hall wire broken', certainty: 'maybe', id: 'hall-wire', drive: 'front-drive', action: 'new motor' },
  'voltage-told': { from: 'cells', volts: 54.6, cells: 13, chemistry: 'Li-ion' },
  'power-changed': { to: 'isolated', how: 'unplugged' },
  'proof-taken': { readings: [{ between: 'front feed', volts: 0.2, role: 'poles' }], instrument: 'meter 3' },
  'plan-adopted': { plan: JSON.parse(JSON.stringify(dunlinPlan('inspect'))) as Bodies['plan-adopted']['plan'], file: 'dunlin', revision: '2026-03', settings: { proofMinutes: 240, proofMinutesHigh: 30, deadVolts: 5 }, reason: 'first' },
  'step-done': {
    step: 'down:undo:deck-screws', pass: 'final', minutes: 4, out: [{ members: ['deck-screw-1'], to: 'cell', cell: 'A1' }], in: { members: ['deck-screw-1'], pass: 'final', torque: 2.5, how: 'wrench', tool: 'torque 1–6', reason: 'plastic' }, breakaway: 3.1,
    partsOff: ['deck-lid'], partsOn: ['pack'], power: 'out', lock: { product: 'medium', handlingMinutes: 20, cureHours: 24, temperature: 18 },
  },
  'step-left': { step: 'down:undo:deck-screws', reason: 'stuck', members: ['deck-screw-1'] },
  'step-added': { step: 'n1', title: 'Lift the crate', after: 'n0', tool: 'hex 5', fixings: [{ id: 'f1', joint: 'n1', label: 'M5', place: 'top', keep: 'cell', cell: 'A1', captive: true, stay: true, consumable: true }], parts: [{ id: 'p1', name: 'crate' }] },
  'step-differs': { step: 'down:undo:deck-screws', text: 'twelve, not fourteen' },
  'fixing-out': { members: ['deck-screw-1'], to: 'own hole', condition: 'worn' },
  'fixing-in': { members: ['deck-screw-1'], pass: 'seated', torque: 2, how: 'feel' },
  'fixing-lost': { members: ['deck-screw-1'], text: 'under the bench' },
  'fixing-found': { members: ['deck-screw-1'], cell: 'A1' },
  'fixing-replaced': { members: ['deck-screw-1'], label: 'M4×10 new', reason: 'rounded' },
  'fixing-kept-out': { members: ['deck-screw-1'], reason: 'hole is stripped' },
  'part-off': { parts: ['deck-lid'] },
  'part-on': { parts: ['deck-lid'] },
  'part-replaced': { part: 'front-motor', oldSerial: 'A', newSerial: 'B', step: 'front-swap-motor' },
  'pose-changed': { to: 'on-left', name: 'folded, on its left side', people: 2 },
  'lock-applied': { subject: 'rim screws', product: 'medium', handlingMinutes: 20, cureHours: 24, temperature: 21 },
  'lock-disturbed': { subject: 'rim screws', reason: 'turned back' },
  'check-passed': { check: 'brakes', evidence: 'lever firm', step: 'up:step:front-brake-check', items: [{ name: 'lever firm', result: 'right' }] },
  'check-failed': { check: 'spin test', items: [{ name: 'direction', result: 'wrong' }], text: 'backward' },
  'check-overridden': { check: 'ridden', reason: 'rain' },
  'stage-moved': { to: 'take down', reason: 'again' },
  parked: { why: 'waiting for a motor', where: 'shelf 2', safe: 'pack out' },
  resumed: { text: 'motor came' },
  'handed-over': { to: 'Marit', text: 'nut is warm' },
  'ride-added': {
    text: 'pulls clean', kilometres: 1.5, stage: 'gentle', outcome: 'passed',
    log: {
      name: 'ride.csv', rows: 40, kept: 38, seconds: 38, hz: 1, notes: [{ kind: 'gap', count: 1, row: 12, seconds: 9 }], findings: [{ id: 'top speed', verdict: 'good', value: 19.2, u: 0.3, unit: 'km/h', limit: 20 }],
      strips: { from: 0, to: 38, slices: 10, channels: { speed: { low: [0, 1, 2, 3, null, 5, 6, 7, 8, 9], high: [1, 2, 3, 4, null, 6, 7, 8, 9, 10] } } },
    },
  },
  'recheck-set': { what: 'nut marks', due: 'after 20 km', on: '2026-12-24', kilometres: 20 },
  'handed-back': { to: 'pool', text: 'with thanks' },
  struck: { target: ID, reason: 'wrong line' },
}
