import { describe, expect, it } from 'vitest'
import { catalogueOf, dialOf, type Test } from '../../core/diagnosis'
import { joined, parted, placed, type Plug, type Probing, USUAL_PLUGS } from '../../core/harness'
import { dialSaid, dialSign, probesSaid, sideSaid } from './probing'

const hub = catalogueOf('hub direct', 42)
const test = (id: string): Test => hub.tests.find((t) => t.id === id)!
const of = (probing: Probing, plugs: readonly Plug[] = USUAL_PLUGS['hub direct']) => placed(plugs, probing, new Set(['drive']))!

describe('where the probes go, said', () => {
  it('one after another on red, one for all on black', () => {
    expect(probesSaid(of(test('halls').probe!))).toEqual([
      'Red on pin 3, yellow (Hall A), then pin 4, green (Hall B), then pin 5, blue (Hall C), at the Hall plug.',
      'Black on pin 2, black (0 V).',
    ])
  })
  it('in pairs where there are as many of each, each against each at two plugs that are apart', () => {
    const pairs = probesSaid(of(test('phases').probe!))
    expect(pairs).toHaveLength(4)
    expect(pairs[3]).toBe('3  Red on pin 3, blue (phase C), black on pin 1, yellow (phase A).')
    expect(probesSaid(of(test('phase-to-hall').probe!))).toEqual([
      'Red at the phases, black at the Hall plug.',
      'Each of one against each of the other.',
    ])
    const one = [
      {
        id: 'p',
        name: 'motor plug',
        family: 'round',
        pins: ['phase A', 'phase B', 'phase C', 'Hall A', 'Hall B', 'Hall C'].map((f, i) => ({ n: i + 1, colour: 'red', function: f })),
        mates: ['a', 'b'] as const,
      },
    ]
    expect(probesSaid(of(test('phase-to-hall').probe!, one)).join(' ')).toMatch(/^At the motor plug, each of pin 1.* against each of pin 4/)
    expect(probesSaid(of(test('joint-drop').probe!))[0]).toBe('Red at the pack plug, black at the controller’s feed.')
  })
  it('on bare metal, and round one wire alone', () => {
    const frame = parted(['phase A', 'phase B', 'phase C'], ['frame', 'frame', 'frame'])
    expect(probesSaid(of(frame)).at(-1)).toBe('Black on bare metal of the axle or housing.')
    expect(probesSaid(of(test('free-amps').probe!))[0]).toContain('red wire alone')
  })
  it('how one gets at it: past the wire, past a seal, not at all, at the ends, in the mouth', () => {
    const at = (family: string, probing = joined(['+5 V'], ['0 V'])): string =>
      sideSaid(
        of(probing, [
          {
            id: 'p',
            name: 'p',
            family,
            pins: ['+5 V', '0 V'].map((f, i) => ({ n: i + 1, colour: 'red', function: f })),
            mates: ['a', 'b'],
          },
        ]),
      )
    expect(at('5-pin')).toContain('beside the wire until it meets metal')
    expect(at('5-pin, sealed')).toContain('never through its skin')
    expect(at('9-pin, round')).toContain('cannot be reached from behind')
    expect(at('bullets', parted(['+5 V'], ['0 V']))).toContain('on the ends')
    expect(at('5-pin', parted(['+5 V'], ['0 V'], { half: 'supply’s' }))).toContain('into the mouth of the supply’s half')
  })
})

describe('what it is read with', () => {
  it.each([
    ['rail', 'Multimeter on volts DC', 'V='],
    ['joint-drop', 'Multimeter on volts DC, the millivolt range', 'mV='],
    ['phases', 'Milliohm meter, by four wires', 'Ω'],
    ['back-emf', 'Multimeter on volts AC', 'V~'],
    ['insulation', 'Insulation tester, volts by the maker; 100 at the most below 60 V', 'MΩ'],
    ['phase-to-hall', 'Multimeter on ohms, the MΩ range', 'MΩ'],
    ['hall-diode', 'Multimeter on diode', '▶|'],
    ['halls', 'Multimeter on volts DC', 'V='],
    ['free-amps', 'Clamp meter', 'A='],
  ])('%s: %s', (id, said, sign) => {
    const dial = dialOf(test(id))!
    expect([dialSaid(dial), dialSign(dial)]).toEqual([said, sign])
  })
  it('is nothing for what is looked at, felt or counted', () => {
    for (const id of ['look-axle', 'turn', 'coast', 'tug', 'group-spread']) expect(dialOf(test(id)), id).toBeNull()
  })
})
