import { describe, expect, it } from 'vitest'
import { readAsked, readPassed } from './relay'

const offered = {
  key: 'stand-in-multimeter',
  name: 'stand-in multimeter',
  kind: 'multimeter',
  standIn: { dials: ['V DC', 'ohm'], dial: 'V DC', machine: { drive: 'hub geared', fault: null, severity: 0.5, seed: 1 } },
}
const sent = (over: object = {}): string =>
  JSON.stringify({ instruments: [offered, { key: 'ttyUSB0', name: 'meter 3' }], lines: { ttyUSB0: ['51.8 V DC', ''] }, ...over })

describe('what a relay sends', () => {
  it('is read whole: what it has, and lines by key', () => {
    expect(readPassed(sent())).toEqual(JSON.parse(sent()))
    expect(readPassed(sent({ instruments: [], lines: {} }))).toEqual({ instruments: [], lines: {} })
  })

  it.each([
    ['no JSON', '{'],
    ['null', 'null'],
    ['a list', '[]'],
    ['no lines', JSON.stringify({ instruments: [] })],
    ['lines that are none', sent({ lines: { a: 'x' } })],
    ['a line too long', sent({ lines: { a: ['x'.repeat(121)] } })],
    ['too many lines', sent({ lines: { a: Array.from({ length: 13 }, () => '1 V') } })],
    ['too many instruments', sent({ instruments: Array.from({ length: 41 }, (_, i) => ({ key: `k${i}`, name: 'x' })) })],
    ['a kind that does not exist', sent({ instruments: [{ ...offered, kind: 'crystal ball' }] })],
    ['a key with odd letters', sent({ instruments: [{ ...offered, key: '../x' }] })],
    ['a name cut in an emoji', sent({ instruments: [{ ...offered, name: 'x\ud83d' }] })],
    ['an empty name', sent({ instruments: [{ ...offered, name: '' }] })],
    ['a field that nobody knows', sent({ more: 1 })],
    [
      'a machine without a fault',
      sent({ instruments: [{ ...offered, standIn: { ...offered.standIn, machine: { drive: 'hub geared', severity: 1, seed: 1 } } }] }),
    ],
  ])('is refused: %s', (_, body) => {
    expect(readPassed(body)).toBeNull()
  })
})

describe('what a tablet asks of a relay', () => {
  const relay = '0196a6c2-0000-7000-8000-000000000000'
  const asked = (order: object): string => JSON.stringify({ relay, key: 'k', ask: 'order', order: { key: 'k', ...order } })

  it.each([
    { to: 'turn', dial: 'V DC' },
    { to: 'machine', machine: offered.standIn.machine },
    { to: 'test', test: 'pack-rest', input: 0 },
    { to: 'value', value: -3, unit: 'V', alternating: true },
    { to: 'nothing' },
  ])('knows every order: $to', (order) => {
    expect(readAsked(asked(order))?.order).toEqual({ key: 'k', ...order })
  })

  it.each([
    { to: 'jump' },
    { to: 'turn' },
    { to: 'turn', dial: 'x', more: 1 },
    { to: 'value', value: 1e99, unit: 'V' },
    { to: 'test', test: 'x', input: 1.5 },
    { to: 'constructor' },
  ])('refuses %j', (order) => {
    expect(readAsked(asked(order))).toBeNull()
  })

  it('takes one, and lets it go', () => {
    expect(readAsked(JSON.stringify({ relay, key: 'k', ask: 'take' }))?.ask).toBe('take')
    expect(readAsked(JSON.stringify({ relay: 'x', key: 'k', ask: 'take' }))).toBeNull()
    expect(readAsked(JSON.stringify({ relay, key: 'k', ask: 'steal' }))).toBeNull()
  })
})
