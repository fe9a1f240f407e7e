import { plan } from '../src/core/planning'
import { parseMachineFile } from '../src/formats/machine-file'
import { demoMachines } from '../src/demo/machines'
import { PLAN_LAWS } from '../tests/plan-laws'
import { poweredFile } from '../tests/powered-files'

const SEEDS = 2_000
const broken: string[] = []
let planned = 0
let underPower = 0
const look = (file: ReturnType<typeof poweredFile>, goal: string): boolean => {
  const found = plan(file, 'untouched', [goal], { variants: {} })
  if (!found.ok) return false
  if (found.value.underPower) underPower++
  for (const [law, tell] of Object.entries(PLAN_LAWS))
    for (const how of tell(file, found.value)) broken.push(`${file.name}: ${law}: ${how}`)
  return true
}
for (let seed = 0; seed < SEEDS; seed++) {
  const read = parseMachineFile(JSON.stringify(poweredFile(seed)))
  if (!read.ok) throw new Error(JSON.stringify(read.error))
  if (look(read.value, 'inner-goal')) planned++
}
let jobs = 0
for (const file of demoMachines()) for (const goal of file.goals) if (look(file, goal.id)) jobs++
console.log(
  `Laws: ${Object.keys(PLAN_LAWS).length} over ${planned} of ${SEEDS} random machines under power and ${jobs} jobs; ${underPower} say what they leave no way to do dead; ${broken.length} broken.`,
)
for (const line of broken.slice(0, 40)) console.log(`  ${line}`)
if (broken.length > 0) process.exit(1)
