import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { catalogueFor, draftOf, isKnown } from '../diagnosis'
import { DRIVE_KINDS } from '../machine'
import {
  clampRound,
  faceOf,
  FAMILIES,
  familyOf,
  joined,
  parted,
  PIN_FUNCTIONS,
  pinFunction,
  placed,
  placedOn,
  type Plug,
  USUAL_PLUGS,
  WIRE_COLOURS,
  wireColour,
} from './index'

const files = demoMachines()
const plugs = [...files.flatMap((f) => f.connections), ...Object.values(USUAL_PLUGS).flat()]
const plug = (id: string, family: string, pins: readonly string[], more: Partial<Plug> = {}): Plug => ({
  id,
  name: id,
  family,
  pins: pins.map((f, i) => ({ n: i + 1, colour: 'red', function: f })),
  mates: ['a', 'b'],
  ...more,
})

describe('what pins carry and what colour their wires have', () => {
  it('every pin of every demo machine and of the usual plugs is of the closed sets', () => {
    for (const c of plugs)
      for (const p of c.pins) {
        expect(pinFunction(p.function), `${c.id}: ${p.function}`).not.toBeNull()
        expect(wireColour(p.colour), `${c.id}: ${p.colour}`).not.toBeNull()
      }
  })
  it('every function and colour is understood by its own name, in any case; what is none is none', () => {
    for (const c of WIRE_COLOURS) expect(wireColour(` ${c.toUpperCase()} `)).toBe(c)
    expect(wireColour('Green / Yellow')).toBe('green-yellow')
    expect(wireColour('purple')).toBe('violet')
    expect(wireColour('teal')).toBeNull()
    const own = {
      lamp: 'lamp',
      'throttle 1': 'pedal 1',
      'throttle 2': 'pedal 2',
      'mains live': 'live',
      'mains neutral': 'neutral',
    } as Record<string, string>
    for (const f of PIN_FUNCTIONS) expect(pinFunction((own[f] ?? f).toUpperCase())).toBe(f)
    expect(pinFunction('phase U')).toBe('phase A')
    expect(pinFunction('motor +')).toBe('motor A')
    expect(pinFunction('constructor')).toBeNull()
  })
})

describe('faces', () => {
  it.each([
    ['4 mm bullets, sleeved', 'bullets'],
    ['ring ends M8', 'rings'],
    ['two-pole, keyed', 'two-pole'],
    ['two-pole with a handle', 'handle'],
    ['two-pole, orange, lever', 'lever'],
    ['two-pole with a lock lever', 'lever'],
    ['6-pin, latch on top', 'latched'],
    ['6-pin, sealed', 'sealed'],
    ['9-pin, round', 'round'],
    ['five-blade rail', 'rail'],
    ['soldered, sleeved', 'soldered'],
    ['wall plug', 'wall'],
    ['something of the maker’s own', 'body'],
  ] as const)('%s is %s', (said, id) => expect(familyOf(said)).toBe(id))

  it('every pin is there once, inside its face, and touches no other', () => {
    for (const c of [
      ...plugs,
      ...Object.keys(FAMILIES).flatMap((f) => [1, 2, 3, 5, 9, 12].map((n) => plug(f, FAMILIES[f as 'body'].name, Array(n).fill('spare')))),
    ])
      for (const side of ['wire', 'mating'] as const) {
        const { pins, width, height } = faceOf(c, side)
        expect(pins.map((p) => p.n)).toEqual(c.pins.map((p) => p.n))
        for (const p of pins) {
          expect(p.x - p.r).toBeGreaterThanOrEqual(0)
          expect(p.x + p.r).toBeLessThanOrEqual(width)
          expect(p.y - p.r).toBeGreaterThanOrEqual(0)
          expect(p.y + p.r).toBeLessThanOrEqual(height)
          for (const q of pins)
            if (q.n !== p.n) expect(Math.hypot(p.x - q.x, p.y - q.y), `${c.name} ${c.pins.length}`).toBeGreaterThan(p.r + q.r)
        }
      }
  })
  it('into the mouth left and right have changed places, up and down have not; single wires have no order', () => {
    for (const c of plugs) {
      const [wire, mouth] = [faceOf(c, 'wire'), faceOf(c, 'mating')]
      wire.pins.forEach((p, i) => {
        expect(mouth.pins[i]!.x).toBeCloseTo(wire.body ? wire.width - p.x : p.x, 9)
        expect(mouth.pins[i]!.y).toBe(p.y)
      })
    }
  })
})

it('a round plug of seven pins or more has its last one in the middle', () => {
  const middle = (n: number): number => {
    const { pins, width, height } = faceOf(plug('p', 'round', Array<string>(n).fill('spare')), 'wire')
    return pins.filter((p) => Math.hypot(p.x - width / 2, p.y - height / 2) < 1).length
  }
  expect([5, 6, 7, 9].map(middle)).toEqual([0, 0, 1, 1])
})

describe('where the probes go', () => {
  it('one plug with all that is asked for; the drive’s own before any other', () => {
    const list = [
      plug('front', '6-pin', ['+5 V', '0 V', 'Hall A'], { mates: ['front-lead', 'box'] }),
      plug('rear', '6-pin', ['+5 V', '0 V', 'Hall A'], { mates: ['rear-lead', 'box'] }),
    ]
    for (const id of ['front', 'rear']) {
      const { faces, behind } = placed(list, joined(['Hall A'], ['0 V']), new Set([`${id}-lead`]))!
      expect(faces.map((f) => f.plug.id)).toEqual([id])
      expect(faces[0]).toMatchObject({ side: 'wire', red: [{ n: 3 }], black: [{ n: 2 }] })
      expect(behind).toBe('open')
    }
  })
  it('two places named are two plugs; what is at no plug of the machine is nowhere', () => {
    const list = [
      plug('pack-plug', 'two-pole', ['pack +', 'pack −'], { mates: ['battery', 'deck'] }),
      plug('feed', 'two-pole', ['pack +', 'pack −'], { roles: ['feed'] }),
    ]
    const drop = joined(['pack +', 'pack −'], ['pack +', 'pack −'], { redAt: 'pack', blackAt: 'feed' })
    expect(placed(list, drop, new Set(), 'battery')!.faces.map((f) => f.plug.id)).toEqual(['pack-plug', 'feed'])
    expect(placed(list, joined(['Hall A'], ['0 V']), new Set())).toBeNull()
    expect(placed(list, clampRound('pack +', 'feed'), new Set())!.faces[0]!.plug.id).toBe('feed')
  })
  it('of two of the same place the drive’s own', () => {
    const list = ['front', 'rear'].map((id) =>
      plug(id, 'two-pole', ['pack +', 'pack −'], { roles: ['feed'], mates: [`${id}-lead`, 'deck'] }),
    )
    for (const id of ['front', 'rear'])
      expect(placed(list, clampRound('pack +', 'feed'), new Set([`${id}-lead`]))!.faces[0]!.plug.id).toBe(id)
  })
  it('says how one gets at a joined pin: open, past a seal, not at all; parted always', () => {
    const of = (family: string, probing = joined(['+5 V'], ['0 V'])) =>
      placed([plug('p', family, ['+5 V', '0 V'])], probing, new Set())!.behind
    expect([of('5-pin'), of('5-pin, sealed'), of('9-pin, round')]).toEqual(['open', 'past a seal', 'no'])
    expect(of('9-pin, round', parted(['+5 V'], ['0 V']))).toBe('open')
  })
  it('black on bare metal draws one face', () => {
    const { faces, frame } = placed([plug('p', 'bullets', ['phase A', 'phase B'])], parted(['phase A'], ['frame']), new Set())!
    expect([faces.length, frame, faces[0]!.side, faces[0]!.black.length]).toEqual([1, true, 'mating', 0])
  })

  it('the probes move on with the figures only where each figure is another pin', () => {
    for (const kind of DRIVE_KINDS.filter(isKnown))
      for (const { id, answer, probe } of draftOf(kind, 48).tests)
        if (answer.kind === 'number' && answer.inputs.length > 1 && probe?.kind === 'probes' && probe.red.length > 1) {
          expect(probe.red, `${kind} ${id}`).toHaveLength(answer.inputs.length)
          // The same pin at two moments is one pin.
          for (const name of answer.inputs) expect(name, `${kind} ${id}`).not.toMatch(/rest|full|moving|throttle/i)
        }
  })
  it('of two ends the plugs of the drive’s own, never of the other', () => {
    for (const file of files)
      for (const drive of file.drives) {
        const end = file.parts.find((x) => x.id === drive.part)?.end
        if (!isKnown(drive.kind) || end === undefined) continue
        for (const { probe } of catalogueFor(drive, file)!.tests)
          for (const { plug: on } of (probe ? placedOn(file, drive, probe)?.faces : null) ?? []) {
            const at = file.connections.find((c) => c.id === on.id)!.end
            expect([undefined, end], `${file.id} ${drive.id} ${on.id}`).toContain(at)
          }
      }
  })
  it('a place that is named and not there is no other place: volts of a 12 V unit are not read at the pack', () => {
    const curlew = files.find((f) => f.id === 'curlew')!
    const [assist] = curlew.drives
    const sag = catalogueFor(assist!, curlew)!.tests.find((t) => t.id === 'unit-volts')!
    expect(placedOn(curlew, assist!, sag.probe!)).toBeNull()
  })

  it('every test of every demo drive that is taken at a plug finds it, or is named here', () => {
    const nowhere = new Set<string>()
    for (const file of files)
      for (const drive of file.drives) {
        if (!isKnown(drive.kind)) continue
        for (const test of catalogueFor(drive, file)?.tests ?? [])
          if (test.probe && !placedOn(file, drive, test.probe)) nowhere.add(`${file.id} ${test.id}`)
      }
    expect([...nowhere].sort()).toMatchInlineSnapshot(`
      [
        "curlew unit-sag",
        "curlew unit-volts",
        "dunlin throttle",
        "godwit joint-drop",
        "knot command",
        "knot joint-drop",
        "knot pack-rest",
        "knot pack-sag",
        "pipit joint-drop",
        "plover joint-drop",
        "redshank joint-drop",
        "sanderling joint-drop",
        "sanderling throttle",
        "whimbrel joint-drop",
        "whimbrel throttle",
      ]
    `)
  })
  it.each(DRIVE_KINDS.filter(isKnown))(
    '%s: on a machine without a file every test at a plug finds its usual one, or is named here',
    (kind) => {
      const nowhere = draftOf(kind, 48)
        .tests.filter((t) => t.probe && !placedOn(null, { id: 'x', kind }, t.probe))
        .map((t) => t.id)
      expect(nowhere).toEqual(
        (
          { traction: ['bus-ohms', 'command', 'temp-sensor'], 'mid-drive': ['joint-drop'], 'hub geared': ['temp-sensor'] } as Record<
            string,
            string[]
          >
        )[kind] ?? [],
      )
    },
  )
})
