import type { MachineFile } from '../machine'
import type { At, CautionRule, CautionSheet } from './caution'
import { CAUTION_IDS, type CautionId } from './levels'
import { axleNuts } from './axle-nuts'
import { bitFullyHome } from './bit-fully-home'
import { bothProbes } from './both-probes'
import { bothWashers } from './both-washers'
import { brakeRefitted } from './brake-refitted'
import { controllerCharge } from './controller-charge'
import { cutBesideLeads } from './cut-beside-leads'
import { deepRingOnly } from './deep-ring-only'
import { greaseOnBrake } from './grease-on-brake'
import { heatNearCells } from './heat-near-cells'
import { heavyInHand } from './heavy-in-hand'
import { heldOnItsStand } from './held-on-its-stand'
import { leadAtFullLock } from './lead-at-full-lock'
import { leadBent } from './lead-bent'
import { leadInSpokes } from './lead-in-spokes'
import { leadUnderCover } from './lead-under-cover'
import { leadUnderPack } from './lead-under-pack'
import { liveForTheTest } from './live-for-the-test'
import { lockerClocks } from './locker-clocks'
import { lockerFumes } from './locker-fumes'
import { magnets } from './magnets'
import { mains } from './mains'
import { meterRange } from './meter-range'
import { oldLocker } from './old-locker'
import { packDisposal } from './pack-disposal'
import { packSideLive } from './pack-side-live'
import { packStillPlugged } from './pack-still-plugged'
import { phaseEnds } from './phase-ends'
import { plasticCatches } from './plastic-catches'
import { rimUnderPressure } from './rim-under-pressure'
import { runsBackward } from './runs-backward'
import { sealInItsGroove } from './seal-in-its-groove'
import { shopChemicals } from './shop-chemicals'
import { snapRingsFly } from './snap-rings-fly'
import { spinningWheel } from './spinning-wheel'
import { springOrGas } from './spring-or-gas'
import { steeringToTheNumber } from './steering-to-the-number'
import { tabInItsSlot } from './tab-in-its-slot'
import { testerProved } from './tester-proved'
import { throttleKnocked } from './throttle-knocked'
import { twoLengths } from './two-lengths'
import { twoPeople } from './two-people'
import { tyreAndBead } from './tyre-and-bead'
import { chargeInTheInverter } from './charge-in-the-inverter'
import { currentAcrossTheChest } from './current-across-the-chest'
import { screwIntoTheWinding } from './screw-into-the-winding'
import { wheelFallsAsItTurns } from './wheel-falls-as-it-turns'
import { tipsAsItLifts } from './tips-as-it-lifts'
import { liftBends } from './lift-bends'
import { underWhileLoosening } from './under-while-loosening'
import { onAJackOnly } from './on-a-jack-only'
import { strapOnALead } from './strap-on-a-lead'
import { whatItStandsOn } from './what-it-stands-on'
import { suspendedLoad } from './suspended-load'
import { boltThroughItsGroove } from './bolt-through-its-groove'
import { everyRingBack } from './every-ring-back'
import { pullerSlips } from './puller-slips'
import { sharpRotor } from './sharp-rotor'
import { whichWayItFaces } from './which-way-it-faces'
import { keyInItsSeat } from './key-in-its-seat'
import { onItsBars } from './on-its-bars'
import { heldByItsLast } from './held-by-its-last'
import { crankSwings } from './crank-swings'
import { steeringPlay } from './steering-play'
import { cutOutTried } from './cut-out-tried'
import { hoseMoved } from './hose-moved'
import { firstRide } from './first-ride'
import { plugInYourPocket } from './plug-in-your-pocket'
import { endsCapped } from './ends-capped'
import { driverLow } from './driver-low'
import { softAndEven } from './soft-and-even'
import { whatLiesBehind } from './what-lies-behind'
import { nothingLeftInside } from './nothing-left-inside'
import { hangsOnItsSide } from './hangs-on-its-side'
import { arcAtAnyVoltage } from './arc-at-any-voltage'
import { sparkAtReconnecting } from './spark-at-reconnecting'
import { leverWithDiscOut } from './lever-with-disc-out'
import { insulationVoltage } from './insulation-voltage'
import { lockerOnPlastic } from './locker-on-plastic'
import { sleepingPack } from './sleeping-pack'
import { brakingOnAFullPack } from './braking-on-a-full-pack'

export { CAUTION_SHEETS, isHigh, LIFTERS } from './caution'
export { CAUTION_IDS, CAUTION_LEVELS, isCaution } from './levels'
export type { CautionId } from './levels'
export type { At, CautionSheet } from './caution'

/** Where each follows from: one line each, behind it one file. Levels and order are in `levels`, words in `words/en/cautions`. */
const RULES: Readonly<Record<CautionId, CautionRule>> = {
  H1: chargeInTheInverter,
  H3: currentAcrossTheChest,
  H65: plugInYourPocket,
  H50: mains,
  H6: packSideLive,
  H8: packStillPlugged,
  H66: endsCapped,
  H21: suspendedLoad,
  H15: tipsAsItLifts,
  H18: onAJackOnly,
  H49: heldByItsLast,
  H17: underWhileLoosening,
  H10: heatNearCells,
  H43: rimUnderPressure,
  H26: springOrGas,
  H61: twoPeople,
  H7: liveForTheTest,
  H44: throttleKnocked,
  H78: insulationVoltage,
  H31: spinningWheel,
  H32: heldOnItsStand,
  H22: steeringToTheNumber,
  H23: boltThroughItsGroove,
  H53: steeringPlay,
  H34: axleNuts,
  H55: brakeRefitted,
  H52: lockerClocks,
  H62: firstRide,
  H2: testerProved,
  H4: meterRange,
  H5: controllerCharge,
  H9: leadUnderPack,
  H11: lockerFumes,
  H12: screwIntoTheWinding,
  H13: wheelFallsAsItTurns,
  H14: heavyInHand,
  H16: liftBends,
  H19: strapOnALead,
  H20: whatItStandsOn,
  H24: everyRingBack,
  H25: snapRingsFly,
  H27: pullerSlips,
  H28: magnets,
  H29: sharpRotor,
  H30: greaseOnBrake,
  H33: tabInItsSlot,
  H35: deepRingOnly,
  H36: cutBesideLeads,
  H37: leadInSpokes,
  H38: leadAtFullLock,
  H39: leadBent,
  H40: sealInItsGroove,
  H41: whichWayItFaces,
  H42: keyInItsSeat,
  H45: onItsBars,
  H46: plasticCatches,
  H47: bitFullyHome,
  H48: twoLengths,
  H51: crankSwings,
  H54: tyreAndBead,
  H56: cutOutTried,
  H57: runsBackward,
  H58: shopChemicals,
  H59: hoseMoved,
  H60: packDisposal,
  H63: leadUnderCover,
  H64: bothProbes,
  H67: phaseEnds,
  H68: driverLow,
  H69: softAndEven,
  H70: whatLiesBehind,
  H71: nothingLeftInside,
  H72: oldLocker,
  H73: hangsOnItsSide,
  H74: bothWashers,
  H75: arcAtAnyVoltage,
  H76: sparkAtReconnecting,
  H77: leverWithDiscOut,
  H79: lockerOnPlastic,
  H80: sleepingPack,
  H81: brakingOnAFullPack,
}

/** Ids of the cautions that follow from what a step is, so that a new machine file cannot forget them. */
export function cautionsAt(at: At): CautionId[] {
  return CAUTION_IDS.filter((id) => RULES[id].when?.(at))
}

/** Those of a turn of the machine, made of these moves of the file, each from a pose to a pose. */
export function cautionsOfTurn(file: MachineFile, by: readonly (readonly [from: string, to: string])[]): CautionId[] {
  const moves = by.flatMap(([from, to]) => file.poseMoves.filter((m) => m.from === from && m.to === to))
  const pose = (id: string) => file.poses.find((p) => p.id === id)
  const turns = moves.flatMap((m) => {
    const [from, to] = [pose(m.from), pose(m.to)]
    return from && to ? [{ file, from, to, people: m.people, tools: file.tools.filter((t) => m.with?.includes(t.id)) }] : []
  })
  return CAUTION_IDS.filter((id) => turns.some((turn) => RULES[id].turning?.(turn)))
}

/**
 * Those that a sheet tells, with or without a file of the machine.
 * @param high it is above 60 V, or nobody knows
 */
export function cautionsOn(sheet: CautionSheet, file: MachineFile | null, high: boolean): CautionId[] {
  return CAUTION_IDS.filter((id) => {
    const tells = RULES[id].sheets?.[sheet]
    return tells === true || (tells?.({ file, high }) ?? false)
  })
}

/** Does nothing but a machine file call it up? */
export const isNamedOnly = (id: CautionId): boolean => !RULES[id].when && !RULES[id].turning && !RULES[id].sheets
