import { checkStatus, deadAt, relevantChecks } from './checks'
import { miscount } from './delivery'
import { presentStep } from './readiness'
import type { JobState } from './state'
import { stageIndex } from './vocabulary'
import { looseFixings, offParts } from './tray'

/** Something that whoever takes the job up has to know. `look` stands out from the rest. */
export interface OpenItem {
  readonly kind: 'power' | 'next' | 'loose' | 'pose' | 'cure' | 'disputed' | 'check' | 'lost' | 'short'
  readonly text: string
  readonly look: boolean
}

/** What is open on a job at `at`, the dangerous first: for leaving it overnight, and for handing it over. */
export function openItems(state: JobState, at: number): OpenItem[] {
  const items: OpenItem[] = []
  const add = (kind: OpenItem['kind'], text: string, look = false): void => void items.push({ kind, text, look })
  const { power } = state
  if (power.state === 'live') add('power', 'It is live: nobody has isolated it', true)
  else if (!deadAt(power, at)) add('power', `${power.state === 'out' ? 'The pack is out' : 'Isolated'}, but not shown to be dead`, true)
  else add('power', power.state === 'out' ? 'The pack is out, and it was shown to be dead' : 'Isolated and shown to be dead, the pack aboard')
  if (state.pose.id) add('pose', `Turned last: ${state.pose.name || state.pose.id}`)
  const disputed = Object.values(state.fixings).filter((f) => f.disputed)
  if (disputed.length > 0) add('disputed', `Two devices disagree on ${disputed.map((f) => `${f.label}, ${f.place}`).join('; ')}`, true)
  const lost = Object.values(state.fixings).filter((f) => f.condition === 'lost')
  if (lost.length > 0) add('lost', `Lost: ${lost.map((f) => `${f.label}, ${f.place}`).join('; ')}`, true)
  const short = state.delivery ? miscount(state.delivery.items).short : []
  if (short.length > 0 && stageIndex(state.stage) < stageIndex('prove')) add('short', `Short of what should have come: ${short.join(', ')}`, true)
  const cells = [...new Set(looseFixings(state).flatMap((f) => (f.where !== undefined ? [f.where] : [])))].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }))
  if (cells.length > 0) add('loose', `${looseFixings(state).length} loose in ${cells.join(', ')}`)
  if (offParts(state).length > 0) add('loose', `Off: ${offParts(state).map((p) => p.name).join(', ')}`)
  const limb = stageIndex(state.stage) >= stageIndex('build up') ? 'up' : 'down'
  const next = presentStep(state, limb, at)
  if (next) add('next', `Next: ${next.title}`)
  for (const lock of state.locks) if (at < lock.handlingAt) add('cure', `${lock.product} on “${lock.subject}” has no handling strength yet`)
  for (const check of relevantChecks(state)) {
    const failed = state.checks[check]?.failed
    if (failed && !checkStatus(state, check, at).open) add('check', `${check} was not passed`, true)
  }
  return items
}
