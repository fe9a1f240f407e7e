// Checks the staircase of imports, then plants faults and makes sure that each is caught.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { spawnSync } from 'node:child_process'
import { ROOT, say } from './lib/shell.mjs'

const CRUISE = path.join(ROOT, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs')

function cruise() {
  const result = spawnSync(process.execPath, [CRUISE, 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'json'], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  })
  if (!result.stdout) throw new Error(`the import check did not run: ${result.stderr}`)
  const { summary } = JSON.parse(result.stdout)
  return { modules: summary.totalCruised, violations: summary.violations.map((v) => ({ rule: v.rule.name, from: v.from, to: v.to })) }
}

const PLANTED = [
  { file: 'src/core/units/planted-fault.ts', text: "import '../../db/client'\n", rule: 'arrow-from-core' },
  { file: 'src/ui/planted-fault.ts', text: "import '../features/shared/panel'\n", rule: 'arrow-from-ui' },
  {
    file: 'src/features/planted-fault.ts',
    text: "import { settle } from '../core/job/claims'\nexport const x = settle\n",
    rule: 'areas-by-their-door',
  },
  {
    file: 'src/features/run/planted-fault.ts',
    text: "import { ProveCard } from '../prove/prove-card'\nexport const x = ProveCard\n",
    rule: 'stages-by-their-door',
  },
  {
    file: 'src/features/planted-schema.ts',
    text: "import { text } from '../core/job/kinds/fields.schema'\nexport const x = text\n",
    rule: 'schemas-for-readers',
  },
  {
    file: 'src/server/planted-fault.ts',
    text: "import postgres from 'postgres'\nexport const x = postgres\n",
    rule: 'postgres-in-db-only',
  },
]

// Looked at once, with the faults planted: what is wrong beside them is wrong without them too.
let seen
try {
  for (const { file, text } of PLANTED) {
    mkdirSync(path.dirname(path.join(ROOT, file)), { recursive: true })
    writeFileSync(path.join(ROOT, file), text)
  }
  seen = cruise()
} finally {
  for (const { file } of PLANTED) rmSync(path.join(ROOT, file), { force: true })
}
const modules = seen.modules - PLANTED.length
if (modules < 60) throw new Error(`only ${modules} modules were seen: the check is blind`)
const planted = (v) => PLANTED.find((p) => p.file === v.from)
const wrong = seen.violations.filter((v) => !planted(v))
if (wrong.length > 0) {
  for (const v of wrong) say(`${v.rule}: ${v.from} → ${v.to}`)
  process.exit(1)
}
const missed = PLANTED.filter((p) => !seen.violations.some((v) => v.from === p.file && v.rule === p.rule))
if (missed.length > 0) throw new Error(`planted faults were not caught: ${missed.map((m) => m.rule).join(', ')}`)
say(`Arrows: ${modules} modules, no wrong way; ${PLANTED.length} planted faults caught.`)
