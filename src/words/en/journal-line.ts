import { signNames } from './names'
import type { Bodies, Entry, JobState } from '../../core/job'
import { faultWords, observedWords, readingWords, testWords } from './diagnosis'
import { leftWords, noteWords, recheckDue, recheckWhat, skippedWords } from './entries'
import { instrumentWords, proofPlace, readingPlace } from './readings'
import { checkWords, itemWords } from './checks'
import { deliveryWords } from './delivery'
import { OPENED_WORDS, rideLine } from './rides'
import { settingsLine } from './electronics'
import { askedWords } from './owner'
import { STRAY_WORDS } from './strays'
import { figureText, WORKING_NAMES } from './worked'
import { correctedWords, offWords, orderWords } from './off'
import { PLUG_WORDS } from './plugs'
import { saltWords } from './salt'
import { titleOf } from './titles'
import { trialWords } from './trials'
import { poseWords } from './poses'
import { LOOK_NAMES } from './looks'
import { STAGE_LABEL } from './job-state'

const fixingNames = (state: JobState, ids: readonly string[]): string => {
  const first = state.fixings[ids[0] ?? '']
  const name = first ? first.label : (ids[0] ?? '')
  return ids.length === 1 ? `${name}${first ? `, ${first.place}` : ''}` : `${ids.length} × ${name}`
}

const CHARGE_FROM = { label: 'by the charger’s label', cells: 'by its cells', reading: 'read at the pack' } as const
const POWER = { live: 'live', isolated: 'isolated, pack aboard', out: 'pack out' } as const
const PASS = { started: 'started by hand', seated: 'seated', final: 'final', marked: 'marked' } as const

function readingLine(r: Bodies['reading-taken'], state: JobState): string {
  const place = readingPlace(r, state)
  const tool = r.instrument ? `, ${r.instrument.name}` : ''
  return `Reading: ${readingWords(r)}${place ? ` at ${place}` : ''}, ${r.live ? 'live' : 'dead'}${tool}`
}

function lookLine({ of, items, text }: Bodies['look-made']): string {
  const wrong = items.filter((i) => i.result === 'wrong').map(itemWords)
  return `${LOOK_NAMES[of]}: ${wrong.length === 0 ? 'everything right' : wrong.join(', ')}${text ? `. ${text}` : ''}`
}

/** One journal line in words. */
export function describeEntry(entry: Entry, state: JobState): string {
  switch (entry.kind) {
    case 'job-opened':
      return `Taken in: ${entry.body.machine.name}${entry.body.machine.unit ? `, ${entry.body.machine.unit}` : ''}. “${entry.body.complaint}”`
    case 'goal-set':
      return `Job to do: ${entry.body.text}`
    case 'variant-answered':
      return `Variant ${entry.body.variant}: ${entry.body.option}`
    case 'symptom-noted':
      return `It does: ${entry.body.text}`
    case 'damage-noted':
      return `Damage before it was touched: ${entry.body.text}`
    case 'pack-checked':
      return entry.body.result === 'sound' ? 'Pack looked at: sound' : `Pack to quarantine: ${signNames(entry.body.signs)}`
    case 'replacement-compared':
      return `New beside old: ${entry.body.rows.filter((r) => r.verdict === 'match').length} of ${entry.body.rows.length} match${entry.body.rows
        .filter((r) => r.verdict === 'mismatch')
        .map((r) => `; ${r.name} differs`)
        .join('')}`
    case 'delivery-counted':
      return `Parts received, counted: ${deliveryWords(entry.body.items)}${entry.body.also ? `; also ${entry.body.also}` : ''}`
    case 'note-added':
      return `Note: ${noteWords(entry.body, state)}`
    case 'photo-added':
      return `Photo${entry.body.step ? ` of “${titleOf(state, entry.body.step)}”` : ''}`
    case 'photo-pinned':
      return `Marked on a photo${entry.body.text ? `: ${entry.body.text}` : ''}`
    case 'reading-taken':
      return readingLine(entry.body, state)
    case 'test-observed':
      return `Test: ${observedWords(entry.body)}`
    case 'test-skipped':
      return `Test left out: ${testWords(entry.body.test, entry.body.text)}, ${skippedWords(entry.body)}`
    case 'trial-made':
      return `Drag: ${trialWords(entry.body)}`
    case 'plug-looked':
      return `Plug: ${entry.body.name}, ${PLUG_WORDS[entry.body.is]}`
    case 'settings-noted':
      return settingsLine(entry.body, state)
    case 'cost-told':
      return `Cost: ${[...entry.body.parts.map((p) => `${p.name} ${p.price}`), `an hour ${entry.body.rate}`].join(', ')}`
    case 'owner-asked':
      return `Owner asked (${entry.body.who}): ${askedWords(entry.body)}`
    case 'look-made':
      return lookLine(entry.body)
    case 'salt-water':
      return saltWords(entry.body)
    case 'fault-called':
      return `The fault: ${faultWords({ ...entry.body, ...(entry.body.fault !== undefined ? { text: entry.body.fault } : {}) })}`
    case 'voltage-told':
      return `Full charge: ${entry.body.volts} V, ${CHARGE_FROM[entry.body.from]}`
    case 'power-changed':
      return `Now ${POWER[entry.body.to]}`
    case 'proof-taken':
      return `Proof: ${entry.body.readings.map((r) => `${r.volts} V at ${proofPlace(r, null)}`).join('; ')} (${instrumentWords(entry.body.instrument, entry.at)})`
    case 'plan-adopted':
      return `Plan taken: ${entry.body.plan.down.steps.length} steps down, ${entry.body.plan.up.steps.length} up (${entry.body.file} ${entry.body.revision})`
    case 'step-done':
      return `${titleOf(state, entry.body.step)}${entry.body.pass ? `: ${PASS[entry.body.pass]}` : ''}`
    case 'wait-ended':
      return `The wait after “${titleOf(state, entry.body.step)}” is over: ${Math.floor(entry.body.seconds / 60)} min`
    case 'step-moved':
      return `Moved: “${titleOf(state, entry.body.step)}” ${entry.body.before === undefined ? 'to the end' : `before “${titleOf(state, entry.body.before)}”`}`
    case 'step-left':
      return `Left on: ${titleOf(state, entry.body.step)}. ${leftWords(entry.body)}`
    case 'step-added':
      return `Added: ${entry.body.title}`
    case 'came-off':
      return `Off: ${offWords(entry.body)}`
    case 'off-corrected':
      return `Put right: ${correctedWords(entry.body, state)}`
    case 'order-said':
      return orderWords(entry.body, state)
    case 'step-differs':
      return `Differs at “${titleOf(state, entry.body.step)}”: ${entry.body.members ? `${fixingNames(state, entry.body.members)}: ` : ''}${entry.body.text}`
    case 'fixing-out':
      return `${fixingNames(state, entry.body.members)}: ${entry.body.to === 'cell' ? `in ${entry.body.cell ?? 'a cell'}` : entry.body.to}`
    case 'fixing-in':
      return `${fixingNames(state, entry.body.members)}: ${PASS[entry.body.pass]}`
    case 'fixing-lost':
      return `Lost: ${fixingNames(state, entry.body.members)}${entry.body.text ? `, ${entry.body.text}` : ''}`
    case 'fixing-found':
      return `Found: ${fixingNames(state, entry.body.members)}`
    case 'fixing-replaced':
      return `New one wanted: ${fixingNames(state, entry.body.members)}, ${entry.body.reason ?? 'worn'}`
    case 'fixing-kept-out':
      return `Not going back: ${fixingNames(state, entry.body.members)}${entry.body.reason === undefined ? '' : `, ${entry.body.reason}`}`
    case 'stray-found':
      return `Turned up: ${entry.body.text}${entry.body.cell ? `, in ${entry.body.cell}` : ''}${entry.body.note ? `. ${entry.body.note}` : ''}`
    case 'stray-settled':
      return `What turned up: ${STRAY_WORDS[entry.body.is].toLowerCase()}${entry.body.member ? `, ${fixingNames(state, [entry.body.member])}` : ''}`
    case 'part-off':
      return `Off: ${entry.body.parts.map((p) => state.parts[p]?.name ?? p).join(', ')}`
    case 'part-on':
      return `On: ${entry.body.parts.map((p) => state.parts[p]?.name ?? p).join(', ')}`
    case 'part-replaced':
      return `New ${state.parts[entry.body.part]?.name ?? entry.body.part}${entry.body.oldSerial ? `, old ${entry.body.oldSerial}` : ''}${entry.body.newSerial ? `, new ${entry.body.newSerial}` : ''}`
    case 'width-converted':
      return `Converted, ${entry.body.name}: now ${entry.body.to.label}, before ${entry.body.from.label}`
    case 'worked-out': {
      const { working, result, verdict } = entry.body
      const figure = result ? ` ${figureText(result.value, result.unit ?? null, result.u)}` : ''
      return `${WORKING_NAMES[working]}:${figure}${verdict ? `${result ? ',' : ''} ${verdict}` : ''}`
    }
    case 'pose-changed':
      return entry.body.name || poseWords(entry.body.to)
    case 'lock-applied':
      return `${entry.body.product} on ${titleOf(state, entry.body.subject)}`
    case 'lock-disturbed':
      return `Threadlocker disturbed at ${titleOf(state, entry.body.subject)}: ${entry.body.reason}`
    case 'check-passed':
      return `Check passed: ${checkWords(entry.body.check).toLowerCase()}`
    case 'check-failed':
      return `Check not passed: ${checkWords(entry.body.check).toLowerCase()}. ${entry.body.items
        .filter((i) => i.result === 'wrong')
        .map(itemWords)
        .join(', ')}${entry.body.text ? `: ${entry.body.text}` : ''}`
    case 'check-overridden':
      return `Gone on without: ${checkWords(entry.body.check).toLowerCase()}. ${entry.body.reason}`
    case 'stage-moved':
      return `To ${STAGE_LABEL[entry.body.to].toLowerCase()}${entry.body.reason ? `: ${entry.body.reason}` : ''}`
    case 'parked':
      return `Parked: ${entry.body.why}`
    case 'resumed':
      return 'Taken up again'
    case 'handed-over':
      return `Handed over to ${entry.body.to}`
    case 'ride-added':
      return `Ride${entry.body.rungs ? `, ${entry.body.rungs.join(', ')}${entry.body.outcome === 'stopped' ? ', stopped' : ''}` : ''}: ${rideLine(entry.body)}`
    case 'recheck-set':
      return `Check again: ${recheckWhat(entry.body, state)}, ${recheckDue(entry.body)}`
    case 'opened-told':
      return `Opened: ${entry.body.opened.map((o) => OPENED_WORDS[o]).join(', ')}`
    case 'handed-back':
      return `Handed back${entry.body.as ? `, not repaired${entry.body.why ? ` (${entry.body.why})` : ''},` : ''} to ${entry.body.to}`
    case 'struck':
      return `Crossed out a line${entry.body.reason ? `: ${entry.body.reason}` : ''}`
  }
}
