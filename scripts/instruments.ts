/**
 * Passes on what the instruments of this computer show, to the tablet that claimed each: `npm run instruments -- --code ABCD2345`.
 *   --shop http://…       the shop’s address; http://127.0.0.1:3000 where none is given
 *   --name bench-2        what the tablets call this computer
 *   --serial port@speed   an instrument that writes lines on a serial port; may be given several times
 *   --stdin               lines that another program writes to this one
 *   --stand-ins a,b       simulated instruments, all of them without a list; for the demo world only
 * The lines are told in docs/instruments.md.
 */
import { hostname } from 'node:os'
import { parseArgs } from 'node:util'
import { STAND_IN_KINDS, standInSource } from './instruments/bench'
import { join, passOn } from './instruments/relay'
import { portsHere, readSerial, readStdin } from './instruments/serial'
import { Sources } from './instruments/source'

const say = (text: string): void => console.log(text)
const { values } = parseArgs({
  options: {
    shop: { type: 'string', default: 'http://127.0.0.1:3000' },
    code: { type: 'string' },
    name: { type: 'string', default: hostname() },
    serial: { type: 'string', multiple: true, default: [] },
    stdin: { type: 'boolean', default: false },
    'stand-ins': { type: 'string' },
  },
  // Without a list, all of them.
  args: process.argv.slice(2).map((a, i, all) => (a === '--stand-ins' && (all[i + 1] ?? '--').startsWith('--') ? '--stand-ins=all' : a)),
})

if (values.code === undefined) {
  say('A code is wanted: in the app, Instruments, “Connect a computer”. Then: npm run instruments -- --code ABCD2345 --serial PORT@9600')
  const ports = await portsHere().catch(() => [])
  say(ports.length > 0 ? `Serial ports here: ${ports.join(', ')}` : 'No serial port is to be seen here.')
  process.exit(2)
}
const asked = values['stand-ins'] === 'all' ? STAND_IN_KINDS : (values['stand-ins'] ?? '').split(',').filter((k) => k !== '')
const kinds = asked.map((text) => {
  const kind = STAND_IN_KINDS.find((k) => k === text)
  if (!kind) throw new RangeError(`nothing stands in for “${text}”: ${STAND_IN_KINDS.join(', ')}`)
  return kind
})
const sources = new Sources()
kinds.forEach((kind, n) => sources.add(standInSource(kind, n, Date.now)))
values.serial.forEach((at) => readSerial(at, sources, say))
if (values.stdin) readStdin(sources)

const stop = new AbortController()
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => stop.abort())
try {
  const joined = await join(values.shop.replace(/\/$/, ''), values.code, values.name)
  say(`Joined ${values.shop} as ${values.name}.`)
  say(await passOn(joined, sources, say, stop.signal))
  process.exit(0)
} catch (error) {
  say(`Not joined: ${(error as Error).message}`)
  process.exit(1)
}
