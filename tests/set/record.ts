// Records the test set: scripted jobs over every machine and kind, written through the app's own door into a database of its own,
// and what the reducer of this day makes of each. Run once, by `npx tsx tests/set/record.ts` with DATABASE_URL; the files it writes
// are kept for ever and never made anew, since later reducers are held against them.
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { v7 } from 'uuid'
import { type Bodies, type EntryDraft, type Kind, reduce, REDUCER_VERSION, written } from '../../src/core/job'
import { fullChargeVolts, type MachineFile } from '../../src/core/machine'
import type { RideStage } from '../../src/core/ride'
import { addJob } from '../../src/db/jobs'
import { readEntries } from '../../src/db/entries'
import { addDevice } from '../../src/db/sessions'
import { demoMachines } from '../../src/demo/machines'
import { PEOPLE } from '../../src/demo/people'
import { JobScript } from '../../src/demo/script'
import { appendBatch } from '../../src/server/append'
import { loadDemo } from '../../scripts/setup'
import { freshDatabase } from '../database'
import { SAMPLES } from '../samples'

/** The rungs that there were when the set was recorded. */
const BEFORE: readonly RideStage[] = ['wheel off the ground', 'walking pace', 'brake stops', 'gentle', 'full']

const T0 = Date.UTC(2026, 10, 24, 8)
const TABLETS = ['00000000-0000-7000-8000-0000000000a1', '00000000-0000-7000-8000-0000000000b2'] as const
const PERSON = new Map(PEOPLE.map((p) => [p.id as string, p]))

const { sql, close } = await freshDatabase()
await loadDemo(sql, T0)
for (const tablet of TABLETS) {
  await addDevice(sql, tablet)
  for (const { id } of PEOPLE) await sql`insert into sign_ins (device_id, person_id, from_at) values (${tablet}, ${id}, ${new Date(T0)})`
}

/** Writes one job's entries through the door that tablets use. */
class Bench {
  private seq = 0
  private clock = T0
  readonly ids: string[] = []
  constructor(readonly jobId: string) {}

  static async open(machine: MachineFile | null): Promise<{ readonly bench: Bench; readonly number: string }> {
    const id = v7()
    const number = await addJob(sql, { id, machineId: machine?.id ?? null, revision: machine?.revision ?? null })
    return { bench: new Bench(id), number: String(number).padStart(4, '0') }
  }

  async write<K extends Kind>(
    kind: K,
    body: Bodies[K],
    over: { by?: string; tablet?: 0 | 1; base?: number; at?: number; receivedAt?: number } = {},
  ): Promise<string> {
    const { by = 'p-ines', tablet = 0 } = over
    this.clock = over.at ?? this.clock + 60_000
    const entry = {
      id: v7(),
      jobId: this.jobId,
      base: over.base ?? this.seq,
      at: this.clock,
      by,
      device: TABLETS[tablet],
      ...written(kind, body, 0),
    } as unknown as EntryDraft
    const session = { person: PERSON.get(by)!, device: TABLETS[tablet], keyed: true, maySend: true }
    const result = await appendBatch(session as never, this.jobId, [JSON.parse(JSON.stringify(entry))], {
      now: () => over.receivedAt ?? Math.max(this.clock, T0),
    })
    if ('status' in result) throw new Error(result.message)
    const [answer] = result.answers
    if (answer?.status !== 'stored') throw new Error(`${kind}: ${JSON.stringify(answer)}`)
    this.seq = answer.seq
    this.ids.push(entry.id)
    return entry.id
  }

  get last(): number {
    return this.seq
  }
}

let total = 0
/** Every job of every machine, by one tap a step: some whole, some left half-way, some chosen anew. */
for (const file of demoMachines()) {
  const high = file.pack !== undefined && fullChargeVolts(file.pack) > 60
  for (const [g, goal] of file.goals.entries()) {
    for (const pick of g === 0 ? [0, 1, 2] : [0, 1]) {
      const variants = Object.fromEntries(file.variants.map((v) => [v.id, v.options[pick % v.options.length]!.id]))
      const who = ['p-ines', 'p-tobias', 'p-marit'][g % 3]!
      const { bench, number } = await Bench.open(file)
      const script = new JobScript(file.id, T0, high ? 'p-ines' : who)
        .write('job-opened', {
          number,
          machine: {
            name: file.name,
            unit: `no. ${g + 1}`,
            file: file.id,
            revision: file.revision,
            ...(file.pack ? { fullVolts: fullChargeVolts(file.pack) } : {}),
          },
          complaint: 'as told at the door',
        })
        .adopt(file, goal.id, variants)
        .ready()
      if (high) script.write('check-passed', { check: 'qualified', evidence: 'answers for it' })
      script.write('stage-moved', { to: 'take down' }).steps('down', pick === 1 ? 9 : 80)
      if (pick === 0) {
        script
          .write('stage-moved', { to: 'swap' })
          .swap({ oldSerial: 'A', newSerial: 'B' })
          .write('stage-moved', { to: 'build up' })
          .steps('up', g % 2 ? 12 : 80)
          .write('stage-moved', { to: 'prove' })
        if (g % 2 === 0)
          for (const stage of BEFORE) script.write('ride-added', { rungs: [stage], outcome: 'passed', text: 'nothing wrong' }, 400)
        script
          .write('stage-moved', { to: 'hand back' })
          .write('recheck-set', { what: 'axle nut marks', due: 'after 20 km', kilometres: 20 })
          .write('handed-back', { to: 'the owner' })
      } else {
        const next = file.goals[(g + 1) % file.goals.length]!
        script.adopt(file, next.id, variants).steps('down', 4)
      }
      for (const { kind, body, by, at } of script.done().entries) await bench.write(kind as never, body as never, { by, at, tablet: 0 })
      total += bench.last
    }
  }
}

/** Every kind at least once on a Dunlin, and what its subjects do when two tablets disagree, in both orders, seen and not seen. */
const dunlin = demoMachines().find((f) => f.id === 'dunlin')!
const CONTESTED: readonly (readonly [Kind, object, object])[] = [
  ['power-changed', { to: 'out' }, { to: 'live' }],
  [
    'proof-taken',
    { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0.1 }] },
    { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 41.2 }] },
  ],
  ['pack-checked', { result: 'sound', signs: [] }, { result: 'quarantine', signs: ['hot'] }],
  ['fixing-in', { members: ['deck-screw-1'], pass: 'final' }, { members: ['deck-screw-1'], pass: 'started' }],
  ['part-on', { parts: ['deck-lid'] }, { parts: ['deck-lid'] }],
  ['check-passed', { check: 'brakes', evidence: 'firm' }, { check: 'brakes', evidence: 'firm again' }],
  ['pose-changed', { to: 'upright', name: 'upright', people: 1 }, { to: 'on-left', name: 'on its side', people: 2 }],
  ['variant-answered', { variant: 'lid-edge', option: 'dry' }, { variant: 'lid-edge', option: 'sealed' }],
  ['ride-added', { text: 'nothing', stage: 'gentle', outcome: 'passed' }, { text: 'pulls left', stage: 'gentle', outcome: 'stopped' }],
  [
    'lock-applied',
    { subject: 'rim screws', product: 'medium', handlingMinutes: 20, cureHours: 24 },
    { subject: 'rim screws', product: 'high', handlingMinutes: 60, cureHours: 48 },
  ],
]
for (const seen of [true, false]) {
  for (const flip of [true, false]) {
    const { bench, number } = await Bench.open(dunlin)
    await bench.write('job-opened', {
      number,
      machine: { name: 'Dunlin', file: 'dunlin', revision: dunlin.revision, fullVolts: 58.8 },
      complaint: 'two tablets',
    })
    await bench.write('power-changed', { to: 'isolated', how: 'unplugged' })
    for (const [kind, safe, unsafe] of CONTESTED) {
      const base = bench.last
      const [first, second] = flip ? [safe, unsafe] : [unsafe, safe]
      await bench.write(kind, first as never, { tablet: 0 })
      await bench.write(kind, second as never, { tablet: 1, by: 'p-marit', ...(seen ? {} : { base }) })
    }
    total += bench.last
  }
}
for (const handed of [false, true]) {
  const { bench, number } = await Bench.open(dunlin)
  for (const [kind, body] of Object.entries(SAMPLES) as [Kind, object][]) {
    if (kind === 'struck' || (kind === 'handed-back' && !handed)) continue
    await bench.write(kind, (kind === 'job-opened' ? { ...body, number } : body) as never)
  }
  // Crossed out, and the crossing-out crossed out.
  const struck: string[] = []
  for (const target of bench.ids.filter((_, i) => i % 3 === 2)) struck.push(await bench.write('struck', { target, reason: 'wrong line' }))
  for (const target of struck.filter((_, i) => i % 2 === 0)) await bench.write('struck', { target, reason: 'it was right' })
  // Clocks ahead, behind and put back.
  await bench.write(
    'proof-taken',
    { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0 }] },
    { at: T0 + 9e8, receivedAt: T0 + 8e8 },
  )
  await bench.write(
    'lock-applied',
    { subject: 'rim screws', product: 'medium', handlingMinutes: 20, cureHours: 24 },
    { at: T0 - 9e8, receivedAt: T0 + 8.1e8 },
  )
  await bench.write('note-added', { text: 'later' }, { at: T0 + 9e8, receivedAt: T0 + 9e8 })
  total += bench.last
}
/** A machine without a file, its voltage known and not known. */
for (const fullVolts of [42, 84, undefined]) {
  const { bench, number } = await Bench.open(null)
  await bench.write('job-opened', { number, machine: { name: 'sack truck', ...(fullVolts ? { fullVolts } : {}) }, complaint: 'drags' })
  await bench.write('power-changed', { to: 'out', how: 'lifted off' })
  await bench.write('proof-taken', { instrument: { name: 'm' }, readings: [{ between: 'feed', volts: 0 }] })
  await bench.write('step-added', {
    step: 'n1',
    title: 'Undo 2 nuts',
    fixings: [1, 2].map((n) => ({ id: `n1-${n}`, joint: 'n1', label: 'M6', place: `${n} of 2`, keep: 'cell' as const, cell: 'A1' })),
    parts: [],
  })
  await bench.write('step-done', { step: 'n1', out: [{ members: ['n1-1', 'n1-2'], to: 'cell', cell: 'A1' }] })
  await bench.write('step-done', { step: 'up:n1', pass: 'final', in: { members: ['n1-1', 'n1-2'], pass: 'final' } })
  await bench.write('handed-over', { to: 'p-marit', text: 'take care' })
  await bench.write('resumed', {}, { by: 'p-marit', tablet: 1 })
  total += bench.last
}

const jobs = await sql<{ id: string }[]>`select id from jobs order by number`
const lines: string[] = []
const states: string[] = []
for (const { id } of jobs) {
  const entries = await readEntries(sql, id, 0)
  for (const entry of entries) lines.push(JSON.stringify(entry))
  states.push(JSON.stringify({ reducer: REDUCER_VERSION, state: reduce(id, entries) }))
}
const write = (name: string, rows: readonly string[]): void =>
  writeFileSync(path.join(import.meta.dirname, name), gzipSync(`${rows.join('\n')}\n`, { level: 9 }))
write('entries.ndjson.gz', lines)
write('states.ndjson.gz', states)
process.stdout.write(`${lines.length} entries in ${jobs.length} jobs (${total} scripted), by reducer ${REDUCER_VERSION}\n`)
await close()
