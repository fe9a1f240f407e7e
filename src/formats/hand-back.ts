import * as say from '../words/en/screens/page'
import { weighTrials } from '../core/diagnosis'
import {
  type AnyCheck,
  checkStatus,
  ladderIn,
  mayBePaired,
  openedIn,
  pairingOf,
  type PlugIs,
  rolled,
  settingsOf,
  withSettings,
  wantedIn,
  type JobState,
  type Mark,
  relevantChecks,
  ridesPassed,
  tally,
  type TightenedBy,
  torqueDoubts,
} from '../core/job'
import type { Finding } from '../core/ride'
import { unitLabel } from '../core/units'
import { REPORT_FORMAT, type Report, type ReportSection } from './report'
import { checkWords, itemWords } from '../words/en/checks'
import { missingWords } from '../words/en/missing'
import { brakeLine, findingName, findingWords, logStopWords, RIDE_HOW, rideLine } from '../words/en/rides'
import { signNames } from '../words/en/names'
import { settingsLine } from '../words/en/electronics'
import { askedWords } from '../words/en/owner'
import { PLUG_WORDS } from '../words/en/plugs'
import { saltWords } from '../words/en/salt'
import { titleOf } from '../words/en/titles'
import { trialWords, triedWords } from '../words/en/trials'
import { faultAction, faultWords, observedWords, readingName, testWords } from '../words/en/diagnosis'
import { leftWords, recheckDue, recheckWhat, skippedWords } from '../words/en/entries'
import { conditionWords, instrumentWords, readingPlace, resultWords } from '../words/en/readings'
import { doubtsWords, howWords, reachedWords, wantedTorque } from '../words/en/tightness'

/** What the page is written with: names of people, and how a moment is written. */
export interface Pen {
  readonly nameOf: (person: string) => string
  readonly when: (at: number) => string
  readonly now: number
  /** The shop's name. */
  readonly shop: string
}

/** The page that goes with the machine: what was done, by whom, measured with what, and what was not checked. */
export function writeReport(state: JobState, pen: Pen): Report {
  const at = state.handedBack?.at ?? state.lastAt
  return {
    format: REPORT_FORMAT,
    shop: pen.shop,
    job: state.number,
    machine: [state.machine.name, state.machine.unit].filter(Boolean).join(' '),
    work: state.job || say.whatWasDone,
    owner: state.machine.owner || say.noOwnerGiven,
    at: new Date(at).toISOString(),
    sections: [
      notRepaired(state),
      answer(state),
      came(state),
      agreed(state),
      damage(state),
      done(state),
      readings(state, pen),
      drags(state),
      plugs(state),
      settings(state),
      converted(state),
      torques(state, pen),
      different(state),
      overrides(state, pen),
      rides(state, pen),
      unchecked(state, pen),
      again(state),
      counted(state, pen),
    ].filter((s) => s !== null),
  }
}

const section = (id: string, title: string, lines: readonly string[], more: Partial<ReportSection> = {}): ReportSection | null =>
  lines.length > 0 || (more.table && more.table.rows.length > 0) || more.look ? { id, title, lines, ...more } : null
const by = (m: Mark, pen: Pen): string => `${pen.nameOf(m.by)}, ${pen.when(m.at)}`

/**
 * It went home as it is: why, what is open on it, and that nobody rides it. In a shop that writes older forms that is a line of text.
 */
function notRepaired(state: JobState): ReportSection | null {
  const back = state.handedBack
  if (back?.as !== 'not repaired') return back?.text ? section('said', say.saidAtHandBack, [back.text], { look: true }) : null
  const open = back.missing.map((m) => {
    const detail = m.is === 'check' ? checkStatus(state, m.check, back.at).missing : []
    return say.openOnIt(
      missingWords(m, state),
      detail.slice(0, NAMED).map((d) => missingWords(d, state)),
      detail.length - NAMED,
    )
  })
  return section('not repaired', say.notRepaired, [say.notToBeRidden, say.whyNot(back.why ?? ''), ...open], { look: true })
}

/** What became of what the owner complained of. */
function answer(state: JobState): ReportSection | null {
  const now = state.handedBack?.complaint
  return now ? section('answer', say.whatYouComplainedOf, [say.complaintNow(state.complaint, now)], { look: now !== 'gone' }) : null
}

function came(state: JobState): ReportSection | null {
  const words = [...new Set([state.complaint, ...state.symptoms.map((s) => s.text)].filter(Boolean))]
  const told = words.filter((w) => !words.some((other) => other !== w && other.includes(w)))
  const found = state.faults.map((f) => say.found(faultWords(f), faultAction(f), f.certainty !== 'maybe'))
  const pack = state.packCheck
    ? [state.packCheck.result === 'sound' ? say.packLookedOverSound : say.packQuarantinedAndReferred(signNames(state.packCheck.signs))]
    : []
  const { usedAtDoor, handedBack } = state
  const counter = usedAtDoor ? [say.counter(usedAtDoor, handedBack?.used)] : []
  const salt = state.salt.length > 0 ? [`${state.salt.map(saltWords).join('; ')}.`] : []
  return section('came in', say.itCameInBecause, [...(told.length > 0 ? [told.join('; ')] : []), ...found, ...pack, ...salt, ...counter])
}

/** What its owner was asked because it costs more than was named at the door. */
function agreed(state: JobState): ReportSection | null {
  return section(
    'agreed',
    say.agreedWithYou,
    state.asked.map((a) => say.askedAt(a.who, a.estimate, askedWords(a))),
  )
}

/** What was taken out to find what drags, and what that showed. */
function drags(state: JobState): ReportSection | null {
  return section(
    'drag',
    say.whatDragged,
    weighTrials(state.trials, []).tried.map((t) => say.trial(triedWords(t), trialWords(t.trial))),
  )
}

/** Each plug as it was found, and how it was left where that is another. */
function plugs(state: JobState): ReportSection | null {
  const seen = [...plugsSeen(state)].filter(([, is]) => is.at(-1) !== 'not reached')
  const tight = seen.filter(([, is]) => is.every((x) => x === 'tight')).map(([name]) => name)
  const found = seen
    .filter(([, is]) => is.some((x) => x !== 'tight'))
    .map(([name, is]) =>
      say.plugWas(
        name,
        is.map((x) => PLUG_WORDS[x]),
      ),
    )
  return section('plugs', say.plugsLookedAt, [...found, ...(tight.length > 0 ? [say.plugsTight(tight)] : [])])
}

function plugsSeen(state: JobState): ReadonlyMap<string, readonly PlugIs[]> {
  const seen = new Map<string, PlugIs[]>()
  for (const p of state.plugs) seen.set(p.name, [...(seen.get(p.name) ?? []), p.is])
  return seen
}

/** What electronics were set to, and are set to now. */
function settings(state: JobState): ReportSection | null {
  const lines = withSettings(state).flatMap(({ part }) => {
    const roll = rolled(state, part!.id)
    return [
      ...(['old', 'new'] as const).flatMap((of) => {
        const noted = settingsOf(state, part!.id, of)
        return noted ? [settingsLine(noted, state)] : []
      }),
      ...(roll ? [say.rolledTo(Math.round(roll.round), roll.off)] : []),
    ]
  })
  const tied = mayBePaired(state)
    .flatMap(({ part }) => pairingOf(state, part!.id) ?? [])
    .filter((e) => e.paired !== 'free')
  return section('settings', say.settings, [...lines, ...tied.map((e) => settingsLine(e, state))])
}

function damage(state: JobState): ReportSection | null {
  const letter = (i: number): string => String.fromCharCode(97 + (i % 26))
  const told = section(
    'damage',
    say.alreadyDamaged,
    state.damage.map((d, i) => `${d.pin ? `${letter(i)} · ` : ''}${d.side ? `${d.side}: ` : ''}${d.text}`),
  )
  const pins = state.damage.flatMap((d, i) => (d.pin ? [{ ...d.pin, mark: letter(i) }] : []))
  const photos = [...new Set(pins.map((p) => p.photo))].map((photo) => ({
    photo,
    pins: pins.filter((p) => p.photo === photo).map(({ x, y, mark }) => ({ x, y, mark })),
  }))
  return told && photos.length > 0 ? { ...told, photos } : told
}

function done(state: JobState): ReportSection | null {
  const fresh = Object.values(state.parts)
    .filter((p) => p.replaced)
    .map((p) => say.newNoOld(p.name, p.replaced?.newSerial, p.replaced?.oldSerial))
  const apart = [...state.down, ...state.up].some((s) => state.steps[s.id]?.status === 'done')
  return section('done', state.handedBack?.as === 'not repaired' ? say.whatWasWanted : say.whatWasDoneTitle, [
    ...(state.job ? [state.job] : []),
    ...fresh,
    ...(apart ? [] : [say.nothingWasTakenApart]),
  ])
}

/** What the next mechanic reads: steps, fixings, and who did them. An owner has no use for it. */
function counted(state: JobState, pen: Pen): ReportSection | null {
  const steps = [...state.down, ...state.up].filter((s) => state.steps[s.id]?.status === 'done')
  if (steps.length === 0) return null
  const people = [...new Set(steps.flatMap((s) => (state.steps[s.id]?.mark ? [pen.nameOf(state.steps[s.id]!.mark!.by)] : [])))]
  return section('counted', say.forTheNextMechanic, [
    say.steps(steps.filter((s) => s.limb === 'down').length, steps.filter((s) => s.limb === 'up').length, people.join(say.and)),
    say.fixings(tally(state)),
  ])
}

/** When the swap or the way back up began, epoch ms; Infinity before. */
function wayBackBegan(state: JobState): number {
  return Math.min(...[...state.swap, ...state.up].flatMap((s) => (state.steps[s.id]?.mark ? [state.steps[s.id]!.mark!.at] : [])), Infinity)
}

/** Readings before the way back up and after it began, so that before and after stand beside each other. */
function readings(state: JobState, pen: Pen): ReportSection | null {
  const first = wayBackBegan(state)
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
    ...takenInSteps(state),
    ...state.observations.map((o) => ({ ...o, what: observedWords(o), shown: '', tool: '' })),
  ].sort((a, b) => a.at - b.at)
  const rows = taken.map((r) => [
    r.at < first ? say.before : say.after,
    r.what,
    r.shown,
    r.live ? say.live : say.dead,
    `${by(r, pen)}${r.tool ? `, with ${r.tool}` : ''}`,
  ])
  const proof = state.power.proof
    ? [
        say.shownDead(
          pen.when(state.power.proof.at),
          pen.nameOf(state.power.proof.by),
          instrumentWords(state.power.proof.instrument, state.power.proof.at),
          state.power.proof.readings
            .filter((r) => !r.role?.startsWith('tester'))
            .map((r) => `${r.volts} V`)
            .join(', '),
        ),
      ]
    : []
  return section('readings', say.readings, proof, { table: { head: [say.when, say.what, say.shown, say.state, say.byWhom], rows } })
}

/** Figures that steps wanted, each time that they were read. */
function takenInSteps(state: JobState) {
  return [...state.down, ...state.up].flatMap((s) =>
    (state.steps[s.id]?.took ?? []).flatMap(({ figures, ...mark }) =>
      figures.map((f) => ({
        ...mark,
        live: f.live,
        what: say.titleAt(s.title, s.wants?.find((w) => w.id === f.want)?.name ?? f.want),
        shown: `${resultWords(f.result, f.unit)}${conditionWords(f.condition)}`,
        tool: f.instrument ? instrumentWords(f.instrument, mark.at) : '',
      })),
    ),
  )
}

/** Each thing that was made tight: what was wanted, what was reached, and how. Critical fixings stand one by one. */
function torques(state: JobState, pen: Pen): ReportSection | null {
  const rows = state.up.flatMap((s) => {
    const own = state.steps[s.id]
    if (own?.status !== 'done' || (!s.torque && !s.joint?.critical)) return []
    const row = (what: string, one: TightenedBy | undefined, mark: Mark | undefined): string[] => [
      what,
      wantedTorque(s.torque),
      reachedWords(one),
      `${howWords(one, one?.at ?? 0)}${one ? doubtsWords(torqueDoubts(one, s.torque?.value)) : ''}`,
      mark ? by(mark, pen) : '',
    ]
    if (s.fixings.length === 0) return s.torque ? [row(s.title, own.tightened, own.mark)] : []
    const back = s.fixings.flatMap((f) => state.fixings[f.id] ?? []).filter((f) => f.hasBeenOut)
    const [first] = back
    if (!first || (!s.torque && !back.some((f) => f.tightened))) return []
    const alike = back.every((f) => sameHow(f.tightened, first.tightened))
    if (alike && !(s.joint?.critical && back.length > 1)) return [row(s.title, first.tightened, own.mark)]
    return back.map((f) => row(say.titleAt(s.title, f.place), f.tightened, f.mark))
  })
  const loose = [...state.down].flatMap((s) =>
    state.steps[s.id]?.breakaway !== undefined ? [say.letGoAt(s.title, state.steps[s.id]!.breakaway!)] : [],
  )
  const locks = state.locks.map((l) => say.lockOn(l.product, titleOf(state, l.subject), pen.when(l.curedAt)))
  return section('torques', say.tightenedToNumbers, [...locks, ...loose], {
    table: { head: [say.what, say.wanted, say.reached, say.how, say.byWhom], rows },
  })
}

const sameHow = (a: TightenedBy | undefined, b: TightenedBy | undefined): boolean =>
  reachedWords(a) === reachedWords(b) && howWords(a, a?.at ?? 0) === howWords(b, b?.at ?? 0)

/** Widths that it went into, what is left over of the one before, and what is wanted later. */
function converted(state: JobState): ReportSection | null {
  return section(
    'converted',
    say.anotherWidth,
    Object.values(state.converted).flatMap((c) => {
      const old = c.bolts.flatMap((b) => (b.from === undefined ? [] : [{ name: b.from, place: b.place }]))
      const name = (p: { readonly name: string; readonly bolt?: string | undefined; readonly place: string }): string =>
        [p.name, p.bolt, p.place].filter(Boolean).join(', ')
      return [
        say.widthNow(c.name, c.to.label, c.from.label),
        ...(c.off.length + old.length > 0 ? [say.leftOver([...c.off, ...old].map(name))] : []),
        ...(c.later.length > 0 ? [say.wantedLater(c.later.map(name))] : []),
      ]
    }),
  )
}

function different(state: JobState): ReportSection | null {
  const steps = [...state.down, ...state.up]
  const lines = steps.flatMap((s) => {
    const own = state.steps[s.id]
    const reason = s.fixings.flatMap((f) => state.fixings[f.id]?.tightened?.reason ?? [])[0]
    return [
      ...(own?.differs ?? []).map((d) => `${s.title}: ${d}`),
      ...(own?.status === 'left' ? [say.leftOn(s.title, leftWords(own))] : []),
      ...(reason && s.limb === 'up' ? [say.notAsGiven(s.title, reason)] : []),
    ]
  })
  const parts = Object.values(state.comparisons).flatMap((c) =>
    c.rows.filter((r) => r.verdict === 'mismatch').map((r) => say.newPartDiffers(r.name, r.fresh, r.old, r.unit ? unitLabel(r.unit) : '')),
  )
  return section('different', say.differentFromTheFile, [...parts, ...lines])
}

function overrides(state: JobState, pen: Pen): ReportSection | null {
  const lines = Object.entries(state.checks).flatMap(([id, c]) =>
    c.overridden ? [`${checkWords(id as AnyCheck)}: ${c.overridden.reason} (${by(c.overridden, pen)})`] : [],
  )
  return section('overrides', say.goneOnWithout, lines)
}

/** What an owner reads of a log: the rest is for the bench. */
const ON_THE_PAGE: ReadonlySet<Finding['id']> = new Set(['distance', 'top speed', 'energy', 'sag', 'heat', 'braking'])

function rides(state: JobState, pen: Pen): ReportSection | null {
  const longer = new Set(state.flags.filter((f) => f.kind === 'longer than could be').map((f) => f.entry))
  const lines = state.rides.flatMap((r) => [
    `${r.rungs ? `${r.rungs.map((g) => RIDE_HOW[g].title).join('; ')}${r.outcome === 'stopped' ? say.stopped : ''}: ` : ''}${rideLine(r)} (${pen.nameOf(r.by)})`,
    ...(r.brakes ?? []).map((b) => brakeLine(b, ladderIn(state).stops)),
    ...(r.log?.stops ?? []).filter((s) => s.brake).map((s) => say.byTheLogStop(logStopWords(s))),
    ...(longer.has(r.entry) ? [say.moreMinutesThanPassed] : []),
    ...(r.log
      ? [
          say.byItsLog(
            r.log.name,
            r.log.findings
              .filter((f) => f.value !== undefined && (ON_THE_PAGE.has(f.id) || f.verdict === 'look' || f.verdict === 'bad'))
              .map((f: Finding) => `${findingName(f.id).toLowerCase()} ${findingWords(f)}`)
              .join('; '),
          ),
        ]
      : []),
  ])
  return section('rides', say.rides, lines.length > 0 ? lines : [say.notRidden])
}

/** What was not read, and not read again: serials, a tyre that was off, readings of before. */
function notRead(state: JobState): string[] {
  const begun = wayBackBegan(state)
  const again = (r: JobState['readings'][number]): boolean =>
    state.readings.some((o) => o.at >= begun && o.test === r.test && o.drive === r.drive && o.place === r.place)
  const once = state.readings.filter((r) => r.test !== undefined && r.at < begun && begun < Infinity && !again(r))
  const pressure =
    state.readings.some((r) => r.quantity === 'pressure') ||
    Object.values(state.steps).some((s) => s.took?.some((t) => t.figures.some((f) => f.quantity === 'pressure')))
  const plugsLeft = [...plugsSeen(state)].filter(([, is]) => is.at(-1) === 'not reached').map(([name]) => name)
  // A tyre or a pad has none; where no plan says what it is, its number is missed.
  const numbered = (part: string): boolean => {
    const opens = state.swap.find((s) => s.part?.id === part)?.opens
    return opens === undefined || opens.some((o) => o === 'motor' || o === 'controller' || o === 'pack' || o === 'supply')
  }
  return [
    ...Object.values(state.parts)
      .filter((p) => p.replaced && !p.replaced.newSerial && numbered(p.id))
      .map((p) => say.noSerial(p.name)),
    ...((openedIn(state) ?? []).includes('tyre') && !pressure ? [say.tyreNotRead] : []),
    ...(plugsLeft.length > 0 ? [say.plugsNotReached(plugsLeft)] : []),
    ...(relevantChecks(state).includes('brakes') && !state.readings.some((r) => r.test === 'check-lining' || r.test === 'check-disc')
      ? [say.wearNotMeasured]
      : []),
    ...(once.length > 0 ? [say.notReadAgain([...new Set(once.map((r) => readingName(r)))].join('; '))] : []),
  ]
}

/** Checks of which the page names what is missing. */
const DETAILED: ReadonlySet<AnyCheck> = new Set(['tray adds up', 'under power', 'whole'])

/** How many things that do not add up are named on the page, before it says how many more. */
const NAMED = 6

/** What was not checked, or was passed over; said plainly. */
function unchecked(state: JobState, pen: Pen): ReportSection | null {
  const checks = relevantChecks(state).flatMap((id) => {
    const status = checkStatus(state, id, pen.now)
    const short = DETAILED.has(id) ? status.missing : []
    if (!status.open)
      return [
        say.notDone(
          checkWords(id),
          short.slice(0, NAMED).map((m) => missingWords(m, state)),
          short.length - NAMED,
        ),
      ]
    if (status.how === 'overridden') return [say.goneOnWithoutIt(checkWords(id))]
    return (state.checks[id]?.passed?.items ?? [])
      .filter((i) => i.result === 'not tested')
      .map((i) => say.notTested(checkWords(id), itemWords(i)))
  })
  const passed = ridesPassed(state)
  const stages = wantedIn(state)
    .filter((s) => !passed.has(s))
    .map((s) => RIDE_HOW[s].title.toLowerCase())
  const logs = state.rides.flatMap((r) =>
    (r.log?.findings ?? []).filter((f) => f.verdict === 'cannot say').map((f) => `${findingName(f.id)}: ${findingWords(f)}`),
  )
  const skipped = state.skipped.map((s) => say.testLeftOut(testWords(s.test, s.text), skippedWords(s)))
  const tight = (is: 'felt' | 'not read'): string[] =>
    state.up
      .filter((s) => s.torque && [...s.fixings.map((f) => state.fixings[f.id]), state.steps[s.id]].some((x) => x?.tightened?.is === is))
      .map((s) => s.title)
  const [felt, unread] = [tight('felt'), tight('not read')]
  const lines = [
    ...checks,
    ...felt.map(say.tightenedByFeelNot),
    ...(unread.length > 0 ? [say.tightenedNotRead(unread.join('; '))] : []),
    ...(stages.length > 0 ? [say.notRiddenStages(stages.join('; '))] : []),
    ...notRead(state),
    ...skipped,
    ...new Set(logs),
  ]
  return section('not checked', say.notChecked, lines.length > 0 ? lines : [say.everyCheckOfThis], { look: lines.length > 0 })
}

function again(state: JobState): ReportSection | null {
  return section(
    'again',
    say.checkAgain,
    state.rechecks.map((r) => `${recheckWhat(r, state)}: ${recheckDue(r)}`),
  )
}
