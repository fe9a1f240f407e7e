import { SerialPort } from 'serialport'
import { Lines } from '../../src/instruments/stream'
import { lineSource, type Sources } from './source'

const AGAIN_MS = 2_000

/** Serial ports of this computer. */
export async function portsHere(): Promise<string[]> {
  return (await SerialPort.list()).map((p) => p.path)
}

/**
 * Reads an instrument on a serial port for as long as the program runs; pulled out, it leaves the list, and comes back when it is plugged
 * in again.
 * @param at `path@baud`, 9600 where no speed is given
 */
export function readSerial(at: string, sources: Sources, say: (text: string) => void): void {
  const [path, speed] = at.split('@')
  const baudRate = speed === undefined ? 9600 : Number(speed)
  if (!path || !Number.isInteger(baudRate) || baudRate < 110)
    throw new RangeError(`“${at}” is no serial port with a speed, as /dev/ttyUSB0@9600`)
  const key = path.replace(/[^A-Za-z0-9:._-]/g, '-').replace(/^[^A-Za-z0-9]+/, '')
  let told = ''
  const tell = (text: string): void => {
    if (text !== told) say(text)
    told = text
  }
  const open = (): void => {
    const port = new SerialPort({ path, baudRate }, (error) => {
      if (error) return (tell(`${path}: ${error.message}`), void setTimeout(open, AGAIN_MS))
      tell(`${path}: connected`)
      const { source, put } = lineSource(key, path)
      const lines = new Lines()
      sources.add(source)
      port.on('data', (piece: Buffer) => lines.feed(piece).forEach(put))
      port.on('close', () => {
        sources.remove(key)
        tell(`${path}: gone`)
        setTimeout(open, AGAIN_MS)
      })
      port.on('error', () => port.close())
    })
  }
  open()
}

/** Lines that another program writes to this one’s standard input. */
export function readStdin(sources: Sources): void {
  const { source, put } = lineSource('stdin', 'standard input')
  const lines = new Lines()
  sources.add(source)
  process.stdin.on('data', (piece: Buffer) => lines.feed(piece).forEach(put))
  process.stdin.on('end', () => sources.remove('stdin'))
}
