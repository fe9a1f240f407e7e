// Twenty thousand each of odd entries, machine files, ride logs and typed lines: none may crash anything, none may take over a second,
// and nothing may be taken in that a page cannot show.
import { type Entry, type JobState, readEntry, reduce, stageMissing, summarize, waitingFor } from '../src/core/job'
import { readLine, writeLine } from '../src/core/line'
import { plan } from '../src/core/planning'
import { summariseRide, DEFAULT_LIMITS } from '../src/core/ride'
import { isWellFormed } from '../src/core/text'
import { readValue, UNITS } from '../src/core/units'
import { demoMachines } from '../src/demo/machines'
import { missingWords } from '../src/words/en/missing'
import { parseEntry } from '../src/formats/entry'
import { writeReport } from '../src/formats/hand-back'
import { parseMachineFile } from '../src/formats/machine-file'
import { reportJson, reportMarkdown } from '../src/formats/report'
import { readHeader } from '../src/formats/ride-header'
import { readRideLog } from '../src/formats/ride-log'
import { describeEntry } from '../src/words/en/journal-line'
import { recordedJobs } from '../tests/set/load'
import { chance } from '../src/demo/chance'
import { madeHeader } from '../tests/ride-headers'
import { mutate, ODD, pick } from './odd'

const MANY = Number(process.env['FUZZ'] ?? 20_000)
const SLOW_MS = 1_000
let failures = 0
let slowest = 0

function attempt(what: string, seed: number, work: () => void): void {
  const began = performance.now()
  try {
    work()
  } catch (error) {
    failures += 1
    if (failures <= 20)
      console.error(
        `${what}, seed ${seed}: ${error instanceof Error ? (error.stack ?? error.message).split('\n').slice(0, 4).join(' | ') : String(error)}`,
      )
  }
  const took = performance.now() - began
  slowest = Math.max(slowest, took)
  if (took > SLOW_MS) {
    failures += 1
    console.error(`${what}, seed ${seed}: ${took.toFixed(0)} ms`)
  }
}

function told(name: string, more: string): void {
  console.log(`${name}: ${MANY.toLocaleString('en-GB')}, ${more}; slowest ${slowest.toFixed(0)} ms, ${failures} failures`)
  slowest = 0
}

/** All that the pages of a job are drawn from. */
function show(state: JobState, entries: readonly Entry[]): void {
  const texts = [
    JSON.stringify(summarize(state)),
    ...entries.flatMap((e) => readEntry(e) ?? []).map((e) => describeEntry(e, state)),
    reportMarkdown(writeReport(state, { nameOf: () => 'x', when: String, shop: 'x', now: state.lastAt })),
    reportJson(writeReport(state, { nameOf: () => 'x', when: String, shop: 'x', now: state.lastAt })),
  ]
  for (const step of [...state.down, ...state.up]) texts.push(...waitingFor(state, step, state.lastAt).map((m) => missingWords(m, state)))
  stageMissing(state, 'handed back', state.lastAt)
  for (const text of texts)
    if (typeof text !== 'string' || !isWellFormed(text)) throw new Error(`a page would show ${JSON.stringify(text).slice(0, 80)}`)
}

/* Entries */
{
  const jobs = [...recordedJobs().values()].filter((j) => j.length > 6 && j.length < 60).slice(0, 40)
  const fixtures = [...recordedJobs().values()].flat()
  let taken = 0
  for (let seed = 0; seed < MANY; seed++) {
    const random = chance(seed)
    const job = pick(random, jobs)
    const { seq: _, receivedAt: __, sentBy: ___, stamp: ____, ...draft } = pick(random, fixtures) as Entry & { stamp?: unknown }
    attempt('entry', seed, () => {
      const text = JSON.stringify(mutate(random, draft))
      const parsed = parseEntry(JSON.parse(text ?? 'null'))
      if (!parsed.ok) {
        if (!isWellFormed(parsed.error.reason) || parsed.error.reason.length > 400)
          throw new Error(`a reason that cannot be shown: ${parsed.error.reason.slice(0, 80)}`)
        return
      }
      taken += 1
      const stored = JSON.stringify(parsed.value)
      if (!isWellFormed(stored)) throw new Error('taken in with a text that cannot be stored')
      const at = Math.floor(random() * job.length)
      const entry = { ...(JSON.parse(stored) as Entry), jobId: job[0]!.jobId, seq: at + 1, receivedAt: 1, sentBy: 'x' } as Entry
      const entries = [...job.slice(0, at), entry, ...job.slice(at).map((e) => ({ ...e, seq: e.seq + 1 }))] as Entry[]
      const state = reduce(entry.jobId, entries)
      const unread = state.flags.filter((f) => f.kind === 'unreadable')
      if (unread.length > 0) throw new Error(`taken in, and the reducer cannot read it: ${unread[0]!.subject}`)
      show(JSON.parse(JSON.stringify(state)) as JobState, entries)
    })
  }
  told('entries', `${taken} taken in`)
}

/* Machine files */
{
  const files = demoMachines().map((f) => JSON.parse(JSON.stringify(f)) as Record<string, unknown>)
  let taken = 0
  let planned = 0
  for (let seed = 0; seed < MANY; seed++) {
    const random = chance(seed + 1e6)
    attempt('machine file', seed, () => {
      let text = JSON.stringify(mutate(random, pick(random, files)))
      if (random() < 0.02) text = text.slice(0, Math.floor(random() * text.length))
      const parsed = parseMachineFile(text)
      if (!parsed.ok) {
        for (const p of parsed.error.problems)
          if (!isWellFormed(p.text + p.at)) throw new Error(`a problem that cannot be shown: ${JSON.stringify(p.text).slice(0, 80)}`)
        return
      }
      taken += 1
      if (!isWellFormed(JSON.stringify(parsed.value))) throw new Error('taken in with a text that cannot be stored')
      if (planned >= 500) return
      planned += 1
      const goal = pick(random, parsed.value.goals)
      plan(parsed.value, 'untouched', [goal.id], { variants: {}, nodeLimit: 2_000 })
    })
  }
  told('machine files', `${taken} taken in, ${planned} planned`)
}

/* Headers of ride logs: never one quantity for another */
{
  let known = 0
  for (let seed = 0; seed < MANY; seed++)
    attempt('header', seed, () => {
      const made = madeHeader(seed)
      const read = readHeader(made.text)
      if (read.role === null) return
      known += 1
      if (read.role !== made.role || (made.scale !== undefined && Math.abs(read.to(1) / made.scale - 1) > 1e-9))
        throw new Error(`“${made.text}” is ${made.role}, and was taken for ${read.role} in ${read.unit}`)
    })
  told('headers', `${known} known`)
}

/* Ride logs */
{
  const heads = [
    'time,speed,current,voltage,motor temperature',
    'Time (s);Speed (km/h);Current (A)',
    'timestamp\tspeed',
    'date,time,speed',
    '"time","speed"',
    'speed',
    '',
  ]
  let taken = 0
  for (let seed = 0; seed < MANY; seed++) {
    const random = chance(seed + 2e6)
    attempt('ride log', seed, () => {
      const head = pick(random, heads)
      const by = head.includes(';') ? ';' : head.includes('\t') ? '\t' : ','
      const start = pick(random, [0, 1_795_000_000, 1_795_000_000_000, -5, NaN])
      const rows = Array.from({ length: Math.floor(random() * 80) }, (_, i) =>
        head
          .split(by)
          .map((_, c) =>
            random() < 0.03
              ? (JSON.stringify(pick(random, ODD)) ?? '')
              : c === 0
                ? random() < 0.1
                  ? new Date(1.795e12 + i * 1000).toISOString()
                  : String(start + i * pick(random, [0.1, 1, 1000, 0, -1]))
                : (random() * 40).toFixed(2).replace('.', random() < 0.1 ? ',' : '.'),
          )
          .join(by),
      )
      const read = readRideLog([head, ...rows].join(pick(random, ['\n', '\r\n', '\r'])))
      if (!read.ok) return
      const summary = summariseRide('r.csv', read.value.raw, { ...DEFAULT_LIMITS, topSpeed: 20 }, read.value.notes)
      if (!summary.ok) return
      taken += 1
      const parsed = parseEntry(
        JSON.parse(
          JSON.stringify({
            id: '01a21089-c2e7-7676-a522-f2b4340beda1',
            jobId: '01a21089-c2e7-7676-a522-f2b4340beda1',
            base: 0,
            at: 1,
            by: 'x',
            device: '01a21089-c2e7-7676-a522-f2b4340beda1',
            kind: 'ride-added',
            v: 1,
            body: { text: 'x', log: summary.value },
          }),
        ),
      )
      if (!parsed.ok) throw new Error(`judged, and then not taken in: ${parsed.error.reason}`)
    })
  }
  told('ride logs', `${taken} judged and taken in`)
}

/* Lines and numbers as they are typed */
{
  const words = [
    '4',
    'M5x12',
    'm5×12',
    '2x',
    'nuts',
    'chain',
    'guard',
    '0',
    '-3',
    '1e9',
    '99999',
    'A1',
    '→A3',
    ',',
    '½',
    ...ODD.filter((o): o is string => typeof o === 'string'),
  ]
  // Five times as many: they take next to no time.
  for (let seed = 0; seed < 5 * MANY; seed++) {
    const random = chance(seed + 3e6)
    attempt('line', seed, () => {
      const text = Array.from({ length: Math.floor(random() * 7) }, () => pick(random, words)).join(pick(random, [' ', '', '  ', '\t']))
      const read = readLine(text)
      if (read && (!Number.isInteger(read.count) || read.count < 0 || read.count > 1000))
        throw new Error(`“${text.slice(0, 60)}” counts ${read.count}`)
      if (read && JSON.stringify(readLine(writeLine(read))) !== JSON.stringify(read))
        throw new Error(`“${text.slice(0, 60)}” says something else once it is written`)
      readValue(text, pick(random, Object.keys(UNITS)) as never, [-1e9, 1e9])
    })
  }
  told('lines', 'read')
}

if (failures > 0) process.exitCode = 1
