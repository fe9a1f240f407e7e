import { coastDown, forms, pairOhms, phaseFlux, pointAt, type PmDrive, runs, startsFrom, type Turned } from '../drive'
import { about, between, type Chance } from './chance'
import type { PmUnit } from './pm-unit'

/** What a meter shows where nothing conducts, as it is keyed in. */
const OPEN_MOHM = 99_999

/** The share of the voltage that a throttle asks for: nothing below 1.1 V, all above 3.3. */
export function dutyOf({ throttle: [rest, full], waits, asleep }: PmUnit): number {
  if (waits || asleep || full < 1.1 || full > 4.4 || rest > 1.25) return 0
  return Math.min(1, Math.max(0, (full - 1.1) / 2.2))
}

/** Taken away from where it happens to stand: it may stand in a place without torque. */
function taken(drive: PmDrive, duty: number, chance: Chance): ReturnType<typeof runs> {
  const share = duty > 0 ? startsFrom(drive, duty) : 0
  // Rocked, pushed and tried again, most of those come away that have torque somewhere.
  return share > 0 && chance() < share ** 0.4 ? runs(drive, duty) : { ...pointAt(drive, 0, 0), rotor: 0, wheel: 0 }
}

/** Amps out of the pack with the wheel in the air, the controller’s own among them. */
export function freeAmps(unit: PmUnit, chance: Chance): number {
  const duty = dutyOf(unit)
  return (unit.asleep ? 0 : between(chance, 0.04, 0.09)) + taken(unit.drive, duty, chance).amps
}

/** At a pull uphill: volts at the pack’s own plug, at rest and then; and amps. */
export function pulled(unit: PmUnit, chance: Chance): { readonly rest: number; readonly under: number; readonly amps: number } {
  const { supply } = unit.drive
  const rest = unit.asleep ? 0 : supply.emf
  const hill: PmDrive = { ...unit.drive, load: { ...unit.drive.load, against: about(chance, 0.33 * unit.fullVolts, 0.15) } }
  const { amps } = taken(hill, dutyOf(unit), chance)
  return { rest, under: rest - amps * supply.ohms, amps }
}

/** Between two lines at a speed, V as a true root mean square, first to second, second to third, third to first. */
export function backEmf(drive: PmDrive, omega: number): readonly [number, number, number] {
  const flux = phaseFlux(drive.motor)
  const open = drive.motor.leadOhms.map((x) => x === Infinity)
  const n = 48
  const pair = (a: 0 | 1 | 2, b: 0 | 1 | 2): number => {
    // An end that is open picks up a little.
    if (open[a] || open[b]) return 0.02
    let sum = 0
    for (let i = 0; i < n; i++) {
      const f = forms(drive.motor.shape, (i + 0.5) / n)
      sum += (flux[a] * f[a] - flux[b] * f[b]) ** 2
    }
    return omega * Math.sqrt(sum / n)
  }
  return [pair(0, 1), pair(1, 2), pair(2, 0)]
}

/** mΩ of the three pairs; 99,999 where one is open. */
export function pairsMohm({ drive }: PmUnit): readonly number[] {
  return pairOhms(drive.motor).map((x) => Math.min(OPEN_MOHM, 1000 * x))
}

/** Seconds from a turn a second to a standstill. */
export function coastSeconds(drive: PmDrive, turned: Turned, chance: Chance): number {
  return about(chance, coastDown(drive, 1, turned).seconds, 0.06)
}

/** Turns to a standstill from the same push, this wheel and the good one. */
export function coasts(unit: PmUnit, turned: Turned, chance: Chance): readonly [number, number] {
  const push = between(chance, 0.8, 1.3)
  const once = (drive: PmDrive): number => about(chance, coastDown(drive, push, turned).turns, 0.07)
  return [once(unit.drive), once(unit.twin)]
}
