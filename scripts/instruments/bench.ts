import type { InstrumentKind } from '../../src/core/instruments'
import { draftOf } from '../../src/core/diagnosis'
import { SIMULATED, type SimulatedKind } from '../../src/core/simulated'
import { STAND_INS, standInOf } from '../../src/instruments/stand-ins/dials'
import { type Place, StandIn } from '../../src/instruments/stand-ins/stand-in'
import type { Order, SimulatedMachine } from '../../src/instruments/relay'
import { FULL_VOLTS, machine, seeded } from '../likelihoods/bench'
import type { Source } from './source'

/** How often a display changes, ms. */
const DISPLAY_MS = 250

/** Kinds of instruments that can be stood in for. */
export const STAND_IN_KINDS: readonly InstrumentKind[] = STAND_INS.map((s) => s.kind)

/** Where one figure of a test is read on a simulated machine; null where the machine has no such figure. */
function placeOf(m: SimulatedMachine, test: string, input: number): Place | null {
  const { figures } = SIMULATED[m.drive] as unknown as SimulatedKind<unknown>
  const asked = draftOf(m.drive, FULL_VOLTS[m.drive]).tests.find((t) => t.id === test)
  if (!asked || asked.answer.kind !== 'number' || !figures[test]) return null
  const unit = machine(m.drive, m.fault === null ? [] : [{ id: m.fault, severity: m.severity }], seeded(`stand-in ${m.drive}`, m.seed))
  const value = figures[test](unit, seeded(`stand-in ${test}`, m.seed))[input]
  if (value === undefined || !Number.isFinite(value)) return null
  return { value, unit: asked.answer.inputUnit, ...(asked.modes?.includes('V AC') ? { alternating: true } : {}) }
}

/** A simulated instrument as a source of lines: held where it is told, on a machine that is not there. */
export function standInSource(kind: InstrumentKind, n: number, now: () => number): Source {
  const is = new StandIn(kind, seeded(`stand-in ${kind}`, n))
  const key = `stand-in-${kind.replaceAll(' ', '-')}`
  const dials = standInOf(kind)!.dials.map((d) => d.name)
  let simulated: SimulatedMachine = { drive: 'hub geared', fault: null, severity: 0.5, seed: 1 }
  let held: { readonly test: string; readonly input: number } | null = null
  let last = 0
  const place = (p: Place | null): void => is.hold(p, now())
  const order = (o: Order): void => {
    switch (o.to) {
      case 'turn':
        return void is.turn(o.dial, now())
      case 'machine':
        simulated = o.machine
        return held ? place(placeOf(simulated, held.test, held.input)) : undefined
      case 'test':
        held = { test: o.test, input: o.input }
        return place(placeOf(simulated, o.test, o.input))
      case 'value':
        held = null
        return place({ value: o.value, unit: o.unit, ...(o.alternating ? { alternating: true } : {}) })
      case 'nothing':
        held = null
        return place(null)
    }
  }
  return {
    offered: () => ({ key, name: `stand-in ${kind}`, kind, standIn: { dials, dial: is.dial, machine: simulated } }),
    take: () => {
      if (now() - last < DISPLAY_MS) return []
      last = now()
      return [is.line(now())]
    },
    order,
  }
}
