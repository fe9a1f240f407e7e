// Two thousand random machines with no file: taken down, put back, put right and crossed out at random, and the file that each grows.
import { fileLaws, orphanLaws, upLaws } from '../tests/take-down-laws'

const SEEDS = 2_000
const LAWS = { 'the way up': upLaws, 'put right and crossed out': orphanLaws, 'the file': fileLaws }
let broken = 0
for (const [name, law] of Object.entries(LAWS)) {
  const began = performance.now()
  let own = 0
  for (let seed = 1; seed <= SEEDS; seed++) {
    let told: readonly string[]
    try {
      told = law(seed * 7919)
    } catch (error) {
      told = [error instanceof Error ? error.message : String(error)]
    }
    own += told.length
    if (told.length > 0 && own <= 20) console.log(`  ${name}, seed ${seed * 7919}: ${told.slice(0, 3).join('; ')}`)
  }
  broken += own
  console.log(`Take-downs, ${name}: ${SEEDS} random machines, ${own} broken; ${((performance.now() - began) / 1000).toFixed(0)} s`)
}
if (broken > 0) process.exit(1)
