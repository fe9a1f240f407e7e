/**
 * Fault finding on simulated machines that no table has seen, beside a reference that knows the simulator’s own likelihoods and follows the
 * same policy: `npm run proof diagnosis [kind …] [machines] [particles]`, two kinds at a time. Prints what docs/diagnosis.md keeps.
 */
import { spawn } from 'node:child_process'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { type Catalogue, NONE } from '../src/core/diagnosis'
import { SIMULATED } from '../src/core/simulated'
import { type Kind, seeded } from '../scripts/likelihoods/bench'
import { type Adviser, bothMended, caseOf, catalogueFor, type Outcome, theApp, unlistedCase, worked } from './diagnosed'
import { particlesOf, theReference } from './reference'
import { UNLISTED } from './unlisted'

const args = process.argv.slice(2)
const figures = args.filter((a) => /^\d+$/.test(a)).map(Number)
/** The hubs have twice as many faults as the others: within two hours on two cores they get fewer machines, and wider intervals. */
const machinesOf = (kind: Kind): number => figures[0] ?? (kind.startsWith('hub') ? 150 : 600)
const particles = figures[1] ?? 2000
const kinds = (Object.keys(SIMULATED) as Kind[]).filter((k) => !args.some((a) => a in SIMULATED) || args.includes(k))

const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / Math.max(1, x.length)
const share = (x: number): string => `${(100 * x).toFixed(1)} %`

/** Tests in one order for all, by how many of the faults they touch for each minute; stopped by the app’s own rule. */
function checklist(catalogue: Catalogue): Adviser {
  const app = theApp(catalogue)
  const usual = new Map(catalogue.faults.map((f) => [f.id, f.usual]))
  const order = [...catalogue.tests]
    .map((test) => {
      const touched = new Set(Object.keys(test.answer.rows.given).map((key) => key.split('/')[0]!))
      return { test, worth: [...touched].reduce((s, f) => s + (usual.get(f) ?? 0), 0) / test.minutes }
    })
    .sort((a, b) => b.worth - a.worth)
  return {
    next: (evidence, cost) => {
      const now = app.next(evidence, cost)
      if (!now.test) return now
      const taken = new Set(evidence.flatMap((e) => (e.kind === 'symptom' ? [] : [e.test])))
      return { ...now, test: order.find(({ test }) => !taken.has(test.id))?.test ?? null }
    },
  }
}

/** Every test there is, and then the app’s word. */
function everything(catalogue: Catalogue): Adviser {
  const app = theApp(catalogue)
  return {
    next: (evidence, cost) => {
      const taken = new Set(evidence.flatMap((e) => (e.kind === 'symptom' ? [] : [e.test])))
      const left = catalogue.tests.find((t) => !taken.has(t.id))
      return left ? { test: left, byAction: [], top: { fault: '', p: 0 } } : { ...app.next(evidence, cost), test: null }
    },
  }
}

/** Expected calibration error of the first action’s share: ten bins of equal count, one row a machine at its stop. */
function calibration(rows: readonly Outcome[]): number {
  const told = rows.map((r) => ({ p: r.stated[0]!.p, right: r.right ? 1 : 0 })).sort((a, b) => a.p - b.p)
  const size = Math.ceil(told.length / 10)
  let sum = 0
  for (let i = 0; i < told.length; i += size) {
    const bin = told.slice(i, i + size)
    sum += (bin.length / told.length) * Math.abs(mean(bin.map((t) => t.p)) - mean(bin.map((t) => t.right)))
  }
  return sum
}

/** What holds nine times in ten of a figure over machines drawn again and again out of these (bootstrap; Efron 1979). */
function interval<T>(rows: readonly T[], figure: (rows: readonly T[]) => number): readonly [number, number] {
  const c = seeded('bootstrap', rows.length)
  const drawn = Array.from({ length: 400 }, () => figure(rows.map(() => rows[Math.floor(c() * rows.length)]!))).sort((a, b) => a - b)
  return [drawn[20]!, drawn[379]!]
}

const right = (rows: readonly Outcome[]): number => mean(rows.map((r) => (r.right ? 1 : 0)))
const minutesOf = (rows: readonly Outcome[]): number => mean(rows.map((r) => r.minutes))
const testMinutes = (rows: readonly Outcome[]): number => mean(rows.map((r) => r.testMinutes))

/** What is missed most, by fault. */
function weakest(rows: readonly Outcome[]): string {
  const list = [...new Set(rows.map((r) => r.truth))]
    .map((truth) => {
      const own = rows.filter((r) => r.truth === truth)
      return { truth, n: own.length, wrong: own.filter((r) => !r.right).length }
    })
    .filter((w) => w.wrong > 1)
    .sort((a, b) => b.wrong - a.wrong)
    .slice(0, 5)
  return list.map((w) => `${w.truth} ${w.wrong} of ${w.n}`).join(', ') || 'none'
}

/** One kind, measured; says whether what has to hold holds. */
function proved(kind: Kind): boolean {
  const machines = machinesOf(kind)
  const from = performance.now()
  const catalogue = catalogueFor(kind)
  const run = (adviser: Adviser, most?: number): Outcome[] =>
    Array.from({ length: machines }, (_, n) => worked(catalogue, caseOf(kind, catalogue, n), adviser, most))
  const app = run(theApp(catalogue))
  const listed = run(checklist(catalogue))
  const all = run(everything(catalogue), 99)
  const reference = particles > 0 ? theReference(catalogue, particlesOf(kind, catalogue, particles), Math.min(100, particles)) : null
  const known = reference ? run(reference) : []
  const sure = app.filter((r) => r.stated[0]!.p >= 0.9)
  const per = Math.max(20, Math.round(machines / 10))
  // Of what is in no list only those count that one who knows the machines would not put down to a listed fault either.
  const odd = UNLISTED[kind].flatMap((u) =>
    Array.from({ length: per }, (_, n) => ({ u, ...worked(catalogue, unlistedCase(kind, catalogue, u, n), theApp(catalogue)) })),
  )
  const strange = reference ? odd.filter((o) => listedShare(reference, o) < 0.5) : odd
  const pairs = catalogue.pairs.flatMap((p) =>
    Array.from({ length: per }, (_, n) => ({
      pair: p.faults.join('+'),
      both: bothMended(catalogue, caseOf(kind, catalogue, n, p.faults.join('+'))),
    })),
  )
  const both = mean(pairs.map((p) => (p.both ? 1 : 0)))
  const pairsWeak = [...new Set(pairs.map((p) => p.pair))].map((pair) => ({
    pair,
    both: mean(pairs.filter((p) => p.pair === pair).map((p) => (p.both ? 1 : 0))),
  }))
  const say = (name: string, text: string): void => console.log(`  ${name.padEnd(27)}${text}`)
  const shares = ([a, b]: readonly [number, number]): string => `${share(a)} … ${share(b)}`
  console.log(`\n${kind}: ${machines} machines, ${particles} particles a fault, ${((performance.now() - from) / 1000).toFixed(0)} s`)
  say(
    'first action right',
    `${share(right(app))} (${shares(interval(app, right))})${reference ? `, reference ${share(right(known))} (${shares(interval(known, right))})` : ''}`,
  )
  if (reference) {
    const gap = interval(
      app.map((a, i) => (a.right ? 1 : 0) - (known[i]!.right ? 1 : 0)),
      mean,
    )
    say('app less reference', `${share(right(app) - right(known))} (${shares(gap)})`)
    const slow = minutesOf(app) / minutesOf(known)
    const range = interval(
      app.map((a, i) => [a.minutes, known[i]!.minutes] as const),
      (x) => mean(x.map((m) => m[0])) / mean(x.map((m) => m[1])),
    )
    say(
      'minutes until mended',
      `${minutesOf(app).toFixed(1)}, reference ${minutesOf(known).toFixed(1)}: ×${slow.toFixed(3)} (${range.map((x) => x.toFixed(3)).join(' … ')})`,
    )
  } else say('minutes until mended', minutesOf(app).toFixed(1))
  say('when it says 90 % or more', `${share(right(sure))} of ${sure.length}`)
  say('with every test taken', `${share(right(all))} of ${all.length} (${shares(interval(all, right))}); weak: ${weakest(all)}`)
  say(
    'minutes of tests',
    `${testMinutes(app).toFixed(1)}, checklist ${testMinutes(listed).toFixed(1)}: ${share(testMinutes(app) / testMinutes(listed))}`,
  )
  say(
    'calibration error',
    `${calibration(app).toFixed(3)} (${interval(app, calibration)
      .map((x) => x.toFixed(3))
      .join(' … ')})`,
  )
  const none = (rows: typeof strange): number => rows.filter((o) => o.said === NONE).length
  const each = UNLISTED[kind].map((u) => `${u.id} ${none(strange.filter((o) => o.u === u))} of ${strange.filter((o) => o.u === u).length}`)
  say('unlisted: none of these', `${none(strange)} of ${strange.length} (${odd.length} in all): ${each.join('; ')}`)
  say('pairs, both mended', `${share(both)} of ${pairs.length}: ${pairsWeak.map((p) => `${p.pair} ${share(p.both)}`).join(', ')}`)
  say('weak', weakest(app))
  return right(sure) >= 0.9
}

/** What one who knows the machines gives to all listed faults, by what the app has read. */
function listedShare(reference: Adviser, { evidence }: Outcome): number {
  const { byAction } = reference.next(evidence, () => ({ access: 0, power: 0 }))
  return byAction.reduce((s, a) => s + (a.id === NONE ? 0 : a.p), 0)
}

const [only] = kinds
if (kinds.length === 1) process.exit(proved(only!) ? 0 : 1)
else {
  // The slow ones first, so that no core waits for the last.
  const order = ['hub geared', 'hub direct', 'traction', 'mid-drive', 'gearbox brushed', 'steering assist', 'actuator']
  const waiting = [...kinds].sort((a, b) => order.indexOf(a) - order.indexOf(b))
  const one = (kind: Kind): Promise<number> =>
    new Promise((done) => {
      const child = spawn(process.execPath, [...process.execArgv, fileURLToPath(import.meta.url), kind, ...figures.map(String)], {
        stdio: 'inherit',
      })
      child.on('close', (code) => done(code ?? 1))
    })
  const worker = async (): Promise<number> => {
    let failed = 0
    for (let kind = waiting.shift(); kind; kind = waiting.shift()) failed += (await one(kind)) > 0 ? 1 : 0
    return failed
  }
  const failed = await Promise.all(Array.from({ length: Math.min(2, availableParallelism()) }, worker))
  process.exit(failed.some((n) => n > 0) ? 1 : 0)
}
