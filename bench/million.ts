// Writes a made-up ride of a million rows to the file that is named.
import { writeFileSync } from 'node:fs'
import { quayCsv } from '../src/demo/ride'

writeFileSync(process.argv[2]!, quayCsv({ seconds: 40_000, hz: 25, top: 19 }))
