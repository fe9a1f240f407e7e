import type { At, CautionRule } from './caution'
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

export type { At, CautionRule } from './caution'

/**
 * Every caution, one line each: ids of the hazard table, behind them one file that says how grave it is and where it follows from what a
 * step is. Those stand first, in the order in which a step names them. Words are in `words/en/cautions`.
 */
export const CAUTIONS = {
  H10: heatNearCells,
  H11: lockerFumes,
  H36: cutBesideLeads,
  H34: axleNuts,
  H22: steeringToTheNumber,
  H55: brakeRefitted,
  H25: snapRingsFly,
  H72: oldLocker,
  H43: rimUnderPressure,
  H26: springOrGas,
  H50: mains,
  H6: packSideLive,
  H61: twoPeople,
  H2: testerProved,
  H4: meterRange,
  H5: controllerCharge,
  H7: liveForTheTest,
  H8: packStillPlugged,
  H9: leadUnderPack,
  H14: heavyInHand,
  H28: magnets,
  H30: greaseOnBrake,
  H31: spinningWheel,
  H32: heldOnItsStand,
  H33: tabInItsSlot,
  H35: deepRingOnly,
  H37: leadInSpokes,
  H38: leadAtFullLock,
  H39: leadBent,
  H40: sealInItsGroove,
  H44: throttleKnocked,
  H46: plasticCatches,
  H47: bitFullyHome,
  H48: twoLengths,
  H52: lockerClocks,
  H54: tyreAndBead,
  H57: runsBackward,
  H58: shopChemicals,
  H60: packDisposal,
  H63: leadUnderCover,
  H64: bothProbes,
  H67: phaseEnds,
  H74: bothWashers,
} as const satisfies Readonly<Record<string, CautionRule>>

export type CautionId = keyof typeof CAUTIONS
export const CAUTION_IDS = Object.keys(CAUTIONS) as readonly CautionId[]

export function isCaution(id: string): id is CautionId {
  return Object.hasOwn(CAUTIONS, id)
}

/** Ids of the cautions that follow from what a step is, so that a new machine file cannot forget them. */
export function cautionsAt(at: At): CautionId[] {
  return CAUTION_IDS.filter((id) => (CAUTIONS[id] as CautionRule).when?.(at))
}
