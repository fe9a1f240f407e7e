// Breaks the code one line at a time and asks the tests beside it whether they notice; for `npm run proof -- mutations`. The list is in
// this file, so that a survivor has a name. The tree is put back after each, whatever happens.
import { spawnSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'

interface Mutation {
  readonly name: string
  readonly file: string
  readonly from: string
  readonly to: string
}

const ROOT = path.resolve(import.meta.dirname, '..')
const job = (file: string) => `src/core/job/${file}`

export const MUTATIONS: readonly Mutation[] = [
  { name: 'threadlocker that is disturbed still cures', file: job('curing.ts'), from: 'l.disturbed !== undefined || ', to: '' },
  {
    name: 'a cure is over before it is',
    file: job('curing.ts'),
    from: 'earliestOf(at) < until(l)',
    to: 'earliestOf(at) + 3_600_000 < until(l)',
  },
  { name: 'disputed power counts as dead', file: job('dead.ts'), from: ' || power.disputed', to: '' },
  { name: 'a proof that ended still proves', file: job('dead.ts'), from: '|| proof.ended) return false', to: ') return false' },
  {
    name: 'a proof of dead without its last tester reading',
    file: 'src/core/safety/proof.ts',
    from: "'minus to frame', 'tester after'],\n}",
    to: "'minus to frame'],\n}",
  },
  {
    name: 'a tester proved in the wrong order',
    file: 'src/core/safety/proof.ts',
    from: "cls === 'B' && missing.length === 0",
    to: 'false',
  },
  { name: 'handed back without calibration', file: job('checks/calibration.ts'), from: "gates: ['handed back']", to: 'gates: []' },
  { name: 'handed back without a ride', file: job('checks/ridden.ts'), from: "gates: ['handed back']", to: 'gates: []' },
  { name: 'ridden before the full cure', file: job('checks/full-cure.ts'), from: "rides: ['ridden']", to: 'rides: []' },
  { name: 'spun on a pack that nobody looked at', file: job('checks/pack-triage.ts'), from: "steps: ['spin test']", to: 'steps: []' },
  { name: 'live again with the axle loose', file: job('checks/reaction-path.ts'), from: "power: ['live'], ", to: '' },
  { name: 'above 60 V made safe by anybody', file: job('checks/qualified.ts'), from: "steps: ['dead']", to: 'steps: []' },
  { name: 'brakes gone on without', file: job('checks/brakes.ts'), from: "without: 'nobody'", to: "without: 'mechanic'" },
  {
    name: 'an estimate for axle nuts',
    file: 'src/core/fasteners/tightening.ts',
    from: 'return critical === undefined',
    to: "return critical === undefined || critical === 'axle'",
  },
  {
    name: 'the caution of the axle nuts on the way down',
    file: 'src/core/cautions/axle-nuts.ts',
    from: "limb === 'up'",
    to: "limb === 'down'",
  },
  {
    name: 'the caution of hot air on the way up',
    file: 'src/core/cautions/heat-near-cells.ts',
    from: "limb === 'down'",
    to: "limb === 'up'",
  },
  { name: 'no caution at a pack’s own side', file: 'src/core/cautions/pack-side-live.ts', from: '=== `unplug:', to: '=== `plug:' },
  {
    name: 'the second person waits for nothing electric',
    file: 'src/core/planning/together.ts',
    from: "s.power !== undefined || s.check === 'dead')",
    to: 'false)',
  },
  {
    name: 'the second person does not wait for what comes before',
    file: 'src/core/planning/together.ts',
    from: '[...new Set([...asked, ...alone])]',
    to: '[...new Set(alone)]',
  },
  { name: 'the lift limit', file: 'src/core/safety/lifting.ts', from: 'ONE_PERSON_AT_BEST = 25', to: 'ONE_PERSON_AT_BEST = 250' },
  { name: 'the mass for two people', file: 'src/core/safety/lifting.ts', from: 'TWO_PEOPLE_ABOVE = 20', to: 'TWO_PEOPLE_ABOVE = 200' },
  {
    name: 'the safer side holds while two tablets disagree',
    file: job('claims.ts'),
    from: 'rank(b.outcome) < rank(a.outcome) ||',
    to: 'rank(b.outcome) > rank(a.outcome) ||',
  },
  {
    name: 'two tablets never disagree',
    file: job('claims.ts'),
    from: 'head.device !== entry.device && base < head.seq',
    to: 'head.device !== entry.device && base > head.seq',
  },
  {
    name: 'a check on which two tablets disagree is passed',
    file: job('check-status.ts'),
    from: "  if (record?.disputed) return { check, open: false, missing: [{ is: 'disputed' }] }\n",
    to: '',
  },
  {
    name: 'a look that was undone stays passed',
    file: job('check-status.ts'),
    from: 'return open.length > 0 ?',
    to: 'return open.length > 99 ?',
  },
  { name: 'a disputed step is settled', file: job('readiness.ts'), from: '  if (own?.disputed) return false\n', to: '' },
  { name: 'a cover closes over a loose piece', file: job('readiness.ts'), from: 'if (step.cover) reasons', to: 'if (false) reasons' },
  {
    name: 'a stage is passed with an entry that nobody knows',
    file: job('kinds/stage-moved.ts'),
    from: 'draft.unknown > 0',
    to: 'draft.unknown > 9',
  },
  {
    name: 'a step back needs no reason',
    file: job('kinds/stage-moved.ts'),
    from: "(reason?.trim() ? [] : [{ is: 'no reason' }])",
    to: '([])',
  },
  {
    name: 'a stopped ride leaves what lies above it passed',
    file: job('kinds/ride-added.ts'),
    from: 'RIDE_STAGES.slice(RIDE_STAGES.indexOf(named[0]!))',
    to: 'named',
  },
  {
    name: 'a step before its turn is not flagged',
    file: job('apply-steps.ts'),
    from: "if (waits.some((w) => w.is !== 'not dead'))",
    to: 'if (false)',
  },
  {
    name: 'parts do not come off with their step',
    file: job('kinds/step-done.ts'),
    from: "for (const id of body.partsOff ?? []) movePart(ctx, id, 'off')",
    to: '',
  },
  {
    name: 'a viewer writes',
    file: job('roles.ts'),
    from: "door: ['lead', 'mechanic', 'front desk']",
    to: "door: ['lead', 'mechanic', 'front desk', 'viewer']",
  },
  {
    name: 'a plan without words loses what it waits for',
    file: 'src/core/planning/adopted.ts',
    from: '    after: s.after,\n    dead: s.dead,',
    to: '    dead: s.dead,',
  },
  {
    name: 'a plan without words loses its torque',
    file: 'src/core/planning/adopted.ts',
    from: '    torque: s.torque,\n    joint',
    to: '    joint',
  },
  {
    name: 'lost is not loose',
    file: job('tray.ts'),
    from: "new Set(['cell', 'lost', 'started', 'seated'])",
    to: "new Set(['cell', 'started', 'seated'])",
  },
  {
    name: 'a top speed at its limit is good',
    file: 'src/core/ride/judge.ts',
    from: 'value + 2 * u <= limit',
    to: 'value - 2 * u <= limit',
  },
  { name: 'the same reading ten times is ten readings', file: 'src/core/diagnosis/belief.ts', from: ' / group.length', to: '' },
  {
    name: 'how usual a fault is counts for nothing',
    file: 'src/core/diagnosis/belief.ts',
    from: 'return usual.map((x) => x / sum)',
    to: 'return usual.map(() => 1 / sum)',
  },
  {
    name: 'the front desk lowers the class',
    file: 'src/core/safety/charge.ts',
    from: "&& (c.from !== 'door' || voltageClass(c.volts) === 'B')",
    to: '',
  },
  {
    name: 'a reading of 60 V is the lower class',
    file: 'src/core/safety/charge.ts',
    from: 'READING_CLASS_A = 40',
    to: 'READING_CLASS_A = 60',
  },
  {
    name: 'a voltage that nobody knows is the lower class',
    file: 'src/core/safety/charge.ts',
    from: "return { cls: 'B', volts: null",
    to: "return { cls: 'A', volts: null",
  },
  {
    name: 'a pole the wrong way round is dead',
    file: 'src/core/safety/proof.ts',
    from: 'if (!onSource && !(Math.abs(r.volts) <= limit))',
    to: 'if (!onSource && !(r.volts <= limit))',
  },
  {
    name: 'a locked fixing is oiled first',
    file: 'src/core/fasteners/attempts.ts',
    from: '(locked ? LOCKED : ATTEMPTS)',
    to: '(locked ? ATTEMPTS : ATTEMPTS)',
  },
  { name: 'what was warmed is cold at once', file: 'src/core/fasteners/attempts.ts', from: 'COOLS_IN = 20', to: 'COOLS_IN = 2' },
  {
    name: 'a locker cures faster in the warm',
    file: 'src/core/fasteners/cure.ts',
    from: 'temperature >= 22 ? 1 :',
    to: 'temperature >= 60 ? 1 :',
  },
  {
    name: 'a wrench is good for a fiftieth of its scale',
    file: 'src/core/fasteners/wrench.ts',
    from: '0.2 * wrench.to',
    to: '0.02 * wrench.to',
  },
  {
    name: 'an adapter counts across the wrench',
    file: 'src/core/fasteners/wrench.ts',
    from: 'extension * Math.cos(',
    to: 'extension * Math.sin(',
  },
  { name: 'a pull by hand is known to a tenth', file: 'src/core/fasteners/wrench.ts', from: 'low: likely * 0.75', to: 'low: likely * 0.9' },
  { name: 'a logger knows its speed exactly', file: 'src/core/ride/judge.ts', from: 'const u = 0.015 * value', to: 'const u = 0 * value' },
  { name: 'one slip rules a fault out', file: 'src/core/diagnosis/likelihood.ts', from: 'const SLIP = 0.02', to: 'const SLIP = 0' },
  {
    name: 'over its range is taken for the figure itself',
    file: 'src/core/diagnosis/likelihood.ts',
    from: "answer?.kind === 'number' && evidence.beyond",
    to: "answer?.kind === 'number' && evidence.beyond && false",
  },
  {
    name: 'over and under change places',
    file: 'src/core/diagnosis/likelihood.ts',
    from: "side === 'under' ? under : all - under",
    to: "side === 'over' ? under : all - under",
  },
  {
    name: 'answers of one in five are left out',
    file: 'src/core/diagnosis/meaning.ts',
    from: 'ranked.outcomes.filter((o) => o.p >= 0.02)',
    to: 'ranked.outcomes.filter((o) => o.p >= 0.2)',
  },
  {
    name: 'two people are one person’s work',
    file: 'src/core/planning/order.ts',
    from: 'mode.minutes.likely * mode.people',
    to: 'mode.minutes.likely',
  },
  {
    name: 'making safe comes when it comes',
    file: 'src/core/planning/order.ts',
    from: 'broughtForward(problem, found.order, found.cost, (task) => early(items[task]!.id))',
    to: 'found.order',
  },
  {
    name: 'a second person is called once an hour',
    file: 'src/core/planning/tools-and-people.ts',
    from: 'const ONE_CALL = 5',
    to: 'const ONE_CALL = 60',
  },
  {
    name: 'the pack taken out leaves it isolated',
    file: 'src/core/planning/steps.ts',
    from: "return limb === 'down' ? 'out' : 'isolated'",
    to: "return limb === 'down' ? 'isolated' : 'out'",
  },
  {
    name: 'of two cures the earlier holds',
    file: 'src/core/job/claims.ts',
    from: "outcome === 'cures' ? -Number(detail)",
    to: "outcome === 'cures' ? Number(detail)",
  },
  {
    name: 'the newest form is written to older tablets',
    file: 'src/core/job/entries.ts',
    from: 'w.since <= form',
    to: 'w.since <= form + 99',
  },
  {
    name: 'an older reading keeps no unit',
    file: 'src/core/job/kinds/reading-taken.ts',
    from: 'unitId(unit) ?? `unknown',
    to: '(unit as never) ?? `unknown',
  },
  {
    name: 'the front desk’s voltage is a label',
    file: 'src/core/job/kinds/voltage-told.ts',
    from: "'front desk' ? 'door' : from",
    to: "'front desk' ? from : from",
  },
  {
    name: 'an action is read without its thing',
    file: 'src/core/machine/ids.ts',
    from: 'word === undefined || at === id.length - 1',
    to: 'word === undefined',
  },
  {
    name: 'an answer that is missing is a refusal for good',
    file: 'src/client/send.ts',
    from: "reason: 'The server did not answer for this one.', again: 'later'",
    to: "reason: 'The server did not answer for this one.', again: 'never'",
  },
  {
    name: 'a refusal without a term is for good',
    file: 'src/client/send.ts',
    from: "again: answer.again ?? 'later'",
    to: "again: answer.again ?? 'never'",
  },
  {
    name: 'what somebody else may send is shelved',
    file: 'src/client/send.ts',
    from: "response.status === 403 ? 'other person' :",
    to: "response.status === 403 ? 'never' :",
  },
  {
    name: 'a batch that is too large is shelved whole',
    file: 'src/client/send.ts',
    from: 'response.status === 413 && batch.length > 1',
    to: 'response.status === 413 && batch.length > 999',
  },
  { name: 'what is sent stays jotted', file: 'src/client/send.ts', from: '  rubOut(taken.map((e) => e.id))\n', to: '' },
  {
    name: 'a clock put forward cures',
    file: 'src/client/clock.ts',
    from: 'Math.abs(clock - ran) <= JUMP_MS ? clock : Math.min',
    to: 'Math.abs(clock - ran) >= 0 ? clock : Math.min',
  },
  {
    name: 'an old page logs in the name of the one before',
    file: 'src/client/journal.ts',
    from: '    if (this.stranger !== null) return []\n',
    to: '',
  },
  { name: 'another past is taken for the same', file: 'src/client/journal.ts', from: '    if (parted) await this.otherPast()\n', to: '' },
  {
    name: 'a page of an older build is not told so',
    file: 'src/client/journal.ts',
    from: '(vocabulary ?? 0) > VOCABULARY',
    to: '(vocabulary ?? 0) > VOCABULARY + 9',
  },
  {
    name: 'a stream that opens tells nobody',
    file: 'src/client/journal.ts',
    from: "else if (word.type === 'opened') void ((this.checkPast = true), this.read())",
    to: "else if (word.type === 'opened') void 0",
  },
]

// A run that is ended from outside puts back what it had broken.
const now = { put: () => undefined as void }
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => (now.put(), process.exit(1)))

/** Files that are broken while this runs, with what they were. */
function broken<T>(m: Mutation, work: () => T): T {
  const file = path.join(ROOT, m.file)
  const whole = readFileSync(file, 'utf8')
  const put = (): void => writeFileSync(file, whole)
  now.put = put
  try {
    writeFileSync(
      file,
      whole.replace(m.from, () => m.to),
    )
    return work()
  } finally {
    put()
  }
}

const caught = (m: Mutation): boolean =>
  broken(m, () => {
    // The tests of its own area: what is caught only from afar is not caught well.
    const area = /^src\/(?:core\/)?([a-z]+)\//.exec(m.file)![1]!
    const tests = {
      cautions: ['src/core/cautions'],
      client: ['src/client'],
      safety: ['src/core/safety', 'src/core/cautions', 'src/core/planning/options.test.ts'],
    }[area] ?? [`src/core/${area}/`]
    const { status } = spawnSync(
      process.execPath,
      ['node_modules/vitest/vitest.mjs', 'run', ...tests, '--project', 'unit', '--bail', '1', '--reporter', 'dot'],
      { cwd: ROOT, stdio: 'ignore' },
    )
    return status !== 0
  })

const asked = process.argv.slice(2)
for (const m of MUTATIONS)
  if (readFileSync(path.join(ROOT, m.file), 'utf8').split(m.from).length !== 2)
    throw new Error(`“${m.name}” does not fit ${m.file} any more.`)
const survivors: string[] = []
const list = MUTATIONS.filter((m) => asked.length === 0 || asked.some((a) => m.file.includes(a) || m.name.includes(a)))
for (const m of list) {
  // A signal is heard between two of them.
  await new Promise((resolve) => setImmediate(resolve))
  const began = Date.now()
  const seen = caught(m)
  if (!seen) survivors.push(m.name)
  console.log(`${seen ? 'caught  ' : 'SURVIVED'} ${((Date.now() - began) / 1000).toFixed(0).padStart(4)} s  ${m.name} (${m.file})`)
}
console.log(
  `${list.length - survivors.length} of ${list.length} mutations caught.${survivors.length > 0 ? ` Survivors: ${survivors.join('; ')}.` : ''}`,
)
if (list.length - survivors.length < Math.ceil(list.length * 0.9)) process.exitCode = 1
