import { describe, expect, it } from 'vitest'
import { demoMachines } from '../../demo/machines'
import { hasKind } from './caution'
import type { Joint, MachineFile } from '../machine'
import { plan, type PlannedStep } from '../planning'
import {
  type At,
  CAUTION_IDS,
  type CautionId,
  CAUTION_LEVELS,
  cautionsAt,
  cautionsOfTurn,
  cautionsOn,
  type CautionSheet,
  isHigh,
  isNamedOnly,
} from './index'

type Told = readonly string[]
const files = new Map(demoMachines().map((f) => [f.id, f]))
const file = (id: string): MachineFile => files.get(id)!

const planned = new Map<string, readonly PlannedStep[]>()
function stepsOf(machine: string, goal: string): readonly PlannedStep[] {
  const key = `${machine} ${goal}`
  const known = planned.get(key)
  if (known) return known
  const found = plan(file(machine), 'untouched', [goal], { variants: {} })
  if (!found.ok) throw new Error(`${key} has no plan`)
  const steps = [...found.value.down.steps, ...found.value.up.steps]
  planned.set(key, steps)
  return steps
}

/** What the card of a step tells. */
function card(machine: string, goal: string, limb: 'down' | 'up', action: string): Told {
  const step = stepsOf(machine, goal).find((s) => s.limb === limb && s.action === action)
  if (!step) throw new Error(`${machine} ${goal} has no ${action} on the way ${limb}`)
  return step.cautions
}

/** What a turn tells. */
function turn(machine: string, from: string, to: string): Told {
  const of = file(machine)
  if (!of.poseMoves.some((m) => m.from === from && m.to === to)) throw new Error(`${machine} is not turned from ${from} to ${to}`)
  return cautionsOfTurn(of, [[from, to]])
}

const sheet = (name: CautionSheet, machine: string | null): Told =>
  cautionsOn(name, machine === null ? null : file(machine), machine === null || isHigh(file(machine)))

/** A fixing of a file that is made up: what no demo machine has. */
function fixing(joint: Partial<Joint>, limb: 'down' | 'up', of: Partial<MachineFile> = {}, more: Partial<At> = {}): Told {
  const { lock: _, critical: __, ...plain } = file('dunlin').joints[0]!
  return cautionsAt({
    file: { ...file('dunlin'), ...of },
    action: 'undo:it',
    subject: 'it',
    joint: { ...plain, kind: 'screws', release: 'undo', ...joint },
    limb,
    ...more,
  })
}

const part = (kg: number, limb: 'down' | 'up'): Told =>
  cautionsAt({
    file: file('dunlin'),
    action: 'off:it',
    subject: 'it',
    part: { id: 'it', name: 'it', mass: { value: kg, unit: 'kg', source: 'maker' } },
    limb,
  })

const plastic = (is: boolean): Partial<MachineFile> => ({ parts: [{ id: 'it', name: 'it', plastic: is }] })
const lock = { product: 'medium', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'maker' } as const

/** Each caution in a case that tells it, and in one close by that does not. */
const CASES: Readonly<Record<CautionId, { readonly tells: Told; readonly silent: Told }>> = {
  H1: { tells: card('heron', 'inspect', 'down', 'step:prove-dead'), silent: card('dunlin', 'inspect', 'down', 'step:prove-dead') },
  H2: { tells: card('dunlin', 'inspect', 'down', 'step:prove-dead'), silent: card('dunlin', 'inspect', 'up', 'step:spin-test') },
  H3: { tells: sheet('dead', null), silent: sheet('dead', 'dunlin') },
  H4: { tells: sheet('dead', 'dunlin'), silent: sheet('spin test', 'dunlin') },
  H5: { tells: card('dunlin', 'inspect', 'down', 'step:prove-dead'), silent: card('dunlin', 'inspect', 'up', 'unplug:pack-plug') },
  H6: { tells: card('dunlin', 'inspect', 'down', 'unplug:pack-plug'), silent: card('dunlin', 'inspect', 'up', 'unplug:pack-plug') },
  H7: { tells: card('dunlin', 'inspect', 'up', 'unplug:pack-plug'), silent: card('dunlin', 'inspect', 'down', 'unplug:pack-plug') },
  H8: { tells: card('dunlin', 'front-motor-goal', 'down', 'off:pack'), silent: card('dunlin', 'front-motor-goal', 'up', 'off:pack') },
  H9: { tells: card('dunlin', 'front-motor-goal', 'up', 'off:pack'), silent: card('dunlin', 'front-motor-goal', 'down', 'off:pack') },
  H10: {
    tells: card('sanderling', 'lead-goal', 'down', 'undo:hub-screws'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-right-nut'),
  },
  H11: { tells: sheet('warming', 'dunlin'), silent: card('sanderling', 'lead-goal', 'up', 'undo:hub-screws') },
  H12: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-disc-screws'),
    silent: card('godwit', 'motor-goal', 'up', 'undo:motor-bolts'),
  },
  H13: { tells: turn('dunlin', 'upright', 'on-right'), silent: turn('godwit', 'on-wheels', 'in-stand') },
  H14: { tells: part(3, 'down'), silent: part(2.9, 'down') },
  H15: { tells: card('heron', 'motor-goal', 'down', 'off:motor'), silent: card('godwit', 'motor-goal', 'down', 'off:motor') },
  H16: { tells: turn('redshank', 'on-wheels', 'on-blocks'), silent: turn('dunlin', 'upright', 'on-right') },
  H17: {
    tells: card('redshank', 'gearbox-goal', 'down', 'undo:gearbox-bolts'),
    silent: card('sanderling', 'motor-goal', 'down', 'undo:left-nut'),
  },
  H18: { tells: turn('redshank', 'on-wheels', 'on-blocks'), silent: turn('plover', 'on-wheels', 'nose-up') },
  H19: { tells: card('godwit', 'motor-goal', 'down', 'step:hold-motor'), silent: card('dunlin', 'front-motor-goal', 'down', 'off:pack') },
  H20: { tells: turn('sanderling', 'upright', 'on-bars'), silent: turn('sanderling', 'on-bars', 'upright') },
  H21: { tells: card('heron', 'motor-goal', 'down', 'off:motor'), silent: card('redshank', 'gearbox-goal', 'down', 'off:gearbox') },
  H22: {
    tells: card('plover', 'bearings-goal', 'up', 'undo:stem-bolt'),
    silent: card('plover', 'bearings-goal', 'down', 'undo:stem-bolt'),
  },
  H23: { tells: card('plover', 'bearings-goal', 'up', 'undo:stem-bolt'), silent: card('curlew', 'column-goal', 'up', 'undo:upper-bolts') },
  H24: { tells: card('whimbrel', 'gears-goal', 'up', 'undo:clutch-ring'), silent: card('godwit', 'ring-goal', 'up', 'undo:ring-nut') },
  H25: {
    tells: card('whimbrel', 'gears-goal', 'down', 'undo:clutch-ring'),
    silent: card('whimbrel', 'wheel-goal', 'down', 'undo:freewheel-thread'),
  },
  H26: { tells: card('pipit', 'wheel-goal', 'down', 'undo:spring-hook'), silent: card('pipit', 'inspect', 'down', 'undo:mat-glue') },
  H27: {
    tells: card('godwit', 'motor-goal', 'down', 'undo:left-crank-fit'),
    silent: card('godwit', 'motor-goal', 'up', 'undo:left-crank-fit'),
  },
  H28: { tells: card('heron', 'motor-goal', 'down', 'off:motor'), silent: card('redshank', 'motor-goal', 'down', 'off:motor') },
  H29: { tells: card('redshank', 'brushes-goal', 'down', 'off:motor-cap'), silent: card('redshank', 'motor-goal', 'down', 'off:motor') },
  H30: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-disc-screws'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'undo:front-rim-screws'),
  },
  H31: { tells: card('knot', 'inspect', 'up', 'step:run-test'), silent: card('knot', 'inspect', 'up', 'unplug:mains-plug') },
  H32: { tells: card('dunlin', 'inspect', 'up', 'step:spin-test'), silent: card('knot', 'inspect', 'up', 'step:run-test') },
  H33: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-left-washers'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-left-washers'),
  },
  H34: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-right-nut'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'undo:front-left-nut'),
  },
  H35: {
    tells: card('dunlin', 'front-motor-goal', 'down', 'undo:front-right-nut'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-left-nut'),
  },
  H36: { tells: card('dunlin', 'inspect', 'down', 'undo:lid-bead'), silent: card('dunlin', 'inspect', 'up', 'undo:lid-bead') },
  H37: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-ties'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-ties'),
  },
  H38: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'off:front-wheel'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'off:front-wheel'),
  },
  H39: { tells: card('sanderling', 'motor-goal', 'up', 'off:lead-run'), silent: card('sanderling', 'motor-goal', 'up', 'off:motor-wheel') },
  H40: { tells: fixing({ kind: 'seal' }, 'up'), silent: fixing({ kind: 'seal' }, 'down') },
  H41: {
    tells: card('plover', 'width-goal', 'up', 'undo:right-spacer-fit'),
    silent: card('plover', 'width-goal', 'up', 'undo:left-spacer-fit'),
  },
  H42: { tells: fixing({ kind: 'key' }, 'up'), silent: fixing({ kind: 'key' }, 'down') },
  H43: {
    tells: card('dunlin', 'front-motor-goal', 'down', 'undo:front-valve-core'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'undo:front-valve-core'),
  },
  H44: { tells: turn('dunlin', 'upright', 'on-right'), silent: turn('godwit', 'on-wheels', 'in-stand') },
  H45: { tells: turn('sanderling', 'upright', 'on-bars'), silent: turn('dunlin', 'upright', 'on-right') },
  H46: {
    tells: card('sanderling', 'motor-goal', 'down', 'undo:left-cap'),
    silent: card('sanderling', 'motor-goal', 'up', 'undo:left-cap'),
  },
  H47: { tells: card('dunlin', 'inspect', 'down', 'undo:deck-screws'), silent: card('dunlin', 'inspect', 'down', 'undo:mat-edge') },
  H48: {
    tells: fixing({ members: [10, 14].map((length) => ({ id: `${length}`, place: '', length })) }, 'up'),
    silent: fixing({ members: [10, 10].map((length, i) => ({ id: `${i}`, place: '', length })) }, 'up'),
  },
  H49: {
    tells: card('dunlin', 'front-motor-goal', 'down', 'undo:front-right-nut'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'undo:front-right-nut'),
  },
  H50: { tells: card('knot', 'inspect', 'down', 'unplug:mains-plug'), silent: card('knot', 'inspect', 'up', 'unplug:mains-plug') },
  H51: {
    tells: card('godwit', 'motor-goal', 'down', 'undo:left-crank-fit'),
    silent: card('curlew', 'column-goal', 'down', 'undo:wheel-taper'),
  },
  H52: { tells: card('dunlin', 'inspect', 'up', 'step:spin-test'), silent: card('plover', 'inspect', 'up', 'step:spin-test') },
  H53: { tells: card('plover', 'bearings-goal', 'up', 'undo:head-nuts'), silent: card('plover', 'bearings-goal', 'up', 'undo:stem-bolt') },
  H54: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-valve-core'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-valve-core'),
  },
  H55: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-disc-screws'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-disc-screws'),
  },
  H56: { tells: card('plover', 'inspect', 'up', 'step:spin-test'), silent: card('dunlin', 'inspect', 'up', 'step:spin-test') },
  H57: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'unplug:front-phases'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'unplug:front-hall'),
  },
  H58: { tells: card('heron', 'motor-goal', 'down', 'step:drain'), silent: card('heron', 'motor-goal', 'down', 'step:sling') },
  H59: { tells: card('heron', 'motor-goal', 'up', 'undo:motor-hoses'), silent: card('heron', 'motor-goal', 'down', 'undo:motor-hoses') },
  H60: { tells: sheet('pack', 'dunlin'), silent: card('dunlin', 'front-motor-goal', 'down', 'off:pack') },
  H61: { tells: part(20.1, 'up'), silent: part(20, 'up') },
  H62: { tells: sheet('ride', null), silent: sheet('spin test', null) },
  H63: {
    tells: card('sanderling', 'motor-goal', 'up', 'off:stem-cover'),
    silent: card('sanderling', 'motor-goal', 'down', 'off:stem-cover'),
  },
  H64: { tells: card('knot', 'inspect', 'down', 'step:prove-dead'), silent: card('knot', 'inspect', 'up', 'step:run-test') },
  H65: { tells: card('heron', 'inspect', 'down', 'unplug:service-plug'), silent: card('dunlin', 'inspect', 'down', 'unplug:pack-plug') },
  H66: {
    tells: card('heron', 'inverter-goal', 'down', 'unplug:dc-plug'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'unplug:front-phases'),
  },
  H67: {
    tells: card('dunlin', 'front-motor-goal', 'down', 'unplug:front-phases'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'unplug:front-hall'),
  },
  H68: { tells: card('dunlin', 'inspect', 'up', 'undo:deck-screws'), silent: card('dunlin', 'inspect', 'down', 'undo:deck-screws') },
  H69: {
    tells: card('godwit', 'bearing-goal', 'up', 'undo:bearing-fit'),
    silent: card('sanderling', 'tyre-goal', 'down', 'undo:tyre-seat'),
  },
  H70: { tells: sheet('stuck', 'dunlin'), silent: sheet('warming', 'dunlin') },
  H71: {
    tells: card('whimbrel', 'gears-goal', 'up', 'undo:cover-screws'),
    silent: card('dunlin', 'front-motor-goal', 'up', 'undo:front-disc-screws'),
  },
  H72: { tells: fixing({ lock }, 'up'), silent: fixing({}, 'up') },
  H73: { tells: turn('dunlin', 'upright', 'on-right'), silent: turn('dunlin', 'on-right', 'upright') },
  H74: {
    tells: card('dunlin', 'front-motor-goal', 'up', 'undo:front-left-washers'),
    silent: card('dunlin', 'front-motor-goal', 'down', 'undo:front-left-washers'),
  },
  H75: { tells: card('dunlin', 'inspect', 'down', 'unplug:pack-plug'), silent: card('heron', 'inspect', 'down', 'unplug:service-plug') },
  H76: { tells: card('dunlin', 'inspect', 'up', 'unplug:pack-plug'), silent: card('heron', 'inspect', 'up', 'unplug:service-plug') },
  H77: {
    tells: card('dunlin', 'front-motor-goal', 'down', 'off:front-wheel'),
    silent: card('sanderling', 'motor-goal', 'down', 'off:motor-wheel'),
  },
  H78: { tells: card('heron', 'motor-goal', 'up', 'step:insulation'), silent: card('heron', 'motor-goal', 'up', 'step:fill') },
  H79: { tells: fixing({ lock, holds: ['it'] }, 'up', plastic(true)), silent: fixing({ lock, holds: ['it'] }, 'up', plastic(false)) },
  H80: { tells: card('dunlin', 'inspect', 'down', 'step:prove-dead'), silent: card('pipit', 'inspect', 'down', 'step:prove-dead') },
  H81: { tells: sheet('ride', 'dunlin'), silent: sheet('ride', 'godwit') },
}

describe('each caution', () => {
  it.each(CAUTION_IDS)('%s is told where it belongs, and not close by', (id) => {
    expect(CASES[id].tells).toContain(id)
    expect(CASES[id].silent).not.toContain(id)
  })
  it('that stops stands before all that are looked at', () => {
    const levels = CAUTION_IDS.map((id) => CAUTION_LEVELS[id])
    expect(levels.indexOf('look')).toBe(levels.lastIndexOf('stop') + 1)
  })
  it('that no rule calls up is named by a machine file', () => {
    const named = CAUTION_IDS.filter(isNamedOnly)
    const told = new Set([...files.values()].flatMap((f) => f.goals.flatMap((g) => stepsOf(f.id, g.id).flatMap((s) => s.cautions))))
    expect(named.filter((id) => !told.has(id))).toEqual([])
  })
})

describe('where the bounds are', () => {
  it.each([
    [20, false],
    [20.1, true],
  ] as const)('a part of %d kg is for two: %s', (kg, two) => {
    expect(part(kg, 'down').includes('H61')).toBe(two)
    expect(part(kg, 'down').includes('H14')).toBe(!two)
  })
  it.each([
    ['whimbrel', 'core-goal', 'off:core'],
    ['whimbrel', 'lead-goal', 'off:core-cap'],
    ['sanderling', 'lead-goal', 'off:hub-cover'],
  ])('what is drawn out of the opened hub of %s pulls at fingers and chips: %s, %s', (machine, goal, action) => {
    expect(card(machine, goal, 'down', action)).toContain('H28')
    expect(card(machine, goal, 'up', action)).toContain('H28')
  })
  it('an opened brushed motor does not', () => {
    expect(card('redshank', 'brushes-goal', 'down', 'off:motor-cap')).not.toContain('H28')
  })
  it('what a hoist lifts is not for hands, whatever it weighs', () => {
    const told = card('heron', 'motor-goal', 'down', 'off:motor')
    expect(told).toContain('H21')
    expect(told).not.toContain('H61')
    expect(told).not.toContain('H14')
  })
  it('mains count as high, a pack by its full charge', () => {
    expect([...files.values()].filter(isHigh).map((f) => f.id)).toEqual(['heron', 'knot'])
  })
})

describe('a kind of fixing at a step', () => {
  const of = (kind: Joint['kind']): Joint => ({ ...file('sanderling').joints[0]!, kind })
  it('is seen whether it is undone itself or comes along with another', () => {
    const at = (joint: Joint | null, along: readonly Joint[] = []): At => ({ joint, along }) as unknown as At
    expect(hasKind(at(of('seal')), 'seal')).toBe(true)
    expect(hasKind(at(of('screws'), [of('seal')]), 'seal')).toBe(true)
    expect(hasKind(at(of('screws'), [of('key')]), 'seal')).toBe(false)
    expect(hasKind(at(of('screws')), 'seal')).toBe(false)
  })
})
