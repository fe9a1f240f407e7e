import { NEWEST_FORM } from '../core/build'
import {
  type Bodies,
  checkStatus,
  clickedWith,
  type Entry,
  expectedDone,
  isFinal,
  lengthsAsked,
  type JobState,
  type Kind,
  nextPass,
  notedDown,
  presentStep,
  reduce,
  relevantChecks,
  sideBySide,
  tightEntry,
  type TightEntry,
  waitingFor,
  wrenchesFor,
  written,
} from '../core/job'
import { DEFAULT_SETTINGS } from '../core/job'
import { compareOne, type MachineFile } from '../core/machine'
import { plan, type PlannedStep } from '../core/planning'
import { wellRead } from './figures'
import { demoInstruments } from './instruments'

export interface ScriptedEntry {
  readonly kind: Kind
  readonly body: Bodies[Kind]
  readonly by: string
  /** Epoch ms. */
  readonly at: number
}

export interface ScriptedJob {
  readonly machineId: string | null
  readonly entries: readonly ScriptedEntry[]
}

const MINUTE = 60_000

/** Writes a demo job as its people would have: by the planner's steps and the same taps, a clock running on. */
export class JobScript {
  private readonly log: Entry[] = []
  private readonly written: ScriptedEntry[] = []

  constructor(
    private readonly machineId: string | null,
    private clock: number,
    private by: string,
  ) {}

  write<K extends Kind>(kind: K, body: Bodies[K], minutes = 1): this {
    this.clock += minutes * MINUTE
    const seq = this.log.length + 1
    this.log.push({
      id: `e${seq}`,
      jobId: 'demo',
      seq,
      base: seq - 1,
      at: this.clock,
      receivedAt: this.clock,
      by: this.by,
      sentBy: this.by,
      device: 'demo',
      // A plan keeps its words here: the script reads them.
      ...(kind === 'plan-adopted' ? { kind, v: 1, body } : written(kind, body, NEWEST_FORM)),
    } as Entry)
    this.written.push({ kind, body, by: this.by, at: this.clock })
    return this
  }

  as(person: string): this {
    this.by = person
    return this
  }

  wait(minutes: number): this {
    this.clock += minutes * MINUTE
    return this
  }

  adopt(file: MachineFile, goal: string, variants: Record<string, string>): this {
    for (const [variant, option] of Object.entries(variants)) this.write('variant-answered', { variant, option })
    const result = plan(file, 'untouched', [goal], { variants })
    if (!result.ok) throw new Error(`the demo job "${goal}" has no plan: ${result.error.kind}`)
    const name = file.goals.find((g) => g.id === goal)!.name
    this.write('goal-set', { goals: [goal], text: name })
    return this.write('plan-adopted', { plan: result.value, file: file.id, revision: file.revision, settings: DEFAULT_SETTINGS })
  }

  /** The job chosen, the door passed, and so many steps down. */
  down(file: MachineFile, goal: string, variants: Record<string, string>, count = Infinity): this {
    return this.adopt(file, goal, variants).ready().write('stage-moved', { to: 'take down' }).steps('down', count)
  }

  /** On to the bottom, what is new put in, and so many steps up. */
  up(serials: { readonly oldSerial: string; readonly newSerial: string }, count = Infinity): this {
    return this.write('stage-moved', { to: 'swap' }).swap(serials).write('stage-moved', { to: 'build up' }).steps('up', count)
  }

  /** What the door asks before the way down: a sound pack, and a new part that matches, where one goes in. */
  ready(): this {
    if (!this.state().up.some((s) => s.mains))
      this.write('pack-checked', { result: 'sound', signs: [], lowestGroup: 3.61, temperature: 19 })
    for (const { part, compare } of this.state().swap) {
      if (part && compare)
        this.write('replacement-compared', { part: part.id, rows: compare.map((spec) => compareOne(spec, null, spec.value)) }, 4)
    }
    return this
  }

  /** Does `count` steps of a limb by one tap a pass; all of them when count is left out. */
  steps(limb: 'down' | 'up', count = Infinity): this {
    for (let n = 0; n < count; n++) {
      const state = this.state()
      const step = presentStep(state, limb, this.clock)
      if (!step) return this
      if (step.turn && state.pose.id !== step.turn.to)
        this.write('pose-changed', { to: step.turn.to, name: step.turn.title, people: step.turn.people }, 1.5)
      if (step.power === 'live' && !checkStatus(state, 'first power', this.clock).open && relevantChecks(state).includes('first power'))
        this.write('check-passed', { check: 'first power', shown: 'fuse', amps: 5 }, 2)
      if (waitingFor(state, step, this.clock).some((w) => w.is === 'check' && w.check === 'read again')) {
        this.write(
          'reading-taken',
          { quantity: 'voltage', result: { is: 'value', value: 0.1 }, unit: 'V', live: false, place: step.title },
          1,
        )
        n--
        continue
      }
      if (step.check === 'dead') {
        this.write(
          'proof-taken',
          {
            instrument: { id: 'i-meter-3', name: 'meter 3' },
            readings: [
              { role: 'tester before', volts: 54.1 },
              { between: 'front feed, + and −', volts: 0.2 },
              { between: 'rear feed, + and −', volts: 0.1 },
            ],
          },
          2,
        )
        this.write('step-done', expectedDone(state, step), 0.2)
      } else if (step.check)
        this.write(
          'check-passed',
          { check: step.check as never, shown: 'looked at', step: step.id, ...wellRead(step, notedDown(state)) },
          step.minutes.likely,
        )
      else {
        for (const ask of lengthsAsked(state, step)) this.write('worked-out', sideBySide(ask)!, 0.5)
        this.one(this.state(), step)
      }
    }
    return this
  }

  /** A step as its people would log it: what is made tight with the wrench that suits, critical fixings one by one. */
  private one(state: JobState, step: PlannedStep): void {
    const value = step.torque?.value
    const figures = wellRead(step, notedDown(state))
    const adapter = step.tool?.adapter
    const wrench =
      value === undefined || !isFinal(step, nextPass(state, step.id))
        ? undefined
        : wrenchesFor(value, demoInstruments(this.clock), adapter)[0]
    if (!wrench)
      return void this.write('step-done', { ...expectedDone(state, step), ...figures, minutes: step.minutes.likely }, step.minutes.likely)
    for (let entry = null as TightEntry | null; entry?.kind !== 'step-done';) {
      entry = tightEntry(this.state(), step, clickedWith(value!, wrench, adapter))
      if (entry.kind === 'fixing-in') this.write('fixing-in', entry.body, 0.5)
      else this.write('step-done', { ...entry.body, ...figures, minutes: step.minutes.likely }, step.minutes.likely)
    }
  }

  swap(serials: { readonly oldSerial: string; readonly newSerial: string }): this {
    for (const s of this.state().swap) {
      if (s.part) this.write('part-replaced', { part: s.part.id, ...serials, step: s.id }, 3)
      else this.write('step-done', { step: s.id }, 3)
    }
    return this
  }

  state(): JobState {
    return reduce('demo', this.log)
  }

  done(): ScriptedJob {
    return { machineId: this.machineId, entries: this.written }
  }
}
