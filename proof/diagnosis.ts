/**
 * Fault finding on simulated machines that no table has seen, beside a reference that knows the simulator’s own likelihoods and follows the
 * same policy: `npm run proof diagnosis [kind] [machines] [particles]`. Prints a table; docs/diagnosis.md keeps the last.
 */
import type { Catalogue } from '../src/core/diagnosis'
import { SIMULATED } from '../src/core/simulated'
import type { Kind } from '../scripts/likelihoods/bench'
import { type Adviser, caseOf, catalogueFor, type Outcome, theApp, worked } from './diagnosed'
import { particlesOf, theReference } from './reference'

const args = process.argv.slice(2)
const figures = args.filter((a) => /^\d+$/.test(a)).map(Number)
const [machines = 600, particles = 2000] = figures
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

let failed = 0
for (const kind of kinds) {
  const from = performance.now()
  const catalogue = catalogueFor(kind)
  const run = (adviser: Adviser, most?: number): Outcome[] =>
    Array.from({ length: machines }, (_, n) => worked(catalogue, caseOf(kind, catalogue, n), adviser, most))
  const app = run(theApp(catalogue))
  const listed = run(checklist(catalogue))
  const all = Array.from({ length: Math.min(machines, 200) }, (_, n) =>
    worked(catalogue, caseOf(kind, catalogue, n), everything(catalogue), 99),
  )
  const reference = particles > 0 ? run(theReference(catalogue, particlesOf(kind, catalogue, particles), Math.min(100, particles))) : []
  const right = (rows: readonly Outcome[]): number => mean(rows.map((r) => (r.right ? 1 : 0)))
  const sure = app.filter((r) => r.stated[0]!.p >= 0.9)
  const weak = [...new Set(app.map((r) => r.truth))]
    .map((truth) => {
      const own = app.filter((r) => r.truth === truth)
      return { truth, n: own.length, wrong: own.filter((r) => !r.right).length }
    })
    .filter((w) => w.wrong > 1)
    .sort((a, b) => b.wrong - a.wrong)
    .slice(0, 5)
  console.log(`\n${kind}: ${machines} machines, ${particles} particles a fault, ${((performance.now() - from) / 1000).toFixed(0)} s`)
  console.log(`  first action right         ${share(right(app))}${reference.length ? `, reference ${share(right(reference))}` : ''}`)
  console.log(`  when it says 90 % or more  ${share(right(sure))} of ${sure.length}`)
  console.log(`  with every test taken      ${share(right(all))} of ${all.length}`)
  console.log(
    `  minutes until mended       ${mean(app.map((r) => r.minutes)).toFixed(1)}${reference.length ? `, reference ${mean(reference.map((r) => r.minutes)).toFixed(1)}` : ''}`,
  )
  console.log(
    `  minutes of tests           ${mean(app.map((r) => r.testMinutes)).toFixed(1)}, checklist ${mean(listed.map((r) => r.testMinutes)).toFixed(1)}`,
  )
  console.log(`  calibration error          ${calibration(app).toFixed(3)}`)
  console.log(`  weak: ${weak.map((w) => `${w.truth} ${w.wrong} of ${w.n}`).join(', ') || 'none'}`)
  if (right(sure) < 0.9) failed++
}
process.exit(failed > 0 ? 1 : 0)
