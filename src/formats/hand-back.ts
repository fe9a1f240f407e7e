import { type AnyCheck, checkStatus, type JobState, type Mark, relevantChecks, ridesPassed, tally } from '../core/job'
import { type Finding, RIDE_STAGES } from '../core/ride'
import { unitLabel } from '../core/units'
import { REPORT_FORMAT, type Report, type ReportSection } from './report'
import { checkWords, itemWords } from '../words/en/checks'
import { count } from '../words/en/count'
import { missingWords } from '../words/en/missing'
import { findingName, findingWords, RIDE_HOW } from '../words/en/rides'
import { titleOf } from '../words/en/titles'
import { faultAction, faultWords, observedWords, readingName, testWords } from '../words/en/diagnosis'
import { leftWords, recheckDue, recheckWhat, rideWords, skippedWords } from '../words/en/entries'
import { instrumentWords, readingPlace, resultWords } from '../words/en/readings'
import type { InstrumentUsed } from '../core/units'

/** What the page is written with: names of people, and how a moment is written. */
export interface Pen {
  readonly nameOf: (person: string) => string
  readonly when: (at: number) => string
  readonly now: number
}

/** The page that goes with the machine: what was done, by whom, measured with what, and what was not checked. */
export function writeReport(state: JobState, pen: Pen): Report {
  const at = state.handedBack?.at ?? state.lastAt
  return {
    format: REPORT_FORMAT,
    job: state.number,
    machine: [state.machine.name, state.machine.unit].filter(Boolean).join(' '),
    work: state.job || 'what was done',
    owner: state.machine.owner || 'no owner given',
    at: new Date(at).toISOString(),
    sections: [
      came(state),
      damage(state),
      done(state, pen),
      readings(state, pen),
      torques(state, pen),
      different(state),
      overrides(state, pen),
      rides(state, pen),
      unchecked(state, pen),
      again(state),
    ].filter((s) => s !== null),
  }
}

const section = (id: string, title: string, lines: readonly string[], more: Partial<ReportSection> = {}): ReportSection | null =>
  lines.length > 0 || (more.table && more.table.rows.length > 0) || more.look ? { id, title, lines, ...more } : null
const by = (m: Mark, pen: Pen): string => `${pen.nameOf(m.by)}, ${pen.when(m.at)}`

function came(state: JobState): ReportSection | null {
  const words = [...new Set([state.complaint, ...state.symptoms.map((s) => s.text)].filter(Boolean))]
  const told = words.filter((w) => !words.some((other) => other !== w && other.includes(w)))
  const found = state.faults.map(
    (f) => `Found: ${faultWords(f)}${faultAction(f) ? `; ${faultAction(f)}` : ''}${f.certainty === 'maybe' ? ' (not sure)' : ''}`,
  )
  const pack = state.packCheck
    ? [
        state.packCheck.result === 'sound'
          ? 'Pack looked over: sound'
          : `Pack: ${state.packCheck.signs.join(', ')}; quarantined and referred`,
      ]
    : []
  return section('came in', 'It came in because', [...(told.length > 0 ? [told.join('; ')] : []), ...found, ...pack])
}

function damage(state: JobState): ReportSection | null {
  return section(
    'damage',
    'Already damaged',
    state.damage.map((d) => `${d.side ? `${d.side}: ` : ''}${d.text}`),
  )
}

function done(state: JobState, pen: Pen): ReportSection | null {
  const steps = [...state.down, ...state.up].filter((s) => state.steps[s.id]?.status === 'done')
  const people = [...new Set(steps.flatMap((s) => (state.steps[s.id]?.mark ? [pen.nameOf(state.steps[s.id]!.mark!.by)] : [])))]
  const t = tally(state)
  const work =
    steps.length === 0
      ? ['Nothing was taken apart.']
      : [
          `${count(steps.filter((s) => s.limb === 'down').length, 'step')} down, ${steps.filter((s) => s.limb === 'up').length} up, by ${people.join(' and ')}.`,
          `${count(t.removed, 'fixing')} off, ${t.fresh} new, ${t.refitted} back, ${t.notGoingBack} not going back${t.open !== 0 ? `; ${t.open} do not add up` : ''}.`,
        ]
  const fresh = Object.values(state.parts)
    .filter((p) => p.replaced)
    .map(
      (p) =>
        `New ${p.name}${p.replaced?.newSerial ? `, no. ${p.replaced.newSerial}` : ''}${p.replaced?.oldSerial ? ` (old: ${p.replaced.oldSerial})` : ''}`,
    )
  return section('done', 'What was done', [...fresh, ...work])
}

/** Readings before the way back up and after it began, so that before and after stand beside each other. */
function readings(state: JobState, pen: Pen): ReportSection | null {
  const first = Math.min(
    ...[...state.swap, ...state.up].flatMap((s) => (state.steps[s.id]?.mark ? [state.steps[s.id]!.mark!.at] : [])),
    Infinity,
  )
  const taken = [
    ...state.readings.map((r) => {
      const place = readingPlace(r, state)
      return {
        ...r,
        what: `${readingName(r)}${place ? `, ${place}` : ''}`,
        shown: resultWords(r.result, r.unit),
        tool: r.instrument ? instrumentWords(r.instrument, r.at) : '',
      }
    }),
    ...state.observations.map((o) => ({ ...o, what: observedWords(o), shown: '', tool: '' })),
  ].sort((a, b) => a.at - b.at)
  const rows = taken.map((r) => [
    r.at < first ? 'before' : 'after',
    r.what,
    r.shown,
    r.live ? 'live' : 'dead',
    `${by(r, pen)}${r.tool ? `, with ${r.tool}` : ''}`,
  ])
  const proof = state.power.proof
    ? [
        `Shown dead ${pen.when(state.power.proof.at)} by ${pen.nameOf(state.power.proof.by)} with ${instrumentWords(state.power.proof.instrument, state.power.proof.at)}: ${state.power.proof.readings.map((r) => `${r.volts} V`).join(', ')}`,
      ]
    : []
  return section('readings', 'Readings', proof, { table: { head: ['When', 'What', 'Shown', 'State', 'By'], rows } })
}

/** The wrench, where there is something to say of it: its calibration had ended. */
function wrenchWords(wrench: InstrumentUsed | undefined, at: number | undefined): string {
  const words = wrench && at !== undefined ? instrumentWords(wrench, at) : ''
  return words && words !== wrench?.name ? ` (${words})` : ''
}

function torques(state: JobState, pen: Pen): ReportSection | null {
  const rows = state.up.flatMap((s) => {
    const own = state.steps[s.id]
    if (own?.status !== 'done' || (!s.torque && !s.joint?.critical)) return []
    const one = s.fixings.flatMap((f) => state.fixings[f.id]?.tightened ?? [])[0]
    const actual =
      one?.how === 'feel'
        ? 'by feel, not measured'
        : one?.torque !== undefined
          ? `${one.torque} N·m${wrenchWords(one.wrench, own.mark?.at)}`
          : '–'
    return [[s.title, s.torque ? `${s.torque.value} N·m` : 'none', s.torque?.source ?? '', actual, own.mark ? by(own.mark, pen) : '']]
  })
  const loose = [...state.down].flatMap((s) =>
    state.steps[s.id]?.breakaway !== undefined
      ? [`${s.title}: let go at ${state.steps[s.id]!.breakaway} N·m (measured, no specification)`]
      : [],
  )
  const locks = state.locks.map((l) => `${l.product} on ${titleOf(state, l.subject)}: full cure ${pen.when(l.curedAt)}`)
  return section('torques', 'Tightened to numbers', [...locks, ...loose], {
    table: { head: ['What', 'Number', 'Source', 'Done', 'By'], rows },
  })
}

function different(state: JobState): ReportSection | null {
  const steps = [...state.down, ...state.up]
  const lines = steps.flatMap((s) => {
    const own = state.steps[s.id]
    const reason = s.fixings.flatMap((f) => state.fixings[f.id]?.tightened?.reason ?? [])[0]
    return [
      ...(own?.differs ?? []).map((d) => `${s.title}: ${d}`),
      ...(own?.status === 'left' ? [`Left on: ${s.title}. ${leftWords(own)}`] : []),
      ...(reason && s.limb === 'up' ? [`${s.title}: not as given. ${reason}`] : []),
    ]
  })
  const parts = Object.values(state.comparisons).flatMap((c) =>
    c.rows
      .filter((r) => r.verdict === 'mismatch')
      .map((r) => `New part: ${r.name} differs (${r.fresh} for ${r.old}${r.unit ? ` ${unitLabel(r.unit)}` : ''})`),
  )
  return section('different', 'Different from the file', [...parts, ...lines])
}

function overrides(state: JobState, pen: Pen): ReportSection | null {
  const lines = Object.entries(state.checks).flatMap(([id, c]) =>
    c.overridden ? [`${checkWords(id as AnyCheck)}: ${c.overridden.reason} (${by(c.overridden, pen)})`] : [],
  )
  return section('overrides', 'Gone on without, by name', lines)
}

function rides(state: JobState, pen: Pen): ReportSection | null {
  const lines = state.rides.flatMap((r) => [
    `${r.stage ? `${RIDE_HOW[r.stage].title}${r.outcome === 'stopped' ? ', stopped' : ''}: ` : ''}${rideWords(r)}${r.kilometres !== undefined ? `, ${Number(r.kilometres.toPrecision(3))} km` : ''} (${pen.nameOf(r.by)})`,
    ...(r.log
      ? [
          `By its log, ${r.log.name}: ${r.log.findings
            .filter((f) => f.value !== undefined)
            .map((f: Finding) => `${findingName(f.id).toLowerCase()} ${findingWords(f)}`)
            .join('; ')}.`,
        ]
      : []),
  ])
  return section('rides', 'Rides', lines.length > 0 ? lines : ['Not ridden.'])
}

/** What was not checked, or was passed over; said plainly. */
function unchecked(state: JobState, pen: Pen): ReportSection | null {
  const checks = relevantChecks(state).flatMap((id) => {
    const status = checkStatus(state, id, pen.now)
    if (!status.open)
      return [
        `${checkWords(id)}: not done${
          status.missing.length > 0 && id === 'tray adds up'
            ? ` (${status.missing
                .slice(0, 6)
                .map((m) => missingWords(m, state))
                .join('; ')}${status.missing.length > 6 ? `; and ${status.missing.length - 6} more` : ''})`
            : ''
        }`,
      ]
    if (status.how === 'overridden') return [`${checkWords(id)}: gone on without it`]
    return (state.checks[id]?.passed?.items ?? [])
      .filter((i) => i.result === 'not tested')
      .map((i) => `${checkWords(id)}: ${itemWords(i)} not tested`)
  })
  const passed = ridesPassed(state)
  const stages = RIDE_STAGES.filter((s) => !passed.has(s)).map((s) => RIDE_HOW[s].title.toLowerCase())
  const logs = state.rides.flatMap((r) =>
    (r.log?.findings ?? []).filter((f) => f.verdict === 'cannot say').map((f) => `${findingName(f.id)}: ${findingWords(f)}`),
  )
  const skipped = state.skipped.map((s) => `Test left out: ${testWords(s.test, s.text)}. ${skippedWords(s)}`)
  const felt = state.up
    .filter((s) => s.fixings.some((f) => state.fixings[f.id]?.tightened?.how === 'feel'))
    .map((s) => `${s.title}: tightened by feel, not measured`)
  const lines = [...checks, ...felt, ...(stages.length > 0 ? [`Not ridden: ${stages.join('; ')}`] : []), ...skipped, ...new Set(logs)]
  return section(
    'not checked',
    'Not checked',
    lines.length > 0 ? lines : ['Every check of this job was made. What has no check was not looked at.'],
    { look: lines.length > 0 },
  )
}

function again(state: JobState): ReportSection | null {
  return section(
    'again',
    'Check again',
    state.rechecks.map((r) => `${recheckWhat(r, state)}: ${recheckDue(r)}`),
  )
}
