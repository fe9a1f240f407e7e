// Loaded into the server under test before it starts: its clock runs ahead by the minutes in a file, so that a cure passes in a moment.
import { readFileSync } from 'node:fs'

const file = process.env.NAILSMITH_TEST_CLOCK
const real = Date.now.bind(Date)
let ahead = 0

function look() {
  try {
    ahead = Number(readFileSync(file, 'utf8')) * 60_000 || 0
  } catch {
    // Not written yet: the clock is the machine's.
  }
}

if (file) {
  look()
  setInterval(look, 50).unref()
  Date.now = () => real() + ahead
}
